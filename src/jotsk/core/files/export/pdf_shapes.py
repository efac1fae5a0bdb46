"""A page as PDF with its lines as shapes (ISO 32000-1, 8.5 and 11): sharp at any size, in the layers' groups."""

from __future__ import annotations

from typing import TYPE_CHECKING

import numpy as np
from numpy.typing import NDArray

from jotsk.core.files.export.numbers_kernel import numbers_text
from jotsk.core.files.export.options import Export, Progress
from jotsk.core.files.export.pixels import srgb_profile
from jotsk.core.files.export.shapes import Closes, Opens, Picture, Shape, parts_of
from jotsk.core.files.premultiply_kernel import straight
from jotsk.core.geometry import Rect
from jotsk.core.ink import Color
from jotsk.core.page import InkLayer, Layer, Page
from jotsk.core.page.compose.modes import NORMAL

if TYPE_CHECKING:
    import pikepdf

GREY = (0.299, 0.587, 0.114)  # ITU-R BT.601, as the pixels of a grey export


class _Writer:
    """Content streams, one in another: a layer that is not simply put over those below it is a form of its own."""

    def __init__(self, pdf: pikepdf.Pdf, area: Rect, export: Export) -> None:
        import pikepdf

        self._lib, self._pdf, self._area = pikepdf, pdf, area
        self._is_grey, self._press = export.color == "grey", export.profile if export.color == "cmyk" else None
        self.space = pikepdf.Array([pikepdf.Name.ICCBased, pdf.make_indirect(profile_stream(pdf, export))])
        self._streams: list[bytearray] = [bytearray()]
        self._resources = [self._fresh()]

    def _fresh(self) -> pikepdf.Dictionary:
        lib = self._lib
        spaces = lib.Dictionary({"/CS0": self.space})
        return lib.Dictionary(ColorSpace=spaces, XObject=lib.Dictionary(), ExtGState=lib.Dictionary())

    def _named(self, kind: str, value: object) -> bytes:
        held = self._resources[-1][f"/{kind}"]
        name = f"/{kind[0]}{len(held)}"
        held[name] = value
        return name.encode()

    def _write(self, text: bytes) -> None:
        self._streams[-1] += text

    def opens(self, layer: Layer) -> None:
        self._streams.append(bytearray())
        self._resources.append(self._fresh())

    def closes(self, layer: Layer) -> None:
        lib, content, resources = self._lib, bytes(self._streams.pop()), self._resources.pop()
        if not content:
            return
        area = self._area
        form = lib.Stream(self._pdf, content)
        form.Type, form.Subtype, form.Resources = lib.Name.XObject, lib.Name.Form, resources
        form.BBox = lib.Array([area.x0, area.y0, area.x1, area.y1])
        form.Group = lib.Dictionary(S=lib.Name.Transparency, I=True)
        if self._press is not None:  # inks are mixed as inks
            form.Group.CS = self.space
        name = self._named("XObject", self._pdf.make_indirect(form))
        if layer.opacity >= 1 and layer.blend == NORMAL:
            self._write(name + b" Do\n")
            return
        mode = "".join(word.title() for word in layer.blend.split("-"))
        state = lib.Dictionary(ca=round(layer.opacity, 4), CA=round(layer.opacity, 4), BM=lib.Name("/" + mode))
        self._write(b"q " + self._named("ExtGState", state) + b" gs " + name + b" Do Q\n")

    def shape(self, part: Shape) -> None:
        rings, opacity = part.outline
        self._write(b"q .01 0 0 .01 0 0 cm ")
        if opacity < 1:
            self._write(self._named("ExtGState", self._lib.Dictionary(ca=round(opacity, 4))) + b" gs ")
        self._write(self._color(part.color))
        for ring in rings:
            self._write(_ring(ring))
        self._write(b"f* Q\n")

    def paper(self, color: Color) -> None:
        area = self._area
        self._write(self._color(color) + f"{area.x0} {area.y0} {area.width} {area.height} re f\n".encode())

    def _color(self, color: Color) -> bytes:
        if self._is_grey:
            return f"{sum(k * c for k, c in zip(GREY, color, strict=True)) / 255:.4f} g ".encode()
        parts = self._inks(np.array([[color]], np.uint8))[0, 0].tolist()
        return f"/CS0 cs {' '.join(f'{part / 255:.4f}' for part in parts)} sc ".encode()

    def _inks(self, rgb: NDArray[np.uint8]) -> NDArray[np.uint8]:
        """(H, W, 3) colours as they are written: as they are, or as (H, W, 4) shares of ink."""
        if self._press is None:
            return rgb
        from jotsk.core.files.export.press import to_press

        return to_press(rgb, self._press)

    def picture(self, part: Picture) -> None:
        lib, at = self._lib, part.at
        rgba = straight(part.pixels)
        mask = lib.Stream(self._pdf, np.ascontiguousarray(rgba[..., 3]).tobytes())
        image = lib.Stream(self._pdf, b"")
        if self._is_grey:
            grey = np.round(rgba[..., :3] @ np.array(GREY)).astype(np.uint8)
            image.write(np.ascontiguousarray(grey).tobytes())
            image.ColorSpace = lib.Name.DeviceGray
        else:
            image.write(np.ascontiguousarray(self._inks(np.ascontiguousarray(rgba[..., :3]))).tobytes())
            image.ColorSpace = self.space
        mask.ColorSpace = lib.Name.DeviceGray
        for each in (image, mask):
            each.Type, each.Subtype, each.BitsPerComponent = lib.Name.XObject, lib.Name.Image, 8
            each.Width, each.Height = at.width, at.height
        image.SMask = self._pdf.make_indirect(mask)
        name = self._named("XObject", self._pdf.make_indirect(image))
        self._write(f"q {at.width} 0 0 {-at.height} {at.x0} {at.y1} cm ".encode() + name + b" Do Q\n")

    @property
    def content(self) -> bytes:
        return bytes(self._streams[0])

    @property
    def resources(self) -> pikepdf.Dictionary:
        return self._resources[0]


