"""A long stroke dries beside the interface; whatever comes next finds it on the page."""

from __future__ import annotations

import threading
import time
from dataclasses import replace

import numpy as np
import pytest
from PySide6.QtCore import QPointF, QTimer
from PySide6.QtWidgets import QApplication

from jotsk.core.errors import Refused
from jotsk.core.files.clippings import KIND
from jotsk.core.files.openraster import read_page
from jotsk.core.guides.guidance import STRAIGHT
from jotsk.core.guides.kinds import Rings
from jotsk.core.hand import Sample, trace_from
from jotsk.core.hand.simulated_pen import DEVICES, drawn
from jotsk.core.hand.steady_now import WAYS, steady_now
from jotsk.core.ink import WetInk, pen_by_id
from jotsk.core.page import InkLayer, blank_page, edits, flattened
from jotsk.core.page.layers import effects
from jotsk.core.page.layers.effects import Effect
from jotsk.desk.board.input.simulated_pen import SimulatedPen
from jotsk.desk.document import background_step as drying
from jotsk.desk.document import ink_edits, last_line
from jotsk.desk.tools import draw
from tests.desk.conftest import across


@pytest.fixture
def held(monkeypatch):
    """Every stroke is a long one, and dries when `held` is set."""
    goes_on = threading.Event()
    monkeypatch.setattr(drying, "MANY_SAMPLES", 1)
    for name in ("with_mark", "rubbed_out"):
        change = getattr(edits, name)
        monkeypatch.setattr(edits, name, lambda *args, change=change: (goes_on.wait(20), change(*args))[1])
    yield goes_on
    goes_on.set()


def shown(window) -> np.ndarray:
    return window.board.picture.frame.copy()


def test_its_wet_ink_stays_until_it_is_dry_and_the_picture_is_the_same_then(
    window, pen, held, qtbot, make_window, monkeypatch
):
    before, trace = shown(window), across(window)
    pen.draw(trace)
    assert window.board.pointer.x() == pytest.approx(trace.xy[-1, 0], abs=3), "the footprint is at the pen"
    assert window.document.is_drying and window.board.picture.wets
    wet = shown(window)
    assert (wet != before).any()
    held.set()
    qtbot.waitUntil(lambda: not window.document.is_drying)
    assert not window.board.picture.wets and window.document.undo_label == "Stroke"
    assert window.document.last_line.when_dry() is window.document.page_when_dry().active.marks.last
    dry = shown(window)
    assert np.abs(dry.astype(int) - wet).mean() < 0.5
    monkeypatch.setattr(drying, "MANY_SAMPLES", 10_000)
    at_once = make_window()
    SimulatedPen(at_once.board, DEVICES["display"]).draw(trace)
    assert not at_once.document.is_drying and np.array_equal(dry, shown(at_once))


OVER_EACH_OTHER = [("quill-nib", "quill-nib"), ("brush-pen", "quill-nib"), ("quill-nib", "eraser"), ("cord", "cord")]


@pytest.mark.parametrize("pens", OVER_EACH_OTHER)
def test_a_stroke_begins_while_the_one_before_it_dries(window, held, qtbot, make_window, monkeypatch, pens):
    """Both are seen wet, the page has them in their order, and looks as if each had been waited for."""

    def draw_both(where) -> None:
        for pen_id, way in zip(pens, [(0.3, 0.3, 0.7, 0.7), (0.3, 0.7, 0.7, 0.3)], strict=True):
            rubs = pen_id == "eraser"
            if not rubs:
                where.hand.take(pen_by_id(pen_id))
            ends = np.reshape(way, (2, 2)) * (where.document.page.width, where.document.page.height)
            on_board = np.array([where.board.view.to_screen(*end) for end in ends])
            trace = drawn(on_board, 0.6, pressure=[0.3, 0.9, 0.4], device=DEVICES["display"], seed=4)
            SimulatedPen(where.board, DEVICES["display"], eraser=rubs).draw(trace)

    draw_both(window)
    document = window.document
    assert document.is_drying and len(window.board.picture.wets) == 2
    assert len(document.page.active.marks) == 0, "nothing was waited for"
    wet = shown(window)
    held.set()
    qtbot.waitUntil(lambda: not document.is_drying)
    dry = shown(window)
    assert not window.board.picture.wets and np.abs(dry.astype(int) - wet).mean() < 1.0, (
        "one that is not seen would make 3.7"
    )
    monkeypatch.setattr(drying, "MANY_SAMPLES", 10_000)
    at_once = make_window()
    draw_both(at_once)
    at_once.document.finish_drying()
    assert np.abs(dry.astype(int) - shown(at_once)).max() <= 1, "rounded where parts of the frame meet"
    assert np.array_equal(flattened(document.page), flattened(at_once.document.page))
    document.undo()
    document.undo()
    assert len(document.page.active.marks) == 0 and document.undo_label is None


