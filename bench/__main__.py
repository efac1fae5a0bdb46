"""Run all benchmarks, or those named: ./run bench [coverage] [board] [start] [steadying]."""

from __future__ import annotations

import sys
from importlib import import_module

NAMES = ("coverage", "steadying", "board", "start")

for name in sys.argv[1:] or NAMES:
    print(f"\n== {name}", flush=True)
    import_module(f"bench.{name}").main()
