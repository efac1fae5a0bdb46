"""Memory for the sheet that is shown and for the next one, got while the hand rests.

Fresh memory costs several times what is then written to it: the system hands it out page by page when it is touched.
"""

from __future__ import annotations

import time

import numpy as np
from numpy.typing import NDArray

MEMORY_PAGE = 4096
TOUCHED_AT_ONCE = 1 << 20


class SheetMemory:
    def __init__(self) -> None:
        self._in_use: NDArray[np.uint8] = np.empty(0, np.uint8)
        self._free: list[NDArray[np.uint8]] = []
        self._fresh: NDArray[np.uint8] = np.empty(0, np.uint8)  # not all of it touched yet
        self._touched = 0

    def next(self, height: int, width: int) -> NDArray[np.uint8]:
        """Memory of the next sheet, (height, width, 4); the same until one of them is shown."""
        need = height * width * 4
        k = next((k for k, memory in enumerate(self._free) if memory.size >= need), None)
        self._free.insert(0, np.empty(need, np.uint8) if k is None else self._free.pop(k))
        return self._free[0][:need].reshape(height, width, 4)

    def show(self, sheet: NDArray[np.uint8]) -> None:
        """The next sheet is the one that is shown; the memory of the one before is free."""
        memory = sheet.base
        assert memory is not None
        self._free = [free for free in self._free if free is not memory]
        if self._in_use.size:
            self._free.append(self._in_use)
        self._in_use = memory

    def get_ready(self, px: int, end: float) -> bool:
        """Get memory for a next sheet of `px`, and for one after it, until `end` (s); whether all is there.

        What is smaller is given back.
        """
        size = px * 4
        self._free = [memory for memory in self._free if memory.size >= size]
        while len(self._free) < (1 if self._in_use.size >= size else 2):
            if self._fresh.size != size:
                self._fresh, self._touched = np.empty(size, np.uint8), 0
            while self._touched < size:
                if time.perf_counter() >= end:
                    return False
                self._fresh[self._touched : self._touched + TOUCHED_AT_ONCE : MEMORY_PAGE] = 0
                self._touched += TOUCHED_AT_ONCE
            self._free.append(self._fresh)
            self._fresh = np.empty(0, np.uint8)
        return True
