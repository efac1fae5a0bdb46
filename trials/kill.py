"""Draws until it is killed, again and again: ./run kill [--times N] [--seed N].

Everything is imported once, and each drawing process forked from here, so that fifty of them take seconds. One in four
draws quietly, one on a disk that takes a third of a second to flush, one while the page is saved again and again, and
one while it is exported. Then: what was finished 50 ms before the kill is there, every file is whole, and nothing else
lies beside it. While the host of a virtual machine has the cores, no time passes; where it has them often, moments are
not judged.
"""

from __future__ import annotations

import argparse
import os
import random
import select
import shutil
import signal
import struct
import sys
import tempfile
import time
import traceback
from dataclasses import dataclass
from pathlib import Path

import numpy as np
from PySide6.QtCore import QCoreApplication

from bench.timing import stolen_ms
from jotsk.core.files import fsync as flushing
from jotsk.core.files.export import FORMATS, Export
from jotsk.core.files.opening import Origin, read_any
from jotsk.core.files.openraster_writing import write_page
from jotsk.core.files.pictures import read_picture
from jotsk.core.hand import trace_from
from jotsk.core.ink import pen_by_id
from jotsk.core.marks import Stroke
from jotsk.core.page import InkLayer, Page, edits, flattened, tiles_from
from jotsk.core.page.edits import layer_edits
from jotsk.core.page.layers.placing import Placement
from jotsk.desk.app.gc_pauses import TURN_S
from jotsk.desk.document.document import Document
from jotsk.desk.inout.filing import Filing
from jotsk.desk.recovery.autosave import Autosave
from jotsk.desk.recovery.recovery_folder import RecoveryFolder

WAYS = ("quietly", "slow disk", "saving", "exporting")
SAFE_S = 0.05  # what was finished so long ago is safe
PICTURE_EVERY = 8  # edits
SLOWEST_KILL_S = 0.8
SLOW_FLUSH_S = 0.3
MOST_STOLEN = 0.05  # of the time of all cores; with more, an edit may wait for long though nothing here holds it up
STROKE_S, BETWEEN_S = 0.02, 0.012  # no stroke is drawn in less, and a quick hand leaves more than that between two
SKETCH_PX = 1600  # a side of the sketch under the ink, so that a save takes a while


def stroke(number: int) -> Stroke:
    pens = ("quill-nib", "pencil", "brush-pen", "plain-round")
    x, y = [50 + 7 * number, 400 + 13 * (number % 31)], [60 + 11 * (number % 9), 300 + 40 * (number % 50)]
    return Stroke(trace_from([0.0, 0.05], x, y), pen_by_id(pens[number % 4]), 9.0, (0, 0, 0), 0.0, 0.0)


MOMENT = struct.Struct("<dd")  # when an edit was finished, and how long the host had had the cores by then, s

STROKES = [stroke(number) for number in range(240)]
PICTURE = np.random.default_rng(3).integers(1 << 24, 1 << 32, (260, 400), np.uint32) | np.uint32(0xFF000000)


def sketched() -> Page:
    noise = np.random.default_rng(5).integers(0, 1 << 24, (SKETCH_PX, SKETCH_PX), np.uint32) | np.uint32(0xFF000000)
    page = Document().page
    ink = page.active_uid
    page = layer_edits.with_picture_layer(page, tiles_from(noise), "Sketch")
    return layer_edits.placed(page, [ink], 0, page.active_uid)


def document(page: Page) -> Document:
    """A document that does slow work at once, with `page` on it."""
    document = Document(page=page)
    document.slow.connect(lambda _, work, done: done(work(lambda share: None)))
    document.layers.choose(next(layer.uid for layer in page.layers if isinstance(layer, InkLayer)))
    return document


def edit(document: Document, number: int) -> None:
    """A stroke, or a picture that is placed; some are undone and done again."""
    if number % PICTURE_EVERY == PICTURE_EVERY - 1:
        ink = document.page_when_dry().active_uid
        document.page_edits.put_down_pictures([Placement(str(number), PICTURE, 900.0, 40.0 * number)])
        document.layers.choose(ink)
    else:
        document.ink.add_stroke(STROKES[number])
    if number % 5 == 4:
        document.undo()
        document.redo()


def pause(app: QCoreApplication, seconds: float) -> None:
    """As long as that the hand does nothing; events are seen to, as in a window."""
    end = time.monotonic() + seconds
    while time.monotonic() < end:
        app.processEvents()
        time.sleep(0.001)


def draw(page: Page, folder: Path, done: int, way: str) -> None:
    """Draw for ever; when each edit was finished is written to `done`."""
    app = QCoreApplication([])
    sys.setswitchinterval(TURN_S)  # as the window has it
    if way == "slow disk":
        flushing.os.fsync = lambda _: time.sleep(SLOW_FLUSH_S)  # type: ignore[attr-defined]
    drawn = document(page)
    guard, filing = Autosave(drawn, RecoveryFolder(folder / "state")), Filing(drawn)
    path, ink = folder / "page.ora", drawn.page.active_uid
    drawn.take(page, path=path, title="page", saved=True, origin=Origin.of(path))
    drawn.layers.choose(ink)
    for number in range(len(STROKES)):
        if way == "saving" and not filing.jobs.is_busy:
            filing.save(path)
        if way == "exporting" and not filing.jobs.is_busy:
            filing.export(folder / "page.png", Export(FORMATS["png"]))
        guard.before_stroke()
        pause(app, STROKE_S)
        edit(drawn, number)
        app.processEvents()
        os.write(done, MOMENT.pack(time.monotonic(), stolen_ms() / 1e3))
        pause(app, BETWEEN_S)
    time.sleep(60)


