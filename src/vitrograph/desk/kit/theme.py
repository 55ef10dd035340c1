"""Colours, type and the style sheet: one quiet face, figures tabular, one accent, spacing in steps of 4 px."""

from functools import cache
from string import Template

from PySide6.QtCore import QSize, Qt
from PySide6.QtGui import QColor, QFont, QFontDatabase, QGuiApplication, QPalette
from PySide6.QtWidgets import QApplication, QWidget

from vitrograph.data import SHIPPED
from vitrograph.desk.kit.look import Look

STEP = 4
AFTER_VIEWS_MS = 80                # cards, and the line, when another piece is taken in hand or letters are typed

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
LEAST_VIEW = QSize(230, 280)       # two views and a card fit on a screen of 800 x 600
_OF_SCREEN = 0.94                  # as much as a window beside the main one takes at most
_FAMILY = "Atkinson Hyperlegible"
_FURTHER = "Atkinson Hyperleg ext"  # as long a name, for its letters beyond those of western Europe


def use(look: Look) -> None:
    """Take the light colours for the room round the work, or the dark ones, and a size of writing.

    Before any window is made: what stands already keeps what it was made with. A desktop that does not say how it
    looks gets the dark ones.
    """
    desktop = look.theme == "desktop" and QGuiApplication.styleHints().colorScheme() is Qt.ColorScheme.Light
    globals().update(_LIGHT if desktop or look.theme == "light" else _DARK)
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
    folder = SHIPPED / "fonts" / "atkinson-hyperlegible"
    for part in ("latin", "latin-ext"):
        for weight in (400, 700):
            data = (folder / f"atkinson-hyperlegible-{part}-{weight}-normal.ttf").read_bytes()
            if part == "latin-ext":                            # of one family only one file is asked for letters
                data = data.replace(_FAMILY.encode("utf-16-be"), _FURTHER.encode("utf-16-be"))
            QFontDatabase.addApplicationFontFromData(data)


def font(scale: float = 1.0, *, bold: bool = False) -> QFont:
    """The interface face at a multiple of the system's text size, with tabular figures."""
    made = QFont([_FAMILY, _FURTHER])
    made.setPointSizeF(max(7.0, _base_points() * TEXT_SIZE * scale))
    made.setBold(bold)
    made.setFeature(QFont.Tag("tnum"), 1)
    return made


def dress(window: QWidget, name: str, title: str, size: tuple[int, int]) -> None:
    """Name, title, ground and size of a window beside the main one: larger for larger writing, where there is room."""
    window.setObjectName(name)
    window.setWindowTitle(title)
    window.setStyleSheet(f"QDialog#{name} {{ background: {CARD}; }}")
    room = window.screen().availableSize() * _OF_SCREEN
    window.resize((QSize(*size) * max(1.0, TEXT_SIZE)).boundedTo(room))


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
    light = "" if _DARK["CHROME"] == CHROME else "-light"
    drawn = {"DOWN": f"arrow-down{light}.svg", "UP": f"arrow-up{light}.svg", "TICK": "tick.svg"}
    colours = {name: globals()[name] for name in _LIGHT}
    sheet = Template((SHIPPED / "window.qss").read_text("utf-8"))
    app.setStyleSheet(sheet.substitute(colours, **{name: str(SHIPPED / file) for name, file in drawn.items()}))
