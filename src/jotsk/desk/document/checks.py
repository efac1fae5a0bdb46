"""What is wrong with the page: findings one walks to, mends, or lets be."""

from __future__ import annotations

from collections import Counter
from collections.abc import Callable, Sequence
from contextlib import suppress
from dataclasses import replace
from typing import TYPE_CHECKING

from PySide6.QtCore import QCoreApplication, QObject, QTimer, Signal

from jotsk.core.check.finding import USUAL, Finding, Limits
from jotsk.core.geometry import Rect
from jotsk.core.geometry.rects import EMPTY
from jotsk.core.page import Page
from jotsk.core.page.changes import ink_changed
from jotsk.core.runtime.lanes import BESIDE
from jotsk.core.words import tr
from jotsk.desk.document.proposals import Proposals
from jotsk.desk.widgets.hand_over import hand_over

if TYPE_CHECKING:
    from jotsk.desk.document.document import Document

REST_MS = 400  # after a change, until it is checked
WORDS = {
    "leak": tr("leak"),
    "tangent": tr("tangent"),
    "weight": tr("weak outline"),
    "wobble": tr("wobble"),
    "stray": tr("stray mark"),
}

BY_HAND = tr("This is mended by hand; or let it be.")


def _counted(kind: str, n: int) -> str:
    return {
        "leak": tr("%n leak(s)", None, n),
        "tangent": tr("%n tangent(s)", None, n),
        "weight": tr("%n weak outline(s)", None, n),
        "wobble": tr("%n wobble(s)", None, n),
        "stray": tr("%n stray mark(s)", None, n),
    }[kind]


class _NotWanted(Exception):
    """The page has changed again, or the application ends."""


