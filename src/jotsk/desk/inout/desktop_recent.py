"""The desktop's own list of recent files, which file managers and other programs' file dialogs show.

Source: Desktop Bookmark Specification 0.9 (freedesktop.org), kept in `recently-used.xbel` by the file that holds it.
"""

from __future__ import annotations

import logging
from datetime import UTC, datetime
from pathlib import Path
from xml.etree import ElementTree as Tree

from defusedxml import DefusedXmlException

from jotsk.core.errors import ChangedMeanwhile, JotskError
from jotsk.core.files.writing import signature, whole_file
from jotsk.core.runtime.lanes import DISK
from jotsk.integration import data_folder

BOOKMARK = "http://www.freedesktop.org/standards/desktop-bookmarks"
MIME = "http://www.freedesktop.org/standards/shared-mime-info"
OWNER = "http://freedesktop.org"
NAME, EXEC = "Jotsk", "'jotsk %u'"
TYPES = {".ora": "image/openraster", ".svg": "image/svg+xml", ".png": "image/png", ".jpg": "image/jpeg"}
MOST_BYTES = 16 << 20
TRIES = 3
EMPTY = b'<xbel version="1.0"/>'

log = logging.getLogger(__name__)
_noting = DISK.queue("recent files of the desktop")


def note_later(path: Path | None) -> None:
    """As `note`, beside the interface; nothing for a page that is in no file."""
    if path is not None:
        _noting.go(note, path.absolute())


def note(path: Path) -> None:
    """Put a file into the list. What others wrote there stays; a list that makes no sense is left alone."""
    file = data_folder() / "recently-used.xbel"
    for _ in range(TRIES):
        try:
            before = signature(file)
            if file.exists() and file.stat().st_size > MOST_BYTES:
                return
            text = file.read_bytes() if file.exists() else EMPTY
            changed = with_file(text, path, datetime.now(UTC))
            file.parent.mkdir(parents=True, exist_ok=True)
            with whole_file(file, instead_of=before) as stream:
                stream.write(changed)
            return
        except ChangedMeanwhile:
            continue
        except (OSError, JotskError, Tree.ParseError, DefusedXmlException, ValueError) as error:
            log.info("the desktop's list of recent files stays as it is: %s", error)
            return


def with_file(text: bytes, path: Path, now: datetime) -> bytes:
    """A list with a file as just used by this program. Raises ParseError or ValueError where it is no such list."""
    from defusedxml.ElementTree import fromstring  # here: it takes long to import

    root = fromstring(text)
    if root.tag != "xbel":
        raise ValueError("it is no list of bookmarks")
    when, href = now.strftime("%Y-%m-%dT%H:%M:%S.%fZ"), path.as_uri()
    mark = next((each for each in root.findall("bookmark") if each.get("href") == href), None)
    if mark is None:
        mark = Tree.SubElement(root, "bookmark", {"href": href, "added": when})
    mark.set("modified", when)
    mark.set("visited", when)
    info = _child(mark, "info")
    owned = next((each for each in info.findall("metadata") if each.get("owner") == OWNER), None)
    if owned is None:
        owned = Tree.SubElement(info, "metadata", {"owner": OWNER})
    kind = TYPES.get(path.suffix.lower())
    if kind and owned.find(f"{{{MIME}}}mime-type") is None:
        Tree.SubElement(owned, f"{{{MIME}}}mime-type", {"type": kind})
    users = _child(owned, f"{{{BOOKMARK}}}applications")
    own = next((each for each in users if each.get("name") == NAME), None)
    if own is None:
        own = Tree.SubElement(users, f"{{{BOOKMARK}}}application", {"name": NAME, "exec": EXEC, "count": "0"})
    own.set("modified", when)
    count = own.get("count", "0")
    own.set("count", str(int(count) + 1 if count.isdecimal() else 1))
    Tree.register_namespace("bookmark", BOOKMARK)
    Tree.register_namespace("mime", MIME)
    out: bytes = Tree.tostring(root, "UTF-8", xml_declaration=True)
    return out


def _child(of: Tree.Element, tag: str) -> Tree.Element:
    found = of.find(tag)
    return Tree.SubElement(of, tag) if found is None else found
