"""Logbook: what was made, on what, how long, and how it went; and what has been done of orders under way."""

from vitrograph.core.logbook.book import OUTCOMES, Entry, Logbook, default_path
from vitrograph.core.logbook.checks import check_logbook
from vitrograph.core.logbook.makings import Makings

__all__ = ["OUTCOMES", "Entry", "Logbook", "Makings", "check_logbook", "default_path"]