@pytest.mark.parametrize("ask", ["page", "undo", "save", "next stroke", "mend"])
def test_whoever_asks_for_the_page_finds_it_there(window, pen, held, ask, tmp_path, settle):
    document = window.document
    pen.draw(across(window, y=0.3))
    assert document.is_drying
    threading.Timer(0.05, held.set).start()
    if ask == "page":
        assert len(document.page_when_dry().active.marks) == 1
    elif ask == "undo":
        document.undo()
        assert len(document.page_when_dry().active.marks) == 0 and document.redo_label == "Stroke"
    elif ask == "save":
        window.filing.save(tmp_path / "page.ora")
        settle(window)
        assert not document.is_unsaved and len(document.page_when_dry().active.marks) == 1
    elif ask == "next stroke":
        pen.draw(across(window, y=0.6))
        assert len(document.page_when_dry().active.marks) == 2
        assert [s.trace.xy[0, 1] for s in document.page_when_dry().active.marks] == sorted(
            s.trace.xy[0, 1] for s in document.page_when_dry().active.marks
        )
    else:
        document.last_line.resteady(100.0)
        assert document.page_when_dry().active.marks.last.steady_after == 100
    assert not document.is_drying


def test_a_stroke_is_undone_and_done_again_while_it_dries(window, pen, held, qtbot):
    document, before = window.document, shown(window)
    pen.draw(across(window, y=0.3))
    one = shown(window)
    pen.draw(across(window, y=0.6))
    both = shown(window)
    undo, redo = (window.actions_by_id[f"edit.{way}"] for way in ("undo", "redo"))
    undo.trigger()
    assert document.is_drying and np.array_equal(shown(window), one)
    undo.trigger()
    assert np.array_equal(shown(window), before) and not document.is_drying and not document.is_unsaved
    assert document.undo_label is None and document.redo_label == "Stroke" and not undo.isEnabled()
    redo.trigger()
    redo.trigger()
    assert document.redo_label is None and not redo.isEnabled()
    amiss, drawn_now = (np.abs(both.astype(int) - other).mean() for other in (shown(window), before))
    assert amiss < 0.02 * drawn_now, "wet again, nothing was waited for"
    held.set()
    qtbot.waitUntil(lambda: not document.is_drying)
    heights = [mark.trace.xy[0, 1] for mark in document.page.active.marks]
    assert len(heights) == 2 and heights == sorted(heights) and not window.board.picture.wets


def test_what_was_undone_while_it_dried_is_a_step_like_any_other_once_it_is_dry(window, pen, held, qtbot):
    document, empty = window.document, shown(window)
    held.set()
    pen.draw(across(window, y=0.2))
    qtbot.waitUntil(lambda: not document.is_drying)
    held.clear()
    pen.draw(across(window, y=0.4))
    pen.draw(across(window, y=0.6))
    for _ in range(3):
        document.undo()
    assert np.array_equal(shown(window), empty)
    held.set()
    qtbot.waitUntil(lambda: len(document.steps) == 4)
    assert document.steps.at == 0 and np.array_equal(shown(window), empty)
    for count in (1, 2, 3):
        document.redo()
        assert len(document.page.active.marks) == count and not document.is_drying
    assert document.redo_label is None


