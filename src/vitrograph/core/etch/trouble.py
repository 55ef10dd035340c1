"""Trouble while the cream is on: what to do at once, one step after the other, and what to mind. Common practice."""

from msgspec import Struct

from vitrograph.core.etch.cautions import CONTACT, NO_METAL, STILL_ON
from vitrograph.core.language import tr


class Trouble(Struct, frozen=True):
    """What went wrong, in a hurried maker's words; what is done about it, and a caution. `timed`: how long matters."""

    key: str
    title: str
    steps: tuple[str, ...]
    caution: str = ""
    timed: bool = False


TROUBLES = (
    Trouble("corner", tr("A corner of film lifted"), (
        tr("Do not press it down: that squeezes cream under it."),
        tr("Dab cream gently along its edge, so that the edge is covered."),
        tr("Leave it so until the rinse, and rinse that place first."))),
    Trouble("under", tr("Cream ran under the film"), (
        tr("Scrape the cream from that place now, towards the opening, never across the film."),
        tr("Rinse that side in low water at once, if the rest can bear it; if not, rinse all and note how long it "
           "stood."),
        tr("Dry it and look: a leak is permanent; it can be made part of the art, or the border etched up to it.")),
        STILL_ON),
    Trouble("hole", tr("A hole or a slit in the film"), (
        tr("If the cream is not over it yet: dry the place, and put tape on it."),
        tr("If it is: wipe the cream off there with a damp cotton bud, dry it, and tape it."))),
    Trouble("drip", tr("A drip on bare glass"), (
        tr("Wipe it off at once with a damp cloth, away from the art."),
        tr("Rinse the place with a wet cloth, and dry it."),
        tr("Say how long it was there: less than a few seconds mostly leaves nothing.")), CONTACT, timed=True),
    Trouble("no frost", tr("No frost at the test spot"), (
        tr("Dry the spot well and look again on black: wet frost cannot be seen."),
        tr("Put cream back on the spot, and give the glass as long again."),
        tr("Still nothing: the glass may be coated, or one that does not take. Rinse, and try a hidden spot."))),
    Trouble("dried", tr("The cream has dried"), (
        tr("Do not scrape it dry: it scratches."),
        tr("Lay fresh cream over it, wait a minute until it softens, and scrape both off together."),
        tr("Rinse long in low water.")), f"{NO_METAL} {STILL_ON}"),
)


def trouble_named(key: str) -> Trouble:
    """The trouble of a key. Raises KeyError."""
    return next(one for one in TROUBLES if one.key == key)
