"""Practice: what is measured is what was simulated, and what follows from it. SciPy's filters and Procrustes analysis
beside our own."""

from __future__ import annotations

import json
import math
from datetime import datetime, timedelta

import numpy as np
import pytest
from scipy import signal
from scipy.spatial import procrustes

from jotsk.cli import main
from jotsk.core.check.practice import advice, diary
from jotsk.core.check.practice.figures import Figures, evenness, measured, unlikeness, wobble_rms
from jotsk.core.check.practice.sheets import DPI, KINDS, SIZES, sheet_of, sheet_on, sheet_page, task_of
from jotsk.core.check.practice.simulated import SKILLS, compared, drawn_sheet
from jotsk.core.errors import DamagedFile
from jotsk.core.files.openraster import read_page
from jotsk.core.files.openraster_writing import write_page
from jotsk.core.hand import trace_from
from jotsk.core.page.frames import MM_PER_INCH

PX = DPI / MM_PER_INCH
MORNING = datetime(2026, 3, 1, 9, 0)


@pytest.mark.parametrize("skill", SKILLS)
@pytest.mark.parametrize("kind", KINDS)
def test_what_is_measured_is_what_was_simulated_within_a_twentieth(kind, skill):
    for seed in (1, 2):
        for name, (simulated, found) in compared(sheet_of(kind), SKILLS[skill], DPI, seed).items():
            assert found == pytest.approx(simulated, rel=0.05), name


@pytest.mark.parametrize("size", SIZES)
@pytest.mark.parametrize("kind", KINDS)
def test_every_stroke_is_told_for_the_task_it_was_drawn_for_and_lies_on_the_page(kind, size):
    sheet, page = sheet_of(kind, size), sheet_page(kind, size)
    assert sheet_on(page).title == sheet.title and len(sheet.tasks) >= 8
    for task in sheet.tasks:
        assert (task.path > 60).all() and (task.path < (page.width - 60, page.height - 60)).all()
    strokes = drawn_sheet(sheet, SKILLS["beginner"], DPI)
    told = [task_of(sheet, each.trace.xy) == each.task for each in strokes]
    assert np.mean(told) > 0.97


def test_a_stroke_beside_everything_belongs_to_no_task():
    sheet = sheet_of("lines", "small")
    assert task_of(sheet, np.array([(5.0, 5.0), (300.0, 8.0)])) is None and task_of(sheet, np.zeros((0, 2))) is None
    assert sheet_on(sheet_page("lines").__class__(100, 100)) is None


def test_wobble_is_what_scipys_band_pass_leaves():
    rng, rate = np.random.default_rng(4), 250.0
    t = np.arange(0, 4, 1 / rate)
    tremor = sum(rng.uniform(0.5, 1) * np.sin(2 * np.pi * f * t + rng.uniform(0, 6)) for f in (4.3, 6.1, 8.7, 11.2))
    bow, noise = 40 * np.sin(np.pi * t / 4), 0.2 * np.sin(2 * np.pi * 40 * t)
    band = signal.butter(6, (3.0, 13.0), "bandpass", fs=rate, output="sos")
    passed = signal.sosfiltfilt(band, tremor + bow + noise)[100:-100]
    found = wobble_rms(t, tremor + bow + noise)
    assert found == pytest.approx(passed.std(), rel=0.06) and found == pytest.approx(tremor.std(), rel=0.03)
    assert math.isnan(wobble_rms(np.array([0.0, 0.1]), np.zeros(2)))


def test_a_line_worked_by_hand():
    """3 px beside the line, from its start to 12 px past its end, in one second, light over the last tenth."""
    task = sheet_of("lines").tasks[0]  # from left to right
    (x0, y0), length = task.path[0], task.length
    t = np.linspace(0, 1, 401)
    force = np.where(t < 0.9, 0.8, 0.3)
    found = measured(task, trace_from(t, x0 + t * (length + 12), np.full(401, y0 + 3.0), force), DPI)
    assert found.off * PX == pytest.approx(3.0) and found.beyond * PX == pytest.approx(12.0)
    assert found.wobble == pytest.approx(0.0, abs=1e-6) and found.speed * PX == pytest.approx(length + 12)
    assert found.fade * PX == pytest.approx(0.1 * (length + 12), rel=0.03)
    assert found.direction == 0.0 and math.isnan(found.width_off)


def test_a_weight_is_measured_against_the_wanted_ramp():
    task = sheet_of("ramps").tasks[0]
    t = np.linspace(0, 1, 200)
    trace = trace_from(t, np.interp(t, [0, 1], task.path[[0, -1], 0]), np.interp(t, [0, 1], task.path[[0, -1], 1]), t)
    wanted = np.interp(np.linspace(0, 1, 50), np.linspace(0, 1, len(task.widths)), task.widths)
    assert measured(task, trace, DPI, wanted).width_off == pytest.approx(0.0, abs=0.01)
    assert measured(task, trace, DPI, wanted + 4.0).width_off * PX == pytest.approx(4.0, rel=0.01)


