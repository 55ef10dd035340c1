"""What the stencil is: its kind, the film round the art, the film's edge, a tab, marks, and the guarded glass."""

from functools import partial
from typing import Any

from vitrograph.core.job import Job
from vitrograph.core.results import Results
from vitrograph.core.stencil import SIDES
from vitrograph.desk.bench import Bench
from vitrograph.desk.kit.card_part import CardPart
from vitrograph.desk.kit.fields import ChoiceRow, LengthField, chooser, label

_KIND_SAYS = {
    "resist": "The openings are weeded and frosted; the film round them guards the glass.",
    "clear": "A ground round the art is frosted; the art stays clear.",
    "decal": "The film of the art stays on the glass for good; all the rest is weeded. Nothing is etched.",
}


class KindPanel(CardPart):
    """The kind of stencil; the art is not redrawn for it."""

    def __init__(self, bench: Bench) -> None:
        super().__init__(bench)
        self.kind = ChoiceRow("What it is for", "kind", [("resist", "frosted art"), ("clear", "clear on frost"),
                                                         ("decal", "film stays")], columns=3)
        self.says = label("", "quiet")
        self.shape = ChoiceRow("The frosted ground", "ground_shape", [("rectangle", "rectangle"), ("oval", "oval"),
                                                                      ("art", "round the art")], columns=3)
        self.ground = LengthField("Ground beyond the art", "ground", least=0.0)
        self.stack(self.kind, self.says, self.shape, self.ground)
        edit = bench.edit
        self.kind.edited.connect(lambda kind: edit("Kind of stencil", stencil__kind=kind))
        self.shape.edited.connect(lambda shape: edit("Frosted ground", stencil__ground_shape=shape))
        self.ground.edited.connect(lambda mm: edit("Ground beyond the art", stencil__ground=mm))

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
        self.border = LengthField("Border", "border", least=0.0)
        self.alike = ChoiceRow("", "sides", [(True, "all sides alike"), (False, "each side its own")], columns=2)
        self.sides = [LengthField(f"Film at the {side} side", f"border_{side}", least=0.0) for side in SIDES]
        self.allowed = label("", "quiet")
        self.stack(self.border, self.alike, *self.sides, self.allowed)
        self.border.edited.connect(lambda mm: bench.edit("Border", stencil__border=mm, stencil__sides=None))
        self.alike.edited.connect(self._take_alike)
        for at, field in enumerate(self.sides):
            field.edited.connect(partial(self._take_side, at))

    def first_field(self) -> LengthField:
        """The field the keyboard goes to: the border, or its first side."""
        return self.border if self.bench.job.stencil.sides is None else self.sides[0]

    def _take_alike(self, alike: bool) -> None:
        choices = self.bench.job.stencil
        self.bench.edit("Border at each side", stencil__sides=None if alike else choices.borders)

    def _take_side(self, at: int, mm: float) -> None:
        self.bench.edit(f"Border, {SIDES[at]} side", **_side(at, mm))

    def show_job(self, job: Job) -> None:
        choices, unit = job.stencil, self.bench.unit
        self.border.setVisible(choices.sides is None)
        self.border.set_title("Surplus round the art" if choices.kind == "decal" else "Border")
        self.border.show_mm(choices.border, unit)
        self.alike.show_choice(choices.sides is None)
        for at, field in enumerate(self.sides):
            field.setVisible(choices.sides is not None)
            field.show_mm(choices.borders[at], unit)

    def show_results(self, results: Results) -> None:
        demands = results.demands
        rooms = "" if demands is None else " · ".join(f"{side} {self.bench.length(mm, 0)}"
                                                   for side, mm in zip(SIDES, demands.guard.allowed, strict=True))
        self.allowed.setText(f"The glass has room for: {rooms}." if rooms else "")


class EdgePanel(CardPart):
    """The film's edge, corners, tab and marks, and how far the glass is guarded."""

    def __init__(self, bench: Bench) -> None:
        super().__init__(bench)
        self.outline = ChoiceRow("The film's edge follows", "film_outline", [
            ("fan", "the glass"), ("art", "the art"), ("rectangle", "a rectangle"), ("oval", "a circle or oval")],
            columns=2)
        self.corner = LengthField("Corners rounded by", "corner", least=0.0)
        self.tab_title = label("A tab to lift it by")
        self.tab = chooser("tab", "A tab to lift it by", {"none": "none", **{side: f"at the {side} side"
                                                                             for side in SIDES}})
        self.marks = ChoiceRow("Ticks, level line, arrow and name", "marks", [
            ("none", "none"), ("drawn", "on paper"), ("cut", "cut too")], columns=3)
        self.guard = LengthField("Glass guarded round the openings", "guard", least=0.0)
        self.tape_width = LengthField("Masking tape, wide", "tape_width", least=1.0)
        self.tape = label("", "quiet")
        self.stack(self.outline, self.corner, self.tab_title, self.tab, self.marks, self.guard, self.tape_width,
                   self.tape)
        edit = bench.edit
        self.outline.edited.connect(lambda outline: edit("Film's edge", stencil__outline=outline))
        self.corner.edited.connect(lambda mm: edit("Corners", stencil__corner=mm))
        self.tab.activated.connect(lambda at: edit("Tab", stencil__tab=self.tab.itemData(at)))
        self.marks.edited.connect(lambda marks: edit("Marks", stencil__marks=marks))
        self.guard.edited.connect(lambda mm: edit("Guard", stencil__guard=mm))
        self.tape_width.edited.connect(lambda mm: edit("Masking tape", stencil__tape_width=mm))

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
        where = [f"{side} {self.bench.length(mm, 0)}" for side, mm in zip(SIDES, guard.sides, strict=True) if mm > 0.5]
        self.tape.setText(f"Tape makes up the rest: {', '.join(where)}; about {self.bench.length(guard.tape, 0)} of "
                          "it, hatched on the sheet." if where else "The film alone guards that much.")


def _side(at: int, mm: float) -> dict[str, Any]:
    """One side's border, by its path."""
    return {f"stencil__sides__{at}": mm}
