"""Practice sheets: what is to be drawn, where, and how it is told which stroke was drawn for what."""

from __future__ import annotations

import math
from collections.abc import Callable, Iterator, Sequence
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import arc_lengths
from jotsk.core.geometry.curves import catmull_rom
from jotsk.core.page import InkLayer, Page
from jotsk.core.page.frames import MM_PER_INCH
from jotsk.core.words import mark, tr

WIDTH, HEIGHT, DPI = 3508, 2480, 300.0  # A4, landscape
SIZES = {mark("small"): 20.0, mark("medium"): 38.0, mark("large"): 56.0}  # mm, of a line
ROWS = {"small": 5, "medium": 4, "large": 3}
ZONE_MM, SPACING_MM = 1.5, 6.0
COLUMNS, LINES = 4, 2
DIRECTIONS = tuple(45.0 * k for k in range(8))  # degrees, from the right, against the clock
RATIOS = (1.0, 0.8, 0.6, 0.45, 0.3, 0.6, 0.45, 0.3)  # of the axes of ellipses
STEP_PX = 4.0
NEAR_MM = 7.0  # of its task, a stroke is drawn for it
Point = tuple[float, float]


@dataclass(frozen=True, eq=False)
class Task:
    """One thing to draw along `path`, (N, 2) page px, from its first place to its last, where a `zone` of so many px is
    to be met. `widths`, (N,) px, is how thick it is to be; `repeats` is how many strokes belong to it, `spacing` px
    apart. `kind` is that of its sheet, `direction` degrees, where it has one."""

    kind: str
    path: NDArray[np.float64]
    zone: float = 0.0
    direction: float | None = None
    widths: NDArray[np.float64] | None = None
    repeats: int = 1
    spacing: float = 0.0
    marks: tuple[Point, ...] = ()  # places the line is to pass

    @property
    def is_closed(self) -> bool:
        return self.kind == "circles"

    @property
    def length(self) -> float:
        return float(arc_lengths(self.path)[-1])


@dataclass(frozen=True, eq=False)
class Sheet:
    """A kind of sheet at one of `SIZES`."""

    kind: str
    size: str
    tasks: tuple[Task, ...]

    @property
    def title(self) -> str:
        return f"{KINDS[self.kind][0]}, {tr(self.size)}"


def sheet_of(kind: str, size: str = "medium") -> Sheet:
    """Raises KeyError for a kind or a size there is not."""
    length = _px(SIZES[size])
    tasks: list[Task] = []
    for number, middle in enumerate(_middles()):
        tasks += KINDS[kind][1](number, middle, length, size)
    return Sheet(kind, size, tuple(tasks))


def sheet_page(kind: str, size: str = "medium") -> Page:
    """A page to practise on."""
    layer = InkLayer(1, tr("Practice"))
    return Page(WIDTH, HEIGHT, DPI, layers=(layer,), active_uid=1, sheet=(kind, size))


def sheet_on(page: Page) -> Sheet | None:
    """The sheet of a page; None for a page of another kind."""
    if page.sheet is None or page.sheet[0] not in KINDS or page.sheet[1] not in SIZES:
        return None
    return sheet_of(*page.sheet)


