"""What holds and repeats one stroke, as it is settled when the pen comes down."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

from jotsk.core.guides.guide import Guide

FREELY, STRAIGHT, STEPPED = "freely", "straight", "stepped"  # how a stroke runs from where it began
STEP_DEG = 15.0


@dataclass(frozen=True)
class Guidance:
    """The guides that count, whether symmetry does, and the course.

    `turned_deg` is by how much the 15 degree steps of a stepped course are turned against the page.
    """

    guides: Sequence[Guide | None] = ()
    repeats: bool = True
    course: str = FREELY
    turned_deg: float = 0.0
