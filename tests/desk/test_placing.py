"""Pictures that come in are placed with handles before they are put down; what is on a layer is moved by hand."""

from __future__ import annotations

import math

import cv2
import numpy as np
import pytest
from PIL import Image
from PySide6.QtCore import QMimeData, QPoint, QPointF, Qt, QUrl
from PySide6.QtGui import QDropEvent, QImage
from PySide6.QtWidgets import QApplication

from jotsk.core.errors import Refused
from jotsk.core.files.premultiply_kernel import premultiplied
from jotsk.core.geometry import Rect
from jotsk.core.marks import AreaCut
from jotsk.core.page import flattened, pixels_of, rgba
from jotsk.core.page.edits import layer_edits
from jotsk.core.page.layers.placing import Placement, first_placement, put_down
from tests.desk.conftest import across


def drop(window, *paths) -> None:
    mime = QMimeData()
    mime.setUrls([QUrl.fromLocalFile(str(path)) for path in paths])
    copy, left, none = Qt.DropAction.CopyAction, Qt.MouseButton.LeftButton, Qt.KeyboardModifier.NoModifier
    window.dropEvent(QDropEvent(QPointF(400, 400), copy, mime, left, none))


def on_board(window, x: float, y: float) -> QPoint:
    return QPoint(*map(round, window.board.view.to_screen(x, y)))


def drag(qtbot, board, start: QPoint, end: QPoint) -> None:
    qtbot.mousePress(board, Qt.MouseButton.LeftButton, pos=start)
    qtbot.mouseMove(board, (start + end) / 2)
    qtbot.mouseMove(board, end)
    qtbot.mouseRelease(board, Qt.MouseButton.LeftButton, pos=end)


@pytest.fixture
def dropped(window, tmp_path, settle):
    Image.new("L", (1000, 500), 90).save(tmp_path / "sketch.png")
    drop(window, tmp_path / "sketch.png")
    settle(window)
    return window.board


def test_a_dropped_picture_waits_and_is_put_down_as_a_sketch_layer_in_one_step(window, dropped, settle, qtbot):
    page = window.document.page_when_dry()
    assert dropped.pictures.placing is not None and window.strips["pictures"].isVisible()
    assert window.document.undo_label is None, "nothing is put down yet"
    qtbot.keyClick(dropped, Qt.Key.Key_Return)
    settle(window)
    layer, ink = window.document.page_when_dry().layers
    assert (layer.name, layer.is_sketch) == ("sketch", True) and window.document.page.active is ink, "below the ink"
    assert not window.strips["pictures"].isVisible()
    middle = rgba(flattened(window.document.page_when_dry()))[
        page.height // 2, page.width // 2 - 495 : page.width // 2 + 495
    ]
    assert (middle[:, :3] == 90).all()
    window.document.undo()
    assert window.document.page_when_dry() is page


def test_it_is_moved_scaled_and_turned_by_its_handles(window, dropped, qtbot):
    page, zoom = window.document.page_when_dry(), dropped.view.zoom
    x, y = page.width / 2, page.height / 2
    drag(qtbot, dropped, on_board(window, x, y), on_board(window, x + 300, y - 500))
    placed = dropped.pictures.placing.in_hand
    assert (placed.x, placed.y) == pytest.approx((x + 300, y - 500), abs=1.5 / zoom)
    corner = placed.corners[2]
    away = 2 * corner - (placed.x, placed.y)
    drag(qtbot, dropped, on_board(window, *corner), on_board(window, *away))
    assert dropped.pictures.placing.in_hand.scale == pytest.approx(2.0, rel=0.05)
    ring = dropped.pictures.placing.ring(zoom)
    reach = math.dist(ring, (placed.x, placed.y))
    drag(qtbot, dropped, on_board(window, *ring), on_board(window, placed.x + reach, placed.y + 20))
    assert dropped.pictures.placing.in_hand.angle_rad == pytest.approx(math.pi / 2), "a soft stop at 90 degrees"
    before = dropped.view
    drag(qtbot, dropped, QPoint(20, 20), QPoint(40, 20))
    assert dropped.view != before, "beside the picture the page is moved"


