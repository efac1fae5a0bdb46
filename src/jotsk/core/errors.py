"""What a user's file, disk or request can do wrong, each with a sentence that says what to do."""

from __future__ import annotations

from pathlib import Path

from jotsk.core.words import tr


class JotskError(Exception):
    """Root of everything a user can cause. `str(error)` is the sentence to show."""


class DamagedFile(JotskError):
    """A file that cannot be read for what it claims to be."""

    def __init__(self, path: str | Path, reason: str) -> None:
        self.path, self.reason = Path(path), reason
        super().__init__(tr("“{name}” could not be opened: {reason}.", name=self.path.name, reason=reason))


class LaterVersion(JotskError):
    """A file that is whole, and was written by a later version of this program."""

    def __init__(self, path: str | Path) -> None:
        self.path = Path(path)
        super().__init__(
            tr(
                "“{name}” was made by a later version of Jotsk, which can open it; it stays as it is.",
                name=self.path.name,
            )
        )


class TooLarge(JotskError):
    """A picture or page beyond what this application takes into memory."""


class CannotWrite(JotskError):
    """A file that could not be written; whatever stood there before is untouched."""

    def __init__(self, path: str | Path, reason: str) -> None:
        self.path, self.reason = Path(path), reason
        super().__init__(
            tr(
                "“{name}” was not written: {reason}. What was there before is unchanged.",
                name=self.path.name,
                reason=reason,
            )
        )


class CannotRead(JotskError):
    """A file that is not damaged, but cannot be read just now: the disk, its permissions, another program."""

    def __init__(self, path: str | Path, reason: str) -> None:
        self.path, self.reason = Path(path), reason
        super().__init__(
            tr("“{name}” could not be read: {reason}. It stays where it is.", name=self.path.name, reason=reason)
        )


class ChangedMeanwhile(CannotWrite):
    """A file that another program wrote while it was being saved here; what that wrote is untouched."""

    def __init__(self, path: str | Path) -> None:
        super().__init__(path, tr("another program wrote it meanwhile"))


class Refused(JotskError):
    """An edit the page does not allow just now, such as drawing on a locked layer."""


def why_unreadable(error: OSError) -> str:
    """What to say of a file that could not be read."""
    if isinstance(error, FileNotFoundError | NotADirectoryError):
        return tr("it does not exist")
    if isinstance(error, IsADirectoryError):
        return tr("it is a folder")
    if isinstance(error, PermissionError):
        return tr("you are not allowed to read it")
    return error.strerror or tr("it cannot be read")
