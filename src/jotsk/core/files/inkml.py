"""Traces as W3C Ink Markup Language (InkML, W3C Recommendation 2011).

Read: `trace` elements anywhere, channels X and Y in page px, T in ms, F (pressure), OTx, OTy (tilt, degrees) by
the trace's own context, the current one, or the default X Y; regular and intermittent channels; explicit,
single-difference and second-difference values (prefixes ! ' "), `*` for "as before", T and F for booleans.
Channel units and ranges (min, max, units) are applied where they are declared.
Written: one trace a stroke, channels X Y T W, where W is the full width of the line in px.
"""

from __future__ import annotations

import math
import re
from collections.abc import Iterable
from dataclasses import dataclass
from pathlib import Path
from typing import IO
from xml.etree import ElementTree

import numpy as np
from defusedxml import DefusedXmlException
from numpy.typing import NDArray

from jotsk.core.errors import DamagedFile, why_unreadable
from jotsk.core.files.writing import whole_file
from jotsk.core.hand import Trace, cleaned
from jotsk.core.ink import Ribbon
from jotsk.core.words import tr
from jotsk.core.xml_text import escape

NAMESPACE = "http://www.w3.org/2003/InkML"
XML_ID = "{http://www.w3.org/XML/1998/namespace}id"
MOST_BYTES = 512 << 20
DEFAULT_STEP_S = 0.005
TOKEN = re.compile(r"""[!'"]?\s*(?:[+-]?(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d+)?|#[0-9A-Fa-f]+|\*|\?|T|F)|[!'"]""")
PREFIXES = ("!", "'", '"')  # explicit value, single and second difference
TIME_UNITS = {"s": 1.0, "ms": 1e-3}
ANGLE_UNITS = {"deg": 1.0, "rad": math.degrees(1.0)}


@dataclass(frozen=True, slots=True)
class Channel:
    """One channel of a trace format; `scale` takes its numbers to seconds, px, 0..1 or degrees."""

    name: str
    scale: float = 1.0
    offset: float = 0.0
    default: float | None = None


@dataclass(frozen=True, slots=True)
class Format:
    """The regular channels of a trace, then the intermittent ones."""

    channels: tuple[Channel, ...]
    regular: int


DEFAULT_FORMAT = Format((Channel("X"), Channel("Y")), 2)


def read_inkml(path: str | Path) -> list[Trace]:
    """Return the traces of an InkML file in their order, cleaned.

    Missing channels get sensible values: pressure 1, tilt 0, a sample every 5 ms.

    Raises
    ------
    DamagedFile
        If it is not well-formed InkML, a trace has no X or no Y, or a value is not a number.
    """
    from defusedxml.ElementTree import parse  # here: it takes long to import

    try:
        if Path(path).stat().st_size > MOST_BYTES:
            raise DamagedFile(path, tr("it is larger than a file of traces can be"))
        root = parse(path).getroot()
    except (ElementTree.ParseError, DefusedXmlException, LookupError, ValueError, RecursionError) as error:
        raise DamagedFile(path, tr("it is not well-formed XML")) from error
    except OSError as error:
        raise DamagedFile(path, why_unreadable(error)) from error
    if _local(root) != "ink":
        raise DamagedFile(path, tr("it is XML, but not InkML"))
    try:
        return _Reader(root, path).traces()
    except RecursionError as error:
        raise DamagedFile(path, tr("its groups of traces are nested deeper than anybody needs")) from error


def write_centre_lines(path: str | Path, ribbons: Iterable[Ribbon]) -> None:
    """Write a trace for every ribbon, and for each of its copies: X Y in page px, T in ms, W the full width in px."""
    lines = [
        "<?xml version='1.0' encoding='UTF-8'?>",
        f'<ink xmlns="{NAMESPACE}">',
        "  <traceFormat>",
        '    <channel name="X" type="decimal" units="dev"/>',
        '    <channel name="Y" type="decimal" units="dev"/>',
        '    <channel name="T" type="decimal" units="ms"/>',
        '    <channel name="W" type="decimal" units="dev"/>',
        "  </traceFormat>",
    ]
    for points, times in (turn for ribbon in ribbons for turn in ribbon.each_turn()):
        rows = zip(points.tolist(), times.tolist(), strict=True)
        samples = ", ".join(f"{x:.4f} {y:.4f} {t * 1000:.3f} {2 * r:.4f}" for (x, y, r), t in rows)
        lines.append(f"  <trace>{escape(samples)}</trace>")
    lines.append("</ink>\n")
    with whole_file(path) as stream:
        stream.write("\n".join(lines).encode())


