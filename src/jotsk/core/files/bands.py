"""PNG in bands of rows that are compressed apart, so that a picture of which little changed is written quickly.

A PNG's pixels are one zlib stream (W3C PNG 3, 10.1; RFC 1950). Deflate may be flushed between bands so that no band
refers to another (RFC 1951, an empty stored block), and the Adler-32 of the whole follows from those of its parts.
Each band's first row is filtered as None, the others as Up, so that a band depends on its own rows alone.
"""

from __future__ import annotations

import struct
import zlib
from collections.abc import Callable, Sequence
from dataclasses import dataclass
from typing import IO

import numpy as np
from numpy.typing import NDArray

from jotsk.core.runtime.parallel import on_all_cores

SIGNATURE = b"\x89PNG\r\n\x1a\n"
LAST_BLOCK = b"\x03\x00"  # an empty block that says the stream ends
ADLER = 65521
COLOR_TYPES = {1: 0, 3: 2, 4: 6}
UP = 2


@dataclass(frozen=True, slots=True)
class Band:
    """Some rows of a picture as one finished IDAT chunk."""

    chunk: bytes
    adler: int
    length: int  # bytes before compression


def pack_band(rows: NDArray[np.uint8], level: int) -> Band:
    """Compress (H, W, K) uint8 rows."""
    h = len(rows)
    flat = rows.reshape(h, -1)
    filtered = np.empty((h, flat.shape[1] + 1), np.uint8)
    filtered[0, 0], filtered[1:, 0] = 0, UP
    filtered[0, 1:] = flat[0]
    np.subtract(flat[1:], flat[:-1], out=filtered[1:, 1:])
    data = filtered.tobytes()
    packer = zlib.compressobj(level, zlib.DEFLATED, -15)
    return Band(_chunk(b"IDAT", packer.compress(data) + packer.flush(zlib.Z_FULL_FLUSH)), zlib.adler32(data), len(data))


def pack_bands(makers: Sequence[Callable[[], NDArray[np.uint8]]], level: int) -> list[Band]:
    """Make and compress several bands, on all cores."""
    return list(on_all_cores(lambda make: pack_band(make(), level), makers))


def write_bands(
    stream: IO[bytes], width: int, height: int, channels: int, bands: Sequence[Band], *, dpi: float | None = None
) -> None:
    """Write a PNG of 8 bits a channel from its bands, the topmost first."""
    stream.write(SIGNATURE)
    stream.write(_chunk(b"IHDR", struct.pack(">IIBBBBB", width, height, 8, COLOR_TYPES[channels], 0, 0, 0)))
    if dpi:
        per_metre = round(dpi / 0.0254)
        stream.write(_chunk(b"pHYs", struct.pack(">IIB", per_metre, per_metre, 1)))
    stream.write(_chunk(b"IDAT", b"\x78\x01"))
    adler = 1
    for band in bands:
        stream.write(band.chunk)
        adler = joined_adler(adler, band.adler, band.length)
    stream.write(_chunk(b"IDAT", LAST_BLOCK + struct.pack(">I", adler)))
    stream.write(_chunk(b"IEND", b""))


def joined_adler(first: int, second: int, second_length: int) -> int:
    """The Adler-32 of two stretches of bytes one after the other, from each one's (RFC 1950, 8.2).

    a counts 1 and the sum of bytes, b the sum of all a on the way: each a of the second stretch is larger by what
    the first had come to, less the 1 it began with.
    """
    a1, b1, a2, b2 = first & 0xFFFF, first >> 16, second & 0xFFFF, second >> 16
    a = (a1 + a2 - 1) % ADLER
    b = (b1 + b2 + second_length * (a1 - 1)) % ADLER
    return b << 16 | a


def _chunk(kind: bytes, data: bytes) -> bytes:
    return struct.pack(">I", len(data)) + kind + data + struct.pack(">I", zlib.crc32(kind + data))
