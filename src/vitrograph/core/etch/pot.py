"""The pot: whether there is enough cream, and whether it is still good. Said before the first coat."""

from collections.abc import Iterator
from datetime import date

from vitrograph.core.etch.covering import CreamNeed
from vitrograph.core.findings import Code, Finding, Level
from vitrograph.core.job import Cream
from vitrograph.core.language import tr

_OLD_DAYS = 730                    # creams keep about two years once opened (common practice, no published source)
_OFTEN = 15                        # times scraped back and used again (common practice, no published source)


def check_pot(cream: Cream, need: CreamNeed, today: date) -> Iterator[Finding]:
    """Yield what is wrong with a pot for what an order takes of it; nothing is said of a pot nobody has weighed."""
    if cream.grams > 0 and need.at_once > cream.grams:
        yield Finding(Code.CREAM, Level.WATCH,
                      tr("there are {grams:.0f} g in the pot, and about {at_once:.0f} g lie on glass at once",
                         grams=cream.grams, at_once=need.at_once),
                      tr("let fewer glasses stand under cream at the same time, lay it on thinner, or open another "
                         "pot"),
                      None, need.at_once, cream.grams)
    elif cream.grams > 0 and need.used > cream.grams:
        yield Finding(Code.CREAM, Level.WATCH,
                      tr("there are {grams:.0f} g in the pot, and the order uses up about {used:.0f} g",
                         grams=cream.grams, used=need.used),
                      tr("have another pot ready before the first coat"), None, need.used, cream.grams)
    if cream.gritty:
        yield Finding(Code.CREAM, Level.WATCH, tr("this cream has gone gritty"),
                      tr("grit scratches and leaves clear specks: take fresh cream, and get rid of this as its safety "
                         "data sheet says"))
    elif cream.uses >= _OFTEN:
        yield Finding(Code.CREAM, Level.NOTE, tr("this cream was scraped back {uses} times", uses=cream.uses),
                      tr("it thickens and goes gritty with use: try it on a spot first"), None, cream.uses, _OFTEN)
    age = (today - date.fromisoformat(cream.opened_on)).days if cream.opened_on else 0
    if age > _OLD_DAYS:
        yield Finding(Code.CREAM, Level.NOTE, tr("this cream was opened {age:.1f} years ago", age=age / 365.25),
                      tr("old cream may frost faintly: try it on a spot first, or leave it longer"), None, age,
                      _OLD_DAYS)
