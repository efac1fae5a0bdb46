"""Panel two: the keeper from the front, her lantern before her."""

from __future__ import annotations

import numpy as np

from jotsk.demo.drafting import Line, behind, curve, ellipse, mirrored, straight, within

BOX = (1550.0, 150.0, 2330.0, 1700.0)
AXIS = 1940.0


def keeper() -> list[Line]:
    """All lines of the panel, clipped to it."""
    lantern = np.array([[-96, 1310], [0, 1252], [96, 1310], [100, 1420], [122, 1590], [-122, 1590], [-100, 1420]]) + (
        AXIS,
        0,
    )
    scarf = np.array([[-176, 866], [-150, 790], [0, 850], [150, 790], [176, 866], [76, 975], [0, 985], [-76, 975]]) + (
        AXIS,
        0,
    )
    half = _cap() + _face() + behind(_hair(), scarf) + _scarf() + _coat() + _lantern() + behind(_hand(), lantern)
    front = [*_buttons(), straight((AXIS, 1150), (AXIS, 1700), weight="inside")]
    ring = ellipse(AXIS, 1220, 52, 46).points
    lines = half + mirrored(half, AXIS) + behind(front, lantern, ring) + _badge()
    return within(lines + _behind_her() + _construction(), BOX)


def _half(points: list[tuple[float, float]], weight: str = "inside", profile: str = "swell", **more: bool) -> Line:
    return curve([(AXIS + x, y) for x, y in points], weight, profile, **more)


def _cap() -> list[Line]:
    return [
        _half([(0, 286), (92, 292), (172, 330), (204, 412)], "outline", "grow"),
        _half([(0, 402), (110, 398), (204, 412)], "inside"),
        _half([(0, 446), (112, 442), (206, 452)], "inside"),
        _half([(204, 412), (212, 432), (206, 452)], "inside", "even"),
        _half([(0, 470), (96, 468), (190, 452)], "fine"),
        _half([(206, 452), (178, 488), (96, 512), (0, 516)], "outline", "grow"),
        _half([(30, 300), (40, 350), (36, 398)], "fine"),
        _half([(104, 312), (136, 352), (148, 400)], "fine"),
    ]


def _face() -> list[Line]:
    return [
        _half([(172, 490), (176, 580), (156, 690), (108, 778), (52, 824), (0, 836)], "outline", "swell"),
        _half([(34, 592), (66, 566), (104, 566), (132, 592)], "outline", "swell"),
        _half([(52, 606), (86, 616), (120, 604)], "fine"),
        ellipse(AXIS + 84, 590, 19, 22, "inside"),
        ellipse(AXIS + 84, 590, 9, 11, "outline"),
        _half([(28, 552), (74, 526), (136, 544)], "outline", "press"),
        _half([(14, 612), (24, 668), (22, 692), (0, 702)], "inside"),
        _half([(0, 756), (32, 752), (66, 744)], "inside", "press"),
        _half([(10, 784), (24, 786), (38, 782)], "fine"),
        *(
            ellipse(AXIS + x, y, 2.5, 2.5, "fine", drafted=False)
            for x, y in ((104, 660), (124, 650), (116, 674), (140, 664))
        ),
    ]


def _hair() -> list[Line]:
    locks = []
    for k in range(6):
        o = 9 * k
        locks.append(
            _half([(182 + o * 0.6, 480), (198 + o, 590), (196 + o, 720), (176 + o * 1.1, 830), (206 + o * 1.2, 930)],
                  "outline" if k in (0, 5) else "fine", "swell", drafted=k % 2 == 0 or k == 5)
        )  # fmt: skip
    return locks


def _scarf() -> list[Line]:
    return [
        _half([(0, 872), (70, 868), (136, 842), (158, 800)], "outline", "swell"),
        _half([(0, 984), (76, 972), (146, 926), (176, 866), (158, 800)], "outline", "swell"),
        _half([(0, 908), (66, 902), (138, 872)], "fine"),
        _half([(0, 944), (70, 934), (150, 892)], "fine"),
        _half([(20, 986), (44, 1060), (24, 1136), (70, 1150), (92, 1060), (76, 976)], "inside", "even"),
    ]


