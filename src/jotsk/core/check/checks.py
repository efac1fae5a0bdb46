"""All checks of a page at once."""

from __future__ import annotations

from collections.abc import Callable

from jotsk.core.check.finding import KINDS, Finding
from jotsk.core.check.leaks import leaks
from jotsk.core.check.lines import strays, tangents, weights, wobbles
from jotsk.core.page import Page


def checked(
    page: Page, *, leak_px: float = 8.0, tangent_px: float = 3.0, report: Callable[[float], None] = lambda _: None
) -> list[Finding]:
    """What is wrong with a page, kind by kind, the worst of each first; without what was let be on it."""
    let_be = frozenset(page.let_be)
    found = list(leaks(page, leak_px))
    report(0.4)
    found += sorted(tangents(page, tangent_px), key=lambda finding: -finding.weight)
    report(0.7)
    found += weights(page)
    report(0.8)
    found += sorted(wobbles(page), key=lambda finding: -finding.weight)
    found += sorted(strays(page), key=lambda finding: -finding.weight)
    report(1.0)
    found = [finding for finding in found if finding.name not in let_be]
    return sorted(found, key=lambda finding: KINDS.index(finding.kind))
