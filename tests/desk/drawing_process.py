"""Draws until it is killed, again and again: run by test_crash, with the folder and the number of kills.

Everything is imported once, and each drawing process forked from here, so that fifty of them take seconds. Prints a line
of JSON for each: how many strokes had been finished, and what was found afterwards.
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

from PySide6.QtCore import QCoreApplication

from jotsk.core.page import edits, flattened
from jotsk.desk.document import Document
from jotsk.desk.guarding import Guard
from jotsk.desk.keeping import Shelf
from tests.conftest import stroke_along

STROKES = [
    stroke_along([(50 + 7 * k, 60 + 11 * (k % 9)), (400 + 13 * (k % 31), 300 + 40 * (k % 50))], size=9, pen=pen)
    for k, pen in enumerate(["quill-nib", "pencil", "brush-pen", "plain-round"] * 60)
]
SLOWEST_KILL_S = 0.8


def draw(shelf: Shelf, done: int) -> None:
    """Every stroke is an edit; some are undone and done again; `done` is told after each."""
    app = QCoreApplication([])
    document = Document()
    guard = Guard(document, shelf)
    for k, stroke in enumerate(STROKES):
        guard.before_stroke()
        document.add_stroke(stroke)
        if k % 5 == 4:
            document.undo()
            document.redo()
        app.processEvents()
        os.write(done, b".")
        time.sleep(0.012)  # a quick hand leaves more than that between two strokes
    time.sleep(60)


def main(folder: Path, kills: int) -> None:
    moments = random.Random(5)
    warm = Document().page
    for stroke in STROKES[:8]:
        warm = edits.with_stroke(warm, stroke)
    for number in range(kills):
        shelf = Shelf(folder / str(number))
        told, done = os.pipe()
        child = os.fork()
        if child == 0:
            os.close(told)
            draw(shelf, done)
            os._exit(0)
        os.close(done)
        select.select([told], [], [], 30)  # the first stroke is finished
        time.sleep(moments.uniform(0.0, SLOWEST_KILL_S))
        os.kill(child, signal.SIGKILL)
        os.waitpid(child, 0)
        finished = len(os.read(told, 1 << 16))
        os.close(told)
        notes = shelf.notes()
        kept = shelf.look(notes[0].slot) if notes else None
        found = len(kept.page.active.marks) if kept else 0
        page = Document().page
        for stroke in STROKES[:found]:
            page = edits.with_stroke(page, stroke)
        same = kept is not None and bool((flattened(kept.page) == flattened(page)).all()) if found else False
        print(json.dumps({"finished": finished, "found": found, "same": same}), flush=True)


if __name__ == "__main__":
    main(Path(sys.argv[1]), int(sys.argv[2]))
