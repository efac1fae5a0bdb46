"""A page drawn again, stroke by stroke, as an animation or as numbered pictures."""

from __future__ import annotations

import os
import tempfile
from collections.abc import Callable, Iterator
from dataclasses import dataclass, replace
from functools import partial
from pathlib import Path
from typing import TYPE_CHECKING

import numpy as np
from numpy.typing import NDArray

from jotsk.core.errors import CannotWrite, Refused
from jotsk.core.files.writing import whole_file, why_unwritable
from jotsk.core.ink.ribbon import Ribbon
from jotsk.core.marks import Mark, Stroke
from jotsk.core.marks.sequence import Marks
from jotsk.core.page import InkLayer, Page, flattened, rgba
from jotsk.core.page.edits.mark_edits import with_inserted
from jotsk.core.page.edits.resizing import rescaled
from jotsk.core.page.tiles.tiles import Tiles
from jotsk.core.words import tr

if TYPE_CHECKING:
    from PIL import Image

Progress = Callable[[float], None]
ENDINGS = {".webp": "WEBP", ".png": "PNG"}
PAUSE_S, AREA_S = 0.12, 0.25  # of the hand's time, between marks, and for an area to appear
REST_S = 2.0  # at the end
SHRUNK, DRAWN = 0.2, 0.6  # the share of the work until the page is as small as the frames, and until all are drawn
MOST_BYTES = 1 << 30  # of all frames of an animation: the encoder wants them together


@dataclass(frozen=True)
class Pace:
    """How it is shown: the longest side in px, frames a second, and how many times as fast as the hand; or in how many
    seconds, if `speed` is None."""

    longest_px: int = 800
    fps: float = 25.0
    speed: float | None = None
    seconds: float = 20.0


@dataclass(frozen=True)
class _Turn:
    """When a mark is drawn, s of the hand's time."""

    layer: int
    mark: Mark
    begin: float
    end: float


def write_drawn_again(path: str | Path, page: Page, pace: Pace, *, progress: Progress | None = None) -> int:
    """Write an animation (.webp; .png as APNG), or, for a path without ending, a new folder of numbered PNG pictures.

    Return how many frames it has. `progress` takes 0..1; what it raises stops the writing. Raises Refused for a page
    without lines, another ending, and more frames than fit; CannotWrite where the disk refuses.
    """
    path, report = Path(path), progress or (lambda _: None)
    ending = path.suffix.lower()
    if ending and ending not in ENDINGS:
        raise Refused(
            tr(
                "“{name}” ends in none of {names}; without ending it is a folder of pictures.",
                name=path.name,
                names=", ".join(ENDINGS),
            )
        )
    if not ending and path.exists():
        raise CannotWrite(path, tr("it is there already"))
    small = _small(page, pace.longest_px, lambda share: report(SHRUNK * share))
    again = DrawnAgain(small)
    count = _frame_count(again.whole_s, pace)
    if ending and count * small.width * small.height * 3 > MOST_BYTES:
        raise Refused(
            tr("That is {count} frames, too many for one animation; make it faster, smaller, or a folder.", count=count)
        )
    from PIL import Image  # here: it takes long to import

    drawn = DRAWN if ending else 1.0
    frames = _frames(again, count, lambda share: report(SHRUNK + (drawn - SHRUNK) * share))
    if ending:
        with whole_file(path) as stream:
            pictures = [Image.fromarray(frame) for frame in frames]
            for k, picture in enumerate(pictures):
                _tell_when_taken(picture, partial(report, DRAWN + (1 - DRAWN) * k / count))
            first, *others = pictures
            each = 1000 / pace.fps
            durations = [round(each * (k + 1)) - round(each * k) for k in range(count)]
            durations[-1] += round(1000 * REST_S)
            first.save(
                stream, ENDINGS[ending], save_all=True, append_images=others, duration=durations, loop=0, quality=80
            )
    else:
        _write_pictures(path, frames)
    report(1.0)
    return count


def _tell_when_taken(picture: Image.Image, tell: Callable[[], None]) -> None:
    """Have `tell` called once when an encoder takes a frame: it goes to it first. What `tell` raises ends the
    encoding."""
    once = [tell]

    def seek(frame: int) -> None:
        if frame != 0:
            raise EOFError
        if once:
            once.pop()()

    picture.seek = seek


