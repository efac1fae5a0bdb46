from __future__ import annotations

from dataclasses import replace

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from jotsk.core.errors import Refused
from jotsk.core.hand import trace_from
from jotsk.core.ink import pen_by_id
from jotsk.core.marks import Stroke
from jotsk.core.page import GroupLayer, InkLayer, Page, PaintLayer, blank_page, edits, flattened, render
from jotsk.core.page.edits import layer_edits
from jotsk.core.page.layers.tree import arranged, children, distinct


def stroke(y: float, color: tuple[int, int, int] = (0, 0, 0), size: float = 9.0) -> Stroke:
    t = np.linspace(0, 0.5, 30)
    trace = trace_from(t, 20 + 500 * t, np.full(30, y), np.full(30, 1.0))
    return Stroke(trace, pen_by_id("plain-round"), size, color, 0.0, 0.0)


def tree(page: Page, parent: int = 0) -> list:
    """Names from the lowest up; a group as (name, [what is in it])."""
    return [
        (layer.name, tree(page, layer.uid)) if isinstance(layer, GroupLayer) else layer.name
        for layer in children(page.layers, parent)
    ]


@pytest.fixture
def page() -> Page:
    """a, b, c from the lowest up, each with a line of its own."""
    page = replace(blank_page(320, 240), layers=(InkLayer(1, "a"), InkLayer(2, "b"), InkLayer(3, "c")))
    for uid, y in ((1, 60), (2, 64), (3, 68)):
        page = edits.with_mark(replace(page, active_uid=uid), stroke(y, (40 * uid, 10, 200 - 50 * uid)))
    return page


def test_layers_go_into_groups_and_out_again(page):
    grouped = layer_edits.grouped(page, [1, 2])
    assert tree(grouped) == [("Group", ["a", "b"]), "c"]
    assert np.array_equal(flattened(grouped), flattened(page)), "a plain group changes nothing"
    group = next(x for x in grouped.layers if isinstance(x, GroupLayer))
    inside = layer_edits.placed(grouped, [3], group.uid, 1)
    assert tree(inside) == [("Group", ["a", "c", "b"])]
    assert tree(layer_edits.placed(inside, [1], 0, None)) == ["a", ("Group", ["c", "b"])]
    assert tree(layer_edits.ungrouped(inside, group.uid)) == ["a", "c", "b"]
    with pytest.raises(Refused, match="into itself"):
        layer_edits.placed(inside, [group.uid], group.uid, None)


def test_a_layer_steps_through_the_stack_and_out_of_its_group(page):
    page = layer_edits.grouped(page, [1, 2])
    up = layer_edits.stepped(page, 1, True)
    assert tree(up) == [("Group", ["b", "a"]), "c"]
    assert tree(layer_edits.stepped(up, 1, True)) == [("Group", ["b"]), "a", "c"]
    assert tree(layer_edits.stepped(page, 1, False)) == ["a", ("Group", ["b"]), "c"]


def test_several_layers_move_and_go_together_and_a_group_takes_its_layers_along(page):
    assert tree(layer_edits.placed(page, [1, 2], 0, 3)) == ["c", "a", "b"]
    grouped = layer_edits.grouped(page, [2, 3])
    group = grouped.layers[-1].uid
    assert tree(layer_edits.without_layers(grouped, [group])) == ["a"]
    with pytest.raises(Refused, match="at least one layer"):
        layer_edits.without_layers(grouped, [group, 1])


def test_a_copy_lies_above_and_shares_everything(page):
    grouped = layer_edits.grouped(page, [1, 2])
    group = next(x for x in grouped.layers if isinstance(x, GroupLayer))
    copied = layer_edits.duplicated(grouped, [group.uid])
    assert tree(copied) == [("Group", ["a", "b"]), ("Group copy", ["a", "b"]), "c"]
    assert len({x.uid for x in copied.layers}) == 7
    assert copied.layers[3].tiles is copied.layers[0].tiles


