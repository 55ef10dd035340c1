"""What the parts of a job are made of: frozen records, and numbers with bounds. Lengths are mm, angles radians."""

from math import pi
from typing import Annotated

from msgspec import Meta, Struct

Length = Annotated[float, Meta(gt=0, le=5000)]
Height = Annotated[float, Meta(ge=0, le=5000)]
Margin = Annotated[float, Meta(ge=0, le=500)]
Place = Annotated[float, Meta(ge=-5000, le=5000)]
Give = Annotated[float, Meta(gt=0, le=0.5)]
Turn = Annotated[float, Meta(ge=-pi, le=pi)]
Speed = Annotated[float, Meta(gt=0, le=5000)]
Ratio = Annotated[float, Meta(ge=0.02, le=50)]


class Part(Struct, frozen=True, forbid_unknown_fields=True):
    """Base of the job's parts: immutable, hashable, and checked against its types and bounds when read."""
