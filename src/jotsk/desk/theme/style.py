"""Putting a theme on the application."""

from __future__ import annotations

from functools import cache
from pathlib import Path
from tempfile import TemporaryDirectory

from PySide6.QtGui import QColor, QFont, QFontDatabase, QPalette
from PySide6.QtWidgets import QApplication

import jotsk.desk
from jotsk.desk.icons import drawing
from jotsk.desk.theme.palette import DAY, Theme

FAMILY, JAPANESE = "Atkinson Hyperlegible Next", "Noto Sans JP"
TEXT_PX, SMALL_PX = 13, 12
THICK = 2.5  # of the lines of icons that are reduced to less than half
# Of the application. To set the style in Python is to wrap it, with all its enumerations: 20 ms of a start.
ARGUMENTS = ("jotsk", "-style", "fusion")

_current = DAY


def current() -> Theme:
    """The theme that is on."""
    return _current


def load_fonts(*, japanese: bool = False) -> None:
    """Have the application's type; with `japanese` also its letters, unless the desktop has some."""
    folder = Path(jotsk.desk.__file__).parent / "fonts"
    needs_japanese = japanese and not QFontDatabase.families(QFontDatabase.WritingSystem.Japanese)
    for entry in folder.iterdir():
        if entry.name.endswith(".ttf") and (needs_japanese or not entry.name.startswith("NotoSansJP")):
            QFontDatabase.addApplicationFontFromData(entry.read_bytes())


@cache
def font(px: int = TEXT_PX, *, weight: QFont.Weight = QFont.Weight.Normal) -> QFont:
    """The application's type with tabular digits."""
    made = QFont([FAMILY, JAPANESE])
    made.setPixelSize(px)
    made.setWeight(weight)
    made.setFeature(QFont.Tag("tnum"), 1)
    return made


def apply_theme(app: QApplication, theme: Theme) -> None:
    """Make `theme` the current one: palette and type. Widgets that paint themselves ask `current`; the style sheet is
    put on by `Dressing`."""
    global _current
    _current = theme
    app.setFont(font())
    palette = QPalette()
    for role, color in (
        (QPalette.ColorRole.Window, theme.chrome), (QPalette.ColorRole.WindowText, theme.text),
        (QPalette.ColorRole.Base, theme.raised), (QPalette.ColorRole.AlternateBase, theme.sunken),
        (QPalette.ColorRole.Text, theme.text), (QPalette.ColorRole.Button, theme.chrome),
        (QPalette.ColorRole.ButtonText, theme.text), (QPalette.ColorRole.Highlight, theme.accent),
        (QPalette.ColorRole.HighlightedText, theme.raised), (QPalette.ColorRole.ToolTipBase, theme.raised),
        (QPalette.ColorRole.ToolTipText, theme.text), (QPalette.ColorRole.PlaceholderText, theme.quiet),
        (QPalette.ColorRole.Mid, theme.hairline), (QPalette.ColorRole.Link, theme.accent),
    ):  # fmt: skip
        palette.setColor(role, QColor(color))
    app.setPalette(palette)


def style_sheet() -> str:
    """The style sheet of the theme that is on."""
    return _sheet(_current)


@cache
def _drawn(name: str, color: str) -> str:
    """The path of an icon in a colour, as style sheets want it: in a folder that goes when we do."""
    path = Path(_folder().name, f"{name}-{color[1:]}.svg")
    path.write_text(drawing(name, color, thick=THICK))
    return str(path)


@cache
def _folder() -> TemporaryDirectory[str]:
    return TemporaryDirectory(prefix="jotsk-icons-")