def test_given_up_it_leaves_nothing(window, dropped, qtbot):
    page = window.document.page_when_dry()
    window.strips["pictures"].give_up.click()
    assert (
        dropped.pictures.placing is None
        and window.document.page_when_dry() is page
        and not window.strips["pictures"].isVisible()
    )


def test_several_come_at_once_and_one_that_is_damaged_is_told(window, tmp_path, settle, qtbot):
    for k, name in enumerate(("a.png", "b.webp")):
        Image.new("RGB", (60 + k, 50), (9, 99, 199)).save(tmp_path / name)
    (tmp_path / "bad.png").write_bytes(b"\x89PNG and nothing more")
    drop(window, tmp_path / "a.png", tmp_path / "bad.png", tmp_path / "b.webp")
    settle(window)
    assert len(window.board.pictures.placing.placements) == 2 and "bad.png" in window.status.text
    window.strips["pictures"].put_down.click()
    settle(window)
    assert [x.name for x in window.document.page_when_dry().layers] == ["a", "b", "Ink"]
    assert window.document.undo_label == "Add 2 pictures"


def test_a_large_copied_picture_is_pasted_whole(window, settle):
    pixels = np.random.default_rng(0).integers(0, 256, (1100, 37, 4), np.uint8)
    image = QImage(pixels.data, 37, 1100, 37 * 4, QImage.Format.Format_RGBA8888).convertToFormat(
        QImage.Format.Format_ARGB32
    )
    QApplication.clipboard().setImage(image)
    window.actions_by_id["edit.paste"].trigger()
    settle(window)
    assert np.array_equal(window.board.pictures.placing.in_hand.pixels, premultiplied(pixels))
    QApplication.clipboard().clear()


def test_a_copied_picture_is_pasted(window, settle, qtbot):
    window.actions_by_id["edit.paste"].trigger()
    image = QImage(40, 30, QImage.Format.Format_ARGB32)
    image.fill(0x80FF0000)
    QApplication.clipboard().setImage(image)
    window.actions_by_id["edit.paste"].trigger()
    settle(window)
    (placed,) = window.board.pictures.placing.placements
    assert placed.pixels.shape == (30, 40) and int(placed.pixels[5, 5]) == 0x80000080, "premultiplied, R lowest"
    QApplication.clipboard().clear()
    window.board.pictures.drop()
    window.actions_by_id["edit.paste"].trigger()
    assert "copy lines or a picture first" in window.status.text


def test_put_down_at_its_own_size_a_picture_keeps_every_pixel():
    rng = np.random.default_rng(2)
    pixels = rng.integers(0, 1 << 24, (150, 170), np.uint32) | np.uint32(0xFF000000)
    page = Rect(0, 0, 500, 400)
    tiles = put_down(Placement("x", pixels, 200.0, 180.0), page)
    assert np.array_equal(pixels_of(tiles, Rect(115, 105, 285, 255)), pixels)
    beyond = put_down(Placement("x", pixels, 500.0, 400.0), page)
    assert not pixels_of(beyond, Rect(500, 0, 640, 512)).any() and pixels_of(beyond, page).any()


def test_scaled_and_turned_it_is_pillows_picture():
    """Against Pillow's affine transform with its bicubic filter, on a smooth picture."""
    y, x = np.mgrid[0:120, 0:160]
    grey = (128 + 90 * np.sin(x / 17) * np.cos(y / 13)).astype(np.uint8)
    rgba_in = np.dstack([grey, grey, grey, np.full_like(grey, 255)])
    placed = Placement("x", np.ascontiguousarray(rgba_in).view(np.uint32)[..., 0], 200.0, 150.0, 1.7, 0.5)
    page = Rect(0, 0, 400, 300)
    ours = rgba(pixels_of(put_down(placed, page), page))
    m = placed.matrix
    back = np.linalg.inv(m[:, :2])
    coefficients = np.column_stack([back, -back @ m[:, 2]]).ravel()
    theirs = np.asarray(
        Image.fromarray(rgba_in).transform((400, 300), Image.Transform.AFFINE, coefficients, Image.Resampling.BICUBIC)
    )
    whole = ((theirs[..., 3] == 255) & (ours[..., 3] == 255)).astype(np.uint8)
    inside = cv2.erode(whole, np.ones((9, 9))) > 0  # the filters meet what lies beyond the edge differently
    assert inside.sum() > 40_000
    assert np.abs(ours[inside].astype(int) - theirs[inside])[:, :3].max() <= 3


