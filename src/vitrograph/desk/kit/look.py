"""How the program looks: light or dark, and how large it writes; kept in a small file beside the workshop's."""

import json
from contextlib import suppress
from pathlib import Path
from typing import NamedTuple

import platformdirs

THEMES = ("dark", "light", "desktop")
TEXTS = (0.85, 1.0, 1.15, 1.3, 1.5)


class Look(NamedTuple):
    """The colours of the room round the work, or "desktop" for its own; the size of writing as a multiple of its."""

    theme: str = "dark"
    text: float = 1.0


def default_file() -> Path:
    """Where it is kept."""
    return Path(platformdirs.user_config_dir("vitrograph")) / "look.json"


def read_look(place: Path) -> Look:
    """The look that was chosen; the usual where the file is not there or a hand has spoiled it."""
    with suppress(OSError, ValueError, TypeError, KeyError, RecursionError):
        told = json.loads(place.read_bytes())
        return Look(told["theme"] if told["theme"] in THEMES else "dark",
                    min(TEXTS, key=lambda one: abs(one - float(told["text"]))))
    return Look()


def write_look(look: Look, place: Path) -> None:
    """Keep it. Raises OrderFileError."""
    from vitrograph.desk.kit.habits import keep  # a start only reads

    keep(look._asdict(), place)
