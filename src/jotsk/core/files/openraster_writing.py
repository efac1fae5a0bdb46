"""Writing the native file. A writer that is kept encodes only what changed since it last wrote."""

from __future__ import annotations

import hashlib
import io
import json
import zipfile
from collections.abc import Callable
from dataclasses import dataclass
from functools import partial
from pathlib import Path
from typing import Any

import numpy as np
from numpy.typing import NDArray

from jotsk.core.files.bands import Band, pack_bands, write_bands
from jotsk.core.files.layer_records import layer_record, page_record
from jotsk.core.files.openraster import (
    CLIP,
    FAST,
    FORMAT,
    MASK,
    MERGED,
    MIMETYPE,
    OURS,
    PAPER,
    THUMBNAIL,
    THUMBNAIL_PX,
    UID,
    VERSION,
)  # fmt: skip
from jotsk.core.files.premultiply_kernel import straight
from jotsk.core.files.records import packed_marks
from jotsk.core.files.writing import whole_file
from jotsk.core.geometry import Rect
from jotsk.core.ink import TILE, Color
from jotsk.core.ink.blend_kernel import for_reading
from jotsk.core.ink.color import packed
from jotsk.core.marks import Mark
from jotsk.core.marks.record import PenTable
from jotsk.core.page import GroupLayer, InkLayer, Layer, Page, Tiles, composite_into, pixels_of, rgba
from jotsk.core.page.compose.layer_kernel import layer_into
from jotsk.core.page.compose.modes import NORMAL
from jotsk.core.page.compose.thumbnail import thumbnail_png
from jotsk.core.page.layers.tree import children
from jotsk.core.xml_text import quoteattr

Progress = Callable[[float], None]
Maker = Callable[[], NDArray[np.uint8]]


def write_page(path: str | Path, page: Page, *, progress: Progress | None = None) -> None:
    """Write a page as OpenRaster, whole or not at all. See `PageWriter.write`."""
    PageWriter().write(path, page, progress=progress)


@dataclass(slots=True)
class _Source:
    """Where a band's pixels come from: the same rows of tiles, put together in the same manner, are the same pixels."""

    part: Rect
    rows: tuple[object, ...]
    manner: object
    make: Maker

    def gives_same_as(self, other: _Source) -> bool:
        same_rows = len(self.rows) == len(other.rows) and all(
            a is b for a, b in zip(self.rows, other.rows, strict=True)
        )
        return same_rows and self.manner == other.manner


