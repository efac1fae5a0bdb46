"""Lines are copied and pasted: with their motions here, as SVG and as a picture to other programs, and from them."""

from __future__ import annotations

import io
import subprocess
import sys

import numpy as np
import pytest
import resvg_py
from PIL import Image
from PySide6.QtCore import QMimeData
from PySide6.QtGui import QImage
from PySide6.QtWidgets import QApplication

from jotsk.core.errors import DamagedFile, Refused
from jotsk.core.files import clippings
from jotsk.core.page import blank_page, edits
from tests.conftest import stroke_along
from tests.desk.conftest import across

CURVE = b"""<svg xmlns="http://www.w3.org/2000/svg" width="400" height="300" viewBox="0 0 400 300">
<path d="M40 150 C140 40 260 260 360 150" fill="none" stroke="#c02020" stroke-width="6"/></svg>"""


@pytest.fixture
def clipboard(qapp):
    QApplication.clipboard().clear()
    yield QApplication.clipboard()
    QApplication.clipboard().clear()


def done(qtbot, window) -> None:
    qtbot.waitUntil(lambda: not window.filing.jobs.is_busy)


def act(qtbot, window, name: str) -> None:
    window.actions_by_id[name].trigger()
    done(qtbot, window)


def test_lines_are_copied_with_their_motions_and_pasted_where_they_were(qtbot, window, pen, clipboard):
    for y in (0.3, 0.6):
        pen.draw(across(window, y=y))
    before = list(window.document.page_when_dry().active.marks)
    act(qtbot, window, "edit.all")
    act(qtbot, window, "edit.copy")
    assert "2 lines were copied." in window.status.text
    act(qtbot, window, "layer.add")
    act(qtbot, window, "edit.paste")
    pasted = list(window.document.page.active.marks)
    assert len(pasted) == 2 and [line.pen for line in pasted] == [line.pen for line in before]
    for line, again in zip(before, pasted, strict=True):
        np.testing.assert_array_equal(line.trace.xy, again.trace.xy)
    assert not {a.uid for a in before} & {b.uid for b in pasted}
    assert list(window.document.selection.lines) == pasted
    pasted[0].resteadied(80.0)  # the motion is there
    window.actions_by_id["edit.undo"].trigger()
    assert not window.document.page.active.marks


def test_cut_takes_them_away_and_undo_brings_them_back(qtbot, window, pen, clipboard):
    pen.draw(across(window))
    act(qtbot, window, "edit.cut")
    assert "Choose the lines" in window.status.text and len(window.document.page_when_dry().active.marks) == 1
    act(qtbot, window, "edit.all")
    act(qtbot, window, "edit.cut")
    assert not window.document.page.active.marks and clipboard.mimeData().hasFormat(clippings.KIND)
    window.actions_by_id["edit.undo"].trigger()
    assert len(window.document.page.active.marks) == 1
    act(qtbot, window, "edit.paste")
    assert len(window.document.page.active.marks) == 2


def test_lines_go_on_no_paint_layer(qtbot, window, pen, clipboard):
    pen.draw(across(window))
    act(qtbot, window, "edit.copy")
    window.document.layers.add_paint()
    page = window.document.page
    act(qtbot, window, "edit.paste")
    assert window.document.page is page and "ink layer" in window.status.text


def test_nothing_to_copy_or_paste_is_told(qtbot, window, clipboard):
    act(qtbot, window, "edit.copy")
    assert "no line" in window.status.text
    act(qtbot, window, "edit.paste")
    assert "nothing to paste" in window.status.text


def test_another_program_gets_svg_and_a_picture_of_the_lines_alone(qtbot, window, pen, clipboard):
    pen.draw(across(window))
    page = window.document.page_when_dry()
    (line,) = page.active.marks
    act(qtbot, window, "edit.copy")
    picture = QImage(clipboard.mimeData().imageData())
    bounds = line.bounds & page.bounds
    assert (picture.width(), picture.height()) == (bounds.width, bounds.height)
    assert picture.pixelColor(0, picture.height() - 1).alpha() == 0  # clear beside the line
    svg = bytes(clipboard.mimeData().data("image/svg+xml").data()).decode()
    drawn = np.array(Image.open(io.BytesIO(bytes(resvg_py.svg_to_bytes(svg_string=svg, dpi=round(page.dpi))))))
    theirs = drawn[bounds.y0 : bounds.y1, bounds.x0 : bounds.x1, 3].astype(float)
    plain = picture.convertToFormat(QImage.Format.Format_RGBA8888)
    ours = np.frombuffer(plain.constBits(), np.uint8).reshape(bounds.height, bounds.width, 4)[..., 3].astype(float)
    assert ours.sum() > 0 and np.abs(ours - theirs).sum() < 0.03 * ours.sum()


def test_svg_of_another_program_comes_in_as_strokes(qtbot, window, clipboard):
    mime = QMimeData()
    mime.setData("image/svg+xml", CURVE)
    clipboard.setMimeData(mime)
    layers = len(window.document.page.layers)
    act(qtbot, window, "edit.paste")
    layer = window.document.page.active
    assert len(window.document.page.layers) == layers + 1 and layer.name == "Pasted" and len(layer.marks) == 1
    assert next(iter(layer.marks)).color == (192, 32, 32)


@pytest.mark.parametrize(("kind", "data"), [(clippings.KIND, b"\x07\0\0\0half"), ("image/svg+xml", b"<svg><path")])
def test_what_is_damaged_is_told_and_changes_nothing(qtbot, window, clipboard, kind, data):
    mime = QMimeData()
    mime.setData(kind, data)
    clipboard.setMimeData(mime)
    page = window.document.page
    act(qtbot, window, "edit.paste")
    assert window.document.page is page and "the clipboard" in window.status.text


def test_pasted_lines_ink_what_drawn_ones_ink_and_none_lie_beside_the_page():
    line = stroke_along([(20, 50), (380, 50)])
    page = blank_page(400, 300)
    copied = clippings.opened(clippings.packed([line], page.dpi), page.dpi)
    assert edits.with_mark(page, line).active.tiles == clippings.with_pasted(page, copied).active.tiles
    with pytest.raises(Refused, match="beside this page"):
        clippings.with_pasted(blank_page(10, 10), copied)
    with pytest.raises(DamagedFile):
        clippings.opened(clippings.packed([line], 300)[:-9], 300)


def test_on_a_page_of_another_resolution_lines_are_as_large_in_mm():
    line = stroke_along([(20, 50), (380, 50)], size=8)
    (again,) = clippings.opened(clippings.packed([line], 300), 600)
    before, after = line.own_ribbon.points.max(axis=0), again.own_ribbon.points.max(axis=0)
    assert after == pytest.approx(2 * before, rel=0.01)
    assert again.resteadied(80.0).own_ribbon.points[:, 0].max() == pytest.approx(2 * before[0], rel=0.01)


def test_a_process_that_copied_ends_well():
    """It ended by a fault: Qt deleted what was copied after Python was gone."""
    code = (
        "from PySide6.QtCore import QMimeData; from PySide6.QtWidgets import QApplication\n"
        "from jotsk.desk.commands.clipboard import leave_at_the_end\n"
        "app = QApplication([]); leave_at_the_end(); mime = QMimeData(); mime.setData('a/b', b'c')\n"
        "app.clipboard().setMimeData(mime); del mime\n"
    )
    assert subprocess.run([sys.executable, "-c", code], timeout=60, check=False).returncode == 0