def _ring(ring: NDArray[np.float32]) -> bytes:
    """A closed polygon in hundredths of a px."""
    grid = np.round(ring.astype(np.float64) * 100.0).astype(np.int64)
    return b"%d %d m " % (*grid[0].tolist(),) + numbers_text(grid[1:].ravel(), ord("l")).tobytes() + b" h\n"


def profile_stream(pdf: pikepdf.Pdf, export: Export) -> pikepdf.Stream:
    """The profile of the colours: sRGB, or that of the press."""
    import pikepdf

    press = export.profile if export.color == "cmyk" else None
    profile = pikepdf.Stream(pdf, press.data if press is not None else srgb_profile())
    profile.N = 4 if press is not None else 3
    return profile


def shapes_into(
    pdf: pikepdf.Pdf, sheet: pikepdf.Page, page: Page, export: Export, area: Rect, report: Progress
) -> bytes:
    """The content of a sheet, in page px with y growing downwards; its resources are given to the sheet."""
    import pikepdf

    writer = _Writer(pdf, area, export)
    if not export.transparent:
        writer.paper(page.paper)
    total = max(1, sum(len(x.marks) for x in page.layers if isinstance(x, InkLayer) and export.shows(x)))
    done = 0
    for part in parts_of(page, area, export.shows):
        if isinstance(part, Opens):
            writer.opens(part.layer)
        elif isinstance(part, Closes):
            writer.closes(part.layer)
        elif isinstance(part, Shape):
            writer.shape(part)
            done += 1
        else:
            writer.picture(part)
            done += part.marks
        report(0.9 * min(1.0, done / total))
    sheet.obj.Resources = writer.resources
    if export.color == "cmyk":
        sheet.obj.Group = pikepdf.Dictionary(S=pikepdf.Name.Transparency, I=True, CS=writer.space)
    return writer.content
