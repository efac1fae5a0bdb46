"""The manual: the documents of the project with their pictures, searched."""

from __future__ import annotations

import re
import sys
from contextlib import suppress
from pathlib import Path

import cv2
import numpy as np
from PySide6.QtCore import Qt, QUrl
from PySide6.QtGui import QDesktopServices, QImage, QImageReader, QTextCursor, QTextDocument
from PySide6.QtWidgets import (
    QDialog,
    QHBoxLayout,
    QLabel,
    QLineEdit,
    QListWidget,
    QListWidgetItem,
    QTextBrowser,
    QVBoxLayout,
    QWidget,
)  # fmt: skip

from jotsk.core import words
from jotsk.core.words import tr
from jotsk.desk.document.latest import Latest
from jotsk.desk.widgets.ink_marked import InkMarked

PAGES = (
    "drawing", "guides", "mending", "filling", "checking", "handing-over", "practice", "settings", "command-line",
    "steps",
)  # fmt: skip
PLACES = (  # in a checkout, and where a wheel puts them
    Path(__file__).parents[4] / "docs", Path(sys.prefix) / "share" / "jotsk" / "docs",
    Path.home() / ".local" / "share" / "jotsk" / "docs",
)  # fmt: skip
WIDEST_PX = 640
NOTHING = "\u200b"  # a letter without width
WITHOUT_SPACES = "\u3000-\u9fff\uff00-\uffef"  # letters of Japanese: the end of a line is no space between them
MISSING = tr("The manual is not here. It comes with the source, in the folder docs.")


def manual_folder() -> Path | None:
    """Where the pages lie in the language of the window, or else in English."""
    folders = [folder for place in PLACES for folder in (place / words.spoken, place)]
    return next((folder for folder in folders if (folder / f"{PAGES[0]}.md").exists()), None)


def fitted(markdown: str, folder: Path) -> str:
    """Markdown whose pictures are no wider than the page: Qt shows them as large as they are. Each is a paragraph, for
    Qt puts HTML that stands alone beside what comes before it."""

    def picture(match: re.Match[str]) -> str:
        told, name = match.groups()
        return f'{NOTHING}<img src="{(folder / name).resolve().as_uri()}" alt="{told}" width="{WIDEST_PX}"/>'

    joined = re.sub(rf"(?<=[{WITHOUT_SPACES}])\n(?=[{WITHOUT_SPACES}])", "", markdown)
    return re.sub(r"!\[([^\]]*)\]\(([^)]+)\)", picture, joined)


def airy(document: QTextDocument) -> None:
    """Room between paragraphs and before headings, which Markdown alone is shown without."""
    block = document.begin()
    while block.isValid():
        cursor, form = QTextCursor(block), block.blockFormat()
        if block.textList() is None and not cursor.currentTable():
            form.setTopMargin(14 if form.headingLevel() > 1 else 0)
            form.setBottomMargin(8)
            cursor.setBlockFormat(form)
        block = block.next()


def smaller(path: Path, ratio: float) -> QImage:
    """A picture as wide as the page, smoothly: Qt by itself drops pixels, or takes several times as long."""
    data = b""
    with suppress(OSError):
        data = path.read_bytes()
    pixels = cv2.imdecode(np.frombuffer(data, np.uint8), cv2.IMREAD_COLOR) if data else None
    if pixels is None:
        return QImage()
    width = round(WIDEST_PX * ratio)
    size = width, round(pixels.shape[0] * width / pixels.shape[1])
    reduced = cv2.resize(pixels, size, interpolation=cv2.INTER_AREA)
    picture = QImage(reduced.data, *size, 3 * width, QImage.Format.Format_BGR888).copy()
    picture.setDevicePixelRatio(ratio)
    return picture


class PageText(QTextBrowser):
    """Its pictures are read beside the interface, one after the other: a page has up to ten."""

    def __init__(self) -> None:
        super().__init__()
        self._waiting: list[QUrl] = []
        self._reading = Latest("pictures of the manual", self)
        self._reading.came.connect(self._take)

    @property
    def is_loading(self) -> bool:
        return bool(self._waiting)

    def show_markdown(self, text: str) -> None:
        self._waiting.clear()
        self._reading.drop()
        self.document().setDocumentMargin(20)
        self.document().setMarkdown(text)
        airy(self.document())
        self.moveCursor(QTextCursor.MoveOperation.Start)

    def loadResource(self, kind: int, name: QUrl | str) -> object:
        """A blank picture of the size that is wanted, for now."""
        name = QUrl(name)
        if kind != QTextDocument.ResourceType.ImageResource.value or not name.isLocalFile():
            return super().loadResource(kind, name)
        size = QImageReader(name.toLocalFile()).size()
        if not size.isValid():
            return QImage()
        self._waiting.append(name)
        if len(self._waiting) == 1:
            self._read_next()
        width = round(WIDEST_PX * self.devicePixelRatioF())
        blank = QImage(width, round(size.height() * width / size.width()), QImage.Format.Format_Alpha8)
        blank.fill(0)
        blank.setDevicePixelRatio(self.devicePixelRatioF())
        return blank

    def _read_next(self) -> None:
        if self._waiting:
            path, ratio = Path(self._waiting[0].toLocalFile()), self.devicePixelRatioF()
            self._reading.ask(lambda: smaller(path, ratio))

    def _take(self, picture: QImage) -> None:
        self.document().addResource(QTextDocument.ResourceType.ImageResource.value, self._waiting.pop(0), picture)
        self.viewport().update()
        self._read_next()


