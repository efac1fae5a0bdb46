"""Guides with the real window and real pen events."""

from __future__ import annotations

import json
from dataclasses import replace
from itertools import chain

import numpy as np
import pytest
from PySide6.QtCore import QCoreApplication, QPointF, QSize, Qt
from PySide6.QtGui import QColor, QImage, QPainter
from PySide6.QtTest import QTest

from jotsk.core.files.openraster import read_page
from jotsk.core.geometry import Rect, View
from jotsk.core.guides import guide_from
from jotsk.core.guides.guidance import STEPPED, STRAIGHT
from jotsk.core.guides.numbers import rows_of, typed, with_typed
from jotsk.core.hand.simulated_pen import DEVICES, drawn
from jotsk.core.marks.guided import guided
from jotsk.core.page import flattened
from jotsk.desk.board.input.stroke_session import StrokeSession
from jotsk.desk.board.overlays.guide_overlay import GuideOverlay, handle_places
from jotsk.desk.commands import keys
from jotsk.desk.guides.guiding import offered
from jotsk.desk.theme import DAY, LAMP, contrast, current
from jotsk.desk.tools import draw as draw_module
from tests.desk.conftest import across, offer


def put(window, *records):
    window.document.page_edits.set_guides("Guides", [guide_from(r).record() for r in records])


def draw(window, pen, start, end, *, seed=3):
    """A stroke by the simulated hand between two shares of the board."""
    w, h = window.board.width(), window.board.height()
    path = np.array([start, end]) * (w, h)
    pen.draw(drawn(path, 0.6, pressure=[0.3, 0.9, 0.4], device=DEVICES["display"], seed=seed))
    return window.document.last_line.when_dry()


def offers(window):
    for each in chain.from_iterable(offered()):
        window.guides._add(each)


def test_every_kind_is_added_seen_switched_undone_and_saved(window, tmp_path, qtbot):
    offers(window)
    names = [each.name for each in chain.from_iterable(offered())]
    assert [g.name for g in window.board.guiding.guides] == names and len(window.guides.rows) == len(names)
    before, rows = window.board.grab().toImage(), list(window.guides.rows)
    window.guides._switch(0, "shown")
    assert window.board.grab().toImage() != before and not window.board.guiding.guides[0].shown
    window.guides.rows[1].switch.click()
    assert not window.board.guiding.guides[1].on
    window.document.undo()
    assert len(window.board.guiding.guides) == len(names) - 1, "switching is no step"
    assert window.guides.rows == rows[:-1], "those that stay are not made anew"
    window.document.redo()
    assert not window.board.guiding.guides[1].on and not window.board.guiding.guides[0].shown, "and stays"
    window.filing.save(tmp_path / "page.ora")
    qtbot.waitUntil(lambda: not window.filing.jobs.is_busy)
    assert read_page(tmp_path / "page.ora").guides == window.document.page_when_dry().guides


def test_only_the_guide_that_was_changed_is_read_again(window, pen):
    put(window, {"kind": "parallel", "angle": 0}, {"kind": "rings", "at": [300, 200]})
    guiding, document = window.board.guiding, window.document
    parallel, rings = guiding.guides
    guiding.put(1, rings.moved(10, 0), "Place guide")
    assert guiding.guides[0] is parallel and guiding.guides[1] is not rings
    moved = guiding.guides[1]
    draw(window, pen, (0.3, 0.3), (0.6, 0.33))
    document.undo()
    assert guiding.guides[0] is parallel and guiding.guides[1] is moved, "undoing a stroke reads none"


def test_a_stroke_is_held_while_it_is_drawn_and_the_guide_lights_up(window, pen, monkeypatch):
    for name in ("FASTEST_PAINT_S", "LONGEST_REST_S"):
        monkeypatch.setattr(draw_module, name, 60.0)  # as on a busy machine: painted only at the first event
    w, h = window.board.width(), window.board.height()
    at = window.board.view.to_page(w / 2, h / 2)
    put(window, {"kind": "parallel", "angle": 0}, {"kind": "rings", "at": list(at)})
    lit = []
    window.board.guiding.changed.connect(lambda: lit.append(window.board.guiding.lit))
    stroke = draw(window, pen, (0.3, 0.3), (0.6, 0.33))
    assert 0 in lit and window.board.guiding.lit is None
    assert np.ptp(stroke.ribbon.points[:, 1]) < 0.05 and np.ptp(stroke.ribbon.points[:, 0]) > 0.25 * w
    assert np.ptp(stroke.trace.xy[:, 1]) > 5, "the hand's own motion is kept"
    window.document.last_line.resteady(0.0)
    assert np.ptp(window.document.last_line.when_dry().ribbon.points[:, 1]) < 0.05


