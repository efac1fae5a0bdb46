"""A page as a picture for others: PNG, TIFF, JPEG, WebP, and PDF at true size."""

from __future__ import annotations

import io
from collections.abc import Callable, Collection
from dataclasses import dataclass
from functools import lru_cache
from pathlib import Path
from typing import IO, Any

import cv2
import numpy as np
from numpy.typing import NDArray
from PIL import Image, ImageCms
from PIL.PngImagePlugin import PngInfo

from jotsk.core.errors import Refused
from jotsk.core.files.premultiply_kernel import straight
from jotsk.core.files.writing import whole_file
from jotsk.core.geometry import Rect
from jotsk.core.ink.stroke import packed
from jotsk.core.page import Layer, Page, check_size, composite_into, rgba
from jotsk.core.page.frames import FRAMES, frame

Progress = Callable[[float], None]

SUFFIXES = {
    ".png": "png", ".tif": "tiff", ".tiff": "tiff", ".jpg": "jpeg", ".jpeg": "jpeg", ".webp": "webp", ".pdf": "pdf",
}  # fmt: skip
COLORS = {
    "png": ("rgba", "rgb", "grey", "bits"), "tiff": ("rgb", "grey", "bits"), "jpeg": ("rgb", "grey"),
    "webp": ("rgba", "rgb"), "pdf": ("rgb", "grey", "bits"),
}  # fmt: skip
BAND_PX = 512
LARGEST_WEBP = 16383  # VP8 keeps sizes in 14 bits
LARGEST_JPEG = 65535
POINTS_PER_INCH = 72.0


@dataclass(frozen=True, slots=True)
class Export:
    """What is to be written. `layers`: uids of those that alone are shown, or all that are visible.

    `color` is one of rgba, rgb, grey and bits (1 bit a pixel: black where the page is darker than `threshold`, 0..255).
    `scale` changes the number of pixels, and the resolution with it, so that the size on paper stays.
    """

    kind: str
    color: str = "rgb"
    frame: str = "page"
    scale: float = 1.0
    transparent: bool = False
    threshold: int = 128
    quality: int = 92
    layers: Collection[int] | None = None

    def check(self, page: Page) -> None:
        """Raise Refused or TooLarge where this cannot be."""
        if self.kind not in COLORS or self.color not in COLORS[self.kind]:
            raise Refused(f"A {self.kind.upper()} cannot be written as {self.color}.")
        if self.transparent and self.color != "rgba":
            raise Refused("Without paper only a picture with transparency (RGBA) can be written.")
        if self.frame not in FRAMES:
            raise Refused(f"There is no frame “{self.frame}”.")
        width, height = self.size(page)
        check_size(width, height)
        most = {"webp": LARGEST_WEBP, "jpeg": LARGEST_JPEG}.get(self.kind)
        if most and max(width, height) > most:
            raise Refused(f"{width} x {height} px is more than a {self.kind.upper()} can hold: {most} px a side.")

    def size(self, page: Page) -> tuple[int, int]:
        """Width and height in px."""
        area = frame(page, self.frame)
        return max(1, round(area.width * self.scale)), max(1, round(area.height * self.scale))


def kind_of(path: Path) -> str:
    """The kind of file a name asks for; Refused if none is meant."""
    kind = SUFFIXES.get(path.suffix.lower())
    if kind is None:
        raise Refused(f"“{path.name}” ends in none of {', '.join(SUFFIXES)}.")
    return kind


def write_export(path: str | Path, page: Page, export: Export, *, progress: Progress | None = None) -> None:
    """Write a picture of the page, whole or not at all; what `progress` (0..1) raises stops it."""
    report = progress or (lambda _: None)
    export.check(page)
    pixels = pixels_for(page, export, report)
    report(0.6)
    dpi = page.dpi * export.scale
    with whole_file(path) as stream:
        if export.kind == "pdf":
            _write_pdf(stream, pixels, page, export, dpi)
        else:
            _write_picture(stream, pixels, export, dpi)
        report(0.95)
    report(1.0)


