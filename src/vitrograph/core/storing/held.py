"""Files that belong to a program for as long as it lives.

A file `NAME.xyz` is held by a lock on `NAME.lock` beside it, which the system lets go of when the program ends in
whatever way (flock(2)); so one that nobody holds was left behind.
"""

import fcntl
import os
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


def lock_of(place: Path) -> Path:
    """The lock of a file."""
    return place.with_suffix(".lock")
