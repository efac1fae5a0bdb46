"""Ways of filling by name, as `jotsk do` has them beside the mends: docs/steps.md."""

from __future__ import annotations

from dataclasses import replace
from typing import Any

from jotsk.core.fill.filling import KINDS, Filling, Inks, filled_outline
from jotsk.core.fill.flats import with_flats
from jotsk.core.fill.patterns import pattern_of
from jotsk.core.fill.pour import poured
from jotsk.core.geometry import Rect
from jotsk.core.hex_color import color_from_hex
from jotsk.core.ink import Color
from jotsk.core.json_text import number_in
from jotsk.core.marks.area import LOOKS, Pour
from jotsk.core.marks.fills import SHAPES
from jotsk.core.mend import steps as mends
from jotsk.core.mend.steps import FARTHEST_PX, Pens, Step, one_of, places_of, run, uid_of
from jotsk.core.page import Page
from jotsk.core.page.layers.effects import KINDS as EFFECTS
from jotsk.core.page.layers.effects import effects_from
from jotsk.core.words import tr

__all__ = ["STEPS", "run"]

BLACK: Color = (0x14, 0x18, 0x1B)
NUMBERS = {  # of a fill: the setting it is, and its range
    "lpi": ("lpi", 1, 1000), "angle": ("angle", -3600, 3600), "density": ("density", 0, 1),
    "spacing": ("spacing_px", 0.5, 1e4), "weight": ("weight_px", 0.1, 1e4), "length": ("length_px", 1, 1e4),
    "directions": ("directions", 1, 3), "irregular": ("irregular", 0, 1),
}  # fmt: skip


def _color(step: Step, name: str = "color", otherwise: Color = BLACK) -> Color:
    return color_from_hex(str(step[name])) if name in step else otherwise


def _onto(page: Page, step: Step) -> int | None:
    return uid_of(page, {"layer": step["onto"]}) if "onto" in step else None


def _pour(page: Page, step: Step, pens: Pens) -> tuple[Page, int]:
    (x, y), grow = places_of([step["at"]])[0].tolist(), step.get("grow")
    rule = Pour(
        (x, y), one_of(step, "look", LOOKS), uid_of(page, step), number_in(step.get("gap", 6), 0, 1e4),
        None if grow is None else number_in(grow, 0, 1e4), number_in(step.get("tolerance", 10), 0, 100),
    )  # fmt: skip
    may_leak = bool(step.get("even_if_it_leaks"))
    page, _ = poured(page, rule, _color(step), onto=_onto(page, step), may_leak=may_leak)
    return page, 1


def _flats(page: Page, step: Step, pens: Pens) -> tuple[Page, int]:
    least = number_in(step.get("least", 60), 1, FARTHEST_PX**2)
    return with_flats(page, number_in(step.get("gap", 6), 0, 1e4), least_px2=least, onto=_onto(page, step))


def _area(page: Page, step: Step, pens: Pens) -> tuple[Page, int]:
    fill: Any = step.get("fill", {"kind": "flat"})
    if not isinstance(fill, dict) or fill.get("kind", "flat") not in KINDS:
        raise ValueError(tr("a fill has a kind: {known}", known=", ".join(KINDS)))
    values: dict[str, Any] = {"kind": fill.get("kind", "flat")}
    for name, (setting, low, high) in NUMBERS.items():
        if name in fill:
            value = number_in(fill[name], low, high)
            values[setting] = int(value) if setting == "directions" else value
    if "shape" in fill:
        values["shape"] = one_of(fill, "shape", tuple(SHAPES))
    if "light" in fill:
        values["uses_light"] = fill["light"] is not None
        if values["uses_light"]:
            values["light"] = number_in(fill["light"], -3600, 3600)
    if "from" in fill:
        (x0, y0), (x1, y1) = places_of([fill["from"][:2], fill["from"][2:]]).tolist()
        values["pattern"] = pattern_of(page, Rect(int(x0), int(y0), int(x1), int(y1)))
    how = Filling(round=bool(fill.get("round")), fades="last" not in fill, **values)
    pen = pens(str(fill.get("pen", "quill-nib")))
    color = _color(fill, "color", _color(step))
    inks = Inks(color, _color(fill, "last", color), pen)
    uid = _onto(page, step)
    active = page.active_uid
    page = filled_outline(replace(page, active_uid=uid or uid_of(page, step)), _corners(step), how, inks)
    return replace(page, active_uid=active), 1


def _effect(page: Page, step: Step, pens: Pens) -> tuple[Page, int]:
    layer = page.layer(uid_of(page, step))
    record = {k: v for k, v in step.items() if k not in ("do", "layer", "by")}
    if "by" in step:
        record["source"] = uid_of(page, {"layer": step["by"]})
    found = effects_from([record])
    if layer is None or not found:
        raise ValueError(tr("an effect has a kind, {known}, and numbers in their ranges", known=", ".join(EFFECTS)))
    return page.with_layer(replace(layer, effects=(*layer.effects, *found))), 1


def _corners(step: Step) -> list[tuple[float, float]]:
    return [(x, y) for x, y in places_of(step["outline"]).tolist()]


STEPS = {**mends.STEPS, "pour": _pour, "flats": _flats, "area": _area, "effect": _effect}
