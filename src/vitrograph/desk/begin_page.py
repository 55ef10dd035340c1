"""Where an order begins: which glass, and what goes on it; or one of the orders that were in hand last."""

from collections.abc import Callable, Sequence
from datetime import UTC
from functools import partial
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import QMargins, QPointF, QRectF, QSize, QSizeF, Qt, Signal
from PySide6.QtGui import QColor, QIcon, QPainter, QPen, QPixmap, QPolygonF
from PySide6.QtWidgets import QFrame, QHBoxLayout, QScrollArea, QSizePolicy, QToolButton, QVBoxLayout, QWidget

from vitrograph.core.glass import wall_of
from vitrograph.core.job import BallGlass, CurvedGlass, FlatGlass, Glass, StraightGlass, TaperedGlass
from vitrograph.core.language import tr
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.fields import button, label
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.painting import painting
from vitrograph.desk.kit.sketch import Elevation, draw_glass
from vitrograph.desk.seen import Recent, Seen

if TYPE_CHECKING:
    from vitrograph.desk.shell import Shell

_PICTURE = QSize(96, 84)
_SEEN = QSize(138, 94)
_MOST_RECENT = 6
_GLASSES: tuple[tuple[str, str, Glass], ...] = (
    ("flat", tr("Flat"), FlatGlass()), ("straight", tr("Straight"), StraightGlass()),
    ("taper", tr("Tapered"), TaperedGlass()),
    ("curved", tr("Curved"), CurvedGlass()), ("ball", tr("Ball"), BallGlass()))
_ARTS = (("words", tr("Words")), ("monogram", tr("Monogram")), ("drawing", tr("Drawing")),
         ("photograph", tr("Photograph")))


class BeginPage(QScrollArea):
    """The page. `left` says that the work is to be shown again."""

    left = Signal()

    def __init__(self, shell: "Shell", seen: Seen | None) -> None:
        super().__init__()
        self.shell, self.seen = shell, seen
        named(self, "beginPage")
        self.setWidgetResizable(True)
        self.setFrameShape(QFrame.Shape.NoFrame)
        self._glass: dict[str, QToolButton] = {}
        body = named(QWidget(), "cardBody")
        columns = QHBoxLayout(body)
        columns.setContentsMargins(40, 28, 40, 28)
        columns.setSpacing(48)
        columns.addLayout(self._build_new(), 3)
        self.recent = QVBoxLayout()
        self.recent.setSpacing(3 * theme.STEP)
        columns.addLayout(self.recent, 2)
        self.setWidget(body)
        self._fill_recent()
        shell.bench.order_changed.connect(self._mark)
        self._mark()

    # -- a new piece ---------------------------------------------------------------------------------------------

    def _build_new(self) -> QVBoxLayout:
        column = QVBoxLayout()
        column.setSpacing(3 * theme.STEP)
        column.addWidget(label(tr("Begin a piece"), scale=1.6, bold=True))
        column.addWidget(label(tr("1   Which glass is it?"), scale=1.15, bold=True))
        glasses = [(name, words, _pictured(partial(_draw_wall, glass)), partial(self._take_glass, name))
                   for name, words, glass in _GLASSES]
        column.addLayout(self._tiles(glasses, self._glass))
        column.addWidget(label(tr("You measure it at the first station; nothing here is final."), "quiet"))
        column.addSpacing(4 * theme.STEP)
        column.addWidget(label(tr("2   What goes on it?"), scale=1.15, bold=True))
        arts = [(name, words, _pictured(partial(_draw_art, name)), partial(self._take_art, name))
                for name, words in _ARTS]
        column.addLayout(self._tiles(arts, {}))
        column.addWidget(label(tr("Then the line above leads on, from the glass to the logbook: each station says "
                                  "what it needs, what it found, and what comes next."), "quiet"))
        column.addStretch(1)
        return column

    def _tiles(self, told: Sequence[tuple[str, str, QIcon, Callable[[], object]]],
               kept: dict[str, QToolButton]) -> QHBoxLayout:
        """Large buttons in a row, each with its picture; they are kept by their names."""
        row = QHBoxLayout()
        row.setSpacing(3 * theme.STEP)
        for name, words, icon, does in told:
            made = named(QToolButton(), f"begin_{name}")
            made.setToolButtonStyle(Qt.ToolButtonStyle.ToolButtonTextUnderIcon)
            made.setIcon(icon)
            made.setIconSize(_PICTURE)
            made.setText(words)
            made.setAccessibleName(words)
            made.setFont(theme.font())
            made.setCheckable(name in {one for one, _, _ in _GLASSES})
            made.clicked.connect(lambda _checked=False, does=does: does())
            kept[name] = made
            row.addWidget(made)
        row.addStretch(1)
        return row

    def _mark(self) -> None:
        """Mark the kind of glass that is taken."""
        for name, tile in self._glass.items():
            tile.setChecked(name == self.shell.bench.job.glass.kind)

    def _take_glass(self, kind: str) -> None:
        glass = next(glass for name, _, glass in _GLASSES if name == kind)
        if self.shell.bench.job.glass.kind != kind:
            self.shell.bench.edit(tr("Kind of glass"), glass=glass, tools__taken=[], measured=[])
        self._mark()

    def _take_art(self, what: str) -> None:
        """Put it in, and go where it is made; a drawing or a photograph is asked for."""
        from vitrograph.desk.artwork.card import ArtworkCard

        self.left.emit()
        card = self.shell.card("artwork")
        assert isinstance(card, ArtworkCard)
        self.shell.bench.go("artwork")
        card.items.begin(what)

    # -- what was in hand last -------------------------------------------------------------------------------------

    def _fill_recent(self) -> None:
        column = self.recent
        column.addWidget(label(tr("Go on with an order"), scale=1.6, bold=True))
        listed = [one for one in self.seen.recents if one.path][:_MOST_RECENT] if self.seen is not None else []
        for one in listed:
            column.addWidget(self._recent(one))
        if not listed:
            column.addWidget(label(tr("Orders that you saved stand here, with their pictures."), "quiet"))
        opens = button(tr("Open another order …"))
        opens.setObjectName("beginOpen")
        opens.clicked.connect(self.shell.files.choose_open)
        back = button(tr("Back to the order in hand"))
        back.setObjectName("beginBack")
        back.clicked.connect(self.left)
        demo = button(tr("Try it on the demo"),
                      tip=tr("An invented order of five pieces, in a window of its own; nothing "
                             "of yours is touched"))
        demo.setObjectName("beginDemo")
        demo.clicked.connect(self.shell.windows.demo)
        for made in (opens, demo, back):
            column.addWidget(made)
        column.addStretch(1)

    def _recent(self, one: Recent) -> QToolButton:
        path = Path(one.path)
        made = named(QToolButton(), "beginRecent")
        made.setToolButtonStyle(Qt.ToolButtonStyle.ToolButtonTextBesideIcon)
        assert self.seen is not None
        view = self.seen.view(one, "glass")
        if not view.isNull():
            made.setIcon(QIcon(_with_a_gap(view)))
        made.setIconSize(_SEEN.grownBy(QMargins(0, 0, 3 * theme.STEP, 0)))
        made.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        there = path.is_file()
        when = _when(path) if there else tr("its file is gone")
        made.setText(f"{one.name}\n{one.about}\n{when}")
        made.setAccessibleName(tr("Open {name}", name=one.name))
        made.setToolTip(one.path)
        made.setFont(theme.font())
        made.setEnabled(there)
        made.clicked.connect(partial(self.shell.files.open, path))
        return made