def task_of(sheet: Sheet, xy: NDArray[np.float64]) -> int | None:
    """The number of the task that a stroke, (N, 2) page px, was drawn for: the one it lies along; None if there is
    none."""
    if not len(xy):
        return None
    some = xy[:: max(1, len(xy) // 24)]
    best, found = _px(NEAR_MM), None
    for number, task in enumerate(sheet.tasks):
        paths = [task.path + (0.0, 0.0)]
        if task.repeats > 1:
            across = _across(task) * task.spacing
            paths = [task.path + k * across for k in range(task.repeats)]
        for path in paths:
            away = np.hypot(some[:, None, 0] - path[None, :, 0], some[:, None, 1] - path[None, :, 1]).min(axis=1)
            reach = abs(len(some) - 1) and _length_of(some) / max(1.0, _length_of(path))
            off = float(away.mean()) + (0.0 if 0.3 < reach < 3.0 or task.kind == "dots" else _px(NEAR_MM))
            if task.direction is not None and len(xy) > 1:
                off += 0.2 * max(0.0, -float((xy[-1] - xy[0]) @ (path[-1] - path[0])) / max(1.0, task.length))
            if off < best:
                best, found = off, number
    return found


def _length_of(xy: NDArray[np.float64]) -> float:
    return float(np.hypot(*np.diff(xy, axis=0).T).sum()) if len(xy) > 1 else 0.0


def _across(task: Task) -> NDArray[np.float64]:
    way = task.path[-1] - task.path[0]
    way = way / max(1e-9, float(np.hypot(*way)))
    return np.array([-way[1], way[0]])


def _px(mm: float) -> float:
    return mm / MM_PER_INCH * DPI


def _middles() -> Iterator[Point]:
    for row in range(LINES):
        for column in range(COLUMNS):
            yield (column + 0.5) * WIDTH / COLUMNS, (row + 0.5) * HEIGHT / LINES


def _straight(middle: Point, direction: float, length: float, off: float = 0.0) -> NDArray[np.float64]:
    turn = math.radians(direction)
    way, across = np.array([math.cos(turn), -math.sin(turn)]), np.array([math.sin(turn), math.cos(turn)])
    begin = np.array(middle) + off * across - way * length / 2
    count = max(2, int(length / STEP_PX))
    return begin + np.linspace(0, length, count)[:, None] * way


# -- kinds ---------------------------------------------------------------------------------------


def _lines(number: int, middle: Point, length: float, size: str) -> list[Task]:
    rows, direction = ROWS[size], DIRECTIONS[number]
    offs = (np.arange(rows) - (rows - 1) / 2) * _px(SPACING_MM)
    return [Task("lines", _straight(middle, direction, length, float(off)), _px(ZONE_MM), direction) for off in offs]


def _points(number: int, middle: Point, length: float, size: str) -> list[Task]:
    direction = DIRECTIONS[number]
    found = []
    for off in (-1.0, 1.0):
        path = _straight(middle, direction, length, off * _px(1.5 * SPACING_MM))
        marks = tuple((float(x), float(y)) for x, y in path[np.linspace(0, len(path) - 1, 4).astype(int)])
        found.append(Task("points", path, _px(ZONE_MM), direction, marks=marks))
    return found


def _curves(number: int, middle: Point, length: float, size: str) -> list[Task]:
    turn = math.radians(DIRECTIONS[number])
    way, across = np.array([math.cos(turn), -math.sin(turn)]), np.array([math.sin(turn), math.cos(turn)])
    bow = 0.22 * length * (1 if number % 2 else -1)
    found = []
    for off, shape in ((-0.5, (0.0, 1.0, 0.0)), (0.5, (0.0, 1.0, -1.0, 0.0))):
        at = np.linspace(-0.5, 0.5, len(shape)) * length
        places = np.array(middle) + off * 0.45 * length * across + at[:, None] * way + np.outer(shape, bow * across) / 2
        found.append(Task("curves", catmull_rom(places, STEP_PX), _px(ZONE_MM)))
    return found


def _circles(number: int, middle: Point, length: float, size: str) -> list[Task]:
    turn = np.linspace(0, 2 * math.pi, 181) - math.pi / 2
    angle, radius = math.radians(30.0 * number), length / 2.4
    u, v = radius * np.cos(turn), radius * RATIOS[number] * np.sin(turn)
    x, y = u * math.cos(angle) + v * math.sin(angle), -u * math.sin(angle) + v * math.cos(angle)
    return [Task("circles", np.column_stack([middle[0] + x, middle[1] + y]))]


def _hatching(number: int, middle: Point, length: float, size: str) -> list[Task]:
    direction, spacing, repeats = DIRECTIONS[number], _px(1.6), 12
    path = _straight(middle, direction, 0.6 * length, -(repeats - 1) / 2 * spacing)
    return [Task("hatching", path, _px(ZONE_MM), direction, repeats=repeats, spacing=spacing)]


def _shaped(kind: str, profile: Callable[[NDArray[np.float64]], NDArray[np.float64]]) -> Callable[..., list[Task]]:
    def make(number: int, middle: Point, length: float, size: str) -> list[Task]:
        found = []
        for off in (-1.0, 0.0, 1.0):
            path = _straight(middle, DIRECTIONS[number], length, off * _px(1.2 * SPACING_MM))
            share = np.linspace(0, 1, len(path))
            widths = _px(2.4) * profile(share)
            found.append(Task(kind, path, _px(ZONE_MM), DIRECTIONS[number], widths=widths))
        return found

    return make


def _dots(number: int, middle: Point, length: float, size: str) -> list[Task]:
    side, found = length / 3, []
    for row in (-1, 0, 1):
        for column in (-1, 0, 1):
            at = np.array([middle[0] + column * side, middle[1] + row * side])
            found.append(Task("dots", np.array([at, at + (0.01, 0.0)]), _px(ZONE_MM) / 2))
    return found


def _signatures(number: int, middle: Point, length: float, size: str) -> list[Task]:
    return [Task("signature", _straight(middle, 0.0, length), direction=0.0)]


KINDS: dict[str, tuple[str, Callable[..., Sequence[Task]]]] = {
    "lines": (tr("Parallel lines"), _lines),
    "points": (tr("Lines through points"), _points),
    "curves": (tr("Curves"), _curves),
    "circles": (tr("Circles and ellipses"), _circles),
    "hatching": (tr("Even hatching"), _hatching),
    "ramps": (tr("Pressure ramps"), _shaped("ramps", lambda share: 0.15 + 0.85 * share)),
    "tapers": (tr("Tapers"), _shaped("tapers", lambda share: np.clip((1 - share) / 0.4, 0.05, 1.0))),
    "dots": (tr("Dots"), _dots),
    "signature": (tr("A signature, repeated"), _signatures),
}
