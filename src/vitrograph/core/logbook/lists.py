"""The logbook as lists: CSV (RFC 4180) and JSON, written out and read in; spreadsheets are read, too."""

import csv
import io
import json
from collections.abc import Iterable, Mapping
from pathlib import Path
from typing import Any

from msgspec.structs import asdict

from vitrograph.core.errors import JobError, LogbookError
from vitrograph.core.language import read_day, tr
from vitrograph.core.logbook.book import Logbook
from vitrograph.core.logbook.entry import COLUMNS, NUMBERS, WHOLE, Entry, counted
from vitrograph.core.storing.cells import as_written, decoded, harmless
from vitrograph.core.storing.whole import read_plain, reason
from vitrograph.core.storing.workbooks import is_workbook, read_sheet

_MOST_BYTES = 100_000_000
_MOST_ENTRIES = 500_000
_MOST_CELLS = 40_000_000           # bytes of a spreadsheet's
_MOST_LOOKED = 3_000_000           # bytes of what is looked at while somebody waits
_NEEDED = {"made_on", "job"}
_ALSO = {"school": "recipe"}       # headings of lists written by earlier versions


def csv_of(entries: Iterable[Entry]) -> str:
    """Entries as CSV with a heading row; numbers nobody knows are empty cells."""
    out = io.StringIO()
    writer = csv.writer(out)
    writer.writerow(COLUMNS)
    for entry in entries:
        values = (getattr(entry, name) for name in COLUMNS)
        writer.writerow("" if one is None else harmless(one) if isinstance(one, str) else one for one in values)
    return out.getvalue()


def json_of(entries: Iterable[Entry]) -> str:
    """Entries as JSON: a list of objects, with what nobody knows left out."""
    return json.dumps([known_of(entry) for entry in entries], indent=1, ensure_ascii=False)


def known_of(entry: Entry) -> dict[str, Any]:
    """An entry's fields by their names, those that are known."""
    return {name: value for name, value in asdict(entry).items() if value not in ("", None)}


def read_list(path: Path) -> list[Entry]:
    """The entries of a CSV file, a spreadsheet or JSON. Raises LogbookError, naming the row and the column that cannot
    be.
    """
    try:
        content = read_plain(path, _MOST_BYTES)
    except OSError as error:
        raise LogbookError(tr("{path} could not be opened: {reason}", path=path, reason=reason(error))) from None
    try:
        sheet = read_sheet(content, path.name, _MOST_ENTRIES + 2, _MOST_CELLS) if is_workbook(content) else None
    except JobError as error:
        raise LogbookError(str(error)) from None
    entries = _of_text(content, path.name) if sheet is None else _of_rows(sheet.rows, path.name)
    if not entries:
        raise LogbookError(tr("{name} holds no entries: a heading row and a row for each piece were wanted",
                              name=path.name))
    return entries


def take_over(book: Logbook, path: Path) -> str:
    """Take over the entries of a list that are not in a book yet, all or none; what was done. Raises LogbookError."""
    entries = read_list(path)
    fresh = book.add_new(entries)
    says = tr("taken over: {all}", all=counted(len(fresh), sum(entry.how_many for entry in fresh)))
    there = len(entries) - len(fresh)
    return says + (tr("; {n} were in the book already", "; {n} was in the book already", n=there) if there else "")


def is_entries(path: Path) -> bool:
    """Whether a list of some kind is one of entries, by its first row; False where it is large or cannot be read."""
    try:
        content = read_plain(path, _MOST_LOOKED)
        if is_workbook(content):
            rows = read_sheet(content, path.name, 1, _MOST_LOOKED).rows
        else:
            rows = _rows_of_csv((decoded(content) or "").split("\n", 1)[0], path.name)
    except (OSError, JobError, LogbookError):
        return False
    return bool(rows) and {_heading(head) for head in rows[0]} >= _NEEDED


