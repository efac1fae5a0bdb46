"""What areas are filled with: flat colour, a tone, a gradient, a pattern."""

from __future__ import annotations

import base64
import binascii
import math
import zlib
from dataclasses import dataclass, replace
from typing import Any, ClassVar, Protocol

import cv2
import numpy as np
from numpy.typing import NDArray

from jotsk.core.ink.color import Color
from jotsk.core.ink.oklch import from_oklab, to_oklab
from jotsk.core.ink.ribbon import TILE
from jotsk.core.ink.tone_kernel import CROSSES, DOTS, LINES, NOISE, tone_into
from jotsk.core.json_text import number_in
from jotsk.core.marks.record import Json

Point = tuple[float, float]
FARTHEST_PX = 1e6
STEPS = 1024  # of a gradient


class Fill(Protocol):
    kind: ClassVar[str]

    def alpha(self, alpha: NDArray[np.uint8], key: tuple[int, int]) -> NDArray[np.uint8]:
        """What of an area's (128, 128) coverage on a tile is inked."""

    def pixels(self, alpha: NDArray[np.uint8], key: tuple[int, int]) -> NDArray[np.uint32] | None:
        """The premultiplied px on a tile, if they have more than one colour."""

    def moved(self, m: NDArray[np.float64]) -> Fill:
        """On a page whose content was moved by the (2, 3) similarity `m`."""

    def record(self) -> dict[str, Any]: ...


@dataclass(frozen=True)
class Flat:
    kind: ClassVar[str] = "flat"

    def alpha(self, alpha: NDArray[np.uint8], key: tuple[int, int]) -> NDArray[np.uint8]:
        return alpha

    def pixels(self, alpha: NDArray[np.uint8], key: tuple[int, int]) -> NDArray[np.uint32] | None:
        return None

    def moved(self, m: NDArray[np.float64]) -> Flat:
        return self

    def record(self) -> dict[str, Any]:
        return {"kind": self.kind}


SHAPES = {"dots": DOTS, "lines": LINES, "crosses": CROSSES, "noise": NOISE}


@dataclass(frozen=True)
class Tone:
    """A screen of `shape`: cells of `cell_px` px, turned by `angle` degrees, of which the share `density` is inked.
    Every px is inked or not, so that it prints in one bit."""

    shape: str = "dots"
    cell_px: float = 10.0
    angle: float = 45.0
    density: float = 0.3
    kind: ClassVar[str] = "tone"

    def alpha(self, alpha: NDArray[np.uint8], key: tuple[int, int]) -> NDArray[np.uint8]:
        out = alpha.copy()
        turn = math.radians(self.angle)
        tone_into(out, key[0] * TILE, key[1] * TILE, SHAPES[self.shape], self.cell_px, turn, self.density)
        return out

    def pixels(self, alpha: NDArray[np.uint8], key: tuple[int, int]) -> NDArray[np.uint32] | None:
        return None

    def moved(self, m: NDArray[np.float64]) -> Tone:
        return replace(self, cell_px=self.cell_px * float(np.sqrt(abs(np.linalg.det(m[:, :2])))))

    def record(self) -> dict[str, Any]:
        return {
            "kind": self.kind,
            "shape": self.shape,
            "cell_px": self.cell_px,
            "angle": self.angle,
            "density": self.density,
        }


