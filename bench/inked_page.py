"""Pages of many layers with thousands of strokes by the simulated pen, made once and kept beside the other caches."""

from __future__ import annotations

from pathlib import Path

import numpy as np

from jotsk.core.files.openraster_writing import write_page
from jotsk.core.files.store import PageStore
from jotsk.core.hand.simulated_pen import drawn
from jotsk.core.ink import pen_by_id
from jotsk.core.marks import Stroke
from jotsk.core.page import Page, blank_page, edits
from jotsk.core.page.edits.layer_edits import with_new_layer
from jotsk.desk.pens.hand import BLACK
from jotsk.folders import cache_folder

A4_600 = (4961, 7016)
SMALL = (1000, 1000)
PENS = ("quill-nib", "brush-pen", "plain-round", "mapping-nib")


def a_stroke(rng: np.random.Generator, size: tuple[int, int], seed: int, width_px: float = 14.0) -> Stroke:
    """A curved line somewhere on the page; at 600 dpi 4 to 34 mm long and up to 0.6 mm wide, as comic pages have."""
    low, high = 0.05 * np.array(size), 0.95 * np.array(size)
    begin, angle = rng.uniform(low, high), rng.uniform(0, 2 * np.pi)
    along = np.array([np.cos(angle), np.sin(angle)])
    end = np.clip(begin + rng.uniform(100, 800) * along, low, high)
    share = np.linspace(0, 1, 60)[:, None]
    path = begin + (end - begin) * share + 40 * np.sin(6 * share) * np.array([-along[1], along[0]])
    trace = drawn(path, 0.5, pressure=[0.2, 0.9, 0.4], seed=seed)
    return Stroke(trace, pen_by_id(PENS[seed % len(PENS)]), width_px, BLACK, 30, 60, 1.0)


def inked_page(size: tuple[int, int], layers: int, strokes: int) -> Page:
    """A page with `strokes` spread over its layers."""
    path = cache_folder() / f"bench-{size[0]}x{size[1]}-{layers}-{strokes}.store"
    path.parent.mkdir(parents=True, exist_ok=True)
    if path.exists():
        store = PageStore(path)
        page = store.get(store.states()[0].id)
        store.close()
        return page
    page = _drawn_page(size, layers, strokes)
    half_done = Path(f"{path}.part")
    half_done.unlink(missing_ok=True)
    store = PageStore(half_done)
    store.put(page, kind="bench")
    store.close()
    half_done.replace(path)
    return page


def page_file(size: tuple[int, int], layers: int, strokes: int) -> Path:
    """That page as an OpenRaster file."""
    path = cache_folder() / f"bench-{size[0]}x{size[1]}-{layers}-{strokes}.ora"
    if not path.exists():
        write_page(path, inked_page(size, layers, strokes))
    return path


def _drawn_page(size: tuple[int, int], layers: int, strokes: int) -> Page:
    rng = np.random.default_rng(4)
    page = blank_page(*size, 600.0)
    for k in range(layers):
        if k:
            page = with_new_layer(page)
        for n in range(strokes // layers):
            page = edits.with_mark(page, a_stroke(rng, size, k * strokes + n))
    return page
