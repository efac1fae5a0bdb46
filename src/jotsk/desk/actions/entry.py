"""What an action is."""

from __future__ import annotations

from dataclasses import dataclass


@dataclass(frozen=True, slots=True)
class Entry:
    """One action. `hold` actions work while their key is held, and switch when it is tapped; while one does, its `icon`
    and its name are shown. `also` is a second key, of everyday desktop software."""

    id: str
    name: str
    keys: str
    tooltip: str
    checkable: bool = False
    hold: bool = False
    icon: str = ""
    also: str = ""
