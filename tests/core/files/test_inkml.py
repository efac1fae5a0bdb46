from __future__ import annotations

import xml.etree.ElementTree as ElementTree
from xml.sax.saxutils import escape

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from jotsk.core.errors import DamagedFile
from jotsk.core.files.inkml import read_inkml, write_centre_lines
from tests.conftest import stroke_along

CHANNELS = '<channel name="X"/><channel name="Y"/><channel name="T" units="ms"/><channel name="F"/>'


def traces(tmp_path, body: str, head: str = '<ink xmlns="http://www.w3.org/2003/InkML">'):
    path = tmp_path / "t.inkml"
    path.write_text(f"{head}{body}</ink>")
    return read_inkml(path)


def test_the_standards_example_of_differences(tmp_path):
    # W3C InkML (2011), 3.2.1: the example of single and second differences, from memory.
    (trace,) = traces(
        tmp_path,
        "<trace>1125 18432,'23'43,\"7\"-8,3-5,7 -3,6 2,6 8,3 6,2 4,*T,3 6,3-6</trace>".replace(",*T,3 6,3-6", ""),
    )
    assert trace.xy.tolist() == [
        [1125, 18432], [1148, 18475], [1178, 18510], [1211, 18540], [1251, 18567], [1297, 18596], [1349, 18633],
        [1404, 18676], [1461, 18723],
    ]  # fmt: skip


@pytest.mark.parametrize(
    "body",
    [
        f"<traceFormat>{CHANNELS}</traceFormat><trace>1 2 0 0.5, 3 4 10 1</trace>",
        f'<traceFormat xml:id="f">{CHANNELS}</traceFormat><context traceFormatRef="#f"/><trace>1 2 0 0.5, 3 4 10 1</trace>',
        f'<definitions><traceFormat xml:id="f">{CHANNELS}</traceFormat><context xml:id="c" traceFormatRef="#f"/></definitions>'
        '<trace contextRef="#c">1 2 0 0.5, 3 4 10 1</trace>',
        f'<definitions><context xml:id="c"><inkSource xml:id="s"><traceFormat>{CHANNELS}</traceFormat></inkSource></context>'
        '</definitions><traceGroup contextRef="#c"><trace>1 2 0 0.5, 3 4 10 1</trace></traceGroup>',
        f'<context><inkSource xml:id="s"><traceFormat>{CHANNELS}</traceFormat></inkSource></context><trace>1 2 0 0.5, 3 4 10 1</trace>',
        f'<definitions><inkSource xml:id="s"><traceFormat>{CHANNELS}</traceFormat></inkSource></definitions>'
        '<context inkSourceRef="#s"/><trace>1 2 0 0.5, 3 4 10 1</trace>',
    ],
)
def test_a_trace_format_is_found_wherever_the_standard_allows_it(tmp_path, body):
    (trace,) = traces(tmp_path, body)
    assert trace.samples[:, :4].tolist() == [[0, 1, 2, 0.5], [0.01, 3, 4, 1]]


def test_missing_channels_get_sensible_values(tmp_path):
    (trace,) = traces(tmp_path, "<trace>1 2, 3 4, 5 6</trace>")
    assert (trace.pressure == 1).all()
    assert (trace.samples[:, 4:] == 0).all()
    assert np.diff(trace.t) == pytest.approx([0.005, 0.005])


def test_units_and_ranges_are_applied(tmp_path):
    channels = (
        '<channel name="X"/><channel name="Y"/><channel name="T" units="s"/><channel name="F" max="1023"/>'
        '<channel name="OTx" units="rad"/><channel name="OTy" units="deg"/>'
    )
    (trace,) = traces(
        tmp_path, f"<traceFormat>{channels}</traceFormat><trace>1 2 0 1023 0.5 -10, 3 4 0.25 0 0 5</trace>"
    )
    assert trace.t.tolist() == [0, 0.25]
    assert trace.pressure.tolist() == [1, 0]
    assert trace.samples[0, 4:] == pytest.approx([np.degrees(0.5), -10])


def test_a_lifted_pen_leaves_nothing_and_a_continued_trace_is_one(tmp_path):
    found = traces(
        tmp_path,
        '<trace xml:id="a" continuation="begin">1 1, 2 2</trace><trace type="penUp">9 9, 8 8</trace>'
        '<trace xml:id="b" continuation="end" priorRef="#a">3 3, 4 4</trace>',
    )
    assert [trace.xy[:, 0].tolist() for trace in found] == [[1, 2, 3, 4]]


@pytest.mark.parametrize(
    ("body", "words"),
    [
        ("<trace>1 2, three 4</trace>", "which is no point"),
        ("<trace>1, 2 3</trace>", "a point has 1 values"),
        ('<traceFormat><channel name="X"/></traceFormat><trace>1</trace>', "no X or no Y"),
        ("<trace>", "well-formed"),
    ],
)
def test_what_is_no_inkml_is_told_in_a_sentence(tmp_path, body, words):
    with pytest.raises(DamagedFile, match=words):
        traces(tmp_path, body)


def test_xml_entities_are_not_followed(tmp_path):
    with pytest.raises(DamagedFile, match="well-formed"):
        traces(tmp_path, "&a;", '<!DOCTYPE ink [<!ENTITY a SYSTEM "file:///etc/passwd">]><ink>')


def test_written_lines_read_back_as_points_times_and_widths(tmp_path):
    ribbon = stroke_along([(10, 20), (110, 20)], size=8).ribbon
    write_centre_lines(tmp_path / "o.inkml", [ribbon])
    root = ElementTree.parse(tmp_path / "o.inkml").getroot()
    names = [c.get("name") for c in root.iter("{http://www.w3.org/2003/InkML}channel")]
    assert names == ["X", "Y", "T", "W"]
    (trace,) = root.iter("{http://www.w3.org/2003/InkML}trace")
    rows = np.array([[float(v) for v in point.split()] for point in trace.text.split(",")])
    assert rows[:, :2] == pytest.approx(ribbon.points[:, :2], abs=1e-4)
    assert rows[:, 2] == pytest.approx(ribbon.times * 1000, abs=1e-3)
    assert rows[:, 3] == pytest.approx(np.full(len(rows), 8.0), abs=1e-3)


@settings(max_examples=150)
@given(st.text(alphabet="0123456789 .,-+*?!'\"TF#abz\n", max_size=60))
def test_whatever_a_trace_holds_it_is_read_or_refused_in_a_sentence(tmp_path_factory, text):
    path = tmp_path_factory.mktemp("fuzz") / "t.inkml"
    path.write_text(f"<ink><trace>{escape(text)}</trace></ink>")
    try:
        for trace in read_inkml(path):
            assert np.isfinite(trace.samples).all() and (np.diff(trace.t) > 0).all()
    except DamagedFile as error:
        assert str(error).endswith(".") and "\n" not in str(error)
