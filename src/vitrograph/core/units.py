"""Lengths as people type and read them; inside, everything is millimetres.

One inch is 25.4 mm exactly (ISO 80000-3). Decimals may use a point or a comma; inches may be fractions.
"""

import math
import re
import unicodedata
from typing import Literal

from vitrograph.core.errors import LengthError
from vitrograph.core.language import decimals, spoken, tr

Unit = Literal["mm", "in"]

MM_PER_IN = 25.4
NARROW_SPACE = "\u202f"            # between a number and its unit: no line ends there
MINUS = "\u2212"
_MM_PER = {"mm": 1.0, "cm": 10.0, "m": 1000.0, "in": MM_PER_IN, "ft": 12 * MM_PER_IN}
_SPELLINGS = {"": None, '"': "in", "inch": "in", "inches": "in", "zoll": "in", "'": "ft", "foot": "ft",
              "feet": "ft"} | {
    f"{prefix}{word}{plural}": unit for prefix, unit in (("milli", "mm"), ("centi", "cm"), ("", "m"))
    for word in ("metre", "meter") for plural in ("", "s")}
_LONGEST_MM = 100_000.0
_LONGEST_TEXT = 60                 # more digits say nothing, and a thousand of them are past what arithmetic holds

_AS_TYPED = str.maketrans({"\u2044": "/", "\u2215": "/", "\u2212": "-", "\u2013": "-", "\u2010": "-", "\u2011": "-",
                           "\u2032": "'", "\u2019": "'", "\u2018": "'", "\u201c": '"', "\u201d": '"', "\u201e": '"'})
_VULGAR_AFTER_DIGIT = re.compile("(\\d)([\u00bc-\u00be\u2150-\u215e])")
_NUMBER_ONLY = (r"(?:(?P<whole>\d+)(?:\s*[\s+-]\s*)(?P<n1>\d+)\s*/\s*(?P<d1>\d+)"
                r"|(?P<n2>\d+)\s*/\s*(?P<d2>\d+)"
                r"|(?P<decimal>\d+(?:[.,]\d*)?|[.,]\d+))")
_NUMBER = re.compile(rf"(?P<sign>[+-]?)\s*{_NUMBER_ONLY}\s*(?P<unit>[^\d\s.,/]*)\.?")
_FEET_AND_INCHES = re.compile(r"(?P<feet>\d+)\s*(?:'|ft\.?|foot|feet)\s*-?\s*"
                              rf"{_NUMBER_ONLY}\s*(?:\"|in\.?|inch|inches)")
_THOUSANDS = re.compile(r"[1-9]\d{0,2},\d{3}")
_HAS_UNIT = re.compile(r"[^\d\s.,/+-]")


def parse_length(text: str, default: Unit = "mm") -> float:
    """Read one typed length and return it in mm; a bare number is in `default` units.

    Raises LengthError, saying what was wanted and what came.

    >>> parse_length("4 5/8 in"), parse_length("11.75 cm"), parse_length('4-5/8"'), parse_length("1 ft 2 in.")
    (117.475, 117.5, 117.475, 355.59999999999997)
    """
    plain, told = _plain(text), text.strip()[:40]
    feet = _FEET_AND_INCHES.fullmatch(plain)
    if feet is not None:
        return _within(int(feet["feet"]) * _MM_PER["ft"] + _number(feet, told) * MM_PER_IN, told)
    match = _NUMBER.fullmatch(plain)
    if match is None:
        raise LengthError(tr("a length like 85 mm, 8.5 cm or 3 3/8 in was wanted, got '{told}'", told=told))
    unit = _SPELLINGS.get(match["unit"], match["unit"]) or default
    if unit not in _MM_PER:
        raise LengthError(tr("the unit '{match}' is not known: use mm, cm, m, in or ft", match=match['unit']))
    value = _within(_number(match, told) * _MM_PER[unit], told)
    return -value if match["sign"] == "-" else value


def _plain(text: str) -> str:
    """What was typed in the plainest letters there are for it. Raises LengthError where that would change its value."""
    if len(text) > _LONGEST_TEXT:
        raise LengthError(tr("a length like 85 mm was wanted, got {text} characters", text=len(text)))
    odd = next((letter for letter in text if unicodedata.decomposition(letter).startswith(("<su", "<circle>"))), None)
    if odd is not None:                                        # 8² is not 82
        raise LengthError(tr("a length like 85 mm was wanted: '{odd}' cannot be read in '{text}'", odd=odd,
                             text=text.strip()[:40]))
    apart = _VULGAR_AFTER_DIGIT.sub(r"\1 \2", text)
    return unicodedata.normalize("NFKC", apart).translate(_AS_TYPED).replace("''", '"').strip().lower()


def _within(mm: float, told: str) -> float:
    if abs(mm) > _LONGEST_MM:
        raise LengthError(tr("'{told}' is longer than any glass: at most 100 m", told=told))
    return mm


