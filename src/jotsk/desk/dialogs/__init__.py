"""Sheets that open over the desk."""

from jotsk.desk.dialogs.export_sheet import ExportSheet
from jotsk.desk.dialogs.feel_pad import FeelPad
from jotsk.desk.dialogs.ink_colors import InkColors
from jotsk.desk.dialogs.key_sheet import KeySheet
from jotsk.desk.dialogs.maker.pen_maker import PenMaker
from jotsk.desk.dialogs.milestone_sheet import MilestoneSheet
from jotsk.desk.dialogs.orders_sheet import OrdersSheet
from jotsk.desk.dialogs.page_forms import NewPage, PageSize
from jotsk.desk.dialogs.recent_sheet import RecentSheet

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
