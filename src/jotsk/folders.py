"""Where the application keeps things: the XDG base directories."""

from __future__ import annotations

import os
from pathlib import Path


def _xdg(variable: str, otherwise: str) -> Path:
    value = os.environ.get(variable, "")
    root = Path(value) if os.path.isabs(value) else Path.home() / otherwise
    return root / "jotsk"


def state_folder() -> Path:
    """For the log and for work kept aside."""
    return _xdg("XDG_STATE_HOME", ".local/state")


def cache_folder() -> Path:
    """For what can be made again, such as the demo page."""
    return _xdg("XDG_CACHE_HOME", ".cache")


def config_folder() -> Path:
    """For settings."""
    return _xdg("XDG_CONFIG_HOME", ".config")
