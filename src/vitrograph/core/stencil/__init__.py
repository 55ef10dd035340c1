"""Stencil: film, openings and islands, and what would tear, leak or run off the glass."""

from vitrograph.core.stencil.checks import check_stencil
from vitrograph.core.stencil.sheet import Sheet, build_sheet

__all__ = ["Sheet", "build_sheet", "check_stencil"]
