"""One window for one user: a second start hands what it was asked to open on to the first, which comes to the front."""

from __future__ import annotations

import hashlib
import json
import logging
import os
import socket
import tempfile
from contextlib import suppress
from pathlib import Path
from typing import Any

from PySide6.QtCore import QObject, QSocketNotifier, Signal

from jotsk.folders import state_folder

log = logging.getLogger(__name__)

WAIT_S, MOST_BYTES = 1.5, 1 << 16
THANKS = b"ok\n"


def address() -> Path:
    """Of the user and of the folder that unsaved work is kept in: a window with another one is another application.
    QtNetwork would do the same, and needs libraries that a bare system has not."""
    own = hashlib.sha256(str(state_folder()).encode()).hexdigest()[:12]
    folder = os.environ.get("XDG_RUNTIME_DIR", "")
    if not os.path.isdir(folder):
        folder = tempfile.gettempdir()
    return Path(folder) / f"jotsk-{os.getuid()}-{own}"


def handed_on(request: dict[str, Any]) -> bool:
    """Whether a window that is open already has taken the request."""
    with socket.socket(socket.AF_UNIX) as asking, suppress(OSError):
        asking.settimeout(WAIT_S)
        asking.connect(str(address()))
        asking.sendall(json.dumps(request).encode() + b"\n")
        return asking.recv(len(THANKS)) == THANKS
    return False


class Single(QObject):
    """Listens for other starts."""

    asked = Signal(dict)

    def __init__(self, parent: QObject) -> None:
        super().__init__(parent)
        self._socket = socket.socket(socket.AF_UNIX)
        self._address = address()
        try:
            self._address.unlink(missing_ok=True)  # of one that was killed, or nobody would have started
            self._socket.bind(str(self._address))
            self._address.chmod(0o600)
            self._socket.listen(4)
        except OSError:
            log.warning("other starts cannot be taken: there is no socket", exc_info=True)
            self._socket.close()
            return
        self._socket.setblocking(False)
        self._notifier = QSocketNotifier(self._socket.fileno(), QSocketNotifier.Type.Read, self)
        self._notifier.activated.connect(self._take)

    def close(self) -> None:
        """Listen no more."""
        if self._socket.fileno() >= 0:
            self._notifier.setEnabled(False)
            self._socket.close()
            self._address.unlink(missing_ok=True)

    def _take(self) -> None:
        with suppress(OSError):
            asking, _ = self._socket.accept()
            with asking:
                asking.settimeout(WAIT_S / 10)
                request = _read(asking)
                if request is not None:
                    asking.sendall(THANKS)
                    self.asked.emit(request)


def _read(asking: socket.socket) -> dict[str, Any] | None:
    """A line of JSON; None if it is none."""
    data = b""
    while not data.endswith(b"\n") and len(data) < MOST_BYTES:
        part = asking.recv(4096)
        if not part:
            break
        data += part
    try:
        request = json.loads(data)
    except ValueError:
        return None
    return request if isinstance(request, dict) else None
