"""What the tests of the core share."""

from __future__ import annotations

import pytest

from jotsk.core.files.store import PageStore


@pytest.fixture(autouse=True)
def _stores_are_closed(monkeypatch):
    """Close the stores a test has opened, by property tests dozens of them."""
    opened, init = [], PageStore.__init__

    def noted(self, *arguments, **more):
        init(self, *arguments, **more)
        opened.append(self)

    monkeypatch.setattr(PageStore, "__init__", noted)
    yield
    for store in opened:
        store.close()
