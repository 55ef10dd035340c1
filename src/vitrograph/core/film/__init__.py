"""Film pressed on a wall curved both ways: its least-energy flat shape, its strain everywhere, its relief cuts."""

from vitrograph.core.film.pressed import NODES, Pressed, Snip, press
from vitrograph.core.film.relief import SPACINGS_MM, relief_cuts

__all__ = ["NODES", "SPACINGS_MM", "Pressed", "Snip", "press", "relief_cuts"]
