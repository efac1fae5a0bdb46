"""Measures the lines of a practice sheet as they dry, and keeps the diary of the hand."""

from __future__ import annotations

import logging
import math
from collections.abc import Callable, Sequence
from dataclasses import dataclass, replace
from datetime import datetime
from pathlib import Path
from typing import TYPE_CHECKING

import numpy as np
from PySide6.QtCore import QObject, Signal

from jotsk.core.check import practice
from jotsk.core.errors import JotskError
from jotsk.core.marks import Stroke
from jotsk.core.page import InkLayer, Page
from jotsk.core.page.frames import MM_PER_INCH
from jotsk.core.runtime.lanes import BESIDE
from jotsk.core.words import capitalized, decimal, tr

if TYPE_CHECKING:
    from jotsk.core.check.practice.diary import Entry
    from jotsk.core.check.practice.figures import Figures
    from jotsk.core.check.practice.sheets import Sheet
    from jotsk.desk.document.document import Document

log = logging.getLogger(__name__)

AT_WORK = "page"  # the sheet of lines that were drawn on pages at work
WIDTHS = 60  # places of a line at which its weight is looked at
COMPARED = ("off", "wobble", "speed")
TOLD = ("off", "wobble", "beyond", "fade", "width_off", "spacing", "evenness")


@dataclass(frozen=True)
class Result:
    """A stroke that was measured: the number of its task, and the figures."""

    task: int
    figures: Figures


