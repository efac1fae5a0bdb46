"""The marks of a layer, an immutable sequence that is cheap to add to."""

from __future__ import annotations

from collections.abc import Iterable, Iterator

from jotsk.core.marks.mark import Mark

CHUNK = 64


class Marks:
    """Marks from the first drawn to the last, in chunks shared between versions."""

    __slots__ = ("_chunks", "_length")

    def __init__(self, marks: Iterable[Mark] = ()) -> None:
        marks = tuple(marks)
        self._chunks = tuple(marks[i : i + CHUNK] for i in range(0, len(marks), CHUNK))
        self._length = len(marks)

    @classmethod
    def of_chunks(cls, chunks: Iterable[tuple[Mark, ...]]) -> Marks:
        """Marks of these very chunks, which others may share."""
        new = cls.__new__(cls)
        new._chunks = tuple(c for c in chunks if c)
        new._length = sum(map(len, new._chunks))
        return new

    def __len__(self) -> int:
        return self._length

    @property
    def chunks(self) -> tuple[tuple[Mark, ...], ...]:
        """The marks in stretches that stay the same objects while nothing in them changes."""
        return self._chunks

    def __iter__(self) -> Iterator[Mark]:
        for chunk in self._chunks:
            yield from chunk

    @property
    def last(self) -> Mark | None:
        return self._chunks[-1][-1] if self._chunks else None

    def holds(self, mark: Mark) -> bool:
        """Whether this very mark is here; the last ones are looked at first."""
        return any(mark in chunk for chunk in reversed(self._chunks))  # marks are equal only to themselves

    def hold_all(self, marks: Iterable[Mark]) -> bool:
        """Whether every one of these very marks is here."""
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

    def replaced(self, changes: dict[int, Mark | None]) -> Marks:
        """New marks in which the mark with `id(mark)` = key is another one, or gone."""
        chunks = []
        for chunk in self._chunks:
            if any(id(s) in changes for s in chunk):
                swapped = (changes.get(id(s), s) for s in chunk)
                chunk = tuple(s for s in swapped if s is not None)
            chunks.append(chunk)
        return Marks.of_chunks(chunks)