def _of_text(content: bytes, called: str) -> list[Entry]:
    text = decoded(content)
    if text is None:
        raise LogbookError(tr("{name} is no list: a spreadsheet (XLSX, ODS), CSV or JSON is wanted", name=called))
    return _of_json(text, called) if text.lstrip()[:1] in ("[", "{") else _of_rows(_rows_of_csv(text, called), called)


def _rows_of_csv(text: str, called: str) -> list[list[str]]:
    first = text.split("\n", 1)[0]
    between = max(",;\t", key=first.count)
    try:
        return list(csv.reader(io.StringIO(text, newline=""), delimiter=between, strict=True))
    except csv.Error as error:
        raise LogbookError(tr("{called} is no CSV that can be read ({error}): save it anew as CSV", called=called,
                              error=error)) from None


def _of_rows(rows: list[list[str]], called: str) -> list[Entry]:
    if not rows:
        return []
    heads = [_heading(head) for head in rows[0]]
    if not set(heads) >= _NEEDED:
        raise LogbookError(tr("{called}: the first row must name the columns, made_on and job among them; 'log --csv' "
                              "shows them all", called=called))
    entries = []
    for number, cells in enumerate(rows[1:], start=2):
        if not any(cell.strip() for cell in cells):
            continue
        if len(cells) > len(heads):
            raise LogbookError(tr("{called}, row {number}: {cells} cells, and {heads} columns are named",
                                  called=called, number=number, cells=len(cells), heads=len(heads)))
        told = {head: as_written(cell) for head, cell in zip(heads, cells, strict=False) if head in COLUMNS}
        entries.append(entry_of(told, tr("{called}, row {number}", called=called, number=number)))
        if len(entries) > _MOST_ENTRIES:
            raise LogbookError(tr("{called} has more than {most} entries: part it into several", called=called,
                                  most=_MOST_ENTRIES))
    return entries


def _of_json(text: str, called: str) -> list[Entry]:
    try:
        told = json.loads(text)
    except (ValueError, RecursionError) as error:
        raise LogbookError(tr("{called} is no JSON that can be read ({str})", called=called,
                              str=str(error)[:60])) from None
    rows = told if isinstance(told, list) else [told]
    entries = []
    for number, row in enumerate(rows, start=1):
        if not isinstance(row, dict):
            raise LogbookError(tr("{called}, entry {number}: an object with fields was wanted", called=called,
                                  number=number))
        plain = {_heading(str(name)): "" if value is None else str(value) for name, value in row.items()
                 if not isinstance(value, list | dict)}
        entries.append(entry_of({name: value for name, value in plain.items() if name in COLUMNS},
                                tr("{called}, entry {number}", called=called, number=number)))
    return entries


def entry_of(told: Mapping[str, str], called: str) -> Entry:
    """An entry of typed words by their columns; those left out or empty stay so.

    Raises LogbookError, with `called` and the column that cannot be.
    """
    values: dict[str, Any] = {name: _number(name, text.strip(), called) if name in NUMBERS else text
                              for name, text in told.items() if text.strip()}
    for name in ("made_on", "job"):
        if name not in values:
            raise LogbookError(tr("{called}: {name} is missing", called=called, name=name))
    values["made_on"] = read_day(values["made_on"]) or values["made_on"].strip()
    if "outcome" in values:
        values["outcome"] = values["outcome"].strip()
    try:
        return Entry(**values)
    except LogbookError as error:
        raise LogbookError(f"{called}, {error}") from None


def _number(name: str, text: str, called: str) -> float | int:
    try:
        number = float(text.replace(",", ".") if text.count(",") == 1 and "." not in text else text)
    except ValueError:
        number = float("nan")
    if number != number or (name in WHOLE and not number.is_integer()):
        wanted = tr("a whole number") if name in WHOLE else tr("a number")
        raise LogbookError(tr("{called}, {name}: {wanted} was wanted, got '{text}'", called=called, name=name,
                              wanted=wanted, text=text[:20]))
    return int(number) if name in WHOLE else number


def _heading(text: str) -> str:
    plain = text.strip().lstrip("\ufeff").lower().replace(" ", "_")
    return _ALSO.get(plain, plain)
