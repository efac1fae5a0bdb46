"""What the Page menu does: new, open, save, export, print, milestones, and what is asked on the way."""

from __future__ import annotations

import logging
from collections.abc import Callable
from datetime import datetime
from pathlib import Path

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QMimeData, QObject, QTimer
from PySide6.QtGui import QImage
from PySide6.QtWidgets import QApplication

from jotsk.core.check import practice
from jotsk.core.errors import JotskError
from jotsk.core.files.opening import PAGE_SUFFIX, is_svg
from jotsk.core.files.premultiply_kernel import premultiplied_by_bands
from jotsk.core.hand import Trace
from jotsk.core.page import Page, blank_page, prepared
from jotsk.core.page.layers.placing import Picture
from jotsk.core.page.tiles.tiles import Pixels
from jotsk.core.words import tr
from jotsk.desk.board.board import Board
from jotsk.desk.commands.clipboard import Clipboard
from jotsk.desk.commands.giving_out import GivingOut
from jotsk.desk.document.document import NEW_PX, Aside, Document
from jotsk.desk.inout.filing import Filing
from jotsk.desk.inout.last_folder import LastFolder
from jotsk.desk.inout.settings import Settings
from jotsk.desk.recovery.autosave import Autosave
from jotsk.desk.recovery.journal import Kept
from jotsk.desk.recovery.milestones import MINUTES, Milestones
from jotsk.desk.recovery.open_pages import OpenPages
from jotsk.desk.recovery.recent_file import RecentFile
from jotsk.desk.recovery.recovery_folder import KeptNote, RecoveryFolder
from jotsk.desk.widgets.asking import ask_file, ask_files, ask_new_file, ask_which
from jotsk.desk.widgets.modal import deleted_after
from jotsk.folders import cache_folder

PICTURES = "*.png *.jpg *.jpeg *.webp *.tif *.tiff *.bmp"
OPENABLE = tr("Pages, pictures and lines (*.ora *.svg {pictures});;All files (*)", pictures=PICTURES)
MOST_RECENT = 16
LEFT_MS = 30
AGAIN_MS = 20_000  # until kept pages that could not be read are tried again

log = logging.getLogger(__name__)


