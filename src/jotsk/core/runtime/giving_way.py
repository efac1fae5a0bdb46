"""Long work beside the hand gives way to it.

Threads take turns with the interpreter, each as long as the others: beside two that are at work, whatever the hand
asked for takes three times as long. So long work rests a moment every now and then, and as long as another thread wants
the interpreter. It finds that out by itself: after the rest, the interpreter is not to be had at once.
"""

from __future__ import annotations

import threading
import time
from collections.abc import Iterable, Iterator
from typing import TypeVar

T = TypeVar("T")

WORK_S = 1e-3  # between two rests
REST_S = 5e-5  # the shortest there is
PROMPT_S = 2e-4  # such a rest lasts no longer if nobody else is at work
AGAIN_S, MOST_AGAIN = 2e-3, 10  # rests while somebody is; then it goes on all the same


class _Own(threading.local):
    def __init__(self) -> None:
        self.is_hand = threading.current_thread() is threading.main_thread()
        self.rested_at = time.perf_counter()


_own = _Own()


def give_way(most_again: int = MOST_AGAIN) -> None:
    """Rest if it is time to. Call it a few times a millisecond; on the main thread, the hand's, nothing happens."""
    if _own.is_hand or time.perf_counter() - _own.rested_at < WORK_S:
        return
    for again in range(most_again + 1):
        if again:
            time.sleep(AGAIN_S)
        start = time.perf_counter()
        time.sleep(REST_S)
        if time.perf_counter() - start < PROMPT_S:
            break
    _own.rested_at = time.perf_counter()


def giving_way(things: Iterable[T]) -> Iterator[T]:
    """The same things, with rests between them."""
    for thing in things:
        give_way()
        yield thing


def taking_turns(things: Iterable[T]) -> Iterator[T]:
    """The same things, for work that somebody waits for: rests are short. Without them a thread that releases the
    interpreter for every small kernel, and has it back before another wakes, would keep it for tens of ms."""
    for thing in things:
        give_way(most_again=0)
        yield thing
