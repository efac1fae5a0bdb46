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
from functools import partial
from importlib.util import find_spec
from pathlib import Path
from typing import TYPE_CHECKING, Any

if TYPE_CHECKING:
    from collections.abc import Callable, Iterable

    from jotsk.core.hand import Trace
    from jotsk.core.ink import Pen
    from jotsk.core.page import Page

PR_SET_PDEATHSIG = 1
CORE = Path(__file__).parent.parent


def stamp(folder: Path) -> Path:
    """The file that exists once the kernels of this code are compiled for this machine."""
    digest = hashlib.sha256(f"{sys.version} {_numba_version()} {_processor()}".encode())
    for path in sorted([*CORE.rglob("*kernel*.py"), Path(__file__)]):  # what is called ahead may be more than before
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
    """Draw, rub out, mend, fill, check, flatten, save and open small pages."""
    for part in _parts():
        part()


def _parts() -> list[Callable[[], object]]:
    """What is done ahead, each part by itself. Those without ink come last: who begins there needs no kernel that who
    begins at the front compiles first."""
    from jotsk.core.ink import SHIPPED

    return [
        *(partial(_draw_with, pen) for pen in SHIPPED), _change_a_page, _flatten_layers, _mend, _check, _fill,
        _follow_guides, _write_and_read,
    ]  # fmt: skip


def _draw_with(pen: Pen) -> None:
    from jotsk.core.page import blank_page

    page = blank_page(300, 200)
    for number, motion in enumerate((_a_trace(), _a_tap(), _a_trace())):
        page = _drawn(page, motion, pen, (0, 0, 40 * number))


def _a_page() -> Page:
    """With strokes of all pens, in three colours."""
    from jotsk.core.ink import SHIPPED
    from jotsk.core.marks import Stroke
    from jotsk.core.page import blank_page
    from jotsk.core.page.edits.mark_edits import with_mark

    page = blank_page(300, 200)
    for number, pen in enumerate(SHIPPED):
        for motion in (_a_trace(), _a_tap()):
            page = with_mark(page, Stroke(motion, pen, pen.size_px, (0, 0, 40 * (number % 3)), 20.0, 45.0))
    return page


def _change_a_page() -> None:
    """Rub out on it, push its lines, and find some of them."""
    import numpy as np

    from jotsk.core.ink import pen_by_id
    from jotsk.core.marks import AreaCut, Cut, Stroke
    from jotsk.core.mend.brush import PUSH_WAYS, pushed_along
    from jotsk.core.mend.connected import connected
    from jotsk.core.mend.snip import ink_layer, strokes_of
    from jotsk.core.page.edits.mark_edits import rubbed_out
    from jotsk.core.page.edits.selection import strokes_inside

    page = rubbed_out(_a_page(), Cut(Stroke(_a_trace(), pen_by_id("eraser"), 6.0, (0, 0, 0), 0.0, 0.0).ribbon))
    page = rubbed_out(page, AreaCut(np.array([(5.0, 5.0), (60.0, 9.0), (30.0, 70.0)])))
    for how in PUSH_WAYS:
        pushed_along(page, np.array([(20.0, 50.0), (40.0, 60.0)]), 30.0, how=how)
    connected(ink_layer(page), strokes_of(ink_layer(page))[:2], 5.0)
    strokes_inside(ink_layer(page), np.array([(0.0, 0.0), (300.0, 0.0), (0.0, 200.0)]))


def _flatten_layers() -> None:
    """Of several layers, blended and clipped, and with effects."""
    from jotsk.core.ink import pen_by_id
    from jotsk.core.marks import Stroke
    from jotsk.core.marks.record import new_uid
    from jotsk.core.page.edits.layer_edits import merged_visible, traced_under
    from jotsk.core.page.edits.mark_edits import with_mark
    from jotsk.core.page.layers.effects import KINDS, Effect

    stroke = Stroke(_a_trace(), pen_by_id("plain-round"), 4.0, (9, 9, 9), 0.0, 0.0)
    page = traced_under(_a_page(), 1)
    for _ in range(2):
        page = with_mark(page, replace(stroke, uid=new_uid()))
    page = page.with_layer(replace(page.layers[-1], blend="multiply", clips=True))
    page = with_mark(page, replace(stroke, uid=new_uid(), atop=True))
    with_mark(page, replace(stroke, uid=new_uid(), color=(200, 9, 9), atop=True))
    for kind in KINDS:
        _ = replace(page.layers[-1], effects=(Effect.of(kind),)).seen
    merged_visible(page)
    _flatten_for_the_board(page)


def _mend() -> None:
    import numpy as np

    from jotsk.core.geometry import Rect
    from jotsk.core.geometry.placement import Mesh
    from jotsk.core.mend.samples import SAMPLES, sample

    for name in SAMPLES:
        sample(name)
    Mesh.over(Rect(0, 0, 300, 200), 1, 1)(np.array([(20.0, 50.0), (40.0, 60.0)]))


