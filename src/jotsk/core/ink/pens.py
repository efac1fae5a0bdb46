"""Pens: recipes for how a trace becomes ink."""

from __future__ import annotations

from dataclasses import MISSING, dataclass
from dataclasses import fields as dataclass_fields
from typing import Any

import numpy as np
from numpy.typing import ArrayLike, NDArray

from jotsk.core.hand.response import LINEAR, ResponseCurve
from jotsk.core.hand.steady_now import WAYS
from jotsk.core.ink import pen_fields as fields
from jotsk.core.ink.motifs import NAMES as MOTIFS
from jotsk.core.ink.pen_fields import Maker, Spec
from jotsk.core.json_text import number_in
from jotsk.core.words import mark, tr

SMALLEST_PX, LARGEST_PX = 0.3, 500.0
DRIVERS = (mark("pressure"), mark("speed"), mark("tilt"), mark("direction"), mark("nothing"))
TIPS = (mark("smooth"), mark("bristle"), mark("chalk"), mark("sponge"), mark("spatter"))


@dataclass(frozen=True)
class Drive:
    """What moves a quantity between `least` of itself and all of it, through a curve.

    `by` is one of `DRIVERS`: pressure 0..1; speed, 1 at rest and 1/2 at 900 screen px a second; tilt, 0
    upright and 1 lying flat; direction, 1 across a nib held at 45 degrees and 0 along it; nothing, always 1.
    """

    by: str = "pressure"
    least: float = 0.0
    curve: ResponseCurve = LINEAR

    def __post_init__(self) -> None:
        if self.by not in DRIVERS:
            raise ValueError(f"a pen is driven by {', '.join(DRIVERS)}, not {self.by}")
        if not 0 <= self.least <= 1:
            raise ValueError(f"the least share is 0..1, not {self.least}")

    def __call__(self, amount: ArrayLike) -> NDArray[np.float64]:
        """The share of the quantity, `least`..1, at driver values 0..1."""
        return self.least + (1 - self.least) * self.curve(amount)


ALWAYS = Drive("nothing", least=1.0)


@dataclass(frozen=True)
class Taper:
    """How a line grows from nothing, or shrinks to it.

    `length_px` and `share` of the line are added; with `by_speed` the length is longer the faster the hand was
    there, up to twice: a quick flick leaves a fine tail.
    """

    length_px: float = 0.0
    share: float = 0.0
    by_speed: bool = False


@dataclass(frozen=True)
class Profile:
    """A graph of width along the line: (share of the length, share of the width) points, smooth between them.

    No points: the width is what the drive says.
    """

    points: tuple[tuple[float, float], ...] = ()

    def __post_init__(self) -> None:
        p = np.asarray(self.points, np.float64).reshape(-1, 2)
        if len(p) == 1 or (np.diff(p[:, 0]) <= 0).any() or (len(p) and (p.min() < 0 or p.max() > 1)):
            raise ValueError(f"a profile needs two or more points in 0..1 from start to end, not {self.points}")

    def __call__(self, share: ArrayLike) -> NDArray[np.float64]:
        """Width share at shares 0..1 of the length; every extreme of the graph is one of its points."""
        at = np.asarray(share, np.float64)
        if not self.points:
            return np.ones_like(at)
        x, y = np.asarray(self.points).T
        i = np.clip(np.searchsorted(x, at, side="right") - 1, 0, len(x) - 2)
        u = np.clip((at - x[i]) / (x[i + 1] - x[i]), 0, 1)
        return y[i] + (y[i + 1] - y[i]) * u * u * (3 - 2 * u)


def drive(default: Drive, tab: str, words: str) -> Any:
    def read(record: Any) -> Drive:
        points = tuple((float(x), float(y)) for x, y in record["curve"])
        return Drive(str(record["by"]), number_in(record["least"], 0, 1), ResponseCurve(points))

    def write(d: Drive) -> dict[str, Any]:
        return {"by": d.by, "least": d.least, "curve": [list(p) for p in d.curve.points]}

    return fields.make(default, read, write, "what moves it, its least share, a curve", Maker(tab, "drive", words))


def taper(words: str) -> Any:
    def read(record: Any) -> Taper:
        length = number_in(record["length_px"], 0, 1e5)
        return Taper(length, number_in(record["share"], 0, 1), bool(record["by_speed"]))

    def write(t: Taper) -> dict[str, Any]:
        return {"length_px": t.length_px, "share": t.share, "by_speed": t.by_speed}

    return fields.make(Taper(), read, write, "px, share of the line, by speed", Maker("Ends", "taper", words))


def profile(words: str) -> Any:
    def read(value: Any) -> Profile:
        return Profile(tuple((float(x), float(y)) for x, y in value))

    def write(p: Profile) -> list[list[float]]:
        return [list(point) for point in p.points]

    return fields.make(Profile(), read, write, "points of a graph, 0 to 1", Maker("Weight", "profile", words))


