"""Sketch: rough the page out in pencil."""

from __future__ import annotations

from jotsk.core.words import tr
from jotsk.desk.stages.stage import Stage

SKETCH = Stage(
    "sketch",
    tr("Sketch"),
    tr("Rough the page out in pencil"),
    first=("sketch",),
    offers=("layer.add_sketch", "layer.trace_under"),
)
