"""The page as pixels on the screen, kept up to date patch by patch.

Two buffers. The *sheet* is the flattened page where it is visible, at the halving that fits the zoom, in whole tiles.
The *frame* is what the screen shows: the sheet turned, flipped and scaled onto the desk. A change of the page costs the
part of both that it touched. While the view moves, a sheet half as sharp does where a sharp one would take too long;
all halvings but the full size are flattened ahead while the hand rests, so that it is there.
"""

from __future__ import annotations

import ctypes
import math
import time
from collections.abc import Collection

import cv2
import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import Rect, View
from jotsk.core.geometry.rects import EMPTY, rect_around
from jotsk.core.hex_color import color_from_hex
from jotsk.core.ink import TILE
from jotsk.core.page import Layer, Page, WetLayer
from jotsk.core.page.compose.flat_tiles import Change, FlatTiles
from jotsk.core.page.tiles.address import Place
from jotsk.core.page.tiles.tiles import MOST_HALVINGS, Key
from jotsk.desk.board.view.sheet_memory import SheetMemory

SHARP_ZOOM = 2.0  # from here on pixels are shown as clean squares
QUICK_S = 0.004  # what flattening may take of a frame while the view moves
MOST_CHANGE_S = 0.008  # a change that takes longer is first shown half as sharp
WARP_S = 0.006  # what turning and scaling may take of a frame while the view moves
TILES_AT_ONCE = 24  # laid out without looking at the clock
BAND_PX = 500_000  # drawn exact at a time
MOST_AHEAD_PX = 40_000_000  # of the halvings that are flattened ahead


