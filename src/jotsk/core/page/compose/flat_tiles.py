"""The flattened page, tile by tile at any halving, kept until what lies there changes."""

from __future__ import annotations

import math
import time
from collections.abc import Collection, Iterable, Mapping, MutableMapping, Sequence
from dataclasses import dataclass
from typing import Any, NamedTuple

import cv2
import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import Rect
from jotsk.core.geometry.rects import EMPTY
from jotsk.core.ink import TILE
from jotsk.core.ink.color import packed
from jotsk.core.page.compose.active_layer_cache import MOST_ACTIVE, ActiveLayerCache
from jotsk.core.page.compose.compositing import LayerChoice, Node, WetLayer, every_visible, nodes_of, put_down
from jotsk.core.page.compose.plain_stack import Plain, PlainStack, Shown, flattened_together
from jotsk.core.page.compose.recent_composites import Content, RecentComposites
from jotsk.core.page.layers.layer import GroupLayer, Layer
from jotsk.core.page.layers.tree import ancestors, inside
from jotsk.core.page.page import Page
from jotsk.core.page.tiles.address import Place, taken_out
from jotsk.core.page.tiles.tiles import Key, Stored, rgba
from jotsk.core.runtime.parallel import in_shares

MOST_TILES = 1600  # of 64 KB, of each size
MOST_RECENT, MOST_EXPECTED, MOST_GONE = 512, 128, 4096
WORTH_THREADS_S = 0.002  # less than this is not worth the handing over
FIRST_GUESS_S = 1e-4
WHOLE = Rect(0, 0, TILE, TILE)


@dataclass(frozen=True, slots=True)
class Change:
    """Where a page looks different: in cells of the full size, and in an area (page px)."""

    cells: frozenset[Key] = frozenset()
    area: Rect = EMPTY

    @property
    def bounds(self) -> Rect:
        """All of it, as a page rectangle."""
        if not self.cells:
            return self.area
        columns, rows = {c for c, _ in self.cells}, {r for _, r in self.cells}
        return self.area | Rect(
            min(columns) * TILE, min(rows) * TILE, (max(columns) + 1) * TILE, (max(rows) + 1) * TILE
        )

    def places(self, level: int, within: Rect) -> set[Place]:
        """The tiles of the page halved `level` times that show it, of those that lie `within` (px of that page)."""
        left, top, right, bottom = within.x0 // TILE, within.y0 // TILE, -(-within.x1 // TILE), -(-within.y1 // TILE)
        cells = {(c >> level, r >> level) for c, r in self.cells}
        found = {(level, c, r) for c, r in cells if left <= c < right and top <= r < bottom}
        return found | {(level, *key) for key in (self.area.halved(level) & within).cells(TILE)}


NO_CHANGE = Change()


class _Flat(NamedTuple):
    """A flattened tile, and what it was made of; None if there was wet ink besides."""

    shown: Shown
    content: Content | None


