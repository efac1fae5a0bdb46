"""Timing that a busy machine disturbs little."""

from __future__ import annotations

import os
import time
from collections.abc import Callable
from pathlib import Path

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


def stolen_ms() -> float:
    """Milliseconds of all cores that the host of a virtual machine has given to others so far: "steal" of proc(5)."""
    return int(Path("/proc/stat").read_text().split("\n", 1)[0].split()[8]) * 1e3 / os.sysconf("SC_CLK_TCK")
