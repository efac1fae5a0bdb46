"""Guides as they are written and read."""

from __future__ import annotations

import json

import pytest

from jotsk.core.errors import DamagedFile
from jotsk.core.guides import guide_from, guides_of, read_guides
from jotsk.core.guides.guide_records import written_guides

ISSUED = [
    {"kind": "straightedge", "at": [1, 2], "angle": 3},
    {"kind": "parallel", "angle": 3},
    {"kind": "cross", "angle": 3, "between": 90},
    {"kind": "spokes", "at": [1, 2]},
    {"kind": "rings", "at": [1, 2], "ratio": 0.5, "angle": 3},
    {"kind": "ellipse", "at": [1, 2], "radii": [5, 6], "angle": 3},
    {"kind": "french-curve", "points": [[1, 2], [3, 4]], "closed": False},
    {"kind": "perspective", "points": [[1, 2], [300, 4]], "vertical": True},
    {"kind": "mirror", "at": [1, 2], "angle": 3},
    {"kind": "quarter", "at": [1, 2], "angle": 3},
    {"kind": "rosette", "at": [1, 2], "count": 5, "mirrored": False},
]


def test_every_kind_is_read_and_written_and_read_the_same(tmp_path):
    path = tmp_path / "set.json"
    path.write_text(json.dumps(ISSUED))
    guides = read_guides(path)
    path.write_text(written_guides(guides))
    assert read_guides(path) == guides
    for issued, guide in zip(ISSUED, guides, strict=True):
        record = guide.record()
        assert {k: issued[k] for k in record} == record and guide.on and guide_from(record) == guide


def test_what_is_not_known_is_kept():
    record = {"kind": "spokes", "at": [1, 2], "glow": 7, "name": "lamp", "color": "#B8432B"}
    assert guide_from(record).record() == record
    assert guides_of([{"kind": "tram"}, record])[0] is None


@pytest.mark.parametrize(
    "text, says",
    [
        ("{", "not JSON"),
        ('{"kind": "spokes"}', "not a list"),
        ('[{"kind": "tram"}]', "no guide of the kind"),
        ('[{"at": [1, 2]}]', 'object with a "kind"'),
        ('[{"kind": "spokes"}]', "needs “at”"),
        ('[{"kind": "spokes", "at": [1]}]', "“at”"),
        ('[{"kind": "spokes", "at": [1, NaN]}]', "“at”"),
        ('[{"kind": "rosette", "at": [1, 2], "count": 500}]', "whole number"),
        ('[{"kind": "ellipse", "at": [1, 2], "radii": [0, 4], "angle": 0}]', "“radii”"),
        ('[{"kind": "french-curve", "points": [[1, 1], [1, 1]]}]', "two points"),
        ('[{"kind": "perspective", "points": []}]', "vanishing points"),
        ('[{"kind": "mirror", "at": [1, 2], "angle": "up"}]', "“angle”"),
        ('[{"kind": "spokes", "at": [1, 2], "color": "B8432B"}]', "“color”"),
    ],
)
def test_a_set_that_cannot_be_used_is_refused_with_the_reason(tmp_path, text, says):
    path = tmp_path / "set.json"
    path.write_text(text)
    with pytest.raises(DamagedFile, match=says):
        read_guides(path)
