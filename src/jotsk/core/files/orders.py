"""Orders: what somebody gets of a page, kept by name; several are written at once."""

from __future__ import annotations

import shutil
import tempfile
from collections.abc import Callable, Iterable, Mapping, Sequence
from contextlib import ExitStack
from dataclasses import asdict, dataclass, fields, replace
from pathlib import Path
from typing import Any

import cv2
import numpy as np
from numpy.typing import NDArray

from jotsk.core.errors import Refused
from jotsk.core.files.export import FORMATS, Export, moire, read_profile
from jotsk.core.files.openraster_writing import write_page
from jotsk.core.files.writing import whole_file
from jotsk.core.json_text import number_in
from jotsk.core.page import InkLayer, Page
from jotsk.core.page.compose.thumbnail import thumbnail
from jotsk.core.page.frames import FRAMES, frame
from jotsk.core.page.layers.tree import ancestors, inside
from jotsk.core.words import tr

LAYERED = "ora"
KINDS = (*FORMATS, LAYERED)
LINE_ART_DPI, COLOR_DPI = 600, 300  # the least for print, 1 bit and with greys or colour (common practice)
MOST_SIDE = 100_000
FINER = 6  # times, that 1 bit is looked at before it is made small


@dataclass(frozen=True)
class Order:
    """`kind` is a format of `FORMATS`, or "ora", a page with its layers; `ending` follows the page's name in the name
    of the file. The longest side has at most `longest_px`, 0: as many as the page. The other fields are as in `Export`.
    """

    name: str
    kind: str = "png"
    ending: str = ""
    color: str = "rgb"
    frame: str = "page"
    longest_px: int = 0
    transparent: bool = False
    threshold: int = 128
    quality: int = 92
    sketches: bool = False
    shapes: bool = False
    profile: str = ""  # the file of the press, for cmyk

    @property
    def suffix(self) -> str:
        return "." + LAYERED if self.kind == LAYERED else FORMATS[self.kind].endings[0]

    def record(self) -> dict[str, Any]:
        return asdict(self)

    @classmethod
    def from_record(cls, record: Mapping[str, Any]) -> Order:
        """Read what `record` wrote; what is missing is as usual. Raises Refused with the reason."""
        known = {field.name for field in fields(cls)}
        try:
            order = cls(**{name: value for name, value in record.items() if name in known})
            words = (order.name, order.kind, order.ending, order.color, order.frame, order.profile)
            if not all(isinstance(value, str) for value in words) or not order.name.strip():
                raise ValueError("its name, kind, ending, colours and frame are words")
            if order.kind not in KINDS:
                raise ValueError(f"its kind is one of {', '.join(KINDS)}")
            if order.kind != LAYERED and order.color not in FORMATS[order.kind].colors:
                raise ValueError(f"{FORMATS[order.kind].words} has no {order.color}")
            if order.frame not in FRAMES:
                raise ValueError(f"its frame is one of {', '.join(FRAMES)}")
            if any(c in order.ending for c in "/\\\0"):
                raise ValueError("its ending is a part of a file's name")
            return replace(
                order, longest_px=int(number_in(order.longest_px, 0, MOST_SIDE)),
                threshold=int(number_in(order.threshold, 1, 255)), quality=int(number_in(order.quality, 1, 100)),
                transparent=order.transparent is True and order.color == "rgba", sketches=order.sketches is True,
                shapes=order.shapes is True and order.kind != LAYERED and FORMATS[order.kind].may_have_shapes,
            )  # fmt: skip
        except (TypeError, ValueError) as error:
            raise Refused(tr("This is no order: {error}.", error=error)) from error

    def file_of(self, folder: Path, stem: str) -> Path:
        return folder / f"{stem}{self.ending}{self.suffix}"

    def page_of(self, page: Page) -> Page:
        """The page with only the layers that go out."""
        left_out = set() if self.sketches else {layer.uid for layer in page.layers if layer.is_sketch}
        gone = inside(page.layers, left_out)
        return replace(page, layers=tuple(layer for layer in page.layers if layer.uid not in gone)) if gone else page

    def export_of(self, page: Page, title: str = "") -> Export:
        """How `page_of` is written. Of layered pages this says the colours only."""
        if self.kind == LAYERED:
            return Export(FORMATS["png"], "rgb", title=title)
        form = FORMATS[self.kind]
        area = frame(page, self.frame)
        scale = min(1.0, self.longest_px / max(area.width, area.height)) if self.longest_px and form.has_pixels else 1.0
        return Export(
            form, self.color, self.frame, scale, self.transparent, self.threshold, self.quality, title=title,
            profile=read_profile(self.profile) if self.color == "cmyk" and self.profile else None,
            shapes=self.shapes and self.color not in ("bits", "cmyk"),
        )  # fmt: skip


USUAL = (
    Order(tr("For print"), "tiff", "-print", "bits", "bleed"),
    Order(tr("For the web"), "png", "-web", "rgb", "trim", longest_px=2000),
    Order(tr("At true size"), "pdf", "-proof", "rgb", "page"),
    Order(tr("As shapes"), "svg", "-shapes", "rgb", "page"),
    Order(tr("With its layers"), LAYERED, "-layers", sketches=True),
)


