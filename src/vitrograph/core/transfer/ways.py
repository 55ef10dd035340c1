"""Ways to set a film: which there are, which of them suits this film on this glass, and why.

All of them are common practice, no published source.
"""

from typing import Literal

from msgspec import Struct

from vitrograph.core.job import SettingWay, TransferChoices
from vitrograph.core.language import capital, tr
from vitrograph.core.work import Step

Way = Literal["middle", "hinge", "lowered", "edge", "hand", "on the glass"]

_LONG_MM = 150.0                   # a film longer than that is easier to lay half by half
_SMALL_MM = 90.0                   # one no longer than that is set by hand


class Case(Struct, frozen=True):
    """What a way is chosen by: round or flat, how the pane lies, the film's size, mm, and whether tape carries it."""

    closed: bool
    lies: str
    size: tuple[float, float]
    needs_tape: bool
    clear_tape: bool
    straight_top: bool


class Offer(Struct, frozen=True):
    """A way, its name, whether it can be gone here, and why it suits or does not."""

    way: Way
    title: str
    can: bool
    why: str


def offers(case: Case) -> tuple[Offer, ...]:
    """All ways, each with whether it can be gone and why."""
    long = max(case.size) > _LONG_MM
    loose = not case.closed and case.lies == "loose"
    return (
        Offer("middle", tr("Middle first"), True, tr("no air is shut in") if not long else
              tr("a long film is easily laid askew: half by half is surer")),
        Offer("hinge", tr("Hinge, half by half"), True, tr("a long film stays where it was aimed") if long else
              tr("a strip of tape holds the place while each half is laid")),
        Offer("lowered", tr("Glass lowered on the film"), loose,
              tr("the design is seen through the pane as it comes down")
              if loose else tr("only for a pane that can be lifted")),
        Offer("edge", tr("Trimmed edge set to the rim"), case.straight_top,
              tr("the eye sees an edge that is not parallel at once") if case.straight_top
              else tr("this film has no straight upper edge")),
        Offer("hand", tr("By hand, without tape"), not case.needs_tape, tr("it is in one piece and small enough") if
              not case.needs_tape else tr("islands or loose parts would lose their places")),
        Offer("on the glass", tr("Film cut on the glass"), True,
              tr("for a knife: the film lies on the glass before it is cut, so nothing is carried over")),
    )


def way_for(choices: TransferChoices, case: Case) -> Way:
    """The way asked for where it can be gone; else the one that suits."""
    can = {offer.way for offer in offers(case) if offer.can}
    if choices.way != "suits" and choices.way in can:
        return choices.way
    return _suits(case, can)


def refused(way: SettingWay, case: Case) -> Offer | None:
    """Why a way that was asked for cannot be gone; None where it can."""
    return next((offer for offer in offers(case) if offer.way == way and not offer.can), None)


def _suits(case: Case, can: set[Way]) -> Way:
    if "hand" in can and max(case.size) <= _SMALL_MM:
        return "hand"
    if "lowered" in can and not case.clear_tape:
        return "lowered"
    return "hinge" if max(case.size) > _LONG_MM else "middle"


def laying_steps(way: Way, which: str, key: str, snips: str) -> tuple[Step, ...]:
    """How a film that is aimed is laid down; `which` is it in words, `snips` what is said of its border."""
    carrier = capital(which)
    says = {
        "middle": (tr("Hold the tape by its extra at the top and let {which} touch at its middle. Press from the "
                      "middle outward to each side.", which=which),),
        "hinge": (tr("Fix {which} where it goes by a strip of masking tape down its middle.", which=which),
                  tr("Fold one half back, peel its backing to the strip, cut that off, and lay the half from the "
                     "strip outward."),
                  tr("Take the strip away, fold the other half back, peel the rest of the backing, and lay it the "
                     "same way.")),
        "lowered": (tr("Tape {which} to the bench by its edges, sticky side up, with lines drawn for the pane's edges.",
                       which=which),
                    tr("Hold the pane over it, line up its edges with the lines, lower one end first, and press.")),
        "edge": (tr("Trim tape and film straight along the upper edge of {which}. Lay that edge first, parallel to "
                    "the edge above it, and look along it before you press.", which=which),
                 tr("Press from the upper edge down, from the middle to each side.")),
        "hand": (tr("{carrier} goes on by hand: peel the upper third of its backing, lay that, then draw the rest of "
                    "the backing away as you press down.", carrier=carrier),),
        "on the glass": (tr("Lay bare film over the place for {which}, from the middle outward, and tape the printed "
                            "pattern over it.", which=which),
                         tr("Follow its lines with a fresh knife, insides first, lightly: the blade needs to go "
                            "through film only. Then weed on the glass.")),
    }[way]
    caution = (tr("A slipping blade cuts: keep the other hand behind it, and the glass still.") if way == "on the glass"
               else "")
    last = len(says) - 1
    return tuple(Step(f"{key} {number}", one + (snips if number == last else ""), caution=caution if number else "")
                 for number, one in enumerate(says))