class PageChecks(QObject):
    """The findings of the last check; those that are mended or let be leave the list."""

    changed = Signal()
    walked = Signal(object)  # the finding one came to
    all_asked = Signal(object)  # findings that may be mended together

    def __init__(self, document: Document) -> None:
        super().__init__(document)
        self._document = document
        self.findings: list[Finding] = []
        self.at = -1
        self.limits = USUAL
        self.is_checked = False  # and so is what changes, from then on
        self._changed: Rect = EMPTY
        self._turn = 0  # what was found for an earlier one is dropped
        self._awaited: object = None  # the check of the whole page that was asked for last
        self._rest = QTimer(self, singleShot=True, interval=REST_MS)
        self._rest.timeout.connect(self._look_again)
        document.taken.connect(self.put_away)
        document.changed.connect(self._note)
        self.proposals = Proposals(document, self)
        if (app := QCoreApplication.instance()) is not None:
            app.aboutToQuit.connect(self._give_up)

    @property
    def is_wanted(self) -> bool:
        """Whether the page is checked, or being checked."""
        return self.is_checked or self._awaited is not None

    @property
    def present(self) -> Finding | None:
        return self.findings[self.at] if 0 <= self.at < len(self.findings) else None

    @property
    def alike(self) -> list[Finding]:
        """The findings of the kind one came to."""
        present = self.present
        return [] if present is None else [finding for finding in self.findings if finding.kind == present.kind]

    @property
    def summary(self) -> str:
        """How many of what there are."""
        counts = Counter(finding.kind for finding in self.findings)
        return ", ".join(_counted(kind, n) for kind, n in counts.items())

    def set_limits(self, limits: Limits) -> None:
        """From where on something is a finding; a page that was checked already is checked anew."""
        if limits != self.limits:
            self.limits = limits
            self.changed.emit()
            if self.is_checked:
                self.run(walk=False)

    def run(self, *, walk: bool = True) -> None:
        """Look at the whole page, beside the interface; then walk to the first finding, or say that there is none."""
        page_for_job, limits = self._document.page_for_job(), self.limits
        awaited = self._awaited = object()

        def work(progress: Callable[[float], None]) -> tuple[Page, list[Finding]]:
            from jotsk.core.check.checks import checked  # loaded when it is asked for first

            try:
                page = page_for_job(progress)
                return page, checked(page, limits, report=progress)
            except BaseException:  # it was stopped, too
                hand_over(self, given_up)
                raise

        def given_up() -> None:
            if self._awaited is awaited:
                self._awaited = None

        def done(outcome: tuple[Page, list[Finding]]) -> None:
            if self._awaited is not awaited:  # put away meanwhile, or asked for anew
                return
            page, found = outcome
            self._awaited = None
            self.findings, self.at, self.is_checked = found, -1, True
            self._changed = ink_changed(page, self._document.page)
            self._rest.start()
            self.changed.emit()
            if found and walk:
                self.step(1)
            elif walk:
                self._document.refused.emit(tr("Nothing is wrong with this page, as far as can be measured."))

        self._document.looked_at.emit(tr("Checking the page"), work, done)

    def _note(self, before: Page, after: Page) -> None:
        if before.bounds != after.bounds:  # all places are others
            if self.is_wanted:
                self.put_away()
                self.run(walk=False)
        elif self.is_checked:
            self._changed |= ink_changed(before, after, lambda layer: not layer.is_sketch)
            if self._changed:
                self._rest.start()

    def _look_again(self) -> None:
        """Check what was changed, beside the interface; as soon as the hand rests."""
        if not self._changed:
            return
        if self._document.is_inking:
            self._rest.start()
            return
        self._turn += 1
        page, changed, findings = self._document.page, self._changed, self.findings
        BESIDE.queue("checks").go(self._check_again, self._turn, page, findings, changed)

    def _check_again(self, turn: int, page: Page, findings: list[Finding], changed: Rect) -> None:
        from jotsk.core.check.checks import checked_again

        def report(_: float) -> None:
            if turn != self._turn:
                raise _NotWanted

        with suppress(_NotWanted):
            found = checked_again(page, findings, changed, self.limits, report=report)
            hand_over(self, self._take, turn, page, found)

    def _give_up(self) -> None:
        self._turn += 1

    def _take(self, turn: int, page: Page, found: list[Finding]) -> None:
        if turn != self._turn or not self.is_checked:
            return
        if self._document.page is not page:
            self._rest.start()
            return
        self._changed = EMPTY
        present = self.present
        self.findings = found
        names = [finding.name for finding in found]
        self.at = (
            names.index(present.name) if present is not None and present.name in names else min(self.at, len(found) - 1)
        )
        self.changed.emit()

    def step(self, by: int) -> None:
        """Walk to the next finding, or the one before."""
        if not self.findings:
            self._document.refused.emit(tr("Nothing was found yet; check the page first."))
            return
        self.at = (self.at + by) % len(self.findings) if self.at >= 0 else 0
        self._told()

    def walk_to(self, kind: str) -> None:
        """Walk to the first finding of a kind; from one of that kind to the next."""
        numbers = [number for number, finding in enumerate(self.findings) if finding.kind == kind]
        if not numbers:
            self._document.refused.emit(
                tr("Nothing of this kind was found.") if self.is_checked else tr("Check the page first (F9).")
            )
            return
        self.at = next((number for number in numbers if number > self.at), numbers[0])
        self._told()

    def let_be(self) -> None:
        """It is meant so, from now on, and in the file."""
        finding = self.present
        if finding is not None:
            name = finding.name
            self._document.edit_when_dry(tr("Let be"), lambda page: replace(page, let_be=(*page.let_be, name)))
            self._drop(finding)

    def mend(self) -> None:
        """Mend what one came to, as one step."""
        finding = self.present
        if finding is None:
            return
        change = finding.mend
        if change is None:
            self._document.refused.emit(BY_HAND)
            return

        def mend(page: Page, _: object) -> Page:
            return change(page)

        self._document.edit_slowly(
            tr("Mend the {finding}", finding=WORDS[finding.kind]), mend, lambda: self._drop(finding), of_lines=True
        )

    def ask_all(self) -> None:
        """Ask which findings of the kind one came to are to be mended."""
        mendable = [finding for finding in self.alike if finding.mend is not None]
        if mendable:
            self.all_asked.emit(mendable)
        elif self.present is not None:
            self._document.refused.emit(BY_HAND)

    def mend_these(self, findings: Sequence[Finding]) -> None:
        """Mend findings of one kind, as one step."""

        def mend(page: Page, report: Callable[[float], None]) -> Page:
            from jotsk.core.check.proposal import mended

            return mended(page, findings, report)

        def then() -> None:
            for finding in findings:
                self._drop(finding, quietly=True)
            self._told()

        label = tr("Mend every {finding}", finding=WORDS[findings[0].kind])
        self._document.edit_slowly(label, mend, then, of_lines=True)

    def _drop(self, finding: Finding, *, quietly: bool = False) -> None:
        self.findings = [other for other in self.findings if other is not finding]
        self.at = min(self.at, len(self.findings) - 1)
        if not quietly:
            self._told()

    def _told(self) -> None:
        self.changed.emit()
        if self.present is not None:
            self.walked.emit(self.present)

    def put_away(self) -> None:
        """Show no findings any more, until the page is checked again."""
        self.findings, self.at, self.is_checked, self._changed = [], -1, False, EMPTY
        self._awaited = None
        self._turn += 1
        self.changed.emit()
