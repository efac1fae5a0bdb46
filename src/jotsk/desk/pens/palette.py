"""The palette on the desk, kept as a text file."""

from __future__ import annotations

import logging
from pathlib import Path

from PySide6.QtCore import QObject, Signal

from jotsk.core.errors import JotskError
from jotsk.core.files.palettes import Named, read_palette, write_palette
from jotsk.core.ink import Color
from jotsk.core.words import tr
from jotsk.desk.inout.own_files import OwnFile

log = logging.getLogger(__name__)

FILE = "palette.txt"
SHIPPED: list[Named] = [
    ((0x14, 0x18, 0x1B), tr("Black")), ((0x5A, 0x41, 0x33), tr("Sepia")), ((0x86, 0x2C, 0x24), tr("Oxblood")),
    ((0x1F, 0x3D, 0x5C), tr("Prussian")), ((0x2A, 0x5A, 0x48), tr("Pine")), ((0xFF, 0xFF, 0xFF), tr("White")),
]  # fmt: skip


class DeskPalette(QObject):
    """Colours with names; every change is written to `folder`/palette.txt."""

    changed = Signal()

    def __init__(self, folder: Path, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self.file = OwnFile(folder / FILE, self)
        self.colors: list[Named] = list(SHIPPED)
        if self.file.path.exists():
            try:
                self.colors = read_palette(self.file.path) or list(SHIPPED)
            except JotskError:
                log.exception("the palette could not be read")

    def add(self, color: Color, name: str = "") -> None:
        if all(c != color for c, _ in self.colors):
            self._set([*self.colors, (color, name)])

    def remove(self, color: Color) -> None:
        self._set([(c, n) for c, n in self.colors if c != color] or list(SHIPPED))

    def take(self, colors: list[Named]) -> None:
        self._set(colors)

    def open(self, path: Path) -> None:
        """Take the colours of a file; raises DamagedFile."""
        self._set(read_palette(path) or list(SHIPPED))

    def save(self, path: Path) -> None:
        """Write the colours to a file; raises CannotWrite."""
        write_palette(path, self.colors)

    def _set(self, colors: list[Named]) -> None:
        self.colors = colors
        self.file.write(lambda path: write_palette(path, colors))
        self.changed.emit()
