"""What the maker's own pieces say of how long this cream stands on this glass, where the recipe is chosen."""

from pathlib import Path
from typing import TYPE_CHECKING

from vitrograph.core.etch import lasting
from vitrograph.core.language import tr
from vitrograph.core.units import format_minutes
from vitrograph.desk.bench import Bench
from vitrograph.desk.bench.background import BackgroundTask
from vitrograph.desk.kit.fields import Column, button, label
from vitrograph.desk.kit.named import named

if TYPE_CHECKING:                      # it is read once something is asked: a start has no time for it
    from vitrograph.core.logbook.advice import Advice

_ROUND_S = 5                           # no hand is more exact


class OwnMinutes(Column):
    """The logbook's advice, and a button that lets the recipe last so long where it does not; nothing without pieces.

    It asks off the window's thread, when the station is entered and when cream or glass is another.
    """

    def __init__(self, bench: Bench, workshop: Path) -> None:
        super().__init__(gap=8)
        self.bench, self._workshop = bench, workshop
        self.advice: Advice | None = None
        self.says = named(label("", "quiet"), "ownMinutesSays")
        self.take = named(button(""), "takeOwnMinutes")
        self.stack(self.says, self.take)
        self._asked: tuple[str, str] | None = None
        self._task = BackgroundTask(self)
        self._task.answered.connect(self._answer)
        self._task.refused.connect(lambda _sentence: self._answer(None))         # the logbook's station tells of that
        self.take.clicked.connect(self._take)
        bench.station_changed.connect(lambda station: self._ask_anew() if station == "etch" else None)
        self.show_job()

    def show_job(self) -> None:
        """Show how the recipe stands to the advice, and ask anew where that is about another cream or glass."""
        job = self.bench.job
        if self.bench.station == "etch" and self._asked != (job.etch.cream.name, job.material):
            self._ask_anew()
        advice, seconds = self.advice, self._seconds()
        self.setVisible(advice is not None and advice.n > 0 and job.stencil.kind != "decal")
        if advice is not None:
            self.says.setText(tr("Your own pieces: {says}.", says=advice.says))
        wanted = seconds is not None and lasting(job.etch.recipe, seconds) is not None
        self.take.setVisible(wanted)
        if wanted:
            self.take.setText(tr("Let this recipe last {time}", time=format_minutes(seconds or 0.0)))

    def _ask_anew(self) -> None:
        job, book, workshop = self.bench.job, self.bench.logbook, self._workshop
        self._asked = job.etch.cream.name, job.material

        def work() -> object:
            from vitrograph.core.logbook.advice import advise_job

            return advise_job(book, job, workshop)

        self._task.ask(work)

    def _answer(self, advice: "Advice | None") -> None:
        self.advice = advice
        self.show_job()

    def _seconds(self) -> float | None:
        """How long it should stand, where the recipe is not within what the pieces say, and nothing leaks by then."""
        advice, minutes = self.advice, self.bench.job.etch.recipe.seconds / 60
        if advice is None or advice.minutes is None or advice.interval is None:
            return None
        low, high = advice.interval
        leaks = advice.latest is not None and advice.latest <= advice.minutes
        return None if leaks or low <= minutes <= high else _ROUND_S * round(60 * advice.minutes / _ROUND_S)

    def _take(self) -> None:
        seconds = self._seconds()
        made = lasting(self.bench.job.etch.recipe, seconds) if seconds is not None else None
        if made is not None:
            self.bench.edit(tr("Recipe"), etch__recipe=made)
