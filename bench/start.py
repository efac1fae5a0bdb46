"""From the command `jotsk` to the painted window, and to the wet ink of a first stroke, beside a bare Qt window.

Every start is a process of its own, with the kernels compiled and nothing kept from before.
"""

from __future__ import annotations

import os
import subprocess
import sys
import tempfile
import time

import numpy as np

from jotsk.folders import cache_folder

BARE = """
from PySide6.QtWidgets import QApplication, QMainWindow
app = QApplication([]); w = QMainWindow(); w.resize(1280, 800); w.show(); app.processEvents()
import os; os._exit(0)
"""
OURS = """
import gc, os, sys
gc.disable()  # as the command does before it loads Qt
import jotsk.desk
from PySide6.QtWidgets import QApplication
def painted(*_):
    QApplication.processEvents()
    if sys.argv[1:] == ["ink"]:
        ink(next(w.board for w in QApplication.topLevelWidgets() if hasattr(w, "board")))
        QApplication.processEvents()
    os._exit(0)  # what is worked out beside it is not waited for
def ink(board):
    from jotsk.core.hand import trace_from
    from jotsk.core.hand.simulated_pen import DEVICES
    from jotsk.desk.board.input.simulated_pen import SimulatedPen
    while not board.isEnabled():
        QApplication.processEvents()
    t, x, y = [0.0, 0.01, 0.02, 0.03], board.width() / 2, board.height() / 2
    SimulatedPen(board, DEVICES["display"]).draw(trace_from(t, [x + 900 * s for s in t], [y] * 4, 0.6))
    assert board.document.is_inking or board.document.page.active.marks
QApplication.exec = painted
from jotsk.cli import main
main([])
"""


ROUNDS = 15


def seconds(code: str, home: str, *more: str) -> float:
    environment = os.environ | {"QT_QPA_PLATFORM": "offscreen", "XDG_STATE_HOME": home, "XDG_CONFIG_HOME": home}
    environment.pop("PYTHONDONTWRITEBYTECODE", None)  # what was compiled at the first start is kept for the others
    start = time.perf_counter()
    subprocess.run([sys.executable, "-c", code, *more], check=True, env=environment, capture_output=True)
    return time.perf_counter() - start


def main() -> None:
    subprocess.run([sys.executable, "-m", "jotsk.core.runtime.warm", str(cache_folder())], check=True)
    runs = {"bare Qt window": (BARE,), "Jotsk, blank page": (OURS,), "a first stroke": (OURS, "ink")}
    with tempfile.TemporaryDirectory() as home:
        for code, *more in runs.values():
            seconds(code, home, *more)
        # By turns: a core that is slower for a while is slower for both.
        times = np.array([[seconds(code, home, *more) for code, *more in runs.values()] for _ in range(ROUNDS)])
    for name, each in zip(runs, times.T, strict=True):
        print(f"{name:20} median {np.median(each):.2f} s   best {each.min():.2f} s")
    bare, ours, _ = np.median(times, axis=0)
    print(f"{'times a bare window':20} {ours / bare:.1f}")
