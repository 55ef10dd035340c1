"""Safety copies of unsaved work: each with the path it belongs to, held by the program that keeps it.

A copy that nobody holds was left behind.
"""

import json
import os
from collections.abc import Iterator
from contextlib import suppress
from pathlib import Path

import platformdirs
from msgspec import Struct

from vitrograph.core.errors import OrderFileError
from vitrograph.core.job import Order
from vitrograph.core.storing.held import changed_at, hold, hold_new, lock_of
from vitrograph.core.storing.orderfile import comment_of, load_order, save_order
from vitrograph.core.storing.whole import backup_of


def default_folder() -> Path:
    """Where unsaved work is kept."""
    return Path(platformdirs.user_state_dir("vitrograph")) / "unsaved"


class SafetyCopy:
    """A copy that this program holds, until it is dropped or let go of."""

    def __init__(self, place: Path, handle: int) -> None:
        self.place = place
        self._handle = handle

    @classmethod
    def begin(cls, folder: Path) -> "SafetyCopy":
        """A new one, of nothing as yet, with a name that no other has. Raises OSError."""
        return cls(*hold_new(folder, ".vitro"))

    def keep(self, order: Order, path: Path | None) -> None:
        """Write the order, and where it belongs, in the place of what was kept before. Raises OrderFileError."""
        belongs = json.dumps({"path": None if path is None else os.fspath(path.absolute())})
        save_order(order, self.place, belongs.encode("ascii"))

    def drop(self) -> None:
        """Delete the copy: its work is saved, or given up on purpose."""
        for kept in (self.place, backup_of(self.place)):
            kept.unlink(missing_ok=True)
        self.let_go()

    def let_go(self) -> None:
        """Leave the copy for the next start to find."""
        if not (self.place.exists() or backup_of(self.place).exists()):
            lock_of(self.place).unlink(missing_ok=True)
        os.close(self._handle)


class LeftBehind(Struct, frozen=True):
    """Unsaved work of a program that ended: the copy, held by us now, its order, and the path that belongs to it."""

    copy: SafetyCopy
    order: Order
    path: Path | None


class Unreadable(Struct, frozen=True):
    """A copy that cannot be read any more, put aside as `NAME.damaged`, where someone may still look into it."""

    kept: Path


def left_behind(folder: Path) -> Iterator[LeftBehind | Unreadable]:
    """Yield what was left behind, the newest first; each is held from then on, so that no other program offers it.

    Of a copy that is damaged the one before it is offered, in its place.
    """
    copies = {*folder.glob("*.vitro"), *(kept.with_suffix("") for kept in folder.glob("*.vitro.bak"))}
    for place in sorted(copies, key=changed_at, reverse=True):
        handle = hold(place)
        if handle is None:                                        # its program is running
            continue
        copy = SafetyCopy(place, handle)
        found = _read(place)
        if found is None:
            damaged = _put_aside(place)
            found = _read(place)                               # the one before it, now
        if found is not None:
            yield LeftBehind(copy, *found)
        else:
            copy.drop()
            yield Unreadable(damaged)


def _put_aside(place: Path) -> Path:
    """Move a damaged copy out of the way of the one before it, which takes its place."""
    damaged = place.with_suffix(".damaged")
    for old, new in ((place, damaged), (backup_of(place), place)):
        with suppress(OSError):
            old.replace(new)
    return damaged


def _read(copy: Path) -> tuple[Order, Path | None] | None:
    """The order that a copy holds, and the path that belongs to it; None where it cannot be read."""
    try:
        return load_order(copy), _path_in(comment_of(copy))
    except OrderFileError:
        return None


def _path_in(comment: bytes) -> Path | None:
    """The path that a copy says it belongs to; copies of the first days say nothing."""
    try:
        path = json.loads(comment)["path"]
    except (ValueError, KeyError, TypeError):
        return None
    return Path(path) if isinstance(path, str) else None
