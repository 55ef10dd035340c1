"""What the maker's own pieces say of the piece in hand: minutes, causes, paces; asked off the window's thread."""

from pathlib import Path

from msgspec import Struct
from PySide6.QtCore import QObject, Signal

from vitrograph.core.findings import Finding
from vitrograph.core.job import Job
from vitrograph.core.language import capital
from vitrograph.core.logbook.advice import Advice, advise_job, causes_in, finding_of, paces_of
from vitrograph.desk.bench import Bench
from vitrograph.desk.bench.background import BackgroundTask
from vitrograph.desk.kit.fields import label
from vitrograph.desk.kit.findings_list import FindingList

_LAST = 300                        # entries that tell the maker's pace


class Said(Struct, frozen=True):
    """The advice, what goes with what, and the maker's paces in sentences."""

    advice: Advice
    causes: tuple[Finding, ...]
    paces: tuple[str, ...]


class Advising(QObject):
    """Asks the logbook about a job's cream on its glass. `answered` carries what it said."""

    answered = Signal(object)

    def __init__(self, bench: Bench, parent: QObject) -> None:
        super().__init__(parent)
        self.bench = bench
        self.says = label("")
        self.says.setObjectName("adviceSays")
        self.causes = FindingList(bench)
        self._task = BackgroundTask(self)
        self._task.answered.connect(self._show)
        self._task.refused.connect(self.says.setText)

    @property
    def busy(self) -> bool:
        """Whether the pieces have not spoken yet."""
        return self._task.busy

    def ask(self, job: Job, workshop: Path) -> None:
        """Ask about a job, in the background."""
        book = self.bench.logbook

        def work() -> Said:
            entries = [one.entry for one in book.found(most=_LAST)]
            return Said(advise_job(book, job, workshop),
                        tuple(finding_of(cause, job) for cause in causes_in(book)),
                        tuple(pace.says for pace in paces_of(entries)))

        self._task.ask(work)

    def _show(self, said: Said) -> None:
        sentences = (said.advice.says, *said.paces)
        self.says.setText("\n".join(f"{capital(one)}." for one in sentences))
        self.causes.show_findings(said.causes, "")
        self.answered.emit(said.advice)
