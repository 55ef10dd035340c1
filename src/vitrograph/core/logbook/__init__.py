"""Logbook: what was made, on what, how long, and how it went."""

from vitrograph.core.logbook.book import OUTCOMES, Entry, Logbook, default_path

__all__ = ["OUTCOMES", "Entry", "Logbook", "default_path"]
