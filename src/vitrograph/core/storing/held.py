"""Files that belong to a program for as long as it lives.

A file `NAME.xyz` is held by a lock on `NAME.lock` beside it, which the system lets go of when the program ends in
whatever way (flock(2)); so one that nobody holds was left behind.
"""

import fcntl
import os
import secrets
from collections.abc import Iterator
from contextlib import contextmanager, suppress
from pathlib import Path
from time import monotonic, sleep


def hold(place: Path) -> int | None:
    """Hold a file by its lock, until the handle is closed; None where another program does, or no lock can be made."""
    with suppress(OSError):
        handle = os.open(lock_of(place), os.O_RDWR | os.O_CREAT | os.O_NOFOLLOW, 0o600)
        try:
            fcntl.flock(handle, fcntl.LOCK_EX | fcntl.LOCK_NB)
        except OSError:
            os.close(handle)
            return None
        return handle
    return None


def hold_new(folder: Path, suffix: str) -> tuple[Path, int]:
    """A place in a folder, with a name that nobody can foresee, and the handle that holds it. Raises OSError."""
    folder.mkdir(parents=True, exist_ok=True)
    place = folder / f"{secrets.token_hex(8)}{suffix}"
    handle = hold(place)
    if handle is None:
        raise OSError(f"{place} cannot be held")
    return place, handle


@contextmanager
def in_turn(folder: Path, patience: float = 2.0) -> Iterator[None]:
    """Be the only one that changes a folder's files, by a lock on the folder itself; so long, s, one that hangs is
    waited for, and up to five times as long others that go on changing what is in it.

    Who has waited longer, or where nothing can be locked, goes on as if alone: a lock that hangs must hold up no work.
    """
    handle = None
    with suppress(OSError):
        handle = os.open(folder, os.O_RDONLY | os.O_DIRECTORY)
    try:
        if handle is not None:
            _wait_for(handle, patience)
        yield
    finally:
        if handle is not None:
            os.close(handle)


def _wait_for(folder: int, patience: float) -> None:
    """Wait for a folder's lock; the one who holds it is at work as long as the folder changes."""
    seen, hung_at, latest = 0, 0.0, monotonic() + 5.0 * patience
    with suppress(OSError):                                    # a file system that knows no locks, or no such folder
        while monotonic() < latest:
            with suppress(BlockingIOError):
                fcntl.flock(folder, fcntl.LOCK_EX | fcntl.LOCK_NB)
                return
            changed = os.fstat(folder).st_mtime_ns
            if changed != seen:
                seen, hung_at = changed, monotonic() + patience
            elif monotonic() > hung_at:
                return
            sleep(0.005)


def lock_of(place: Path) -> Path:
    """The lock of a file."""
    return place.with_suffix(".lock")


def changed_at(place: Path) -> float:
    """When a file was changed last, seconds since 1970; 0 where it is gone."""
    with suppress(OSError):
        return place.stat().st_mtime
    return 0.0
