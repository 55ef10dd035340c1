"""Words: what they say, in which face, how their lines are set."""

from math import isfinite
from typing import TYPE_CHECKING

from PySide6.QtCore import QTimer
from PySide6.QtWidgets import QWidget

from vitrograph.core.artwork import Placed
from vitrograph.core.artwork.words.sturdy import thinnest_stroke
from vitrograph.core.errors import LengthError
from vitrograph.core.job import Item, Words
from vitrograph.core.language import tr
from vitrograph.core.units import Unit
from vitrograph.desk.bench.background import BackgroundTask
from vitrograph.desk.kit.fields import ChoiceRow, Field, LengthField, NumberField, button, label, show_quietly
from vitrograph.desk.kit.panel import Panel
from vitrograph.desk.kit.text_box import TextBox

if TYPE_CHECKING:
    from vitrograph.desk.artwork.faces_window import FacesWindow

Measured = tuple[int, Words, float]            # which item, its words, how much wider they are made

_REST_MS = 700                     # without a letter typed, before the strokes are measured
_FIRST_RADIUS = 4.0                # ems, of an arc that is first tried
_BENDS = [("straight", tr("straight")), ("arch", tr("arch")), ("bowl", tr("bowl"))]


class SizesField(Field):
    """Sizes of the lines against each other, parted by semicolons; emits a tuple."""

    def __init__(self) -> None:
        super().__init__(tr("Sizes of the lines"), "line_sizes", _read_sizes, suffix="×")
        self.line.setPlaceholderText("1; 1")

    def show_sizes(self, sizes: tuple[float, ...]) -> None:
        """Show the sizes given."""
        self.show_text("; ".join(f"{size:g}" for size in sizes))


def _read_sizes(text: str) -> tuple[float, ...]:
    sizes = []
    for part in text.replace(",", ".").split(";") if text.strip() else ():
        try:
            size = float(part)
        except ValueError:
            raise LengthError(tr("a number for each line was wanted, as in 1; 0.6, got '{part}'",
                                 part=part.strip()[:12])) from None
        if not isfinite(size) or not 0.05 <= size <= 20:
            raise LengthError(tr("a line's size goes from 0.05 to 20, got {size:g}", size=size))
        sizes.append(size)
    return tuple(sizes)


