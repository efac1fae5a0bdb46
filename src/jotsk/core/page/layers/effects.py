"""Live effects of a layer: what is seen of it is worked out from its px, and again where those change.

An effect renders any part of a layer from the parts it asks for of what lies before it, and says which part changes
when another does. Several are stacked, the first of them first.
"""

from __future__ import annotations

import math
import threading
import weakref
from collections.abc import Callable, Iterable, Mapping, Sequence
from dataclasses import dataclass, field, replace
from typing import Any, NamedTuple

import cv2
import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import Rect
from jotsk.core.geometry.rects import rect_of_cells
from jotsk.core.ink import TILE
from jotsk.core.ink.outline_kernel import fill_outline
from jotsk.core.ink.tone_kernel import screen_into
from jotsk.core.json_text import number_in
from jotsk.core.page.tiles.tiles import Pixels, Tiles, pixels_of
from jotsk.core.words import tr

BLOCK = 4 * TILE  # worked out at a time
MOST_EFFECTS, MOST_CORNERS, MOST_UID = 20, 5_000, 1 << 31
MOST_SEEN = 4  # states of the effects of one layer that are kept
SIGMAS = 3.0
REMAP_STEPS = 32  # cv2.INTER_TAB_SIZE
MIDDLE = 255 * 128  # grey, of which twice as much fits 16 bits
FARTHEST_PX = 1e6
Fetch = Callable[[Rect], Pixels]
Values = Mapping[str, Any]


class Field(NamedTuple):
    """A number of an effect: its words, range, unit, what it is at first, and whether it is a length of the page."""

    words: str
    low: float
    high: float
    usual: float
    unit: str = ""
    is_length: bool = False


@dataclass(frozen=True)
class Effect:
    """One effect: its kind, its numbers, whether it is on, and for `inside` the outline it shows the layer in. `source`
    is the uid of the layer whose grey moves it, 0 if none does, and `grey` the tiles of that layer: the page keeps them
    as they are at present."""

    kind: str
    values: tuple[tuple[str, float], ...] = ()
    on: bool = True
    outline: tuple[tuple[float, float], ...] = ()
    source: int = 0
    grey: Tiles | None = field(default=None, compare=False, repr=False)

    @classmethod
    def of(cls, kind: str, **values: float) -> Effect:
        """An effect with its usual numbers but for some. Raises KeyError for a kind there is not."""
        fields = KINDS[kind].fields
        return cls(kind, tuple((name, float(values.get(name, field.usual))) for name, field in fields.items()))

    def __getitem__(self, name: str) -> float:
        return dict(self.values)[name]

    def with_value(self, name: str, value: float) -> Effect:
        return replace(self, values=tuple((n, float(value) if n == name else v) for n, v in self.values))

    def mapped(self, k: float, dx: float, dy: float) -> Effect:
        """On a page whose content is k times as large and moved."""
        fields = KINDS[self.kind].fields
        values = tuple((n, v * k if fields[n].is_length else v) for n, v in self.values)
        if self.kind == "mirror":
            values = tuple((n, v + dy if n == "axis" else v) for n, v in values)
        return replace(self, values=values, outline=tuple((x * k + dx, y * k + dy) for x, y in self.outline))

    def record(self) -> dict[str, Any]:
        record: dict[str, Any] = {"kind": self.kind, "on": self.on, **dict(self.values)}
        record |= {"outline": [list(p) for p in self.outline]} if self.outline else {}
        return record | ({"source": self.source} if self.source else {})

    def following(self, tiles: Mapping[int, Tiles]) -> Effect:
        """Moved by its layer as that is now, `tiles` being those of the layers by uid; by the last there was, if it is
        gone."""
        now = tiles.get(self.source, self.grey) if self.source else None
        return self if now is self.grey else replace(self, grey=now)


def effects_from(value: Any) -> tuple[Effect, ...]:
    """Read a list of effects; one that makes no sense is left out."""
    found = []
    for record in value if isinstance(value, list) else ():
        try:
            fields = KINDS[record["kind"]].fields
            values = tuple((n, number_in(record.get(n, f.usual), f.low, f.high)) for n, f in fields.items())
            corners = [tuple(number_in(v, -FARTHEST_PX, FARTHEST_PX) for v in p) for p in record.get("outline", ())]
            source = int(number_in(record.get("source", 0), 0, MOST_UID)) if KINDS[record["kind"]].by_layer else 0
        except (KeyError, ValueError, TypeError):
            continue
        outline = tuple((p[0], p[1]) for p in corners[:MOST_CORNERS] if len(p) == 2)
        found.append(Effect(record["kind"], values, record.get("on") is not False, outline, source))
    return tuple(found[:MOST_EFFECTS])


