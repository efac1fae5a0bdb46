"""Guides as they are drawn and dragged."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
import pytest
import shapely

from jotsk.core import words
from jotsk.core.geometry import Rect
from jotsk.core.guides import Curve, Ellipse, Hold, Line, guide_from
from jotsk.core.guides.drawing import lines_of
from jotsk.core.guides.regular import as_guide, from_guide
from tests.core.guides.test_guide import ISSUED

AREA = Rect(0, 0, 500, 400)


@pytest.mark.parametrize("record", ISSUED, ids=lambda r: r["kind"])
def test_a_handle_goes_where_it_is_dragged_and_stays_there(record):
    guide = guide_from(record)
    for name, place in guide.handles(100.0).items():
        to = (place[0] + 17.0, place[1] - 23.0)
        moved = guide.dragged(name, to, 100.0)
        assert moved != guide
        if name == "at" or name.startswith("point"):
            assert moved.handles(100.0)[name] == to
        again = moved.dragged(name, moved.handles(100.0)[name], 100.0)
        for a, b in zip(again.handles(100.0).values(), moved.handles(100.0).values(), strict=True):
            assert a == pytest.approx(b, abs=1e-6)


@pytest.mark.parametrize("record", ISSUED, ids=lambda r: r["kind"])
def test_handles_are_dragged_in_another_language_too(record, monkeypatch):
    monkeypatch.setattr(words, "_find", lambda text, comment, n: f"» {text} «")
    guide = guide_from(record)
    for name, place in guide.handles(100.0).items():
        assert guide.dragged(name, (place[0] + 17.0, place[1] - 23.0), 100.0) != guide
    if record["kind"] == "perspective":
        three = replace(guide, points=((0.0, 40.0), (900.0, 40.0), (50.0, 800.0)))
        assert three.with_point((55.0, 790.0)).points[2] == (55.0, 790.0)


@pytest.mark.parametrize("record", ISSUED, ids=lambda r: r["kind"])
def test_a_guide_is_drawn_inside_the_view(record):
    guide = guide_from({**record, **({"at": [200, 150]} if "at" in record else {})})
    lines = lines_of(guide, AREA)
    assert lines and all(np.isfinite(line).all() and line.shape[1] == 2 for line in lines)
    if record["kind"] not in ("rings", "ellipse", "french-curve"):
        box = shapely.box(-0.01, -0.01, 500.01, 400.01)
        assert all(box.covers(shapely.LineString(line)) for line in lines)


def test_a_line_that_passes_outside_is_not_drawn():
    assert lines_of(guide_from({"kind": "straightedge", "at": [-50, -50], "angle": 45}), AREA) == []
    far = lines_of(guide_from({"kind": "perspective", "points": [[1e8, 100]], "vertical": False}), AREA)
    assert far and all(np.ptp(line[:, 0]) > 450 for line in far), "rays from far away cross the whole view"


@pytest.mark.parametrize(
    "hold",
    [
        Hold(Line((10.0, 20.0), (0.6, 0.8)), (0.0, 50.0)),
        Hold(Ellipse((50.0, 60.0), (30.0, 20.0), 10.0), (0.5, 0.5 + 2 * np.pi)),
        Hold(Curve(((0.0, 0.0), (90.0, 5.0), (80.0, 70.0)), True, False), (0.0, 200.0)),
    ],
    ids=["line", "ellipse", "curve"],
)
def test_a_shape_whose_handles_stay_is_the_same_shape(hold):
    again = from_guide(as_guide(hold), hold)
    assert again.span == pytest.approx(hold.span)
    u = np.linspace(*hold.span, 20)
    assert again.rail.places(u) == pytest.approx(hold.rail.places(u))
    guide = as_guide(hold)
    name = next(n for n in guide.handles(10.0) if n != "at")
    moved = from_guide(guide.dragged(name, (200.0, 150.0), 10.0), hold)
    assert not np.allclose(moved.rail.places(np.linspace(*moved.span, 20)), hold.rail.places(u))
