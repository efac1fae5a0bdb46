"""Fields of a guide: each says once how it is read, in what range, and how it is called where it is typed."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass, field
from typing import Any

from jotsk.core.guides.rails import MOST_POINTS, Point, number_from, point_from
from jotsk.core.hex_color import color_from_hex
from jotsk.core.words import tr

FARTHEST_TYPED_PX = 10_000_000.0
LEAST_RADIUS_PX = 0.1
LONGEST_NAME = 80


@dataclass(frozen=True, slots=True)
class Row:
    """One line of the sheet of numbers: a value in a range, or a switch if there is no range."""

    words: str
    low: float = 0.0
    high: float = 0.0
    decimals: int = 0
    unit: str = ""
    whole: bool = False
    times: float = 1.0  # what is typed is so many times what is kept

    @property
    def is_switch(self) -> bool:
        return self.low == self.high


@dataclass(frozen=True, slots=True)
class Spec:
    """How a field is read from a file, raising TypeError or ValueError, and its rows in the sheet."""

    read: Callable[[Any], Any]
    rows: tuple[Row, ...] = ()
    needed: bool = False  # no guide of the kind is read without it
    moves: bool = False  # one place on the page, or several
    each_point: bool = False  # the rows are for every point
    state: bool = False  # of any guide, not what its kind is placed by


def _field(default: Any, spec: Spec) -> Any:
    return field(default=default, metadata={"spec": spec})


def _place_rows(words: str = "") -> tuple[Row, Row]:
    far = FARTHEST_TYPED_PX
    sides = ("across", "down") if words else (tr("Across"), tr("Down"))
    across, down = (Row(f"{words} {side}".strip(), -far, far, 1, " px") for side in sides)
    return across, down


def place(*, needed: bool = False) -> Any:
    """A place, page px."""
    return _field((0.0, 0.0), Spec(point_from, _place_rows(), needed, moves=True))


def points(*, typed: bool = True) -> Any:
    """Several places, page px; `typed` if they are few enough to be."""
    rows = _place_rows(tr("Point {}")) if typed else ()
    return _field((), Spec(_points_from, rows, needed=True, moves=True, each_point=True))


def radii(*, needed: bool = False) -> Any:
    """Two lengths, px."""
    rows = tuple(
        Row(words, LEAST_RADIUS_PX, FARTHEST_TYPED_PX, 1, " px") for words in (tr("First radius"), tr("Second radius"))
    )
    return _field((100.0, 100.0), Spec(_radii_from, rows, needed))


def angle(*, needed: bool = False) -> Any:
    """Degrees, 0 pointing right and 90 up."""
    return _field(0.0, Spec(_number(-1e6, 1e6), (Row(tr("Angle"), -360.0, 360.0, 2, " °"),), needed))


def number(
    default: float, low: float, high: float, words: str, *, decimals: int = 1, unit: str = "", percent: bool = False,
    state: bool = False,
) -> Any:  # fmt: skip
    times = 100.0 if percent else 1.0
    row = Row(words, low * times, high * times, decimals, " %" if percent else unit, times=times)
    return _field(default, Spec(_number(low, high), (row,), state=state))


def count(default: int, low: int, high: int, words: str, *, needed: bool = False) -> Any:
    def read(value: Any) -> int:
        if not isinstance(value, int) or isinstance(value, bool) or not low <= value <= high:
            raise ValueError(f"it is a whole number, {low} to {high}")
        return value

    return _field(default, Spec(read, (Row(words, low, high, whole=True),), needed))


def switch(default: bool, words: str = "", *, state: bool = False) -> Any:
    def read(value: Any) -> bool:
        if not isinstance(value, bool):
            raise ValueError("it is true or false")
        return value

    return _field(default, Spec(read, (Row(words),) if words else (), state=state))


def name() -> Any:
    return _field("", Spec(lambda value: str(value)[:LONGEST_NAME], state=True))


def color() -> Any:
    """ "#rrggbb", or empty for the colour of guides."""

    def read(value: Any) -> str:
        text = str(value)
        if text:
            color_from_hex(text)
        return text

    return _field("", Spec(read, state=True))


def _number(low: float, high: float) -> Callable[[Any], float]:
    return lambda value: number_from(value, low, high)


def _radii_from(value: Any) -> Point:
    p, q = value
    return number_from(p, LEAST_RADIUS_PX), number_from(q, LEAST_RADIUS_PX)


def _points_from(value: Any) -> tuple[Point, ...]:
    if not isinstance(value, list | tuple) or len(value) > MOST_POINTS:
        raise ValueError(f"it is a list of at most {MOST_POINTS} points")
    return tuple(point_from(p) for p in value)
