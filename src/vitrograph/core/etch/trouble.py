"""Trouble while the cream is on: what to do at once, one step after the other, and what to mind. Common practice."""

from msgspec import Struct

from vitrograph.core.etch.cautions import CONTACT, NO_METAL, STILL_ON


class Trouble(Struct, frozen=True):
    """What went wrong, in a hurried maker's words; what is done about it, and a caution. `timed`: how long matters."""

    key: str
    title: str
    steps: tuple[str, ...]
    caution: str = ""
    timed: bool = False


TROUBLES = (
    Trouble("corner", "A corner of film lifted", (
        "Do not press it down: that squeezes cream under it.",
        "Dab cream gently along its edge, so that the edge is covered.",
        "Leave it so until the rinse, and rinse that place first.")),
    Trouble("under", "Cream ran under the film", (
        "Scrape the cream from that place now, towards the opening, never across the film.",
        "Rinse that side in low water at once, if the rest can bear it; if not, rinse all and note how long it stood.",
        "Dry it and look: a leak is permanent; it can be made part of the art, or the border etched up to it."),
        STILL_ON),
    Trouble("hole", "A hole or a slit in the film", (
        "If the cream is not over it yet: dry the place, and put tape on it.",
        "If it is: wipe the cream off there with a damp cotton bud, dry it, and tape it.")),
    Trouble("drip", "A drip on bare glass", (
        "Wipe it off at once with a damp cloth, away from the art.",
        "Rinse the place with a wet cloth, and dry it.",
        "Say how long it was there: less than a few seconds mostly leaves nothing."), CONTACT, timed=True),
    Trouble("no frost", "No frost at the test spot", (
        "Dry the spot well and look again on black: wet frost cannot be seen.",
        "Put cream back on the spot, and give the glass as long again.",
        "Still nothing: the glass may be coated, or one that does not take. Rinse, and try a hidden spot.")),
    Trouble("dried", "The cream has dried", (
        "Do not scrape it dry: it scratches.",
        "Lay fresh cream over it, wait a minute until it softens, and scrape both off together.",
        "Rinse long in low water."), f"{NO_METAL} {STILL_ON}"),
)


def trouble_named(key: str) -> Trouble:
    """The trouble of a key. Raises KeyError."""
    return next(one for one in TROUBLES if one.key == key)