def test_ink_merged_onto_ink_keeps_its_strokes_and_its_looks(page):
    merged = layer_edits.merged_down(page, 3)
    assert tree(merged) == ["a", "b"]
    layer = merged.layer(2)
    assert isinstance(layer, InkLayer) and len(layer.marks) == 2
    assert layer.tiles == render(layer.marks, merged.bounds)
    assert np.abs(flattened(merged).view(np.uint8).astype(int) - flattened(page).view(np.uint8)).max() <= 1
    assert isinstance(layer_edits.merged_visible(page).layers[0], InkLayer)


def test_what_is_not_plain_ink_merges_to_paint_that_looks_the_same(page):
    page = page.with_layer(replace(page.layer(3), blend="multiply", opacity=0.5))
    merged = layer_edits.merged_down(page, 3)
    assert isinstance(merged.layer(2), PaintLayer)
    assert np.abs(flattened(merged).view(np.uint8).astype(int) - flattened(page).view(np.uint8)).max() <= 2
    flat = layer_edits.with_flat_copy(page)
    assert len(flat.layers) == 4 and flat.active.name == "Flat copy"
    hidden = page.with_layer(replace(page.layer(2), visible=False))
    assert [x.name for x in layer_edits.merged_visible(hidden).layers] == ["b", "c"], "hidden layers stay"


@pytest.mark.parametrize(
    "change, words",
    [({"locked": True}, "is locked"), ({"visible": False}, "is hidden")],
)
def test_a_group_guards_what_is_in_it(page, change, words):
    page = layer_edits.grouped(page, [1, 2])
    group = next(x for x in page.layers if isinstance(x, GroupLayer))
    page = replace(page.with_layer(replace(group, **change)), active_uid=1)
    with pytest.raises(Refused, match=words):
        edits.with_mark(page, stroke(90))
    with pytest.raises(Refused, match="is a group"):
        edits.with_mark(replace(page, active_uid=group.uid), stroke(90))


def test_with_its_transparency_locked_a_layer_is_only_coloured(page):
    page = replace(page.with_layer(replace(page.layer(1), locks_alpha=True)), active_uid=1)
    red = edits.with_mark(page, stroke(60, (250, 0, 0), size=40.0))
    before, after = (x.layer(1).tiles.get(0, 0).view(np.uint8).reshape(128, 128, 4) for x in (page, red))
    assert np.array_equal(before[..., 3], after[..., 3])
    assert after[60, 60].tolist() == [250, 0, 0, 255]
    assert red.layer(1).tiles == render(red.layer(1).marks, red.bounds), "rendered anew it is the same"
    with pytest.raises(Refused, match="transparency"):
        edits.rubbed_out(red, None)


@settings(max_examples=60)
@given(st.lists(st.tuples(st.booleans(), st.integers(-1, 12)), min_size=1, max_size=12))
def test_any_claim_of_parents_becomes_a_tree(claims):
    """Parents that are missing, no groups, or in a circle, as a damaged file may have them."""
    layers = [(GroupLayer if group else InkLayer)(uid, str(uid), parent=p) for uid, (group, p) in enumerate(claims, 1)]
    found = arranged(layers)
    assert sorted(x.uid for x in found) == [x.uid for x in layers]
    place = {x.uid: k for k, x in enumerate(found)}
    for layer in found:
        assert layer.parent == 0 or place[layer.parent] > place[layer.uid]
    assert arranged(found) == found


def test_layers_that_share_a_uid_are_told_apart_and_none_holds_itself():
    """As a damaged journal may have them: a group that is in itself twice over takes no time, and nothing is lost."""
    group = GroupLayer(3, "Group", parent=3)
    layers = [group, InkLayer(0, "Ink", parent=3), *[group] * 40, InkLayer(3, "Inks", parent=3)]
    found = arranged(distinct(layers))
    assert len(found) == len(layers) and len({layer.uid for layer in found}) == len(layers)
    assert all(layer.uid for layer in found)
