"""Which steps of a history are open, and what they take."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from itertools import count, pairwise
from typing import NamedTuple, Protocol


class StepCost(NamedTuple):
    """Bytes that a step takes: tiles, open, in which it and the step before differ, and strokes only that one has."""

    tiles: int
    strokes: int


class Taking(Protocol):
    takes: StepCost


class OpenSteps:
    """The numbers of the open ones among `steps`, whose owner notes here whatever is opened and closed."""

    def __init__(self, steps: Sequence[Taking]) -> None:
        self._steps = steps
        self._open = {0}
        self.again: set[int] = set()  # those that were packed before
        self.lowest = self.highest = 0
        self._side_by_side = 0  # bytes of those whose step before is open too

    def __contains__(self, k: int) -> bool:
        return k in self._open

    def __iter__(self) -> Iterator[int]:
        return iter(self._open)

    @property
    def nbytes(self) -> int:
        """Of all but one of them, as far as they do not share what they hold."""
        return self._side_by_side + sum(
            self.bytes_between(k, later) for k, later in self._gaps() if later - k > 1
        )  # fmt: skip

    def bytes_between(self, k: int, later: int) -> int:
        """What two steps do not share, at most."""
        return sum(step.takes.tiles for step in self._steps[min(k, later) + 1 : max(k, later) + 1])

    def nearest(self, k: int, present: int) -> int:
        """The open step that is nearest to step k; of two the one towards the present, whose tiles it then shares."""
        way = 1 if present > k else -1
        return next(j for far in count() for j in (k + way * far, k - way * far) if j in self._open)

    def add(self, k: int) -> None:
        self._open.add(k)
        self._side_by_side += self._beside(k)
        self.lowest, self.highest = min(self.lowest, k), max(self.highest, k)

    def remove(self, k: int) -> None:
        self._side_by_side -= self._beside(k)
        self._open.discard(k)
        self.again.discard(k)
        while self.lowest not in self._open and self.lowest < self.highest:
            self.lowest += 1
        while self.highest not in self._open and self.lowest < self.highest:
            self.highest -= 1

    def oldest_is_gone(self) -> None:
        """The packed step 0 is: the others have lower numbers now."""
        self.lowest, self.highest = self.lowest - 1, self.highest - 1
        self._open = {k - 1 for k in self._open}
        self.again = {k - 1 for k in self.again}

    def _gaps(self) -> Iterator[tuple[int, int]]:
        if self.highest - self.lowest < len(self._open):  # none are packed between those that are open
            return iter(())
        return pairwise(sorted(self._open))

    def _beside(self, k: int) -> int:
        before = self._steps[k].takes.tiles if k - 1 in self._open else 0
        return before + (self._steps[k + 1].takes.tiles if k + 1 in self._open else 0)
