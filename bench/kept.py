"""How soon work is safe from a kill and from a loss of power, on A4 at 600 dpi with 20 layers and 5,000 strokes.

A stroke, an undo, and a picture of 35 million px that is placed. Beside the stroke, the one layer it is on written to a
file with NumPy's `savez_compressed` and flushed: what an application does that keeps whole layers.
"""

from __future__ import annotations

import os
import tempfile
import threading
import time
from pathlib import Path

import cv2
import numpy as np

from bench.inked_page import A4_600, a_stroke, page_file
from jotsk.core.files.opening import Origin, read_any
from jotsk.core.files.pictures import Pixels
from jotsk.core.page import Page, edits, pixels_of, prepared
from jotsk.core.page.edits import layer_edits
from jotsk.core.page.layers.placing import Placement, put_down
from jotsk.desk.recovery.journal import Kept, Start
from jotsk.desk.recovery.recovery_folder import RecoveryFolder

STROKES = 60


def scanned() -> Pixels:
    """A sheet of paper with its grain and its shades, such as a scanner sees it, (7016, 4961) px."""
    rng = np.random.default_rng(4)
    w, h = A4_600
    shades = cv2.resize(rng.normal(0, 6, (40, 28)), (w, h), interpolation=cv2.INTER_CUBIC)
    colors = np.stack([244 + shades, 240 + shades, 228 + shades], axis=2) + rng.normal(0, 2, (h, w, 1))
    pixels = np.full((h, w, 4), 255, np.uint8)
    pixels[..., :3] = np.clip(colors, 0, 255)
    return pixels.view(np.uint32)[..., 0]


def main() -> None:
    path = page_file(A4_600, 20, 5000)
    origin = Origin.of(path)
    page = prepared(read_any(path, path.stem))
    shelf = RecoveryFolder(Path(tempfile.mkdtemp()))
    journal = shelf.begin(start=Start(page=page, origin=origin))
    journal.write(Kept(page, path, "bench"))
    journal.flush(60)

    def kept_ms(page: Page) -> tuple[float, float]:
        """Until the state outlives the process, and the power too."""
        start = time.perf_counter()
        journal.write(Kept(page, path, "bench"))
        with journal._change:
            journal._change.wait_for(lambda: journal._wanted is None and not journal._is_busy, 60)
        written = time.perf_counter()
        assert journal.flush(60) is None
        return (written - start) * 1e3, (time.perf_counter() - start) * 1e3

    rng = np.random.default_rng(7)
    pages, strokes, undos = [page], [], []
    for number in range(STROKES):
        pages.append(edits.with_mark(pages[-1], a_stroke(rng, A4_600, number)))
        strokes.append(kept_ms(pages[-1]))
    undos = [kept_ms(before) for before in reversed(pages[:-1])]
    for name, times in (("stroke", strokes), ("undo", undos)):
        written, flushed = np.array(times).T
        print(f"{name:8} written {np.median(written):6.1f} ms median, {np.percentile(written, 99):6.1f} p99;"
              f" flushed {np.median(flushed):6.1f} ms median, {np.percentile(flushed, 99):6.1f} p99")  # fmt: skip
    layer = pages[-1].active
    start = time.perf_counter()
    with open(shelf.folder / "layer.npz", "wb") as file:
        np.savez_compressed(file, pixels=pixels_of(layer.tiles, page.bounds))
        file.flush()
        os.fsync(file.fileno())
    print(f"{'':8} the whole layer by numpy.savez_compressed: {(time.perf_counter() - start) * 1e3:.0f} ms")

    start = time.perf_counter()
    placed = Placement("scan", scanned(), A4_600[0] / 2, A4_600[1] / 2)
    print(f"picture  made in {time.perf_counter() - start:.1f} s,", end=" ")
    start = time.perf_counter()
    after = layer_edits.with_picture_layer(page, put_down(placed, page.bounds), placed.name)
    settled_s = time.perf_counter() - start
    between: list[tuple[float, float]] = []
    is_ahead = threading.Thread(target=journal.write_ahead, args=(after, lambda share: None))
    start = time.perf_counter()
    is_ahead.start()
    while is_ahead.is_alive():
        between.append(kept_ms(pages[len(between) % STROKES]))
        time.sleep(0.05)
    ahead_s = time.perf_counter() - start
    written, _ = kept_ms(after)
    print(f"settled in {settled_s:.1f} s, its tiles kept in {ahead_s:.1f} s more, its state then in {written:.1f} ms;"
          f" states meanwhile in {max(w for w, _ in between):.0f} ms at most ({len(between)} of them)")  # fmt: skip
    journal.close(keep=False)
    assert journal.wait_for_end(60)
