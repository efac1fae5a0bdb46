"""One thing that was found on a page."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass
from typing import Any, NamedTuple

from jotsk.core.page import Page

KINDS = ("leak", "tangent", "weight", "wobble", "stray")


class Limits(NamedTuple):
    """From where on something is a finding: gaps and what touches up to so many px of the page, wobble above so many
    mm RMS, an outside less than so many times as thick as the inside."""

    leak_px: float = 8.0
    tangent_px: float = 3.0
    wobble_mm: float = 0.18
    outside: float = 1.5


USUAL = Limits()
ENOUGH = 0.97  # of how many times as thick an outside is to be: nobody sees the rest


@dataclass(frozen=True, eq=False)
class Finding:
    """Of its `kind`, where it is, how large (a gap, a width, a wobble), on which layer, in a sentence. The worse it is
    the larger its `weight`; `mend` makes the page without it, if there is a way. `mark` tells it from others of its
    kind after the page has changed."""

    kind: str
    at: tuple[float, float]
    size_px: float
    layer: str
    sentence: str
    weight: float = 0.0
    mend: Callable[[Page], Page] | None = None
    mark: int = 0

    @property
    def name(self) -> tuple[str, int, int, int]:
        """By which it is let be for good."""
        return self.kind, self.mark, round(self.at[0] / 8), round(self.at[1] / 8)

    def record(self) -> dict[str, Any]:
        return {
            "kind": self.kind, "at": [round(v, 1) for v in self.at], "size_px": round(self.size_px, 2),
            "layer": self.layer, "sentence": self.sentence,
        }  # fmt: skip
