"""What areas are filled with: flat colour, a tone, a gradient."""

from __future__ import annotations

import math
from dataclasses import dataclass, replace
from typing import Any, ClassVar, Protocol

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
    """From one colour at `start` to another at `end`, or to nothing; along the line between them, or `round` about the
    start. Mixed in OKLab: see `core.ink.oklch`."""

    start: Point
    end: Point
    first: Color
    last: Color | None
    round: bool = False
    kind: ClassVar[str] = "gradient"

    def alpha(self, alpha: NDArray[np.uint8], key: tuple[int, int]) -> NDArray[np.uint8]:
        return alpha

    def pixels(self, alpha: NDArray[np.uint8], key: tuple[int, int]) -> NDArray[np.uint32] | None:
        x = key[0] * TILE + np.arange(TILE) + 0.5
        y = (key[1] * TILE + np.arange(TILE) + 0.5)[:, None]
        dx, dy = self.end[0] - self.start[0], self.end[1] - self.start[1]
        square = max(1e-12, dx * dx + dy * dy)
        if self.round:
            share = np.sqrt(((x - self.start[0]) ** 2 + (y - self.start[1]) ** 2) / square)
        else:
            share = ((x - self.start[0]) * dx + (y - self.start[1]) * dy) / square
        table = self._table()[(np.clip(share, 0, 1) * STEPS + 0.5).astype(np.int64)]
        opacity = alpha[..., None] / 255.0 * table[..., 3:]
        rgba = np.concatenate([table[..., :3] * opacity, opacity], axis=-1)
        return np.ascontiguousarray((rgba * 255 + 0.5).astype(np.uint8)).view(np.uint32)[..., 0]

    def _table(self) -> NDArray[np.float64]:
        """(1025, 4) r, g, b, opacity 0..1 along it."""
        share = np.linspace(0, 1, STEPS + 1)[:, None]
        last = self.first if self.last is None else self.last
        lab = to_oklab(np.array(self.first) / 255) * (1 - share) + to_oklab(np.array(last) / 255) * share
        opacity = 1 - share if self.last is None else np.ones_like(share)
        return np.column_stack([from_oklab(lab), opacity])

    def moved(self, m: NDArray[np.float64]) -> Gradient:
        start, end = (m[:, :2] @ np.array(p) + m[:, 2] for p in (self.start, self.end))
        return replace(self, start=(float(start[0]), float(start[1])), end=(float(end[0]), float(end[1])))

    def record(self) -> dict[str, Any]:
        return {
            "kind": self.kind, "start": list(self.start), "end": list(self.end), "first": list(self.first),
            "last": None if self.last is None else list(self.last), "round": self.round,
        }  # fmt: skip


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
        return Gradient(_point(record["start"]), _point(record["end"]), first, last, bool(record.get("round")))
    raise ValueError(f"there is no fill “{kind}”")


def _point(value: Any) -> Point:
    x, y = (number_in(v, -FARTHEST_PX, FARTHEST_PX) for v in value)
    return x, y


def _color(value: Any) -> Color:
    r, g, b = (int(number_in(v, 0, 255)) for v in value)
    return r, g, b
