"""The same computation for many things, on all cores: worth it where compiled kernels let go of the interpreter."""

from __future__ import annotations

import os
from collections.abc import Callable, Iterator, Sequence
from concurrent.futures import ThreadPoolExecutor
from typing import TypeVar

T = TypeVar("T")
V = TypeVar("V")

MOST_THREADS = 4
AT_ONCE = 128  # results held in memory together


def on_all_cores(compute: Callable[[T], V], things: Sequence[T]) -> Iterator[V]:
    """Yield `compute(thing)` for all `things`, in their order."""
    if len(things) < 2:
        yield from map(compute, things)
        return
    with ThreadPoolExecutor(min(MOST_THREADS, os.cpu_count() or 1)) as pool:
        for start in range(0, len(things), AT_ONCE):
            yield from pool.map(compute, things[start : start + AT_ONCE])
