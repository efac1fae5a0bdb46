"""Filling from a file of steps."""

from __future__ import annotations

import json

import pytest

from jotsk.cli import main
from jotsk.core.files.openraster import read_page
from jotsk.core.files.openraster_writing import write_page
from jotsk.core.fill.steps import STEPS, run
from jotsk.core.ink import pen_by_id
from jotsk.core.mend.steps import WrongStep
from jotsk.core.page import flattened, render
from tests.core.fill.test_areas import page_with, ring

KINDS = ("flat", "tone", "gradient", "black", "hatch", "contour", "stipple")
OUTLINE = [[320, 40], [580, 60], [560, 360], [330, 340]]
EXAMPLES = [
    {"do": "pour", "at": [150, 200], "color": "#c9a26b", "gap": 6, "look": "ink"},
    {"do": "pour", "at": [4, 4], "color": "#dddddd", "even_if_it_leaks": True, "look": "layer", "grow": 0},
    {"do": "flats", "gap": 8, "least": 30},
    {"do": "effect", "kind": "blur", "radius": 9},
    *({"do": "area", "outline": OUTLINE, "color": "#202830", "fill": {"kind": kind, "spacing": 14}} for kind in KINDS),
    {
        "do": "area",
        "outline": OUTLINE,
        "fill": {"kind": "tone", "shape": "lines", "lpi": 45, "density": 0.2, "angle": 20},
    },
    {
        "do": "area",
        "outline": OUTLINE,
        "fill": {"kind": "gradient", "color": "#ff0000", "last": "#0000ff", "round": True},
    },
]


@pytest.mark.parametrize("step", EXAMPLES, ids=lambda s: s["do"] + s.get("fill", {}).get("kind", ""))
def test_every_step_fills_something_and_its_page_is_its_marks(step):
    page = page_with(ring(150, 200, 100))
    after, (count,) = run(page, [step], pen_by_id, table=STEPS)
    assert count >= 1 and after.active_uid == page.active_uid
    assert (flattened(after) != flattened(page)).sum() > 500
    for layer in after.layers:
        assert render(layer.marks, after.bounds) == layer.tiles


def test_the_command_fills_and_a_leak_says_where_and_writes_nothing(tmp_path, capsys):
    write_page(tmp_path / "a.ora", page_with(ring(150, 200, 100)))
    (tmp_path / "steps.json").write_text(json.dumps(EXAMPLES[:3]))
    arguments = ["do", str(tmp_path / "a.ora"), str(tmp_path / "steps.json"), "--out", str(tmp_path / "b.ora")]
    assert main([*arguments, "--json"]) == 0
    assert [step["do"] for step in json.loads(capsys.readouterr().out)] == ["pour", "pour", "flats"]
    assert len(read_page(tmp_path / "b.ora").layers) == 2
    write_page(tmp_path / "open.ora", page_with(ring(150, 200, 100, 20, 350)))
    arguments[1], arguments[-1] = str(tmp_path / "open.ora"), str(tmp_path / "c.ora")
    assert main(arguments) == 1 and not (tmp_path / "c.ora").exists()
    assert "It would run out at (2" in capsys.readouterr().err


@pytest.mark.parametrize("wrong, says", [
    ({"do": "pour"}, "needs 'at'"), ({"do": "pour", "at": [9000, 5]}, "beside the page"), ({"do": "pour", "at": [5, 5], "look": "sky"}, "look is"),
    ({"do": "area", "outline": OUTLINE, "fill": {"kind": "fog"}}, "kind"), ({"do": "area", "outline": [[1, 1]]}, "three corners"),
    ({"do": "area", "outline": OUTLINE, "fill": {"kind": "tone", "lpi": 0}}, "no sense"), ({"do": "flats", "onto": "x"}, "named"), ({"do": "effect", "kind": "fog"}, "kind"),
    ({"do": "area", "outline": OUTLINE, "fill": {"kind": "hatch", "pen": "feather"}}, "feather"),
])  # fmt: skip
def test_a_wrong_step_names_itself(wrong, says):
    with pytest.raises(WrongStep) as told:
        run(page_with(ring(150, 200, 100)), [wrong], pen_by_id, table=STEPS)
    assert says in str(told.value) and "Step 1" in str(told.value)