class FlatTiles:
    """Flattens a page on demand. What the active layer lies between is kept apart, so that ink on it costs little."""

    def __init__(self, desk: tuple[int, int, int, int] = (0, 0, 0, 255)) -> None:
        self.page: Page | None = None
        self.wets: tuple[WetLayer, ...] = ()  # the lowest first
        self.shows: LayerChoice = every_visible
        self.seconds_a_tile = FIRST_GUESS_S
        self._desk = desk
        self._tiles: dict[int, dict[Key, _Flat]] = {}  # by level
        self._gone: list[MutableMapping[Any, Any]] = []  # to be given back when the hand rests
        self._dropped: set[Key] = set()  # cells of which there is no tile
        self._recent: RecentComposites[Shown] = RecentComposites(MOST_RECENT)
        self._leaving: list[tuple[Place, _Flat]] = []  # on their way there
        self._ahead: list[tuple[tuple[Page, int, Rect], list[Place]]] = []  # what is expected, and not flattened yet
        self._active_cache = ActiveLayerCache()
        self._nodes: dict[int, tuple[list[Node], int]] = {}
        self._plain: dict[int, PlainStack] = {}
        self._nodes_for: tuple[object, object, object] = (None, None, None)
        self._rows: dict[tuple[int, int], list[Mapping[int, Stored]]] = {}  # of all layers, by level and row
        self._rows_of: Page | None = None

    def set_desk(self, desk: tuple[int, int, int, int]) -> None:
        """The colour (B, G, R, A) around the page."""
        self._desk = desk
        self._clear()

    def forget(self) -> None:
        """What is shown of the page changed."""
        self._clear()
        self._active_cache.clear()
        self._nodes_for = (None, None, None)

    def leave(self) -> None:
        """The page is left for another: to find where they differ would take longer than to flatten what is seen."""
        self.page = None
        self.seconds_a_tile = max(self.seconds_a_tile, FIRST_GUESS_S)  # the other may have many layers
        self.forget()

    def set_page(self, page: Page) -> Change:
        """Flatten another value of the page from now on; return where it looks different."""
        before, self.page = self.page, page
        if before is page:
            return NO_CHANGE
        self._ahead.clear()
        if before is None or not _is_alike(before, page):
            self.forget()
            return Change(area=page.bounds)
        changed = dict[int, set[Key]]()
        change = _change_between(before, page, changed)
        pairs = [(old, new) for old, new in zip(before.layers, page.layers, strict=True) if old is not new]
        if any(_manner(old) != _manner(new) for old, new in pairs):
            self._leaving.clear()
            self._gone.append(self._recent.emptied())
        if change.area:
            self._clear()
            self._active_cache.clear()
        elif before.active_uid != page.active_uid:
            self._active_cache.clear()
        else:
            changed.pop(page.active_uid, None)
            self._active_cache.drop(set().union(*changed.values()))
        self._put_away(change.cells)
        return change

    @property
    def _paper(self) -> np.uint32:
        assert self.page is not None
        return packed(self.page.paper)

    def level_size(self, level: int) -> Rect:
        assert self.page is not None
        return self.page.bounds.halved(level)

    def has(self, place: Place) -> bool:
        return place[1:] in self._tiles.get(place[0], ())

    def drop(self, area: Rect) -> None:
        """What lies in `area` (px of the full size) is not as it was flattened last."""
        cells = set(area.cells(TILE)) - self._dropped
        if cells:  # with every event of the pen, but nearly always the same ones
            self._put_away(cells)
            self._arrive()
            self._dropped |= cells

    def tidy(self, end: float) -> bool:
        """Give memory back until the time `end`; whether all is given back."""
        while self._gone:
            if self._gone[-1]:
                self._gone[-1].popitem()
            else:
                self._gone.pop()
            if time.perf_counter() >= end:
                return False
        self._arrive()
        while self._recent.tidy():
            if time.perf_counter() >= end:
                return False
        return True

    def _clear(self) -> None:
        """Nothing is as it was. To give a thousand tiles back takes longer than to flatten those that are seen."""
        self._ahead.clear()
        self._gone += [*self._tiles.values(), self._recent.emptied()]
        self._tiles, self._leaving = {}, []
        while sum(map(len, self._gone)) > MOST_GONE:
            self._gone.pop(0)

    def _put_away(self, cells: Collection[Key]) -> None:
        """What is flattened of these cells is not what there is any more, but may be again, with another value of the
        page: until then to keep it can wait."""
        self._arrive()
        self._leaving = taken_out(self._tiles, cells)

    def _arrive(self) -> None:
        for place, flat in self._leaving:
            if flat.content is not None:
                self._recent.keep(place, flat.content, flat.shown)
        self._leaving = []

    def make(self, places: Collection[Place]) -> None:
        """Flatten the tiles named that are not there, on all cores."""
        missing = [place for place in places if not self.has(place)]
        if not missing:
            return
        assert self.page is not None
        contents = [self._content(self.page, place) for place in missing]
        made: dict[Place, Shown] = {}
        if not self.wets:
            recent = [self._recent.get(place, content) for place, content in zip(missing, contents, strict=True)]
            made = {place: shown for place, shown in zip(missing, recent, strict=True) if shown is not None}
        made |= self._made([place for place in missing if place not in made])
        self._dropped.clear()
        for place, content in zip(missing, contents, strict=True):
            self._tiles.setdefault(place[0], {})[place[1:]] = _Flat(made[place], None if self.wets else content)
        for tiles in self._tiles.values():
            if len(tiles) > MOST_TILES:
                for key in list(tiles)[: len(tiles) - MOST_TILES]:
                    del tiles[key]

    def expect(self, page: Page, level: int, within: Rect, end: float) -> bool:
        """Flatten ahead what another value of the page shows `within` px of the halved page, until the time `end`.

        Returns whether all is there. What is too much to keep, or looks different all over, is not flattened ahead.
        """
        if self.page is None or self.wets or not _is_alike(self.page, page):
            return True
        left = self._expected(page, level, within)
        nodes: list[Node] | None = None
        while left:
            if time.perf_counter() >= end:
                return False
            place = left.pop()
            content = self._content(page, place)
            if self._recent.get(place, content) is not None:
                continue
            if nodes is None:
                nodes = nodes_of(page.layers, level, (), self.shows)
                stack = PlainStack(nodes)
            plain = stack.on(place)
            if plain is None:
                shown = self._put_down(nodes, place)
            else:
                (shown,) = flattened_together(packed(page.paper), [plain], in_threads=False)
            self._cut_at_edge(shown, place)
            self._recent.keep(place, content, shown)
        return True

    def _expected(self, page: Page, level: int, within: Rect) -> list[Place]:
        """What is left to do of that. It takes as long to find as some tiles to flatten, so it is found once."""
        for (of, *where), left in self._ahead:
            if of is page and where == [level, within]:
                return left
        assert self.page is not None
        change = change_between(self.page, page)
        places = [] if change.area else list(change.places(level, within))
        left = places if len(places) <= MOST_EXPECTED else []
        self._ahead = [*self._ahead[-1:], ((page, level, within), left)]  # of what undo and redo bring
        return left

    def _made(self, missing: Sequence[Place]) -> dict[Place, Shown]:
        """Tiles flattened, those together whose layers just lie over each other."""
        if not missing:
            return {}
        begin = time.perf_counter()
        for level in {place[0] for place in missing}:
            self._nodes_at(level)
        stacks = {place: self._plain_on(place) for place in missing}
        plain = {place: stack for place, stack in stacks.items() if stack is not None}
        others = [place for place, stack in stacks.items() if stack is None]
        is_long = len(missing) * self.seconds_a_tile > WORTH_THREADS_S
        together = flattened_together(self._paper, list(plain.values()), in_threads=is_long)
        made = dict(zip(plain, together, strict=True))
        made |= zip(others, (in_shares if is_long else map)(self._flattened, others), strict=True)
        for place, shown in made.items():
            self._cut_at_edge(shown, place)
        self.seconds_a_tile += 0.2 * ((time.perf_counter() - begin) / len(missing) - self.seconds_a_tile)
        return made

    def prepare(self, places: Collection[Place], end: float) -> bool:
        """Flatten apart what lies under and above the active layer on these tiles, until the time `end`.

        A stroke, or its undoing, then costs only the active layer. Returns whether all is there; more than are kept are
        not prepared.
        """
        if len(places) > MOST_ACTIVE:
            return True
        for place in places:
            if not self._active_cache.has(place):
                if time.perf_counter() >= end:
                    return False
                self._active_cache.make(place, self._paper, *self._nodes_at(place[0]))
        return True

    def copy_into(self, target: NDArray[np.uint8], corner: Key, places: Iterable[Place]) -> None:
        """Copy tiles into `target` (BGRA), whose first pixel is `corner` of the halved page; make what is missing."""
        places = list(places)
        self.make(places)
        for level, column, row in places:
            flat = self._tiles.get(level, {}).get((column, row))
            if flat is None:  # more were asked for than are kept
                tile = self._flattened((level, column, row))
                self._cut_at_edge(tile, (level, column, row))
            else:
                tile = flat.shown
            y, x = row * TILE - corner[1], column * TILE - corner[0]
            target[y : y + TILE, x : x + TILE] = tile

    def part_into(self, target: NDArray[np.uint8], corner: Key, part: Rect, level: int) -> None:
        """Flatten only `part` (px of the halved page), with the wet ink, as often as it changes."""
        paper, (nodes, active) = self._paper, self._nodes_at(level)
        for column, row in part.cells(TILE):
            x, y = column * TILE, row * TILE
            piece = part & Rect(x, y, x + TILE, y + TILE)
            within = Rect(piece.x0 - x, piece.y0 - y, piece.x1 - x, piece.y1 - y)
            at = piece.x0 - corner[0], piece.y0 - corner[1]
            self._active_cache.put_into(target, at, (level, column, row), within, paper, nodes, active)

    def _flattened(self, place: Place) -> Shown:
        nodes, active = self._nodes_at(place[0])
        if not self._active_cache.has(place):
            return self._put_down(nodes, place)
        shown = np.empty((TILE, TILE, 4), np.uint8)
        self._active_cache.put_into(shown, (0, 0), place, WHOLE, self._paper, nodes, active)
        return shown

    def _cut_at_edge(self, shown: Shown, place: Place) -> None:
        """Where the page ends, the desk begins."""
        level, column, row = place
        size = self.level_size(level)
        wide, high = size.x1 - column * TILE, size.y1 - row * TILE
        if wide < TILE:
            shown[:, max(0, wide) :] = self._desk
        if high < TILE:
            shown[max(0, high) :] = self._desk

    def _plain_on(self, place: Place) -> Plain | None:
        """The layers of a tile, if they just lie over each other, and nothing is kept that makes it quicker still."""
        return None if self._active_cache.has(place) else self._plain[place[0]].on(place)

    def _put_down(self, nodes: list[Node], place: Place) -> Shown:
        level, *key = place
        pixels = np.full((TILE, TILE), self._paper, np.uint32)
        put_down(nodes, pixels, level, (key[0], key[1]), (slice(0, TILE), slice(0, TILE)))
        return cv2.cvtColor(rgba(pixels), cv2.COLOR_RGBA2BGRA)

    def _content(self, page: Page, place: Place) -> Content:
        level, column, row = place
        if self._rows_of is not page:
            self._rows_of, self._rows = page, {}
        rows = self._rows.get((level, row))
        if rows is None:
            layers = [layer for layer in page.layers if not isinstance(layer, GroupLayer)]
            rows = self._rows[level, row] = [layer.seen.at_level(level).row(row) for layer in layers]
        return Content([tiles.get(column) for tiles in rows])

    def _nodes_at(self, level: int) -> tuple[list[Node], int]:
        """What is put down, and which of it holds the active layer."""
        wanted = (self.page, self.wets, self.shows)
        if any(a is not b for a, b in zip(self._nodes_for, wanted, strict=True)):
            self._nodes_for = wanted
            self._nodes, self._plain = {}, {}
        if level not in self._nodes:
            assert self.page is not None
            nodes = nodes_of(self.page.layers, level, self.wets, self.shows)
            layer = self.page.active
            uids = {layer.uid, *(g.uid for g in ancestors(self.page.layers, layer))} if layer else set()
            holds = [k for k, node in enumerate(nodes) if node.layer.uid in uids or _clips(node, uids)]
            self._nodes[level] = nodes, holds[0] if holds else len(nodes)
            self._plain[level] = PlainStack(nodes)
        return self._nodes[level]


