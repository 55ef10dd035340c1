"""How pieces came out, told so far and not written down yet: kept beside the unsaved orders until it is."""

from collections.abc import Mapping
from pathlib import Path

import msgspec
from msgspec import Struct, field

from vitrograph.core.logbook.book import Mark
from vitrograph.core.storing.unsaved import default_folder
from vitrograph.core.storing.whole import read_plain, write_whole

_MOST_BYTES = 10_000_000
_MOST_ORDERS = 200                      # of which anything is remembered


class Told(Struct, frozen=True, omit_defaults=True):
    """What was told of a piece: copies by how they came out, minutes where the maker said them, stars, words, marks.

    `broken` is how many that broke are counted among them.
    """

    counts: Mapping[str, int] = field(default_factory=dict)
    minutes: float | None = None
    stars: int = 0
    whom: str = ""
    note: str = ""
    marks: tuple[Mark, ...] = ()
    broken: int = 0


class ToldFile:
    """What was told of the pieces of all orders, in one file; read anew at each call, for there may be two windows."""

    def __init__(self, folder: Path | None = None) -> None:
        self._place = (folder or default_folder()) / "told.json"

    def of(self, order_id: str, piece: int) -> Told:
        """What was told of a piece, by its key; nothing where the file cannot be read."""
        return self._all().get(order_id, {}).get(piece, Told())

    def keep(self, order_id: str, piece: int, told: Told) -> None:
        """Keep what was told of a piece; where that is nothing, it is forgotten. Raises OSError, OrderFileError."""
        kept = self._all()
        mine = kept.pop(order_id, {})
        if mine.pop(piece, Told()) == told:
            return
        if told != Told():
            mine[piece] = told
        if mine:
            kept[order_id] = mine                             # the last in the row: the oldest are forgotten first
        newest = dict(list(kept.items())[-_MOST_ORDERS:])
        self._place.parent.mkdir(parents=True, exist_ok=True)
        write_whole(self._place, msgspec.json.encode(newest))

    def _all(self) -> dict[str, dict[int, Told]]:
        try:
            return msgspec.json.decode(read_plain(self._place, _MOST_BYTES), type=dict[str, dict[int, Told]])
        except (OSError, msgspec.MsgspecError):
            return {}
