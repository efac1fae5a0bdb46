"""The pens that come with Jotsk."""

from __future__ import annotations

from typing import Any

from jotsk.core.hand.response import ResponseCurve
from jotsk.core.ink.pens import ALWAYS, Drive, Pen, Profile, Taper
from jotsk.core.words import mark, tr

S_SHAPED = ResponseCurve(((0.0, 0.0), (0.25, 0.10), (0.5, 0.42), (0.75, 0.84), (1.0, 1.0)))
GENTLE = ResponseCurve(((0.0, 0.0), (0.4, 0.25), (1.0, 1.0)))
TO_HALF = ResponseCurve(((0.0, 0.0), (0.4, 0.12), (1.0, 4 / 9)))  # with a least share of 10 %, up to 50 %
EAGER = ResponseCurve(((0.0, 0.0), (0.3, 0.55), (1.0, 1.0)))

# ISO 128-20 line widths in mm, a ratio of root 2 apart; as pens at 600 dpi: mm / 25.4 * 600 px.
ISO_WIDTHS_MM = (0.13, 0.18, 0.25, 0.35, 0.5, 0.7, 1.0, 1.4, 2.0)

# ISO 128-20 line types in line widths: dash 12, gap 3, long dash 24, dot 0.5 or less.
ISO_DASHES: dict[str, tuple[float, ...]] = {
    mark("whole"): (),
    mark("dashed"): (12, 3),
    mark("dash-dot"): (24, 3, 0.5, 3),
    mark("dash-double-dot"): (24, 3, 0.5, 3, 0.5, 3),
    mark("dotted"): (0.5, 3),
}

_STEADY: dict[str, Any] = {"steady_now": 20.0, "steady_after": 45.0}
_SOFT = ((1.0, 0.12), (0.85, 0.35), (0.68, 0.65), (0.5, 0.9), (0.34, 1.0))


def technical(width_mm: float) -> Pen:
    """A technical pen of an ISO 128 width, in px at 600 dpi."""
    name = f"Technical {width_mm:g}"
    size = round(width_mm / 25.4 * 600, 2)
    return Pen(f"technical-{width_mm:g}", name, size, width=ALWAYS, tags=("even",), steady_now=25.0, steady_after=60.0)


