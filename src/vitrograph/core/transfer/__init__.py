"""Transfer: tape, marks to aim by, and the glass at rest."""

from vitrograph.core.transfer.plan import Strip, TransferPlan, plan_transfer, tape_strips

__all__ = ["Strip", "TransferPlan", "plan_transfer", "tape_strips"]
