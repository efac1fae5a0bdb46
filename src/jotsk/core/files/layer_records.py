"""What a page and its layers are besides pixels and strokes, as plain data."""

from __future__ import annotations

from collections.abc import Mapping
from typing import Any

from jotsk.core.ink import Color
from jotsk.core.json_text import beyond, with_unknown
from jotsk.core.page import GroupLayer, InkLayer, Layer, Page, PaintLayer
from jotsk.core.page.compose.modes import MODES, NORMAL
from jotsk.core.page.layers.effects import MOST_UID, effects_from
from jotsk.core.page.light import light_from

KINDS: dict[str, type[Layer]] = {"ink": InkLayer, "paint": PaintLayer, "group": GroupLayer}
MOST_LET_BE = 10_000
# The fields of the records, those that say where pixels and strokes are included.
OF_LAYER = frozenset({
    "kind", "uid", "name", "visible", "opacity", "locked", "tint", "is_sketch", "follows_guides", "follows_symmetry",
    "parent", "blend", "clips", "locks_place", "locks_alpha", "effects", "extras", "isolated",
    "src", "sha256", "untinted", "strokes", "rows", "chunks",
})  # fmt: skip
OF_PAGE = frozenset({
    "width", "height", "dpi", "paper", "active", "trim_mm", "bleed_mm", "safe_mm", "guides", "seen_as", "let_be",
    "light", "sheet", "format", "pens", "layers", "extras",
})  # fmt: skip


def kind_of(layer: Layer) -> str:
    return next(name for name, kind in KINDS.items() if isinstance(layer, kind))


def layer_record(layer: Layer) -> dict[str, Any]:
    """All of a layer but its tiles and marks, JSON-ready."""
    record = {
        "kind": kind_of(layer),
        "uid": layer.uid,
        "name": layer.name,
        "visible": layer.visible,
        "opacity": layer.opacity,
        "locked": layer.locked,
        "tint": list(layer.tint) if layer.tint else None,
        "is_sketch": layer.is_sketch,
        "follows_guides": layer.follows_guides,
        "follows_symmetry": layer.follows_symmetry,
        "parent": layer.parent,
        "blend": layer.blend,
        "clips": layer.clips,
        "locks_place": layer.locks_place,
        "locks_alpha": layer.locks_alpha,
        "effects": [effect.record() for effect in layer.effects],
        "extras": [list(pair) for pair in layer.extras],
    }
    if isinstance(layer, GroupLayer):
        record["isolated"] = layer.isolated
    return with_unknown(record, layer.unknown)


def layer_values(record: Mapping[str, Any]) -> dict[str, Any]:
    """The values of a layer in a record, each replaced by its default where it makes no sense."""
    return {
        "uid": whole(record.get("uid"), 1, MOST_UID, 0),
        "name": str(record.get("name", "Layer"))[:200],
        "visible": record.get("visible") is not False,
        "opacity": _within(record.get("opacity"), 0.0, 1.0, 1.0),
        "locked": record.get("locked") is True,
        "tint": color_from(record.get("tint")),
        "is_sketch": record.get("is_sketch") is True,
        "follows_guides": record.get("follows_guides") is not False,
        "follows_symmetry": record.get("follows_symmetry") is not False,
        "parent": whole(record.get("parent"), 0, MOST_UID, 0),
        "blend": record["blend"] if record.get("blend") in MODES else NORMAL,
        "clips": record.get("clips") is True,
        "locks_place": record.get("locks_place") is True,
        "locks_alpha": record.get("locks_alpha") is True,
        "effects": effects_from(record.get("effects")),
        "extras": _pairs(record.get("extras")),
        "unknown": beyond(record, OF_LAYER),
    }


def page_record(page: Page) -> dict[str, Any]:
    """All of a page but its layers, JSON-ready."""
    record = {
        "width": page.width,
        "height": page.height,
        "dpi": page.dpi,
        "paper": list(page.paper),
        "active": page.active_uid,
        "trim_mm": page.trim_mm,
        "bleed_mm": page.bleed_mm,
        "safe_mm": page.safe_mm,
        "guides": [dict(guide) for guide in page.guides],
        "seen_as": list(page.seen_as) if page.seen_as else None,
        "let_be": [list(name) for name in page.let_be],
        "light": page.light.record() if page.light else None,
        "sheet": list(page.sheet) if page.sheet else None,
    }
    return with_unknown(record, page.unknown)


def page_values(record: Mapping[str, Any]) -> dict[str, Any]:
    """The values of a page in a record, but for size, layers and which is active."""
    dpi, guides = record.get("dpi"), record.get("guides")
    return {
        "dpi": _within(dpi, 1.0, 10_000.0, 300.0),
        "paper": color_from(record.get("paper")) or (255, 255, 255),
        "trim_mm": _within(record.get("trim_mm"), 0.0, 100.0, 0.0),
        "bleed_mm": _within(record.get("bleed_mm"), 0.0, 100.0, 0.0),
        "safe_mm": _within(record.get("safe_mm"), 0.0, 100.0, 0.0),
        "guides": tuple(g for g in guides if isinstance(g, dict)) if isinstance(guides, list) else (),
        "seen_as": _seen_as(record.get("seen_as")),
        "let_be": _names(record.get("let_be")),
        "light": light_from(record.get("light")),
        "sheet": _sheet(record.get("sheet")),
        "unknown": beyond(record, OF_PAGE),
    }


def _sheet(value: Any) -> tuple[str, str] | None:
    if isinstance(value, list) and len(value) == 2 and all(isinstance(v, str) for v in value):
        return value[0], value[1]
    return None


def color_from(value: Any) -> Color | None:
    if isinstance(value, list) and len(value) == 3 and all(isinstance(v, int) and 0 <= v <= 255 for v in value):
        return value[0], value[1], value[2]
    return None


def whole(value: Any, low: int, high: int, otherwise: int) -> int:
    if isinstance(value, int) and not isinstance(value, bool) and low <= value <= high:
        return value
    return otherwise


def _within(value: Any, low: float, high: float, otherwise: float) -> float:
    if isinstance(value, int | float) and low <= value <= high:
        return float(value)
    return otherwise


def _pairs(value: Any) -> tuple[tuple[str, str], ...]:
    if not isinstance(value, list):
        return ()
    return tuple((str(p[0])[:100], str(p[1])[:1000]) for p in value[:50] if isinstance(p, list) and len(p) == 2)


def _seen_as(value: Any) -> tuple[float, float, bool, float, float] | None:
    if not isinstance(value, list) or len(value) != 5:
        return None
    zoom, angle, flipped, x, y = value
    if not all(isinstance(v, int | float) and abs(v) < 1e7 for v in (zoom, angle, x, y)) or not 0.001 <= zoom <= 1000:
        return None
    return float(zoom), float(angle), flipped is True, float(x), float(y)


def _names(value: Any) -> tuple[tuple[str, int, int, int], ...]:
    """Of findings: a kind and three whole numbers each; what is none is left out."""
    if not isinstance(value, list):
        return ()
    whole_numbers = (
        name for name in value[:MOST_LET_BE]
        if isinstance(name, list) and len(name) == 4 and isinstance(name[0], str)
        and all(type(number) is int and abs(number) < 1 << 64 for number in name[1:])
    )  # fmt: skip
    return tuple((kind[:20], mark, x, y) for kind, mark, x, y in whole_numbers)
