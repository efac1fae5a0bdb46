"""The native file: OpenRaster, with the strokes in the same zip beside the pixels. Reading.

The standard's part is what any reader sees (freedesktop.org, OpenRaster 0.0.6): `mimetype` first and stored,
`stack.xml`, one PNG a layer, `mergedimage.png`, `Thumbnails/thumbnail.png` of at most 256 px. Our part is
`jotsk/page.json` and `jotsk/strokes/`, described in docs/file-format.md. A layer's strokes count only while
its PNG is still the one they were saved with; if another program has changed it, the pixels win and the layer
opens as paint.
"""

from __future__ import annotations

import hashlib
import io
import math
import zipfile
from collections.abc import Callable
from dataclasses import dataclass, field
from pathlib import Path
from typing import Any
from xml.etree import ElementTree

from defusedxml import DefusedXmlException

from jotsk.core.errors import DamagedFile, JotskError, why_unreadable
from jotsk.core.files.layer_records import layer_values, page_values
from jotsk.core.files.pictures import decode_own_png, decode_picture
from jotsk.core.files.records import opened_marks
from jotsk.core.json_text import BAD_RECORD, json_from
from jotsk.core.marks import Mark
from jotsk.core.marks.record import pen_from
from jotsk.core.page import GroupLayer, InkLayer, Layer, Marks, Page, PaintLayer, check_size, tiles_from
from jotsk.core.page.compose.modes import MODES, NORMAL
from jotsk.core.page.layers.effects import MOST_UID
from jotsk.core.page.layers.tree import MOST_DEPTH, arranged
from jotsk.core.runtime.lanes import BESIDE
from jotsk.core.words import tr

MIMETYPE = b"image/openraster"
VERSION = "0.0.6"
PAPER = "data/paper.png"
MERGED = "mergedimage.png"
THUMBNAIL = "Thumbnails/thumbnail.png"
OUR_FOLDER = "jotsk/"
OURS = OUR_FOLDER + "page.json"
FORMAT = 2
# Attributes of ours in the list of layers; other readers pass over what they do not know.
UID, CLIP, MASK = "jotsk-uid", "jotsk-clip", "jotsk-mask"
KNOWN_ATTRIBUTES = {
    "name", "src", "x", "y", "opacity", "visibility", "composite-op", "edit-locked", "selected", "isolation", UID, CLIP,
    MASK,
}  # fmt: skip
MOST_ENTRIES = 4096
MOST_LAYERS = 500
LAYERS_AT_ONCE = 2  # each takes 8 bytes for every px of the page while it is read
MOST_XML = 4 << 20
MOST_THUMBNAIL = 1 << 20
MOST_JSON = 256 << 20
MOST_ENTRY = 1 << 30
MOST_EXTRAS = 64 << 20
MOST_RATIO = 1100  # deflate cannot exceed 1032 to 1
THUMBNAIL_PX = 256
FAST = 3  # compression level: 6 takes about twice as long on line art for a few per cent

# Whatever is wrong with a piece of XML: its form, its entities, an encoding nobody knows, one that is not the text's.
BAD_XML = (ElementTree.ParseError, DefusedXmlException, LookupError, ValueError, RecursionError)

Progress = Callable[[float], None]


def read_page(path: str | Path, *, progress: Progress | None = None) -> Page:
    """Read an OpenRaster file.

    Raises
    ------
    DamagedFile, TooLarge
        Everything in the file is taken for untrusted: names, sizes, XML and numbers are checked before use.
    """
    report = progress or (lambda _: None)
    try:
        with zipfile.ZipFile(path) as archive:
            return _read(archive, Path(path), report)
    except JotskError:
        raise
    except zipfile.BadZipFile as error:
        raise DamagedFile(path, tr("it is damaged, or not an OpenRaster file")) from error
    except (zipfile.LargeZipFile, NotImplementedError, RuntimeError, EOFError) as error:
        raise DamagedFile(path, tr("part of it is damaged or packed in an unknown way")) from error
    except OSError as error:
        raise DamagedFile(path, why_unreadable(error)) from error


