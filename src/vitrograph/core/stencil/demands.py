"""What a stencil will ask of the maker: its seal, the scale of the work, the tape that guards the glass, and whether it
can be lifted as one piece."""

from msgspec import Struct

from vitrograph.core.job import Job, StencilChoices
from vitrograph.core.language import tr
from vitrograph.core.stencil.mending.faults import Limits
from vitrograph.core.stencil.outlines.guard import Guard, guard_of
from vitrograph.core.stencil.seal import Seal, seal_of
from vitrograph.core.stencil.sheet import Sheet
from vitrograph.core.stencil.tying.carry import Proof, proof_of
from vitrograph.core.stencil.work import Work, work_of


class DemandsInput(Struct, frozen=True):
    """What the demands depend on beside the sheet: limits, seal and guard, and how much the film may give."""

    stencil: StencilChoices
    film_limit: float

    @classmethod
    def of(cls, job: Job) -> "DemandsInput":
        """What a job says of it."""
        return cls(job.stencil, job.fit.limit(job.cut.film))


class Demands(Struct, frozen=True):
    """Seal, work, guard, and the proof of one piece."""

    seal: Seal
    work: Work
    guard: Guard
    proof: Proof


def demands_of(given: DemandsInput, sheet: Sheet) -> Demands:
    """Work all of it out for a sheet."""
    choices, limits = given.stencil, Limits.of(given.stencil)
    thin = sum(fault.grave and fault.kind in ("web", "near") for fault in sheet.cutting.faults(limits))
    if sheet.kind == "decal":
        proof = Proof(False, (tr("the film is the decoration: tape carries its parts to the glass"),))
    else:
        proof = proof_of(len(sheet.film.geoms), len(sheet.outlines), sheet.droops, thin)
    return Demands(seal_of(sheet, limits, choices.seal, given.film_limit), work_of(sheet, limits, given.film_limit),
                   guard_of(sheet, choices.guard, choices.tape_width), proof)