@pytest.mark.parametrize("turned", [0.0, 30.0])
def test_what_is_shown_wet_is_what_dries(window, pen, turned):
    """On a mirror and a ruler, in a turned and flipped view, with a pen that is not steadied after the lift."""
    window.hand.take(window.hand.library.pen("plain-round"))
    window.hand.set_steady_now(0)
    window.hand.set_steady_after(0)
    window.board.turn_by_degrees(turned)
    window.board.flip()
    middle = window.board.view.to_page(window.board.width() / 2, window.board.height() / 2)
    put(window, {"kind": "parallel", "angle": 20}, {"kind": "mirror", "at": list(middle), "angle": 90})
    window.board.picture.draw()  # sharp, also where a machine is too slow for that while the view moves
    w, h = window.board.width(), window.board.height()
    path = np.array([(0.3, 0.4), (0.45, 0.5)]) * (w, h)
    events = list(pen._events_of(drawn(path, 0.6, pressure=0.8, device=DEVICES["display"], seed=1)))
    for _, event in events[:-1]:
        QCoreApplication.sendEvent(window.board, event)
    window.board.draws.paint()
    wet = window.board.picture.frame[..., :3].astype(int)
    QCoreApplication.sendEvent(window.board, events[-1][1])
    window.board.picture.draw()
    off = np.abs(wet - window.board.picture.frame[..., :3])
    assert window.document.last_line.when_dry().ribbon.turns == 2
    assert off.mean() < 0.02 and (wet.min() < 60)


def test_all_guides_are_off_while_a_key_is_held(window, pen, monkeypatch):
    put(window, {"kind": "parallel", "angle": 0}, {"kind": "mirror", "at": [300, 300], "angle": 90})
    QTest.keyPress(window, Qt.Key.Key_6)
    free = draw(window, pen, (0.3, 0.3), (0.6, 0.31))
    monkeypatch.setattr(keys, "TAP_S", 0.0)  # whatever time it took was a hold
    QTest.keyRelease(window, Qt.Key.Key_6)
    held = draw(window, pen, (0.3, 0.3), (0.6, 0.31))
    assert free.hold is None and not free.copies
    assert held.hold is not None and len(held.copies) == 1


def test_layers_can_opt_out(window, pen):
    put(window, {"kind": "parallel", "angle": 0}, {"kind": "mirror", "at": [300, 300], "angle": 90})
    window.document.layers.change("Follow guides", follows_guides=False)
    only_mirrored = draw(window, pen, (0.3, 0.3), (0.6, 0.31))
    window.document.layers.change("Follow symmetry", follows_guides=True, follows_symmetry=False)
    only_held = draw(window, pen, (0.3, 0.3), (0.6, 0.31))
    assert only_mirrored.hold is None and only_mirrored.copies
    assert only_held.hold is not None and not only_held.copies


@pytest.mark.parametrize("course", [STRAIGHT, STEPPED])
def test_a_key_makes_the_stroke_straight_from_where_it_began(window, pen, course):
    window.board.set_course(course)
    stroke = draw(window, pen, (0.3, 0.3), (0.6, 0.47))
    points = stroke.ribbon.points[:, :2].astype(float)
    along = points[-1] - points[0]
    off = np.cross(np.pad(points - points[0], ((0, 0), (0, 1))), np.append(along, 0))[:, 2] / np.hypot(*along)
    assert np.abs(off).max() < 0.05 and points[0] == pytest.approx(stroke.trace.xy[0], abs=0.05)
    angle = np.degrees(np.arctan2(along[1], along[0]))
    if course == STEPPED:
        assert angle / 15 == pytest.approx(round(angle / 15), abs=1e-3)
    else:
        assert points[-1] == pytest.approx(stroke.trace.xy[-1], abs=0.05)


