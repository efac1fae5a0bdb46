"""The lanes of threads."""

from __future__ import annotations

import logging
import os
import subprocess
import sys
import threading
from pathlib import Path

import pytest

from jotsk.core.runtime.lanes import BESIDE, JOBS, STEPS, Lane, on_failure
from jotsk.core.runtime.parallel import in_shares


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


def test_what_may_come_later_steps_back_and_so_does_what_it_has_worked_out_in_shares():
    """By what setpriority(2) says of each thread."""

    def niceness(_=None):
        return os.getpriority(os.PRIO_PROCESS, threading.get_native_id())

    here = niceness()
    assert BESIDE.queue("later").submit(niceness).result() == JOBS.queue("job").submit(niceness).result() == 10 + here
    with BESIDE.pool(1) as pool:
        assert pool.submit(niceness).result() == 10 + here
    found = []
    JOBS.start("a job", lambda: found.append((niceness(), in_shares(niceness, range(8))))).join()
    assert found == [(10 + here, [10 + here] * 8)]
    assert STEPS.queue("step").submit(niceness).result() == here
    assert in_shares(niceness, range(8)) == [here] * 8
    assert BESIDE.queue("later").submit(in_shares, niceness, range(8)).result() == [10 + here] * 8


OPENCV_FIRST_IN_A_THREAD_THAT_STEPS_BACK = """
import os
import cv2, numpy as np
from jotsk.core.runtime.lanes import BESIDE
cv2.setNumThreads(3)
picture = np.zeros((1000, 1000), np.uint8)
before = len(os.listdir("/proc/self/task"))
BESIDE.queue("later").submit(cv2.warpAffine, picture, np.eye(2, 3), (1000, 1000)).result()
tasks = os.listdir("/proc/self/task")
print(len(tasks) - before, sorted(os.getpriority(os.PRIO_PROCESS, int(task)) for task in tasks)[-2:])
"""


@pytest.mark.skipif(not Path("/proc/self/task").exists(), reason="threads are listed by Linux")
def test_opencv_has_threads_that_do_not_step_back_whoever_needs_them_first():
    """Else a picture of the board waits for one of them while others want the cores."""
    here = os.getpriority(os.PRIO_PROCESS, 0)
    told = subprocess.run(
        [sys.executable, "-c", OPENCV_FIRST_IN_A_THREAD_THAT_STEPS_BACK], capture_output=True, text=True, check=True
    ).stdout
    assert told == f"3 [{here}, {here + 10}]\n", "the lane's own, and two of OpenCV's"


def test_the_outcome_that_is_asked_for_is_for_who_asks(caplog):
    future = BESIDE.queue("asked").submit(lambda: 1 // 0)
    with pytest.raises(ZeroDivisionError):
        future.result()
    assert not caplog.records
