"""Panel one: a harbour street in two-point perspective, the lighthouse, the clockwork gull."""

from __future__ import annotations

from collections.abc import Callable

import numpy as np

from jotsk.demo.drafting import Line, behind, curve, ellipse, hatching, straight, within

BOX = (150.0, 150.0, 1500.0, 1700.0)
HORIZON = 1060.0
LEFT, RIGHT = np.array([-1250.0, HORIZON]), np.array([3150.0, HORIZON])
CORNER_X, TOP, GROUND = 660.0, 400.0, 1400.0
DEPTH = 4.0
STOREYS = (0.36, 0.66)
WINDOW_ROWS = ((0.12, 0.30), (0.42, 0.60))
At = Callable[[float, float], np.ndarray]  # the place on a wall, by how far along it and how high


def wall(vanishing: np.ndarray, d: float, v: float) -> np.ndarray:
    """The place `d` along a wall, counted in equal widths from the corner, and `v` down it, 0 the top."""
    near = np.array([CORNER_X, TOP + (GROUND - TOP) * v])
    return near + (vanishing - near) * (d / (d + DEPTH))


def street() -> list[Line]:
    """All lines of the panel, clipped to it."""
    posts = [_post(0.0), _post(0.29)]
    shapes = [shape for _, shape in posts]
    right_end = 1.45
    house = _house(right_end)
    outline = np.array(
        [wall(LEFT, 3.0, 0), wall(LEFT, 0, -0.03), wall(RIGHT, right_end, 0), wall(RIGHT, right_end, 1), wall(RIGHT, 0, 1),
         wall(LEFT, 3.0, 1)]
    )  # fmt: skip
    caption = np.array([[190, 190], [760, 190], [760, 300], [190, 300]])
    far = behind(_sea() + _lighthouse() + _clouds(), outline, *shapes)
    gull, gull_shape = _gull(1085, 392)
    lines = behind(house + _chimneys(), *shapes, caption) + behind(far, gull_shape, caption)
    lines += behind(_ground(), *shapes, outline) + _bollard() + gull
    for at, (post, _) in enumerate(posts):
        lines += behind(post, *shapes[:at])
    return within([*lines, *_construction()], BOX) + _frame(caption)


def _house(right_end: float) -> list[Line]:
    lines = [straight(wall(LEFT, 0, -0.03), wall(LEFT, 0, 1), weight="heavy", profile="grow")]
    for vanishing, end in ((LEFT, 3.0), (RIGHT, right_end)):

        def at(d: float, v: float, vanishing: np.ndarray = vanishing) -> np.ndarray:
            return wall(vanishing, d, v)

        lines += [
            straight(at(0, 0), at(end, 0), weight="outline", profile="press"),
            straight(at(0, 0.035), at(end, 0.035), weight="inside", profile="press"),
            straight(at(0, 0.06), at(end, 0.06), weight="fine", profile="press"),
            straight(at(0, 1), at(end, 1), weight="outline", profile="press"),
        ]
        for v in STOREYS:
            lines += [straight(at(0, v + o), at(end, v + o), weight="fine", profile="press") for o in (0, 0.018)]
        for row, (high, low) in enumerate(WINDOW_ROWS):
            d = 0.13
            while d + 0.17 < end:
                lines += _window(at, d, d + 0.17, high, low, seed=int(100 * d) + row, lit=vanishing is LEFT)
                d += 0.30
        lines += _ground_floor(at, end, vanishing is RIGHT)
    lines.append(straight(wall(RIGHT, right_end, 0), wall(RIGHT, right_end, 1), weight="outline"))
    for v0, v1 in ((0.07, 0.35), (0.38, 0.65), (0.68, 0.97)):
        lines += _brick(v0, v1)
    return lines


