"""Pens: recipes for how a trace becomes ink."""

from __future__ import annotations

from dataclasses import dataclass, field

import numpy as np
from numpy.typing import ArrayLike, NDArray

from jotsk.core.hand.response import LINEAR, ResponseCurve

SMALLEST_PX, LARGEST_PX = 0.3, 500.0
DRIVERS = ("pressure", "speed", "tilt", "direction", "nothing")
TIPS = ("smooth", "bristle", "chalk", "sponge", "spatter")


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


@dataclass(frozen=True)
class Pen:
    """A recipe. Widths are full widths in page px; shares are 0..1.

    Parameters
    ----------
    id, name : str
        The id stands in files and on the command line, the name on the screen.
    size_px : float
        Largest width as shipped; the hand may hold it at another size.
    width, ink : Drive
        What moves the width and the opacity.
    opacity : float
        The most a stroke of this pen covers.
    taper_in, taper_out : Taper
    profile : Profile
    shells : tuple of (radius share, ink share)
        Concentric lines painted into one stroke by maximum: a soft edge for smooth tips.
    tip : str
        One of `TIPS`; any but smooth sweeps a texture along the line.
    grain : float
        0 none; else how unevenly the paper takes the ink, up to 1.
    builds : float
        0: a stroke never darkens where it crosses itself. Else the flow: how much ink one pass leaves; passes
        add up.
    hard : bool
        Every pixel all ink or none, for print in one bit.
    tilt_widens, tilt_softens : float
        How many times as wide, and by which share fainter, a pencil lying flat is.
    dash : tuple of float
        Lengths of dashes and gaps in widths, alternating; () is a whole line.
    way, steady_now, steady_after, less_when_fast, by_screen, keeps_corners
        How the hand is steadied as shipped; see `core.hand.steady_now`.
    rubs : bool
        The pen takes ink away.
    own_color : (r, g, b) or None
        Ink of the pen's own, whatever colour is in the hand.
    hue : str
        A mark in the roll, #rrggbb or "".
    tags : tuple of str
    unknown : str
        JSON of what its file says beyond these, kept for whoever wrote it.
    """

    id: str
    name: str
    size_px: float
    width: Drive = field(default=Drive())
    ink: Drive = field(default=ALWAYS)
    opacity: float = 1.0
    taper_in: Taper = field(default=Taper())
    taper_out: Taper = field(default=Taper())
    profile: Profile = field(default=Profile())
    shells: tuple[tuple[float, float], ...] = ((1.0, 1.0),)
    tip: str = "smooth"
    grain: float = 0.0
    builds: float = 0.0
    hard: bool = False
    tilt_widens: float = 1.0
    tilt_softens: float = 0.0
    dash: tuple[float, ...] = ()
    way: str = "ease"
    steady_now: float = 0.0
    steady_after: float = 0.0
    less_when_fast: bool = True
    by_screen: bool = True
    keeps_corners: bool = True
    rubs: bool = False
    own_color: tuple[int, int, int] | None = None
    hue: str = ""
    tags: tuple[str, ...] = ()
    unknown: str = ""

    def __post_init__(self) -> None:
        if self.tip not in TIPS:
            raise ValueError(f"a tip is one of {', '.join(TIPS)}, not {self.tip}")
        if len(self.dash) % 2 or any(v < 0 for v in self.dash) or (self.dash and sum(self.dash) <= 0):
            raise ValueError(f"dashes and gaps alternate, in widths of 0 or more, not {self.dash}")

    @property
    def drivers(self) -> frozenset[str]:
        """What this pen must know of the hand beyond its place."""
        tilt = {"tilt"} if self.tilt_widens != 1.0 or self.tilt_softens else set()
        return frozenset({self.width.by, self.ink.by} | tilt) - {"nothing"}
