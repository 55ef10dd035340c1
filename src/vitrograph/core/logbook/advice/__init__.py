"""Advice: what the maker's own pieces say of minutes, causes, paces and costs, and how much they can say."""

from vitrograph.core.logbook.advice.came_to import (
    Change,
    Failure,
    Month,
    OwnPace,
    changes_of,
    failures_in,
    months_in,
    paces_of,
)
from vitrograph.core.logbook.advice.causes import Cause, causes_in, finding_of
from vitrograph.core.logbook.advice.minutes import Advice, Dot, advise, advise_job

__all__ = [
    "Advice",
    "Cause",
    "Change",
    "Dot",
    "Failure",
    "Month",
    "OwnPace",
    "advise",
    "advise_job",
    "causes_in",
    "changes_of",
    "failures_in",
    "finding_of",
    "months_in",
    "paces_of",
]
