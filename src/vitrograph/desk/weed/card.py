"""The weed station: one bit at a time, how it is pulled, what must stay, and what to do when something tore."""

from collections.abc import Sequence

from vitrograph.core.job import Job
from vitrograph.core.language import tr
from vitrograph.core.results import Results
from vitrograph.core.units import format_minutes
from vitrograph.core.weed import Bit, WeedPlan, pace_of, weeding_seconds
from vitrograph.core.work import Pace, Step, StepRef
from vitrograph.desk.kit.fields import button, label
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.steps_card import StepsCard
from vitrograph.desk.kit.wrapping import Tick
from vitrograph.desk.weed.trouble import Trouble


class WeedCard(StepsCard):
    """Weed the film."""

    station = "weed"
    heading = tr("Weed")
    says = tr("Peel the mat from the film, not the film from the mat. Slow, low, in good light. A click ticks a bit.")
    done_words = tr("Weeded. Hold it to the light and look for bits missed.")
    copies_are = tr("Stencil")

    def build(self) -> None:
        super().build()
        self.alike = named(button(tr("Tick off all of it"), tip=tr("all bits of the same letter or drawing")),
                           "tickAlike")
        self.minutes = named(label("", "quiet"), "weedMinutes")
        self.changed = named(label("", "caution"), "weedChanged")
        self.stay = named(label("", "quiet"), "weedStays")
        self.parted = named(Tick(tr("Cut the surplus into parts")), "weedParted")
        self.trouble = Trouble(self.bench)
        self.stack(self.alike, self.minutes, self.changed)
        self.section(tr("What stays"))
        self.stack(self.stay)
        self.section(tr("Torn, or lost on the way?"))
        self.stack(self.trouble, self.parted)
        self.alike.clicked.connect(self._tick_alike)
        self.parted.clicked.connect(lambda on: self.bench.edit(tr("Parts of the surplus"), cut__parted=on))

    def steps_of(self, results: Results) -> Sequence[Step]:
        return results.weed.steps if results.weed else ()

    def show_job(self, job: Job) -> None:
        self.parted.setChecked(job.cut.parted)

    def show_results(self, results: Results) -> None:
        super().show_results(results)
        weed = results.weed
        islands = len(weed.stay) if weed else 0
        self.stay.setText(tr("{islands} islands, in the darker tone: count them.", islands=islands) if islands > 1 else
                          tr("1 island, in the darker tone.") if islands else
                          tr("No islands: the stencil can be lifted as one piece."))
        self.trouble.show_plan(results)
        if weed is not None:
            self._show_left(weed)
            self._show_changed(weed)

    def show_step(self, step: int) -> None:
        weed = self.bench.results.weed
        shape = weed.pull[step].shape if weed and step < len(weed.pull) and weed.pull[step].kind != "frame" else None
        self.bench.spotlight.emit(shape)
        alike = self._alike()
        self.alike.setVisible(len(alike) > 1)
        if alike:
            self.alike.setText(tr("Tick off all of {name}: {alike} bits", name=alike[0].name, alike=len(alike)))

    def _show_left(self, weed: WeedPlan) -> None:
        """How long what is left will take."""
        refs = self._refs(weed)[: len(weed.pull)]
        left = [edge for edge, ref in zip(weed.edges, refs, strict=True) if ref not in self.bench.making.progress.done]
        pace = self._pace()
        known = tr("from {ticks} of your own ticks",
                   ticks=pace.ticks) if pace else tr("a guess until you have ticked off a dozen")
        self.minutes.setText(tr("About {time} min for this one, {known}.",
                                time=format_minutes(weeding_seconds(left, pace)), known=known)
                             if left else "")
        self.minutes.setVisible(bool(left))

    def _show_changed(self, weed: WeedPlan) -> None:
        """Say that bits which were ticked off are not what they were: those are to be pulled anew."""
        keys = {step.key for step in weed.steps}
        here = ("weed", self.bench.job.key, self.copies.copy)
        gone = sum((ref.station, ref.piece, ref.copy) == here and ref.step not in keys
                   for ref in self.bench.making.progress.done)
        bits = tr("1 bit you had ticked off has") if gone == 1 else tr("{gone} bits you had ticked off have", gone=gone)
        self.changed.setText(tr("{bits} changed since: what took their place is to be pulled anew.", bits=bits)
                             if gone else "")
        self.changed.setVisible(bool(gone))

    def _pace(self) -> Pace | None:
        return pace_of(self.bench.making.gaps("weed"))

    def _refs(self, weed: WeedPlan) -> list[StepRef]:
        return self.bench.making.refs("weed", self.bench.job.key, self.copies.copy, weed.steps)

    def _alike(self) -> list[Bit]:
        """The bits not yet pulled that belong to the same letter as the one at hand: of the same name, next to it."""
        weed = self.bench.results.weed
        at = self.walker.at
        if weed is None or at >= len(weed.pull) or weed.pull[at].kind == "frame":
            return []
        one, done = weed.pull[at], self.bench.making.progress.done
        reach = max(one.shape.bounds[2] - one.shape.bounds[0], one.shape.bounds[3] - one.shape.bounds[1])
        return [bit for bit, ref in zip(weed.pull, self._refs(weed), strict=False)
                if bit.name == one.name and ref not in done and bit.shape.distance(one.shape) <= reach]

    def _tick_alike(self) -> None:
        weed = self.bench.results.weed
        if weed is not None:
            refs = self._refs(weed)
            self.bench.making.tick(*(refs[bit.number - 1] for bit in self._alike()))
            self.walker.setFocus()
