"""Compiling the kernels ahead, so that the first stroke does not wait for it.

numba compiles a kernel when it is first called, and keeps the result on disk. `warm_up` calls each kernel with the
types the application uses; a stamp remembers for which code and which processor that was done. Run as
`python -m jotsk.core.runtime.warm FOLDER`, FOLDER being where the stamp is kept.
"""

from __future__ import annotations

import hashlib
import io
import os
import signal
import sys
from contextlib import suppress
from dataclasses import replace
from importlib.util import find_spec
from pathlib import Path
from typing import TYPE_CHECKING

if TYPE_CHECKING:
    from jotsk.core.hand import Trace
    from jotsk.core.ink import Pen
    from jotsk.core.page import Page

PR_SET_PDEATHSIG = 1
CORE = Path(__file__).parent.parent


def stamp(folder: Path) -> Path:
    """The file that exists once the kernels of this code are compiled for this machine."""
    digest = hashlib.sha256(f"{sys.version} {_numba_version()} {_processor()}".encode())
    for path in sorted(CORE.rglob("*kernel*.py")):
        state = path.stat()  # by which numba, too, tells whether a file has changed
        digest.update(f"{path.name} {state.st_size} {state.st_mtime_ns}".encode())
    return folder / f"kernels-{digest.hexdigest()[:16]}"


def _numba_version() -> str:
    """What numba says of its version, without importing it."""
    spec = find_spec("numba")
    assert spec is not None and spec.origin is not None
    return Path(spec.origin).with_name("_version.py").read_text()


def _processor() -> str:
    """Its name and what it can do, as Linux tells them; numba, that knows too, takes long to import."""
    with suppress(OSError):
        told = Path("/proc/cpuinfo").read_text(errors="replace").split("\n\n")[0]
        return "".join(line for line in told.splitlines() if line.startswith(("model name", "flags", "Features")))
    return os.uname().machine


def load() -> None:
    """Have what the first stroke needs in memory: reading compiled kernels from the disk takes longer than a frame."""
    from jotsk.core.ink import SHIPPED
    from jotsk.core.page import blank_page

    _flatten_for_the_board(_drawn(blank_page(300, 200), _a_trace(), SHIPPED[0], (0, 0, 0)))


