"""What the fit station finds: straight lettering that will not look level on a taper."""

from collections.abc import Iterator

from vitrograph.core.findings import Code, Finding, Level, Remedy
from vitrograph.core.fit.place import Fitted
from vitrograph.core.units import format_length

LEAST_DROOP_MM = 0.8               # a smaller bow is not seen (common practice, no published source)


def check_fit(fitted: Fitted) -> Iterator[Finding]:
    """Yield how far the ends of level lines leave the level, where art is laid straight on a taper."""
    droop = fitted.droop
    if abs(droop) > LEAST_DROOP_MM:
        looks = "rise: it smiles" if droop > 0 else "drop: it droops"
        yield Finding(Code.DROOP, Level.WATCH, f"laid straight, the ends {looks}, by {format_length(abs(droop))}",
                      "on a tapered wall a straight line is not level", None, abs(droop), LEAST_DROOP_MM,
                      Remedy.of("Follow the rim", fit__mode="rim"))
