"""The demo page, built once and then kept in the cache."""

from __future__ import annotations

import hashlib
import logging
from collections.abc import Callable
from pathlib import Path

from jotsk.core import words
from jotsk.core.errors import JotskError
from jotsk.core.files.openraster import read_page
from jotsk.core.files.openraster_writing import write_page
from jotsk.core.page import Page
from jotsk.demo.gull_and_lantern import demo_page

log = logging.getLogger(__name__)


def kept_demo_page(progress: Callable[[float], None], folder: Path) -> Page:
    """Return the demo page, from `folder` if it was made by this very code, else built and put there."""
    path = folder / f"demo-{_digest()}.ora"
    if path.exists():
        try:
            return read_page(path, progress=progress)
        except JotskError:
            log.warning("the kept demo page is damaged and is built again")
    page = demo_page(lambda share: progress(0.85 * share))
    try:
        folder.mkdir(parents=True, exist_ok=True)
        for old in folder.glob("demo-*.ora"):
            old.unlink()
        write_page(path, page, progress=lambda share: progress(0.85 + 0.15 * share))
    except (JotskError, OSError):
        log.exception("the demo page was not kept; it will be built again next time")
    return page


def _digest() -> str:
    """Of the code that makes the page: its own, and the core's that decides how ink looks; and of the language of its names."""
    package = Path(__file__).parent.parent
    digest = hashlib.sha256(words.spoken.encode())
    for path in sorted([*package.glob("demo/*"), *package.glob("core/**/*.py")]):
        if path.is_file():
            digest.update(path.read_bytes())
    return digest.hexdigest()[:16]
