"""Fields of a pen: each says once how it is read and written, in what range, and how it is called where it is made."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import MISSING, dataclass, field
from typing import Any

from jotsk.core.hex_color import color_from_hex
from jotsk.core.json_text import number_in
from jotsk.core.words import tr

TABS = ("Weight", "Ink", "Ends", "Figure", "Hand", "Name")  # of the pen maker
MOST_SHELLS, MOST_DASHES, MOST_TAGS = 16, 32, 20
MOST_LINES, MOST_PLACES = 40, 2_000  # of a motif


@dataclass(frozen=True, slots=True)
class Maker:
    """Where and how the pen maker shows a field: `form` is number, switch, choice, drive, taper, profile, dash, tags
    or mark. Numbers are typed `low`..`high`, `times` what is kept."""

    tab: str
    form: str
    words: str
    low: float = 0.0
    high: float = 1.0
    unit: str = ""
    times: float = 1.0
    choices: tuple[str, ...] = ()


@dataclass(frozen=True, slots=True)
class Spec:
    """`read` raises TypeError, ValueError or KeyError; `says` is its range, for the documents."""

    read: Callable[[Any], Any]
    write: Callable[[Any], Any]
    says: str
    maker: Maker | None = None


def make(default: Any, read: Callable[[Any], Any], write: Callable[[Any], Any], says: str, maker: Maker | None) -> Any:
    """A field of `Pen`."""
    return field(default=default, metadata={"spec": Spec(read, write, says, maker)})


def same(value: Any) -> Any:
    return value


def text(most: int) -> Any:
    return make(MISSING, lambda v: str(v)[:most], same, f"text, {most} letters", None)


def number(
    default: Any, low: float, high: float, tab: str, words: str, unit: str = "",
    typed: tuple[float, float] | None = None, times: float = 1.0,
) -> Any:  # fmt: skip
    least, most = typed or (low, high)
    maker = Maker(tab, "number", words, least, most, unit, times)
    return make(default, lambda v: number_in(v, low, high), same, f"{low:g} to {high:g}", maker)


def share(default: float, tab: str, words: str) -> Any:
    maker = Maker(tab, "number", words, 0.0, 100.0, "%", times=100.0)
    return make(default, lambda v: number_in(v, 0, 1), same, "0 to 1", maker)


def switch(default: bool, tab: str, words: str) -> Any:
    return make(default, bool, same, "true or false", Maker(tab, "switch", words))


def choice(default: str, choices: tuple[str, ...], tab: str, words: str) -> Any:
    def read(value: Any) -> str:
        if value not in choices:
            raise ValueError(f"{words.lower()} is one of {', '.join(choices)}, not {value}")
        return str(value)

    return make(default, read, same, ", ".join(choices), Maker(tab, "choice", words, choices=choices))


def shells(default: tuple[tuple[float, float], ...]) -> Any:
    def read(value: Any) -> tuple[tuple[float, float], ...]:
        found = tuple((number_in(r, 0, 1), number_in(k, 0, 1)) for r, k in value)
        if not 1 <= len(found) <= MOST_SHELLS:
            raise ValueError(f"a pen has 1 to {MOST_SHELLS} shells")
        return found

    return make(default, read, lambda v: [list(s) for s in v], f"1 to {MOST_SHELLS} pairs of shares", None)


def dash() -> Any:
    def read(value: Any) -> tuple[float, ...]:
        found = tuple(number_in(v, 0, 1e4) for v in value)
        if len(found) > MOST_DASHES or (found and sum(found) < 0.1):
            raise ValueError(f"a dash pattern has at most {MOST_DASHES} lengths, together 0.1 widths or more")
        return found

    return make(
        (), read, list, f"up to {MOST_DASHES} lengths, in widths", Maker("Ends", "dash", tr("Dashes (ISO 128)"))
    )


def figure() -> Any:
    """Lines of a motif, each of (along, across, weight) places."""

    def read(value: Any) -> tuple[tuple[tuple[float, float, float], ...], ...]:
        lines = tuple(
            tuple((number_in(u, -10, 10), number_in(v, -10, 10), number_in(w, 0, 10)) for u, v, w in line)
            for line in value
        )
        if len(lines) > MOST_LINES or sum(map(len, lines)) > MOST_PLACES or any(len(line) < 1 for line in lines):
            raise ValueError(f"a motif has at most {MOST_LINES} lines of together {MOST_PLACES} places")
        return lines

    says = f"up to {MOST_LINES} lines of (along, across, weight)"
    return make((), read, lambda v: [[list(place) for place in line] for line in v], says, None)


def own_color() -> Any:
    def read(value: Any) -> tuple[int, int, int] | None:
        if value is None:
            return None
        r, g, b = (int(number_in(v, 0, 255)) for v in value)
        return r, g, b

    return make(None, read, lambda v: list(v) if v else None, "null, or r, g, b of 0 to 255", None)


def mark() -> Any:
    def read(value: Any) -> str:
        if value:
            color_from_hex(str(value))
        return str(value)

    return make("", read, same, "#rrggbb or empty", Maker("Name", "mark", tr("Mark")))


def tags() -> Any:
    def read(value: Any) -> tuple[str, ...]:
        return tuple(str(tag)[:40] for tag in value)[:MOST_TAGS]

    return make((), read, list, f"up to {MOST_TAGS} words", Maker("Name", "tags", tr("Tags")))
