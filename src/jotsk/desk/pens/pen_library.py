"""The pen library: every pen there is, shipped and made, kept between sessions."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path

from PySide6.QtCore import QObject, Signal

from jotsk.core.errors import JotskError, Refused
from jotsk.core.files.penfiles import read_pens, write_pens
from jotsk.core.ink import SHIPPED, Pen
from jotsk.core.words import tr
from jotsk.desk.inout.own_files import OwnFile

FILE = "pens.json"


class PenLibrary(QObject):
    """Pens by id. What differs from the shipped ones is written to `folder`/pens.json."""

    changed = Signal()

    def __init__(self, folder: Path, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self.file = OwnFile(folder / FILE, self)
        self._shipped = {pen.id: pen for pen in SHIPPED}
        self._own: dict[str, Pen] = {}
        self.trouble = ""  # a sentence, if the file could not be read
        path = self.file.path
        if path.exists():
            try:
                self._own = {pen.id: pen for pen in read_pens(path)}
            except JotskError as error:
                # Put aside, so that the next change does not overwrite what may still be mended by hand.
                path.replace(path.with_suffix(".damaged.json"))
                self.trouble = tr(
                    "{error} The shipped pens are here; the file is kept beside as pens.damaged.json.", error=error
                )

    @property
    def pens(self) -> list[Pen]:
        """All pens, the shipped ones in their order, then one's own."""
        shipped = [self._own.get(i, pen) for i, pen in self._shipped.items()]
        return shipped + [pen for i, pen in self._own.items() if i not in self._shipped]

    def pen(self, pen_id: str) -> Pen:
        """The pen of an id, or the first one if it is gone."""
        return self._own.get(pen_id) or self._shipped.get(pen_id) or self.pens[0]

    def shipped(self, pen_id: str) -> Pen:
        """The pen as shipped; one of one's own as it is kept."""
        return self._shipped.get(pen_id) or self.pen(pen_id)

    def is_shipped(self, pen_id: str) -> bool:
        return pen_id in self._shipped

    def is_own(self, pen_id: str) -> bool:
        """Whether it was made or changed here."""
        return pen_id in self._own

    def is_changed(self, pen_id: str) -> bool:
        return pen_id in self._own and pen_id in self._shipped

    def found(self, text: str) -> list[Pen]:
        """Pens whose name or tags hold every word of `text`, as they are shown or in English."""
        words = text.lower().split()

        def has(pen: Pen) -> bool:
            known = [pen.name, *pen.tags]
            told = " ".join([*known, *map(tr, known)]).lower()
            return all(word in told for word in words)

        return [pen for pen in self.pens if has(pen)]

    def put(self, pen: Pen) -> None:
        """Change a pen, or add one."""
        if self._shipped.get(pen.id) == pen:
            self._own.pop(pen.id, None)
        else:
            self._own[pen.id] = pen
        self._write()

    def put_as_new(self, pen: Pen, name: str) -> Pen:
        """Add a copy under a name of its own; a name that exists is refused, never overwritten."""
        name = name.strip()
        if not name:
            raise Refused(tr("A pen needs a name."))
        if any(p.name.lower() == name.lower() for p in self.pens):
            raise Refused(tr("There is a pen “{name}” already; give this one another name.", name=name))
        made = replace(pen, id=self._free_id(name), name=name)
        self.put(made)
        return made

    def restore(self, pen_id: str) -> None:
        """Back to as shipped."""
        if self.is_changed(pen_id):
            del self._own[pen_id]
            self._write()

    def remove(self, pen_id: str) -> None:
        if self.is_shipped(pen_id):
            raise Refused(tr("Shipped pens stay in the library; they can be changed, and set back to as shipped."))
        if self._own.pop(pen_id, None) is not None:
            self._write()

    def take_in(self, path: Path) -> list[Pen]:
        """Add the pens of a file, each under a free name; raises DamagedFile and then adds none."""
        added = []
        for pen in read_pens(path):
            name, number = pen.name, 2
            while any(p.name.lower() == name.lower() for p in self.pens):
                name, number = f"{pen.name} {number}", number + 1
            added.append(self.put_as_new(pen, name))
        return added

    def _free_id(self, name: str) -> str:
        stem = "".join(c if c.isalnum() else "-" for c in name.lower()).strip("-") or "pen"
        taken = {pen.id for pen in self.pens}
        pen_id, number = stem, 2
        while pen_id in taken:
            pen_id, number = f"{stem}-{number}", number + 1
        return pen_id

    def _write(self) -> None:
        own = list(self._own.values())
        self.file.write(lambda path: write_pens(path, own))
        self.changed.emit()
