"""The process that compiles the kernels."""

from __future__ import annotations

import os
import signal
import subprocess
import sys
import time
from pathlib import Path

import pytest

PARENT = """
import subprocess, sys, time
child = subprocess.Popen([sys.executable, "-c", "import time; from jotsk.core.runtime.warm import end_with_parent;"
                          " end_with_parent(); print('there', flush=True); time.sleep(60)"], stdout=subprocess.PIPE)
child.stdout.readline()
print(child.pid, flush=True)
time.sleep(60)
"""

NOT_AHEAD = """
import importlib, pkgutil, sys
import jotsk.core
from jotsk.core.runtime.kernels import Kernel
from jotsk.core.runtime.warm import warm_up
for module in pkgutil.walk_packages(jotsk.core.__path__, "jotsk.core."):
    importlib.import_module(module.name)
warm_up()
for name, module in sys.modules.items():
    if name.startswith("jotsk.core.") and not name.endswith("_kernel"):  # what kernels call comes with them
        for value in vars(module).values():
            if isinstance(value, Kernel) and not value.signatures:
                print(value.__name__)
"""


def test_every_kernel_that_is_called_is_compiled_ahead():
    """A stroke on a layer whose transparency is locked, a soft edge and a screen waited seconds for theirs."""
    asked = subprocess.run([sys.executable, "-c", NOT_AHEAD], capture_output=True, text=True, check=True)
    assert asked.stdout.split() == []


@pytest.mark.skipif(not sys.platform.startswith("linux"), reason="prctl(2) is Linux's")
def test_it_ends_with_the_one_that_started_it_even_if_that_was_killed():
    with subprocess.Popen([sys.executable, "-c", PARENT], stdout=subprocess.PIPE, text=True) as parent:
        pid = int(parent.stdout.readline())
        os.kill(pid, 0)
        parent.send_signal(signal.SIGKILL)
    end = time.monotonic() + 10
    while time.monotonic() < end:
        try:
            state = Path(f"/proc/{pid}/stat").read_text().rsplit(")", 1)[1].split()[0]
        except FileNotFoundError:
            return
        if state == "Z":
            return
        time.sleep(0.05)
    os.kill(pid, signal.SIGKILL)
    pytest.fail("it went on alone")


@pytest.mark.skipif(not sys.platform.startswith("linux"), reason="prctl(2) is Linux's")
def test_it_does_not_begin_if_the_one_that_started_it_has_ended_by_then(tmp_path):
    """A window that was closed within its first half second left the compiling behind, a core busy for minutes."""
    with subprocess.Popen(["true"]) as gone:
        gone.wait()
    folder = tmp_path / "kernels"
    subprocess.run([sys.executable, "-m", "jotsk.core.runtime.warm", str(folder), str(gone.pid)], timeout=60)
    assert not folder.exists()