def holds_other_strokes(path: str | Path) -> bool:
    """Whether a file holds strokes in a format that this program cannot read, and would not write again."""
    try:
        with zipfile.ZipFile(path) as archive:
            _check_entries(archive, Path(path))
            record = json_from(_entry(archive, OURS, MOST_JSON, Path(path)))
    except (JotskError, KeyError, ValueError, RecursionError, zipfile.BadZipFile, RuntimeError, OSError):
        return False
    return isinstance(record, dict) and record.get("format") != FORMAT


def read_thumbnail(path: str | Path) -> bytes | None:
    """The PNG a page's file keeps to know it by; None if it has none, or cannot be read."""
    try:
        with zipfile.ZipFile(path) as archive:
            _check_entries(archive, Path(path))
            return _entry(archive, THUMBNAIL, MOST_THUMBNAIL, Path(path))
    except (JotskError, KeyError, zipfile.BadZipFile, zipfile.LargeZipFile, NotImplementedError, RuntimeError, OSError):
        return None


def _read(archive: zipfile.ZipFile, path: Path, report: Progress) -> Page:
    _check_entries(archive, path)
    names = set(archive.namelist())
    if "stack.xml" not in names:
        raise DamagedFile(path, tr("it has no list of layers, so it is not an OpenRaster file"))
    from defusedxml.ElementTree import fromstring  # here: it takes long to import

    try:
        root = fromstring(_entry(archive, "stack.xml", MOST_XML, path))
    except BAD_XML as error:
        raise DamagedFile(path, tr("its list of layers is damaged")) from error
    stack = root.find("stack")
    if root.tag != "image" or stack is None:
        raise DamagedFile(path, tr("its list of layers is damaged"))
    width, height = _whole(root, "w", path), _whole(root, "h", path)
    check_size(width, height)
    reader = _Reader(archive, path, _our_record(archive, names, path), names)
    found = reader.found_in(stack, 0, 0, 0, 0)
    pictured = [f for f in found if f.source]
    if len(found) > MOST_LAYERS:
        raise DamagedFile(path, tr("it has more than {most_layers} layers", most_layers=MOST_LAYERS))
    layers: list[Layer] = []
    pool = BESIDE.pool(LAYERS_AT_ONCE)
    try:
        for layer in pool.map(reader.layer, found):
            layers.append(layer)
            report(len(layers) / len(found))
    finally:
        pool.shutdown(cancel_futures=True)
    if not pictured:
        layers.append(InkLayer(max((x.uid for x in layers), default=0) + 1, tr("Ink")))
    uids = [layer.uid for layer in layers]
    wanted = reader.ours.get("active")
    active = wanted if wanted in uids else next(x.uid for x in reversed(layers) if not isinstance(x, GroupLayer))
    values = page_values({"dpi": _number(root.get("xres"))} | reader.ours)
    report(1.0)
    return Page(width, height, layers=arranged(layers), active_uid=active, extras=reader.extras(), **values)


@dataclass(slots=True)
class _Found:
    """A layer or group in the list of layers, with the values that hold for it."""

    values: dict[str, Any]
    source: str = ""
    x: int = 0
    y: int = 0
    isolated: bool = True
    record: dict[str, Any] = field(default_factory=dict)


