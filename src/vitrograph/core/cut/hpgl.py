"""HP-GL for the cutter: 40 plotter units to the millimetre (HP-GL Reference Guide: 1 plu = 0.025 mm)."""

import numpy as np
from numpy.typing import NDArray

from vitrograph.core.cut.plan import CutPlan

UNITS_PER_MM = 40


def to_hpgl(plan: CutPlan) -> str:
    """Write a cut plan as HP-GL: absolute moves, one PU and one PD a path, the blade parked at the origin.

    >>> to_hpgl(CutPlan((np.array([[0.0, 0.0], [1.0, 0.0], [0.0, 1.0]]),), (1.0, 1.0), (0.0, 0.0), 0.0))
    'IN;PA;SP1;PU0,0;PD40,0,0,40;PU0,0;SP0;\\n'
    """
    cuts = "".join(_path(np.rint(path * UNITS_PER_MM).astype(int)) for path in plan.paths)
    return f"IN;PA;SP1;{cuts}PU0,0;SP0;\n"


def _path(units: NDArray[np.int64]) -> str:
    """One path; points that fall on the same unit are sent once."""
    moved = np.concatenate([[True], (np.diff(units, axis=0) != 0).any(axis=1)])
    first, *others = units[moved].tolist()
    down = ",".join(f"{x},{y}" for x, y in others)
    return f"PU{first[0]},{first[1]};PD{down};"
