"""The etch station: a school of timing, the cautions, and the steps with their timers."""

from collections.abc import Sequence

from vitrograph.core.etch import CAUTIONS, SCHOOLS
from vitrograph.core.job import Job
from vitrograph.core.results import Results
from vitrograph.core.work import Step
from vitrograph.desk.kit.fields import ChoiceRow, label
from vitrograph.desk.kit.steps_card import StepsCard


class EtchCard(StepsCard):
    """Frost the glass."""

    station = "etch"
    heading = "Etch"
    done_words = "Frosted. Write it down while you remember it."

    def build(self) -> None:
        self.school = ChoiceRow("School of timing", "school", [
            (name, school.title) for name, school in SCHOOLS.items()])
        self.school_says = label("", "quiet")
        self.stack(label(CAUTIONS[0], "caution"), self.school, self.school_says)
        super().build()
        self.school.edited.connect(lambda name: self.bench.edit("School", etch__school=name))

    def steps_of(self, results: Results) -> Sequence[Step]:
        return results.etch.steps if results.etch else ()

    def show_job(self, job: Job) -> None:
        self.school.setVisible(job.stencil.kind != "decal")
        self.school_says.setVisible(job.stencil.kind != "decal")
        school = SCHOOLS[job.etch.school]
        self.school.show_choice(job.etch.school)
        self.school_says.setText(f"{school.says[:1].upper()}{school.says[1:]}; {school.seconds / 60:g} minutes in all. "
                                 "Common practice: your cream's label outranks it.")