def test_a_large_picture_is_first_shown_as_large_as_fits():
    placed = first_placement("x", np.zeros((4000, 2000), np.uint32), Rect(0, 0, 1000, 1000))
    assert placed.scale == 0.25 and (placed.x, placed.y) == (500, 500)


def test_a_much_smaller_picture_comes_in_fitted_too():
    page = Rect(0, 0, 1000, 1000)
    assert first_placement("x", np.zeros((100, 200), np.uint32), page).scale == 5.0
    assert first_placement("x", np.zeros((400, 200), np.uint32), page).scale == 1.0


def test_its_numbers_are_typed_arrows_nudge_and_undo_takes_that_back_first(window, dropped, pen, qtbot):
    strip, page = window.strips["pictures"], window.document.page_when_dry()
    first = dropped.pictures.placing.in_hand
    assert (strip.at_x.value(), strip.scale.value(), strip.angle.value()) == (round(first.x), 100, 0)
    strip.at_x.setValue(300)
    strip.scale.setValue(50)
    strip.angle.setValue(30)
    placed = dropped.pictures.placing.in_hand
    assert (placed.x, placed.scale) == (300, 0.5) and placed.angle_rad == pytest.approx(math.pi / 6)
    qtbot.keyClick(dropped, Qt.Key.Key_Right)
    qtbot.keyClick(dropped, Qt.Key.Key_Down, Qt.KeyboardModifier.ShiftModifier)
    assert dropped.pictures.placing.in_hand.x == 301 and strip.at_x.value() == 301
    undo = window.actions_by_id["edit.undo"]
    assert undo.isEnabled()
    for _ in range(5):
        undo.trigger()
    assert dropped.pictures.placing.in_hand is first
    undo.trigger()
    assert dropped.pictures.placing is None and window.document.page_when_dry() is page and not undo.isEnabled()


def test_handles_come_back_and_nothing_is_resampled_twice(window, tmp_path, settle, qtbot):
    rng = np.random.default_rng(4)
    pixels = rng.integers(0, 256, (600, 800, 3), np.uint8)
    Image.fromarray(pixels).save(tmp_path / "noise.png")
    drop(window, tmp_path / "noise.png")
    settle(window)
    board, strip, document = window.board, window.strips["pictures"], window.document
    strip.scale.setValue(37)
    board.pictures.put_down()
    settle(window)
    small = document.page_when_dry()
    document.layers.choose(small.layers[0].uid)
    window.actions_by_id["layer.place"].trigger()
    assert board.pictures.placing.in_hand.scale == 0.37 and strip.scale.value() == 37
    strip.scale.setValue(100)
    board.pictures.put_down()
    settle(window)
    page = document.page_when_dry()
    x, y = page.width // 2 - 400, page.height // 2 - 300
    got = rgba(pixels_of(page.layers[0].tiles, Rect(x, y, x + 800, y + 600)))[..., :3]
    assert np.array_equal(got, pixels), "from the original"
    document.undo()
    assert document.page_when_dry().layers[0] is small.layers[0]
    document.layers.choose(page.layers[1].uid)
    window.actions_by_id["layer.place"].trigger()
    assert board.pictures.placing is None and "no picture" in board.notice


@pytest.mark.parametrize("is_part", [False, True])
def test_a_picture_whose_layer_goes_while_it_is_in_hand_is_let_be(window, dropped, settle, is_part):
    document, pictures = window.document, dropped.pictures
    pictures.put_down()
    settle(window)
    picture = document.page_when_dry().layers[0]
    document.layers.choose(picture.uid)
    if is_part:
        area = picture.tiles.bounds
        pictures.lift(np.array([(area.x0, area.y0), (area.x1, area.y0), (area.x1, area.y1), (area.x0, area.y1)], float))
    else:
        pictures.take_again()
    assert pictures.placing is not None
    document.layers.change_one(picture.uid, "Rename layer", name="The pier")
    assert pictures.placing is not None, "it is still there"
    document.go_to_step(0)
    assert pictures.placing is None and "stays where it was" in dropped.notice
    document.layers.add()
    assert document.page_when_dry().active.uid == picture.uid, "another layer by the same number"
    placed = Placement("pier", np.zeros((4, 4), np.uint32), 10.0, 10.0)
    with pytest.raises(Refused, match="is no picture"):
        layer_edits.with_picture_placed(document.page, picture.uid, placed)


