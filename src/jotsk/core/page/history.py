"""Undo and redo over page values."""

from __future__ import annotations

from dataclasses import dataclass, replace

from jotsk.core.page.page import Page


@dataclass(frozen=True, slots=True)
class Step:
    """A page and what made it so."""

    page: Page
    label: str


class History:
    """The steps up to now, and those taken back. Values are kept whole: they share what did not change."""

    def __init__(self, page: Page) -> None:
        self._steps = [Step(page, "")]
        self._at = 0

    @property
    def page(self) -> Page:
        return self._steps[self._at].page

    @property
    def undo_label(self) -> str | None:
        return self._steps[self._at].label if self._at else None

    @property
    def redo_label(self) -> str | None:
        return self._steps[self._at + 1].label if self._at + 1 < len(self._steps) else None

    def push(self, page: Page, label: str) -> None:
        """Take a new page as the present; what had been undone is gone."""
        del self._steps[self._at + 1 :]
        self._steps.append(Step(page, label))
        self._at += 1

    def amend(self, page: Page) -> None:
        """Replace the present without a step of its own: for a handle still being dragged."""
        del self._steps[self._at + 1 :]
        self._steps[self._at] = Step(page, self._steps[self._at].label)

    def choose(self, uid: int) -> None:
        """Change which layer is active, here and now: no step, and what was undone can still be redone."""
        step = self._steps[self._at]
        self._steps[self._at] = Step(replace(step.page, active_uid=uid), step.label)

    def undo(self) -> Page:
        self._at = max(0, self._at - 1)
        return self.page

    def redo(self) -> Page:
        self._at = min(len(self._steps) - 1, self._at + 1)
        return self.page
