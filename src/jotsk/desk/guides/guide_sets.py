"""Sets of guides, kept for other pages: a file each in a folder of one's own."""

from __future__ import annotations

import re
from collections.abc import Callable
from contextlib import suppress
from pathlib import Path

from jotsk.core.errors import JotskError
from jotsk.core.files.writing import whole_file
from jotsk.core.guides.guide_records import read_guides, written_guides
from jotsk.core.words import tr
from jotsk.desk.guides.guiding import Guiding

FOLDER, SUFFIX = "guides", ".json"


class GuideSets:
    """Those in `folder`/guides, by their names."""

    def __init__(self, folder: Path, guiding: Guiding, tell: Callable[[str], object]) -> None:
        self._folder, self._guiding, self._tell = folder / FOLDER, guiding, tell

    def kept_sets(self) -> list[str]:
        return sorted(path.stem for path in self._folder.glob(f"*{SUFFIX}"))

    def keep(self, name: str) -> None:
        """Keep the guides of the page under a name; what was kept under it is replaced."""
        name = re.sub(r"[^\w .,()-]", "", name).strip(" .")
        if not name:
            self._tell(tr("A set needs a name."))
            return
        with suppress(OSError):
            self._folder.mkdir(parents=True, exist_ok=True)
        if self.save(self._path(name)):
            self._tell(
                tr("The guides are kept as “{name}”; the plus above the guides has them for other pages.", name=name)
            )

    def add_kept(self, name: str) -> None:
        self.open(self._path(name))

    def forget_kept(self, name: str) -> None:
        with suppress(OSError):
            self._path(name).unlink()

    def open(self, path: Path) -> None:
        """Add the guides of a file to those of the page."""
        try:
            self._guiding.add_all(read_guides(path))
        except JotskError as error:
            self._tell(str(error))

    def save(self, path: Path) -> bool:
        """Write the guides of the page to a file; whether that worked."""
        guides = [guide for guide in self._guiding.guides if guide is not None]
        try:
            with whole_file(path) as stream:
                stream.write(written_guides(guides).encode())
        except JotskError as error:
            self._tell(str(error))
            return False
        return True

    def _path(self, name: str) -> Path:
        return self._folder / f"{name}{SUFFIX}"
