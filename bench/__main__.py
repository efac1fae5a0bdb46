"""Run all benchmarks, or those named: ./run bench [board] [coverage] [soak] ...; NAMES lists them."""

from __future__ import annotations

import sys
from importlib import import_module

NAMES = (
    "coverage", "steadying", "board", "holds", "whole", "fast_pen", "selection", "guides", "kept", "soak", "start",
)  # fmt: skip

for name in sys.argv[1:] or NAMES:
    print(f"\n== {name}", flush=True)
    import_module(f"bench.{name}").main()
