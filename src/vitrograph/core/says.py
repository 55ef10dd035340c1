"""Sentences with their values kept apart: core says what and how much, the maker's unit is put in at the last moment.

Inches are read off a tape or a ruler to the nearest sixteenth, and told as decimals everywhere else (common practice).
"""

from typing import Protocol, runtime_checkable

from msgspec import Struct

from vitrograph.core.language import tr
from vitrograph.core.units import MM_PER_IN, NARROW_SPACE, Unit, format_length, format_number

_TOOL_STEPS = 16                   # an inch has, as a tape or a ruler is read


@runtime_checkable
class Value(Protocol):
    """What is told differently in millimetres and in inches."""

    def words(self, unit: Unit) -> str:
        """It as words, in a unit."""
        ...


class Length(Struct, frozen=True):
    """A length in mm; `digits` are those after the point in mm. One for a `tool` is told as a tape or ruler reads."""

    mm: float
    digits: int = 1
    tool: bool = False

    def words(self, unit: Unit) -> str:
        """The length with its unit.

        >>> Length(84.0, tool=True).words("in"), Length(0.67, 2).words("in"), Length(0.67, 2).words("mm")
        ('3\u202f5/16\u202fin', '0.026\u202fin', '0.67\u202fmm')
        """
        if unit == "mm":
            return format_length(self.mm, "mm", digits=self.digits)
        if self.tool and abs(self.mm) >= MM_PER_IN / _TOOL_STEPS / 2:
            return f"{_sixteenths(self.mm)}{NARROW_SPACE}in"
        return format_length(self.mm, "in", digits=inch_digits(self.digits))


class Area(Struct, frozen=True):
    """An area in mm²; `digits` are those after the point in mm²."""

    mm2: float
    digits: int = 1

    def words(self, unit: Unit) -> str:
        """The area with its unit.

        >>> Area(3.0).words("mm"), Area(645.16).words("in")
        ('3\u202fmm²', '1\u202fin²')
        """
        if unit == "mm":
            return f"{format_number(self.mm2, digits=self.digits)}{NARROW_SPACE}mm²"
        return f"{format_number(self.mm2 / MM_PER_IN, 'in', digits=self.digits + 2)}{NARROW_SPACE}in²"


class Says:
    """A sentence whose `{names}` stand for values: lengths, areas, numbers, words, or other sentences.

    It is told in the language that is spoken; `one` is the English where the value `n` is 1.
    """

    __slots__ = ("one", "text", "values")

    def __init__(self, text: str, one: str = "", /, **values: "Value | str | float") -> None:
        self.text, self.one, self.values = text, one, tuple(sorted(values.items()))

    def words(self, unit: Unit) -> str:
        """The sentence in a unit.

        >>> Says("frost {gap} under the rim", gap=Length(12.0)).words("mm")
        'frost 12\u202fmm under the rim'
        """
        return tr(self.text, self.one, **{name: value.words(unit) if isinstance(value, Value) else value
                                          for name, value in self.values})

    def placed(self, place: str) -> "Says":
        """The same sentence about a place of another name, where it tells of one."""
        values = dict(self.values)
        return Says(self.text, self.one, **{**values, "place": place}) if "place" in values else self

    def __bool__(self) -> bool:
        return bool(self.text)

    def __eq__(self, other: object) -> bool:
        return isinstance(other, Says) and (self.text, self.values) == (other.text, other.values)

    def __hash__(self) -> int:
        return hash((self.text, self.values))

    def __repr__(self) -> str:
        return f"Says({self.text!r}, {', '.join(f'{name}={value!r}' for name, value in self.values)})"


class Joined(Struct, frozen=True):
    """Sentences or values in a row, parted by words."""

    between: str
    parts: "tuple[Value | str, ...]"

    def words(self, unit: Unit) -> str:
        """All of it in a unit.

        >>> Joined(" and ", (Length(1.0), Length(2.0))).words("mm")
        '1\u202fmm and 2\u202fmm'
        """
        return self.between.join(in_words(part, unit) for part in self.parts)


def in_words(said: "Value | str", unit: Unit) -> str:
    """What is said, in words of a unit; plain words are as they are."""
    return said if isinstance(said, str) else said.words(unit)


def inch_digits(mm_digits: int) -> int:
    """Decimals in inches that tell about as much as so many in mm do."""
    return mm_digits + 1 if mm_digits > 0 else 2


def _sixteenths(mm: float) -> str:
    from fractions import Fraction  # for inches alone: the window opens sooner without it

    steps = round(Fraction(float(mm)) / Fraction(MM_PER_IN) * _TOOL_STEPS)
    whole, rest = divmod(abs(steps), _TOOL_STEPS)
    part = Fraction(rest, _TOOL_STEPS)
    words = f"{whole}" if not rest else f"{part}" if not whole else f"{whole}{NARROW_SPACE}{part}"
    return f"\u2212{words}" if steps < 0 else words
