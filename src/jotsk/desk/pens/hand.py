"""What is in the hand: the pen, its size, how it is steadied, the colour, the feel of the device."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import asdict, dataclass, replace
from typing import Any, TypeVar

from PySide6.QtCore import QObject, Signal

from jotsk.core.fill.filling import Filling, Inks
from jotsk.core.guides.settling import HOLD_S
from jotsk.core.hand import ResponseCurve, TremorMeter
from jotsk.core.hex_color import color_from_hex, hex_of
from jotsk.core.ink import Color, Pen
from jotsk.core.ink.pens import LARGEST_PX, SMALLEST_PX
from jotsk.desk.pens.pen_library import PenLibrary

BLACK: Color = (0x14, 0x18, 0x1B)
MOST_RECENT = 12
LEAST_OPACITY = 0.01


@dataclass
class PenSettings:
    """How one pen is held: it keeps its own size and steadiness while others are used."""

    size_px: float
    steady_now: float
    steady_after: float
    opacity: float = 1.0

    @classmethod
    def of(cls, pen: Pen) -> PenSettings:
        return cls(pen.size_px, pen.steady_now, pen.steady_after, pen.opacity)


@dataclass(frozen=True)
class Mending:
    """How lines are mended. Lengths are page px, of `tolerance_px` px of the screen."""

    reach_px: float = 60.0  # of the hand
    softness: float = 1.0  # of its edge, 0..1
    amount: float = 1.3  # times as thick
    weight_way: str = "weight"
    push_way: str = "push"
    against: str = "layer"  # what ends a snipped piece
    keep_px: float = 20.0  # of an end that is snipped, while it is asked for
    connect_px: float = 4.0  # between lines that hang together
    tolerance_px: float = 1.5  # between a line and the curve through its points
    frame: str = "whole"  # by what lines are moved: the whole frame, its corners, or a mesh
    rows: int = 3
    columns: int = 3
    scales_weights: bool = True
    along_guides: bool = False


class Hand(QObject):
    """The pen in the hand and its settings."""

    changed = Signal()

    def __init__(self, library: PenLibrary, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self.library = library
        self.pen: Pen = library.pen("quill-nib")
        self.mending = Mending()
        self.filling = Filling()
        self.color: Color = BLACK
        self.previous_color: Color = (255, 255, 255)
        self.recent: list[Color] = []
        self._borrowed_steadiness: float | None = None
        self.is_bare = False  # draws without any steadiness for as long as a practice sheet asks for it
        self.settles_after_s: float | None = HOLD_S  # how long a pen rests before its stroke settles; None: never
        self.feels: dict[str, ResponseCurve] = {}  # by the name of the device
        self.tremors: dict[str, TremorMeter] = {}  # also
        self._settings: dict[str, PenSettings] = {}
        self.used: list[Pen] = []  # the latest first
        self._last_inking = self.pen
        self._last_rubbing = library.pen("eraser")
        library.changed.connect(self._library_changed)

    @property
    def borrowed_steadiness(self) -> float | None:
        """None and full steadiness, now and after, while a key is held."""
        return self._borrowed_steadiness

    @borrowed_steadiness.setter
    def borrowed_steadiness(self, strength: float | None) -> None:
        if strength != self._borrowed_steadiness:
            self._borrowed_steadiness = strength
            self.changed.emit()

    @property
    def settings(self) -> PenSettings:
        return self.settings_of(self.pen)

    def settings_of(self, pen: Pen) -> PenSettings:
        """How `pen` is set now, or as it is in the library if it was not used yet."""
        settings = self._settings.get(pen.id)
        if settings is None:
            settings = self._settings[pen.id] = PenSettings.of(pen)
        return settings

    def settings_for_stroke(self, pen: Pen) -> PenSettings:
        """The same with what a held key borrows, or without steadiness."""
        settings = self.settings_of(pen)
        if self.is_bare:
            return replace(settings, steady_now=0.0, steady_after=0.0)
        if self.borrowed_steadiness is None:
            return settings
        return replace(settings, steady_now=self.borrowed_steadiness, steady_after=self.borrowed_steadiness)

    def as_set(self, pen: Pen) -> Pen:
        """The pen with its opacity on the desk."""
        opacity = self.settings_of(pen).opacity
        return pen if opacity == pen.opacity else replace(pen, opacity=opacity)

    def take(self, pen: Pen) -> None:
        if pen is not self.pen:
            if self.pen.rubs:
                self._last_rubbing = self.pen
            else:
                self._last_inking = self.pen
            self.used = [self.pen, *(p for p in self.used if p.id != self.pen.id)][:MOST_RECENT]
            self.pen = pen
            self.changed.emit()

    def take_inking(self) -> None:
        """Put the eraser down and take up the pen that was used before it."""
        self.take(self.library.pen(self._last_inking.id))

    def eraser(self) -> Pen:
        """The eraser for the other end of the pen: the one last used, or the hard one."""
        pen = self.pen if self.pen.rubs else self.library.pen(self._last_rubbing.id)
        return pen if pen.rubs else self.library.pen("eraser")

    def steady_by(self, **changes: object) -> None:
        """Change how the pen in the hand steadies: its way and its options. The library remembers."""
        self.library.put(replace(self.pen, **changes))  # type: ignore[arg-type]

    def set_size(self, px: float) -> None:
        self._set("size_px", min(LARGEST_PX, max(SMALLEST_PX, px)))

    def set_steady_now(self, strength: float) -> None:
        self._set("steady_now", min(100.0, max(0.0, strength)))

    def set_steady_after(self, strength: float) -> None:
        self._set("steady_after", min(100.0, max(0.0, strength)))

    def set_opacity(self, share: float) -> None:
        self._set("opacity", min(1.0, max(LEAST_OPACITY, share)))

    def set_color(self, color: Color) -> None:
        if color != self.color:
            self.previous_color, self.color = self.color, color
            self.changed.emit()

    def tremor_meter(self, device: str) -> TremorMeter:
        """What is known of the tremor with a device."""
        return self.tremors.setdefault(device, TremorMeter())

    def used_color(self, color: Color) -> None:
        """A stroke was drawn in `color`: it is the most recent one now."""
        if self.recent[:1] != [color]:
            self.recent = [color, *(c for c in self.recent if c != color)][:MOST_RECENT]
            self.changed.emit()

    def step_size(self, steps: int) -> None:
        """Larger or smaller by steps of a tenth, at least half a px."""
        size = self.settings.size_px
        change = max(0.5, size * 0.1)
        self.set_size(round(2 * (size + steps * change)) / 2)

    def forget_settings(self, pen_id: str) -> None:
        """Have a pen as it is in the library again."""
        self._settings.pop(pen_id, None)
        self.changed.emit()

    def record(self) -> dict[str, Any]:
        """The pen, its colour and how every pen is set, to be put back at the next start."""
        pen = self._last_inking if self.pen.rubs else self.pen
        return {
            "pen": pen.id,
            "color": hex_of(self.color),
            "previous": hex_of(self.previous_color),
            "recent": [hex_of(color) for color in self.recent],
            "pens": {pen_id: asdict(settings) for pen_id, settings in self._settings.items()},
        }

    def put_back(self, record: Mapping[str, Any]) -> None:
        """Take up what `record` gave; what makes no sense is left out."""
        kept = record.get("pens")
        for pen_id, values in kept.items() if isinstance(kept, dict) else ():
            if any(pen.id == pen_id for pen in self.library.pens) and isinstance(values, dict):
                self._settings[pen_id] = _settings_from(values, PenSettings.of(self.library.pen(pen_id)))
        self.color = _color_in(record.get("color"), self.color)
        self.previous_color = _color_in(record.get("previous"), self.previous_color)
        recent = record.get("recent")
        if isinstance(recent, list):
            self.recent = [color for text in recent[:MOST_RECENT] if (color := _color_in(text, None)) is not None]
        pen = self.library.pen(str(record.get("pen", self.pen.id)))
        if not pen.rubs:
            self.pen = self._last_inking = pen
        self.changed.emit()

    def set_mending(self, **values: Any) -> None:
        self.mending = replace(self.mending, **values)
        self.changed.emit()

    def set_filling(self, **values: Any) -> None:
        self.filling = replace(self.filling, **values)
        self.changed.emit()

    @property
    def inks(self) -> Inks:
        """What areas are filled with."""
        return Inks(self.color, self.previous_color, self._last_inking if self.pen.rubs else self.pen)

    def _set(self, name: str, value: float) -> None:
        if getattr(self.settings, name) != value:
            setattr(self.settings, name, value)
            self.changed.emit()

    def _library_changed(self) -> None:
        """The pen in the hand follows its recipe; if it is gone, the first one is taken up."""
        self.pen = self.library.pen(self.pen.id)
        self.changed.emit()


C = TypeVar("C", Color, None)


def _color_in(text: Any, otherwise: C) -> Color | C:
    try:
        return color_from_hex(text)
    except (ValueError, TypeError):
        return otherwise


def _settings_from(values: Mapping[str, Any], usual: PenSettings) -> PenSettings:
    """Those that were kept, inside their ranges."""
    ranges = {
        "size_px": (SMALLEST_PX, LARGEST_PX), "steady_now": (0, 100), "steady_after": (0, 100),
        "opacity": (LEAST_OPACITY, 1),
    }  # fmt: skip
    good = {}
    for name, (low, high) in ranges.items():
        value = values.get(name)
        if isinstance(value, int | float) and not isinstance(value, bool) and low <= value <= high:
            good[name] = float(value)
    return replace(usual, **good)