def _with_a_gap(view: QPixmap) -> QPixmap:
    """A picture as small as it is shown, with room at its right before the words."""
    small = view.scaled(_SEEN, Qt.AspectRatioMode.KeepAspectRatio, Qt.TransformationMode.SmoothTransformation)
    whole = QPixmap(small.width() + 3 * theme.STEP, small.height())
    whole.fill(Qt.GlobalColor.transparent)
    with painting(whole) as painter:
        painter.drawPixmap(QRectF(QPointF(0, 0), QSizeF(small.size())), small, QRectF(small.rect()))
    return whole


def _when(path: Path) -> str:
    from datetime import datetime

    return tr("saved {astimezone:%Y-%m-%d %H:%M}",
              astimezone=datetime.fromtimestamp(path.stat().st_mtime, UTC).astimezone())


def _pictured(draw: Callable[[QPainter], None]) -> QIcon:
    picture = QPixmap(_PICTURE * 2)
    picture.setDevicePixelRatio(2.0)
    picture.fill(QColor(theme.BLACK_CARD))
    with painting(picture) as painter:
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        draw(painter)
    return QIcon(picture)


def _draw_wall(glass: Glass, painter: QPainter) -> None:
    room = QRectF(10, 8, _PICTURE.width() - 20, _PICTURE.height() - 16)
    draw_glass(painter, Elevation(wall_of(glass), room).outline())


def _draw_art(what: str, painter: QPainter) -> None:
    room = QRectF(0, 0, _PICTURE.width(), _PICTURE.height())
    painter.setPen(QColor(theme.FROST))
    if what in ("words", "monogram"):
        painter.setFont(theme.font(2.2 if what == "monogram" else 1.3, bold=True))
        painter.drawText(room, Qt.AlignmentFlag.AlignCenter, "KP" if what == "monogram" else "Kestrel\nPoint")
        if what == "monogram":
            painter.setPen(QPen(QColor(theme.FROST), 2))
            painter.drawEllipse(room.center(), 34, 34)
    elif what == "drawing":
        comet = QPolygonF([QPointF(14, 62), QPointF(60, 26), QPointF(66, 38)])
        painter.setBrush(QColor(theme.FROST))
        painter.drawPolygon(comet)
        painter.drawEllipse(QPointF(66, 30), 11, 11)
    else:
        painter.setPen(QPen(QColor(theme.FROST), 2))
        painter.drawRect(QRectF(16, 14, 64, 56))
        painter.setBrush(QColor(theme.FROST))
        painter.drawEllipse(QPointF(62, 30), 6, 6)
        hills = ((17, 69), (36, 40), (50, 58), (60, 48), (79, 69))
        painter.drawPolygon(QPolygonF([QPointF(x, y) for x, y in hills]))
