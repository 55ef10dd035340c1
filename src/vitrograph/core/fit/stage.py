"""The fit room's stages: the art mapped to the wall, fitted, its room, and what the fit costs."""

from msgspec import Struct
from msgspec.structs import replace

from vitrograph.core.fit.checks import check_fit
from vitrograph.core.fit.placing import FitChoices, fit_art, map_art
from vitrograph.core.fit.remedies import FitCheckInput
from vitrograph.core.fit.room import RoomInput, room_for
from vitrograph.core.job import Features, Fit, FlatGlass, Job
from vitrograph.core.stages import Known, Stage, StillWanted


class MapInput(Struct, frozen=True):
    """What the films depend on: the way of laying, the eye and the film, and the rim where it is not level."""

    fit: Fit
    features: Features
    choices: FitChoices

    @classmethod
    def of(cls, job: Job) -> "MapInput":
        """What a job says of it.

        Where round the glass the art stands, and which face is worked, matters only where the rim is not level, and
        how far to the side of a pane's middle only there, for film ends at its edges: what does not matter stands at
        its usual value.
        """
        if job.features.rim_rise:
            return cls(job.fit, job.features, FitChoices.of(job))
        fit = replace(job.fit, stand="angle", hand="right", angle=0.0, face="outside",
                      across=job.fit.across if isinstance(job.glass, FlatGlass) else 0.0)
        return cls(fit, Features(), FitChoices.of(job))


class PlaceInput(Struct, frozen=True):
    """What the place of the art depends on: the fit, and what the glass has beside its wall."""

    fit: Fit
    features: Features

    @classmethod
    def of(cls, job: Job) -> "PlaceInput":
        """What a job says of it."""
        return cls(job.fit, job.features)


def _map(given: MapInput, known: Known, _still_wanted: StillWanted) -> object:
    return map_art(known["art"], known["wall"], given.fit, given.choices, given.features)


def _fit(given: PlaceInput, known: Known, _still_wanted: StillWanted) -> object:
    return fit_art(known["art"], known["wall"], given.fit, given.features, known["mapped"])


def _check(given: FitCheckInput, known: Known, still_wanted: StillWanted) -> object:
    return check_fit(given, known["fitted"], known["art"], known["assessed"].trust.closing, still_wanted)


STAGES = (
    Stage("mapped", "fit", MapInput.of, _map, needs=("wall", "art")),
    Stage("fitted", "fit", PlaceInput.of, _fit, needs=("wall", "art", "mapped")),
    Stage("room", "fit", RoomInput.of, lambda given, known, _still_wanted: room_for(given, known["fitted"]),
          needs=("fitted",)),
    Stage("fit_findings", "fit", FitCheckInput.of, _check, needs=("art", "fitted", "assessed")),
)
