"""Guides: what a page keeps to hold or to repeat the hand. Each kind is a file of `kinds`."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import Field, dataclass, field, fields, replace
from typing import Any, ClassVar, Self

import numpy as np
from numpy.typing import ArrayLike, NDArray

from jotsk.core.geometry import Rect
from jotsk.core.guides.fields import Row, Spec, color, name, number, switch
from jotsk.core.guides.rails import Point, Rail
from jotsk.core.words import tr

Polyline = NDArray[np.float64] | None  # (N, 2) page px; None where nothing of it is seen
Offer = tuple[str, dict[str, Any]]  # under what name a guide is offered, and with which values


@dataclass(frozen=True, kw_only=True)
class Guide:
    """One guide. Positions are page px, angles degrees, 0 pointing right and 90 up on the unturned page.

    A guide that is `on` holds the hand, whether it is `shown` or not. `alone`: while it is on, no other ruler holds.
    """

    kind: ClassVar[str]
    repeats: ClassVar[bool] = False  # the hand, instead of holding it
    offers: ClassVar[tuple[Offer, ...]] = ()
    typed_too: ClassVar[dict[str, Row]] = {}  # numbers beyond its fields: properties, which `with_value` sets
    sample: ClassVar[dict[str, Any]] = {}  # values with which it shows well in a square of 100 px
    flips: ClassVar[bool] = False  # it looks different when it is flipped
    bends: ClassVar[bool] = False  # points are added to it and taken away

    name: str = name()
    on: bool = switch(True, state=True)
    shown: bool = switch(True, state=True)
    locked: bool = switch(False, state=True)
    alone: bool = switch(False, state=True)
    color: str = color()
    opacity: float = number(1.0, 0.05, 1.0, tr("Opacity"), decimals=0, percent=True, state=True)
    thickness: float = number(2.0, 0.5, 8.0, tr("Thickness"), unit=" px", state=True)  # screen px: 2 cover one wholly
    unknown: tuple[tuple[str, Any], ...] = field(default=(), compare=False)

    @classmethod
    def begun(cls, values: dict[str, Any], middle: Point, seen: Rect, others: Sequence[Guide | None]) -> Self:
        """A new one in the `middle` of what is `seen` of a page with `others`."""
        raise NotImplementedError

    def as_sample(self) -> Self:
        """The kind as it shows in a square of 100 px, with whatever else of this guide its sample does not say."""
        return type(self)(**{**self.look(), **self.sample})

    def look(self) -> dict[str, Any]:
        """What of a guide shows in its sample."""
        return {}

    def check(self) -> None:
        """Raises ValueError with the reason where the values do not make a guide."""

    def rails(self, start: Point, towards: Point) -> Iterator[tuple[Rail, Point]]:
        """The rails for a stroke from `start` that goes in direction `towards`, each with its direction there."""
        return iter(())

    def lines(self, area: Rect) -> Iterator[Polyline]:
        """Polylines that show the guide inside `area`."""
        raise NotImplementedError

    @property
    def maps(self) -> list[NDArray[np.float64]]:
        """Of one that repeats the hand: the (2, 3) maps from a stroke to its copies."""
        return []

    def handles(self, reach: float) -> dict[str, Point]:
        """The handles by name. `reach` is how far a turning handle lies from the middle, page px."""
        raise NotImplementedError

    def dragged(self, handle: str, to: Point, reach: float) -> Self:
        """The guide with one of its handles at `to`. Dragging to where nothing would be left changes nothing."""
        raise NotImplementedError

    def with_value(self, name: str, value: float) -> Self:
        """With another value of one of `typed_too`."""
        raise NotImplementedError

    def handle_of_line(self, index: int) -> str:
        """The handle that is dragged by the line of that number among `lines`; "" moves the guide."""
        return ""

    def lines_of_page(self, page: Rect) -> Iterator[Polyline]:
        """What else shows it, for the page as a whole."""
        return iter(())

    def flipped(self, *, upside_down: bool) -> Self:
        """The guide reflected about its own middle; most look the same."""
        return self

    def sparse(self, most: int, least_apart: float) -> Self:
        """With fewer lines, if it has many: at most so many, and at least so many page px apart."""
        return self

    @property
    def direction_deg(self) -> float | None:
        """The direction of its lines, of two the first; None if each has its own."""
        return None

    def with_point_at(self, at: Point) -> tuple[Self, int]:
        """Of one that `bends`: with one more point where it passes nearest to a place, and the number of the point."""
        raise NotImplementedError

    def without_point(self, k: int) -> Self:
        """Of one that `bends`: without a point; the last ones stay."""
        raise NotImplementedError

    def followed(self, before: Guide, after: Guide) -> Self:
        """The same in reality after another guide was changed."""
        return self

    def stretches(self, xy: ArrayLike, page: Rect) -> bool:
        """Whether things look stretched at any of (N, 2) places, seen from the middle of the page."""
        return False

    def moved(self, dx: float, dy: float) -> Self:
        """The guide elsewhere on the page."""
        values: dict[str, Any] = {}
        for f, spec in specs_of(self):
            if spec.moves:
                value = getattr(self, f.name)
                values[f.name] = (
                    tuple((x + dx, y + dy) for x, y in value) if spec.each_point else (value[0] + dx, value[1] + dy)
                )
        return replace(self, **values)

    def record(self) -> dict[str, Any]:
        """As it is kept in files: what its kind needs, and whatever else is not as usual."""
        record: dict[str, Any] = {"kind": self.kind}
        for f, spec in specs_of(self):
            value = getattr(self, f.name)
            if spec.needed or value != f.default:
                if spec.each_point:
                    value = [list(p) for p in value]
                record[f.name] = list(value) if isinstance(value, tuple) else value
        return {**dict(self.unknown), **record}


def name_of_point(k: int) -> str:
    """What the handle of a point is called."""
    return f"point {k}"


def point_of_name(handle: str) -> int | None:
    """The number of the point whose handle is called so; None if it is another handle."""
    return int(handle.removeprefix("point ")) if handle.startswith("point ") else None


def specs_of(guide: Guide | type[Guide]) -> list[tuple[Field[Any], Spec]]:
    """The fields of a guide: those of its kind first, then those of all."""
    found = [(f, f.metadata["spec"]) for f in fields(guide) if "spec" in f.metadata]
    return sorted(found, key=lambda pair: pair[1].state)
