"""What can be decided about a drawing beside its colours: how a picture becomes outlines, and mends."""

from math import pi
from typing import cast

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QHBoxLayout, QListWidget, QWidget

from vitrograph.core.artwork import Placed
from vitrograph.core.artwork.mend import mend_words
from vitrograph.core.job import Drawing, Item, Mend, MendName
from vitrograph.core.language import tr
from vitrograph.desk.kit.fields import AngleField, ChoiceRow, LengthField, NumberField, button, drop_down, label
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.panel import Panel
from vitrograph.desk.kit.steady import Slider

_STEPS_PER_MM = 100


class Section(Panel):
    """Base of the sections: panels about an item's drawing."""

    @property
    def drawing(self) -> Drawing | None:
        """The drawing that is tidied."""
        return self.item.what if self.item is not None and isinstance(self.item.what, Drawing) else None

    def suits(self, item: Item) -> bool:
        return isinstance(item.what, Drawing) and self.suits_kind(item.what.kind)

    def suits_kind(self, kind: str) -> bool:
        """Whether this section has a meaning for a kind of drawing."""
        return True

    def show_piece(self, item: Item, placed: Placed | None) -> None:
        assert isinstance(item.what, Drawing)
        self.show_drawing(item.what, placed)

    def show_drawing(self, drawing: Drawing, placed: Placed | None) -> None:
        """Show what was decided."""

    def change_drawing(self, name: str, *, merge: bool = False, **changes: object) -> None:
        """Change the drawing, as one undo step."""
        self.change(name, merge=int(merge), **{f"what__{path}": value for path, value in changes.items()})