def warm_up() -> None:
    """Draw, rub out, flatten, save and open a small page."""
    import numpy as np

    from jotsk.core.errors import Refused
    from jotsk.core.files.export.numbers_kernel import closed_path, numbers_text
    from jotsk.core.files.pictures import decode_own_png, decode_picture, encode_png
    from jotsk.core.files.premultiply_kernel import premultiplied
    from jotsk.core.fill import by_hand
    from jotsk.core.fill.filling import KINDS, Filling, Inks, filled_at, filled_outline
    from jotsk.core.fill.samples import NAMES as FILLS
    from jotsk.core.fill.samples import sample as fill_sample
    from jotsk.core.geometry.placement import Mesh
    from jotsk.core.ink import SHIPPED, TILE, pen_by_id
    from jotsk.core.marks import AreaCut, Cut, Stroke
    from jotsk.core.marks.outlines import outline_of
    from jotsk.core.mend.brush import PUSH_WAYS, pushed_along
    from jotsk.core.mend.connected import connected
    from jotsk.core.mend.samples import SAMPLES, sample
    from jotsk.core.mend.snip import ink_layer, strokes_of
    from jotsk.core.page import Tiles, blank_page, flattened
    from jotsk.core.page.edits.layer_edits import merged_visible, traced_under
    from jotsk.core.page.edits.mark_edits import rubbed_out, with_mark
    from jotsk.core.page.edits.selection import strokes_inside

    page, trace, tap = blank_page(300, 200), _a_trace(), _a_tap()
    for number, pen in enumerate(SHIPPED):
        for motion in (trace, tap):
            page = _drawn(page, motion, pen, (0, 0, 40 * (number % 3)))
    page = rubbed_out(page, Cut(Stroke(trace, pen_by_id("eraser"), 6.0, (0, 0, 0), 0.0, 0.0).ribbon))
    page = rubbed_out(page, AreaCut(np.array([(5.0, 5.0), (60.0, 9.0), (30.0, 70.0)])))
    for name in SAMPLES:
        sample(name)
    way = np.array([(20.0, 50.0), (40.0, 60.0)])
    for how in PUSH_WAYS:
        pushed_along(page, way, 30.0, how=how)
    for name in FILLS:
        fill_sample(name)
    ring, inks = [(10.0, 10.0), (80.0, 12.0), (50.0, 70.0)], Inks((0, 0, 0), (9, 9, 9), SHIPPED[0])
    for kind in set(KINDS) - {"pattern"}:
        filled_outline(page, ring, Filling(kind=kind), inks)
    held = by_hand.inside_of("corners", ring, page.bounds)
    by_hand.copied(by_hand.cleared(page, held), by_hand.resized(held, 2.0, page.bounds))
    by_hand.of_color(page, (5.0, 195.0), 10.0)
    with suppress(Refused):  # it leaks
        filled_at(page, (5.0, 195.0), Filling(), inks)
    Mesh.over(page.bounds, 1, 1)(way)
    connected(ink_layer(page), strokes_of(ink_layer(page))[:2], 5.0)
    _check(trace)
    strokes_inside(ink_layer(page), np.array([(0.0, 0.0), (300.0, 0.0), (0.0, 200.0)]))
    page = traced_under(page, 1)
    for _ in range(2):
        page = with_mark(page, Stroke(trace, pen_by_id("plain-round"), 4.0, (9, 9, 9), 0.0, 0.0))
    page = page.with_layer(replace(page.layers[-1], blend="multiply", clips=True))
    page = with_mark(page, Stroke(trace, pen_by_id("plain-round"), 4.0, (9, 9, 9), 0.0, 0.0, atop=True))
    merged_visible(page)
    _follow_guides(trace)
    _flatten_for_the_board(page)
    premultiplied(np.zeros((2, 2, 4), np.uint8))
    numbers_text(np.zeros(2, np.int64), 0)
    closed_path(np.zeros((2, 2), np.float32), 100.0)
    outline_of(Stroke(trace, pen_by_id("plain-round"), 4.0, (9, 9, 9), 0.0, 0.0))
    Tiles().with_tiles({(k, 0): np.full((TILE, TILE), 0xFF102030, np.uint32) for k in range(2)})
    buffer = io.BytesIO()
    encode_png(buffer, flattened(page))
    buffer.seek(0)
    decode_picture(buffer, "warm.png")
    decode_own_png(buffer.getvalue(), "warm.png")


def _check(trace: Trace) -> None:
    """Look for all that can be wrong with two lines side by side, one of them with an open end."""
    import numpy as np

    from jotsk.core.check.checks import checked
    from jotsk.core.hand import Trace
    from jotsk.core.ink import pen_by_id
    from jotsk.core.marks import Stroke
    from jotsk.core.page import blank_page
    from jotsk.core.page.edits.mark_edits import with_mark

    page = blank_page(300, 200)
    for dx, dy in ((0.0, 0.0), (0.0, 6.0), (105.0, 0.0)):
        moved = Trace(trace.samples + np.array([0.0, dx, dy, 0.0, 0.0, 0.0]))
        page = with_mark(page, Stroke(moved, pen_by_id("plain-round"), 4.0, (0, 0, 0), 0.0, 0.0))
    checked(page)


def _a_trace() -> Trace:
    import numpy as np

    from jotsk.core.hand import trace_from

    t = np.linspace(0.0, 0.5, 100)
    return trace_from(t, 20 + 200 * t, 30 + 20 * np.sin(9 * t), 0.5 + 0.4 * np.sin(5 * t))


def _a_tap() -> Trace:
    import numpy as np

    from jotsk.core.hand import trace_from

    return trace_from(np.zeros(1), np.full(1, 50.0), np.full(1, 40.0), 0.6)


