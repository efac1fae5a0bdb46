"""Printing through the system's dialog."""

from __future__ import annotations

import time
from collections.abc import Callable

from PySide6.QtCore import QRectF
from PySide6.QtGui import QImage, QPageLayout, QPainter
from PySide6.QtPrintSupport import QPrintDialog, QPrinter
from PySide6.QtWidgets import QDialog, QWidget

from jotsk.core.page import Page, flattened
from jotsk.desk.widgets.modal import deleted_after

BAND, REST_S = 32, 0.01  # rows, and between two bands


def ask_printer(page: Page, title: str, parent: QWidget) -> QPrinter | None:
    """Let the user choose a printer, or None."""
    printer = QPrinter(QPrinter.PrinterMode.HighResolution)
    printer.setDocName(title)
    lies = page.width > page.height
    printer.setPageOrientation(QPageLayout.Orientation.Landscape if lies else QPageLayout.Orientation.Portrait)
    with deleted_after(QPrintDialog(printer, parent)) as dialog:
        if dialog.exec() != QDialog.DialogCode.Accepted:
            return None
    return printer


def print_page(page: Page, printer: QPrinter, report: Callable[[float], None] = lambda _: None) -> None:
    """The page at its true size in the middle of the paper, edges that no printer reaches included; smaller only if
    the paper is.

    Band by band, each with a row of the next so that no seam shows: Qt holds the interpreter while it draws, and the
    interface gets its turns between. What `report` raises gives the print up.
    """
    printer.setFullPage(True)
    pixels = flattened(page)
    image = QImage(pixels.data, page.width, page.height, pixels.strides[0], QImage.Format.Format_RGBA8888_Premultiplied)
    room = printer.pageRect(QPrinter.Unit.DevicePixel)
    k = min(printer.resolution() / page.dpi, room.width() / page.width, room.height() / page.height)
    width, height = page.width * k, page.height * k
    painter = QPainter(printer)
    painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
    painter.setRenderHint(QPainter.RenderHint.LosslessImageRendering)  # a PDF would have line art as JPEG
    left, top = (room.width() - width) / 2, (room.height() - height) / 2
    try:
        for y in range(0, page.height, BAND):
            report(y / page.height)
            rows = min(BAND + 1, page.height - y)
            painter.drawImage(
                QRectF(left, top + y * k, width, rows * k), image, QRectF(0, y, page.width, rows)
            )  # fmt: skip
            time.sleep(REST_S)
    except BaseException:
        printer.abort()
        raise
    finally:
        painter.end()
