"""Inspection: a photograph of a piece, or of its weeded film, measured against what was drawn."""

from vitrograph.core.logbook.inspection.by_hand import FILM_KINDS, KINDS, marked
from vitrograph.core.logbook.inspection.card import card_pdf
from vitrograph.core.logbook.inspection.inspecting import Inspection, Taken, inspect, inspect_photo, read_photo
from vitrograph.core.logbook.inspection.judging import Fault, FaultKind
from vitrograph.core.logbook.inspection.overlay import design_on, inspection_json, outline_on, overlay_jpeg

__all__ = ["FILM_KINDS", "KINDS", "Fault", "FaultKind", "Inspection", "Taken", "card_pdf", "design_on", "inspect",
           "inspect_photo", "inspection_json", "marked", "outline_on", "overlay_jpeg", "read_photo"]
