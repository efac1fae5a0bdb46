"""Faults in what Qt calls: they are logged, and do not end the process.

Qt aborts where an exception leaves a widget's painter active. And PySide 6.11 on Python 3.11 crashes on an exception
that C code raised in an event handler, if the event was sent, or the widget shown, from Python: it takes the message of
such an exception for the exception.
"""

from __future__ import annotations

import logging
import sys
from collections.abc import Callable
from functools import wraps
from typing import Any, TypeVar

from PySide6.QtGui import QPainter, QPaintEvent
from PySide6.QtWidgets import QWidget

log = logging.getLogger(__name__)

Widget = TypeVar("Widget", bound=QWidget)

_told: set[tuple[str, str]] = set()  # what failed before: it would fill the log with every frame


def handled(handle: Callable[..., None]) -> Callable[..., None]:
    """Make an event handler pass its faults to `sys.excepthook`, and none to Qt."""

    @wraps(handle)
    def handle_event(self: Any, *event: Any) -> None:
        try:
            handle(self, *event)
        except Exception:
            sys.excepthook(*sys.exc_info())

    return handle_event


def painted(paint: Callable[[Widget, QPainter, QPaintEvent], None]) -> Callable[[Widget, QPaintEvent], None]:
    """Make a `paintEvent` of `paint(self, painter, event)`: the painter is ended whatever happens."""

    @wraps(paint)
    def paint_event(self: Widget, event: QPaintEvent) -> None:
        painter = QPainter(self)
        try:
            paint(self, painter, event)
        except Exception as error:
            log_once(type(self).__name__, error)
        finally:
            painter.end()

    return paint_event


def painted_row(paint: Callable[..., None]) -> Callable[..., None]:
    """Make a delegate's `paint(self, painter, option, index)` leave the painter as it was, whatever happens."""

    @wraps(paint)
    def paint_row(self: Any, painter: QPainter, *more: Any) -> None:
        painter.save()
        try:
            paint(self, painter, *more)
        except Exception as error:
            log_once(type(self).__name__, error)
        finally:
            painter.restore()

    return paint_row


def log_once(where: str, error: Exception) -> None:
    """Log what could not be painted, the first time it cannot."""
    what = (where, repr(error))
    if what not in _told:
        _told.add(what)
        log.error("%s could not be painted", where, exc_info=error)
