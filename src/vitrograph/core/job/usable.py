"""Plain data that a hand made wrong in places: the rest of it is used, and a sentence is said of each place."""

from math import isfinite
from typing import Any

import msgspec

from vitrograph.core.errors import JobError
from vitrograph.core.job.tree import R, sentence_of, steps_of

_MOST_FAULTS = 50


def read_usable(tree: Any, kind: type[R], called: str = "") -> tuple[R, tuple[str, ...]]:
    """Build a record from plain data, whatever is wrong in it left at its usual value; and a sentence about each place.

    Raises JobError where the whole of it is wrong, or all too much.
    """
    left = _copied(tree)
    said: list[str] = []
    while True:
        try:
            return msgspec.convert(left, kind, builtin_types=(bytes,)), tuple(said)
        except msgspec.ValidationError as error:
            told, steps = JobError(sentence_of(str(error), left, kind, called)), steps_of(str(error))
            if not steps or len(said) == _MOST_FAULTS:
                raise told from None
            said.append(str(told))
            _leave_out(left, steps, kind)


def _copied(tree: Any) -> Any:
    """A copy; what is no finite number is words there, so that it is found wrong."""
    if isinstance(tree, dict):
        return {key: _copied(value) for key, value in tree.items()}
    if isinstance(tree, list | tuple):
        return [_copied(value) for value in tree]
    return str(tree) if isinstance(tree, float) and not isfinite(tree) else tree


def _leave_out(tree: Any, steps: list[str], kind: type[R]) -> None:
    """Take out what is wrong: where a whole record is, the one field that makes it so, if it is one alone.

    A list of which nothing is left goes as well.
    """
    *way, last = steps
    branches = [tree]
    for step in way:
        branches.append(branches[-1][_at(branches[-1], step)])
    branch = branches[-1]
    wrong = branch[_at(branch, last)]
    for field in list(wrong) if isinstance(wrong, dict) else []:
        value = wrong.pop(field)
        if _wrong_at(tree, kind) != steps:
            return
        wrong[field] = value
    del branch[_at(branch, last)]
    if branch == []:
        del branches[-2][way[-1]]


def _at(branch: Any, step: str) -> Any:
    return int(step) if isinstance(branch, list) else step


def _wrong_at(tree: Any, kind: type[R]) -> list[str] | None:
    try:
        msgspec.convert(tree, kind, builtin_types=(bytes,))
    except msgspec.ValidationError as error:
        return steps_of(str(error))
    return None
