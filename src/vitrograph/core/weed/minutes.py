"""How long weeding takes: a guess, and then what the maker's own ticks say."""

from collections.abc import Sequence

from vitrograph.core.work import Pace, pace_from

_GUESS_S = 7.0                     # for a bit, and more for its edge (common practice, no published source)
_GUESS_S_PER_MM = 0.05
_GAPS_S = (0.7, 180.0)             # between two ticks: less is a slip of the key, more is a rest
_LEAST = 12                        # gaps that say something


def pace_of(gaps: Sequence[float]) -> Pace | None:
    """The maker's pace of a bit from the seconds between ticks; None where there are too few to say."""
    return pace_from(gaps, _GAPS_S, _LEAST)


def guessed_seconds(edges: Sequence[float]) -> float:
    """A guess for bits with edges so long, mm."""
    return sum(_GUESS_S + _GUESS_S_PER_MM * edge for edge in edges)


def weeding_seconds(edges: Sequence[float], pace: Pace | None) -> float:
    """For bits with edges so long, mm: at the maker's own pace where that is known."""
    return guessed_seconds(edges) if pace is None else pace.seconds * len(edges)
