"""A helper's page: what it is for, a drawing, a few fields, and its answer."""

from collections.abc import Callable

from PySide6.QtWidgets import QLabel, QVBoxLayout, QWidget

from vitrograph.core.errors import VitrographError
from vitrograph.core.job import Job
from vitrograph.core.language import capital
from vitrograph.core.results import Results
from vitrograph.core.says import Value
from vitrograph.desk.bench import Bench
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.fields import label


class HelperPage(QWidget):
    """Base of the helpers. A page shows the job and asks the bench for every change."""

    name = ""
    title = ""
    says = ""

    def __init__(self, bench: Bench) -> None:
        super().__init__()
        self.bench = bench
        self.setObjectName(f"{self.name}Page")
        self._column = QVBoxLayout(self)
        self._column.setContentsMargins(5 * theme.STEP, 4 * theme.STEP, 5 * theme.STEP, 4 * theme.STEP)
        self._column.setSpacing(3 * theme.STEP)
        self._column.addWidget(label(self.title, scale=1.3, bold=True))
        self._column.addWidget(label(self.says, "quiet"))
        self.build()
        self._column.addStretch(1)

    # -- to be given by each page --------------------------------------------------------------------------------

    def build(self) -> None:
        """Make the drawing and the fields."""

    @staticmethod
    def suits(job: Job) -> bool:
        """Whether this helper has a meaning for the glass in hand."""
        return True

    def show_job(self, job: Job) -> None:
        """Show what was decided."""

    def show_results(self, results: Results) -> None:
        """Show what follows from it."""

    # -- shared --------------------------------------------------------------------------------------------------

    def stack(self, *widgets: QWidget) -> None:
        """Add widgets below what there is."""
        for widget in widgets:
            self._column.addWidget(widget)

    def answer_label(self, name: str) -> QLabel:
        """Where an answer is given in words."""
        made = label("", "reading")
        made.setObjectName(name)
        return made

    def answer(self, place: QLabel, work: Callable[[], Value | str]) -> None:
        """Give an answer in a sentence, or the reason why there is none."""
        try:
            says = self.bench.words(work())
        except VitrographError as error:
            says = error.words(self.bench.unit)
        place.setText(capital(says) + "." if says else "")
