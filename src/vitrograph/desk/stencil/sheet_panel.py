"""What the stencil is: its kind, the film round the art, the film's edge, a tab, marks, and the guarded glass."""

from functools import partial
from typing import Any

from vitrograph.core.fit import SIDES
from vitrograph.core.job import Job
from vitrograph.core.language import tr
from vitrograph.core.results import Results
from vitrograph.core.value_words import word_of
from vitrograph.desk.bench import Bench
from vitrograph.desk.kit.card_part import CardPart
from vitrograph.desk.kit.fields import ChoiceRow, LengthField, chooser, label

_KIND_SAYS = {
    "resist": tr("The openings are weeded and frosted; the film round them guards the glass."),
    "clear": tr("A ground round the art is frosted; the art stays clear."),
    "decal": tr("The film of the art stays on the glass for good; all the rest is weeded. Nothing is etched."),
}


class KindPanel(CardPart):
    """The kind of stencil; the art is not redrawn for it."""

    def __init__(self, bench: Bench) -> None:
        super().__init__(bench)
        self.kind = ChoiceRow(tr("What it is for"), "kind",
                              [("resist", tr("frosted art")), ("clear", tr("clear on frost")),
                               ("decal", tr("film stays"))], columns=3)
        self.says = label("", "quiet")
        self.shape = ChoiceRow(tr("The frosted ground"), "ground_shape",
                               [("rectangle", tr("rectangle")), ("oval", tr("oval")),
                                ("art", tr("round the art"))], columns=3)
        self.ground = LengthField(tr("Ground beyond the art"), "ground", least=0.0)
        self.stack(self.kind, self.says, self.shape, self.ground)
        edit = bench.edit
        self.kind.edited.connect(lambda kind: edit(tr("Kind of stencil"), stencil__kind=kind))
        self.shape.edited.connect(lambda shape: edit(tr("Frosted ground"), stencil__ground_shape=shape))
        self.ground.edited.connect(lambda mm: edit(tr("Ground beyond the art"), stencil__ground=mm))

    def show_job(self, job: Job) -> None:
        choices = job.stencil
        self.kind.show_choice(choices.kind)
        self.says.setText(_KIND_SAYS[choices.kind])
        for widget in (self.shape, self.ground):
            widget.setVisible(choices.kind == "clear")
        self.shape.show_choice(choices.ground_shape)
        self.ground.show_mm(choices.ground, self.bench.unit)


class BorderPanel(CardPart):
    """How much film there is round the art."""

    def __init__(self, bench: Bench) -> None:
        super().__init__(bench)
        self.border = LengthField(tr("Border"), "border", least=0.0)
        self.alike = ChoiceRow("", "sides", [(True, tr("all sides alike")), (False, tr("each side its own"))],
                               columns=2)
        self.sides = [LengthField(tr("Film at the {side} side", side=word_of(side)), f"border_{side}", least=0.0)
                      for side in SIDES]
        self.allowed = label("", "quiet")
        self.stack(self.border, self.alike, *self.sides, self.allowed)
        self.border.edited.connect(lambda mm: bench.edit(tr("Border"), stencil__border=mm, stencil__sides=None))
        self.alike.edited.connect(self._take_alike)
        for at, field in enumerate(self.sides):
            field.edited.connect(partial(self._take_side, at))

    def first_field(self) -> LengthField:
        """The field the keyboard goes to: the border, or its first side."""
        return self.border if self.bench.job.stencil.sides is None else self.sides[0]

    def _take_alike(self, alike: bool) -> None:
        choices = self.bench.job.stencil
        self.bench.edit(tr("Border at each side"), stencil__sides=None if alike else choices.borders)

    def _take_side(self, at: int, mm: float) -> None:
        self.bench.edit(tr("Border, {side} side", side=SIDES[at]), **_side(at, mm))

    def show_job(self, job: Job) -> None:
        choices, unit = job.stencil, self.bench.unit
        self.border.setVisible(choices.sides is None)
        self.border.set_title(tr("Surplus round the art") if choices.kind == "decal" else tr("Border"))
        self.border.show_mm(choices.border, unit)
        self.alike.show_choice(choices.sides is None)
        for at, field in enumerate(self.sides):
            field.setVisible(choices.sides is not None)
            field.show_mm(choices.borders[at], unit)

    def show_results(self, results: Results) -> None:
        demands = results.demands
        rooms = "" if demands is None else " · ".join(f"{word_of(side)} {self.bench.length(mm, 0)}"
                                                   for side, mm in zip(SIDES, demands.guard.allowed, strict=True))
        self.allowed.setText(tr("The glass has room for: {rooms}.", rooms=rooms) if rooms else "")


