"""What follows from what was measured: the directions a hand is steadiest in, what would suit it, what to warm up."""

from __future__ import annotations

import math
from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np

from jotsk.core.check.practice.diary import Entry
from jotsk.core.check.practice.sheets import DIRECTIONS, KINDS
from jotsk.core.words import tr

LEAST_LINES = 3  # in a direction, until it counts
WARM_UP = 5  # sheets, a minute each
LATEST = 400  # lines, that count
USUAL = {"off": 0.6, "wobble": 0.12, "beyond": 1.0, "fade": 2.0, "width_off": 0.35, "spacing": 20.0, "evenness": 12.0}
SHEET_FOR = {
    "off": ("lines", "curves", "circles"), "wobble": ("curves", "lines"), "beyond": ("points", "lines"),
    "fade": ("lines", "tapers"), "width_off": ("ramps", "tapers"), "spacing": ("hatching",), "evenness": ("hatching",),
}  # fmt: skip


@dataclass(frozen=True, slots=True)
class Spoke:
    """A direction of the rose, degrees: how many lines, and how far off they were, mm, median."""

    direction: float
    count: int
    off: float


def rose(entries: Sequence[Entry]) -> list[Spoke]:
    """How a hand does in each direction, by lines drawn without steadiness and with it alike."""
    spokes = []
    for direction in DIRECTIONS:
        values = [
            entry.figures.off for entry in entries[-LATEST:]
            if not math.isnan(entry.figures.direction) and not math.isnan(entry.figures.off)
            and abs((entry.figures.direction - direction + 180) % 360 - 180) < 22.5
        ]  # fmt: skip
        spokes.append(Spoke(direction, len(values), float(np.median(values)) if values else math.nan))
    return spokes


def steadiest(entries: Sequence[Entry]) -> float | None:
    """The direction a hand is steadiest in, degrees; None until every direction was tried often enough."""
    spokes = [spoke for spoke in rose(entries) if spoke.count >= LEAST_LINES]
    if len(spokes) < len(DIRECTIONS):
        return None
    return min(spokes, key=lambda spoke: spoke.off).direction


def turn_for(line_deg: float, best_deg: float, turned_deg: float) -> float:
    """By how many degrees to turn a view further, so that a line of the page that runs at `line_deg` on the screen lies
    in the best direction; the shorter way, and either end may come first."""
    turn = (best_deg - line_deg + 90.0) % 180.0 - 90.0
    return (turned_deg + turn + 180.0) % 360.0 - 180.0 - turned_deg


def worst_first(entries: Sequence[Entry]) -> list[str]:
    """The names of the numbers, those that are most beyond what is usual first."""
    shares = {}
    for name, usual in USUAL.items():
        median = _median(entries, name)
        if not math.isnan(median):
            shares[name] = median / usual
    return sorted(shares, key=lambda name: -shares[name])


def warm_up(entries: Sequence[Entry]) -> list[tuple[str, str]]:
    """The sheets of a warm-up of five minutes, kind and size: what went worst comes first, then what was not drawn for
    longest."""
    kinds: list[str] = []
    for name in worst_first(entries):
        kinds += [kind for kind in SHEET_FOR[name] if kind not in kinds]
    latest = {entry.sheet: entry.time for entry in entries}
    rest = [kind for kind in KINDS if kind not in kinds]
    never = [kind for kind in rest if kind not in latest]
    kinds = (
        kinds[:3] + never + sorted((kind for kind in rest if kind in latest), key=lambda kind: latest[kind]) + kinds[3:]
    )
    sizes = ("small", "medium", "large")
    return [(kind, sizes[k % 3]) for k, kind in enumerate(kinds[:WARM_UP])]


def proposals(entries: Sequence[Entry]) -> list[str]:
    """What to try, a sentence each, by what was beyond the usual."""
    found = []
    beyond = {name for name in worst_first(entries) if _median(entries, name) > USUAL[name]}
    if "wobble" in beyond:
        found.append(tr("Try Technical 0.5 or Flick pen: an even line, and one weighed by speed, show a wobble least."))
    if beyond & {"width_off", "evenness"}:
        found.append(tr("Fit the feel of this device (in the Hand menu): the weight follows the hand better."))
    if "fade" in beyond:
        found.append(tr("Draw on past the end and snip: a line that stops itself fades."))
    if "beyond" in beyond:
        found.append(tr("Draw faster past the ring and snip, or turn the page so that the end is in sight."))
    return found


def with_and_without(entries: Sequence[Entry]) -> tuple[str, float, float] | None:
    """The sheet that was drawn last both with steadiness and without, and how far off the hand was each time, mm; None
    until there are enough lines of both."""
    kinds = list(dict.fromkeys((entry.sheet, entry.size) for entry in reversed(entries)))
    for kind, size in kinds:
        alike = [entry for entry in entries if (entry.sheet, entry.size) == (kind, size)]
        both = [[e for e in alike if e.steadied is steadied] for steadied in (True, False)]
        offs = [_median(each, "off") for each in both]
        if min(map(len, both)) >= LEAST_LINES and not any(map(math.isnan, offs)):
            return kind, offs[0], offs[1]
    return None


def _median(entries: Sequence[Entry], name: str) -> float:
    values = [abs(getattr(entry.figures, name)) for entry in entries[-LATEST:]]
    values = [value for value in values if not math.isnan(value)]
    return float(np.median(values)) if values else math.nan


def steadiness_for(entries: Sequence[Entry]) -> int | None:
    """A steadiness after the lift, 0..100, that suits the wobble of a hand drawn without any: none for 0.03 mm, most
    for 0.4 mm. None until enough lines were drawn."""
    values = [e.figures.wobble for e in entries[-LATEST:] if not e.steadied and not math.isnan(e.figures.wobble)]
    if len(values) < 2 * LEAST_LINES:
        return None
    wobble = float(np.median(values))
    share = (math.log(max(wobble, 0.01)) - math.log(0.03)) / (math.log(0.4) - math.log(0.03))
    return round(min(90.0, max(10.0, 100.0 * share)) / 5) * 5
