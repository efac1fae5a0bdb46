"""Files that are written whole or not at all."""

from __future__ import annotations

import errno
import fcntl
import os
import secrets
import tempfile
from collections.abc import Iterator
from contextlib import contextmanager, suppress
from pathlib import Path
from typing import IO

from jotsk.core.errors import CannotWrite, ChangedMeanwhile
from jotsk.core.words import tr

_REASONS = {
    errno.ENOSPC: tr("the disk is full"),
    errno.EDQUOT: tr("your quota on this disk is used up"),
    errno.EACCES: tr("the folder does not allow it"),
    errno.EPERM: tr("the folder does not allow it"),
    errno.EROFS: tr("the disk can only be read"),
    errno.ENOENT: tr("the folder does not exist"),
    errno.ENOTDIR: tr("the folder does not exist"),
    errno.EISDIR: tr("a folder has that name"),
    errno.ENAMETOOLONG: tr("the name is too long"),
}
PREFIX, PART = ".jotsk-", ".part"
OPEN_FILES = "/proc/self/fd"
_MASK = os.umask(0o077)  # it can only be read by setting it, for all threads: once, before there are any
os.umask(_MASK)


@contextmanager
def whole_file(path: str | Path, *, instead_of: tuple[int, int] | None = None) -> Iterator[IO[bytes]]:
    """Open a file without a name; at the end it is flushed to disk and takes the name `path`.

    Whatever goes wrong before leaves `path` as it was, and no other file behind. `instead_of` is the `signature` of
    the file that may be replaced.

    Raises
    ------
    CannotWrite
        With the reason, for everything the disk refuses.
    ChangedMeanwhile
        Somebody else wrote `path`: it is another file than `instead_of`.
    """
    path = Path(path)
    temporary: Path | None = None
    try:
        _clear_away(path.parent)
        handle = _nameless(path.parent)
        if handle is None:
            handle, name = tempfile.mkstemp(prefix=PREFIX, suffix=PART, dir=path.parent)
            temporary = Path(name)
        with os.fdopen(handle, "wb") as stream:
            with suppress(OSError):  # some file systems have no locks
                fcntl.flock(handle, fcntl.LOCK_EX | fcntl.LOCK_NB)
            yield stream
            stream.flush()
            os.fsync(stream.fileno())
            if temporary is None:
                temporary = _named(stream.fileno(), path.parent)
            # Still open, so still locked: nobody clears it away.
            temporary.chmod(_mode_of(path))
            if instead_of is not None and signature(path) != instead_of:
                raise ChangedMeanwhile(path)
            temporary.replace(path)
            temporary = None
        _flush_folder(path.parent)
    except OSError as error:
        raise CannotWrite(path, why_unwritable(error)) from error
    finally:
        if temporary is not None:
            with suppress(OSError):
                temporary.unlink()


def _clear_away(folder: Path) -> None:
    """Remove what processes that were killed while they wrote left behind: nobody holds its lock."""
    for part in folder.glob(f"{PREFIX}*{PART}"):
        with suppress(OSError), open(part, "rb") as left:
            fcntl.flock(left, fcntl.LOCK_EX | fcntl.LOCK_NB)
            part.unlink()


def _nameless(folder: Path) -> int | None:
    """An open file without a name, which is gone with the process; None where there is no such thing."""
    if not os.path.isdir(OPEN_FILES):
        return None
    try:
        return os.open(folder, os.O_TMPFILE | os.O_RDWR, 0o600)
    except OSError as error:
        if error.errno in (errno.EOPNOTSUPP, errno.EISDIR, errno.EINVAL):  # the file system, or the kernel
            return None
        raise


def _named(handle: int, folder: Path) -> Path:
    """Give a nameless file the name of a temporary one, which is then renamed: a link replaces no other."""
    path = folder / f"{PREFIX}{secrets.token_hex(8)}{PART}"
    at = os.open(folder, os.O_RDONLY)
    try:  # given a folder's handle, the link that /proc shows is followed to the file
        os.link(f"{OPEN_FILES}/{handle}", path, src_dir_fd=at, follow_symlinks=True)
    finally:
        os.close(at)
    return path


def why_unwritable(error: OSError) -> str:
    """What to say of a file that could not be written."""
    return _REASONS.get(error.errno or 0) or error.strerror or str(error)


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
