"""The marks of a layer, an immutable sequence that is cheap to add to."""

from __future__ import annotations

from collections.abc import Collection, Iterable, Iterator

import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import Rect
from jotsk.core.marks.mark import Mark
from jotsk.core.runtime.computed import computed

CHUNK = 64
FEW = 16  # marks, which are looked for one by one


class Chunk(tuple[Mark, ...]):
    """A stretch of marks, with an index of where they can be."""

    @computed
    def reaches(self) -> NDArray[np.int64]:
        """(N, 4) x0, y0, x1, y1: no mark has ink outside of its own."""
        return np.array([mark.reach for mark in self], np.int64)

    @computed
    def follow_lines(self) -> bool:
        return any(mark.follows_lines for mark in self)

    def replaced(self, changes: dict[int, Mark | None]) -> Chunk:
        """With other marks in the place of those with `id(mark)` = key, or without them; its index goes along."""
        swapped = [changes.get(id(mark), mark) for mark in self]
        new = Chunk(mark for mark in swapped if mark is not None)
        if "reaches" in self.__dict__ and new:
            rows = [
                old if mark is before else mark.reach
                for mark, before, old in zip(swapped, self, self.reaches.tolist(), strict=True) if mark is not None
            ]  # fmt: skip
            new.__dict__["reaches"] = np.array(rows, np.int64)
        return new


class Marks:
    """Marks from the first drawn to the last, in chunks shared between versions."""

    __slots__ = ("_chunks", "_length", "_reaches")

    def __init__(self, marks: Iterable[Mark] = ()) -> None:
        marks = tuple(marks)
        self._chunks = tuple(Chunk(marks[i : i + CHUNK]) for i in range(0, len(marks), CHUNK))
        self._length = len(marks)
        self._reaches: NDArray[np.int64] | None = None

    @classmethod
    def of_chunks(cls, chunks: Iterable[tuple[Mark, ...]]) -> Marks:
        """Marks of these very chunks, which others may share."""
        new = cls.__new__(cls)
        new._chunks = tuple(c if isinstance(c, Chunk) else Chunk(c) for c in chunks if c)
        new._length = sum(map(len, new._chunks))
        new._reaches = None
        return new

    def __len__(self) -> int:
        return self._length

    @property
    def chunks(self) -> tuple[Chunk, ...]:
        """The marks in stretches that stay the same objects while nothing in them changes."""
        return self._chunks

    def __iter__(self) -> Iterator[Mark]:
        for chunk in self._chunks:
            yield from chunk

    def touching(self, area: Rect) -> list[Mark]:
        """Those that can have ink in `area`, in their order."""
        if not area or not self._chunks:
            return []
        if self._reaches is None:
            self._reaches = np.concatenate([chunk.reaches for chunk in self._chunks])
        boxes = self._reaches
        near = (boxes[:, 0] < area.x1) & (boxes[:, 2] > area.x0) & (boxes[:, 1] < area.y1) & (boxes[:, 3] > area.y0)
        found, first, at = np.flatnonzero(near), 0, 0
        marks: list[Mark] = []
        for chunk in self._chunks:
            while at < len(found) and found[at] < first + len(chunk):
                marks.append(chunk[found[at] - first])
                at += 1
            first += len(chunk)
        return marks

    @property
    def follow_lines(self) -> bool:
        """Whether some of them are areas that are found anew where lines have changed."""
        return any(chunk.follow_lines for chunk in self._chunks)

    @property
    def last(self) -> Mark | None:
        return self._chunks[-1][-1] if self._chunks else None

    def holds(self, mark: Mark) -> bool:
        """Whether this very mark is here; the last ones are looked at first."""
        return any(mark in chunk for chunk in reversed(self._chunks))  # marks are equal only to themselves

    def hold_all(self, marks: Collection[Mark]) -> bool:
        """Whether every one of these very marks is here."""
        if len(marks) <= FEW:
            return all(self.holds(mark) for mark in marks)
        return {id(s) for s in marks} <= {id(s) for s in self}

    def missing_in(self, other: Marks) -> Iterator[Mark]:
        """The marks that are here and not there."""
        shared = {id(chunk) for chunk in self._chunks} & {id(chunk) for chunk in other._chunks}
        theirs = {id(mark) for chunk in other._chunks if id(chunk) not in shared for mark in chunk}
        for chunk in self._chunks:
            if id(chunk) not in shared:
                yield from (mark for mark in chunk if id(mark) not in theirs)

    def appended(self, mark: Mark) -> Marks:
        if self._chunks and len(self._chunks[-1]) < CHUNK:
            return Marks.of_chunks((*self._chunks[:-1], (*self._chunks[-1], mark)))
        return Marks.of_chunks((*self._chunks, (mark,)))

    def inserted(self, new: Iterable[Mark], *, above: Mark | None = None) -> Marks:
        """With more marks directly above one of them, or above all."""
        new = tuple(new)
        if above is None:
            return Marks.of_chunks((*self._chunks, *Marks(new)._chunks))
        chunks: list[Chunk] = []
        for chunk in self._chunks:
            at = next((k for k, mark in enumerate(chunk) if mark is above), None)
            if at is None:
                chunks.append(chunk)
            else:
                chunks += Marks((*chunk[: at + 1], *new, *chunk[at + 1 :]))._chunks
        return Marks.of_chunks(chunks)

    def replaced(self, changes: dict[int, Mark | None]) -> Marks:
        """New marks in which the mark with `id(mark)` = key is another one, or gone."""
        chunks = []
        for chunk in self._chunks:
            if any(id(s) in changes for s in chunk):
                chunk = chunk.replaced(changes)
            chunks.append(chunk)
        return Marks.of_chunks(chunks)
