"""The language the program speaks: sentences are looked up as they are told, numbers and days are written its way.

English stands in the code. A sentence's `{names}` are filled in after it was looked up, so that a language may put
them in another order. Only one language is spoken in one run: it is chosen before the rest of the program is read.
"""

import re
from collections.abc import Callable
from datetime import date
from string import Formatter
from typing import Any, NamedTuple


class Language(NamedTuple):
    """How a language is spoken.

    `look_up` gives a sentence for an English one, the English for one (or a note that tells it from others alike) and a
    count, or nothing where it has none. `day` is as `strftime` takes it.
    """

    code: str = "en"
    look_up: Callable[[str, str, int], str] | None = None
    decimal: str = "."
    day: str = "%Y-%m-%d"
    nouns_are_capital: bool = False


ENGLISH = Language()
_NO_LETTER = ("Cc", "Cs", "Cn", "Zl", "Zp")                    # of Unicode: controls, breaks, and what is none
_spoken = ENGLISH


def speak(language: Language) -> None:
    """Speak it from now on."""
    global _spoken
    _spoken = language


def spoken() -> Language:
    """The language that is spoken."""
    return _spoken


def tr(text: str, one: str = "", /, **values: Any) -> str:
    """A sentence of the program's in the language that is spoken, its `{names}` filled in.

    `one` is the English where `n` is 1; without `n` it is a note that tells this from others that are alike.

    >>> tr("{n} islands", "{n} island", n=1), tr("{n} islands", "{n} island", n=2), tr("{share:.1f} %", share=2.04)
    ('1 island', '2 islands', '2.0 %')
    """
    count = values.get("n") if one else None                  # a sentence without another form has no count
    said = _spoken.look_up(text, one, -1 if count is None else int(count)) if _spoken.look_up is not None else ""
    if not said:
        said = one if one and count == 1 else text
    return _FILLING.vformat(said, (), values) if values else said


def tr_later(text: str) -> str:
    """A sentence that is told elsewhere by `tr`, or a value that is its own word: as it is."""
    return text


def decimals(written: str) -> str:
    """A number written with a point, as the language writes it.

    >>> decimals("12.5")
    '12.5'
    """
    return written.replace(".", _spoken.decimal)


def told_day(day: date) -> str:
    """A day, as the language writes it.

    >>> told_day(date(2026, 11, 28))
    '2026-11-28'
    """
    return day.strftime(_spoken.day)


def day_words(written: str) -> str:
    """A day written as in ISO 8601, as the language writes it; what is no day is left as it is.

    >>> day_words("2026-11-28"), day_words("some day")
    ('2026-11-28', 'some day')
    """
    try:
        return told_day(date.fromisoformat(written))
    except ValueError:
        return written


def read_day(text: str) -> str | None:
    """A day as it is typed, or as a spreadsheet writes it, in ISO 8601; None where it is none.

    >>> read_day("2026-11-28"), read_day("28.11.2026"), read_day("1.3.2026"), read_day("2026-02-30")
    ('2026-11-28', '2026-11-28', '2026-03-01', None)
    """
    if dotted := re.fullmatch(r"(\d{1,2})\.(\d{1,2})\.(\d{4})", text.strip()):
        text = f"{dotted[3]}-{dotted[2]:0>2}-{dotted[1]:0>2}"
    try:
        return date.fromisoformat(text.strip()).isoformat()
    except ValueError:
        return None


def one_line(words: str) -> str:
    """Words as the heading of a file, in one line: line breaks, and what no XML or DXF can hold, are spaces.

    >>> one_line("Ada\\nLovelace\\x07")
    'Ada Lovelace'
    """
    import unicodedata  # when a file is written: the window opens sooner without

    kept = (" " if unicodedata.category(letter) in _NO_LETTER else letter for letter in words)
    return " ".join("".join(kept).split())


def within(text: str) -> str:
    """A sentence's beginning, to go on within another one: small, where the language does not write nouns large.

    >>> within("Follow the rim")
    'follow the rim'
    """
    return text if _spoken.nouns_are_capital else text[:1].lower() + text[1:]


def capital(text: str) -> str:
    """A sentence's beginning, or a title, written large; a file's name and a port's stay as they are.

    >>> capital("follow the rim"), capital("star.svg was taken"), capital("serial:/dev/x is busy")
    ('Follow the rim', 'star.svg was taken', 'serial:/dev/x is busy')
    """
    return text if _NAME_FIRST.match(text) else text[:1].upper() + text[1:]


_NAME_FIRST = re.compile(r"[^\s.:/]*[.:/]+[^\s.:/]")


class _Filling(Formatter):
    """Fills values in; numbers with a format of their own are written the language's way."""

    def format_field(self, value: Any, format_spec: str) -> str:
        written = str(format(value, format_spec))
        return decimals(written) if isinstance(value, float) else written


_FILLING = _Filling()
