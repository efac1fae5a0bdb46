"""Run all benchmarks, or those named: ./run bench [board] [coverage] [soak] ...; NAMES lists them."""

from __future__ import annotations

import os
import sys
import time
from importlib import import_module

from bench.timing import stolen_ms

NAMES = (
    "coverage", "steadying", "hands", "board", "holds", "whole", "fast_pen", "selection", "mend", "fill", "check",
    "planted", "practice", "guides", "kept", "sitting", "soak", "monkey", "start",
)  # fmt: skip

for name in sys.argv[1:] or NAMES:
    print(f"\n== {name}", flush=True)
    start, stolen = time.perf_counter(), stolen_ms()
    import_module(f"bench.{name}").main()
    took_ms = (time.perf_counter() - start) * 1e3 * (os.cpu_count() or 1)
    print(f"(of the time of all cores the machine's host had {(stolen_ms() - stolen) / took_ms:.1%}, by proc(5))")
