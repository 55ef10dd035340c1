"""`vitrograph workshop`: see, change, give away and read what the maker owns and is used to."""

import argparse
import sys
from functools import cache, reduce
from pathlib import Path

from vitrograph.core.errors import JobError, VitrographError, WorkshopError
from vitrograph.core.job.settings import typed_value
from vitrograph.core.job.tree import changed_record
from vitrograph.core.language import tr
from vitrograph.core.says import Length
from vitrograph.core.storing.orderfile import load_order
from vitrograph.core.storing.whole import write_whole
from vitrograph.core.units import Unit
from vitrograph.core.value_words import film_word, word_of
from vitrograph.core.workshop import (
    Workshop,
    change_workshop,
    default_file,
    differences,
    json_of,
    read_workshop,
)


def add_workshop_flags(workshop: argparse.ArgumentParser) -> None:
    """Give the command its flags."""
    add = workshop.add_argument
    add("--set", action="append", default=[], metavar="KEY=VALUE",
        help=tr("a field by its path, as house.border=18mm or films.0.left=3m; a list of several as JSON; may be "
                "repeated"))
    add("--json", action="store_true", help=tr("print it as its file holds it"))
    add("--read", type=Path, metavar="FILE", help=tr("take over a workshop that was given away"))
    add("--write", type=Path, metavar="FILE", help=tr("give it away, as JSON"))
    add("--compare", type=Path, metavar="ORDER", help=tr("where an order differs from the workshop of today"))
    workshop.set_defaults(run=run_workshop)


def run_workshop(options: argparse.Namespace) -> int:
    """Do what is asked for. Raises VitrographError; the workshop then stays as it was."""
    place = default_file()
    given = None if options.read is None else _given(options.read)

    def change(known: Workshop) -> Workshop:
        return reduce(_changed, options.set, given or known)

    known = owned_here()                                       # says what is wrong in it before that is written over
    made = change_workshop(place, change, by_hand=True) if given or options.set else known
    if options.write is not None:
        write_whole(options.write, json_of(made).encode("utf-8"))
    if options.compare is not None:
        order = load_order(options.compare)
        said = [one.words(order.units) for one in differences(made, order)]
        print("\n".join(said) if said else tr("made as the workshop is today"))
    elif options.json:
        print(json_of(made), end="")
    elif options.write is None and not options.set and options.read is None:
        print("\n".join(lines_of(made)))
    return 0


def owned_here() -> Workshop:
    """What the maker owns; what is wrong in its file is at its usual value, and said. Raises WorkshopError."""
    made, wrong = read_workshop(default_file())
    for says in wrong:
        _tell(says)
    return made


@cache
def _tell(says: str) -> None:
    """Say something once."""
    print(f"vitrograph: {says}", file=sys.stderr)


def lines_of(workshop: Workshop) -> list[str]:
    """The workshop in a few lines."""
    unit: Unit = workshop.house.units
    return [
        *(tr("cutter  {name}: {takes} {width} wide", name=one.name, takes=word_of(one.takes),
             width=Length(one.width, tool=True).words(unit))
          for one in workshop.cutters),
        *(tr("film    {name}: {kind}, {left} left", name=one.name, kind=film_word(one.kind),
             left=tr("{left:g} m", left=one.left / 1000) if unit == "mm" else Length(one.left).words(unit))
          for one in workshop.films),
        *(tr("tape    {name}: {wide} wide", name=one.name, wide=Length(one.roll_width, tool=True).words(unit))
          for one in workshop.tapes),
        *(tr("cream   {name}: {label_minutes:g} min by its label", name=one.name, label_minutes=one.label_minutes)
          for one in workshop.creams),
        tr("house   border {border}, {unit}, {paper}", border=Length(workshop.house.border).words(unit), unit=unit,
           paper=workshop.house.paper),
    ]


def _given(path: Path) -> Workshop:
    if not path.exists():
        raise VitrographError(tr("{path} could not be opened: no such file or directory", path=path))
    made, wrong = read_workshop(path)
    if wrong:                                                  # it is the maker's own from now on
        raise WorkshopError(wrong[0])
    return made


def _changed(workshop: Workshop, setting: str) -> Workshop:
    path, equals, text = setting.partition("=")
    if not equals or not path.strip():
        raise JobError(tr("a setting like house.border=18mm was wanted, got '{setting}'", setting=setting[:60]))
    value = typed_value(workshop, path.strip(), text, workshop.house.units)
    return changed_record(workshop, {path.strip().replace(".", "__"): value})
