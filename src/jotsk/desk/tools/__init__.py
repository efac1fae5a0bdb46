"""The tools of the board. A new one is a file here, and a line in `TOOLS`."""

from __future__ import annotations

from jotsk.desk.tools.draft import Draft
from jotsk.desk.tools.draw import Draw
from jotsk.desk.tools.drawn_again import Again
from jotsk.desk.tools.edges import Edges
from jotsk.desk.tools.filling.by_hand import ByHand
from jotsk.desk.tools.filling.light import PlaceLight
from jotsk.desk.tools.filling.pour import JoinAreas, Pour
from jotsk.desk.tools.lasso import (
    Choose,
    ChooseAcross,
    ChooseParts,
    Crop,
    FillInside,
    LiftPixels,
    RubInside,
    ShowInside,
)
from jotsk.desk.tools.mending.brush import Push, Weigh
from jotsk.desk.tools.mending.join import JoinEnds, Splice
from jotsk.desk.tools.mending.move_lines import MoveLines
from jotsk.desk.tools.mending.points import Points
from jotsk.desk.tools.mending.snip import CutInTwo, GrowBack, OverUnder, Snip
from jotsk.desk.tools.move_page import MovePage, TurnPage
from jotsk.desk.tools.pick import Pick
from jotsk.desk.tools.pictures import Pictures
from jotsk.desk.tools.place_guides import PlaceGuides
from jotsk.desk.tools.resize import Resize
from jotsk.desk.tools.shift import Shift
from jotsk.desk.tools.tool import Tool
from jotsk.desk.tools.zoom import Zoom

TOOLS: tuple[type[Tool], ...] = (
    Draw, MovePage, TurnPage, Zoom, Resize, Pick, Choose, ChooseAcross, ChooseParts, RubInside, Crop, Shift,
    PlaceGuides, Draft, Edges, Pictures, Snip, GrowBack, CutInTwo, JoinEnds, Splice, Weigh, Push, Points, MoveLines,
    OverUnder, LiftPixels, ShowInside, Pour, FillInside, JoinAreas,
    ByHand, PlaceLight, Again,
)  # fmt: skip

__all__ = ["TOOLS", "Draw", "Tool"]
