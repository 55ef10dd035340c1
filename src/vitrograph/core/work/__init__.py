"""Work: the steps of weeding, transfer and etching, and what of them has been done."""

from vitrograph.core.work.progress import Clock, Progress, State, StepRef, state_of_work
from vitrograph.core.work.steps import Step, step_key

__all__ = ["Clock", "Progress", "State", "Step", "StepRef", "state_of_work", "step_key"]
