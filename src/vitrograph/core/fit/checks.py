"""What the fit station finds: lines that will not look level, film that must give, parts and rounds that fail."""

from collections.abc import Callable, Iterator
from math import degrees, pi

import shapely

from vitrograph.core.artwork import Art
from vitrograph.core.findings import Code, Finding, Level, Remedy
from vitrograph.core.fit.band import SEAL_MM
from vitrograph.core.fit.films import Film, along_edges
from vitrograph.core.fit.placing import Fitted
from vitrograph.core.fit.remedies import FitCheckInput, remedies_for
from vitrograph.core.geometry import half_turn
from vitrograph.core.job.change import Resize, put
from vitrograph.core.language import decimals, tr
from vitrograph.core.says import Length, Says

LEAST_DROOP_MM = 0.8               # a smaller bow is not seen (common practice, no published source)
_MISCLOSURE_MM = 1.0               # ends that miss each other by more are seen (common practice, no published source)


def check_fit(
    given: FitCheckInput, fitted: Fitted, art: Art | None = None, misclosure: float = 0.0,
    still_wanted: Callable[[], None] = lambda: None
) -> tuple[Finding, ...]:
    """What the way of laying costs. Given the art, remedies for strain are solved for; `misclosure`: a full turn's.

    Solving asks `still_wanted` now and then; it raises Cancelled when nobody waits any more.
    """
    return tuple(found for check in (droop(fitted), off_the_eye(fitted), strain(given, fitted, art, still_wanted),
                                     parts(given, fitted), once_round(given, fitted, misclosure)) for found in check)


def strain(
    given: FitCheckInput, fitted: Fitted, art: Art | None, still_wanted: Callable[[], None]
) -> Iterator[Finding]:
    """Yield where film on a wall curved both ways gives more than it may: at its openings, or in its border alone."""
    if not fitted.curved:
        return
    limit, worst = given.limit, max(fitted.films, key=lambda film: film.strain_at_openings)
    most = worst.strain_at_openings
    if most > limit:
        squeezed = -worst.openings[0] >= worst.openings[1]
        does = tr("squeezed") if squeezed else tr("stretched")
        even = tr("even snipped, ") if worst.pressed is not None and worst.pressed.snips else ""
        remedies = tuple(remedies_for(art, fitted.wall, given, most, still_wanted)) if art is not None else ()
        yield Finding(Code.STRAIN, Level.WATCH,
                      tr("{even}the film is {does} by {percent} at the openings; it takes {percent2}", even=even,
                         does=does, percent=_percent(most), percent2=_percent(limit)),
                      tr("its edges will wrinkle there and leak") if squeezed
                      else tr("its edges will creep back and leak"),
                      _place(fitted, worst, squeezed=squeezed), 100 * most, 100 * limit,
                      remedies[0] if remedies else None, remedies[1:])
        return
    border = max(fitted.squeeze, fitted.stretch)
    if border > limit:
        does = tr("squeezed") if fitted.squeeze >= fitted.stretch else tr("stretched")
        yield Finding(Code.STRAIN, Level.NOTE, tr("the border alone is {does} by up to {percent}", does=does,
                                                  percent=_percent(border)),
                      tr("wrinkles well off the openings do no harm: press outward, and tape over what lifts"),
                      None, 100 * border, 100 * limit)


def _percent(share: float) -> str:
    return decimals(f"{100 * share:.1f} %")


def _place(fitted: Fitted, film: Film, *, squeezed: bool) -> tuple[float, float] | None:
    """Where along a film's openings the strain is worst, on the sheet."""
    band = film.band.shifted(fitted.chart.u0)
    edges = along_edges(fitted.wall_art)
    points = edges[shapely.contains_xy(shapely.box(band.u_low, band.s_low, band.u_high, band.s_high), edges)]
    if film.pressed is None or not len(points):
        return None
    strains = film.pressed.at(points - [fitted.chart.u0 + film.middle, 0.0])
    at = int(strains[:, 0].argmin() if squeezed else strains[:, 1].argmax())
    x, y = fitted.chart.wall_to_sheet(points[at:at + 1])[0]
    return float(x), float(y)


