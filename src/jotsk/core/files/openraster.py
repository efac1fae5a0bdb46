"""The native file: OpenRaster, with the strokes in the same zip beside the pixels.

The standard's part is what any reader sees (freedesktop.org, OpenRaster 0.0.6): `mimetype` first and stored,
`stack.xml`, one PNG a layer, `mergedimage.png`, `Thumbnails/thumbnail.png` of at most 256 px. Our part is
`jotsk/page.json` and `jotsk/traces.f64`, described in docs/file-format.md. A layer's strokes count only while
its PNG is still the one they were saved with; if another program has changed it, the pixels win and the layer
opens as paint.
"""

from __future__ import annotations

import hashlib
import io
import json
import math
import zipfile
from collections.abc import Callable
from dataclasses import replace
from pathlib import Path
from typing import Any
from xml.etree import ElementTree
from xml.sax.saxutils import quoteattr

import cv2
import defusedxml
import defusedxml.ElementTree as safe_xml
import numpy as np
from PIL import Image

from jotsk.core.errors import DamagedFile, JotskError
from jotsk.core.files.pictures import decode_picture, encode_png
from jotsk.core.files.records import StrokePacker, strokes_from
from jotsk.core.files.writing import whole_file, why_unreadable
from jotsk.core.geometry import Rect
from jotsk.core.ink import Color
from jotsk.core.page import (
    InkLayer,
    Layer,
    Marks,
    Page,
    PaintLayer,
    check_size,
    flattened,
    pixels_of,
    rgba,
    tiles_from,
)

MIMETYPE = b"image/openraster"
VERSION = "0.0.6"
PAPER = "data/paper.png"
FORMAT = 1
MOST_ENTRIES = 4096
MOST_LAYERS = 500
MOST_XML = 4 << 20
MOST_JSON = 256 << 20
MOST_ENTRY = 1 << 30
MOST_RATIO = 1100  # deflate cannot exceed 1032 to 1
THUMBNAIL_PX = 256
FAST = 3  # compression level: 6 takes about twice as long on line art for a few per cent

Progress = Callable[[float], None]


def write_page(path: str | Path, page: Page, *, progress: Progress | None = None) -> None:
    """Write a page as OpenRaster, whole or not at all.

    `progress` is called with 0..1; what it raises stops the writing and leaves the old file.
    """
    report = progress or (lambda _: None)
    steps = len(page.layers) + 1
    packer = StrokePacker()
    with whole_file(path) as stream, zipfile.ZipFile(stream, "w", zipfile.ZIP_DEFLATED) as archive:
        archive.writestr("mimetype", MIMETYPE, zipfile.ZIP_STORED)
        archive.writestr(PAPER, _paper_png(page), zipfile.ZIP_STORED)
        ours: list[dict[str, Any]] = []
        entries = [f'<layer name="Paper" src="{PAPER}" x="0" y="0" opacity="1" edit-locked="true"/>']
        for number, layer in enumerate(page.layers):
            report(number / steps)
            source = f"data/layer{number:03d}.png"
            area = (layer.tiles.bounds & page.bounds) or Rect(0, 0, 1, 1)
            png = _png(page, layer, area)
            archive.writestr(source, png, zipfile.ZIP_STORED)
            entries.append(_layer_xml(layer, source, area, active=layer.uid == page.active_uid))
            ours.append(_layer_record(layer, source, png, packer))
        report((steps - 1) / steps)
        archive.writestr("stack.xml", _stack_xml(page, entries))
        merged = flattened(page)
        buffer = io.BytesIO()
        encode_png(buffer, merged, dpi=page.dpi, opaque=True, level=FAST)
        archive.writestr("mergedimage.png", buffer.getvalue(), zipfile.ZIP_STORED)
        archive.writestr("Thumbnails/thumbnail.png", _thumbnail(merged), zipfile.ZIP_STORED)
        record = {
            "format": FORMAT,
            "dpi": page.dpi,
            "paper": list(page.paper),
            "active": page.active_uid,
            "pens": packer.pens,
            "layers": ours,
        }
        archive.writestr("jotsk/page.json", json.dumps(record, allow_nan=False))
        archive.writestr("jotsk/traces.f64", packer.numbers)
    report(1.0)


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
        raise DamagedFile(path, "it is damaged, or not an OpenRaster file") from error
    except (zipfile.LargeZipFile, NotImplementedError, RuntimeError, EOFError) as error:
        raise DamagedFile(path, "part of it is damaged or packed in an unknown way") from error
    except OSError as error:
        raise DamagedFile(path, why_unreadable(error)) from error
    except (ElementTree.ParseError, defusedxml.DefusedXmlException) as error:
        raise DamagedFile(path, "its list of layers is damaged") from error


