"""The keys of the commands: the usual ones, or the maker's own, kept in a small file beside the look."""

import json
from collections.abc import Callable
from contextlib import suppress
from pathlib import Path
from typing import TYPE_CHECKING
from weakref import WeakSet

import platformdirs
from PySide6.QtCore import QObject, Signal
from PySide6.QtGui import QAction, QKeySequence
from shiboken6 import isValid

from vitrograph.core.language import tr
from vitrograph.desk.commands import Command, commands_of
from vitrograph.desk.kit.habits import keep
from vitrograph.desk.kit.steady import take_typed

if TYPE_CHECKING:
    from vitrograph.desk.shell import Shell

# what the steps, the views and every dialog answer to themselves
_TAKEN = {"Space": tr("ticks a step"), "Backspace": tr("goes back a step"), "T": tr("starts a step's timer"),
          "O": tr("shows a picture as it was"), "R": tr("turns a stencil on the bed"),
          "P": tr("keeps a stencil where it lies"),
          "Left": tr("moves what is in hand"), "Right": tr("moves what is in hand"), "Up": tr("moves what is in hand"),
          "Down": tr("moves what is in hand"), "PgUp": tr("goes to another sheet"),
          "PgDown": tr("goes to another sheet"),
          "Del": tr("takes out what is in hand"), "Tab": tr("goes to the next field"),
          "Return": tr("takes what was typed"),
          "Enter": tr("takes what was typed"), "Esc": tr("leaves")}

_windows: "WeakSet[Keys]" = WeakSet()          # of all windows, which take the same keys


def default_file() -> Path:
    """Where the maker's own keys are kept."""
    return Path(platformdirs.user_config_dir("vitrograph")) / "keys.json"


def read_keys(place: Path) -> dict[str, str]:
    """The maker's own keys by the names of their commands, "" for none; nothing where the file cannot be used."""
    with suppress(OSError, ValueError, AttributeError, RecursionError):
        return {name: keys for name, keys in json.loads(place.read_bytes()).items() if isinstance(keys, str)}
    return {}


def _do(command: Callable[[], object]) -> None:
    """A command is about what the maker sees: with what was typed last, though its line was not left yet."""
    take_typed()
    command()


class Keys(QObject):
    """A window's commands as actions, each under its keys; `changed` tells that they are others now."""

    changed = Signal()

    def __init__(self, shell: "Shell", place: Path) -> None:
        super().__init__(shell)
        self.place = place
        self.commands = commands_of(shell)
        self.actions: dict[str, QAction] = {}
        for command in self.commands:
            action = self.actions[command.name] = QAction(command.words, shell)
            action.setAutoRepeat(command.repeats)
            action.triggered.connect(lambda _checked, does=command.does: _do(does))
            shell.addAction(action)
        self.own: dict[str, str] = {}
        _windows.add(self)
        self.read()

    def read(self) -> None:
        """Take the keys as the file has them; those that another command has already are not taken twice."""
        self.own = read_keys(self.place)
        known: set[str] = set()
        for command in self.commands:
            keys = [one for one in self._wanted(command) if one.toString() not in known]
            known.update(one.toString() for one in keys)
            self.actions[command.name].setShortcuts(keys)
        self.changed.emit()

    def _wanted(self, command: Command) -> list[QKeySequence]:
        own = None if command.fixed else self.own.get(command.name)
        wanted = [QKeySequence(key) for key in (command.keys if own is None else (own,))]
        return [one for one in wanted if not one.isEmpty() and one.toString() not in _TAKEN]

    def shown(self, name: str) -> str:
        """The first keys of a command as they are written on the screen; "" for none."""
        return self.actions[name].shortcut().toString(QKeySequence.SequenceFormat.NativeText)

    def tip(self, says: str, name: str) -> str:
        """What a button says of itself, and the keys of its command."""
        keys = self.shown(name)
        return f"{says}  ({keys})" if keys else says

    def refusal(self, command: Command, keys: QKeySequence) -> str:
        """Why a command cannot have these keys, in a sentence; "" where it can."""
        name = keys.toString()
        if command.fixed:
            return tr("“{words}” keeps its keys: they are the numbers on the screen.", words=command.words)
        if name in _TAKEN:
            return tr("{name} {does}: choose others.", name=name, does=_TAKEN[name])
        other = next((one for one in self.commands if one is not command and name and name in
                      (key.toString() for key in self.actions[one.name].shortcuts())), None)
        return tr("{name} belongs to “{words}”: choose others, or take them from there first.", name=name,
                  words=other.words) if other else ""

    def give(self, command: Command, keys: QKeySequence | None) -> None:
        """Give a command these keys, none at all for an empty sequence, its usual ones for None; keep that.

        Raises OrderFileError where it cannot be kept.
        """
        own = {name: kept for name, kept in self.own.items() if name != command.name}
        if keys is not None:
            own[command.name] = keys.toString()
        self.keep(own)

    def keep(self, own: dict[str, str]) -> None:
        """Keep these as the maker's own, all others as usual. Raises OrderFileError."""
        keep(own, self.place)
        for other in [one for one in _windows if isValid(one)]:
            other.read()
