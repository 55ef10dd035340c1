"""Colours, type and the style sheet: one quiet face, figures tabular, one accent, spacing in steps of 4 px."""

from functools import cache
from importlib import resources

from PySide6.QtGui import QColor, QFont, QFontDatabase, QPalette
from PySide6.QtWidgets import QApplication, QWidget

from vitrograph.desk.kit.look import Look

STEP = 4

# the room round the work, dark or light
CHROME = "#20262B"
CARD = "#2A3137"
RAISED = "#363F46"
HOVER = "#414C54"
LINE = "#4B565E"
FIELD_EDGE = "#7C8890"
TEXT = "#ECE8DE"
QUIET = "#A9B0B3"
FAINT = "#8D969B"
CAUTION = "#4A2F2C"
ACCENT = "#F0B04A"
ACCENT_HOVER = "#F7C26C"
ON_ACCENT = "#1B1508"
GOOD = "#7CC6A4"
WATCH = "#F2B84B"
STOP = "#F0766E"
# black card and white paper, which are the same in either
BLACK_CARD = "#14171A"
LIT_TEXT = "#ECE8DE"
LIT_QUIET = "#A9B0B3"
LIT_ACCENT = "#F0B04A"
LIT_GOOD = "#7CC6A4"
LIT_STOP = "#F0766E"
FROST = "#E9F3F7"
PAPER = "#F3F0E8"
PAPER_GRID = "#DAD6C9"
PAPER_INK = "#33393D"
PAPER_QUIET = "#5F666A"
FILM = "#2F8F83"
ISLAND = "#17564F"

_LIGHT = {"CHROME": "#D6DBDD", "CARD": "#EEF0EF", "RAISED": "#CCD3D6", "HOVER": "#BCC5C9", "LINE": "#8F9AA0",
          "FIELD_EDGE": "#66727A", "TEXT": "#1B2125", "QUIET": "#454F55", "FAINT": "#6A757B", "CAUTION": "#F3D9D5",
          "ACCENT": "#D98A16", "ACCENT_HOVER": "#E79B2B", "ON_ACCENT": "#1B1508", "GOOD": "#1D7350", "WATCH": "#8F5B00",
          "STOP": "#B0231B"}
_LEVELS = {"good": "GOOD", "done": "GOOD", "under way": "ACCENT", "note": "QUIET", "watch": "WATCH", "stop": "STOP",
           "open": "QUIET"}
# on paper the same states need darker inks to keep a contrast of 4.5:1
PAPER_LEVELS = {"note": "#44505A", "watch": "#8A5A00", "stop": "#B3261E"}

_DARK = {name: globals()[name] for name in _LIGHT}
TEXT_SIZE = 1.0
_FAMILY = "Atkinson Hyperlegible"


def use(look: Look) -> None:
    """Take the light colours for the room round the work, or the dark ones, and a size of writing.

    Before any window is made: what stands already keeps what it was made with.
    """
    globals().update(_LIGHT if look.theme == "light" else _DARK)
    globals()["TEXT_SIZE"] = look.text


def level_colour(level: str) -> str:
    """The colour of a state or of a finding's level."""
    return str(globals()[_LEVELS[level]])


def colour(name: str, alpha: float = 1.0) -> QColor:
    """A colour of the palette, made translucent by `alpha`."""
    made = QColor(name)
    made.setAlphaF(alpha)
    return made


@cache
def _load_faces() -> None:
    folder = resources.files("vitrograph.data") / "fonts" / "atkinson-hyperlegible"
    for part in ("latin-400", "latin-700", "latin-ext-400", "latin-ext-700"):
        data = (folder / f"atkinson-hyperlegible-{part}-normal.ttf").read_bytes()
        QFontDatabase.addApplicationFontFromData(data)


def font(scale: float = 1.0, *, bold: bool = False) -> QFont:
    """The interface face at a multiple of the system's text size, with tabular figures."""
    made = QFont(_FAMILY)
    made.setPointSizeF(max(7.0, _base_points() * TEXT_SIZE * scale))
    made.setBold(bold)
    made.setFeature(QFont.Tag("tnum"), 1)
    return made


def dress(window: QWidget, name: str, title: str, size: tuple[int, int]) -> None:
    """Name, title, ground and size of a window beside the main one."""
    window.setObjectName(name)
    window.setWindowTitle(title)
    window.setStyleSheet(f"QDialog#{name} {{ background: {CARD}; }}")
    window.resize(*size)


@cache
def _base_points() -> float:
    points = QApplication.font().pointSizeF()
    return points if points > 0 else 10.0


def apply(app: QApplication) -> None:
    """Dress the whole program."""
    _base_points()
    _load_faces()
    app.setStyle("Fusion")
    app.setFont(font())
    palette = QPalette()
    for role, name in (
        (QPalette.ColorRole.Window, CHROME), (QPalette.ColorRole.WindowText, TEXT), (QPalette.ColorRole.Base, CHROME),
        (QPalette.ColorRole.Text, TEXT), (QPalette.ColorRole.Button, RAISED), (QPalette.ColorRole.ButtonText, TEXT),
        (QPalette.ColorRole.Highlight, ACCENT), (QPalette.ColorRole.HighlightedText, ON_ACCENT),
        (QPalette.ColorRole.ToolTipBase, CARD), (QPalette.ColorRole.ToolTipText, TEXT),
        (QPalette.ColorRole.PlaceholderText, QUIET), (QPalette.ColorRole.AlternateBase, CARD),
    ):
        palette.setColor(role, QColor(name))
    app.setPalette(palette)
    arrow = "arrow-down.svg" if _DARK["CHROME"] == CHROME else "arrow-down-light.svg"
    app.setStyleSheet(_sheet().replace("ARROW", str(resources.files("vitrograph.data") / arrow)))