class PictureSection(Section):
    """How a picture becomes outlines."""

    title = tr("From picture to outline")
    picking = Signal(bool)
    levelling = Signal(bool)

    def build(self) -> None:
        self.tones = ChoiceRow(tr("Tones"), "trace_tones", [("two", tr("two tones")), ("lines", tr("halftone lines"))])
        self.frosts = ChoiceRow(tr("What frosts"), "light_frosts",
                                [(False, tr("the dark parts")), (True, tr("the light parts"))])
        self.threshold_is = ChoiceRow(tr("Where dark ends"), "threshold_is",
                                      [("auto", tr("found")), ("hand", tr("set by hand"))])
        self.threshold = self._slider("threshold", tr("threshold"), 255)
        self.light = ChoiceRow(tr("Light over the paper"), "even_light",
                               [(False, tr("as it is")), (True, tr("evened out"))])
        self.background = label("", "quiet")
        self.pick = button(tr("Pick a background colour"))
        self.pick.setObjectName("pickBackground")
        self.pick.setCheckable(True)
        self.forget = button(tr("Forget them"))
        self.tolerance = self._slider("tolerance", tr("tolerance"), 255)
        self.simplify = self._slider("simplify", tr("simplify"), _STEPS_PER_MM)
        self.smooth = LengthField(tr("Smooth the picture by"), "smooth", least=0.0)
        self.speck = LengthField(tr("Leave out specks under"), "speck", least=0.0)
        self.pinhole = LengthField(tr("Fill pinholes under"), "pinhole", least=0.0)
        self.pitch = LengthField(tr("A line each"), "line_pitch", least=0.2)
        self.least = LengthField(tr("No line thinner than"), "line_least", least=0.05)
        self.turn = AngleField(tr("Turned by"), "trace_turn")
        self.dpi = NumberField(tr("Dots to an inch of the picture"), "pictureDpi", suffix="",
                               empty=tr("as it says", "a picture"))
        self.level = button(tr("Straighten by an edge"))
        self.level.setObjectName("levelPicture")
        self.level.setCheckable(True)
        self.threshold_row, self.tolerance_row = self._named(
            tr("darker"), self.threshold, tr("lighter")), self._named(
            tr("this colour only"), self.tolerance, tr("much like it"))
        self.simplify_row = self._named(tr("faithful"), self.simplify, tr("simple"))
        picking = QWidget()
        row = QHBoxLayout(picking)
        row.setContentsMargins(0, 0, 0, 0)
        row.addWidget(self.pick, 2)
        row.addWidget(self.forget, 1)
        self.stack(self.tones, self.pitch, self.least, self.frosts, self.threshold_is, self.threshold_row, self.light,
                   self.background, picking, self.tolerance_row, label(tr("Outlines")), self.simplify_row, self.smooth,
                   self.speck, self.pinhole, self.dpi, self.turn, self.level)
        self._connect()

    def _slider(self, name: str, title: str, most: int) -> Slider:
        made = named(Slider(), name)
        made.setRange(0, most)
        made.setAccessibleName(title)
        return made

    def _named(self, left: str, slider: Slider, right: str) -> QWidget:
        made = QWidget()
        row = QHBoxLayout(made)
        row.setContentsMargins(0, 0, 0, 0)
        for text in (left, right):
            name = label(text, "quiet", scale=0.9)
            name.setWordWrap(False)
            row.addWidget(name)
        row.insertWidget(1, slider, 1)
        return made

    def _connect(self) -> None:
        change = self.change_drawing
        self.tones.edited.connect(lambda value: change(tr("Tones"), trace__tones=value))
        self.frosts.edited.connect(lambda value: change(tr("What frosts"), trace__light_frosts=value))
        self.light.edited.connect(lambda value: change(tr("Light"), trace__even_light=value))
        self.threshold_is.edited.connect(self._threshold_is)
        self.threshold.valueChanged.connect(lambda at: change(tr("Threshold"), merge=True, trace__threshold=at / 255))
        self.tolerance.valueChanged.connect(lambda at: change(tr("Tolerance"), merge=True, trace__tolerance=float(at)))
        self.simplify.valueChanged.connect(
            lambda at: change(tr("Simplify"), merge=True, trace__simplify=at / _STEPS_PER_MM))
        for field, name in ((self.smooth, "smooth"), (self.speck, "speck"), (self.pinhole, "pinhole"),
                            (self.pitch, "line_pitch"), (self.least, "line_least"), (self.turn, "turn"),
                            (self.dpi, "dpi")):
            field.edited.connect(lambda value, field=field, name=name: change(field.line.accessibleName(),
                                                                              **{f"trace__{name}": value}))
        self.forget.clicked.connect(lambda: change(tr("Forget the background"), trace__background=[]))
        self.pick.toggled.connect(self.picking)
        self.level.toggled.connect(self.levelling)

    def suits_kind(self, kind: str) -> bool:
        return kind == "picture"

    def show_drawing(self, drawing: Drawing, placed: Placed | None) -> None:
        choices, unit = drawing.trace, self.bench.unit
        lines, by_colour = choices.tones == "lines", bool(choices.background)
        for widget, wanted in ((self.pitch, lines), (self.least, lines),
                               (self.threshold_is, not lines and not by_colour),
                               (self.threshold_row, not lines and choices.threshold is not None),
                               (self.tolerance_row, by_colour), (self.forget, by_colour), (self.pick, not lines),
                               (self.background, not lines), (self.simplify_row, not lines)):
            widget.setVisible(wanted)
        self.tones.show_choice(choices.tones)
        self.frosts.show_choice(choices.light_frosts)
        self.light.show_choice(choices.even_light)
        self.threshold_is.show_choice("auto" if choices.threshold is None else "hand")
        self.background.setText(tr("Background: ") + (", ".join(choices.background) or tr("told by its tone")))
        for slider, value in ((self.threshold, (choices.threshold or 0.5) * 255), (self.tolerance, choices.tolerance),
                              (self.simplify, choices.simplify * _STEPS_PER_MM)):
            slider.blockSignals(True)
            slider.setValue(round(value))
            slider.blockSignals(False)
        for field, mm in ((self.smooth, choices.smooth), (self.speck, choices.speck), (self.pinhole, choices.pinhole),
                          (self.pitch, choices.line_pitch), (self.least, choices.line_least)):
            field.show_mm(mm, unit)
        self.turn.show_radians(choices.turn)
        self.dpi.show_number(choices.dpi)

    def _threshold_is(self, how: str) -> None:
        source = self.placed.local.source if self.placed is not None else None
        found = source.threshold if source is not None and source.threshold is not None else 0.5
        self.change_drawing(tr("Threshold"), trace__threshold=None if how == "auto" else found)

    def take_colour(self, colour: str) -> None:
        """Take a colour picked from the picture for background."""
        drawing = self.drawing
        if drawing is not None and colour not in drawing.trace.background:
            self.change_drawing(tr("Background colour"), trace__background=[*drawing.trace.background, colour])
        self.pick.setChecked(False)

    def take_level(self, angle: float) -> None:
        """Turn the picture so that a line drawn along an edge becomes level, or upright if that is nearer."""
        drawing = self.drawing
        if drawing is not None:
            nearest = (angle + pi / 4) % (pi / 2) - pi / 4
            turn = (drawing.trace.turn + nearest + pi) % (2 * pi) - pi
            self.change_drawing(tr("Straighten"), trace__turn=turn)
        self.level.setChecked(False)


