"""Panel four: a boot being laced on a wet stair."""

from __future__ import annotations

import numpy as np

from jotsk.demo.drafting import Line, behind, curve, ellipse, hatching, straight, within

BOX = (1180.0, 1750.0, 2330.0, 3358.0)
OUTLINE = (
    (1498, 2040), (1490, 2300), (1478, 2540), (1452, 2720), (1440, 2850), (1446, 2900), (1650, 2900), (1700, 2872), (1770, 2868),
    (1830, 2896), (2160, 2900), (2186, 2856), (2158, 2776), (2070, 2716), (1950, 2676), (1868, 2600), (1826, 2450), (1812, 2250),
    (1816, 2040),
)  # fmt: skip
EYELETS = ((1822, 2150), (1824, 2260), (1834, 2370), (1852, 2474), (1890, 2568), (1958, 2640))


def boot() -> list[Line]:
    """All lines of the panel, clipped to it."""
    laces, lace_shapes = _laces()
    shape = np.array(OUTLINE, np.float64)
    lines = behind(_boot(), *lace_shapes) + laces
    lines += behind(_stairs(), shape, np.array([(1430, 2890), (2200, 2890), (2200, 2990), (1430, 2990)]), *lace_shapes)
    return within([*lines, *_sole(), *_wet(), *_construction()], BOX)


def _boot() -> list[Line]:
    back, front = OUTLINE[:6], OUTLINE[10:]
    lines = [
        curve(back, "heavy", "swell"), curve(front, "outline", "swell"),
        ellipse(1657, 2040, 160, 40, "outline"), ellipse(1657, 2046, 138, 29, "inside"),
        curve([(1826, 2060), (1868, 2070), (1880, 2150), (1872, 2300), (1892, 2440), (1948, 2560), (2010, 2640)], "inside", "swell"),
        curve([(1716, 2076), (1712, 2260), (1726, 2420), (1764, 2560), (1840, 2660), (1940, 2716)], "inside", "swell"),
        curve([(1700, 2076), (1694, 2262), (1708, 2428), (1748, 2574), (1826, 2678), (1930, 2736)], "fine", "even"),
        curve([(1440, 2800), (1560, 2772), (1668, 2800), (1716, 2868)], "inside", "swell"),
        curve([(2010, 2716), (1984, 2790), (2000, 2868)], "inside", "swell"),
        curve([(2026, 2720), (2002, 2792), (2018, 2868)], "fine", "even"),
        curve([(1500, 2180), (1600, 2196), (1700, 2184)], "fine", "swell"),
        curve([(1484, 2520), (1560, 2546), (1640, 2520)], "inside", "swell"),
        curve([(1472, 2600), (1540, 2632), (1610, 2616)], "fine", "swell"),
        curve([(1530, 2060), (1520, 2010), (1540, 1980), (1556, 2012), (1560, 2070)], "inside", "even"),
    ]  # fmt: skip
    lines += hatching((1504, 2300), (10, 420), (74, 16), 20, seed=1)
    lines += hatching((1470, 2740), (-14, 120), (90, -12), 9, seed=2)
    lines += hatching((2060, 2740), (96, 60), (-34, 60), 9, seed=4)
    return lines


def _sole() -> list[Line]:
    lines = [
        curve(
            [(1440, 2872), (1560, 2876), (1690, 2866), (1770, 2864), (1850, 2880), (2020, 2884), (2190, 2870)],
            "inside",
            "even",
        ),
        straight((1438, 2900), (1436, 2968), (1640, 2970), (1660, 2904), weight="heavy"),
        curve([(1660, 2904), (1740, 2890), (1820, 2906)], "outline", "even"),
        straight((1820, 2906), (1826, 2930), weight="inside"),
        curve([(1826, 2930), (1980, 2940), (2130, 2936), (2196, 2908), (2192, 2866)], "heavy", "even"),
    ]
    lines += [straight((1452 + 12 * k, 2906), (1452 + 12 * k, 2964), weight="black", drafted=False) for k in range(16)]
    return lines