@pytest.mark.parametrize("of_page", [False, True])
def test_steps_are_those_of_the_view_or_of_the_page(window, pen, of_page):
    window.actions_by_id["guide.page_steps"].setChecked(of_page)
    window.board.turn_by_degrees(7)
    window.board.set_course(STEPPED)
    points = draw(window, pen, (0.3, 0.3), (0.6, 0.47)).ribbon.points[:, :2].astype(float)
    angle = np.degrees(np.arctan2(-(points[-1] - points[0])[1], (points[-1] - points[0])[0]))
    assert ((angle - (0 if of_page else 7)) / 15) % 1 == pytest.approx(0, abs=1e-3) or (
        (angle - (0 if of_page else 7)) / 15
    ) % 1 > 0.999


def test_letting_the_key_go_in_the_middle_gives_the_hands_line_back(window, pen):
    from PySide6.QtCore import QCoreApplication

    events = list(pen._events_of(across(window)))
    window.board.set_course(STRAIGHT)
    for k, (_, event) in enumerate(events):
        if k == len(events) // 2:
            window.board.set_course("freely")
        QCoreApplication.sendEvent(window.board, event)
    assert window.document.last_line.when_dry().hold is None


def test_handles_are_dragged_one_step_of_history_for_each_drag(window):
    put(window, {"kind": "mirror", "at": [300, 300], "angle": 90})
    board, guiding = window.board, window.board.guiding
    board.take_up("guides")
    places = handle_places(guiding.guides[0], board.view, 1.0, board.size())
    for name, by in (("at", QPointF(40, -25)), ("turn", QPointF(30, 10))):
        start = handle_places(guiding.guides[0], board.view, 1.0, board.size())[name]
        QTest.mousePress(board, Qt.MouseButton.LeftButton, pos=start.toPoint())
        for share in (0.5, 1.0):
            QTest.mouseMove(board, (start + by * share).toPoint())
        QTest.mouseRelease(board, Qt.MouseButton.LeftButton, pos=(start + by).toPoint())
    guide = guiding.guides[0]
    to = board.view.to_page(*(places["at"] + QPointF(40, -25)).toPoint().toTuple())
    assert guide.at == pytest.approx(to, abs=1.0 / board.view.zoom) and guide.angle != 90
    window.document.undo()
    assert guiding.guides[0].angle == 90 and guiding.guides[0].at == guide.at
    window.document.undo()
    assert guiding.guides[0].at == (300, 300)


def test_a_locked_guide_stays_and_one_alone_holds(window, pen):
    put(window, {"kind": "parallel", "angle": 0}, {"kind": "parallel", "angle": 90})
    guiding = window.board.guiding
    guiding.hold_alone(1, True)
    stroke = draw(window, pen, (0.3, 0.3), (0.6, 0.32))
    assert np.ptp(stroke.ribbon.points[:, 0]) < 0.05, "though the hand went the other way"
    guiding.change(0, "Lock guide", locked=True)
    window.board.take_up("guides")
    place = handle_places(guiding.guides[0], window.board.view, 1.0, window.board.size())["turn"]
    QTest.mousePress(window.board, Qt.MouseButton.LeftButton, pos=place.toPoint())
    QTest.mouseMove(window.board, (place + QPointF(30, 30)).toPoint())
    QTest.mouseRelease(window.board, Qt.MouseButton.LeftButton, pos=(place + QPointF(30, 30)).toPoint())
    assert guiding.guides[0].angle == 0
    assert {a.text() for a in window.guides.menu_of(0).actions()} >= {"Unlock", "Duplicate", "Delete", "Hold alone"}


