"""Damaged files of every kind: ./run fuzz [--cases N] [--seed N].

Each case takes a whole file, damages it (its bytes, its numbers, the tree of its JSON, a part of its zip), and reads it
in this process, with a limit on time and one on memory. It is read, or refused with one of the application's own
sentences; what is read can be written again, and guides that are read can be drawn.
"""

from __future__ import annotations

import argparse
import io
import json
import random
import re
import resource
import signal
import sqlite3
import struct
import sys
import tempfile
import time
import warnings
import zipfile
import zlib
from collections import Counter
from collections.abc import Callable
from contextlib import closing
from copy import deepcopy
from dataclasses import dataclass, replace
from pathlib import Path
from types import FrameType
from typing import Any

import numpy as np
from PIL import Image

from jotsk.core.errors import JotskError
from jotsk.core.files.inkml import read_inkml, write_traces
from jotsk.core.files.openraster import read_page
from jotsk.core.files.openraster_writing import write_page
from jotsk.core.files.palettes import read_palette, write_palette
from jotsk.core.files.penfiles import read_pens, write_pens
from jotsk.core.files.pictures import read_picture
from jotsk.core.files.store import HEADER, PageStore
from jotsk.core.geometry import Rect
from jotsk.core.guides import Line, guide_from, read_guides
from jotsk.core.guides.drawing import lines_of
from jotsk.core.guides.guide_records import written_guides
from jotsk.core.guides.holding import Hold
from jotsk.core.hand import trace_from
from jotsk.core.ink import SHIPPED
from jotsk.core.marks import Cut, Stroke
from jotsk.core.page import InkLayer, Page, blank_page, edits, tiles_from
from jotsk.core.page.edits import layer_edits
from jotsk.desk.inout.settings import Settings
from jotsk.desk.recovery.recovery_folder import RecoveryFolder

CASE_S = 5.0
CASE_BYTES = 1 << 30
AREA = Rect(0, 0, 800, 600)
ODD: tuple[object, ...] = (
    None, True, "", "x", [], {}, -1, 0, 1 << 62, 1 << 70, 10**400, 1.5, -1e308, float("nan"), float("inf"),
    [1, 2], {"a": 1},
)  # fmt: skip
ODD_TEXT = (
    b"NaN", b"1e999", b"-1", b"0", b"9" * 400, b"Infinity", b"", b"#" + b"f" * 300, b'"', b"\x00", b"shift_jis", b"hex",
)  # fmt: skip
GUIDES = (
    {"kind": "straightedge", "at": [10, 20], "angle": 30}, {"kind": "cross", "angle": 10, "spacing": 20, "at": [5, 5]},
    {"kind": "rings", "at": [90, 60], "ratio": 0.5}, {"kind": "ellipse", "at": [50, 50], "radii": [30, 20], "angle": 3},
    {"kind": "french-curve", "points": [[0, 0], [50, 80], [90, 10]]}, {"kind": "spokes", "at": [1, 2]},
    {"kind": "perspective", "points": [[-400, 50], [700, 60]]}, {"kind": "rosette", "at": [100, 90], "count": 5},
    {"kind": "posts", "points": [[0, 90], [0, 10], [40, 80], [40, 20]], "count": 4},
    {"kind": "circle", "points": [[10, 10], [90, 14], [80, 70], [12, 80]]},
)  # fmt: skip


@dataclass(frozen=True, slots=True)
class Kind:
    """A kind of file: a whole one, and how one is read."""

    name: str
    whole: bytes
    read: Callable[[Path], Any]


@dataclass(frozen=True, slots=True)
class Finding:
    """A case that broke something: its number is enough to make it again."""

    case: int
    kind: str
    what: str


class OutOfTime(BaseException):
    """Not an Exception: no reader may take it for damage."""