def _read(archive: zipfile.ZipFile, path: Path, report: Progress) -> Page:
    _check_entries(archive, path)
    names = set(archive.namelist())
    if "stack.xml" not in names:
        raise DamagedFile(path, "it has no list of layers, so it is not an OpenRaster file")
    root = safe_xml.fromstring(_entry(archive, "stack.xml", MOST_XML, path))
    if root.tag != "image":
        raise DamagedFile(path, "its list of layers is damaged")
    width, height = _whole(root, "w", path), _whole(root, "h", path)
    check_size(width, height)
    ours = _our_record(archive, names, path)
    # Our own paper is a property of the page; as a layer it is there for other readers.
    elements = [e for e in root.iter("layer") if e.get("src") and not (ours and e.get("src") == PAPER)]
    if len(elements) > MOST_LAYERS:
        raise DamagedFile(path, f"it has more than {MOST_LAYERS} layers")
    records = {r.get("src"): r for r in ours.get("layers", []) if isinstance(r, dict)}
    numbers = _entry(archive, "jotsk/traces.f64", MOST_ENTRY, path) if "jotsk/traces.f64" in names else b""
    layers: list[Layer] = []
    for number, element in enumerate(reversed(elements)):
        report(number / len(elements))
        layers.append(_read_layer(archive, element, records, ours, numbers, number + 1, path))
    uids = [layer.uid for layer in layers]
    if len(set(uids)) != len(uids):
        layers = [replace(layer, uid=number + 1) for number, layer in enumerate(layers)]
    if not layers:
        layers = [InkLayer(1, "Ink")]
    wanted = ours.get("active")
    active = next((layer.uid for layer in layers if layer.uid == wanted), layers[-1].uid)
    report(1.0)
    return Page(width, height, _dpi(root, ours), _paper(ours), tuple(layers), active)


def _read_layer(
    archive: zipfile.ZipFile, element: ElementTree.Element, records: dict[Any, Any], ours: dict[str, Any],
    numbers: bytes, number: int, path: Path,
) -> Layer:  # fmt: skip
    source = element.get("src") or ""
    if source not in archive.namelist():
        raise DamagedFile(path, f"the pixels of its layer “{element.get('name', source)}” are missing")
    png = _entry(archive, source, MOST_ENTRY, path)
    pixels, _ = decode_picture(io.BytesIO(png), path)
    tiles = tiles_from(pixels, _offset(element, "x"), _offset(element, "y"))
    record = records.get(source) or {}
    common: dict[str, Any] = {
        "uid": int(record.get("uid", number)) if isinstance(record.get("uid", number), int) else number,
        "name": (element.get("name") or f"Layer {number}")[:200],
        "tiles": tiles,
        "visible": element.get("visibility", "visible") != "hidden",
        "opacity": _opacity(element),
        "locked": element.get("edit-locked") == "true",
        "tint": _optional_color(record.get("tint")),
        "is_sketch": record.get("is_sketch") is True,
    }
    if record.get("kind") == "ink" and record.get("sha256") == hashlib.sha256(png).hexdigest():
        try:
            strokes = strokes_from(record["marks"], ours["pens"], numbers)
        except (ValueError, KeyError, TypeError, IndexError) as error:
            raise DamagedFile(path, f"the strokes of its layer “{common['name']}” are damaged") from error
        return InkLayer(**common, marks=Marks(strokes))
    return PaintLayer(**common)


def _check_entries(archive: zipfile.ZipFile, path: Path) -> None:
    entries = archive.infolist()
    if len(entries) > MOST_ENTRIES:
        raise DamagedFile(path, "it holds far more parts than a page has")
    for entry in entries:
        parts = entry.filename.replace("\\", "/").split("/")
        # Nothing is ever unpacked to disk; but a name that tries to leave the file says what kind of file this is.
        # One writer of the standard puts a slash before data/, which harms nobody.
        rooted = parts[0] == "" and parts[1:2] != ["data"]
        if rooted or ".." in parts or ":" in parts[0]:
            raise DamagedFile(path, "a part of it names a place outside the file")
        if entry.file_size > MOST_ENTRY or entry.file_size > MOST_RATIO * max(1, entry.compress_size):
            raise DamagedFile(path, "a part of it unpacks to more than a page can need")


def _entry(archive: zipfile.ZipFile, name: str, most: int, path: Path) -> bytes:
    if archive.getinfo(name).file_size > most:
        raise DamagedFile(path, f"its part {name} is larger than it can be")
    try:
        return archive.read(name)
    except Exception as error:
        if isinstance(error, (zipfile.BadZipFile, OSError, EOFError, NotImplementedError, RuntimeError)):
            raise
        # zlib.error, lzma.LZMAError and their like share no root.
        raise DamagedFile(path, f"its part {name} is damaged") from error


