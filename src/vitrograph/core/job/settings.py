"""Settings typed as PATH=VALUE: any field of an order or of a piece's design, by its path in the file.

Lengths take units (60mm, 2 3/8 in), angles are degrees, several values are parted by commas, `none` empties what may be
empty, and whole parts are given as JSON.
"""

import json
import types
from collections.abc import Sequence
from math import radians
from typing import Any, Literal, get_origin

import msgspec
from msgspec import Struct

from vitrograph.core.errors import JobError, LengthError
from vitrograph.core.job.fields import choices, element_of, typed_as
from vitrograph.core.job.order import Order, Piece, belongs_to_order
from vitrograph.core.language import tr
from vitrograph.core.units import Unit, parse_length, parse_whole

_TAGS = ("kind", "is")             # the fields that tell kinds of a part apart


def with_settings(order: Order, settings: Sequence[str], at: int = 0) -> Order:
    """An order with settings done one after the other; those of a design are the piece's of that number.

    Raises JobError or LengthError, naming the path.
    """
    for setting in settings:
        path, equals, text = setting.partition("=")
        if not equals or not path.strip():
            raise JobError(tr("a setting like fit.across=60mm was wanted, got '{setting}'", setting=setting[:60]))
        steps = path.strip().removeprefix("piece.").split(".")
        joined = "__".join(steps)
        root: Struct = order if belongs_to_order(joined) else order.pieces[at]
        places = steps[1:] if steps[0] == "order" else steps
        value = _typed(root, places, text.strip(), order.units, path.strip())
        whole = places[-1] in _TAGS and isinstance(value, dict)           # a field may be called so, too
        order = order.changed(at, **{"__".join(steps[:-1]) if whole else joined: value})
    return order


def typed_value(root: Struct, path: str, text: str, unit: Unit) -> Any:
    """The value typed for a place below a record, by its path with dots. Raises JobError or LengthError."""
    return _typed(root, path.split("."), text.strip(), unit, path)


def _typed(root: Struct, steps: Sequence[str], text: str, unit: Unit, path: str) -> Any:
    """The value typed for a place below a record, told by the field's own type."""
    owner: Any = root
    kind: Any = type(root)
    for number, step in enumerate(steps):
        if isinstance(owner, Struct):
            if step in _TAGS and number + 1 == len(steps) and owner.__struct_config__.tag is not None:
                return {step: text}                           # another kind of part, with its usual values
            kind, owner = _field_of(owner, step, path)
        elif isinstance(owner, tuple) and (row := parse_whole(step, len(owner) - 1)) is not None:
            kind, owner = element_of(kind, row), owner[row]
        elif isinstance(owner, tuple):
            raise JobError(tr("{path}: a number from 0 to {owner} was wanted, got '{step}'", path=path,
                              owner=len(owner) - 1, step=step) if owner else
                           tr("{path}: there are no rows here yet", path=path))
        else:
            raise JobError(tr("{path}: there is nothing below '{steps}'", path=path, steps=steps[number - 1]))
    return _parsed(kind, text, unit, path)


def _field_of(owner: Struct, name: str, path: str) -> tuple[Any, Any]:
    known = {one.name: one.type for one in msgspec.structs.fields(type(owner))}
    if name not in known:
        from difflib import get_close_matches  # seldom wanted: the window opens sooner without it

        names = [*known, *(Order.__struct_fields__ if isinstance(owner, Piece) else ())]
        near = get_close_matches(name, names, n=1)
        hint = tr(", perhaps '{near}'", near=near[0]) if near else tr(": there are {all}",
                                                                      all=', '.join(list(known)[:8]))
        raise JobError(tr("{path}: there is no '{name}' here{hint}", path=path, name=name, hint=hint))
    return known[name], getattr(owner, name)


def _parsed(kind: Any, text: str, unit: Unit, path: str) -> Any:
    plain = {get_origin(one) or one for one in choices(kind)}
    if text.lower() == "none" and types.NoneType in plain:
        return None
    if text[:1] in ("{", "["):
        return _json(text, path)
    if typed_as(kind):
        return _measure(text, typed_as(kind), unit, path)
    if tuple in plain:
        return [_parsed(element_of(kind, row), part.strip(), unit, path) for row, part in enumerate(text.split(","))]
    if bool in plain:
        return _yes_or_no(text, path)
    if float in plain or int in plain:
        return _number(text, path, whole=float not in plain)
    if Literal in plain or str in plain:
        return text
    raise JobError(tr("{path}: this is a whole part; give one of its fields, or all of it as JSON", path=path))


def _json(text: str, path: str) -> Any:
    try:
        return json.loads(text)
    except ValueError as error:
        raise JobError(tr("{path}: this is not JSON ({error})", path=path, error=error)) from None


def _measure(text: str, typed: str, unit: Unit, path: str) -> float:
    if typed == "angle":
        return radians(float(_number(text.removesuffix("°").removesuffix("deg"), path, whole=False)))
    try:
        return parse_length(text, unit)
    except LengthError as error:
        raise LengthError(f"{path}: {error}") from None


def _yes_or_no(text: str, path: str) -> bool:
    words = {"yes": True, "true": True, "1": True, "on": True, "no": False, "false": False, "0": False, "off": False}
    if text.lower() not in words:
        raise JobError(tr("{path}: yes or no was wanted, got '{text}'", path=path, text=text[:20]))
    return words[text.lower()]


def _number(text: str, path: str, *, whole: bool) -> float | int:
    share = text.endswith("%")
    try:
        number = float(text.removesuffix("%").strip().replace(",", "."))
    except ValueError:
        raise JobError(tr("{path}: a number was wanted, got '{text}'", path=path, text=text[:20])) from None
    number = number / 100 if share else number
    return int(number) if whole and number.is_integer() else number
