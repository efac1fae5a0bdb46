"""Maps that lines are placed by."""

from __future__ import annotations

import cv2
import numpy as np
import pytest
from scipy.interpolate import CubicHermiteSpline

from jotsk.core.geometry import Rect
from jotsk.core.geometry.placement import Mesh, jacobians, local_scale, placed, projected, through_corners

AREA = Rect(100, 50, 500, 350)
PLACES = np.random.default_rng(2).uniform((60, 0), (560, 420), (200, 2))


def test_four_corners_map_as_opencv_maps_them():
    corners = np.array([[120, 40], [610, 90], [480, 400], [80, 330]], np.float64)
    square = np.array([[100, 50], [500, 50], [500, 350], [100, 350]], np.float32)
    theirs = cv2.getPerspectiveTransform(square, corners.astype(np.float32))
    m = through_corners(AREA, corners)
    assert m / m[2, 2] == pytest.approx(theirs, rel=1e-6, abs=1e-6)
    mapped = cv2.perspectiveTransform(PLACES[None], m)[0]
    assert projected(m, PLACES) == pytest.approx(mapped, abs=1e-6)


@pytest.mark.parametrize("corners", [
    [[0, 0], [100, 100], [100, 0], [0, 100]], [[0, 0], [50, 0], [100, 0], [0, 100]], [[5, 5]] * 4,
])  # fmt: skip
def test_corners_that_are_folded_or_in_a_line_are_refused(corners):
    with pytest.raises(ValueError, match="folded"):
        through_corners(AREA, corners)


def test_a_mesh_that_is_not_pulled_leaves_all_where_it_is_also_beyond_its_edge():
    for rows, columns in ((1, 1), (2, 3), (5, 4)):
        assert Mesh.over(AREA, rows, columns)(PLACES) == pytest.approx(PLACES, abs=1e-9)


def test_a_mesh_goes_through_its_nodes_and_keeps_affine_maps_exactly():
    mesh, rng = Mesh.over(AREA, 3, 4), np.random.default_rng(5)
    pulled = Mesh(mesh.frame, mesh.grid + rng.normal(0, 20, mesh.grid.shape))
    assert pulled(mesh.grid.reshape(-1, 2)) == pytest.approx(pulled.grid.reshape(-1, 2), abs=1e-9)
    m, by = np.array([[1.2, 0.4], [-0.3, 0.8]]), np.array([30.0, -12.0])
    affine = Mesh(mesh.frame, mesh.grid @ m.T + by)
    assert affine(PLACES) == pytest.approx(PLACES @ m.T + by, abs=1e-8)


def test_between_nodes_it_is_the_hermite_spline_of_scipy():
    mesh = Mesh.over(Rect(0, 0, 400, 100), 1, 4)
    grid = mesh.grid.copy()
    grid[:, :, 1] += [0, 30, -20, 40, 10]
    row = grid[0, :, 1]
    slopes = np.concatenate([[row[1] - row[0]], (row[2:] - row[:-2]) / 2, [row[-1] - row[-2]]])
    x = np.linspace(0, 400, 101)
    theirs = CubicHermiteSpline(np.arange(5), row, slopes)(x / 100)
    assert Mesh(mesh.frame, grid)(np.column_stack([x, np.zeros(101)]))[:, 1] == pytest.approx(theirs, abs=1e-9)


def test_steps_and_scale_are_those_of_the_map():
    m = np.array([[1.4, 0.3, 10], [-0.2, 0.9, 4], [2e-4, -1e-4, 1]])
    w = PLACES @ m[2, :2] + 1
    assert local_scale([m], PLACES) == pytest.approx(np.sqrt(np.abs(np.linalg.det(m) / w**3)), rel=1e-6)
    twice = np.diag([2.0, 2.0, 1.0])
    assert jacobians([twice, twice], PLACES[:3]) == pytest.approx(np.broadcast_to(np.eye(2) * 4, (3, 2, 2)))


def test_a_mesh_moves_with_its_page():
    mesh = Mesh.over(AREA, 2, 2)
    grid = mesh.grid.copy()
    grid[1, 1] += 40
    mesh, turn = Mesh(mesh.frame, grid), np.array([[0.0, -2.0, 30.0], [2.0, 0.0, 7.0]])

    def move(xy):
        return xy @ turn[:, :2].T + turn[:, 2]

    assert mesh.moved(turn)(move(PLACES)) == pytest.approx(move(mesh(PLACES)), abs=1e-8)
    assert placed([mesh, np.eye(3)], PLACES) == pytest.approx(mesh(PLACES))
