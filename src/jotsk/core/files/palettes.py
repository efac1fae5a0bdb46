"""Palettes: plain text, a colour a line.

    # Anything after a hash and a space is a remark
    #14181B Black
    #5A4133 Sepia

A line is a colour as #rrggbb, then its name, which may be left out.
"""

from __future__ import annotations

import re
from collections.abc import Iterable
from pathlib import Path

from jotsk.core.errors import DamagedFile, why_unreadable
from jotsk.core.files.writing import whole_file
from jotsk.core.hex_color import color_from_hex, hex_of
from jotsk.core.ink import Color
from jotsk.core.words import tr

LINE = re.compile(r"(#\S+)(?:\s+(.*))?$")
MOST_COLORS = 1024
MOST_BYTES = 1 << 20

Named = tuple[Color, str]


def read_palette(path: str | Path) -> list[Named]:
    """Return (colour, name) pairs; raises DamagedFile, naming the line that is no colour."""
    try:
        if Path(path).stat().st_size > MOST_BYTES:
            raise DamagedFile(path, tr("it is larger than a palette can be"))
        text = Path(path).read_text("utf-8")
    except OSError as error:
        raise DamagedFile(path, why_unreadable(error)) from error
    except UnicodeDecodeError as error:
        raise DamagedFile(path, tr("it is not plain text")) from error
    colors: list[Named] = []
    for number, line in enumerate(text.splitlines(), 1):
        line = line.strip()
        if not line or line.startswith("# ") or line == "#":
            continue
        match = LINE.match(line)
        try:
            color = color_from_hex(match[1] if match else "")
        except ValueError:
            raise DamagedFile(
                path, tr("its line {number} is no colour such as “#14181B Black”", number=number)
            ) from None
        colors.append((color, (match[2] or "").strip() if match else ""))
    if len(colors) > MOST_COLORS:
        raise DamagedFile(path, tr("it holds more than {most_colors} colours", most_colors=MOST_COLORS))
    return colors


def write_palette(path: str | Path, colors: Iterable[Named]) -> None:
    """Write (colour, name) pairs, whole or not at all."""
    lines = [
        "# A palette: a colour a line, #rrggbb and its name",
        *(f"{hex_of(c)} {name}".rstrip() for c, name in colors),
    ]
    with whole_file(path) as stream:
        stream.write(("\n".join(lines) + "\n").encode())
