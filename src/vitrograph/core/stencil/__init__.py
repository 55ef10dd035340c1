"""Stencil: film, openings and islands, what would tear, leak or get lost, and how it is mended and tied."""

from vitrograph.core.stencil.care import Care, care_for
from vitrograph.core.stencil.checks import SIDES, check_stencil
from vitrograph.core.stencil.film.guard import Guard
from vitrograph.core.stencil.mending.faults import Fault, Limits
from vitrograph.core.stencil.mending.proposal import Proposal, mend_all, smallest_factor
from vitrograph.core.stencil.seal import Seal
from vitrograph.core.stencil.sheet import Sheet, build_sheet
from vitrograph.core.stencil.tying.carry import Proof
from vitrograph.core.stencil.work import Work

__all__ = ["SIDES", "Care", "Fault", "Guard", "Limits", "Proof", "Proposal", "Seal", "Sheet", "Work", "build_sheet",
           "care_for", "check_stencil", "mend_all", "smallest_factor"]
