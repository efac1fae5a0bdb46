"""The layers of the page, as a stack."""

from __future__ import annotations

from collections import deque
from collections.abc import Callable
from typing import Any

from PySide6.QtCore import QPoint, QRectF, Qt, QTimer, Signal
from PySide6.QtGui import QAction, QColor, QPainter, QPaintEvent, QResizeEvent
from PySide6.QtWidgets import (
    QComboBox,
    QHBoxLayout,
    QLabel,
    QMenu,
    QScrollArea,
    QToolButton,
    QVBoxLayout,
    QWidget,
)  # fmt: skip

from jotsk.core.page import GroupLayer, Layer, Page
from jotsk.core.page.compose.modes import MODES
from jotsk.core.page.layers.layer import NON_PHOTO_BLUE
from jotsk.core.page.layers.tree import ancestors, children, inside
from jotsk.core.words import capitalized, tr
from jotsk.desk.document.document import Document
from jotsk.desk.icons import icon
from jotsk.desk.theme import current
from jotsk.desk.trays.layer_row import BUTTON_PX, INDENT_PX, ROW_PX, LayerRow
from jotsk.desk.widgets import Track, TrackKind
from jotsk.desk.widgets.asking import ask_text
from jotsk.desk.widgets.at_pause import AtPause
from jotsk.desk.widgets.drawn_beside import DRAWN
from jotsk.desk.widgets.faults import handled, painted

REFRESH_MS, HELD_MS = 150, 500
MOST_SPARE = 32  # rows kept for layers to come
SWITCHES = (
    ("clips", "corner-left-down", tr("Clip: show this layer only where the one below has ink"), tr("Clip layer"),
     tr("Unclip layer")),
    ("locks_alpha", "grid-2x2", tr("Lock transparency: drawing only colours what is there"), tr("Lock transparency"),
     tr("Unlock transparency")),
    ("locks_place", "move", tr("Lock position: the layer cannot be moved"), tr("Lock position"), tr("Unlock position")),
    ("tint", "droplets", tr("Show this layer in non-photo blue"), tr("Tint layer"), tr("Untint layer")),
)  # fmt: skip
MENU = (
    "layer.rename",
    "layer.duplicate",
    "layer.group",
    "layer.ungroup",
    "",
    "layer.trace_under",
    "layer.solo",
    "",
    "layer.merge_down",
    "layer.merge_visible",
    "layer.flat_copy",
    "",
    "layer.delete",
)
FOLLOWS = (("follows_guides", tr("Follow guides")), ("follows_symmetry", tr("Follow symmetry")))  # fmt: skip


class LayerList(QWidget):
    """The rows, topmost layer first, and the line where a dragged one would land."""

    def __init__(self, parent: QWidget) -> None:
        super().__init__(parent)
        self._drop: tuple[int, int, bool] | None = None
        self._rows: list[LayerRow] = []
        self._seen: deque[LayerRow] = deque()
        self._timer = QTimer(self, interval=0)
        self._timer.timeout.connect(self._draw_one)

    def arrange(self, rows: list[LayerRow]) -> None:
        """Lay the rows out. All are of one height; a layout would place all anew for each of many new ones."""
        self._rows = rows
        self.setMinimumHeight(ROW_PX * len(rows))
        for k, row in enumerate(rows):
            row.setGeometry(0, k * ROW_PX, self.width(), ROW_PX)
            row.show()

    @handled
    def resizeEvent(self, event: QResizeEvent) -> None:
        self.arrange(self._rows)

    def draw_soon(self, row: LayerRow) -> None:
        """Draw the thumbnail of a row that is seen; of several, one in each turn of the loop."""
        if row not in self._seen:
            self._seen.append(row)
            self._timer.start()

    def _draw_one(self) -> None:
        self._timer.setInterval(HELD_MS if DRAWN.is_held else 0)
        if DRAWN.is_held:
            return
        self._seen.popleft().draw_thumbnail()
        if not self._seen:
            self._timer.stop()

    def show_drop(self, drop: tuple[int, int, bool] | None) -> None:
        """(row, depth, into the group of that row); None: nothing is dragged."""
        self._drop = drop
        self.update()

    @painted
    def paintEvent(self, painter: QPainter, event: QPaintEvent) -> None:
        if self._drop is None:
            return
        row, depth, into = self._drop
        left = 12 + INDENT_PX * depth
        if into:
            painter.fillRect(QRectF(left, row * ROW_PX, self.width() - left - 12, ROW_PX), QColor(current().sunken))
        else:
            y = min(max(1, row * ROW_PX), self.height() - 2)
            painter.fillRect(QRectF(left, y - 1, self.width() - left - 12, 2), QColor(current().accent))