_AMOUNTS: dict[MendName, str] = {
    "thicken": tr("By how much (thinner is negative)"), "round ends": tr("Rounding radius"),
    "square ends": tr("Half the stroke's width"), "close gaps": tr("Gaps under"), "drop specks": tr("Specks under"),
    "fill pinholes": tr("Pinholes under"), "remove": "", "remove thin": tr("Strokes under"), "keep": "",
    "smooth": tr("May stray by"), "straighten": tr("May stray by")}


class MendSection(Section):
    """Mends, one after the other; each can be taken back."""

    title = tr("Mend")
    placing = Signal(bool)

    def build(self) -> None:
        self.kind = drop_down("mendKind", tr("What to mend"))
        for name in _AMOUNTS:
            self.kind.addItem(mend_words(name), name)
        self.amount = LengthField("", "mend_amount")
        self.where = ChoiceRow(tr("Where"), "mend_where", [("all", tr("everywhere")), ("here", tr("where I click"))])
        self.reach = LengthField(tr("As far about it as"), "mend_reach", least=0.0)
        self.do = button(tr("Do it"), "accent")
        self.do.setObjectName("doMend")
        self.list = named(QListWidget(), "mends")
        self.list.setAccessibleName(tr("Mends, in their order"))
        self.list.setFixedHeight(96)
        self.back = button(tr("Take one back"))
        self.back.setObjectName("takeBack")
        self.stack(label(tr("Sizes are as they will be on the glass."), "quiet"), self.kind, self.amount, self.where,
                   self.reach, self.do, self.list, self.back)
        self._amount_mm, self._reach_mm = 0.5, 4.0
        self.place: tuple[float, float] | None = None
        self._unit_mm = 1.0
        self.kind.currentTextChanged.connect(lambda _kind: self._show_kind())
        self.amount.edited.connect(lambda mm: setattr(self, "_amount_mm", mm))
        self.reach.edited.connect(self._set_reach)
        self.where.edited.connect(self._set_where)
        self.do.clicked.connect(self.mend)
        self.back.clicked.connect(self._take_back)
        self.where.show_choice("all")
        self._show_kind()
        self._set_where("all")

    def show_drawing(self, drawing: Drawing, placed: Placed | None) -> None:
        if placed is not None:
            self._unit_mm = placed.mending_unit
        self.amount.show_mm(self._amount_mm, self.bench.unit)
        self.reach.show_mm(self._reach_mm, self.bench.unit)
        self.list.clear()
        for number, mend in enumerate(drawing.mends, start=1):
            by = f"  {self.bench.length(mend.amount * self._unit_mm, 2)}" if mend.amount else ""
            self.list.addItem(f"{number}  {mend_words(mend.does)}{by}" + (tr(", at a place") if mend.at else ""))
        self.list.setVisible(bool(drawing.mends))
        self.back.setVisible(bool(drawing.mends))

    @property
    def _kind(self) -> MendName:
        return cast(MendName, self.kind.currentData())

    def _show_kind(self) -> None:
        kind = self._kind
        self.amount.setVisible(bool(_AMOUNTS[kind]))
        self.amount.set_title(_AMOUNTS[kind])
        if not _AMOUNTS[kind]:                                 # to remove or keep one, it must be pointed at
            self.where.show_choice("here")
            self._set_where("here")

    def _set_where(self, where: str) -> None:
        self.placing.emit(where == "here")
        self.reach.setVisible(where == "here" and bool(_AMOUNTS[self._kind]))
        if where == "all":
            self.place = None

    def _set_reach(self, mm: float) -> None:
        self._reach_mm = mm

    @property
    def reach_units(self) -> float:
        """How far about the place a mend reaches, in heights of the drawing."""
        return self._reach_mm / self._unit_mm

    def mend(self) -> None:
        """Add the mend to the drawing's, or say what it lacks."""
        drawing, kind = self.drawing, self._kind
        pointed = self.where_is_here()
        if drawing is None:
            return
        if pointed and self.place is None:
            self.bench.refused.emit(tr("click on the drawing first, where it is to be mended"))
            return
        amount = self._amount_mm / self._unit_mm if _AMOUNTS[kind] else 0.0
        made = Mend(kind, amount, self.place if pointed else None, self.reach_units if pointed else 0.0)
        self._set((*drawing.mends, made), tr("Mend: {kind}", kind=mend_words(kind)))

    def where_is_here(self) -> bool:
        """Whether the mend is for a place."""
        return self.where.chosen() == "here"

    def _take_back(self) -> None:
        drawing = self.drawing
        if drawing is not None and drawing.mends:
            at = self.list.currentRow() if self.list.currentRow() >= 0 else len(drawing.mends) - 1
            self._set(drawing.mends[:at] + drawing.mends[at + 1:], tr("Take a mend back"))

    def _set(self, mends: tuple[Mend, ...], name: str) -> None:
        self.change_drawing(name, mends=mends)
