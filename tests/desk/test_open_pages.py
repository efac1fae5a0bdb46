"""Several pages open: put aside with their history, taken up again, closed, and never lost."""

from __future__ import annotations

import pytest

from jotsk.core.page import blank_page, edits
from jotsk.desk.document.document import Aside
from jotsk.desk.recovery.open_pages import MOST_ASIDE
from tests.conftest import stroke_along


def draw(window, y=100.0):
    window.document.ink.add_stroke(stroke_along([(100, y), (600, y + 50)]))


def take(window, title="Another", path=None):
    assert window.pages.keep_unsaved()
    window.document.take(blank_page(900, 700), path=path, title=title, saved=True)


@pytest.fixture
def saved(window, tmp_path, settle):
    """A page in a file, with two strokes."""
    draw(window)
    draw(window, 300.0)
    window.filing.save(tmp_path / "one.ora")
    settle(window)
    return window


def test_a_page_that_is_left_comes_back_with_its_history_and_view(saved):
    window, board = saved, saved.board
    draw(window, 500.0)
    board.zoom_to(1.7)
    board.turn_by_degrees(20)
    view, page = board.view, window.document.page
    take(window)
    assert window.top.pages.text() == "2 open" and window.top.pages.isVisible()
    draw(window)
    window.actions_by_id["page.next"].trigger()
    assert window.document.page is page and window.document.title == "one" and window.document.is_unsaved
    assert board.view.angle_rad == pytest.approx(view.angle_rad) and board.view.zoom == pytest.approx(view.zoom)
    for count in (2, 1, 0):
        window.document.undo()
        assert len(window.document.page_when_dry().active.marks) == count
    window.actions_by_id["page.next"].trigger()
    assert window.document.title == "Another" and len(window.document.page.active.marks) == 1


def test_a_file_that_is_open_already_comes_to_the_front(saved, tmp_path, settle):
    window = saved
    page = window.document.page
    take(window)
    window.open(tmp_path / "one.ora")
    settle(window)
    assert window.document.page is page, "it was not read again"
    assert len(window.pages.open_pages.aside) == 0, "and the page that was never drawn on is gone"


def test_work_on_a_page_beside_is_on_the_disk(saved, make_window, settle, qtbot):
    window = saved
    draw(window, 500.0)
    take(window)
    draw(window)
    assert window.pages.keep_unsaved()
    other = make_window()  # as after a crash: both pages are found, but for the one that is held
    notes = other.recovery.notes()
    assert [note.title for note in notes] == ["one"]
    window.actions_by_id["page.next"].trigger()
    draw(window, 620.0)
    assert window.pages.keep_unsaved()
    qtbot.waitUntil(lambda: [note.title for note in other.recovery.notes()] == ["Another"])
    slot = window.autosave.slot
    kept = other.recovery.look(slot)
    assert len(kept.page.active.marks) == 4 and kept.path == window.document.path


def test_a_recent_page_that_is_open_beside_is_not_read_again(saved):
    window = saved
    draw(window, 500.0)
    page = window.document.page_when_dry()
    take(window)
    (aside,) = window.pages.open_pages.aside
    slot = window.pages.open_pages._slots[aside]
    assert slot is not None and window.pages.open_pages.of_slot(slot) is aside
    window.pages.take_up(aside)
    assert window.document.page is page


def test_a_page_that_was_closed_while_one_chose_it_is_not_taken_up(window):
    draw(window)
    take(window, "first beside")
    draw(window)
    first = window.pages.open_pages.aside[0]
    for number in range(MOST_ASIDE):
        take(window, f"more {number}")
        draw(window)
    window.pages.take_up(first)
    assert window.document.title == f"more {MOST_ASIDE - 1}" and "recent pages" in window.status.text


def test_a_save_that_ends_after_the_page_was_left_is_known_to_it(window, tmp_path, settle):
    draw(window)
    window.filing.save(tmp_path / "late.ora")
    take(window)
    settle(window)
    (aside,) = window.pages.open_pages.aside
    assert not aside.is_unsaved and aside.path == tmp_path / "late.ora" and aside.title == "late"
    window.pages.take_up(aside)
    assert window.document.path == tmp_path / "late.ora" and not window.document.is_unsaved


def test_a_save_that_ends_late_takes_nothing_of_what_was_drawn_after_it(window, tmp_path, settle):
    draw(window)
    window.filing.save(tmp_path / "late.ora")
    take(window)  # the page is left, taken up, drawn on and left again while it is being saved
    (aside,) = window.pages.open_pages.aside
    window.pages.take_up(aside)
    draw(window, 400.0)
    take(window, "Third")
    settle(window)
    for journal, _ in window.autosave._left:
        journal.wait_for_end(10)
    (note,) = window.recovery.notes()
    kept = window.recovery.look(note.slot)
    assert len(kept.page.active.marks) == 2


def test_closing_goes_to_the_page_before_and_loses_nothing(saved):
    window = saved
    take(window)
    draw(window)
    window.actions_by_id["page.close"].trigger()
    assert window.document.title == "one" and not window.top.pages.isVisible()
    assert "recent pages" in window.status.text
    window.autosave._left[-1][0].wait_for_end(10)
    assert [note.title for note in window.recovery.notes()] == ["Another"]
    window.actions_by_id["page.close"].trigger()
    assert window.document.title == "New page" and len(window.document.page.active.marks) == 0
    window.actions_by_id["page.next"].trigger()
    assert "No other page" in window.status.text


def test_no_more_are_held_than_there_is_room_for(window):
    for k in range(MOST_ASIDE + 3):
        draw(window)
        take(window, f"Page {k}")
    titles = [aside.title for aside in window.pages.open_pages.aside]
    assert titles == [f"Page {k}" for k in range(2, MOST_ASIDE + 2)]
    menu = window.top.pages.menu()
    assert [a.text() for a in menu.actions()] == [
        f"Page {MOST_ASIDE + 2}",
        *(f"{t}, unsaved" for t in reversed(titles)),
    ]
    menu.actions()[-1].trigger()
    assert window.document.title == titles[0]


def test_an_aside_knows_its_page(window):
    page = edits.with_mark(blank_page(300, 200), stroke_along([(20, 20), (280, 180)]))
    window.document.take(page, path=None, title="x", saved=False)
    aside = window.document._aside_of_this()
    assert isinstance(aside, Aside) and aside.page is page and aside.is_unsaved