def test_numbers_are_typed(window):
    put(
        window,
        {"kind": "perspective", "points": [[0, 100], [900, 100]]},
        {"kind": "rosette", "at": [10, 20], "count": 5},
    )
    window.guide_commands.show_numbers()
    sheet, guiding = window.guide_commands.sheet, window.board.guiding
    sheet.fields["count"].setValue(8)
    sheet.fields["at 0"].setValue(55.5)
    sheet.fields["opacity"].setValue(40)
    assert guiding.guides[1].count == 8 and guiding.guides[1].at == (55.5, 20) and guiding.guides[1].opacity == 0.4
    guiding.select(0)
    sheet.fields["points 2"].setValue(-4000)
    sheet.fields["vertical"].setChecked(False)
    assert guiding.guides[0].points == ((0, 100), (-4000, 100)) and not guiding.guides[0].vertical
    guiding.delete(0)
    assert "Take a guide in hand" in sheet.heading.text()
    sheet.close()


def test_a_set_goes_to_another_page(window, tmp_path):
    put(window, {"kind": "spokes", "at": [10, 20], "name": "Lamp"})
    window.guide_commands.save(tmp_path / "set.json")
    window.board.guiding.delete(0)
    window.guide_sets.open(tmp_path / "set.json")
    assert [g.name for g in window.board.guiding.guides] == ["Lamp"]
    (tmp_path / "bad.json").write_text(json.dumps([{"kind": "tram"}]))
    window.guide_sets.open(tmp_path / "bad.json")
    assert len(window.board.guiding.guides) == 1 and "tram" in window.status.text


def test_copies_are_undone_as_one_and_parted_on_purpose(window, pen, qtbot):
    put(window, {"kind": "rosette", "at": list(window.board.view.to_page(400, 300)), "count": 3})
    draw(window, pen, (0.4, 0.3), (0.5, 0.35))
    inked = flattened(window.document.page_when_dry())
    assert len(window.document.page_when_dry().active.marks) == 1
    window.document.page_edits.part_copies()
    qtbot.waitUntil(lambda: len(window.document.page_when_dry().active.marks) == 3)
    off = np.abs(flattened(window.document.page_when_dry()).view(np.uint8).astype(int) - inked.view(np.uint8))
    assert off.max() <= 3
    window.document.undo()
    window.document.undo()
    assert len(window.document.page_when_dry().active.marks) == 0
    window.document.page_edits.part_copies()
    assert "no copies" in window.board.notice


def test_rubbing_out_is_mirrored(window, pen, eraser):
    middle = window.board.view.to_page(window.board.width() / 2, 0)[0]
    put(window, {"kind": "mirror", "at": [middle, 0], "angle": 90})
    draw(window, pen, (0.35, 0.4), (0.42, 0.4))
    before = len(window.document.page_when_dry().active.marks)
    w, h = window.board.width(), window.board.height()
    window.hand.take(window.hand.eraser())
    window.hand.set_size(200)
    eraser.draw(drawn(np.array([(0.6, 0.3), (0.62, 0.5)]) * (w, h), 0.4, pressure=1.0, device=DEVICES["display"]))
    cuts = (
        window.document.page_when_dry().active.marks.last.cuts
        if len(window.document.page_when_dry().active.marks)
        else None
    )
    assert before == 1 and (cuts is None or cuts[0].ribbon.turns == 2)


# -- guides that never grab ----------------------------------------------------------------------


def circle_of(window, radius, *, at=(0.5, 0.45), turn=0.0, seed=2):
    angle = turn + np.linspace(0, 2 * np.pi, 240)
    w, h = window.board.width(), window.board.height()
    path = np.array(at) * (w, h) + radius * np.column_stack([np.cos(angle), np.sin(angle)])
    return drawn(path, 0.4 + radius / 200, pressure=[0.4, 0.8, 0.5], device=DEVICES["display"], seed=seed)


@pytest.mark.parametrize("radius", [18, 60, 150])
@pytest.mark.parametrize("turn", [0.0, 1.0, 1.57, 2.4, 3.2])
def test_with_perspective_on_a_circle_is_a_circle_wherever_it_begins(window, pen, radius, turn):
    put(window, {"kind": "perspective", "points": [[-4000, 1500], [7000, 1500]]})
    pen.draw(circle_of(window, radius, turn=turn))
    stroke = window.document.last_line.when_dry()
    plain = replace(stroke, hold=None)
    assert stroke.hold is None and np.array_equal(stroke.line.xy, plain.line.xy)
    alphas = stroke.alphas(stroke.cells_on(window.document.page.bounds))
    assert all(np.array_equal(alphas[key], alpha) for key, alpha in plain.alphas(set(alphas)).items())