def droop(fitted: Fitted) -> Iterator[Finding]:
    """Yield how far the ends of level lines leave the level, where art is laid straight on a taper."""
    off = fitted.droop
    if abs(off) > LEAST_DROOP_MM and fitted.chart.mode == "straight":
        looks = tr("rise: it smiles") if off > 0 else tr("drop: it droops")
        yield Finding(Code.DROOP, Level.WATCH, Says("laid straight, the ends {looks}, by {off}", looks=looks,
                                                    off=Length(abs(off))),
                      tr("on a tapered wall a straight line is not level"), None, abs(off), LEAST_DROOP_MM,
                      Remedy.of(tr("Follow the rim"), put(lambda job: job.fit.mode, "rim")))


def off_the_eye(fitted: Fitted) -> Iterator[Finding]:
    """Yield how far from its place the eye sees art that goes on beyond the angle it is laid for."""
    eye, off = fitted.chart.eye, fitted.off_the_eye
    if eye is not None and off > LEAST_DROOP_MM:
        says = Says("beyond {turn}° to each side the art is seen up to {off} off", turn=f"{degrees(eye.most):.0f}",
                    off=Length(off))
        yield Finding(Code.EYE, Level.WATCH, says, tr("there the glass turns away faster than art can follow"),
                      None, off, LEAST_DROOP_MM, Remedy.of(tr("Follow the rim"), put(lambda job: job.fit.mode, "rim")))


def parts(given: FitCheckInput, fitted: Fitted) -> Iterator[Finding]:
    """Yield that art has not the gaps for as many stencils as are asked for."""
    wanted, have = given.fit.rows * given.fit.columns, len(fitted.films)
    if have < wanted:
        yield Finding(Code.PARTS, Level.WATCH, tr("{wanted} stencils are asked for, and the art parts into {have}",
                                                  wanted=wanted, have=have),
                      Says("a stencil ends in a gap of {gap} at least, and never in an opening: set lines or letters "
                           "farther apart", gap=Length(2 * SEAL_MM)),
                      None, float(have), float(wanted),
                      Remedy.of(tr("As it parts"), put(lambda job: job.fit.rows, 1),
                                put(lambda job: job.fit.columns, 1)))


def once_round(given: FitCheckInput, fitted: Fitted, misclosure: float) -> Iterator[Finding]:
    """Yield what keeps copies that go all round from meeting, and where their seam had better be."""
    fit = given.fit
    if fit.times == 1 or not fitted.wall.closed:
        return
    pitch = 2 * pi * fitted.chart.middle_scale / fit.times
    wide = fitted.size[0] if fit.wrap else (fitted.wall_bounds[2] - fitted.wall_bounds[0]) * fitted.chart.middle_scale
    if wide > pitch + 1e-6:
        factor = 0.9999 * pitch / wide
        says = Says("{count} copies run into each other by {over} each", count=fit.times, over=Length(wide - pitch))
        yield Finding(Code.OVERLAP, Level.WATCH, says, tr("scaled so, a whole number of them just fits"),
                      None, wide, pitch,
                      Remedy.of(Says("Close the ring: each {size} wide", size=Length(factor * fitted.size[0])),
                                Resize(factor)))
    if not fit.wrap:
        return
    if misclosure > _MISCLOSURE_MM:
        yield Finding(Code.CLOSURE, Level.WATCH, Says("where the ends meet they may miss by {misclosure}",
                                                      misclosure=Length(misclosure)),
                      tr("that is what the readings may be off by: go round the glass with a tape, or wrap a paper "
                         "proof"),
                      None, misclosure, _MISCLOSURE_MM)
    yield from _seam(given, fitted)


def _seam(given: FitCheckInput, fitted: Fitted) -> Iterator[Finding]:
    """A seam is hidden best at a handle."""
    seam = fitted.chart.u0 + pi
    handles = [kept for kept in given.features.keep_out if kept.what == "handle"]
    for handle in handles[:1]:
        off = half_turn(handle.angle - seam)
        if abs(off) * fitted.chart.middle_scale > handle.wide / 2:
            yield Finding(Code.CLOSURE, Level.NOTE, tr("the seam comes {degrees:.0f}° from the handle",
                                                       degrees=abs(degrees(off))),
                          tr("under the handle nobody looks for it"), None, None, None,
                          Remedy.of(tr("Seam to the handle"), put(lambda job: job.fit.stand, "angle"),
                                    put(lambda job: job.fit.angle, half_turn(given.fit.angle + off))))
