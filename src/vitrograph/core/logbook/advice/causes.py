"""Which faults go with what: the rate with and without, and only what is left after many looks.

Copies made in one go are alike, so counts are divided by their design effect (J. N. K. Rao and A. J. Scott, A simple
method for the analysis of clustered binary data, Biometrics 48, 1992). Each pair is tested by Fisher's exact test; of
all pairs looked at, those are told that pass at a false discovery rate of 3 in 100 (Y. Benjamini and Y. Hochberg,
Controlling the false discovery rate, J. R. Statist. Soc. B 57, 1995). Rates have Wilson's interval, their difference
Newcombe's (R. G. Newcombe, Statistics in Medicine 17, 1998, method 10).
"""

from collections import Counter
from collections.abc import Callable, Mapping, Sequence
from math import sqrt

import numpy as np
from msgspec import Struct
from numpy.typing import NDArray

from vitrograph.core.findings import Code, Finding, Level, Remedy
from vitrograph.core.job import FilmKind, Job
from vitrograph.core.job.change import put
from vitrograph.core.language import tr
from vitrograph.core.logbook.book import Logbook
from vitrograph.core.logbook.entry import OUTCOMES, Outcome, counts_of
from vitrograph.core.says import Area, Length, Says, Value
from vitrograph.core.value_words import film_word, word_of

Values = NDArray[np.float64]

FALSE_RATE = 0.03                  # of what is told, on the mean of many books
LEAST_EACH = 8                     # pieces with and without, before a pair is looked at
_Z80 = 1.2815515655446004          # the normal quantile of 0.9: an interval of 80 %
_FILMS: tuple[FilmKind, ...] = ("stencil", "removable", "permanent", "shelf")
_SETTLE_MIN, _WEB_MM, _ISLAND_MM2, _OLD_DAYS, _STRAIN_PCT = 10.0, 1.0, 4.0, 365.0, 1.0


class Factor(Struct, frozen=True):
    """Something a piece has or has not: its words, the condition in SQL (NULL where nobody knows), and what to do.

    `remedy` changes a job so that it has it no more; None where that is not in the job.
    """

    name: Value | str
    condition: str
    does: str
    remedy: Callable[[Job], Remedy] | None = None


class Cause(Struct, frozen=True):
    """A fault that goes with a factor: copies with and without it, how many of them had the fault, and how sure.

    `rates` are the shares with and without, `interval` that of their difference (80 %), `p` the chance of so much by
    accident, before it is weighed against all that was looked at.
    """

    factor: Factor
    fault: Outcome
    made: tuple[int, int]
    had: tuple[int, int]
    interval: tuple[float, float]
    p: float

    @property
    def rates(self) -> tuple[float, float]:
        """The share of pieces that had it, with the factor and without."""
        return self.had[0] / self.made[0], self.had[1] / self.made[1]

    @property
    def more(self) -> bool:
        """Whether the fault comes oftener with the factor than without."""
        return self.rates[0] > self.rates[1]

    @property
    def says(self) -> Says:
        """It in a sentence, with what it rests on."""
        (with_it, without), (low, high) = self.rates, sorted(100 * abs(one) for one in self.interval)
        word = tr("oftener") if self.more else tr("more seldom")
        return Says("{fault} comes {word} with {name}: {had} of {made} pieces ({with_it:.0%}), and {had2} of {made2} "
                    "without ({without:.0%}); {low:.0f} to {high:.0f} points apart", fault=word_of(self.fault),
                    word=word, name=self.factor.name, had=self.had[0], made=self.made[0], with_it=with_it,
                    had2=self.had[1], made2=self.made[1], without=without, low=low, high=high)


def _settle_longer(job: Job) -> Remedy:
    longer = max(15.0, job.transfer.settle)
    return Remedy.of(tr("Let the film settle {longer:g} minutes", longer=longer),
                     put(lambda job: job.transfer.settle, longer))


def _wider_webs(job: Job) -> Remedy:
    return Remedy.of(Says("Ask for webs of {web} at least", web=Length(_WEB_MM)),
                     put(lambda job: job.stencil.least_web, max(_WEB_MM, job.stencil.least_web)))


def _larger_islands(job: Job) -> Remedy:
    return Remedy.of(Says("Ask for islands of {island} at least", island=Area(_ISLAND_MM2)),
                     put(lambda job: job.stencil.least_island, max(_ISLAND_MM2, job.stencil.least_island)))