def test_a_line_that_bends_away_is_free_at_once_and_that_is_seen(window, pen):
    put(window, {"kind": "parallel", "angle": 0})
    w, h = window.board.width(), window.board.height()
    path = np.array([(0.2, 0.3), (0.45, 0.3), (0.45, 0.7)]) * (w, h)
    lit = []
    window.board.guiding.changed.connect(lambda: lit.append(window.board.guiding.lit))
    pen.draw(drawn(path, 1.2, pressure=[0.5, 0.5], device=DEVICES["display"], seed=1))
    assert 0 in lit and lit[-1] is None
    assert window.document.last_line.when_dry().hold is None


def test_a_ruler_takes_only_what_is_within_reach(window, pen):
    page = window.document.page
    put(window, {"kind": "straightedge", "at": [page.width / 2, page.height / 2], "angle": 0})
    middle = window.board.view.to_screen(page.width / 2, page.height / 2)[1] / window.board.height()
    near, far = 30 / window.board.height(), 60 / window.board.height()
    assert draw(window, pen, (0.35, middle + near), (0.6, middle + near)).hold is not None
    assert draw(window, pen, (0.35, middle + far), (0.6, middle + far)).hold is None
    QTest.keyClick(window.board, Qt.Key.Key_H, Qt.KeyboardModifier.ShiftModifier)
    assert window.board.guiding.guides[0].alone
    assert draw(window, pen, (0.35, middle + far), (0.6, middle + 3 * far)).hold is not None, (
        "alone it takes everything"
    )
    QTest.keyClick(window.board, Qt.Key.Key_H, Qt.KeyboardModifier.ShiftModifier)
    assert not window.board.guiding.guides[0].alone


def test_rubbing_out_is_free_unless_a_guide_holds_alone(window, pen, eraser):
    for y, alone in ((0.4, False), (0.6, True)):
        put(window)
        draw(window, pen, (0.3, y), (0.6, y))
        put(window, {"kind": "parallel", "angle": 0, "alone": alone})
        draw(window, eraser, (0.4, y), (0.5, y + 0.015))
        line = window.document.page_when_dry().active.marks.last.cuts[-1].ribbon.points
        assert (np.ptp(line[:, 1]) < 0.1) == alone


def test_the_line_does_not_jump_from_rail_to_rail_while_that_is_decided(window, pen, monkeypatch):
    put(window, {"kind": "perspective", "points": [[-4000, 1500], [7000, 1500]]}, {"kind": "cross", "angle": 10})
    begun = []
    begin = StrokeSession._begin_anew
    monkeypatch.setattr(
        StrokeSession, "_begin_anew", lambda self, rail, s: (begun.append(rail), begin(self, rail, s))[1]
    )
    draw(window, pen, (0.3, 0.35), (0.6, 0.4))
    assert len([rail for rail in begun if rail is not None]) <= 1


def test_what_is_replayed_is_held_as_what_is_drawn(window, pen):
    put(window, {"kind": "perspective", "points": [[-4000, 1500], [7000, 1500]]}, {"kind": "rings", "at": [900, 1500]})
    for seed in range(12):
        start = np.random.default_rng(seed).uniform(0.25, 0.6, 2)
        end = start + np.random.default_rng(seed + 50).uniform(-0.2, 0.2, 2)
        stroke = draw(window, pen, tuple(start), tuple(end), seed=seed)
        again = guided(replace(stroke, hold=None), window.board.guiding.guides)
        assert again.hold == stroke.hold


# -- placing -------------------------------------------------------------------------------------


def placed(window, *records):
    put(window, *records)
    QTest.keyClick(window.board, Qt.Key.Key_5)
    return window.board.guiding


def pull(window, start, by, modifier=Qt.KeyboardModifier.NoModifier):
    board = window.board
    start, by = QPointF(*start), QPointF(*by)
    QTest.mousePress(board, Qt.MouseButton.LeftButton, modifier, start.toPoint())
    QTest.mouseMove(board, (start + by / 2).toPoint())
    QTest.mouseMove(board, (start + by).toPoint())
    QTest.mouseRelease(board, Qt.MouseButton.LeftButton, modifier, (start + by).toPoint())


