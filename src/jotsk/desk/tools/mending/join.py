"""Making one line of several."""

from __future__ import annotations

from collections.abc import Callable
from typing import TYPE_CHECKING

from jotsk.core.geometry.rects import rect_around
from jotsk.core.marks import Stroke
from jotsk.core.mend import join, snip, splice
from jotsk.core.page import InkLayer, Page
from jotsk.core.words import tr
from jotsk.desk.tools.mending.shown_beside import ShownBeside
from jotsk.desk.tools.mending.swipe import MOST_SHOWN, Change, Places, dense, middle_of

if TYPE_CHECKING:
    from jotsk.desk.board.board import Board


class JoinEnds(ShownBeside):
    id, action = "join", "mend.join"
    label, nothing = (
        tr("Join"),
        tr("There are no two ends near enough; swipe over the gap, or let the hand reach farther."),
    )

    def change_of(self, way: Places) -> Change:
        reach = self.reach
        return lambda page: join.joined(page, reach, near=dense(way, reach / 2))

    def find(self, layer: InkLayer, way: Places, looked: int) -> Callable[[], list[Places]]:
        reach = self.reach

        def find() -> list[Places]:
            found = join.bridges(layer, reach, dense(way, reach / 2))
            return [edge for each in found[:MOST_SHOWN] for edge in each.own_ribbon.edges()]

        return find

    def show_found(self, found: list[Places]) -> None:
        self.board.show_preview(found)


class Splice(ShownBeside):
    id, action = "splice", "mend.splice"
    label, nothing = tr("Splice"), tr("A splice takes two lines or more; swipe along the tries that are to become one.")

    def __init__(self, board: Board) -> None:
        super().__init__(board)
        self._shown: dict[int, Stroke] = {}  # by uid: what the swipe has passed so far

    def change_of(self, way: Places) -> Change:
        reach = self.reach

        def change(page: Page) -> tuple[Page, int]:
            strokes = _passed(snip.ink_layer(page), way, reach)
            return splice.spliced(page, strokes) if len(strokes) > 1 else (page, 0)

        return change

    def forget(self) -> None:
        super().forget()
        self._shown = {}

    def find(self, layer: InkLayer, way: Places, looked: int) -> Callable[[], list[Stroke]]:
        reach, new = self.reach, way[max(0, looked - 1) :]
        return lambda: _passed(layer, new, reach)

    def show_found(self, found: list[Stroke]) -> None:
        self._shown |= {stroke.uid: stroke for stroke in found}
        self.board.show_preview([middle_of(s.own_ribbon) for s in [*self._shown.values()][:MOST_SHOWN]])


def _passed(layer: InkLayer, way: Places, reach: float) -> list[Stroke]:
    """The lines that the hand passed over."""
    from scipy.spatial import KDTree  # here: it takes long to import

    passed = KDTree(dense(way, reach / 4))
    near = snip.strokes_near(layer, rect_around(way, reach))
    return [s for s in near if s.gap_to_any(passed, reach) <= reach / 2]