class EdgePanel(CardPart):
    """The film's edge, corners, tab and marks, and how far the glass is guarded."""

    def __init__(self, bench: Bench) -> None:
        super().__init__(bench)
        self.outline = ChoiceRow(tr("The film's edge follows"), "film_outline", [
            ("fan", tr("the glass")), ("art", tr("the art")), ("rectangle", tr("a rectangle")),
            ("oval", tr("a circle or oval"))], columns=2)
        self.corner = LengthField(tr("Corners rounded by"), "corner", least=0.0)
        self.tab_title = label(tr("A tab to lift it by"))
        self.tab = chooser("tab", tr("A tab to lift it by"), {
            "none": tr("none"), "left": tr("at the left side"), "lower": tr("at the lower side"),
            "right": tr("at the right side"), "upper": tr("at the upper side")})
        self.marks = ChoiceRow(tr("Ticks, level line, arrow and name"), "marks", [
            ("none", tr("none")), ("drawn", tr("on paper")), ("cut", tr("cut too"))], columns=3)
        self.guard = LengthField(tr("Glass guarded round the openings"), "guard", least=0.0)
        self.tape_width = LengthField(tr("Masking tape, wide"), "tape_width", least=1.0)
        self.tape = label("", "quiet")
        self.stack(self.outline, self.corner, self.tab_title, self.tab, self.marks, self.guard, self.tape_width,
                   self.tape)
        edit = bench.edit
        self.outline.edited.connect(lambda outline: edit(tr("Film's edge"), stencil__outline=outline))
        self.corner.edited.connect(lambda mm: edit(tr("Corners"), stencil__corner=mm))
        self.tab.activated.connect(lambda at: edit("Tab", stencil__tab=self.tab.itemData(at)))
        self.marks.edited.connect(lambda marks: edit(tr("Marks"), stencil__marks=marks))
        self.guard.edited.connect(lambda mm: edit(tr("Guard"), stencil__guard=mm))
        self.tape_width.edited.connect(lambda mm: edit(tr("Masking tape"), stencil__tape_width=mm))

    def show_job(self, job: Job) -> None:
        choices, unit = job.stencil, self.bench.unit
        self.outline.show_choice(choices.outline)
        self.corner.show_mm(choices.corner, unit)
        self.tab.setCurrentIndex(self.tab.findData(choices.tab))
        self.marks.show_choice(choices.marks)
        for widget in (self.guard, self.tape_width, self.tape):
            widget.setVisible(choices.kind != "decal")
        self.guard.show_mm(choices.guard, unit)
        self.tape_width.show_mm(choices.tape_width, unit)

    def show_results(self, results: Results) -> None:
        if results.demands is None:
            self.tape.setText("")
            return
        guard = results.demands.guard
        where = [f"{word_of(side)} {self.bench.length(mm, 0)}" for side,
                 mm in zip(SIDES, guard.sides, strict=True) if mm > 0.5]
        self.tape.setText(tr("Tape makes up the rest: {all}; about {length} of it, hatched on the sheet.",
                             all=', '.join(where), length=self.bench.length(guard.tape, 0)) if where
                          else tr("The film alone guards that much."))


def _side(at: int, mm: float) -> dict[str, Any]:
    """One side's border, by its path."""
    return {f"stencil__sides__{at}": mm}
