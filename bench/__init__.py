"""Benchmarks: every figure beside an outside library on the same work, in the same run."""