def _our_record(archive: zipfile.ZipFile, names: set[str], path: Path) -> dict[str, Any]:
    if "jotsk/page.json" not in names:
        return {}
    try:
        record = json.loads(_entry(archive, "jotsk/page.json", MOST_JSON, path))
    except (ValueError, RecursionError) as error:
        raise DamagedFile(path, "the list of its strokes is damaged") from error
    if not isinstance(record, dict) or not isinstance(record.get("layers", []), list):
        raise DamagedFile(path, "the list of its strokes is damaged")
    if record.get("format") != FORMAT:
        return {}  # made by a later version: the pixels are still right
    return record


def _whole(element: ElementTree.Element, name: str, path: Path) -> int:
    try:
        return int(element.get(name, ""))
    except ValueError:
        raise DamagedFile(path, "its list of layers gives no size") from None


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


def _dpi(root: ElementTree.Element, ours: dict[str, Any]) -> float:
    for value in (ours.get("dpi"), root.get("xres")):
        try:
            dpi = float(value)  # type: ignore[arg-type]
        except (TypeError, ValueError):
            continue
        if 1 <= dpi <= 10_000:
            return dpi
    return 300.0


def _paper(ours: dict[str, Any]) -> Color:
    return _optional_color(ours.get("paper")) or (255, 255, 255)


def _optional_color(value: Any) -> Color | None:
    if isinstance(value, list) and len(value) == 3 and all(isinstance(v, int) and 0 <= v <= 255 for v in value):
        return value[0], value[1], value[2]
    return None


def _png(page: Page, layer: Layer, area: Rect) -> bytes:
    buffer = io.BytesIO()
    encode_png(buffer, pixels_of(layer.tiles, area), dpi=page.dpi, level=FAST)
    return buffer.getvalue()


def _paper_png(page: Page) -> bytes:
    """One colour over the whole page, as a palette of one: a few kB at any size."""
    buffer = io.BytesIO()
    picture = Image.new("P", (page.width, page.height), 0)
    picture.putpalette(page.paper)
    picture.save(buffer, "PNG", bits=1, compress_level=FAST)
    return buffer.getvalue()


def _layer_record(layer: Layer, source: str, png: bytes, packer: StrokePacker) -> dict[str, Any]:
    record: dict[str, Any] = {
        "src": source,
        "uid": layer.uid,
        "tint": list(layer.tint) if layer.tint else None,
        "is_sketch": layer.is_sketch,
    }
    if isinstance(layer, InkLayer):
        record |= {
            "kind": "ink",
            "sha256": hashlib.sha256(png).hexdigest(),
            "marks": [packer.record(stroke) for stroke in layer.marks],
        }
    return record


def _layer_xml(layer: Layer, source: str, area: Rect, *, active: bool) -> str:
    attributes = {
        "name": _xml_text(layer.name),
        "src": source,
        "x": str(area.x0),
        "y": str(area.y0),
        "opacity": f"{layer.opacity:.4f}",
        "visibility": "visible" if layer.visible else "hidden",
        "composite-op": "svg:src-over",
    }
    if layer.locked:
        attributes["edit-locked"] = "true"
    if active:
        attributes["selected"] = "true"
    return "<layer " + " ".join(f"{k}={quoteattr(v)}" for k, v in attributes.items()) + "/>"


def _xml_text(text: str) -> str:
    """Without the control characters that XML 1.0 cannot hold."""
    return "".join(c for c in text if c in "\t\n\r" or (ord(c) >= 32 and not 0xD800 <= ord(c) <= 0xDFFF))


def _stack_xml(page: Page, entries: list[str]) -> str:
    lines = "\n    ".join(reversed(entries))  # the standard lists the topmost first
    dpi = round(page.dpi)
    return (
        "<?xml version='1.0' encoding='UTF-8'?>\n"
        f'<image version="{VERSION}" w="{page.width}" h="{page.height}" xres="{dpi}" yres="{dpi}">\n'
        f"  <stack>\n    {lines}\n  </stack>\n</image>\n"
    )


def _thumbnail(merged: np.ndarray[Any, Any]) -> bytes:
    h, w = merged.shape
    scale = min(1.0, THUMBNAIL_PX / max(h, w))
    size = (max(1, round(w * scale)), max(1, round(h * scale)))
    small = cv2.resize(rgba(merged), size, interpolation=cv2.INTER_AREA)
    ok, png = cv2.imencode(".png", cv2.cvtColor(small, cv2.COLOR_RGBA2BGRA))
    if not ok:
        raise RuntimeError("OpenCV did not encode a thumbnail")
    return bytes(png)