def pixels_for(
    page: Page, export: Export, report: Progress = lambda _: None, *, part: Rect | None = None
) -> NDArray[np.uint8]:
    """Return what is written: (H, W, 4) straight RGBA, (H, W, 3) RGB, or (H, W) grey; bits are grey of 0 and 255.

    `part`, in page px, asks for less than the frame: to look at.
    """
    area = part or frame(page, export.frame)
    transparent = export.color == "rgba" and export.transparent
    whole = np.full((area.height, area.width), 0 if transparent else packed(page.paper), np.uint32)

    def shows(layer: Layer) -> bool:
        return layer.visible if export.layers is None else layer.uid in export.layers

    for top in range(area.y0, area.y1, BAND_PX):
        report(0.55 * (top - area.y0) / area.height)
        band = Rect(area.x0, top, area.x1, min(area.y1, top + BAND_PX))
        composite_into(whole[top - area.y0 : band.y1 - area.y0], (area.x0, top), page, band, shows=shows)
    if export.scale != 1.0:
        size = max(1, round(area.width * export.scale)), max(1, round(area.height * export.scale))
        way = cv2.INTER_AREA if export.scale < 1 else cv2.INTER_CUBIC
        scaled = cv2.resize(rgba(whole), size, interpolation=way)
        scaled[..., :3] = np.minimum(scaled[..., :3], scaled[..., 3:])  # cubic overshoots
        whole = np.ascontiguousarray(scaled).view(np.uint32)[..., 0]
    if export.color == "rgba":
        return straight(whole)
    channels = rgba(whole)
    if export.color == "rgb":
        return np.asarray(cv2.cvtColor(channels, cv2.COLOR_RGBA2RGB), np.uint8)
    grey = np.asarray(cv2.cvtColor(channels, cv2.COLOR_RGBA2GRAY), np.uint8)
    return np.where(grey >= export.threshold, np.uint8(255), np.uint8(0)) if export.color == "bits" else grey


@lru_cache(maxsize=1)
def srgb_profile() -> bytes:
    """An ICC profile of sRGB (IEC 61966-2-1)."""
    return bytes(ImageCms.ImageCmsProfile(ImageCms.createProfile("sRGB")).tobytes())


def _image(pixels: NDArray[np.uint8], export: Export) -> Image.Image:
    picture = Image.fromarray(pixels)
    return picture.convert("1", dither=Image.Dither.NONE) if export.color == "bits" else picture


def _write_picture(stream: IO[bytes], pixels: NDArray[np.uint8], export: Export, dpi: float) -> None:
    options: dict[str, Any] = {"dpi": (dpi, dpi)}
    if export.color in ("rgb", "rgba"):
        options["icc_profile"] = srgb_profile()
    if export.kind == "png":
        if "icc_profile" not in options:  # that profile is for RGB; a chunk says the same of grey
            options["pnginfo"] = PngInfo()
            options["pnginfo"].add(b"sRGB", b"\x00")
        options["compress_level"] = 6
    elif export.kind == "tiff":
        options["compression"] = "group4" if export.color == "bits" else "tiff_adobe_deflate"
    elif export.kind == "jpeg":
        options |= {"quality": export.quality, "subsampling": 0, "dpi": (round(dpi), round(dpi))}
    elif export.kind == "webp":
        del options["dpi"]
        exif = Image.Exif()
        exif[0x011A], exif[0x011B], exif[0x0128] = dpi, dpi, 2  # TIFF 6.0: X and Y resolution, in inches
        options |= {"quality": export.quality, "method": 4, "exif": exif.tobytes()}
        options["lossless"] = export.quality >= 100
    _image(pixels, export).save(stream, export.kind.upper(), **options)


def _write_pdf(stream: IO[bytes], pixels: NDArray[np.uint8], page: Page, export: Export, dpi: float) -> None:
    """One page of the picture's true size with its boxes (ISO 32000-1, 14.11.2)."""
    import pikepdf

    height, width = pixels.shape[:2]
    to_points = POINTS_PER_INCH / dpi
    with pikepdf.new() as pdf:
        sheet = pdf.add_blank_page(page_size=(width * to_points, height * to_points))
        picture = pikepdf.Stream(pdf, b"")
        if export.color == "bits":
            picture.write(np.packbits(pixels > 0, axis=1).tobytes())
        else:
            picture.write(np.ascontiguousarray(pixels).tobytes())
        picture.Type, picture.Subtype = pikepdf.Name.XObject, pikepdf.Name.Image
        picture.Width, picture.Height = width, height
        picture.BitsPerComponent = 1 if export.color == "bits" else 8
        if export.color == "rgb":
            profile = pikepdf.Stream(pdf, srgb_profile())
            profile.N = 3
            picture.ColorSpace = pikepdf.Array([pikepdf.Name.ICCBased, pdf.make_indirect(profile)])
        else:
            picture.ColorSpace = pikepdf.Name.DeviceGray
        name = sheet.add_resource(picture, pikepdf.Name.XObject)
        sheet.Contents = pdf.make_stream(
            b"q %.6f 0 0 %.6f 0 0 cm %s Do Q" % (width * to_points, height * to_points, str(name).encode())
        )
        area = frame(page, export.frame)
        for box in ("trim", "bleed"):
            inner = frame(page, box) & area
            if inner:
                scale = export.scale * to_points
                low = (inner.x0 - area.x0) * scale, (area.y1 - inner.y1) * scale
                high = (inner.x1 - area.x0) * scale, (area.y1 - inner.y0) * scale
                sheet[f"/{box.title()}Box"] = pikepdf.Array([*low, *high])
        buffer = io.BytesIO()
        pdf.save(buffer, compress_streams=True)
    stream.write(buffer.getvalue())
