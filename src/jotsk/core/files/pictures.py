"""Pictures in and out."""

from __future__ import annotations

import io
import threading
import warnings
from pathlib import Path
from typing import IO, TYPE_CHECKING

import cv2
import numpy as np
from numpy.typing import NDArray

from jotsk.core.errors import DamagedFile, JotskError, why_unreadable
from jotsk.core.files.premultiply_kernel import premultiplied, premultiplied_by_bands, straight
from jotsk.core.files.writing import whole_file
from jotsk.core.page.page import check_size
from jotsk.core.page.tiles.tiles import Pixels
from jotsk.core.words import tr

if TYPE_CHECKING:
    from PIL import Image  # it takes long to import

ORIENTATION = 0x0112  # TIFF 6.0, tag 274
_ONE_AT_A_TIME = threading.Lock()
PICTURE_SUFFIXES = (".png", ".jpg", ".jpeg", ".webp", ".tif", ".tiff", ".bmp")


def read_picture(path: str | Path) -> tuple[Pixels, float | None]:
    """Return premultiplied (H, W) uint32 pixels, and dpi if the file says.

    PNG of every kind is read: grey, palette, RGB, with and without alpha, 1 to 16 bits (16 become 8).

    Raises
    ------
    DamagedFile, TooLarge
        Size is checked from the header, before memory is taken for pixels.
    """
    try:
        with open(path, "rb") as stream:
            return decode_picture(stream, path)
    except OSError as error:
        raise DamagedFile(path, why_unreadable(error)) from error


def decode_picture(stream: IO[bytes], path: str | Path) -> tuple[Pixels, float | None]:
    """As `read_picture`, from an open file; `path` is for the message."""
    from PIL import Image, ImageOps, UnidentifiedImageError

    try:
        with _opened(stream) as picture:
            check_size(*picture.size)
            dpi = _dpi_of(picture)
            if picture.format == "WEBP" and not picture.is_animated and picture.getexif().get(ORIENTATION, 1) == 1:
                stream.seek(0)
                pixels = _by_opencv(stream.read(), picture)
                if pixels is not None:
                    return pixels, dpi
            ImageOps.exif_transpose(picture, in_place=True)  # as the camera was held
            return _premultiplied_rgba(picture), dpi
    except JotskError:
        raise
    except UnidentifiedImageError as error:
        raise DamagedFile(path, tr("it is not a picture this program knows")) from error
    except Image.DecompressionBombError as error:
        raise DamagedFile(path, tr("its header promises more pixels than a page may have")) from error
    except Exception as error:
        # Depending on where the damage lies, Pillow raises almost anything: OSError, SyntaxError, struct.error,
        # AssertionError, AttributeError, zlib.error. The picture is untrusted, and all of them say the same.
        raise DamagedFile(path, tr("the picture data is damaged or cut short")) from error


def decode_own_png(data: bytes, path: str | Path) -> Pixels:
    """As `decode_picture`, of an RGBA PNG that this program wrote and that is as it was written."""
    try:
        with _opened(io.BytesIO(data)) as picture:
            check_size(*picture.size)
            pixels = _by_opencv(data, picture) if picture.mode == "RGBA" else None
    except JotskError:
        raise
    except Exception as error:  # as above: the file may say that it is ours, and be anything
        raise DamagedFile(path, tr("the picture data is damaged or cut short")) from error
    return pixels if pixels is not None else decode_picture(io.BytesIO(data), path)[0]


def _by_opencv(data: bytes, picture: Image.Image) -> Pixels | None:
    """The pixels of a picture of 8 bits that Pillow opened, or None if OpenCV sees another picture in it.

    OpenCV releases the interpreter meanwhile; Pillow holds it for a tenth of a second at a time.
    """
    channels = cv2.imdecode(np.frombuffer(data, np.uint8), cv2.IMREAD_UNCHANGED)
    order = {"RGB": cv2.COLOR_BGR2RGBA, "RGBA": cv2.COLOR_BGRA2RGBA}[picture.mode]
    if channels is None or channels.shape != (picture.height, picture.width, len(picture.mode)):
        return None
    if channels.dtype != np.uint8:
        return None
    return premultiplied_by_bands(
        picture.width, picture.height, lambda start, stop: cv2.cvtColor(channels[start:stop], order)
    )


def _opened(stream: IO[bytes]) -> Image.Image:
    """Pillow's own limit warns of what check_size decides; which warnings are shown is one setting for all threads."""
    from PIL import Image

    with _ONE_AT_A_TIME, warnings.catch_warnings():
        warnings.simplefilter("ignore", Image.DecompressionBombWarning)
        return Image.open(stream)


def encode_png(
    stream: IO[bytes], pixels: Pixels, *, dpi: float | None = None, opaque: bool = False, level: int = 6
) -> None:
    """Write premultiplied `pixels` as PNG, RGB if `opaque`, else RGBA; `dpi` goes into pHYs."""
    from PIL import Image

    channels = straight(np.ascontiguousarray(pixels))
    picture = Image.fromarray(np.ascontiguousarray(channels[..., :3]) if opaque else channels)
    options = {"dpi": (dpi, dpi)} if dpi else {}
    picture.save(stream, "PNG", compress_level=level, **options)


def write_png(path: str | Path, pixels: Pixels, *, dpi: float, opaque: bool) -> None:
    """Write a PNG, whole or not at all."""
    with whole_file(path) as stream:
        encode_png(stream, pixels, dpi=dpi, opaque=opaque)


def _premultiplied_rgba(picture: Image.Image) -> Pixels:
    """Band by band: Pillow makes several copies of all that is asked of it at once."""
    if picture.mode not in ("RGBA", "RGB"):
        return premultiplied(_straight_rgba(picture))
    return premultiplied_by_bands(
        picture.width, picture.height,
        lambda start, stop: _straight_rgba(picture.crop((0, start, picture.width, stop))),
    )  # fmt: skip


def _straight_rgba(picture: Image.Image) -> NDArray[np.uint8]:
    if picture.mode.startswith("I;16") or picture.mode in ("I", "F"):
        # Grey of 16 bits: Pillow would clip it to 8 instead of scaling.
        values = np.asarray(picture, np.float64)
        grey = np.clip(values / 257.0 + 0.5, 0, 255).astype(np.uint8)
        alpha = np.full(grey.shape, 255, np.uint8)
        clear = picture.info.get("transparency")
        if isinstance(clear, int):
            alpha[values == clear] = 0
        return np.dstack([grey, grey, grey, alpha])
    return np.asarray(picture if picture.mode == "RGBA" else picture.convert("RGBA"))


def _dpi_of(picture: Image.Image) -> float | None:
    dpi = picture.info.get("dpi")
    try:
        value = float(dpi[0]) if dpi else 0.0
    except (TypeError, ValueError, ZeroDivisionError):
        return None
    if not 10 <= value <= 10_000:  # files made for screens often say 0 or 1; that is no resolution
        return None
    # PNG counts whole pixels per metre, so 150 dpi comes back as 150.01.
    return float(round(value)) if abs(value - round(value)) < 0.02 else round(value, 2)
