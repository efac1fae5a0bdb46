"""What a stage of the work is."""

from __future__ import annotations

from dataclasses import dataclass


@dataclass(frozen=True, slots=True)
class Stage:
    """A stage: the tags of the pens that come first in the hand, or a sentence that says what will be there."""

    id: str
    name: str
    tooltip: str
    first: tuple[str, ...] = ()
    sentence: str = ""

    @property
    def has_pens(self) -> bool:
        return bool(self.first)