def _clips(node: Node, uids: set[int]) -> bool:
    return any(other.layer.uid in uids for other in node.clipped)


def _is_alike(before: Page, after: Page) -> bool:
    """Whether the same layers lie in the same order on paper of the same size and colour."""
    return (
        (before.bounds, before.paper) == (after.bounds, after.paper)
        and len(before.layers) == len(after.layers)
        and all(
            a is b or (a.uid == b.uid and a.parent == b.parent)
            for a, b in zip(before.layers, after.layers, strict=True)
        )
    )


def _manner(layer: Layer) -> object:
    """All that decides how a layer's pixels look."""
    isolated = getattr(layer, "isolated", True)
    return layer.visible, layer.opacity, layer.tint, layer.blend, layer.clips, isolated, layer.is_sketch, layer.effects


def change_between(before: Page, after: Page) -> Change:
    """Where two values of a page look different; found by identity, no pixel is read."""
    return _change_between(before, after, {})


def _change_between(before: Page, after: Page, changed: dict[int, set[Key]]) -> Change:
    """As `change_between`; the keys of tiles are added to `changed` by layer, as long as there is no `area`."""
    if before is after:
        return NO_CHANGE
    if not _is_alike(before, after):
        return Change(area=after.bounds)
    area, found, most = EMPTY, 0, math.ceil(after.width / TILE) * math.ceil(after.height / TILE)
    for old, new in zip(before.layers, after.layers, strict=True):
        if old is new:
            continue
        if _manner(old) != _manner(new):
            area |= _reach(after, old, new)
        elif old.tiles is not new.tiles:
            changed[new.uid] = new.seen.changed_since(old.seen)
            found += len(changed[new.uid])
            if found > most:  # to find the rest would take longer than to flatten what is seen
                return Change(area=after.bounds)
    return Change(frozenset[Key]().union(*changed.values()), area & after.bounds)


def _reach(page: Page, old: Layer, new: Layer) -> Rect:
    """What another manner of a layer can change."""
    if isinstance(new, GroupLayer):
        uids = inside(page.layers, {new.uid})
    elif old.clips != new.clips:  # what clips to it is then clipped to another
        uids = {new.uid, *(layer.uid for layer in page.layers if layer.clips)}
    else:
        uids = {new.uid}
    area = old.seen.bounds
    for layer in page.layers:
        if layer.uid in uids:
            area |= layer.seen.bounds
    return area
