"""Stencil: film, openings and islands, and what would tear, leak or run off the glass."""

from vitrograph.core.stencil.checks import check_stencil
from vitrograph.core.stencil.sheet import Band, Sheet, band_outline, build_sheet

__all__ = ["Band", "Sheet", "band_outline", "build_sheet", "check_stencil"]