def _sheet() -> str:
    return f"""
QWidget#shell, QWidget#topBar, QWidget#askBar, QWidget#workBar {{ background: {CHROME}; }}
QScrollArea, QWidget#card, QWidget#cardBody {{ background: {CARD}; border: none; }}
QLabel {{ color: {TEXT}; background: transparent; }}
QLabel[role="quiet"] {{ color: {QUIET}; }}
QLabel[role="error"] {{ color: {STOP}; }}
QLabel[role="caution"] {{ color: {TEXT}; background: {CAUTION}; border-left: 4px solid {STOP}; padding: 8px; }}
QLabel[role="reading"] {{ color: {TEXT}; }}
QLineEdit, QPlainTextEdit, QComboBox, QTableWidget {{
    background: {CHROME}; color: {TEXT}; border: 1px solid {FIELD_EDGE}; border-radius: 4px; padding: 4px 8px;
    selection-background-color: {ACCENT}; selection-color: {ON_ACCENT}; }}
QLineEdit:focus, QPlainTextEdit:focus, QComboBox:focus, QTableWidget:focus {{ border: 1px solid {ACCENT}; }}
QLineEdit[wrong="true"] {{ border: 1px solid {STOP}; }}
QComboBox::drop-down {{ border: none; background: transparent; width: 22px; }}
QComboBox::down-arrow {{ image: url("ARROW"); width: 12px; height: 8px; }}
QComboBox QAbstractItemView {{ background: {CHROME}; color: {TEXT}; border: 1px solid {FIELD_EDGE}; }}
QPushButton {{ background: {RAISED}; color: {TEXT}; border: 1px solid transparent; border-radius: 4px;
    padding: 6px 12px; }}
QPushButton:hover {{ background: {HOVER}; }}
QPushButton:focus {{ border: 1px solid {ACCENT}; }}
QPushButton:disabled {{ color: {FAINT}; background: {CHROME}; }}
QPushButton[role="accent"] {{ background: {ACCENT}; color: {ON_ACCENT}; font-weight: bold; }}
QPushButton[role="accent"]:hover {{ background: {ACCENT_HOVER}; }}
QPushButton[role="accent"]:focus {{ border: 1px solid {TEXT}; }}
QPushButton[role="accent"]:disabled {{ background: {RAISED}; color: {FAINT}; }}
QPushButton[role="flat"] {{ background: transparent; padding: 6px 8px; }}
QPushButton[role="flat"]:hover {{ background: {RAISED}; }}
QPushButton[role="flat"]:disabled {{ color: {FAINT}; }}
QPushButton[role="choice"] {{ background: {CHROME}; border: 1px solid {LINE}; border-radius: 0; padding: 5px 6px; }}
QPushButton[role="choice"]:hover {{ background: {RAISED}; }}
QPushButton[role="choice"]:checked {{ background: {TEXT}; color: {CHROME}; border-color: {TEXT}; font-weight: bold; }}
QPushButton[role="choice"]:focus {{ border: 1px solid {ACCENT}; }}
QCheckBox, QSpinBox {{ min-height: 24px; }}
QToolButton {{ background: {RAISED}; color: {TEXT}; border: 2px solid transparent; border-radius: 6px; padding: 6px; }}
QToolButton:hover {{ background: {HOVER}; }}
QToolButton:focus {{ border: 2px solid {TEXT}; }}
QToolButton:checked {{ border: 2px solid {ACCENT}; font-weight: bold; }}
QToolButton:disabled {{ color: {QUIET}; background: {CHROME}; }}
QScrollBar:vertical {{ background: {CARD}; width: 10px; margin: 0; }}
QScrollBar::handle:vertical {{ background: {LINE}; border-radius: 5px; min-height: 24px; }}
QScrollBar::add-line, QScrollBar::sub-line {{ height: 0; }}
QSplitter::handle {{ background: {CHROME}; }}
QMenu {{ background: {CARD}; color: {TEXT}; border: 1px solid {LINE}; padding: 4px; }}
QMenu::item {{ padding: 6px 24px 6px 12px; }}
QMenu::item:selected {{ background: {ACCENT}; color: {ON_ACCENT}; }}
QToolTip {{ background: {CARD}; color: {TEXT}; border: 1px solid {LINE}; padding: 4px; }}
QListWidget {{ background: {CHROME}; color: {TEXT}; border: 1px solid {FIELD_EDGE}; border-radius: 4px;
    outline: 0; }}
QListWidget::item {{ padding: 6px 10px; }}
QListWidget::item:hover {{ background: {RAISED}; }}
QListWidget::item:selected {{ background: {TEXT}; color: {CHROME}; }}
QListWidget::indicator {{ width: 14px; height: 14px; border: 1px solid {FIELD_EDGE}; border-radius: 3px;
    background: {CHROME}; }}
QListWidget::indicator:checked {{ background: {ACCENT}; border: 3px solid {CHROME}; }}
QListWidget#pieces::item {{ padding: 4px 6px; }}
QListWidget#helpers {{ border: none; border-radius: 0; }}
QListWidget#helpers::item {{ padding: 10px 14px; }}
QTableWidget {{ gridline-color: {LINE}; padding: 0; }}
QHeaderView::section {{ background: {RAISED}; color: {TEXT}; border: none; padding: 4px 8px; }}
"""
