"""What threads hand over to the interface, and to whom."""

from __future__ import annotations

import threading

import pytest
from PySide6.QtCore import QCoreApplication, QObject
from PySide6.QtWidgets import QWidget
from shiboken6 import delete

from jotsk.core.runtime.lanes import BESIDE
from jotsk.desk.document.latest import Latest
from jotsk.desk.widgets.hand_over import hand_over


def beside(work):
    BESIDE.queue("test").submit(work).result()


def test_what_is_handed_over_comes_on_the_interfaces_thread_and_in_order(qapp):
    owner, came = QObject(), []
    beside(lambda: [hand_over(owner, lambda k: came.append((k, threading.current_thread())), k) for k in range(3)])
    assert not came, "not on the other thread"
    QCoreApplication.processEvents()
    assert came == [(k, threading.main_thread()) for k in range(3)]


def test_nothing_comes_to_an_owner_that_is_gone(qapp):
    owner, came = QObject(), []
    beside(lambda: hand_over(owner, came.append, 1))
    delete(owner)
    QCoreApplication.processEvents()
    beside(lambda: hand_over(owner, came.append, 2))
    QCoreApplication.processEvents()
    assert not came


@pytest.mark.parametrize("brings_earlier", [False, True])
def test_widgets_that_are_deleted_while_work_for_them_ends_do_no_harm(qapp, brings_earlier):
    """Signals that a thread emitted for them ended the process now and then."""
    done = 0
    for k in range(3000):
        widget = QWidget()
        latest = Latest("test", widget, brings_earlier=brings_earlier)
        latest.came.connect(lambda _: None)
        latest.ask(lambda: sum(range(20)))
        delete(widget)
        done += 1
        if k % 100 == 0:
            QCoreApplication.processEvents()
    BESIDE.queue("test").finish()
    QCoreApplication.processEvents()
    assert done == 3000


def test_of_what_is_asked_for_the_latest_comes_and_earlier_ones_if_wanted(qapp, qtbot):
    for brings_earlier in (False, True):
        owner, came, goes_on = QObject(), [], threading.Event()
        latest = Latest("test latest", owner, brings_earlier=brings_earlier)
        latest.came.connect(came.append)
        latest.ask(lambda goes_on=goes_on: (goes_on.wait(5), "first")[1])
        qtbot.wait(20)  # it is being worked out
        latest.ask(lambda: "second")
        latest.ask(lambda: "third")
        assert latest.is_awaited
        goes_on.set()
        qtbot.waitUntil(lambda latest=latest: not latest.is_awaited)
        assert came == (["first", "third"] if brings_earlier else ["third"])
        latest.ask(lambda: "dropped")
        latest.drop()
        BESIDE.queue("test latest").finish()
        QCoreApplication.processEvents()
        assert came[-1] == "third" and not latest.is_awaited


def test_what_fails_is_awaited_no_more_but_what_was_asked_for_after_it_is(qapp, qtbot, caplog):
    owner, came, goes_on = QObject(), [], threading.Event()
    latest = Latest("test latest", owner)
    latest.came.connect(came.append)
    latest.ask(lambda: (goes_on.wait(5), 1 / 0))
    qtbot.wait(20)
    latest.ask(lambda: "second")
    goes_on.set()
    qtbot.waitUntil(lambda: not latest.is_awaited)
    assert came == ["second"] and "failed" in caplog.text
    latest.ask(lambda: 1 / 0)
    qtbot.waitUntil(lambda: not latest.is_awaited)
    assert came == ["second"]
