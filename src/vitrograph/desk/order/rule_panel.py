"""How large the rows of a list are: the rule, and its numbers."""

from vitrograph.core.job import Item, Piece, SizeRule, Words
from vitrograph.core.job.change import Resize
from vitrograph.core.language import tr
from vitrograph.desk.bench import Bench
from vitrograph.desk.kit.fields import ChoiceRow, Column, LengthField, NumberField, label


class RulePanel(Column):
    """The rule of the piece in hand."""

    def __init__(self, bench: Bench) -> None:
        super().__init__(gap=8)
        self.bench = bench
        self.by = ChoiceRow(tr("How large each name is"), "sizeRule", [
            ("caps", tr("Capitals alike")), ("width", tr("All as wide")), ("narrow", tr("Long ones narrowed"))],
                            columns=2)
        self.caps = LengthField(tr("Height of the capitals"), "rowCaps", least=0.0)
        self.most = LengthField(tr("The most a row may take"), "rowMost", least=0.0)
        self.narrow = NumberField(tr("Narrowed by at most"), "rowNarrow", suffix="%", whole=True)
        self.why = label("", "quiet", scale=0.9)
        self.stack(self.by, self.caps, self.most, self.narrow, self.why)
        self.by.edited.connect(self._take_rule)
        self.caps.edited.connect(self._take_caps)
        self.most.edited.connect(lambda mm: self.bench.edit(tr("The most a row may take"), artwork__rule__most=mm))
        self.narrow.edited.connect(self._take_narrow)

    def show_piece(self, piece: Piece) -> None:
        """Show the rule of a piece."""
        rule, words = piece.artwork.rule, _words_of(piece)
        self.by.show_choice(rule.by)
        self.caps.setVisible(rule.by != "width" and words is not None and words.size_is == "caps")
        self.most.setVisible(rule.by != "caps")
        self.narrow.setVisible(rule.by == "narrow")
        if words is not None:
            self.caps.show_mm(words.size, self.bench.unit)
        self.most.show_mm(rule.most, self.bench.unit)
        self.narrow.show_number(round(100 * (1 - rule.narrowest)))
        self.why.setText({
            "caps": tr("Short names come out narrow, long ones wide."),
            "width": tr("Short names come out large, long ones small."),
            "narrow": tr("Capitals alike; what is too long is pressed together, never more than so much.")}[rule.by])

    def _take_rule(self, by: object) -> None:
        rule = self.bench.pieces.piece.artwork.rule
        art = self.bench.results.art
        most = round(art.size[0], 1) if rule == SizeRule() and art is not None else rule.most
        self.bench.edit(tr("How large each name is"), artwork__rule__by=by, artwork__rule__most=most)

    def _take_caps(self, mm: object) -> None:
        words = _words_of(self.bench.pieces.piece)
        if words is not None and isinstance(mm, float):
            self.bench.edit(tr("Height of the capitals"), Resize(mm / words.size, typed=True))

    def _take_narrow(self, percent: object) -> None:
        assert isinstance(percent, int | float)
        self.bench.edit(tr("Narrowed by at most"), artwork__rule__narrowest=1 - percent / 100)


def _words_of(piece: Piece) -> Item | None:
    return next((item for item in piece.artwork.items if isinstance(item.what, Words)), None)