@dataclass(frozen=True)
class Gradient:
    """From one colour at `start` to another at `end`, or to nothing; along the line between them, along a drawn `way`
    that goes from one to the other, or `round` about the start. Mixed in OKLab: see `core.ink.oklch`."""

    start: Point
    end: Point
    first: Color
    last: Color | None
    round: bool = False
    way: tuple[Point, ...] = ()
    kind: ClassVar[str] = "gradient"

    def alpha(self, alpha: NDArray[np.uint8], key: tuple[int, int]) -> NDArray[np.uint8]:
        return alpha

    def pixels(self, alpha: NDArray[np.uint8], key: tuple[int, int]) -> NDArray[np.uint32] | None:
        x = key[0] * TILE + np.arange(TILE) + 0.5
        y = (key[1] * TILE + np.arange(TILE) + 0.5)[:, None]
        dx, dy = self.end[0] - self.start[0], self.end[1] - self.start[1]
        square = max(1e-12, dx * dx + dy * dy)
        if self.way:
            share = self._along(x, y)
        elif self.round:
            share = np.sqrt(((x - self.start[0]) ** 2 + (y - self.start[1]) ** 2) / square)
        else:
            share = ((x - self.start[0]) * dx + (y - self.start[1]) * dy) / square
        table = self._table()[(np.clip(share, 0, 1) * STEPS + 0.5).astype(np.int64)]
        opacity = alpha[..., None] / 255.0 * table[..., 3:]
        rgba = np.concatenate([table[..., :3] * opacity, opacity], axis=-1)
        return np.ascontiguousarray((rgba * 255 + 0.5).astype(np.uint8)).view(np.uint32)[..., 0]

    def _along(self, x: NDArray[np.floating], y: NDArray[np.floating]) -> NDArray[np.float64]:
        """How far along the way its nearest place lies, 0..1."""
        way = np.array(self.way, np.float64)
        length = np.concatenate([[0.0], np.cumsum(np.hypot(*np.diff(way, axis=0).T))])
        best, share = np.full((TILE, TILE), np.inf), np.zeros((TILE, TILE))
        for (ax, ay), (bx, by), begin, end in zip(way[:-1], way[1:], length[:-1], length[1:], strict=True):
            if end <= begin:
                continue
            u = np.clip(((x - ax) * (bx - ax) + (y - ay) * (by - ay)) / (end - begin) ** 2, 0, 1)
            away = (x - ax - u * (bx - ax)) ** 2 + (y - ay - u * (by - ay)) ** 2
            nearer = away < best
            best = np.where(nearer, away, best)
            share = np.where(nearer, (begin + u * (end - begin)) / max(1e-9, length[-1]), share)
        return share

    def _table(self) -> NDArray[np.float64]:
        """(1025, 4) r, g, b, opacity 0..1 along it."""
        share = np.linspace(0, 1, STEPS + 1)[:, None]
        last = self.first if self.last is None else self.last
        lab = to_oklab(np.array(self.first) / 255) * (1 - share) + to_oklab(np.array(last) / 255) * share
        opacity = 1 - share if self.last is None else np.ones_like(share)
        return np.column_stack([from_oklab(lab), opacity])

    def moved(self, m: NDArray[np.float64]) -> Gradient:
        start, end, *way = (_placed(p, m) for p in (self.start, self.end, *self.way))
        return replace(self, start=start, end=end, way=tuple(way))

    def record(self) -> dict[str, Any]:
        return {
            "kind": self.kind, "start": list(self.start), "end": list(self.end), "first": list(self.first),
            "last": None if self.last is None else list(self.last), "round": self.round,
            "way": [list(p) for p in self.way],
        }  # fmt: skip


@dataclass(frozen=True, eq=False)
class Pattern:
    """A piece of a page, (H, W) premultiplied px, repeated: its corner at `corner`, `scale` times as large, turned by
    `angle_rad`, or as in a mirror."""

    piece: NDArray[np.uint32]
    corner: Point
    scale: float = 1.0
    angle_rad: float = 0.0
    mirrored: bool = False
    kind: ClassVar[str] = "pattern"

    def alpha(self, alpha: NDArray[np.uint8], key: tuple[int, int]) -> NDArray[np.uint8]:
        return alpha

    def pixels(self, alpha: NDArray[np.uint8], key: tuple[int, int]) -> NDArray[np.uint32] | None:
        h, w = self.piece.shape
        x = key[0] * TILE + np.arange(TILE) + 0.5 - self.corner[0]
        y = (key[1] * TILE + np.arange(TILE) + 0.5 - self.corner[1])[:, None]
        c, s = math.cos(self.angle_rad) / self.scale, math.sin(self.angle_rad) / self.scale
        across, down = c * x + s * y, c * y - s * x
        if self.mirrored:
            across = -across
        at_x, at_y = (np.mod(across, w) - 0.5).astype(np.float32), (np.mod(down, h) - 0.5).astype(np.float32)
        rgba = np.ascontiguousarray(self.piece).view(np.uint8).reshape(h, w, 4)
        shown = cv2.remap(rgba, at_x, at_y, cv2.INTER_LINEAR, borderMode=cv2.BORDER_WRAP)
        inside = (shown.astype(np.uint16) * alpha[..., None] + 127) // 255
        return np.ascontiguousarray(inside.astype(np.uint8)).view(np.uint32)[..., 0]

    def moved(self, m: NDArray[np.float64]) -> Pattern:
        determinant = float(np.linalg.det(m[:, :2]))
        turn = math.atan2(m[1, 0], m[0, 0]) if determinant > 0 else math.atan2(-m[1, 0], -m[0, 0])
        mirrored = self.mirrored != (determinant < 0)
        angle = turn + (self.angle_rad if determinant > 0 else -self.angle_rad)
        scale = self.scale * math.sqrt(abs(determinant))
        return replace(self, corner=_placed(self.corner, m), scale=scale, angle_rad=angle, mirrored=mirrored)

    def record(self) -> dict[str, Any]:
        packed = base64.b64encode(zlib.compress(np.ascontiguousarray(self.piece).tobytes(), 9)).decode("ascii")
        return {
            "kind": self.kind, "size": [*self.piece.shape[::-1]], "piece": packed, "corner": list(self.corner),
            "scale": self.scale, "angle_rad": self.angle_rad, "mirrored": self.mirrored,
        }  # fmt: skip


