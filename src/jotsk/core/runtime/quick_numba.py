"""numba, started without the linear algebra that no kernel here uses.

When numba loads its first compiled kernel it looks for BLAS, and to find it imports scipy.linalg: 0.4 s of every
start. Told that there is none, it does without; only `@` and numpy.linalg inside compiled functions would miss it.
"""

from __future__ import annotations

import importlib

from numba.np import linalg


def _no_blas() -> None:
    raise ImportError("not looked for, see jotsk.core.runtime.quick_numba")


_looks_for_blas = linalg.ensure_blas
linalg.ensure_blas = _no_blas
try:
    importlib.import_module("numba.np.arraymath")
finally:
    linalg.ensure_blas = _looks_for_blas
