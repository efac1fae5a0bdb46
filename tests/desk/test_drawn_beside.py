"""Pictures of pens and tools: never worked out on the interface's thread, and there a moment later."""

from __future__ import annotations

import threading

import numpy as np

from jotsk.desk.widgets.drawn_beside import DRAWN, DrawnBeside


def test_a_picture_is_drawn_once_on_another_thread(qtbot):
    drawn, asked, goes_on = DrawnBeside(), [], threading.Event()

    def draw(size):
        goes_on.wait(20)
        asked.append(threading.current_thread())
        return np.full((size, size), 7, np.uint8)

    with qtbot.waitSignal(drawn.came):
        assert drawn.get(draw, 3) is None
        assert drawn.get(draw, 3) is None
        goes_on.set()
    assert drawn.get(draw, 3).shape == (3, 3)
    assert len(asked) == 1 and asked[0] is not threading.main_thread()


def test_while_the_kernels_are_compiled_nothing_is_drawn(qtbot):
    drawn = DrawnBeside()
    drawn.hold()
    with qtbot.assertNotEmitted(drawn.came, wait=200):
        drawn.get(np.zeros, 2)
    with qtbot.waitSignal(drawn.came):
        drawn.release()
    assert drawn.get(np.zeros, 2) is not None


def test_the_pens_show_their_strokes_a_moment_after_the_window(qtbot, window):
    row = window.pens.rows[0]
    qtbot.waitUntil(lambda: DRAWN.get(*_asked_by(row)) is not None)
    image = row.grab().toImage()
    dark = [image.pixelColor(x, y).lightness() for x in range(20, 90) for y in range(4, 20)]
    assert min(dark) < 90 < max(dark)


def _asked_by(row):
    from jotsk.desk.trays.pens import _ink_of

    return _ink_of, row.pen