# -- kinds ---------------------------------------------------------------------------------------


def _rgba(pixels: Pixels) -> NDArray[np.uint8]:
    return np.ascontiguousarray(pixels).view(np.uint8).reshape(*pixels.shape, 4)


def _packed(rgba: NDArray[np.uint8]) -> Pixels:
    return np.ascontiguousarray(rgba).view(np.uint32)[..., 0]


def _straight(pixels: Pixels) -> tuple[NDArray[np.float32], NDArray[np.float32]]:
    """Colour 0..1 without its alpha, and the alpha 0..1."""
    rgba = _rgba(pixels).astype(np.float32) / 255
    alpha = rgba[..., 3:]
    rgb = np.divide(rgba[..., :3], alpha, out=np.zeros_like(rgba[..., :3]), where=alpha > 0)
    return rgb.astype(np.float32), alpha.astype(np.float32)


def _premultiplied(rgb: NDArray[np.floating], alpha: NDArray[np.floating]) -> Pixels:
    whole = np.concatenate([np.clip(rgb, 0, 1) * alpha, alpha], axis=-1)
    return _packed((whole * 255 + 0.5).astype(np.uint8))


def _blur(effect: Effect, rect: Rect, fetch: Fetch) -> Pixels:
    sigma = effect["radius"]
    if sigma <= 0:
        return fetch(rect)
    pad = math.ceil(SIGMAS * sigma)
    side = 2 * pad + 1
    rgba = cv2.GaussianBlur(_rgba(fetch(rect.grown(pad))), (side, side), sigma, borderType=cv2.BORDER_CONSTANT)
    return _packed(np.asarray(rgba[pad:-pad, pad:-pad], np.uint8))


def _tone(effect: Effect, rect: Rect, fetch: Fetch) -> Pixels:
    """Brightness is added; contrast turns the line of values about the middle grey, steeper or flatter."""
    rgb, alpha = _straight(fetch(rect))
    slope = math.tan((effect["contrast"] / 100 + 1) * math.pi / 4 * 0.999)
    return _premultiplied((rgb - 0.5) * slope + 0.5 + effect["brightness"] / 100, alpha)


def hue_matrix(degrees: float, saturation: float) -> NDArray[np.float64]:
    """W3C Filter Effects Module Level 1: feColorMatrix `hueRotate`, then `saturate`."""
    c, s = math.cos(math.radians(degrees)), math.sin(math.radians(degrees))
    grey = np.array([[0.213, 0.715, 0.072]] * 3)
    turn = (
        grey + c * (np.eye(3) - grey)
        + s * np.array([[-0.213, -0.715, 0.928], [0.143, 0.140, -0.283], [-0.787, 0.715, 0.072]])
    )  # fmt: skip
    return np.asarray((grey + saturation * (np.eye(3) - grey)) @ turn)


def _hue(effect: Effect, rect: Rect, fetch: Fetch) -> Pixels:
    rgb, alpha = _straight(fetch(rect))
    return _premultiplied(rgb @ hue_matrix(effect["hue"], effect["saturation"] / 100).T.astype(np.float32), alpha)


def _clear(effect: Effect, rect: Rect, fetch: Fetch) -> Pixels:
    """Paper becomes clear: what is as light as `white` has no ink, what is as dark as `black` all of it. Specks are
    dropped, and the colour of the ink is kept if that is wanted, or it is black."""
    pad = math.ceil(effect["specks"]) + 1
    rgb, alpha = _straight(fetch(rect.grown(pad)))
    over = rgb * alpha + (1 - alpha)
    light = over @ np.array([0.299, 0.587, 0.114], np.float32)
    white, black = effect["white"] / 100, effect["black"] / 100
    ink = np.clip((white - light) / max(1e-3, white - black), 0, 1)
    if effect["specks"] >= 1:
        _, labels, stats, _ = cv2.connectedComponentsWithStats((ink > 0.2).view(np.uint8), connectivity=8)
        small = (stats[:, cv2.CC_STAT_WIDTH] <= effect["specks"]) & (stats[:, cv2.CC_STAT_HEIGHT] <= effect["specks"])
        small[0] = False
        ink = np.where(small[labels], 0, ink)
    ink = ink[pad:-pad, pad:-pad, None].astype(np.float32)
    if effect["color"] < 0.5:
        return _premultiplied(np.zeros((*ink.shape[:2], 3), np.float32), ink)
    own = over[pad:-pad, pad:-pad]
    return _premultiplied((own - (1 - ink)) / np.maximum(ink, 1e-3), ink)