SHIPPED: tuple[Pen, ...] = (
    Pen(
        "quill-nib", mark("Quill nib"), 20.0, width=Drive(least=0.15, curve=S_SHAPED), tags=("nib",),
        taper_in=Taper(10.0), taper_out=Taper(18.0), **_STEADY,
    ),
    Pen(
        "mapping-nib", mark("Mapping nib"), 20.0, width=Drive(least=0.1, curve=TO_HALF), tags=("nib", "fine"),
        taper_in=Taper(6.0), taper_out=Taper(10.0), **_STEADY,
    ),
    Pen("plain-round", mark("Plain round"), 12.0, tags=("plain",)),
    technical(0.35),
    technical(0.5),
    technical(0.7),
    Pen(
        "brush-pen", mark("Brush pen"), 34.0, width=Drive(least=0.04, curve=EAGER), tags=("brush",),
        taper_in=Taper(14.0, share=0.04), taper_out=Taper(30.0, share=0.08, by_speed=True), **_STEADY,
    ),
    Pen(
        "supple-brush", mark("Supple brush"), 60.0, width=Drive(least=0.02, curve=S_SHAPED), tags=("brush",),
        taper_in=Taper(20.0, share=0.06), taper_out=Taper(40.0, share=0.1, by_speed=True), **_STEADY,
    ),
    Pen(
        "flick-pen", mark("Flick pen"), 18.0, width=Drive("speed", least=0.35), tags=("mouse",),
        taper_in=Taper(8.0, share=0.08), taper_out=Taper(10.0, share=0.15, by_speed=True),
        steady_now=30.0, steady_after=60.0,
    ),
    Pen(
        "swell-pen", mark("Swell pen"), 22.0, width=ALWAYS, tags=("mouse",),
        profile=Profile(((0.0, 0.0), (0.5, 1.0), (1.0, 0.0))), steady_now=30.0, steady_after=60.0,
    ),
    Pen(
        "slant-nib", mark("Slant nib"), 26.0, width=Drive("direction", least=0.15), tags=("nib", "letters"), **_STEADY,
    ),
    Pen("hard-nib", mark("Hard-edged nib"), 18.0, width=Drive(least=0.15, curve=S_SHAPED), hard=True, tags=("one bit",), **_STEADY),
    Pen("hard-round", mark("Hard-edged round"), 12.0, hard=True, tags=("one bit",), steady_now=15.0, steady_after=30.0),
    Pen(
        "pencil", mark("Pencil"), 9.0, width=Drive(least=0.45), ink=Drive(least=0.3), opacity=0.92,
        shells=((1.0, 0.42), (0.78, 0.72), (0.5, 1.0)), grain=0.8, tilt_widens=4.0, tilt_softens=0.6,
        tags=("sketch",), steady_now=8.0, steady_after=10.0,
    ),
    Pen(
        "soft-pencil", mark("Soft pencil"), 18.0, width=Drive(least=0.5), ink=Drive(least=0.2), opacity=0.85, tip="chalk",
        grain=0.9, tilt_widens=3.0, tilt_softens=0.5, tags=("sketch",), steady_now=8.0, steady_after=10.0,
    ),
    Pen(
        "charcoal", mark("Charcoal"), 46.0, width=Drive(least=0.6), ink=Drive(least=0.25, curve=GENTLE), opacity=0.9,
        tip="chalk", grain=1.0, tilt_widens=1.5, tilt_softens=0.4, tags=("sketch", "texture"), steady_after=5.0,
    ),
    Pen(
        "dry-brush", mark("Dry brush"), 54.0, width=Drive(least=0.5), ink=Drive(least=0.35, curve=EAGER), tip="bristle",
        grain=0.35, taper_in=Taper(8.0), taper_out=Taper(30.0, by_speed=True), tags=("brush", "texture"), **_STEADY,
    ),
    Pen("sponge", mark("Sponge"), 90.0, width=Drive(least=0.6), ink=Drive(least=0.4), tip="sponge", grain=0.3, tags=("texture",)),
    Pen("spatter", mark("Spatter"), 160.0, width=Drive(least=0.5), tip="spatter", tags=("texture",)),
    Pen(
        "marker", mark("Marker"), 40.0, width=Drive(least=0.9), opacity=0.75, builds=0.55, shells=((1.0, 0.75), (0.94, 1.0)),
        tags=("tone",), steady_now=15.0, steady_after=30.0,
    ),
    Pen("wash", mark("Soft wash"), 120.0, width=Drive(least=0.6), ink=Drive(least=0.1), opacity=0.8, builds=0.25, shells=_SOFT, tags=("tone",)),
    Pen(
        "white-nib", mark("White nib"), 8.0, width=Drive(least=0.2, curve=GENTLE), taper_in=Taper(4.0), taper_out=Taper(6.0),
        own_color=(255, 255, 255), tags=("white",), **_STEADY,
    ),
    Pen(
        "cord", mark("Cord"), 40.0, width=Drive(least=0.5), cord=0.12, tags=("figure",), **_STEADY,
    ),
    Pen(
        "lock-of-hair", mark("Lock of hair"), 90.0, width=Drive(least=0.3), cord=0.05, tags=("figure",),
        profile=Profile(((0.0, 0.5), (0.35, 1.0), (1.0, 0.0))), **_STEADY,
    ),
    *(
        Pen(
            f"motif-{name.replace(' ', '-')}", name.capitalize(), size, width=Drive(least=0.5), motif=name,
            motif_line=line, motif_spacing=spacing, tags=("figure",), steady_now=25.0, steady_after=60.0,
        )
        for name, size, line, spacing in (
            ("scales", 36.0, 0.16, 1.0), ("saw", 30.0, 0.16, 0.7), ("wave", 30.0, 0.16, 1.3),
            ("loops", 40.0, 0.1, 0.55), ("loops in loops", 60.0, 0.06, 0.75), ("stitches", 14.0, 0.4, 1.5),
            ("chain", 40.0, 0.13, 1.35), ("rope", 36.0, 0.12, 0.8), ("leaves", 70.0, 0.06, 1.0),
        )
    ),
    Pen("eraser", mark("Eraser"), 30.0, width=Drive(least=0.4), rubs=True),
    Pen("soft-eraser", mark("Soft eraser"), 70.0, width=Drive(least=0.4), ink=Drive(least=0.15), shells=_SOFT, rubs=True),
)  # fmt: skip

BY_ID = {pen.id: pen for pen in SHIPPED} | {p.id: p for p in map(technical, ISO_WIDTHS_MM)}


def pen_by_id(pen_id: str) -> Pen:
    """Return the shipped pen, or raise ValueError with the ids that exist."""
    try:
        return BY_ID[pen_id]
    except KeyError:
        raise ValueError(
            tr("there is no pen “{pen_id}”; the pens are {known}", pen_id=pen_id, known=", ".join(BY_ID))
        ) from None
