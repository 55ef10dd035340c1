"""A recipe for etching as data: coats, rests, worked stretches, stirs and checks, each with a time and a tolerance."""

from typing import Annotated, Literal

from msgspec import Meta

from vitrograph.core.job.records import Record
from vitrograph.core.language import read_day, tr
from vitrograph.core.value_words import word_of

Doing = Literal["coat", "rest", "work", "stir", "check"]
How = Literal["", "thin", "thick", "dabbed", "crossed"]
ClockFrom = Literal["covered", "first"]

LONGEST_S = 24 * 3600.0
LEAST_TOLERANCE_S = 5.0
MOST_WEIGHED = 200
WAITED: tuple[Doing, ...] = ("rest", "work")       # stretches whose time decides how deep the frost comes out
_HOWS: dict[Doing, tuple[How, ...]] = {
    "coat": ("thin", "thick"), "work": ("dabbed", "crossed"), "rest": ("",), "stir": ("",), "check": ("",)}

RecipeName = Annotated[str, Meta(min_length=1, max_length=80)]
Words = Annotated[str, Meta(max_length=400)]


class Phase(Record, frozen=True):
    """A stretch under cream: what is done, how, for how many seconds, and how many more or fewer will do.

    A coat of 0 seconds takes as long as the area asks for.
    """

    does: Doing = "rest"
    how: How = ""
    seconds: Annotated[float, Meta(ge=0, le=LONGEST_S)] = 0.0
    tolerance: Annotated[float, Meta(ge=0, le=3600)] = 30.0

    @property
    def waited(self) -> bool:
        """Whether its time is under cream, and has a clock."""
        return self.does in WAITED


class Recipe(Record, frozen=True):
    """A way of etching by name: its phases, from when on its clock counts, and what is said for and against it.

    `cream` is the cream it is meant for, "" for any.
    """

    name: RecipeName = "Five, stir, five"
    phases: Annotated[tuple[Phase, ...], Meta(min_length=2, max_length=20)] = (
        Phase("coat", "thick"), Phase("rest", "", 300.0, 30.0), Phase("stir", "", 30.0, 15.0),
        Phase("rest", "", 300.0, 30.0))
    clock: ClockFrom = "covered"
    cream: Annotated[str, Meta(max_length=80)] = ""
    says: Words = "two rests with a stir between: what lay thin gets fresh cream"
    others: Words = "stirring lets air in, others say, and leave it alone"

    def __post_init__(self) -> None:
        trouble = _trouble(self)
        if trouble:
            raise ValueError(tr("the recipe '{name}': {trouble}", name=self.name[:40], trouble=trouble))

    @property
    def seconds(self) -> float:
        """Time under cream, in all, as it is meant."""
        return sum(phase.seconds for phase in self.phases if phase.does != "coat")


def _trouble(recipe: Recipe) -> str:
    """What is wrong with a recipe, as half a sentence; "" where nothing is."""
    if recipe.phases[0].does != "coat":
        return tr("it must begin with a coat of cream")
    if not any(phase.waited for phase in recipe.phases):
        return tr("the cream needs time: give it a rest or a worked stretch")
    if recipe.seconds > LONGEST_S:
        return tr("{seconds:.0f} hours under cream is more than a day: shorten it", seconds=recipe.seconds / 3600)
    if recipe.phases[-1].does == "coat":
        return tr("cream that was just laid on needs time: end with a rest or a worked stretch")
    for number, phase in enumerate(recipe.phases, start=1):
        if phase.how not in _HOWS[phase.does]:
            if can := tr(" or ").join(filter(None, map(word_of, _HOWS[phase.does]))):
                return tr("phase {number}: a {does} is {can}", number=number, does=word_of(phase.does), can=can)
            return tr("phase {number}: a {does} has no 'how'", number=number, does=word_of(phase.does))
        if phase.waited and phase.seconds <= 0:
            return tr("phase {number}: a {does} of no length: give its time, or take it out", number=number,
                      does=word_of(phase.does))
        if phase.waited and phase.tolerance < LEAST_TOLERANCE_S:
            return tr("phase {number}: a tolerance of {tolerance:g} s: no hand is that exact, give at least {least:g} "
                      "s", number=number, tolerance=phase.tolerance, least=LEAST_TOLERANCE_S)
    return ""


class Weighing(Record, frozen=True):
    """The pot before and after an etch, grams, and the area that had cream, mm²."""

    before: Annotated[float, Meta(ge=0, le=1e5)]
    after: Annotated[float, Meta(ge=0, le=1e5)]
    area: Annotated[float, Meta(gt=0, le=1e9)]


class Cream(Record, frozen=True):
    """An etching cream, as its label says: the minutes it stands, when it was opened, how much is left, its price.

    `price` is that of a full pot of `full` grams. `uses` tells how often it was scraped back and used again, `weighed`
    what it took.
    """

    name: Annotated[str, Meta(min_length=1, max_length=80)] = "Cream"
    label_minutes: Annotated[float, Meta(gt=0, le=1440)] = 10.0
    opened_on: Annotated[str, Meta(pattern=r"^(\d{4}-\d{2}-\d{2})?$", examples=["2026-11-28"])] = ""
    grams: Annotated[float, Meta(ge=0, le=1e5)] = 0.0
    full: Annotated[float, Meta(ge=0, le=1e5)] = 0.0
    price: Annotated[float, Meta(ge=0, le=1e6)] = 0.0
    uses: Annotated[int, Meta(ge=0, le=1000)] = 0
    gritty: bool = False
    weighed: Annotated[tuple[Weighing, ...], Meta(max_length=MOST_WEIGHED)] = ()

    def __post_init__(self) -> None:
        if self.opened_on and read_day(self.opened_on) is None:
            raise ValueError(tr("opened on {day}: there is no such day", day=self.opened_on))
