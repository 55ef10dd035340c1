"""How long for this cream on this glass: the minutes at which frost comes out well, and until when nothing leaks.

Copies of one making are alike: m of them say as much as m / (1 + (m - 1) r) that are not. How alike, r, is told by how
much makings of the same minutes differ (the moment estimator of a beta-binomial's correlation; M. S. Ridout, C. G. B.
Demetrio, D. Firth, Estimating intraclass correlation for binary data, Biometrics 55, 1999), beside a weak prior.
"""

from collections.abc import Iterable, Sequence
from math import exp, log
from pathlib import Path

from msgspec import Struct

from vitrograph.core.errors import VitrographError
from vitrograph.core.job import Job
from vitrograph.core.language import tr
from vitrograph.core.logbook.advice.curve import Posterior, Prior, Tried, believe
from vitrograph.core.logbook.book import Logbook
from vitrograph.core.logbook.entry import LEAKED, PALE, counts_of
from vitrograph.core.units import format_minutes
from vitrograph.core.value_words import word_of
from vitrograph.core.workshop import load_workshop

LEAST = 6                          # pieces of a cream before anything is said of it
FROST = Prior()
LEAKS = Prior(minutes=1 / 45.0, spread=1.2, sharp=1.5, sharp_spread=0.6)
_STEP = 0.02                       # minutes nearer than 2 % are told as one
_LONGEST = 1440.0
_ALIKE, _ALIKE_WEIGHT = 0.2, 4.0   # what is believed of copies of one making, as if told by some twenty pairs of them
# entries of one outcome are told together; those of several outcomes by how many pieces each of them has
_GROUPED = """
SELECT cream, material, minutes, outcome, CASE WHEN outcome GLOB '*[0-9]*' THEN how_many ELSE 0 END AS each,
    sum(how_many), sum(how_many * how_many)
FROM record WHERE minutes > 0 AND cream <> '' GROUP BY cream, material, minutes, outcome, each
"""


class Dot(Struct, frozen=True):
    """Pieces that stood so many minutes: how many, and how many came out faint or uneven, and leaked.

    `squares` are those of the makings' copies, added up; `apart` the squares of by how many pale copies each making
    differs from what all of them together would give it.
    """

    cream: str
    material: str
    minutes: float
    many: int
    pale: int
    leaked: int
    squares: float = 0.0
    apart: float = 0.0

    def worth(self, alike: float) -> float:
        """The share of its pieces that would say as much if none were alike."""
        copies = max(1.0, self.squares / self.many)            # of a making, as a piece of it meets them
        return 1 / (1 + (copies - 1) * alike)


class Advice(Struct, frozen=True):
    """What is said of a cream on a glass, what it rests on, and what it is believed by; None where it is too little.

    `minutes` are those at which nine of ten pieces frost well, `interval` where they lie with a belief of 8 in 10;
    `latest` those after which more than one in ten leaks, where any did. `dots` are the pieces asked about.
    """

    cream: str
    material: str
    n: int
    says: str
    dots: tuple[Dot, ...]
    minutes: float | None = None
    interval: tuple[float, float] | None = None
    latest: float | None = None
    frost: Posterior | None = None


def advise(book: Logbook, cream: str, material: str = "", label_minutes: float | None = None) -> Advice:
    """Say how long a cream should stand on a glass, on whatever glass where none is told. Raises LogbookError."""
    return advise_from(dots_of(book), cream, material, label_minutes)


def advise_job(book: Logbook, job: Job, workshop: Path) -> Advice:
    """What is said of a job's cream on its glass; the label's time is as the workshop's file knows it, else as the job
    does. Raises LogbookError."""
    cream = job.etch.cream
    try:
        own = load_workshop(workshop).label_minutes(cream.name)
    except VitrographError:                                    # what is wrong with it is told where it is opened
        own = None
    return advise(book, cream.name, job.material, cream.label_minutes if own is None else own)


def advise_from(dots: Iterable[Dot], cream: str, material: str = "", label_minutes: float | None = None) -> Advice:
    """The same from all dots of a book."""
    cream, material = cream.strip(), material.strip()
    known = list(dots)
    own = tuple(dot for dot in known if _is(dot, cream, material))
    n = sum(dot.many for dot in own)
    if n < LEAST:
        return Advice(cream, material, n, _too_few(n, cream, material, label_minutes), own)
    asked = cream.casefold(), material.casefold() or None
    alike = alikeness(known)
    frost = believe([_tried(dot, dot.many - dot.pale, alike) for dot in known], *asked, FROST)
    leaks = None
    if any(dot.leaked for dot in own):
        leaks = believe([_tried(dot, dot.many - dot.leaked, alike, late=True) for dot in known], *asked, LEAKS)
    latest = None if leaks is None else 1 / leaks.minutes
    low, high = frost.interval
    return Advice(cream, material, n, _says(own, n, frost, latest), own, frost.minutes, (low, high), latest, frost)


