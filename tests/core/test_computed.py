from __future__ import annotations

import threading

import pytest

from jotsk.core.computed import computed
from jotsk.core.cores import AT_ONCE, in_shares, on_all_cores


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
