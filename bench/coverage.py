"""The coverage kernel: error against exact areas, time per segment beside Skia's and Qt's path fill.

Each of the others fills the same capsules, one path a segment, into an 8-bit mask, as a brush that paints while
the hand moves has to. Its error is that of its own anti-aliasing.
"""

from __future__ import annotations

import math
from itertools import pairwise

import numpy as np
import shapely
import skia
from PySide6.QtCore import QPointF, Qt
from PySide6.QtGui import QColor, QImage, QPainter, QPainterPath

from bench.timing import best_us
from jotsk.core.geometry import catmull_rom
from jotsk.core.ink.coverage_kernel import paint_ribbon

SIDE = 256
WIDTHS = (0.5, 1, 2, 4, 8, 16, 30, 80)


def ribbon(width: float) -> np.ndarray:
    """A wave of swelling width in steps of 3 px and less."""
    x = np.linspace(45, 211, 40)
    y = 128 + 30 * np.sin(x / 32)
    return catmull_rom(np.column_stack([x, y, width / 2 * (0.8 + 0.2 * np.sin(x / 21))]), 3.0)


def exact(points: np.ndarray) -> np.ndarray:
    """Coverage 0..255: the union of convex hulls of 256-gons, cut by every pixel (shapely)."""
    grown = math.sqrt(2 * math.pi / 256 / math.sin(2 * math.pi / 256))
    discs = [shapely.Point(x, y).buffer(r * grown, quad_segs=64) for x, y, r in points.tolist()]
    shape = shapely.union_all([shapely.convex_hull(shapely.union(a, b)) for a, b in pairwise(discs)])
    y, x = np.mgrid[:SIDE, :SIDE]
    pixels = shapely.box(x, y, x + 1, y + 1)
    shapely.prepare(shape)
    coverage = np.where(shapely.contains_properly(shape, pixels), 255.0, 0.0)
    edge = shapely.intersects(shape, pixels) & (coverage == 0)
    coverage[edge] = 255 * shapely.area(shapely.intersection(shape, pixels[edge]))
    return coverage


def ours(points: np.ndarray) -> np.ndarray:
    buffer = np.zeros((SIDE, SIDE), np.uint8)
    paint_ribbon(buffer, 0.0, 0.0, points, np.full(len(points), 255, np.uint8), 0, len(points), False)
    return buffer


def tangents(a: np.ndarray, b: np.ndarray) -> list[tuple[float, float, float, float, float]]:
    """For circles a and b: where each side of their hull touches a and b, and its angle."""
    dx, dy = b[0] - a[0], b[1] - a[1]
    length = math.hypot(dx, dy)
    base, spread = math.atan2(dy, dx), math.acos(max(-1.0, min(1.0, (a[2] - b[2]) / max(length, 1e-9))))
    sides = []
    for angle in (base - spread, base + spread):
        c, s = math.cos(angle), math.sin(angle)
        sides.append((a[0] + a[2] * c, a[1] + a[2] * s, b[0] + b[2] * c, b[1] + b[2] * s, math.degrees(angle)))
    return sides


def skia_paths(points: np.ndarray) -> list[skia.Path]:
    paths = []
    for a, b in pairwise(points):
        (ax, ay, bx, by, t1), (cx, cy, dx, dy, t2) = tangents(a, b)
        builder = skia.PathBuilder()
        builder.moveTo(ax, ay)
        builder.lineTo(bx, by)
        oval = skia.Rect.MakeLTRB(b[0] - b[2], b[1] - b[2], b[0] + b[2], b[1] + b[2])
        builder.arcTo(oval, t1, (t2 - t1) % 360, False)
        builder.lineTo(cx, cy)
        oval = skia.Rect.MakeLTRB(a[0] - a[2], a[1] - a[2], a[0] + a[2], a[1] + a[2])
        builder.arcTo(oval, t2, (t1 - t2) % 360, False)
        builder.close()
        paths.append(builder.detach())
    return paths


def qt_paths(points: np.ndarray) -> list[QPainterPath]:
    paths = []
    for a, b in pairwise(points):
        (ax, ay, bx, by, t1), (cx, cy, _, _, t2) = tangents(a, b)
        path = QPainterPath(QPointF(ax, ay))
        path.lineTo(bx, by)
        path.arcTo(b[0] - b[2], b[1] - b[2], 2 * b[2], 2 * b[2], -t1, -((t2 - t1) % 360))
        path.lineTo(cx, cy)
        path.arcTo(a[0] - a[2], a[1] - a[2], 2 * a[2], 2 * a[2], -t2, -((t1 - t2) % 360))
        path.closeSubpath()
        paths.append(path)
    return paths


def main() -> None:
    surface = skia.Surface.MakeRaster(skia.ImageInfo.MakeA8(SIDE, SIDE))
    canvas = surface.getCanvas()
    paint = skia.Paint()
    paint.setAntiAlias(True)
    image = QImage(SIDE, SIDE, QImage.Format.Format_ARGB32_Premultiplied)

    def by_skia(paths: list[skia.Path]) -> None:
        for path in paths:
            canvas.drawPath(path, paint)

    def by_qt(paths: list[QPainterPath]) -> None:
        painter = QPainter(image)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(QColor(0, 0, 0))
        for path in paths:
            painter.drawPath(path)
        painter.end()

    print("error of 255 (max, RMS over edge pixels) and us per 3 px segment")
    print(f"{'width':>6} | {'ours':>20} | {'Skia, a path a segment':>24} | {'Qt, a path a segment':>24}")
    for width in WIDTHS:
        points = ribbon(width)
        truth = exact(points)
        edges = truth % 255 != 0
        n = len(points) - 1
        row = []
        single = points.astype(np.float32)
        row.append((ours(single), best_us(lambda p=single: ours(p)) / n))
        canvas.clear(0)
        paths = skia_paths(points)
        by_skia(paths)
        mask = np.array(surface.makeImageSnapshot().toarray(colorType=skia.kAlpha_8_ColorType)).reshape(SIDE, SIDE)
        row.append((mask, best_us(lambda p=paths: by_skia(p)) / n))
        image.fill(0)
        drawn = qt_paths(points)
        by_qt(drawn)
        argb = np.frombuffer(image.constBits(), np.uint8).reshape(SIDE, SIDE, 4)[..., 3].copy()
        row.append((argb, best_us(lambda p=drawn: by_qt(p)) / n))
        cells = []
        for got, us in row:
            error = got - truth
            cells.append(f"{np.abs(error).max():5.1f} {np.sqrt((error[edges] ** 2).mean()):5.2f} {us:7.2f}")
        print(f"{width:6g} | {cells[0]:>20} | {cells[1]:>24} | {cells[2]:>24}")
