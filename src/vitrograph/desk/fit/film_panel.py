"""The films: how many, how they are cut where the wall is curved both ways, and what they give there."""

from typing import Any

from vitrograph.core.job import Job
from vitrograph.core.results import Results
from vitrograph.desk.bench import Bench
from vitrograph.desk.kit.card_part import CardPart
from vitrograph.desk.kit.fields import ChoiceRow, NumberField, label

_SHAPE_SAYS = {
    "least strain": "Its flat shape is solved for, so that pressing it on costs the film least.",
    "best cone": "Its edges are true arcs, easy to draw by hand, and it must give more.",
}


class FilmPanel(CardPart):
    """The films that carry the art."""

    def __init__(self, bench: Bench) -> None:
        super().__init__(bench)
        self.rows = NumberField("Bands, one above the other", "rows", suffix="", whole=True)
        self.columns = NumberField("Pieces, side by side", "columns", suffix="", whole=True)
        self.parts_say = label("Laid from below upward, each over the edge of the last; notches line up.", "quiet")
        self.shape = ChoiceRow("Film cut", "film_shape", [("least strain", "for the least strain"),
                                                          ("best cone", "by the best cone")])
        self.shape_says = label("", "quiet")
        self.strains = label("", "quiet")
        self.relief = ChoiceRow("Border", "relief", [(False, "left whole"), (True, "snipped to relieve")])
        self.warm = ChoiceRow("Laid", "warm", [(False, "as it is"), (True, "warm")])
        self.limit = NumberField("This film gives up to", "give", suffix="%", factor=0.01)
        self.curved = (self.shape, self.shape_says, self.strains, self.relief, self.warm, self.limit)
        self.stack(self.rows, self.columns, self.parts_say, *self.curved)
        edit = bench.edit
        self.rows.edited.connect(lambda many: edit("Bands", fit__rows=many))
        self.columns.edited.connect(lambda many: edit("Pieces side by side", fit__columns=many))
        self.shape.edited.connect(lambda shape: edit("How the film is cut", fit__film_shape=shape))
        self.relief.edited.connect(lambda relief: edit("Relief cuts", fit__relief=relief))
        self.warm.edited.connect(lambda warm: edit("Laid warm", fit__warm=warm))
        self.limit.edited.connect(self._take_limit)

    def _take_limit(self, share: float) -> None:
        gives: dict[str, Any] = {f"fit__gives__{self.bench.job.cut.film}": share}
        self.bench.edit("What the film gives", **gives)

    def show_job(self, job: Job) -> None:
        fit = job.fit
        self.rows.show_number(fit.rows)
        self.columns.show_number(fit.columns)
        self.parts_say.setVisible(fit.rows * fit.columns > 1)
        self.shape.show_choice(fit.film_shape)
        self.shape_says.setText(_SHAPE_SAYS[fit.film_shape])
        self.relief.show_choice(fit.relief)
        self.warm.show_choice(fit.warm)
        self.limit.set_title(f"{job.cut.film.capitalize()} film gives up to")
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
        now = "This sheet" if results.job.fit.film_shape == "least strain" else "This cone"
        self.strains.setText(
            f"{now}: squeezed to {100 * fitted.squeeze:.1f} %, stretched to {100 * fitted.stretch:.1f} %. "
            f"The best cone: {-100 * least:.1f} % and {100 * most:.1f} %.")