def place_on_board(window, x, y):
    ratio = window.board.devicePixelRatioF()
    return tuple(v / ratio for v in window.board.view.to_screen(x, y))


def test_a_vanishing_point_that_waits_at_the_edge_is_not_pulled_to_the_pen(window):
    guiding = placed(window, {"kind": "perspective", "points": [[-6000, 1500], [8000, 1500]]})
    board = window.board
    at = handle_places(guiding.guides[0], board.view, 1.0, board.size())["point 0"]
    QTest.mouseClick(board, Qt.MouseButton.LeftButton, pos=(at + QPointF(3, 3)).toPoint())
    assert guiding.guides[0].points[0] == (-6000, 1500), "touched, it stays where it is"
    pull(window, (at.x(), at.y()), (40, 0))
    assert guiding.guides[0].points[0][0] == pytest.approx(-6000 + 40 / board.view.zoom, abs=2 / board.view.zoom)
    assert guiding.guides[0].points[0][1] == guiding.guides[0].points[1][1], "the horizon stays level"


def test_the_horizon_is_dragged_and_lines_move_their_guide(window):
    board = window.board
    guiding = placed(window, {"kind": "perspective", "points": [[-6000, 1500], [8000, 1500]], "vertical": False})
    pull(window, place_on_board(window, 1240, 1500), (30, 50))
    points = guiding.guides[0].points
    assert points[0][0] == -6000 and points[1][0] == 8000
    assert points[0][1] == points[1][1] == pytest.approx(1500 + 50 / board.view.zoom, abs=2 / board.view.zoom)
    placed(window, {"kind": "straightedge", "at": [1240, 1500], "angle": 0})
    window.hold_keys.turn_on("guide.place")
    pull(window, place_on_board(window, 400, 1500), (0, 40))
    assert guiding.guides[0].at[1] == pytest.approx(1500 + 40 / board.view.zoom, abs=2 / board.view.zoom)


def test_placing_shows_the_handles_of_every_guide_and_adding_starts_it(window):
    window.guides._add(offer("Straightedge"))
    assert window.board.tool.id == "guides"
    records = [{"kind": "straightedge", "at": [800, y], "angle": 0} for y in (800, 2200)]
    guiding = placed(window, *records)
    window.hold_keys.turn_on("guide.place")
    guiding.select(0)
    picture = window.board.grab().toImage()
    for y in (800, 2200):
        x, y = place_on_board(window, 800, y)
        assert picture.pixelColor(round(x), round(y)).name().upper() == current().raised.upper()


def test_circles_and_rows_follow_their_vanishing_points(window):
    window.guides._add(offer("Perspective, two points"))
    for name in ("Circle in perspective", "Row of posts"):
        window.guides._add(offer(name))
    guiding = window.board.guiding
    plane, circle, posts = guiding.guides
    corners = np.array(circle.points)
    assert corners[:, 1].min() < corners[0, 1] <= corners[:, 1].max(), "it lies on the ground"
    moved = plane.dragged("point 0", (plane.points[0][0] - 500, plane.points[0][1] - 300), 0.0)
    guiding.put(0, moved, "Place guide")
    plane, circle, posts = guiding.guides

    def passes(a, b, target):
        a, b, target = map(np.array, (a, b, target))
        return abs(np.cross(np.append(b - a, 0), np.append(target - a, 0))[2]) < 1e-6 * np.hypot(*(target - a)) ** 2

    assert passes(circle.points[0], circle.points[1], plane.points[0])
    assert passes(circle.points[3], circle.points[2], plane.points[0])
    assert passes(circle.points[0], circle.points[3], plane.points[1])
    assert passes(posts.points[0], posts.points[2], plane.points[0])
    window.document.undo()
    assert guiding.guides[1] != circle


