"""All checks of a page at once, or of a part of it that was changed."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from concurrent.futures import as_completed

from jotsk.core.check.corners import corners
from jotsk.core.check.finding import KINDS, USUAL, Finding, Limits
from jotsk.core.check.ink_index import InkIndex
from jotsk.core.check.leaks import leaks
from jotsk.core.check.lines import strays, tangents, wobbles
from jotsk.core.check.stops import stops
from jotsk.core.check.weights import weights
from jotsk.core.geometry import Rect
from jotsk.core.page import Page
from jotsk.core.runtime.lanes import BESIDE
from jotsk.core.runtime.parallel import THREADS

BESIDE_PX = 24  # of a change, within which what was found may be so no longer


def checked(page: Page, limits: Limits = USUAL, *, report: Callable[[float], None] = lambda _: None) -> list[Finding]:
    """What is wrong with a page, kind by kind, the worst of each first; without what was let be on it. On all cores."""
    index = InkIndex(page)
    looks = _looks(page, index, None, limits)
    with BESIDE.pool(THREADS) as pool:
        waited_for = [pool.submit(lambda: weights(page, limits.outside, index=index))]  # which hardly ever asks it
        try:
            index.get_ready()  # or two threads work out the same
            waited_for += [pool.submit(look) for look in looks]
            for done, _ in enumerate(as_completed(waited_for), 1):
                report(done / len(waited_for))
        finally:
            for each in waited_for:  # if somebody stopped it
                each.cancel()
    return _in_order(page, [finding for each in waited_for for finding in each.result()])


def checked_again(
    page: Page, before: Sequence[Finding], changed: Rect, limits: Limits = USUAL, *,
    report: Callable[[float], None] = lambda _: None,
) -> list[Finding]:  # fmt: skip
    """The findings of a page of which a part was changed: those elsewhere stay, and that part is looked at anew. How
    heavy outlines are is a question of the whole, and is not asked again."""
    area = changed.grown(BESIDE_PX) & page.bounds
    index = InkIndex(page, area)
    there = {stroke.uid for stroke in index.strokes}
    found = [
        finding for finding in before
        if not area.holds(*finding.at)
        and not (finding.kind in ("wobble", "stray") and finding.mark in there)
    ]  # fmt: skip
    looks = _looks(page, index, area, limits)
    for k, look in enumerate(looks):
        report(k / len(looks))
        found += look()
    return _in_order(page, found)


Look = Callable[[], list[Finding]]


def _looks(page: Page, index: InkIndex, area: Rect | None, limits: Limits) -> tuple[Look, ...]:
    """What is looked for on a page, or in a part of it."""
    return (
        lambda: leaks(page, limits.leak_px, index=index, area=area),
        lambda: tangents(page, limits.tangent_px, index=index, area=area),
        lambda: stops(page, index=index, area=area),
        lambda: corners(page, limits.tangent_px, index=index, area=area),
        lambda: wobbles(page, limits.wobble_mm, index=index),
        lambda: strays(page, area=area),
    )


def _in_order(page: Page, found: Sequence[Finding]) -> list[Finding]:
    """Kind by kind, the worst of each first; what was let be is left out, and nothing is there twice."""
    let_be = frozenset(page.let_be)
    once = {finding.name: finding for finding in found if finding.name not in let_be}
    return sorted(once.values(), key=lambda finding: (KINDS.index(finding.kind), -finding.weight))