class Manual(QDialog):
    """On the left the pages, and those in which what is looked for stands; on the right the page."""

    def __init__(self, page: str = PAGES[0], parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setWindowTitle(tr("Manual"))
        self.resize(980, 700)
        self._folder = manual_folder()
        self._texts = {name: self._read(name) for name in PAGES}
        self.search = QLineEdit(placeholderText=tr("Find in the manual"), clearButtonEnabled=True)
        self.search.setAccessibleName(tr("Find in the manual"))
        self.pages = QListWidget()
        self.pages.setItemDelegate(InkMarked(self.pages))
        self.pages.setAccessibleName(tr("Pages"))
        self.pages.setSpacing(2)
        self.pages.setUniformItemSizes(True)
        for name in PAGES:
            item = QListWidgetItem(self._title(name))
            item.setData(Qt.ItemDataRole.UserRole, name)
            self.pages.addItem(item)
        self.told = QLabel(wordWrap=True)
        self.told.setProperty("role", "quiet")
        self.text = PageText()
        self.text.setOpenLinks(False)
        self.text.setAccessibleName(tr("Page of the manual"))
        left = QVBoxLayout()
        left.addWidget(self.search)
        left.addWidget(self.pages, 1)
        left.addWidget(self.told)
        whole = QHBoxLayout(self)
        whole.setContentsMargins(16, 16, 16, 16)
        whole.setSpacing(16)
        whole.addLayout(left, 2)
        whole.addWidget(self.text, 6)
        self.pages.currentItemChanged.connect(lambda *_: self._show())
        self.search.textChanged.connect(self._find)
        self.search.returnPressed.connect(self._find_on)
        self.text.anchorClicked.connect(self._follow)
        self.show_page(page)

    def _read(self, name: str) -> str:
        if self._folder is None:
            return MISSING
        try:
            return (self._folder / f"{name}.md").read_text(encoding="utf-8")
        except OSError:
            return MISSING

    def _title(self, name: str) -> str:
        first = self._texts[name].partition("\n")[0]
        return first.removeprefix("# ") if first.startswith("# ") else name.replace("-", " ").capitalize()

    def show_page(self, name: str) -> None:
        if name in PAGES:
            self.pages.setCurrentRow(PAGES.index(name))

    def _show(self) -> None:
        item = self.pages.currentItem()
        if item is None:
            return
        text = self._texts[item.data(Qt.ItemDataRole.UserRole)]
        self.text.show_markdown(fitted(text, self._folder) if self._folder is not None else text)
        if self.search.text():
            self._find_on()

    def _find(self, wanted: str) -> None:
        """Leave the pages that have all the words."""
        parts = wanted.lower().split()
        found = [name for name in PAGES if all(part in self._texts[name].lower() for part in parts)]
        for k, name in enumerate(PAGES):
            self.pages.item(k).setHidden(name not in found)
        self.told.setText("" if found else tr("“{wanted}” does not stand in the manual.", wanted=wanted))
        item = self.pages.currentItem()
        if found and (item is None or item.isHidden()):
            self.show_page(found[0])
        elif parts:
            self._find_on()

    def _find_on(self) -> None:
        """To the next place on the page; from its end to the first."""
        wanted = self.search.text()
        if wanted and not self.text.find(wanted):
            self.text.moveCursor(QTextCursor.MoveOperation.Start)
            self.text.find(wanted, QTextDocument.FindFlag(0))

    def _follow(self, link: QUrl) -> None:
        name = Path(link.path()).stem
        if link.scheme() in ("http", "https"):
            QDesktopServices.openUrl(link)
        elif name in PAGES:
            self.show_page(name)
        elif self._folder is not None:  # a document beside the manual, for programmers
            QDesktopServices.openUrl(QUrl.fromLocalFile(str((self._folder / link.path()).resolve())))
