"""A process that is killed while somebody draws loses at most the stroke under the pen."""

from __future__ import annotations

import json
import subprocess
import sys
from pathlib import Path

from jotsk.desk.keeping import Kept, Shelf

KILLS = 50


def test_killed_at_fifty_random_moments_the_page_is_there_again(tmp_path):
    script = Path(__file__).parent / "drawing_process.py"
    root = script.parents[2]
    out = subprocess.run(
        [sys.executable, str(script), str(tmp_path), str(KILLS)],
        capture_output=True, text=True, timeout=300, check=False, cwd=root, env=_environment(root),
    )  # fmt: skip
    assert out.returncode == 0, out.stderr[-2000:]
    outcomes = [json.loads(line) for line in out.stdout.splitlines()]
    assert len(outcomes) == KILLS
    assert len({o["finished"] for o in outcomes}) > 15, "the moments differ"
    for outcome in outcomes:
        # What was told as finished may be one behind what was done, and the last one may still have been on its way.
        assert outcome["finished"] - 1 <= outcome["found"] <= outcome["finished"] + 1, outcome
        assert outcome["same"] or outcome["found"] == 0, outcome


def test_after_a_crash_the_page_is_simply_there_again_and_goes_on_in_its_slot(make_window, tmp_path):
    from tests.conftest import stroke_along

    shelf = Shelf(tmp_path / "state")
    window = make_window()
    window.document.add_stroke(stroke_along([(100, 100), (900, 700)]))
    assert window.guard.keep() is None
    slot = window.guard.slot
    assert slot is not None and shelf.notes() == [], "in use"
    # As if the process had died: the system lets go of its lock, nothing else happens.
    window.guard._journal._lock.close()
    again = make_window()
    assert again.pages.take_up_kept()
    assert len(again.document.page.active.marks) == 1 and "as you left it" in again.status.text
    again.document.add_stroke(stroke_along([(100, 200), (900, 900)]))
    assert again.guard.slot == slot


def test_only_the_newest_of_many_states_is_written(tmp_path):
    from jotsk.core.page import blank_page, edits
    from tests.conftest import stroke_along

    shelf, page = Shelf(tmp_path), blank_page(400, 300)
    journal = shelf.begin()
    for k in range(40):
        page = edits.with_stroke(page, stroke_along([(10, 7 * k), (390, 7 * k)], size=3))
        journal.write(Kept(page, tmp_path / "harbour.ora", "harbour"))
    assert journal.flush(20) is None
    journal.close(keep=True, wait_s=20)
    (note,) = shelf.notes()
    kept = shelf.look(note.slot)
    assert (kept.title, kept.path, len(kept.page.active.marks)) == ("harbour", tmp_path / "harbour.ora", 40)
    journal = shelf.begin(note.slot)
    journal.write(Kept(page, None, "harbour", is_unsaved=False))
    journal.close(keep=False, wait_s=20)
    assert not list((tmp_path / "journal").iterdir())


def _environment(root: Path) -> dict[str, str]:
    import os

    return dict(os.environ) | {"PYTHONPATH": f"{root}:{root / 'src'}"}
