"""Where a film goes, in words: what to measure, from where, and what a slip of a millimetre does."""

from collections.abc import Iterator
from math import degrees

from msgspec import Struct

from vitrograph.core.language import tr
from vitrograph.core.says import Joined, Length, Says, Value
from vitrograph.core.transfer.placing import LEAST_MM, Placing, Spot, grams
from vitrograph.core.units import MM_PER_IN, Unit


class Slip(Struct, frozen=True):
    """The least step of a ruler, 1 mm or a sixteenth of an inch, or what it moves, by so many mm a mm."""

    per_mm: float | None = None

    def words(self, unit: Unit) -> str:
        """It with its unit.

        >>> Slip().words("mm"), Slip().words("in"), Slip(0.5).words("mm"), Slip(2.0).words("in")
        ('1\u202fmm', '1/16\u202fin', '0.5\u202fmm', '0.125\u202fin')
        """
        step = 1.0 if unit == "mm" else MM_PER_IN / 16
        return Length(step, tool=True).words(unit) if self.per_mm is None else Length(step * self.per_mm, 2).words(unit)


def where_it_goes(placing: Placing, which: str) -> Says:
    """The step that marks a film's place."""
    parts: list[Value | str] = [_across(placing)]
    if placing.by == "edge":
        parts += [_down(placing)]
    else:
        parts += [Says("its lower middle {up} above the table, upright", up=Length(placing.lower.up, tool=True)),
                  _down(placing)]
    return Says("Mark where {which} goes: {places}.{behind}", which=which, places=Joined("; ", tuple(parts)),
                behind=tr(" Left and right are as you see them from behind.") if placing.behind else "")


def _across(placing: Placing) -> Value:
    middle = placing.middle
    if middle.across is not None:
        return Says("its upper middle {across} from the {side}", across=Length(middle.across, tool=True),
                    side=placing.side)
    at_rim = placing.by == "edge"
    round_glass = (middle.round_glass if at_rim else middle.round_here) or 0.0
    angle = f" ({degrees(abs(placing.angle or 0.0)):.0f}°)" if abs(round_glass) >= LEAST_MM else ""
    where = Says("its upper middle {place}{angle}", place=from_the_front(round_glass), angle=angle)
    along = tr(" along the rim") if at_rim else tr(" round the glass, at its own height")
    nearest = min(placing.beside, key=lambda one: one.mm, default=None) if at_rim else None
    if nearest is None:
        return Says("{where}, measured{along}", where=where, along=along)
    if nearest.mm < LEAST_MM:
        return Says("{where}, measured{along}: {there}", where=where, along=along, there=_AT[nearest.what])
    return Says("{where}, measured{along}: {mm} {there}", where=where, along=along,
                mm=Length(nearest.mm, tool=True), there=_BESIDE[nearest.what, nearest.side])


_AT = {"handle": tr("at the handle's middle"), "seam": tr("at the seam's middle")}
_BESIDE = {("handle", "right"): tr("to the right of the handle's middle"),
           ("handle", "left"): tr("to the left of the handle's middle"),
           ("seam", "right"): tr("to the right of the seam's middle"),
           ("seam", "left"): tr("to the left of the seam's middle")}


def from_the_front(mm: float) -> Says:
    """A place so far round a glass to the right of its front mark, in words."""
    if abs(mm) < LEAST_MM:
        return Says("at the front mark")
    return (Says("{mm} to the right of the front mark", mm=Length(mm, tool=True)) if mm > 0 else
            Says("{mm} to the left of the front mark", mm=Length(-mm, tool=True)))


def _down(placing: Placing) -> Value:
    left, middle, right = placing.spots
    if placing.over > LEAST_MM:
        return Says("the film reaches {over} over the {edge}: trim it there", over=Length(placing.over),
                    edge=placing.edge)
    if max(abs(spot.down - middle.down) for spot in (left, right)) < LEAST_MM and placing.has_corners:
        return Says("its upper edge {down} below the {edge}, at both corners and in the middle",
                    down=Length(middle.down, tool=True), edge=placing.edge)
    return Says("from the {edge} down to its {left}, {middle} and {right}", edge=placing.edge,
                left=_spot(left), middle=_spot(middle), right=_spot(right))


def _spot(spot: Spot) -> Value:
    return Says("{name} {down}", name=spot.name, down=Length(spot.down, tool=True))


def what_a_slip_does(placing: Placing) -> Says:
    """What an error of a ruler's least step does to the art."""
    turned = Says("{slip} too low at one side lifts or drops the art's ends by {end}", slip=Slip(),
                  end=Slip(placing.turn_per_mm))
    if placing.middle.across is not None:
        return Says("{turned}; {slip} across moves it as much.", turned=turned, slip=Slip())
    if placing.by != "edge":
        return Says("{turned}; {slip} round the glass moves it as much.", turned=turned, slip=Slip())
    return Says("{turned}; {slip} along the rim moves it {moved}.", turned=turned, slip=Slip(),
                moved=Slip(placing.shift_per_mm))


def other_ways(placing: Placing) -> Iterator[Value]:
    """Yield the other ways to find its height."""
    if placing.by == "edge" and placing.middle.across is None:
        yield Says("Or upright from the table to its lower middle: {up}.", up=Length(placing.lower.up, tool=True))
    if placing.by == "edge" and placing.middle.across is not None:
        yield Says("Or from the {foot} up to its lower middle: {up}.", foot=placing.foot,
                   up=Length(placing.lower.up, tool=True))
    if placing.water is not None:
        yield Says("Or stand the glass level and fill in {ml} ml ({g} g) of water: its level is at the lower middle.",
                   ml=f"{placing.water:.0f}", g=f"{grams(placing.water):.0f}")
