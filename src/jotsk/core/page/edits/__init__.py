"""Edits: functions from a page to a page."""

from jotsk.core.page.edits.mark_edits import (
    drawable,
    rubbed_out,
    with_all_replaced,
    with_copies_parted,
    with_mark,
    with_replaced,
)

__all__ = ["drawable", "rubbed_out", "with_all_replaced", "with_copies_parted", "with_mark", "with_replaced"]
