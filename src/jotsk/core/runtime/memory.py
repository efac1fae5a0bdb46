"""The machine's memory: how much there is, and what is no longer needed given back."""

from __future__ import annotations

import ctypes
import os
from contextlib import suppress


def share_of_memory(share: float, least: int, most: int) -> int:
    """A share of the machine's memory in bytes, within bounds."""
    total = os.sysconf("SC_PHYS_PAGES") * os.sysconf("SC_PAGE_SIZE")
    return min(most, max(least, int(share * total)))


def give_back_memory() -> None:
    """Have the allocator return what it holds free: after a page was read it may be more than the page.

    Only glibc needs to be asked (malloc_trim(3)); elsewhere nothing happens.
    """
    with suppress(OSError, AttributeError):
        ctypes.CDLL("libc.so.6").malloc_trim(0)
