"""Where an item stands, how large it is, how it is turned, how often it comes; and what is done with several."""

from collections.abc import Callable
from math import copysign, pi
from typing import Literal

from PySide6.QtWidgets import QVBoxLayout, QWidget

from vitrograph.core.artwork import Placed
from vitrograph.core.artwork.composing.arrange import Side, aligned, boxes_of, matched, spaced
from vitrograph.core.artwork.composing.place import sides
from vitrograph.core.geometry import half_turn
from vitrograph.core.job import Artwork, Item, Repeat, Shape, Words
from vitrograph.core.language import tr
from vitrograph.desk.bench import Bench
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.fields import AngleField, ChoiceRow, LengthField, NumberField, button, in_a_row, label
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.panel import Panel
from vitrograph.desk.kit.steady import Line

_SIDES: list[tuple[Side, str]] = [("left", tr("left")), ("centre", tr("centre")), ("right", tr("right")),
                                  ("top", tr("top")),
                                  ("middle", tr("middle")), ("foot", tr("foot"))]
_WAYS = [("once", tr("once")), ("row", tr("row")), ("column", tr("column")), ("ring", tr("ring"))]
_STRAIGHT = 1e-9                   # 1/mm: film that bends less goes straight round
_RING_SHARE = 1.6                  # of an item's larger side, for a ring that is first tried


class SizePanel(Panel):
    """What the item does, and its size on the glass."""

    def build(self) -> None:
        self.does = ChoiceRow("", "does", [("frosts", tr("frosts")), ("clears", tr("clears what is below"))], columns=2)
        self.own_size = LengthField(tr("Its size"), "size", least=1e-3)
        self.size_is = ChoiceRow("", "size_is",
                                 [("width", tr("width")), ("height", tr("height")), ("caps", tr("capitals"))])
        self.other = label("", "quiet")
        self.stretch = NumberField(tr("Widened to"), "stretch", suffix="%", factor=0.01)
        self.aspect = LengthField(tr("Its height"), "aspect", least=1e-3)
        self.stack(self.does, self.own_size, self.size_is, self.other, self.aspect, self.stretch)
        self.does.edited.connect(lambda value: self.change(tr("What it does"), does=value))
        self.own_size.edited.connect(lambda mm: self.change(tr("Size of an item"), size=mm))
        self.size_is.edited.connect(self._measure_by)
        self.stretch.edited.connect(lambda value: self.change(tr("Widen"), stretch=value))
        self.aspect.edited.connect(self._take_height)

    def show_piece(self, item: Item, placed: Placed | None) -> None:
        self.does.show_choice(item.does)
        self.own_size.show_mm(item.size, self.bench.unit)
        self.size_is.setVisible(not isinstance(item.what, Shape))
        self.size_is.show_choice(item.size_is)
        self.size_is.offer("caps", isinstance(item.what, Words))
        is_shape = isinstance(item.what, Shape)
        self.own_size.set_title(tr("Its width") if is_shape else tr("Its size"))
        self.stretch.setVisible(not is_shape)
        self.stretch.show_number(item.stretch)
        self.aspect.setVisible(is_shape)
        if is_shape:
            self.aspect.show_mm(sides(item)[1], self.bench.unit)
        self._show_other(item, placed)

    def _show_other(self, item: Item, placed: Placed | None) -> None:
        self.other.setVisible(placed is not None and not isinstance(item.what, Shape))
        if placed is not None:
            wide, high = (self.bench.length(side, 1) for side in placed.size)
            caps = tr(", capitals {length}",
                      length=self.bench.length(placed.cap_height, 1)) if placed.cap_height else ""
            self.other.setText(f"{wide} × {high}{caps}")

    def _measure_by(self, side: str) -> None:
        """Hold another measure of the item, without changing its size."""
        assert self.item is not None
        placed = self.placed
        if placed is None:
            return
        size = {"width": placed.size[0], "height": placed.size[1], "caps": placed.cap_height or placed.size[1]}[side]
        self.change(tr("Size by"), size_is=side, size=size)

    def _take_height(self, mm: float) -> None:
        assert self.item is not None
        width, _ = sides(self.item)
        self.change(tr("Height of a shape"), size=width, size_is="width", stretch=width / mm)


