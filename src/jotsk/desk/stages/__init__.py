"""The stages of the work, in the order in which it is done, and what each puts in the hand."""

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


STAGES = (
    Stage("sketch", "Sketch", "Rough the page out in pencil", ("sketch",)),
    Stage("ink", "Ink", "Draw the lines that stay", ("nib", "brush", "even", "mouse")),
    Stage("mend", "Mend", "Change lines that are there",
          sentence="Here you will trim a line between its crossings, join lines, and make them thicker or thinner."),
    Stage("fill", "Fill", "Spot blacks and lay flats",
          sentence="Here you will fill areas, close the gaps they leak through, and lay screen tones."),
    Stage("check", "Check", "Find leaks and weak lines before the printer does",
          sentence="Here you will find leaks, uneven weights and touching outlines before the page goes out."),
    Stage("deliver", "Deliver", "Hand the page over",
          sentence="Here you will choose frame, resolution and format; Export PNG in the menu writes it already."),
)  # fmt: skip

BY_ID = {stage.id: stage for stage in STAGES}
