"""Islands and the ties that hold them, placed by the program or by hand; and whether the stencil is one piece."""

from itertools import groupby

from vitrograph.core.job import Job
from vitrograph.core.language import capital, tr
from vitrograph.core.results import Results
from vitrograph.core.says import Area
from vitrograph.core.units import Unit
from vitrograph.desk.bench import Bench
from vitrograph.desk.kit.card_part import CardPart
from vitrograph.desk.kit.fields import ChoiceRow, LengthField, NumberField, button, label


class TiesPanel(CardPart):
    """Ties: none, automatic, by hand."""

    def __init__(self, bench: Bench) -> None:
        super().__init__(bench)
        self.placed = ChoiceRow(tr("Ties to the film round them"), "ties", [
            ("none", tr("none")), ("auto", tr("placed for me")), ("hand", tr("by hand"))], columns=3)
        self.tie_width = LengthField(tr("Ties, wide"), "tie_width", least=0.2)
        self.each = NumberField(tr("Ties to each island (0: as needed)"), "tie_each", suffix="", whole=True)
        self.place = button(tr("Place a tie: click an opening on the sheet"), wordy=True)
        self.place.setObjectName("placeTie")
        self.place.setCheckable(True)
        self.by_hand = label(tr("Drag a tie along its opening to move it; click it and press Delete to take it away."),
                             "quiet")
        self.islands = label("", "quiet", scale=0.9)
        self.islands.setObjectName("islands")
        self.one_piece = label("", bold=True)
        self.one_piece.setObjectName("onePiece")
        self.proof = label("", "quiet", scale=0.9)
        self.stack(self.islands, self.placed, self.tie_width, self.each, self.place, self.by_hand, self.one_piece,
                   self.proof)
        edit = bench.edit
        self.placed.edited.connect(self._take_placed)
        self.tie_width.edited.connect(lambda mm: edit(tr("Tie width"), stencil__ties__width=mm))
        self.each.edited.connect(lambda many: edit(tr("Ties to each island"), stencil__ties__each=many))
        self.place.toggled.connect(bench.set_tying)
        bench.tying_changed.connect(self.place.setChecked)

    def _take_placed(self, placed: str) -> None:
        """By hand begins with the ties there are."""
        sheet = self.bench.results.sheet
        if placed == "hand" and sheet is not None:
            self.bench.set_ties(tr("Ties by hand"), [tie.at for tie in sheet.ties])
        else:
            self.bench.edit(tr("Ties"), stencil__ties__placed=placed)

    def show_job(self, job: Job) -> None:
        ties, decal = job.stencil.ties, job.stencil.kind == "decal"
        self.placed.setVisible(not decal)
        self.placed.show_choice(ties.placed)
        tied = ties.placed != "none" and not decal
        self.tie_width.setVisible(tied)
        self.tie_width.show_mm(ties.width, self.bench.unit)
        self.each.setVisible(ties.placed == "auto" and not decal)
        self.each.show_number(ties.each)
        self.place.setVisible(tied)
        self.by_hand.setVisible(tied)

    def show_results(self, results: Results) -> None:
        demands = results.demands
        self.islands.setText(_listed(results, self.bench.unit))
        if demands is None:
            self.one_piece.setText("")
            self.proof.setText("")
            return
        self.one_piece.setText(tr("One piece: no tape needed.") if demands.proof.one_piece else tr("Tape is needed."))
        self.proof.setText(" ".join(f"{capital(words)}." for words in demands.proof.says))


def _listed(results: Results, unit: Unit) -> str:
    """The islands there are, the smallest first, those of one name together."""
    stay = results.weed.stay if results.weed and results.job.stencil.kind != "decal" else ()
    if not stay:
        return "" if results.weed is None else tr("No island is left loose.")
    named = sorted(stay, key=lambda bit: (bit.name, bit.shape.area))
    groups = sorted(((name, [bit.shape.area for bit in bits])
                     for name, bits in groupby(named, key=lambda bit: bit.name)), key=lambda one: min(one[1]))
    both = tr(" and ")
    told = [f"{name}{f' ({len(areas)})' if len(areas) > 1 else ''}, {both.join(_areas(areas, unit))}"
            for name, areas in groups]
    return tr("{stay} loose: {all}.", stay=len(stay), all='; '.join(told))


def _areas(areas: list[float], unit: Unit) -> list[str]:
    least, most = Area(areas[0]).words(unit), Area(areas[-1]).words(unit)
    return [least] if len(areas) == 1 or least == most else [least, most]
