"""Weed: what to pull, in what order, and what stays."""

from vitrograph.core.weed.plan import Bit, WeedPlan, plan_weeding

__all__ = ["Bit", "WeedPlan", "plan_weeding"]
