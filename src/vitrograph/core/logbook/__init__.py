"""Logbook: what was made, on what, how long, and how it went; and what has been done of orders under way."""

from vitrograph.core.logbook.book import GROUPS, Asked, Listed, Logbook, Mark, Photo, SortedBy, TakenOut, default_path
from vitrograph.core.logbook.checks import check_logbook
from vitrograph.core.logbook.entry import COLUMNS, GRAVEST, OUTCOMES, Entry, Outcome, counts_of, outcome_of
from vitrograph.core.logbook.makings import NOTHING_DONE, Makings, Worked

__all__ = [
    "COLUMNS",
    "GRAVEST",
    "GROUPS",
    "NOTHING_DONE",
    "OUTCOMES",
    "Asked",
    "Entry",
    "Listed",
    "Logbook",
    "Makings",
    "Mark",
    "Outcome",
    "Photo",
    "SortedBy",
    "TakenOut",
    "Worked",
    "check_logbook",
    "counts_of",
    "default_path",
    "outcome_of",
]
