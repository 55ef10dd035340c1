"""The pot: whether there is enough cream, and whether it is still good. Said before the first coat."""

from collections.abc import Iterator
from datetime import date

from vitrograph.core.etch.covering import CreamNeed
from vitrograph.core.findings import Code, Finding, Level
from vitrograph.core.job import Cream

_OLD_DAYS = 730                    # creams keep about two years once opened (common practice, no published source)
_OFTEN = 15                        # times scraped back and used again (common practice, no published source)


def check_pot(cream: Cream, need: CreamNeed, today: date) -> Iterator[Finding]:
    """Yield what is wrong with a pot for what an order takes of it; nothing is said of a pot nobody has weighed."""
    if cream.grams > 0 and need.at_once > cream.grams:
        yield Finding(Code.CREAM, Level.WATCH,
                      f"there are {cream.grams:.0f} g in the pot, and about {need.at_once:.0f} g lie on glass at once",
                      "let fewer glasses stand under cream at the same time, lay it on thinner, or open another pot",
                      None, need.at_once, cream.grams)
    elif cream.grams > 0 and need.used > cream.grams:
        yield Finding(Code.CREAM, Level.WATCH,
                      f"there are {cream.grams:.0f} g in the pot, and the order uses up about {need.used:.0f} g",
                      "have another pot ready before the first coat", None, need.used, cream.grams)
    if cream.gritty:
        yield Finding(Code.CREAM, Level.WATCH, "this cream has gone gritty", "grit scratches and leaves clear specks: "
                      "take fresh cream, and get rid of this as its safety data sheet says")
    elif cream.uses >= _OFTEN:
        yield Finding(Code.CREAM, Level.NOTE, f"this cream was scraped back {cream.uses} times",
                      "it thickens and goes gritty with use: try it on a spot first", None, cream.uses, _OFTEN)
    age = (today - date.fromisoformat(cream.opened_on)).days if cream.opened_on else 0
    if age > _OLD_DAYS:
        yield Finding(Code.CREAM, Level.NOTE, f"this cream was opened {age / 365.25:.1f} years ago",
                      "old cream may frost faintly: try it on a spot first, or leave it longer", None, age, _OLD_DAYS)
