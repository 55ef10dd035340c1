"""`log` and `advise`: what was made, what it came to, and what the maker's own pieces say of the next one."""

import argparse
import json
import sys
import time
from datetime import date
from pathlib import Path
from typing import Any, get_args

from msgspec.structs import asdict

from vitrograph.at_work import worked_out
from vitrograph.core.errors import LogbookError, VitrographError
from vitrograph.core.glass import Shelf, default_folder
from vitrograph.core.language import read_day, tr
from vitrograph.core.logbook import (
    COLUMNS,
    GROUPS,
    NOTHING_DONE,
    OUTCOMES,
    Asked,
    Entry,
    Listed,
    Logbook,
    Makings,
    SortedBy,
    default_path,
)
from vitrograph.core.logbook.entry import counted, outcome_words
from vitrograph.core.logbook.lists import csv_of, entry_of, known_of, take_over
from vitrograph.core.logbook.page import differences
from vitrograph.core.pipeline import Pipeline
from vitrograph.core.results import FinishedOrder, FinishedPiece
from vitrograph.core.says import in_words
from vitrograph.core.storing.orderfile import content_of, load_order
from vitrograph.core.storing.whole import write_whole
from vitrograph.core.units import Unit, parse_whole
from vitrograph.core.value_words import word_of
from vitrograph.core.work import Happened
from vitrograph.flags import add_units, entry_number
from vitrograph.workshop import owned_here

_MOST_LINES = 200


def add_logbook(commands: Any) -> None:
    """Give the parser the commands."""
    log: argparse.ArgumentParser = commands.add_parser(
        "log", help=tr("the logbook: list, search, add, read and write it"))
    add = log.add_argument
    does = log.add_mutually_exclusive_group()
    does.add_argument("--add", nargs="*", metavar="KEY=VALUE",
                      help=tr("write an entry, as job='Kestrel mug' minutes=12 outcome='5 good, 1 faint'; with "
                              "--order the rest writes itself"))
    does.add_argument("--import", dest="read", type=Path, metavar="FILE",
                      help=tr("take over the entries of a CSV or JSON file, or a spreadsheet (XLSX, ODS)"))
    does.add_argument("--remove", metavar="NUMBER", help=tr("take an entry out"))
    does.add_argument("--put-back", action="store_true", help=tr("write the entry again that was taken out last"))
    does.add_argument("--again", metavar="NUMBER", help=tr("write the order of an entry as it was made, to --out"))
    does.add_argument("--compare", nargs=2, metavar="NUMBER", help=tr("where two entries differ"))
    does.add_argument("--months", action="store_true",
                      help=tr("what it came to: pieces, hours, cream and cost a month, and how pieces failed"))
    does.add_argument("--group", choices=GROUPS, help=tr("pieces by what they have in common"))
    does.add_argument("--causes", action="store_true", help=tr("which faults go with what"))
    does.add_argument("--year", metavar="2026", help=tr("a year on paper, to --out (PDF)"))
    add("--order", type=Path, metavar="FILE", help=tr("the order an entry is of"))
    add("--piece", metavar="NAME",
        help=tr("which piece of it, by its name or number; all of them where it is left out"))
    add("--out", type=Path, metavar="FILE", help=tr("the file that --again or --year is written into"))
    form = log.add_mutually_exclusive_group()
    form.add_argument("--json", action="store_true", help=tr("as JSON (docs/formats.md)"))
    form.add_argument("--csv", action="store_true", help=tr("as CSV"))
    add("--find", default="", metavar="WORDS", help=tr("entries that hold all these words"))
    add("--cream", default="", metavar="NAME", help=tr("entries made with this cream"))
    add("--material", default="", metavar="NAME", help=tr("entries on this kind of glass"))
    add("--outcome", default="", choices=("", *OUTCOMES), metavar="OUTCOME",
        help=tr("entries of which any piece came out so"))
    add("--since", default="", metavar="DAY", help=tr("entries of that day and later, as 2026-03-01"))
    add("--until", default="", metavar="DAY", help=tr("entries of that day and before"))
    add("--sort", choices=get_args(SortedBy), default="newest", help=tr("which entries come first"))
    add("--book", type=Path, metavar="FILE", help=tr("another logbook than your own"))
    add_units(log, default=None)
    log.set_defaults(run=_log)
    advise: argparse.ArgumentParser = commands.add_parser(
        "advise", help=tr("how long a cream should stand, from your own pieces"))
    advise.add_argument("--cream", required=True, metavar="NAME", help=tr("the cream, as you call it"))
    advise.add_argument("--material", default="", help=tr("on this glass; on whatever glass where it is left out"))
    advise.add_argument("--json", action="store_true", help=tr("as JSON (docs/formats.md)"))
    advise.add_argument("--book", type=Path, metavar="FILE", help=tr("another logbook than your own"))
    advise.set_defaults(run=_advise)


