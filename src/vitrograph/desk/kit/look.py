"""How the program looks and speaks: light or dark, how large it writes, in which language; kept in a small file."""

import json
from contextlib import suppress
from pathlib import Path
from typing import NamedTuple

import platformdirs

THEMES = ("dark", "light", "desktop")
TEXTS = (0.85, 1.0, 1.15, 1.3, 1.5)


class Look(NamedTuple):
    """The colours of the room round the work, the size of writing as a multiple of the desktop's, and the language.

    Colours and language may be "desktop": its own.
    """

    theme: str = "dark"
    text: float = 1.0
    language: str = "desktop"


def default_file() -> Path:
    """Where it is kept."""
    return Path(platformdirs.user_config_dir("vitrograph")) / "look.json"


def read_look(place: Path) -> Look:
    """The look that was chosen; the usual where the file is not there or a hand has spoiled it."""
    with suppress(OSError, ValueError, TypeError, KeyError, RecursionError):
        told = json.loads(place.read_bytes())
        return Look(told["theme"] if told["theme"] in THEMES else "dark",
                    min(TEXTS, key=lambda one: abs(one - float(told["text"]))), str(told.get("language", "desktop")))
    return Look()


def write_look(look: Look, place: Path) -> None:
    """Keep it. Raises OrderFileError."""
    from vitrograph.desk.kit.habits import keep  # a start only reads

    keep(look._asdict(), place)