def _drawn(page: Page, trace: Trace, pen: Pen, color: tuple[int, int, int]) -> Page:
    """Draw a stroke as the hand does: wet at several halvings of the page, then dry."""
    import numpy as np

    from jotsk.core.hand import Sample
    from jotsk.core.ink.wet_figure import wet_ink
    from jotsk.core.marks import Stroke
    from jotsk.core.marks.figures import figures_of
    from jotsk.core.marks.shown import ShownInk
    from jotsk.core.page import WetLayer, composite_into
    from jotsk.core.page.compose.layer_kernel import INKS, INKS_ATOP, RUBS
    from jotsk.core.page.edits.mark_edits import with_mark

    stroke = Stroke(trace, pen, pen.size_px, color, 20.0, 45.0)
    figures_of(stroke)
    ink = wet_ink(pen, pen.size_px, 20.0)
    for row in trace.samples[:20].tolist():
        ink.push(Sample(*row))
    for does in (INKS, RUBS, INKS_ATOP):
        wet = WetLayer(1, ink.alpha, np.uint32(0), does, ink.hidden if pen.cord else None)
        for level in range(3):
            part = page.bounds.halved(level)
            out = np.zeros((part.height, part.width), np.uint32)
            composite_into(out, (0, 0), page, part, level=level, wets=[wet, wet])  # one begun before the other is dry
    ShownInk(stroke, page.bounds).alpha(1, 0, 0)
    return with_mark(page, stroke)


def _follow_guides(trace: Trace) -> None:
    """On rails of every kind, live and afterwards."""
    from jotsk.core.guides import Curve, Ellipse, Hold, LiveHold, held_line
    from jotsk.core.hand import Sample

    for rail in (Ellipse((100.0, 60.0), (60.0, 30.0)), Curve(((20.0, 30.0), (90.0, 50.0), (200.0, 40.0)))):
        held_line(trace, Hold(rail))
        live = LiveHold(rail)
        for row in trace.samples[:3].tolist():
            live.push(Sample(*row))


def _flatten_for_the_board(page: Page) -> None:
    """As the board does, with the lowest layer in the hand: the others lie above it as they are kept."""
    import numpy as np

    from jotsk.core.geometry import Rect
    from jotsk.core.page import flattened
    from jotsk.core.page.compose.flat_tiles import FlatTiles
    from jotsk.core.page.compose.thumbnail import thumbnail

    plain = replace(page, layers=tuple(replace(x, blend="normal", clips=False, tint=None) for x in page.layers))
    lowest = replace(plain, active_uid=plain.layers[0].uid)
    flattened(plain)
    for some in (page, lowest, lowest.with_layer(replace(lowest.layers[0], blend="multiply"))):
        flat = FlatTiles()
        flat.set_page(some)
        flat.make([(0, 0, 0), (1, 0, 0)])
        flat.part_into(np.zeros((90, 90, 4), np.uint8), (5, 5), Rect(5, 5, 95, 95), 0)
        for layer in some.layers:
            layer.tiles.at_level(2)
    thumbnail(page, 64)


def end_with_parent(parent: int | None = None) -> None:
    """Have this process ended when the one that started it ends, however that ends: prctl(2), on Linux. That one may
    have ended before Python got here: with its number it is known to be the `parent` still."""
    import ctypes  # here, as all below: a start does without

    parent = os.getppid() if parent is None else parent
    with suppress(OSError, AttributeError):
        ctypes.CDLL(None).prctl(PR_SET_PDEATHSIG, signal.SIGTERM)
    if os.getppid() != parent:  # it has ended meanwhile
        sys.exit()


def main(folder: Path) -> None:
    folder.mkdir(parents=True, exist_ok=True)
    done = stamp(folder)
    if not done.exists():
        for compiled in CORE.rglob("__pycache__/*.nb[ic]"):
            compiled.unlink()  # a kernel holds those it calls, which numba does not look at
        warm_up()
        for old in folder.glob("kernels-*"):
            old.unlink()
        done.touch()


if __name__ == "__main__":
    end_with_parent(int(sys.argv[2]) if len(sys.argv) > 2 else None)
    main(Path(sys.argv[1]))
