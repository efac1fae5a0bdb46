"""Where the last line stands while one draws: how heavy the lines of the layer are, and a track for its outside."""

from __future__ import annotations

from PySide6.QtWidgets import QHBoxLayout, QLabel, QVBoxLayout, QWidget

from jotsk.core.check.finding import ENOUGH
from jotsk.core.words import tr
from jotsk.desk.document.document import Document
from jotsk.desk.widgets import Track, TrackKind
from jotsk.desk.widgets.elided_label import ElidedLabel
from jotsk.desk.widgets.weight_plot import WeightPlot

LEAST, MOST = 50, 300  # percent of the inside


class LineWeightsTray(QWidget):
    def __init__(self, document: Document, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._document = document
        heading = QLabel(tr("Weights"))
        heading.setProperty("role", "heading")
        self._facts = ElidedLabel()
        self._facts.setProperty("role", "quiet")
        self.plot = WeightPlot(self)
        policy = self.plot.sizePolicy()
        policy.setRetainSizeWhenHidden(True)
        self.plot.setSizePolicy(policy)
        self.outside = Track(
            tr("Outside to inside"), TrackKind.SIZE, LEAST, MOST, unit="%",
            tooltip=tr("How thick the outside lines of this layer are beside inside ones; pull and they grow heavier"),
        )  # fmt: skip
        self.outside.setEnabled(False)
        head = QHBoxLayout()
        head.setSpacing(10)
        head.addWidget(heading)
        head.addWidget(self._facts, 1)
        left = QVBoxLayout()
        left.setSpacing(4)
        left.addLayout(head)
        left.addWidget(self.plot, 1)
        right = QVBoxLayout()
        right.addWidget(self.outside)
        right.addStretch()
        layout = QHBoxLayout(self)
        layout.setContentsMargins(20, 8, 20, 6)
        layout.setSpacing(20)
        layout.addLayout(left, 1)
        layout.addLayout(right, 1)
        self.outside.changed.connect(
            lambda value, finished: document.line_weights.make_outside(value / 100, finished=finished)
        )
        document.line_weights.changed.connect(self.refresh)
        document.checks.changed.connect(self.refresh)  # by what is asked for
        self.refresh()

    def refresh(self) -> None:
        weights, layer = self._document.line_weights.weights, self._document.line_weights.layer
        self.plot.setVisible(weights is not None)
        if weights is not None and layer is not None:
            self._facts.setText(tr("length of line by thickness, “{name}”", name=layer.name))
            self.plot.show_lengths(weights.edges, weights.lengths)
        elif layer is not None:
            self._facts.setText(tr("“{name}” has no lines yet", name=layer.name))
        else:
            self._facts.setText(tr("choose a layer of ink"))
        self.outside.setEnabled(weights is not None and weights.times is not None)
        if weights is not None and weights.times is not None:
            if not self._document.line_weights.is_dragged:
                self.outside.set_value(100 * weights.times)
            wanted, stands_out = self._document.checks.limits.outside, tr("stands out")
            is_enough = weights.times >= ENOUGH * wanted
            self.outside.remark.setText(
                stands_out if is_enough else tr("{wanted:.0f} % stands out", wanted=100 * wanted)
            )
        else:
            self.outside.remark.setText(tr("no outside and inside here"))

    def theme_changed(self) -> None:
        self.plot.update()