def _write_pictures(path: Path, frames: Iterator[NDArray[np.uint8]]) -> None:
    """A folder that is there once all are in it."""
    from PIL import Image

    try:
        with tempfile.TemporaryDirectory(prefix=".jotsk-", dir=path.parent) as aside:
            whole = Path(aside) / "frames"
            whole.mkdir()
            for k, frame in enumerate(frames):
                Image.fromarray(frame).save(whole / f"{k + 1:05d}.png", compress_level=3)
            os.rename(whole, path)
    except OSError as error:
        raise CannotWrite(path, why_unwritable(error)) from error


def _small(page: Page, longest_px: int, progress: Progress) -> Page:
    k = longest_px / max(page.width, page.height)
    return rescaled(page, page.dpi * k, progress) if k < 1 else page


def _turns(page: Page) -> list[_Turn]:
    """The marks of visible ink layers, in the order they lie, at their times; layers of areas alone come last. Sketches
    are there from the start."""
    inked = [x for x in page.layers if isinstance(x, InkLayer) and x.visible and not x.is_sketch]
    inked.sort(key=lambda layer: not any(isinstance(mark, Stroke) for mark in layer.marks))
    marks = [(layer.uid, mark) for layer in inked for mark in layer.marks]
    turns, now = list[_Turn](), 0.0
    for uid, mark in marks:
        begin, end = mark.times if isinstance(mark, Stroke) else (0.0, AREA_S)
        turns.append(_Turn(uid, mark, now, now + (end - begin)))
        now = turns[-1].end + PAUSE_S
    return turns


def _frame_count(whole_s: float, pace: Pace) -> int:
    seconds = pace.seconds if pace.speed is None else whole_s / pace.speed
    return max(2, round(seconds * pace.fps))


class DrawnAgain:
    """The page as it is at a time of the hand's, s; times only go on. Raises Refused for a page without lines."""

    def __init__(self, page: Page) -> None:
        self._turns = _turns(page)
        if not self._turns:
            raise Refused(tr("There is no line on this page to draw again."))
        drawn_on = {turn.layer for turn in self._turns}
        layers = tuple(
            replace(layer, marks=Marks(), tiles=Tiles())
            if isinstance(layer, InkLayer) and layer.uid in drawn_on
            else layer
            for layer in page.layers
        )
        self._now, self._next = replace(page, layers=layers), 0
        self.whole_s = self._turns[-1].end

    def at(self, time: float) -> Page:
        done: dict[int, list[Mark]] = {}
        turns = self._turns
        while self._next < len(turns) and turns[self._next].end <= time + 1e-9:
            turn = turns[self._next]
            done.setdefault(turn.layer, []).append(turn.mark)
            self._next += 1
        for uid, marks in done.items():
            self._now = with_inserted(self._now, uid, None, marks)
        if self._next < len(turns) and turns[self._next].begin < time:
            part = _begun(turns[self._next], time)
            if part is not None:
                return with_inserted(self._now, turns[self._next].layer, None, [part])
        return self._now


def _frames(again: DrawnAgain, count: int, report: Progress) -> Iterator[NDArray[np.uint8]]:
    """(H, W, 3) RGB, the page as it is at each of `count` times."""
    for number in range(count):
        shown = again.at(again.whole_s * (number + 1) / count)
        report(number / count)
        yield np.ascontiguousarray(rgba(flattened(shown))[..., :3])


def _begun(turn: _Turn, time: float) -> Stroke | None:
    """A stroke as far as it has come."""
    mark = turn.mark
    if not isinstance(mark, Stroke):
        return None
    ribbon, until = mark.ribbon, mark.times[0] + time - turn.begin
    rows: list[NDArray[np.intp]] = []
    pieces: list[tuple[int, int]] = []
    count = 0
    for start, stop in ribbon.pieces:
        later = np.flatnonzero(ribbon.times[start:stop] > until)
        come = int(later[0]) if len(later) else stop - start
        if come:
            rows.append(np.arange(start, start + come))
            pieces.append((count, count + come))
            count += come
    if not rows:
        return None
    at = np.concatenate(rows)
    part = Ribbon(ribbon.points[at], ribbon.ink[at], ribbon.times[at], tuple(pieces)).measured(ribbon.along[at])
    begun = replace(mark)
    begun.__dict__["ribbon"] = part
    return begun
