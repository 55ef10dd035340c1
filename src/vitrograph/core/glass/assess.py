"""What a measured glass takes and how far it can be trusted: all the glass station says beside the wall itself."""

from collections.abc import Iterator

import numpy as np
from msgspec import Struct

from vitrograph.core.errors import GlassError
from vitrograph.core.findings import Code, Finding, Level, Remedy
from vitrograph.core.glass.keepout import Block, blocks_of
from vitrograph.core.glass.material import check_material
from vitrograph.core.glass.motif import Motif, largest_motif
from vitrograph.core.glass.readings import places_of, weigh_taken
from vitrograph.core.glass.sets import CORNER_LIMIT_MM, SetCheck, check_set, mean_glass
from vitrograph.core.glass.trust import Trust, trust_in
from vitrograph.core.glass.walls import Wall
from vitrograph.core.job import Features, Glass, Job, MaterialName, Tools
from vitrograph.core.job.change import put
from vitrograph.core.language import tr
from vitrograph.core.says import Says

_PLAIN_ASPECT = 1.5                # a motif's width over its height where there is no art yet


class Assessment(Struct, frozen=True):
    """The places kept clear; the largest motif, and the largest that reads from the front; trust; what was found.

    A motif is None where none fits; `alike` is None where no set was measured.
    """

    blocks: tuple[Block, ...]
    largest: Motif | None
    reading: Motif | None
    trust: Trust
    alike: SetCheck | None
    findings: tuple[Finding, ...]


class AssessInput(Struct, frozen=True):
    """What an assessment depends on beside the wall and the art on it."""

    glass: Glass
    features: Features
    measured: tuple[Glass, ...]
    material: MaterialName
    tools: Tools
    least_border: float
    reading_angle: float
    viewing_mm: float

    @classmethod
    def of(cls, job: Job) -> "AssessInput":
        """What a job says of it."""
        return cls(job.glass, job.features, job.measured, job.material, job.tools, *patch_of(job))


def patch_of(job: Job) -> tuple[float, float, float]:
    """What the room for a motif depends on: the least border, the angle read from the front, the eye's distance."""
    return job.stencil.least_border, job.stencil.reading_angle, job.stencil.viewing_mm


def assess(given: AssessInput, wall: Wall, art: tuple[float, float, float] | None) -> Assessment:
    """Assess a glass for art (width, height, s0 in mm), or for a plain motif in its middle where there is none yet."""
    blocks = blocks_of(wall, given.features)
    width, height, s0 = art or (_PLAIN_ASPECT * wall.length / 3, wall.length / 3, wall.length / 2)
    aspect = width / max(height, 1e-6)
    eye = eye_before(wall, given.viewing_mm)
    largest = largest_motif(wall, blocks, given.least_border, aspect)
    reading = largest_motif(wall, blocks, given.least_border, aspect, (given.reading_angle, eye))
    alike, found = None, [*check_material(given.material), *_check_taken(given)]
    if given.measured:
        try:
            alike = check_set(given.measured, width, height, s0)
            found += _check_set(given, alike)
        except GlassError as error:
            found.append(Finding(Code.SET, Level.WATCH, error.says,
                                 tr("a set is judged by readings of the same places")))
    trust = trust_in(given.glass, given.tools, width, height, s0)
    return Assessment(blocks, largest, reading, trust, alike, tuple(found))


def eye_before(wall: Wall, viewing_mm: float) -> float:
    """Where the eye stands, mm from the axis: as asked, but never nearer than a wall's own width lets it."""
    widest = float(wall.scale(np.linspace(0.0, wall.length, 101)).max()) if wall.closed else wall.span / 4
    return max(viewing_mm, 2.5 * widest)


def _check_set(given: AssessInput, alike: SetCheck) -> Iterator[Finding]:
    common = mean_glass(given.measured)
    if not alike.motif_fits:
        yield Finding(Code.SET, Level.WATCH, alike.says, tr("film cut for another girth wrinkles or sits askew"),
                      None, alike.corner, CORNER_LIMIT_MM)
    if common != given.glass:
        yield Finding(Code.SET, Level.NOTE, tr("the stencil is not made for the mean of the measured glasses"),
                      tr("made for the mean, it is off by the least on all of them"), None, None, None,
                      Remedy.of(tr("Use the mean"), put(lambda job: job.glass, common)))


def _check_taken(given: AssessInput) -> Iterator[Finding]:
    """Yield the places whose readings do not agree."""
    for taken in given.tools.taken:
        if taken.place in places_of(given.glass):
            reading = weigh_taken(given.glass, given.tools, taken)
            if reading.odd is not None:
                yield Finding(Code.MEASURE, Level.WATCH, Says("{place}: {says}", place=taken.place, says=reading.says),
                              tr("one wrong reading pulls the mean along"), None, reading.spread)
