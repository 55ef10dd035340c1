"""Older jobs brought up to this version, as plain data: each step from one version to the next."""

from typing import Any

import msgspec
from msgspec.structs import replace

from vitrograph.core.artwork.composing.arrange import sized
from vitrograph.core.artwork.composing.compose import place
from vitrograph.core.artwork.words import shipped_face
from vitrograph.core.errors import ArtworkError, JobError
from vitrograph.core.pieces import Artwork, Drawing, Piece, Words

_EM = 10.0                         # mm: lettering was told in ems, and all of it scaled to a size
_USUAL = {"text": "", "face": "Barlow Bold", "align": "centre", "letter_spacing": 0.0, "line_spacing": 1.1,
          "drawing": None, "drawing_place": "above", "drawing_size": 1.6, "gap": 0.35}


def migrate(tree: dict[str, Any]) -> None:
    """Bring a job's plain data up to this version, in place. Raises as its parts do when they hold what cannot be."""
    if tree["version"] == 1:       # only parts were added, and their defaults are what 1 meant
        tree["version"] = 2
    if tree["version"] == 2:
        _to_pieces(tree)
        tree["version"] = 3
    if tree["version"] == 3:       # ways to lay, to place and to part the art were added; 3 meant their defaults
        tree["version"] = 4
    if tree["version"] == 4:       # kinds, outlines, marks, mends and ties of the stencil were added, likewise
        tree["version"] = 5


def _to_pieces(tree: dict[str, Any]) -> None:
    """2 to 3: one text and one drawing in ems, scaled to the fit's size, become pieces in mm."""
    fit = tree.setdefault("fit", {})
    size, side = float(fit.pop("size", 70.0)), fit.pop("size_is", "width")
    if not 0 < size <= 5000 or side not in ("width", "height"):
        raise JobError(f"fit size: a {side} from 0 to 5000 mm was wanted, got {size:g}")
    old = {**_USUAL, **tree.get("artwork", {})}
    pieces: list[Piece] = []
    if old["text"].strip():
        words = Words(old["text"], old["face"], align=old["align"], letter_spacing=old["letter_spacing"],
                      line_spacing=old["line_spacing"])
        pieces.append(Piece(words, size=_cap_height(old["face"]) * _EM, size_is="caps"))
    if old["drawing"] is not None:
        drawing = msgspec.convert(old["drawing"], Drawing, builtin_types=(bytes,))
        pieces.append(Piece(drawing, size=old["drawing_size"] * _EM, size_is="height"))
    tree["artwork"] = msgspec.to_builtins(_at_size(pieces, old, size, side), builtin_types=(bytes,))


def _cap_height(face: str) -> float:
    try:
        return shipped_face(face).cap_height
    except ArtworkError:           # the card will say that there is no such face
        return 0.7


def _at_size(pieces: list[Piece], old: dict[str, Any], size: float, side: str) -> Artwork:
    artwork = Artwork(tuple(piece.with_(key=key) for key, piece in enumerate(pieces, start=1)))
    try:
        if len(pieces) == 2:
            artwork = _beside(artwork, old["drawing_place"], old["gap"] * _EM)
        return sized(artwork, **{side: size}) if pieces else artwork
    except ArtworkError:           # what cannot be made is told of at its station
        return replace(artwork, pieces=tuple(piece.with_(size=size, size_is=side) for piece in artwork.pieces))


def _beside(artwork: Artwork, where: str, gap: float) -> Artwork:
    """The drawing set beside the words, and both together centred on the middle line."""
    words, drawing = (place(piece) for piece in artwork.pieces)
    left, low, right, high = words.box
    wide, tall = drawing.size
    x = {"left": left - gap - wide / 2, "right": right + gap + wide / 2}.get(where, (left + right) / 2)
    y = {"above": high + gap + tall / 2, "below": low - gap - tall / 2}.get(where, (low + high) / 2)
    middle = (min(left, x - wide / 2) + max(right, x + wide / 2)) / 2
    return artwork.changed({1: {"x": -middle}, 2: {"x": x - middle, "y": y}})
