"""A part of a card: a column of fields that shows the job and asks the bench for changes."""

from PySide6.QtWidgets import QVBoxLayout, QWidget

from vitrograph.core.job import Job
from vitrograph.core.pipeline import Results
from vitrograph.desk import theme
from vitrograph.desk.bench import Bench


class CardPart(QWidget):
    """Base of the parts of the fit card."""

    def __init__(self, bench: Bench) -> None:
        super().__init__()
        self.bench = bench
        self._column = QVBoxLayout(self)
        self._column.setContentsMargins(0, 0, 0, 0)
        self._column.setSpacing(3 * theme.STEP)

    def stack(self, *widgets: QWidget) -> None:
        """Add widgets below what there is."""
        for widget in widgets:
            self._column.addWidget(widget)

    def show_job(self, job: Job) -> None:
        """Show what was decided."""

    def show_results(self, results: Results) -> None:
        """Show what follows from it."""
