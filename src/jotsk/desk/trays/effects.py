"""The effects of the active layer: a card below the layers."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from functools import partial

from PySide6.QtWidgets import QCheckBox, QComboBox, QHBoxLayout, QLabel, QMenu, QToolButton, QVBoxLayout, QWidget

from jotsk.core.page import GroupLayer, Layer, Page
from jotsk.core.page.layers.effects import KINDS, Effect, Field
from jotsk.core.words import tr
from jotsk.desk.document.document import Document
from jotsk.desk.icons import icon
from jotsk.desk.theme import current
from jotsk.desk.widgets import Track, TrackKind

BUTTON_PX = 26
LABEL = tr("Change effect")


class EffectsCard(QWidget):
    """Each effect with its switch; the numbers of the one that was chosen last below them. It is there while the layer
    has effects, or one asked for it."""

    def __init__(self, document: Document, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._document = document
        self._wanted = False
        self._at = 0  # the effect whose numbers are shown
        self._shown: tuple[object, ...] = ()
        self.tracks: dict[str, Track] = {}
        self.switches: list[QCheckBox] = []
        self.source: QComboBox | None = None
        self._buttons: list[tuple[QToolButton, str]] = []
        title = QLabel(tr("Effects"))
        title.setProperty("role", "heading")
        self.add = QToolButton(toolTip=tr("Add an effect to this layer"))
        self.add.setAccessibleName(tr("Add an effect"))
        self.add.setFixedSize(BUTTON_PX, BUTTON_PX)
        self.add.setPopupMode(QToolButton.ToolButtonPopupMode.InstantPopup)
        self.add.setMenu(self._menu())
        head = QHBoxLayout()
        head.addWidget(title)
        head.addStretch()
        head.addWidget(self.add)
        self._rows = QVBoxLayout()
        self._rows.setSpacing(2)
        layout = QVBoxLayout(self)
        layout.setContentsMargins(16, 8, 12, 8)
        layout.setSpacing(4)
        layout.addLayout(head)
        layout.addLayout(self._rows)
        document.changed.connect(self._page_changed)
        self.theme_changed()
        self.refresh()

    def set_wanted(self, on: bool) -> None:
        """Show it though the layer has no effects yet."""
        self._wanted = on
        self.refresh()

    def theme_changed(self) -> None:
        self.add.setIcon(icon("plus", current().text))
        for button, name in self._buttons:
            button.setIcon(icon(name, current().quiet, 14))

    def _menu(self) -> QMenu:
        menu = QMenu(self)
        for kind, made in KINDS.items():
            if kind != "inside":  # a loop adds that
                menu.addAction(made.words).triggered.connect(partial(self._add, kind))
        return menu

    def _add(self, kind: str) -> None:
        layer = self._layer
        self._at = len(layer.effects) if layer is not None else 0
        self._document.layers.add_effect(kind)

    @property
    def _layer(self) -> Layer | None:
        return self._document.page.active

    def _page_changed(self, before: Page, after: Page) -> None:
        self.refresh()

    def refresh(self) -> None:
        layer = self._layer
        effects = layer.effects if layer is not None else ()
        self.setVisible(bool(effects) or self._wanted)
        self._at = min(self._at, max(0, len(effects) - 1))
        kinds = tuple(effect.kind for effect in effects)
        shape = (layer.uid if layer is not None else 0, kinds, self._at, self._sources())
        if shape != self._shown:
            self._shown = shape
            self._build(effects)
        for switch, effect in zip(self.switches, effects, strict=True):
            switch.setChecked(effect.on)
        for name, track in self.tracks.items():
            track.set_value(effects[self._at][name])
        if self.source is not None:
            self.source.setCurrentIndex(max(0, self.source.findData(effects[self._at].source)))

    def _sources(self) -> tuple[tuple[int, str], ...]:
        """The layers whose grey can move an effect of this one."""
        layers = [each for each in self._document.page.layers[::-1] if not isinstance(each, GroupLayer)]
        return tuple((each.uid, each.name) for each in layers if each is not self._layer)

    def _build(self, effects: tuple[Effect, ...]) -> None:
        while (item := self._rows.takeAt(0)) is not None:
            widget = item.widget()
            widget.hide()
            widget.deleteLater()
        self.tracks, self.switches, self._buttons, self.source = {}, [], [], None
        if not effects:
            empty = QLabel(tr("None yet. The plus adds one; it can be changed, switched and taken off at any time."))
            empty.setWordWrap(True)
            empty.setProperty("role", "quiet")
            self._rows.addWidget(empty)
        for number, effect in enumerate(effects):
            self._rows.addWidget(self._row(number, effect))
            if number == self._at:
                for name, field in KINDS[effect.kind].fields.items():
                    self._rows.addWidget(self._track(number, name, field))
                if KINDS[effect.kind].by_layer:
                    self._rows.addWidget(self._moved_by(number))
        self.theme_changed()

    def _row(self, number: int, effect: Effect) -> QWidget:
        row = QWidget()
        line = QHBoxLayout(row)
        line.setContentsMargins(0, 0, 0, 0)
        line.setSpacing(2)
        switch = QCheckBox(KINDS[effect.kind].words, toolTip=tr("Switch it off or on"))
        switch.clicked.connect(lambda on, n=number: self._switch(n, on))
        self.switches.append(switch)
        line.addWidget(switch, 1)
        for name, tooltip, act in (
            ("chevron-down", tr("Its numbers"), partial(self._open, number)),
            ("arrow-up", tr("Before the one above"), partial(self._raise, number)),
            ("x", tr("Take it off"), partial(self._remove, number)),
        ):
            button = QToolButton(toolTip=tooltip)
            button.setAccessibleName(f"{tooltip}: {KINDS[effect.kind].words}")
            button.setFixedSize(BUTTON_PX, BUTTON_PX)
            button.clicked.connect(act)
            self._buttons.append((button, name))
            line.addWidget(button)
        return row

    def _track(self, number: int, name: str, field: Field) -> Track:
        is_size = field.is_length and field.low >= 0
        kind = TrackKind.SIZE if is_size else TrackKind.OPACITY
        track = Track(
            field.words, kind, max(field.low, 0.5) if is_size else field.low, field.high, unit=field.unit, remark=False
        )
        track.changed.connect(partial(self._changed, number, name))
        self.tracks[name] = track
        return track

    def _moved_by(self, number: int) -> QWidget:
        """The choice among waves and the layers whose grey moves what is there."""
        row = QWidget()
        self.source = QComboBox(
            toolTip=tr(
                "Waves, or the grey of a layer, softened over the length: black moves to the right and down, white to "
                "the left and up"
            )
        )
        self.source.setAccessibleName(tr("Moved by"))
        self.source.setMinimumContentsLength(8)
        self.source.addItem(tr("Waves"), 0)
        for uid, name in self._sources():
            self.source.addItem(name, uid)
        self.source.activated.connect(partial(self._follow, number))
        line = QHBoxLayout(row)
        line.setContentsMargins(0, 4, 4, 0)  # it ends where the tracks do
        line.addWidget(QLabel(tr("Moved by")))
        line.addWidget(self.source, 1)
        return row

    def _follow(self, number: int, at: int) -> None:
        assert self.source is not None
        uid = self.source.itemData(at)
        self._put(number, lambda effect: replace(effect, source=uid))

    def _open(self, number: int, *_: object) -> None:
        self._at = number
        self.refresh()

    def _changed(self, number: int, name: str, value: float, finished: bool) -> None:
        uid, effects = self._with(number, lambda effect: effect.with_value(name, value))
        self._document.layers.drag_effects(uid, effects, LABEL, finished=finished)

    def _switch(self, number: int, on: bool) -> None:
        self._put(number, lambda effect: replace(effect, on=on), tr("Switch effect"))

    def _put(self, number: int, change: Callable[[Effect], Effect], label: str = LABEL) -> None:
        self._document.layers.set_effects(*self._with(number, change), label)

    def _with(self, number: int, change: Callable[[Effect], Effect]) -> tuple[int, tuple[Effect, ...]]:
        """The uid of the layer, 0 if there is none, and its effects with one of them changed."""
        layer = self._layer
        if layer is None:
            return 0, ()
        return layer.uid, tuple(change(each) if k == number else each for k, each in enumerate(layer.effects))

    def _raise(self, number: int, *_: object) -> None:
        layer = self._layer
        if layer is not None and 0 < number < len(layer.effects):
            effects = list(layer.effects)
            effects[number - 1 : number + 1] = effects[number - 1 : number + 1][::-1]
            self._at = number - 1
            self._document.layers.set_effects(layer.uid, tuple(effects), tr("Move effect"))

    def _remove(self, number: int, *_: object) -> None:
        layer = self._layer
        if layer is not None and number < len(layer.effects):
            effects = tuple(effect for k, effect in enumerate(layer.effects) if k != number)
            self._document.layers.set_effects(layer.uid, effects, tr("Take effect off"))
