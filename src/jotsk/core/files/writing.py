"""Files that are written whole or not at all."""

from __future__ import annotations

import errno
import os
import tempfile
from collections.abc import Iterator
from contextlib import contextmanager, suppress
from pathlib import Path
from typing import IO

from jotsk.core.errors import CannotWrite

_REASONS = {
    errno.ENOSPC: "the disk is full",
    errno.EDQUOT: "your quota on this disk is used up",
    errno.EACCES: "the folder does not allow it",
    errno.EPERM: "the folder does not allow it",
    errno.EROFS: "the disk can only be read",
    errno.ENOENT: "the folder does not exist",
    errno.ENOTDIR: "the folder does not exist",
    errno.EISDIR: "a folder has that name",
    errno.ENAMETOOLONG: "the name is too long",
}
_MASK = os.umask(0o077)  # it can only be read by setting it, for all threads: once, before there are any
os.umask(_MASK)


@contextmanager
def whole_file(path: str | Path) -> Iterator[IO[bytes]]:
    """Open a temporary file beside `path`; at the end it is flushed to disk and takes the name.

    Whatever goes wrong before leaves `path` as it was and removes the temporary file.

    Raises
    ------
    CannotWrite
        With the reason, for everything the disk refuses.
    """
    path = Path(path)
    temporary: Path | None = None
    try:
        handle, name = tempfile.mkstemp(prefix=".", suffix=".part", dir=path.parent)
        temporary = Path(name)
        with os.fdopen(handle, "wb") as stream:
            yield stream
            stream.flush()
            os.fsync(stream.fileno())
        temporary.chmod(_mode_of(path))
        temporary.replace(path)
        temporary = None
        _flush_folder(path.parent)
    except OSError as error:
        raise CannotWrite(path, why_unwritable(error)) from error
    finally:
        if temporary is not None:
            with suppress(OSError):
                temporary.unlink()


def why_unwritable(error: OSError) -> str:
    """What to say of a file that could not be written."""
    return _REASONS.get(error.errno or 0) or error.strerror or str(error)


def why_unreadable(error: OSError) -> str:
    """What to say of a file that could not be read."""
    if isinstance(error, FileNotFoundError | NotADirectoryError):
        return "it does not exist"
    if isinstance(error, IsADirectoryError):
        return "it is a folder"
    if isinstance(error, PermissionError):
        return "you are not allowed to read it"
    return error.strerror or "it cannot be read"


def _mode_of(path: Path) -> int:
    """The permissions of the file that is replaced, or what the user's mask gives a new one."""
    if path.exists():
        return path.stat().st_mode & 0o777
    return 0o666 & ~_MASK


def _flush_folder(folder: Path) -> None:
    """Make the new name itself durable; some file systems cannot, and have no need to."""
    with suppress(OSError):
        handle = os.open(folder, os.O_RDONLY)
        try:
            os.fsync(handle)
        finally:
            os.close(handle)


def signature(path: Path) -> tuple[int, int]:
    """When a file was written, and its size; (0, 0) if it is not there."""
    try:
        status = path.stat()
    except OSError:
        return 0, 0
    return status.st_mtime_ns, status.st_size
