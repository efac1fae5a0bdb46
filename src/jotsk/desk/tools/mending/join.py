"""Making one line of several."""

from __future__ import annotations

import numpy as np

from jotsk.core.geometry.rects import rect_around
from jotsk.core.marks import Stroke
from jotsk.core.mend import join, snip, splice
from jotsk.core.page import InkLayer, Page
from jotsk.core.words import tr
from jotsk.desk.tools.mending.swipe import MOST_SHOWN, Change, Places, Swipe, dense, middle_of


class JoinEnds(Swipe):
    id, action = "join", "mend.join"
    label, nothing = (
        tr("Join"),
        tr("There are no two ends near enough; swipe over the gap, or let the hand reach farther."),
    )

    def change_of(self, way: Places) -> Change:
        reach = self.reach
        return lambda page: join.joined(page, reach, near=dense(way, reach / 2))

    def show(self) -> None:
        layer = self.layer()
        if layer is not None:
            found = join.bridges(layer, self.reach, dense(np.array(self._way), self.reach / 2))
            self.board.show_preview([edge for each in found[:MOST_SHOWN] for edge in each.own_ribbon.edges()])


class Splice(Swipe):
    id, action = "splice", "mend.splice"
    label, nothing = tr("Splice"), tr("A splice takes two lines or more; swipe along the tries that are to become one.")

    def change_of(self, way: Places) -> Change:
        reach = self.reach

        def change(page: Page) -> tuple[Page, int]:
            strokes = _passed(snip.ink_layer(page), way, reach)
            return splice.spliced(page, strokes) if len(strokes) > 1 else (page, 0)

        return change

    def show(self) -> None:
        layer = self.layer()
        if layer is not None:
            passed = _passed(layer, np.array(self._way), self.reach)
            self.board.show_preview([middle_of(s.own_ribbon) for s in passed[:MOST_SHOWN]])


def _passed(layer: InkLayer, way: Places, reach: float) -> list[Stroke]:
    """The lines that the hand passed over."""
    from scipy.spatial import KDTree  # here: it takes long to import

    passed = KDTree(dense(way, reach / 4))
    near = snip.strokes_near(layer, rect_around(way, reach))
    return [s for s in near if s.gap_to_any(passed, reach) <= reach / 2]