class Practice(QObject):
    """`screen_angle` says at what angle on the screen a direction of the page lies, degrees."""

    changed = Signal()  # another sheet, or a line was measured or taken back
    told = Signal(str)

    def __init__(self, document: Document, path: Path, screen_angle: Callable[[float], float]) -> None:
        super().__init__(document)
        self._document, self.path, self._screen_angle = document, path, screen_angle
        self.at_work = False  # pages at work are measured too, quietly
        self.sheet: Sheet | None = None
        self._results: dict[int, Result] = {}  # by the uid of the stroke
        self._latest = 0  # uid of the stroke that was looked at last
        self.plan: list[tuple[str, str]] = []  # the sheets of a warm-up that are still to come
        self._with_steadiness: tuple[dict[str, float], float] | None = None  # of the first pass; of its ink, `off`
        document.last_line.changed.connect(self._follow)
        document.opened.connect(self._page_taken)
        document.changed.connect(self._page_changed)

    def _page_taken(self) -> None:
        self._with_steadiness = None
        page = self._document.page  # without a sheet practice is not loaded
        self.sheet = None if page.sheet is None else practice.sheets.sheet_on(page)
        self._results = {}
        for stroke in self._strokes() if self.sheet is not None else ():  # of a sheet that was opened from its file
            self._measure(stroke)
        self.changed.emit()

    def _page_changed(self, before: Page, after: Page) -> None:
        if self.sheet is not None:
            self.changed.emit()

    def _strokes(self) -> list[Stroke]:
        layers = (layer for layer in self._document.page.layers if isinstance(layer, InkLayer))
        return [mark for layer in layers for mark in layer.marks if isinstance(mark, Stroke)]

    @property
    def results(self) -> list[tuple[Stroke, Result]]:
        """Of the strokes that are on the page now."""
        if self.sheet is None:
            return []
        return [(stroke, self._results[stroke.uid]) for stroke in self._strokes() if stroke.uid in self._results]

    @property
    def share_done(self) -> tuple[int, int]:
        """How many strokes of the sheet are drawn, and how many there are to draw."""
        if self.sheet is None:
            return 0, 0
        wanted = [task.repeats for task in self.sheet.tasks]
        drawn = [0] * len(wanted)
        for _, result in self.results:
            drawn[result.task] += 1
        return sum(min(a, b) for a, b in zip(drawn, wanted, strict=True)), sum(wanted)

    def summary(self) -> dict[str, float]:
        """The medians of the sheet, of misses and wobble without their sign; hatching and signatures as a whole."""
        found: dict[str, float] = {}
        figures = [result.figures for _, result in self.results]
        for name in TOLD:
            values = [abs(getattr(each, name)) for each in figures]
            values = [value for value in values if not math.isnan(value)]
            if values:
                found[name] = float(np.median(values))
        return found

    @property
    def is_done_with_steadiness(self) -> bool:
        """Whether every line of the sheet is drawn, with the pen's steadiness: it can be drawn once more without."""
        drawn, wanted = self.share_done
        return 0 < wanted == drawn and any(_is_steadied(stroke) for stroke, _ in self.results)

    @property
    def is_second_pass(self) -> bool:
        return self._with_steadiness is not None

    def first_pass(self) -> tuple[dict[str, float], float]:
        """What a second pass is compared with: the medians of the hand, and how far off its steadied ink lies, mm."""
        assert self.sheet is not None
        dpi = self._document.page.dpi
        measured, tasks = practice.figures.measured, self.sheet.tasks
        inked = [measured(tasks[result.task], stroke.line, dpi).off for stroke, result in self.results]
        return self.summary(), float(np.nanmedian(inked))

    def begin_second_pass(self, first: tuple[dict[str, float], float]) -> None:
        """The page that was just taken is the same sheet, to be drawn without steadiness."""
        self._with_steadiness = first
        self.changed.emit()

    def comparison(self) -> str:
        """A sentence of both passes; nothing before the second has a line."""
        found = self.summary()
        if self._with_steadiness is None or not found:
            return ""
        first, inked = self._with_steadiness
        parts = []
        for name in COMPARED:
            if name in found and name in first:
                words, unit = practice.figures.WORDS[name]
                digits = 2 if unit == "mm" else 0
                ink = tr(" (its ink {inked:.2f})", inked=inked) if name == "off" and not math.isnan(inked) else ""
                parts.append(
                    tr(
                        "{figure} {now} {unit}, with steadiness {then}{ink}",
                        figure=words,
                        unit=unit,
                        ink=ink,
                        now=decimal(found[name], digits),
                        then=decimal(first[name], digits),
                    )
                )
        return "; ".join(parts)

    def words(self, figures: Figures) -> str:
        """A sentence of what was measured."""
        parts = []
        for name in TOLD:
            value = getattr(figures, name)
            if not math.isnan(value):
                words, unit = practice.figures.WORDS[name]
                if name == "beyond" and value < 0:
                    words, value = tr("before the end"), -value
                digits = 0 if unit == "%" else 2 if value < 1 else 1
                parts.append(f"{words} {decimal(value, digits)} {unit}")
        return ", ".join(parts)

    def entries(self) -> list[Entry]:
        try:
            return practice.diary.read(self.path)
        except JotskError as error:
            self.told.emit(str(error))
            return []

    # -- measuring -------------------------------------------------------------------------------

    def _follow(self) -> None:
        stroke = self._document.last_line.stroke
        if stroke is None or stroke.uid in self._results or stroke.uid == self._latest:
            return
        self._latest = stroke.uid
        if self.sheet is not None:
            result = self._measure(stroke)
            if result is not None:
                self._keep(self.sheet.kind, self.sheet.size, stroke, result.figures)
                self.told.emit(f"{capitalized(self.words(result.figures))}.")
                self.changed.emit()
        elif self.at_work and len(stroke.trace) > 2:
            self._keep(AT_WORK, "", stroke, self._at_work(stroke))

    def _measure(self, stroke: Stroke) -> Result | None:
        """Measure the motion of the hand; what the pen steadied of it does not count."""
        sheet = self.sheet
        assert sheet is not None
        number = practice.sheets.task_of(sheet, stroke.trace.xy)
        if number is None:
            return None
        task = sheet.tasks[number]
        figures = practice.figures.measured(
            task, stroke.trace, self._document.page.dpi, _widths(stroke) if task.widths is not None else None
        )
        if not math.isnan(figures.direction):
            figures = replace(figures, direction=self._screen_angle(figures.direction))
        if task.repeats > 1:
            uneven, weights = practice.figures.evenness(task, [s.trace for s in (*self._alike(number), stroke)])
            figures = replace(figures, spacing=uneven, evenness=weights)
        if task.kind == "signature":
            figures = replace(
                figures, evenness=practice.figures.unlikeness([s.trace for s in (*self._of_kind(), stroke)])
            )
        result = self._results[stroke.uid] = Result(number, figures)
        return result

    def _alike(self, number: int) -> list[Stroke]:
        return [stroke for stroke, result in self.results if result.task == number]

    def _of_kind(self) -> list[Stroke]:
        return [stroke for stroke, _ in self.results]

    def _at_work(self, stroke: Stroke) -> Figures:
        """Of a line that follows nothing: its wobble across its own course, its speed, and its direction if it has
        one."""
        mm, xy = MM_PER_INCH / self._document.page.dpi, stroke.trace.xy
        chord = xy[-1] - xy[0]
        length = float(np.hypot(*np.diff(xy, axis=0).T).sum())
        wobble = direction = math.nan
        if length > 0 and float(np.hypot(*chord)) > 0.95 * length:
            way = chord / np.hypot(*chord)
            off = (xy[:, 0] - xy[0, 0]) * way[1] - (xy[:, 1] - xy[0, 1]) * way[0]
            wobble = mm * practice.figures.wobble_rms(stroke.trace.t, off)
            direction = self._screen_angle(math.degrees(math.atan2(-chord[1], chord[0])) % 360)
        return practice.figures.Figures(
            wobble=wobble, speed=mm * length / max(1e-6, stroke.trace.duration_s), direction=direction
        )

    def _keep(self, sheet: str, size: str, stroke: Stroke, figures: Figures) -> None:
        entry = practice.diary.Entry(datetime.now(), sheet, size, _is_steadied(stroke), figures)
        BESIDE.queue("diary").go(_append, self.path, [entry])


def _is_steadied(stroke: Stroke) -> bool:
    return stroke.steady_now > 0 or stroke.steady_after > 0


def _append(path: Path, entries: Sequence[Entry]) -> None:
    try:
        practice.diary.append(path, entries)
    except OSError:
        log.exception("the diary was not kept")


def _widths(stroke: Stroke) -> np.ndarray:
    """The full width at even shares of the length, px."""
    points = stroke.own_ribbon.points.astype(np.float64)
    if len(points) < 2:
        return np.full(WIDTHS, 2 * float(points[0, 2]) if len(points) else 0.0)
    along = np.concatenate([[0.0], np.cumsum(np.hypot(*np.diff(points[:, :2], axis=0).T))])
    return 2 * np.interp(np.linspace(0, along[-1], WIDTHS), along, points[:, 2])
