"""The simulated cutter: reads HP-GL as a machine would and keeps what its blade would cut.

It understands what cutters are sent: IN, SP, PU, PD, PA, PR, and passes over settings that move nothing. Positions
are plotter units of 0.025 mm; results are mm.
"""

import re
from dataclasses import dataclass, field

import numpy as np

from vitrograph.core.cut import UNITS_PER_MM
from vitrograph.core.errors import CutterError
from vitrograph.core.geometry import Points, length_of

_COMMAND = re.compile(r"\s*([A-Za-z]{2})([^;A-Za-z]*);?")
_SETTINGS = {"IN", "DF", "SP", "VS", "FS", "IP", "SC", "PG", "AA", "RO"}


@dataclass(frozen=True)
class CutTrace:
    """What the blade cut and how it travelled: (n, 2) polylines in mm, in order."""

    cuts: tuple[Points, ...]
    moves: tuple[Points, ...]

    @property
    def cut_mm(self) -> float:
        """Length cut."""
        return sum(map(length_of, self.cuts))


@dataclass
class _Machine:
    """The cutter's state while it reads."""

    at: tuple[int, int] = (0, 0)
    down: bool = False
    relative: bool = False
    lines: list[tuple[bool, list[tuple[int, int]]]] = field(default_factory=list)

    def move(self, x: int, y: int) -> None:
        end = (self.at[0] + x, self.at[1] + y) if self.relative else (x, y)
        if end == self.at:
            return
        if not self.lines or self.lines[-1][0] != self.down or self.lines[-1][1][-1] != self.at:
            self.lines.append((self.down, [self.at]))
        self.lines[-1][1].append(end)
        self.at = end

    def lift(self) -> None:
        """Each lowering of the blade begins a new line."""
        self.down = False
        self.lines.append((False, [self.at]))


def run_hpgl(text: str) -> CutTrace:
    """Run HP-GL through the simulated cutter. Raises CutterError at the first command it cannot follow."""
    machine = _Machine()
    end = 0
    for match in _COMMAND.finditer(text):
        if match.start() != end:
            break
        end = match.end()
        _obey(machine, match[1].upper(), match[2])
    if text[end:].strip():
        raise CutterError(f"the cutter cannot follow '{text[end:end + 20].strip()}' (at character {end}): send HP-GL")
    lines = [(down, np.array(points) / UNITS_PER_MM) for down, points in machine.lines if len(points) > 1]
    return CutTrace(tuple(line for down, line in lines if down), tuple(line for down, line in lines if not down))


def _obey(machine: _Machine, command: str, words: str) -> None:
    if command in _SETTINGS:
        return
    if command not in {"PU", "PD", "PA", "PR"}:
        raise CutterError(f"the cutter does not know the command {command}: use PU, PD, PA and PR")
    try:
        numbers = [round(float(word)) for word in re.split(r"[,\s]+", words.strip()) if word]
    except ValueError:
        raise CutterError(f"{command} wants numbers, got '{words.strip()[:20]}'") from None
    if len(numbers) % 2:
        raise CutterError(f"{command} wants pairs of numbers, got {len(numbers)}")
    if command == "PU":
        machine.lift()
    elif command == "PD":
        machine.down = True
    else:
        machine.relative = command == "PR"
    for x, y in zip(numbers[::2], numbers[1::2], strict=True):
        machine.move(x, y)
