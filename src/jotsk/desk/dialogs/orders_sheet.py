"""Hand over: the orders of a page, what each becomes, and what might be sent back."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace
from pathlib import Path

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QSize, Qt, QTimer
from PySide6.QtGui import QColor, QIcon, QImage, QPainter, QPixmap
from PySide6.QtWidgets import (
    QCheckBox,
    QComboBox,
    QDialog,
    QHBoxLayout,
    QLabel,
    QLineEdit,
    QListWidget,
    QListWidgetItem,
    QPushButton,
    QVBoxLayout,
    QWidget,
)  # fmt: skip

from jotsk.core.errors import JotskError
from jotsk.core.files.export import FORMATS
from jotsk.core.files.orders import LAYERED, MOST_SIDE, USUAL, Order, doubts_about, picture_of
from jotsk.core.page import Page
from jotsk.core.page.frames import FRAMES, MM_PER_INCH
from jotsk.core.words import tr
from jotsk.desk.dialogs.export_sheet import COLOR_WORDS, FRAME_WORDS
from jotsk.desk.dialogs.help_mark import foot_that_does
from jotsk.desk.document.latest import Latest
from jotsk.desk.theme import current
from jotsk.desk.widgets.number_field import number_field
from jotsk.desk.widgets.sheet_form import form_of

PICTURE = QSize(74, 90)
LIST_PX = 430
SOON_MS = 60  # after the last change


class OrdersSheet(QDialog):
    """After `exec`: `chosen`, the orders to write; and always `orders`, all of them as they are now, and `names`, of
    those that are ticked."""

    def __init__(
        self, page: Page, orders: Sequence[Order], ticked: Sequence[str], checked: str, parent: QWidget | None = None
    ) -> None:
        super().__init__(parent)
        self.setWindowTitle(tr("Hand over"))
        self.resize(980, 640)
        self._page = page
        self.orders = list(orders)
        self._dirty: set[int] = set()
        self._renewing = QTimer(self, singleShot=True, interval=SOON_MS)
        self._renewing.timeout.connect(self._renew)
        self._drawing = Latest("orders", self)
        self._drawing.came.connect(lambda drawn: self._take_picture(*drawn))
        self.list = QListWidget()
        self.list.setIconSize(PICTURE)
        self.list.setMinimumWidth(LIST_PX)
        self.list.setSpacing(4)
        self.list.setWordWrap(True)
        self.name, self.ending = QLineEdit(maxLength=60), QLineEdit(maxLength=40)
        self.kind, self.color, self.frame = QComboBox(), QComboBox(), QComboBox()
        for each in FORMATS.values():
            self.kind.addItem(each.words, each.name)
        self.kind.addItem(tr("OpenRaster, layered"), LAYERED)
        for name in FRAMES:
            self.frame.addItem(FRAME_WORDS[name], name)
        self.longest = number_field(0, MOST_SIDE, 0, " px")
        self.longest.setSpecialValueText(tr("As large as the page"))
        self.longest.setToolTip(tr("The longest side has at most so many px; 0: as large as the page"))
        self.threshold, self.quality = number_field(1, 255, 0), number_field(1, 100, 0)
        self.threshold.setToolTip(tr("What is darker than this becomes ink"))
        self.transparent, self.sketches = QCheckBox(tr("Leave the paper out")), QCheckBox(tr("With sketch layers"))
        self.shapes = QCheckBox(tr("Lines as shapes"), toolTip=tr("Sharp at any size; what has grain stays a picture"))
        self.ending.setToolTip(tr("What follows the page's name in the name of the file"))
        self.form = form_of((
            (tr("Name"), self.name), (tr("Kind"), self.kind), (tr("Colours"), self.color), ("", self.shapes),
            ("", self.transparent),
            (tr("Black below"), self.threshold), (tr("Quality"), self.quality), (tr("Frame"), self.frame),
            (tr("Longest side"), self.longest), ("", self.sketches), (tr("Ending"), self.ending),
        ))  # fmt: skip
        self.told = QLabel(wordWrap=True)
        self.told.setAlignment(Qt.AlignmentFlag.AlignTop)
        state = QLabel(checked, wordWrap=True)
        state.setProperty("role", "quiet")
        self.add, self.copy = (
            QPushButton(tr("New order"), autoDefault=False),
            QPushButton(tr("Copy"), autoDefault=False),
        )
        self.remove = QPushButton(tr("Remove"), autoDefault=False)
        self.usual = QPushButton(
            tr("As shipped"), autoDefault=False, toolTip=tr("Bring back the orders that came with Jotsk")
        )
        self._of_one: tuple[QWidget, ...] = (
            self.name, self.kind, self.color, self.shapes,
            self.transparent, self.threshold, self.quality, self.frame, self.longest,
            self.sketches, self.ending, self.copy, self.remove,
        )  # fmt: skip
        below = QHBoxLayout()
        for button in (self.add, self.copy, self.remove, self.usual):
            below.addWidget(button)
        below.addStretch()
        left = QVBoxLayout()
        left.addWidget(self.list, 1)
        left.addLayout(below)
        right = QVBoxLayout()
        right.addLayout(self.form)
        right.addSpacing(8)
        right.addWidget(self.told)
        right.addStretch()
        right.addWidget(state)
        foot, self.write = foot_that_does(self, "handing-over", tr("Write…"))
        right.addLayout(foot)
        whole = QHBoxLayout(self)
        whole.setContentsMargins(20, 18, 20, 16)
        whole.setSpacing(20)
        whole.addLayout(left)
        whole.addLayout(right, 1)
        self.list.currentRowChanged.connect(self._show_order)
        self.list.itemChanged.connect(lambda _: self._counted())
        self.kind.currentIndexChanged.connect(self._kind_chosen)
        for signal in (
            self.name.textEdited, self.ending.textEdited, self.color.currentIndexChanged,
            self.frame.currentIndexChanged, self.longest.valueChanged, self.threshold.valueChanged,
            self.quality.valueChanged, self.transparent.toggled, self.sketches.toggled, self.shapes.toggled,
        ):  # fmt: skip
            signal.connect(self._changed)
        self.add.clicked.connect(lambda: self._insert(Order(self._free_name(tr("New order")), ending="-new")))
        self.copy.clicked.connect(self._copy)
        self.remove.clicked.connect(self._remove)
        self.usual.clicked.connect(self._as_shipped)
        self._fill(set(ticked))

    @property
    def names(self) -> list[str]:
        return [order.name for order, item in zip(self.orders, self._items(), strict=True) if _is_ticked(item)]

    @property
    def chosen(self) -> list[Order]:
        return [order for order in self.orders if order.name in self.names]

    def _items(self) -> list[QListWidgetItem]:
        return [self.list.item(k) for k in range(self.list.count())]

    def _fill(self, ticked: set[str], row: int = 0) -> None:
        self.list.blockSignals(True)
        self.list.clear()
        for order in self.orders:
            item = QListWidgetItem(self._words(order))
            item.setFlags(item.flags() | Qt.ItemFlag.ItemIsUserCheckable)
            item.setCheckState(Qt.CheckState.Checked if order.name in ticked else Qt.CheckState.Unchecked)
            item.setIcon(_on_card(None))
            self.list.addItem(item)
        self.list.blockSignals(False)
        self._dirty = set(range(len(self.orders)))
        self._renewing.start()
        self.list.setCurrentRow(min(row, len(self.orders) - 1))
        self._show_order(self.list.currentRow())
        self._counted()

    def _words(self, order: Order) -> str:
        """Its name, and what becomes of the page: a line each."""
        if order.kind == LAYERED:
            return tr("{name}\nOpenRaster with its layers", name=order.name)
        going = order.page_of(self._page)
        export = order.export_of(going)
        width, height = export.size(going)
        dpi = going.dpi * export.scale
        on_paper = tr(
            "{mm_wide:.0f} x {mm_high:.0f} mm", mm_wide=width / dpi * MM_PER_INCH, mm_high=height / dpi * MM_PER_INCH
        )
        size = tr("{width} x {height} px", width=width, height=height) if export.format.has_pixels else tr("no pixels")
        words = f"{order.name}\n{export.format.words}, {COLOR_WORDS[order.color]}\n{size}, {on_paper}"
        count = len(doubts_about(self._page, order))
        return words + ("\n" + tr("%n thing(s) to look at", None, count) if count else "")

    def _show_order(self, row: int) -> None:
        has_one = 0 <= row < len(self.orders)
        for widget in self._of_one:
            widget.setEnabled(has_one)
            widget.blockSignals(True)
        if has_one:
            order = self.orders[row]
            self.name.setText(order.name)
            self.ending.setText(order.ending)
            self.kind.setCurrentIndex(self.kind.findData(order.kind))
            self._offer_colors(order.kind, order.color)
            self.frame.setCurrentIndex(self.frame.findData(order.frame))
            self.longest.setValue(order.longest_px)
            self.threshold.setValue(order.threshold)
            self.quality.setValue(order.quality)
            self.transparent.setChecked(order.transparent)
            self.shapes.setChecked(order.shapes)
            self.sketches.setChecked(order.sketches)
        for widget in self._of_one:
            widget.blockSignals(False)
        self._show_rows()

    def _offer_colors(self, kind: str, wanted: str) -> None:
        colors = () if kind == LAYERED else FORMATS[kind].colors
        self.color.clear()
        has_press = (
            kind != LAYERED
            and 0 <= self.list.currentRow() < len(self.orders)
            and self.orders[self.list.currentRow()].profile
        )
        for color in colors if has_press else (color for color in colors if color != "cmyk"):
            self.color.addItem(COLOR_WORDS[color], color)
        self.color.setCurrentIndex(max(0, self.color.findData(wanted if wanted in colors else "rgb")))

    def _kind_chosen(self) -> None:
        self.color.blockSignals(True)
        self._offer_colors(self.kind.currentData(), self.color.currentData())
        self.color.blockSignals(False)
        self._changed()

    def _changed(self, *_: object) -> None:
        """The order as the fields say it now."""
        row = self.list.currentRow()
        if not 0 <= row < len(self.orders):
            return
        others = {order.name for k, order in enumerate(self.orders) if k != row}
        name = self.name.text().strip()
        kind = self.kind.currentData()
        color = self.color.currentData() or "rgb"
        order = Order(
            name if name and name not in others else self.orders[row].name, kind,
            "".join(c for c in self.ending.text() if c not in "/\\\0"), color, self.frame.currentData(),
            round(self.longest.value()), self.transparent.isChecked() and color == "rgba",
            round(self.threshold.value()), round(self.quality.value()), self.sketches.isChecked(),
            self.shapes.isChecked() and kind != LAYERED and FORMATS[kind].may_have_shapes,
            self.orders[row].profile,
        )  # fmt: skip
        self.orders[row] = order
        self.list.item(row).setText(self._words(order))
        self._dirty.add(row)
        self._renewing.start()
        self._show_rows()
        self._counted()

    def _show_rows(self) -> None:
        row = self.list.currentRow()
        if not 0 <= row < len(self.orders):
            self.told.setText(tr("No orders. New order begins one, As shipped brings back those that came with Jotsk."))
            return
        order = self.orders[row]
        form = None if order.kind == LAYERED else FORMATS[order.kind]
        for widget, is_shown in (
            (self.color, form is not None and len(form.colors) > 1),
            (self.transparent, form is not None and order.color == "rgba"),
            (self.shapes, form is not None and form.may_have_shapes and order.color != "bits"),
            (self.threshold, form is not None and order.color == "bits"),
            (self.quality, form is not None and form.has_quality), (self.frame, form is not None),
            (self.longest, form is not None and form.has_pixels),
        ):  # fmt: skip
            self.form.setRowVisible(widget, is_shown)
        self.told.setText("\n".join(doubts_about(self._page, order)))

    def _counted(self) -> None:
        """The button says how many files it writes; what cannot be is said."""
        chosen = self.chosen
        self.write.setText(tr("Write %n file(s)…", None, len(chosen)))
        trouble = ""
        names = [order.file_of(Path(), "") for order in chosen]
        if len(set(names)) < len(names):
            trouble = tr("Two of the ticked orders would be the same file; give them endings of their own.")
        for order in chosen:
            try:
                order.export_of(self._page).check(self._page)
            except JotskError as error:
                trouble = f"{order.name}: {error}"
        self.write.setEnabled(bool(chosen) and not trouble)
        if trouble:
            self.told.setText(trouble)

    @property
    def is_drawing(self) -> bool:
        """Whether a small picture is still missing."""
        return bool(self._dirty) or self._drawing.is_awaited

    def _renew(self) -> None:
        """The small pictures, one at a time, beside the interface."""
        self._dirty = {row for row in self._dirty if row < len(self.orders)}
        if self._dirty and not self._drawing.is_awaited:
            page, order, most = self._page, self.orders[min(self._dirty)], max(PICTURE.width(), PICTURE.height()) * 2
            self._dirty.discard(min(self._dirty))
            self._drawing.ask(lambda: (order, picture_of(page, order, most)))

    def _take_picture(self, order: Order, pixels: NDArray[np.uint8]) -> None:
        self.list.blockSignals(True)
        for row, other in enumerate(self.orders):
            if other is order:
                self.list.item(row).setIcon(_on_card(pixels))
        self.list.blockSignals(False)
        self._renew()

    def _free_name(self, name: str) -> str:
        taken = {order.name for order in self.orders}
        return next(n for n in (name, *(f"{name} {k}" for k in range(2, len(taken) + 3))) if n not in taken)

    def _insert(self, order: Order) -> None:
        ticked = {*self.names, order.name}
        self.orders.append(order)
        self._fill(ticked, len(self.orders) - 1)
        self.name.setFocus()
        self.name.selectAll()

    def _copy(self) -> None:
        order = self.orders[self.list.currentRow()]
        self._insert(replace(order, name=self._free_name(order.name), ending=order.ending + "-2"))

    def _remove(self) -> None:
        row, ticked = self.list.currentRow(), set(self.names)
        del self.orders[row]
        self._fill(ticked, row)

    def _as_shipped(self) -> None:
        """The orders that came with it, beside those of one's own."""
        ticked, usual = set(self.names), {order.name: order for order in USUAL}
        own = [order for order in self.orders if order.name not in usual]
        self.orders = [*USUAL, *own]
        self._fill(ticked)


def _is_ticked(item: QListWidgetItem) -> bool:
    return item.checkState() is Qt.CheckState.Checked


def _on_card(pixels: np.ndarray | None) -> QIcon:
    """A picture in the middle of a card of one size for all."""
    card = QPixmap(PICTURE * 2)
    card.setDevicePixelRatio(2.0)
    card.fill(QColor(current().sunken))
    if pixels is not None:
        h, w, _ = pixels.shape
        image = QImage(pixels.data, w, h, 3 * w, QImage.Format.Format_RGB888).copy()
        shown = image.scaled(
            (PICTURE - QSize(8, 8)) * 2, Qt.AspectRatioMode.KeepAspectRatio, Qt.TransformationMode.SmoothTransformation
        )
        shown.setDevicePixelRatio(2.0)
        painter = QPainter(card)
        x, y = (PICTURE.width() - shown.width() / 2) / 2, (PICTURE.height() - shown.height() / 2) / 2
        painter.drawImage(int(x), int(y), shown)
        painter.end()
    icon = QIcon(card)
    icon.addPixmap(card, QIcon.Mode.Selected)
    return icon
