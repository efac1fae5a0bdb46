"""The same computation for many things, on all cores: worth it where compiled kernels release the interpreter."""

from __future__ import annotations

import os
import threading
from collections import deque
from collections.abc import Callable, Iterator, Sequence
from concurrent.futures import Future
from typing import TypeVar

from jotsk.core.runtime.lanes import BESIDE, steps_back

T = TypeVar("T")
V = TypeVar("V")

THREADS = min(4, os.cpu_count() or 1)
SHARE = 8  # things a thread takes at a time
AT_ONCE = 128  # results held in memory together


def on_all_cores(compute: Callable[[T], V], things: Sequence[T]) -> Iterator[V]:
    """Yield `compute(thing)` for all `things`, in their order; some are worked out before they are asked for."""
    if len(things) < 2:
        yield from map(compute, things)
        return
    shares = [things[k : k + SHARE] for k in range(0, len(things), SHARE)]
    with BESIDE.pool(THREADS) as pool:
        ahead: deque[Future[list[V]]] = deque()
        try:
            for share in shares:
                if len(ahead) == AT_ONCE // SHARE:
                    yield from ahead.popleft().result()
                ahead.append(pool.submit(lambda share: [compute(thing) for thing in share], share))
            while ahead:
                yield from ahead.popleft().result()
        finally:
            for future in ahead:
                future.cancel()


def in_shares(compute: Callable[[T], V], things: Sequence[T]) -> list[V]:
    """As `on_all_cores`, for many small things that somebody waits for: each core gets one share of them, at once.

    The threads are kept, and never busy with anything longer: what steps back has others. One of them does all it asks
    for itself: none is left.
    """
    if len(things) < 2 or getattr(_here, "is_quick", False):
        return [compute(thing) for thing in things]
    shares = [things[k::THREADS] for k in range(THREADS)]

    def quick(share: Sequence[T]) -> list[V]:
        _here.is_quick = True
        return [compute(thing) for thing in share]

    quick_ones = BESIDE.queue("shares", THREADS) if steps_back() else BESIDE.queue("quick", THREADS, at_once=True)
    done = [future.result() for future in [quick_ones.submit(quick, share) for share in shares]]
    return [done[k % THREADS][k // THREADS] for k in range(len(things))]


def bands(count: int) -> list[slice]:
    """So many rows in as many parts as there are threads, of about one size."""
    return [slice(count * k // THREADS, count * (k + 1) // THREADS) for k in range(THREADS)]


_here = threading.local()
