"""The workshop's file: readable JSON in the user's data folder (docs/formats.md)."""

import json
from collections.abc import Callable
from pathlib import Path
from typing import Any

import platformdirs

from vitrograph.core.errors import JobError, WorkshopError
from vitrograph.core.job.tree import plain
from vitrograph.core.job.usable import read_usable
from vitrograph.core.language import tr
from vitrograph.core.storing.held import in_turn
from vitrograph.core.storing.migrations.to_recipes import recipe_of
from vitrograph.core.storing.whole import read_plain, reason, write_whole
from vitrograph.core.workshop.owned import WORKSHOP_VERSION, Workshop

_MOST_BYTES = 1_000_000


def default_file() -> Path:
    """Where the maker's workshop is kept."""
    return Path(platformdirs.user_data_dir("vitrograph")) / "workshop.json"


def load_workshop(path: Path) -> Workshop:
    """Read a workshop as far as it is right, which `read_workshop` tells. Raises WorkshopError."""
    return read_workshop(path)[0]


def read_workshop(path: Path) -> tuple[Workshop, tuple[str, ...]]:
    """Read a workshop; the usual one where there is no file. What is wrong in it is at its usual value.

    The sentences say where that is. Raises WorkshopError where nothing of it can be used.
    """
    try:
        return workshop_of(json.loads(read_plain(path, _MOST_BYTES)), str(path))
    except FileNotFoundError:
        return Workshop(), ()
    except WorkshopError:
        raise
    except OSError as error:
        raise WorkshopError(tr("{path} could not be opened: {reason}", path=path, reason=reason(error))) from None
    except (ValueError, RecursionError) as error:
        raise WorkshopError(tr("{path} is not JSON ({str}): mend it, or move it away to begin anew", path=path,
                               str=str(error)[:80])) from None


def workshop_of(tree: Any, called: str = tr("the workshop")) -> tuple[Workshop, tuple[str, ...]]:
    """Build a workshop from plain data, what is wrong in it at its usual value, and say where that is.

    Raises WorkshopError where nothing of it can be used.
    """
    version = tree.get("version", 1) if isinstance(tree, dict) else 1
    if isinstance(version, int) and version > WORKSHOP_VERSION:
        raise WorkshopError(tr("{called} was written by a newer Vitrograph: install that, or move the file away",
                               called=called))
    if version == 1 and isinstance(tree, dict):
        tree = _with_recipes(tree)
    try:
        made, wrong = read_usable(tree, Workshop, tr("the workshop"))
    except JobError as error:
        raise WorkshopError(f"{called}: {error}") from None
    return made, tuple(tr("{called}: {says}; the usual is taken there", called=called, says=says) for says in wrong)


def _with_recipes(tree: dict[str, Any]) -> dict[str, Any]:
    """Version 1 to 2: a cream's school of timing is a recipe."""
    if not isinstance(tree.get("creams"), list):
        return {**tree, "version": 2}
    creams = [{**{name: value for name, value in cream.items() if name != "school"},
               **({"recipe": recipe_of(cream["school"])} if "school" in cream else {})}
              if isinstance(cream, dict) else cream for cream in tree["creams"]]
    return {**tree, "version": 2, "creams": creams}


def json_of(workshop: Workshop) -> str:
    """A workshop as its file holds it."""
    return json.dumps(plain(workshop), indent=1, ensure_ascii=False) + "\n"


def save_workshop(workshop: Workshop, path: Path) -> None:
    """Write it whole, the copy before kept as `.bak`. Raises WorkshopError."""
    try:
        path.parent.mkdir(parents=True, exist_ok=True)
        write_whole(path, json_of(workshop).encode("utf-8"), keep_last=True)
    except OSError as error:
        raise WorkshopError(tr("{path} could not be written: {reason}", path=path, reason=reason(error))) from None


def change_workshop(path: Path, change: Callable[[Workshop], Workshop], *, by_hand: bool = False) -> Workshop:
    """Change it as it is at this moment, and return it: other windows and commands keep things in it, too.

    What is wrong in it is written over only `by_hand`, by one who was told. Raises WorkshopError, and whatever `change`
    raises; the file then stays as it was.
    """
    with in_turn(path.parent):
        known, wrong = read_workshop(path)
        if wrong and not by_hand:
            raise WorkshopError(tr("{wrong}: mend it first", wrong=wrong[0]))
        made = change(known)
        if made != known or not path.exists():
            save_workshop(made, path)
    return made
