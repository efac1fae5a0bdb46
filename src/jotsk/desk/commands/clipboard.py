"""Lines to and from the clipboard."""

from __future__ import annotations

import atexit
from collections.abc import Callable
from functools import cache
from pathlib import Path

from PySide6.QtCore import QMimeData, QObject
from PySide6.QtGui import QImage
from PySide6.QtWidgets import QApplication

from jotsk.core.marks import Stroke
from jotsk.core.page import InkLayer, Page
from jotsk.core.words import tr
from jotsk.desk.board.board import Board
from jotsk.desk.document.document import Document
from jotsk.desk.document.selection import NO_LINE
from jotsk.desk.inout.job_queue import JobQueue


@cache
def leave_at_the_end() -> None:
    """Take what this program copied from the clipboard before Python ends: Qt deletes it only afterwards, which ends
    the process by a fault."""

    def leave() -> None:
        if QApplication.instance() is None:
            return
        clipboard = QApplication.clipboard()
        if clipboard.ownsClipboard() or QApplication.platformName() == "offscreen":  # there nobody else has one
            clipboard.clear()

    atexit.register(leave)


class Clipboard(QObject):
    """A copy is worked out beside the interface, and read there: thousands of lines are many px."""

    def __init__(self, document: Document, board: Board, jobs: JobQueue, tell: Callable[[str], None]) -> None:
        super().__init__(board)
        self._document, self._board, self._jobs, self._tell = document, board, jobs, tell

    def copy(self) -> bool:
        """Copy the lines at work. False if there are none."""
        from jotsk.core.files.clippings import KIND, SVG_KIND, as_picture, as_svg, packed, page_of_lines

        page, lines = self._document.page_when_dry(), self._document.selection.at_work
        if not lines:
            self._tell(NO_LINE)
            return False

        def pack(report: Callable[[float], None]) -> tuple[bytes, bytes, QImage]:
            whole = packed(lines, page.dpi)
            alone = page_of_lines(page, lines)
            svg = as_svg(alone, report)
            pixels = as_picture(alone)
            height, width = pixels.shape  # none, if all lies beside the page
            return whole, svg, QImage(pixels, width, height, QImage.Format.Format_ARGB32_Premultiplied).copy()

        def offer(found: tuple[bytes, bytes, QImage]) -> None:
            whole, svg, picture = found
            mime = QMimeData()
            mime.setData(KIND, whole)
            mime.setData(SVG_KIND, svg)
            if not picture.isNull():
                mime.setImageData(picture)
            leave_at_the_end()
            QApplication.clipboard().setMimeData(mime)
            self._tell(tr("The line was copied.") if len(lines) == 1 else tr("%n lines were copied.", None, len(lines)))

        self._jobs.run(tr("Copying"), pack, offer)
        return True

    def cut(self) -> None:
        """Copy the chosen lines and take them away."""
        if not self._document.selection.lines:
            self._tell(tr("Choose the lines to cut first."))
        elif self.copy():
            self._document.selection.delete()

    def take(self, mime: QMimeData) -> bool:
        """Take the lines there are, where they were: our own onto this layer, of other programs on a layer of their
        own. False if there are none."""
        from jotsk.core.files.clippings import KIND, NAME, SVG_KIND, opened, with_pasted
        from jotsk.core.files.svg_lines import lines_in, with_lines

        if mime.hasFormat(KIND):
            clipping, lines = bytes(mime.data(KIND).data()), list[Stroke]()

            def put_down(page: Page, report: Callable[[float], None]) -> Page:
                lines.extend(opened(clipping, page.dpi))
                return with_pasted(page, lines)

            def choose_pasted() -> None:
                layer = self._document.page_when_dry().active
                if isinstance(layer, InkLayer):
                    self._document.selection.choose(
                        [m for m in list(layer.marks)[-len(lines) :] if isinstance(m, Stroke)]
                    )

            self._document.edit_slowly(tr("Paste lines"), put_down, choose_pasted)
            return True
        if mime.hasFormat(SVG_KIND):
            hand, data = self._board.hand, bytes(mime.data(SVG_KIND).data())
            pen, size, color = hand.pen, hand.settings.size_px, hand.color

            def bring(page: Page, report: Callable[[float], None]) -> Page:
                found, _ = lines_in(data, Path(NAME), page.dpi, report)
                return with_lines(page, found, tr("Pasted"), pen, size, color, report)

            self._document.edit_slowly(tr("Paste lines"), bring)
            return True
        return False