def _outline(effect: Effect, rect: Rect, fetch: Fetch) -> Pixels:
    width = effect["width"]
    pad = math.ceil(width) + 2
    pixels = fetch(rect.grown(pad))
    rgba = _rgba(pixels)
    away = cv2.distanceTransform((rgba[..., 3] < 128).view(np.uint8), cv2.DIST_L2, 5)
    around = np.clip(width + 0.5 - away, 0, 1)[..., None]
    around[(away == 0)] = 1
    if not (rgba[..., 3] >= 128).any():
        around[:] = 0
    shade = np.full((*away.shape, 3), effect["shade"] / 100, np.float32)
    below = _rgba(_premultiplied(shade, around.astype(np.float32))).astype(np.float32)
    over = rgba.astype(np.float32) + below * (255 - rgba[..., 3:].astype(np.float32)) / 255
    return _packed((over + 0.5).astype(np.uint8)[pad:-pad, pad:-pad])


def _screen(effect: Effect, rect: Rect, fetch: Fetch) -> Pixels:
    """As much ink as it is dark, in dots, lines or crosses; every px all ink or none."""
    rgb, alpha = _straight(fetch(rect))
    darkness = alpha[..., 0] * (1 - rgb @ np.array([0.299, 0.587, 0.114], np.float32))
    ink = np.zeros((rect.height, rect.width), np.uint8)
    screen_into(
        ink, np.ascontiguousarray(darkness, np.float32), rect.x0, rect.y0, round(effect["shape"]), effect["cell"],
        math.radians(effect["angle"]),
    )  # fmt: skip
    return _premultiplied(np.zeros((*ink.shape, 3), np.float32), ink[..., None].astype(np.float32) / 255)


def _ripple(effect: Effect, rect: Rect, fetch: Fetch) -> Pixels:
    """By waves, or by the grey of a layer, softened over the length of a wave: black moves what is there to the right
    and down, white to the left and up."""
    reach, wave = effect["height"], max(1.0, effect["length"])
    pad = math.ceil(reach) + 2
    pixels = _rgba(fetch(rect.grown(pad)))
    zeros = np.zeros((rect.height, rect.width))
    x = np.arange(rect.x0, rect.x1)[None] + zeros
    y = np.arange(rect.y0, rect.y1)[:, None] + zeros
    if effect.source:
        soft = _soft_px(effect)
        side = 2 * soft + 1
        dark = cv2.GaussianBlur(_darkness(effect.grey, rect.grown(soft)), (side, side), soft / SIGMAS)
        across = along = 1.0 - dark[soft : soft + rect.height, soft : soft + rect.width] / MIDDLE
    else:
        across, along = np.sin(2 * np.pi * y / wave), np.sin(2 * np.pi * x / wave)
    from_x = x - rect.x0 + pad + _in_steps(reach * across)
    from_y = y - rect.y0 + pad + _in_steps(reach * along * 0.5)
    moved = cv2.remap(pixels, from_x.astype(np.float32), from_y.astype(np.float32), cv2.INTER_LINEAR)
    return _packed(moved)


def _in_steps(px: NDArray[np.float64]) -> NDArray[np.float64]:
    """In the steps between px that OpenCV looks at: the same wherever the part begins that is worked out."""
    return np.round(px * REMAP_STEPS) / REMAP_STEPS


def _soft_px(effect: Effect) -> int:
    """How far a change of the grey that moves an effect reaches."""
    return max(1, math.ceil(effect["length"] / 2))