class WordsPanel(Panel):
    """Lettering."""

    def build(self) -> None:
        self.words = TextBox(self.bench, "words", tr("Words"), 3, empty=tr("Type the words to etch"), scale=1.15)
        self.face = button("", tip=tr("see your own words in every face, with the thinnest stroke of each"))
        self.face.setObjectName("face")
        self.sturdy = label("", "quiet")
        self.weight = NumberField(tr("Weight"), "weight", suffix="", whole=True)
        self.align = ChoiceRow(tr("Lines"), "align",
                               [("left", tr("left")), ("centre", tr("centre")), ("right", tr("right")),
                                ("even", tr("even"))])
        self.letter_spacing = NumberField(tr("Between letters"), "letter_spacing", suffix="%", factor=0.01)
        self.line_spacing = NumberField(tr("Line to line"), "line_spacing", suffix="%", factor=0.01)
        self.line_sizes = SizesField()
        self.bend = ChoiceRow(tr("On a line that is"), "bend", _BENDS)
        self.radius = LengthField(tr("Radius of the arc"), "radius", least=0.5)
        self.measuring = BackgroundTask(self)
        self._unit_mm = 0.0
        self._to_measure: Measured = (0, Words(), 1.0)
        self._measured: tuple[Measured, float | None] = (self._to_measure, None)
        self._rest = QTimer(self, singleShot=True, interval=_REST_MS)
        self._rest.timeout.connect(self._measure_now)
        self._window: FacesWindow | None = None
        self._faces_of = "", 0, 0                              # the order, the piece and the item of that window
        self._faces_as_large = self._as_large
        self.stack(self.words, self.face, self.sturdy, self.weight, self.align, self.letter_spacing, self.line_spacing,
                   self.line_sizes, self.bend, self.radius)
        self.words.textChanged.connect(lambda: self.change(tr("Words"), merge=1, what__text=self.words.words()))
        self.face.clicked.connect(self.open_faces)
        self.weight.edited.connect(lambda value: self.change(tr("Weight"), what__font__weight=float(value)))
        self.align.edited.connect(lambda value: self.change(tr("Align"), what__align=value))
        self.letter_spacing.edited.connect(lambda value: self.change(tr("Letter spacing"), what__letter_spacing=value))
        self.line_spacing.edited.connect(lambda value: self.change(tr("Line spacing"), what__line_spacing=value))
        self.line_sizes.edited.connect(lambda sizes: self.change(tr("Line sizes"), what__line_sizes=sizes))
        self.bend.edited.connect(self._bend)
        self.radius.edited.connect(self._take_radius)
        self.measuring.answered.connect(self._take_stroke)
        self.measuring.refused.connect(lambda _sentence: self._take_stroke((self._to_measure, None)))

    def suits(self, item: Item) -> bool:
        return isinstance(item.what, Words)

    def first_field(self) -> QWidget:
        """Where typing begins."""
        return self.words

    def show_piece(self, item: Item, placed: Placed | None) -> None:
        words = item.what
        assert isinstance(words, Words)
        if self.words.words() != words.text:
            show_quietly(self.words, words.text)
        self.face.setText(f"{words.font.name if words.font else words.face}   …")
        self.weight.setVisible(words.font is not None and words.font.weight is not None)
        if words.font is not None and words.font.weight is not None:
            self.weight.show_number(words.font.weight)
        self.align.show_choice(words.align)
        self.letter_spacing.show_number(words.letter_spacing)
        self.line_spacing.show_number(words.line_spacing)
        self.line_sizes.show_sizes(words.line_sizes)
        several = "\n" in words.text.strip()
        for widget in (self.align, self.line_spacing, self.line_sizes):
            widget.setVisible(several)
        self.bend.show_choice("straight" if not words.bend else "arch" if words.bend > 0 else "bowl")
        self._unit_mm = placed.units[1] if placed is not None else self._unit_mm
        self.radius.setVisible(bool(words.bend) and self._unit_mm > 0)
        self.radius.show_mm(abs(words.bend) * self._unit_mm, self.bench.unit)
        self._to_measure = item.key, words, (item if placed is None else placed.item).stretch
        self._tell_stroke()
        if self._to_measure != self._measured[0] or self._faces_are_outdated:
            self._rest.start()                                 # neither is as quick as typing
        if self._faces_are_others:
            self.open_faces()

    def take(self, item: Item, placed: Placed | None) -> None:
        super().take(item, placed)
        if self.item is None and self._window is not None:     # it is about no words now
            self._window.close()

    @property
    def _whose(self) -> tuple[str, int, int]:
        return self.bench.order.id, self.bench.job.key, self.item.key if self.item is not None else 0

    @property
    def _as_large(self) -> tuple[Item | None, float, Unit]:
        """What the strokes of its faces are told by."""
        return self.item, self.bench.job.stencil.least_opening, self.bench.unit

    @property
    def _faces_are_others(self) -> bool:
        return self._window is not None and self._window.isVisible() and self._faces_of != self._whose

    @property
    def _faces_are_outdated(self) -> bool:
        return self._window is not None and self._window.isVisible() and self._faces_as_large != self._as_large

    def _measure_now(self) -> None:
        """Ask for the thinnest stroke, off the GUI thread."""
        wanted = self._to_measure
        if wanted != self._measured[0]:
            self.measuring.ask(lambda: (wanted, thinnest_stroke(*wanted[1:])))
        if self._faces_are_outdated:
            self.open_faces()

    def _take_stroke(self, found: tuple[Measured, float | None]) -> None:
        self._measured = found
        self._tell_stroke()

    def _tell_stroke(self) -> None:
        """Tell the thinnest stroke of the words as large as they are now; of words just typed, till they are measured,
        that of those before."""
        (key, *_), share = self._measured
        cap = self.placed.cap_height if self.placed is not None else None
        if share is None or cap is None or key != self._to_measure[0]:
            self.sturdy.setText("")
            return
        limit, length = self.bench.job.stencil.least_opening, self.bench.length
        state = tr("sturdy") if share * cap >= limit else tr("thinner than your limit of {length}",
                                                             length=length(limit))
        self.sturdy.setText(tr("thinnest stroke here {length}: {state}", length=length(share * cap, 2), state=state))

    def _bend(self, way: object) -> None:
        assert self.item is not None and isinstance(self.item.what, Words)
        bend = abs(self.item.what.bend) or _FIRST_RADIUS
        self.change(tr("Arc"), what__bend={"arch": bend, "bowl": -bend}.get(str(way), 0.0))

    def _take_radius(self, mm: float) -> None:
        """An arc of a radius in mm: the letters keep their height, so that it stays as it was typed."""
        assert self.item is not None and isinstance(self.item.what, Words)
        placed = self.placed
        if placed is None or placed.cap_height is None:
            return
        sign = -1.0 if self.item.what.bend < 0 else 1.0
        self.change(tr("Radius of the arc"), what__bend=sign * mm / placed.units[1], size_is="caps",
                    size=placed.cap_height)

    def open_faces(self) -> "FacesWindow":
        """Open the window of faces on these words; once open, it is about the words in hand."""
        from vitrograph.desk.artwork.faces_window import FacesWindow  # the main window opens sooner without it

        if self._window is None:
            self._window = FacesWindow(self.bench, self)
            self._window.taken.connect(lambda changes: self.change(tr("Face"), **changes))
        assert self.item is not None and isinstance(self.item.what, Words)
        self._faces_of, self._faces_as_large = self._whose, self._as_large
        placed = self.placed
        self._window.show_words(self.item if placed is None else self.item.with_(
            size=placed.item.size, stretch=placed.item.stretch), None if placed is None else placed.cap_height)
        self._window.show()
        self._window.raise_()
        return self._window
