"""The workshop: what this maker owns and is used to, kept once; new orders begin from it."""

from vitrograph.core.workshop.begin import begun, cut_begun, differences, piece_begun
from vitrograph.core.workshop.keeping import (
    change_workshop,
    default_file,
    json_of,
    load_workshop,
    read_workshop,
    save_workshop,
    workshop_of,
)
from vitrograph.core.workshop.owned import Cutter, Film, House, OwnCream, Tape, Workshop
from vitrograph.core.workshop.worn import film_in_use, with_cut, with_force, with_left_over, with_weighed

__all__ = [
    "Cutter", "Film", "House", "OwnCream", "Tape", "Workshop", "begun", "change_workshop", "cut_begun", "default_file",
    "differences", "film_in_use", "json_of", "load_workshop", "piece_begun", "read_workshop", "save_workshop",
    "with_cut", "with_force", "with_left_over", "with_weighed", "workshop_of",
]
