"""Checks of A4 at 600 dpi with 5,000 strokes, and SVG of 1,000 on 1 Mpx; beside them Shapely's search for near lines,
SVG as resvg and CairoSVG draw it, and scikit-image's contours of the finished picture."""

from __future__ import annotations

import io
import time

import cairosvg
import numpy as np
import resvg_py
from PIL import Image
from shapely import LineString, STRtree
from skimage.measure import find_contours

from bench.inked_page import A4_600, inked_page
from jotsk.core.check.checks import checked, checked_again
from jotsk.core.check.leaks import leaks
from jotsk.core.check.lines import strays, tangents, wobbles
from jotsk.core.check.weights import weights
from jotsk.core.files.export import FORMATS, Export
from jotsk.core.page import flattened, rgba

STROKES, NEAR_PX = 5_000, 3.0
FINER = 4  # times, that other renderers draw SVG: their own edges are in steps
CHECKS = {"leaks": leaks, "tangents": tangents, "weak outlines": weights, "wobble": wobbles, "stray marks": strays}


def main() -> None:
    page = inked_page(A4_600, 1, STROKES)

    def measure(name, work, times=1):
        taken, found = [], None
        for _ in range(times):
            start = time.perf_counter()
            found = work()
            taken.append(time.perf_counter() - start)
        more = f", {len(found)} found" if isinstance(found, list) else ""
        print(f"{name:34} median {np.median(taken) * 1e3:8.1f} ms{more}", flush=True)

    measure("strokes worked out", lambda: [m.own_ribbon for m in page.layers[0].marks] and None)
    for name, check in CHECKS.items():
        measure(name, lambda check=check: list(check(page)))
    measure("all checks", lambda: checked(page))
    found, changed = checked(page), iter(page.layers[0].marks)
    measure("one line changed, checked again", lambda: checked_again(page, found, next(changed).bounds) and None, 50)
    lines = [LineString(m.ribbon.points[:, :2].astype(float)) for m in page.layers[0].marks if len(m.ribbon) > 1]
    tree = STRtree(lines)
    measure("Shapely, pairs of near lines", lambda: tree.query(lines, "dwithin", NEAR_PX))

    small = inked_page((1000, 1000), 1, 1_000)
    export = Export(FORMATS["svg"])
    measure(
        "SVG of 1,000 strokes on 1 Mpx", lambda: export.format.write(io.BytesIO(), small, export, lambda _: None), 5
    )
    file = io.BytesIO()
    export.format.write(file, small, export, lambda _: None)
    text, own, finer = file.getvalue().decode(), rgba(flattened(small))[..., :3].astype(float), FINER * small.dpi
    for name, data in (
        ("resvg", bytes(resvg_py.svg_to_bytes(svg_string=text, dpi=finer))),
        ("CairoSVG", cairosvg.svg2png(bytestring=file.getvalue(), dpi=finer)),
    ):
        drawn = np.array(Image.open(io.BytesIO(data)).convert("RGB")).astype(float)
        drawn = drawn.reshape(1000, FINER, 1000, FINER, 3).mean(axis=(1, 3))
        print(f"{f'{name} off our own px':34} RMS {np.sqrt(((drawn - own) ** 2).mean()):11.2f} of 255")
    grey = flattened(small).view(np.uint8).reshape(1000, 1000, 4)[..., 0].astype(float)
    measure("scikit-image, contours of it", lambda: find_contours(grey, 127.5), 5)


if __name__ == "__main__":
    main()