def test_a_new_stroke_takes_the_place_of_one_undone_while_it_dried(window, pen, held, qtbot):
    document = window.document
    pen.draw(across(window, y=0.3))
    document.undo()
    pen.draw(across(window, y=0.6))
    assert document.redo_label is None
    held.set()
    qtbot.waitUntil(lambda: not document.is_drying)
    (mark,) = document.page.active.marks
    assert window.board.view.to_screen(*mark.trace.xy[0])[1] == pytest.approx(across(window, y=0.6).xy[0, 1], abs=1)
    document.undo()
    assert document.undo_label is None


def test_what_is_given_up_before_it_began_is_not_asked_for(window, pen, held, caplog):
    """The first stroke, given up too, is what still runs."""
    for y in (0.3, 0.5):
        pen.draw(across(window, y=y))
        window.document.undo()
    pen.draw(across(window, y=0.7))
    held.set()
    window.document.finish_drying()
    assert len(window.document.page.active.marks) == 1 and not caplog.records


def test_what_was_undone_while_it_dried_comes_back_on_its_own_layer(window, pen, held):
    document = window.document
    document.layers.add()
    upper, lower = document.page.active_uid, document.page.layers[0].uid
    pen.draw(across(window, y=0.3))
    document.undo()
    threading.Timer(0.05, held.set).start()
    document.activate(lower)
    document.redo()
    page = document.page_when_dry()
    assert len(page.layer(upper).marks) == 1 and page.active_uid == lower


def test_a_long_erasure_dries_too_and_one_of_nothing_leaves_nothing(window, pen, held, qtbot):
    held.set()
    pen.draw(across(window, y=0.5))
    qtbot.waitUntil(lambda: not window.document.is_drying)
    before, held_before = window.document.page_when_dry(), shown(window)
    held.clear()
    rub = SimulatedPen(window.board, DEVICES["display"], eraser=True)
    rub.draw(across(window, y=0.9))
    assert window.document.is_drying
    held.set()
    qtbot.waitUntil(lambda: not window.document.is_drying)
    assert window.document.page_when_dry() is before
    assert np.array_equal(shown(window), held_before)
    n = 30
    x, y = across(window, y=0.5).xy.mean(axis=0)
    rub.draw(trace_from(np.arange(n) / 100, np.full(n, x), y + np.linspace(-40, 40, n), 0.8))
    qtbot.waitUntil(lambda: not window.document.is_drying)
    assert window.document.undo_label == "Rub out" and len(window.document.page_when_dry().active.marks.last.cuts) == 1


def test_a_long_line_that_is_mended_follows_the_handle_as_fast_as_it_can(window, pen, held, monkeypatch, qtbot):
    document = window.document
    held.set()
    pen.draw(across(window))
    first, before = document.page_when_dry().active.marks.last, document.page_when_dry()
    held.clear()
    replaced, asked = edits.with_replaced, []
    monkeypatch.setattr(
        edits, "with_replaced",
        lambda page, uid, old, new: (asked.append(new.steady_after), held.wait(20), replaced(page, uid, old, new))[2],
    )  # fmt: skip
    for strength in (10.0, 20.0, 30.0, 40.0, 55.0):
        document.last_line.resteady(strength, finished=strength == 55.0)
    assert document.page is before and document.is_drying
    held.set()
    qtbot.waitUntil(lambda: not document.is_drying)
    assert asked == [10.0, 55.0], "what came meanwhile is passed over, but for the newest"
    assert (
        document.last_line.when_dry() is document.page_when_dry().active.marks.last
        and document.last_line.when_dry().steady_after == 55
    )
    at_once = first.resteadied(55.0)
    assert np.array_equal(document.last_line.when_dry().ribbon.points, at_once.ribbon.points)
    document.undo()
    assert document.page_when_dry() is before and document.last_line.when_dry() is first, "all of it one step"
    document.last_line.resteady(70.0)
    document.last_line.resteady(80.0)
    assert document.page_when_dry().active.marks.last.steady_after == 80, "who asks for the page waits for all of it"


