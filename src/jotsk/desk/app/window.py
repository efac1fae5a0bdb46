"""The window: puts board, trays and controllers together."""

from __future__ import annotations

from functools import cached_property, partial
from pathlib import Path

from PySide6.QtCore import QEvent, QPointF, QSize, Qt, QTimer
from PySide6.QtGui import QCloseEvent, QColor, QDragEnterEvent, QDropEvent, QKeyEvent, QPalette
from PySide6.QtWidgets import QApplication, QHBoxLayout, QMainWindow, QVBoxLayout, QWidget

from jotsk.core.guides.settling import HOLD_S
from jotsk.core.ink import Color
from jotsk.core.page.light import Light
from jotsk.core.words import tr
from jotsk.desk.actions import make_actions
from jotsk.desk.app import stage_room
from jotsk.desk.app.desk_memory import DeskMemory
from jotsk.desk.app.gc_pauses import GcPauses
from jotsk.desk.app.hints import HintStrip
from jotsk.desk.app.settings_room import LONGEST_HOLD_S, SHORTEST_HOLD_S, read_again
from jotsk.desk.app.status import StatusStrip
from jotsk.desk.app.wiring import connect
from jotsk.desk.board.board import Board
from jotsk.desk.board.strips.check_strip import CheckStrip
from jotsk.desk.commands.area_commands import AreaCommands
from jotsk.desk.commands.guide_commands import GuideCommands
from jotsk.desk.commands.keys import HoldKeys
from jotsk.desk.commands.keys_back import KeysBack
from jotsk.desk.commands.line_commands import LineCommands
from jotsk.desk.commands.page_commands import PageCommands
from jotsk.desk.commands.pen_buttons import PenButtons
from jotsk.desk.commands.practice_commands import PracticeCommands, screen_angle
from jotsk.desk.commands.print_size import PrintSize
from jotsk.desk.commands.sheets import Sheets
from jotsk.desk.document.document import Document
from jotsk.desk.document.practice import Practice
from jotsk.desk.guides.guide_sets import GuideSets
from jotsk.desk.inout.filing import Filing
from jotsk.desk.inout.own_files import finish_writing
from jotsk.desk.inout.settings import Settings
from jotsk.desk.key_map import KeyMap
from jotsk.desk.pens.hand import Hand
from jotsk.desk.pens.palette import DeskPalette
from jotsk.desk.pens.pen_library import PenLibrary
from jotsk.desk.pens.pressure_curves import read_pressure_curves, read_tremors, write_tremors
from jotsk.desk.recovery.autosave import Autosave
from jotsk.desk.recovery.recovery_folder import RecoveryFolder
from jotsk.desk.stages import BY_ID as STAGES
from jotsk.desk.stages import Stage
from jotsk.desk.theme import DAY, LAMP, Dressing, apply_theme
from jotsk.desk.trays.checking import CheckingTray, kept_limits
from jotsk.desk.trays.doing import Doing
from jotsk.desk.trays.effects import EffectsCard
from jotsk.desk.trays.filling import FillingTray
from jotsk.desk.trays.guides import GuideTray
from jotsk.desk.trays.history import HistoryTray
from jotsk.desk.trays.inkwell import Inkwell
from jotsk.desk.trays.last_line import LastLineTray
from jotsk.desk.trays.layers import LayerTray
from jotsk.desk.trays.line_weights import LineWeightsTray
from jotsk.desk.trays.look_list import LookList
from jotsk.desk.trays.mending import MendingTray
from jotsk.desk.trays.overview import Overview
from jotsk.desk.trays.pen_settings import PenSettingsTray
from jotsk.desk.trays.pens import PenTray
from jotsk.desk.trays.tool_list import ToolList
from jotsk.desk.trays.top import TopBar
from jotsk.desk.widgets.asking import ask_number
from jotsk.desk.widgets.faults import handled
from jotsk.desk.widgets.place import Place

HAND_PX, PAGE_PX, FOOT_PX = 112, 248, 100
GUIDES_PX = 196
FLOAT_PX = 10  # between the edge of the board and what floats over it