def _fill() -> None:
    from jotsk.core.errors import Refused
    from jotsk.core.fill import by_hand
    from jotsk.core.fill.filling import KINDS, Filling, Inks, filled_at, filled_outline, filled_runs
    from jotsk.core.fill.samples import NAMES, sample
    from jotsk.core.ink import SHIPPED

    for name in NAMES:
        sample(name)
    page, ring, inks = _a_page(), [(10.0, 10.0), (80.0, 12.0), (50.0, 70.0)], Inks((0, 0, 0), (9, 9, 9), SHIPPED[0])
    for kind in set(KINDS) - {"pattern"}:
        filled_outline(page, ring, Filling(kind=kind), inks)
    held = by_hand.inside_of("corners", ring, page.bounds)
    by_hand.copied(by_hand.cleared(page, held), by_hand.resized(held, 2.0, page.bounds))
    filled_runs(page, held, Filling(), inks, soften_px=3.0)
    by_hand.of_color(page, (5.0, 195.0), 10.0)
    with suppress(Refused):  # it leaks
        filled_at(page, (5.0, 195.0), Filling(), inks)


def _write_and_read() -> None:
    """A picture, and the numbers of an outline."""
    import numpy as np

    from jotsk.core.files.export.numbers_kernel import closed_path, numbers_text
    from jotsk.core.files.pictures import decode_own_png, decode_picture, encode_png
    from jotsk.core.files.premultiply_kernel import premultiplied
    from jotsk.core.ink import TILE, pen_by_id
    from jotsk.core.marks import Stroke
    from jotsk.core.marks.outlines import outline_of
    from jotsk.core.page import Tiles, blank_page, flattened

    buffer = io.BytesIO()
    encode_png(buffer, flattened(blank_page(300, 200)))
    buffer.seek(0)
    decode_picture(buffer, "warm.png")
    decode_own_png(buffer.getvalue(), "warm.png")
    premultiplied(np.zeros((2, 2, 4), np.uint8))
    numbers_text(np.zeros(2, np.int64), 0)
    closed_path(np.zeros((2, 2), np.float32), 100.0)
    Tiles().with_tiles({(k, 0): np.full((TILE, TILE), 0xFF102030, np.uint32) for k in range(2)})
    outline_of(Stroke(_a_trace(), pen_by_id("plain-round"), 4.0, (9, 9, 9), 0.0, 0.0))


def _check() -> None:
    """Look for all that can be wrong with two lines side by side, one of them with an open end."""
    import numpy as np

    from jotsk.core.check.checks import checked
    from jotsk.core.hand import Trace
    from jotsk.core.ink import pen_by_id
    from jotsk.core.marks import Stroke
    from jotsk.core.page import blank_page
    from jotsk.core.page.edits.mark_edits import with_mark

    trace, page = _a_trace(), blank_page(300, 200)
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


def _follow_guides() -> None:
    """On rails of every kind, live and afterwards."""
    from jotsk.core.guides import Curve, Ellipse, Hold, LiveHold, held_line
    from jotsk.core.hand import Sample

    trace = _a_trace()
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
    """Compile what is not compiled yet, in two processes if there are two cores."""
    folder.mkdir(parents=True, exist_ok=True)
    done = stamp(folder)
    if not done.exists():
        for compiled in CORE.rglob("__pycache__/*.nb[ic]"):
            compiled.unlink()  # a kernel holds those it calls, which numba does not look at
        if (os.cpu_count() or 1) > 1:
            _share_with_another(folder)
        warm_up()  # what the other did is read, and what it missed is made
        for old in folder.glob("kernels-*"):
            old.unlink()
        done.touch()


def _share_with_another(folder: Path) -> None:
    import subprocess  # here, as all below: a start does without
    import tempfile

    with tempfile.TemporaryDirectory() as turns:
        command = [sys.executable, "-m", "jotsk.core.runtime.warm", str(folder), str(os.getpid()), turns]
        with subprocess.Popen(command):
            _take_turns(Path(turns), list(enumerate(_parts())))


def _take_turns(turns: Path, parts: Iterable[tuple[int, Callable[[], object]]]) -> None:
    """Do the parts that the other process has not begun: there is a file for each that was."""
    _save_in_turn(turns / "saving")
    for number, part in parts:
        if _is_first(turns / f"{number}"):
            part()


def _is_first(file: Path) -> bool:
    try:
        file.touch(exist_ok=False)
    except FileExistsError:
        return False
    return True


def _save_in_turn(lock: Path) -> None:
    """numba reads the list of what is kept of a kernel, adds to it and writes it: the other process must not do so
    meanwhile."""
    import fcntl

    from numba.core.caching import IndexDataCacheFile

    save = IndexDataCacheFile.save

    def saved(file: Any, key: Any, data: Any) -> None:
        with lock.open("w") as held:
            fcntl.flock(held, fcntl.LOCK_EX)
            save(file, key, data)

    IndexDataCacheFile.save = saved


if __name__ == "__main__":
    end_with_parent(int(sys.argv[2]) if len(sys.argv) > 2 else None)
    if len(sys.argv) > 3:
        _take_turns(Path(sys.argv[3]), reversed(list(enumerate(_parts()))))
    else:
        main(Path(sys.argv[1]))
