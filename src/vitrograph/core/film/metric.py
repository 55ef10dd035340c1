"""The wall's metric, told in the plane of a cone: what the membrane needs to know of the glass."""

import numpy as np

from vitrograph.core.film.membrane import Metric, MetricAt
from vitrograph.core.geometry import Points
from vitrograph.core.glass import Cone, Wall


def metric_on(wall: Wall, cone: Cone) -> MetricAt:
    """The metric of a wall at places of a cone's plane.

    A step along the meridian is as long on the wall; one round the glass is r(s) / r_cone(s) times as long.
    """

    def metric_at(places: Points) -> Metric:
        u, s = cone.undevelop(places).T
        grown = wall.scale(s) / (cone.radius + cone.taper * (s - cone.at))
        angle = cone.taper * u
        across = np.column_stack([np.cos(angle), -np.sin(angle)])      # round the glass, in the cone's plane
        upward = np.column_stack([np.sin(angle), np.cos(angle)])
        inverse = (across[:, :, None] * across[:, None, :] / grown[:, None, None]
                   + upward[:, :, None] * upward[:, None, :])
        return Metric(inverse, grown)

    return metric_at
