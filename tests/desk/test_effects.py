"""Effects of layers with the real window."""

from __future__ import annotations

import numpy as np

from jotsk.core.page import GroupLayer, blank_page, flattened
from jotsk.core.runtime.lanes import BESIDE
from tests.conftest import stroke_along
from tests.desk.test_reshaping import drag


def test_effects_are_added_changed_switched_moved_and_taken_off(window, settle, qtbot):
    document, card = window.document, window.effects
    document.ink.add_stroke(stroke_along([(400, 400), (1200, 900)], size=40))
    first = flattened(document.page_when_dry())
    assert card.isHidden()
    window.actions_by_id["layer.effects"].trigger()
    assert card.isVisible() and not card.switches
    actions = {action.text(): action for action in card.add.menu().actions()}
    actions["Blur"].trigger()
    settle(window)
    assert document.page_when_dry().active.effects[0].kind == "blur" and document.undo_label == "Add effect"
    assert not np.array_equal(flattened(document.page_when_dry()), first)
    card.tracks["radius"].changed.emit(12.0, True)
    qtbot.waitUntil(lambda: document.page_when_dry().active.effects[0]["radius"] == 12)
    actions["Outline"].trigger()
    settle(window)
    assert [switch.text() for switch in card.switches] == ["Blur", "Outline"] and "width" in card.tracks
    card._raise(1)
    settle(window)
    assert [effect.kind for effect in document.page_when_dry().active.effects] == ["outline", "blur"]
    card.switches[0].click()
    settle(window)
    assert not document.page_when_dry().active.effects[0].on
    document.ink.add_stroke(stroke_along([(400, 900), (1200, 400)], size=40))
    assert len(document.page_when_dry().active.marks) == 2, "one draws on"
    for _ in range(2):
        card._remove(0)
        settle(window)
    assert not document.page_when_dry().active.effects
    document.undo()
    document.undo()
    document.undo()
    assert len(document.page_when_dry().active.effects) == 2
    window.actions_by_id["layer.inside"].trigger()
    drag(window, (400, 400), (800, 400), (800, 800), (400, 800))
    settle(window)
    assert document.page_when_dry().active.effects[-1].kind == "inside"


def test_a_track_that_is_dragged_shows_its_effect_at_rest_and_is_one_step(window, settle, qtbot):
    document, card = window.document, window.effects
    document.ink.add_stroke(stroke_along([(400, 400), (1200, 900)], size=40))
    document.layers.add_effect("blur")
    settle(window)
    before, steps = flattened(document.page_when_dry()), len(document.steps)

    def radius():
        return document.page_when_dry().active.effects[0]["radius"]

    for value in (6.0, 9.0, 11.0):
        card.tracks["radius"].changed.emit(value, False)
    assert radius() == 4, "not yet: the hand moves"
    qtbot.waitUntil(lambda: radius() == 11)
    card.tracks["radius"].changed.emit(20.0, False)
    qtbot.waitUntil(lambda: radius() == 20)
    card.tracks["radius"].changed.emit(21.0, True)
    qtbot.waitUntil(lambda: radius() == 21)
    assert len(document.steps) == steps + 1 and card.tracks["radius"].value == 21
    card.tracks["radius"].changed.emit(30.0, True)
    qtbot.waitUntil(lambda: radius() == 30)
    assert len(document.steps) == steps + 2, "another drag is another step"
    document.undo()
    document.undo()
    assert radius() == 4 and np.array_equal(flattened(document.page_when_dry()), before)


def test_a_number_set_while_the_page_changes_is_set_all_the_same(window, settle, qtbot):
    document, card = window.document, window.effects
    document.ink.add_stroke(stroke_along([(400, 400), (1200, 900)], size=40))
    document.layers.add_effect("blur")
    settle(window)
    card.tracks["radius"].changed.emit(25.0, True)
    document.ink.add_stroke(stroke_along([(300, 900), (900, 300)], size=40))
    qtbot.waitUntil(lambda: document.page_when_dry().active.effects[0]["radius"] == 25)
    assert len(document.page_when_dry().active.marks) == 2
    card.tracks["radius"].changed.emit(40.0, True)
    other = blank_page(300, 200)
    document.take(other, path=None, title="Other", saved=True)
    BESIDE.queue("effects").finish()
    settle(window)
    assert document.page_when_dry() is other, "what was meant for one page is not done to another"


def test_a_ripple_is_moved_by_waves_or_by_a_layer_that_is_drawn_on(window, settle):
    document, card = window.document, window.effects
    document.ink.add_stroke(stroke_along([(400, 400), (1200, 900)], size=40))
    lines = document.page_when_dry().active
    document.layers.add_effect("ripple")
    settle(window)
    assert card.source.currentText() == "Waves" and card.source.count() == 1
    document.layers.add()
    folds = document.page_when_dry().active
    document.layers.choose(lines.uid)
    assert [card.source.itemText(k) for k in range(2)] == ["Waves", folds.name]
    card.source.activated.emit(1)
    settle(window)
    assert document.page_when_dry().active.effects[0].source == folds.uid == card.source.currentData()
    before = flattened(document.page_when_dry())
    document.layers.choose(folds.uid)
    document.ink.add_stroke(stroke_along([(800, 600), (820, 700)], size=90, color=(255, 255, 255)))
    assert not np.array_equal(flattened(document.page_when_dry()), before)
    document.undo()
    assert np.array_equal(flattened(document.page_when_dry()), before)
    document.layers.choose(lines.uid)
    card.source.activated.emit(0)
    settle(window)
    assert not document.page_when_dry().active.effects[0].source


def test_a_group_has_no_effects_of_its_own(window, settle):
    window.document.layers.add()
    window.actions_by_id["layer.group"].trigger()
    settle(window)
    group = next(layer for layer in window.document.page_when_dry().layers if isinstance(layer, GroupLayer))
    window.document.layers.choose(group.uid)
    window.document.layers.add_effect("blur")
    settle(window)
    assert "group has no effects" in window.status.text
