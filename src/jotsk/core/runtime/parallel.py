"""The same computation for many things, on all cores: worth it where compiled kernels release the interpreter."""

from __future__ import annotations

import os
import threading
from collections.abc import Callable, Iterator, Sequence
from typing import TypeVar

from jotsk.core.runtime.lanes import BESIDE

T = TypeVar("T")
V = TypeVar("V")

THREADS = min(4, os.cpu_count() or 1)
SHARE = 8  # things a thread takes at a time
AT_ONCE = 128  # results held in memory together


def on_all_cores(compute: Callable[[T], V], things: Sequence[T]) -> Iterator[V]:
    """Yield `compute(thing)` for all `things`, in their order."""
    if len(things) < 2:
        yield from map(compute, things)
        return
    with BESIDE.pool(THREADS) as pool:
        for start in range(0, len(things), AT_ONCE):
            some = things[start : start + AT_ONCE]
            shares = [some[k : k + SHARE] for k in range(0, len(some), SHARE)]
            for done in pool.map(lambda share: [compute(thing) for thing in share], shares):
                yield from done


def in_shares(compute: Callable[[T], V], things: Sequence[T]) -> list[V]:
    """As `on_all_cores`, for many small things that somebody waits for: each core gets one share of them, at once.

    The threads are kept, and never busy with anything longer. One of them does all it asks for itself: none is left.
    """
    if len(things) < 2 or getattr(_here, "is_quick", False):
        return [compute(thing) for thing in things]
    shares = [things[k::THREADS] for k in range(THREADS)]

    def quick(share: Sequence[T]) -> list[V]:
        _here.is_quick = True
        return [compute(thing) for thing in share]

    quick_ones = BESIDE.queue("quick", THREADS)
    done = [future.result() for future in [quick_ones.submit(quick, share) for share in shares]]
    return [done[k % THREADS][k // THREADS] for k in range(len(things))]


def bands(count: int) -> list[slice]:
    """So many rows in as many parts as there are threads, of about one size."""
    return [slice(count * k // THREADS, count * (k + 1) // THREADS) for k in range(THREADS)]


_here = threading.local()