def dots_of(book: Logbook) -> list[Dot]:
    """Every piece with its minutes and its cream, as dots. Raises LogbookError."""
    with book.open() as inside:
        rows = inside.execute(_GROUPED).fetchall()
    told: dict[tuple[str, str, float], list[tuple[int, int, int, float]]] = {}
    names: dict[tuple[str, str], tuple[str, str]] = {}
    for cream, material, minutes, outcome, each, pieces, squares in rows:
        how_many = each or pieces
        counts, times = counts_of(outcome, how_many), pieces // how_many
        pale, leaked = (sum(counts.get(what, 0) for what in whats) for whats in (PALE, LEAKED))
        own = cream.strip(), material.strip()
        pair = names.setdefault((own[0].casefold(), own[1].casefold()), own)
        near = exp(_STEP * round(log(min(minutes, _LONGEST)) / _STEP))
        many = how_many - counts.get("spoiled", 0)
        told.setdefault((*pair, near), []).append((many * times, pale * times, leaked * times,
                                                   squares * (many / how_many) ** 2))
    return [_dot(key, groups) for key, groups in sorted(told.items()) if any(group[0] for group in groups)]


def _dot(key: tuple[str, str, float], groups: Sequence[tuple[int, int, int, float]]) -> Dot:
    """A dot of makings that came out alike, group by group: pieces, pale, leaked, squares of copies."""
    many, pale, leaked, squares = (sum(column) for column in zip(*groups, strict=True))
    rate = pale / many
    apart = sum((group[1] / group[0] - rate) ** 2 * group[3] for group in groups if group[0])
    return Dot(*key, int(many), int(pale), int(leaked), float(squares), apart)


def alikeness(dots: Iterable[Dot]) -> float:
    """How alike copies of one making are: 0 as little as any others, 1 wholly."""
    over, room = _ALIKE * _ALIKE_WEIGHT, _ALIKE_WEIGHT
    for dot in dots:
        spread = dot.pale * (dot.many - dot.pale) / dot.many**2
        over += dot.apart - spread * (dot.many - dot.squares / dot.many)
        room += spread * max(0.0, dot.squares - dot.many)
    return min(1.0, max(0.0, over / room))


def _is(dot: Dot, cream: str, material: str) -> bool:
    return dot.cream.casefold() == cream.casefold() and material.casefold() in ("", dot.material.casefold())


def _tried(dot: Dot, so: int, alike: float, *, late: bool = False) -> Tried:
    """A dot as the curve takes it; what is lost with time, as a tight edge is, goes by time turned round."""
    worth = dot.worth(alike)
    return Tried(dot.cream.casefold(), dot.material.casefold(), 1 / dot.minutes if late else dot.minutes,
                 dot.many * worth, so * worth)


def _too_few(n: int, cream: str, material: str, label_minutes: float | None) -> str:
    where = tr(" on {material} glass", material=word_of(material)) if material else ""
    label = tr("go by its label") if label_minutes is None else tr("its label says {min}", min=_min(label_minutes))
    return tr("too few: {pieces} with '{cream}'{where}, and {least} are the least that say something; {label}",
              pieces=_pieces(n), cream=cream, where=where, least=LEAST, label=label)


def _says(own: Sequence[Dot], n: int, frost: Posterior, latest: float | None) -> str:
    """The advice in a sentence or three: the minutes, what they rest on, and what was never tried."""
    low, high = frost.interval
    said = [tr("{min}: there 9 of 10 pieces frost well ({min2} to {min3} with a belief of 8 in 10, from {pieces})",
               min=_min(frost.minutes), min2=_min(low), min3=_min(high), pieces=_pieces(n))]
    pale, shortest, longest = (sum(dot.pale for dot in own), min(dot.minutes for dot in own),
                               max(dot.minutes for dot in own))
    if pale == 0:
        said.append(tr("none came out faint, and none stood less than {min}: a shorter time may do",
                       min=_min(shortest)))
    elif pale == sum(dot.many for dot in own):
        said.append(tr("none came out well yet, and none stood longer than {min}: go longer, in small steps",
                       min=_min(longest)))
    if latest is not None and latest <= frost.minutes:
        said.append(tr("by then more than 1 in 10 leaks (from {min} on): press the edges better, or let the film "
                       "settle longer, before you leave it so long", min=_min(latest)))
    elif latest is not None:
        said.append(tr("after {min} more than 1 in 10 leaks", min=_min(latest)))
    return "; ".join(said)


def _min(minutes: float) -> str:
    return tr("{minutes} min", minutes=format_minutes(60 * minutes))


def _pieces(n: int) -> str:
    return tr("{n} pieces", "{n} piece", n=n)
