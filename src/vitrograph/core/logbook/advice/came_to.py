"""What it came to: pieces, hours, cream and cost month by month, failures by kind, and what changed after a change."""

from collections.abc import Sequence
from statistics import median

from msgspec import Struct

from vitrograph.core.language import day_words, tr
from vitrograph.core.logbook.advice.causes import newcombe
from vitrograph.core.logbook.book import Asked, Logbook
from vitrograph.core.logbook.entry import COSTS, HANDS, Entry, Outcome, counts_of
from vitrograph.core.stations import station_title
from vitrograph.core.value_words import film_word

_LEAST_ENTRIES = 3                 # before and after a change, and behind a pace
_Z95 = 1.959963984540054           # the normal quantile of 0.975: three changes are looked at, so it is to be sure
_CHANGED = ("film", "cream", "recipe")


class Month(Struct, frozen=True):
    """A month (2026-11): entries, pieces, pieces not good, hours of hands, grams of cream, cost; 0 where unknown."""

    month: str
    entries: int
    pieces: int
    failed: int
    hours: float
    grams: float
    cost: float


class Failure(Struct, frozen=True):
    """How many pieces came out so, of how many."""

    what: Outcome
    many: int
    of: int


class Change(Struct, frozen=True):
    """Something used from a day on that was not used before, and the share of pieces not good before and since."""

    what: str
    before: str
    since: str
    day: str
    made: tuple[int, int]
    failed: tuple[int, int]

    @property
    def says(self) -> str:
        """It in a sentence."""
        rates = [failed / made for failed, made in zip(self.failed, self.made, strict=True)]
        low, high = newcombe(rates[1], self.made[1], rates[0], self.made[0], _Z95)
        known = (tr("too few to tell") if low <= 0 <= high else
                 tr("fewer fail since") if high < 0 else tr("more fail since"))
        return (tr("{what}: {since} since {day}, {before} before: {failed} of {made} pieces not good since "
                   "({rates:.0%}), {failed2} of {made2} before ({rates2:.0%}); {known}", what=_WHAT[self.what],
                   since=_used(self.what, self.since), day=day_words(self.day), before=_used(self.what, self.before),
                   failed=self.failed[1], made=self.made[1],
                   rates=rates[1], failed2=self.failed[0], made2=self.made[0], rates2=rates[0], known=known))


_WHAT = {"film": tr("film"), "cream": tr("cream"), "recipe": tr("recipe")}


def _used(what: str, name: str) -> str:
    """What was used, in words: a cream is called as the maker calls it."""
    return film_word(name) if what == "film" else tr(name) if what == "recipe" else name


class OwnPace(Struct, frozen=True):
    """What something takes of this maker, the median, and from how many entries that is known."""

    what: str
    number: float
    unit: str
    n: int

    @property
    def says(self) -> str:
        """It in a sentence."""
        return tr("{what}: {number:.3g} {unit}, from {n} entries", what=self.what, number=self.number, unit=self.unit,
                  n=self.n)


def months_in(book: Logbook, asked: Asked | None = None) -> list[Month]:
    """Each month with entries, the newest first. Raises LogbookError."""
    where, values = (asked or Asked()).where()
    cost, hours = (" + ".join(f"ifnull({name}, 0)" for name in names) for names in (COSTS, HANDS))
    with book.open() as inside:
        rows = inside.execute(
            f"SELECT substr(made_on, 1, 7) AS month, outcome, how_many, count(*), sum({hours}) / 60, "
            f"sum(ifnull(cream_g, 0)), sum({cost}) FROM record{where} GROUP BY month, outcome, how_many", values)
        told: dict[str, list[float]] = {}
        for month, outcome, how_many, times, *sums in rows:
            failed = how_many - counts_of(outcome, how_many).get("good", 0)
            row = told.setdefault(month, [0.0] * 6)
            for at, number in enumerate((times, how_many * times, failed * times, *sums)):
                row[at] += number
    return [Month(month, round(row[0]), round(row[1]), round(row[2]), *row[3:])
            for month, row in sorted(told.items(), reverse=True)]


def failures_in(book: Logbook, asked: Asked | None = None) -> list[Failure]:
    """How pieces failed, the commonest first. Raises LogbookError."""
    where, values = (asked or Asked()).where()
    told: dict[Outcome, int] = {}
    whole = 0
    with book.open() as inside:
        for outcome, how_many, times in inside.execute(
                f"SELECT outcome, how_many, count(*) FROM record{where} GROUP BY outcome, how_many", values):
            whole += how_many * times
            for what, many in counts_of(outcome, how_many).items():
                told[what] = told.get(what, 0) + many * times
    told.pop("good", None)
    return [Failure(what, many, whole) for what, many in sorted(told.items(), key=lambda one: -one[1])]


def changes_of(entries: Sequence[Entry]) -> list[Change]:
    """What the maker changed last of film, cream and recipe, with how it went before and since.

    A change counts once there are a few entries with the new and with what was used most before.
    """
    ordered = sorted(entries, key=lambda entry: entry.made_on)
    return [one for name in _CHANGED if (one := _last_change(ordered, name)) is not None]


def _last_change(ordered: Sequence[Entry], name: str) -> Change | None:
    used = [entry for entry in ordered if getattr(entry, name)]
    seen: dict[str, int] = {}
    for number, entry in enumerate(used):
        seen.setdefault(getattr(entry, name), number)
    for new, at in sorted(seen.items(), key=lambda one: -one[1]):
        before, since = used[:at], [entry for entry in used[at:] if getattr(entry, name) == new]
        if min(len(before), len(since)) >= _LEAST_ENTRIES:
            olds = [getattr(entry, name) for entry in before]
            old = max(dict.fromkeys(olds), key=olds.count)
            return Change(name, old, new, used[at].made_on, (_made(before), _made(since)),
                          (_failed(before), _failed(since)))
    return None


def _made(entries: Sequence[Entry]) -> int:
    return sum(entry.how_many for entry in entries)


def _failed(entries: Sequence[Entry]) -> int:
    return sum(entry.failed for entry in entries)


def paces_of(entries: Sequence[Entry]) -> list[OwnPace]:
    """What each stage takes of this maker a piece, a bit weeded takes, and a square centimetre takes of cream."""
    told = [(tr("{stage}, a piece", stage=station_title(stage.removesuffix("_min"))), "min",
             [minutes / entry.how_many for entry in entries if (minutes := getattr(entry, stage))]) for stage in HANDS]
    told.append((tr("a bit weeded"), "s", [60 * entry.weed_min / (entry.bits * entry.how_many) for entry in entries
                                       if entry.weed_min and entry.bits]))
    told.append((tr("cream used up on 10 cm²"), "g", [1000 * entry.cream_g / entry.area_mm2 for entry in entries
                                                  if entry.cream_g and entry.area_mm2]))
    return [OwnPace(what, median(numbers), unit, len(numbers)) for what, unit, numbers in told
            if len(numbers) >= _LEAST_ENTRIES]
