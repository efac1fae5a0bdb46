"""What is done to the page as a whole: its size, its guides, pictures put on it."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import replace
from typing import TYPE_CHECKING, Any

import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import Rect
from jotsk.core.marks import Stroke
from jotsk.core.page import Page, edits
from jotsk.core.page.edits import layer_edits, resizing
from jotsk.core.page.layers.placing import Placement
from jotsk.core.page.light import Light
from jotsk.core.words import tr

if TYPE_CHECKING:
    from jotsk.desk.document.document import Document


LIGHT = tr("Light of the page")


class PageEdits:
    """Each is a step of the page's history."""

    def __init__(self, document: Document) -> None:
        self._document = document

    def set_guides(self, label: str, records: Sequence[Mapping[str, Any]], *, finished: bool = True) -> None:
        """Put other guides on the page; not `finished` while a handle is dragged."""
        page = replace(self._document.page_when_dry(), guides=tuple(records))
        self._document.step(page, label, finished=finished)

    def set_light(self, light: Light, *, finished: bool = True) -> None:
        """Light the page from elsewhere; not `finished` while it is dragged."""
        self._document.edit_when_dry(
            LIGHT, lambda page: page if page.light == light else replace(page, light=light), finished=finished
        )

    def part_copies(self) -> None:
        """Make strokes of their own of the chosen lines' copies, or of the last line's."""

        def part(page: Page, lines: list[Stroke], uid: int) -> tuple[Page, int]:
            repeated = [stroke for stroke in lines if stroke.copies]
            return edits.with_copies_parted(page, uid, repeated) if repeated else page, len(repeated)

        nothing, selection = (
            tr("There are no copies to part; choose lines that were drawn with symmetry."),
            self._document.selection,
        )
        if any(stroke.copies for stroke in selection.at_work):
            selection.mend_lines(tr("Part the copies"), part, nothing)
        else:
            self._document.refused.emit(nothing)

    def resize(
        self, size: tuple[int, int], anchor: tuple[float, float], dpi: float, margins_mm: tuple[float, float, float]
    ) -> None:
        """Another size in px of the present resolution, then another resolution, as one step."""

        self._document.edit_slowly(
            tr("Page size"), lambda page, p: resizing.with_size(page, size, anchor, dpi, margins_mm, p)
        )

    def crop(self, area: Rect) -> None:
        self._document.edit_slowly(tr("Crop the page"), lambda page, p: resizing.cropped(page, area & page.bounds, p))

    def put_down_pictures(self, placements: Sequence[Placement]) -> None:
        """Put placed pictures onto the page, each on a layer of its own, as one step."""
        count = len(placements)
        self._document.edit_slowly(
            tr("Add %n pictures", None, count) if count > 1 else tr("Add picture"),
            lambda page, progress: layer_edits.with_pictures(page, placements, progress),
        )

    def place_again(self, uid: int, placed: Placement) -> None:
        """Put the picture of a layer elsewhere."""
        self._document.edit_slowly(
            tr("Place the picture"), lambda page, progress: layer_edits.with_picture_placed(page, uid, placed, progress)
        )

    def put_lifted_down(self, uid: int, outline: NDArray[np.float64], placed: Placement) -> None:
        """Put the pixels inside an outline of a layer elsewhere on it."""
        self._document.edit_slowly(
            tr("Move what is inside"),
            lambda page, progress: layer_edits.with_lifted_put_down(page, uid, outline, placed, progress),
        )
