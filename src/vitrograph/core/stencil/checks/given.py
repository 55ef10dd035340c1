"""What the checks of a stencil hold it to."""

from msgspec import Struct

from vitrograph.core.job import Features, Fit, Job, MaterialName, StencilChoices


class CheckInput(Struct, frozen=True):
    """All that the checks may read beside the sheet: limits and borders, the place, what is kept clear, the glass."""

    stencil: StencilChoices
    fit: Fit
    features: Features
    material: MaterialName

    @classmethod
    def of(cls, job: Job) -> "CheckInput":
        """What a job says of it."""
        return cls(job.stencil, job.fit, job.features, job.material)