class PageCommands(QObject):
    """Asks, through sheets over the board, and has it done."""

    def __init__(
        self, document: Document, board: Board, filing: Filing, autosave: Autosave, recovery: RecoveryFolder,
        settings: Settings, tell: Callable[[str], None],
    ) -> None:  # fmt: skip
        super().__init__(board)
        self.document, self.board, self.filing, self.autosave = document, board, filing, autosave
        self.recovery, self.settings, self._tell = recovery, settings, tell
        self.milestones = Milestones(document, recovery.folder, self)
        self.milestones.minutes = settings.get("milestones/minutes", MINUTES)
        self.milestones.trouble.connect(tell)
        self.open_pages = OpenPages(
            document, autosave, recovery, seen_as=board.seen_as, show_as_seen=board.show_as_seen
        )
        self.clipboard = Clipboard(document, board, filing.jobs, tell)
        self.last_folder = LastFolder(settings)
        self.giving_out = GivingOut(document, board, filing, settings, self.last_folder, tell)
        self._untouched: Page | None = None
        self._left = QTimer(self, singleShot=True, interval=LEFT_MS)
        self._left.timeout.connect(self.ask_recent)
        self._again = QTimer(self, singleShot=True, interval=AGAIN_MS)
        self._again.timeout.connect(self._take_up_again)
        filing.overtaken.connect(self._overtaken)
        document.stroke_failed.connect(self._keep_motion)
        document.opened.connect(self._note_recent)
        document.saved.connect(self._note_recent)

    # -- opening -------------------------------------------------------------------------------

    def open(self, path: Path) -> None:
        """Open a page or picture; the present page stays open beside it. One that is open already comes to the
        front."""
        aside = self.open_pages.of_file(path)
        if aside is not None:
            self.take_up(aside)
        elif self.keep_unsaved():
            self.filing.open(path)

    def take_up(self, aside: Aside) -> None:
        """Go on with another page that is open. A page that waited for ink to dry may have taken its place by then."""
        if not self.keep_unsaved():
            return
        if aside in self.open_pages.aside:
            self.open_pages.take_up(aside)
        else:
            self._tell(
                tr("“{title}” is not open beside this page any more; it is among the recent pages.", title=aside.title)
            )

    def next_page(self) -> None:
        """The next of the pages that are open."""
        aside = self.open_pages.next()
        if aside is None:
            self._tell(tr("No other page is open; what is opened next comes beside this one."))
        else:
            self.take_up(aside)

    def close_page(self) -> None:
        """Leave the present page; unsaved work stays among the recent pages."""
        unsaved, title = self.document.is_unsaved, self.document.title
        if not self.keep_unsaved():
            return
        if not self.open_pages.close():
            self.open_pages.close_for(
                lambda: self.document.take(blank_page(*NEW_PX), path=None, title=tr("New page"), saved=True)
            )
        if unsaved:
            self._tell(
                tr("“{title}” is closed; its changes are not in a file, and it is among the recent pages.", title=title)
            )

    def open_demo(self) -> None:
        from jotsk.demo.gull_and_lantern import TITLE
        from jotsk.demo.keeping import kept_demo_page

        if self.keep_unsaved():
            self.filing.make(TITLE, lambda progress: kept_demo_page(progress, cache_folder()))

    def open_finished(self) -> None:
        """The panel of the demo page that shows the whole craft."""
        from jotsk.demo.finished import TITLE, finished_panel
        from jotsk.demo.keeping import kept_demo_page

        def make(progress: Callable[[float], None]) -> Page:
            page = kept_demo_page(lambda share: progress(0.6 * share), cache_folder())
            return finished_panel(page, lambda share: progress(0.6 + 0.4 * share))

        if self.keep_unsaved():
            self.filing.make(TITLE, make)

    def open_sheet(self, kind: str, size: str) -> None:
        """A practice sheet as a new page."""
        if self.keep_unsaved():
            page = practice.sheets.sheet_page(kind, size)
            title = tr("Practice: {title}", title=practice.sheets.sheet_of(kind, size).title)
            self.document.take(page, path=None, title=title, saved=True)

    def ask_open(self) -> None:
        path = ask_file(self.board, tr("Open"), OPENABLE, self.last_folder.path)
        if path is not None:
            self.last_folder.remember(path)
            self.open(path)

    def ask_new(self) -> None:
        """Make a page; work on the present one stays in the recovery folder."""
        from jotsk.desk.dialogs import NewPage

        with deleted_after(NewPage(self.board, self.settings.get("new_page/choices", {}))) as sheet:
            if not sheet.exec():
                return
            self.settings.set("new_page/choices", sheet.choices)
            if self.keep_unsaved():
                self.document.take(sheet.page, path=None, title=tr("New page"), saved=True)

    def ask_recent(self) -> None:
        """Choose among the pages opened lately, and those that were left with unsaved work."""
        if self.autosave.is_leaving:
            self._tell(tr("The page before this one is still being kept; the recent pages come after it."))
            self._left.start()
            return
        recovery, recent = self.recovery, self.recent
        self.filing.jobs.run(
            tr("Looking for recent pages"),
            lambda _: (recovery.notes(), [RecentFile.of(path) for path in recent()]),
            lambda found: self._choose_recent(*found),
        )

    def _choose_recent(self, notes: list[KeptNote], files: list[RecentFile]) -> None:
        from jotsk.desk.dialogs import RecentSheet

        if self.recovery.trouble is not None:
            self._tell(self.recovery.trouble)
        with deleted_after(RecentSheet(notes, files, self.board)) as sheet:
            if not sheet.exec():
                return
            choice = sheet.choice
        aside = None if choice.slot is None else self.open_pages.of_slot(choice.slot)
        if aside is not None:
            self.take_up(aside)
        elif choice.slot is not None and self.keep_unsaved():
            self.take_up_kept(choice.slot)
        elif choice.path is not None:
            self.open(choice.path)

    def take_up_kept(self, slot: str | None = None) -> None:
        """Put a page back that was closed with unsaved work, and say so. If none is named it is the latest, unless
        there is work on another page by the time it is read."""
        recovery, before = self.recovery, self.document.page

        def work(report: Callable[[float], None]) -> tuple[str, Kept] | None:
            wanted = slot or next((note.slot for note in recovery.notes()), None)
            kept = recovery.lock(wanted, report) if wanted else None
            if wanted is None or kept is None:
                return None
            prepared(kept.page)
            return wanted, kept

        def took(outcome: tuple[str, Kept] | None) -> None:
            if outcome is None:
                if slot is not None:
                    self._tell(recovery.trouble or tr("That page is no longer there, or another window has it."))
                elif recovery.trouble is not None:
                    self._tell(recovery.trouble)
                    self._untouched = self.document.page
                    self._again.start()
                return
            found, kept = outcome
            if slot is None and not self.document.is_still(before):
                recovery.unlock(found)
                self._tell(
                    tr(
                        "“{title}” has changes that are not in a file yet; it is among the recent pages.",
                        title=kept.title,
                    )
                )
                return
            self.document.when_left(lambda: take(found, kept))

        def take(found: str, kept: Kept) -> None:
            self.autosave.take_up(found, kept.known)
            self.document.take(kept.page, path=kept.path, title=kept.title, saved=False)
            self._tell(tr("“{title}” is as you left it; it has changes that are not in a file yet.", title=kept.title))

        if slot is not None or recovery.may_hold_pages:
            self.filing.jobs.run(tr("Putting the page back"), work, took)

    def _take_up_again(self) -> None:
        """The disk may allow it by now; unless work on another page has begun."""
        if self._untouched is not None and self.document.is_still(self._untouched):
            self.take_up_kept()

    def recent(self) -> list[Path]:
        """Pages opened or saved lately that are still there, the latest first."""
        names = self.settings.get("files/recent", [])
        return [Path(name) for name in names if isinstance(name, str) and Path(name).is_file()]

    # -- pictures ------------------------------------------------------------------------------

    def ask_pictures(self) -> None:
        kinds = tr("Pictures ({pictures});;All files (*)", pictures=PICTURES)
        paths = ask_files(self.board, tr("Add pictures"), kinds, self.last_folder.path)
        if paths:
            self.last_folder.remember(paths[0])
            self.add_pictures(paths)

    def add_pictures(self, paths: list[Path]) -> None:
        """Have pictures placed on the present page."""
        self.filing.read_pictures(paths, self.board.pictures.add)

    def ask_lines(self) -> None:
        """The lines of an SVG file, as strokes of the pen in the hand on a layer of their own."""
        path = ask_file(self.board, tr("Bring in lines"), tr("Lines (*.svg)"), self.last_folder.path)
        if path is not None:
            self.last_folder.remember(path)
            self.add_lines(path)

    def add_lines(self, path: Path) -> None:
        from jotsk.core.files.svg_lines import read_lines, with_lines  # loaded when it is asked for first

        hand = self.board.hand
        pen, size, color = hand.pen, hand.settings.size_px, hand.color

        def bring(page: Page, report: Callable[[float], None]) -> Page:
            lines, _ = read_lines(path, page.dpi, lambda share: report(0.5 * share))
            return with_lines(page, lines, path.stem, pen, size, color, lambda share: report(0.5 + 0.5 * share))

        self.document.edit_slowly(tr("Bring in lines"), bring)

    def take(self, mime: QMimeData, *, may_open: bool) -> bool:
        """Take what was dropped or pasted: a page is opened, pictures are placed; lines brought in; False if
        there is none of these."""
        paths = [Path(url.toLocalFile()) for url in mime.urls() if url.isLocalFile()]
        pages = [path for path in paths if path.suffix.lower() == PAGE_SUFFIX]
        if pages and may_open:
            self.open(pages[0])
        elif paths:
            for path in filter(is_svg, paths):
                self.add_lines(path)
            pictures = [path for path in paths if path not in pages and not is_svg(path)]
            if pictures:
                self.add_pictures(pictures)
        elif self.clipboard.take(mime):
            return True
        elif mime.hasImage():
            image = QImage(mime.imageData())
            if image.isNull():
                return False
            self.filing.jobs.run(
                tr("Pasting"),
                lambda report: [Picture.of(tr("Pasted"), _pixels(image, report))],
                self.board.pictures.add,
            )
        else:
            return False
        return True

    def paste(self) -> None:
        mime = QApplication.clipboard().mimeData()
        if mime is None or not self.take(mime, may_open=False):
            self._tell(tr("There is nothing to paste; copy lines or a picture first."))

    # -- writing -------------------------------------------------------------------------------

    def save(self) -> None:
        path = self.document.path
        if path is None:
            self.ask_save()
        elif not self.filing.was_changed_outside(path):
            self.filing.save(path)
        else:
            self._ask_about_other(path)

    def ask_save(self) -> None:
        suggested = self.last_folder.suggested(self.document, PAGE_SUFFIX)
        path = ask_new_file(self.board, tr("Save as"), tr("OpenRaster pages (*.ora)"), suggested, PAGE_SUFFIX)
        if path is not None:
            self.last_folder.remember(path)
            self.filing.save(path)

    def ask_size(self) -> None:
        from jotsk.desk.dialogs import PageSize

        with deleted_after(PageSize(self.document.page_when_dry(), self.board)) as sheet:
            if sheet.exec():
                self.document.page_edits.resize(sheet.page_size, sheet.anchor, sheet.dpi, sheet.margins_mm)

    def keep_milestone(self) -> None:
        self.milestones.keep()
        self._tell(tr("A milestone is kept; Ctrl+Shift+M shows all of them."))

    def show_milestones(self) -> None:
        from jotsk.desk.dialogs import MilestoneSheet

        with deleted_after(MilestoneSheet(self.milestones, self.document, self.board)) as sheet:
            sheet.exec()
        self.settings.set("milestones/minutes", self.milestones.minutes)

    # -- leaving -------------------------------------------------------------------------------

    def keep_unsaved(self) -> bool:
        """Have unsaved work on disk; False if that did not work and the user chose to stay."""
        trouble = self.autosave.keep()
        return trouble is None or self._leave_anyway(trouble)

    def _leave_anyway(self, reason: str) -> bool:
        answer = ask_which(
            self.board,
            tr("Unsaved work"),
            tr("{reason}\n\nThe work on this page could not be kept aside.", reason=reason),
            [(tr("Stay, and save it elsewhere"), "RejectRole"), (tr("Leave without it"), "DestructiveRole")],
        )
        return answer == 1

    def _keep_motion(self, trace: Trace) -> None:
        """A stroke could not be inked: what the hand did is kept for whoever can."""
        from jotsk.core.files.inkml import write_traces

        path = self.recovery.folder / "motions" / f"{datetime.now():%Y%m%d-%H%M%S-%f}.inkml"
        try:
            path.parent.mkdir(parents=True, exist_ok=True)
            write_traces(path, [trace])
        except (OSError, JotskError):
            log.exception("a motion could not be kept")
            return
        self._tell(tr("The stroke could not be inked; what the hand did is kept in “{path}”.", path=path))

    def _overtaken(self, path: Path) -> None:
        if self.filing.jobs.is_busy:  # the job that found out has not ended yet
            QTimer.singleShot(LEFT_MS, self, lambda: self._overtaken(path))
        else:
            self._ask_about_other(path)

    def _ask_about_other(self, path: Path) -> None:
        """The file was written by somebody else since it was opened here."""
        what = tr(
            "“{name}” was changed by another program or window since it was opened here. Your work is in "
            "the journal, whatever you choose.",
            name=path.name,
        )
        answer = ask_which(
            self.board,
            tr("The file has changed"),
            what,
            [
                (tr("Save under another name"), "AcceptRole"),
                (tr("Write over it"), "DestructiveRole"),
                (tr("Not now"), "RejectRole"),
            ],
        )
        if answer == 0:
            self.ask_save()
        elif answer == 1:
            self.filing.save(path)

    def _note_recent(self) -> None:
        path = self.document.path
        if path is not None:
            names = [str(path), *(str(p) for p in self.recent() if p != path)]
            self.settings.set("files/recent", names[:MOST_RECENT])


def _pixels(image: QImage, report: Callable[[float], None]) -> Pixels:
    """Band by band: Qt holds the interpreter while it converts."""
    width, height = image.width(), image.height()

    def rows(start: int, stop: int) -> NDArray[np.uint8]:
        report(start / height)
        band = image.copy(0, start, width, stop - start).convertToFormat(QImage.Format.Format_RGBA8888)
        return np.frombuffer(band.constBits(), np.uint8).reshape(stop - start, width, 4).copy()

    return premultiplied_by_bands(width, height, rows)
