"""A stroke as the guides of its page have it."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

from jotsk.core.guides import Guide, Hold, first_motion, holder
from jotsk.core.guides.choosing import means
from jotsk.core.guides.symmetry import copies
from jotsk.core.marks.stroke import Stroke


def guided(
    stroke: Stroke, guides: Sequence[Guide | None], *, holds: bool = True, repeats: bool = True
) -> Stroke:  # fmt: skip
    """Return the stroke held by the guide it means, and repeated by all symmetry that is on.

    `holds` and `repeats` say whether its layer follows guides and symmetry at all.
    """
    hold = stroke.hold
    if holds and hold is None and len(stroke.trace):
        start, towards, _ = first_motion(stroke.trace.xy, stroke.scale)
        held = holder(guides, start, towards, stroke.scale)
        if held is not None and (held.alone or means(stroke.trace.xy, held.rail, stroke.scale)):
            hold = Hold(held.rail)
    maps = tuple(copies(guides)) if repeats else ()
    if hold is stroke.hold and not maps:
        return stroke
    return replace(stroke.settled(hold), copies=maps)
