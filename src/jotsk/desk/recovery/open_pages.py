"""Pages that are open beside the present one: each with its history, and as it was last looked at."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path

from PySide6.QtCore import QObject, Signal

from jotsk.core.page import InkLayer, Page
from jotsk.desk.document.document import Aside, Document
from jotsk.desk.recovery.autosave import Autosave
from jotsk.desk.recovery.recovery_folder import RecoveryFolder

MOST_ASIDE = 3  # beyond that the one that was left first goes; its unsaved work stays among the recent pages
SeenAs = tuple[float, float, bool, float, float]


class OpenPages(QObject):
    """Keeps pages that are left, until they are closed or too many."""

    changed = Signal()

    def __init__(
        self, document: Document, autosave: Autosave, recovery: RecoveryFolder, *,
        seen_as: Callable[[], SeenAs | None], show_as_seen: Callable[[SeenAs | None], None],
    ) -> None:  # fmt: skip
        super().__init__(document)
        self._document, self._autosave, self._recovery = document, autosave, recovery
        self._seen_as, self._show_as_seen = seen_as, show_as_seen
        self.aside: list[Aside] = []  # the one left last comes last
        self._views: dict[Aside, SeenAs | None] = {}
        self._slots: dict[Aside, str | None] = {}
        self._is_closing = False
        document.keep_aside = self._keep
        document.aside_saved.connect(self.changed)
        document.opened.connect(self._opened)

    def _keep(self, aside: Aside) -> bool:
        """Whether a page that is left stays open."""
        if self._is_closing or (not aside.is_unsaved and aside.path is None and _is_empty(aside.page)):
            return False
        self._slots[aside] = self._autosave.slot if aside.is_unsaved else None
        self._views[aside] = self._seen_as()
        self.aside.append(aside)
        return True

    def _opened(self) -> None:
        """A page that was opened once more, or taken up from the recent pages, is not open twice."""
        path, slot = self._document.path, self._autosave.slot
        for aside in list(self.aside):
            if (path is not None and aside.path == path) or (slot is not None and self._slots[aside] == slot):
                self._let_go(aside)
        while len(self.aside) > MOST_ASIDE:
            self._let_go(self.aside[0])
        self.changed.emit()

    def _let_go(self, aside: Aside) -> None:
        self.aside.remove(aside)
        self._views.pop(aside)
        self._slots.pop(aside)
        aside.history.leave()

    def of_file(self, path: Path) -> Aside | None:
        """The page of a file that is open beside the present one."""
        whole = path.resolve()
        return next((a for a in self.aside if a.path is not None and a.path.resolve() == whole), None)

    def of_slot(self, slot: str) -> Aside | None:
        return next((aside for aside in self.aside if self._slots[aside] == slot), None)

    def take_up(self, aside: Aside) -> None:
        """Go on with a page; the present one is put beside. Its unsaved work must be kept before."""
        self.aside.remove(aside)
        view, slot = self._views.pop(aside), self._slots.pop(aside)
        if slot is not None:
            self._autosave.wait_for(slot)
            if self._recovery.hold(slot):
                self._autosave.take_up(slot)
        self._document.take_up(aside)
        self._show_as_seen(view)
        self.changed.emit()

    def next(self) -> Aside | None:
        """The page that was left longest ago: taken up again and again, all come in turn."""
        return self.aside[0] if self.aside else None

    def close(self) -> bool:
        """Leave the present page for the one before it; False if there is none."""
        if not self.aside:
            return False
        self.close_for(lambda: self.take_up(self.aside[-1]))
        return True

    def close_for(self, take: Callable[[], None]) -> None:
        """Leave the present page for one that `take` takes."""
        self._is_closing = True
        try:
            take()
        finally:
            self._is_closing = False


def _is_empty(page: Page) -> bool:
    return all(isinstance(layer, InkLayer) and not len(layer.marks) for layer in page.layers) and not page.guides
