"""The layers of a page as a tree.

A page keeps its layers in one sequence, from the lowest to the topmost; what is in a group lies directly below it.
"""

from __future__ import annotations

from collections.abc import Collection, Iterable, Iterator, Sequence
from dataclasses import replace

from jotsk.core.page.layers.layer import GroupLayer, Layer

ROOT = 0
MOST_DEPTH = 64


def children(layers: Iterable[Layer], parent: int) -> list[Layer]:
    """The layers directly in a group, the lowest first."""
    return [layer for layer in layers if layer.parent == parent]


def arranged(layers: Iterable[Layer]) -> tuple[Layer, ...]:
    """Put every layer directly below the group that holds it; brothers keep their order.

    A parent that is not there, is no group, or would hold itself counts as none.
    """
    layers = list(layers)
    groups = {layer.uid for layer in layers if isinstance(layer, GroupLayer)}
    below: dict[int, list[Layer]] = {}
    for layer in layers:
        parent = layer.parent if layer.parent in groups else ROOT
        below.setdefault(parent, []).append(layer if parent == layer.parent else replace(layer, parent=ROOT))

    def within(parent: int, depth: int) -> Iterator[Layer]:
        for layer in below.get(parent, ()):
            if isinstance(layer, GroupLayer) and depth < MOST_DEPTH:
                yield from within(layer.uid, depth + 1)
            yield layer

    found = tuple(within(ROOT, 0))
    if len(found) == len(layers):
        return found
    reached = {layer.uid for layer in found}
    lost = [replace(layer, parent=ROOT) for layer in layers if layer.uid not in reached]
    return arranged([*found, *lost])


def distinct(layers: Iterable[Layer]) -> list[Layer]:
    """The layers, each with a uid of its own: one that is `ROOT`, or that a layer before it has, becomes a free one."""
    layers = list(layers)
    free = max((layer.uid for layer in layers), default=ROOT) + 1
    used = {ROOT}
    found = []
    for layer in layers:
        if layer.uid in used:
            layer, free = replace(layer, uid=free), free + 1
        used.add(layer.uid)
        found.append(layer)
    return found


def ancestors(layers: Sequence[Layer], layer: Layer) -> list[Layer]:
    """The groups a layer is in, the innermost first."""
    by_uid = {other.uid: other for other in layers}
    found: list[Layer] = []
    while layer.parent in by_uid and len(found) < MOST_DEPTH:
        layer = by_uid[layer.parent]
        found.append(layer)
    return found


def inside(layers: Sequence[Layer], uids: Collection[int]) -> set[int]:
    """The uids given, and of all layers in those that are groups."""
    held = set(uids)
    for layer in reversed(layers):  # groups come after what is in them
        if layer.parent in held:
            held.add(layer.uid)
    return held


def outermost(layers: Sequence[Layer], uids: Collection[int]) -> list[Layer]:
    """Those of `uids` that are in no other of them, the lowest first."""
    wanted = set(uids)
    return [
        layer for layer in layers if layer.uid in wanted and not any(g.uid in wanted for g in ancestors(layers, layer))
    ]
