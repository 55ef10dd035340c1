"""What the order in hand is cut from and on: its film, how stencils may be turned on that, and the cutter's mat."""

from collections.abc import Callable
from functools import partial
from pathlib import Path

from msgspec.structs import replace

from vitrograph.core.job import Job, Stock
from vitrograph.core.language import tr
from vitrograph.core.says import Length, Says
from vitrograph.core.value_words import TURNINGS
from vitrograph.core.workshop import cut_begun, load_workshop
from vitrograph.desk.bench import Bench
from vitrograph.desk.kit.card_part import CardPart
from vitrograph.desk.kit.fields import ChoiceRow, LengthField, SpeedField, button, label
from vitrograph.desk.kit.named import named

_MOST_TOLD = 4                     # pieces of film


class StockPanel(CardPart):
    """The film there is, piece by piece, and the room on the mat; `workshop` tells where that is kept."""

    def __init__(self, bench: Bench, workshop: Callable[[], Path]) -> None:
        super().__init__(bench)
        self._workshop = workshop
        self.film = named(label("", "quiet"), "stockSays")
        self.turning = ChoiceRow(tr("Stencils may be turned on it"), "stockTurning", [*TURNINGS.items()], columns=3)
        self.mat_width = LengthField(tr("Width of the mat or roll"), "mat_width", least=1.0)
        self.mat_length = LengthField(tr("Length of the mat"), "mat_length", least=1.0)
        self.edge = LengthField(tr("Left free along its edges"), "mat_edge", least=0.0)
        self.travel = SpeedField(tr("Speed with the blade up"), "travel_speed")
        self.take = named(button(tr("Take those of your workshop")), "takeStock")
        self.stack(self.film, self.turning, self.mat_width, self.mat_length, self.edge, self.travel, self.take)
        lay_on = partial(bench.edit, cut__laid=())             # on other film nothing lies where it was laid
        self.turning.edited.connect(lambda how: lay_on(tr("Turning on the film"), cut__stock=tuple(
            replace(one, turning=how) for one in bench.job.cut.stock)))
        self.mat_width.edited.connect(lambda mm: lay_on(tr("Width of the mat"), cut__mat_width=mm))
        self.mat_length.edited.connect(lambda mm: lay_on(tr("Length of the mat"), cut__mat_length=mm))
        self.edge.edited.connect(lambda mm: lay_on(tr("Edge left free"), cut__edge=mm))
        self.travel.edited.connect(lambda speed: bench.edit(tr("Speed"), cut__travel_speed=speed))
        self.take.clicked.connect(lambda: bench.attempt(self._take_over))

    def show_job(self, job: Job) -> None:
        cut, unit = job.cut, self.bench.unit
        told = [self.bench.words(_line(stock)) for stock in cut.stock[:_MOST_TOLD]]
        more = tr("; and {said} more", said=len(cut.stock) - _MOST_TOLD) if len(cut.stock) > _MOST_TOLD else ""
        self.film.setText(tr("Cut from: {all}{more}.", all="; ".join(told), more=more) if told else tr(
            "No film is named: pieces as large as the mat are taken, as many as are wanted."))
        self.turning.setVisible(bool(told))
        if told:
            self.turning.show_choice(cut.stock[0].turning)
        for field, mm in ((self.mat_width, cut.mat_width), (self.mat_length, cut.mat_length), (self.edge, cut.edge)):
            field.show_mm(mm, unit)
        self.travel.show_speed(cut.travel_speed, unit)

    def _take_over(self) -> None:
        """Cut this order from the film, and on the cutter, that the workshop has in use today."""
        cut = self.bench.job.cut
        made = cut_begun(load_workshop(self._workshop()), cut)
        if made == cut:
            self.bench.told.emit(tr("it is cut from that film and on that cutter already"))
        else:
            self.bench.edit(tr("Film and cutter"), cut=made)


def _line(stock: Stock) -> Says:
    return Says("{name}, {wide} wide, {long} long", name=stock.name, wide=Length(stock.width, 0),
                long=Length(stock.length, 0))