def sample_page() -> Page:
    page = blank_page(300, 220)
    for k, pen in enumerate(SHIPPED[:4]):
        trace = trace_from(np.arange(20) * 0.01, np.linspace(10, 280, 20), 40 * k + 20 + np.sin(np.arange(20)), 0.7)
        hold = Hold(Line((0.0, 50.0), (1.0, 0.0))) if k == 1 else None
        copies = (np.array([[-1.0, 0, 300], [0, 1, 0]]),) if k == 2 else ()
        page = edits.with_mark(page, Stroke(trace, pen, 8.0, (9, 9, 60), 20, 45, hold=hold, copies=copies))
    layer = page.active
    assert isinstance(layer, InkLayer) and isinstance(layer.marks.last, Stroke)
    page = edits.rubbed_out(page, Cut(layer.marks.last.ribbon))
    noise = np.random.default_rng(2).integers(0, 1 << 24, (60, 80), np.uint32) | np.uint32(0xFF000000)
    page = layer_edits.with_picture_layer(page, tiles_from(noise), "Sketch")
    page = layer_edits.grouped(page, {page.active_uid})
    return replace(page, guides=tuple(dict(g) for g in GUIDES), extras={"note.txt": b"kept"})


def kinds(folder: Path) -> list[Kind]:
    """Every kind of file that is read."""
    page, path = sample_page(), folder / "whole"

    def bytes_of(write: Callable[[Path], object]) -> bytes:
        path.unlink(missing_ok=True)
        write(path)
        return path.read_bytes()

    def journal(path: Path) -> None:
        store = PageStore(path)
        store.put(page, kind="step")
        store.set_notes(title="harbour", is_unsaved="1")
        store.close()
        with closing(sqlite3.connect(path)) as db:
            db.execute("PRAGMA journal_mode=DELETE")  # one file, as `deserialize` wants it

    def picture(kind: str) -> bytes:
        buffer = io.BytesIO()
        noise = np.random.default_rng(2).integers(0, 255, (40, 60, 3), np.uint8)
        Image.fromarray(noise).save(buffer, kind)
        return buffer.getvalue()

    trace = page.layers[0].marks.last.trace if hasattr(page.layers[0], "marks") else trace_from([0, 1], [0, 9], 3)
    found = [
        Kind("ora", bytes_of(lambda p: write_page(p, page)), lambda p: _again(read_page(p), p)),
        Kind("journal", bytes_of(journal), _read_journal),
        Kind("inkml", bytes_of(lambda p: write_traces(p, [trace, trace])), _read_inkml),
        Kind("pens", bytes_of(lambda p: write_pens(p, SHIPPED[:5])), lambda p: write_pens(p, read_pens(p))),
        Kind("palette", bytes_of(lambda p: write_palette(p, [((1, 2, 3), "Night")])), read_palette),
        Kind("guides", written_guides([guide_from(g) for g in GUIDES]).encode(), _read_guides),
        Kind("settings", b'{"hand/settle_s": 0.6, "desk/lamp": true, "files/recent": ["a"]}', _read_settings),
    ]
    for kind in ("PNG", "JPEG", "TIFF", "WEBP", "BMP"):
        found.append(Kind(kind.lower(), picture(kind), read_picture))
    return found


def _again(page: Page, path: Path) -> None:
    for record in page.guides:
        try:
            guide = guide_from(record)
        except ValueError:
            continue
        lines_of(guide, AREA)
    if page.width * page.height < 4_000_000:
        write_page(path, page)


def _read_journal(path: Path) -> None:
    shelf = RecoveryFolder(path.parent / "state")
    folder = path.parent / "state" / "journal"
    folder.mkdir(parents=True, exist_ok=True)
    path.replace(folder / "case.journal")
    try:
        kept = shelf.look("case")
        if kept is not None:
            _again(kept.page, path)
    finally:
        for left in folder.iterdir():
            left.unlink()


def _read_inkml(path: Path) -> None:
    for trace in read_inkml(path):
        if not np.isfinite(trace.samples).all():
            raise AssertionError("a trace is not finite")


