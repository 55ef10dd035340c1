"""What is particular to drawings, shapes and monograms."""

from typing import TYPE_CHECKING

from PySide6.QtWidgets import QWidget

from vitrograph.core.artwork import Placed, faces
from vitrograph.core.artwork.composing.arrange import apart
from vitrograph.core.artwork.composing.monogram import INITIAL_HIGH
from vitrograph.core.artwork.composing.shapes import NATURAL_ASPECT
from vitrograph.core.errors import VitrographError
from vitrograph.core.job import Artwork, Drawing, Item, Monogram, Shape
from vitrograph.core.language import tr
from vitrograph.desk.artwork.size_field import size_line
from vitrograph.desk.kit.card import Readings
from vitrograph.desk.kit.fields import LengthField, button, chooser, in_a_row, label, show_quietly
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.panel import Panel
from vitrograph.desk.kit.steady import Line
from vitrograph.desk.kit.text_box import TextBox

if TYPE_CHECKING:
    from vitrograph.desk.artwork.tidying_window import TidyWindow

_OUTLINES = {"oval": tr("circle, oval"), "rectangle": tr("rectangle"), "rounded": tr("rounded"),
             "diamond": tr("diamond"),
             "shield": tr("shield"), "plaque": tr("plaque"), "hexagon": tr("hexagon"), "arch": tr("arch"),
             "star": tr("star")}
_EDGES = {"filled": tr("filled"), "line": tr("one line"), "two lines": tr("two lines"), "beads": tr("beads"),
          "scallops": tr("scallops")}
_STYLES = {"three": tr("side by side, the middle larger"), "single": tr("in one line"),
           "split": tr("one, split by the name"),
           "beside": tr("one, the name upright beside it"), "block": tr("lines as wide as each other")}


class DrawingPanel(Panel):
    """A brought drawing or picture."""

    def build(self) -> None:
        self.name = label("", "quiet")
        self.about = Readings()
        self.tidy = button(tr("Tidy it: tones, outlines, mends"))
        self.tidy.setObjectName("tidyDrawing")
        self._window: TidyWindow | None = None
        self.stack(self.name, self.about, self.tidy)
        self.tidy.clicked.connect(self.open_tidying)

    def suits(self, item: Item) -> bool:
        return isinstance(item.what, Drawing)

    def show_piece(self, item: Item, placed: Placed | None) -> None:
        assert isinstance(item.what, Drawing)
        self.name.setText(item.what.name)
        self.about.show_rows(size_line(placed, self.bench) if placed is not None else [])

    def open_tidying(self) -> "TidyWindow":
        """Open the window in which the drawing is tidied."""
        from vitrograph.desk.artwork.tidying_window import TidyWindow  # the main window opens sooner without it

        if self._window is None:
            self._window = TidyWindow(self.bench, self)
        if self.item is not None:
            self._window.take(self.item.key)
        self._window.show()
        self._window.raise_()
        return self._window


class ShapePanel(Panel):
    """A plain shape or a frame."""

    def build(self) -> None:
        self.outline = chooser("outline", tr("Outline"), _OUTLINES)
        self.edge = chooser("edge", tr("Edge"), _EDGES)
        self.line = LengthField(tr("Line"), "line", least=0.05)
        self.stack(in_a_row(self.outline, self.edge), self.line)
        self.outline.activated.connect(self._take_outline)
        self.edge.activated.connect(lambda at: self.change(tr("Edge"), what__edge=self.edge.itemData(at)))
        self.line.edited.connect(lambda mm: self.change(tr("Line"), what__line=mm))

    def suits(self, item: Item) -> bool:
        return isinstance(item.what, Shape)

    def show_piece(self, item: Item, placed: Placed | None) -> None:
        assert isinstance(item.what, Shape)
        self.outline.setCurrentIndex(self.outline.findData(item.what.outline))
        self.edge.setCurrentIndex(self.edge.findData(item.what.edge))
        self.line.setVisible(item.what.edge != "filled")
        self.line.show_mm(item.what.line, self.bench.unit)

    def _take_outline(self, at: int) -> None:
        """Another outline; one in its own proportions takes on those of the new one."""
        assert self.item is not None and isinstance(self.item.what, Shape)
        outline, was = self.outline.itemData(at), self.item.what.outline
        natural = abs(self.item.stretch - NATURAL_ASPECT[was]) < 1e-6
        self.change(tr("Outline"), what__outline=outline,
                    stretch=NATURAL_ASPECT[outline] if natural else self.item.stretch)