def _window(at: At, d0: float, d1: float, high: float, low: float, *, seed: int, lit: bool) -> list[Line]:
    m = (d0 + d1) / 2
    a, b, c, d = at(d0, high), at(d1, high), at(d1, low), at(d0, low)
    lines = [
        straight(a, b, c, d, a, weight="inside"),
        straight(at(m, high), at(m, low), weight="fine"),
        straight(at(d0, (high + low) / 2), at(d1, (high + low) / 2), weight="fine"),
        straight(at(d0 - 0.02, low + 0.012), at(d1 + 0.02, low + 0.012), weight="inside", profile="press"),
    ]
    if not lit or seed % 3 == 0:  # dark panes, spotted close enough to close up
        for k in range(16):
            u = 0.07 + 0.86 * k / 15
            p, q = at(d0 + (d1 - d0) * u, high + 0.012), at(d0 + (d1 - d0) * u, low - 0.008)
            lines.append(straight(p, q, weight="black", drafted=False))
    else:
        p, q = at(d0 + 0.03, low - 0.02), at(d1 - 0.02, high + 0.04)
        lines.append(straight(p + (q - p) * 0.1, p + (q - p) * 0.5, weight="hatch", profile="flick", drafted=False))
    return lines


def _ground_floor(at: At, end: float, has_door: bool) -> list[Line]:
    lines = []
    if has_door:
        lines += [
            straight(at(0.16, 1), at(0.16, 0.72), at(0.38, 0.72), at(0.38, 1), weight="inside"),
            straight(at(0.19, 1), at(0.19, 0.79), at(0.35, 0.79), at(0.35, 1), weight="fine"),
            straight(at(0.16, 0.765), at(0.38, 0.765), weight="fine"),
            ellipse(*at(0.33, 0.89), 4, 4, "inside"),
            straight(at(0.5, 0.73), at(1.25, 0.73), weight="outline", profile="press"),
        ]
        awning = [at(0.5, 0.73), at(1.25, 0.73), at(1.25, 0.80) + (0, 14), at(0.5, 0.80) + (-18, 30)]
        lines.append(straight(awning[1], awning[2], awning[3], awning[0], weight="inside"))
        for k in range(1, 9):
            u = k / 9
            p, q = awning[0] + (awning[1] - awning[0]) * u, awning[3] + (awning[2] - awning[3]) * u
            lines.append(straight(p, q, weight="fine"))
            if k % 2:
                p2 = awning[0] + (awning[1] - awning[0]) * (u + 1 / 9)
                lines += hatching(p, p2 - p, q - p, 7, seed=k, weight="hatch", profile="even")
        lines += [straight(at(0.56, 0.84), at(0.56, 0.97), at(1.2, 0.97), at(1.2, 0.82), weight="inside")]
        lines += [straight(at(d, 0.83), at(d, 0.97), weight="fine") for d in (0.77, 0.99)]
    else:
        for d in np.arange(0.15, end - 0.4, 0.46):
            top = [at(d + 0.26 * u, 0.78 - 0.055 * np.sin(np.pi * u)) for u in np.linspace(0, 1, 7)]
            lines.append(curve([at(d, 1), at(d, 0.88), *top, at(d + 0.26, 0.88), at(d + 0.26, 1)], "inside", "even"))
            lines += hatching(
                at(d + 0.02, 0.80),
                at(d + 0.24, 0.79) - at(d + 0.02, 0.80),
                at(d, 0.99) - at(d, 0.80),
                13,
                seed=int(d * 50),
                profile="press",
            )
    return lines


def _brick(v0: float, v1: float) -> list[Line]:
    """A few courses of brick beside the corner, only where the light catches them."""
    rng = np.random.default_rng(int(v0 * 100))
    lines = []
    for _ in range(10):
        d, v = rng.uniform(0.01, 0.07), rng.uniform(v0, v1)
        vanishing = LEFT if rng.random() < 0.5 else RIGHT
        lines.append(straight(wall(vanishing, d, v), wall(vanishing, d + 0.04, v), weight="hatch", drafted=False))
    return lines


