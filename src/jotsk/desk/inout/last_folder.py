"""Where a person took a file from or put one last."""

from __future__ import annotations

from pathlib import Path

from jotsk.desk.document.document import Document
from jotsk.desk.inout.settings import Settings

NAME = "files/folder"


class LastFolder:
    def __init__(self, settings: Settings) -> None:
        self._settings = settings

    @property
    def path(self) -> str:
        return self._settings.get(NAME, str(Path.home()))

    def remember(self, path: Path) -> None:
        self._settings.set(NAME, str(path.parent))

    def suggested(self, document: Document, suffix: str) -> str:
        """A name for a file of the page: beside its own, if it has one."""
        own = document.path
        return str(own.with_suffix(suffix) if own else Path(self.path) / (document.title + suffix))
