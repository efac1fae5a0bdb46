"""The kinds of guide, in the order in which they are offered: a new one is a file here, and a line below."""

from __future__ import annotations

from jotsk.core.guides.guide import Guide
from jotsk.core.guides.kinds.circle import Circle
from jotsk.core.guides.kinds.cross import Cross
from jotsk.core.guides.kinds.ellipse import EllipseTemplate
from jotsk.core.guides.kinds.french_curve import FrenchCurve
from jotsk.core.guides.kinds.mirror import Mirror
from jotsk.core.guides.kinds.parallel import ParallelRule
from jotsk.core.guides.kinds.perspective import Perspective
from jotsk.core.guides.kinds.posts import Posts
from jotsk.core.guides.kinds.quarter import Quarter
from jotsk.core.guides.kinds.rings import Rings
from jotsk.core.guides.kinds.rosette import Rosette
from jotsk.core.guides.kinds.spokes import Spokes
from jotsk.core.guides.kinds.straightedge import Straightedge

GROUPS: tuple[tuple[type[Guide], ...], ...] = (
    (Straightedge, ParallelRule, Cross, Spokes, Rings, EllipseTemplate, FrenchCurve),
    (Perspective, Posts, Circle),
    (Mirror, Quarter, Rosette),
)
KINDS: dict[str, type[Guide]] = {kind.kind: kind for group in GROUPS for kind in group}

__all__ = ["GROUPS", "KINDS", "Cross", "EllipseTemplate", "FrenchCurve", "Perspective", "Rings", "Spokes"]
