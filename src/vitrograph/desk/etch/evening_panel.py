"""The evening on the card: how long and how calm it is, what the hands do now, and what real life does to it."""

from collections.abc import Callable
from functools import partial

from PySide6.QtCore import Signal

from vitrograph.core.etch import EveningPlan, Live, grams
from vitrograph.core.language import capital, tr
from vitrograph.core.units import format_minutes
from vitrograph.desk.etch.evening_view import in_hours, when_told
from vitrograph.desk.etch.glass_choice import GlassChoice
from vitrograph.desk.etch.keeper import EveningKeeper
from vitrograph.desk.kit.ask_bar import Answer, AskBar
from vitrograph.desk.kit.fields import Column, button, in_a_row, label
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.steady import Slider


class EveningPanel(Column):
    """Begin; then what is next, pauses, what is skipped or done again. `asks` carries a question for the window."""

    asks = Signal(object)

    def __init__(self, keeper: EveningKeeper) -> None:
        super().__init__(gap=8)
        self.keeper, self.bench = keeper, keeper.bench
        self.says = named(label(""), "eveningSays")
        self.task = named(label("", scale=1.35, bold=True), "eveningTask")
        self.meanwhile = named(label("", "quiet"), "eveningMeanwhile")
        self.start = named(button(tr("Begin the evening"), "accent"), "beginEvening")
        self.there = named(button(tr("Go there"), "accent"), "goThere")
        self.pause = named(button(tr("Pause: the phone")), "pauseEvening")
        self.anew = named(button(tr("Late: plan again"), tip=tr("the rest, from now on")), "planAgain")
        self.skip = named(button(tr("Skip this")), "skipTask")
        self.again = named(button(tr("This one again")), "againGlass")
        self.broken = named(button(tr("It broke")), "brokenGlass")
        self.calm = named(Slider(), "calm")
        self.calm.setRange(0, 10)
        self.calm.setAccessibleName(tr("Calm: time to spare before clocks"))
        self.calm_says = named(label("", "quiet"), "calmSays")
        self.whose = GlassChoice("glassOf")
        of_hands, of_glass = in_a_row(self.skip, self.pause), in_a_row(self.again, self.broken)
        self._under_way = of_hands, self.anew, of_glass
        self.stack(self.says, self.task, self.meanwhile, self.there, of_hands, self.anew, self.whose.field, of_glass,
                   self.start, self.calm, self.calm_says)
        self._connect()
        self.refresh()

    def _connect(self) -> None:
        keeper = self.keeper
        self.start.clicked.connect(keeper.begin)
        self.there.clicked.connect(keeper.go_there)
        self.pause.clicked.connect(keeper.pause)
        self.anew.clicked.connect(keeper.follow)
        self.skip.clicked.connect(self._ask_to_skip)
        self.again.clicked.connect(self._ask_again)
        self.broken.clicked.connect(self._ask_broken)
        self.calm.sliderReleased.connect(self._take_calm)
        self.calm.actionTriggered.connect(lambda _act: None if self.calm.isSliderDown() else self._later())
        keeper.changed.connect(self.refresh)
        keeper.ticked.connect(self._show_task)

    def _later(self) -> None:
        self.calm.setValue(self.calm.sliderPosition())
        self._take_calm()

    def _take_calm(self) -> None:
        self.bench.edit(tr("Calm of the evening"), etch__calm=self.calm.value() / 10)

    def _ask_to_skip(self) -> None:
        hand = self.keeper.at_hand()
        if hand is not None:
            glass, task = hand
            self._ask(tr("{glass}: {task} is left out?", glass=glass.called, task=glass.chain.tasks[task].name),
                      tr("Yes, skip"), partial(self.keeper.skip, glass, task))

    def _ask_again(self) -> None:
        glass = self.whose.glass()
        if glass is None:
            return
        if glass.whose in self.keeper.broken_ones:
            self._ask(tr("{glass} is made again, from a new film on?", glass=glass.called), tr("Yes, make it again"),
                      partial(self.keeper.again, glass))
        else:
            self._ask(tr("{glass} is etched again from its first coat?", glass=glass.called), tr("Yes, etch again"),
                      partial(self.keeper.again, glass))

    def _ask_broken(self) -> None:
        glass = self.whose.glass()
        if glass is None:
            return
        if glass.whose in self.keeper.broken_ones:
            self.bench.refused.emit(tr("{glass} is given up already", glass=glass.called))
        else:
            self._ask(tr("{glass} is given up?", glass=glass.called), tr("Yes, it broke"),
                      partial(self.keeper.broken, glass))

    def _ask(self, asks: str, yes: str, do: Callable[[], None]) -> None:
        """Ask, and do it to what was asked about, wherever the hands are by then."""
        def answered() -> None:
            self.whose.forget()
            do()

        self.asks.emit(AskBar(asks, [Answer("staysAsItIs", tr("No, go on"), lambda: None),
                                     Answer("yesDoIt", yes, answered)]))

    def refresh(self) -> None:
        """Show the plan, or how it stands."""
        evening, live = self.keeper.evening, self.keeper.live
        self.start.setVisible(evening is not None and not self.keeper.under_way)
        for widget in (self.calm, self.calm_says):
            widget.setVisible(evening is not None and not self.keeper.under_way)
        for row in self._under_way:
            row.setVisible(live is not None)
        hand = self.keeper.at_hand()
        self.whose.show(self.keeper.glasses if live is not None else (), self.keeper.broken_ones,
                        hand[0] if hand else self.keeper.shown())
        if evening is None:
            trouble = self.keeper.trouble
            self.says.setText(f"{capital(trouble)}." if trouble
                              else tr("The evening is being planned."))
        else:
            left_out = f"\n{capital(self.keeper.left_out)}." if self.keeper.left_out else ""
            self.says.setText((_plan_words(evening) if live is None else _live_words(live)) + left_out)
            plan = evening.plan
            self.calm.setValue(round(10 * plan.calm))
            how = tr("as calm as it takes") if self.bench.order.etch.calm is None else tr("as calm as you chose")
            self.calm_says.setText(tr("Shorter to the left, calmer to the right: {how}. When hands are a fifth slower "
                                      "or somebody calls, {late:.1f} of 100 glasses come too late.", how=how,
                                      late=100 * plan.risk.late))
        if live is not None:
            self.pause.setText(tr("Go on") if live.paused else tr("Pause: the phone"))
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
        self.meanwhile.setText(tr("Begins in {wait}. Until then your hands are free.", wait=format_minutes(wait))
                               if wait > 20 else
                               tr("It takes about {seconds}.", seconds=format_minutes(glass.chain.tasks[task].seconds)))
        steps = glass.refs[task]
        self.there.setText(tr("Go there") if not steps or steps[0].station != "etch" else tr("Take it in hand"))


