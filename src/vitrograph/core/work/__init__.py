"""Work: the steps of weeding, transfer and etching, what of them has been done, and the clocks it is done by."""

from vitrograph.core.work.happened import Happened
from vitrograph.core.work.pace import Pace, kind_of, pace_from
from vitrograph.core.work.progress import Clock, Progress, State, StepRef, clock_words, state_of_work
from vitrograph.core.work.steps import Step, step_key
from vitrograph.core.work.wall import Jump, Reading, Wall, jump_between

__all__ = ["Clock", "Happened", "Jump", "Pace", "Progress", "Reading", "State", "Step", "StepRef", "Wall",
           "clock_words", "jump_between", "kind_of", "pace_from", "state_of_work", "step_key"]