@cache
def _sheet(t: Theme) -> str:
    return f"""
    QWidget {{ color: {t.text}; font-size: {TEXT_PX}px; }}
    QDialog, #chrome {{ background: {t.chrome}; }}
    QLabel[role="quiet"] {{ color: {t.quiet}; font-size: {SMALL_PX}px; }}
    QLabel[role="second"] {{ color: {t.quiet}; }}
    QLabel[role="heading"] {{ font-weight: 600; }}
    QLabel[role="name"] {{ font-weight: 600; font-size: 14px; }}
    QToolButton {{ border: none; background: transparent; padding: 3px; border-radius: 4px; }}
    QToolButton:hover {{ background: {t.sunken}; }}
    QToolButton:pressed {{ background: {t.hairline}; }}
    QToolButton:focus {{ border: 1px solid {t.accent}; }}
    QToolButton::menu-indicator {{ image: none; }}
    QPushButton {{
        background: {t.raised}; border: 1px solid {t.hairline}; border-radius: 4px; padding: 5px 12px;
        min-height: 20px; }}
    QPushButton[role="small"] {{ padding: 2px 4px; font-size: {SMALL_PX}px; }}
    QPushButton:hover {{ background: {t.sunken}; }}
    QPushButton:focus {{ border-color: {t.accent}; }}
    QPushButton:disabled, QToolButton:disabled {{ color: {t.quiet}; }}
    QPushButton:checked {{ border: 2px solid {t.accent}; font-weight: 600; }}
    QTabWidget::pane {{ border: none; border-top: 1px solid {t.hairline}; }}
    QTabBar::tab {{ background: transparent; border: none; padding: 7px 11px; color: {t.quiet}; }}
    QTabBar::tab:selected {{ color: {t.text}; font-weight: 600; border-bottom: 2px solid {t.accent}; }}
    QListView {{ background: {t.raised}; border: 1px solid {t.hairline}; outline: none; }}
    QTreeView::item {{ padding: 3px 4px; }}
    QComboBox QAbstractItemView {{ background: {t.raised}; selection-background-color: {t.sunken};
        selection-color: {t.text}; }}
    QLineEdit {{
        background: transparent; border: none; border-bottom: 1px solid transparent; padding: 2px 0;
        selection-background-color: {t.accent}; }}
    QLineEdit {{ placeholder-text-color: {t.quiet}; }}
    QCheckBox {{ min-height: 24px; min-width: 24px; }}
    QLineEdit:hover {{ border-bottom-color: {t.hairline}; }}
    QLineEdit:focus {{ border-bottom-color: {t.accent}; }}
    QDialog QLineEdit, QAbstractSpinBox, QComboBox {{
        background: {t.raised}; border: 1px solid {t.hairline}; border-radius: 4px; padding: 3px 6px;
        min-height: 18px; }}
    QDialog QLineEdit:focus, QAbstractSpinBox:focus, QComboBox:focus {{ border-color: {t.accent}; }}
    QDialog QLineEdit:read-only {{ background: transparent; border-color: transparent; font-weight: 600; }}
    QAbstractSpinBox QLineEdit {{ border: none; padding: 0; min-height: 0; }}
    QComboBox::drop-down {{ border: none; width: 20px; }}
    QComboBox::down-arrow {{ image: url({_drawn("chevron-down", t.quiet)}); width: 12px; height: 12px; }}
    QAbstractSpinBox::up-button, QAbstractSpinBox::down-button {{ border: none; width: 16px; }}
    QAbstractSpinBox::up-arrow {{ image: url({_drawn("chevron-up", t.quiet)}); width: 9px; height: 9px; }}
    QAbstractSpinBox::down-arrow {{ image: url({_drawn("chevron-down", t.quiet)}); width: 9px; height: 9px; }}
    QCheckBox::indicator, QListView::indicator {{
        width: 14px; height: 14px; border: 1px solid {t.quiet}; border-radius: 3px; background: {t.raised}; }}
    QCheckBox::indicator:checked, QListView::indicator:checked {{ image: url({_drawn("check", t.text)}); }}
    QSlider::groove:horizontal {{ height: 2px; background: {t.hairline}; }}
    QSlider::sub-page:horizontal {{ height: 2px; background: {t.text}; }}
    QSlider::handle:horizontal {{
        width: 10px; margin: -6px 0; border: 2px solid {t.text}; border-radius: 7px; background: {t.raised}; }}
    QMenu {{ background: {t.raised}; border: 1px solid {t.hairline}; padding: 4px 0; }}
    QMenu::item {{ padding: 6px 28px 6px 16px; }}
    QMenu::item:selected {{ background: {t.sunken}; }}
    QMenu::item:disabled {{ color: {t.quiet}; }}
    QMenu::separator {{ height: 1px; background: {t.hairline}; margin: 4px 12px; }}
    QToolTip {{
        background: {t.raised}; color: {t.text}; border: 1px solid {t.hairline}; padding: 4px 6px; }}
    QScrollArea {{ border: none; background: transparent; }}
    QScrollArea > QWidget > QWidget {{ background: transparent; }}
    QScrollBar:vertical {{ background: transparent; width: 8px; }}
    QScrollBar::handle:vertical {{ background: {t.hairline}; border-radius: 4px; min-height: 24px; }}
    QScrollBar::add-line, QScrollBar::sub-line {{ height: 0; }}
    QProgressBar {{ background: {t.sunken}; border: none; border-radius: 2px; max-height: 4px; }}
    QProgressBar::chunk {{ background: {t.accent}; border-radius: 2px; }}
    """
