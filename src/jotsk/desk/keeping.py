"""Unsaved work, kept aside when a page is left, and put back at the next start."""

from __future__ import annotations

import json
import logging
from dataclasses import dataclass
from datetime import datetime
from pathlib import Path

from jotsk.core.errors import JotskError
from jotsk.core.files.openraster import read_page
from jotsk.core.files.openraster_writing import write_page
from jotsk.core.files.writing import whole_file
from jotsk.core.page import Page

log = logging.getLogger(__name__)


@dataclass(frozen=True, slots=True)
class Kept:
    """A page with unsaved work, the file it belongs to, and its title."""

    page: Page
    path: Path | None
    title: str


@dataclass(frozen=True, slots=True)
class KeptNote:
    """What is known of a kept page without opening it."""

    slot: str
    title: str
    when: datetime


class Shelf:
    """Kept pages in a folder: `SLOT.ora`, and beside it `SLOT.json` with path and title."""

    def __init__(self, folder: Path) -> None:
        self.folder = folder
        self._folder = folder / "kept"

    def keep(self, kept: Kept, slot: str | None = None) -> str:
        """Write the page, over what its slot held; return the slot. Raises CannotWrite."""
        self._folder.mkdir(parents=True, exist_ok=True)
        slot = slot or f"{datetime.now():%Y%m%d-%H%M%S-%f}"
        write_page(self._page(slot), kept.page)
        note = {"path": str(kept.path) if kept.path else None, "title": kept.title}
        with whole_file(self._folder / f"{slot}.json") as stream:
            stream.write(json.dumps(note).encode())
        return slot

    def notes(self) -> list[KeptNote]:
        """What is kept, the latest first."""
        pages = sorted(self._folder.glob("*.ora"), key=lambda p: p.stat().st_mtime, reverse=True)
        return [KeptNote(p.stem, self._note(p.stem)[1], datetime.fromtimestamp(p.stat().st_mtime)) for p in pages]

    def look(self, slot: str) -> Kept | None:
        """The page in a slot, or None. It stays there until `clear`: a crash on the way loses nothing."""
        path = self._page(slot)
        try:
            page = read_page(path)
        except JotskError:
            log.exception("a kept page is damaged")
            if path.exists():  # put aside rather than lost, or met again at every start
                path.replace(path.with_suffix(".damaged"))
            return None
        return Kept(page, *self._note(slot))

    def clear(self, slot: str) -> None:
        self._page(slot).unlink(missing_ok=True)
        (self._folder / f"{slot}.json").unlink(missing_ok=True)

    def _page(self, slot: str) -> Path:
        return self._folder / f"{slot}.ora"

    def _note(self, slot: str) -> tuple[Path | None, str]:
        try:
            note = json.loads((self._folder / f"{slot}.json").read_text())
            path = note.get("path")
            return (Path(path) if isinstance(path, str) else None), str(note.get("title", "Kept page"))
        except (OSError, ValueError, AttributeError):
            return None, "Kept page"
