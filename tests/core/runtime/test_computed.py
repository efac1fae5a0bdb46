from __future__ import annotations

import subprocess
import sys
import threading

import pytest

from jotsk.core.runtime.computed import computed
from jotsk.core.runtime.parallel import AT_ONCE, in_shares, on_all_cores


class Slow:
    def __init__(self, gate: threading.Barrier) -> None:
        self.gate = gate
        self.calls = 0

    @computed
    def value(self) -> int:
        self.calls += 1
        self.gate.wait(timeout=10)
        return 7


def test_a_value_is_computed_once_and_instances_do_not_wait_for_each_other():
    gate = threading.Barrier(2)
    both = [Slow(gate), Slow(gate)]
    threads = [threading.Thread(target=lambda s=s: s.value) for s in both]
    for thread in threads:
        thread.start()
    for thread in threads:
        thread.join()
    assert [s.value for s in both] == [7, 7] and [s.calls for s in both] == [1, 1], "a lock over both would never open"


def test_results_come_in_the_order_of_the_things():
    things = list(range(3 * AT_ONCE + 1))
    assert list(on_all_cores(lambda n: n * n, things)) == [n * n for n in things]


@pytest.mark.parametrize("count", [0, 1, 2, 7, 300])
def test_shares_come_back_in_their_order(count):
    assert in_shares(lambda n: n * n, range(count)) == [n * n for n in range(count)]


def test_threads_that_wait_for_work_leave_the_cores_alone():
    """The work of a pen that draws: a small picture scaled every few ms. What other threads compute meanwhile is waste."""
    script = """if True:
        import time

        import jotsk
        import cv2
        import numpy as np

        picture, m = np.zeros((60, 60, 4), np.uint8), np.eye(2, 3) * 0.9
        cv2.warpAffine(picture, m, (50, 50))
        begin, all_of_it, mine = time.perf_counter(), time.process_time(), time.thread_time()
        while time.perf_counter() < begin + 1.0:
            cv2.warpAffine(picture, m, (50, 50), flags=cv2.INTER_AREA)
            time.sleep(0.001)
        print(time.process_time() - all_of_it - (time.thread_time() - mine))
    """
    out = subprocess.run([sys.executable, "-c", script], capture_output=True, text=True, check=True, timeout=60)
    assert float(out.stdout) < 0.25


def test_shares_within_shares_are_done_and_wait_for_no_thread():
    done: list[list[int]] = []
    nested = threading.Thread(
        target=lambda: done.extend(in_shares(lambda n: in_shares(lambda k: n * k, range(9)), range(9))), daemon=True
    )
    nested.start()
    nested.join(20)
    assert done == [[n * k for k in range(9)] for n in range(9)]
