"""The logbook's tables, and how a book of an earlier version is brought to today's.

Each step is as it was written then.
"""

import sqlite3
from collections.abc import Callable
from contextlib import closing, suppress
from pathlib import Path

from vitrograph.core.errors import LogbookError
from vitrograph.core.language import tr

SCHEMA_VERSION = 4

_ENTRIES_1 = """
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

# what has been done of an order: one making of it, its steps ticked off, and its clocks (see Progress)
_MAKINGS_2 = ("""
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

# what happened of an evening, and the computer's clocks when a clock was last kept (see Reading)
_EVENINGS_3 = ("""
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


# entries with typed columns, the words that are searched, and what goes with them: the order, photographs, places
_RECORDS_4 = ("""
CREATE TABLE record (
    id INTEGER PRIMARY KEY, words TEXT NOT NULL, made TEXT,
    made_on TEXT NOT NULL, job TEXT NOT NULL, glass TEXT NOT NULL, material TEXT NOT NULL, shelf TEXT NOT NULL,
    art TEXT NOT NULL, faces TEXT NOT NULL, files TEXT NOT NULL, licences TEXT NOT NULL,
    width_mm REAL CHECK (width_mm >= 0), height_mm REAL CHECK (height_mm >= 0),
    area_mm2 REAL CHECK (area_mm2 >= 0), film TEXT NOT NULL, cutter TEXT NOT NULL,
    passes INTEGER CHECK (passes >= 0), mends INTEGER CHECK (mends >= 0), ties INTEGER CHECK (ties >= 0),
    bits INTEGER CHECK (bits >= 0), web_mm REAL CHECK (web_mm >= 0), island_mm2 REAL CHECK (island_mm2 >= 0),
    strain_pct REAL CHECK (strain_pct >= 0), recipe TEXT NOT NULL, cream TEXT NOT NULL,
    cream_days INTEGER CHECK (cream_days >= 0), cream_g REAL CHECK (cream_g >= 0),
    minutes REAL CHECK (minutes >= 0), settled_min REAL CHECK (settled_min >= 0),
    cut_min REAL CHECK (cut_min >= 0), weed_min REAL CHECK (weed_min >= 0),
    transfer_min REAL CHECK (transfer_min >= 0), etch_min REAL CHECK (etch_min >= 0),
    cost_film REAL CHECK (cost_film >= 0), cost_tape REAL CHECK (cost_tape >= 0),
    cost_cream REAL CHECK (cost_cream >= 0), cost_glass REAL CHECK (cost_glass >= 0),
    cost_hands REAL CHECK (cost_hands >= 0), how_many INTEGER NOT NULL CHECK (how_many > 0),
    outcome TEXT NOT NULL, stars INTEGER CHECK (stars >= 0), for_whom TEXT NOT NULL, note TEXT NOT NULL,
    order_id TEXT NOT NULL
) STRICT
""", "CREATE INDEX record_by_day ON record (made_on DESC, id DESC, words)",
    "CREATE INDEX record_by_cream ON record (cream, material, minutes, outcome, how_many)",
    "CREATE INDEX record_by_causes ON record (film, outcome, how_many, web_mm, island_mm2, settled_min, cream_days, "
    "strain_pct)", """
CREATE TABLE made (name TEXT PRIMARY KEY, content BLOB NOT NULL) STRICT
""", """
CREATE TABLE photo (
    id INTEGER PRIMARY KEY, record INTEGER NOT NULL REFERENCES record (id) ON DELETE CASCADE,
    name TEXT NOT NULL, picture BLOB NOT NULL, found TEXT NOT NULL
) STRICT
""", """
CREATE TABLE mark (
    id INTEGER PRIMARY KEY, record INTEGER NOT NULL REFERENCES record (id) ON DELETE CASCADE,
    copy INTEGER NOT NULL, what TEXT NOT NULL, x REAL, y REAL, note TEXT NOT NULL
) STRICT
""")

_EMPTY_4 = ("material", "shelf", "faces", "files", "licences", "cutter", "cream", "for_whom", "order_id")

# an outcome of version 3 that is called otherwise today
_RENAMED = {"leaks": "leak at an edge", "missed a piece": "missed bit"}
_SOUND_3 = ("typeof(minutes) IN ('real', 'integer') AND typeof(how_many) = 'integer' AND "
            + " AND ".join(f"typeof({name}) = 'text'" for name in (
                "made_on", "job", "glass", "art", "film", "school", "outcome", "note")))


def prepare(book: sqlite3.Connection, path: Path) -> None:
    """Bring a book to today's schema in one transaction; two that begin at once wait for each other.

    One of an earlier version is copied aside first. Raises LogbookError for one of a newer.
    """
    if version_of(book, path) == SCHEMA_VERSION:
        return
    book.execute("BEGIN IMMEDIATE")
    version = version_of(book, path)
    if 0 < version < SCHEMA_VERSION:
        _copy_aside(path, version)
    for step in _STEPS[version:]:
        step(book)
    book.execute(f"PRAGMA user_version = {SCHEMA_VERSION}")
    book.execute("COMMIT")


def version_of(book: sqlite3.Connection, path: Path) -> int:
    """The version of a book; 0 of one just begun. Raises LogbookError for one of a newer program."""
    (version,) = book.execute("PRAGMA user_version").fetchone()
    if version > SCHEMA_VERSION:
        raise LogbookError(tr("the logbook {path} was written by a newer Vitrograph: update to use it", path=path))
    return int(version)


def _copy_aside(path: Path, version: int) -> None:
    """Keep the book as it was, beside it, by SQLite's own backup: a copy kept before stands."""
    aside = path.with_name(f"{path.name}.v{version}.bak")
    if aside.exists():
        return
    with closing(sqlite3.connect(f"{path.resolve().as_uri()}?mode=ro", uri=True)) as whole, \
            closing(sqlite3.connect(aside)) as copy:
        try:
            whole.backup(copy)
        except sqlite3.Error:
            copy.close()
            with suppress(OSError):
                aside.unlink()
            raise


def _make_entries(book: sqlite3.Connection) -> None:
    book.execute(_ENTRIES_1)


def _make_makings(book: sqlite3.Connection) -> None:
    for table in _MAKINGS_2:
        book.execute(table)


def _make_evenings(book: sqlite3.Connection) -> None:
    for table in _EVENINGS_3:
        book.execute(table)


def _make_records(book: sqlite3.Connection) -> None:
    """The entries of version 3 that can be read go over; the table they came from is kept in the copy aside only."""
    for table in _RECORDS_4:
        book.execute(table)
    old = book.execute("SELECT made_on, job, glass, art, film, school, minutes, how_many, outcome, note FROM entry "
                       f"WHERE {_SOUND_3} ORDER BY id").fetchall()
    columns = ("made_on", "job", "glass", "art", "film", "recipe", "minutes", "how_many", "outcome", "note", *_EMPTY_4)
    insert = f"INSERT INTO record (words, {', '.join(columns)}) VALUES (?{', ?' * len(columns)})"
    for *said, outcome, note in old:
        words = " ".join(str(one) for one in (*said, outcome, note) if isinstance(one, str) and one).lower()
        book.execute(insert, (words, *said, _RENAMED.get(outcome, outcome), note, *("" for _ in _EMPTY_4)))
    book.execute("DROP TABLE entry")


_STEPS: tuple[Callable[[sqlite3.Connection], None], ...] = (
    _make_entries, _make_makings, _make_evenings, _make_records)
