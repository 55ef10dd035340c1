"""One line of the logbook: a piece as it was made, and how each of its copies came out."""

import re
from collections.abc import Mapping
from datetime import date
from functools import lru_cache
from types import MappingProxyType
from typing import Literal, get_args

from msgspec import Struct
from msgspec.structs import fields, force_setattr

from vitrograph.core.errors import LogbookError
from vitrograph.core.language import tr
from vitrograph.core.value_words import word_of

Outcome = Literal["good", "faint", "uneven", "leak at an edge", "bled under", "missed bit", "crooked", "drip",
                  "spoiled"]
OUTCOMES: tuple[Outcome, ...] = get_args(Outcome)
# of several faults of one copy the one it is counted by
GRAVEST: tuple[Outcome, ...] = ("spoiled", "leak at an edge", "bled under", "missed bit", "faint", "uneven", "drip",
                                "crooked", "good")
LEAKED: frozenset[Outcome] = frozenset({"leak at an edge", "bled under"})
PALE: frozenset[Outcome] = frozenset({"faint", "uneven"})

MOST_STARS = 5
MOST_COPIES = 100_000
_MOST_MINUTES = 1440.0
MOST_LETTERS = 4000
_ALSO: dict[str, Outcome] = {
    "leaks": "leak at an edge", "leak": "leak at an edge", "leaked": "leak at an edge", "bled": "bled under",
    "missed a piece": "missed bit", "missed": "missed bit", "pale": "faint", "drips": "drip"}
_COUNTED = re.compile(r"(?:(?P<many>\d{1,6})\s*[x×]?\s+)?(?P<what>[a-z ]+)")


class Entry(Struct, frozen=True, kw_only=True):
    """A piece of an order as it was made; what nobody knows is empty or None.

    `made_on` is an ISO date, `minutes` the time under cream; `outcome` says how the copies came out: "good", or
    "4 good, 2 faint". `web_mm` is the thinnest web of film between two openings, `island_mm2` the smallest island,
    `strain_pct` the most strain along an opening. Costs are in the maker's money, for all copies; so are hands' minutes
    and grams.
    """

    made_on: str
    job: str
    glass: str = ""
    material: str = ""
    shelf: str = ""
    art: str = ""
    faces: str = ""
    files: str = ""
    licences: str = ""
    width_mm: float | None = None
    height_mm: float | None = None
    area_mm2: float | None = None
    film: str = ""
    cutter: str = ""
    passes: int | None = None
    mends: int | None = None
    ties: int | None = None
    bits: int | None = None
    web_mm: float | None = None
    island_mm2: float | None = None
    strain_pct: float | None = None
    recipe: str = ""
    cream: str = ""
    cream_days: int | None = None
    cream_g: float | None = None
    minutes: float | None = None
    settled_min: float | None = None
    cut_min: float | None = None
    weed_min: float | None = None
    transfer_min: float | None = None
    etch_min: float | None = None
    cost_film: float | None = None
    cost_tape: float | None = None
    cost_cream: float | None = None
    cost_glass: float | None = None
    cost_hands: float | None = None
    how_many: int = 1
    outcome: str = "good"
    stars: int | None = None
    for_whom: str = ""
    note: str = ""
    order_id: str = ""

    def __post_init__(self) -> None:
        _check_date(self.made_on)
        if not 1 <= self.how_many <= MOST_COPIES:
            raise LogbookError(tr("how_many: from 1 to {most} was wanted, got {how_many}",
                                  most=MOST_COPIES, how_many=self.how_many))
        for name in NUMBERS:
            value = getattr(self, name)
            if value is not None and not 0 <= value < 1e12:
                raise LogbookError(tr("{name}: a number of at least 0 was wanted, got {value:g}", name=name,
                                      value=value))
        if self.minutes is not None and self.minutes > _MOST_MINUTES:
            raise LogbookError(tr("minutes: at most a day ({most:g}) was wanted, got {minutes:g}",
                                  most=_MOST_MINUTES, minutes=self.minutes))
        if self.stars is not None and self.stars > MOST_STARS:
            raise LogbookError(tr("stars: from 0 to {most} was wanted, got {stars}", most=MOST_STARS,
                                  stars=self.stars))
        for name in WORDS:
            if len(getattr(self, name)) > MOST_LETTERS:
                raise LogbookError(tr("{name}: at most {most} letters were wanted", name=name,
                                      most=MOST_LETTERS))
        # told in one way, however it was typed, so that it is found again
        force_setattr(self, "outcome", outcome_of(counts_of(self.outcome, self.how_many)))

    @property
    def counts(self) -> dict[Outcome, int]:
        """How many copies came out how."""
        return dict(counts_of(self.outcome, self.how_many))

    @property
    def failed(self) -> int:
        """How many copies did not come out good."""
        return self.how_many - self.counts.get("good", 0)

    @property
    def stood(self) -> str:
        """The minutes under cream in words; "" where nobody knows."""
        return "" if self.minutes is None else tr("{minutes:g} min", minutes=self.minutes)


