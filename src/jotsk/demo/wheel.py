"""Panel three: the ship's wheel on the wall, the rings of the lamp's lens, and a rope."""

from __future__ import annotations

import numpy as np

from jotsk.demo.drafting import Line, behind, curve, ellipse, hatching, straight, within

BOX = (150.0, 1750.0, 1130.0, 3358.0)
HUB = np.array([610.0, 2330.0])
RIM = (318.0, 336.0, 372.0, 392.0)
LENS = np.array([760.0, 3010.0])
SPOKES = 8


def wheel() -> list[Line]:
    """All lines of the panel, clipped to it."""
    handles = [_spoke(k) for k in range(SPOKES)]
    disc = ellipse(*HUB, RIM[-1], RIM[-1]).points
    shapes = [shape for _, shape in handles]
    lines = [line for spoke, _ in handles for line in spoke]
    lines += behind([ellipse(*HUB, r, r, "outline" if r in (RIM[0], RIM[-1]) else "fine") for r in RIM], *shapes)
    lines += [ellipse(*HUB, r, r, w) for r, w in ((104, "outline"), (84, "fine"), (34, "inside"), (14, "outline"))]
    lines += [ellipse(*(HUB + 62 * _at(a)), 6, 6, "fine") for a in np.radians(np.arange(8) * 45 + 22.5)]
    rope, rope_shape = _rope()
    lines += behind(_lens(), disc, *shapes, *rope_shape) + rope
    lines += behind(_planks(), disc, *shapes, ellipse(*LENS, 286, 286).points, *rope_shape)
    return within([*lines, *_construction()], BOX)


def _at(angle: float) -> np.ndarray:
    return np.array([np.cos(angle), np.sin(angle)])


def _spoke(k: int) -> tuple[list[Line], np.ndarray]:
    """A turned spoke from hub to rim, its handle beyond, and the shape of the part that lies over the rim."""
    angle = 2 * np.pi * k / SPOKES + np.pi / SPOKES
    u, v = _at(angle), _at(angle + np.pi / 2)
    inner = [(104, 15), (150, 12), (170, 22), (190, 15), (250, 19), (300, 15), (318, 15)]
    outer = [(392, 16), (410, 12), (424, 20), (470, 26), (506, 18), (516, 0)]
    lines = []
    for side in (-1, 1):
        lines.append(curve([HUB + r * u + side * w * v for r, w in inner], "inside", "even"))
        lines.append(curve([HUB + r * u + side * w * v for r, w in outer], "outline", "swell"))
        lines.append(straight(HUB + 318 * u + side * 15 * v, HUB + 392 * u + side * 16 * v, weight="inside"))
    lines += [
        straight(HUB + r * u - w * v, HUB + r * u + w * v, weight="fine")
        for r, w in ((170, 22), (184, 18), (424, 20), (410, 12))
    ]
    shape = np.array([HUB + r * u + s * v for r, s in ((300, 16), (392, 17), (392, -17), (300, -16))])
    whole = np.array(
        [HUB + 392 * u + 17 * v, HUB + 470 * u + 26 * v, HUB + 516 * u, HUB + 470 * u - 26 * v, HUB + 392 * u - 17 * v]
    )
    return lines, np.vstack([shape[:2], whole, shape[2:]])


def _lens() -> list[Line]:
    lines = [ellipse(*LENS, r, r, "outline" if r > 270 else "inside") for r in (286, 270)]
    lines += [ellipse(*LENS, r, r, "fine") for r in (60, 104, 112, 150, 158, 192, 200, 232, 240)]
    for a0, a1 in ((200, 250), (20, 66)):  # light runs across every ring at the same place
        for r0, r1 in ((112, 150), (158, 192), (200, 232)):
            for a in np.radians(np.linspace(a0, a1, 9)):
                lines.append(
                    straight(LENS + r0 * _at(a), LENS + r1 * _at(a), weight="hatch", profile="flick", drafted=False)
                )
    lines += [
        straight(LENS + 270 * _at(a), LENS + 286 * _at(a), weight="fine") for a in np.radians(np.arange(0, 360, 15))
    ]
    return lines


def _rope() -> tuple[list[Line], list[np.ndarray]]:
    """A rope from the wheel's lowest handle down to a coil: two edges and a twist between them."""
    middle = curve([(458, 2690), (404, 2800), (452, 2910), (380, 3040), (300, 3150), (230, 3230), (300, 3290), (420, 3280),
                    (470, 3224), (400, 3186), (310, 3200)]).points  # fmt: skip
    along = np.gradient(middle, axis=0)
    normal = np.column_stack([-along[:, 1], along[:, 0]]) / np.hypot(*along.T)[:, None]
    half = 15.0
    lines = [curve((middle + side * half * normal)[::8], "outline", "even") for side in (-1, 1)]
    for k in range(6, len(middle) - 12, 11):
        a, b = middle[k] - half * normal[k], middle[k + 9] + half * normal[k + 9]
        m = middle[k + 4]
        lines.append(curve([a, m + 3 * normal[k + 4], b], "fine", "swell", drafted=k % 22 == 6))
    shape = np.vstack([middle + half * normal, (middle - half * normal)[::-1]])
    return lines, [shape]


def _planks() -> list[Line]:
    lines = []
    rng = np.random.default_rng(12)
    for k, x in enumerate(np.linspace(150, 1130, 7)[1:-1]):
        lines.append(straight((x, 1750), (x + 6, 3358), weight="fine"))
        for _ in range(7):
            y = rng.uniform(1780, 3300)
            grain = [(x - 70 + 4 * j, y + 30 * j + 6 * np.sin(j + k)) for j in range(4)]
            lines.append(curve(grain, "hatch", "swell", drafted=False))
    lines += hatching((170, 3330), (930, 0), (26, -34), 42, seed=9)
    return lines


def _construction() -> list[Line]:
    lines = [
        straight(HUB - 530 * _at(a), HUB + 530 * _at(a), construction=True)
        for a in np.radians((22.5, 67.5, 112.5, 157.5))
    ]
    return [
        *lines,
        straight(LENS - (320, 0), LENS + (320, 0), construction=True),
        straight(LENS - (0, 320), LENS + (0, 320), construction=True),
    ]
