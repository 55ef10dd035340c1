"""What waits to be written into a book that cannot be written: kept in a file of its own, so that no end loses it.

The book may be held by another program, on a disk that is full, or on one that is away; the file lies elsewhere, with
the unsaved orders. Each program has its own; what one that ended left behind is taken over by the next on that book.
"""

import os
from contextlib import suppress
from pathlib import Path

import msgspec
from msgspec import Struct

from vitrograph.core.errors import OrderFileError
from vitrograph.core.logbook.acts import AnyAct
from vitrograph.core.storing.held import changed_at, hold, hold_new, lock_of
from vitrograph.core.storing.unsaved import default_folder
from vitrograph.core.storing.whole import read_plain, write_whole

_MOST_BYTES = 30_000_000                # a long evening's acts take some kilobytes
Waiting = tuple[str, AnyAct]            # of which order, and what


class _Kept(Struct, frozen=True):
    book: str
    acts: tuple[Waiting, ...]


class WaitingFile:
    """The file of one program, there only while something waits."""

    def __init__(self, book: Path, folder: Path | None = None) -> None:
        self._book = os.fspath(book.absolute())
        self._folder = folder or default_folder()
        self._place: Path | None = None
        self._handle = -1

    def keep(self, acts: list[Waiting]) -> bool:
        """Keep what waits by now, in the order in which it was done; whether it could be kept."""
        if not acts:
            self._drop()
            return True
        try:
            if self._place is None:
                self._place, self._handle = hold_new(self._folder, ".waiting")
            write_whole(self._place, msgspec.json.encode(_Kept(self._book, tuple(acts))))
        except (OSError, OrderFileError):
            return False
        return True

    def take_over(self) -> list[Waiting]:
        """What programs that ended left behind of this book, the oldest first; it is kept here from now on."""
        taken: list[Waiting] = []
        left = []
        for place in sorted(self._folder.glob("*.waiting"), key=changed_at):
            kept = _read(place)
            if kept is None or kept.book != self._book or (handle := hold(place)) is None:
                continue
            left.append((place, handle))
            if (still := _read(place)) is not None:               # another may have taken it in between
                taken += still.acts
        if not taken or self.keep(taken):
            for place, _handle in left:
                _delete(place)
        for _place, handle in left:
            os.close(handle)
        return taken

    def let_go(self) -> None:
        """Leave what waits for the next program to take over."""
        if self._place is not None:
            os.close(self._handle)
            self._place = None

    def _drop(self) -> None:
        if self._place is not None:
            _delete(self._place)
            self.let_go()


def _read(place: Path) -> _Kept | None:
    """What a file keeps; None where it is gone, or none of ours."""
    try:
        return msgspec.json.decode(read_plain(place, _MOST_BYTES), type=_Kept)
    except (OSError, msgspec.MsgspecError):
        return None


def _delete(place: Path) -> None:
    for one in (place, lock_of(place)):
        with suppress(OSError):
            one.unlink()
