"""Transfer: tape, where each film goes, the way it is set, what masks the rest, and the glass at rest."""

from vitrograph.core.transfer.bed import raised
from vitrograph.core.transfer.collar import Collar, collar_cone, collar_of
from vitrograph.core.transfer.mask import Run
from vitrograph.core.transfer.placing import LEAST_MM, Placing, Spot, Surroundings, grams, placing_of
from vitrograph.core.transfer.plan import TransferInput, TransferPlan, plan_transfer
from vitrograph.core.transfer.taping import CutOff, Strip, cut_list, tape_strips
from vitrograph.core.transfer.telling import from_the_front, other_ways, what_a_slip_does, where_it_goes
from vitrograph.core.transfer.walk import PRESS_EDGES, SEAL, SETTLE, Setting
from vitrograph.core.transfer.ways import Offer

__all__ = [
    "LEAST_MM",
    "PRESS_EDGES",
    "SEAL",
    "SETTLE",
    "Collar",
    "CutOff",
    "Offer",
    "Placing",
    "Run",
    "Setting",
    "Spot",
    "Strip",
    "Surroundings",
    "TransferInput",
    "TransferPlan",
    "collar_cone",
    "collar_of",
    "cut_list",
    "from_the_front",
    "grams",
    "other_ways",
    "placing_of",
    "plan_transfer",
    "raised",
    "tape_strips",
    "what_a_slip_does",
    "where_it_goes",
]
