"""Transfer: tape, marks to aim by, and the glass at rest."""

from vitrograph.core.transfer.plan import PRESS_EDGES, Setting, Strip, TransferPlan, plan_transfer, tape_strips

__all__ = ["PRESS_EDGES", "Setting", "Strip", "TransferPlan", "plan_transfer", "tape_strips"]
