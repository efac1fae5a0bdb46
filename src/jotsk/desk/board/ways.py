"""What a drag on the board does."""

from __future__ import annotations

from enum import Enum


class Way(Enum):
    """One at a time; keys borrow and switch them."""

    DRAW = "draw"
    MOVE = "move"
    TURN = "turn"
    RESIZE = "resize"
    PICK = "pick"
    CHOOSE = "choose"
    CROP = "crop"
    SHIFT = "shift"
    GUIDE = "guide"
    DRAFT = "draft"
    EDGES = "edges"


GOES_ROUND = (Way.CHOOSE, Way.CROP)  # these draw a line around something
SMALL_CURSOR = (Way.MOVE, Way.TURN, Way.PICK, Way.SHIFT, Way.GUIDE, Way.DRAFT, Way.EDGES, *GOES_ROUND)
