"""What can be decided about a drawing's colours: what is its ink, and what each colour does."""

from PySide6.QtGui import QColor, QPixmap
from PySide6.QtWidgets import QHBoxLayout, QLabel, QVBoxLayout, QWidget

from vitrograph.core.artwork import Colour, Placed
from vitrograph.core.job import Drawing, Tone, ToneName
from vitrograph.core.language import tr
from vitrograph.desk.artwork.tidying_sections import Section
from vitrograph.desk.kit.fields import ChoiceRow, LengthField, label

_DOES = [("frost", tr("frosts")), ("clear", tr("clears")), ("leave", tr("left out"))]
_MOST_COLOURS = 24


class DrawnSection(Section):
    """Whether the drawing is the art, or the film of a stencil."""

    title = tr("What is drawn")

    def build(self) -> None:
        self.drawn = ChoiceRow("", "drawn", [("art", tr("the art")), ("film", tr("film with holes"))])
        self.stack(self.drawn)
        self.drawn.edited.connect(lambda drawn: self.change_drawing(tr("What is drawn"), drawn=drawn))

    def show_drawing(self, drawing: Drawing, placed: Placed | None) -> None:
        self.drawn.show_choice("art" if drawing.drawn == "guess" else drawing.drawn)


class ColoursSection(Section):
    """A row for each colour: what it does."""

    title = tr("Colours")

    def build(self) -> None:
        self.stack(label(tr("Only two tones exist on glass. A light colour is first taken for bare glass."), "quiet"))
        self._rows = QVBoxLayout()
        self._column.addLayout(self._rows)
        self._shown: tuple[Colour, ...] = ()
        self.between = LengthField(tr("Film left between colours"), "between", least=0.0)
        self.between.edited.connect(self._set_between)
        self.stack(self.between)

    def suits_kind(self, kind: str) -> bool:
        return kind != "picture"

    def show_drawing(self, drawing: Drawing, placed: Placed | None) -> None:
        if placed is None or (source := placed.local.source) is None:
            return
        self.between.show_mm(drawing.between * placed.mending_unit, self.bench.unit)
        self.between.setVisible(len(source.colours) > 1)
        if source.colours == self._shown:
            return
        self._shown = source.colours
        while (item := self._rows.takeAt(0)) is not None:
            old = item.widget()
            assert old is not None
            old.deleteLater()
        for colour in source.colours[:_MOST_COLOURS]:
            self._rows.addWidget(self._row(colour))

    def _row(self, colour: Colour) -> QWidget:
        made = QWidget()
        row = QHBoxLayout(made)
        row.setContentsMargins(0, 0, 0, 0)
        swatch = QPixmap(18, 18)
        swatch.fill(QColor(colour.hex))
        patch = QLabel()
        patch.setPixmap(swatch)
        name = label(f"{colour.hex}  {100 * colour.share:.0f} %", "quiet")
        name.setWordWrap(False)
        choice = ChoiceRow("", f"tone_{colour.hex[1:]}", _DOES)
        choice.setAccessibleName(tr("What {hex} does", hex=colour.hex))
        choice.setMinimumWidth(216)
        choice.show_choice(colour.does)
        choice.edited.connect(lambda does, which=colour.hex: self._set(which, does))
        row.addWidget(patch)
        row.addWidget(name, 1)
        row.addWidget(choice)
        return made

    def _set_between(self, mm: float) -> None:
        if self.placed is not None:
            self.change_drawing(tr("Between colours"), between=mm / self.placed.mending_unit)

    def _set(self, colour: str, does: ToneName) -> None:
        drawing = self.drawing
        if drawing is not None:
            kept = [tone for tone in drawing.tones if tone.colour != colour]
            self.change_drawing(tr("Colour {colour}", colour=colour), tones=[*kept, Tone(colour, does)])
