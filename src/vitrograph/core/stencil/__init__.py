"""Stencil: film, openings and islands, what would tear, leak or get lost, and how it is mended and tied."""

from vitrograph.core.stencil.checks import LIP_MM, CheckInput, below_rim, check_stencil
from vitrograph.core.stencil.demands import Demands, DemandsInput, demands_of
from vitrograph.core.stencil.mending.faults import Fault, Limits
from vitrograph.core.stencil.mending.proposal import Proposal, mend_all, smallest_factor
from vitrograph.core.stencil.outlines.guard import LAP_MM, Guard, courses
from vitrograph.core.stencil.seal import Risk, Seal
from vitrograph.core.stencil.sheet import Sheet, SheetInput, build_sheet
from vitrograph.core.stencil.tying.carry import Proof
from vitrograph.core.stencil.tying.ties import Tie
from vitrograph.core.stencil.work import Work

__all__ = [
           "LAP_MM",
           "LIP_MM",
           "CheckInput",
           "Demands",
           "DemandsInput",
           "Fault",
           "Guard",
           "Limits",
           "Proof",
           "Proposal",
           "Risk",
           "Seal",
           "Sheet",
           "SheetInput",
           "Tie",
           "Work",
           "below_rim",
           "build_sheet",
           "check_stencil",
           "courses",
           "demands_of",
           "mend_all",
           "smallest_factor",
]
