"""The strip of pieces: a small true picture of each, its name, how many, and the worst that was found about it."""

from typing import Literal

from PySide6.QtCore import QPointF, QRectF, QSize, Qt, QTimer, Signal
from PySide6.QtGui import QColor, QMouseEvent, QPainter, QPaintEvent, QPen, QPixmap, QWheelEvent
from PySide6.QtWidgets import QAbstractButton, QFrame, QHBoxLayout, QScrollArea, QSizePolicy, QWidget

from vitrograph.core.findings import Level, worst_of
from vitrograph.core.job import Piece
from vitrograph.core.language import tr
from vitrograph.core.results import Results
from vitrograph.desk.bench import Bench
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.painting import painting
from vitrograph.desk.kit.state_mark import draw_state
from vitrograph.desk.views.small_picture import small_picture

State = Literal["open", "good", "watch", "stop"]

_HIGH, _WIDE, _LEAST, _GAP = 44, 184, 132, 4     # px
_REST_MS = 250                     # pictures wait until the hand rests, and are made one at a time
_SAYS: dict[State, str] = {"open": tr("not worked out yet"), "good": tr("nothing to watch"),
                           "watch": tr("something to watch"),
                           "stop": tr("something to mend")}


def state_of_piece(pieces: tuple[Results, ...]) -> State:
    """The worst of all that is made of a piece."""
    if any(results.failed for results in pieces):
        return "stop"
    level = worst_of(results.worst for results in pieces)
    if level in (Level.STOP, Level.WATCH):
        return "stop" if level is Level.STOP else "watch"
    return "good" if all(results.complete for results in pieces) else "open"


def how_many(piece: Piece) -> str:
    """How many are made of a piece, in words."""
    rows = piece.names.rows
    if rows:
        glasses = sum(row.count for row in rows)
        names = tr("{n} names", "{n} name", n=len(rows))
        return names if glasses == len(rows) else tr("{names}, {glasses} glasses", names=names, glasses=glasses)
    return tr("{count} glasses", count=piece.count) if piece.count > 1 else tr("1 glass")


class Tile(QAbstractButton):
    """One piece on the strip."""

    clicked_twice = Signal()

    def __init__(self, number: int) -> None:
        super().__init__()
        self.number = number
        self.state: State = "open"
        self.many = ""
        self.picture = QPixmap()
        self.pictured: object = None           # the film the picture is of
        self.setObjectName(f"piece_{number + 1}")
        self.setCheckable(True)
        self.setFixedHeight(_HIGH)
        self.setMaximumWidth(_WIDE)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        self.setContextMenuPolicy(Qt.ContextMenuPolicy.NoContextMenu)

    def show_piece(self, piece: Piece, state: State, *, in_hand: bool) -> None:
        """Take a piece's name, count and state."""
        self.setChecked(in_hand)
        if (piece.name, state, how_many(piece)) == (self.text(), self.state, self.many):
            return
        self.setText(piece.name)
        self.state, self.many = state, how_many(piece)
        self.setAccessibleName(tr("Piece {number}: {name}, {many}, {state}", number=self.number + 1, name=piece.name,
                                  many=self.many, state=_SAYS[state]))
        self.setToolTip(f"{piece.name}: {self.many}, {_SAYS[state]}")
        self.update()

    def sizeHint(self) -> QSize:
        return QSize(_WIDE, _HIGH)

    def minimumSizeHint(self) -> QSize:
        return QSize(_LEAST, _HIGH)

    def mouseDoubleClickEvent(self, event: QMouseEvent) -> None:
        self.clicked_twice.emit()

    def paintEvent(self, _event: QPaintEvent) -> None:
        with painting(self) as painter:
            whole = QRectF(self.rect()).adjusted(0.5, 0.5, -0.5, -0.5)
            painter.fillRect(whole, QColor(theme.RAISED if self.isChecked() or self.underMouse() else theme.CARD))
            if self.picture.isNull():
                painter.fillRect(QRectF(1, 1, _HIGH - 2, _HIGH - 2), QColor(theme.BLACK_CARD))
            else:
                painter.drawPixmap(1, 1, self.picture)
            self._write(painter)
            if self.isChecked() or self.hasFocus():
                painter.setPen(QPen(QColor(theme.ACCENT), 1 if self.hasFocus() and not self.isChecked() else 2))
                painter.setBrush(Qt.BrushStyle.NoBrush)
                painter.drawRect(whole)

    def _write(self, painter: QPainter) -> None:
        left, wide = _HIGH + 6, self.width() - _HIGH - 10
        painter.setPen(QColor(theme.TEXT))
        painter.setFont(theme.font(0.95, bold=self.isChecked()))
        name = painter.fontMetrics().elidedText(self.text(), Qt.TextElideMode.ElideRight, wide)
        painter.drawText(QRectF(left, 3, wide, 19), Qt.AlignmentFlag.AlignVCenter, name)
        painter.setPen(QColor(theme.QUIET))
        painter.setFont(theme.font(0.85))
        many = painter.fontMetrics().elidedText(self.many, Qt.TextElideMode.ElideRight, wide - 16)
        painter.drawText(QRectF(left + 16, 22, wide - 16, 18), Qt.AlignmentFlag.AlignVCenter, many)
        draw_state(painter, QPointF(left + 5, 31), self.state, 4.5)