def _chimneys() -> list[Line]:
    lines = []
    for vanishing, d, height in ((RIGHT, 1.12, 92), (LEFT, 0.7, 96)):
        a, b = wall(vanishing, d, 0), wall(vanishing, d + 0.16, 0)
        up = np.array([0.0, -float(height)])
        cap = np.array([9.0, 0.0]) * (1 if vanishing is RIGHT else -1)
        lines += [
            straight(a, a + up, weight="inside"), straight(b, b + up * 0.96, weight="inside"),
            straight(a + up - cap, b + up * 0.96 + cap, weight="outline"),
            straight(a + up * 0.86 - cap, b + up * 0.83 + cap, weight="fine"),
        ]  # fmt: skip
        lines += hatching(a + up * 0.8, b - a, -up * 0.75, 8, seed=height, profile="press")
    smoke = [wall(LEFT, 0.78, 0) + (8 * k + 14 * np.sin(k), -108 - 20.0 * k) for k in range(6)]
    return [*lines, curve(smoke, "fine", "flick")]


def _post(d: float) -> tuple[list[Line], np.ndarray]:
    """A lamp post on the kerb; the same height in the street wherever it stands."""
    base_near, top_near = np.array([905.0, 1590.0]), np.array([905.0, 560.0])
    share = d / (d + 1.6)
    base, top = base_near + (RIGHT - base_near) * share, top_near + (RIGHT - top_near) * share
    size = (base[1] - top[1]) / 1030
    w = 11 * size
    x, y = top
    left = np.array([[x - w, base[1]], [x - w * 0.7, y]])
    lines = [
        straight(left[0], left[1], weight="outline", profile="even"),
        straight([x + w, base[1]], [x + w * 0.7, y], weight="heavy" if d == 0 else "outline", profile="even"),
        straight([x - 3 * w, base[1]], [x - 2.2 * w, base[1] - 5 * w], [x - w, base[1] - 7 * w], weight="inside"),
        straight([x + 3 * w, base[1]], [x + 2.2 * w, base[1] - 5 * w], [x + w, base[1] - 7 * w], weight="inside"),
        straight([x - 3 * w, base[1]], [x + 3 * w, base[1]], weight="outline"),
        straight([x - 4 * w, y + 10 * w], [x + 4 * w, y + 10 * w], weight="inside"),
        straight([x - 1.6 * w, y], [x + 1.6 * w, y], weight="inside"),
        straight(
            [x - 1.6 * w, y], [x - 3.6 * w, y - 9 * w], [x + 3.6 * w, y - 9 * w], [x + 1.6 * w, y], weight="inside"
        ),
        straight([x, y], [x, y - 9 * w], weight="fine"),
        straight(
            [x - 4.4 * w, y - 9 * w],
            [x, y - 14 * w],
            [x + 4.4 * w, y - 9 * w],
            [x - 4.4 * w, y - 9 * w],
            weight="outline",
        ),
        ellipse(x, y - 15 * w, 1.2 * w, 1.2 * w, "inside"),
    ]
    for u in (0.35, 0.6, 0.8):
        lines.append(
            straight([x + w * u, base[1] - 8 * w], [x + w * u * 0.75, y + 11 * w], weight="hatch", drafted=False)
        )
    shape = np.array(
        [[x - 3 * w, base[1]], [x - w, base[1] - 7 * w], [x - w * 0.8, y], [x - 4 * w, y - 9 * w], [x, y - 15 * w],
         [x + 4 * w, y - 9 * w], [x + w * 0.8, y], [x + w, base[1] - 7 * w], [x + 3 * w, base[1]]]
    )  # fmt: skip
    return lines, shape


def _ground() -> list[Line]:
    lines = []
    for x0, y0, weight in ((CORNER_X, 1432, "inside"), (CORNER_X + 10, 1475, "outline"), (CORNER_X + 12, 1490, "fine")):
        near = np.array([float(x0), float(y0)])
        lines += [
            straight(near, near + (LEFT - near) * 0.36, weight=weight, profile="press"),
            straight(near, near + (RIGHT - near) * 0.42, weight=weight, profile="press"),
        ]
    rng = np.random.default_rng(5)
    for row in range(5):  # cobbles, larger towards us
        y = 1530 + 34 * row + 4 * row * row
        w = 46 + 13 * row
        for k in range(int(1400 / w)):
            x = 150 + k * w + (row % 2) * w / 2 + rng.uniform(-6, 6)
            if rng.random() < 0.62:
                bow = [(x, y + 3), (x + w * 0.25, y - w * 0.13), (x + w * 0.65, y - w * 0.14), (x + w * 0.92, y + 4)]
                lines.append(curve(bow, "fine", "swell", drafted=row % 2 == 0))
    edge = [(1500, 1330), (1390, 1360), (1300, 1420)]
    return [*lines, curve(edge, "inside", "press")]


