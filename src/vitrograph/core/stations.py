"""The nine stations, in the order of the work: the rooms of core and desk, and the places of every finding."""

from typing import Literal, get_args

Station = Literal["glass", "artwork", "fit", "stencil", "cut", "weed", "transfer", "etch", "logbook"]
STATIONS: tuple[Station, ...] = get_args(Station)