def _laces() -> tuple[list[Line], list[np.ndarray]]:
    """Cords: two inked edges, the later one over the one before."""
    left = [(x - 106 + 3 * k, y + 14 + 3 * k) for k, (x, y) in enumerate(EYELETS)]
    paths = []
    for k in range(len(EYELETS) - 1):
        right, below = EYELETS[k], EYELETS[k + 1]
        paths.append(
            [
                (left[k + 1][0], left[k + 1][1]),
                ((left[k + 1][0] + right[0]) / 2 + 6, (left[k + 1][1] + right[1]) / 2 - 18),
                right,
            ]
        )
        paths.append(
            [(below[0], below[1]), ((below[0] + left[k][0]) / 2 + 6, (below[1] + left[k][1]) / 2 - 18), left[k]]
        )
    knot = (1776.0, 2128.0)
    paths += [
        [knot, (1700, 2040), (1640, 2090), (1690, 2160), knot],
        [knot, (1880, 2020), (1950, 2080), (1880, 2150), knot],
        [knot, (1850, 2230), (1940, 2300), (1960, 2420), (1990, 2470)],
        [knot, (1690, 2230), (1640, 2320), (1610, 2400)],
    ]
    lines: list[Line] = []
    shapes: list[np.ndarray] = []
    for path in reversed(paths):
        cord, shape = _cord(path)
        lines += behind(cord, *shapes)
        shapes.append(shape)
    lines += [ellipse(*knot, 17, 15, "outline")]
    return lines, shapes


def _cord(path: list[tuple[float, float]], half: float = 9.0) -> tuple[list[Line], np.ndarray]:
    middle = curve(path).points
    along = np.gradient(middle, axis=0)
    normal = np.column_stack([-along[:, 1], along[:, 0]]) / np.maximum(np.hypot(*along.T), 1e-9)[:, None]
    edges = [middle + side * half * normal for side in (-1, 1)]
    lines = [curve(edge[:: max(1, len(edge) // 12)], "inside", "even") for edge in edges]
    return lines, np.vstack([edges[0], edges[1][::-1]])


def _stairs() -> list[Line]:
    lines = [
        straight((1180, 2968), (2330, 2956), weight="outline"),
        straight((1180, 3006), (2330, 2996), weight="inside"),
        straight((1180, 3300), (2330, 3330), weight="outline"),
        straight((1180, 2600), (2330, 2560), weight="outline"),
        straight((1180, 2630), (2330, 2592), weight="fine"),
        straight((1180, 2330), (2330, 2250), weight="inside"),
        straight((1180, 2354), (2330, 2278), weight="fine"),
        straight((1180, 2120), (2330, 2010), weight="inside"),
        straight((1180, 1950), (2330, 1820), weight="fine"),
    ]
    for (x0, y0), count, reach in (((1190, 3020), 60, 150), ((1190, 2648), 52, 110), ((1190, 2368), 44, 80)):
        lines += hatching((x0, y0), (1130, -18), (0, reach), count, seed=count, profile="press")
    rng = np.random.default_rng(4)
    for _ in range(16):
        x, y = rng.uniform(1200, 2300), rng.choice([2480.0, 2800.0, 3210.0])
        lines.append(curve([(x, y), (x + 14, y + 18), (x + 8, y + 40)], "fine", "swell", drafted=False))
    return lines


def _wet() -> list[Line]:
    lines = [
        ellipse(2030, 3140, 210, 34, "inside", start=20, end=330),
        ellipse(2040, 3142, 130, 18, "fine", start=160, end=400),
        ellipse(1420, 3170, 130, 20, "inside", start=-30, end=250),
    ]
    for x, y in ((1560, 3080), (1800, 3060), (2230, 3060), (1300, 2740), (2260, 2700), (1280, 2450)):
        lines.append(curve([(x, y), (x - 9, y + 22), (x, y + 34), (x + 9, y + 22), (x, y)], "fine", "even"))
    return lines


def _construction() -> list[Line]:
    return [
        straight((1657, 1960), (1560, 2980), construction=True),
        straight((1400, 2900), (2260, 2900), construction=True),
        ellipse(2040, 2800, 150, 110, construction=True),
        straight((1180, 2968), (1180, 1950), construction=True),
    ]