def _number(match: re.Match[str], told: str) -> float:
    if match["decimal"]:
        if _THOUSANDS.fullmatch(match["decimal"]) and spoken().decimal != ",":
            raise LengthError(tr("'{told}' can be read in two ways: write {match} or {match2}", told=told,
                                 match=match['decimal'].replace(',', '.'), match2=match['decimal'].replace(',', '')))
        return float(match["decimal"].replace(",", "."))
    whole, top, bottom = match["whole"] or "0", match["n1"] or match["n2"], match["d1"] or match["d2"]
    if int(bottom) == 0:
        raise LengthError(tr("'{told}' divides by zero", told=told))
    if match["whole"] and int(top) >= int(bottom):
        raise LengthError(tr("'{told}': after the {whole} a fraction less than 1 was wanted, got {top}/{bottom}",
                             told=told, whole=whole, top=top, bottom=bottom))
    return int(whole) + int(top) / int(bottom)


def parse_whole(text: str, most: int, least: int = 0) -> int | None:
    """Read a whole number within bounds; None for anything else.

    >>> parse_whole("12", 60, 1), parse_whole("²", 60), parse_whole("0", 60, 1), parse_whole("9" * 5000, 60)
    (12, None, None, None)
    """
    plain = text.strip()
    if not plain.isdecimal() or len(plain) > 12 or not least <= int(plain) <= most:
        return None
    return int(plain)


def parse_number(text: str) -> float:
    """Read a plain number, with a point or a comma. Raises LengthError with one sentence."""
    try:
        number = float(text.strip().replace(",", ".").replace(MINUS, "-"))
    except ValueError:
        raise LengthError(tr("a number was wanted, got '{text}'", text=text.strip()[:20])) from None
    if number != number or abs(number) > 1e6:
        raise LengthError(tr("that number is out of all bounds"))
    return number


_MINUTES = re.compile(r"(?:(?P<hours>\d{1,3})\s*h)?\s*"
                      r"(?:(?P<minutes>\d{1,5}(?:[.,]\d*)?|[.,]\d+)\s*(?:min\.?|minutes?|minuten)?)?")
_SECONDS = re.compile(r"(?P<before>.*?)\s*(?P<seconds>\d{1,6}(?:[.,]\d*)?)\s*(?:s|secs?|seconds?|sek|sekunden)")
_CLOCK = re.compile(r"(?:(?P<hours>\d{1,3}):(?=\d\d:))?(?P<minutes>\d{1,4}):(?P<seconds>[0-5]\d)")


def parse_minutes(text: str) -> float:
    """Read a duration as people type one, and return it in minutes; a bare number is minutes.

    Raises LengthError, saying what was wanted and what came.

    >>> [parse_minutes(text) for text in ("2:30", "2,5", "150 s", "1 h 5 min", "1:02:30")]
    [2.5, 2.5, 2.5, 65.0, 62.5]
    """
    told = text.strip()[:40]
    try:
        plain = _plain(text).removesuffix(".")
    except LengthError:                                        # it speaks of lengths
        plain = ""
    clock = _CLOCK.fullmatch(plain)
    seconds = None if clock else _SECONDS.fullmatch(plain)
    match = clock or _MINUTES.fullmatch(seconds["before"] if seconds else plain)
    if not plain or match is None or (match["hours"] and clock and int(match["minutes"]) > 59):
        raise LengthError(tr("a time like 2:30, 2.5 min or 150 s was wanted, got '{told}'", told=told))
    late = clock or seconds
    return (60 * _float(match["hours"]) + _float(match["minutes"]) + _float(late["seconds"] if late else None) / 60)


def _float(digits: str | None) -> float:
    return float(digits.replace(",", ".")) if digits else 0.0


def parse_size(text: str, default: Unit = "mm") -> tuple[float, float]:
    """Read 'WxH', such as '200x150mm' or '8 in x 6 in'; a unit given once serves both. Returns mm.

    >>> parse_size("20x15cm")
    (200.0, 150.0)
    """
    parts = re.split(r"\s*(?:[x×*]|\bby\b)\s*", _plain(text))
    if len(parts) != 2 or not all(parts):
        raise LengthError(tr("a size like 200x150mm was wanted, got '{text}'", text=text.strip()[:40]))
    first, second = parts
    unit = re.search(r"[^\d\s,/+-]*$", second)
    return parse_length(first if _HAS_UNIT.search(first) or unit is None else first + unit[0], default), parse_length(
        second, default)


def format_length(mm: float, unit: Unit = "mm", *, digits: int | None = None) -> str:
    """Write a length for reading, with a narrow space before the unit.

    >>> format_length(84.04), format_length(25.4, "in")
    ('84\u202fmm', '1\u202fin')
    """
    return f"{format_number(mm, unit, digits=digits)}{NARROW_SPACE}{unit}"


def format_number(mm: float, unit: Unit = "mm", *, digits: int | None = None) -> str:
    """The number of `format_length` alone: one decimal in mm, two in inches, no idle zeros.

    >>> format_number(117.5), format_number(50.8, "in"), format_number(-0.01)
    ('117.5', '2', '0')
    """
    places = digits if digits is not None else (1 if unit == "mm" else 2)
    written = f"{mm / _MM_PER[unit]:.{places}f}"
    if "." in written:
        written = written.rstrip("0").rstrip(".")
    return "0" if written == "-0" else decimals(written).replace("-", MINUS)


def format_minutes(seconds: float) -> str:
    """Write a duration as clock reading.

    >>> format_minutes(125), format_minutes(3725)
    ('2:05', '1:02:05')
    """
    whole = math.ceil(seconds)
    hours, minutes = divmod(whole // 60, 60)
    return f"{hours}:{minutes:02d}:{whole % 60:02d}" if hours else f"{minutes}:{whole % 60:02d}"
