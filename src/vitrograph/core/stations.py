"""The nine stations, in the order of the work: the rooms of core and desk, and the places of every finding."""

from typing import Literal, get_args

from vitrograph.core.language import tr

Station = Literal["glass", "artwork", "fit", "stencil", "cut", "weed", "transfer", "etch", "logbook"]
STATIONS: tuple[Station, ...] = get_args(Station)

_TITLES: dict[str, str] = {
    "glass": tr("glass"), "artwork": tr("artwork"), "fit": tr("fit"), "stencil": tr("stencil"), "cut": tr("cut"),
    "weed": tr("weed"), "transfer": tr("transfer"), "etch": tr("etch"), "logbook": tr("logbook"),
}


def station_title(station: str) -> str:
    """A station's name in the language that is spoken, as it stands within a sentence."""
    return _TITLES[station]