class PageWriter:
    """Writes a page again and again; a row of tiles and a stretch of strokes that stayed are not encoded anew."""

    def __init__(self) -> None:
        self._bands: dict[tuple[object, ...], tuple[_Source, Band]] = {}
        self._strokes: dict[int, tuple[tuple[Mark, ...], bytes]] = {}
        self._pens = PenTable()

    def write(
        self, path: str | Path, page: Page, *, progress: Progress | None = None,
        instead_of: tuple[int, int] | None = None,
    ) -> None:  # fmt: skip
        """Write a page as OpenRaster, whole or not at all.

        `progress` is called with 0..1; what it raises stops the writing and leaves the old file. `instead_of` is as in
        `whole_file`.
        """
        report = progress or (lambda _: None)
        steps = len(page.layers) + 3
        self._forget(page)
        with (
            whole_file(path, instead_of=instead_of) as stream,
            zipfile.ZipFile(stream, "w", zipfile.ZIP_STORED) as archive,
        ):
            archive.writestr("mimetype", MIMETYPE)
            archive.writestr(PAPER, _paper_png(page))
            records: list[dict[str, Any]] = []
            areas: dict[int, tuple[str, Rect]] = {}
            for number, layer in enumerate(page.layers):
                report(number / steps)
                record = layer_record(layer)
                if not isinstance(layer, GroupLayer):
                    source = record["src"] = f"data/layer{number:03d}.png"
                    area = (layer.seen.bounds & page.bounds) or Rect(0, 0, 1, 1)
                    areas[layer.uid] = source, area
                    png = self._layer_png(page, layer, area, as_seen=True)
                    archive.writestr(source, png)
                    if layer.tint is not None or layer.effects:
                        record["untinted"] = f"jotsk/layer{number:03d}.png"
                        archive.writestr(record["untinted"], self._layer_png(page, layer, area, as_seen=False))
                    record["sha256"] = hashlib.sha256(png).hexdigest()
                if isinstance(layer, InkLayer):
                    record["strokes"] = [self._put_strokes(archive, chunk) for chunk in layer.marks.chunks]
                records.append(record)
            archive.writestr("stack.xml", _stack_xml(page, areas))
            report((steps - 2) / steps)
            with archive.open(MERGED, "w") as entry:
                bands = self._packed(("merged", 0), _merged_sources(page))
                write_bands(entry, page.width, page.height, 3, bands, dpi=page.dpi)
            archive.writestr(THUMBNAIL, thumbnail_png(page, THUMBNAIL_PX))
            ours = {"format": FORMAT} | page_record(page) | {"pens": self._pens.records, "layers": records}
            archive.writestr(OURS, json.dumps(ours, allow_nan=False), zipfile.ZIP_DEFLATED)
            for name, data in page.extras.items():
                archive.writestr(name, data, zipfile.ZIP_DEFLATED)
            report((steps - 1) / steps)
        report(1.0)

    def _forget(self, page: Page) -> None:
        """Let go of what belongs to layers and strokes that are no longer there."""
        uids = {layer.uid for layer in page.layers}
        self._bands = {key: kept for key, kept in self._bands.items() if key[0] == "merged" or key[1] in uids}
        chunks = {id(chunk) for layer in page.layers if isinstance(layer, InkLayer) for chunk in layer.marks.chunks}
        self._strokes = {key: kept for key, kept in self._strokes.items() if key in chunks}

    def _put_strokes(self, archive: zipfile.ZipFile, chunk: tuple[Mark, ...]) -> str:
        kept = self._strokes.get(id(chunk))
        if kept is None:
            kept = self._strokes[id(chunk)] = chunk, packed_marks(chunk, self._pens)
        name = f"jotsk/strokes/{hashlib.sha256(kept[1]).hexdigest()[:24]}"
        if name not in archive.NameToInfo:
            archive.writestr(name, kept[1])
        return name

    def _layer_png(self, page: Page, layer: Layer, area: Rect, *, as_seen: bool) -> bytes:
        tint, tiles = (layer.tint, layer.seen) if as_seen else (None, layer.tiles)
        sources = []
        for row in range(area.y0 // TILE, (area.y1 - 1) // TILE + 1):
            part = area & Rect(area.x0, row * TILE, area.x1, (row + 1) * TILE)
            make = partial(_layer_rows, tiles, part, tint)
            sources.append(_Source(part, (tiles.row(row),), tint, make))
        buffer = io.BytesIO()
        bands = self._packed(("layer", layer.uid, as_seen), sources)
        write_bands(buffer, area.width, area.height, 4, bands, dpi=page.dpi)
        return buffer.getvalue()

    def _packed(self, name: tuple[object, ...], sources: list[_Source]) -> list[Band]:
        """The bands of a picture: kept ones where nothing changed, the others made on all cores."""
        found: list[Band | None] = []
        missing: list[tuple[int, tuple[object, ...], _Source]] = []
        for source in sources:
            part = source.part
            key = (*name, part.x0, part.x1, part.y0, part.y1)
            kept = self._bands.get(key)
            if kept is not None and source.gives_same_as(kept[0]):
                found.append(kept[1])
            else:
                missing.append((len(found), key, source))
                found.append(None)
        made = pack_bands([source.make for _, _, source in missing], FAST)
        for (at, key, source), band in zip(missing, made, strict=True):
            found[at] = band
            source.make = _not_again  # it holds the whole page, which is not to be kept alive
            self._bands[key] = source, band
        return [band for band in found if band is not None]


def _not_again() -> NDArray[np.uint8]:
    raise RuntimeError("a band was to be made twice")


def _layer_rows(tiles: Tiles, part: Rect, tint: Color | None) -> NDArray[np.uint8]:
    pixels = pixels_of(tiles, part)
    if tint is not None:
        plain, pixels = pixels, np.zeros_like(pixels)
        layer_into(pixels, for_reading(plain), 255, packed(tint), True)
    return straight(pixels)


def _merged_sources(page: Page) -> list[_Source]:
    manner = page.paper, [
        (x.uid, x.parent, x.visible, x.opacity, x.tint, x.blend, x.clips) for x in page.layers
    ]  # fmt: skip

    def make(part: Rect) -> NDArray[np.uint8]:
        pixels = np.full((part.height, part.width), packed(page.paper), np.uint32)
        composite_into(pixels, (part.x0, part.y0), page, part)
        return np.ascontiguousarray(rgba(pixels)[..., :3])

    sources = []
    for row in range((page.height - 1) // TILE + 1):
        part = page.bounds & Rect(0, row * TILE, page.width, (row + 1) * TILE)
        rows = tuple(x.seen.row(row) for x in page.layers)
        sources.append(_Source(part, rows, manner, lambda part=part: make(part)))  # type: ignore[misc]
    return sources


def _paper_png(page: Page) -> bytes:
    """One colour over the whole page, as a palette of one: a few kB at any size."""
    from PIL import Image  # here: it takes long to import

    buffer = io.BytesIO()
    picture = Image.new("P", (page.width, page.height), 0)
    picture.putpalette(page.paper)
    picture.save(buffer, "PNG", bits=1, compress_level=FAST)
    return buffer.getvalue()


# -- stack.xml ---------------------------------------------------------------------------------


def _stack_xml(page: Page, areas: dict[int, tuple[str, Rect]]) -> str:
    lines = _stack_lines(page, 0, areas, "    ")
    paper = _tag("layer", {"name": "Paper", "src": PAPER, "x": "0", "y": "0", "opacity": "1", "edit-locked": "true"})
    dpi = round(page.dpi)
    return (
        "<?xml version='1.0' encoding='UTF-8'?>\n"
        f'<image version="{VERSION}" w="{page.width}" h="{page.height}" xres="{dpi}" yres="{dpi}">\n'
        "  <stack>\n" + "\n".join([*lines, "    " + paper]) + "\n  </stack>\n</image>\n"
    )


def _stack_lines(page: Page, parent: int, areas: dict[int, tuple[str, Rect]], indent: str) -> list[str]:
    """The topmost first, as the standard wants it. What clips goes with its base into a stack of their own."""
    runs: list[list[Layer]] = []
    for layer in children(page.layers, parent):
        if layer.clips and runs:
            runs[-1].append(layer)
        else:
            runs.append([layer])
    lines: list[str] = []
    for base, *clipped in reversed(runs):
        if not clipped:
            lines += _element(page, base, areas, indent, {})
            continue
        # Atop is exact, but is an operator of its own; with another mode the whole is masked by its base once more.
        manner = {CLIP: "true", "isolation": "isolate"} | _manner(base)
        lines.append(indent + _tag("stack", manner, is_open=True))
        deeper, plain = indent + "  ", {"opacity": "1.0000", "composite-op": "svg:src-over", "visibility": "visible"}
        masks = any(layer.blend != NORMAL and layer.visible for layer in clipped)
        if masks:
            lines += _element(page, base, areas, deeper, plain | {"composite-op": "svg:dst-in", MASK: "true"})
        for layer in reversed(clipped):
            op = {} if masks else {"composite-op": "svg:src-atop"}
            lines += _element(page, layer, areas, deeper, op)
        lines += _element(page, base, areas, deeper, plain)
        lines.append(f"{indent}</stack>")
    return lines


def _element(
    page: Page, layer: Layer, areas: dict[int, tuple[str, Rect]], indent: str, instead: dict[str, str]
) -> list[str]:
    attributes = {"name": _xml_text(layer.name)} | _manner(layer) | dict(layer.extras) | instead
    attributes |= {UID: str(layer.uid)}
    if layer.locked:
        attributes["edit-locked"] = "true"
    if layer.uid == page.active_uid:
        attributes["selected"] = "true"
    if isinstance(layer, GroupLayer):
        attributes["isolation"] = "isolate" if layer.isolated else "auto"
        inner = _stack_lines(page, layer.uid, areas, indent + "  ")
        return [indent + _tag("stack", attributes, is_open=True), *inner, f"{indent}</stack>"]
    source, area = areas[layer.uid]
    return [indent + _tag("layer", attributes | {"src": source, "x": str(area.x0), "y": str(area.y0)})]


def _manner(layer: Layer) -> dict[str, str]:
    return {
        "opacity": f"{layer.opacity:.4f}",
        "visibility": "visible" if layer.visible else "hidden",
        "composite-op": "svg:src-over" if layer.blend == NORMAL else f"svg:{layer.blend}",
    }


def _tag(name: str, attributes: dict[str, str], *, is_open: bool = False) -> str:
    return f"<{name} " + " ".join(f"{k}={quoteattr(v)}" for k, v in attributes.items()) + (">" if is_open else "/>")


def _xml_text(text: str) -> str:
    """Without the control characters that XML 1.0 cannot hold."""
    return "".join(c for c in text if c in "\t\n\r" or (ord(c) >= 32 and not 0xD800 <= ord(c) <= 0xDFFF))
