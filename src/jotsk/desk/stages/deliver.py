"""Deliver: hand the page over."""

from __future__ import annotations

from jotsk.desk.stages.stage import Stage

DELIVER = Stage(
    "deliver",
    "Deliver",
    "Hand the page over",
    sentence="Here you will choose frame, resolution and format; Export PNG in the menu writes it already.",
)
