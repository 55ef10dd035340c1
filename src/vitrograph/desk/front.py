"""The window that stands at once: as it looked when it was left, until the program behind it is read.

Its first picture needs Qt and nothing else. Then the rest is imported part by part, and the shell takes the picture's
place.
"""

import os
import signal
import sys
from functools import partial
from importlib import import_module
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import QPointF, QRectF, QSize, Qt, QTimer, Signal
from PySide6.QtGui import QCloseEvent, QColor, QIcon, QPainter, QPaintEvent, QPixmap
from PySide6.QtWidgets import QApplication, QVBoxLayout, QWidget

from vitrograph.core.language import spoken, tr
from vitrograph.data import SHIPPED
from vitrograph.desk.instance import hand_over, listen
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.look import default_file as look_file
from vitrograph.desk.kit.look import read_look
from vitrograph.desk.kit.painting import painting
from vitrograph.desk.seen import Seen, default_folder
from vitrograph.start import NEW

if TYPE_CHECKING:
    from vitrograph.desk.shell import Shell

# the rest of the program in parts that take a tenth of a second at the most
_READ = ("numpy", "shapely", "vitrograph.core.glass", "vitrograph.core.artwork", "vitrograph.core.fit",
         "vitrograph.core.stencil", "vitrograph.core.cut", "vitrograph.core.etch", "vitrograph.core.demo",
         "vitrograph.desk.bench", "vitrograph.desk.app")
_windows: "list[Front]" = []        # those that stand
_SCREENS = ("DISPLAY", "WAYLAND_DISPLAY", "QT_QPA_PLATFORM")
_DRESS_MS = 2500                   # when nothing waits any more
_TOP_PX, _CARD_PX = 166, 330       # what lies above and right of the views, where no picture is kept


class NoScreen(Exception):
    """There is no screen to open a window on; its text is the sentence to show."""


class Picture(QWidget):
    """The window as it was left, or an empty bench; and that the program is opening."""

    shown = Signal()

    def __init__(self, picture: QPixmap, name: str) -> None:
        super().__init__()
        self.picture, self.name = picture, name
        self.setAccessibleName(self._words())
        self._first = True

    def _words(self) -> str:
        return tr("Opening {name} …", name=self.name) if self.name else tr("Opening …")

    def paintEvent(self, event: QPaintEvent) -> None:
        with painting(self) as painter:
            painter.fillRect(self.rect(), QColor(theme.CHROME))
            if self.picture.isNull():
                self._paint_bench(painter)
            else:
                painter.drawPixmap(0, 0, self.picture)
            self._say(painter)
        if self._first:
            self._first = False
            QTimer.singleShot(0, self.shown.emit)

    def _paint_bench(self, painter: QPainter) -> None:
        wide, high = self.width() - _CARD_PX, self.height() - _TOP_PX
        painter.fillRect(QRectF(0, _TOP_PX, wide * 0.46, high), QColor(theme.BLACK_CARD))
        painter.fillRect(QRectF(wide * 0.46, _TOP_PX, wide * 0.54, high), QColor(theme.PAPER))
        painter.fillRect(QRectF(wide, _TOP_PX, _CARD_PX, high), QColor(theme.CARD))

    def _say(self, painter: QPainter) -> None:
        painter.setFont(theme.font())
        box = QRectF(0, self.height() - 38, self.width(), 38)
        painter.fillRect(box, QColor(theme.CARD))
        painter.fillRect(QRectF(box.topLeft(), QPointF(6, self.height())), QColor(theme.ACCENT))
        painter.setPen(QColor(theme.TEXT))
        painter.drawText(box.adjusted(18, 0, -18, 0), Qt.AlignmentFlag.AlignVCenter, self._words())


