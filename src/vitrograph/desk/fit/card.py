"""The fit station: the art's size on the glass, the way it is laid, the place, and what the film must give."""

from math import degrees

from PySide6.QtWidgets import QWidget

from vitrograph.core.fit import size_told
from vitrograph.core.glass import Pane, eye_before, fan_of, usable_patch
from vitrograph.core.job import Job
from vitrograph.core.job.change import Resize
from vitrograph.core.language import decimals, tr
from vitrograph.core.results import Results
from vitrograph.core.value_words import word_of
from vitrograph.desk.fit.film_panel import FilmPanel
from vitrograph.desk.fit.place_panel import PlacePanel
from vitrograph.desk.fit.seen_panel import SeenPanel
from vitrograph.desk.fit.ways_picture import WaysPicture
from vitrograph.desk.kit.card import Readings, StationCard
from vitrograph.desk.kit.fields import AngleField, ChoiceRow, LengthField, label
from vitrograph.desk.kit.findings_list import FindingList

_MODE_SAYS = {
    "rim": tr("Rows keep their height and run level with the rim; letters fan out a little with the glass."),
    "letters": tr("Every letter keeps its shape, and grows or shrinks a little with the glass as the rows go up."),
    "straight": tr("Laid flat with no bend: letters keep their shape, but on a taper level lines smile or droop."),
    "eye": tr("From the front, {far} from the glass's axis, it looks exactly as drawn, {angle}° to each side. From "
              "elsewhere it does not, and at its ends it reaches farther round."),
}
_STRAIGHT_SAYS = tr("The wall is straight: rows run level with the rim, and letters keep their shape.")
_FACE_SAYS = {
    "outside": tr("Cut the right way round."),
    "back": tr("Cut mirrored, so that it reads from the front through the glass."),
}


