"""Which steps of a history are open, and what they take."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from itertools import count
from typing import NamedTuple, Protocol


class StepCost(NamedTuple):
    """Bytes that a step takes: tiles, open, in which it and the step before differ, and strokes only that one has."""

    tiles: int
    strokes: int


class Taking(Protocol):
    takes: StepCost


class OpenSteps:
    """The numbers of the open ones among `steps`, whose owner notes here whatever comes, goes, is opened and closed."""

    def __init__(self, steps: Sequence[Taking]) -> None:
        self._steps = steps
        self._open = {0}
        self.again: set[int] = set()  # those that were packed before
        self.lowest = self.highest = 0
        self._sums = [0]  # of what the steps take, from the first on

    def __contains__(self, k: int) -> bool:
        return k in self._open

    def __iter__(self) -> Iterator[int]:
        return iter(self._open)

    @property
    def nbytes(self) -> int:
        """What all but one of them hold that they do not share, at most."""
        return self.bytes_between(self.lowest, self.highest)

    def bytes_between(self, k: int, later: int) -> int:
        """What two steps, and those between them, do not share, at most."""
        return abs(self._sums[later] - self._sums[k])

    def nearest(self, k: int, present: int) -> int:
        """The open step that is nearest to step k; of two the one towards the present, whose tiles it then shares."""
        way = 1 if present > k else -1
        return next(j for far in count() for j in (k + way * far, k - way * far) if j in self._open)

    def steps_changed(self, first: int) -> None:
        """Steps have come or gone, from this one on."""
        first = max(1, first)
        del self._sums[first:]
        for step in self._steps[first:]:
            self._sums.append(self._sums[-1] + step.takes.tiles)

    def oldest_is_gone(self) -> None:
        """The packed step 0 is: the others have lower numbers now."""
        del self._sums[0]
        self.lowest, self.highest = self.lowest - 1, self.highest - 1
        self._open = {k - 1 for k in self._open}
        self.again = {k - 1 for k in self.again}

    def add(self, k: int) -> None:
        self._open.add(k)
        self.lowest, self.highest = min(self.lowest, k), max(self.highest, k)

    def remove(self, k: int) -> None:
        self._open.discard(k)
        self.again.discard(k)
        while self.lowest not in self._open and self.lowest < self.highest:
            self.lowest += 1
        while self.highest not in self._open and self.lowest < self.highest:
            self.highest -= 1
