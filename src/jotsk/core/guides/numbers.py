"""A guide in numbers: its values one by one, as they are typed."""

from __future__ import annotations

from dataclasses import replace
from typing import Any

from jotsk.core.guides.fields import Row
from jotsk.core.guides.guide import Guide, specs_of


def rows_of(guide: Guide) -> list[tuple[str, Row]]:
    """What can be typed, by key: the name of a field, with a number after it for one part of it. Switches last."""
    found: list[tuple[str, Row]] = []
    for f, spec in specs_of(guide):
        if spec.each_point:
            for k in range(len(getattr(guide, f.name)) if spec.rows else 0):
                for axis, row in enumerate(spec.rows):
                    found.append((f"{f.name} {2 * k + axis}", replace(row, words=row.words.format(k + 1))))
        elif len(spec.rows) > 1:
            found += [(f"{f.name} {k}", row) for k, row in enumerate(spec.rows)]
        elif spec.rows:
            found.append((f.name, spec.rows[0]))
    found += guide.typed_too.items()
    return sorted(found, key=lambda pair: pair[1].is_switch)


def typed(guide: Guide, key: str, row: Row) -> float | bool:
    """The value that is shown for `key`."""
    name, *which = key.split()
    value = getattr(guide, name)
    if which:
        k = int(which[0])
        value = value[k // 2][k % 2] if isinstance(value[0], tuple) else value[k]
    return bool(value) if row.is_switch else value * row.times if row.times != 1.0 else value


def with_typed(guide: Guide, key: str, row: Row, value: float | bool) -> dict[str, Any]:
    """The field and its new value when `value` was typed for `key`; all fields that change by it."""
    name, *which = key.split()
    if name in guide.typed_too:
        changed = guide.with_value(name, float(value))
        return {f.name: getattr(changed, f.name) for f, _ in specs_of(guide)}
    new: Any = value / row.times if row.times != 1.0 else value
    if which:
        k, old = int(which[0]), getattr(guide, name)
        if isinstance(old[0], tuple):
            point = list(old[k // 2])
            point[k % 2] = new
            new = (*old[: k // 2], tuple(point), *old[k // 2 + 1 :])
        else:
            new = (*old[:k], new, *old[k + 1 :])
    return {name: new}
