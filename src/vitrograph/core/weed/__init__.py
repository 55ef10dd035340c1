"""Weed: what to pull, in what order and how, and what stays."""

from vitrograph.core.weed.labels import Label, place_labels
from vitrograph.core.weed.minutes import pace_of, weeding_seconds
from vitrograph.core.weed.naming import where_on
from vitrograph.core.weed.order import way_length, weeding_order
from vitrograph.core.weed.plan import Bit, WeedInput, WeedPlan, plan_weeding
from vitrograph.core.weed.pulling import Pull, ThinFilm, pulls_of

__all__ = [
    "Bit",
    "Label",
    "Pull",
    "ThinFilm",
    "WeedInput",
    "WeedPlan",
    "pace_of",
    "place_labels",
    "plan_weeding",
    "pulls_of",
    "way_length",
    "weeding_order",
    "weeding_seconds",
    "where_on",
]
