"""Timing that a busy machine disturbs little."""

from __future__ import annotations

import time
from collections.abc import Callable

import numpy as np


def best_us(work: Callable[[], object], *, rounds: int = 15) -> float:
    """Microseconds of the fastest of some rounds, the first not counted."""
    work()
    times = []
    for _ in range(rounds):
        start = time.perf_counter()
        work()
        times.append(time.perf_counter() - start)
    return min(times) * 1e6


def quantiles_ms(times: list[float]) -> str:
    return f"median {np.median(times):6.2f}   p99 {np.percentile(times, 99):6.2f}   max {max(times):6.2f} ms"
