"""The simulated pen: traces become real tablet or mouse events on a real widget."""

from __future__ import annotations

from collections.abc import Iterable, Iterator

from PySide6.QtCore import QCoreApplication, QEvent, QObject, QPointF, Qt, QTimer, Signal
from PySide6.QtGui import QInputDevice, QMouseEvent, QPointingDevice, QPointingDeviceUniqueId, QTabletEvent
from PySide6.QtWidgets import QWidget

from jotsk.core.hand import Trace
from jotsk.core.hand.simulated_pen import Device

TICK_MS = 8


class SimulatedPen(QObject):
    """Draws traces, given in the widget's logical px, on `widget`.

    `device` decides what arrives: one with pressure levels sends tablet events, one without sends mouse events. The
    events carry the times of the trace, so a filter sees the trace's own rate however fast it is played.
    """

    finished = Signal()

    def __init__(self, widget: QWidget, device: Device, *, eraser: bool = False) -> None:
        super().__init__(widget)
        self._widget = widget
        self._has_pressure = device.levels > 0
        kind = QPointingDevice.PointerType.Eraser if eraser else QPointingDevice.PointerType.Pen
        capability = QInputDevice.Capability
        # Kept as long as the pen: an event only borrows its device.
        self._device = QPointingDevice(
            f"simulated {device.name}", 7001 + eraser, QInputDevice.DeviceType.Stylus, kind,
            capability.Position | capability.Pressure | capability.XTilt | capability.YTilt,
            1, 3, "", QPointingDeviceUniqueId.fromNumericId(7001 + eraser),
        )  # fmt: skip
        self._timer = QTimer(self, interval=TICK_MS)
        self._timer.timeout.connect(self._tick)
        self._events: Iterator[tuple[float, QEvent]] = iter(())
        self._waiting: tuple[float, QEvent] | None = None
        self._speed = 1.0
        self._clock_ms = 0.0
        self._next_ms = 0.0

    def draw(self, trace: Trace) -> None:
        """Send the whole stroke now, without waiting."""
        for _, event in self._events_of(trace):
            QCoreApplication.sendEvent(self._widget, event)

    def play(self, traces: Iterable[Trace], *, speed: float = 1.0, pause_s: float = 0.25) -> None:
        """Draw traces at the pace of a hand, `speed` times as fast; emits `finished`."""
        self._speed = speed
        self._events = self._paced(traces, pause_s)
        self._waiting = next(self._events, None)
        self._clock_ms = 0.0
        self._timer.start()

    def stop(self) -> None:
        self._timer.stop()

    def _paced(self, traces: Iterable[Trace], pause_s: float) -> Iterator[tuple[float, QEvent]]:
        begin = 0.0
        for trace in traces:
            yield from ((begin + t, event) for t, event in self._events_of(trace))
            begin += (trace.duration_s + pause_s) * 1000

    def _tick(self) -> None:
        self._clock_ms += TICK_MS * self._speed
        while self._waiting is not None and self._waiting[0] <= self._clock_ms:
            QCoreApplication.sendEvent(self._widget, self._waiting[1])
            self._waiting = next(self._events, None)
        if self._waiting is None:
            self._timer.stop()
            self.finished.emit()

    def _events_of(self, trace: Trace) -> Iterator[tuple[float, QEvent]]:
        """(ms since the touch, event) for press, every move, and the lift."""
        start = self._next_ms
        rows = trace.samples.tolist()
        first = rows[0][0]
        for i, (t, x, y, pressure, tilt_x, tilt_y) in enumerate(rows):
            ms = (t - first) * 1000
            kind = QEvent.Type.TabletPress if i == 0 else QEvent.Type.TabletMove
            yield ms, self._event(kind, start + ms, x, y, pressure, tilt_x, tilt_y)
        t, x, y = rows[-1][:3]
        ms = (t - first) * 1000
        self._next_ms = start + ms + 200
        yield ms, self._event(QEvent.Type.TabletRelease, start + ms, x, y, 0.0, 0.0, 0.0)

    def _event(
        self, kind: QEvent.Type, ms: float, x: float, y: float, pressure: float, tilt_x: float, tilt_y: float
    ) -> QEvent:
        at = QPointF(x, y)
        globally = QPointF(self._widget.mapToGlobal(at))
        left, none = Qt.MouseButton.LeftButton, Qt.MouseButton.NoButton
        button = none if kind == QEvent.Type.TabletMove else left
        buttons = none if kind == QEvent.Type.TabletRelease else left
        if self._has_pressure:
            event: QTabletEvent | QMouseEvent = QTabletEvent(
                kind, self._device, at, globally, pressure, tilt_x, tilt_y, 0.0, 0.0, 0.0,
                Qt.KeyboardModifier.NoModifier, button, buttons,
            )  # fmt: skip
        else:
            mouse = {
                QEvent.Type.TabletPress: QEvent.Type.MouseButtonPress,
                QEvent.Type.TabletMove: QEvent.Type.MouseMove,
                QEvent.Type.TabletRelease: QEvent.Type.MouseButtonRelease,
            }[kind]
            event = QMouseEvent(mouse, at, globally, button, buttons, Qt.KeyboardModifier.NoModifier)
        event.setTimestamp(round(ms) + 1)
        return event
