"""Strokes: a trace and a recipe, and the ink that follows from them."""

from __future__ import annotations

from collections.abc import Collection, Mapping, Sequence, Set
from dataclasses import dataclass, field, replace
from typing import TYPE_CHECKING, Any, ClassVar

import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import Rect
from jotsk.core.geometry.polygon_kernel import inside
from jotsk.core.geometry.rects import rect_around
from jotsk.core.guides import Hold, held_line, hold_from
from jotsk.core.guides.symmetry import Map, after, inverse
from jotsk.core.hand import Steadier, Trace, steady_now
from jotsk.core.hand.steady_after import METHOD, USUAL_TREMOR_PX
from jotsk.core.ink.blend_kernel import scale_alpha_into
from jotsk.core.ink.color import Color
from jotsk.core.ink.painting import WHOLE, Key, inked_tiles, shelled_tiles
from jotsk.core.ink.pens import Pen
from jotsk.core.ink.ribbon import NO_TAPER, Ribbon, ribbon_of
from jotsk.core.json_text import beyond, number_in, with_unknown
from jotsk.core.marks.cut import AnyCut, cells_on, cut_from
from jotsk.core.marks.mark import Mark
from jotsk.core.marks.mends import NONE as NO_MENDS
from jotsk.core.marks.mends import Mends
from jotsk.core.marks.record import UID_BITS, Json, Numbers, PenTable, Store, new_uid, uid_of
from jotsk.core.runtime.computed import computed

if TYPE_CHECKING:
    from scipy.spatial import KDTree

MOTION = "drawn_line", "steadier"  # what is computed of the motion alone, whatever comes after the lift
SHAPE = "line", "own_ribbon", "ribbon"  # and of the stroke
LOOKS = "pen", "size_px", "color", "atop", "cuts"  # what else decides the pixels of a shape
MOST_PLACES = 200  # of a line, looked at one by one: enough to tell how much of it lies in something


