"""The lanes of threads."""

from __future__ import annotations

import logging
import threading

import pytest

from jotsk.core.runtime.lanes import BESIDE, Lane, on_failure


def test_a_queue_keeps_its_order_and_queues_do_not_wait_for_each_other():
    lane, gate, done = Lane("test"), threading.Event(), []
    lane.queue("slow").go(gate.wait, 20)
    lane.queue("slow").go(done.append, "later")
    for number in range(20):
        lane.queue("quick").go(done.append, number)
    lane.queue("quick").finish()
    assert done == list(range(20))
    gate.set()
    lane.queue("slow").finish()
    assert done[-1] == "later"


def test_what_fails_where_nobody_waits_is_logged_and_told(caplog):
    told = []
    end = on_failure(told.append)
    with caplog.at_level(logging.ERROR):
        BESIDE.queue("failing").go(lambda: 1 // 0)
        BESIDE.queue("failing").finish()
        BESIDE.start("for long", lambda: [][0]).join()
    end()
    assert told == ["beside: failing", "beside: for long"]
    assert "ZeroDivisionError" in caplog.text and "IndexError" in caplog.text
    BESIDE.queue("failing").go(lambda: 1 // 0)
    BESIDE.queue("failing").finish()
    assert len(told) == 2, "nobody listens any more"


def test_the_outcome_that_is_asked_for_is_for_who_asks(caplog):
    future = BESIDE.queue("asked").submit(lambda: 1 // 0)
    with pytest.raises(ZeroDivisionError):
        future.result()
    assert not caplog.records