def _darkness(tiles: Tiles | None, rect: Rect) -> NDArray[np.uint16]:
    """Twice `MIDDLE` where a layer is black, that where it is middle grey or nothing, 0 where it is white; (H, W).
    Whole numbers: OpenCV blurs them exactly."""
    if tiles is None or not tiles.bounds & rect:
        return np.full((rect.height, rect.width), MIDDLE, np.uint16)
    rgba = _rgba(pixels_of(tiles, rect))
    light = cv2.cvtColor(np.ascontiguousarray(rgba[..., :3]), cv2.COLOR_RGB2GRAY)
    dark = 255 + rgba[..., 3].astype(np.int32) - 2 * light.astype(np.int32)
    return (np.clip(dark, 0, 510) * (MIDDLE // 255)).astype(np.uint16)


def _inside(effect: Effect, rect: Rect, fetch: Fetch) -> Pixels:
    pixels = _rgba(fetch(rect))
    if len(effect.outline) < 3:
        return _packed(pixels)
    sigma = effect["soften"]
    pad = math.ceil(SIGMAS * sigma)
    mask = np.zeros((rect.height + 2 * pad, rect.width + 2 * pad), np.uint8)
    fill_outline(mask, np.array(effect.outline), float(rect.x0 - pad), float(rect.y0 - pad))
    if pad:
        side = 2 * pad + 1
        mask = cv2.GaussianBlur(mask, (side, side), sigma, borderType=cv2.BORDER_CONSTANT)[pad:-pad, pad:-pad]
    return _packed((pixels.astype(np.uint16) * mask[..., None] // 255).astype(np.uint8))


def _mirror(effect: Effect, rect: Rect, fetch: Fetch) -> Pixels:
    """Below the axis lies a copy upside down, fainter and fainter."""
    axis = round(effect["axis"])
    own = _rgba(fetch(rect)).astype(np.float32)
    there = Rect(rect.x0, 2 * axis - rect.y1, rect.x1, 2 * axis - rect.y0)
    copy = _rgba(fetch(there))[::-1].astype(np.float32)
    depth = np.arange(rect.y0, rect.y1, dtype=np.float32)[:, None, None] + 0.5 - axis
    faint = effect["opacity"] / 100 * np.clip(1 - depth / max(1.0, effect["fade"]), 0, 1) * (depth > 0)
    below = copy * faint
    return _packed((own + below * (255 - own[..., 3:]) / 255 + 0.5).astype(np.uint8))


def _near(name: str, times: float = 1.0) -> Callable[[Effect, Rect], Rect]:
    return lambda effect, rect: rect.grown(math.ceil(times * effect[name]) + 2)


def _same(effect: Effect, rect: Rect) -> Rect:
    return rect


def _mirrored(effect: Effect, rect: Rect) -> Rect:
    axis = round(effect["axis"])
    return rect | Rect(rect.x0, 2 * axis - rect.y1, rect.x1, 2 * axis - rect.y0)


class Kind(NamedTuple):
    words: str
    fields: Mapping[str, Field]
    render: Callable[[Effect, Rect, Fetch], Pixels]
    spread: Callable[[Effect, Rect], Rect]  # what changes when a part does
    by_layer: bool = False  # whether the grey of a layer can move it


KINDS: dict[str, Kind] = {
    "blur": Kind(tr("Blur"), {"radius": Field(tr("Radius"), 0, 200, 4, "px", True)}, _blur, _near("radius", SIGMAS)),
    "tone": Kind(
        tr("Brightness and contrast"),
        {"brightness": Field(tr("Brightness"), -100, 100, 0, "%"),
            "contrast": Field(tr("Contrast"), -100, 100, 0, "%")},
        _tone, _same,
    ),
    "hue": Kind(
        tr("Hue and saturation"),
        {"hue": Field(tr("Hue"), -180, 180, 0, "°"), "saturation": Field(tr("Saturation"), 0, 300, 100, "%")}, _hue,
        _same,
    ),
    "clear": Kind(
        tr("White to clear"),
        {
            "white": Field(tr("White from"), 1, 100, 88, "%"), "black": Field(tr("Black up to"), 0, 99, 30, "%"),
            "specks": Field(tr("Specks up to"), 0, 60, 3, "px", True), "color": Field(tr("Keep the colour"), 0, 1, 0),
        },
        _clear, _near("specks"),
    ),
    "outline": Kind(
        tr("Outline"),
        {"width": Field(tr("Width"), 0, 200, 6, "px", True), "shade": Field(tr("Lightness"), 0, 100, 100, "%")},
        _outline, _near("width"),
    ),
    "ripple": Kind(
        tr("Ripple"),
        {"height": Field(tr("Height"), 0, 200, 6, "px", True), "length": Field(tr("Length"), 2, 2000, 60, "px", True)},
        _ripple, _near("height"), by_layer=True,
    ),
    "inside": Kind(tr("Only inside"), {"soften": Field(tr("Soft edge"), 0, 200, 0, "px", True)}, _inside, _same),
    "screen": Kind(
        tr("Tone of its grey"),
        {
            "cell": Field(tr("Cell"), 2, 200, 10, "px", True), "angle": Field(tr("Angle"), 0, 180, 45, "°"),
            "shape": Field(tr("Dots 0, lines 1, crosses 2"), 0, 2, 0),
        },
        _screen, _same,
    ),
    "mirror": Kind(
        tr("Reflection"),
        {
            "axis": Field(tr("Axis from the top"), -100_000, 200_000, 1000, "px", True),
            "opacity": Field(tr("Opacity"), 0, 100, 50, "%"),
            "fade": Field(tr("Fades within"), 1, 20_000, 600, "px", True),
        },
        _mirror, _mirrored,
    ),
}  # fmt: skip


# -- what is seen --------------------------------------------------------------------------------


Key = tuple[tuple[Effect, ...], tuple[int, ...]]  # effects, and which tiles move them

_latest: dict[tuple[int, tuple[Effect, ...]], tuple[weakref.ref[Tiles], Key]] = {}
_lock = threading.RLock()


def seen_tiles(uid: int, tiles: Tiles, effects: Sequence[Effect]) -> Tiles:
    """What is seen of the tiles of a layer. Kept as long as they are; of the layer as it was before only what changed
    is worked out anew."""
    on = tuple(effect for effect in effects if effect.on)
    if not on or tiles.is_empty:
        return tiles
    key = on, tuple(id(effect.grey) for effect in on)
    known = tiles.seen.get(key)  # nobody waits here for what others work out
    if known is not None:
        return known
    with _lock:
        known = tiles.seen.get(key)
        if known is not None:
            return known
        latest, last = _latest.get((uid, on), (None, key))
        before = latest() if latest is not None else None
        shown = before.seen.get(last) if before is not None else None
        if before is None or shown is None:
            made = _worked_out(Tiles(), tiles, on, _keys_of(_spread(tiles.bounds, on)))
        else:
            keys = _changed(tiles.changed_since(before), on)
            for k, (effect, then) in enumerate(zip(on, last[0], strict=True)):
                if effect.grey is not then.grey:
                    places = (effect.grey or Tiles()).changed_since(then.grey or Tiles())
                    keys |= _changed(places, on[k + 1 :], _soft_px(effect))
            made = _worked_out(shown, tiles, on, keys)
        tiles.seen[key] = made
        while len(tiles.seen) > MOST_SEEN:
            del tiles.seen[next(iter(tiles.seen))]
        for gone in [name for name, (kept, _) in _latest.items() if kept() is None]:
            del _latest[gone]
        _latest[uid, on] = weakref.ref(tiles), key
        return made


def _changed(
    places: Iterable[tuple[int, int]], effects: Sequence[Effect], beyond: int = 0
) -> set[tuple[int, int]]:  # fmt: skip
    """The tiles that change when others do, and so much around them; by their columns and rows."""
    keys = set()
    for key in places:
        rect = Rect.of_cell(key, TILE).grown(beyond)
        keys |= _keys_of(_spread(rect, effects))
    return keys


def _spread(rect: Rect, effects: Sequence[Effect]) -> Rect:
    for effect in effects:
        rect = KINDS[effect.kind].spread(effect, rect)
    return rect


def _keys_of(area: Rect) -> set[tuple[int, int]]:
    return set(area.cells(TILE)) if area else set()


def _worked_out(base: Tiles, tiles: Tiles, effects: Sequence[Effect], keys: set[tuple[int, int]]) -> Tiles:
    """`base` with the tiles `keys` worked out from `tiles`, block by block."""
    fetch: Fetch = lambda rect: pixels_of(tiles, rect)  # noqa: E731
    for effect in effects:
        fetch = _staged(effect, fetch)
    blocks: dict[tuple[int, int], list[tuple[int, int]]] = {}
    per = BLOCK // TILE
    for column, row in keys:
        blocks.setdefault((column // per, row // per), []).append((column, row))
    changes: dict[tuple[int, int], Pixels] = {}
    for of_block in blocks.values():
        area = rect_of_cells(of_block, TILE)
        pixels = fetch(area)
        for column, row in of_block:
            y, x = row * TILE - area.y0, column * TILE - area.x0
            changes[column, row] = np.ascontiguousarray(pixels[y : y + TILE, x : x + TILE])
    return base.with_tiles(changes)


def _staged(effect: Effect, fetch: Fetch) -> Fetch:
    return lambda rect: KINDS[effect.kind].render(effect, rect, fetch)
