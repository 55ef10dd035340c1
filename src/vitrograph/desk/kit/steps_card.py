"""The card of a station that is walked step by step."""

from PySide6.QtWidgets import QWidget

from vitrograph.core.pipeline import Results
from vitrograph.desk.kit.card import StationCard
from vitrograph.desk.kit.steps import Step, StepWalker


class StepsCard(StationCard):
    """Shows a station's steps one at a time; the bench remembers where the maker is."""

    done_words = "Done."

    def build(self) -> None:
        self.walker = StepWalker(f"{self.station}Steps", self.done_words)
        self.stack(self.walker)
        self.walker.moved.connect(self._moved)

    def steps_of(self, results: Results) -> list[Step]:
        """The steps that results call for."""
        raise NotImplementedError

    def show_step(self, step: int) -> None:
        """Let the views show one step only."""

    def show_results(self, results: Results) -> None:
        steps = self.steps_of(results)
        self.walker.setVisible(bool(steps))
        self.walker.show_steps(steps, min(self.bench.step_at(self.station), len(steps)))
        if self.bench.station == self.station:
            self.show_step(self.walker.at)

    def first_field(self) -> QWidget:
        return self.walker

    def _moved(self, step: int) -> None:
        self.bench.step_to(self.station, step)
        self.show_step(step)
