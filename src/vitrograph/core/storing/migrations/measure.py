"""How large words and drawings come out: facts of faces and files, which migrations ask of the living program."""

from typing import Any

import msgspec

from vitrograph.core.artwork import place
from vitrograph.core.artwork.words import shipped_face
from vitrograph.core.errors import ArtworkError
from vitrograph.core.job import Drawing, Item, Words

Ink = tuple[float, float, float, float]        # left, low, right, high, mm


def cap_height(face: str) -> float:
    """A shipped face's capitals, in ems; a usual one where there is no such face."""
    try:
        return shipped_face(face).cap_height
    except ArtworkError:           # the card will say that there is no such face
        return 0.7


def words_ink(piece: dict[str, Any]) -> Ink:
    """The ink of words about their place, their capitals `size` mm high. Raises ArtworkError."""
    what = {name: value for name, value in piece["what"].items() if name != "is"}
    return place(Item(Words(**what), size=piece["size"], size_is="caps")).box


def drawing_ink(piece: dict[str, Any]) -> Ink:
    """The ink of a drawing about its place, `size` mm high. Raises ArtworkError."""
    what = {name: value for name, value in piece["what"].items() if name != "is"}
    return place(Item(msgspec.convert(what, Drawing, builtin_types=(bytes,)), size=piece["size"], size_is="height")).box
