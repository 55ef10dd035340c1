"""Etch: schools of timing, steps and cautions."""

from vitrograph.core.etch.plan import CAUTIONS, SCHOOLS, EtchPlan, EtchStep, Phase, School, plan_etch

__all__ = ["CAUTIONS", "SCHOOLS", "EtchPlan", "EtchStep", "Phase", "School", "plan_etch"]
