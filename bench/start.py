"""From the command to the painted window, beside a bare Qt window. Every start is a process of its own, caches warm."""

from __future__ import annotations

import os
import subprocess
import sys
import time

import numpy as np

BARE = """
from PySide6.QtWidgets import QApplication, QMainWindow
app = QApplication([]); w = QMainWindow(); w.resize(1280, 800); w.show(); app.processEvents()
import os; os._exit(0)
"""
OURS = """
import tempfile
from pathlib import Path
from PySide6.QtWidgets import QApplication
from jotsk.desk.app import start
from jotsk.core.runtime.warm import stamp
from jotsk.desk.inout.settings import Settings
app = QApplication([])
start.load_fonts(); start.apply_theme(app, start.DAY)
d = Path(tempfile.mkdtemp())
w = start.Window(Settings(d / "s.json"), start.RecoveryFolder(d)); w.show()
stamp(d).exists()
app.processEvents()
import os; os._exit(0)  # what is worked out beside it is not waited for
"""


def seconds(code: str) -> float:
    environment = os.environ | {"QT_QPA_PLATFORM": "offscreen"}
    environment.pop("PYTHONDONTWRITEBYTECODE", None)  # what was compiled at the first start is kept for the others
    start = time.perf_counter()
    subprocess.run([sys.executable, "-c", code], check=True, env=environment, capture_output=True)
    return time.perf_counter() - start


def main() -> None:
    medians: list[float] = []
    for name, code in (("bare Qt window", BARE), ("Jotsk, blank page", OURS)):
        seconds(code)
        times = [seconds(code) for _ in range(7)]
        medians.append(float(np.median(times)))
        print(f"{name:20} median {medians[-1]:.2f} s   best {min(times):.2f} s")
    print(f"{'times a bare window':20} {medians[1] / medians[0]:.1f}")
