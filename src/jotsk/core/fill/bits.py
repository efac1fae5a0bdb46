"""Pictures of one bit a px, of which 64 px are looked at at once: where a flood over a whole page has to be quick."""

from __future__ import annotations

from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

Mask = NDArray[np.bool_]  # (H, W)
PX = 64  # of a word


class Bits(NamedTuple):
    """`words` uint64 (H, N): bit b of word k of a row is px 64 k + b; those beyond the `width` are 0."""

    words: NDArray[np.uint64]
    width: int

    @staticmethod
    def of(mask: Mask) -> Bits:
        height, width = mask.shape
        rows = np.zeros((height, -(-width // PX) * 8), np.uint8)
        rows[:, : -(-width // 8)] = np.packbits(mask, axis=1, bitorder="little")
        return Bits(rows.view("<u8"), width)

    def mask(self) -> Mask:
        rows = np.unpackbits(self.words.view(np.uint8), axis=1, count=self.width, bitorder="little")
        return rows.view(np.bool_)

    @staticmethod
    def full(height: int, width: int) -> Bits:
        """Every px."""
        row = Bits.of(np.ones((1, width), np.bool_)).words
        return Bits(np.repeat(row, height, axis=0), width)

    def but(self, other: Bits) -> Bits:
        """Without the px of another."""
        return Bits(self.words & ~other.words, self.width)

    def opposite(self) -> Bits:
        """The px that are not set."""
        return Bits(self.words ^ Bits.full(1, self.width).words, self.width)

    def has(self, y: int, x: int) -> bool:
        return bool(self.words[y, x // PX] >> np.uint64(x % PX) & np.uint64(1))

    def total(self) -> int:
        return int(np.bitwise_count(self.words).sum())

    def rows(self) -> NDArray[np.intp]:
        """The rows that have px, from the first to the last."""
        return np.flatnonzero(self.words.any(axis=1))

    def columns(self) -> NDArray[np.intp]:
        """The columns that have px."""
        return np.flatnonzero(Bits(np.bitwise_or.reduce(self.words, axis=0)[None], self.width).mask()[0])

    def part(self, rows: slice, columns: slice) -> Bits:
        """A part that begins at a word."""
        first, width = columns.start // PX, columns.stop - columns.start
        cut = Bits.full(1, width).words
        return Bits(self.words[rows, first : first + cut.shape[1]] & cut, width)
