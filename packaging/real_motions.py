"""One picture of the line on motions nobody here made: as the hand moved on the left, as shipped on the right."""

from __future__ import annotations

import sys
from pathlib import Path

import numpy as np
from PIL import Image, ImageDraw, ImageFont

from bench.hands import hatch, scallops
from bench.real_hands import Motion, glyphs, recording, reported, written
from jotsk.core.hand import Trace, TremorMeter
from jotsk.core.ink import pen_by_id
from jotsk.core.marks import Stroke
from jotsk.core.page import Page, blank_page, edits, flattened, rgba

WIDTH, HEIGHT = 1280, 800
COLUMN, HEAD = WIDTH // 2, 40
TREMOR_PX = 0.8


def at(trace: Trace, x: float, y: float) -> Trace:
    samples = trace.samples.copy()
    samples[:, 1:3] += (x, y) - samples[:, 1:3].min(axis=0)
    return Trace(samples)


def swelling(motion: Motion, seed: int) -> Trace:
    share = np.linspace(0, 1, len(motion[0]))
    return reported(motion, tremor_px=TREMOR_PX, seed=seed, pressure=0.25 + 0.6 * np.sin(np.pi * share) ** 2)


def traces() -> list[tuple[Trace, str, float]]:
    """Each with its pen and size: letters, scallops, hatching, fur, quick motions, a slow contour."""
    found: list[tuple[Trace, str, float]] = []
    for k, glyph in enumerate(glyphs("scripts")[:11]):
        found.append((at(swelling(written(glyph * 40, 0.4), k), 40 + 52 * k, 70), "quill-nib", 6.0))
    found.append((at(scallops(15.0, 2.5, 8)[0], 40, 180), "plain-round", 3.5))
    found.append((at(scallops(9.0, 4.0, 14)[0], 320, 186), "plain-round", 3.0))
    for k in range(16):
        found.append((at(hatch(70.0, 0.14), 40 + 13 * k, 225), "quill-nib", 7.0))
    for k in range(20):
        found.append((at(hatch(26.0 + 8 * (k % 3), 0.11), 300 + 13 * k, 240 + 6 * (k % 2)), "quill-nib", 7.0))
    for k, number in enumerate((64, 576, 650, 752, 1580, 1816)):
        motion = recording(number, 150.0)
        if motion is not None:
            found.append((at(swelling(motion, k), 40 + 190 * (k % 3), 315 + 135 * (k // 3)), "mapping-nib", 6.0))
    share = np.linspace(0, 1, 6500)
    slow = np.column_stack([520 * share, 70 * np.sin(5.2 * share) * (1 - 0.4 * share)])
    found.append((at(swelling((share * 6.5, slow), 9), 50, 610), "quill-nib", 9.0))
    return found


def inked(*, is_steadied: bool) -> Page:
    page, meter = blank_page(COLUMN, HEIGHT - HEAD, 96.0), TremorMeter()
    for trace, pen_id, size in traces():
        pen = pen_by_id(pen_id)
        now, after = (20.0, 45.0) if is_steadied else (0.0, 0.0)
        stroke = Stroke(trace, pen, size, (20, 24, 27), now, after, tremor_px=meter.judged(trace))
        page = edits.with_mark(page, stroke)
    return page


def draw(path: Path) -> None:
    """Write the picture."""
    picture = Image.new("RGB", (WIDTH, HEIGHT), "#FBF9F4")
    fonts = Path(__file__).parent.parent / "src" / "jotsk" / "desk" / "fonts"
    font = ImageFont.truetype(str(next(fonts.glob("*Regular*.ttf"))), 17)
    pen = ImageDraw.Draw(picture)
    for column, words in enumerate(("as the hand moved", "as shipped: steady now 20, after 45")):
        page = inked(is_steadied=column == 1)
        picture.paste(Image.fromarray(rgba(flattened(page))[..., :3]), (COLUMN * column, HEAD))
        pen.text((COLUMN * column + 40, 10), words, fill="#55636B", font=font)
    pen.line([(COLUMN, 0), (COLUMN, HEIGHT)], fill="#CDC6B8")
    picture.save(path)


if __name__ == "__main__":
    draw(Path(sys.argv[1]))