class BoardPicture:
    """Shows a page through a view. All sizes and rectangles of the screen are device px."""

    def __init__(self, board_color: str) -> None:
        self.view = View()
        self.only: set[int] | None = None  # the layers that alone are shown
        self.hides_sketches = False
        self.drying: set[Key] = set()  # cells with wet ink on the sheet that is gone with the next value of the page
        self.expected: list[Page] = []  # values of the page that an undo or a redo would bring
        self.is_rough = False  # half as sharp as it will be at rest
        self.waits = False  # for the kernels: until they are there the desk alone is shown
        self.frame: NDArray[np.uint8] = np.zeros((1, 1, 4), np.uint8)
        self._half: NDArray[np.uint8] = np.zeros((1, 1, 4), np.uint8)
        self.flat = FlatTiles()
        self.flat.shows = self._shows
        self._sheet: NDArray[np.uint8] = np.zeros((0, 0, 4), np.uint8)
        self._memory = SheetMemory()
        self._sheet_rect = EMPTY  # in px of the halved page
        self._level = 0
        self._next: tuple[int, Rect, NDArray[np.uint8], list[Place]] | None = None  # a sheet that is being laid out
        self._drawn: View | None = None  # the view all of the frame shows
        self._mapped: tuple[View, Rect, int, float] | None = None
        self._kept_map = np.zeros((2, 3))
        self._unsharp: list[Rect] = []  # bands of the frame that have yet to be drawn exact
        self._is_half = False  # drawn at half the size, because a sharp frame takes too long
        self._seconds_a_px = {False: 4e-9, True: 9e-9}  # of scaling, and of turning
        self.set_board_color(board_color)

    @property
    def page(self) -> Page | None:
        return self.flat.page

    @page.setter
    def page(self, page: Page) -> None:
        self.set_page(page)

    @property
    def wets(self) -> tuple[WetLayer, ...]:
        """The ink that is not on the page yet, the lowest first."""
        return self.flat.wets

    def add_wet(self, wet: WetLayer) -> None:
        self.flat.wets += (wet,)

    def remove_wet(self, gone: WetLayer) -> None:
        self.flat.wets = tuple(wet for wet in self.flat.wets if wet is not gone)

    @property
    def is_exact(self) -> bool:
        return not (self.is_rough or self._unsharp)

    def set_board_color(self, color: str) -> None:
        red, green, blue = color_from_hex(color)
        self._desk = blue, green, red, 255
        self.flat.set_desk(self._desk)
        self._lose_sheet()

    def resize(self, width: int, height: int) -> None:
        self.frame = np.zeros((max(1, height), max(1, width), 4), np.uint8)
        self._half = np.zeros((-(-max(1, height) // 2), -(-max(1, width) // 2), 4), np.uint8)
        self._drawn = None

    def set_page(self, page: Page) -> list[Rect]:
        """Show another value of the page; return the parts of it, page px, that look different."""
        was_empty = self.page is None or self.page.bounds != page.bounds
        change = self.flat.set_page(page)
        self._next = None
        dried, self.drying = Change(frozenset(self.drying)), set()
        if was_empty:
            self._lose_sheet()
        if not self._sheet_rect:
            return [page.bounds]
        places = change.places(self._level, self._sheet_rect) | dried.places(self._level, self._sheet_rect)
        # Ink on the active layer costs far less than a tile made from all layers: it is always shown at once.
        if change.area and len(places) * self.flat.seconds_a_tile > MOST_CHANGE_S:
            self._lose_sheet()
            return [page.bounds]
        self.flat.copy_into(self._sheet, (self._sheet_rect.x0, self._sheet_rect.y0), places)
        return self._in_rows(places)

    def _in_rows(self, places: Collection[Place]) -> list[Rect]:
        """The rectangles of the page that these tiles cover, one for each row of tiles."""
        columns: dict[int, list[int]] = {}
        for _, column, row in places:
            columns.setdefault(row, []).append(column)
        side = TILE << self._level
        return [
            Rect(min(few) * side, row * side, (max(few) + 1) * side, (row + 1) * side) for row, few in columns.items()
        ]

    def shows_others(self) -> None:
        """Which layers are shown at all changed."""
        self.flat.forget()
        self._lose_sheet()

    def refresh(self, rect: Rect) -> None:
        """Flatten the page anew inside `rect` (page px), with the wet ink."""
        self.flat.drop(rect)
        self._next = None
        part = rect.halved(self._level) & self._sheet_rect & self._page_rect()
        if part:
            self.flat.part_into(self._sheet, (self._sheet_rect.x0, self._sheet_rect.y0), part, self._level)

    def draw(self, rect: Rect | None = None, *, quick: bool = False) -> None:
        """Bring the frame up to date inside `rect`, or all of it.

        `quick`: half as sharp will do; then `is_rough` says whether it is.
        """
        h, w = self.frame.shape[:2]
        whole = Rect(0, 0, w, h)
        rect = whole if rect is None else rect & whole
        if not rect:
            return
        if self.page is None or self.waits:
            self.frame[rect.y0 : rect.y1, rect.x0 : rect.x1] = self._desk
            return
        same_sheet, was_rough = True, not self.is_exact
        before, shift = self._drawn, self._shift_since_drawn()
        is_slow = quick and rect == whole and shift is None and self._is_slow()
        if rect == whole or before is not self.view:
            same_sheet = self._cover_view(quick=quick or (self.is_rough and rect != whole), half=is_slow)
        self._drawn = self.view
        if not same_sheet:
            rect = whole
        elif rect == whole and shift is not None and self.is_rough == was_rough and self._scroll(*shift):
            return
        if rect == whole:
            self._is_half, self._unsharp = is_slow, []
        if is_slow:
            self._warp_half()
        else:
            self._warp(rect)

    def _is_slow(self) -> bool:
        """Whether a sharp frame takes too long while the view moves. What was half as sharp stays so until it rests."""
        px = self.frame.shape[0] * self.frame.shape[1]
        return self._is_half or px * self._seconds_a_px[self.view.angle_rad != 0] > WARP_S

    def _shift_since_drawn(self) -> tuple[int, int] | None:
        """By how many px the view was moved, and nothing else, since the frame was drawn."""
        before = self._drawn
        if before is None:
            return None
        x, y = self.view.shift_x - before.shift_x, self.view.shift_y - before.shift_y
        is_pan = (x, y) != (0, 0) and x == int(x) and y == int(y) and before.panned(x, y) == self.view
        return (int(x), int(y)) if is_pan else None

    def refine(self, budget_s: float) -> bool | None:
        """Use a little time at rest: True if the frame can be drawn exact now, None if all is done."""
        if self.page is None:
            return None
        end = time.perf_counter() + budget_s
        if self.is_rough:
            level = self._exact_level()
            places = [(level, *key) for key in self._wanted(level).cells(TILE)]
            if not self._make_some(places, end) or not self._lay_out(level, self._wanted(level), end):
                return False
            h, w = self.frame.shape[:2]
            band = max(1, BAND_PX // w)
            self._unsharp = [Rect(0, y, w, min(h, y + band)) for y in range(0, h, band)]
            self._is_half = False
        if self._unsharp:
            while self._unsharp and time.perf_counter() < end:
                self._warp(self._unsharp.pop(0))
            return True
        if not self._memory.get_ready(self._largest_sheet_px(), end) or not self.flat.tidy(end):
            return False
        if not all(self.flat.expect(page, self._level, self._sheet_rect, end) for page in self.expected):
            return False
        if not self.flat.prepare([(self._level, *key) for key in self._sheet_rect.cells(TILE)], end):
            return False
        for ahead in range(MOST_HALVINGS, 0, -1):
            size = self.flat.level_size(ahead)
            if size.width * size.height > MOST_AHEAD_PX:
                break
            if not self._make_some([(ahead, *key) for key in size.cells(TILE)], end):
                return False
        return None

    def on_screen(self, rect: Rect) -> Rect:
        """The device pixels that show page rectangle `rect`, with what filtering reaches."""
        (a, b, c), (d, e, f) = self.view.rows
        x0, y0, x1, y1 = rect
        reach = 2.0 + self.view.zoom * (1 << self._level)
        across, down = (abs(a) * (x1 - x0) + abs(b) * (y1 - y0)) / 2, (abs(d) * (x1 - x0) + abs(e) * (y1 - y0)) / 2
        x, y = (x0 + x1) / 2, (y0 + y1) / 2
        middle_x, middle_y = a * x + b * y + c, d * x + e * y + f
        return Rect(
            math.floor(middle_x - across - reach),
            math.floor(middle_y - down - reach),
            math.ceil(middle_x + across + reach),
            math.ceil(middle_y + down + reach),
        )

    def _make_some(self, places: list[Place], end: float) -> bool:
        """Flatten what is missing of `places` until `end`; whether all is there."""
        missing = [place for place in places if not self.flat.has(place)]
        while missing:
            if time.perf_counter() >= end:
                return False
            few = max(1, int((end - time.perf_counter()) / self.flat.seconds_a_tile))
            self.flat.make(missing[:few])
            del missing[:few]
        return True

    def _lay_out(self, level: int, wide: Rect, end: float) -> bool:
        """Make the next sheet until `end`, out of tiles that are there; whether it is done, and the sheet."""
        if self._next is None or self._next[:2] != (level, wide):
            places = [(level, *key) for key in wide.cells(TILE)]
            self._next = level, wide, self._memory.next(wide.height, wide.width), places
        _, _, sheet, places = self._next
        while places and time.perf_counter() < end:
            self.flat.copy_into(sheet, (wide.x0, wide.y0), places[:TILES_AT_ONCE])
            del places[:TILES_AT_ONCE]
        if places:
            return False
        self._sheet, self._sheet_rect, self._level, self._next = sheet, wide, level, None
        self._memory.show(sheet)
        self.is_rough = False
        return True

    def _lose_sheet(self) -> None:
        self._sheet_rect, self._drawn, self._next = EMPTY, None, None

    def _is_exact_size(self) -> bool:
        return self.view.zoom == 1.0 and self.view.angle_rad == 0.0

    def _page_rect(self) -> Rect:
        return self.flat.level_size(self._level)

    def _exact_level(self) -> int:
        return max(0, min(MOST_HALVINGS, int(math.floor(math.log2(1.0 / self.view.zoom) + 1e-6))))

    def _wanted(self, level: int, *, at_any_turn: bool = False) -> Rect:
        """The part of the page halved `level` times that is visible, in whole tiles."""
        h, w = self.frame.shape[:2]
        m = self.view.inverse
        corners = np.array([[x, y] for x in (0, w) for y in (0, h)], np.float64) @ m[:, :2].T + m[:, 2]
        if at_any_turn:
            middle, reach = corners.mean(axis=0), math.hypot(w, h) / 2 / self.view.zoom
            corners = np.array([middle - reach, middle + reach])
        whole = self.flat.level_size(level)
        seen = rect_around(corners / (1 << level), 2.0) & whole
        if not seen:
            seen = Rect(whole.x0, whole.y0, whole.x0 + 1, whole.y0 + 1)
        low_x, low_y = seen.x0 // TILE * TILE, seen.y0 // TILE * TILE
        return Rect(low_x, low_y, -(-seen.x1 // TILE) * TILE, -(-seen.y1 // TILE) * TILE)

    def _largest_sheet_px(self) -> int:
        """Of a view that is not turned, at any zoom."""
        h, w = self.frame.shape[:2]
        whole = self.flat.level_size(0)
        return min(2 * w + 2 * TILE, whole.width + TILE) * min(2 * h + 2 * TILE, whole.height + TILE)

    def _cover_view(self, *, quick: bool, half: bool) -> bool:
        """Make the sheet hold all that is visible, at the right halving; return whether it is the sheet that was.

        `quick`: the next halving will do if this one is not there; `half`: it will do in any case.
        """
        level = self._exact_level()
        wide, rough = self._wanted(level), half and level < MOST_HALVINGS
        turns = quick and self._drawn is not None and self._drawn.angle_rad != self.view.angle_rad
        is_there = level == self._level and self._sheet_rect.contains(wide)
        if quick and not rough and level < MOST_HALVINGS and not is_there:
            far = [key for key in wide.cells(TILE) if not self._holds(level, *key)]
            rough = sum(not self.flat.has((level, *key)) for key in far) * self.flat.seconds_a_tile > QUICK_S
        if rough:
            level += 1
            wide = self._wanted(level)
        self.is_rough = rough
        if level == self._level and self._sheet_rect.contains(wide):
            return True
        if turns:  # other corners show with every frame: all of them are laid out at once
            wide = self._wanted(level, at_any_turn=True)
        same_level = level == self._level and bool(self._sheet_rect)
        old, old_rect = self._sheet, self._sheet_rect
        sheet, self._next = self._memory.next(wide.height, wide.width), None
        places = [(level, *key) for key in wide.cells(TILE)]
        if same_level and (both := wide & old_rect):
            sheet[both.slices_in(wide)] = old[both.slices_in(old_rect)]
            places = [place for place in places if not self._holds(*place)]
        self.flat.copy_into(sheet, (wide.x0, wide.y0), places)
        self._memory.show(sheet)
        self._sheet, self._sheet_rect, self._level = sheet, wide, level
        return same_level

    def _holds(self, level: int, column: int, row: int) -> bool:
        """Whether the present sheet has a tile."""
        x, y = column * TILE, row * TILE
        return level == self._level and self._sheet_rect.contains(Rect(x, y, x + TILE, y + TILE))

    def _scroll(self, dx: int, dy: int) -> bool:
        """Move what the frame shows and draw only what came into it; False if nothing would stay."""
        h, w = self.frame.shape[:2]
        if abs(dx) >= w // 2 or abs(dy) >= h // 2:
            return False
        # Rows lie behind each other in memory: all of them move at once, and what runs over is drawn anew.
        start, shift = self.frame.ctypes.data, (dy * w + dx) * 4
        ctypes.memmove(start + max(0, shift), start + max(0, -shift), self.frame.nbytes - abs(shift))
        if dx:
            self._warp(Rect(0, 0, dx, h) if dx > 0 else Rect(w + dx, 0, w, h))
        if dy:
            self._warp(Rect(0, 0, w, dy) if dy > 0 else Rect(0, h + dy, w, h))
        return True

    def _warp(self, rect: Rect) -> None:
        """Draw a part of the frame from the sheet."""
        if self._is_exact_size() and not self.view.flipped and self._level == 0 and self._copy(rect):
            return
        begin = time.perf_counter()
        sharp = self.view.zoom >= SHARP_ZOOM or self._is_exact_size()
        filtering = cv2.INTER_NEAREST if sharp and not self.is_rough else cv2.INTER_LINEAR
        if rect.width == self.frame.shape[1]:  # whole rows: no copy
            self._warp_into(self.frame[rect.y0 : rect.y1], rect, 1.0, filtering)
        else:
            patch = np.empty((rect.height, rect.width, 4), np.uint8)
            self._warp_into(patch, rect, 1.0, filtering)
            self.frame[rect.y0 : rect.y1, rect.x0 : rect.x1] = patch
        if rect.width * rect.height > 200_000:
            took = (time.perf_counter() - begin) / (rect.width * rect.height)
            turned = self.view.angle_rad != 0
            self._seconds_a_px[turned] += 0.3 * (took - self._seconds_a_px[turned])

    def _copy(self, rect: Rect) -> bool:
        """Draw a part of the frame that shows the sheet px for px; False if it does not."""
        dx, dy = self.view.shift_x + self._sheet_rect.x0, self.view.shift_y + self._sheet_rect.y0
        x, y = int(dx), int(dy)
        h, w = self._sheet.shape[:2]
        if x != dx or y != dy or not Rect(x, y, x + w, y + h).contains(rect):
            return False
        self.frame[rect.y0 : rect.y1, rect.x0 : rect.x1] = self._sheet[
            rect.y0 - y : rect.y1 - y, rect.x0 - x : rect.x1 - x
        ]
        return True

    def _warp_half(self) -> None:
        """Draw the frame at half its size and enlarge it: half as sharp, in a third of the time."""
        h, w = self.frame.shape[:2]
        self._warp_into(self._half, Rect(0, 0, self._half.shape[1], self._half.shape[0]), 0.5, cv2.INTER_LINEAR)
        cv2.resize(self._half, (w, h), dst=self.frame, interpolation=cv2.INTER_NEAREST)
        self.is_rough = True

    def _warp_into(self, out: NDArray[np.uint8], rect: Rect, size: float, filtering: int) -> None:
        """Write device px `rect` of the view enlarged `size` times to `out`."""
        m = self._map(size)
        m[0, 2] -= rect.x0
        m[1, 2] -= rect.y0
        cv2.warpAffine(
            self._sheet, m, (rect.width, rect.height), dst=out, flags=filtering,
            borderMode=cv2.BORDER_CONSTANT, borderValue=self._desk,
        )  # fmt: skip

    def _map(self, size: float) -> NDArray[np.float64]:
        """A fresh (2, 3) map from px of the sheet to px of the view enlarged `size` times, as OpenCV counts them."""
        wanted = self.view, self._sheet_rect, self._level, size
        if self._mapped != wanted:  # asked for with every event
            scale = float(1 << self._level)
            m = self.view.matrix * size
            m[:, 2] += m[:, :2] @ (np.array([self._sheet_rect.x0, self._sheet_rect.y0]) * scale)
            m[:, :2] *= scale
            m[:, 2] += m[:, :2] @ np.array([0.5, 0.5]) - 0.5  # from pixel centres
            self._mapped, self._kept_map = wanted, m
        return self._kept_map.copy()

    def _shows(self, layer: Layer) -> bool:
        if self.only is not None:
            return layer.uid in self.only
        return layer.visible and not (self.hides_sketches and layer.is_sketch)
