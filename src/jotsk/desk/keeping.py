"""Unsaved work, kept aside when the window closes and put back at the next start."""

from __future__ import annotations

import json
import logging
from dataclasses import dataclass
from pathlib import Path

from jotsk.core.errors import JotskError
from jotsk.core.files.openraster import read_page, write_page
from jotsk.core.files.writing import whole_file
from jotsk.core.page import Page

log = logging.getLogger(__name__)


@dataclass(frozen=True, slots=True)
class Kept:
    """A page that was closed with unsaved work, the file it belongs to, and its title."""

    page: Page
    path: Path | None
    title: str


class Shelf:
    """One kept page in a folder."""

    def __init__(self, folder: Path) -> None:
        self._page = folder / "kept.ora"
        self._note = folder / "kept.json"

    def keep(self, kept: Kept) -> None:
        """Write the page; raises CannotWrite."""
        self._page.parent.mkdir(parents=True, exist_ok=True)
        write_page(self._page, kept.page)
        note = {"path": str(kept.path) if kept.path else None, "title": kept.title}
        with whole_file(self._note) as stream:
            stream.write(json.dumps(note).encode())

    def look(self) -> Kept | None:
        """What was kept, or None. It stays on the shelf until `clear`: a crash on the way loses nothing."""
        if not self._page.exists():
            return None
        try:
            page = read_page(self._page)
        except JotskError:
            # Put aside under another name rather than lost or met again at every start.
            aside = self._page.with_suffix(".damaged")
            log.exception("the kept page is damaged; it is now %s", aside)
            self._page.replace(aside)
            return None
        note = self._read_note()
        path = note.get("path")
        return Kept(page, Path(path) if isinstance(path, str) else None, str(note.get("title", "Kept page")))

    def clear(self) -> None:
        self._page.unlink(missing_ok=True)
        self._note.unlink(missing_ok=True)

    def _read_note(self) -> dict[str, object]:
        try:
            note = json.loads(self._note.read_text())
        except (OSError, ValueError):
            return {}
        return note if isinstance(note, dict) else {}
