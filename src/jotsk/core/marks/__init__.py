"""What lies on a layer: the protocol of marks, and a file for each kind. A new one is a file, and a line in `KINDS`."""

from jotsk.core.marks.area import Area
from jotsk.core.marks.cut import AnyCut, AreaCut, Cut
from jotsk.core.marks.mark import Mark
from jotsk.core.marks.sequence import Marks
from jotsk.core.marks.stroke import Stroke

KINDS: dict[str, type[Mark]] = {kind.kind: kind for kind in (Stroke, Area)}

__all__ = ["KINDS", "AnyCut", "Area", "AreaCut", "Cut", "Mark", "Marks", "Stroke"]
