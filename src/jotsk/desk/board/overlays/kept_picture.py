"""A picture of what lies over the page, which moves with the view while that is panned, zoomed or turned."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass

from PySide6.QtCore import QPointF, QRectF, QSize, Qt
from PySide6.QtGui import QImage, QPainter, QTransform

from jotsk.core.geometry import View
from jotsk.core.guides.symmetry import after

BEYOND_SHARE = 0.12  # of the longer side of the board, that the picture reaches beyond it
WHOLE_PX = 4  # logical px that are whole px of screens scaled by quarters
MOST_SCALED = 1.25  # until it is drawn anew


@dataclass(frozen=True, eq=False)
class KeptPicture:
    """`what` it shows, drawn for a `view`; `whole` is the view whose corner is that of the image."""

    what: object
    view: View
    whole: View
    image: QImage

    @classmethod
    def of(
        cls, what: object, view: View, ratio: float, size: QSize, draw: Callable[[QPainter, View, QSize], None],
        *, beyond: bool = True,
    ) -> KeptPicture:  # fmt: skip
        """Draw it for a board of so many logical px, and what lies `beyond` it a little."""
        margin = int(BEYOND_SHARE * max(size.width(), size.height())) // WHOLE_PX * WHOLE_PX if beyond else 0
        around = QSize(size.width() + 2 * margin, size.height() + 2 * margin)
        image = QImage(around * ratio, QImage.Format.Format_ARGB32_Premultiplied)
        image.setDevicePixelRatio(ratio)
        image.fill(Qt.GlobalColor.transparent)
        whole = view.panned(margin * ratio, margin * ratio)
        over = QPainter(image)
        try:
            draw(over, whole, around)
        finally:
            over.end()
        return cls(what, view, whole, image)

    def shows(self, what: object, view: View, size: QSize, *, moving: bool) -> bool:
        """Whether it can stand for what is to be seen: for another view if that moves, as far as it reaches."""
        if what != self.what:
            return False
        if view == self.view:
            return True
        if not moving or view.flipped != self.view.flipped:
            return False
        if not 1 / MOST_SCALED <= view.zoom / self.view.zoom <= MOST_SCALED:
            return False
        image = QRectF(QPointF(0, 0), self.image.deviceIndependentSize())
        back, _ = self._moved(view).inverted()
        return image.contains(back.mapRect(QRectF(QPointF(0, 0), size)))

    def draw(self, painter: QPainter, view: View) -> None:
        painter.save()
        painter.setRenderHint(
            QPainter.RenderHint.SmoothPixmapTransform,
            view.zoom != self.view.zoom or view.angle_rad != self.view.angle_rad,
        )
        painter.setTransform(self._moved(view), combine=True)
        painter.drawImage(QPointF(0, 0), self.image)
        painter.restore()

    def _moved(self, view: View) -> QTransform:
        """From the image to the board, logical px."""
        return moved(self.whole, view, self.image.devicePixelRatio())


def moved(then: View, now: View, ratio: float) -> QTransform:
    """Of logical px, from where a picture was drawn to where the view has moved since."""
    (a, b, c), (d, e, f) = after(now.matrix, then.inverse).tolist()
    return QTransform(a, d, b, e, c / ratio, f / ratio)
