"""The marks of a layer, an immutable sequence that is cheap to add to."""

from __future__ import annotations

from collections.abc import Iterable, Iterator

from jotsk.core.ink import Stroke

CHUNK = 64


class Marks:
    """Strokes from the first drawn to the last, in chunks shared between versions."""

    __slots__ = ("_chunks", "_length")

    def __init__(self, strokes: Iterable[Stroke] = ()) -> None:
        strokes = tuple(strokes)
        self._chunks = tuple(strokes[i : i + CHUNK] for i in range(0, len(strokes), CHUNK))
        self._length = len(strokes)

    @classmethod
    def of_chunks(cls, chunks: Iterable[tuple[Stroke, ...]]) -> Marks:
        """Marks of these very chunks, which others may share."""
        new = cls.__new__(cls)
        new._chunks = tuple(c for c in chunks if c)
        new._length = sum(map(len, new._chunks))
        return new

    def __len__(self) -> int:
        return self._length

    @property
    def chunks(self) -> tuple[tuple[Stroke, ...], ...]:
        """The strokes in stretches that stay the same objects while nothing in them changes."""
        return self._chunks

    def __iter__(self) -> Iterator[Stroke]:
        for chunk in self._chunks:
            yield from chunk

    @property
    def last(self) -> Stroke | None:
        return self._chunks[-1][-1] if self._chunks else None

    def holds(self, stroke: Stroke) -> bool:
        """Whether this very stroke is here; the last ones are looked at first."""
        return any(stroke in chunk for chunk in reversed(self._chunks))  # strokes are equal only to themselves

    def hold_all(self, strokes: Iterable[Stroke]) -> bool:
        """Whether every one of these very strokes is here."""
        return {id(s) for s in strokes} <= {id(s) for s in self}

    def missing_in(self, other: Marks) -> Iterator[Stroke]:
        """The strokes that are here and not there."""
        shared = {id(chunk) for chunk in self._chunks} & {id(chunk) for chunk in other._chunks}
        theirs = {id(stroke) for chunk in other._chunks if id(chunk) not in shared for stroke in chunk}
        for chunk in self._chunks:
            if id(chunk) not in shared:
                yield from (stroke for stroke in chunk if id(stroke) not in theirs)

    def appended(self, stroke: Stroke) -> Marks:
        if self._chunks and len(self._chunks[-1]) < CHUNK:
            return Marks.of_chunks((*self._chunks[:-1], (*self._chunks[-1], stroke)))
        return Marks.of_chunks((*self._chunks, (stroke,)))

    def replaced(self, changes: dict[int, Stroke | None]) -> Marks:
        """New marks in which the stroke with `id(stroke)` = key is another one, or gone."""
        chunks = []
        for chunk in self._chunks:
            if any(id(s) in changes for s in chunk):
                swapped = (changes.get(id(s), s) for s in chunk)
                chunk = tuple(s for s in swapped if s is not None)
            chunks.append(chunk)
        return Marks.of_chunks(chunks)
