"""What every mark on a layer can do. A kind of mark is a file of this folder, and a line in `KINDS`."""

from __future__ import annotations

from collections.abc import Collection, Sequence
from typing import Any, ClassVar, Protocol, Self

import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import Rect
from jotsk.core.ink.color import Color
from jotsk.core.ink.painting import Key
from jotsk.core.ink.pens import Pen
from jotsk.core.marks.cut import AnyCut
from jotsk.core.marks.record import Json, Numbers, PenTable, Store


class Mark(Protocol):
    """A value. Its `uid` stays the same through edits, files and undo, so that other marks can lean on it.

    It covers tiles with alpha in one `color`; one that lies `atop` colours only what was there before it.
    """

    kind: ClassVar[str]

    @property
    def uid(self) -> int: ...

    @property
    def color(self) -> Color: ...

    @property
    def atop(self) -> bool: ...

    @property
    def follows_lines(self) -> bool:
        """Whether it is found anew where the lines around it have changed."""

    @property
    def bounds(self) -> Rect:
        """The pixels it can touch, page px."""

    @property
    def nbytes(self) -> int:
        """Of what cannot be computed again."""

    @property
    def reach(self) -> Rect:
        """Outside of which it has no ink; known without working the mark out, where that takes long."""

    def cells_on(self, page: Rect) -> list[Key]:
        """(column, row) of the tiles inside `page` that it can touch."""

    def cells_unlike(self, other: Mark, page: Rect) -> set[Key]:
        """The tiles inside `page` on which it may leave other ink than `other`."""

    def alphas(self, keys: Collection[Key]) -> dict[Key, NDArray[np.uint8]]:
        """What it covers, uint8 (128, 128), on those of the tiles `keys` that it can touch."""

    def hides(self, keys: Collection[Key]) -> dict[Key, NDArray[np.uint8]]:
        """What it takes away of the ink beneath it, likewise; of most marks nothing."""

    def pixels(self, keys: Collection[Key]) -> dict[Key, NDArray[np.uint32]]:
        """Its premultiplied px on tiles, of a mark of several colours; of most marks nothing."""

    def as_another(self) -> Self:
        """A copy with a uid of its own."""

    def as_atop(self) -> Self:
        """The same, colouring only what is there."""

    def with_cut(self, cut: AnyCut) -> Self: ...

    def mapped(self, k: float, dx: float, dy: float) -> Self:
        """The same on a page whose content is k times as large and moved."""

    def turned_over(self, m: NDArray[np.float64]) -> Self:
        """The same elsewhere, turned or reflected by the isometry `m`, (2, 3); what was rubbed out goes with it."""

    def parted(self) -> Sequence[Self]:
        """Its copies as marks of their own, the first with its uid."""

    def gap_to(self, x: float, y: float) -> float:
        """How far a place is from it, px; 0 or less on it."""

    def share_inside(self, polygon: NDArray[np.float64]) -> float:
        """How much of it, 0..1, lies in a closed (N, 2) polygon."""

    def forget_computed(self, *, shape: bool = False) -> None:
        """Forget what can be computed again: what mending needs, or all of it."""

    def record(self, store: Store, pens: PenTable) -> dict[str, Any]: ...

    @classmethod
    def from_record(cls, record: Json, pens: Sequence[Pen], numbers: Numbers) -> Self:
        """Read what `record` wrote. Raises one of `BAD_RECORD`."""
