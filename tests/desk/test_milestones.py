"""Milestones, as they are kept, looked at, compared and gone back to."""

from __future__ import annotations

import sqlite3

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from jotsk.core.files.retention import too_close
from jotsk.core.files.store import State
from jotsk.core.geometry import View
from jotsk.core.page import flattened
from jotsk.desk.dialogs import MilestoneSheet
from jotsk.desk.recovery.milestones import BY_CLOCK, BY_HAND, SUFFIX
from tests.desk.conftest import across

HOUR, DAY = 3600.0, 86400.0


@pytest.fixture
def kept(window, pen, qtbot):
    """Two milestones, with a line more in the second, and a third line after it."""
    for k, name in enumerate(("one line", "two lines")):
        pen.draw(across(window, y=0.3 + 0.2 * k))
        window.pages.milestones.keep(name)
        qtbot.waitUntil(lambda: not window.pages.milestones.is_busy)
    pen.draw(across(window, y=0.7))
    return window.pages.milestones


def read(milestones, state: int, qtbot):
    job = milestones.reading(state)
    with qtbot.waitSignal(job.done) as told:
        job.start()
    ((number, page),) = told.args
    assert number == state
    return page


def test_a_milestone_is_a_state_of_the_page_with_name_time_and_picture(window, kept, qtbot):
    two, one = kept.states()
    assert (one.name, two.name, one.kind) == ("one line", "two lines", BY_HAND)
    assert one.at <= two.at and one.picture.startswith(b"\x89PNG")
    assert [len(read(kept, s.id, qtbot).active.marks) for s in (one, two)] == [1, 2]
    before = kept.path.stat().st_size
    assert before < 3e6, "what did not change is not copied"


def test_going_back_is_a_step(window, kept, qtbot, settle):
    three_lines = window.document.page_when_dry()
    sheet = MilestoneSheet(kept, window.document, window)
    qtbot.addWidget(sheet)
    sheet.show()
    assert sheet.list.count() == 2 and "one line" in sheet.list.item(1).text()
    assert sheet.page is None and not sheet.back.isEnabled(), "it is being read"
    assert sheet.then_stack.currentWidget() is sheet.small and sheet.then_words.text() == "two lines, being read"
    sheet.list.setCurrentRow(1)
    qtbot.waitUntil(lambda: sheet.page is not None)
    assert len(sheet.page.active.marks) == 1 and sheet.then_words.text() == "one line"
    assert sheet.then_stack.currentWidget() is sheet.then
    sheet.now.set_view(View(0.5, 0.3, False, 20, 30))
    assert sheet.then.view == sheet.now.view, "both move together"
    sheet.back.click()
    settle(window)
    assert len(window.document.page_when_dry().active.marks) == 1
    assert window.document.undo_label == "Back to a milestone"
    window.document.undo()
    assert np.array_equal(flattened(window.document.page_when_dry()), flattened(three_lines))


def test_naming_deleting_and_keeping_in_the_sheet(window, kept, qtbot):
    sheet = MilestoneSheet(kept, window.document, window)
    qtbot.addWidget(sheet)
    sheet.show()
    sheet.list.setCurrentRow(0)
    sheet.name.setText("the good one")
    sheet.rename.click()
    qtbot.waitUntil(lambda: "the good one" in sheet.list.item(0).text())
    sheet.name.setText("three")
    sheet.keep.click()
    qtbot.waitUntil(lambda: sheet.list.count() == 3 and sheet.keep.isEnabled())
    sheet.list.setCurrentRow(1)
    sheet.delete.click()
    qtbot.waitUntil(lambda: sheet.list.count() == 2)
    assert [s.name for s in kept.states()] == ["three", "one line"]


def test_a_page_that_gets_a_file_has_its_milestones_beside_it(window, kept, tmp_path, settle, qtbot):
    window.filing.save(tmp_path / "harbour.ora")
    settle(window)
    qtbot.waitUntil(lambda: not window.document.is_unsaved)
    assert (tmp_path / f"harbour{SUFFIX}").exists() and len(kept.states()) == 2


def test_the_clock_keeps_a_milestone_after_work_and_only_then(window, pen, qtbot):
    now = [1000.0]
    milestones = window.pages.milestones
    milestones._clock = lambda: now[0]
    now[0] += 3600
    milestones.look_at_clock()
    assert milestones.states() == [], "nobody worked"
    pen.draw(across(window))
    now[0] += 60 * milestones.minutes - 1
    milestones.look_at_clock()
    assert milestones.states() == []
    now[0] += 2
    milestones.look_at_clock()
    qtbot.waitUntil(lambda: not milestones.is_busy)
    (state,) = milestones.states()
    assert state.kind == BY_CLOCK and state.at == now[0]
    milestones.minutes = 0
    pen.draw(across(window, y=0.6))
    now[0] += 1e6
    milestones.look_at_clock()
    assert len(milestones.states()) == 1


def test_a_damaged_file_of_milestones_is_told_and_harms_nothing(window, kept, qtbot):
    page = window.document.page_when_dry()
    kept.path.write_bytes(b"not a database at all" * 100)
    sheet = MilestoneSheet(kept, window.document, window)
    qtbot.addWidget(sheet)
    assert "damaged" in sheet.told.text() or "read" in sheet.told.text()
    assert not sheet.back.isEnabled() and window.document.page_when_dry() is page


def test_a_state_that_cannot_be_read_is_told_and_another_can_be_chosen(window, kept, qtbot):
    two, one = kept.states()
    database = sqlite3.connect(kept.path)
    (root,) = database.execute("SELECT root FROM states WHERE id = ?", (two.id,)).fetchone()
    database.execute("UPDATE blobs SET data = ? WHERE id = ?", (b"nothing", root))
    database.commit()
    database.close()
    sheet = MilestoneSheet(kept, window.document, window)
    qtbot.addWidget(sheet)
    qtbot.waitUntil(lambda: "damaged" in sheet.told.text())
    assert sheet.page is None and not sheet.back.isEnabled()
    sheet.list.setCurrentRow(1)
    qtbot.waitUntil(lambda: sheet.page is not None)
    assert len(sheet.page.active.marks) == 1 and sheet.back.isEnabled()


def test_thinning_by_hand():
    now = 10 * DAY
    ages = [0, 600, 1200, 2 * HOUR, 2.2 * HOUR, 3.5 * HOUR, 2 * DAY, 2.1 * DAY, 5 * DAY]
    states = [State(k, now - age, BY_CLOCK, "", None) for k, age in enumerate(ages)]
    states.append(State(99, now - 2.05 * DAY, BY_HAND, "mine", None))
    assert sorted(too_close(states, now, BY_CLOCK)) == [3, 6]


@given(st.lists(st.floats(0, 60 * DAY), max_size=60))
def test_thinning_out_twice_takes_nothing_more_and_leaves_the_oldest(ages):
    now = 100 * DAY
    states = [State(k, now - age, BY_CLOCK, "", None) for k, age in enumerate(ages)]
    gone = set(too_close(states, now, BY_CLOCK))
    left = [s for s in states if s.id not in gone]
    assert not too_close(left, now, BY_CLOCK)
    assert len([s for s in left if now - s.at <= HOUR]) == len([s for s in states if now - s.at <= HOUR])
    if states:
        assert min(s.at for s in states) == min(s.at for s in left)
