"""Marks: what every kind of them promises, shown on one that is made here."""

from __future__ import annotations

from dataclasses import dataclass, field, replace

import numpy as np
import pytest

from jotsk.core import marks
from jotsk.core.files.openraster import read_page
from jotsk.core.files.openraster_writing import write_page
from jotsk.core.geometry import Rect
from jotsk.core.ink import TILE
from jotsk.core.marks import Cut
from jotsk.core.marks.record import new_uid
from jotsk.core.page import History, blank_page, edits, flattened, pixels_of, render
from jotsk.core.page.edits.layer_edits import duplicated, merged_down
from jotsk.core.page.edits.resizing import cropped
from tests.conftest import stroke_along


@dataclass(frozen=True, eq=False)
class Block:
    """A whole tile of one colour: as little as a mark can be."""

    column: int
    row: int
    color: tuple[int, int, int] = (10, 20, 200)
    atop: bool = False
    cuts: tuple[Cut, ...] = ()
    uid: int = field(default_factory=new_uid)
    kind = "block"
    nbytes = 16

    @property
    def bounds(self):
        x, y = self.column * TILE, self.row * TILE
        return Rect(x, y, x + TILE, y + TILE)

    @property
    def reach(self):
        return self.bounds

    def cells_on(self, page):
        return [(self.column, self.row)] if self.bounds & page else []

    def cells_unlike(self, other, page):
        return {*self.cells_on(page), *other.cells_on(page)}

    def alphas(self, keys):
        found = {key: np.full((TILE, TILE), 255, np.uint8) for key in keys if key == (self.column, self.row)}
        for cut in self.cuts:
            for key, gone in cut.alphas(list(found)).items():
                found[key] = (found[key] * (255 - gone.astype(int)) // 255).astype(np.uint8)
        return found

    def hides(self, keys):
        return {}

    def pixels(self, keys):
        return {}

    def as_another(self):
        return replace(self, uid=new_uid())

    def as_atop(self):
        return replace(self, atop=True)

    def with_cut(self, cut):
        return replace(self, cuts=(*self.cuts, cut))

    def mapped(self, k, dx, dy):
        return replace(self, column=self.column + round(dx / TILE), row=self.row + round(dy / TILE))

    def parted(self):
        return [self]

    def gap_to(self, x, y):
        return 0.0

    def share_inside(self, polygon):
        return 0.0

    def forget_computed(self, *, shape=False):
        pass

    def record(self, store, pens):
        return {"uid": self.uid, "place": [self.column, self.row], "cuts": [cut.record(store) for cut in self.cuts]}

    @classmethod
    def from_record(cls, record, pens, numbers):
        return cls(*record["place"], cuts=tuple(Cut.from_record(c, numbers) for c in record["cuts"]), uid=record["uid"])


@pytest.fixture
def page(monkeypatch):
    monkeypatch.setitem(marks.KINDS, Block.kind, Block)
    return blank_page(400, 300)


def uids(page):
    return [mark.uid for mark in page.active.marks]


def test_another_kind_of_mark_is_drawn_rubbed_out_moved_saved_and_read(page, tmp_path):
    page = edits.with_mark(edits.with_mark(page, Block(1, 0)), stroke_along([(20, 40), (300, 50)], size=9))
    before = uids(page)
    cut = Cut(stroke_along([(150, 0), (150, 140)], size=20).ribbon)
    page = edits.rubbed_out(page, cut)
    assert [len(mark.cuts) for mark in page.active.marks] == [1, 1] and uids(page) == before
    assert (flattened(page)[60, 145:155] == flattened(blank_page(400, 300))[0, 0]).all()
    write_page(tmp_path / "a.ora", page)
    read = read_page(tmp_path / "a.ora")
    assert uids(read) == before and np.array_equal(flattened(read), flattened(page))
    moved = cropped(page, Rect(-TILE, 0, 400, 300))
    assert uids(moved) == before
    drawn = pixels_of(render(moved.active.marks, moved.bounds), moved.bounds)
    assert np.array_equal(drawn, pixels_of(moved.active.tiles, moved.bounds))


def test_a_mark_keeps_its_uid_through_edits_and_undo(page):
    stroke = stroke_along([(20, 40), (300, 50)], size=9)
    history = History(page)
    history.push(edits.with_mark(page, stroke), "Stroke")
    changed = edits.with_replaced(history.page, 1, stroke, stroke.resteadied(10.0))
    history.push(changed, "Mend")
    assert uids(history.page) == [stroke.uid]
    history.undo()
    assert uids(history.page) == [stroke.uid]


def test_no_two_marks_of_a_layer_have_one_uid(page):
    page = edits.with_mark(page, stroke_along([(20, 40), (300, 50)], size=9))
    page = duplicated(page, [1])
    page = merged_down(page, page.active_uid)
    assert len(page.active.marks) == 2 and len(set(uids(page))) == 2
    copied = replace(stroke_along([(9, 9), (80, 9)]), copies=(np.array([[1.0, 0, 9], [0, 1, 50]]),))
    parted = copied.parted()
    assert parted[0].uid == copied.uid != parted[1].uid
