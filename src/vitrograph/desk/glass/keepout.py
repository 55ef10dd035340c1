"""Places no film may lie on: handle, seams, raised marks, the foot, the rim bead; and the room they leave."""

from math import degrees, radians

import msgspec
import numpy as np
from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QPainter, QPen
from PySide6.QtWidgets import QHeaderView, QTableWidget, QTableWidgetItem

from vitrograph.core.errors import LengthError
from vitrograph.core.glass import Motif, Wall
from vitrograph.core.job import FlatGlass, Job, KeepOut
from vitrograph.core.language import decimals, tr
from vitrograph.core.results import Results
from vitrograph.core.units import format_number, parse_length
from vitrograph.core.value_words import word_of
from vitrograph.desk.glass.page import HelperPage
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.card import Readings
from vitrograph.desk.kit.fields import AngleField, LengthField, button, drop_down, in_a_row, label
from vitrograph.desk.kit.sketch import Sketch, draw_words

_NEW = {"handle": KeepOut(), "seam": KeepOut("seam", angle=radians(90), wide=4.0),
        "raised mark": KeepOut("raised mark", angle=0.0, wide=20.0, low=5.0, high=20.0),
        "other": KeepOut("other", angle=0.0, wide=20.0)}
_WHOLE_HEIGHT = 5000.0


class RoomSketch(Sketch):
    """The wall unrolled, the front in its middle: what is kept clear, and the largest motifs in what is left."""

    def __init__(self) -> None:
        super().__init__("roomSketch")
        self.results: Results | None = None

    def paint(self, painter: QPainter) -> None:
        known = self.results
        if known is None or known.wall is None or known.assessed is None:
            draw_words(painter, QRectF(self.rect()), tr("these readings describe no glass"))
            return
        self._box = QRectF(24, 14, self.width() - 48, self.high - 46)
        painter.setPen(QPen(theme.colour(theme.FROST, 0.8), 1.4))
        painter.setBrush(theme.colour(theme.FROST, 0.07))
        if getattr(known.wall, "oval", False):
            painter.drawEllipse(self._box)
        else:
            painter.drawRect(self._box)
        painter.setClipRect(self._box)
        for block in known.assessed.blocks:
            for turn in (-known.wall.span, 0.0, known.wall.span) if known.wall.closed else (0.0,):
                corners = [self._at(known.wall, u + turn, s) for u, s in ((block.u_low, block.s_high),
                                                                          (block.u_high, block.s_low))]
                area = QRectF(*corners)
                painter.fillRect(area, theme.colour(theme.LIT_STOP, 0.25))
                painter.fillRect(area, Qt.BrushStyle.BDiagPattern)
        self._paint_motif(painter, known.wall, known.assessed.largest, QPen(QColor(theme.FROST), 1.6))
        self._paint_motif(painter, known.wall, known.assessed.reading, QPen(QColor(theme.LIT_ACCENT), 1.6))
        painter.setClipping(False)
        words = (tr("unrolled, the front in the middle: white fits, amber reads from the front")
                 if known.wall.closed else tr("seen from the front: white fits"))
        draw_words(painter, QRectF(0, self.high - 28, self.width(), 22), words)

    def _at(self, wall: Wall, u: float, s: float) -> QPointF:
        return QPointF(self._box.left() + (u / wall.span + 0.5) * self._box.width(),
                       self._box.bottom() - s / wall.length * self._box.height())

    def _paint_motif(self, painter: QPainter, wall: Wall, motif: Motif | None, pen: QPen) -> None:
        if motif is None:
            return
        half = motif.width / 2 / float(wall.scale(np.array([motif.s]))[0])
        painter.setPen(pen)
        painter.setBrush(Qt.BrushStyle.NoBrush)
        for turn in (-wall.span, 0.0, wall.span) if wall.closed else (0.0,):
            u = motif.u + turn
            painter.drawRect(QRectF(self._at(wall, u - half, motif.s + motif.height / 2),
                                    self._at(wall, u + half, motif.s - motif.height / 2)))


class KeepOutTable(QTableWidget):
    """A row for each place: what it is, where its middle is, how wide it is, and from which height to which."""

    def __init__(self, page: "KeepOutPage") -> None:
        super().__init__(0, 5)
        self.setObjectName("keepOut")
        self.setAccessibleName(tr("Places to keep clear"))
        self._page = page
        self._filling = False
        self.horizontalHeader().setSectionResizeMode(QHeaderView.ResizeMode.Stretch)
        self.verticalHeader().hide()
        self.setFixedHeight(theme.STEP * 7 * 5)
        self.setTabKeyNavigation(False)
        self.cellChanged.connect(self._take)

    def show_places(self, job: Job, unit: str) -> None:
        """Show a job's places."""
        flat = isinstance(job.glass, FlatGlass)
        self._filling = True
        self.setHorizontalHeaderLabels([
            tr("what"), tr("from the middle, {unit}", unit=unit) if flat else tr("turn, °"),
            tr("wide, {unit}", unit=unit), tr("from, {unit}", unit=unit), tr("to, {unit}", unit=unit)])
        self.setRowCount(len(job.features.keep_out))
        for row, place in enumerate(job.features.keep_out):
            turned = decimals(f"{degrees(place.angle):.1f}".rstrip("0").rstrip("."))
            middle = self._number(place.across) if flat else turned
            top = tr("top") if place.high >= _WHOLE_HEIGHT else self._number(place.high)
            texts = [word_of(place.what), middle, self._number(place.wide), self._number(place.low), top]
            for column, text in enumerate(texts):
                item = QTableWidgetItem(text)
                if column == 0:
                    item.setFlags(item.flags() & ~Qt.ItemFlag.ItemIsEditable)
                self.setItem(row, column, item)
        self._filling = False

    def _number(self, mm: float) -> str:
        return format_number(mm, self._page.bench.unit, digits=2).replace("\u2212", "-")

    def _take(self, row: int, column: int) -> None:
        if not self._filling:
            cell = self.item(row, column)
            self._page.take_cell(row, column, "" if cell is None else cell.text())