def _sea() -> list[Line]:
    lines = [straight([1150, HORIZON], [1500, HORIZON], weight="fine")]
    rng = np.random.default_rng(8)
    for k in range(13):
        y = HORIZON + 14 + k * k * 1.15 + 6 * k
        x = rng.uniform(1180, 1330)
        wave = [(x + 24 * j, y + (-3 if j % 2 else 3) * (1 + k / 8)) for j in range(int(rng.integers(4, 9)))]
        lines.append(curve(wave, "fine", "swell", drafted=k % 3 == 0))
    return lines


def _lighthouse() -> list[Line]:
    x, foot, head = 1395.0, 1040.0, 690.0
    lines = [
        straight([x - 42, foot], [x - 25, head], weight="inside"), straight([x + 42, foot], [x + 25, head], weight="outline"),
        straight([x - 38, head], [x + 38, head], weight="outline"), straight([x - 38, head - 16], [x + 38, head - 16], weight="fine"),
        straight([x - 20, head - 16], [x - 20, head - 66], [x + 20, head - 66], [x + 20, head - 16], weight="inside"),
        straight([x, head - 16], [x, head - 66], weight="fine"),
        curve([(x - 27, head - 66), (x - 16, head - 88), (x, head - 98), (x + 16, head - 88), (x + 27, head - 66)], "outline", "even"),
        straight([x, head - 98], [x, head - 122], weight="fine"),
        curve([(1290, 1066), (1318, 1034), (1352, 1040), (1395, 1024), (1440, 1036), (1475, 1020), (1500, 1030)], "outline", "even"),
    ]  # fmt: skip
    lines += [
        straight([x - 34 + 8 * k, head - 16], [x - 34 + 8 * k, head], weight="hatch", drafted=False) for k in range(9)
    ]
    for y0, y1 in ((770, 840), (910, 975)):  # two dark bands
        wide0, wide1 = 25 + 17 * (y0 - head) / (foot - head), 25 + 17 * (y1 - head) / (foot - head)
        lines += [
            curve([(x - wide0, y0), (x, y0 + 7), (x + wide0, y0)], "fine", "even"),
            curve([(x - wide1, y1), (x, y1 + 8), (x + wide1, y1)], "fine", "even"),
        ]
        lines += [
            straight([x - wide0 + 5 + 6 * k, y0 + 6], [x - wide1 + 5 + 6.4 * k, y1 + 2], weight="black", drafted=False)
            for k in range(int(2 * wide0 / 6) - 1)
        ]
    for side, drop in ((-1, 26), (-1, -6), (1, 30)):  # beams
        lines.append(
            straight(
                [x + side * 30, head - 42 + drop / 8],
                [x + side * 330, head - 42 + drop * 3],
                weight="hatch",
                profile="flick",
            )
        )
    rocks = [[(1312 + 34 * k, 1046 + 5 * (k % 2)), (1322 + 34 * k, 1062)] for k in range(6)]
    return lines + [straight(*r, weight="fine", drafted=False) for r in rocks]


def _clouds() -> list[Line]:
    return [
        curve([(180, 400), (214, 372), (254, 378), (286, 346), (340, 352), (368, 382), (410, 384)], "fine", "swell"),
        curve([(206, 420), (300, 410), (380, 414)], "hatch", "swell"),
        curve([(1240, 560), (1282, 530), (1330, 540), (1362, 514), (1420, 530), (1470, 526)], "fine", "swell"),
        curve([(1280, 578), (1370, 570), (1450, 574)], "hatch", "swell"),
    ]


