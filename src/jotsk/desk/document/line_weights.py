"""How heavy the lines of the layer in the hand are, and its outside made heavier."""

from __future__ import annotations

from collections.abc import Callable
from functools import partial
from typing import TYPE_CHECKING, NamedTuple

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QObject, QTimer, Signal

from jotsk.core.page import InkLayer, Page
from jotsk.core.words import tr
from jotsk.desk.document.latest import Latest
from jotsk.desk.document.track_drag import TrackDrag

if TYPE_CHECKING:
    from jotsk.core.check.finding import Finding
    from jotsk.core.check.weights import Silhouette
    from jotsk.desk.document.checks import PageChecks
    from jotsk.desk.document.document import Document

REST_MS = 400  # after a change, until lines are measured again


class Weights(NamedTuple):
    """Of a layer: how much line (N,) px there is between each two of (N + 1,) weights; how many times as thick its
    outside is as its inside, if it has both."""

    edges: NDArray[np.float64]
    lengths: NDArray[np.float64]
    times: float | None


class LineWeights(QObject):
    """Measured beside the interface, as long as somebody looks."""

    changed = Signal()

    def __init__(self, document: Document, checks: PageChecks) -> None:
        super().__init__(document)
        self._document = document
        self._weak: tuple[int, int] | None = None  # the layer of a weak outline one came to, and the active one then
        self.weights: Weights | None = None  # None if there is no line, or nothing is measured yet
        self._is_watched = False
        self._looked_at: InkLayer | None = None  # that was measured, or is
        self._latest = Latest("weights", self)
        self._latest.came.connect(self._take)
        self._dragged: _Dragged | None = None
        self._drag = TrackDrag(document)
        self._rest = QTimer(self, singleShot=True, interval=REST_MS)
        self._rest.timeout.connect(self._measure)
        document.changed.connect(self._later)
        document.opened.connect(self._later)
        checks.walked.connect(self._walked)

    @property
    def layer(self) -> InkLayer | None:
        """The layer that is looked at: that of the weak outline one came to, until another one is chosen; or the active
        one if it has ink."""
        page = self._document.page
        uid, active = self._weak or (page.active_uid, page.active_uid)
        layer = page.layer(uid) if active == page.active_uid else page.active
        return layer if isinstance(layer, InkLayer) and not layer.is_sketch else None

    @property
    def is_dragged(self) -> bool:
        """Whether the track is under the hand."""
        return self._dragged is not None

    def watch(self, watched: bool) -> None:
        """Whether somebody looks."""
        self._is_watched = watched
        if watched:
            self._measure()

    def make_outside(self, times: float, *, finished: bool) -> None:
        """So many times as thick as the inside, on the layer; not `finished` while a track is dragged."""
        layer = self.layer
        if layer is None:
            return
        dragged = self._dragged
        if dragged is None or dragged.uid != layer.uid:
            dragged = _Dragged(layer.uid)
        self._dragged = None if finished else dragged
        self._drag.set(dragged.at(times), tr("Weight of the outside"), finished=finished)

    def _walked(self, finding: Finding) -> None:
        self._weak = (finding.mark, self._document.page.active_uid) if finding.kind == "weight" else None
        self._later()

    def _later(self) -> None:
        if self._is_watched:
            self._rest.start()

    def _measure(self) -> None:
        if self._document.is_inking:
            self._rest.start()
            return
        layer = self.layer
        if not self._is_watched or layer is self._looked_at:
            return
        self._looked_at = layer
        self._latest.drop()
        if layer is None or not len(layer.marks):
            self._take(None)
        else:
            self._latest.ask(partial(_weights_of, self._document.page, layer))

    def _take(self, weights: Weights | None) -> None:
        self.weights = weights
        self.changed.emit()


def _weights_of(page: Page, layer: InkLayer) -> Weights:
    from jotsk.core.check.weights import silhouette_of, widths_by_length  # loaded when it is asked for first

    silhouette = silhouette_of(page, layer)
    return Weights(*widths_by_length([layer]), None if silhouette is None else silhouette.times)


class _Dragged:
    """A layer whose outside is made heavier, from what it was when the drag began."""

    def __init__(self, uid: int) -> None:
        self.uid = uid
        self._silhouette: Silhouette | None = None

    def at(self, times: float) -> Callable[[Page], Page]:
        def change(page: Page) -> Page:
            from jotsk.core.check.weights import silhouette_of, with_silhouette

            layer = page.layer(self.uid)
            if self._silhouette is None and isinstance(layer, InkLayer):
                self._silhouette = silhouette_of(page, layer)
            return page if self._silhouette is None else with_silhouette(page, self.uid, self._silhouette, times)

        return change
