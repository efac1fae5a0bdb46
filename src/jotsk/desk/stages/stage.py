"""What a stage of the work is."""

from __future__ import annotations

from dataclasses import dataclass

from jotsk.core.ink import Pen


@dataclass(frozen=True, slots=True)
class Stage:
    """A stage: the tags of the pens that come first in the hand; the actions it offers below them, and its tools, which
    are listed above them."""

    id: str
    name: str
    tooltip: str
    first: tuple[str, ...] = ()
    offers: tuple[str, ...] = ()
    tools: tuple[str, ...] = ()

    def is_for(self, pen: Pen) -> bool:
        """Whether it is one of the pens of this stage."""
        return bool(set(self.first) & set(pen.tags))

    @property
    def has_pens(self) -> bool:
        return bool(self.first)