class PlacePanel(Panel):
    """Name, place, turn and repeats."""

    def build(self) -> None:
        self.name = named(Line(), "pieceName")
        self.name.setAccessibleName(tr("Name of the item"))
        self.name.setPlaceholderText(tr("a name of your own for it"))
        self.x_field = LengthField(tr("Right of the middle line"), "x")
        self.y_field = LengthField(tr("Up from the art's level line"), "y")
        self.across = button(tr("To the other side of the glass"))
        self.across.setObjectName("otherSide")
        self.turn = AngleField(tr("Turned"), "turn")
        self.lean = NumberField(tr("Leaning"), "lean", suffix="%", factor=0.01)
        self.flip = button(tr("Flip it over, left to right"))
        self.flip.setObjectName("flip")
        self.flip.setCheckable(True)
        self.upside = button(tr("Upside down"))
        self.upside.setObjectName("upsideDown")
        self.way = ChoiceRow(tr("It comes"), "way", _WAYS)
        self.times = NumberField(tr("Times"), "times", suffix="", whole=True)
        self.pitch = LengthField(tr("From middle to middle"), "pitch", least=1e-3)
        self.stack(self.x_field, self.y_field, self.across, self.turn, self.lean, self.flip, self.upside, self.way,
                   self.times, self.pitch, self.name)
        self.name.editingFinished.connect(lambda: self.change(tr("Name of an item"), name=self.name.text()[:120]))
        self.x_field.edited.connect(lambda mm: self._arrange(tr("Place"), x=mm))
        self.y_field.edited.connect(lambda mm: self._arrange(tr("Place"), y=mm))
        self.across.clicked.connect(self._to_other_side)
        self.turn.edited.connect(lambda angle: self._arrange(tr("Turn an item"), turn=angle))
        self.lean.edited.connect(lambda value: self._arrange(tr("Lean"), lean=value))
        self.flip.clicked.connect(lambda flipped: self._arrange(tr("Flip"), flip=flipped))
        self.upside.clicked.connect(self._upside_down)
        self.way.edited.connect(self._take_way)
        self.times.edited.connect(lambda times: self.change(tr("Times"), repeat__times=times))
        self.pitch.edited.connect(lambda mm: self.change(tr("Spacing of a repeat"), repeat__pitch=mm))

    def show_piece(self, item: Item, placed: Placed | None) -> None:
        unit, repeat = self.bench.unit, item.repeat
        if not self.name.hasFocus():
            self.name.setText(item.name)
        self.x_field.show_mm(item.x, unit)
        self.y_field.show_mm(item.y, unit)
        self.turn.show_radians(item.turn)
        self.lean.show_number(item.lean)
        self.flip.setChecked(item.flip)
        self.way.show_choice(repeat.way if repeat is not None else "once")
        self.across.setVisible(self._half_round > 0)
        for widget in (self.times, self.pitch):
            widget.setVisible(repeat is not None)
        if repeat is not None:
            self.times.show_number(repeat.times)
            self.pitch.show_mm(repeat.pitch, unit)
            self.pitch.set_title(tr("Radius of the ring") if repeat.way == "ring" else tr("From middle to middle"))

    def _arrange(self, name: str, **changes: object) -> None:
        """Change the item's place; what is left alone stays where it is on the glass."""
        if self.item is None:
            return
        artwork = self.bench.job.artwork.changed({self.item.key: changes})
        if not self.bench.arrange(name, artwork):
            self.show_piece(self.item, None)

    @property
    def _half_round(self) -> float:
        """Half way round the glass in mm of the art; 0 where art does not go round it level, or comes several times."""
        fitted, fit = self.bench.results.fitted, self.bench.job.fit
        if fitted is None or not fitted.wall.closed or fit.times > 1 or fit.turn:
            return 0.0
        level = fit.mode == "rim" or (fit.mode != "eye" and abs(fitted.chart.flat.bend) < _STRAIGHT)
        return pi * fitted.chart.middle_scale if level else 0.0

    def _to_other_side(self) -> None:
        """Half way round the glass from where it is now; back to the front from nearer the back."""
        assert self.item is not None
        half, x = self._half_round, self.item.x
        self._arrange(tr("To the other side"), x=x + half if abs(x) < half / 2 else x - copysign(half, x))

    def _upside_down(self) -> None:
        """Flipped over, top to foot: a flip from left to right and half a turn."""
        assert self.item is not None
        turn = -self.item.turn
        self._arrange(tr("Upside down"), flip=not self.item.flip, lean=-self.item.lean,
                      turn=half_turn(turn + pi))

    def _take_way(self, way: Literal["once", "row", "column", "ring"]) -> None:
        assert self.item is not None
        placed = self.placed
        size = max(placed.size) if placed is not None else 20.0
        now = self.item.repeat
        pitch = now.pitch if now is not None and (now.way == "ring") == (way == "ring") else round(
            size * _RING_SHARE, 1)
        repeat = None if way == "once" else Repeat(now.times if now is not None else 3, way, pitch)
        self.change(tr("Repeat"), repeat=repeat)


