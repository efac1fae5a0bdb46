"""A page drawn again, read back with Pillow."""

from __future__ import annotations

from itertools import pairwise

import numpy as np
import pytest
from PIL import Image, ImageSequence

from jotsk.core.errors import CannotWrite, Refused
from jotsk.core.files.drawn_again import Pace, write_drawn_again
from jotsk.core.hand import trace_from
from jotsk.core.ink import pen_by_id
from jotsk.core.marks import Stroke
from jotsk.core.page import blank_page, flattened, rgba
from jotsk.core.page.edits.mark_edits import with_inserted


@pytest.fixture
def page():
    """Four lines, drawn in a second each."""
    t = np.linspace(0, 1, 60)
    pen = pen_by_id("plain-round")
    lines = [
        Stroke(trace_from(t, 40 + 420 * t, np.full(60, 60.0 + 80 * k), 1.0), pen, 20, (0, 0, 0), 0, 0) for k in range(4)
    ]
    return with_inserted(blank_page(500, 400), 1, None, lines)


def frames_of(file) -> list[np.ndarray]:
    with Image.open(file) as picture:
        return [np.array(frame.convert("RGB")) for frame in ImageSequence.Iterator(picture)]


@pytest.mark.parametrize("ending", [".webp", ".png"])
def test_lines_appear_one_after_another(tmp_path, page, ending):
    file = tmp_path / f"again{ending}"
    assert write_drawn_again(file, page, Pace(seconds=2.0, fps=10)) == 20
    with Image.open(file) as picture:
        assert picture.n_frames >= 16 and picture.size == (500, 400)  # equal frames may be one
    ink = [(frame < 128).all(axis=2) for frame in frames_of(file)]
    dark = [each.sum() for each in ink]
    assert all(a <= b * 1.02 for a, b in pairwise(dark)) and dark[0] < 0.1 * dark[-1]
    half = ink[len(ink) // 2]
    assert half[60, 100] and half[60, 440] and not half[300, 440]
    final = (rgba(flattened(page))[..., :3] < 128).all(axis=2)
    assert (ink[-1] != final).mean() < 0.003


def test_frames_in_a_folder_and_at_the_hands_pace(tmp_path, page):
    folder = tmp_path / "frames"
    count = write_drawn_again(folder, page, Pace(longest_px=100, fps=8, speed=2.0))
    names = sorted(file.name for file in folder.iterdir())
    assert names == [f"{k + 1:05d}.png" for k in range(count)]
    assert count == round((4 * 1.0 + 3 * 0.12) / 2.0 * 8)
    with Image.open(folder / names[-1]) as last:
        assert last.size == (100, 80)
    with pytest.raises(CannotWrite, match="there already"):
        write_drawn_again(folder, page, Pace())


def test_what_cannot_be_is_refused_and_leaves_nothing(tmp_path, page):
    with pytest.raises(Refused, match="no line"):
        write_drawn_again(tmp_path / "a.webp", blank_page(100, 100), Pace())
    with pytest.raises(Refused, match="too many"):
        write_drawn_again(tmp_path / "a.webp", page, Pace(seconds=3600, fps=60))
    with pytest.raises(Refused, match="ends in none"):
        write_drawn_again(tmp_path / "a.gif", page, Pace())

    def stop(share: float) -> None:
        if share > 0.5:
            raise InterruptedError

    for name in ("a.webp", "folder"):
        with pytest.raises((InterruptedError, CannotWrite)):
            write_drawn_again(tmp_path / name, page, Pace(seconds=2), progress=stop)
    assert not list(tmp_path.iterdir())


class Stopped(Exception):
    pass


@pytest.mark.parametrize("ending", [".webp", ".png"])
@pytest.mark.parametrize("at", [0.3, 0.75, 0.95])
def test_it_is_stopped_while_it_is_drawn_and_while_it_is_encoded(tmp_path, page, ending, at):
    told = []

    def progress(share):
        told.append(share)
        if share >= at:
            raise Stopped

    with pytest.raises(Stopped):
        write_drawn_again(tmp_path / f"again{ending}", page, Pace(seconds=2.0, fps=10), progress=progress)
    assert told == sorted(told) and told[-1] < at + 0.1, "soon"
    assert not list(tmp_path.iterdir())