def _snipped(job: Job) -> Remedy:
    return Remedy.of(tr("Snip the border, so that it gives"), put(lambda job: job.fit.relief, True))


def _other_film(kind: FilmKind) -> Callable[[Job], Remedy]:
    other: FilmKind = "permanent" if kind != "permanent" else "stencil"
    return lambda _job: Remedy.of(tr("Use {other} film", other=film_word(other)), put(lambda job: job.cut.film, other))


FACTORS: tuple[Factor, ...] = (
    Factor(Says("webs of film under {web}", web=Length(_WEB_MM)), f"web_mm < {_WEB_MM}",
           tr("ask for wider webs at the stencil"), _wider_webs),
    Factor(Says("islands under {island}", island=Area(_ISLAND_MM2)), f"island_mm2 < {_ISLAND_MM2}",
           tr("ask for larger islands at the stencil"), _larger_islands),
    Factor(tr("less than {minutes:g} minutes of settling", minutes=_SETTLE_MIN), f"settled_min < {_SETTLE_MIN}",
           tr("let the film settle longer"), _settle_longer),
    Factor(tr("cream opened more than a year ago"), f"cream_days > {_OLD_DAYS}", tr("take a fresh pot")),
    Factor(tr("film that gives more than {strain:g} % at the openings", strain=_STRAIN_PCT),
           f"strain_pct > {_STRAIN_PCT}",
           tr("snip the border, or make it smaller"), _snipped),
    *(Factor(tr("{kind} film", kind=film_word(kind)), f"CASE film WHEN '' THEN NULL ELSE film = '{kind}' END",
             tr("try another film"),
             _other_film(kind)) for kind in _FILMS),
)


class Group(Struct, frozen=True):
    """Entries alike: for each factor whether they have it (None: nobody knows), their copies, and how often."""

    has: tuple[bool | None, ...]
    many: int
    had: Mapping[Outcome, int]
    times: int


def finding_of(cause: Cause, job: Job) -> Finding:
    """A cause as a finding about a job, with the remedy that changes it where the job can."""
    remedy = cause.factor.remedy(job) if cause.factor.remedy is not None and cause.more else None
    why = cause.factor.does if cause.more else tr("what your own pieces show, after all looks that were taken")
    return Finding(Code.CAUSE, Level.NOTE, cause.says, why, remedy=remedy)


def causes_in(book: Logbook) -> tuple[Cause, ...]:
    """What goes with what in a book, the surest first. Raises LogbookError."""
    return causes_of(groups_of(book))