class _Reader:
    """Reads the layers of one archive."""

    def __init__(self, archive: zipfile.ZipFile, path: Path, ours: dict[str, Any], names: set[str]) -> None:
        self.archive, self.path, self.ours, self.names = archive, path, ours, names
        self._records = {
            str(r["uid"]): r for r in ours.get("layers", []) if isinstance(r, dict) and isinstance(r.get("uid"), int)
        }
        self._used: set[int] = set()
        self._next = max([r["uid"] for r in self._records.values() if 0 < r["uid"] < MOST_UID], default=0)
        self._known = {"mimetype", "stack.xml", MERGED, THUMBNAIL}
        self._depth = 0
        try:
            self._pens = [pen_from(record) for record in ours.get("pens", [])]
        except BAD_RECORD as error:
            raise DamagedFile(path, tr("the pens of its strokes are damaged")) from error

    def found_in(self, stack: ElementTree.Element, parent: int, x: int, y: int, depth: int) -> list[_Found]:
        """What is in a stack, the lowest first, groups after what is in them."""
        if depth > MOST_DEPTH:
            raise DamagedFile(self.path, tr("its layers are nested deeper than a page can need"))
        found: list[_Found] = []
        for element in reversed(list(stack)):
            at_x, at_y = x + _offset(element, "x"), y + _offset(element, "y")
            if element.tag == "layer" and element.get("src"):
                source = element.get("src") or ""
                self._known.add(source)
                # Our own paper is a property of the page; as a layer it is there for other readers.
                if not (self.ours and source == PAPER) and element.get(MASK) != "true":
                    found.append(self._found(element, parent, source, at_x, at_y))
            elif element.tag == "stack" and element.get(CLIP) == "true":
                found += self._clipped(element, parent, at_x, at_y, depth)
            elif element.tag == "stack":
                group = self._found(element, parent, "", at_x, at_y)
                found += self.found_in(element, group.values["uid"], at_x, at_y, depth + 1)
                found.append(group)
        return found

    def _clipped(self, element: ElementTree.Element, parent: int, x: int, y: int, depth: int) -> list[_Found]:
        """A stack that stands for a layer and what clips to it: the layer blends as the stack does."""
        found = self.found_in(element, parent, x, y, depth + 1)
        outer = self._found(element, parent, "", 0, 0).values
        base = next((f for f in found if f.values["parent"] == parent), None)
        for f in found:
            if f is base:
                f.values |= {name: outer[name] for name in ("opacity", "visible", "blend")} | {"clips": False}
            elif f.values["parent"] == parent:
                f.values["clips"] = True
        return found

    def _found(self, element: ElementTree.Element, parent: int, source: str, x: int, y: int) -> _Found:
        record = self._records.get(element.get(UID, ""), {})
        is_group, is_clip = element.tag == "stack", element.get(CLIP) == "true"
        if is_clip or record.get("uid") in self._used or (record.get("kind") == "group") != is_group:
            record = {}
        op = element.get("composite-op", "svg:src-over").removeprefix("svg:")
        extras = [(k, v) for k, v in element.items() if k not in KNOWN_ATTRIBUTES and not k.startswith("{")]
        if op not in MODES and op not in ("src-over", "src-atop"):
            extras.append(("composite-op", element.get("composite-op", "")))
        # What other programs understand is theirs to change; the rest is as we left it.
        values = layer_values(
            record
            | {
                "parent": parent,
                "name": element.get("name") or record.get("name") or (tr("Group") if is_group else tr("Layer")),
                "visible": element.get("visibility", "visible") != "hidden",
                "opacity": _opacity(element),
                "locked": element.get("edit-locked") == "true",
                "blend": op if op in MODES else NORMAL,
                "clips": op == "src-atop" or record.get("clips") is True,
                "extras": [list(pair) for pair in extras],
            }
        )
        if not values["uid"]:
            self._next += 1
            values["uid"] = self._next
        if not is_clip:
            self._used.add(values["uid"])
        plain = values["opacity"] == 1.0 and values["blend"] == NORMAL
        return _Found(values, source, x, y, element.get("isolation") == "isolate" or not plain, record)

    def layer(self, found: _Found) -> Layer:
        values, record, path = found.values, found.record, self.path
        if not found.source:
            return GroupLayer(**values, isolated=found.isolated)
        if found.source not in self.names:
            raise DamagedFile(path, tr("the pixels of its layer “{name}” are missing", name=values["name"]))
        png = _entry(self.archive, found.source, MOST_ENTRY, path)
        is_ours = record.get("sha256") == hashlib.sha256(png).hexdigest()
        untinted = record.get("untinted")
        if (values["tint"] is not None or values["effects"]) and is_ours and untinted in self.names:
            png = _entry(self.archive, untinted, MOST_ENTRY, path)
        elif not is_ours:
            values |= {"tint": None, "effects": ()}  # the pixels have both already
        pixels = decode_own_png(png, path) if is_ours else decode_picture(io.BytesIO(png), path)[0]
        tiles = tiles_from(pixels, found.x, found.y)
        if record.get("kind") != "ink" or not is_ours:
            return PaintLayer(**values, tiles=tiles)
        try:
            strokes = [s for name in record["strokes"] for s in self._strokes(name)]
        except BAD_RECORD as error:
            raise DamagedFile(path, tr("the strokes of its layer “{name}” are damaged", name=values["name"])) from error
        return InkLayer(**values, tiles=tiles, marks=Marks(strokes))

    def _strokes(self, name: str) -> list[Mark]:
        if not isinstance(name, str) or name not in self.names:
            raise ValueError("a block of strokes is missing")
        return opened_marks(_entry(self.archive, name, MOST_ENTRY, self.path), self._pens)

    def extras(self) -> dict[str, bytes]:
        """Parts of the file this program does not know, kept for whoever put them there."""
        kept: dict[str, bytes] = {}
        for entry in self.archive.infolist():
            name = entry.filename
            if name in self._known or name.startswith((OUR_FOLDER, "/")) or entry.is_dir():
                continue
            if sum(map(len, kept.values())) + entry.file_size <= MOST_EXTRAS:
                kept[name] = _entry(self.archive, name, MOST_ENTRY, self.path)
        return kept