class Strip(QScrollArea):
    """All pieces of the order, in their order; a click takes one in hand. One piece alone needs no strip."""

    rename_wanted = Signal()

    def __init__(self, bench: Bench, over: QWidget) -> None:
        super().__init__(over)                                 # by itself it would be shown as a window
        named(self, "pieces")
        self.bench = bench
        self.setAccessibleName(tr("Pieces of the order"))
        self.setFrameShape(QFrame.Shape.NoFrame)
        self.setWidgetResizable(True)
        self.setVerticalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.setFixedHeight(_HIGH + 2 * _GAP)
        inside = named(QWidget(), "piecesInside")
        self._row = QHBoxLayout(inside)
        self._row.setContentsMargins(16, _GAP, 16, _GAP)
        self._row.setSpacing(_GAP)
        self._row.addStretch(1)
        self.setWidget(inside)
        self.tiles: list[Tile] = []
        self._rest = QTimer(self, singleShot=True, interval=_REST_MS)
        self._rest.timeout.connect(self._picture_next)
        bench.order_changed.connect(self._show)
        self._show()

    def wheelEvent(self, event: QWheelEvent) -> None:
        bar = self.horizontalScrollBar()
        bar.setValue(bar.value() - (event.angleDelta().y() or event.angleDelta().x()))

    def _show(self) -> None:
        pieces = self.bench.order.pieces
        while len(self.tiles) > len(pieces):
            self.tiles.pop().deleteLater()
        while len(self.tiles) < len(pieces):
            self.tiles.append(self._made(len(self.tiles)))
        at = self.bench.place[0]
        known = self.bench.pieces.results_by_piece()
        for tile, piece, results in zip(self.tiles, pieces, known, strict=True):
            tile.show_piece(piece, state_of_piece(results), in_hand=tile.number == at)
        self.setVisible(len(pieces) > 1 or bool(pieces[0].names.rows))
        self.ensureWidgetVisible(self.tiles[at], 0, 0)
        self._rest.start()

    def _made(self, number: int) -> Tile:
        tile = Tile(number)
        tile.clicked.connect(lambda: self._take(number))
        tile.clicked_twice.connect(self.rename_wanted)
        self._row.insertWidget(number, tile)
        return tile

    def _take(self, number: int) -> None:
        self.bench.take_piece(number)
        for tile in self.tiles:
            tile.setChecked(tile.number == self.bench.place[0])

    def _picture_next(self) -> None:
        """Make the picture of the first tile whose film is another than it shows, and look again for the next."""
        for tile, results in zip(self.tiles, self.bench.pieces.results_by_piece(), strict=False):
            shown = results[self.bench.place[1] if tile.number == self.bench.place[0] else 0]
            if shown.complete and tile.pictured is not (shown.sheet or shown.wall):
                tile.pictured = shown.sheet or shown.wall
                tile.picture = small_picture(shown, QSize(_HIGH - 2, _HIGH - 2), self.devicePixelRatioF())
                tile.update()
                self._rest.start()
                return