class KeepOutPage(HelperPage):
    """Say what is in the way."""

    name = "keepout"
    title = tr("Handle, seams, foot, rim")
    says = (tr("No film lies down on a handle, a mould seam or a raised mark, and none should reach the foot or the "
               "rim bead. Turns are counted from the front, to your right; heights from the table."))

    def build(self) -> None:
        self.sketch = RoomSketch()
        self.foot = LengthField(tr("The foot reaches up the wall by"), "foot", least=0.0)
        self.bead = LengthField(tr("The rim bead reaches down by"), "bead", least=0.0)
        self.table = KeepOutTable(self)
        self.wrong = label("", "error", scale=0.9)
        self.wrong.setObjectName("keepOutWrong")
        self.wrong.hide()
        self.kind = drop_down("keepOutKind", tr("What to add"))
        for what in _NEW:
            self.kind.addItem(word_of(what), what)
        self.add, self.drop = button(tr("Add it")), button(tr("Take one out"))
        self.add.setObjectName("addKeepOut")
        self.drop.setObjectName("dropKeepOut")
        self.room = Readings()
        self.viewing = LengthField(tr("Seen from"), "viewing_mm", least=1.0)
        self.rim_rise = LengthField(tr("The rim is not level: higher by"), "rim_rise", least=0.0)
        self.rim_high = AngleField(tr("Its highest side, round from the front"), "rim_high")
        self.stack(self.sketch, self.room, self.viewing, self.foot, self.bead, self.rim_rise, self.rim_high,
                   self.table, self.wrong, in_a_row(self.kind, self.add, self.drop))
        self.foot.edited.connect(lambda mm: self.bench.edit(tr("Foot"), features__foot=mm))
        self.bead.edited.connect(lambda mm: self.bench.edit(tr("Rim bead"), features__bead=mm))
        self.rim_rise.edited.connect(lambda mm: self.bench.edit(tr("Rim not level"), features__rim_rise=mm))
        self.rim_high.edited.connect(lambda angle: self.bench.edit(tr("Rim highest"), features__rim_high=angle))
        self.viewing.edited.connect(lambda mm: self.bench.edit(tr("Viewing distance"), stencil__viewing_mm=mm))
        self.add.clicked.connect(lambda: self._edit(tr("Add a place to keep clear"), (
            *self.bench.job.features.keep_out, _NEW[self.kind.currentData()])))
        self.drop.clicked.connect(self._drop)

    def show_job(self, job: Job) -> None:
        unit = self.bench.unit
        self.foot.show_mm(job.features.foot, unit)
        self.bead.show_mm(job.features.bead, unit)
        self.rim_rise.show_mm(job.features.rim_rise, unit)
        self.rim_high.show_radians(job.features.rim_high)
        self.viewing.show_mm(job.stencil.viewing_mm, unit)
        for field in (self.foot, self.bead, self.rim_rise, self.rim_high, self.viewing):
            field.setVisible(not isinstance(job.glass, FlatGlass))
        self.table.show_places(job, unit)
        self.drop.setEnabled(bool(job.features.keep_out))
        self._say("")

    def show_results(self, results: Results) -> None:
        self.sketch.results = results
        self.sketch.update()
        if results.assessed is None:
            self.room.show_rows([])
            return
        fits = [(tr("largest that fits, in this art's shape"), results.assessed.largest)]
        if results.wall is not None and results.wall.closed:
            fits.append((tr("largest that reads from the front"), results.assessed.reading))
        self.room.show_rows([(name, self.bench.size(motif)) for name, motif in fits])

    def take_cell(self, row: int, column: int, text: str) -> None:
        """Take what was typed into the table, or say why it cannot be."""
        places = self.bench.job.features.keep_out
        try:
            changed = self._with_cell(places[row], column, text)
        except LengthError as error:
            self._say(str(error))
            return
        if self._edit(tr("Place to keep clear"), (*places[:row], changed, *places[row + 1:])):
            self._say("")

    def _with_cell(self, place: KeepOut, column: int, text: str) -> KeepOut:
        if column == 1 and not isinstance(self.bench.job.glass, FlatGlass):
            try:
                turn = float(text.strip().rstrip("°").replace(",", "."))
            except ValueError:
                raise LengthError(tr("a turn in degrees was wanted, got '{text}'", text=text.strip()[:20])) from None
            return msgspec.structs.replace(place, angle=radians((turn + 180) % 360 - 180))
        if column == 4 and text.strip().lower() in {"", "top", tr("top")}:
            return msgspec.structs.replace(place, high=_WHOLE_HEIGHT)
        name = ("what", "across", "wide", "low", "high")[column]
        return msgspec.structs.replace(place, **{name: parse_length(text, self.bench.unit)})

    def _drop(self) -> None:
        places = self.bench.job.features.keep_out
        at = self.table.currentRow() if self.table.currentRow() >= 0 else len(places) - 1
        self._edit(tr("Take out a place to keep clear"), places[:at] + places[at + 1:])

    def _edit(self, name: str, places: tuple[KeepOut, ...]) -> bool:
        return self.bench.edit(name, features__keep_out=places)

    def _say(self, sentence: str) -> None:
        self.wrong.setText(sentence)
        self.wrong.setVisible(bool(sentence))
