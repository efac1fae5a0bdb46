"""The pixels of an export, and the picture that goes into a file."""

from __future__ import annotations

from functools import lru_cache
from typing import IO, Any

import cv2
import numpy as np
from numpy.typing import NDArray
from PIL import Image, ImageCms

from jotsk.core.files.export.options import Export, Progress
from jotsk.core.files.premultiply_kernel import straight
from jotsk.core.geometry import Rect
from jotsk.core.ink.color import packed
from jotsk.core.page import Page, composite_into, rgba
from jotsk.core.page.frames import frame

BAND_PX = 512
COMPOSED = 0.55  # the share of the work until the pixels are there


def pixels_for(
    page: Page, export: Export, report: Progress = lambda _: None, *, part: Rect | None = None
) -> NDArray[np.uint8]:
    """Return what is written: (H, W, 4) straight RGBA or inks, (H, W, 3) RGB, or (H, W) grey; bits are grey of 0
    and 255.

    `part`, in page px, asks for less than the frame: to look at.
    """
    area = part or frame(page, export.frame)
    transparent = export.color == "rgba" and export.transparent
    whole = np.full((area.height, area.width), 0 if transparent else packed(page.paper), np.uint32)

    for top in range(area.y0, area.y1, BAND_PX):
        report(COMPOSED * (top - area.y0) / area.height)
        band = Rect(area.x0, top, area.x1, min(area.y1, top + BAND_PX))
        composite_into(whole[top - area.y0 : band.y1 - area.y0], (area.x0, top), page, band, shows=export.shows)
    if export.scale != 1.0:
        way = cv2.INTER_AREA if export.scale < 1 else cv2.INTER_CUBIC
        scaled = cv2.resize(rgba(whole), export.scaled(area), interpolation=way)
        scaled[..., :3] = np.minimum(scaled[..., :3], scaled[..., 3:])  # cubic overshoots
        whole = np.ascontiguousarray(scaled).view(np.uint32)[..., 0]
    if export.color == "rgba":
        return straight(whole)
    channels = rgba(whole)
    if export.color == "cmyk":
        from jotsk.core.files.export.press import to_press

        assert export.profile is not None
        return to_press(np.asarray(cv2.cvtColor(channels, cv2.COLOR_RGBA2RGB), np.uint8), export.profile)
    if export.color == "rgb":
        return np.asarray(cv2.cvtColor(channels, cv2.COLOR_RGBA2RGB), np.uint8)
    grey = np.asarray(cv2.cvtColor(channels, cv2.COLOR_RGBA2GRAY), np.uint8)
    return np.where(grey >= export.threshold, np.uint8(255), np.uint8(0)) if export.color == "bits" else grey


@lru_cache(maxsize=1)
def srgb_profile() -> bytes:
    """An ICC profile of sRGB (IEC 61966-2-1)."""
    return bytes(ImageCms.ImageCmsProfile(ImageCms.createProfile("sRGB")).tobytes())


def save_picture(kind: str, stream: IO[bytes], page: Page, export: Export, report: Progress, **options: Any) -> None:
    """Write the pixels of a page with Pillow, those of colours with their profile."""
    pixels = pixels_for(page, export, report)
    picture = Image.fromarray(pixels, "CMYK") if export.color == "cmyk" else Image.fromarray(pixels)
    if export.color == "bits":
        picture = picture.convert("1", dither=Image.Dither.NONE)
    if export.color in ("rgb", "rgba"):
        options["icc_profile"] = srgb_profile()
    if export.profile is not None and export.color == "cmyk":
        options["icc_profile"] = export.profile.data
    picture.save(stream, kind, **options)


def dpi_of(page: Page, export: Export) -> float:
    """The resolution that keeps the size on paper."""
    return page.dpi * export.scale
