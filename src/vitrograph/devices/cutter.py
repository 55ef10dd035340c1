"""The simulated cutter: reads HP-GL as a machine would and keeps what its blade would cut.

It understands what cutters are sent: IN, SP, PU, PD, PA, PR, and passes over settings that move nothing. Positions
are plotter units of 0.025 mm; results are mm.
"""

import re
from collections.abc import Iterator

import numpy as np
from msgspec import Struct, field

from vitrograph.core.cut import UNITS_PER_MM
from vitrograph.core.errors import CutterError
from vitrograph.core.geometry import Points, length_of
from vitrograph.core.language import tr

# each part ends where another kind of character begins, and blanks are never given back: time grows with the text
_COMMAND = re.compile(r"\s*+([A-Za-z]{2})([^;A-Za-z]*+);?")
_NUMBERS = re.compile(r"[\d.+\-,\s]*+")
_SETTINGS = {"IN", "DF", "SP", "VS", "FS", "IP", "SC", "PG", "AA", "RO", "OA", "OI"}
_MOST_CHARACTERS = 16_000_000         # ten times the finest stencil on the largest sheet
_FARTHEST = 2**30                     # plotter units: HP-GL's own bound for a coordinate


class CutTrace(Struct, frozen=True):
    """What the blade cut and how it travelled: (n, 2) polylines in mm, in order."""

    cuts: tuple[Points, ...]
    moves: tuple[Points, ...]

    @property
    def cut_mm(self) -> float:
        """Length cut."""
        return sum(map(length_of, self.cuts))


class _Machine(Struct):
    """The cutter's state while it reads; lines are whether the blade is down, and the points in the order they came."""

    at: Points = field(default_factory=lambda: np.zeros(2))
    down: bool = False
    relative: bool = False
    lines: list[tuple[bool, list[Points]]] = field(default_factory=list)
    moved: float = 0.0

    @property
    def trace(self) -> CutTrace:
        """The lines so far, in mm."""
        lines = [(down, np.concatenate(points) / UNITS_PER_MM) for down, points in self.lines if len(points) > 1]
        return CutTrace(tuple(line for down, line in lines if down), tuple(line for down, line in lines if not down))

    def move(self, points: Points) -> None:
        """Go to points, or by steps, one after the other; standing still is no move."""
        way = np.vstack([self.at, np.cumsum(points, axis=0) + self.at if self.relative else points])
        goes = np.any(np.diff(way, axis=0) != 0, axis=1)
        if not goes.any():
            return
        if not self.lines or self.lines[-1][0] != self.down:
            self.lines.append((self.down, [self.at[None]]))
        self.lines[-1][1].append(way[1:][goes])
        self.moved += length_of(way)
        self.at = way[-1]

    def lift(self) -> None:
        """Each lowering of the blade begins a new line."""
        self.down = False
        self.lines.append((False, [self.at[None]]))


class Reader:
    """Reads HP-GL as it comes, command after command, and keeps where the pivot goes."""

    def __init__(self) -> None:
        self._machine, self._rest = _Machine(), ""

    def commands(self, text: str) -> Iterator[str]:
        """Obey each command that has come whole, and yield its name after it is done. Raises CutterError."""
        self._rest += text
        while ";" in self._rest:
            words, _, self._rest = self._rest.partition(";")
            if words.strip():
                match = _COMMAND.fullmatch(words)
                if match is None:
                    raise CutterError(tr("the cutter cannot follow '{text}': send HP-GL", text=_plain(words)))
                _obey(self._machine, match[1].upper(), match[2])
                yield match[1].upper()

    def forget(self) -> None:
        """Leave what has not come whole."""
        self._rest = ""

    @property
    def at(self) -> Points:
        """Where the pivot is, plotter units."""
        return self._machine.at

    @property
    def down(self) -> bool:
        """Whether the blade is down."""
        return self._machine.down

    @property
    def moved_mm(self) -> float:
        """How far the pivot has moved in all."""
        return self._machine.moved / UNITS_PER_MM

    @property
    def trace(self) -> CutTrace:
        """What was cut and how it travelled so far."""
        return self._machine.trace


def run_hpgl(text: str) -> CutTrace:
    """Run HP-GL through the simulated cutter. Raises CutterError at the first command it cannot follow."""
    if len(text) > _MOST_CHARACTERS:
        raise CutterError(tr("{text:.0f} million characters are more than a cutter takes: send one stencil",
                             text=len(text) / 1e6))
    machine = _Machine()
    end = 0
    while (match := _COMMAND.match(text, end)) is not None:
        end = match.end()
        _obey(machine, match[1].upper(), match[2])
    if text[end:].strip():
        raise CutterError(tr("the cutter cannot follow '{text}' (at character {end}): send HP-GL",
                             text=_plain(text[end:]), end=end))
    return machine.trace


def _obey(machine: _Machine, command: str, words: str) -> None:
    if command in _SETTINGS:
        return
    if command not in {"PU", "PD", "PA", "PR"}:
        raise CutterError(tr("the cutter does not know the command {command}: use PU, PD, PA and PR", command=command))
    points = _points(command, words)
    if command == "PU":
        machine.lift()
    elif command == "PD":
        machine.down = True
    else:
        machine.relative = command == "PR"
    if len(points):
        machine.move(points)
        if not np.all(np.abs(machine.at) <= _FARTHEST):
            raise CutterError(tr("{command} goes beyond where any cutter reaches, to '{text}'", command=command,
                                 text=_plain(words[-20:])))


def _points(command: str, words: str) -> Points:
    """The (n, 2) whole plotter units told after a command. Raises CutterError."""
    try:
        if _NUMBERS.fullmatch(words) is None:
            raise ValueError
        numbers = np.array([float(word) for word in words.replace(",", " ").split()])
    except ValueError:
        raise CutterError(tr("{command} wants numbers, got '{text}'", command=command, text=_plain(words))) from None
    if len(numbers) % 2:
        raise CutterError(tr("{command} wants pairs of numbers, got {numbers}", command=command, numbers=len(numbers)))
    if not np.all(np.abs(numbers) <= _FARTHEST):
        raise CutterError(tr("{command} goes beyond where any cutter reaches: '{text}'", command=command,
                             text=_plain(words)))
    return np.asarray(np.rint(numbers).reshape(-1, 2))


def _plain(text: str) -> str:
    """The first of some text, on one line."""
    return " ".join(text[:60].split())[:20]
