"""Sheets that are asked once."""

from __future__ import annotations

from collections.abc import Iterator
from contextlib import contextmanager
from typing import TypeVar

from PySide6.QtCore import QCoreApplication, QEventLoop
from PySide6.QtWidgets import QDialog

Sheet = TypeVar("Sheet", bound=QDialog)


@contextmanager
def deleted_after(sheet: Sheet) -> Iterator[Sheet]:
    """`sheet` while it is asked and read; after that it goes, and what it holds of the page with it. A closed sheet
    would otherwise live on behind what it was opened over."""
    try:
        turn_of_the_loop()
        yield sheet
    finally:
        sheet.deleteLater()


def turn_of_the_loop() -> None:
    """Let what waits go on, but for the hand: making a large sheet and showing it take long enough one by one."""
    QCoreApplication.processEvents(QEventLoop.ProcessEventsFlag.ExcludeUserInputEvents)
