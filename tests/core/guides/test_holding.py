"""Strokes of a shaking hand on every kind of guide, measured with shapely."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
import pytest
import shapely

from jotsk.core.files.records import opened_marks, packed_marks
from jotsk.core.guides import LiveHold, guide_from
from jotsk.core.hand import Sample
from jotsk.core.ink import pen_by_id
from jotsk.core.marks import Stroke
from jotsk.core.marks.guided import guided
from jotsk.core.marks.record import PenTable
from tests.conftest import circle_path, line_path, shaky, stroke_along

WITHIN_PX = 0.05


def ellipse(at, radii, angle):
    """Of 20,000 sides: shapely's own circle, stretched and turned by shapely."""
    circle = shapely.Point(0, 0).buffer(1.0, quad_segs=5000)
    stretched = shapely.affinity.scale(circle, *radii, origin=(0, 0))
    turned = shapely.affinity.rotate(stretched, -angle, origin=(0, 0))  # y grows downward
    return shapely.affinity.translate(turned, *at).exterior


def line_through(at, angle, half=5000):
    c, s = np.cos(np.radians(angle)), -np.sin(np.radians(angle))
    return shapely.LineString([(at[0] - half * c, at[1] - half * s), (at[0] + half * c, at[1] + half * s)])


ROUND = circle_path(150.0, (300.0, 300.0))
ALONG = line_path((80, 120), (620, 330))
CASES = {
    "straightedge": ({"at": [100, 130], "angle": -20}, ALONG, lambda s: line_through((100, 130), -20)),
    "parallel": ({"angle": -25}, ALONG, lambda s: line_through(s, -25)),
    "cross": ({"angle": 70, "between": 90}, ALONG, lambda s: line_through(s, -20)),
    "spokes": ({"at": [1_000_000, 400_000]}, ALONG, lambda s: shapely.LineString([s, (1e6, 4e5)])),
    "rings": (
        {"at": [300, 300], "ratio": 1.0, "angle": 0},
        ROUND,
        lambda s: ellipse((300, 300), [np.hypot(s[0] - 300, s[1] - 300)] * 2, 0),
    ),
    "ellipse": (
        {"at": [300, 300], "radii": [160, 140], "angle": 30},
        ROUND,
        lambda s: ellipse((300, 300), (160, 140), 30),
    ),
    "perspective": (
        {"points": [[-4000, 100], [2500, 1000]], "vertical": True},
        ALONG,
        lambda s: shapely.LineString([s, (2500, 1000)]),
    ),
}


@pytest.mark.parametrize("kind", CASES)
def test_a_held_line_lies_on_its_guide(kind):
    values, path, expected = CASES[kind]
    for after in (0.0, 60.0):
        stroke = replace(Stroke(shaky(path, 1.4, seed=5), pen_by_id("quill-nib"), 12.0, (0, 0, 0), 30.0, after))
        held = guided(stroke, [guide_from({"kind": kind, **values, "alone": True})])
        start = tuple(stroke.trace.xy[0])
        line = shapely.LineString(held.ribbon.points[:, :2].astype(float))
        guide = expected(start)
        assert (
            max(guide.distance(shapely.Point(p)) for p in shapely.get_coordinates(shapely.segmentize(line, 0.7)))
            <= WITHIN_PX
        )
        assert line.length > 0.9 * np.hypot(*np.diff(path, axis=0).T).sum()
        assert held.ribbon.points[:, 2].max() == pytest.approx(stroke.ribbon.points[:, 2].max(), abs=0.1)


@pytest.mark.parametrize("closed", [False, True])
def test_a_french_curve_holds_from_end_to_end(closed):
    points = [[100, 100], [260, 240], [420, 120], [480, 360], [200, 420]]
    guide = guide_from({"kind": "french-curve", "points": points, "closed": closed, "alone": True})
    path = np.array(points + points[: 1 if closed else 0], float)
    held = guided(Stroke(shaky(path, 2.0, seed=2), pen_by_id("plain-round"), 8.0, (0, 0, 0), 20.0, 30.0), [guide])
    dense, _ = held.hold.rail.dense
    curve = shapely.LineString(dense)
    line = shapely.LineString(held.ribbon.points[:, :2].astype(float))
    assert max(curve.distance(shapely.Point(p)) for p in shapely.get_coordinates(line)) <= WITHIN_PX
    if closed:
        assert line.length == pytest.approx(curve.length, rel=0.002)
        assert tuple(line.coords[0]) == pytest.approx(line.coords[-1], abs=0.01), "it closes without a seam"


