"""A part of a card: a column of fields that shows the job and asks the bench for changes."""

from vitrograph.core.job import Job
from vitrograph.core.results import Results
from vitrograph.desk.bench import Bench
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.fields import Column


class CardPart(Column):
    """Base of the parts of a card."""

    def __init__(self, bench: Bench) -> None:
        super().__init__(3 * theme.STEP)
        self.bench = bench

    def show_job(self, job: Job) -> None:
        """Show what was decided."""

    def show_results(self, results: Results) -> None:
        """Show what follows from it."""
