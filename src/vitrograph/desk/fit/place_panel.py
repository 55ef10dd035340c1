"""Where the art stands: round the glass, up the wall, turned, and how many times."""

from typing import get_args

from vitrograph.core.job import Job, Stand
from vitrograph.core.language import tr
from vitrograph.desk.bench import Bench
from vitrograph.desk.kit.card_part import CardPart
from vitrograph.desk.kit.fields import AngleField, ChoiceRow, LengthField, NumberField, chooser, label

_STANDS: dict[Stand, str] = {
    "angle": tr("at an angle from the front"), "opposite handle": tr("opposite the handle"),
    "between handles": tr("between two handles"), "facing others": tr("facing others, handle in hand"),
    "facing drinker": tr("facing the drinker, handle in hand"),
}
_HELD = {"top": tr("its top, from the rim"), "baseline": tr("its baseline, above the table"),
         "middle": tr("its middle, above the table")}


class PlacePanel(CardPart):
    """The place of the art on the glass."""

    def __init__(self, bench: Bench) -> None:
        super().__init__(bench)
        self.stand = chooser("stand", tr("Where it stands"), {name: _STANDS[name] for name in get_args(Stand)})
        self.hand = ChoiceRow(tr("Drinks with the"), "hand", [("right", tr("right hand")), ("left", tr("left hand"))])
        self.angle = AngleField(tr("Round from the front"), "angle")
        self.across = LengthField(tr("Across from the middle"), "across")
        self.held = chooser("held", tr("What keeps its height"), _HELD)
        self.from_rim = LengthField(tr("Rim to the art's top"), "from_rim", empty=tr("centred"))
        self.above = LengthField(tr("Above the table"), "above_table")
        self.turn = AngleField(tr("Turned to the left by"), "turn")
        self.level = ChoiceRow(tr("Level with"), "level", [("water", tr("water in it")), ("rim", tr("its rim"))])
        self.times = NumberField(tr("Copies round the glass"), "times", suffix="", whole=True)
        self.wrap = ChoiceRow("", "wrap", [(False, tr("each on its own")), (True, tr("one band that closes"))])
        self.wrap_says = label("", "quiet")
        self.stand_title = label(tr("Where it stands round the glass"))
        self.stack(self.stand_title, self.stand, self.hand, self.angle, self.across,
                   label(tr("What of it keeps its height")), self.held, self.from_rim, self.above, self.level,
                   self.turn,
                   self.times, self.wrap, self.wrap_says)
        self._listen()

    def _listen(self) -> None:
        edit = self.bench.edit
        self.stand.activated.connect(lambda at: edit(tr("Where it stands"), fit__stand=self.stand.itemData(at)))
        self.hand.edited.connect(lambda hand: edit(tr("Hand"), fit__hand=hand))
        self.angle.edited.connect(lambda angle: edit(tr("Round the glass"), fit__angle=angle))
        self.across.edited.connect(lambda mm: edit(tr("Across"), fit__across=mm))
        self.held.activated.connect(lambda at: self._hold(self.held.itemData(at)))
        self.from_rim.edited.connect(lambda mm: edit(tr("From the rim"), fit__from_rim=mm))
        self.above.edited.connect(lambda mm: edit(tr("Above the table"), fit__above_table=mm))
        self.level.edited.connect(lambda level: edit(tr("Level with"), fit__level=level))
        self.turn.edited.connect(lambda angle: edit(tr("Turn"), fit__turn=angle))
        self.times.edited.connect(lambda many: edit(tr("Copies"), fit__times=many))
        self.wrap.edited.connect(lambda wrap: edit(tr("All round"), fit__wrap=wrap))

    def _hold(self, line: str) -> None:
        """Hold another line of the art, where it is now."""
        fitted = self.bench.results.fitted
        now = () if fitted is None else (fitted.where_held(line),)
        self.bench.edit(tr("What keeps its height"), *now, fit__held=line)

    def show_job(self, job: Job) -> None:
        fit, unit, flat = job.fit, self.bench.unit, job.glass.kind == "flat"
        self.stand_title.setVisible(not flat)
        self.stand.setVisible(not flat)
        self.stand.setCurrentIndex(self.stand.findData(fit.stand))
        self.hand.setVisible(not flat and fit.stand in ("facing others", "facing drinker"))
        self.hand.show_choice(fit.hand)
        self.angle.setVisible(not flat and fit.stand == "angle")
        self.angle.show_radians(fit.angle)
        self.across.setVisible(flat)
        self.across.show_mm(fit.across, unit)
        self.held.setCurrentIndex(self.held.findData(fit.held))
        self.from_rim.setVisible(fit.held == "top")
        self.from_rim.show_mm(fit.from_rim, unit)
        self.from_rim.set_title(tr("Upper edge to the art's top") if flat else tr("Rim to the art's top"))
        self.above.setVisible(fit.held != "top")
        self.above.show_mm(fit.above_table, unit)
        self.level.setVisible(job.features.rim_rise > 0)
        self.level.show_choice(fit.level)
        self.turn.show_radians(fit.turn)
        self.times.setVisible(not flat)
        self.times.show_number(fit.times)
        self.wrap.setVisible(not flat and fit.times > 1)
        self.wrap.show_choice(fit.wrap)
        self.wrap_says.setVisible(not flat and fit.times > 1)
        self.wrap_says.setText(tr("Spaced so that the last meets the first; the seam comes behind.") if fit.wrap
                               else tr("Cut it {times} times; the glass shows where each stands.", times=fit.times))