class TogetherPanel(QWidget):
    """Lining up, spacing and matching what is chosen."""

    def __init__(self, bench: Bench) -> None:
        super().__init__()
        self.bench = bench
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(2 * theme.STEP)
        self.says = label("", "quiet")
        made = []
        for side, words in _SIDES:
            made.append(self._button(f"lineup_{side}", words, tr("Line up"), lambda boxes, keys, side=side: aligned(
                self.bench.job.artwork, boxes, keys, side)))
        column.addWidget(self.says)
        column.addWidget(in_a_row(*made[:3]))
        column.addWidget(in_a_row(*made[3:]))
        self.several = QWidget()
        rows = QVBoxLayout(self.several)
        rows.setContentsMargins(0, 0, 0, 0)
        rows.addWidget(in_a_row(*(
            self._button(name, words, tr("Space evenly"), lambda boxes, keys, up=up: spaced(
                self.bench.job.artwork, boxes, keys, upright=up))
            for name, words, up in (("space_across", tr("Even gaps across"), False),
                                    ("space_upright", tr("Even gaps upright"), True)))))
        rows.addWidget(in_a_row(*(
            self._button(name, words, tr("Match"), lambda boxes, keys, tall=tall: matched(
                self.bench.job.artwork, boxes, keys, height=tall))
            for name, words, tall in (("match_width", tr("As wide as the first"), False),
                                      ("match_height", tr("As high as the first"), True)))))
        column.addWidget(self.several)
        bench.chosen_changed.connect(lambda _keys: self.show_chosen())
        self.show_chosen()

    def _button(self, name: str, words: str, step: str, work: Callable[..., Artwork]) -> QWidget:
        made = button(words)
        made.setObjectName(name)
        made.setStyleSheet("padding: 6px 4px;")
        made.clicked.connect(lambda: self.bench.attempt(lambda: self._do(step, work)))
        return made

    def _do(self, step: str, work: Callable[..., Artwork]) -> None:
        art = self.bench.results.art
        if art is not None:
            self.bench.arrange(step, work(boxes_of(art.placed), self.bench.chosen))

    def show_chosen(self) -> None:
        """Say what the buttons will do for what is chosen."""
        many = len(self.bench.chosen) > 1
        self.several.setVisible(many)
        self.says.setText(tr("{chosen} items chosen; the first is the model", chosen=len(self.bench.chosen)) if many
                          else
                          tr("Line it up with the others; centre is the middle line"))
