"""Days and times, in the language of the person."""

from __future__ import annotations

from datetime import date, datetime

from PySide6.QtCore import QDate, QDateTime, QLocale

from jotsk.core.words import tr


def moment(when: datetime) -> str:
    """The day and the time."""
    return QLocale().toString(QDateTime.fromSecsSinceEpoch(int(when.timestamp())), tr("dd MMMM, HH:mm", "day and time"))


def on_day(day: date, *, short: bool = False) -> str:
    words = tr("dd MMM", "a day, short") if short else tr("dd MMMM", "a day")
    return QLocale().toString(QDate(day.year, day.month, day.day), words)
