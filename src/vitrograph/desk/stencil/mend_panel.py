"""Mend all: worked out when asked for, shown on the sheet before it is done, and taken back as easily."""

from msgspec import Struct

from vitrograph.core.job import Job
from vitrograph.core.job.change import Resize
from vitrograph.core.language import capital, tr
from vitrograph.core.results import Results
from vitrograph.core.says import Area, Says
from vitrograph.core.stencil import Limits, Proposal, mend_all, smallest_factor
from vitrograph.desk.bench import Bench
from vitrograph.desk.bench.background import BackgroundTask
from vitrograph.desk.kit.card_part import CardPart
from vitrograph.desk.kit.fields import button, in_a_row, label


class _Answer(Struct, frozen=True):
    """What was worked out for a job: the mends, and the factor at which nothing fails without any."""

    job: Job
    proposal: Proposal
    factor: float | None


class MendPanel(CardPart):
    """One button for all that fails; what it would change is told first."""

    def __init__(self, bench: Bench) -> None:
        super().__init__(bench)
        self._answer: _Answer | None = None
        self.says = label("", "quiet")
        self.says.setObjectName("mendSays")
        self.mend = button(tr("Mend all…"), tip=tr("Work out the fewest mends, and show them"))
        self.mend.setObjectName("mendAll")
        self.do_it = button(tr("Do it"), "primary")
        self.do_it.setObjectName("mendDo")
        self.leave = button(tr("Leave it"))
        self.leave.setObjectName("mendLeave")
        self.larger = button("")
        self.larger.setObjectName("mendLarger")
        self.pair = in_a_row(self.do_it, self.leave)
        self.back = button(tr("Take back all mends"))
        self.back.setObjectName("mendBack")
        self.stack(self.says, self.mend, self.pair, self.larger, self.back)
        self.later = BackgroundTask(self)
        self.later.answered.connect(self._show)
        self.later.refused.connect(lambda why: self._say(tr("It could not be worked out: {why}.", why=why)))
        self.mend.clicked.connect(self._work_out)
        self.do_it.clicked.connect(self._do)
        self.leave.clicked.connect(self._forget)
        self.larger.clicked.connect(self._enlarge)
        self.back.clicked.connect(lambda: bench.edit(tr("Take back all mends"), stencil__mends=()))

    def _work_out(self) -> None:
        """Ask for the mends; the window goes on meanwhile."""
        job, sheet = self.bench.job, self.bench.results.sheet
        if sheet is not None:
            self._say(tr("Working it out…"))
            self.mend.setEnabled(False)
            self.later.ask(lambda: _Answer(job, mend_all(sheet, job.stencil), smallest_factor(sheet.cutting,
                                                                                       Limits.of(job.stencil))))

    def _show(self, answer: _Answer) -> None:
        """Tell what would be done, and show it on the sheet."""
        if answer.job != self.bench.job:
            self._forget()
            return
        self._answer = answer
        proposal = answer.proposal
        says = self.bench.words(proposal.says)
        words = capital(says) + "."
        if proposal.after:
            words += tr(" What is left is too fine for this size: make the art larger, or take the detail out.")
        self._say(words)
        self.pair.setVisible(bool(proposal.mends))
        self.mend.setVisible(not proposal.mends)
        if proposal.mends:
            self.bench.preview({"stencil__mends": (*answer.job.stencil.mends, *proposal.mends)})
        fitted = self.bench.results.fitted
        self.larger.setVisible(bool(answer.factor and answer.factor > 1 and fitted))
        if answer.factor and fitted:
            self.larger.setText(tr("Or {length} wide: nothing fails",
                                   length=self.bench.length(answer.factor * fitted.size[0], 0)))

    def _do(self) -> None:
        if self._answer is not None:
            mends = (*self._answer.job.stencil.mends, *self._answer.proposal.mends)
            self.bench.edit(tr("Mend all"), stencil__mends=mends)
        self._forget()

    def _enlarge(self) -> None:
        if self._answer is not None and self._answer.factor:
            self.bench.edit(tr("Larger, so that nothing fails"), Resize(self._answer.factor))
        self._forget()

    def _forget(self) -> None:
        """Back to the button; the sheet is shown as it is."""
        self._answer = None
        self.later.forget()
        self.bench.preview(None)
        self.show_results(self.bench.results)

    def _say(self, words: str) -> None:
        self.says.setText(words)
        self.says.setVisible(bool(words))

    def show_job(self, job: Job) -> None:
        if self._answer is not None and job != self._answer.job:
            self._forget()
        mends = job.stencil.mends
        self.back.setVisible(bool(mends))
        self.back.setText(tr("Take back all mends ({mends})", mends=len(mends)))

    def show_results(self, results: Results) -> None:
        if self._answer is not None or self.later.busy:
            return
        failing = results.demands.work.failing if results.demands else 0
        self.mend.setVisible(failing > 0)
        self.mend.setEnabled(True)
        self.mend.setText(tr("Mend all {failing}…", failing=failing) if failing > 1 else tr("Mend it…"))
        self.pair.hide()
        self.larger.hide()
        self._say(self._done(results))

    def _done(self, results: Results) -> str:
        """What the mends of the job in hand come to."""
        sheet = results.sheet
        if sheet is None or not self.bench.job.stencil.mends:
            return ""
        more = sheet.openings.area - sheet.drawn.area
        times = len(self.bench.job.stencil.mends)
        return self.bench.words(Says(
            "Mended {times}: openings {drawn} as drawn, {cut} as cut ({sign}{more}).",
            times=tr("{n} times", "once", n=times), drawn=Area(sheet.drawn.area),
            cut=Area(sheet.openings.area), sign="+" if more >= 0 else "\u2212", more=Area(abs(more))))
