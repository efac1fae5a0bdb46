"""Smooth lines put into a buffer."""

from __future__ import annotations

import itertools

import numpy as np

from jotsk.core.ink.coverage_kernel import paint_ribbon
from jotsk.core.ink.painting import WHOLE, paint_shells


def test_a_kernel_is_compiled_once_whether_or_not_a_line_may_be_written():
    """Else it is compiled while somebody draws: two seconds."""
    pictures, known = [], set()
    for is_kept in itertools.product((False, True), repeat=2):
        points, ink = np.array([(50.0, 60.0, 9.0)], np.float32), np.full(1, 255, np.uint8)
        points.setflags(write=not is_kept[0])
        ink.setflags(write=not is_kept[1])
        buffer = np.zeros((128, 128), np.uint8)
        paint_shells(WHOLE, buffer, (0, 0), points, ink, 0, 1)
        pictures.append(buffer)
        known.add(len(paint_ribbon.signatures))
    assert len(known) == 1 and all(np.array_equal(each, pictures[0]) for each in pictures) and pictures[0].any()