COSTS = ("cost_film", "cost_tape", "cost_cream", "cost_glass", "cost_hands")
HANDS = ("cut_min", "weed_min", "transfer_min", "etch_min")
COLUMNS = tuple(one.name for one in fields(Entry))
WORDS = tuple(one.name for one in fields(Entry) if one.type is str)
WHOLE = tuple(one.name for one in fields(Entry) if one.type in (int, int | None))
NUMBERS = tuple(name for name in COLUMNS if name not in WORDS)


@lru_cache(maxsize=20_000)
def counts_of(outcome: str, how_many: int) -> Mapping[Outcome, int]:
    """How many of so many copies came out how; copies that are not told of came out good.

    Raises LogbookError for a word that is none of the outcomes, or for more copies than were made.

    >>> dict(counts_of("faint", 3)), dict(counts_of("2 leaks, 1 drip", 4))
    ({'faint': 3}, {'good': 1, 'leak at an edge': 2, 'drip': 1})
    """
    told: dict[Outcome, int] = {}
    parts = [part for part in re.split(r"[,;]", outcome) if part.strip()]
    for part in parts:
        found = _COUNTED.fullmatch(part.strip().lower())
        what = _outcome_named(found["what"].strip()) if found else None
        if found is None or what is None:
            raise LogbookError(tr("outcome: one of {all} was wanted, got '{part}'",
                                  all=", ".join(map(word_of, OUTCOMES)),
                                  part=part.strip()[:40]))
        many = int(found["many"]) if found["many"] else how_many if len(parts) == 1 else 1
        told[what] = told.get(what, 0) + many
    total = sum(told.values())
    if total > how_many:
        raise LogbookError(tr("outcome: {total} copies are told of, and {how_many} were made", total=total,
                              how_many=how_many))
    counts = {"good": how_many - total + told.pop("good", 0), **told}
    return MappingProxyType({what: many for what in OUTCOMES if (many := counts.get(what, 0))})


def outcome_of(counts: Mapping[Outcome, int]) -> str:
    """How copies came out, as it is written.

    >>> outcome_of({"good": 4, "faint": 2}), outcome_of({"faint": 1})
    ('4 good, 2 faint', 'faint')
    """
    told = [(what, many) for what in OUTCOMES if (many := counts.get(what, 0))]
    return told[0][0] if len(told) == 1 else ", ".join(f"{many} {what}" for what, many in told)


def outcome_words(outcome: str) -> str:
    """How copies came out, in the language that is spoken.

    >>> outcome_words("4 good, 2 faint")
    '4 good, 2 faint'
    """
    told = (part.strip().partition(" ") if part.strip()[:1].isdigit() else ("", "", part.strip())
            for part in outcome.split(","))
    return ", ".join(f"{many}{space}{word_of(what)}" for many, space, what in told)


def _outcome_named(word: str) -> Outcome | None:
    return next((one for one in OUTCOMES if word in (one, word_of(one).lower())), _ALSO.get(word))


def _check_date(text: str) -> None:
    try:
        date.fromisoformat(text)
    except ValueError:
        raise LogbookError(tr("made_on: a day like 2026-11-28 was wanted, got '{text}'", text=text[:20])) from None


def counted(entries: int, pieces: int) -> str:
    """How many entries of how many pieces.

    >>> counted(1, 1), counted(139, 366)
    ('1 entry, 1 piece', '139 entries, 366 pieces')
    """
    return tr("{entries}, {pieces}", entries=tr("{n} entries", "{n} entry", n=entries),
              pieces=tr("{n} pieces", "{n} piece", n=pieces))
