"""2 to 3: one text and one drawing in ems, scaled to the fit's size, become pieces in mm."""

from typing import Any

from vitrograph.core.errors import ArtworkError, JobError
from vitrograph.core.storing.migrations.measure import Ink, cap_height, drawing_ink, words_ink

_EM = 10.0                         # mm: lettering was told in ems, and all of it scaled to a size
_USUAL = {"text": "", "face": "Barlow Bold", "align": "centre", "letter_spacing": 0.0, "line_spacing": 1.1,
          "drawing": None, "drawing_place": "above", "drawing_size": 1.6, "gap": 0.35}
_WORDS = ("text", "face", "align", "letter_spacing", "line_spacing")


def to_pieces(tree: dict[str, Any]) -> dict[str, Any]:
    """Words and drawing as pieces of version 3, where and as large as they were. Raises JobError."""
    fit = tree.setdefault("fit", {})
    size, side = float(fit.pop("size", 70.0)), fit.pop("size_is", "width")
    if not 0 < size <= 5000 or side not in ("width", "height"):
        raise JobError(f"fit size: a {side} from 0 to 5000 mm was wanted, got {size:g}")
    old = {**_USUAL, **tree.get("artwork", {})}
    pieces: list[dict[str, Any]] = []
    if old["text"].strip():
        words = {"is": "words", **{name: old[name] for name in _WORDS}}
        pieces.append({"what": words, "size": cap_height(old["face"]) * _EM, "size_is": "caps"})
    if old["drawing"] is not None:
        pieces.append({"what": {"is": "drawing", **old["drawing"]}, "size": old["drawing_size"] * _EM,
                       "size_is": "height"})
    for key, piece in enumerate(pieces, start=1):
        piece |= {"key": key, "x": 0.0, "y": 0.0}
    _bring_to_size(pieces, old, size, side)
    tree["artwork"] = {"pieces": pieces}
    return tree


def _bring_to_size(pieces: list[dict[str, Any]], old: dict[str, Any], size: float, side: str) -> None:
    """Set the drawing beside the words, and both so large that all of their ink measures `size` at a side."""
    try:
        inks = [words_ink(piece) if piece["what"]["is"] == "words" else drawing_ink(piece) for piece in pieces]
    except ArtworkError:           # what cannot be made is told of at its station
        for piece in pieces:
            piece |= {"size": size, "size_is": side}
        return
    if len(pieces) == 2:
        inks = _set_beside(pieces, inks, old["drawing_place"], old["gap"] * _EM)
    left, low = (min((ink[k] for ink in inks), default=0.0) for k in (0, 1))
    right, high = (max((ink[k] for ink in inks), default=0.0) for k in (2, 3))
    extent = right - left if side == "width" else high - low
    factor = size / extent if extent > 1e-6 else 1.0
    for piece in pieces:
        piece |= {name: piece[name] * factor for name in ("size", "x", "y")}


def _set_beside(pieces: list[dict[str, Any]], inks: list[Ink], where: str, gap: float) -> list[Ink]:
    """The drawing set beside the words, and both together centred on the middle line; where their ink then is."""
    (left, low, right, high), drawn = inks
    wide, tall = drawn[2] - drawn[0], drawn[3] - drawn[1]
    x = {"left": left - gap - wide / 2, "right": right + gap + wide / 2}.get(where, (left + right) / 2)
    y = {"above": high + gap + tall / 2, "below": low - gap - tall / 2}.get(where, (low + high) / 2)
    middle = (min(left, x - wide / 2) + max(right, x + wide / 2)) / 2
    pieces[0]["x"] = -middle
    pieces[1] |= {"x": x - middle, "y": y}
    x -= middle
    return [(left - middle, low, right - middle, high), (x - wide / 2, y - tall / 2, x + wide / 2, y + tall / 2)]
