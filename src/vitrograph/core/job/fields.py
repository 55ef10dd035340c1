"""What a record's fields are, told by their types: what they may hold, how they are typed, and where they end."""

import re
import types
from collections.abc import Sequence
from math import degrees
from typing import Annotated, Any, Union, get_args, get_origin

import msgspec
from msgspec import Meta, Struct

from vitrograph.core.language import decimals, tr_later
from vitrograph.core.says import Length, Says, Value

_BOUND = re.compile(r"Expected `(?:float|int)(?: \| null)?` (<=|>=|<|>) (\S+)")
_SIZE = re.compile(r"Expected `(str|array)(?: \| null)?` of length (<=|>=) (\d+)")
_NOT_LIKE = "Expected `str` matching regex"
_WORDS = {
    "<=": tr_later("{place}: at most {bound}, not {value}"),
    ">=": tr_later("{place}: at least {bound}, not {value}"),
    "<": tr_later("{place}: less than {bound}, not {value}"),
    ">": tr_later("{place}: more than {bound}, not {value}"),
}
_SIZES = {
    ("str", "<="): tr_later("{place}: at most {bound} letters, not {value}"),
    ("str", ">="): tr_later("{place}: at least {bound} letters, not {value}"),
    ("array", "<="): tr_later("{place}: at most {bound} of them, not {value}"),
    ("array", ">="): tr_later("{place}: at least {bound} of them, not {value}"),
}


def out_of_bounds(message: str, kind: Any, steps: Sequence[str], place: str, value: Any) -> Says | None:
    """The sentence for msgspec's message about a number or a size past its bound, or words of another form, at a path
    below a type.

    None for its other messages.
    """
    if message.startswith(_NOT_LIKE) and isinstance(value, str):
        return Says("{place}: one like {example} was wanted, got '{value}'", place=place, value=value[:40],
                    example=_example_of(type_at(kind, steps)))
    if (size := _SIZE.match(message)) is not None and isinstance(value, str | list | tuple):
        return Says(_SIZES[size[1], size[2]], place=place, bound=int(size[3]), value=len(value))
    found = _BOUND.match(message)
    if found is None or not isinstance(value, int | float):
        return None
    typed = typed_as(type_at(kind, steps))
    return Says(_WORDS[found[1]], place=place, bound=_told(float(found[2]), typed), value=_told(float(value), typed))


def _example_of(kind: Any) -> str:
    """The example that a type gives of its form."""
    return next((str(meta.examples[0]) for meta in getattr(kind, "__metadata__", ()) if meta.examples), "")


def _told(number: float, typed: str) -> Value | str:
    """A number as it is typed: a length in the maker's unit, an angle in degrees."""
    if typed == "length":
        return Length(number, 2)
    return f"{decimals(f'{degrees(number):.5g}')}°" if typed == "angle" else decimals(f"{number:.10g}")


def type_at(kind: Any, steps: Sequence[str]) -> Any:
    """The type at a path below a type; of parts that come in several kinds, the first that has the field."""
    if not steps:
        return kind
    for one in choices(kind):
        if get_origin(one) is tuple:
            return type_at(element_of(one, int(steps[0])), steps[1:])
        if isinstance(one, type) and issubclass(one, Struct):
            at = next((field.type for field in msgspec.structs.fields(one) if field.name == steps[0]), None)
            if at is not None:
                return type_at(at, steps[1:])
    return Any


def element_of(kind: Any, row: int) -> Any:
    """The type of a row in a tuple's type; anything where it is no tuple's."""
    for one in choices(kind):
        if get_origin(one) is tuple:
            elements = get_args(one)
            alike = len(elements) == 2 and elements[1] is Ellipsis
            return elements[0] if alike else elements[min(row, len(elements) - 1)]
    return Any


def choices(kind: Any) -> tuple[Any, ...]:
    """What a type may be, its bounds taken off."""
    while get_origin(kind) is Annotated:
        kind = get_args(kind)[0]
    return get_args(kind) if get_origin(kind) in (Union, types.UnionType) else (kind,)


def typed_as(kind: Any) -> str:
    """Whether a number is typed as a length or an angle; empty for plain numbers."""
    if get_origin(kind) is Annotated:
        for note in get_args(kind)[1:]:
            if isinstance(note, Meta) and note.extra:
                return str(note.extra.get("typed", ""))
        return typed_as(get_args(kind)[0])
    return next((said for one in choices(kind) if one is not kind and (said := typed_as(one))), "")
