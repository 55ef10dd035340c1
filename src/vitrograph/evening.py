"""`evening`: an order's evening for one pair of hands, in words or as JSON."""

import argparse
import json
from typing import Any

from vitrograph.at_work import at_work, worked_out
from vitrograph.core.etch import OwnTimes, lines_of
from vitrograph.core.language import tr
from vitrograph.core.logbook import Logbook, Makings, default_path
from vitrograph.core.pipeline import Pipeline
from vitrograph.core.storing.orderfile import load_order
from vitrograph.core.telling.evening_json import evening_json
from vitrograph.core.telling.plan_json import rounded_tree
from vitrograph.flags import add_order
from vitrograph.quick.lengths import up_to


def add_evening(commands: Any) -> None:
    """Give the parser the command."""
    parser: argparse.ArgumentParser = commands.add_parser("evening",
                                                          help=tr("plan an order's evening for one pair of hands: "
                                                                  "nobody late at the rinse"))
    add_order(parser)
    parser.add_argument("--json", action="store_true", help=tr("as JSON (docs/formats.md)"))
    parser.add_argument("--calm", metavar="0..1", help=tr("time to spare before clocks; as much as it takes if left "
                                                          "out"))
    parser.set_defaults(run=_run)


def _own_times(makings: Makings) -> OwnTimes:
    """What the maker's logbook knows of their hands; without a book it is not begun for this."""
    if not makings.book.path.exists():
        return OwnTimes()
    return makings.own_times()


def _run(options: argparse.Namespace) -> int:
    order = load_order(options.order)
    if options.calm is not None:
        order = order.changed(etch__calm=up_to("--calm", options.calm, 1))
    done = worked_out(Pipeline(), order).by(_own_times(Makings(Logbook(default_path()))))
    with at_work(tr("planning the evening")):
        evening = done.evening                                 # what is too much for one is refused here
    if options.json:
        told = {"order": order.name, "recipe": order.etch.recipe.name, "clock": order.etch.recipe.clock,
                "hands": evening.hands, **evening_json(done),
                "findings": [{"code": one.code.value, "level": one.level.value, "says": str(one.says)}
                             for one in evening.findings]}
        print(json.dumps(rounded_tree(told), indent=1, ensure_ascii=False))
    else:
        print("\n".join(lines_of(evening)))
    return 0
