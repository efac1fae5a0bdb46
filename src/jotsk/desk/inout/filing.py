"""Opening, saving and exporting, off the interface's thread."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import replace
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import QObject, Signal

from jotsk.core.errors import ChangedMeanwhile, JotskError, Refused
from jotsk.core.files.opening import Origin, is_picture, read_any
from jotsk.core.files.pictures import read_picture
from jotsk.core.files.writing import signature
from jotsk.core.fill.pour import found_again
from jotsk.core.page import Page, prepared
from jotsk.core.page.layers.placing import Picture
from jotsk.core.words import tr
from jotsk.desk.document.document import Document
from jotsk.desk.inout.job_queue import JobQueue

if TYPE_CHECKING:
    from jotsk.core.files.export import Export
    from jotsk.core.files.openraster_writing import PageWriter
    from jotsk.core.files.orders import Order


class Filing(QObject):
    """One file at a time goes in or out; every outcome is told in a sentence. The slow work is that of `jobs`."""

    told = Signal(str)
    overtaken = Signal(object)  # the path of a file that another program wrote while it was being saved

    def __init__(self, document: Document, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._document = document
        self._writer: PageWriter | None = None  # loaded with the first page that is written
        self._signatures: dict[Path, tuple[int, int]] = {}
        self.jobs = JobQueue(self)
        self.jobs.told.connect(self.told)
        self.seen_as: Callable[[], tuple[float, float, bool, float, float] | None] = lambda: None

    def open(self, path: Path) -> None:
        """Open a page, or a picture as a sketch on a page of its own."""

        def work(progress: Callable[[float], None]) -> tuple[Page, Origin, bool]:
            from jotsk.core.files.openraster import holds_other_strokes  # here: what reads files takes long to import

            origin = Origin.of(path)
            page = prepared(read_any(path, path.stem, progress=progress))
            return page, origin, not is_picture(path) and holds_other_strokes(path)

        def took(outcome: tuple[Page, Origin, bool]) -> None:
            self._document.when_left(lambda: take(*outcome))

        def take(page: Page, origin: Origin, is_of_other_version: bool) -> None:
            saved_as = None if is_picture(path) or is_of_other_version else path
            if saved_as is not None:
                self._signatures[saved_as] = origin.signature
            self._document.take(page, path=saved_as, title=path.stem, saved=True, origin=origin)
            if is_of_other_version:
                self.told.emit(
                    tr(
                        "“{name}” is from another version of Jotsk: it opened as pixels; save it as a new file.",
                        name=path.name,
                    )
                )

        self.jobs.run(tr("Opening {name}", name=path.name), work, took)

    def read_pictures(self, paths: Sequence[Path], done: Callable[[list[Picture]], None]) -> None:
        """Read pictures that are to be placed on the page; one that cannot be read is told, and the others come."""

        def work(progress: Callable[[float], None]) -> tuple[list[Picture], list[str]]:
            read: list[Picture] = []
            refused: list[str] = []
            for k, path in enumerate(paths):
                progress(k / len(paths))
                try:
                    read.append(Picture.of(path.stem, read_picture(path)[0]))
                except JotskError as error:
                    refused.append(str(error))
            return read, refused

        def took(outcome: tuple[list[Picture], list[str]]) -> None:
            read, refused = outcome
            if refused:
                self.told.emit(" ".join(refused))
            if read:
                done(read)

        what = paths[0].name if len(paths) == 1 else tr("%n pictures", None, len(paths))
        self.jobs.run(tr("Opening {what}", what=what), work, took)

    def save(self, path: Path) -> None:
        """Write the page as it is now; it may go on changing, or be left for another, meanwhile."""
        snapshot, before = self._document.snapshot(), signature(path)
        page, seen_as = self._page_to_write(), self.seen_as()

        def work(progress: Callable[[float], None]) -> bool:
            from jotsk.core.files.openraster import holds_other_strokes

            if holds_other_strokes(path):
                raise Refused(
                    tr(
                        "“{name}” was not written: it holds strokes of another version of Jotsk, which would be lost. "
                        "Save under another name.",
                        name=path.name,
                    )
                )
            if self._writer is None:
                from jotsk.core.files.openraster_writing import PageWriter

                self._writer = PageWriter()
            try:
                self._writer.write(path, replace(page(), seen_as=seen_as), progress=progress, instead_of=before)
            except ChangedMeanwhile:
                return False
            return True

        def done(is_written: bool) -> None:
            if not is_written:
                self.overtaken.emit(path)
                return
            self.remember_file(path)
            self._document.was_saved(snapshot, path)
            self.told.emit(tr("Saved “{name}”.", name=path.name))

        self.jobs.run(tr("Saving {name}", name=path.name), work, done)

    def export(self, path: Path, export: Export) -> None:
        from jotsk.core.files.export import write_export  # it loads all formats there are

        page, export = self._page_to_write(), replace(export, title=self._document.title)
        self.jobs.run(
            tr("Exporting {name}", name=path.name),
            lambda p: write_export(path, page(), export, progress=p),
            lambda _: self.told.emit(tr("Wrote “{name}”.", name=path.name)),
        )

    def hand_over(self, folder: Path, stem: str, orders: Sequence[Order]) -> None:
        """Write orders into a folder: all of them or none."""
        from jotsk.core.files.orders import write_orders

        page = self._page_to_write()
        self.jobs.run(
            tr("Handing over {stem}", stem=stem),
            lambda p: write_orders(folder, stem, page(), orders, progress=p),
            lambda files: self.told.emit(tr("Wrote {names}.", names=", ".join(f"“{file.name}”" for file in files))),
        )

    def _page_to_write(self) -> Callable[[], Page]:
        """The page as it is now; its areas that follow their lines are found by who writes it."""
        page = self._document.page_when_dry()
        areas = self._document.follower.still_to_find(page)
        return lambda: found_again(page, areas)

    def was_changed_outside(self, path: Path) -> bool:
        """Whether somebody else wrote the file since it was opened or saved here."""
        known = self._signatures.get(path)
        return known is not None and path.exists() and signature(path) != known

    def remember_file(self, path: Path) -> None:
        self._signatures[path] = signature(path)

    def make(self, title: str, work: Callable[[Callable[[float], None]], Page]) -> None:
        """Build a page, such as the demo, and take it."""
        document = self._document
        self.jobs.run(
            title,
            lambda p: prepared(work(p)),
            lambda page: document.when_left(lambda: document.take(page, path=None, title=title, saved=True)),
        )
