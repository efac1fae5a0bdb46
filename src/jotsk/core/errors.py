"""What a user's file, disk or request can do wrong, each with a sentence that says what to do."""

from __future__ import annotations

from pathlib import Path


class JotskError(Exception):
    """Root of everything a user can cause. `str(error)` is the sentence to show."""


class DamagedFile(JotskError):
    """A file that cannot be read for what it claims to be."""

    def __init__(self, path: str | Path, reason: str) -> None:
        self.path, self.reason = Path(path), reason
        super().__init__(f"“{self.path.name}” could not be opened: {reason}.")


class TooLarge(JotskError):
    """A picture or page beyond what this application takes into memory."""


class CannotWrite(JotskError):
    """A file that could not be written; whatever stood there before is untouched."""

    def __init__(self, path: str | Path, reason: str) -> None:
        self.path, self.reason = Path(path), reason
        super().__init__(f"“{self.path.name}” was not written: {reason}. What was there before is unchanged.")


class Refused(JotskError):
    """An edit the page does not allow just now, such as drawing on a locked layer."""
