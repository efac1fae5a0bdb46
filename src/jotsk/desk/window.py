"""The window: puts board, trays and controllers together."""

from __future__ import annotations

from pathlib import Path

from PySide6.QtCore import QSettings, QSize, Qt
from PySide6.QtGui import QCloseEvent, QDragEnterEvent, QDropEvent, QKeyEvent
from PySide6.QtWidgets import (
    QApplication,
    QDialog,
    QFileDialog,
    QFrame,
    QHBoxLayout,
    QInputDialog,
    QMainWindow,
    QMessageBox,
    QVBoxLayout,
    QWidget,
)  # fmt: skip

from jotsk.desk.actions import BY_ID as ENTRIES
from jotsk.desk.actions import assign_keys, make_actions
from jotsk.desk.board import Board
from jotsk.desk.document import Document
from jotsk.desk.feels import read_feels, write_feels
from jotsk.desk.filing import PAGE_SUFFIX, Filing
from jotsk.desk.guarding import Guard
from jotsk.desk.hand import Hand
from jotsk.desk.hints import HintStrip
from jotsk.desk.keeping import Shelf
from jotsk.desk.keys import HoldKeys
from jotsk.desk.milestones import MINUTES, Milestones
from jotsk.desk.palette_shelf import PaletteShelf
from jotsk.desk.places import cache_folder
from jotsk.desk.roll import PenRoll
from jotsk.desk.stages import BY_ID as STAGES
from jotsk.desk.stages import Stage
from jotsk.desk.status import StatusStrip
from jotsk.desk.theme import DAY, LAMP, apply_theme, current
from jotsk.desk.trays.guides import GuideTray
from jotsk.desk.trays.history import HistoryTray
from jotsk.desk.trays.hold import HoldTray
from jotsk.desk.trays.inkwell import Inkwell
from jotsk.desk.trays.last_line import LastLineTray
from jotsk.desk.trays.layers import LayerTray
from jotsk.desk.trays.overview import Overview
from jotsk.desk.trays.pens import PenTray
from jotsk.desk.trays.top import TopBar

HAND_PX, PAGE_PX, FOOT_PX = 112, 248, 100
GUIDES_PX = 112
FLOAT_PX = 10  # between the edge of the board and what floats over it
TURN_STEP_DEG = 15
OPENABLE = "Pages and pictures (*.ora *.png *.jpg *.jpeg *.webp *.tif *.tiff *.bmp);;All files (*)"


