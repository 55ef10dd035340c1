"""What the checks of a stencil hold it to."""

from msgspec import Struct

from vitrograph.core.job import Features, Fit, Job, StencilChoices


class CheckInput(Struct, frozen=True):
    """All that the checks may read beside the sheet: limits and borders, the place, and what is kept clear."""

    stencil: StencilChoices
    fit: Fit
    features: Features

    @classmethod
    def of(cls, job: Job) -> "CheckInput":
        """What a job says of it."""
        return cls(job.stencil, job.fit, job.features)
