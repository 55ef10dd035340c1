"""The films: how many, how they are cut where the wall is curved both ways, and what they give there."""

from typing import Any

from vitrograph.core.job import Job
from vitrograph.core.language import capital, tr
from vitrograph.core.results import Results
from vitrograph.core.value_words import film_word
from vitrograph.desk.bench import Bench
from vitrograph.desk.kit.card_part import CardPart
from vitrograph.desk.kit.fields import ChoiceRow, NumberField, label

_SHAPE_SAYS = {
    "least strain": tr("Its flat shape is solved for, so that pressing it on costs the film least."),
    "best cone": tr("Its edges are true arcs, easy to draw by hand, and it must give more."),
}


class FilmPanel(CardPart):
    """The films that carry the art."""

    def __init__(self, bench: Bench) -> None:
        super().__init__(bench)
        self.rows = NumberField(tr("Bands, one above the other"), "rows", suffix="", whole=True)
        self.columns = NumberField(tr("Pieces, side by side"), "columns", suffix="", whole=True)
        self.parts_say = label(tr("Laid from below upward, each over the edge of the last; notches line up."), "quiet")
        self.shape = ChoiceRow(tr("Film cut"), "film_shape", [("least strain", tr("for the least strain")),
                                                          ("best cone", tr("by the best cone"))])
        self.shape_says = label("", "quiet")
        self.strains = label("", "quiet")
        self.relief = ChoiceRow(tr("Border"), "relief", [(False, tr("left whole")), (True, tr("snipped to relieve"))])
        self.warm = ChoiceRow(tr("Laid"), "warm", [(False, tr("as it is")), (True, tr("warm"))])
        self.limit = NumberField(tr("This film gives up to"), "give", suffix="%", factor=0.01)
        self.curved = (self.shape, self.shape_says, self.strains, self.relief, self.warm, self.limit)
        self.stack(self.rows, self.columns, self.parts_say, *self.curved)
        edit = bench.edit
        self.rows.edited.connect(lambda many: edit(tr("Bands"), fit__rows=many))
        self.columns.edited.connect(lambda many: edit(tr("Pieces side by side"), fit__columns=many))
        self.shape.edited.connect(lambda shape: edit(tr("How the film is cut"), fit__film_shape=shape))
        self.relief.edited.connect(lambda relief: edit(tr("Relief cuts"), fit__relief=relief))
        self.warm.edited.connect(lambda warm: edit(tr("Laid warm"), fit__warm=warm))
        self.limit.edited.connect(self._take_limit)

    def _take_limit(self, share: float) -> None:
        gives: dict[str, Any] = {f"fit__gives__{self.bench.job.cut.film}": share}
        self.bench.edit(tr("What the film gives"), **gives)

    def show_job(self, job: Job) -> None:
        fit = job.fit
        self.rows.show_number(fit.rows)
        self.columns.show_number(fit.columns)
        self.parts_say.setVisible(fit.rows * fit.columns > 1)
        self.shape.show_choice(fit.film_shape)
        self.shape_says.setText(_SHAPE_SAYS[fit.film_shape])
        self.relief.show_choice(fit.relief)
        self.warm.show_choice(fit.warm)
        self.limit.set_title(tr("{kind} film gives up to", kind=capital(film_word(job.cut.film))))
        self.limit.show_number(getattr(fit.gives, job.cut.film))
        for widget in self.curved:
            widget.setVisible(job.glass.kind in ("curved", "ball"))

    def show_results(self, results: Results) -> None:
        fitted = results.fitted
        if fitted is None or not fitted.curved:
            self.strains.setText("")
            return
        least = min(film.pressed.cone_strain[0] for film in fitted.films if film.pressed)
        most = max(film.pressed.cone_strain[1] for film in fitted.films if film.pressed)
        now = tr("This sheet") if results.job.fit.film_shape == "least strain" else tr("This cone")
        self.strains.setText(
            tr("{now}: squeezed to {squeeze:.1f} %, stretched to {stretch:.1f} %. The best cone: {least:.1f} % and "
               "{most:.1f} %.", now=now, squeeze=100 * fitted.squeeze, stretch=100 * fitted.stretch,
               least=-100 * least, most=100 * most))
