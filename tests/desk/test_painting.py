"""No fault while painting ends the process, and what cannot be painted says so."""

from __future__ import annotations

import numpy as np
import pytest
from PySide6.QtCore import QPointF, Qt
from PySide6.QtGui import QImage, QPainter
from PySide6.QtWidgets import QApplication, QWidget

from jotsk.core.geometry import Rect
from jotsk.core.guides import drawing, guide_from, guides_of
from jotsk.core.guides.drawing import lines_of
from jotsk.core.hand import trace_from
from jotsk.core.page import blank_page
from jotsk.desk.widgets.faults import handled, painted
from tests.conftest import stroke_along
from tests.desk.conftest import across


class Faulty(QWidget):
    ended = 0

    @painted
    def paintEvent(self, painter, event):
        painter.save()
        raise IndexError("as it happens")


def test_a_fault_while_painting_leaves_no_painter_active_and_is_logged_once(qtbot, caplog):
    """Qt warns, and later aborts, where a paint device is destroyed while it is painted on."""
    widget = Faulty()
    qtbot.addWidget(widget)
    for _ in range(3):
        widget.grab()
    assert len([r for r in caplog.records if "could not be painted" in r.message]) == 1


SQUARE = [[100, 100], [300, 100], [300, 300], [100, 300]]


@pytest.mark.parametrize(
    "corners", [[[9, 9], [9, 9], [300, 300], [100, 300]], [[0, 0], [50, 50], [100, 100], [10, 300]], [[5, 5]] * 4]
)
def test_a_circle_whose_corners_span_no_plane_shows_them_and_no_circle(corners):
    guide = guide_from({"kind": "circle", "points": corners})
    (line,) = lines_of(guide, Rect(0, 0, 1000, 800))
    assert np.array_equal(line, corners)


def test_numbers_that_make_a_guide_impossible_are_refused_with_a_sentence(window):
    guiding = window.board.guiding
    guiding.add_curve(((0.0, 0.0), (50.0, 80.0), (200.0, 10.0)), closed=False, smooth=True)
    before = window.document.page_when_dry().guides
    guiding.change(0, "Place guide", points=((0.0, 0.0), (1e9, 1e9)))
    assert window.document.page_when_dry().guides is before
    assert "The guide stays as it is" in window.board.notice and "1,000,000 px" in window.board.notice


def test_a_circle_typed_into_a_line_is_painted_and_mended(window):
    guiding = window.board.guiding
    guiding.add_all([guide_from({"kind": "circle", "points": SQUARE})])
    guiding.change(0, "Place guide", points=((100.0, 100.0), (100.0, 100.0), (300.0, 300.0), (100.0, 300.0)))
    window.board.grab()
    guiding.change(0, "Place guide", points=tuple(map(tuple, SQUARE)))
    window.board.grab()
    assert guiding.guide(0).shown


def test_a_guide_from_a_file_that_does_not_draw_is_kept_and_not_drawn(tmp_path):
    records = [
        {"kind": "french-curve", "points": [[0, 0], [1e9, 0], [0, 1e9]]},
        {"kind": "mirror", "at": [1, 1], "angle": 5},
    ]
    assert [guide is None for guide in guides_of(records)] == [True, False]


def test_what_fails_all_the_same_when_it_is_painted_is_switched_off_and_told(window, monkeypatch, qtbot):
    guiding = window.board.guiding
    guiding.add_all([guide_from({"kind": "mirror", "at": [50, 50], "angle": 90, "name": "Bow"})])
    window.board.guiding.select(None)
    with monkeypatch.context() as patch:
        patch.setattr("jotsk.desk.board.overlays.guide_overlay.lines_of", lambda *_: 1 // 0)
        window.board.grab()
        qtbot.waitUntil(lambda: not guiding.guide(0).on)
    assert not guiding.guide(0).shown and "“Bow” cannot be drawn" in window.board.notice
    guiding.switch(0, on=True, shown=True)
    window.board.grab()
    assert guiding.guide(0).on, "as soon as it can be drawn"


def test_a_huge_ellipse_that_is_dashed_takes_no_time(qapp):
    """A dashed line of 6e9 px would take a painter minutes: what is far from what is seen is not given to it."""
    guide = guide_from({"kind": "ellipse", "at": [500, 1e9], "radii": [1e9, 1e9], "on": False})
    area = Rect(0, 0, 1000, 800)
    lines = drawing.lines_of(guide, area)
    assert sum(float(np.hypot(*np.diff(line, axis=0).T).sum()) for line in lines) < 1e4
    picture = QImage(100, 80, QImage.Format.Format_RGB32)
    painter = QPainter(picture)
    for line in lines:
        painter.drawPolyline([QPointF(*p) for p in line.tolist()])
    painter.end()


@pytest.mark.parametrize("way", ["undo and stroke", "new page", "wheel", "far back", "drying"])
def test_the_history_is_painted_whatever_it_has_lost(window, pen, way, caplog, qtbot):
    window.actions_by_id["view.history"].trigger()
    for k in range(6):
        window.document.ink.add_stroke(stroke_along([(100, 100 * k), (900, 700)]))
    tray = window.history
    tray.list.refresh()
    if way == "undo and stroke":
        for _ in range(4):
            window.document.undo()
        window.document.ink.add_stroke(stroke_along([(100, 50), (900, 70)]))
    elif way == "new page":
        window.document.take(blank_page(300, 200), path=None, title="New page", saved=True)
    elif way == "wheel":
        window.document.go_to_step(0)
        window.document.layers.add()
        tray.list.verticalScrollBar().setValue(tray.list.verticalScrollBar().maximum())
    elif way == "far back":
        window.document._history._at = 0
        window.document._history.forget_undone()
    else:
        window.document.undo()
        pen.draw(across(window))
    tray.list.grab()
    tray.list.clicked.emit(tray.list.steps.index(5))
    QApplication.processEvents()
    tray.list.grab()
    assert not [r for r in caplog.records if "painted" in r.message]
    for row in range(7):
        assert isinstance(tray.list.steps.data(tray.list.steps.index(min(row, tray.list.steps.rowCount() - 1))), str)


def test_a_fault_in_an_event_handler_is_logged_and_the_window_goes_on(qtbot, monkeypatch):
    """An exception that C code raised ends the process, if it gets into Qt from an event that was sent from Python."""
    told = []
    monkeypatch.setattr("sys.excepthook", lambda kind, value, trace: told.append(kind))

    class Clicked(QWidget):
        def event(self, event):
            return super().event(event)

        @handled
        def mousePressEvent(self, event):
            round(float("nan"))

    widget = Clicked()
    qtbot.addWidget(widget)
    qtbot.mouseClick(widget, Qt.MouseButton.LeftButton)
    assert told == [ValueError]


@pytest.mark.parametrize("place", [(float("nan"), 5.0), (float("inf"), 0.0), (1e9, -1e9)])
def test_a_pen_that_touches_where_no_place_is_draws_from_where_it_was(window, pen, place):
    xy = np.array([(300 + 4 * k, 300 + k) for k in range(40)], float)
    pen.draw(trace_from(np.arange(40) * 0.005, *xy.T, 0.5))
    xy[0] = place
    pen.draw(trace_from(np.arange(40) * 0.005, *xy.T, 0.5))
    first, second = window.document.page_when_dry().active.marks
    assert len(second.trace) == 40 and np.abs(second.trace.xy[1:] - first.trace.xy[1:]).max() < 1e-6
