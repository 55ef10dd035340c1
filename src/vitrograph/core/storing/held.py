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
    """Be the only one that changes a folder's files, by a lock on the folder itself; so long, s, others are waited for.

    Who has waited longer, or where nothing can be locked, goes on as if alone: a lock that hangs must hold up no work.
    """
    handle = None
    with suppress(OSError):
        handle = os.open(folder, os.O_RDONLY | os.O_DIRECTORY)
    try:
        until = monotonic() + patience
        while handle is not None and monotonic() < until:
            try:
                fcntl.flock(handle, fcntl.LOCK_EX | fcntl.LOCK_NB)
                break
            except BlockingIOError:
                sleep(0.02)
            except OSError:                                    # this file system knows no locks
                break
        yield
    finally:
        if handle is not None:
            os.close(handle)


def lock_of(place: Path) -> Path:
    """The lock of a file."""
    return place.with_suffix(".lock")


def changed_at(place: Path) -> float:
    """When a file was changed last, seconds since 1970; 0 where it is gone."""
    with suppress(OSError):
        return place.stat().st_mtime
    return 0.0
