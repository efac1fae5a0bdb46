"""What waits on the demo page to be mended: hair that overshoots, a boot of cords and motifs."""

from __future__ import annotations

import math
from dataclasses import replace

import numpy as np

from jotsk.core.geometry import arc_lengths
from jotsk.core.hand.simulated_pen import Hand
from jotsk.core.ink import pen_by_id
from jotsk.core.marks import Stroke
from jotsk.demo.boot import EYELETS, OUTLINE
from jotsk.demo.drafting import INK, Line, along_pen, curve, inked, mirrored
from jotsk.demo.keeper import AXIS

OVERSHOOT_PX, GAP_PX = 46.0, 26.0
STRANDS = 6


def hair() -> list[Stroke]:
    """Brim, jaw and collar, and strands that run past all of them; one side of the jaw has a gap to be joined, the other
    is two tries to be spliced."""
    brim = [(0, 446), (112, 442), (206, 452)]
    cap = [(204, 412), (178, 488), (96, 512), (0, 516)]
    collar = [(60, 938), (130, 928), (206, 902), (292, 852)]
    half = [_half(points, "outline") for points in (brim, cap, collar)]
    for k in range(STRANDS):
        o = 12 * k
        strand = _half(
            [(176 + o * 0.6, 470), (194 + o, 590), (193 + o, 720), (176 + o * 1.1, 830), (190 + o * 1.2, 902 - o / 3)],
            "outline" if k in (0, STRANDS - 1) else "fine",
        )
        half.append(_lengthened(strand, OVERSHOOT_PX * (0.7 + 0.3 * math.sin(2.4 * k))))
    jaw = [(172, 490), (176, 580), (156, 690), (108, 778), (52, 824), (0, 836)]
    left, right = mirrored([_half(jaw, "outline")], AXIS)[0], _half(jaw, "outline")
    middle = len(left.points) // 2
    along = arc_lengths(left.points)
    before = left.points[along < along[middle] - GAP_PX / 2]
    after = left.points[along > along[middle] + GAP_PX / 2]
    tries = [replace(right, points=right.points + by) for by in ((-5.0, -2.0), (6.0, 3.0))]
    gapped = [replace(left, points=part) for part in (before, after)]
    return inked([*half, *mirrored(half, AXIS), *gapped, *tries, *faults()], seed=7)


BUTTONS, BUTTON_PX, OPEN_PX = ((1886.0, 1252.0), (1886.0, 1356.0)), 26.0, 7.0
LAPEL = ((1742.0, 1130.0), (1790.0, 1196.0), (1846.0, 1254.0))
BESIDE_PX = 8.0


def faults() -> list[Line]:
    """What waits to be found by the checks: two buttons that do not close, and two lines of the lapel that touch."""
    lines = []
    for x, y in BUTTONS:
        gap = OPEN_PX / BUTTON_PX
        turn = np.linspace(gap / 2, 2 * math.pi - gap / 2, 60)
        lines.append(Line(np.column_stack([x + BUTTON_PX * np.cos(turn), y + BUTTON_PX * np.sin(turn)]), "inside"))
    for off in (0.0, BESIDE_PX):
        lines.append(curve([(x + off, y - off / 2) for x, y in LAPEL], "inside", "even"))
    return lines


def laced_boot() -> list[Stroke]:
    """The boot in ink: its laces are cords, its seams, tread and welt motifs along the hand."""
    shaft, toe, front = OUTLINE[:6], OUTLINE[5:11], OUTLINE[10:]
    outline = [curve(shaft, "heavy", "swell"), curve(toe, "outline", "swell"), curve(front, "outline", "swell")]
    strokes = inked(outline, seed=8)
    hand = Hand(tremor_px=0.6, pressure_noise=0.01)
    seams = (
        ([(1716, 2076), (1712, 2260), (1726, 2420), (1764, 2560), (1840, 2660), (1940, 2716)], "motif-stitches", 16.0),
        ([(1476, 2600), (1560, 2632), (1680, 2612)], "motif-stitches", 14.0),
        ([(1446, 2936), (1560, 2944), (1650, 2940)], "motif-saw", 30.0),
        ([(1836, 2912), (1990, 2920), (2160, 2906)], "motif-scales", 26.0),
        ([(1512, 2056), (1580, 2078), (1700, 2080), (1790, 2058)], "motif-rope", 26.0),
        ([(1520, 2200), (1512, 2330), (1506, 2480)], "motif-leaves", 70.0),
    )
    for k, (points, pen_id, size) in enumerate(seams):
        strokes.append(along_pen(curve(points, "inside", "even"), pen_by_id(pen_id), size, hand, INK, 90 + k))
    for k, path in enumerate(_laces()):
        strokes.append(along_pen(curve(path, "inside", "even"), pen_by_id("cord"), 26.0, hand, INK, 200 + k))
    return strokes


def _laces() -> list[list[tuple[float, float]]]:
    """Crosswise from eyelet to eyelet, and a bow."""
    left = [(x - 106 + 3 * k, y + 14 + 3 * k) for k, (x, y) in enumerate(EYELETS)]
    paths = []
    for k in reversed(range(len(EYELETS) - 1)):
        for a, b in ((left[k + 1], EYELETS[k]), (EYELETS[k + 1], left[k])):
            paths.append([a, ((a[0] + b[0]) / 2, (a[1] + b[1]) / 2 - 16), b])
    bow = [
        (1610, 2400), (1640, 2320), (1700, 2220), (1776, 2130), (1880, 2040), (1950, 2080), (1880, 2160), (1776, 2140),
        (1690, 2160), (1640, 2090), (1700, 2040), (1776, 2120), (1850, 2230), (1940, 2300), (1960, 2420), (1990, 2470),
    ]  # fmt: skip
    return [*paths, [(float(x), float(y)) for x, y in bow]]


def _half(points: list[tuple[float, float]], weight: str) -> Line:
    return curve([(AXIS + x, y) for x, y in points], weight, "swell")


def _lengthened(line: Line, by_px: float) -> Line:
    """A line that goes on straight beyond both ends, as a quick hand does."""
    p = line.points
    first, last = p[0] - p[4], p[-1] - p[-5]
    first, last = (v / max(1e-9, float(np.hypot(*v))) for v in (first, last))
    steps = np.linspace(0.2, 1.0, 5)[:, None] * by_px
    return replace(line, points=np.concatenate([p[0] + steps[::-1] * first, p, p[-1] + steps * last]))
