"""A test cut: a ladder of squares with a triangle in each, one a force; lifted, they tell which came out clean."""

from collections.abc import Iterator, Sequence

import numpy as np
from msgspec import Struct

from vitrograph.core.cut.files.hpgl import BEGIN, END, commands_of, program
from vitrograph.core.cut.paths.blade import SET_HEADING, SETTING, led
from vitrograph.core.errors import CutterError
from vitrograph.core.geometry import Points, length_of
from vitrograph.core.language import tr
from vitrograph.core.units import parse_whole

_SIDE_MM, _GAP_MM = 10.0, 5.0
_TICK_MM, _TICK_GAP_MM = 2.0, 1.2
_MOST_RUNGS = 20
_CORNER = np.array([2.0, 2.0])


class Rung(Struct, frozen=True):
    """One step of the ladder: its number from 1, the force it is cut by, and its lines: ticks, triangle, square."""

    number: int
    force: float
    lines: tuple[Points, ...]


def forces_in(text: str) -> tuple[float, ...]:
    """Forces typed one after the other, as "60, 80, 100". Raises CutterError."""
    made = []
    for word in text.replace(";", ",").split(","):
        number = parse_whole(word, 100_000)
        if number is None:
            raise CutterError(tr("whole numbers like 60, 80, 100 were wanted, got '{word}'", word=word.strip()[:20]))
        made.append(float(number))
    return tuple(made)


def ladder(forces: Sequence[float]) -> tuple[Rung, ...]:
    """The rungs for so many forces, from left to right; each has as many ticks beside it as its number tells.

    Raises CutterError.
    """
    if not 1 <= len(forces) <= _MOST_RUNGS:
        raise CutterError(tr("a test cut takes 1 to {most} forces, got {forces}", most=_MOST_RUNGS,
                             forces=len(forces)))
    return tuple(Rung(number, force, tuple(_lines(number))) for number, force in enumerate(forces, start=1))


def _lines(number: int) -> Iterator[Points]:
    """Yield a rung's lines, insides first."""
    corner = _CORNER + [5.0 + (number - 1) * (_SIDE_MM + _GAP_MM), 6.0]
    for tick in range(number):
        start = corner + [(tick % 8) * _TICK_GAP_MM, -1.0 - (tick // 8) * (_TICK_MM + 0.6)]
        yield np.array([start, start - [0.0, _TICK_MM]])
    triangle = np.array([(0.25, 0.25), (0.75, 0.25), (0.5, 0.7), (0.25, 0.25)])
    square = np.array([(0.0, 0.0), (1.0, 0.0), (1.0, 1.0), (0.0, 1.0), (0.0, 0.0), (0.08, 0.0)])
    yield corner + _SIDE_MM * triangle
    yield corner + _SIDE_MM * square


def ladder_hpgl(rungs: Sequence[Rung], offset: float) -> str:
    """A ladder as HP-GL, the force told before each rung (HP-GL Reference Guide: FS, force select)."""
    commands = [*BEGIN]
    heading = SET_HEADING
    if offset > 0:
        commands += [f"FS{rungs[0].force:g}", *commands_of(SETTING + _CORNER / 2)]
    for rung in rungs:
        commands.append(f"FS{rung.force:g}")
        for line in rung.lines:
            way = led(line, offset, heading)
            heading = way.heading
            commands += commands_of(way.path)
    return program([*commands, *END])


def ladder_mm(rungs: Sequence[Rung]) -> float:
    """How much a ladder cuts, mm."""
    return sum(length_of(line) for rung in rungs for line in rung.lines)