@dataclass(frozen=True, eq=False)
class Stroke:
    """Trace + pen + colour + cuts; `line`, `ribbon` and pixels are computed from them when first asked for.

    `scale` is how many screen px a page px had while drawing: the live filter judges speed on the screen. A stroke
    that lies `atop` colours only the ink that was there before it. `hold` is the rail its line is held to, if any, and
    `copies` are the isometries (2, 3) that make its copies from it; all of them are this one stroke. `tremor_px` is the
    hand's tremor, RMS an axis in screen px, that it is judged by after the lift, and `method` the number of the way in
    which that is done. `parents` are the tries it was spliced of, as they lay then.
    """

    trace: Trace
    pen: Pen
    size_px: float
    color: Color
    steady_now: float
    steady_after: float
    scale: float = 1.0
    cuts: tuple[AnyCut, ...] = field(default=())
    atop: bool = False
    hold: Hold | None = None
    copies: tuple[Map, ...] = ()
    unknown: str = ""
    tremor_px: float = USUAL_TREMOR_PX
    method: int = METHOD
    uid: int = field(default_factory=new_uid)
    mends: Mends = NO_MENDS
    parents: tuple[Stroke, ...] = ()

    kind: ClassVar[str] = "stroke"

    @computed
    def drawn_line(self) -> Trace:
        """The line as it came while drawing."""
        pen = self.pen
        return steady_now(
            self.trace, self.steady_now, way=pen.way, scale=self.scale if pen.by_screen else 1.0,
            less_when_fast=pen.less_when_fast, corners=pen.keeps_corners,
        )  # fmt: skip

    def drawn_as(self, line: Trace | None) -> Stroke:
        """The same stroke, whose `drawn_line` is known if it is given."""
        if line is not None:
            self.__dict__["drawn_line"] = line
        return self

    @computed
    def steadier(self) -> Steadier:
        motion = self.drawn_line if self.pen.way == "tow" else self.trace  # a rope makes a line of its own
        return Steadier(motion, scale=self.scale, tremor_px=self.tremor_px)

    @computed
    def line(self) -> Trace:
        """The centre line after the lift, before anything is mended."""
        line = self.steadier.line(self.steady_after) if self.steady_after else self.drawn_line
        return held_line(line, self.hold) if self.hold else line

    @computed
    def ribbon(self) -> Ribbon:
        """The shape of the stroke, its copies included."""
        return self.own_ribbon.repeated(self.copies)

    @computed
    def own_ribbon(self) -> Ribbon:
        """Without its copies."""
        pen, line = self.pen, self.line
        if self.hold is not None and self.hold.rail.round and len(line) > 2 and np.allclose(line.xy[0], line.xy[-1]):
            pen = replace(pen, taper_in=NO_TAPER, taper_out=NO_TAPER)  # gone all the way round, it has no ends
        ribbon = ribbon_of(line, pen, self.size_px, self.scale)
        return ribbon if self.mends.is_none else self.mends.shaped(ribbon)

    @property
    def follows_lines(self) -> bool:
        return False

    @property
    def bounds(self) -> Rect:
        return self.ribbon.bounds

    @property
    def has_shape(self) -> bool:
        """Whether its shape is known already: that of a line of a file is worked out when it is first asked for."""
        return "ribbon" in self.__dict__

    @property
    def reach(self) -> Rect:
        """As `bounds`; of a stroke that is not worked out yet, a larger one that needs no working out."""
        if self.has_shape or self.hold is not None or self.copies or not self.mends.is_none:
            return self.bounds
        low, high = self.trace.xy.min(axis=0), self.trace.xy.max(axis=0)
        # Steadied, a line goes little beyond the hand's motion; no tip is larger than this.
        margin = float(np.hypot(*(high - low))) / 2 + self.size_px * max(1.0, self.pen.tilt_widens) + 2.0
        return rect_around(np.array([low, high]), margin)

    def cells_on(self, page: Rect) -> list[Key]:
        """(column, row) of the tiles inside `page` that the stroke can touch."""
        return cells_on(self.ribbon, page)

    def cells_unlike(self, other: Mark, page: Rect) -> set[Key]:
        """The tiles inside `page` on which it may leave other ink than `other`: those where their shapes differ."""
        keys = {*self.cells_on(page), *other.cells_on(page)}
        if not isinstance(other, Stroke) or any(getattr(self, name) != getattr(other, name) for name in LOOKS):
            return keys
        if self.pen.cord and self.mends.unders != other.mends.unders:
            return keys
        return keys & self.ribbon.cells_unlike(other.ribbon)

    def alphas(self, keys: Collection[Key]) -> dict[Key, NDArray[np.uint8]]:
        """Ink, uint8 (128, 128), on those of the tiles `keys` that the stroke can touch."""
        cells = self.ribbon.cells
        is_small = not isinstance(keys, Set | Mapping) or len(keys) < len(cells)
        touched = [key for key in keys if key in cells] if is_small else [key for key in cells if key in keys]
        inked = inked_tiles(self.pen, self.size_px, self.ribbon, touched, self.mends.unders)
        return self._without_cuts(dict(zip(touched, inked, strict=True)))

    def hides(self, keys: Collection[Key]) -> dict[Key, NDArray[np.uint8]]:
        """What a cord takes away of the ink beneath it, uint8 (128, 128), on those of the tiles `keys` it touches."""
        if not self.pen.cord or self.atop:
            return {}
        touched = [key for key in self.ribbon.cells if key in keys]
        return self._without_cuts(dict(zip(touched, shelled_tiles(WHOLE, self.ribbon, touched), strict=True)))

    def pixels(self, keys: Collection[Key]) -> dict[Key, NDArray[np.uint32]]:
        return {}

    def _without_cuts(self, alphas: dict[Key, NDArray[np.uint8]]) -> dict[Key, NDArray[np.uint8]]:
        for cut in self.cuts:
            for key, gone in cut.alphas(alphas).items():
                scale_alpha_into(alphas[key], gone)
        return alphas

    def alpha(self, column: int, row: int) -> NDArray[np.uint8] | None:
        """Ink on one tile, or None where the stroke leaves nothing."""
        alpha = self.alphas([(column, row)]).get((column, row))
        return alpha if alpha is not None and alpha.any() else None

    def mended(self, mends: Mends) -> Stroke:
        """The same stroke with other mends."""
        return self._with_known(replace(self, mends=mends), (*MOTION, "line"))

    @property
    def times(self) -> tuple[float, float]:
        """When it began and ended, s."""
        return float(self.trace.t[0]), float(self.trace.t[-1])

    def settled(self, hold: Hold | None) -> Stroke:
        """The same stroke on another rail, or as the hand left it."""
        return self._with_known(replace(self, hold=hold), MOTION)

    def resteadied(self, strength: float) -> Stroke:
        """The same stroke steadied by `strength` after the lift; its cuts stay where they are."""
        return self._with_known(replace(self, steady_after=strength, method=METHOD), MOTION)

    @property
    def is_worked_out(self) -> bool:
        """Whether its line can be shown, and steadied anew, at once."""
        return self.has_shape and "steadier" in self.__dict__

    def lines_at(self, strength: float) -> list[NDArray[np.float64]]:
        """Only where the line and its copies would run, steadied by `strength`: (N, 2) page px each."""
        places = self.steadier.places(strength)
        if self.hold is not None or not self.mends.is_none:
            line = self.steadier.line(strength)
            line = held_line(line, self.hold) if self.hold else line
            places = self.mends.moved_places(line.t, line.xy)
        return [places, *(places @ m[:, :2].T + m[:, 2] for m in self.copies)]

    def forget_computed(self, *, shape: bool = False) -> None:
        """Forget what is only needed while the line is being mended, and its shape too; it is computed again when asked
        for."""
        for name in (*MOTION, *(SHAPE if shape else SHAPE[:1])):
            self.__dict__.pop(name, None)

    @property
    def nbytes(self) -> int:
        """Of the motion and its cuts: what cannot be computed again."""
        own = self.trace.samples.nbytes + sum(cut.nbytes for cut in self.cuts)
        return own + sum(parent.nbytes for parent in self.parents)

    def mapped(self, k: float, dx: float, dy: float) -> Stroke:
        """The same stroke on a page whose content is k times as large and moved: a motion, not its pixels."""
        m = np.array([[k, 0.0, dx], [0.0, k, dy]])
        cuts = tuple(cut.mapped(k, dx, dy) for cut in self.cuts)
        there = inverse(m)
        copies = tuple(after(m, after(copy, there)) for copy in self.copies)
        parents = tuple(parent.mapped(k, dx, dy) for parent in self.parents)
        moved = replace(self._moved(m), size_px=self.size_px * k, scale=self.scale / k, cuts=cuts, copies=copies)
        return replace(moved, parents=parents)

    def turned_over(self, m: Map) -> Stroke:
        """The same motion, turned or reflected; a broad nib keeps its own angle."""
        there, samples = inverse(m), self.trace.samples.copy()
        samples[:, 4:6] = samples[:, 4:6] @ m[:, :2].T
        moved = replace(self, trace=Trace(samples))._moved(m)
        cuts = tuple(cut.turned_over(m) for cut in self.cuts)
        copies = tuple(after(m, after(copy, there)) for copy in self.copies)
        parents = tuple(parent.turned_over(m) for parent in self.parents)
        return replace(moved, cuts=cuts, copies=copies, parents=parents)

    def parted(self) -> list[Stroke]:
        """The stroke and its copies, each a stroke of its own. What was rubbed out stays so in all of them."""
        alone = replace(self, copies=())
        return [alone, *(replace(alone._moved(m), uid=new_uid(), parents=()) for m in self.copies)]

    def _moved(self, m: Map) -> Stroke:
        """The hand's motion elsewhere; cuts stay where they are."""
        samples = self.trace.samples.copy()
        samples[:, 1:3] = samples[:, 1:3] @ m[:, :2].T + m[:, 2]
        hold = self.hold.mapped(m) if self.hold else None
        return replace(self, trace=Trace(samples), hold=hold, mends=self.mends.moved(m))

    def with_cut(self, cut: AnyCut) -> Stroke:
        return self._with_known(replace(self, cuts=(*self.cuts, cut)))

    def _with_known(self, new: Stroke, names: Sequence[str] = ()) -> Stroke:
        """`new` with what was computed of this stroke and is true of it too: all, or what `names` say."""
        for name in names or (*MOTION, *SHAPE):
            if name in self.__dict__:
                new.__dict__[name] = self.__dict__[name]
        return new

    def as_another(self) -> Stroke:
        return self._with_known(replace(self, uid=new_uid()))

    def as_atop(self) -> Stroke:
        return self if self.atop else replace(self, atop=True)

    def gap_to(self, x: float, y: float) -> float:
        """How far a place is from the line's edge, px."""
        points = self.ribbon.points
        return float((np.hypot(points[:, 0] - x, points[:, 1] - y) - points[:, 2]).min())

    def gap_to_any(self, places: KDTree, within: float) -> float:
        """How far the nearest of many places is from the line's edge, px; inf where it is farther than `within`."""
        points = self.ribbon.points
        reach = within + float(points[:, 2].max())
        return float((places.query(points[:, :2], distance_upper_bound=reach)[0] - points[:, 2]).min())

    def share_inside(self, polygon: NDArray[np.float64]) -> float:
        """How much of the centre line lies in a polygon."""
        points = self.ribbon.points[:, :2]
        return float(inside(points[:: -(-len(points) // MOST_PLACES)], polygon).mean())

    def record(self, store: Store, pens: PenTable) -> dict[str, Any]:
        record = {
            "uid": self.uid,
            "pen": pens.number(self.pen),
            "size_px": self.size_px,
            "color": list(self.color),
            "steady_now": self.steady_now,
            "steady_after": self.steady_after,
            "scale": self.scale,
            "tremor_px": self.tremor_px,
            "method": self.method,
            "atop": self.atop,
            "hold": self.hold.record() if self.hold else None,
            "copies": [m.ravel().tolist() for m in self.copies],
            "trace": store(self.trace.samples),
            "cuts": [cut.record(store) for cut in self.cuts],
        }
        if mends := self.mends.record():
            record["mends"] = mends
        if self.parents:
            record["parents"] = [parent.record(store, pens) for parent in self.parents]
        return with_unknown(record, self.unknown)

    @classmethod
    def from_record(cls, record: Json, pens: Sequence[Pen], numbers: Numbers) -> Stroke:
        trace = numbers.taken(record["trace"], 6)
        if not len(trace) or (np.diff(trace[:, 0]) <= 0).any() or trace[:, 3].min() < 0 or trace[:, 3].max() > 1:
            raise ValueError("a trace is not one a hand can make")
        index = int(record.get("pen", 0))
        if not 0 <= index < len(pens):
            raise ValueError("a stroke names a pen that is not there")
        pen = pens[index]
        return cls(
            Trace(trace),
            pen,
            number_in(record.get("size_px", pen.size_px), 0.01, 1e4),
            _color(record.get("color", (0, 0, 0))),
            number_in(record.get("steady_now", pen.steady_now), 0, 100),
            number_in(record.get("steady_after", pen.steady_after), 0, 100),
            number_in(record.get("scale", 1.0), 1e-6, 1e6),
            tuple(cut_from(cut, numbers) for cut in record.get("cuts", ())),
            bool(record.get("atop")),
            hold_from(record["hold"]) if record.get("hold") else None,
            tuple(_copy(m) for m in record.get("copies", ())),
            beyond(record, _KNOWN),
            number_in(record.get("tremor_px", USUAL_TREMOR_PX), 0, 100),
            int(number_in(record.get("method", 1), 1, 1000)),
            int(number_in(record["uid"], 1, 1 << UID_BITS)) if "uid" in record else uid_of(trace),
            Mends.from_record(record["mends"]) if record.get("mends") else NO_MENDS,
            tuple(cls.from_record(parent, pens, numbers) for parent in record.get("parents", ())),
        )


_KNOWN = frozenset(
    {
        "kind", "uid", "pen", "size_px", "color", "steady_now", "steady_after", "scale", "atop", "hold", "copies",
        "trace", "cuts", "tremor_px", "method", "mends", "parents",
    }
)  # fmt: skip


def _copy(value: Any) -> NDArray[np.float64]:
    """The map to a copy: it may turn, reflect and move, and nothing else."""
    m = np.array([number_in(v, -1e9, 1e9) for v in value]).reshape(2, 3)
    if not np.allclose(m[:, :2] @ m[:, :2].T, np.eye(2), atol=1e-6):
        raise ValueError("a copy is not the shape of its stroke")
    return m


def _color(value: Any) -> Color:
    r, g, b = (int(number_in(v, 0, 255)) for v in value)
    return r, g, b
