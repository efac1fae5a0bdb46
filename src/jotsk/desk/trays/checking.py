"""From where on something is a finding: where size and steadiness stand while one draws."""

from __future__ import annotations

import math
from typing import Any

from PySide6.QtWidgets import QHBoxLayout, QWidget

from jotsk.core.check.finding import USUAL, Limits
from jotsk.core.page.frames import MM_PER_INCH
from jotsk.core.words import tr
from jotsk.desk.document.document import Document
from jotsk.desk.inout.settings import Settings
from jotsk.desk.widgets import Track, TrackKind

KEY = "check/limits"
RANGES = {"leak_px": (1.0, 40.0), "tangent_px": (0.5, 20.0), "wobble_mm": (0.04, 2.0), "outside": (1.0, 3.0)}


def kept_limits(settings: Settings) -> Limits:
    """Those of the settings that make sense."""
    kept: dict[str, Any] = settings.get(KEY, {})
    limits = USUAL
    for name, (low, high) in RANGES.items():
        value = kept.get(name)
        if isinstance(value, int | float) and math.isfinite(value):
            limits = limits._replace(**{name: min(high, max(low, float(value)))})
    return limits


class CheckingTray(QWidget):
    def __init__(self, document: Document, settings: Settings, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._document, self._settings = document, settings
        self.leaks = Track(
            tr("Gaps up to"),
            TrackKind.SIZE,
            *RANGES["leak_px"],
            unit="px",
            tooltip=tr("Wider gaps are no leaks: they are meant"),
        )
        self.tangents = Track(
            tr("Touching within"), TrackKind.SIZE, *RANGES["tangent_px"], unit="px",
            tooltip=tr("Lines, ends and corners that are no farther apart are tangents"),
        )  # fmt: skip
        self.wobble = Track(
            tr("Wobble above"), TrackKind.SIZE, 0.5, 20, unit="px",
            tooltip=tr("Lines that stray less from what was meant are left alone; RMS, px of this page"),
        )  # fmt: skip
        self.outside = Track(
            tr("Outside at least"), TrackKind.SIZE, 100, 300, unit="%",
            tooltip=tr("An outside that is thinner than so much of the inside is a weak outline"),
        )  # fmt: skip
        layout = QHBoxLayout(self)
        layout.setContentsMargins(20, 8, 20, 6)
        layout.setSpacing(28)
        self._tracks = {
            "leak_px": self.leaks, "tangent_px": self.tangents, "wobble_mm": self.wobble, "outside": self.outside,
        }  # fmt: skip
        for name, track in self._tracks.items():
            layout.addWidget(track, 1)
            track.changed.connect(lambda value, finished, name=name: self._put(name, value) if finished else None)
        document.opened.connect(self.refresh)
        self.refresh()

    @property
    def _px(self) -> dict[str, float]:
        """How many of what a track shows one of what is kept is."""
        return {"wobble_mm": self._document.page.dpi / MM_PER_INCH, "outside": 100.0}

    def _put(self, name: str, value: float) -> None:
        limits: Limits = self._document.checks.limits._replace(**{name: value / self._px.get(name, 1.0)})
        self._document.checks.set_limits(limits)
        self._settings.set(KEY, limits._asdict())
        self.refresh()

    def refresh(self) -> None:
        limits, px = self._document.checks.limits._asdict(), self._px
        for name, track in self._tracks.items():
            track.set_value(limits[name] * px.get(name, 1.0))
            usual = USUAL._asdict()[name] * px.get(name, 1.0)
            is_usual = abs(limits[name] - USUAL._asdict()[name]) < 1e-6
            track.remark.setText(tr("as shipped") if is_usual else tr("as shipped: {usual:.3g}", usual=usual))
