"""What a part of an SVG drawing inherits from those around it."""

from typing import NamedTuple

from shapely.geometry.base import BaseGeometry

from vitrograph.core.geometry import Points


class Context(NamedTuple):
    """What a part inherits: user space to page, style, opacity so far, what it is clipped to, the viewport, depth.

    `bare` where only outlines are wanted, as for a bounding box: whatever their paint, unstroked and unclipped.
    """

    to_page: Points
    style: dict[str, str]
    opacity: float
    clip: BaseGeometry | None
    size: tuple[float, float]
    deep: int
    bare: bool = False
