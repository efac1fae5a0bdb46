"""Sheets that open over the desk."""

from jotsk.desk.dialogs.key_sheet import KeySheet

__all__ = ["KeySheet"]
