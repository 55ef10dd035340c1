"""Trying before cutting: what was seen of the paper band on the glass, in words, and what it moves."""

import re
from collections.abc import Sequence
from math import atan, hypot, pi, radians

from msgspec import Struct

from vitrograph.core.errors import FitError
from vitrograph.core.fit.placing import Fitted
from vitrograph.core.fit.stand import moved_round, moved_up
from vitrograph.core.geometry import half_turn
from vitrograph.core.job import Fit
from vitrograph.core.job.change import Put, put
from vitrograph.core.language import tr
from vitrograph.core.units import Unit, parse_length

_LARGEST_TILT = radians(60)
_SIDES = {"low": (0, -1), "high": (0, 1), "left": (-1, 0), "right": (1, 0),
          "tief": (0, -1), "hoch": (0, 1), "links": (-1, 0), "rechts": (1, 0)}
_MUCH = r"(?P<amount>[\d.,/\s]*\d\s*(?:mm|cm|inches|inch|in|zoll|\"|°|degrees|degree|deg|grad)?)"
# in English, and in German with the amount before or after
_SHIFTS = tuple(re.compile(one) for one in (
    rf"^(?:it (?:is|sits) )?(?:too )?(?:far )?(?:to the )?(?P<side>low|high|left|right)(?:\s+by)?\s+{_MUCH}$",
    rf"^(?:es (?:ist|sitzt) )?(?:um )?{_MUCH} zu (?:weit )?(?:nach )?(?P<side>tief|hoch|links|rechts)$",
    rf"^(?:es (?:ist|sitzt) )?zu (?:weit )?(?:nach )?(?P<side>tief|hoch|links|rechts)(?: um)? {_MUCH}$"))
_TILTS = tuple(re.compile(one) for one in (
    rf"^(?:it )?tilts?(?: to)?(?: the)? (?P<side>left|right)(?:\s+by)?\s+{_MUCH}$",
    rf"^(?:es )?(?:kippt |neigt sich )?(?:um )?{_MUCH} nach (?P<side>links|rechts)(?: geneigt| gekippt)?$",
    rf"^(?:es )?(?:kippt|neigt sich) nach (?P<side>links|rechts)(?: um)? {_MUCH}$"))


class Seen(Struct, frozen=True):
    """How the art was seen to sit: so far too high and too far right, mm; and turned so far to the right, radians.

    A tilt told as a length is how far one end of the art stands above the other.
    """

    high: float = 0.0
    right: float = 0.0
    tilt: float = 0.0
    tilt_mm: float = 0.0


def parse_seen(text: str, unit: Unit = "mm") -> Seen:
    """Read words such as "too low by 3 mm, tilts right 2°". Raises FitError, saying what could not be read.

    >>> parse_seen("too low by 3 mm, tilts right by 1.5 mm")
    Seen(high=-3.0, right=0.0, tilt=0.0, tilt_mm=1.5)
    >>> parse_seen("3 mm zu tief, kippt um 1,5 mm nach rechts")
    Seen(high=-3.0, right=0.0, tilt=0.0, tilt_mm=1.5)
    """
    high = right = tilt = tilt_mm = 0.0
    for part in re.split(r",\s+|;|\band\b|\bund\b", text.strip().lower()):
        words = " ".join(part.split()).rstrip(".")
        if not words:
            continue
        if (shift := _first(_SHIFTS, words)) and not _is_angle(shift["amount"]):
            across, up = _SIDES[shift["side"]]
            amount = parse_length(shift["amount"], unit)
            high, right = high + up * amount, right + across * amount
        elif turn := _first(_TILTS, words):
            side = float(_SIDES[turn["side"]][0])
            if _is_angle(turn["amount"]):
                tilt += side * radians(float(re.sub(r"[^\d.]", "", turn["amount"].replace(",", "."))))
            else:
                tilt_mm += side * parse_length(turn["amount"], unit)
        else:
            raise FitError(tr("'{words}' was not understood: write how it sits, as in 'too low by 3 mm, too far left "
                              "by 2 mm, tilts right by 1 mm'", words=words[:40]))
    if not any((high, right, tilt, tilt_mm)):
        raise FitError(tr("nothing was seen to be off: write how it sits, as in 'too low by 3 mm, tilts right by 1 "
                          "mm'"))
    return Seen(high, right, tilt, tilt_mm)


def _first(patterns: Sequence[re.Pattern[str]], words: str) -> re.Match[str] | None:
    return next((found for one in patterns if (found := one.match(words))), None)


def _is_angle(amount: str) -> bool:
    return amount.strip().endswith(("°", "deg", "degree", "degrees", "grad"))


def take_over(seen: Seen, fitted: Fitted, fit: Fit) -> tuple[Put, ...]:
    """The changes of a job that put right what was seen. Raises FitError where it cannot be a slip of placing."""
    tilt = seen.tilt + atan(seen.tilt_mm / max(fitted.size[0], 1.0))
    if abs(tilt) > _LARGEST_TILT or hypot(seen.high, seen.right) > fitted.wall.length + pi * fitted.chart.middle_scale:
        raise FitError(tr("so far off is no slip of placing: give the place anew"))
    return (*moved_up(fit, fitted.wall, fitted.from_rim, -seen.high),
            *moved_round(fitted.wall, fitted.angle, -seen.right / fitted.chart.middle_scale),
            put(lambda job: job.fit.turn, half_turn(fit.turn + tilt)))
