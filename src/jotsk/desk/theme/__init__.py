"""Colours, type and the style sheet."""

from jotsk.desk.theme.dressing import Dressing
from jotsk.desk.theme.palette import DAY, LAMP, Theme, contrast
from jotsk.desk.theme.style import apply_theme, current

__all__ = ["DAY", "LAMP", "Dressing", "Theme", "apply_theme", "contrast", "current"]
