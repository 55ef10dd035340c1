"""Plain data and back: records read with their bounds, and changed by paths, with one sentence for a bad value."""

import re
from collections.abc import Iterator, Mapping
from math import isfinite
from typing import Any, TypeVar

import msgspec

from vitrograph.core.errors import JobError
from vitrograph.core.job.records import Record
from vitrograph.core.language import tr
from vitrograph.core.says import Says
from vitrograph.core.units import parse_whole

R = TypeVar("R", bound=Record)


def read_record(tree: Any, kind: type[R], called: str = "") -> R:
    """Build a record from plain data. Raises JobError with one sentence about the first bad value.

    `called` is what the whole of it is in words: the job, if nothing is said.
    """
    for place, number in _numbers(tree):
        if not isfinite(number):
            raise JobError(tr("{place}: expected a finite number, got {number}", place=place, number=number))
    try:
        return msgspec.convert(tree, kind, builtin_types=(bytes,))
    except msgspec.ValidationError as error:
        raise JobError(sentence_of(str(error), tree, kind, called)) from None


def changed_record(record: R, changes: Mapping[str, Any]) -> R:
    """A record with some values replaced; `part__field` reaches into a part, and a number into a row.

    Raises JobError, saying which value cannot be and why.
    """
    tree = plain(record)
    for path, value in changes.items():
        *steps, last = path.split("__")
        branch = tree
        for step in steps:
            branch = _opened(branch, step, path)
        if isinstance(branch, list):
            branch[_row(branch, last, path)] = plain(value)
        elif isinstance(branch, dict):
            branch[last] = plain(value)
        else:
            raise JobError(tr("{path}: there is nothing below '{steps}'", path=path.replace('__', '.'),
                              steps=steps[-1]))
    changed: R = _sharing(read_record(tree, type(record)), record)
    return changed


def _sharing(new: Any, old: Any) -> Any:
    """A value with all its parts that are as they were taken from the old one: a thousand undo steps share them."""
    if new == old:
        return old
    if isinstance(new, Record) and type(new) is type(old):
        return msgspec.structs.replace(new, **{field: _sharing(getattr(new, field), getattr(old, field))
                                               for field in new.__struct_fields__})
    if isinstance(new, tuple) and isinstance(old, tuple):
        return (*map(_sharing, new, old), *new[len(old):])
    return new


def _opened(branch: Any, step: str, path: str) -> Any:
    """The branch below another, its row made one that can be written to."""
    if isinstance(branch, list):
        at: Any = _row(branch, step, path)
    elif isinstance(branch, dict) and step in branch:
        at = step
    else:
        raise JobError(tr("{path}: there is no '{step}'", path=path.replace('__', '.'), step=step))
    if isinstance(branch[at], tuple):
        branch[at] = list(branch[at])
    return branch[at]


def _row(branch: list[Any], step: str, path: str) -> int:
    row = parse_whole(step, len(branch) - 1)
    if row is None:
        raise JobError(tr("{path}: a number from 0 to {branch} was wanted, got '{step}'", path=path.replace('__', '.'),
                          branch=len(branch) - 1, step=step))
    return row


def plain(value: Any) -> Any:
    """Plain data of a record; a file's content stays as it is, and is not copied. An array's numbers are plain too."""
    return msgspec.to_builtins(value, builtin_types=(bytes,), enc_hook=float)


def _numbers(tree: Any, place: str = "") -> Iterator[tuple[str, float]]:
    """Every float in plain data, with the words for its place; bounds alone would let a NaN through."""
    if isinstance(tree, dict):
        for key, value in tree.items():
            yield from _numbers(value, f"{place} {key}".strip().replace("_", " "))
    elif isinstance(tree, list | tuple):
        for value in tree:
            yield from _numbers(value, place)
    elif isinstance(tree, float):
        yield place, tree


def steps_of(message: str) -> list[str]:
    """The place that a message of the reader names; an unknown field is its own place.

    >>> steps_of("Expected `float`, got `str` - at `$.films[0].width`")
    ['films', '0', 'width']
    """
    wanted, _, path = message.partition(" - at `$")
    unknown = re.search("unknown field `(.*)`", wanted)
    return [*re.findall(r"[^.\[\]]+", path.rstrip("`")), *([unknown[1]] if unknown else [])]


def sentence_of(message: str, tree: Any, kind: type[Record], called: str = "") -> Says | str:
    """Turn "Expected `float` > 0.0 - at `$.fit.size`" into "fit size: more than 0 mm, not -5 mm"."""
    from vitrograph.core.job.fields import out_of_bounds  # seldom wanted: the window opens sooner without it

    wanted, steps, called = message.partition(" - at `$")[0], steps_of(message), called or tr("the job")
    if re.search("unknown field `(.*)`", wanted):
        return tr("{called} holds the unknown field '{name}'", called=called, name=steps[-1])
    for step in steps:
        tree = tree.get(step) if isinstance(tree, dict) else tree[int(step)] if step.isdigit() else None
    places = [str(int(step) + 1) if step.isdigit() else step for step in steps]
    place = " ".join(places).replace("_", " ") or called
    if (bounds := out_of_bounds(wanted, kind, steps, place, tree)) is not None:
        return bounds
    got = tr(", got {tree!r}", tree=tree) if steps and not isinstance(tree, dict) and len(repr(tree)) <= 40 else ""
    if got:
        wanted = re.sub(", got `.*`$", "", wanted)             # the value itself says more than its kind
    if wanted.startswith("Invalid"):
        wanted, got = tr("{tree!r} is not one of the choices", tree=tree), ""
    for ours, theirs in ((tr("a number"), "`float`"), (tr("a number"), "`float | null`"),
                         (tr("a whole number"), "`int`"),
                         (tr("words"), "`str`"), (tr("a list"), "`array`"), (tr("named values"), "`object`"),
                         ("'", "`")):
        wanted = wanted.replace(theirs, ours)
    if wanted.startswith("Expected "):
        wanted = tr("expected {what}", what=wanted.removeprefix("Expected "))
    if not steps and wanted.startswith(called):
        return wanted
    return f"{place}: {wanted[:1].lower()}{wanted[1:]}{got}"
