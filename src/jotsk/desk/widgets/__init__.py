"""Small painted controls used by several trays."""

from jotsk.desk.widgets.ink_mark import draw_ink_mark
from jotsk.desk.widgets.track import Track, TrackKind

__all__ = ["Track", "TrackKind", "draw_ink_mark"]
