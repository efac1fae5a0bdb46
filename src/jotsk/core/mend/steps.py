"""Mends by name, as `jotsk do` and other scripts have them: docs/steps.md."""

from __future__ import annotations

from collections.abc import Callable, Mapping, Sequence
from typing import Any

import numpy as np
from numpy.typing import NDArray

from jotsk.core.errors import JotskError, Refused
from jotsk.core.hex_color import color_from_hex
from jotsk.core.ink import Pen
from jotsk.core.json_text import number_in
from jotsk.core.marks import Stroke
from jotsk.core.marks.mends import matrix_from, mesh_from
from jotsk.core.mend import brush, grow, join, over_under, snip, splice, whole
from jotsk.core.page import Page
from jotsk.core.page.edits.selection import strokes_across, strokes_inside
from jotsk.core.words import tr

MOST_STEPS, MOST_PLACES, FARTHEST_PX = 10_000, 100_000, 1e6
Step = Mapping[str, Any]
Pens = Callable[[str], Pen]  # the pen of an id; raises Refused
Table = dict[str, Callable[[Page, Step, Pens], tuple[Page, int]]]


class WrongStep(Refused):
    """A step that cannot be done; its sentence says which one and why."""


def run(
    page: Page, steps: Any, pens: Pens, report: Callable[[float], None] = lambda _: None, *, table: Table | None = None
) -> tuple[Page, list[int]]:
    """Do a list of steps on a page, one after the other, by a table of what there is; also how many strokes or areas
    each changed. Raises WrongStep."""
    table = STEPS if table is None else table
    if not isinstance(steps, list) or len(steps) > MOST_STEPS:
        raise WrongStep(tr("Steps are a list of at most {count:,}.", count=MOST_STEPS))
    counts = []
    for number, step in enumerate(steps, 1):
        report((number - 1) / len(steps))
        name = step.get("do") if isinstance(step, dict) else None
        if name not in table:
            raise WrongStep(
                tr("Step {number} is none there is; there are {known}.", number=number, known=", ".join(table))
            )
        try:
            page, count = table[name](page, step, pens)
        except KeyError as error:
            raise WrongStep(tr("Step {number}, {name}, needs {what}.", number=number, name=name, what=error)) from error
        except JotskError as error:
            raise WrongStep(tr("Step {number}, {name}: {reason}", number=number, name=name, reason=error)) from error
        except (ValueError, TypeError) as error:
            raise WrongStep(
                tr("Step {number}, {name}, makes no sense: {reason}.", number=number, name=name, reason=error)
            ) from error
        counts.append(count)
    return page, counts


def uid_of(page: Page, step: Step) -> int:
    name = step.get("layer")
    if name is None:
        return page.active_uid
    found = [layer.uid for layer in page.layers if layer.name == name]
    if not found:
        raise Refused(tr("there is no layer named “{name}”.", name=name))
    return found[0]


def places_of(value: Any, width: int = 2) -> NDArray[np.float64]:
    if not isinstance(value, list) or not 0 < len(value) <= MOST_PLACES:
        raise ValueError(tr("a way is a list of places"))
    rows = [[number_in(v, -FARTHEST_PX, FARTHEST_PX) for v in row] for row in value]
    if any(len(row) != width for row in rows):
        raise ValueError(tr("a place here has {count} numbers", count=width))
    return np.array(rows)


def _strokes(page: Page, step: Step) -> list[Stroke]:
    """Those that a step names: all of a layer, those inside a loop, or those a line touches."""
    layer, which = snip.ink_layer(page, uid_of(page, step)), step["strokes"]
    if which == "all":
        return snip.strokes_of(layer)
    if isinstance(which, dict) and "inside" in which:
        return strokes_inside(layer, places_of(which["inside"]))
    if isinstance(which, dict) and "touching" in which:
        return strokes_across(layer, places_of(which["touching"]))
    raise ValueError(
        tr(
            "strokes are {all}, {inside} or {touching}",
            all='"all"', inside='{"inside": [[x, y], ...]}', touching='{"touching": [[x, y], ...]}',
        )
    )  # fmt: skip