def test_hatching_and_signatures():
    task = sheet_of("hatching").tasks[0]
    rows = [task.path + (0.0, off) for off in (0, 10, 20, 32)]
    traces = [trace_from(np.linspace(0, 1, len(r)), r[:, 0], r[:, 1], 0.5) for r in rows]
    uneven, weights = evenness(task, traces)
    assert uneven == pytest.approx(100 * np.std([10, 10, 12], ddof=1) / np.mean([10, 10, 12])) and weights == 0
    assert all(map(math.isnan, evenness(task, traces[:2])))
    t = np.linspace(0, 2 * np.pi, 300)
    shapes = [
        np.column_stack([np.cos(t) + k * 0.1 * np.cos(3 * t), np.sin(2 * t)]) * (40 + k) + 100 * k for k in range(2)
    ]
    signed = [trace_from(t, s[:, 0], s[:, 1], 0.5) for s in shapes]
    _, _, disparity = procrustes(*(_resampled(s) for s in shapes))  # turning counts nothing here: they hardly turn
    assert unlikeness(signed) == pytest.approx(100 * np.sqrt(disparity), rel=0.1)
    assert unlikeness([signed[0]] * 3) == pytest.approx(0.0, abs=1e-6) and math.isnan(unlikeness(signed[:1]))


def _resampled(xy):
    along = np.concatenate([[0], np.cumsum(np.hypot(*np.diff(xy, axis=0).T))])
    at = np.linspace(0, along[-1], 64)
    return np.column_stack([np.interp(at, along, xy[:, k]) for k in (0, 1)])


def entries(off_by_direction, *, wobble=0.1, steadied=False):
    made = []
    for direction, off in off_by_direction.items():
        for k in range(3):
            figures = Figures(off=off, wobble=wobble, beyond=0.4, speed=80.0, direction=direction)
            made.append(diary.Entry(MORNING + timedelta(minutes=k), "lines", "medium", steadied, figures))
    return made


def test_the_diary_is_a_table_that_is_read_back_and_damage_is_left_out(tmp_path):
    path = tmp_path / "practice.csv"
    made = entries({0.0: 0.3, 45.0: 0.5})
    diary.append(path, made[:3])
    diary.append(path, made[3:])
    assert path.read_text().splitlines()[0].startswith("time,sheet,size,steadied,off")
    again = diary.read(path)
    assert len(again) == 6 and again[0].figures.off == pytest.approx(0.3) and math.isnan(again[0].figures.fade)
    with path.open("a") as stream:
        stream.write("yesterday,lines,medium,no,1\n2026-03-02T10:00:00,lines,medium,no,inf\n\n,,,\n")
    assert len(diary.read(path)) == 6 and diary.read(tmp_path / "none.csv") == []
    path.write_bytes(b"\xff\xfe\x00bad")
    with pytest.raises(DamagedFile):
        diary.read(path)
    assert diary.by_day(again, "off") == [(MORNING.replace(hour=12), pytest.approx(0.5))]


def test_the_rose_names_the_steadiest_direction_once_all_were_tried():
    offs = dict.fromkeys((0.0, 45.0, 90.0, 135.0, 180.0, 225.0, 270.0), 0.5)
    assert advice.steadiest(entries(offs)) is None
    assert advice.steadiest(entries({**offs, 315.0: 0.2})) == 315.0
    assert [spoke.count for spoke in advice.rose(entries(offs))] == [3] * 7 + [0]


@pytest.mark.parametrize(
    "line, best, turned", [(0.0, 225.0, 0.0), (100.0, 45.0, 20.0), (170.0, 315.0, -170.0), (33.0, 33.0, 5.0)]
)
def test_the_page_is_turned_the_shorter_way_until_the_line_lies_in_that_direction(line, best, turned):
    by = advice.turn_for(line, best, turned)
    assert abs((line + by - best) % 180) == pytest.approx(0, abs=1e-9) or (line + by - best) % 180 == pytest.approx(180)
    assert abs((by + 180) % 360 - 180) <= 90 + 1e-9


def test_advice_follows_from_what_went_worst():
    assert advice.warm_up([])[0][0] == "lines" and len(advice.warm_up([])) == 5
    made = entries({0.0: 0.2}) + [
        diary.Entry(MORNING, "hatching", "small", False, Figures(spacing=80.0, evenness=5.0)) for _ in range(4)
    ]
    assert advice.worst_first(made)[0] == "spacing" and advice.warm_up(made)[0][0] == "hatching"
    assert advice.steadiness_for(made) is None
    assert "feel of this device" not in " ".join(advice.proposals(made))
    wobbly = entries({0.0: 0.3}, wobble=0.5)
    assert "Technical 0.5" in advice.proposals(wobbly)[0] and advice.proposals([]) == []
    shaky, still = (advice.steadiness_for(entries({0.0: 0.3, 45.0: 0.3}, wobble=w)) for w in (0.3, 0.04))
    assert shaky > 60 > still


def test_a_sheet_is_kept_in_its_file(tmp_path):
    write_page(tmp_path / "s.ora", sheet_page("curves", "large"))
    assert read_page(tmp_path / "s.ora").sheet == ("curves", "large")


def test_the_command_prints_what_was_simulated_and_measured(capsys):
    assert main(["practice", "--sheet", "lines", "--simulate", "practised", "--json"]) == 0
    told = json.loads(capsys.readouterr().out)
    assert told["skill"] == "practised" and told["figures"]["wobble"]["unit"] == "mm"
    for figure in told["figures"].values():
        assert figure["measured"] == pytest.approx(figure["simulated"], rel=0.05)
    assert main(["practice", "--simulate", "expert", "--size", "small"]) == 0
    assert "simulated" in capsys.readouterr().out
    assert main(["practice", "--sheet", "knots", "--simulate", "expert"]) == 1
    assert "none of lines, points" in capsys.readouterr().err