def orders_from(records: Any) -> list[Order]:
    """The orders of a list of records. Raises Refused for what is none, and for two of one name."""
    if not isinstance(records, list) or not all(isinstance(record, Mapping) for record in records):
        raise Refused(tr("Orders are a list of objects, each with a name."))
    orders = [Order.from_record(record) for record in records]
    names = [order.name for order in orders]
    twice = next((name for name in names if names.count(name) > 1), None)
    if twice is not None:
        raise Refused(tr("Two orders are named “{twice}”.", twice=twice))
    return orders


def write_orders(
    folder: Path, stem: str, page: Page, orders: Sequence[Order], *,
    progress: Callable[[float], None] | None = None,
) -> list[Path]:  # fmt: skip
    """Write what `orders` say into a folder: all of it, or, where anything goes wrong, none.

    `progress` takes 0..1; what it raises stops the writing. Raises Refused if two would be one file, and as
    `whole_file`.
    """
    report = progress or (lambda _: None)
    files = [order.file_of(folder, stem) for order in orders]
    if twice := next((file for file in files if files.count(file) > 1), None):
        raise Refused(tr("Two orders would both be “{name}”; give them endings of their own.", name=twice.name))
    for order in orders:
        order.export_of(page).check(order.page_of(page))
    with ExitStack() as all_of_them:
        for k, (order, file) in enumerate(zip(orders, files, strict=True)):

            def share(part: float, k: int = k) -> None:
                report(min(0.99, (k + part) / len(orders)))

            stream = all_of_them.enter_context(whole_file(file))
            going = order.page_of(page)
            if order.kind == LAYERED:
                with tempfile.TemporaryDirectory() as aside:
                    whole = Path(aside) / "page.ora"
                    write_page(whole, going, progress=share)
                    with whole.open("rb") as source:
                        shutil.copyfileobj(source, stream)
            else:
                export = order.export_of(going, stem)
                export.format.write(stream, going, export, share)
    report(1.0)
    return files


def picture_of(page: Page, order: Order, most_px: int) -> NDArray[np.uint8]:
    """A small picture of what an order writes, (H, W, 3) RGB, its longer side at most `most_px`."""
    going = order.page_of(page)
    is_bits = order.kind != LAYERED and order.color == "bits"
    pixels = thumbnail(going, most_px * (FINER if is_bits else 1), frame(going, order.frame))
    if order.kind != LAYERED and order.color in ("grey", "bits"):
        grey = np.asarray(cv2.cvtColor(pixels, cv2.COLOR_RGB2GRAY), np.uint8)
        if is_bits:  # thin lines are lost if they are averaged first
            grey = np.where(grey >= order.threshold, np.uint8(255), np.uint8(0))
            k = min(1.0, most_px / max(grey.shape))
            size = max(1, round(grey.shape[1] * k)), max(1, round(grey.shape[0] * k))
            grey = np.asarray(cv2.resize(grey, size, interpolation=cv2.INTER_AREA), np.uint8)
        pixels = np.repeat(grey[..., None], 3, axis=2)
    return np.ascontiguousarray(pixels)


def doubts_about(page: Page, order: Order) -> list[str]:
    """What whoever gets this might send back, a sentence each."""
    going = order.page_of(page)
    found = []
    if order.sketches and order.kind != LAYERED and any(_is_seen(going, uid) for uid in _sketches(going)):
        found.append(tr("The sketch goes out with it."))
    if order.frame == "bleed" and going.trim_mm <= 0:
        found.append(tr("The page has no trim, so there is no bleed around it."))
    if order.frame == "bleed" and going.trim_mm > 0 and going.bleed_mm <= 0:
        found.append(tr("The page has a trim but no bleed."))
    dpi = going.dpi * order.export_of(going).scale
    if order.color == "bits" and order.kind != LAYERED and dpi < LINE_ART_DPI:
        found.append(
            tr(
                "{dpi:.0f} dpi is coarse for 1-bit print; {usual} and more is usual.",
                dpi=dpi,
                usual=LINE_ART_DPI,
            )
        )
    if order.color in ("grey", "rgb") and order.kind == "tiff" and dpi < COLOR_DPI:
        found.append(tr("{dpi:.0f} dpi is coarse for print; {usual} and more is usual.", dpi=dpi, usual=COLOR_DPI))
    hidden = [layer.name for layer in going.layers if _has_ink(layer) and not _is_seen(going, layer.uid)]
    if hidden and order.kind != LAYERED:
        found.append(tr("Hidden and so left out: {listed}.", listed=_listed(hidden)))
    if order.kind != LAYERED and (beats := moire(going, order.export_of(going))):
        found.append(beats)
    if not any(_has_ink(layer) and _is_seen(going, layer.uid) for layer in going.layers):
        found.append(tr("Nothing is to be seen on it."))
    return found


def _sketches(page: Page) -> Iterable[int]:
    return (layer.uid for layer in page.layers if layer.is_sketch)


def _is_seen(page: Page, uid: int) -> bool:
    layer = page.layer(uid)
    return layer is not None and layer.visible and all(group.visible for group in ancestors(page.layers, layer))


def _has_ink(layer: Any) -> bool:
    return len(layer.marks) > 0 if isinstance(layer, InkLayer) else bool(layer.tiles.bounds)


def _listed(names: Sequence[str]) -> str:
    quoted = [f"“{name}”" for name in names[:3]]
    return ", ".join(quoted) + (tr(" and {count} more", count=len(names) - 3) if len(names) > 3 else "")