def write_traces(path: str | Path, traces: Iterable[Trace]) -> None:
    """Write raw motions, one trace each: X Y in page px, T in ms, F 0..1, OTx and OTy in degrees."""
    with whole_file(path) as stream:
        traces_into(stream, traces)


def traces_into(stream: IO[bytes], traces: Iterable[Trace]) -> None:
    """As `write_traces`, into a file that is open."""
    channels = (("X", "dev"), ("Y", "dev"), ("T", "ms"), ("F", ""), ("OTx", "deg"), ("OTy", "deg"))
    lines = [
        "<?xml version='1.0' encoding='UTF-8'?>",
        f'<ink xmlns="{NAMESPACE}">',
        "  <traceFormat>",
    ]
    for name, units in channels:
        lines.append(f'    <channel name="{name}" type="decimal"' + (f' units="{units}"' if units else "") + "/>")
    lines.append("  </traceFormat>")
    for trace in traces:
        samples = ", ".join(
            f"{x:.4f} {y:.4f} {t * 1000:.3f} {pressure:.5f} {tilt_x:.3f} {tilt_y:.3f}"
            for t, x, y, pressure, tilt_x, tilt_y in trace.samples.tolist()
        )
        lines.append(f"  <trace>{samples}</trace>")
    stream.write("\n".join([*lines, "</ink>\n"]).encode())


