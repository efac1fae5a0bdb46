"""Pens: recipes for how a trace becomes ink."""

from __future__ import annotations

from dataclasses import dataclass, field

from jotsk.core.hand.response import LINEAR, ResponseCurve

SMALLEST_PX, LARGEST_PX = 0.3, 500.0


@dataclass(frozen=True)
class Pen:
    """A recipe. Widths are full widths in page px; shares are 0..1.

    Parameters
    ----------
    id, name : str
        The id stands in files and on the command line, the name on the screen.
    size_px : float
        Width at full pressure, as shipped; the hand may hold it at another size.
    lightest : float
        Share of the size at the lightest touch.
    response : ResponseCurve
        From pressure to the share of the way from the lightest to the full width.
    opacity, faintest : float
        Ink at full pressure and at the lightest touch.
    taper_in_px, taper_out_px : float
        Lengths over which the line grows from nothing and shrinks to nothing.
    shells : tuple of (radius share, ink share)
        Concentric lines painted into one stroke by maximum; more than one makes a soft edge.
    grain : float
        0 none; else how unevenly the paper takes the ink, up to 1.
    steady_now, steady_after : float
        Steadiness 0..100 while drawing and after the lift, as shipped.
    rubs : bool
        The pen takes ink away.
    """

    id: str
    name: str
    size_px: float
    lightest: float = 0.0
    response: ResponseCurve = field(default=LINEAR)
    opacity: float = 1.0
    faintest: float = 1.0
    taper_in_px: float = 0.0
    taper_out_px: float = 0.0
    shells: tuple[tuple[float, float], ...] = ((1.0, 1.0),)
    grain: float = 0.0
    steady_now: float = 0.0
    steady_after: float = 0.0
    rubs: bool = False


S_SHAPED = ResponseCurve(((0.0, 0.0), (0.25, 0.10), (0.5, 0.42), (0.75, 0.84), (1.0, 1.0)))
GENTLE = ResponseCurve(((0.0, 0.0), (0.4, 0.25), (1.0, 1.0)))

SHIPPED: tuple[Pen, ...] = (
    Pen(
        "quill-nib", "Quill nib", 20.0, lightest=0.15, response=S_SHAPED,
        taper_in_px=10.0, taper_out_px=18.0, steady_now=20.0, steady_after=45.0,
    ),
    Pen(
        "mapping-nib", "Mapping nib", 10.0, lightest=0.2, response=GENTLE,
        taper_in_px=6.0, taper_out_px=10.0, steady_now=20.0, steady_after=45.0,
    ),
    Pen("plain-round", "Plain round", 12.0),
    Pen(
        "pencil", "Pencil", 9.0, lightest=0.45, opacity=0.92, faintest=0.3,
        shells=((1.0, 0.42), (0.78, 0.72), (0.5, 1.0)), grain=0.8, steady_now=8.0, steady_after=10.0,
    ),
    Pen("eraser", "Eraser", 30.0, lightest=0.4, rubs=True),
)  # fmt: skip

BY_ID = {pen.id: pen for pen in SHIPPED}


def pen_by_id(pen_id: str) -> Pen:
    """Return the shipped pen, or raise ValueError with the ids that exist."""
    try:
        return BY_ID[pen_id]
    except KeyError:
        raise ValueError(f"there is no pen “{pen_id}”; the pens are {', '.join(BY_ID)}") from None
