"""Faults of ours: one sentence for the maker, the trace into a file."""

import traceback
from contextlib import suppress
from pathlib import Path

import platformdirs


def told(error: BaseException) -> str:
    """The sentence for a fault of ours; its trace is kept in the user's log folder, if that can be written."""
    log = Path(platformdirs.user_log_dir("vitrograph")) / "faults.txt"
    with suppress(OSError):
        log.parent.mkdir(parents=True, exist_ok=True)
        with log.open("a", encoding="utf-8", errors="replace") as file:
            file.writelines(traceback.format_exception(error))
    return (f"something went wrong inside the program ({type(error).__name__}); what you had stands as it was, details "
            f"are in {log}")
