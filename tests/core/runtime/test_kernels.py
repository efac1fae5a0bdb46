"""Kernels are compiled by numba, which is not imported before one is called."""

from __future__ import annotations

import subprocess
import sys

import numba
import numpy as np
import pytest

from jotsk.core.runtime.kernels import Late, njit

half = Late("math", "sqrt")


@njit(nogil=True)
def doubled(values):
    return 2 * values


@njit(nogil=True)
def doubled_root(values):
    """Twice the root of the sum."""
    return doubled(half(values.sum()))


def test_a_kernel_is_that_of_numba_once_it_is_called():
    values = np.array([9.0, 7.0])
    kernel = doubled_root
    assert kernel.__doc__ == "Twice the root of the sum." and kernel.__name__ == "doubled_root"
    assert kernel(values) == 8.0 == numba.njit(lambda v: 2 * v.sum() ** 0.5)(values)
    assert len(kernel.signatures) == 1 and kernel.py_func.__module__ == __name__
    assert isinstance(doubled, numba.core.dispatcher.Dispatcher), "the kernels it calls are numba's from then on"
    with pytest.raises(numba.TypingError):
        kernel("no numbers")


def test_a_window_is_painted_before_what_takes_long_is_imported(tmp_path):
    code = """
import sys
import jotsk.desk
from PySide6.QtWidgets import QApplication
from jotsk.desk.app import start
from jotsk.desk.app.window import Window
app = QApplication([])
start.apply_theme(app, start.DAY)
window = Window(start.Settings(start.Path("s.json")), start.RecoveryFolder(start.Path("state")))
window.show()
slow = {"numba", "scipy", "PIL", "llvmlite", "defusedxml.ElementTree", "numpy.random"}
slow |= {"jotsk.desk.dialogs.manual", "jotsk.core.guides.kinds"}
print(*sorted(slow & set(sys.modules)), window.board.isVisible())
sys.stdout.flush()
import os; os._exit(0)
"""
    ran = subprocess.run(
        [sys.executable, "-c", code], cwd=tmp_path, capture_output=True, text=True, timeout=120,
        env={"QT_QPA_PLATFORM": "offscreen", "HOME": str(tmp_path), "PATH": ""},
    )  # fmt: skip
    assert ran.stdout.split() == ["True"], ran.stderr


@pytest.mark.skipif(not sys.platform.startswith("linux"), reason="proc(5) is Linux's")
def test_no_thread_of_a_library_waits_beside_the_hand():
    code = """
import os
import jotsk.core.page, cv2
import numpy as np
a = np.ones((500, 500))
a @ a
print(len(os.listdir("/proc/self/task")))
"""
    ran = subprocess.run([sys.executable, "-c", code], capture_output=True, text=True, timeout=120, env={"PATH": ""})
    assert ran.stdout.split() == ["1"], ran.stderr
