"""What the logbook has to say of a job before it is made: how the same went before."""

from collections.abc import Iterator

from vitrograph.core.etch import longer_than
from vitrograph.core.findings import Code, Finding, Level, Remedy
from vitrograph.core.job import Job
from vitrograph.core.job.change import put
from vitrograph.core.language import day_words, tr
from vitrograph.core.logbook.entry import LEAKED, Entry, outcome_words


def check_logbook(last: Entry | None, job: Job) -> Iterator[Finding]:
    """Yield how a job of this name went the last time, where it did not go well."""
    if last is None or set(last.counts) == {"good"}:
        return
    remedy = None
    stood = 60 * (last.minutes or 0.0)
    longer = longer_than(job.etch.recipe, stood + 1.0)
    if "faint" in last.counts and stood and job.etch.recipe.seconds <= stood and longer is not None:
        remedy = Remedy.of(tr("Use '{name}'", name=tr(longer.name)), put(lambda job: job.etch.recipe, longer))
    elif LEAKED & set(last.counts) and last.film == job.cut.film != "permanent":
        remedy = Remedy.of(tr("Use permanent vinyl, which grips best"), put(lambda job: job.cut.film, "permanent"))
    yield Finding(Code.BEFORE, Level.WATCH, tr("the last time, on {made_on}, it came out: {outcome}",
                                               made_on=day_words(last.made_on), outcome=outcome_words(last.outcome)),
                  last.note or tr("look at what was noted before it is made again"), remedy=remedy)
