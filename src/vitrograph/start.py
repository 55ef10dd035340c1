"""The door of the program: a window stands before the rest of the program is read; other words go to the command line.

Nothing is imported here that the window's first picture does not need (`tests/desk/test_start.py` counts it).
"""

import gc
import sys
from collections.abc import Sequence
from contextlib import suppress
from importlib import import_module
from pathlib import Path

from vitrograph.core.language import tr
from vitrograph.languages import speak_chosen

NEW = "new"                        # in the place of the demo's piece: a new order
_DEMO = ("tumbler", "lantern", "carafe", "ornament", "plaque", "flutes")


def main(argv: Sequence[str] | None = None) -> int:
    """Open a window, or run a command; return the exit code."""
    words = sys.argv[1:] if argv is None else list(argv)
    speak_chosen()
    plain = _plain(words)
    if plain is None:
        from vitrograph.cli import main as command

        return command(words)
    gc.disable()                                              # until the window stands: reading makes no garbage
    _search_no_sources()
    from vitrograph.desk.front import NoScreen, open_window

    try:
        return open_window(*plain)
    except NoScreen as error:
        print(tr("vitrograph: {error}", error=error), file=sys.stderr)
        return 2


def _search_no_sources() -> None:
    """Spare the toolkit to search the source of each module that is read for its own name: 0.2 s of a start.

    It looks for modules that might have its optional features on, as snake_case names; none is used here.
    """
    with suppress(ImportError, AttributeError):
        import_module("PySide6")                              # which brings it
        feature = import_module("shibokensupport.feature")
        feature._mod_uses_pyside = lambda _module: True        # type: ignore[attr-defined]


def _plain(words: list[str]) -> tuple[Path | None, str | None] | None:
    """The order's file and the demo's piece where a window is asked for in the plainest way; None otherwise.

    No file and no piece is the order seen last, "new" in the piece's place a new one.

    >>> _plain([]), _plain(["demo", "carafe"]), _plain(["demo"]), _plain(["new"]), _plain(["plan", "x.vitro"])
    ((None, None), (None, 'carafe'), (None, ''), (None, 'new'), None)
    """
    if words in ([], [NEW]):
        return None, words[0] if words else None
    if words[0] == "demo" and words[1:] in ([], *([name] for name in _DEMO)):
        return None, "".join(words[1:])
    if words[0] == "open" and len(words) == 2 and not words[1].startswith("-") and Path(words[1]).is_file():
        return Path(words[1]), None
    return None
