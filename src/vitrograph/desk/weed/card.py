"""The weed station: one piece at a time, the frame first, openings large to small, islands that must stay."""

from vitrograph.core.pipeline import Results
from vitrograph.core.weed import Piece, WeedPlan
from vitrograph.desk.kit.fields import label
from vitrograph.desk.kit.steps import Step
from vitrograph.desk.kit.steps_card import StepsCard


class WeedCard(StepsCard):
    """Weed the film."""

    station = "weed"
    heading = "Weed"
    says = "Peel the mat from the film, not the film from the mat. Slow, low, in good light."
    done_words = "Weeded. Hold it to the light and look for pieces missed."

    def build(self) -> None:
        super().build()
        self.stay = label("", "quiet")
        self.section("Stays")
        self.stack(self.stay)

    def steps_of(self, results: Results) -> list[Step]:
        if results.weed is None:
            return []
        return [_pull(piece) for piece in results.weed.pull] + _islands(results.weed)

    def show_results(self, results: Results) -> None:
        super().show_results(results)
        islands = len(results.weed.stay) if results.weed else 0
        self.stay.setText(f"{islands} islands, in the darker tone." if islands else
                          "No islands: the stencil can be lifted as one piece.")

    def show_step(self, step: int) -> None:
        weed = self.bench.results.weed
        shape = weed.pull[step].shape if weed and 0 < step < len(weed.pull) else None
        self.bench.spotlight.emit(shape)


def _pull(piece: Piece) -> Step:
    name = "the surplus" if piece.kind == "frame" else piece.name
    return Step(f"Pull {piece.number}: {name}", f"{piece.where}; {piece.how}")


def _islands(weed: WeedPlan) -> list[Step]:
    if not weed.stay:
        return []
    names = ", ".join(f"{piece.number} {piece.name}" for piece in weed.stay[:8])
    more = f" and {len(weed.stay) - 8} more" if len(weed.stay) > 8 else ""
    return [Step(f"Look: {len(weed.stay)} islands must still be there", f"{names}{more}")]