def test_a_circle_gone_round_closes_exactly():
    guide = guide_from({"kind": "rings", "at": [300, 300]})
    held = guided(Stroke(shaky(ROUND, 2.0, seed=7), pen_by_id("plain-round"), 8.0, (0, 0, 0), 30.0, 60.0), [guide])
    assert held.ribbon.points[0, :2] == pytest.approx(held.ribbon.points[-1, :2], abs=1e-3)
    tapered = replace(held, pen=pen_by_id("quill-nib")).ribbon.points[:, 2]
    assert tapered[0] == pytest.approx(tapered[3], rel=0.05), "what has no ends does not taper to a notch"


def test_the_motion_along_the_guide_is_the_hands():
    """Worked by hand: on a level rule a place keeps its x, whatever its y."""
    stroke = stroke_along([(10, 40), (50, 52), (90, 45), (130, 49)])
    held = guided(stroke, [guide_from({"kind": "straightedge", "at": [0, 100], "angle": 0, "alone": True})])
    assert held.line.xy == pytest.approx(np.array([(10, 100), (50, 100), (90, 100), (130, 100)]))


def test_a_corner_of_a_curve_is_turned_on_the_spot():
    guide = guide_from({"kind": "french-curve", "points": [[50, 50], [250, 50], [250, 250]], "smooth": False})
    held = guided(stroke_along([(50, 57), (243, 57), (243, 250)]), [guide])
    assert np.hypot(*(held.line.xy - (250, 50)).T).min() < 1e-6


def test_live_and_afterwards_are_the_same_line():
    guide = guide_from({"kind": "ellipse", "at": [300, 300], "radii": [160, 140], "angle": 30})
    trace = shaky(ROUND, 1.4, seed=5)
    held = guided(Stroke(trace, pen_by_id("plain-round"), 8.0, (0, 0, 0), 0.0, 0.0), [guide])
    live = LiveHold(held.hold.rail)
    shown = [s for row in trace.samples.tolist() for s in live.push(Sample(*row))]
    curve = shapely.LineString(held.line.xy)
    assert max(curve.distance(shapely.Point(s.x, s.y)) for s in shown) < 0.02


@pytest.mark.parametrize("kind", [*CASES, "french-curve"])
def test_a_stroke_of_one_sample_is_a_dot_on_the_guide(kind):
    values = CASES[kind][0] if kind in CASES else {"points": [[0, 0], [50, 20]]}
    dot = stroke_along([(120.0, 140.0)])
    held = guided(dot, [guide_from({"kind": kind, **values, "alone": True})])
    assert len(held.ribbon) == 1 and np.isfinite(held.ribbon.points).all()


def test_a_vanishing_point_under_the_pen_lets_the_hand_choose():
    held = guided(
        stroke_along([(100, 100), (140, 131), (220, 190)]), [guide_from({"kind": "spokes", "at": [100, 100]})]
    )
    a, b = held.line.xy[0], held.line.xy[-1]
    assert a == pytest.approx((100, 100)) and np.hypot(*(b - (220, 190))) < 3


def test_hold_and_copies_come_back_from_a_file_and_from_steadying():
    guides = [
        guide_from({"kind": "rings", "at": [300, 300]}),
        guide_from({"kind": "quarter", "at": [310, 290], "angle": 12}),
    ]
    stroke = guided(Stroke(shaky(ROUND, 1.4, seed=5), pen_by_id("quill-nib"), 12.0, (0, 0, 0), 30.0, 60.0), guides)
    pens = PenTable()
    back = opened_marks(packed_marks([stroke], pens), [stroke.pen])[0]
    assert np.array_equal(back.ribbon.points, stroke.ribbon.points) and back.ribbon.turns == 4
    assert back.resteadied(0.0).hold == stroke.hold and len(back.resteadied(0.0).copies) == 3
