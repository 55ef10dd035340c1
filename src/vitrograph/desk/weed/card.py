"""The weed station: one bit at a time, the surplus first, openings large to small, islands that must stay."""

from collections.abc import Sequence

from vitrograph.core.results import Results
from vitrograph.core.work import Step
from vitrograph.desk.kit.fields import label
from vitrograph.desk.kit.steps_card import StepsCard


class WeedCard(StepsCard):
    """Weed the film."""

    station = "weed"
    heading = "Weed"
    says = "Peel the mat from the film, not the film from the mat. Slow, low, in good light."
    done_words = "Weeded. Hold it to the light and look for bits missed."
    copies_are = "Stencil"

    def build(self) -> None:
        super().build()
        self.stay = label("", "quiet")
        self.section("Stays")
        self.stack(self.stay)

    def steps_of(self, results: Results) -> Sequence[Step]:
        return results.weed.steps if results.weed else ()

    def show_results(self, results: Results) -> None:
        super().show_results(results)
        islands = len(results.weed.stay) if results.weed else 0
        self.stay.setText(f"{islands} islands, in the darker tone." if islands else
                          "No islands: the stencil can be lifted as one piece.")

    def show_step(self, step: int) -> None:
        weed = self.bench.results.weed
        shape = weed.pull[step].shape if weed and 0 < step < len(weed.pull) else None
        self.bench.spotlight.emit(shape)
