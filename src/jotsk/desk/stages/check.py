"""Check: find leaks and weak lines before the printer does."""

from __future__ import annotations

from jotsk.desk.stages.stage import Stage

CHECK = Stage(
    "check",
    "Check",
    "Find leaks and weak lines before the printer does",
    sentence="Here you will find leaks, uneven weights and touching outlines before the page goes out.",
)
