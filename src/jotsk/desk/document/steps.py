"""The steps of the page's history, as lists and pictures show them."""

from __future__ import annotations

from collections.abc import Callable

import numpy as np
from numpy.typing import NDArray

from jotsk.core.page import History, Page


class Steps:
    """Looks at the history of the page at work. A list that is shown may be behind, so any index may be asked for."""

    def __init__(self, history: Callable[[], History], finish_drying: Callable[[], None]) -> None:
        self._history, self._finish_drying = history, finish_drying

    def __len__(self) -> int:
        self._finish_drying()
        return len(self._history())

    def __contains__(self, index: int) -> bool:
        return 0 <= index < len(self._history())

    @property
    def at(self) -> int:
        """The present step."""
        self._finish_drying()
        return self._history().at

    @property
    def at_so_far(self) -> int:
        """As `at`, without what is still drying."""
        return self._history().at

    def label(self, index: int) -> str:
        return self._history().label_of(index) if index in self else ""

    def picture(self, index: int) -> NDArray[np.uint8] | None:
        """(H, W, 3) RGB; None if there is none any more."""
        return self._history().picture_of(index) if index in self else None

    def pages_beside(self) -> list[Page]:
        """The pages an undo and a redo would bring, as far as they are not packed."""
        history = self._history()
        pages = [history.page_at(k) for k in (history.at - 1, history.at + 1) if k in self]
        return [page for page in pages if page is not None]
