"""Long strokes become a page off the interface's thread; their wet ink is on the board meanwhile."""

from __future__ import annotations

from collections.abc import Callable
from concurrent.futures import Future, ThreadPoolExecutor
from dataclasses import dataclass
from functools import cache

from jotsk.core.ink import Cut, Stroke
from jotsk.core.page import Page, edits


@dataclass(frozen=True, slots=True)
class Drying:
    """A stroke or an erasure, and the page it will be on."""

    label: str
    mark: Stroke | Cut
    uid: int  # of its layer
    after: Future[Page]
    begins: Callable[[], None]  # called right before the page changes
    ends: Callable[[], None]  # and after

    @classmethod
    def of(cls, page: Page, mark: Stroke | Cut, begins: Callable[[], None], ends: Callable[[], None]) -> Drying:
        if isinstance(mark, Cut):
            label, after = "Rub out", _thread().submit(edits.rubbed_out, page, mark)
        else:
            label, after = "Stroke", _thread().submit(edits.with_stroke, page, mark)
        return cls(label, mark, page.active_uid, after, begins, ends)


@cache
def _thread() -> ThreadPoolExecutor:
    return ThreadPoolExecutor(1, thread_name_prefix="drying")