class MonogramPanel(Panel):
    """Initials set by a recipe."""

    def build(self) -> None:
        self.initials = named(Line(), "initials")
        self.initials.setAccessibleName(tr("Initials, left to right"))
        self.initials.setPlaceholderText(tr("initials, left to right"))
        self.text = TextBox(self.bench, "monogramText", tr("A name or a date"), 2,
                            empty=tr("a name or a date, if one goes with them"))
        self.setting = chooser("monogramStyle", tr("How they are set"), _STYLES)
        self.face = chooser("monogramFace", tr("Face of the initials"), {name: name for name in faces()})
        self.text_face = chooser("monogramTextFace", tr("Face of the name"), {name: name for name in faces()})
        self.frame = chooser("monogramFrame", tr("Frame"), {"": tr("no frame"), **_OUTLINES})
        self.edge = chooser("monogramEdge", tr("Edge of the frame"), {k: v for k, v in _EDGES.items() if k != "filled"})
        self._high: float = 1.0            # mm that the largest initial is high
        self.overlap = LengthField(tr("Initials reach into each other by"), "overlap", least=0.0)
        self.apart = button(tr("Take it apart into items"))
        self.apart.setObjectName("takeApart")
        self.stack(self.initials, self.text, self.setting, label(tr("Faces of the initials and of the name"), "quiet"),
                   self.face, self.text_face, in_a_row(self.frame, self.edge), self.overlap, self.apart)
        self.initials.textEdited.connect(lambda text: self.change(tr("Initials"), merge=1, what__initials=text[:20]))
        self.text.textChanged.connect(
            lambda: self.change(tr("Name"), merge=1, what__text=self.text.words()[:200]))
        for box, label_, field in ((self.setting, tr("Setting"), "style"), (self.face, tr("Face"), "face"),
                                   (self.text_face, tr("Face"), "text_face"), (self.edge, tr("Edge"), "edge")):
            box.activated.connect(lambda at, box=box, label_=label_, field=field: self.change(
                label_, **{f"what__{field}": box.itemData(at)}))
        self.frame.activated.connect(lambda at: self.change(tr("Frame"), what__frame=self.frame.itemData(at) or None))
        self.overlap.edited.connect(lambda mm: self.change(tr("Overlap"), what__overlap=mm / self._high))
        self.apart.clicked.connect(self.take_apart)

    def suits(self, item: Item) -> bool:
        return isinstance(item.what, Monogram)

    def first_field(self) -> QWidget:
        """Where typing begins."""
        return self.initials

    def show_piece(self, item: Item, placed: Placed | None) -> None:
        monogram = item.what
        assert isinstance(monogram, Monogram)
        if self.initials.text() != monogram.initials:
            self.initials.setText(monogram.initials)
        if self.text.words() != monogram.text:
            show_quietly(self.text, monogram.text)
        for box, value in ((self.setting, monogram.style), (self.face, monogram.face),
                           (self.text_face, monogram.text_face), (self.frame, monogram.frame or ""),
                           (self.edge, monogram.edge)):
            box.setCurrentIndex(box.findData(value))
        self.edge.setEnabled(monogram.frame is not None)
        self.overlap.setVisible(monogram.style == "three")
        if placed is not None and isinstance(placed.item.what, Monogram):      # not of what had its key before
            self._high = INITIAL_HIGH * placed.units[1]
        self.overlap.show_mm(monogram.overlap * self._high, self.bench.unit)

    def take_apart(self) -> None:
        """Replace the monogram by its items, each where it was."""
        if self.item is None:
            return
        artwork, index = self.bench.job.artwork, self.bench.job.artwork.index_of(self.item.key)
        assert index is not None
        try:
            parts = apart(self.item)
        except VitrographError as error:
            self.bench.refused.emit(error.words(self.bench.unit))
            return
        free = artwork.free_key()
        keyed = tuple(part.with_(key=free + at) for at, part in enumerate(parts))
        items = artwork.items[:index] + keyed + artwork.items[index + 1:]
        if self.bench.edit(tr("Take apart"), artwork=Artwork(items)):
            self.bench.choose(*(part.key for part in keyed))