MOST_PIECE_PX, LEAST_PIECE_PX = 1024, 4
SEAM_SHARE, MOST_SEAM_PX = 0.125, 48


def seamless(pixels: NDArray[np.uint32], corner: Point) -> Pattern:
    """The pattern of a piece of a page, (H, W) premultiplied px, whose corner lies at a place. What lies along its
    right and its lower side is faded into the opposite one, so that it repeats without a seam. Raises ValueError if it
    is too small or too large."""
    h, w = pixels.shape
    if min(h, w) < LEAST_PIECE_PX or max(h, w) > MOST_PIECE_PX:
        raise ValueError(f"a pattern has {LEAST_PIECE_PX} to {MOST_PIECE_PX} px a side, not {w} x {h}")
    rgba = np.ascontiguousarray(pixels).view(np.uint8).reshape(h, w, 4).astype(np.float64)
    for axis in (0, 1):
        rgba = _faded(rgba, axis)
    piece = np.ascontiguousarray((rgba + 0.5).astype(np.uint8)).view(np.uint32)[..., 0]
    piece.setflags(write=False)
    return Pattern(piece, corner)


def _faded(rgba: NDArray[np.float64], axis: int) -> NDArray[np.float64]:
    rgba = np.moveaxis(rgba, axis, 0)
    seam = max(1, min(MOST_SEAM_PX, int(len(rgba) * SEAM_SHARE)))
    period = len(rgba) - seam
    out = rgba[:period].copy()
    share = ((np.arange(seam) + 1) / (seam + 1))[:, None, None]
    out[:seam] = share * rgba[:seam] + (1 - share) * rgba[period:]
    return np.moveaxis(out, 0, axis)


def fill_from(record: Json) -> Fill:
    """Read a fill. Raises ValueError, TypeError or KeyError."""
    kind = record.get("kind", "flat")
    if kind == "flat":
        return Flat()
    if kind == "tone":
        shape = str(record.get("shape", "dots"))
        if shape not in SHAPES:
            raise ValueError(f"a tone is one of {', '.join(SHAPES)}")
        cell, angle = number_in(record.get("cell_px", 10), 1, 1e4), number_in(record.get("angle", 45), -3600, 3600)
        return Tone(shape, cell, angle, number_in(record.get("density", 0.3), 0, 1))
    if kind == "gradient":
        last = record.get("last")
        first, last = _color(record["first"]), None if last is None else _color(last)
        way = tuple(_point(p) for p in record.get("way", ())[:MOST_WAY])
        return Gradient(
            _point(record["start"]), _point(record["end"]), first, last, bool(record.get("round")), way
        )  # fmt: skip
    if kind == "pattern":
        return _pattern_from(record)
    raise ValueError(f"there is no fill “{kind}”")


MOST_WAY = 200  # places of a way that a gradient follows


def _pattern_from(record: Json) -> Pattern:
    w, h = (int(number_in(v, 1, MOST_PIECE_PX)) for v in record["size"])
    try:
        unpacker = zlib.decompressobj()
        data = unpacker.decompress(base64.b64decode(str(record["piece"]), validate=True), 4 * w * h)
    except (binascii.Error, zlib.error) as error:
        raise ValueError("the piece of a pattern is damaged") from error
    if len(data) != 4 * w * h:
        raise ValueError("the piece of a pattern is not as large as it says")
    piece = np.frombuffer(data, np.uint32).reshape(h, w)
    return Pattern(
        piece, _point(record["corner"]), number_in(record.get("scale", 1), 1e-3, 1e3),
        number_in(record.get("angle_rad", 0), -1e3, 1e3), bool(record.get("mirrored")),
    )  # fmt: skip


def _placed(p: Point, m: NDArray[np.float64]) -> Point:
    x, y = m[:, :2] @ np.array(p) + m[:, 2]
    return float(x), float(y)


def _point(value: Any) -> Point:
    x, y = (number_in(v, -FARTHEST_PX, FARTHEST_PX) for v in value)
    return x, y


def _color(value: Any) -> Color:
    r, g, b = (int(number_in(v, 0, 255)) for v in value)
    return r, g, b
