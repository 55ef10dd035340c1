"""The bench: the order in hand, its history and results, and what is held; no room is known here."""

from vitrograph.desk.bench.bench import Bench

__all__ = ["Bench"]