class Front(QWidget):
    """The program's window: first a picture, then the shell. (Qt's main window would paint the shell twice.)"""

    def __init__(self, path: Path | None, demo: str | None, faster: float = 1.0, seen: Seen | None = None) -> None:
        super().__init__()
        self.seen, self.faster = seen or Seen(default_folder()), faster
        self.path, one = self.seen.begun_with(path, demo)
        self.demo = None if demo == NEW else demo
        self.setWindowTitle("Vitrograph")
        self.resize(QSize(*self.seen.window.size).boundedTo(self.screen().availableSize()))
        if self.seen.window.maximized:
            self.setWindowState(Qt.WindowState.WindowMaximized)
        self.shell: Shell | None = None
        self.picture = Picture(QPixmap() if one is None else self.seen.picture(one), "" if one is None else one.name)
        self.picture.shown.connect(self._begin)
        self._room = QVBoxLayout(self)
        self._room.setContentsMargins(0, 0, 0, 0)
        self._room.addWidget(self.picture)

    def _begin(self) -> None:
        """Begin to read the rest of the program while the picture stands."""
        self._keep_on_screen()
        self._read(0)

    def _keep_on_screen(self) -> None:
        """Give way for the frame, which is known once the window stands."""
        room, framed = self.screen().availableGeometry(), self.frameGeometry()
        over = framed.size() - framed.size().boundedTo(room.size())
        if not (over.isNull() or self.isMaximized() or self.isFullScreen()):
            self.resize(self.size() - over)
            self.move(room.topLeft())

    def _read(self, step: int) -> None:
        """Read a part of it; between two the window answers. Another thread would take a quarter longer."""
        if not self.isVisible():                              # it may have been closed meanwhile
            return
        if step < len(_READ):
            import_module(_READ[step])
            QTimer.singleShot(0, self, partial(self._read, step + 1))
        else:
            self.shell = import_module("vitrograph.desk.app").fill(self)

    def show_shell(self, shell: "Shell") -> None:
        """Put the shell in the picture's place; the window's title follows its own."""
        shell.windowTitleChanged.connect(self.setWindowTitle)
        self._room.replaceWidget(self.picture, shell)
        self.picture.deleteLater()
        self.setWindowTitle(shell.windowTitle())

    def holds(self, path: Path) -> bool:
        """Whether an order's file is the one in hand here."""
        held = self.shell.bench.path if self.shell is not None else self.path if self.demo is None else None
        return held is not None and held.resolve() == path.resolve()

    def closeEvent(self, event: QCloseEvent) -> None:
        if self.shell is not None and not self.shell.close():
            event.ignore()
            return
        super().closeEvent(event)


def _dress(app: QApplication, *, shared: bool) -> None:
    """The icon, once the window stands; and, but for the demo, an ear for later starts."""
    if shared:
        listen(app, take_word)
    app.setWindowIcon(QIcon(str(SHIPPED / "desktop" / "vitrograph.svg")))


def open_window(path: Path | None, demo: str | None = None, faster: float = 1.0) -> int:
    """Open the window on an order's file, on the demo ("" is the whole order) or a piece of it, or on what was last.

    With `NEW` in the place of a piece a new order begins.

    Its clocks go `faster` than the wall's, to try an evening out. Raises NoScreen.
    """
    if not any(os.environ.get(name) for name in _SCREENS):
        raise NoScreen(tr("there is no screen to open a window on: set DISPLAY, or use quick, plan or export"))
    if demo in (None, NEW) and hand_over(demo or ("" if path is None else str(path.resolve()))):
        return 0
    app = QApplication(sys.argv[:1])                          # first: Qt's thread is that of its first object
    seen = Seen(default_folder())
    _, one = seen.begun_with(path, demo)
    if one is not None:
        seen.read_ahead(one)
    if spoken().code != "en":
        from vitrograph.languages import dress

        dress(app, spoken().code)
    app.setApplicationName("Vitrograph")
    app.setDesktopFileName("vitrograph")
    theme.use(read_look(look_file()))
    theme.apply(app)
    signal.signal(signal.SIGINT, signal.SIG_DFL)
    sys.excepthook = lambda _kind, error, _trace: _tell_fault(error)
    _open(path, demo, faster, seen)
    QTimer.singleShot(_DRESS_MS, app, partial(_dress, app, shared=demo in (None, NEW)))
    return app.exec()


def _open(path: Path | None, demo: str | None, faster: float = 1.0, seen: Seen | None = None) -> Front:
    front = Front(path, demo, faster, seen)
    _windows[:] = [*(one for one in _windows if one.isVisible()), front]
    front.show()
    return front


def take_word(word: str) -> None:
    """Open what a later start handed over: a new order, an order's file, or with no word bring a window forward."""
    standing = [one for one in reversed(_windows) if one.isVisible()]
    if word in ("", NEW):
        front = _open(None, NEW) if word else standing[0]
    else:                                                      # two windows of one file would save over each other
        front = next((one for one in standing if one.holds(Path(word))), None) or _open(Path(word), None)
    front.raise_()
    front.activateWindow()


def _tell_fault(error: BaseException) -> None:
    """A fault of ours in one sentence, in the window in hand; on the terminal while there is none."""
    from vitrograph.core.faults import told

    standing = [one for one in _windows if one.isVisible() and one.shell is not None]
    if standing:
        shell = next((one for one in standing if one.isActiveWindow()), standing[-1]).shell
        assert shell is not None
        shell.say(told(error), wrong=True)
    else:
        print(tr("vitrograph: {reason}", reason=told(error)), file=sys.stderr)