def test_a_picture_of_a_file_has_handles_too(window, dropped, tmp_path, settle):
    window.board.pictures.put_down()
    settle(window)
    window.filing.save(tmp_path / "x.ora")
    settle(window)
    window.open(tmp_path / "x.ora")
    settle(window)
    before = window.document.page_when_dry()
    window.document.layers.choose(before.layers[0].uid)
    window.board.pictures.take_again()
    window.board.pictures.change(lambda placed: placed.moved(64, 0))
    window.board.pictures.put_down()
    settle(window)
    after = window.document.page_when_dry()
    a, b = (rgba(pixels_of(p.layers[0].tiles, p.bounds)) for p in (before, after))
    assert np.array_equal(a[:, :-64], b[:, 64:])


@pytest.mark.parametrize("upside_down", [False, True])
def test_layers_and_lines_are_flipped_and_twice_is_as_before(window, pen, dropped, settle, upside_down, qtbot):
    window.board.pictures.put_down()
    settle(window)
    pen.draw(across(window, y=0.3))
    document, action = window.document, "layer.flip_down" if upside_down else "layer.flip"
    area = document.page_when_dry().active.marks.last.bounds
    loop = np.array([(area.x0 + 100, 0), (area.x0 + 160, 0), (area.x0 + 160, 3500), (area.x0 + 100, 3500)], float)
    document.ink.rub_out(AreaCut(loop))
    document.layers.choose_several({x.uid for x in document.page_when_dry().layers})
    before = document.page_when_dry()
    window.actions_by_id[action].trigger()
    settle(window)
    mirrored = rgba(flattened(before))[::-1] if upside_down else rgba(flattened(before))[:, ::-1]
    away = np.abs(rgba(flattened(document.page_when_dry())).astype(int) - mirrored)
    assert away.max() <= 24 and away.mean() < 0.01, "the same picture in the mirror"
    window.actions_by_id[action].trigger()
    settle(window)
    away = np.abs(rgba(flattened(document.page_when_dry())).astype(int) - rgba(flattened(before)))
    assert away.max() <= 24
    line = document.page_when_dry().active.marks.last
    document.selection.choose([line])
    window.actions_by_id["edit.flip_down" if upside_down else "edit.flip"].trigger()
    settle(window)
    turned = document.page_when_dry().active.marks.last
    axis = 1 if upside_down else 0
    assert turned.uid == line.uid and turned.trace.xy[0, axis] != line.trace.xy[0, axis]
    assert turned.trace.xy[:, 1 - axis] == pytest.approx(line.trace.xy[:, 1 - axis])


def test_what_is_on_a_layer_is_moved_by_hand_unless_its_place_is_locked(window, pen, settle, qtbot):
    pen.draw(across(window))
    stroke = window.document.page_when_dry().active.marks.last
    board, zoom = window.board, window.board.view.zoom
    window.actions_by_id["layer.shift"].trigger()
    start, end = QPoint(300, 300), QPoint(340, 350)
    qtbot.mousePress(board, Qt.MouseButton.LeftButton, pos=start)
    qtbot.mouseMove(board, end)
    assert len(board._preview) == 1, "its line is shown on its way"
    qtbot.mouseRelease(board, Qt.MouseButton.LeftButton, pos=end)
    settle(window)
    moved = window.document.page_when_dry().active.marks.last.ribbon.points - stroke.ribbon.points
    assert np.allclose(moved[:, :2], np.round(np.array([40, 50]) / zoom), atol=1.01)
    assert np.ptp(moved[:, 0]) < 1e-3, "all of it alike"
    assert window.document.undo_label == "Move what is on the layer"
    window.document.layers.change("Lock position", locks_place=True)
    drag(qtbot, board, start, end)
    settle(window)
    assert window.document.undo_label == "Lock position" and "locked" in window.status.text