def test_points_of_a_french_curve_come_and_go_and_it_is_moved_turned_and_flipped(window):
    points = [[600, 900], [1200, 700], [1800, 900]]
    guiding = placed(window, {"kind": "french-curve", "points": points})
    guiding.select(0)
    shift = Qt.KeyboardModifier.ShiftModifier
    on_it = guiding.guides[0].curve.place(300.0)
    pull(window, place_on_board(window, *on_it), (0, 20), shift)
    assert len(guiding.guides[0].points) == 4
    window.document.undo()
    guiding.put(0, guiding.guides[0].without_point(1), "Remove a point")
    assert len(guiding.guides[0].points) == 2 and guiding.guides[0].without_point(0) is guiding.guides[0]
    window.document.undo()
    curve = guiding.guides[0]
    flipped = curve.flipped(upside_down=True)
    assert flipped.middle == curve.middle and flipped.points[1][1] == 900 and flipped.points[0] == (600, 700)
    quarter = curve.turned(90)
    assert quarter.points[0] == pytest.approx((1300, 1400)) and quarter.turned(-90).points[0] == pytest.approx(
        (600, 900)
    )
    assert curve.dragged("move", (0.0, 0.0), 100.0).middle == (0, 0)


def test_an_ellipse_template_has_a_ratio_a_size_and_a_mirror_image():
    ellipse = guide_from({"kind": "ellipse", "at": [100, 100], "radii": [60, 30], "angle": 20})
    (row,) = (row for key, row in rows_of(ellipse) if key == "ratio")
    assert typed(ellipse, "ratio", row) == 0.5
    assert replace(ellipse, **with_typed(ellipse, "ratio", row, 0.8)).radii == (60, 48)
    x, y = ellipse.handles(50.0)["size"]
    twice = ellipse.dragged("size", (100 + 2 * (x - 100), 100 + 2 * (y - 100)), 50.0)
    assert twice.radii == pytest.approx((120, 60)) and ellipse.flipped(upside_down=False).angle == -20


def test_a_closed_curves_offset_is_closed(window):
    put(
        window, {"kind": "french-curve", "points": [[600, 900], [1200, 600], [1800, 900], [1200, 1400]], "closed": True}
    )
    window.guide_commands.add_offset(window.board.guiding.guides[0], 40.0)
    assert window.board.guiding.guides[1].closed


# -- how they look -------------------------------------------------------------------------------


@pytest.mark.parametrize("paper", [(255, 255, 255), (20, 24, 27), (178, 221, 237)])
@pytest.mark.parametrize("theme", [DAY, LAMP])
def test_guides_read_on_white_on_sketch_and_on_black(window, paper, theme):
    """WCAG 2.2, success criterion 1.4.11: at least 3:1 beside what is there."""
    window.document.edit("Paper", lambda page: replace(page, paper=paper))
    window.actions_by_id["view.lamp"].setChecked(theme is LAMP)
    y = 1500
    placed(window, {"kind": "straightedge", "at": [-90000, y], "angle": 0})
    window.board.theme_changed()
    x, y = place_on_board(window, 1240, y)
    picture = window.board.grab().toImage()
    beside = "#{:02X}{:02X}{:02X}".format(*paper)
    best = max(contrast(picture.pixelColor(round(x) + 30, round(y) + k).name(), beside) for k in range(-4, 5))
    assert best >= 3.0


def test_guides_whisper_away_from_the_pen(window, qtbot):
    put(window, {"kind": "straightedge", "at": [-90000, 1500], "angle": 0})
    board = window.board
    y = round(place_on_board(window, 0, 1500)[1])
    qtbot.waitUntil(lambda: not board.is_moving)
    paper = QColor(255, 255, 255)

    def strength(x):
        return max(
            paper.red() + paper.green() + paper.blue() - sum(picture.pixelColor(x, y + k).getRgb()[:3])
            for k in (-1, 0, 1)
        )

    left = round(place_on_board(window, 300, 0)[0])
    right = round(place_on_board(window, 2300, 0)[0])
    board.point_at(QPointF(left, y + 60))
    picture = board.grab().toImage()
    assert strength(right) < 0.3 * strength(left)
    window.hold_keys.turn_on("guide.place")
    picture = board.grab().toImage()
    assert strength(right) > 0.9 * strength(left), "while they are placed all are seen"


