"""What a stencil will ask of the maker: its seal, the scale of the work, the tape that guards the glass, and whether it
can be lifted as one piece."""

from dataclasses import dataclass

from vitrograph.core.job import Job
from vitrograph.core.stencil.film.guard import Guard, guard_of
from vitrograph.core.stencil.mending.faults import Limits
from vitrograph.core.stencil.seal import Seal, seal_of
from vitrograph.core.stencil.sheet import Sheet
from vitrograph.core.stencil.tying.carry import Proof, proof_of
from vitrograph.core.stencil.work import Work, work_of


@dataclass(frozen=True)
class Care:
    """Seal, work, guard, and the proof of one piece."""

    seal: Seal
    work: Work
    guard: Guard
    proof: Proof


def care_for(sheet: Sheet, job: Job) -> Care:
    """Work all of it out for a sheet."""
    thin = sum(fault.grave and fault.kind in ("web", "near") for fault in sheet.cutting.faults(Limits.of(job.stencil)))
    if sheet.kind == "decal":
        proof = Proof(False, ("the film is the decoration: tape carries its parts to the glass",))
    else:
        proof = proof_of(len(sheet.film.geoms), len(sheet.outlines), sheet.droops, thin)
    return Care(seal_of(sheet, job), work_of(sheet, job), guard_of(sheet, job), proof)