def _log(options: argparse.Namespace) -> int:
    book = Logbook(options.book or default_path())
    for asked, run in ((options.add is not None, _add), (options.read is not None, _import),
                       (options.remove is not None, _remove), (options.put_back, _put_back),
                       (options.again is not None, _again),
                       (options.compare is not None, _compare), (options.group is not None, _group),
                       (options.months, _months), (options.causes, _causes),
                       (options.year is not None, _year)):
        if asked:
            return run(book, options)
    return _list(book, options)


def _asked(options: argparse.Namespace) -> Asked:
    return Asked(options.find, options.cream, options.material, options.outcome, _day("--since", options.since),
                 _day("--until", options.until))


def _day(flag: str, text: str) -> str:
    day = read_day(text) if text else ""
    if day is None:
        raise VitrographError(tr("{flag}: a day like 2026-11-28 was wanted, got '{text}'", flag=flag, text=text[:20]))
    return day


def _list(book: Logbook, options: argparse.Namespace) -> int:
    found = book.found(_asked(options), options.sort, -1 if options.json or options.csv else _MOST_LINES)
    if options.json:
        told = [{"number": one.id, **known_of(one.entry)} for one in found]
        print(json.dumps(told, indent=1, ensure_ascii=False))
    elif options.csv:
        sys.stdout.write(csv_of(one.entry for one in found))
    else:
        entries, pieces = book.count(_asked(options))
        print("\n".join(map(_line, found)) or tr("nothing is written down yet") if entries or not options.find
              else tr("nothing was found"))
        if entries:
            rest = tr("; the first {found} are listed", found=len(found)) if entries > len(found) else ""
            print(f"{counted(entries, pieces)}{rest}")
    return 0


def _line(one: Listed) -> str:
    entry = one.entry
    told = (entry.glass, entry.cream, entry.stood, outcome_words(entry.outcome), "*" * (entry.stars or 0), entry.note)
    return f"{one.id:>5}  {entry.made_on}  {entry.how_many} × {entry.job}: " + ", ".join(part for part in told if part)


def _add(book: Logbook, options: argparse.Namespace) -> int:
    typed = dict(_pair(word) for word in options.add)
    if options.order is None:
        entry = entry_of({"made_on": date.today().isoformat(), **typed}, "--add")
        print(_line(Listed(book.add(entry), entry)))
        return 0
    order = load_order(options.order)
    done = worked_out(Pipeline(), order)
    pieces = done.pieces if options.piece is None else done.called(options.piece)
    made = content_of(order)
    for piece, entry in [(piece, _recorded(book, done, piece, typed)) for piece in pieces]:
        number = book.add(entry, made)
        if order.id:                                           # an order without one has no making of its own
            Makings(book).note(order.id, Happened(time.time(), "written", piece.job.key, number=number))
        print(_line(Listed(number, entry)))
    return 0


def _pair(word: str) -> tuple[str, str]:
    name, equals, value = word.partition("=")
    if not equals or name not in COLUMNS:
        raise LogbookError(tr("--add: one of {all} … = a value was wanted, got '{word}'; 'log --csv' shows all names",
                              all=', '.join(COLUMNS[:6]), word=word[:40]))
    return name, value


def _recorded(book: Logbook, done: FinishedOrder, piece: FinishedPiece, typed: dict[str, str]) -> Entry:
    """The entry that writes itself, with what was typed in place of that."""
    from vitrograph.core.logbook.record import owned_of, record_of

    worked = Makings(book).worked(done.order.id).get(piece.job.key, NOTHING_DONE)
    owned = owned_of(owned_here(), Shelf(default_folder()), piece.job)
    written = record_of(done, piece, date.today(), owned, worked)
    told = {name: "" if value is None else str(value) for name, value in asdict(written).items()}
    return entry_of({**told, **typed}, "--add")


def _import(book: Logbook, options: argparse.Namespace) -> int:
    print(take_over(book, options.read))
    return 0


def _remove(book: Logbook, options: argparse.Namespace) -> int:
    number = entry_number("--remove", options.remove)
    entry = book.entry(number)
    book.remove(number)
    print(tr("taken out: {line}", line=_line(Listed(number, entry))))
    return 0


def _put_back(book: Logbook, _options: argparse.Namespace) -> int:
    taken = book.last_taken_out()
    print(tr("put back: {line}", line=_line(Listed(book.put_back(taken), taken.entry))))
    return 0


def _again(book: Logbook, options: argparse.Namespace) -> int:
    number = entry_number("--again", options.again)
    entry, made = book.entry(number), book.made(number)
    if made is None:
        raise LogbookError(tr("no order is kept with entry {number} ({job}): it was typed, or read from a list",
                              number=number, job=entry.job))
    if options.out is None:
        raise VitrographError(tr("--again: say where to write the order, with --out FILE"))
    write_whole(options.out, made)
    print(tr("the order of '{job}' as it was made on {made_on}: {out}", job=entry.job, made_on=entry.made_on,
             out=options.out))
    return 0


