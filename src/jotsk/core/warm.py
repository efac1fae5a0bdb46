"""Compiling the kernels ahead, so that the first stroke does not wait for it.

numba compiles a kernel when it is first called, and keeps the result on disk. `warm_up` calls each kernel with the
types the application uses; a stamp remembers for which code and which processor that was done. Run as
`python -m jotsk.core.warm FOLDER`, FOLDER being where the stamp is kept.
"""

from __future__ import annotations

import hashlib
import io
import sys
from dataclasses import replace
from pathlib import Path


def stamp(folder: Path) -> Path:
    """The file that exists once the kernels of this code are compiled for this machine."""
    import llvmlite.binding
    import numba

    core = Path(__file__).parent
    digest = hashlib.sha256(f"{sys.version} {numba.__version__} {llvmlite.binding.get_host_cpu_name()}".encode())
    for path in sorted(core.rglob("*kernel*.py")):
        digest.update(path.read_bytes())
        digest.update(str(path.stat().st_mtime_ns).encode())
    return folder / f"kernels-{digest.hexdigest()[:16]}"


def warm_up() -> None:
    """Draw, rub out, flatten, save and open a small page."""
    import numpy as np

    from jotsk.core.files.pictures import decode_picture, encode_png
    from jotsk.core.hand import Sample, trace_from
    from jotsk.core.ink import Cut, Stroke, WetInk, pen_by_id
    from jotsk.core.ink.blend_kernel import INKS, INKS_ATOP, RUBS
    from jotsk.core.ink.figures import figures_of
    from jotsk.core.page import WetLayer, blank_page, composite_into, flattened
    from jotsk.core.page.edits import rubbed_out, with_stroke
    from jotsk.core.page.stacking import merged_visible, traced_under

    t = np.linspace(0.0, 0.5, 100)
    trace = trace_from(t, 20 + 200 * t, 30 + 20 * np.sin(9 * t), 0.5 + 0.4 * np.sin(5 * t))
    page = blank_page(300, 200)
    for pen_id in ("quill-nib", "pencil", "dry-brush", "marker"):
        pen = pen_by_id(pen_id)
        stroke = Stroke(trace, pen, pen.size_px, (0, 0, 0), 20.0, 45.0)
        page = with_stroke(page, stroke)
        figures_of(stroke)
        ink = WetInk(pen, pen.size_px, 20.0)
        for row in trace.samples[:20].tolist():
            ink.push(Sample(*row))
        for does in (INKS, RUBS, INKS_ATOP):
            out = np.zeros((100, 150), np.uint32)
            composite_into(
                out,
                (0, 0),
                page,
                page.bounds.halved(1),
                level=1,
                wet=WetLayer(1, ink.alpha, np.uint32(0), does),
            )
    page = rubbed_out(page, Cut(Stroke(trace, pen_by_id("eraser"), 6.0, (0, 0, 0), 0.0, 0.0).ribbon))
    page = with_stroke(traced_under(page, 1), Stroke(trace, pen_by_id("plain-round"), 4.0, (9, 9, 9), 0.0, 0.0))
    page = page.with_layer(replace(page.layers[-1], blend="multiply", clips=True))
    page = with_stroke(page, Stroke(trace, pen_by_id("plain-round"), 4.0, (9, 9, 9), 0.0, 0.0, atop=True))
    merged_visible(page)
    buffer = io.BytesIO()
    encode_png(buffer, flattened(page))
    buffer.seek(0)
    decode_picture(buffer, "warm.png")


def main(folder: Path) -> None:
    folder.mkdir(parents=True, exist_ok=True)
    done = stamp(folder)
    if not done.exists():
        warm_up()
        for old in folder.glob("kernels-*"):
            old.unlink()
        done.touch()


if __name__ == "__main__":
    main(Path(sys.argv[1]))
