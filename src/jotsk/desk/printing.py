"""Printing through the system's dialog."""

from __future__ import annotations

from PySide6.QtCore import QRectF
from PySide6.QtGui import QImage, QPageLayout, QPainter
from PySide6.QtPrintSupport import QPrintDialog, QPrinter
from PySide6.QtWidgets import QDialog, QWidget

from jotsk.core.page import Page, flattened
from jotsk.desk.widgets.once import once


def ask_and_print(page: Page, title: str, parent: QWidget) -> bool:
    """Let the user choose a printer, and print; whether anything was."""
    printer = QPrinter(QPrinter.PrinterMode.HighResolution)
    printer.setDocName(title)
    lies = page.width > page.height
    printer.setPageOrientation(QPageLayout.Orientation.Landscape if lies else QPageLayout.Orientation.Portrait)
    with once(QPrintDialog(printer, parent)) as dialog:
        if dialog.exec() != QDialog.DialogCode.Accepted:
            return False
    print_page(page, printer)
    return True


def print_page(page: Page, printer: QPrinter) -> None:
    """The page at its true size in the middle of the paper, edges that no printer reaches included; smaller only if
    the paper is."""
    printer.setFullPage(True)
    pixels = flattened(page)
    image = QImage(pixels.data, page.width, page.height, pixels.strides[0], QImage.Format.Format_RGBA8888_Premultiplied)
    room = printer.pageRect(QPrinter.Unit.DevicePixel)
    k = min(printer.resolution() / page.dpi, room.width() / page.width, room.height() / page.height)
    width, height = page.width * k, page.height * k
    painter = QPainter(printer)
    painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
    painter.setRenderHint(QPainter.RenderHint.LosslessImageRendering)  # a PDF would have line art as JPEG
    painter.drawImage(QRectF((room.width() - width) / 2, (room.height() - height) / 2, width, height), image)
    painter.end()
