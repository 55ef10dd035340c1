"""The evening on the card: how long and how calm it is, what the hands do now, and what real life does to it."""

from datetime import datetime

from PySide6.QtCore import Qt, Signal
from PySide6.QtWidgets import QSlider

from vitrograph.core.etch import EveningPlan, Live, grams
from vitrograph.core.units import format_minutes
from vitrograph.desk.etch.evening_view import in_hours
from vitrograph.desk.etch.keeper import EveningKeeper
from vitrograph.desk.kit.ask_bar import Answer, AskBar
from vitrograph.desk.kit.fields import Column, button, in_a_row, label
from vitrograph.desk.kit.named import named


class EveningPanel(Column):
    """Begin; then what is next, pauses, what is skipped or done again. `asks` carries a question for the window."""

    asks = Signal(object)

    def __init__(self, keeper: EveningKeeper) -> None:
        super().__init__(gap=8)
        self.keeper, self.bench = keeper, keeper.bench
        self.says = named(label(""), "eveningSays")
        self.task = named(label("", scale=1.35, bold=True), "eveningTask")
        self.meanwhile = named(label("", "quiet"), "eveningMeanwhile")
        self.start = named(button("Begin the evening", "accent"), "beginEvening")
        self.there = named(button("Go there", "accent"), "goThere")
        self.pause = named(button("Pause: the phone"), "pauseEvening")
        self.anew = named(button("Late: plan again", tip="the rest, from now on"), "planAgain")
        self.skip = named(button("Skip this"), "skipTask")
        self.again = named(button("This one again"), "againGlass")
        self.broken = named(button("It broke"), "brokenGlass")
        self.calm = named(QSlider(Qt.Orientation.Horizontal), "calm")
        self.calm.setRange(0, 10)
        self.calm.setAccessibleName("Calm: time to spare before clocks")
        self.calm_says = named(label("", "quiet"), "calmSays")
        self._under_way = in_a_row(self.pause, self.anew), in_a_row(self.skip, self.again, self.broken)
        self.stack(self.says, self.task, self.meanwhile, self.there, *self._under_way, self.start, self.calm,
                   self.calm_says)
        self._connect()
        self.refresh()

    def _connect(self) -> None:
        keeper = self.keeper
        self.start.clicked.connect(keeper.begin)
        self.there.clicked.connect(keeper.go_there)
        self.pause.clicked.connect(keeper.pause)
        self.anew.clicked.connect(keeper.follow)
        self.skip.clicked.connect(lambda: self._ask("Skip", "left out", keeper.skip))
        self.again.clicked.connect(lambda: self._ask("Etch again", "etched again from its first coat", keeper.again))
        self.broken.clicked.connect(lambda: self._ask("It broke", "given up", keeper.broken))
        self.calm.sliderReleased.connect(self._take_calm)
        self.calm.actionTriggered.connect(lambda _act: None if self.calm.isSliderDown() else self._later())
        keeper.changed.connect(self.refresh)
        keeper.ticked.connect(self._show_task)

    def _later(self) -> None:
        self.calm.setValue(self.calm.sliderPosition())
        self._take_calm()

    def _take_calm(self) -> None:
        self.bench.edit("Calm of the evening", etch__calm=self.calm.value() / 10)

    def _ask(self, title: str, becomes: str, do: object) -> None:
        hand = self.keeper.at_hand()
        if hand is not None and callable(do):
            glass, task = hand
            what = f"{glass.called}: {glass.chain.tasks[task].name}" if title == "Skip" else glass.called
            self.asks.emit(AskBar(f"{what} is {becomes}?", [Answer("staysAsItIs", "No, go on", lambda: None),
                                                           Answer("yesDoIt", f"Yes, {title.lower()}", do)]))

    def refresh(self) -> None:
        """Show the plan, or how it stands."""
        evening, live = self.keeper.evening, self.keeper.live
        self.start.setVisible(evening is not None and not self.keeper.under_way)
        for widget in (self.calm, self.calm_says):
            widget.setVisible(evening is not None and not self.keeper.under_way)
        for row in self._under_way:
            row.setVisible(live is not None)
        if evening is None:
            trouble = self.keeper.trouble
            self.says.setText(f"{trouble[:1].upper()}{trouble[1:]}." if trouble else "The evening is being planned.")
        else:
            self.says.setText(_plan_words(evening) if live is None else _live_words(live))
            plan = evening.plan
            self.calm.setValue(round(10 * plan.calm))
            how = "as calm as it takes" if self.bench.order.etch.calm is None else "as calm as you chose"
            self.calm_says.setText(f"Shorter to the left, calmer to the right: {how}. When hands are a fifth slower or "
                                   f"somebody calls, {100 * plan.risk.late:.1f} of 100 glasses come too late.")
        if live is not None:
            self.pause.setText("Go on" if live.paused else "Pause: the phone")
        self._show_task()

    def _show_task(self) -> None:
        hand, live = self.keeper.at_hand(), self.keeper.live
        for widget in (self.task, self.meanwhile, self.there):
            widget.setVisible(hand is not None)
        if hand is None or live is None:
            return
        glass, task = hand
        wait = live.waits - (self.bench.making.now() - live.now)
        self.task.setText(f"{glass.called}: {glass.chain.tasks[task].name}")
        self.meanwhile.setText(f"Begins in {format_minutes(wait)}. Until then your hands are free." if wait > 20 else
                               f"It takes about {format_minutes(glass.chain.tasks[task].seconds)}.")
        steps = glass.refs[task]
        self.there.setText("Go there" if not steps or steps[0].station != "etch" else "Take it in hand")


def _plan_words(evening: EveningPlan) -> str:
    plan, need = evening.plan.evening, evening.cream
    many = len(evening.glasses)
    how = "by your weighings" if need.weighed else "a guess"
    low, high = evening.plan.risk.ends[0], evening.plan.risk.ends[2]
    cost = f", {100 * need.share:.1f} % of a full pot" if need.share else ""
    cost += f" for {need.cost:.2f}" if need.cost else ""
    return (f"{many} glass{'es' if many > 1 else ''}, one pair of hands: {in_hours(plan.makespan)}, mostly "
            f"{in_hours(low)} to {in_hours(high)}. At most {plan.at_once} under cream at once.\n"
            f"Cream: {grams(need.at_once)} on glass at once, {grams(need.used)} used up{cost} ({how}).\n"
            f"{evening.hands[:1].upper()}{evening.hands[1:]}.")


def _live_words(live: Live) -> str:
    if live.next is None:
        return "All done. Write down how it went while you remember it."
    late = f" {len(live.plan.evening.late)} late." if live.plan.evening.late else ""
    return f"Done at {datetime.fromtimestamp(live.done_at):%H:%M}.{late}" + (" Paused." if live.paused else "")
