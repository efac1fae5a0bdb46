"""What is shown of a file that was opened or saved lately."""

from __future__ import annotations

from dataclasses import dataclass
from datetime import datetime
from pathlib import Path


@dataclass(frozen=True, slots=True)
class RecentFile:
    path: Path
    when: datetime
    picture: bytes | None = None  # PNG

    @classmethod
    def of(cls, path: Path) -> RecentFile:
        """Read the time and the thumbnail of a file, which takes a while. One that is gone by now has neither."""
        from jotsk.core.files.openraster import read_thumbnail  # here: what reads files takes long to import

        try:
            return cls(path, datetime.fromtimestamp(path.stat().st_mtime), read_thumbnail(path))
        except OSError:
            return cls(path, datetime.fromtimestamp(0))
