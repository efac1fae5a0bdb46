"""The stages of the work, in the order in which it is done. A new one is a file here, and a line in `STAGES`."""

from __future__ import annotations

from jotsk.desk.stages.check import CHECK
from jotsk.desk.stages.fill import FILL
from jotsk.desk.stages.hand_over import HAND_OVER
from jotsk.desk.stages.ink import INK
from jotsk.desk.stages.mend import MEND
from jotsk.desk.stages.sketch import SKETCH
from jotsk.desk.stages.stage import Stage

STAGES = (SKETCH, INK, MEND, FILL, CHECK, HAND_OVER)
BY_ID = {stage.id: stage for stage in STAGES}

__all__ = ["BY_ID", "STAGES", "Stage"]