def test_a_stroke_that_is_refused_leaves_the_one_begun_after_it(window, pen, held, monkeypatch, qtbot):
    put, refusals = edits.with_mark, [Refused("The layer is locked.")]

    def refuse_the_first(*args: object) -> object:
        if refusals:
            held.wait(20)
            raise refusals.pop()
        return put(*args)

    monkeypatch.setattr(edits, "with_mark", refuse_the_first)
    told: list[str] = []
    window.document.refused.connect(told.append)
    for y in (0.3, 0.6):
        pen.draw(across(window, y=y))
    second = window.board.picture.wets[1]
    held.set()
    qtbot.waitUntil(lambda: not window.document.is_drying)
    (mark,) = window.document.page.active.marks
    assert told == ["The layer is locked."] and second not in window.board.picture.wets
    assert window.document.last_line.stroke is mark and window.document.undo_label == "Stroke"
    y = window.document.page.height * 0.6
    assert abs(mark.trace.xy[0, 1] - y) < 10


def test_only_some_strokes_dry_while_another_begins(window, pen, held, monkeypatch):
    """Or whoever needs the page would wait for long."""
    monkeypatch.setattr(ink_edits, "MOST_WET", 2)
    waited: list[int] = []
    take = window.document.step_runner._take_one
    monkeypatch.setattr(
        window.document.step_runner, "_take_one",
        lambda: (waited.append(len(window.board.picture.wets)), held.set(), take())[2],
    )  # fmt: skip
    for k in range(3):
        pen.draw(across(window, y=0.2 + 0.2 * k))
    assert not waited and len(window.board.picture.wets) == 3
    pen.draw(across(window, y=0.8))
    assert waited[0] == 3 and len(window.document.page_when_dry().active.marks) == 4


def test_a_stroke_waits_for_a_line_that_is_still_mended(window, pen, held, qtbot):
    """Only strokes lie over each other wet: a line that is steadied anew is there before the next stroke begins."""
    held.set()
    pen.draw(across(window, y=0.3))
    document = window.document
    qtbot.waitUntil(lambda: not document.is_drying)
    held.clear()
    document.last_line.resteady(90.0)
    assert document.is_drying
    held.set()
    pen.draw(across(window, y=0.6))
    assert next(iter(document.page_when_dry().active.marks)).steady_after == 90.0