class FitCard(StationCard):
    """Lay the art on the glass."""

    station = "fit"
    heading = tr("Fit")
    says = tr("The art can also be dragged, in either picture.")

    def build(self) -> None:
        self.width_field = LengthField(tr("Overall width, on the glass"), "size", least=1e-3)
        self.ways = WaysPicture()
        self.mode = ChoiceRow("", "mode", [("rim", tr("rim")), ("letters", tr("letters")), ("straight", tr("straight")),
                                           ("eye", tr("eye"))])
        self.mode_says = label("", "quiet")
        self.seen_from = LengthField(tr("Seen from"), "seen_from", least=1.0)
        self.up_to = AngleField(tr("True up to, each side"), "up_to")
        self.readings = Readings()
        self.findings = FindingList(self.bench)
        self.place, self.film, self.seen = PlacePanel(self.bench), FilmPanel(self.bench), SeenPanel(self.bench)
        self.face = ChoiceRow(tr("Face worked"), "face", [("outside", tr("outside")), ("back", tr("back"))])
        self.face_says = label("", "quiet")
        self.on_glass = LengthField(tr("Overall width, on the glass"), "width_on_glass", least=1e-6)
        self.stack(self.width_field, self.on_glass, self.ways, self.mode, self.mode_says, self.seen_from, self.up_to,
                   self.findings)
        self.section(tr("Place"))
        self.stack(self.place, self.face, self.face_says)
        self.section(tr("Film"))
        self.stack(self.film)
        self.section(tr("What follows"))
        self.stack(self.readings)
        self.section(tr("Try it first"))
        self.stack(self.seen)
        edit = self.bench.edit
        self.width_field.edited.connect(lambda mm: self.bench.resize(width=mm))
        self.on_glass.edited.connect(self._resize_on_glass)
        self.mode.edited.connect(lambda mode: edit(tr("Way of laying"), fit__mode=mode))
        self.ways.taken.connect(lambda mode: edit(tr("Way of laying"), fit__mode=mode))
        self.seen_from.edited.connect(lambda mm: edit(tr("Viewing distance"), stencil__viewing_mm=mm))
        self.up_to.edited.connect(lambda angle: edit(tr("Reading angle"), stencil__reading_angle=2 * angle))
        self.face.edited.connect(lambda face: edit(tr("Face", "of the glass"), fit__face=face))

    def _resize_on_glass(self, wide: float) -> None:
        """Bring all of the art to a width on the glass, where a typed width tells of something else."""
        def change() -> None:
            fitted, fit = self.bench.results.fitted, self.bench.job.fit
            if fitted is not None:
                held_top = fit.held == "top" and fit.from_rim is not None
                self.bench.edit(tr("Width on the glass"), Resize(fitted.factor_for(wide, held_top=held_top)))

        self.bench.attempt(change)

    def first_field(self) -> QWidget:
        return self.width_field.line

    def show_job(self, job: Job) -> None:
        fit, flat = job.fit, job.glass.kind == "flat"
        for widget in (self.ways, self.mode, self.mode_says):
            widget.setVisible(not flat)
        self.mode.show_choice(fit.mode)
        for field in (self.seen_from, self.up_to):
            field.setVisible(not flat and fit.mode == "eye")
        self.seen_from.show_mm(job.stencil.viewing_mm, self.bench.unit)
        self.up_to.show_radians(job.stencil.reading_angle / 2)
        alike = job.glass.kind == "straight" and fit.mode != "eye"
        self.mode_says.setText(_STRAIGHT_SAYS if alike else _MODE_SAYS[fit.mode].format(
            far=self.bench.length(job.stencil.viewing_mm, 0), angle=round(degrees(job.stencil.reading_angle / 2))))
        told = size_told(fit.mode, closed=not flat)
        self.width_field.set_title(tr("Overall width, {told}", told=word_of(told)))
        self.on_glass.setVisible(told != "on the glass")
        self.face.show_choice(fit.face)
        self.face_says.setText(_FACE_SAYS[fit.face])
        self.place.show_job(job)
        self.film.show_job(job)

    def show_results(self, results: Results) -> None:
        fitted, found = results.fitted, results.findings("fit")
        self.findings.setVisible(bool(found))
        self.findings.show_findings(found, "")
        self.ways.show_results(results)
        self.film.show_results(results)
        self.seen.setEnabled(results.complete and not results.failed)
        if fitted is None:
            self.readings.show_rows([])
            for field in (self.width_field, self.on_glass) if results.complete else ():
                field.show_mm(None, self.bench.unit)
            return
        if results.job == self.bench.job:
            self.width_field.show_mm(round(fitted.size[0], 6), self.bench.unit)
            self.on_glass.show_mm(round(fitted.on_glass[0], 3), self.bench.unit)
        self.readings.show_rows(self._rows(results))

    def _rows(self, results: Results) -> list[tuple[str, str]]:
        fitted, choices, length = results.fitted, self.bench.job.stencil, self.bench.length
        assert fitted is not None
        width, height = fitted.size
        rows = [(tr("art") if fitted.size_is == "on the glass"
                 else tr("art, {size_is}", size_is=word_of(fitted.size_is)),
                 f"{length(width, 1)} × {length(height, 1)}")]
        if fitted.size_is != "on the glass":
            rows.append((tr("art, on the glass"), " × ".join(length(side, 1) for side in fitted.on_glass)))
        if not isinstance(fitted.wall, Pane):
            u_low, _, u_high, _ = fitted.wall_bounds
            rows.append((tr("goes round"), f"{degrees(u_high - u_low):.0f}°"))
            rows.append((tr("stands at"), tr("{degrees:.0f}° from the front", degrees=degrees(fitted.angle))))
        eye = eye_before(fitted.wall, choices.viewing_mm)
        patch = usable_patch(fitted.wall, fitted.chart.s0, choices.least_border, choices.reading_angle, eye)
        rows.append((tr("front reads up to") if fitted.wall.closed else tr("pane takes up to"),
                     tr("{length} wide", length=length(patch.widest, 0))))
        rows.append((tr("room here, with border"), tr("{length} high", length=length(patch.tallest, 0))))
        fan = fan_of(fitted.wall)
        if fan is not None:
            rows.append((tr("whole wall's fan"), decimals(f"{degrees(fan.sweep):.2f}°")))
        rows.append((tr("ends off the level"), length(fitted.droop, 1)))
        if fitted.chart.eye is not None:
            rows.append((tr("seen off its place"), tr("up to {length}", length=length(fitted.off_the_eye, 1))))
        if results.job.fit.wrap and results.job.fit.times > 1:
            rows += self._ring_rows(results)
        return rows

    def _ring_rows(self, results: Results) -> list[tuple[str, str]]:
        """Of copies that go all round: the clear space between, and what the closing may miss by."""
        fitted, assessed = results.fitted, results.assessed
        assert fitted is not None
        pitch = fitted.wall.span * fitted.chart.middle_scale / results.job.fit.times
        rows = [(tr("clear between copies"), self.bench.length(pitch - fitted.size[0], 1))]
        if assessed is not None:
            rows.append((tr("the closing may miss by"), self.bench.length(assessed.trust.closing, 1)))
        return rows