def _check_entries(archive: zipfile.ZipFile, path: Path) -> None:
    entries = archive.infolist()
    if len(entries) > MOST_ENTRIES:
        raise DamagedFile(path, tr("it holds far more parts than a page has"))
    for entry in entries:
        parts = entry.filename.replace("\\", "/").split("/")
        # Nothing is ever unpacked to disk; but a name that tries to leave the file says what kind of file this is.
        # One writer of the standard puts a slash before data/, which harms nobody.
        rooted = parts[0] == "" and parts[1:2] != ["data"]
        if rooted or ".." in parts or ":" in parts[0]:
            raise DamagedFile(path, tr("a part of it names a place outside the file"))
        if entry.file_size > MOST_ENTRY or entry.file_size > MOST_RATIO * max(1, entry.compress_size):
            raise DamagedFile(path, tr("a part of it unpacks to more than a page can need"))


def _entry(archive: zipfile.ZipFile, name: str, most: int, path: Path) -> bytes:
    if archive.getinfo(name).file_size > most:
        raise DamagedFile(path, tr("its part {name} is larger than it can be", name=name))
    try:
        return archive.read(name)
    except Exception as error:
        if isinstance(error, (zipfile.BadZipFile, OSError, EOFError, NotImplementedError, RuntimeError)):
            raise
        # zlib.error, lzma.LZMAError and their like share no root.
        raise DamagedFile(path, tr("its part {name} is damaged", name=name)) from error


def _our_record(archive: zipfile.ZipFile, names: set[str], path: Path) -> dict[str, Any]:
    if OURS not in names:
        return {}
    try:
        record = json_from(_entry(archive, OURS, MOST_JSON, path))
    except (ValueError, RecursionError) as error:
        raise DamagedFile(path, tr("the list of its strokes is damaged")) from error
    if not isinstance(record, dict) or not isinstance(record.get("layers", []), list):
        raise DamagedFile(path, tr("the list of its strokes is damaged"))
    if record.get("format") != FORMAT:
        return {}  # made by another version: the pixels are still right, and `holds_other_strokes` tells of the rest
    return record


def _whole(element: ElementTree.Element, name: str, path: Path) -> int:
    try:
        return int(element.get(name, ""))
    except ValueError:
        raise DamagedFile(path, tr("its list of layers gives no size")) from None


def _offset(element: ElementTree.Element, name: str) -> int:
    try:
        return max(-1_000_000, min(1_000_000, int(float(element.get(name, "0")))))
    except (ValueError, OverflowError):
        return 0


def _opacity(element: ElementTree.Element) -> float:
    try:
        value = float(element.get("opacity", "1"))
    except ValueError:
        return 1.0
    return min(1.0, max(0.0, value)) if math.isfinite(value) else 1.0


def _number(text: str | None) -> float | None:
    try:
        return float(text or "")
    except ValueError:
        return None
