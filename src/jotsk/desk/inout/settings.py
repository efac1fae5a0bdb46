"""What the desk remembers from one start to the next, such as light, hand and the pages opened last.

QSettings would do, but flushes its file to the disk on the interface's thread.
"""

from __future__ import annotations

import json
import logging
from pathlib import Path
from typing import Any, TypeVar

from PySide6.QtCore import QObject, Signal

from jotsk.core.files.writing import whole_file
from jotsk.core.json_text import json_from
from jotsk.desk.inout.own_files import OwnFile

log = logging.getLogger(__name__)

Value = TypeVar("Value", bool, int, float, str, list[Any], dict[str, Any])


class Settings(QObject):
    """Values by name in a JSON file, read once and written beside the interface whenever one changes."""

    trouble = Signal(str)

    def __init__(self, path: Path, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._values = _read(path)
        self._changed: dict[str, Any] = {}
        self._file = OwnFile(path, self)
        self._file.trouble.connect(self.trouble)

    def get(self, name: str, otherwise: Value) -> Value:
        """The value of that name; `otherwise`, if there is none or it is of another kind."""
        value = self._values.get(name)
        if type(value) is int and isinstance(otherwise, float):
            value = float(value)
        return value if type(value) is type(otherwise) else otherwise

    @property
    def values(self) -> dict[str, Any]:
        return dict(self._values)

    def replace(self, values: dict[str, Any]) -> None:
        """Have these values and no others."""
        self._values, self._changed = dict(values), dict(values)

        def write(path: Path) -> None:
            with whole_file(path) as stream:
                stream.write(json.dumps(values, indent=1, ensure_ascii=False).encode())

        self._file.write(write)

    def has(self, name: str) -> bool:
        return name in self._values

    def set(self, name: str, value: bool | float | str | list[str] | dict[str, Any]) -> None:
        """Remember a value."""
        if name in self._values and self._values[name] == value:
            return
        self._values[name] = self._changed[name] = value
        changed = dict(self._changed)

        def write(path: Path) -> None:
            with whole_file(path) as stream:  # another window may have written values of its own
                stream.write(json.dumps(_read(path) | changed, indent=1, ensure_ascii=False).encode())

        self._file.write(write)


def _read(path: Path) -> dict[str, Any]:
    try:
        values = json_from(path.read_bytes())
    except FileNotFoundError:
        return {}
    except (OSError, ValueError, RecursionError):
        log.exception("the settings could not be read")
        return {}
    return values if isinstance(values, dict) else {}
