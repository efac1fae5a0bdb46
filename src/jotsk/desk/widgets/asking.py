"""Asking for a name, a number, a file or a decision, in the dialogs of the desktop. None: it was left without one.

The dialogs are imported with the first question: they take a hundredth of a start.
"""

from __future__ import annotations

from collections.abc import Sequence
from pathlib import Path
from typing import TYPE_CHECKING, Literal

from jotsk.core.words import tr
from jotsk.desk.widgets.modal import deleted_after

if TYPE_CHECKING:
    from PySide6.QtWidgets import QWidget

Role = Literal["AcceptRole", "DestructiveRole", "RejectRole"]


def ask_text(parent: QWidget, title: str, label: str, text: str = "") -> str | None:
    """What was typed, without blanks around it."""
    from PySide6.QtWidgets import QInputDialog

    answer, accepted = QInputDialog.getText(parent, title, label, text=text)
    return answer.strip() if accepted else None


def ask_number(
    parent: QWidget, title: str, label: str, now: float, least: float, most: float, decimals: int
) -> float | None:
    from PySide6.QtWidgets import QInputDialog

    answer, accepted = QInputDialog.getDouble(parent, title, label, now, least, most, decimals)
    return answer if accepted else None


def ask_file(parent: QWidget, title: str, kinds: str, folder: str = "") -> Path | None:
    """A file that is there."""
    from PySide6.QtWidgets import QFileDialog

    name, _ = QFileDialog.getOpenFileName(parent, title, folder, kinds)
    return Path(name) if name else None


def ask_files(parent: QWidget, title: str, kinds: str, folder: str = "") -> list[Path]:
    from PySide6.QtWidgets import QFileDialog

    names, _ = QFileDialog.getOpenFileNames(parent, title, folder, kinds)
    return [Path(name) for name in names]


def ask_new_file(parent: QWidget, title: str, kinds: str, suggested: str, suffix: str) -> Path | None:
    """Where to write a file; it ends in `suffix`. What is there is replaced only if that was agreed to."""
    from PySide6.QtWidgets import QFileDialog

    name, _ = QFileDialog.getSaveFileName(parent, title, suggested, kinds)
    if not name:
        return None
    path = Path(name)
    if path.suffix.lower() == suffix:
        return path
    path = path.with_name(path.name + suffix)  # the dialog asked about the name that was typed
    is_agreed = not path.exists() or ask_whether(parent, title, tr("{names}: there already. Replace?", names=path.name))
    return path if is_agreed else None


def ask_folder(parent: QWidget, title: str, folder: str) -> Path | None:
    from PySide6.QtWidgets import QFileDialog

    name = QFileDialog.getExistingDirectory(parent, title, folder)
    return Path(name) if name else None


def ask_whether(parent: QWidget, title: str, question: str) -> bool:
    from PySide6.QtWidgets import QMessageBox

    return QMessageBox.question(parent, title, question) == QMessageBox.StandardButton.Yes


def ask_which(parent: QWidget, title: str, text: str, answers: Sequence[tuple[str, Role]]) -> int | None:
    """The number of the answer that was pressed, under a warning; the first one is what Enter takes."""
    from PySide6.QtWidgets import QMessageBox

    box = QMessageBox(QMessageBox.Icon.Warning, title, text, parent=parent)
    buttons = [box.addButton(label, QMessageBox.ButtonRole[role]) for label, role in answers]
    box.setDefaultButton(buttons[0])
    with deleted_after(box):
        box.exec()
        pressed = box.clickedButton()
        return next((number for number, button in enumerate(buttons) if button is pressed), None)
