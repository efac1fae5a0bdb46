"""Memory that is no longer needed, given back to the system."""

from __future__ import annotations

import ctypes
from contextlib import suppress


def give_back_memory() -> None:
    """Have the allocator return what it holds free: after a page was read it may be more than the page.

    Only glibc needs to be asked (malloc_trim(3)); elsewhere nothing happens.
    """
    with suppress(OSError, AttributeError):
        ctypes.CDLL("libc.so.6").malloc_trim(0)