class Window(QMainWindow):
    """One window, one page."""

    def __init__(self, settings: Settings, recovery: RecoveryFolder, own_folder: Path | None = None) -> None:
        super().__init__()
        self._is_closing = False
        self.settings, self.recovery = settings, recovery
        self.document = Document(self)
        self.autosave = Autosave(self.document, recovery, self)
        self.folder = folder = own_folder or recovery.folder
        self.hand = Hand(PenLibrary(folder, self), self)
        self.desk_palette = DeskPalette(folder, self)
        self.hand.feels, self.hand.tremors = read_pressure_curves(settings), read_tremors(settings)
        self.filing = Filing(self.document, self)
        self.actions_by_id = make_actions(self)
        self.key_map = KeyMap(settings, self)
        self.key_map.changed.connect(lambda: self.key_map.assign(self.actions_by_id))
        self.key_map.assign(self.actions_by_id)
        self.board = Board(self.document, self.hand, self)
        self.board.shows_welcome = True
        self.status = StatusStrip(self.board)
        self.hints = HintStrip(settings, self.board)
        self.pages = PageCommands(
            self.document, self.board, self.filing, self.autosave, recovery, settings, self.status.tell
        )
        self.guide_sets = GuideSets(folder, self.board.guiding, self.status.tell)
        self.guide_commands = GuideCommands(self.document, self.board, self.guide_sets, self.status.tell)
        self.line_commands = LineCommands(self.document, self.board, self.hand)
        self.area_commands = AreaCommands(self.document, self.board, self.hand)
        self.print_size = PrintSize(self.board, settings, self.status.tell)
        self.sheets = Sheets(
            self.document, self.board, self.hand, self.desk_palette, self.key_map, settings, self.status.tell
        )
        self.practice = Practice(self.document, folder / "practice.csv", lambda angle: screen_angle(self.board, angle))
        self.practice_commands = PracticeCommands(
            self.document, self.board, self.pages, self.practice, settings, self.status.tell
        )
        self.strips = {name: strip for name, tool in self.board.tools.items() if (strip := tool.strip()) is not None}
        self.strips["check"] = CheckStrip(self.board)
        self.strips["practice"] = self.practice_commands.strip()
        self.hints.give_way_to(list(self.strips.values()))
        self.overview = Overview(self.document, self.board)
        self.history = HistoryTray(self.document, self.board)
        self.dressing = Dressing(self)
        self.document.checks.set_limits(kept_limits(settings))
        self._build()
        self.gc_pauses = GcPauses(lambda: self.board.is_busy() or self.filing.jobs.is_busy, self)
        self.document.opened.connect(self.gc_pauses.set_aside)
        self.autosave.begun.connect(self.gc_pauses.set_aside)
        self.hold_keys = HoldKeys(self.board, self.hand, self.key_map)
        self.pen_buttons = PenButtons(self.board, self.hold_keys, self.actions_by_id, settings)
        self.keys_back = KeysBack(self, self.board)
        connect(self)
        self.resize(1280, 800)
        self.setAcceptDrops(True)
        self.memory = DeskMemory(self)
        self.memory.put_back()
        if self.hand.library.trouble:
            self.status.tell(self.hand.library.trouble)
        self.refresh_title()
        read_again(self)
        if self.actions_by_id["view.lamp"].isChecked():
            self.dressing.finish()
        self.memory.watch()
        self.board.setFocus()

    # -- layout --------------------------------------------------------------------------------

    def _build(self) -> None:
        self.top = TopBar(self.document, self.board, self.actions_by_id, self)
        self.doing = Doing(self)
        self.pens = PenTray(self.hand, self.actions_by_id, self)
        self.inkwell = Inkwell(self.hand, self.desk_palette, self)
        self.layers = LayerTray(self.document, self.actions_by_id, self)
        self.guides = GuideTray(self.board, self.actions_by_id, self.guide_sets, self)
        self.pen_settings = PenSettingsTray(self.hand, self)
        self.last_line = LastLineTray(self.document, self.hand, self)
        self.guides.setFixedHeight(GUIDES_PX)

        self.tool_list = ToolList(self.actions_by_id, self)
        self.line_commands.points.told.changed.connect(self.show_points)
        self.look_list = LookList(self.document.checks, self)
        self.hand_side = _side(
            HAND_PX,
            [
                (self.doing, 0),
                (self.tool_list, 0),
                (self.look_list, 0),
                (self.pens, 1),
                (_line(), 0),
                (self.inkwell, 0),
            ],
        )
        self.effects = EffectsCard(self.document, self)
        self.page_side = _side(PAGE_PX, [(self.layers, 1), (self.effects, 0), (_line(), 0), (self.guides, 0)])
        self.foot = QWidget()
        self.foot.setFixedHeight(FOOT_PX)
        foot = QHBoxLayout(self.foot)
        foot.setContentsMargins(0, 0, 0, 0)
        foot.setSpacing(0)
        self.settings_place = Place(self.pen_settings)
        foot.addWidget(self.settings_place, 1)
        self.beside_line = _line(upright=True)
        foot.addWidget(self.beside_line)
        self.line_weights = LineWeightsTray(self.document, self)
        self.line_place = Place(self.last_line, self.line_weights)
        foot.addWidget(self.line_place, 1)

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
        for part, then in (
            (self.board, (self.board.theme_changed, self.hints.theme_changed)),
            (self.top, (self.top.theme_changed,)),
            (self.pens, ()),
            (self.tool_list, ()),
            (self.inkwell, ()),
            (self.layers, (self.layers.theme_changed,)),
            (self.effects, (self.effects.theme_changed,)),
            (self.guides, (self.guides.theme_changed,)),
            (self.pen_settings, (self.pen_settings.theme_changed,)),
            (self.last_line, (self.last_line.theme_changed,)),
            (self.line_weights, (self.line_weights.theme_changed,)),
            (self.look_list, ()),
        ):
            self.dressing.add(part, *then)

    @cached_property
    def mending(self) -> MendingTray:
        """What the mending tools are set to; as the two below, made when it is shown first."""
        tray = MendingTray(self.hand, self)
        tray.simplify.clicked.connect(self.line_commands.simplify)
        self._add_settings(tray)
        return tray

    @cached_property
    def filling(self) -> FillingTray:
        tray = FillingTray(self.hand, self)
        tray.light_at.changed.connect(
            lambda angle, finished: self.document.page_edits.set_light(Light(angle), finished=finished)
        )
        self._add_settings(tray)
        return tray

    @cached_property
    def checking(self) -> CheckingTray:
        tray = CheckingTray(self.document, self.settings)
        self._add_settings(tray)
        return tray

    def _add_settings(self, tray: QWidget) -> None:
        self.settings_place.add(tray)
        self.dressing.add(tray)

    def show_stage(self, stage: Stage) -> None:
        """Put what the stage needs into the hand; nothing is locked."""
        self.stage = stage
        stage_room.show_stage(self, stage)

    def trace_under(self) -> None:
        """Make the layer the sketch, and go on in ink."""
        self.document.layers.trace_under()
        self.show_stage(STAGES["ink"])

    def set_bare(self, bare: bool) -> None:
        """Show nothing but the board, or everything again."""
        layout = self.centralWidget().layout()
        layout.setEnabled(False)  # laid out once, not after each of them
        for widget in (self.top, self.foot, *self._lines, *self._edges):
            widget.setVisible(not bare)
        self.hand_side.setVisible(not bare and self.actions_by_id["view.hand"].isChecked())
        self.page_side.setVisible(not bare and self.actions_by_id["view.page"].isChecked())
        layout.setEnabled(True)
        layout.activate()

    def set_left_handed(self, left_handed: bool) -> None:
        """Mirror the desk, and lay the keys under the other hand."""
        direction = QHBoxLayout.Direction
        way = direction.RightToLeft if left_handed else direction.LeftToRight
        self._middle.setDirection(way)
        self.foot.layout().setDirection(way)
        self.key_map.set_left_handed(left_handed)
        self.settings.set("desk/left_handed", left_handed)
        self.place_floats()

    def recolor_chosen(self, color: Color) -> None:
        """A swatch was pressed: it is for the chosen lines too."""
        if self.document.selection.lines:
            self.document.selection.recolor(color)

    def show_doing(self) -> None:
        stage_room.show_doing(self)

    def show_points(self) -> None:
        self.mending.tolerance.remark.setText(self.line_commands.points.figures)

    def undo(self) -> None:
        """Of what a tool has on its way the last part; else the last change of the page."""
        if self.board.tool.can_undo:
            self.board.tool.undo()
        else:
            self.document.undo()

    def escape(self) -> None:
        """Back to drawing, a step at a time: from a field to the board, from what is under way to nothing."""
        if self.board.hasFocus() or self.board.session is not None:
            self.board.drop_stroke()
        else:
            self.board.setFocus()

    def show_floating(self, panel: QWidget, shown: bool) -> None:
        panel.setVisible(shown)
        self.place_floats()

    def place_floats(self) -> None:
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

    def set_settles(self, on: bool) -> None:
        """Whether a stroke that ends at rest becomes the shape it resembles."""
        self.settings.set("hand/settles", on)
        read_again(self)

    def ask_settle_time(self) -> None:
        """How long the pen rests before its stroke settles."""
        now = self.settings.get("hand/settle_s", HOLD_S)
        what, why = tr("Time to settle"), tr("Seconds the pen rests at the end of a stroke")
        seconds = ask_number(self.board, what, why, now, SHORTEST_HOLD_S, LONGEST_HOLD_S, 2)
        if seconds is not None:
            self.settings.set("hand/settle_s", seconds)
            self.actions_by_id["guide.settle"].setChecked(True)
            read_again(self)

    def set_fingers_draw(self, on: bool) -> None:
        self.board.fingers_draw = on
        self.settings.set("hand/fingers_draw", on)

    def pen_seen(self) -> None:
        """From now on fingers move the page, unless one has asked for something else."""
        if not self.settings.has("hand/fingers_draw"):
            self.actions_by_id["hand.fingers"].setChecked(False)

    def show_frames(self, shown: bool) -> None:
        self.board.shows_frames = shown
        self.board.update()

    def set_lamp(self, lamp: bool) -> None:
        app = QApplication.instance()
        assert isinstance(app, QApplication)
        apply_theme(app, LAMP if lamp else DAY)
        self.settings.set("desk/lamp", lamp)
        self.dressing.begin()

    # -- files ---------------------------------------------------------------------------------

    def show_pages(self) -> None:
        pages = self.pages
        others = [(a.title, a.is_unsaved, partial(pages.take_up, a)) for a in pages.open_pages.aside]
        self.top.show_pages(others)

    def refresh_title(self) -> None:
        document = self.document
        self.setWindowTitle(f"{document.title}[*] - Jotsk")
        self.setWindowModified(document.is_unsaved)
        for entry_id, label, word in (
            ("edit.undo", document.undo_label, tr("Undo")), ("edit.redo", document.redo_label, tr("Redo")),
        ):  # fmt: skip
            self.actions_by_id[entry_id].setText(f"{word} {label[0].lower()}{label[1:]}" if label else word)
            self.actions_by_id[entry_id].setEnabled(label is not None)
        if self.board.tool.can_undo:
            self.actions_by_id["edit.undo"].setText(
                tr("Undo the last point") if self.board.pictures.placing is None else tr("Undo the move")
            )
            self.actions_by_id["edit.undo"].setEnabled(True)

    @handled
    def dragEnterEvent(self, event: QDragEnterEvent) -> None:
        data = event.mimeData()
        if data.hasColor() or any(url.isLocalFile() for url in data.urls()):
            event.acceptProposedAction()

    @handled
    def dropEvent(self, event: QDropEvent) -> None:
        """A page dropped on the window is opened; pictures are placed on the present page; a drop of ink fills the area
        it falls on."""
        if event.mimeData().hasColor():
            at = self.board.mapFrom(self, event.position().toPoint())
            if self.board.rect().contains(at):
                self.area_commands.drop_ink(QColor(event.mimeData().colorData()), self.board.to_page(QPointF(at)))
                event.acceptProposedAction()
            return
        if self.pages.take(event.mimeData(), may_open=True):
            event.acceptProposedAction()

    @handled
    def keyPressEvent(self, event: QKeyEvent) -> None:
        if not self.hold_keys.pressed(event):
            super().keyPressEvent(event)

    @handled
    def keyReleaseEvent(self, event: QKeyEvent) -> None:
        if not self.hold_keys.released(event):
            super().keyReleaseEvent(event)

    @handled
    def changeEvent(self, event: QEvent) -> None:
        super().changeEvent(event)
        if event.type() == QEvent.Type.ActivationChange and not self.isActiveWindow():
            self.hold_keys.release_all()

    @handled
    def closeEvent(self, event: QCloseEvent) -> None:
        """Unsaved work is in the journal, and there at the next start. What is being written is waited for, with its
        progress: the outcome of a save decides what is unsaved."""
        self.board.finish_stroke()
        self.document.come_to_rest()
        jobs = self.filing.jobs
        jobs.stop_looks()
        if jobs.is_busy:
            event.ignore()
            if not self._is_closing:
                self._is_closing = True
                self.status.add(tr("{title}, then the window closes…", title=jobs.jobs[0].title))
                jobs.emptied.connect(self._close_soon, Qt.ConnectionType.SingleShotConnection)
            return
        self._is_closing = False
        self.sheets.keep_drafts()
        if self.pages.keep_unsaved():
            self.autosave.end()
            write_tremors(self.settings, self.hand.tremors)
            self.memory.keep()
            finish_writing()
            event.accept()
        else:
            event.ignore()

    def _close_soon(self) -> None:
        QTimer.singleShot(0, self, self.close)

    def open(self, path: Path) -> None:
        self.pages.open(path)

    def sizeHint(self) -> QSize:
        return QSize(1280, 800)


def _side(width: int, parts: list[tuple[QWidget, int]]) -> QWidget:
    side = QWidget()
    side.setFixedWidth(width)
    layout = QVBoxLayout(side)
    layout.setContentsMargins(0, 0, 0, 0)
    layout.setSpacing(0)
    for part, stretch in parts:
        layout.addWidget(part, stretch)
    return side


def _line(*, upright: bool = False) -> QWidget:
    line = QWidget()
    line.setAutoFillBackground(True)
    line.setBackgroundRole(QPalette.ColorRole.Mid)
    if upright:
        line.setFixedWidth(1)
    else:
        line.setFixedHeight(1)
    return line
