"""Practice: sheets that measure the hand, and what follows from it; each part is loaded when it is first asked for."""

from importlib import import_module
from typing import TYPE_CHECKING, Any

if TYPE_CHECKING:
    from jotsk.core.check.practice import advice, diary, figures, sheets, simulated

__all__ = ["advice", "diary", "figures", "sheets", "simulated"]


def __getattr__(name: str) -> Any:
    if name not in __all__:
        raise AttributeError(f"module {__name__!r} has no attribute {name!r}")
    return import_module(f"{__name__}.{name}")