class Window(QMainWindow):
    """One window, one page."""

    def __init__(self, settings: QSettings, shelf: Shelf, own_folder: Path | None = None) -> None:
        super().__init__()
        self.settings, self.shelf = settings, shelf
        self.document = Document(self)
        self.guard = Guard(self.document, shelf, self)
        self.milestones = Milestones(self.document, shelf.folder, self)
        self.milestones.minutes = int(settings.value("milestones/minutes", MINUTES, int))
        folder = own_folder or shelf.folder
        self.hand = Hand(PenRoll(folder, self), self)
        self.palette_shelf = PaletteShelf(folder, self)
        self.colors: QDialog | None = None
        self.hand.feels = read_feels(settings)
        self.filing = Filing(self.document, self)
        self.actions_by_id = make_actions(self)
        self.board = Board(self.document, self.hand, self)
        self.status = StatusStrip(self.board)
        self.hints = HintStrip(settings, self.board)
        self.overview = Overview(self.document, self.board)
        self.history = HistoryTray(self.document, self.board)
        self._build()
        self.hold_keys = HoldKeys(self.board, self.hand)
        self._connect()
        self.resize(1280, 800)
        self.setAcceptDrops(True)
        self.show_stage(STAGES["ink"])
        if self.hand.roll.trouble:
            self.status.tell(self.hand.roll.trouble)
        self.refresh_title()
        self._restore()
        self.board.setFocus()

    # -- layout --------------------------------------------------------------------------------

    def _build(self) -> None:
        self.top = TopBar(self.document, self.board, self.actions_by_id, self)
        self.pens = PenTray(self.hand, self)
        self.inkwell = Inkwell(self.hand, self.palette_shelf, self)
        self.layers = LayerTray(self.document, self.actions_by_id, self)
        self.guides = GuideTray(self)
        self.hold = HoldTray(self.hand, self)
        self.last_line = LastLineTray(self.document, self)
        self.guides.setFixedHeight(GUIDES_PX)

        self.hand_side = _side(HAND_PX, [(self.pens, 1), (_line(), 0), (self.inkwell, 0)])
        self.page_side = _side(PAGE_PX, [(self.layers, 1), (_line(), 0), (self.guides, 0)])
        self.foot = QWidget(objectName="chrome")
        self.foot.setAttribute(Qt.WidgetAttribute.WA_StyledBackground)
        self.foot.setFixedHeight(FOOT_PX)
        foot = QHBoxLayout(self.foot)
        foot.setContentsMargins(0, 0, 0, 0)
        foot.setSpacing(0)
        foot.addWidget(self.hold, 1)
        foot.addWidget(_line(upright=True))
        foot.addWidget(self.last_line, 1)

        self._middle = QHBoxLayout()
        self._middle.setContentsMargins(0, 0, 0, 0)
        self._middle.setSpacing(0)
        self._edges = [_line(upright=True), _line(upright=True)]
        for widget in (self.hand_side, self._edges[0], self.board, self._edges[1], self.page_side):
            self._middle.addWidget(widget, 1 if widget is self.board else 0)
        whole = QWidget()
        layout = QVBoxLayout(whole)
        layout.setContentsMargins(0, 0, 0, 0)
        layout.setSpacing(0)
        self._lines = [_line(), _line()]
        layout.addWidget(self.top)
        layout.addWidget(self._lines[0])
        layout.addLayout(self._middle, 1)
        layout.addWidget(self._lines[1])
        layout.addWidget(self.foot)
        self.setCentralWidget(whole)

    def _connect(self) -> None:
        board, document, actions = self.board, self.document, self.actions_by_id
        for entry_id, method in {
            "page.new": self.ask_new,
            "page.open": self.ask_open,
            "page.print": self.ask_print,
            "page.size": self.ask_size,
            "page.demo": self.open_demo,
            "page.kept": self.ask_kept,
            "page.save": self.save,
            "page.save_as": self.ask_save,
            "page.export": self.ask_export,
            "page.milestone": self.keep_milestone,
            "page.milestones": self.show_milestones,
            "page.quit": self.close,
            "edit.undo": document.undo,
            "edit.redo": document.redo,
            "edit.drop": board.drop_stroke,
            "edit.all": document.choose_all,
            "edit.delete": document.delete_chosen,
            "hand.smaller": lambda: self.hand.step_size(-1),
            "hand.larger": lambda: self.hand.step_size(1),
            "hand.maker": self.show_maker,
            "hand.feel": self.show_feel,
            "hand.colors": self.show_colors,
            "view.zoom_in": lambda: board.zoom_by(1.25),
            "view.zoom_out": lambda: board.zoom_by(0.8),
            "view.actual": lambda: board.zoom_to(1.0),
            "view.fit": board.fit,
            "view.turn_left": lambda: board.turn_by_degrees(-TURN_STEP_DEG),
            "view.turn_right": lambda: board.turn_by_degrees(TURN_STEP_DEG),
            "view.reset_turn": board.reset_turn,
            "view.flip": board.flip_here,
            "view.flip_page": board.flip_page,
            "view.width": board.fit_width,
            "layer.trace_under": document.trace_under,
            "layer.add": document.add_layer,
            "layer.add_paint": document.add_paint_layer,
            "layer.delete": document.delete_layers,
            "layer.duplicate": document.duplicate_layers,
            "layer.group": document.group_layers,
            "layer.ungroup": document.ungroup_layers,
            "layer.merge_down": document.merge_down,
            "layer.merge_visible": document.merge_visible,
            "layer.flat_copy": document.add_flat_copy,
            "layer.up": lambda: document.step_layer(True),
            "layer.down": lambda: document.step_layer(False),
            "help.keys": self.show_keys,
        }.items():
            actions[entry_id].triggered.connect(lambda _=False, call=method: call())
        for entry_id, switch in {
            "view.bare": self.set_bare,
            "view.hand": self.hand_side.setVisible,
            "view.page": self.page_side.setVisible,
            "view.full": lambda on: self.showFullScreen() if on else self.showNormal(),
            "view.left_handed": self.set_left_handed,
            "view.lamp": self.set_lamp,
            "view.frames": self.show_frames,
            "view.overview": lambda on: self._float(self.overview, on),
            "view.history": lambda on: self._float(self.history, on),
        }.items():
            actions[entry_id].toggled.connect(switch)
        for entry in ENTRIES.values():
            if entry.hold:
                actions[entry.id].triggered.connect(lambda _=False, i=entry.id: self.hold_keys.switch(i))
        actions["view.hand"].setChecked(True)
        actions["view.page"].setChecked(True)
        actions["view.frames"].setChecked(True)
        self.addActions(list(actions.values()))
        self.top.stage_chosen.connect(self.show_stage)
        self.inkwell.opened.connect(self.show_colors)
        self.layers.soloed.connect(board.show_only)
        document.state_changed.connect(self.refresh_title)
        document.slow.connect(self.filing.run)
        self.guard.trouble.connect(self.status.tell)
        self.milestones.trouble.connect(self.status.tell)
        board.touched.connect(self.guard.before_stroke)
        board.resized.connect(self.status.place)
        board.resized.connect(self._place_floats)
        board.resized.connect(self.hints.place)
        board.view_changed.connect(lambda: actions["view.flip"].setChecked(board.view.flipped))
        self.filing.began.connect(self.status.follow)
        self.filing.told.connect(self.status.tell)
        self.filing.seen_as = board.seen_as

    def show_stage(self, stage: Stage) -> None:
        """Put what the stage needs into the hand; nothing is locked."""
        self.stage = stage
        self.top.show_stage(stage)
        self.pens.show_stage(stage)
        if stage.has_pens and not set(stage.first) & set(self.hand.pen.tags):
            self.hand.take(self.pens.rows[0].pen)

    def set_bare(self, bare: bool) -> None:
        """Show nothing but the board, or everything again."""
        for widget in (self.top, self.foot, *self._lines, *self._edges):
            widget.setVisible(not bare)
        self.hand_side.setVisible(not bare and self.actions_by_id["view.hand"].isChecked())
        self.page_side.setVisible(not bare and self.actions_by_id["view.page"].isChecked())

    def set_left_handed(self, left_handed: bool) -> None:
        """Mirror the desk, and lay the keys under the other hand."""
        direction = QHBoxLayout.Direction
        way = direction.RightToLeft if left_handed else direction.LeftToRight
        self._middle.setDirection(way)
        self.foot.layout().setDirection(way)
        assign_keys(self.actions_by_id, left_handed=left_handed)
        self.hold_keys.set_left_handed(left_handed)
        self.settings.setValue("desk/left_handed", left_handed)
        self._place_floats()

    def _float(self, panel: QWidget, shown: bool) -> None:
        panel.setVisible(shown)
        self._place_floats()

    def _place_floats(self) -> None:
        """The overview and the history lie in the board's upper corner, away from the hand."""
        board, y = self.board, FLOAT_PX
        left_handed = self.actions_by_id["view.left_handed"].isChecked()
        for panel in (self.overview, self.history):
            if panel.isHidden():
                continue
            if panel is self.history:
                panel.setFixedHeight(max(160, min(420, board.height() - y - 3 * FLOAT_PX)))
            panel.move(FLOAT_PX if left_handed else board.width() - panel.width() - FLOAT_PX, y)
            panel.raise_()
            y += panel.height() + FLOAT_PX

    def show_frames(self, shown: bool) -> None:
        self.board.shows_frames = shown
        self.board.update()

    def set_lamp(self, lamp: bool) -> None:
        apply_theme(QApplication.instance(), LAMP if lamp else DAY)
        self.settings.setValue("desk/lamp", lamp)
        for part in (self.board, self.top, self.layers, self.hold, self.last_line, self.hints):
            part.theme_changed()
        for line in self.findChildren(QFrame, "line"):
            _color_line(line)
        self.update()

    # -- files ---------------------------------------------------------------------------------

    def refresh_title(self) -> None:
        document = self.document
        self.setWindowTitle(f"{document.title}[*] - Jotsk")
        self.setWindowModified(document.is_unsaved)
        for entry_id, label, word in (
            ("edit.undo", document.undo_label, "Undo"), ("edit.redo", document.redo_label, "Redo"),
        ):  # fmt: skip
            self.actions_by_id[entry_id].setText(f"{word} {label[0].lower()}{label[1:]}" if label else word)
            self.actions_by_id[entry_id].setEnabled(label is not None)

    def open(self, path: Path, *, onto_page: bool = False) -> None:
        """Open a page or picture. Unsaved work stays on the shelf."""
        if not onto_page and not self.keep_unsaved():
            return
        self.filing.open(path, onto_page=onto_page)

    def open_demo(self) -> None:
        from jotsk.demo.gull_and_lantern import TITLE
        from jotsk.demo.keeping import kept_demo_page

        if self.keep_unsaved():
            self.filing.make(TITLE, lambda progress: kept_demo_page(progress, cache_folder()))

    def ask_open(self) -> None:
        name, _ = QFileDialog.getOpenFileName(self, "Open", self._folder(), OPENABLE)
        if name:
            self._remember(Path(name))
            self.open(Path(name))

    def save(self) -> None:
        path = self.document.path
        if path is None:
            self.ask_save()
        elif not self.filing.was_changed_outside(path):
            self.filing.save(path)
        else:
            self._ask_about_other(path)

    def ask_save(self) -> None:
        name, _ = QFileDialog.getSaveFileName(self, "Save as", self._suggested(PAGE_SUFFIX), "OpenRaster pages (*.ora)")
        if name:
            path = Path(name)
            path = path if path.suffix.lower() == PAGE_SUFFIX else path.with_name(path.name + PAGE_SUFFIX)
            self._remember(path)
            self.filing.save(path)

    def ask_new(self) -> None:
        """Make a page; work on the present one stays on the shelf."""
        from jotsk.desk.dialogs import NewPage

        sheet = NewPage(self)
        if sheet.exec() and self.keep_unsaved():
            self.document.take(sheet.page, path=None, title="New page", saved=True)

    def ask_size(self) -> None:
        from jotsk.desk.dialogs import PageSize

        sheet = PageSize(self.document.page, self)
        if sheet.exec():
            self.document.resize_page(sheet.size, sheet.anchor, sheet.dpi, sheet.margins_mm)

    def ask_export(self) -> None:
        from jotsk.desk.dialogs import ExportSheet

        sheet = ExportSheet(self.document.page, self)
        if not sheet.exec():
            return
        suffix = sheet.suffix
        name, _ = QFileDialog.getSaveFileName(self, "Export", self._suggested(suffix), f"Pictures (*{suffix})")
        if name:
            path = Path(name)
            path = path if path.suffix.lower() == suffix else path.with_name(path.name + suffix)
            self._remember(path)
            self.filing.export(path, sheet.export)

    def ask_print(self) -> None:
        """Print through the system's dialog, at true size where the paper allows."""
        from jotsk.desk.printing import ask_and_print

        if ask_and_print(self.document.page, self.document.title, self):
            self.status.tell(f"“{self.document.title}” went to the printer.")

    def keep_unsaved(self) -> bool:
        """Have unsaved work on disk; False if that did not work and the user chose to stay."""
        trouble = self.guard.keep()
        return trouble is None or self._leave_anyway(trouble)

    def dragEnterEvent(self, event: QDragEnterEvent) -> None:
        if any(url.isLocalFile() for url in event.mimeData().urls()):
            event.acceptProposedAction()

    def dropEvent(self, event: QDropEvent) -> None:
        """A page dropped on the window is opened; a picture becomes a layer of the present page."""
        for url in event.mimeData().urls():
            if url.isLocalFile():
                path = Path(url.toLocalFile())
                self.open(path, onto_page=path.suffix.lower() != PAGE_SUFFIX)
                event.acceptProposedAction()
                return

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if not self.hold_keys.pressed(event):
            super().keyPressEvent(event)

    def keyReleaseEvent(self, event: QKeyEvent) -> None:
        if not self.hold_keys.released(event):
            super().keyReleaseEvent(event)

    def closeEvent(self, event: QCloseEvent) -> None:
        """Close at once: unsaved work is in the journal, and there at the next start."""
        if self.filing.job is not None:
            self.filing.job.wait()
            QApplication.processEvents()  # the outcome of a save decides what is unsaved
        if self.keep_unsaved():
            self.guard.end()
            self.settings.sync()
            event.accept()
        else:
            event.ignore()

    def take_up_kept(self, slot: str | None = None) -> bool:
        """Put a page back that was closed with unsaved work, the latest if none is named, and say so."""
        notes = self.shelf.notes()
        slot = slot or (notes[0].slot if notes else None)
        kept = self.shelf.look(slot) if slot else None
        if kept is None:
            return False
        assert slot is not None
        self.guard.take_up(slot)
        self.document.take(kept.page, path=kept.path, title=kept.title, saved=False)
        self.status.tell(f"“{kept.title}” is as you left it; it has changes that are not in a file yet.")
        return True

    def ask_kept(self) -> None:
        """Choose among the pages that were closed or left with unsaved work."""
        notes = self.shelf.notes()
        if not notes:
            self.status.tell("Nothing is kept aside; pages that are left with unsaved work appear here.")
            return
        names = [f"{note.title}, {note.when:%d %B, %H:%M}" for note in notes]
        name, accepted = QInputDialog.getItem(self, "Kept work", "Pages left with unsaved work", names, editable=False)
        if accepted and self.keep_unsaved():
            self.take_up_kept(notes[names.index(name)].slot)

    def keep_milestone(self) -> None:
        self.milestones.keep()
        self.status.tell("A milestone is kept; Ctrl+Shift+M shows all of them.")

    def show_milestones(self) -> None:
        from jotsk.desk.dialogs import MilestoneSheet

        MilestoneSheet(self.milestones, self.document, self).exec()
        self.settings.setValue("milestones/minutes", self.milestones.minutes)

    def show_maker(self) -> None:
        """The pen maker, on the pen in the hand."""
        from jotsk.desk.dialogs import PenMaker  # sheets are loaded when they are opened, not at the start

        PenMaker(self.hand, self).exec()

    def show_colors(self) -> None:
        """The colours, in a sheet that stays beside the page."""
        if self.colors is None:
            from jotsk.desk.dialogs import InkColors

            self.colors = InkColors(self.hand, self.palette_shelf, self)
        self.colors.show()
        self.colors.raise_()

    def show_feel(self) -> None:
        """Fit the pressure of a device to the hand, and remember it."""
        from jotsk.desk.dialogs import FeelPad

        pad = FeelPad(self.hand, self)
        if pad.exec() and pad.device:
            self.hand.feels[pad.device] = pad.curve
            write_feels(self.settings, self.hand.feels)
            self.status.tell(f"The feel of “{pad.device}” is kept.")

    def show_keys(self) -> None:
        from jotsk.desk.dialogs import KeySheet

        KeySheet(self.actions_by_id["view.left_handed"].isChecked(), self).exec()

    def sizeHint(self) -> QSize:
        return QSize(1280, 800)

    def _ask_about_other(self, path: Path) -> None:
        """The file was written by somebody else since it was opened here."""
        box = QMessageBox(
            QMessageBox.Icon.Warning,
            "The file has changed",
            f"“{path.name}” was changed by another program or window since it was opened here."
            " Your work is in the journal, whatever you choose.",
            parent=self,
        )
        other = box.addButton("Save under another name", QMessageBox.ButtonRole.AcceptRole)
        over = box.addButton("Write over it", QMessageBox.ButtonRole.DestructiveRole)
        box.addButton("Not now", QMessageBox.ButtonRole.RejectRole)
        box.setDefaultButton(other)
        box.exec()
        if box.clickedButton() is other:
            self.ask_save()
        elif box.clickedButton() is over:
            self.filing.save(path)

    def _leave_anyway(self, reason: str) -> bool:
        box = QMessageBox(
            QMessageBox.Icon.Warning,
            "Unsaved work",
            f"{reason}\n\nThe work on this page could not be kept aside.",
            parent=self,
        )
        stay = box.addButton("Stay, and save it elsewhere", QMessageBox.ButtonRole.RejectRole)
        leave = box.addButton("Leave without it", QMessageBox.ButtonRole.DestructiveRole)
        box.setDefaultButton(stay)
        box.exec()
        return box.clickedButton() is leave

    def _restore(self) -> None:
        if self.settings.value("desk/lamp", False, bool):
            self.actions_by_id["view.lamp"].setChecked(True)
        if self.settings.value("desk/left_handed", False, bool):
            self.actions_by_id["view.left_handed"].setChecked(True)

    def _folder(self) -> str:
        return str(self.settings.value("files/folder", str(Path.home())))

    def _remember(self, path: Path) -> None:
        self.settings.setValue("files/folder", str(path.parent))

    def _suggested(self, suffix: str) -> str:
        path = self.document.path
        return str(path.with_suffix(suffix) if path else Path(self._folder()) / (self.document.title + suffix))


def _side(width: int, parts: list[tuple[QWidget, int]]) -> QWidget:
    side = QWidget(objectName="chrome")
    side.setAttribute(Qt.WidgetAttribute.WA_StyledBackground)
    side.setFixedWidth(width)
    layout = QVBoxLayout(side)
    layout.setContentsMargins(0, 0, 0, 0)
    layout.setSpacing(0)
    for part, stretch in parts:
        layout.addWidget(part, stretch)
    return side


def _line(*, upright: bool = False) -> QFrame:
    line = QFrame(objectName="line")
    if upright:
        line.setFixedWidth(1)
    else:
        line.setFixedHeight(1)
    _color_line(line)
    return line


def _color_line(line: QFrame) -> None:
    line.setStyleSheet(f"background: {current().hairline};")