def seen_by(overlay, view, *, moving):
    """What a board of 600 x 400 px shows of a cross, (400, 600): the darkest channel."""
    guides = [guide_from({"kind": "cross", "at": [300, 200], "angle": 20})]
    size, picture = QSize(600, 400), QImage(600, 400, QImage.Format.Format_RGB32)
    picture.fill(Qt.GlobalColor.white)
    painter = QPainter(picture)
    overlay.draw(painter, view, 1.0, size, Rect(0, 0, 600, 400), guides, None, None, placing=False, moving=moving)
    painter.end()
    return np.array(picture.constBits()).reshape(400, 600, 4)[:, :, :3].min(axis=2)


def test_the_picture_of_the_guides_moves_with_the_view_and_is_drawn_anew_at_rest(qapp):
    overlay = GuideOverlay()
    seen_by(overlay, View(), moving=False)
    kept = overlay._kept
    for view in (View().panned(40, -25), View().zoomed(1.2, 300, 200), View().turned(0.03, 300, 200)):
        moving, exact = seen_by(overlay, view, moving=True), seen_by(GuideOverlay(), view, moving=False)
        assert overlay._kept is kept, "not drawn anew for each step"
        lines = exact < 240
        assert lines.sum() > 500 and (moving[lines] < 250).mean() > 0.9, "and where it belongs"
    seen_by(overlay, View().panned(400, 0), moving=True)
    assert overlay._kept is not kept, "where the picture does not reach it is"
    at_rest = seen_by(overlay, View().panned(40, -25), moving=False)
    assert np.array_equal(at_rest, seen_by(GuideOverlay(), View().panned(40, -25), moving=False))


def test_the_cone_of_vision_can_be_shown(window):
    guide = guide_from({"kind": "perspective", "points": [[-500, 1500], [3000, 1500]], "cone": True})
    (circle,) = guide.lines_of_page(window.document.page.bounds)
    assert not guide.stretches(circle * 0.999 + np.array([1240, 1500]) * 0.001, window.document.page.bounds)
    assert guide.stretches(circle * 1.001 - np.array([1240, 1500]) * 0.001, window.document.page.bounds)
    assert list(replace(guide, cone=False).lines_of_page(window.document.page.bounds)) == []


# -- at hand -------------------------------------------------------------------------------------


def test_switching_guides_does_not_stand_between_a_stroke_and_its_undo(window, pen):
    put(window, {"kind": "parallel", "angle": 0})
    draw(window, pen, (0.3, 0.4), (0.6, 0.4))
    window.guides._switch(0, "on")
    window.guides._switch(0, "shown")
    window.board.guiding.hold_alone(0, True)
    window.document.undo()
    assert not len(window.document.page.active.marks)
    guide = window.board.guiding.guides[0]
    assert not guide.on and guide.alone, "they are as they were switched"


def test_sets_of_guides_are_kept_at_hand(window, make_window):
    put(window, {"kind": "parallel", "angle": 10}, {"kind": "rings", "at": [9, 9]})
    window.guide_sets.keep("Harbour / street")
    window.guide_sets.keep("  ")
    assert "needs a name" in window.status.text and window.guide_sets.kept_sets() == ["Harbour  street"]
    again = make_window()
    again.guides.sets.aboutToShow.emit()
    assert again.guides.sets.actions()[0].text() == "Harbour  street"
    again.guides.sets.actions()[0].trigger()
    assert [g.kind for g in again.board.guiding.guides] == ["parallel", "rings"]
    again.guide_sets.forget_kept("Harbour  street")
    again.guides.sets.aboutToShow.emit()
    assert "Nothing is kept" in again.guides.sets.actions()[0].text()


def test_guides_are_in_the_menu_too(window):
    menu = window.top.menus["guides"]
    (add,) = (a.menu() for a in menu.actions() if a.text() == "Add a guide")
    add.aboutToShow.emit()
    words = [a.text() for a in add.actions() if not a.isSeparator()]
    assert words[0] == "Straightedge" and words.index("Mirrored rosette") < words.index("Kept sets")
    add.actions()[0].trigger()
    assert window.board.guiding.guides[0].kind == "straightedge"