@dataclass(frozen=True)
class Pen:
    """A recipe. Widths are full widths in page px; shares are 0..1.

    The fields say their ranges and their words; records, the pen maker and docs/file-format.md are made from them. Of
    the others: `id` stands in files and on the command line, `name` on the screen; `size_px` is the largest width as
    shipped, and the hand may hold the pen at another.
    """

    id: str = fields.text(100)
    name: str = fields.text(100)
    size_px: float = fields.number(MISSING, 0.01, 1e4, "Weight", tr("Size"), "px", typed=(SMALLEST_PX, LARGEST_PX))
    width: Drive = drive(Drive(), "Weight", tr("Width by"))
    # How many times as wide a pencil lying flat is.
    tilt_widens: float = fields.number(1.0, 1, 20, "Weight", tr("Flat pencil, wider"), "times", typed=(1.0, 8.0))
    profile: Profile = profile(tr("Width along the line"))
    # Concentric lines (radius share, ink share) painted into one stroke by maximum: a soft edge for smooth tips.
    shells: tuple[tuple[float, float], ...] = fields.shells(((1.0, 1.0),))
    opacity: float = fields.share(1.0, "Ink", tr("Opacity"))  # the most a stroke covers
    ink: Drive = drive(ALWAYS, "Ink", tr("Ink by"))
    # 0: a stroke never darkens where it crosses itself. Else how much ink one pass leaves; passes add up.
    builds: float = fields.share(0.0, "Ink", tr("Flow (0: never darkens itself)"))
    # Any tip but smooth sweeps a texture along the line.
    tip: str = fields.choice("smooth", TIPS, "Ink", tr("Tip"))
    grain: float = fields.share(0.0, "Ink", tr("Paper grain"))  # how unevenly the paper takes the ink
    tilt_softens: float = fields.share(0.0, "Ink", tr("Flat pencil, fainter"))  # by so much, lying flat
    hard: bool = fields.switch(False, "Ink", tr("Hard edge, for one-bit print"))  # every pixel all ink or none
    rubs: bool = fields.switch(False, "Ink", tr("Rubs out"))
    taper_in: Taper = taper(tr("Taper in"))
    taper_out: Taper = taper(tr("Taper out"))
    dash: tuple[float, ...] = fields.dash()  # dashes and gaps in widths, alternating; () is a whole line
    # Above 0 the line is a cord: two inked edges, each so much of its width, that hide what they cross.
    cord: float = fields.number(
        0.0, 0, 0.45, "Figure", tr("Cord, edge of its width"), "%", typed=(0.0, 45.0), times=100.0
    )
    # A figure that runs along the line instead of it, as large as the line is wide.
    motif: str = fields.choice("none", MOTIFS, "Figure", tr("Motif"))
    motif_line: float = fields.number(
        0.14, 0.005, 1, "Figure", tr("Line, of the width"), "%", typed=(0.5, 100.0), times=100.0
    )
    motif_spacing: float = fields.number(1.0, 0.05, 50, "Figure", tr("Spacing"), "widths", typed=(0.05, 50.0))
    spaced_by: Drive = drive(ALWAYS, "Figure", tr("Spacing by"))
    motif_turn: float = fields.number(0.0, -360, 360, "Figure", tr("Turned"), "°", typed=(-360.0, 360.0))
    turned_by: Drive = drive(ALWAYS, "Figure", tr("Turned by"))
    motif_shape: tuple[tuple[tuple[float, float, float], ...], ...] = fields.figure()  # of a motif of one's own
    # So near its own start, another end or a line an end of a stroke is led there; 0: never.
    closes_px: float = fields.number(0.0, 0, 200, "Ends", tr("Closes within"), "px", typed=(0.0, 200.0))
    # Short strokes along each other become one line.
    splices: bool = fields.switch(False, "Hand", tr("Strokes along the last one join it"))
    # How the hand is steadied as shipped: `core.hand.steady_now`.
    way: str = fields.choice("ease", WAYS, "Hand", tr("Way"))
    steady_now: float = fields.number(0.0, 0, 100, "Hand", tr("Steady now"))
    steady_after: float = fields.number(0.0, 0, 100, "Hand", tr("Steady after"))
    less_when_fast: bool = fields.switch(True, "Hand", tr("Less when fast"))
    by_screen: bool = fields.switch(True, "Hand", tr("Less when zoomed in"))
    keeps_corners: bool = fields.switch(True, "Hand", tr("Keep sharp corners"))
    own_color: tuple[int, int, int] | None = fields.own_color()  # ink of its own, whatever is in the hand
    tags: tuple[str, ...] = fields.tags()
    hue: str = fields.mark()  # a mark in the library
    unknown: str = ""  # JSON of what its file says beyond these, kept for whoever wrote it

    def __post_init__(self) -> None:
        if self.tip not in TIPS:
            raise ValueError(f"a tip is one of {', '.join(TIPS)}, not {self.tip}")
        if self.motif == "own" and not self.motif_shape:
            raise ValueError("a motif of one's own has a shape")
        if len(self.dash) % 2 or any(v < 0 for v in self.dash) or (self.dash and sum(self.dash) <= 0):
            raise ValueError(f"dashes and gaps alternate, in widths of 0 or more, not {self.dash}")

    @property
    def drivers(self) -> frozenset[str]:
        """What this pen must know of the hand beyond its place."""
        tilt = {"tilt"} if self.tilt_widens != 1.0 or self.tilt_softens else set()
        motif = {self.spaced_by.by, self.turned_by.by} if self.motif != "none" else set()
        return frozenset({self.width.by, self.ink.by} | tilt | motif) - {"nothing"}

    @property
    def is_figure(self) -> bool:
        """Whether its line is more than a ribbon of ink: a cord or a motif."""
        return self.cord > 0 or self.motif != "none"


PEN_SPECS: dict[str, Spec] = {f.name: f.metadata["spec"] for f in dataclass_fields(Pen) if "spec" in f.metadata}
