"""The window on an X server and on a Wayland compositor, as on a desktop: Xvfb and Weston, where they are installed."""

from __future__ import annotations

import json
import os
import shutil
import subprocess
import sys
import time
from collections.abc import Iterator
from contextlib import contextmanager
from pathlib import Path

import pytest

SCRIPT = Path(__file__).parent / "display_process.py"
ROOT = SCRIPT.parents[2]
UNTIL_S = 20.0


@contextmanager
def running(command: list[str], sign: Path) -> Iterator[None]:
    """A display server, once its socket is there."""
    with subprocess.Popen(command, stdout=subprocess.DEVNULL, stderr=subprocess.DEVNULL) as server:
        end = time.monotonic() + UNTIL_S
        while not sign.exists() and time.monotonic() < end:
            time.sleep(0.05)
        try:
            yield
        finally:
            server.terminate()


def worked_in(folder: Path, **environment: str) -> dict[str, object]:
    """What the window on that display says."""
    environment = dict(os.environ) | {"PYTHONPATH": f"{ROOT}:{ROOT / 'src'}"} | environment
    out = subprocess.run(
        [sys.executable, str(SCRIPT), str(folder)], capture_output=True, text=True, timeout=120, check=False, cwd=ROOT,
        env=environment,
    )  # fmt: skip
    assert out.returncode == 0, out.stderr[-2000:]
    return json.loads(out.stdout.splitlines()[-1])


def shows_what_is_drawn(told: dict[str, object]) -> bool:
    drawn, undone, again = told["dark"]  # px, with those of the footprint of the pen
    return told["exposed"] and told["strokes"] == 1 and drawn > 100 and again > 100 and undone < 20


@pytest.mark.skipif(shutil.which("Xvfb") is None, reason="there is no Xvfb here")
def test_on_an_x_server(tmp_path):
    number = 90 + os.getpid() % 800
    socket = Path(f"/tmp/.X11-unix/X{number}")
    with running(["Xvfb", f":{number}", "-screen", "0", "1400x900x24"], socket):
        told = worked_in(tmp_path, DISPLAY=f":{number}", QT_QPA_PLATFORM="xcb")
    assert told["platform"] == "xcb" and shows_what_is_drawn(told)
    assert told["frame"] == told["board"], "every px of the board"


@pytest.mark.skipif(shutil.which("weston") is None, reason="there is no Weston here")
@pytest.mark.parametrize("scale", [1, 2])
def test_on_a_wayland_compositor(tmp_path, monkeypatch, scale):
    tmp_path.chmod(0o700)
    monkeypatch.setenv("XDG_RUNTIME_DIR", str(tmp_path))
    size = ["--width=1400", "--height=900", f"--scale={scale}"]
    weston = ["weston", "--backend=headless-backend.so", "--socket=display", "--idle-time=0", *size]
    with running(weston, tmp_path / "display"):
        told = worked_in(tmp_path, WAYLAND_DISPLAY="display", QT_QPA_PLATFORM="wayland")
    assert told["platform"] == "wayland" and shows_what_is_drawn(told)
    assert told["frame"] == told["board"] and told["ratio"] == scale
