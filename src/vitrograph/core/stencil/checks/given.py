"""What the checks of a stencil hold it to."""

from dataclasses import dataclass

from vitrograph.core.job import Features, Fit, Job, StencilChoices


@dataclass(frozen=True, slots=True)
class CheckInput:
    """All that the checks may read beside the sheet: limits and borders, the place, and what is kept clear."""

    stencil: StencilChoices
    fit: Fit
    features: Features

    @classmethod
    def of(cls, job: Job) -> "CheckInput":
        """What a job says of it."""
        return cls(job.stencil, job.fit, job.features)