def _read_guides(path: Path) -> None:
    for guide in read_guides(path):
        lines_of(guide, AREA)
        written_guides([guide])


def _read_settings(path: Path) -> None:
    settings = Settings(path)
    settings.get("hand/settle_s", 1.0)


# -- damage --------------------------------------------------------------------------------------


def damaged(data: bytes, rng: random.Random) -> bytes:
    """One to four kinds of damage, one after the other."""
    ways = [_bytes, _bytes, _cut, _numbers, _tree]
    if data.startswith(b"PK"):
        ways += [_zip] * 15
    elif data.startswith(HEADER):
        ways += [_blob] * 15
    for _ in range(rng.choice([1, 1, 2, 4])):
        data = rng.choice(ways)(data, rng)
    return data


def _bytes(data: bytes, rng: random.Random) -> bytes:
    out = bytearray(data)
    for _ in range(rng.choice([1, 3, 30])):
        if out:
            out[rng.randrange(len(out))] = rng.randrange(256)
    return bytes(out)


def _cut(data: bytes, rng: random.Random) -> bytes:
    a, b = sorted(rng.randrange(len(data) + 1) for _ in range(2))
    return rng.choice(
        [data[:a], data[a:], data[:a] + data[b:], data[:b] + data[a:], data[:a] + rng.randbytes(40) + data[a:]]
    )


def _numbers(data: bytes, rng: random.Random) -> bytes:
    """A number in a text, or a word in quotes, becomes an odd one."""
    found = list(re.finditer(rb'-?\d+(?:\.\d+)?|"[^"]{1,30}"', data[: 1 << 20]))
    if not found:
        return data
    match = rng.choice(found)
    return data[: match.start()] + rng.choice(ODD_TEXT) + data[match.end() :]


def _tree(data: bytes, rng: random.Random) -> bytes:
    """A value anywhere in JSON becomes an odd one, goes, or gets a neighbour."""
    try:
        tree = json.loads(data)
    except (ValueError, RecursionError):
        return data
    for _ in range(rng.choice([1, 1, 5])):
        node = tree
        while isinstance(node, dict | list) and node:
            key = rng.choice(list(node)) if isinstance(node, dict) else rng.randrange(len(node))
            inner = node[key]
            if not isinstance(inner, dict | list) or not inner or rng.random() < 0.2:
                way = rng.random()
                if way < 0.7:
                    node[key] = deepcopy(rng.choice(ODD))
                elif way < 0.9:
                    del node[key]
                elif isinstance(node, dict):
                    node["never heard of"] = deepcopy(rng.choice(ODD))
                else:
                    node.extend([inner] * 3)
                break
            node = inner
    return json.dumps(tree).encode()


def _zip(data: bytes, rng: random.Random) -> bytes:
    """A part of a zip is damaged, and its checksum is right again; strokes are unpacked for it."""
    try:
        with zipfile.ZipFile(io.BytesIO(data)) as archive:
            parts = [(entry.filename, archive.read(entry)) for entry in archive.infolist()]
    except Exception:
        return data
    at = rng.randrange(len(parts))
    if rng.random() < 0.1:
        del parts[at]
    else:
        name, part = parts[at]
        parts[at] = (
            name,
            _strokes(part, rng) if "strokes/" in name else rng.choice([_bytes, _numbers, _tree])(part, rng),
        )
    buffer = io.BytesIO()
    with warnings.catch_warnings(), zipfile.ZipFile(buffer, "w") as archive:
        warnings.simplefilter("ignore")
        for name, part in parts:
            archive.writestr(name, part)
    return buffer.getvalue()


