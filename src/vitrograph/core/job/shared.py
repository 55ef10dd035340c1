"""What all pieces of an order share: film and cutter, tape, and the way of etching."""

from typing import Literal

from vitrograph.core.job.records import Length, Margin, Record, Speed

FilmKind = Literal["stencil", "removable", "permanent", "shelf"]
SchoolName = Literal["brief-worked", "five-stir-five", "long-still"]


class CutChoices(Record, frozen=True):
    """Film, carrier mat and the cutter's habits; speeds in mm/s."""

    film: FilmKind = "stencil"
    over_run: Margin = 0.6
    mat_width: Length = 292.0
    mat_length: Length = 292.0
    cut_speed: Speed = 60.0
    travel_speed: Speed = 200.0


class TransferChoices(Record, frozen=True):
    """The tape on the roll, and how far it reaches beyond the stencil."""

    roll_width: Length = 120.0
    margin: Margin = 6.0
    top_extra: Margin = 38.0
    overlap: Margin = 8.0


class EtchChoices(Record, frozen=True):
    """Which school of timing the cream is left by."""

    school: SchoolName = "five-stir-five"
