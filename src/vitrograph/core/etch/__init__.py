"""Etch: schools of timing, steps and cautions."""

from vitrograph.core.etch.plan import (
    CAUTIONS,
    SCHOOLS,
    EtchInput,
    EtchPlan,
    EtchTally,
    Phase,
    School,
    plan_etch,
    tally_etch,
)

__all__ = ["CAUTIONS", "SCHOOLS", "EtchInput", "EtchPlan", "EtchTally", "Phase", "School", "plan_etch", "tally_etch"]
