"""Weed: what to pull, in what order, and what stays."""

from vitrograph.core.weed.plan import Piece, WeedPlan, plan_weeding

__all__ = ["Piece", "WeedPlan", "plan_weeding"]
