"""Long work beside the hand rests, the longer the more another thread wants the interpreter."""

from __future__ import annotations

import threading

import pytest

from jotsk.core.runtime import giving_way as module
from jotsk.core.runtime.giving_way import AGAIN_S, MOST_AGAIN, REST_S, WORK_S, give_way, giving_way, taking_turns


class Clock:
    """A time that goes by only in rests, which others may make longer, and in work."""

    def __init__(self) -> None:
        self.now, self.others_take = 0.0, iter(())
        self.rests: list[float] = []

    def perf_counter(self) -> float:
        return self.now

    def sleep(self, seconds: float) -> None:
        self.rests.append(seconds)
        self.now += seconds + (next(self.others_take, 0.0) if seconds == REST_S else 0.0)


@pytest.fixture
def clock(monkeypatch):
    clock = Clock()
    monkeypatch.setattr(module, "time", clock)
    return clock


def beside(work):
    """Do some work on a thread of its own."""
    done: list[object] = []
    thread = threading.Thread(target=lambda: done.append(work()))
    thread.start()
    thread.join(20)
    return done[0]


def test_the_hand_itself_never_rests(clock):
    clock.now = 1.0
    assert list(giving_way("abc")) == ["a", "b", "c"] and clock.rests == []


def test_work_rests_a_moment_every_millisecond(clock):
    def work() -> list[int]:
        done = []
        for k in giving_way(range(40)):
            clock.now += WORK_S / 9.5
            done.append(k)
        return done

    assert beside(work) == list(range(40))
    assert clock.rests == [REST_S] * 3, "each after ten pieces of work, none before the first"


def test_work_rests_as_long_as_another_thread_is_at_work(clock):
    clock.others_take = iter([0.004, 0.001])

    def work() -> None:
        give_way()
        clock.now += WORK_S
        give_way()

    beside(work)
    assert clock.rests == [REST_S, AGAIN_S, REST_S, AGAIN_S, REST_S]


def test_work_goes_on_in_the_end(clock):
    clock.others_take = iter([0.004] * 1000)

    def work() -> None:
        give_way()
        clock.now += WORK_S
        give_way()
        give_way()

    beside(work)
    assert clock.rests.count(AGAIN_S) == MOST_AGAIN


def test_work_that_somebody_waits_for_takes_turns_only(clock):
    clock.others_take = iter([0.004] * 1000)

    def work() -> None:
        for _ in taking_turns(range(3)):
            clock.now += WORK_S

    beside(work)
    assert clock.rests == [REST_S] * 2
