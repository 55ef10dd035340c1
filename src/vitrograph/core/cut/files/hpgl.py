"""HP-GL for the cutter: 40 plotter units to the millimetre (HP-GL Reference Guide: 1 plu = 0.025 mm).

Each command stands on a line of its own, under 255 bytes; a path is one PU and as many PD as it takes. Settings are
left as they are on the cutter.
"""

from collections.abc import Iterable, Iterator

import numpy as np

from vitrograph.core.geometry import Points

UNITS_PER_MM = 40
MOST_UNITS = 32767                 # a number of HP-GL is a signed one of 16 bits in all but the newest cutters
BEGIN, END = ("IN", "PA", "SP1"), ("PU0,0", "SP0")
ABORT = b"\x1b.K"                  # device control: forget what waits in the buffer
_LINE = 250                        # bytes, beside what ends it


def to_hpgl(paths: Iterable[Points]) -> str:
    """Write (n, 2) paths in mm as HP-GL: absolute moves, and the blade parked at the origin.

    >>> to_hpgl([np.array([[0.0, 0.0], [1.0, 0.0], [0.0, 1.0]])])
    'IN;\\nPA;\\nSP1;\\nPU0,0;\\nPD40,0,0,40;\\nPU0,0;\\nSP0;\\n'
    """
    return program([*BEGIN, *(command for path in paths for command in commands_of(path)), *END])


def program(commands: Iterable[str]) -> str:
    """Commands as they are sent, each with what ends it."""
    return "".join(f"{command};\n" for command in commands)


def commands_of(path: Points) -> Iterator[str]:
    """Yield the commands of one path in mm, without what ends them; points on the same unit are sent once."""
    units = np.rint(path * UNITS_PER_MM).astype(int)
    moved = np.concatenate([[True], (np.diff(units, axis=0) != 0).any(axis=1)])
    first, *others = units[moved].tolist()
    yield f"PU{first[0]},{first[1]}"
    line = ""
    for x, y in others:
        pair = f"{x},{y}"
        if line and len(line) + len(pair) + 1 > _LINE:
            yield line
            line = ""
        line += f",{pair}" if line else f"PD{pair}"
    if line:
        yield line
