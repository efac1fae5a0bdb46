"""Draws until it is killed, again and again: run by test_crash, with the folder and the number of kills.

Everything is imported once, and each drawing process forked from here, so that fifty of them take seconds. Every second
one has a disk that takes a third of a second to flush. Prints a line of JSON for each: how many edits had been
finished, and what was found afterwards.
"""

from __future__ import annotations

import json
import os
import random
import select
import signal
import sys
import time
from pathlib import Path

import numpy as np
from PySide6.QtCore import QCoreApplication

from jotsk.core.files import flushing
from jotsk.core.page import InkLayer, Page, edits, flattened
from jotsk.core.page.placing import Placement
from jotsk.desk.document import Document
from jotsk.desk.guarding import Guard
from jotsk.desk.keeping import Shelf
from tests.conftest import stroke_along

STROKES = [
    stroke_along([(50 + 7 * k, 60 + 11 * (k % 9)), (400 + 13 * (k % 31), 300 + 40 * (k % 50))], size=9, pen=pen)
    for k, pen in enumerate(["quill-nib", "pencil", "brush-pen", "plain-round"] * 60)
]
PICTURE_EVERY = 8  # edits
PICTURE = np.random.default_rng(3).integers(1 << 24, 1 << 32, (260, 400), np.uint32) | np.uint32(0xFF000000)
SLOWEST_KILL_S = 0.8
SLOW_FLUSH_S = 0.3
STROKE_S = 0.02  # no stroke is drawn in less


def document() -> Document:
    document = Document()
    document.slow.connect(lambda _, work, done: done(work(lambda share: None)))
    return document


def edit(document: Document, number: int) -> None:
    """A stroke, or a picture that is placed; some are undone and done again."""
    if number % PICTURE_EVERY == PICTURE_EVERY - 1:
        ink = document.page.active_uid
        document.settle_pictures([Placement(str(number), PICTURE, 900.0, 40.0 * number)])
        document.choose_layer(ink)
    else:
        document.add_stroke(STROKES[number])
    if number % 5 == 4:
        document.undo()
        document.redo()


def draw(shelf: Shelf, done: int, *, slow_disk: bool) -> None:
    """`done` is told after each edit."""
    app = QCoreApplication([])
    if slow_disk:
        flushing.os.fsync = lambda _: time.sleep(SLOW_FLUSH_S)
    drawn = document()
    guard = Guard(drawn, shelf)
    for number in range(len(STROKES)):
        guard.before_stroke()
        time.sleep(STROKE_S)
        edit(drawn, number)
        app.processEvents()
        os.write(done, b".")
        time.sleep(0.012)  # a quick hand leaves more than that between two strokes
    time.sleep(60)


def edits_on(page: Page) -> int:
    ink = [layer for layer in page.layers if isinstance(layer, InkLayer)]
    return sum(len(layer.marks) for layer in ink) + len(page.layers) - len(Document().page.layers)


def main(folder: Path, kills: int) -> None:
    moments = random.Random(5)
    warm = Document().page
    for stroke in STROKES[:8]:
        warm = edits.with_stroke(warm, stroke)
    expected = document()
    pages = [expected.page]
    for number in range(kills):
        shelf = Shelf(folder / str(number))
        told, done = os.pipe()
        child = os.fork()
        if child == 0:
            os.close(told)
            draw(shelf, done, slow_disk=number % 2 == 1)
            os._exit(0)
        os.close(done)
        select.select([told], [], [], 30)  # the first edit is finished
        time.sleep(moments.uniform(0.0, SLOWEST_KILL_S))
        os.kill(child, signal.SIGKILL)
        os.waitpid(child, 0)
        finished = len(os.read(told, 1 << 16))
        os.close(told)
        notes = shelf.notes()
        kept = shelf.look(notes[0].slot) if notes else None
        found = edits_on(kept.page) if kept else 0
        while len(pages) <= found:
            edit(expected, len(pages) - 1)
            pages.append(expected.page)
        same = kept is not None and bool((flattened(kept.page) == flattened(pages[found])).all())
        print(json.dumps({"finished": finished, "found": found, "same": same}), flush=True)


if __name__ == "__main__":
    main(Path(sys.argv[1]), int(sys.argv[2]))