def _gull(x: float, y: float) -> tuple[list[Line], np.ndarray]:
    """The clockwork gull, with the key in its back."""

    def at(*points: tuple[float, float]) -> list[tuple[float, float]]:
        return [(x + px, y + py) for px, py in points]

    lines = [
        curve(at((118, -6), (92, -34), (62, -40), (22, -26), (-50, -8), (-128, 6)), "outline", "swell"),
        curve(at((-128, 6), (-168, 10), (-172, 26), (-112, 30)), "inside", "swell"),
        curve(at((-112, 30), (-40, 44), (24, 42), (70, 20), (98, 4)), "outline", "swell"),
        curve(at((96, -22), (136, -12), (146, 4), (134, 8), (98, 4)), "inside", "even"),
        straight(*at((100, -8), (138, -2)), weight="fine"),
        ellipse(x + 82, y - 20, 5, 5, "outline"),
        curve(at((14, -22), (-14, -96), (-70, -168), (-150, -214)), "outline", "grow"),
        curve(at((-150, -214), (-128, -150), (-98, -84), (-60, -22), (-34, 6)), "inside", "swell"),
        curve(at((26, -28), (46, -104), (34, -170), (-6, -226)), "inside", "grow"),
        curve(at((-6, -226), (-16, -178), (-26, -140)), "inside", "swell"),
        straight(*at((-84, -2), (-92, -46)), weight="outline"),
        ellipse(x - 110, y - 60, 17, 12, "inside", turn=-14), ellipse(x - 76, y - 62, 17, 12, "inside", turn=14),
        curve(at((40, -30), (52, -8), (46, 18), (30, 38)), "fine", "swell"),
    ]  # fmt: skip
    for k in range(6):  # feathers along the near wing
        u = k / 5
        root = (x - 44 - 88 * u, y - 14 - 150 * u)
        lines.append(
            curve(
                [root, (root[0] + 26 - 6 * u, root[1] - 10), (root[0] + 46 - 18 * u, root[1] - 2)],
                "hatch",
                "flick",
                drafted=False,
            )
        )
    lines += [ellipse(x - 92 + 30 * k, y + 20 + 4 * np.sin(k), 2.5, 2.5, "fine", drafted=False) for k in range(5)]
    shape = np.array(at((118, -6), (62, -40), (26, -28), (46, -104), (-6, -226), (-30, -150), (-70, -168), (-150, -214), (-98, -84),
                        (-62, -24), (-128, 6), (-172, 26), (24, 42), (98, 4)))  # fmt: skip
    return lines, shape


def _bollard() -> list[Line]:
    x, y = 1290.0, 1560.0
    lines = [
        curve([(x - 46, y + 90), (x - 40, y + 10), (x - 30, y - 14)], "outline", "grow"),
        curve([(x + 46, y + 90), (x + 40, y + 10), (x + 30, y - 14)], "heavy", "grow"),
        ellipse(x, y - 30, 52, 20, "outline"), ellipse(x, y + 90, 48, 15, "outline", start=0, end=180),
    ]  # fmt: skip
    lines += hatching((x + 8, y), (30, 0), (4, 86), 9, seed=3, profile="grow")
    for k in range(3):
        r = y + 20 + 17 * k
        lines += [curve([(x - 45, r), (x - 20, r + 13), (x + 20, r + 13), (x + 45, r)], "inside", "even")]
        lines += [
            straight(
                (x - 36 + 14 * j, r - 3 + 4 * np.sin(j / 2)), (x - 29 + 14 * j, r + 14), weight="hatch", drafted=False
            )
            for j in range(6)
        ]
    return lines + [
        curve([(x + 45, y + 40), (x + 120, y + 96), (x + 220, y + 70)], "outline", "even"),
        curve([(x + 43, y + 54), (x + 118, y + 112), (x + 220, y + 86)], "inside", "even"),
    ]


def _construction() -> list[Line]:
    def towards(x: float, y: float, vanishing: np.ndarray) -> Line:
        near = np.array([x, y])
        return straight(near, near + (vanishing - near) * 0.45, drafted=True, construction=True)

    return [
        straight([150, HORIZON], [1500, HORIZON], construction=True),
        *(towards(CORNER_X, y, v) for y in (TOP - 60, 760, GROUND + 40) for v in (LEFT, RIGHT)),
    ]


def _frame(caption: np.ndarray) -> list[Line]:
    return [straight(*caption, caption[0], weight="inside")]
