"""Kernels that numba compiles, without numba until the first of them is called: to import it takes a fifth of a start,
and a blank page needs none.
"""

from __future__ import annotations

import importlib
import threading
from collections.abc import Callable
from typing import Any

_making = threading.RLock()


def njit(**options: Any) -> Callable[[Callable[..., Any]], Any]:
    """As `numba.njit`, which is called with the function when the kernel is."""
    return lambda function: Kernel(function, options)


class Late:
    """What only compiled code names, such as `carray` of numba: imported with the first kernel that does."""

    def __init__(self, module: str, name: str) -> None:
        self._module, self._name = module, name

    def found(self) -> Any:
        return getattr(importlib.import_module(self._module), self._name)


class Kernel:
    """A function that is handed to numba when it is first called."""

    def __init__(self, function: Callable[..., Any], options: dict[str, Any]) -> None:
        self._function, self._options = function, options
        self.__doc__, self.__name__, self.__module__ = function.__doc__, function.__name__, function.__module__
        self._call: Callable[..., Any] = self._first_call
        self._dispatcher: Any = None

    def __call__(self, *arguments: Any) -> Any:
        return self._call(*arguments)

    def __getattr__(self, name: str) -> Any:
        """All else is numba's: `signatures`, `py_func`."""
        if name.startswith("__"):
            raise AttributeError(name)
        return getattr(self.found(), name)

    def _first_call(self, *arguments: Any) -> Any:
        return self.found()(*arguments)

    def found(self) -> Any:
        """What numba makes of the function. To compile it numba wants the same of the kernels that it calls."""
        with _making:
            if self._dispatcher is None:
                self._dispatcher = _numba().njit(**self._options)(self._function)
                names: dict[str, Any] = self._function.__globals__
                for name, value in list(names.items()):
                    if isinstance(value, Kernel | Late):
                        names[name] = value.found()
                self._call = self._dispatcher  # not before: another thread may call it
        return self._dispatcher


def _numba() -> Any:
    """numba, started without the linear algebra that no kernel here uses.

    When it loads its first compiled kernel it looks for BLAS, and to find it imports scipy.linalg: 0.4 s. Told that
    there is none, it does without; only `@` and numpy.linalg inside compiled functions would miss it.
    """
    import numba
    from numba.np import linalg

    looks_for_blas = linalg.ensure_blas
    linalg.ensure_blas = _no_blas
    try:
        importlib.import_module("numba.np.arraymath")
    finally:
        linalg.ensure_blas = looks_for_blas
    return numba


def _no_blas() -> None:
    raise ImportError("not looked for, see jotsk.core.runtime.kernels")
