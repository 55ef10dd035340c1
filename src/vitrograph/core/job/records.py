"""What the parts of a job are made of: frozen records, and numbers with bounds. Lengths are mm, angles radians."""

from math import pi
from typing import Annotated

from msgspec import Meta, Struct

# what a bare number is told apart by where it is typed: a length takes units, an angle is typed in degrees
LENGTH, ANGLE = {"typed": "length"}, {"typed": "angle"}

Length = Annotated[float, Meta(gt=0, le=5000, extra=LENGTH)]
Height = Annotated[float, Meta(ge=0, le=5000, extra=LENGTH)]
Margin = Annotated[float, Meta(ge=0, le=500, extra=LENGTH)]
Offset = Annotated[float, Meta(ge=0, le=10, extra=LENGTH)]
Place = Annotated[float, Meta(ge=-5000, le=5000, extra=LENGTH)]
Give = Annotated[float, Meta(gt=0, le=0.5)]
Turn = Annotated[float, Meta(ge=-pi, le=pi, extra=ANGLE)]
Speed = Annotated[float, Meta(gt=0, le=5000)]
Ratio = Annotated[float, Meta(ge=0.02, le=50)]


class Record(Struct, frozen=True, forbid_unknown_fields=True):
    """Base of the job's parts: immutable, hashable, and checked against its types and bounds when read."""
