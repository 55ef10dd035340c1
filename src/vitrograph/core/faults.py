"""Faults of ours: one sentence for the maker, the trace into a file, and a report to be sent by hand."""

import platform
import sys
import traceback
from collections.abc import Mapping
from contextlib import suppress
from importlib.metadata import PackageNotFoundError, version
from pathlib import Path

import platformdirs

from vitrograph import __version__
from vitrograph.core.language import tr

_MOST_TOLD = 60_000                # bytes of the log that a report holds, the newest
_PACKAGES = ("PySide6-Essentials", "numpy", "scipy", "shapely", "msgspec", "uharfbuzz", "opencv-python-headless")


def log_file() -> Path:
    """Where traces of faults are kept."""
    return Path(platformdirs.user_log_dir("vitrograph")) / "faults.txt"


def report(about: Mapping[str, str]) -> str:
    """What helps to find a fault, as text: versions, the system, `about` the order, and the newest traces.

    It holds no art, no names and no path: those the maker would have to add.
    """
    lines = [f"Vitrograph {__version__}", f"Python {platform.python_version()} on {platform.system()} "
             f"{platform.release()} {platform.machine()}"]
    for package in _PACKAGES:
        with suppress(PackageNotFoundError):
            lines.append(f"{package} {version(package)}")
    lines += [f"{what}: {said}" for what, said in about.items()]
    try:
        traces = log_file().read_bytes()[-_MOST_TOLD:].decode("utf-8", "replace")
    except OSError:
        traces = "none are kept"
    return "\n".join([*lines, "", "Faults:", _without_home(traces), ""])


def _without_home(text: str) -> str:
    """A text in which neither the user's folder nor where Python lies can be read."""
    for place, sign in ((sys.prefix, "(python)"), (str(Path.home()), "~")):
        text = text.replace(place, sign)
    return text


def told(error: BaseException) -> str:
    """The sentence for a fault of ours; its trace is kept in the user's log folder, if that can be written."""
    log = log_file()
    with suppress(OSError):
        log.parent.mkdir(parents=True, exist_ok=True)
        with log.open("a", encoding="utf-8", errors="replace") as file:
            file.writelines(traceback.format_exception(error))
    return tr("something went wrong inside the program ({fault}); what you had stands as it was, details are in {log}",
              fault=type(error).__name__, log=log)
