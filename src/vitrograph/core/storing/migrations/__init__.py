"""Older files brought up to this version, as plain data: each step from one version to the next is frozen.

A step knows nothing of today's tree: it takes and gives plain data, with the names and the arithmetic of its day. The
one thing asked of the living program is how large words and drawings come out (`measure.py`), which versions 1 and 2
left to it.
"""

import re
from collections.abc import Callable
from typing import Any

from vitrograph.core.language import read_day
from vitrograph.core.storing.migrations.to_order import to_order
from vitrograph.core.storing.migrations.to_pieces import to_pieces
from vitrograph.core.storing.migrations.to_recipes import to_recipes

Tree = dict[str, Any]

_A_DAY = re.compile(r"\d{4}-\d{2}-\d{2}")


def _meant_the_same(tree: Tree) -> Tree:
    """Only parts were added, and their defaults are what the older version meant."""
    return tree


_STEPS: dict[int, Callable[[Tree], Tree]] = {
    1: _meant_the_same,            # readings, features, sets
    2: to_pieces,
    3: _meant_the_same,            # ways to lay, to place and to part the art
    4: _meant_the_same,            # kinds, outlines, marks, mends and ties
    5: to_order,
    6: _meant_the_same,            # lists of names, and art that pieces share
    7: _meant_the_same,            # film in stock, places on it, and the blade's offset
    8: _meant_the_same,            # ways to set a film, what is on the glass, and how a pane lies
    9: to_recipes,
}


def migrate(tree: Tree, identity: str) -> Tree:
    """A file's plain data at this version; an order that has no id yet is given one.

    Raises as its parts do when they hold what cannot be.
    """
    while tree["version"] in _STEPS:
        version = tree["version"]
        tree = _STEPS[version](tree)
        tree["version"] = version + 1
    if not tree.get("id"):
        tree["id"] = identity
    _forget_no_day(tree)
    return tree


def _forget_no_day(tree: Tree) -> None:
    """A pot opened on 30 February was let through once. Nobody knows which day was meant; the order is worth more."""
    etch = tree.get("etch")
    cream = etch.get("cream") if isinstance(etch, dict) else None
    if not isinstance(cream, dict):
        return
    day = cream.get("opened_on")
    if isinstance(day, str) and _A_DAY.fullmatch(day) and read_day(day) is None:
        cream["opened_on"] = ""