def _plan_words(evening: EveningPlan) -> str:
    plan, need = evening.plan.evening, evening.cream
    many = len(evening.glasses)
    how = tr("by your weighings") if need.weighed else tr("a guess")
    low, high = evening.plan.risk.ends[0], evening.plan.risk.ends[2]
    cost = tr(", {share:.1f} % of a full pot", share=100 * need.share) if need.share else ""
    cost += tr(" for {cost:.2f}", cost=need.cost) if need.cost else ""
    done = [tr("The first is done after {first}, half of them after {half}.", first=in_hours(plan.ends[0]),
               half=in_hours(plan.half_done))] if many > 1 else []
    return "\n".join((
        tr("{n} glasses, one pair of hands: {time}, mostly {low} to {high}. At most {at_once} under cream at once.",
           "{n} glass, one pair of hands: {time}, mostly {low} to {high}. At most {at_once} under cream at once.",
           n=many, time=in_hours(plan.makespan), low=in_hours(low), high=in_hours(high), at_once=plan.at_once),
        *done,
        tr("Cream: {at_once} on glass at once, {used} used up{cost} ({how}).", at_once=grams(need.at_once),
           used=grams(need.used), cost=cost, how=how),
        f"{capital(evening.hands)}."))


def _live_words(live: Live) -> str:
    if live.next is None:
        return tr("All done. Write down how it went while you remember it.")
    late = tr(" {late} late.", late=len(live.plan.evening.late)) if live.plan.evening.late else ""
    when = when_told(live.done_at, live.now)
    return tr("Done {when}.{late}", when=when, late=late) + (tr(" Paused.") if live.paused else "")