class LayerTray(QWidget):
    """The stack, its buttons, and what the active layer is like."""

    soloed = Signal(object)  # uids that alone are shown, or None

    def __init__(self, document: Document, actions: dict[str, QAction], parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._document, self._actions = document, actions
        self.rows: list[LayerRow] = []
        self._spare: list[LayerRow] = []
        self._folded: set[int] = set()
        self._solo: int | None = None
        self._shown: object = None  # of the active layer
        heading = QLabel(tr("Layers"))
        heading.setProperty("role", "heading")
        self._buttons: list[tuple[QToolButton, str]] = []
        head = QHBoxLayout()
        head.setContentsMargins(16, 10, 8, 2)
        head.setSpacing(0)
        head.addWidget(heading)
        head.addStretch()
        for action, name in (
            ("layer.trace_under", "blend"), ("layer.group", "folder-plus"), ("layer.merge_down", "arrow-down"),
            ("layer.delete", "trash-2"), ("layer.add", "plus"),
        ):  # fmt: skip
            button = QToolButton(self)
            button.setDefaultAction(actions[action])
            button.setToolButtonStyle(Qt.ToolButtonStyle.ToolButtonIconOnly)
            button.setFixedSize(BUTTON_PX, BUTTON_PX)
            self._buttons.append((button, name))
            head.addWidget(button)
        self._list = LayerList(self)
        scroll = QScrollArea(self)
        scroll.setAccessibleName(tr("Layers"))
        scroll.setWidgetResizable(True)
        scroll.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        scroll.setWidget(self._list)
        self.blend = QComboBox(toolTip=tr("How this layer blends with those below (W3C Compositing and Blending)"))
        self.blend.setAccessibleName(tr("Blend"))
        for mode in MODES:
            self.blend.addItem(capitalized(tr(mode).replace("-", " ")), mode)
        self.blend.activated.connect(
            lambda index: self._document.layers.change(tr("Blend layer"), blend=self.blend.itemData(index))
        )
        manner = QHBoxLayout()
        manner.setContentsMargins(16, 4, 8, 0)
        manner.setSpacing(0)
        manner.addWidget(self.blend, 1)
        manner.addSpacing(4)
        self.switches: dict[str, QToolButton] = {}
        for what, _, tip, _, _ in SWITCHES:
            switch = self.switches[what] = QToolButton(self, toolTip=tip, checkable=True)
            switch.setAccessibleName(tip)
            switch.setFixedSize(BUTTON_PX, BUTTON_PX)
            switch.clicked.connect(lambda on, w=what: self._switch(w, on))
            manner.addWidget(switch)
        self.opacity = Track(
            tr("Opacity"), TrackKind.OPACITY, 0, 100, unit="%", remark=False, tooltip=tr("Opacity of the chosen layers")
        )
        around = QVBoxLayout()
        around.setContentsMargins(16, 4, 16, 4)
        around.addWidget(self.opacity)
        layout = QVBoxLayout(self)
        layout.setContentsMargins(0, 0, 0, 0)
        layout.setSpacing(2)
        layout.addLayout(head)
        layout.addWidget(scroll, 1)
        layout.addLayout(manner)
        layout.addLayout(around)
        self._pause = AtPause(self.refresh, lambda: document.is_inking, REFRESH_MS, self)
        self.opacity.changed.connect(self._set_opacity)
        document.changed.connect(self._page_changed)
        document.layers.chosen_changed.connect(self._show_chosen)
        document.taken.connect(self._forget)
        actions["layer.rename"].triggered.connect(lambda: self._rename(self._document.page_as_arranged().active_uid))
        actions["layer.solo"].triggered.connect(lambda: self.solo(self._document.page_as_arranged().active_uid))
        self.theme_changed()

    def theme_changed(self) -> None:
        for button, name in self._buttons:
            button.defaultAction().setIcon(icon(name, current().text))
        self.rebuild()

    def refresh(self) -> None:
        """Bring the rows up to date whose layers have other ink or opacity now."""
        page = self._document.page_as_arranged()
        for row in self.rows:
            layer = page.layer(row.layer.uid)
            if layer is not None and layer is not row.layer:
                row.show_layer(layer, page, is_folded=row.is_folded)
        self._show_active()

    def rebuild(self) -> None:
        """Bring the rows into the order of the page's layers, and make those that are missing."""
        page, chosen = self._document.page_as_arranged(), self._document.layers.chosen
        layers = [
            layer for layer in reversed(page.layers)
            if not any(group.uid in self._folded for group in ancestors(page.layers, layer))
        ]  # fmt: skip
        before, shown = {row.layer.uid: row for row in self.rows}, {layer.uid for layer in layers}
        gone = [before.pop(uid) for uid in before.keys() - shown]
        for row in gone:
            row.let_go()
        self._spare += gone  # an undo brings many back at once
        self.rows = []
        for layer in layers:
            row = before.get(layer.uid) or (self._spare.pop() if self._spare else self._new_row())
            row.show_layer(layer, page, is_folded=layer.uid in self._folded)
            row.select(is_active=layer.uid == page.active_uid, is_selected=layer.uid in chosen)
            self.rows.append(row)
        for row in self._spare[MOST_SPARE:]:
            row.deleteLater()
        del self._spare[MOST_SPARE:]
        self._list.arrange(self.rows)
        self._show_active()

    def _new_row(self) -> LayerRow:
        row = LayerRow(self._list)
        row.chosen.connect(self._choose)
        row.toggled.connect(self._toggle)
        row.soloed.connect(self.solo)
        row.folded.connect(self._fold)
        row.renamed.connect(self._rename)
        row.asked.connect(self._ask)
        row.dragged.connect(self._drag)
        row.seen_anew.connect(lambda: self._list.draw_soon(row))
        return row

    def solo(self, uid: int) -> None:
        """Show one layer alone, or all again; only a way of looking, no change of the page."""
        self._solo = None if self._solo == uid else uid
        page = self._document.page_as_arranged()
        layer = page.layer(uid)
        if self._solo is None or layer is None:
            self.soloed.emit(None)
        else:
            self.soloed.emit(inside(page.layers, [uid]) | {g.uid for g in ancestors(page.layers, layer)})

    def _forget(self) -> None:
        self._folded.clear()
        if self._solo is not None:
            self.solo(self._solo)

    def _show_active(self) -> None:
        layer, theme = self._document.page_as_arranged().active, current()
        on = [bool(getattr(layer, what, False)) for what, *_ in SWITCHES]
        shown = theme, on, layer and (layer.opacity, layer.blend)
        if shown == self._shown:  # as after nearly every stroke
            return
        self._shown = shown
        for what, name, *_ in SWITCHES:
            is_on = layer is not None and bool(getattr(layer, what))
            self.switches[what].setChecked(is_on)
            self.switches[what].setIcon(icon(name, theme.accent if is_on else theme.quiet))
        if layer is not None:
            self.opacity.set_value(layer.opacity * 100)
            self.blend.setCurrentIndex(max(0, self.blend.findData(layer.blend)))

    def _page_changed(self, before: Page, after: Page) -> None:
        if [(x.uid, x.parent) for x in before.layers] != [(x.uid, x.parent) for x in after.layers]:
            self.rebuild()
            return
        if before.active_uid != after.active_uid:
            self._show_chosen()
        changed = [(a, b) for a, b in zip(before.layers, after.layers, strict=True) if a is not b]
        if any(_manner(a) != _manner(b) for a, b in changed):
            self.refresh()
        else:
            self._pause.ask()  # only ink or opacity: the rows follow when the hand pauses

    def _show_chosen(self) -> None:
        chosen, active = self._document.layers.chosen, self._document.page_as_arranged().active_uid
        for row in self.rows:
            row.select(is_active=row.layer.uid == active, is_selected=row.layer.uid in chosen)
        self._show_active()

    def _choose(self, uid: int, modifiers: Qt.KeyboardModifier) -> None:
        document = self._document
        if modifiers & Qt.KeyboardModifier.ControlModifier:
            document.layers.choose_several(document.layers.chosen ^ {uid})
        elif modifiers & Qt.KeyboardModifier.ShiftModifier:
            uids = [row.layer.uid for row in self.rows]
            ends = sorted(uids.index(u) for u in (uid, document.page_as_arranged().active_uid) if u in uids)
            document.layers.choose_several(set(uids[ends[0] : ends[-1] + 1]))
        else:
            document.layers.choose(uid)

    def _fold(self, uid: int) -> None:
        self._folded ^= {uid}
        self.rebuild()

    def _toggle(self, uid: int, what: str) -> None:
        layer = self._document.page_as_arranged().layer(uid)
        if layer is None:
            return
        now = not getattr(layer, what)
        labels = {
            ("visible", True): tr("Show layer"), ("visible", False): tr("Hide layer"),
            ("locked", True): tr("Lock layer"), ("locked", False): tr("Unlock layer"),
        }  # fmt: skip
        chosen = self._document.layers.chosen
        self._document.layers.change(labels[what, now], uids=chosen if uid in chosen else {uid}, **{what: now})

    def _switch(self, what: str, on: bool) -> None:
        _, _, _, label_on, label_off = next(s for s in SWITCHES if s[0] == what)
        value: Any = (NON_PHOTO_BLUE if on else None) if what == "tint" else on
        self._document.layers.change(label_on if on else label_off, **{what: value})

    def _rename(self, uid: int) -> None:
        layer = self._document.page_as_arranged().layer(uid)
        if layer is None:
            return
        name = ask_text(self, tr("Rename layer"), tr("Name of the layer"), layer.name)
        if name and name != layer.name:
            self._document.layers.change_one(uid, tr("Rename layer"), name=name[:200])

    def _ask(self, uid: int, at: QPoint) -> None:
        if uid not in self._document.layers.chosen:
            self._document.layers.choose(uid)
        menu = QMenu(self)
        menu.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        for name in MENU:
            menu.addAction(self._actions[name]) if name else menu.addSeparator()
        menu.addSeparator()
        layer = self._document.page_as_arranged().layer(uid)
        for what, words in FOLLOWS:
            action = menu.addAction(words)
            action.setCheckable(True)
            action.setChecked(layer is not None and getattr(layer, what))
            action.toggled.connect(lambda on, w=what, text=words: self._document.layers.change(text, **{w: on}))
        menu.popup(at)

    def _drag(self, uid: int, y: float, dropped: bool) -> None:
        drop, act = self._drop_at(uid, y)
        self._list.show_drop(None if dropped else drop)
        if dropped:
            act()

    def _drop_at(self, uid: int, y: float) -> tuple[tuple[int, int, bool], Callable[[], None]]:
        """Where a drop at height `y` goes: what to show, and the move."""
        page, document = self._document.page_as_arranged(), self._document
        uids = document.layers.chosen if uid in document.layers.chosen else {uid}
        at = min(max(0.0, y / ROW_PX), float(len(self.rows)))
        over = min(int(at), len(self.rows) - 1)
        layer = self.rows[over].layer
        if isinstance(layer, GroupLayer) and 0.3 < at - over < 0.7 and layer.uid not in uids:
            held = children(page.layers, layer.uid)
            top = held[-1].uid if held else None
            return (over, self.rows[over].level, True), lambda: document.layers.place(uids, layer.uid, top)
        gap = round(at)
        if gap == len(self.rows):
            return (gap, 0, False), lambda: document.layers.place(uids, 0, None)
        under: Layer = self.rows[gap].layer  # the dropped one comes to lie directly above this
        return (
            (gap, self.rows[gap].level, False),
            lambda: document.layers.place(uids, under.parent, under.uid),
        )

    def _set_opacity(self, percent: float, finished: bool) -> None:
        self._document.layers.change(tr("Layer opacity"), finished=finished, opacity=percent / 100)


def _manner(layer: Layer) -> object:
    return layer.name, layer.visible, layer.locked, layer.tint, layer.clips, layer.blend
