"""What mending findings would do: the page after it, the lines that would come or go, and a picture of each."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from typing import NamedTuple

import cv2
import numpy as np
from numpy.typing import NDArray

from jotsk.core.check.finding import Finding
from jotsk.core.geometry import Rect
from jotsk.core.geometry.rects import rect_around
from jotsk.core.mend.snip import strokes_of
from jotsk.core.page import InkLayer, Page, flattened, rgba

CROSS_PX = 4  # beyond a line that would go
LEAST_PX, MOST_PX, MARGIN_PX = 80, 480, 16  # of the page, that a picture shows


def mended(page: Page, findings: Sequence[Finding], report: Callable[[float], None] = lambda _: None) -> Page:
    """The page with all findings mended that have a way."""
    for number, finding in enumerate(findings):
        report(number / len(findings))
        if finding.mend is not None:
            page = finding.mend(page)
    return page


def proposed(before: Page, after: Page) -> list[NDArray[np.float64]]:
    """What would be done, as polylines (N, 2) in page px: both edges of every line as it would be, and a cross over
    every line that would be taken away."""
    lines: list[NDArray[np.float64]] = []
    for layer in after.layers:
        was = before.layer(layer.uid)
        if layer is was or not isinstance(layer, InkLayer):
            continue
        old = {stroke.uid: stroke for stroke in strokes_of(was)} if isinstance(was, InkLayer) else {}
        new = {stroke.uid: stroke for stroke in strokes_of(layer)}
        for uid, stroke in new.items():
            if old.get(uid) is not stroke:
                lines += stroke.ribbon.edges()
        for uid in old.keys() - new.keys():
            x0, y0, x1, y1 = old[uid].bounds.grown(CROSS_PX)
            lines += [np.array([(x0, y0), (x1, y1)], np.float64), np.array([(x0, y1), (x1, y0)], np.float64)]
    return lines


class Proposal(NamedTuple):
    """A finding; the page around it as it is, premultiplied RGBA (H, W, 4) uint8; and what would be done, polylines
    (N, 2) in px of the picture."""

    finding: Finding
    picture: NDArray[np.uint8]
    lines: list[NDArray[np.float64]]


def proposals(
    page: Page, findings: Sequence[Finding], side_px: int, report: Callable[[float], None] = lambda _: None
) -> list[Proposal]:
    """Of findings that have a way, each by itself, in pictures whose longer side has at most so many px."""
    made = []
    for number, finding in enumerate(findings):
        report(number / len(findings))
        lines = proposed(page, mended(page, [finding]))
        rect = _shown(page, finding, lines)
        if rect.width and rect.height:
            scale = min(1.0, side_px / max(rect.width, rect.height))
            size = max(1, round(rect.width * scale)), max(1, round(rect.height * scale))
            picture = cv2.resize(rgba(flattened(page, rect)), size, interpolation=cv2.INTER_AREA)
            placed = [(line - (rect.x0, rect.y0)) * scale for line in lines]
            made.append(Proposal(finding, np.asarray(picture, np.uint8), placed))
    return made


def _shown(page: Page, finding: Finding, lines: Sequence[NDArray[np.float64]]) -> Rect:
    """The part of the page that shows what would be done to a finding: the place itself, or all of an outline."""
    around = rect_around(np.concatenate([np.array([finding.at]), *lines]), MARGIN_PX)
    if finding.kind != "weight":
        side = min(MOST_PX, max(LEAST_PX, around.width, around.height))
        x, y = round(finding.at[0]) - side // 2, round(finding.at[1]) - side // 2
        around = Rect(x, y, x + side, y + side)
    return around & page.bounds
