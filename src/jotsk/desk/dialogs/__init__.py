"""Sheets that open over the desk, each loaded when it is first asked for."""

from importlib import import_module
from typing import TYPE_CHECKING, Any

if TYPE_CHECKING:
    from jotsk.desk.dialogs.export_sheet import ExportSheet
    from jotsk.desk.dialogs.feel_pad import FeelPad
    from jotsk.desk.dialogs.ink_colors import InkColors
    from jotsk.desk.dialogs.key_sheet import KeySheet
    from jotsk.desk.dialogs.maker.pen_maker import PenMaker
    from jotsk.desk.dialogs.milestone_sheet import MilestoneSheet
    from jotsk.desk.dialogs.orders_sheet import OrdersSheet
    from jotsk.desk.dialogs.page_forms import NewPage, PageSize
    from jotsk.desk.dialogs.recent_sheet import RecentSheet

ROOMS = {
    "ExportSheet": "export_sheet",
    "FeelPad": "feel_pad",
    "InkColors": "ink_colors",
    "KeySheet": "key_sheet",
    "MilestoneSheet": "milestone_sheet",
    "NewPage": "page_forms",
    "OrdersSheet": "orders_sheet",
    "PageSize": "page_forms",
    "PenMaker": "maker.pen_maker",
    "RecentSheet": "recent_sheet",
}

__all__ = [
    "ExportSheet",
    "FeelPad",
    "InkColors",
    "KeySheet",
    "MilestoneSheet",
    "NewPage",
    "OrdersSheet",
    "PageSize",
    "PenMaker",
    "RecentSheet",
]


def __getattr__(name: str) -> Any:
    if name not in ROOMS:
        raise AttributeError(f"module {__name__!r} has no attribute {name!r}")
    return getattr(import_module(f"{__name__}.{ROOMS[name]}"), name)
