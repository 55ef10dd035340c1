"""The logbook: one SQLite file that remembers what was made, on what, how long, and how it went."""

import csv
import io
import sqlite3
from collections.abc import Iterator
from contextlib import contextmanager
from dataclasses import asdict, dataclass, fields
from pathlib import Path

import platformdirs

from vitrograph.core.errors import LogbookError
from vitrograph.core.storing.cells import harmless

SCHEMA_VERSION = 3
OUTCOMES = ("good", "faint", "leaks", "missed a piece", "crooked", "spoiled")

_ENTRIES = """
CREATE TABLE entry (
    id INTEGER PRIMARY KEY,
    made_on TEXT NOT NULL,
    job TEXT NOT NULL,
    glass TEXT NOT NULL,
    art TEXT NOT NULL,
    film TEXT NOT NULL,
    school TEXT NOT NULL,
    minutes REAL NOT NULL CHECK (minutes >= 0),
    how_many INTEGER NOT NULL CHECK (how_many > 0),
    outcome TEXT NOT NULL,
    note TEXT NOT NULL
)
"""


# what has been done of an order: one making of it, its steps ticked off, and its clocks (core/work/progress.py)
_MAKINGS = ("""
CREATE TABLE making (
    id INTEGER PRIMARY KEY,
    order_id TEXT NOT NULL,
    begun REAL NOT NULL,
    ended REAL
)
""", """
CREATE TABLE done (
    making INTEGER NOT NULL REFERENCES making (id),
    station TEXT NOT NULL, piece INTEGER NOT NULL, copy INTEGER NOT NULL, step TEXT NOT NULL,
    at REAL NOT NULL,
    PRIMARY KEY (making, station, piece, copy, step)
)
""", """
CREATE TABLE clock (
    making INTEGER NOT NULL REFERENCES making (id),
    station TEXT NOT NULL, piece INTEGER NOT NULL, copy INTEGER NOT NULL, step TEXT NOT NULL,
    seconds REAL NOT NULL, since REAL, spent REAL NOT NULL,
    PRIMARY KEY (making, station, piece, copy, step)
)
""")

# what happened of an evening, and the computer's clocks when a clock was last kept (core/work/wall.py)
_EVENINGS = ("""
CREATE TABLE happened (
    id INTEGER PRIMARY KEY,
    making INTEGER NOT NULL REFERENCES making (id),
    at REAL NOT NULL, kind TEXT NOT NULL, piece INTEGER NOT NULL, copy INTEGER NOT NULL,
    note TEXT NOT NULL, number REAL NOT NULL, area REAL NOT NULL
)
""", """
CREATE TABLE reading (
    making INTEGER PRIMARY KEY REFERENCES making (id),
    wall REAL NOT NULL, since_start REAL NOT NULL, awake REAL NOT NULL, boot TEXT NOT NULL
)
""")


@dataclass(frozen=True, slots=True)
class Entry:
    """One line of the logbook; `made_on` is an ISO date, `minutes` the time under cream."""

    made_on: str
    job: str
    glass: str
    art: str
    film: str
    school: str
    minutes: float
    how_many: int
    outcome: str
    note: str = ""


_COLUMNS = [field.name for field in fields(Entry)]
_TYPES = {name: (float, int) if name in {"minutes", "how_many"} else str for name in _COLUMNS}


def default_path() -> Path:
    """The logbook in the user's data folder."""
    return Path(platformdirs.user_data_dir("vitrograph")) / "logbook.sqlite"


class Logbook:
    """A logbook file; opened for each call, so that it is never held and two windows may share it."""

    def __init__(self, path: Path) -> None:
        self.path = path

    def add(self, entry: Entry) -> None:
        """Write one line. Raises LogbookError."""
        marks = ", ".join(f":{name}" for name in _COLUMNS)
        with self.open() as book:
            book.execute(f"INSERT INTO entry ({', '.join(_COLUMNS)}) VALUES ({marks})", asdict(entry))

    def entries(self) -> tuple[Entry, ...]:
        """All lines that can be read, newest first: one that was spoiled hides no other. Raises LogbookError."""
        with self.open() as book:
            rows = book.execute(f"SELECT {', '.join(_COLUMNS)} FROM entry ORDER BY made_on DESC, id DESC").fetchall()
        return tuple(Entry(*row) for row in rows if _is_sound(row))

    def to_csv(self) -> str:
        """All lines as CSV (RFC 4180), newest first, with a heading row."""
        out = io.StringIO()
        writer = csv.writer(out)
        writer.writerow(_COLUMNS)
        for entry in self.entries():
            writer.writerow(harmless(cell) if isinstance(cell, str) else cell for cell in asdict(entry).values())
        return out.getvalue()

    @contextmanager
    def open(self) -> Iterator[sqlite3.Connection]:
        """A connection to the book at today's schema; the change is kept, and kept whole, only if all went well.

        Raises LogbookError.
        """
        try:
            self.path.parent.mkdir(parents=True, exist_ok=True)
            book = sqlite3.connect(self.path, timeout=5, isolation_level=None)
            try:
                _prepare(book, self.path)
                book.execute("BEGIN")
                yield book
                book.execute("COMMIT")
            finally:
                book.close()                                  # what was not committed is given up
        except (sqlite3.Error, OSError) as error:
            if isinstance(error, LogbookError):
                raise
            raise LogbookError(f"the logbook {self.path} cannot be used ({error}): {_advice(error)}") from None


def _is_sound(row: tuple[object, ...]) -> bool:
    """Whether a row has words where words belong and numbers where numbers do: SQLite itself minds neither."""
    return all(isinstance(value, _TYPES[name]) for name, value in zip(_COLUMNS, row, strict=True))


def _advice(error: Exception) -> str:
    """What helps against a fault of the book's file."""
    says = str(error).lower()
    if "locked" in says or "busy" in says:
        return "another program holds it: close that, and try again"
    if "full" in says:
        return "make room on the disk, and try again"
    if "readonly" in says or "permission" in says or "unable to open" in says or "read-only" in says:
        return "it cannot be written there: give yourself the right to, and try again"
    return "move it to begin anew"


def _prepare(book: sqlite3.Connection, path: Path) -> None:
    """Bring a book to today's schema in one transaction; two that begin at once wait for each other."""
    if _version(book, path) == SCHEMA_VERSION:
        return
    book.execute("BEGIN IMMEDIATE")
    version = _version(book, path)
    if version < 1:
        book.execute(_ENTRIES)
    if version < 2:
        for table in _MAKINGS:
            book.execute(table)
    if version < 3:
        for table in _EVENINGS:
            book.execute(table)
    book.execute(f"PRAGMA user_version = {SCHEMA_VERSION}")
    book.execute("COMMIT")


def _version(book: sqlite3.Connection, path: Path) -> int:
    (version,) = book.execute("PRAGMA user_version").fetchone()
    if version > SCHEMA_VERSION:
        raise LogbookError(f"the logbook {path} was written by a newer Vitrograph: update to use it")
    return int(version)