def _compare(book: Logbook, options: argparse.Namespace) -> int:
    one, other = (book.entry(entry_number("--compare", text)) for text in options.compare)
    found = differences(one, other, options.units or "mm")
    if options.json:
        print(json.dumps([{"field": words, "one": mine, "other": theirs} for words, mine, theirs in found], indent=1,
                         ensure_ascii=False))
    else:
        print("\n".join(f"{words}: {mine} | {theirs}" for words, mine, theirs in found)
              or tr("the two entries say the same"))
    return 0


def _group(book: Logbook, options: argparse.Namespace) -> int:
    groups = book.groups(options.group, _asked(options))
    if options.json:
        told = [{options.group: word, "entries": entries, "pieces": pieces} for word, entries, pieces in groups]
        print(json.dumps(told, indent=1, ensure_ascii=False))
    else:
        print("\n".join(f"{counted(entries, pieces):>24}: {word or '-'}" for word, entries, pieces in groups)
              or tr("nothing was found"))
    return 0


def _months(book: Logbook, options: argparse.Namespace) -> int:
    from vitrograph.core.logbook.advice import changes_of, failures_in, months_in, paces_of

    asked = _asked(options)
    months, failures = months_in(book, asked), failures_in(book, asked)
    entries = [one.entry for one in book.found(asked)]
    changes, paces = changes_of(entries), paces_of(entries)
    if options.json:
        print(json.dumps({"months": [asdict(one) for one in months], "failures": [asdict(one) for one in failures],
                          "changes": [{**asdict(one), "says": one.says} for one in changes],
                          "paces": [asdict(one) for one in paces]}, indent=1, ensure_ascii=False))
        return 0
    if not months:
        print(tr("nothing was found"))
    for month in months:
        print(tr("{month}: {n} pieces, {failed} not good; {hours:.1f} h of hands, {grams:.0f} g of cream, cost "
                 "{cost:.2f}", "{month}: {n} piece, {failed} not good; {hours:.1f} h of hands, {grams:.0f} g of cream, "
                 "cost {cost:.2f}", month=month.month, n=month.pieces, failed=month.failed, hours=month.hours,
                 grams=month.grams, cost=month.cost))
    for failure in failures:
        print("  " + tr("{what}: {many} of {of}", what=word_of(failure.what), many=failure.many, of=failure.of))
    for says in (*(one.says for one in changes), *(one.says for one in paces)):
        print(f"  {says}")
    return 0


def _causes(book: Logbook, options: argparse.Namespace) -> int:
    from vitrograph.core.logbook.advice import causes_in

    causes = causes_in(book)
    unit: Unit = options.units or "mm"
    if options.json:
        print(json.dumps([{"factor": in_words(one.factor.name, "mm"), "fault": one.fault, "made": one.made,
                           "had": one.had, "difference": one.interval, "p": one.p, "says": one.says.words("mm"),
                           "does": one.factor.does} for one in causes], indent=1, ensure_ascii=False))
    else:
        print("\n".join(f"{one.says.words(unit)}: {one.factor.does}" if one.more else one.says.words(unit)
                        for one in causes) or tr("nothing goes with a fault surely enough to be told"))
    return 0


def _year(book: Logbook, options: argparse.Namespace) -> int:
    from vitrograph.core.logbook.advice import failures_in, months_in
    from vitrograph.core.paper.year import year_pdf

    year = parse_whole(options.year, 9999, 1)
    if year is None or options.out is None:
        raise VitrographError(tr("--year: a year like 2026 and --out FILE.pdf were wanted"))
    asked = Asked(since=f"{year:04d}-01-01", until=f"{year:04d}-12-31")
    found = book.found(asked, "oldest")
    if not found:
        raise LogbookError(tr("nothing was made in {year}, as far as the logbook knows", year=year))
    paper = owned_here().house.paper
    write_whole(options.out, year_pdf(str(year), [one.entry for one in found], months_in(book, asked)[::-1],
                                      failures_in(book, asked), paper))
    print(tr("{n} entries of {year}: {out}", "{n} entry of {year}: {out}", n=len(found), year=year, out=options.out))
    return 0


def _advise(options: argparse.Namespace) -> int:
    from vitrograph.core.logbook.advice import advise

    label = owned_here().label_minutes(options.cream)
    advice = advise(Logbook(options.book or default_path()), options.cream, options.material, label)
    if options.json:
        print(json.dumps({"minutes": _digits(advice.minutes), "n": advice.n, "latest": _digits(advice.latest),
                          "interval": None if advice.interval is None else [_digits(one) for one in advice.interval],
                          "says": advice.says}, indent=1, ensure_ascii=False))
    else:
        print(advice.says)
    return 0


def _digits(minutes: float | None) -> float | None:
    return None if minutes is None else float(f"{minutes:.4g}")

