"""5 to 6: a job becomes an order of one piece; what it shared with nobody becomes what the order's pieces share."""

from typing import Any

_SHARED = ("cut", "transfer", "etch")


def to_order(tree: dict[str, Any]) -> dict[str, Any]:
    """An order with the job as its one piece. The artwork's pieces are now items, and a set's are what is measured."""
    piece = {key: value for key, value in tree.items() if key not in ("version", *_SHARED)}
    if "how_many" in piece:
        piece["count"] = piece.pop("how_many")
    if "pieces" in piece:
        piece["measured"] = piece.pop("pieces")
    artwork = piece.get("artwork")
    if isinstance(artwork, dict) and "pieces" in artwork:
        piece["artwork"] = {"items" if key == "pieces" else key: value for key, value in artwork.items()}
    order = {key: tree[key] for key in _SHARED if key in tree}
    return {**order, "version": 5, "name": tree.get("name", "Untitled"), "pieces": [{"key": 1, **piece}]}