def groups_of(book: Logbook) -> list[Group]:
    """A book's entries, those alike together. Raises LogbookError."""
    digits = " + ".join(f"{3**at} * ifnull({factor.condition}, 2)" for at, factor in enumerate(FACTORS))
    with book.open() as inside:                                # one number for all factors, counted here
        told = Counter(inside.execute(f"SELECT {digits}, how_many, outcome FROM record INDEXED BY record_by_causes"))
    return [Group(tuple((False, True, None)[has // 3**at % 3] for at in range(len(FACTORS))), many,
                  counts_of(outcome, many), times) for (has, many, outcome), times in told.items()]


def causes_of(groups: Sequence[Group]) -> tuple[Cause, ...]:
    """What goes with what, after all looks that were taken."""
    table = _Table.of(groups)
    looked = [one for at in range(len(FACTORS)) for fault in OUTCOMES if fault != "good"
              if (one := _look(table, at, fault)) is not None]
    held = benjamini_hochberg([one.p for one in looked])
    return tuple(sorted((one for one, holds in zip(looked, held, strict=True) if holds), key=lambda one: one.p))


def benjamini_hochberg(chances: Sequence[float], rate: float = FALSE_RATE) -> list[bool]:
    """Which of many looks hold, so that of those told at most so many are false on the mean.

    >>> benjamini_hochberg([0.01, 0.04, 0.5, 0.02], 0.05)
    [True, False, False, True]
    """
    order = sorted(range(len(chances)), key=chances.__getitem__)
    last = max((rank for rank, at in enumerate(order, start=1) if chances[at] <= rate * rank / len(chances)), default=0)
    held = set(order[:last])
    return [at in held for at in range(len(chances))]


class _Table(Struct, frozen=True):
    """Groups as columns: which factors each has, (groups, factors), 1, 0, or -1 where nobody knows; copies; entries."""

    has: Values
    many: Values
    times: Values
    had: dict[Outcome, Values]

    @classmethod
    def of(cls, groups: Sequence[Group]) -> "_Table":
        has = np.array([[-1.0 if one is None else float(one) for one in group.has] for group in groups])
        return cls(has.reshape(len(groups), len(FACTORS)), np.array([float(group.many) for group in groups]),
                   np.array([float(group.times) for group in groups]),
                   {what: np.array([float(group.had.get(what, 0)) for group in groups]) for what in OUTCOMES})


def _look(table: _Table, at: int, fault: Outcome) -> Cause | None:
    """One pair, where there are enough pieces of either kind and any had the fault."""
    sides = [np.flatnonzero(table.has[:, at] == wanted) for wanted in (1, 0)]
    columns = [(table.many[side], table.had[fault][side], table.times[side]) for side in sides]
    made = [round(float(many @ times)) for many, _, times in columns]
    had = [round(float(hits @ times)) for _, hits, times in columns]
    if min(made) < LEAST_EACH or sum(had) == 0:
        return None
    effects = [_design_effect(*column) for column in columns]
    fewer = [max(1, round(number / effect)) for number, effect in zip(made, effects, strict=True)]
    hits = [min(few, round(hit / effect)) for few, hit, effect in zip(fewer, had, effects, strict=True)]
    return Cause(FACTORS[at], fault, (made[0], made[1]), (had[0], had[1]),
                 newcombe(had[0] / made[0], fewer[0], had[1] / made[1], fewer[1]),
                 fisher(hits[0], fewer[0], hits[1], fewer[1]))


def _design_effect(many: Values, had: Values, times: Values) -> float:
    """By how much copies of one making being alike blows up the variance of the rate; at least 1 (Rao and Scott)."""
    n, entries = float((many * times).sum()), float(times.sum())
    rate = float((had * times).sum()) / n
    if entries < 2 or not 0 < rate < 1:
        return 1.0
    clustered = entries / (entries - 1) * float((times * (had - rate * many) ** 2).sum()) / n**2
    return max(1.0, clustered / (rate * (1 - rate) / n))


def fisher(had: int, made: int, other_had: int, other_made: int) -> float:
    """The chance, by accident, of a table as unlikely as this one or more so (Fisher's exact test, both ways).

    >>> round(fisher(1, 10, 11, 14), 6)
    0.002759
    """
    total, whole = had + other_had, made + other_made
    low, high = max(0, total - other_made), min(total, made)
    log_of = np.concatenate([[0.0], np.cumsum(np.log(np.arange(1, whole + 1)))])       # of factorials
    k = np.arange(low, high + 1)
    logs = (log_of[made] - log_of[k] - log_of[made - k] + log_of[other_made] - log_of[total - k]
            - log_of[other_made - total + k] - log_of[whole] + log_of[total] + log_of[whole - total])
    chances = np.exp(logs)
    return float(min(1.0, chances[chances <= chances[had - low] * (1 + 1e-7)].sum()))


def wilson(rate: float, n: float, z: float = _Z80) -> tuple[float, float]:
    """Wilson's score interval of a rate seen in n (E. B. Wilson, J. Am. Stat. Assoc. 22, 1927).

    >>> [round(one, 4) for one in wilson(0.2, 50, 1.959964)]
    [0.1124, 0.3304]
    """
    middle, wide = rate + z * z / (2 * n), z * sqrt(rate * (1 - rate) / n + z * z / (4 * n * n))
    scale = 1 + z * z / n
    return max(0.0, (middle - wide) / scale), min(1.0, (middle + wide) / scale)


def newcombe(rate: float, n: float, other: float, other_n: float, z: float = _Z80) -> tuple[float, float]:
    """The interval of the difference of two rates, from Wilson's of each.

    >>> [round(one, 4) for one in newcombe(56 / 70, 70, 48 / 80, 80, 1.959964)]
    [0.0524, 0.3339]
    """
    (low, high), (other_low, other_high) = wilson(rate, n, z), wilson(other, other_n, z)
    apart = rate - other
    return (apart - sqrt((rate - low) ** 2 + (other_high - other) ** 2),
            apart + sqrt((high - rate) ** 2 + (other - other_low) ** 2))