def edits_on(page: Page, first: Page) -> int:
    ink = [layer for layer in page.layers if isinstance(layer, InkLayer)]
    return sum(len(layer.marks) for layer in ink) + len(page.layers) - len(first.layers)


@dataclass(frozen=True, slots=True)
class Outcome:
    """What one kill left."""

    way: str
    finished: int  # edits before the kill
    safe: int  # edits that were finished SAFE_S before it
    found: int  # edits on the page that is found again
    late_ms: float  # how old the oldest of those that are missing was
    stolen: float  # the share of the time of all cores that the host had
    troubles: tuple[str, ...]


class Killer:
    """Forks a process that draws, kills it, and looks at what is left."""

    def __init__(self, seed: int, folder: Path) -> None:
        self._moments = random.Random(seed)
        self._first, self._file = sketched(), folder / "first.ora"
        write_page(self._file, self._first)
        warm = document(self._first).page
        for mark in STROKES[:8]:
            warm = edits.with_mark(warm, mark)
        self._expected = document(self._first)
        self._pages = [self._expected.page]

    def kill(self, folder: Path, way: str) -> Outcome:
        folder.mkdir()
        shutil.copy(self._file, folder / "page.ora")
        told, done = os.pipe()
        began, stolen_then = time.monotonic(), stolen_ms() / 1e3
        child = os.fork()
        if child == 0:
            os.close(told)
            try:
                draw(self._first, folder, done, way)
            finally:
                traceback.print_exc()  # it never comes to an end by itself
                os._exit(1)
        os.close(done)
        select.select([told], [], [], 30)  # the first edit is finished
        time.sleep(self._moments.uniform(0.0, SLOWEST_KILL_S))
        killed, stolen = time.monotonic(), stolen_ms() / 1e3
        ended, _ = os.waitpid(child, os.WNOHANG)
        if not ended:
            os.kill(child, signal.SIGKILL)
            os.waitpid(child, 0)
        ages = [killed - t - (stolen - before) for t, before in MOMENT.iter_unpack(os.read(told, 1 << 16))]
        os.close(told)
        troubles = ["it ended by itself"] if ended else [] if ages else ["it drew nothing"]
        share = (stolen_ms() / 1e3 - stolen_then) / (time.monotonic() - began) / (os.cpu_count() or 1)
        return self._look(folder, way, ages, share, troubles)

    def _look(self, folder: Path, way: str, ages: list[float], stolen: float, troubles: list[str]) -> Outcome:
        """`ages`: how long before the kill each edit was finished, s, without the time that the host had the cores."""
        shelf = RecoveryFolder(folder / "state")
        notes = shelf.notes()
        page = None
        if notes and (kept := shelf.look(notes[0].slot)) is not None:
            page = kept.page
        else:  # all of it was saved
            page = read_any(folder / "page.ora", "page")
        found = edits_on(page, self._first) if page else 0
        while len(self._pages) <= found:
            edit(self._expected, len(self._pages) - 1)
            self._pages.append(self._expected.page)
        if page is not None and not (flattened(page) == flattened(self._pages[found])).all():
            troubles.append("the page is another")
        for path, read in ((folder / "page.ora", lambda p: read_any(p, "page")), (folder / "page.png", read_picture)):
            try:
                if path.exists():
                    read(path)
            except Exception as error:
                troubles.append(f"{path.name} is damaged: {error}")
        extra = {path.name for path in folder.iterdir()} - {"state", "page.ora", "page.png"}
        if extra:
            troubles.append(f"left behind: {', '.join(sorted(extra))}")
        safe = max((number for number, age in enumerate(ages, 1) if age > SAFE_S), default=0)
        late_ms = ages[found] * 1e3 if found < len(ages) else 0.0
        if found < safe and stolen <= MOST_STOLEN:
            troubles.append(f"{safe - found} edits are lost, the oldest {late_ms:.0f} ms old")
        return Outcome(way, len(ages), safe, found, late_ms, stolen, tuple(troubles))


def outcomes(times: int, seed: int, folder: Path) -> list[Outcome]:
    killer = Killer(seed, folder)
    found = []
    for number in range(times):
        found.append(killer.kill(folder / str(number), WAYS[number % len(WAYS)]))
        shutil.rmtree(folder / str(number))
    return found


def main() -> int:
    parser = argparse.ArgumentParser(prog="./run kill", description=__doc__)
    parser.add_argument("--times", type=int, default=50)
    parser.add_argument("--seed", type=int, default=5)
    arguments = parser.parse_args()
    print(f"seed {arguments.seed}", flush=True)
    with tempfile.TemporaryDirectory() as folder:
        found = outcomes(arguments.times, arguments.seed, Path(folder))
    for number, outcome in enumerate(found):
        if outcome.troubles or outcome.late_ms:
            print(f"{number}: {outcome}")
    judged = [outcome for outcome in found if outcome.stolen <= MOST_STOLEN]
    lost = [outcome.late_ms for outcome in judged if outcome.late_ms]
    print(
        f"{len(found)} kills, {sum(o.finished for o in found)} edits; of {len(judged)} on a machine of its own"
        f" {len(lost)} missed an edit that was at most {max(lost, default=0.0):.0f} ms old;"
        f" {sum(bool(o.troubles) for o in found)} with troubles"
    )
    return int(any(outcome.troubles for outcome in found))


if __name__ == "__main__":
    sys.exit(main())