def _blob(data: bytes, rng: random.Random) -> bytes:
    """A part of a journal is damaged: its packed data, or what that unpacks to."""
    db = sqlite3.connect(":memory:")
    try:
        db.deserialize(data)
        rows = db.execute("SELECT id, data FROM blobs WHERE typeof(data) = 'blob' ORDER BY id").fetchall()
        number, packed = rng.choice(rows or [(0, b"")])
        try:
            plain = zlib.decompress(packed)
            packed = zlib.compress(rng.choice([_bytes, _numbers, _tree, _tree])(plain, rng))
        except zlib.error:  # a stroke, after the number of its pen
            packed = packed[:8] + _strokes(packed[8:], rng)
        db.execute("UPDATE blobs SET data = ? WHERE id = ?", (packed, number))
        db.commit()
        return db.serialize()
    except (sqlite3.Error, UnicodeDecodeError):  # damaged too much already
        return data
    finally:
        db.close()


def _strokes(data: bytes, rng: random.Random) -> bytes:
    try:
        plain = zlib.decompress(data)
        (length,) = struct.unpack("<I", plain[:4])
    except (zlib.error, struct.error):
        return data
    listed, block = plain[4 : 4 + length], plain[4 + length :]
    listed, block = (_tree(listed, rng), block) if rng.random() < 0.7 else (listed, _bytes(block, rng))
    return zlib.compress(struct.pack("<I", len(listed)) + listed + block)


# -- the run -------------------------------------------------------------------------------------


def case(number: int, seed: int, found: list[Kind]) -> tuple[Kind, bytes]:
    """The file of one case: the same for the same number and seed."""
    rng = random.Random(f"{seed} {number}")
    kind = found[number % len(found)]
    return kind, damaged(kind.whole, rng)


def run(cases: int, seed: int, folder: Path, *, only: int | None = None) -> tuple[list[Finding], Counter[str]]:
    found, outcomes, findings = kinds(folder), Counter[str](), []

    def too_late(_: int, __: FrameType | None) -> None:
        raise OutOfTime

    signal.signal(signal.SIGALRM, too_late)
    before = resource.getrlimit(resource.RLIMIT_AS)
    in_use = int(Path("/proc/self/statm").read_text().split()[0]) * resource.getpagesize()
    resource.setrlimit(resource.RLIMIT_AS, (in_use + CASE_BYTES, before[1]))
    try:
        for number in range(cases) if only is None else [only]:
            kind, data = case(number, seed, found)
            path = folder / f"case.{kind.name}"
            path.write_bytes(data)
            signal.setitimer(signal.ITIMER_REAL, CASE_S)
            try:
                kind.read(path)
                outcomes["read"] += 1
            except JotskError:
                outcomes["refused"] += 1
            except (Exception, OutOfTime) as error:
                if only is not None:
                    raise
                findings.append(Finding(number, kind.name, f"{type(error).__name__}: {error}"[:200]))
            finally:
                signal.setitimer(signal.ITIMER_REAL, 0)
                path.unlink(missing_ok=True)
    finally:
        resource.setrlimit(resource.RLIMIT_AS, before)
    return findings, outcomes


def main() -> int:
    parser = argparse.ArgumentParser(prog="./run fuzz", description=__doc__)
    parser.add_argument("--cases", type=int, default=2000)
    parser.add_argument("--seed", type=int, default=1)
    parser.add_argument("--only", type=int, help="one case again, with its traceback")
    arguments = parser.parse_args()
    print(f"seed {arguments.seed}", flush=True)
    start = time.perf_counter()
    with tempfile.TemporaryDirectory() as folder:
        findings, outcomes = run(arguments.cases, arguments.seed, Path(folder), only=arguments.only)
    for finding in findings:
        print(f"case {finding.case}, {finding.kind}: {finding.what}")
    print(
        f"{arguments.cases} cases in {time.perf_counter() - start:.0f} s: {outcomes['read']} read,"
        f" {outcomes['refused']} refused, {len(findings)} findings"
    )
    return int(bool(findings))


if __name__ == "__main__":
    sys.exit(main())