def _snip(page: Page, step: Step, pens: Pens) -> tuple[Page, int]:
    against = step.get("against", "layer")
    if against not in snip.AGAINST:
        raise ValueError(tr("{name} is one of {known}", name="against", known=", ".join(snip.AGAINST)))
    keep = number_in(step.get("keep", 0), 0, FARTHEST_PX)
    return snip.snipped(page, places_of(step["along"]), against, uid_of(page, step), keep_px=keep)


def _grow(page: Page, step: Step, pens: Pens) -> tuple[Page, int]:
    at, to = places_of([step["at"], step["to"]]).tolist()
    return grow.grown_back(page, (at[0], at[1]), (to[0], to[1]), uid=uid_of(page, step))


def _cut(page: Page, step: Step, pens: Pens) -> tuple[Page, int]:
    ((x, y),) = places_of([step["at"]]).tolist()
    return snip.cut_in_two(page, x, y, uid_of(page, step))


def _join(page: Page, step: Step, pens: Pens) -> tuple[Page, int]:
    return join.joined(page, number_in(step["within"], 0, FARTHEST_PX), uid_of(page, step))


def _splice(page: Page, step: Step, pens: Pens) -> tuple[Page, int]:
    return splice.spliced(page, _strokes(page, step), uid_of(page, step))


def _unsplice(page: Page, step: Step, pens: Pens) -> tuple[Page, int]:
    return splice.unspliced(page, _strokes(page, step), uid_of(page, step))


def _weight(page: Page, step: Step, pens: Pens) -> tuple[Page, int]:
    how = one_of(step, "as", brush.WEIGHT_WAYS)
    by = number_in(step["by"], 0, 1e3) if how == "weight" else 1.0
    if "along" in step:
        return brush.weighed_along(page, places_of(step["along"], 3), by, uid_of(page, step), how=how)
    return brush.weighed(page, _strokes(page, step), by, uid_of(page, step))


def _push(page: Page, step: Step, pens: Pens) -> tuple[Page, int]:
    way = places_of([step["from"], step["to"]])
    radius = number_in(step["radius"], 0, FARTHEST_PX)
    return brush.pushed_along(page, way, radius, uid_of(page, step), how=one_of(step, "as", brush.PUSH_WAYS))


def one_of(step: Step, name: str, values: Sequence[str]) -> str:
    """One of some words; the first if none is given."""
    value = step.get(name, values[0])
    if value not in values:
        raise ValueError(tr("{name} is one of {known}", name=name, known=", ".join(values)))
    return str(value)


def _simplify(page: Page, step: Step, pens: Pens) -> tuple[Page, int]:
    return whole.simplified(page, _strokes(page, step), number_in(step["tolerance"], 0, 1e4), uid_of(page, step))


def _place(page: Page, step: Step, pens: Pens) -> tuple[Page, int]:
    scaled = one_of(step, "weights", ("scaled", "kept")) == "scaled"
    by = mesh_from(step["mesh"]) if "mesh" in step else matrix_from(step["matrix"])
    return whole.placed(page, _strokes(page, step), by, scaled=scaled, uid=uid_of(page, step))


def _recast(page: Page, step: Step, pens: Pens) -> tuple[Page, int]:
    values: dict[str, Any] = {}
    if "pen" in step:
        values["pen"] = pens(str(step["pen"]))
    if "size" in step:
        values["size_px"] = number_in(step["size"], 0.01, 1e4)
    if "color" in step:
        values["color"] = color_from_hex(str(step["color"]))
    if "steady_after" in step:
        values["steady_after"] = number_in(step["steady_after"], 0, 100)
    if not values:
        raise ValueError(tr("it changes pen, size, color or steady_after"))
    return whole.recast(page, _strokes(page, step), uid_of(page, step), **values)


def _over(page: Page, step: Step, pens: Pens) -> tuple[Page, int]:
    ((x, y),) = places_of([step["at"]]).tolist()
    return over_under.turned(page, (x, y), uid=uid_of(page, step))


def _scale(page: Page, step: Step, pens: Pens) -> tuple[Page, int]:
    return whole.line_weights_scaled(page, number_in(step["by"], 0, 1e3))


STEPS: Table = {
    "snip": _snip, "grow": _grow, "cut": _cut, "join": _join, "splice": _splice, "unsplice": _unsplice,
    "weight": _weight, "push": _push, "simplify": _simplify, "place": _place, "recast": _recast, "over": _over,
    "weights": _scale,
}  # fmt: skip
