"""Colours of a press: CMYK by a chosen ICC profile (ISO 15076-1), greys in black ink alone."""

from __future__ import annotations

import io
from dataclasses import dataclass
from functools import lru_cache
from pathlib import Path

import numpy as np
from numpy.typing import NDArray
from PIL import Image, ImageCms

from jotsk.core.errors import CannotRead, DamagedFile, Refused
from jotsk.core.files.export.pixels import srgb_profile
from jotsk.core.words import tr

MOST_BYTES = 32 << 20
NEUTRAL = 12  # of 255, by which the channels of a grey differ at most
SOLID = 34  # a grey no lighter than this is all black ink: the inks one draws with are not quite black
BAND_PX = 512


@dataclass(frozen=True, slots=True)
class PressProfile:
    """An ICC profile of a press: its bytes, and what it calls itself."""

    data: bytes
    name: str


def read_profile(path: str | Path) -> PressProfile:
    """Read the profile of a press. Raises CannotRead, DamagedFile, or Refused if it is of another kind."""
    path = Path(path)
    try:
        if path.stat().st_size > MOST_BYTES:
            raise Refused(tr("“{name}” is too large for a profile.", name=path.name))
        data = path.read_bytes()
    except OSError as error:
        raise CannotRead(path, error.strerror or tr("it cannot be read")) from error
    return _read(data, path)


def _read(data: bytes, path: Path) -> PressProfile:
    try:
        opened = ImageCms.ImageCmsProfile(io.BytesIO(data))
        space, kind = str(opened.profile.xcolor_space).strip(), str(opened.profile.device_class).strip()
        name = ImageCms.getProfileDescription(opened).strip() or path.stem
    except (OSError, ImageCms.PyCMSError, AttributeError, ValueError) as error:
        raise DamagedFile(path, tr("it is no ICC profile")) from error
    if space != "CMYK" or kind != "prtr":
        raise Refused(
            tr(
                "“{name}” is a profile for {space}; choose one of a press, for CMYK.",
                name=path.name,
                space=space or tr("something else"),
            )
        )
    return PressProfile(data, name)


@lru_cache(maxsize=4)
def _transform(data: bytes) -> ImageCms.ImageCmsTransform:
    """Relative colorimetric with black point compensation, as is usual for drawings."""
    return ImageCms.buildTransform(
        ImageCms.ImageCmsProfile(io.BytesIO(srgb_profile())), ImageCms.ImageCmsProfile(io.BytesIO(data)), "RGB", "CMYK",
        ImageCms.Intent.RELATIVE_COLORIMETRIC, ImageCms.Flags.BLACKPOINTCOMPENSATION,
    )  # fmt: skip


def as_printed(ink: NDArray[np.uint8], profile: PressProfile) -> NDArray[np.uint8]:
    """(H, W, 4) shares of ink as the screen can show what the press makes of them: (H, W, 3) sRGB."""
    back = ImageCms.buildTransform(
        ImageCms.ImageCmsProfile(io.BytesIO(profile.data)), ImageCms.ImageCmsProfile(io.BytesIO(srgb_profile())),
        "CMYK", "RGB", ImageCms.Intent.RELATIVE_COLORIMETRIC, ImageCms.Flags.BLACKPOINTCOMPENSATION,
    )  # fmt: skip
    return np.asarray(ImageCms.applyTransform(Image.fromarray(ink, "CMYK"), back))


def to_press(rgb: NDArray[np.uint8], profile: PressProfile) -> NDArray[np.uint8]:
    """(H, W, 3) sRGB px as (H, W, 4) shares of ink, 255 all. Greys are black ink alone: lines in four inks are never
    quite in register (common practice). Raises Refused if the profile cannot be used."""
    out = np.empty((*rgb.shape[:2], 4), np.uint8)
    try:
        transform = _transform(profile.data)
        for top in range(0, len(rgb), BAND_PX):
            band = Image.fromarray(np.ascontiguousarray(rgb[top : top + BAND_PX]))
            out[top : top + BAND_PX] = np.asarray(ImageCms.applyTransform(band, transform))
    except (ImageCms.PyCMSError, ValueError) as error:
        raise Refused(tr("The profile “{name}” cannot turn colours into ink.", name=profile.name)) from error
    grey = rgb.max(axis=2).astype(np.int16) - rgb.min(axis=2) <= NEUTRAL
    light = rgb[grey] @ np.array([0.299, 0.587, 0.114])
    black = np.clip((255.0 - light) / (255.0 - SOLID), 0, 1)
    out[grey] = 0
    out[grey, 3] = np.round(255 * black).astype(np.uint8)
    return out