@pytest.mark.parametrize(("entry", "label"), [("mend.push", "Push"), ("mend.snip", "Snip"), ("mend.weight", "Weight")])
def test_a_swipe_waits_beside_the_interface_for_what_dries(window, pen, held, qtbot, settle, entry, label):
    document, trace = window.document, across(window)
    pen.draw(trace)
    window.actions_by_id[entry].trigger()
    middle = trace.xy[len(trace) // 2]
    pen.draw(drawn([middle - (0, 40), middle + (0, 40)], 0.3, device=DEVICES["display"], seed=2))
    assert document.is_drying and window.filing.jobs.is_busy, "neither was waited for"
    held.set()
    settle(window)
    assert [document.steps.label(k) for k in range(1, len(document.steps))] == ["Stroke", label]
    document.undo()
    assert len(document.page.active.marks) == 1
    document.undo()
    assert len(document.page.active.marks) == 0


def test_a_page_that_comes_does_not_wait_for_a_stroke_that_dries_but_comes_after_it(window, pen, held, qtbot, settle):
    document = window.document
    pen.draw(across(window))
    first, other = document.page, blank_page(300, 200)
    window.filing.make("Another", lambda progress: other)
    settle(window)
    assert document.is_drying and document.page is first
    held.set()
    qtbot.waitUntil(lambda: document.title == "Another")
    (left,) = window.pages.open_pages.aside
    assert len(left.page.active.marks) == 1 and left.is_unsaved and not len(document.page.active.marks)


def test_the_window_lives_while_unsaved_work_that_dries_is_kept(window, pen, held):
    pen.draw(across(window))
    QTimer.singleShot(100, held.set)  # called only if the loop turns; else it would dry after 20 s
    begin = time.monotonic()
    assert window.pages.keep_unsaved() and time.monotonic() - begin < 10
    assert not window.document.is_drying and len(window.document.page.active.marks) == 1


def test_the_light_is_placed_after_a_stroke_that_dries(window, pen, held, qtbot):
    document, trace = window.document, across(window)
    pen.draw(trace)
    window.actions_by_id["fill.light"].trigger()
    pen.draw(drawn([(40, 40), (60, 50)], 0.2, device=DEVICES["display"], seed=2))
    assert document.is_drying and document.page.light is None
    held.set()
    qtbot.waitUntil(lambda: not document.is_drying)
    x, y = document.page.light.at
    assert np.allclose(window.board.view.to_screen(x, y), (60, 50), atol=4)
    assert [document.steps.label(k) for k in range(1, len(document.steps))] == ["Stroke", "Light of the page"]


def test_of_a_light_dragged_while_a_stroke_dries_only_the_newest_is_shown(window, pen, held, qtbot):
    """Hundreds of changes came at once when the stroke was dry, and held the window for a second."""
    document, told = window.document, []
    pen.draw(across(window))
    document.changed.connect(lambda before, after: told.append(after.light))
    window.filling.light_at.changed.emit(10.0, False)
    page_of_a_job = document.page_for_job()
    for angle in range(11, 60):
        window.filling.light_at.changed.emit(float(angle), angle == 59)
    held.set()
    assert page_of_a_job(lambda _: None).light.angle == 10.0, "a job that waits gets the page it was begun on"
    qtbot.waitUntil(lambda: not document.is_drying)
    assert told == [None, document.page.light] and document.page.light.angle == 59.0
    assert [document.steps.label(k) for k in range(1, len(document.steps))] == ["Stroke", "Light of the page"]
    document.undo()
    assert document.page.light is None and len(document.page.active.marks) == 1


def test_guides_are_switched_after_a_stroke_that_dries_and_only_on_its_page(window, pen, held, qtbot):
    document, guiding = window.document, window.board.guiding
    document.alter(guides=tuple(Rings(at=(x, 300.0)).record() for x in (200.0, 900.0)))
    pen.draw(across(window))
    guiding.switch(0, on=False)
    guiding.hold_alone(0, True)
    guiding.toggle_alone()
    assert document.is_drying and guiding.guide(0).on and not guiding.guide(0).alone
    held.set()
    qtbot.waitUntil(lambda: not document.is_drying)
    assert [(guide.on, guide.alone) for guide in guiding.guides] == [(False, False), (True, True)], "in their order"
    held.clear()
    pen.draw(across(window))
    guiding.switch(1, on=False)
    held.set()
    document.take(replace(blank_page(300, 200), guides=document.page.guides), path=None, title="Another", saved=True)
    qtbot.wait(50)
    assert guiding.guide(1).on, "of a page that was left"


@pytest.mark.parametrize(("tool", "ways"), [("hand.choose_across", (-60, 60)), ("hand.choose", (0, 0))])
def test_lines_are_chosen_after_a_stroke_that_dries_and_the_window_waits_for_nothing(
    window, pen, held, qtbot, tool, ways
):
    document = window.document
    pen.draw(across(window))
    window.actions_by_id[tool].trigger()
    x, y = window.board.view.to_screen(document.page.width / 2, document.page.height / 2)
    pen.draw(drawn(np.array([[x, y + way] for way in ways]), 0.3, pressure=0.5, device=DEVICES["display"]))
    assert document.is_drying and not document.selection.lines
    held.set()
    qtbot.waitUntil(lambda: document.selection.lines == (document.page.active.marks.last,))


def test_all_lines_are_chosen_with_the_one_that_dries(window, pen, held, qtbot):
    document = window.document
    pen.draw(across(window))
    for entry in ("edit.all", "edit.invert", "edit.invert"):
        window.actions_by_id[entry].trigger()
    assert document.is_drying and not document.selection.lines
    held.set()
    qtbot.waitUntil(lambda: document.selection.lines == (document.page.active.marks.last,))


def test_a_line_is_copied_and_flipped_after_it_has_dried(window, pen, held, qtbot):
    document, clipboard = window.document, QApplication.clipboard()
    clipboard.setText("something else")
    pen.draw(across(window))
    for entry in ("edit.copy", "edit.flip"):
        window.actions_by_id[entry].trigger()
    assert document.is_drying
    held.set()
    qtbot.waitUntil(lambda: document.undo_label == "Flip the line")
    qtbot.waitUntil(lambda: (mime := clipboard.mimeData()) is not None and mime.hasFormat(KIND))


def test_a_refusal_is_told_and_leaves_no_wet_ink(window, pen, monkeypatch, qtbot):
    def refuse(*_: object) -> None:
        raise Refused("The layer is locked.")

    monkeypatch.setattr(drying, "MANY_SAMPLES", 1)
    monkeypatch.setattr(edits, "with_mark", refuse)
    before = shown(window)
    pen.draw(across(window))
    qtbot.waitUntil(lambda: not window.document.is_drying)
    assert "locked" in window.board.notice and np.array_equal(shown(window), before)


def test_a_long_stroke_does_not_hold_the_interface(window, pen, held, qtbot):
    """However long it takes: the pen hovers and the view moves meanwhile."""
    pen.draw(across(window))
    board = window.board
    for ticks in range(24):
        qtbot.wait(5)
        [
            lambda: board.zoom_by(1.01),
            lambda: board.turn_by(0.1),
            lambda: board.flip(),
            lambda: board._pan(QPointF(3, 4)),
        ][ticks % 4]()
        board._move(QPointF(200 + 3 * ticks, 300), 0.0, 0.0)
        assert window.document.is_drying
    held.set()
    qtbot.waitUntil(lambda: not window.document.is_drying)
    assert len(window.document.page_when_dry().active.marks) == 1


@pytest.mark.parametrize("way", WAYS)
@pytest.mark.parametrize("strength", [0.0, 40.0, 100.0])
@pytest.mark.parametrize("pen_id", ["quill-nib", "brush-pen"])
def test_what_was_steadied_while_drawing_is_what_the_motion_gives_to_the_last_bit(way, strength, pen_id):
    pen = pen_by_id(pen_id)
    zigzag = np.array([[30, 60], [200, 200], [370, 80], [60, 70], [300, 260]])
    trace = drawn(zigzag, 2.0, pressure=[0.2, 0.9, 0.4], device=DEVICES["display"], seed=2)
    pen = replace(pen, way=way)
    wet = WetInk(pen, 12.0, strength, 0.5)
    for row in trace.samples.tolist():
        wet.push(Sample(*row))
    scale = 0.5 if pen.by_screen else 1.0
    again = steady_now(
        trace, strength, way=way, scale=scale, less_when_fast=pen.less_when_fast, corners=pen.keeps_corners
    )
    assert np.array_equal(wet.drawn_line(trace, strength).samples, again.samples)
    assert wet.drawn_line(trace, strength + 1) is None
    other = trace.samples.copy()
    other[7, 1] += 1e-9
    assert wet.drawn_line(type(trace)(other), strength) is None


def test_what_is_done_to_layers_comes_after_what_dries_and_waits_for_nothing(window, pen, held, qtbot):
    document = window.document
    first = document.page.active_uid
    pen.draw(across(window))
    window.actions_by_id["layer.add"].trigger()
    document.layers.change_one(first, "Hide layer", visible=False)
    assert document.is_drying and document.page.layer(first).visible
    held.set()
    qtbot.waitUntil(lambda: not document.is_drying)
    assert [document.steps.label(k) for k in range(1, len(document.steps))] == ["Stroke", "Add layer", "Hide layer"]
    assert len(document.page.layer(first).marks) == 1 and not document.page.layer(first).visible
    assert document.page.active_uid != first and document.last_line.uid == first


def test_what_waits_for_ink_to_dry_is_undone_and_done_again_at_once(window, pen, held, qtbot):
    document = window.document
    pen.draw(across(window))
    window.actions_by_id["layer.add"].trigger()
    count = len(document.page.layers)
    document.undo()
    assert (document.undo_label, document.redo_label) == ("Stroke", "Add layer")
    document.redo()
    document.undo()
    document.undo()
    assert document.undo_label is None and len(document.page.active.marks) == 0, "nothing was waited for"
    document.redo()
    document.redo()
    held.set()
    qtbot.waitUntil(lambda: not document.is_drying)
    assert len(document.page.layers) == count + 1 and document.undo_label == "Add layer"
    document.undo()
    assert len(document.page.layers) == count and len(document.page.active.marks) == 1


def test_a_stroke_ends_the_choice_while_another_dries(window, pen, held, qtbot):
    held.set()
    pen.draw(across(window, y=0.2))
    window.document.finish_drying()
    window.document.selection.choose_all()
    held.clear()
    for y in (0.5, 0.7):
        pen.draw(across(window, y=y))
    assert window.document.is_drying and not window.document.selection.lines
    assert len(window.document.page.active.marks) == 1, "nothing was waited for"


def test_a_stroke_on_a_layer_that_is_still_added_goes_onto_it(window, pen, held):
    document = window.document
    pen.draw(across(window, y=0.3))
    window.actions_by_id["layer.add"].trigger()
    threading.Timer(0.1, held.set).start()
    pen.draw(across(window, y=0.6))
    page = document.page_when_dry()
    assert [len(layer.marks) for layer in page.layers if isinstance(layer, InkLayer)][-2:] == [1, 1]


def test_a_job_that_ends_while_a_stroke_dries_gives_up_without_waiting_for_it(window, pen, held, qtbot):
    document, told, goes_on = window.document, [], threading.Event()
    document.refused.connect(told.append)
    document.edit_slowly("Resolution", lambda page, _: (goes_on.wait(20), replace(page, dpi=72.0))[1])
    pen.draw(across(window))
    goes_on.set()
    qtbot.waitUntil(lambda: bool(told))
    assert document.is_drying and "changed meanwhile" in told[0]


def test_a_straight_stroke_begins_where_one_ends_that_still_dries(window, pen, held, qtbot):
    board, document = window.board, window.document
    board.set_course(STRAIGHT)
    for start, end in (((200, 200), (400, 300)), ((406, 295), (500, 150))):
        pen.draw(drawn(np.array([start, end], float), 0.5, pressure=0.6, device=DEVICES["display"], seed=1))
    assert document.is_drying and len(document.page.active.marks) == 0, "nothing was waited for"
    held.set()
    qtbot.waitUntil(lambda: not document.is_drying)
    first, second = (stroke.line.xy for stroke in document.page.active.marks)
    assert second[0] == pytest.approx(first[-1], abs=0.5)


def test_a_stroke_is_spliced_with_one_that_still_dries(window, pen, held, qtbot):
    window.hand.take(replace(pen_by_id("quill-nib"), splices=True))
    pen.draw(across(window))
    pen.draw(across(window))
    document = window.document
    assert document.is_drying and len(document.page.active.marks) == 0, "nothing was waited for"
    held.set()
    qtbot.waitUntil(lambda: not document.is_drying)
    (line,) = document.page.active.marks
    assert len(line.parents) == 2
    document.undo()
    assert [len(stroke.parents) for stroke in document.page.active.marks] == [0]


def test_what_needs_the_whole_page_comes_after_what_dries_and_waits_for_nothing(
    window, pen, held, qtbot, settle, tmp_path
):
    document, path = window.document, tmp_path / "page.ora"
    window.filing.save(path)
    settle(window)
    pen.draw(across(window))
    window.actions_by_id["page.save"].trigger()
    window.actions_by_id["page.milestone"].trigger()
    assert document.is_drying and not window.filing.jobs.is_busy
    held.set()
    qtbot.waitUntil(lambda: not document.is_drying)
    settle(window)
    assert not document.is_unsaved and len(read_page(path).active.marks) == 1
    qtbot.waitUntil(lambda: len(window.pages.milestones.states()) == 1)


def test_a_window_that_is_closed_while_a_stroke_dries_saves_first_if_that_was_asked(
    window, pen, held, qtbot, settle, tmp_path
):
    path = tmp_path / "page.ora"
    window.filing.save(path)
    settle(window)
    pen.draw(across(window))
    window.actions_by_id["page.save"].trigger()
    threading.Timer(0.05, held.set).start()
    window.close()
    qtbot.waitUntil(lambda: not window.isVisible())
    assert len(read_page(path).active.marks) == 1


def test_a_track_is_dragged_while_a_stroke_dries(window, pen, held, qtbot):
    document = window.document
    pen.draw(across(window))
    uid, tone = document.page.active_uid, (Effect.of("tone"),)
    document.layers.drag_effects(uid, tone, "Tone", finished=True)
    assert document.is_drying, "nothing was waited for"
    held.set()
    qtbot.waitUntil(lambda: not document.is_drying and document.page.layer(uid).effects == tone)
    assert len(document.page.active.marks) == 1 and document.undo_label == "Tone"


def test_a_colour_is_picked_at_once_where_nothing_dries(window, pen, held, qtbot):
    board, hand = window.board, window.hand
    hand.set_color((200, 0, 0))
    trace = across(window)
    pen.draw(trace)
    QApplication.processEvents()
    hand.set_color((0, 0, 200))
    x, y = trace.xy[len(trace) // 2]

    def pick(at: QPointF) -> None:
        board.tools["pick"].press(at, 0.0, 1.0, has_pressure=False)

    pick(QPointF(x, y))
    assert hand.color == (0, 0, 200), "it is there when the stroke is dry"
    pick(QPointF(x, y - 250))
    assert hand.color == (255, 255, 255) and window.document.is_drying
    held.set()
    qtbot.waitUntil(lambda: hand.color == (200, 0, 0))


def test_the_end_of_a_stroke_is_seen_while_it_dries_however_seldom_it_was_painted(
    window, pen, held, qtbot, monkeypatch
):
    monkeypatch.setattr(draw, "FASTEST_PAINT_S", 60.0)
    monkeypatch.setattr(draw, "LONGEST_REST_S", 60.0)
    before, trace = shown(window), across(window)
    pen.draw(trace)
    x, y = (round(v) for v in trace.xy[-20])
    qtbot.waitUntil(lambda: (shown(window)[y - 5 : y + 5, x - 5 : x + 5] != before[y - 5 : y + 5, x - 5 : x + 5]).any())
    assert window.document.is_drying


def test_a_short_line_over_many_others_is_mended_beside_the_interface(window, pen, qtbot, monkeypatch):
    document = window.document
    for y in (0.5, 0.5):
        pen.draw(across(window, y=y))
    last = document.last_line.when_dry()
    document.last_line.resteady(10.0)
    assert not document.is_drying, "two are inked at once"
    monkeypatch.setattr(last_line, "MANY_NEAR", 1)
    document.last_line.resteady(60.0)
    assert document.is_drying
    qtbot.waitUntil(lambda: not document.is_drying)
    assert document.page.active.marks.last.steady_after == 60
    assert np.array_equal(document.page.active.marks.last.ribbon.points, last.resteadied(60.0).ribbon.points)


def test_what_effects_leave_of_a_stroke_is_worked_out_while_it_dries(window, pen, held, qtbot, monkeypatch):
    document = window.document
    tone = (Effect.of("tone"),)
    document.layers.set_effects(document.page.active_uid, tone, "Tone")
    qtbot.waitUntil(lambda: document.page.active.effects == tone)
    in_window, work = [], effects._worked_out
    monkeypatch.setattr(
        effects, "_worked_out",
        lambda *args: (in_window.append(threading.current_thread() is threading.main_thread()), work(*args))[1],
    )  # fmt: skip
    held.set()
    pen.draw(across(window))
    qtbot.waitUntil(lambda: not document.is_drying and len(document.page.active.marks) == 1)
    assert in_window and not any(in_window)