def _coat() -> list[Line]:
    return [
        _half([(172, 892), (262, 944), (346, 1040), (384, 1220), (400, 1700)], "heavy", "grow"),
        _half([(176, 900), (196, 1010), (150, 1150), (96, 1290)], "outline", "swell"),
        _half([(96, 1290), (206, 1180), (250, 1060), (236, 950)], "inside", "swell"),
        _half([(272, 1180), (290, 1400), (282, 1700)], "inside"),
        _half([(292, 1260), (330, 1240), (366, 1252)], "fine"),
        _half([(300, 1330), (336, 1316), (372, 1330)], "fine"),
    ]


def _lantern() -> list[Line]:
    return [
        _half([(0, 1178), (36, 1190), (48, 1226), (30, 1262)], "inside", "even"),
        _half([(0, 1252), (46, 1266), (94, 1310)], "outline", "swell"),
        straight((AXIS, 1310), (AXIS + 96, 1310), weight="inside"),
        _half([(80, 1312), (98, 1420), (88, 1522)], "outline", "even"),
        _half([(40, 1312), (52, 1420), (44, 1522)], "fine", "even"),
        straight((AXIS, 1524), (AXIS + 106, 1524), (AXIS + 120, 1586), (AXIS, 1586), weight="outline"),
        straight((AXIS, 1546), (AXIS + 110, 1546), weight="fine"),
        _half([(0, 1384), (20, 1430), (24, 1470), (12, 1500), (0, 1506)], "inside", "swell"),
        *(
            straight((AXIS + 130 * np.cos(a), 1420 + 130 * np.sin(a)), (AXIS + 190 * np.cos(a), 1420 + 190 * np.sin(a)),
                     weight="fine", profile="flick")
            for a in np.radians((-50, -28, -6))
        ),
    ]  # fmt: skip


def _hand() -> list[Line]:
    return [
        _half([(100, 1470), (140, 1448), (186, 1482), (204, 1560), (176, 1640), (116, 1640)], "outline", "swell"),
        *(_half([(98, y), (134, y - 6), (150, y + 14), (118, y + 22)], "inside") for y in (1496, 1526, 1556, 1586)),
        _half([(204, 1560), (236, 1610), (246, 1700)], "inside"),
    ]


def _badge() -> list[Line]:
    return [
        ellipse(AXIS, 350, 30, 32, "inside"),
        straight((AXIS, 330), (AXIS, 372), weight="fine"), straight((AXIS - 12, 338), (AXIS + 12, 338), weight="fine"),
        curve([(AXIS - 16, 358), (AXIS - 8, 372), (AXIS, 374), (AXIS + 8, 372), (AXIS + 16, 358)], "fine", "even"),
    ]  # fmt: skip


def _buttons() -> list[Line]:
    return [ellipse(AXIS + side * 44, y, 13, 14, "inside") for y in (1188, 1640) for side in (-1, 1)]


def _behind_her() -> list[Line]:
    """The round window of the lamp room."""
    lines = []
    for r, weight in ((352, "inside"), (372, "outline")):
        lines += [
            ellipse(AXIS, 620, r, r, weight, start=-206, end=-110),
            ellipse(AXIS, 620, r, r, weight, start=-70, end=26),
        ]
    for side in (-1, 1):
        lines += [straight((AXIS + side * 226, 560), (AXIS + side * 350, 560), weight="fine")]
        rain = [(AXIS + side * (262 + 30 * k), 640 + 26 * k) for k in range(3)]
        lines += [straight((x, y), (x - 16, y + 44), weight="fine", profile="flick") for x, y in rain]
    return lines


def _construction() -> list[Line]:
    return [
        straight((AXIS, 240), (AXIS, 1680), construction=True),
        ellipse(AXIS, 600, 188, 248, construction=True),
        straight((AXIS - 210, 590), (AXIS + 210, 590), construction=True),
        straight((AXIS - 160, 700), (AXIS + 160, 700), construction=True),
    ]