class _Reader:
    def __init__(self, root: ElementTree.Element, path: str | Path) -> None:
        self.root, self.path = root, path
        self.by_id = {e.get(XML_ID) or e.get("id"): e for e in root.iter() if e.get(XML_ID) or e.get("id")}
        self.places: dict[str, int] = {}

    def traces(self) -> list[Trace]:
        found: list[Trace] = []
        self._walk(self.root, self._only_defined() or DEFAULT_FORMAT, found)
        return found

    def _only_defined(self) -> Format | None:
        """The format of the only context, ink source or trace format among definitions: what no trace refers to by
        name would else mean nothing."""
        defined = [
            child for element in self.root if _local(element) == "definitions" for child in element
            if _local(child) in ("context", "inkSource", "traceFormat")
        ]  # fmt: skip
        return self._resolved(defined[0], DEFAULT_FORMAT, 0) if len(defined) == 1 else None

    def _walk(self, parent: ElementTree.Element, current: Format, found: list[Trace]) -> Format:
        """Visit children in document order; a format met on the way holds for the traces after it."""
        for element in parent:
            name = _local(element)
            if name == "traceFormat":
                current = self._format(element)
            elif name in ("context", "inkSource"):
                current = self._context(element, current)
            elif name == "traceGroup":
                self._walk(element, self._referenced(element, current), found)
            elif name == "trace":
                self._add(element, self._trace(element, self._referenced(element, current)), found)
            elif name == "definitions":
                continue  # reached only by reference
        return current

    def _add(self, element: ElementTree.Element, trace: Trace, found: list[Trace]) -> None:
        """Keep a trace the pen left; one that continues another is joined to it."""
        if element.get("type") == "penUp" or not len(trace):
            return
        prior = (element.get("priorRef") or "").removeprefix("#")
        if element.get("continuation") in ("middle", "end") and prior in self.places:
            at = self.places[prior]
            found[at] = cleaned(np.concatenate([found[at].samples, trace.samples]))
        else:
            at = len(found)
            found.append(trace)
        own = element.get(XML_ID) or element.get("id")
        if own:
            self.places[own] = at

    def _context(self, element: ElementTree.Element, current: Format, depth: int = 0) -> Format:
        """The format a context or ink source gives: its own, or that of what it refers to."""
        if depth > 8:
            return current
        for reference in ("contextRef", "inkSourceRef", "traceFormatRef"):
            target = self._target(element.get(reference))
            if target is not None:
                current = self._resolved(target, current, depth + 1)
        for child in element:
            if _local(child) in ("traceFormat", "inkSource"):
                current = self._resolved(child, current, depth + 1)
        return current

    def _resolved(self, element: ElementTree.Element, current: Format, depth: int) -> Format:
        if _local(element) == "traceFormat":
            return self._format(element)
        return self._context(element, current, depth)

    def _referenced(self, element: ElementTree.Element, current: Format) -> Format:
        target = self._target(element.get("contextRef"))
        return current if target is None else self._resolved(target, current, 0)

    def _target(self, reference: str | None) -> ElementTree.Element | None:
        return self.by_id.get(reference.removeprefix("#")) if reference else None

    def _format(self, element: ElementTree.Element) -> Format:
        regular: list[Channel] = []
        intermittent: list[Channel] = []
        for child in element:
            if _local(child) == "channel":
                regular.append(self._channel(child))
            elif _local(child) == "intermittentChannels":
                intermittent += [self._channel(c) for c in child if _local(c) == "channel"]
        return Format((*regular, *intermittent), len(regular))

    def _channel(self, element: ElementTree.Element) -> Channel:
        name = (element.get("name") or "").strip()
        units = (element.get("units") or "").strip()
        scale, offset = 1.0, 0.0
        if name == "T":
            scale = TIME_UNITS.get(units, 1e-3)
        elif name in ("OTx", "OTy"):
            scale = ANGLE_UNITS.get(units, 1.0)
        elif name == "F":
            low, high = self._attribute(element, "min", 0.0), self._attribute(element, "max", 1.0)
            if high > low:
                scale = 1.0 / (high - low)
                offset = -low * scale
        default = element.get("default")
        return Channel(name, scale, offset, None if default is None else self._attribute(element, "default", 0.0))

    def _attribute(self, element: ElementTree.Element, name: str, otherwise: float) -> float:
        text = element.get(name)
        if text is None:
            return otherwise
        try:
            return float(text)
        except ValueError:
            raise DamagedFile(
                self.path, tr("a channel's {name} is “{text}”, which is no number", name=name, text=text[:20])
            ) from None

    def _trace(self, element: ElementTree.Element, form: Format) -> Trace:
        names = [c.name for c in form.channels]
        if "X" not in names or "Y" not in names:
            raise DamagedFile(self.path, tr("a trace has no X or no Y channel"))
        rows = self._values("".join(element.itertext()), form)
        if not len(rows):
            return Trace(np.zeros((0, 6)))
        column = {c.name: rows[:, i] * c.scale + c.offset for i, c in enumerate(form.channels)}
        n = len(rows)
        times = column.get("T", self._times(element) + np.arange(n) * DEFAULT_STEP_S)
        still = np.zeros(n)
        return cleaned(
            np.column_stack(
                [times, column["X"], column["Y"], column.get("F", np.ones(n)),
                 column.get("OTx", still), column.get("OTy", still)]
            )
        )  # fmt: skip

    def _times(self, element: ElementTree.Element) -> float:
        """When a trace without a T channel begins: its timeOffset, in ms."""
        return self._attribute(element, "timeOffset", 0.0) / 1000

    def _values(self, text: str, form: Format) -> NDArray[np.float64]:
        width = len(form.channels)
        mode = ["!"] * width
        value = [math.nan if c.default is None else c.default for c in form.channels]
        speed = [0.0] * width
        change = [0.0] * width  # of the speed, from point to point
        rows: list[list[float]] = []
        for point in text.split(","):
            tokens = TOKEN.findall(point)
            if _packed("".join(tokens)) != _packed(point):
                raise DamagedFile(
                    self.path, tr("a trace holds “{place}”, which is no point", place=" ".join(point.split())[:30])
                )
            tokens = _joined([token.strip() for token in tokens])
            if not tokens:
                continue
            if not form.regular <= len(tokens) <= width:
                raise DamagedFile(
                    self.path,
                    tr(
                        "a point has {count} values where its format has {wanted}",
                        count=len(tokens),
                        wanted=form.regular,
                    ),
                )
            for i, token in enumerate(tokens):
                if token[0] in PREFIXES:
                    mode[i], token = token[0], token[1:].strip()
                if token == "*":  # as before: the value, its speed, or the change of its speed
                    if mode[i] == '"':
                        speed[i] += change[i]
                    if mode[i] != "!":
                        value[i] += speed[i]
                elif token == "?":
                    value[i] = math.nan
                else:
                    number = self._number(token, point)
                    if mode[i] == "!":
                        value[i], speed[i] = number, 0.0
                    elif mode[i] == "'":
                        speed[i] = number
                        value[i] += number
                    else:
                        change[i] = number
                        speed[i] += number
                        value[i] += speed[i]
            rows.append(value.copy())
        return np.array(rows, np.float64).reshape(-1, width)

    def _number(self, token: str, point: str) -> float:
        try:
            if token in ("T", "F"):
                return float(token == "T")
            return float(int(token[1:], 16)) if token.startswith("#") else float(token)
        except (ValueError, OverflowError):
            raise DamagedFile(
                self.path, tr("a trace holds “{place}”, which is no point", place=" ".join(point.split())[:30])
            ) from None


def _joined(tokens: list[str]) -> list[str]:
    """A prefix that stood alone, before white space, belongs to the value after it."""
    out: list[str] = []
    for token in tokens:
        if out and out[-1] in PREFIXES:
            out[-1] += token
        else:
            out.append(token)
    return out


def _local(element: ElementTree.Element) -> str:
    return element.tag.rsplit("}", 1)[-1] if isinstance(element.tag, str) else ""


def _packed(text: str) -> str:
    return "".join(text.split())
