"""Files that belong to a program for as long as it lives.

A file `NAME.xyz` is held by a lock on `NAME.lock` beside it, which the system lets go of when the program ends in
whatever way (flock(2)); so one that nobody holds was left behind.
"""

import fcntl
import os
import secrets
from contextlib import suppress
from pathlib import Path


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


def lock_of(place: Path) -> Path:
    """The lock of a file."""
    return place.with_suffix(".lock")


def changed_at(place: Path) -> float:
    """When a file was changed last, seconds since 1970; 0 where it is gone."""
    with suppress(OSError):
        return place.stat().st_mtime
    return 0.0
