"""The logbook: one SQLite file that remembers what was made, on what, how long, and how it went."""

import hashlib
import sqlite3
from collections import Counter
from collections.abc import Callable, Iterable, Iterator, Sequence
from contextlib import contextmanager
from pathlib import Path
from typing import Literal

import platformdirs
from msgspec import DecodeError, Struct, msgpack

from vitrograph.core.errors import LogbookError
from vitrograph.core.language import tr
from vitrograph.core.logbook.entry import COLUMNS, NUMBERS, WHOLE, WORDS, Entry, Outcome
from vitrograph.core.logbook.schema import prepare
from vitrograph.core.storing.whole import read_plain, reason, untold_reason, write_whole

_ORDERS = {"newest": "made_on DESC, id DESC", "oldest": "made_on, id", "name": "job, made_on DESC, id DESC",
           "stars": "stars DESC NULLS LAST, made_on DESC, id DESC", "minutes": "minutes, made_on DESC, id DESC"}
SortedBy = Literal["newest", "oldest", "name", "stars", "minutes"]
GROUPS = ("job", "material", "cream", "film", "recipe", "for_whom")
_MOST_KEPT = 500_000_000           # bytes of an entry that was taken out, its photographs among them
_SELECT = f"SELECT id, {', '.join(COLUMNS)} FROM record"


class Asked(Struct, frozen=True):
    """What is looked for: words that must all stand somewhere, a cream, a material, an outcome, days (ISO), stars.

    An outcome finds pieces of which any copy came out so.
    """

    words: str = ""
    cream: str = ""
    material: str = ""
    outcome: Outcome | Literal[""] = ""
    since: str = ""
    until: str = ""
    least_stars: int = 0

    def where(self) -> tuple[str, list[object]]:
        """The condition in SQL and its values."""
        parts: list[str] = []
        values: list[object] = []
        for word in self.words.lower().split():
            parts.append("instr(words, ?)")
            values.append(word)
        for name in ("cream", "material"):
            if getattr(self, name):
                parts.append(f"{name} = ? COLLATE NOCASE")
                values.append(getattr(self, name))
        for condition, value in (("instr(outcome, ?)", self.outcome), ("made_on >= ?", self.since),
                                 ("made_on <= ?", self.until), ("stars >= ?", self.least_stars or "")):
            if value != "":
                parts.append(condition)
                values.append(value)
        return (f" WHERE {' AND '.join(parts)}" if parts else ""), values


class Listed(Struct, frozen=True):
    """An entry with its number in the book."""

    id: int
    entry: Entry


class Mark(Struct, frozen=True):
    """What came out wrong where, of one copy: x and y on the stencil's sheet, mm, where that is known."""

    copy: int
    what: Outcome
    x: float | None = None
    y: float | None = None
    note: str = ""


class Photo(Struct, frozen=True):
    """A photograph kept with an entry: a JPEG, and what was found in it (JSON), "" where it was not looked at."""

    name: str
    picture: bytes
    found: str = ""


class TakenOut(Struct, frozen=True):
    """An entry that was taken out, with all that went with it."""

    entry: Entry
    made: bytes
    marks: tuple[Mark, ...]
    photos: tuple[Photo, ...]


def default_path() -> Path:
    """The logbook in the user's data folder."""
    return Path(platformdirs.user_data_dir("vitrograph")) / "logbook.sqlite"


class Logbook:
    """A logbook file; opened for each call, so that it is never held and two windows may share it."""

    def __init__(self, path: Path) -> None:
        self.path = path

    def add(self, entry: Entry, made: bytes = b"", marks: Iterable[Mark] = (), photos: Iterable[Photo] = ()) -> int:
        """Write one entry, with the order's file as it was made; return its number. Raises LogbookError."""
        with self.open() as book:
            return _insert(book, entry, made, marks, photos)

    def add_all(self, entries: Sequence[Entry]) -> None:
        """Write many entries, all or none. Raises LogbookError."""
        with self.open() as book:
            book.executemany(_INSERT, [_row(entry) for entry in entries])

    def add_new(self, entries: Sequence[Entry]) -> tuple[Entry, ...]:
        """Write those of a list that are not in the book, all or none; return them. Raises LogbookError.

        Of entries that are alike in everything there are then as many as in the list, or as many as there were.
        """
        fresh = []
        with self.open() as book:
            known = Counter(one.entry for row in book.execute(_SELECT) if (one := _read(row)) is not None)
            for entry in entries:
                if known[entry] <= 0:
                    fresh.append(entry)
                known[entry] -= 1
            book.executemany(_INSERT, [_row(entry) for entry in fresh])
        return tuple(fresh)

    def written(self) -> int:
        """A number that is another whenever the book's file was written."""
        try:
            return self.path.stat().st_mtime_ns
        except OSError:
            return 0

    def change(self, number: int, how: Callable[[Entry], Entry]) -> None:
        """Change an entry as it is at that moment, whoever else writes. Raises LogbookError where there is none."""
        with self.open() as book:
            book.execute("UPDATE record SET id = id WHERE id = ?", (number,))        # from here on nobody else writes
            row = book.execute(f"{_SELECT} WHERE id = ?", (number,)).fetchone()
            one = None if row is None else _read(row)
            if one is None:
                raise _gone(number)
            pairs = ", ".join(f"{name} = ?" for name in ("words", *COLUMNS))
            book.execute(f"UPDATE record SET {pairs} WHERE id = ?", (*_row(how(one.entry)), number))

    def remove(self, number: int) -> TakenOut:
        """Take an entry out, with its photographs and marks; its order's file where no other has it.

        What is given back can be put back; the last one is kept beside the book, too. Raises LogbookError, and
        OrderFileError where that cannot be written: then nothing is taken out.
        """
        taken = TakenOut(self.entry(number), self.made(number) or b"", self.marks(number), self.photos(number))
        write_whole(self._taken_out, msgpack.encode(taken))
        with self.open() as book:
            for table in ("mark", "photo"):
                book.execute(f"DELETE FROM {table} WHERE record = ?", (number,))
            book.execute("DELETE FROM record WHERE id = ?", (number,))
            book.execute("DELETE FROM made WHERE name NOT IN (SELECT made FROM record WHERE made IS NOT NULL)")
        return taken

    def put_back(self, taken: TakenOut) -> int:
        """Write an entry again that was taken out; return its number, which may be another. Raises LogbookError."""
        number = self.add(taken.entry, taken.made, taken.marks, taken.photos)
        if self._kept() == msgpack.encode(taken):
            self._taken_out.unlink(missing_ok=True)            # or it could be put back once more
        return number

    def last_taken_out(self) -> TakenOut:
        """The entry that was taken out last, and not put back. Raises LogbookError where there is none."""
        try:
            return msgpack.decode(self._kept(), type=TakenOut)
        except DecodeError:
            raise LogbookError(tr("no entry was taken out that could be put back")) from None

    @property
    def _taken_out(self) -> Path:
        return self.path.with_name(f"{self.path.name}.taken-out")

    def _kept(self) -> bytes:
        try:
            return read_plain(self._taken_out, _MOST_KEPT)
        except OSError:
            return b""

    def entries(self) -> tuple[Entry, ...]:
        """All entries that can be read, newest first: one that was spoiled hides no other. Raises LogbookError."""
        return tuple(one.entry for one in self.found())

    def found(self, asked: Asked | None = None, sorted_by: SortedBy = "newest", most: int = -1) -> tuple[Listed, ...]:
        """The entries looked for, at most so many. Raises LogbookError."""
        where, values = (asked or Asked()).where()
        with self.open() as book:
            rows = book.execute(f"{_SELECT}{where} ORDER BY {_ORDERS[sorted_by]} LIMIT ?", (*values, most)).fetchall()
        return tuple(one for row in rows if (one := _read(row)) is not None)

    def last_of(self, job: str) -> Entry | None:
        """The newest entry of a piece of that name; None where there is none. Raises LogbookError."""
        with self.open() as book:
            rows = book.execute(f"{_SELECT} WHERE job = ? ORDER BY {_ORDERS['newest']} LIMIT 5", (job,)).fetchall()
        return next((one.entry for row in rows if (one := _read(row)) is not None), None)

    def count(self, asked: Asked | None = None) -> tuple[int, int]:
        """How many entries are found, and how many pieces they tell of. Raises LogbookError."""
        where, values = (asked or Asked()).where()
        with self.open() as book:
            entries, pieces = book.execute(f"SELECT count(*), sum(how_many) FROM record{where}", values).fetchone()
        return int(entries), int(pieces or 0)

    def groups(self, by: str, asked: Asked | None = None) -> list[tuple[str, int, int]]:
        """What is found, by one of `GROUPS`: its word, entries and pieces, the most pieces first. Raises
        LogbookError."""
        where, values = (asked or Asked()).where()
        with self.open() as book:
            column = GROUPS[GROUPS.index(by)]
            return [(str(word), int(entries), int(pieces)) for word, entries, pieces in book.execute(
                f"SELECT {column}, count(*), sum(how_many) FROM record{where} GROUP BY {column} "
                f"ORDER BY sum(how_many) DESC, {column}", values)]

    def entry(self, number: int) -> Entry:
        """An entry by its number. Raises LogbookError where there is none, or where it cannot be read."""
        with self.open() as book:
            row = book.execute(f"{_SELECT} WHERE id = ?", (number,)).fetchone()
        one = None if row is None else _read(row)
        if one is None:
            raise _gone(number)
        return one.entry

    def made(self, number: int) -> bytes | None:
        """The order's file of an entry as it was made; None where none was kept. Raises LogbookError."""
        with self.open() as book:
            row = book.execute("SELECT content FROM record JOIN made ON made.name = record.made WHERE record.id = ?",
                               (number,)).fetchone()
        return None if row is None else bytes(row[0])

    def marks(self, number: int) -> tuple[Mark, ...]:
        """What came out wrong where. Raises LogbookError."""
        with self.open() as book:
            return tuple(Mark(*row) for row in book.execute(
                "SELECT copy, what, x, y, note FROM mark WHERE record = ? ORDER BY copy, id", (number,)))

    def photos(self, number: int) -> tuple[Photo, ...]:
        """The photographs of an entry. Raises LogbookError."""
        with self.open() as book:
            return tuple(Photo(*row) for row in book.execute(
                "SELECT name, picture, found FROM photo WHERE record = ? ORDER BY id", (number,)))

    def add_photo(self, number: int, photo: Photo) -> None:
        """Keep a photograph with an entry. Raises LogbookError where there is no such entry."""
        self.entry(number)
        with self.open() as book:
            _add_photo(book, number, photo)

    @contextmanager
    def open(self) -> Iterator[sqlite3.Connection]:
        """A connection to the book at today's schema; the change is kept, and kept whole, only if all went well.

        Raises LogbookError.
        """
        try:
            self.path.parent.mkdir(parents=True, exist_ok=True)
            book = sqlite3.connect(self.path, timeout=5, isolation_level=None)
            try:
                prepare(book, self.path)
                book.execute("BEGIN")
                yield book
                book.execute("COMMIT")
            finally:
                book.close()                                  # what was not committed is given up
        except (sqlite3.Error, OSError) as error:
            if isinstance(error, LogbookError):
                raise
            raise LogbookError(tr("the logbook {path} cannot be used ({error}): {advice}", path=self.path,
                                  error=reason(error), advice=_advice(error))) from None


_INSERT = f"INSERT INTO record (words, {', '.join(COLUMNS)}) VALUES (?{', ?' * len(COLUMNS)})"


def _row(entry: Entry) -> tuple[object, ...]:
    """An entry as its row is written: the words that are searched first."""
    words = " ".join(one for name in (*WORDS, "made_on") if (one := str(getattr(entry, name)))).lower()
    return (words, *(getattr(entry, name) for name in COLUMNS))


def _insert(book: sqlite3.Connection, entry: Entry, made: bytes, marks: Iterable[Mark], photos: Iterable[Photo]) -> int:
    number = int(book.execute(_INSERT, _row(entry)).lastrowid or 0)
    if made:
        name = hashlib.sha256(made).hexdigest()
        book.execute("INSERT OR IGNORE INTO made VALUES (?, ?)", (name, made))
        book.execute("UPDATE record SET made = ? WHERE id = ?", (name, number))
    _add_marks(book, number, marks)
    for photo in photos:
        _add_photo(book, number, photo)
    return number


def _add_marks(book: sqlite3.Connection, number: int, marks: Iterable[Mark]) -> None:
    for mark in marks:
        book.execute("INSERT INTO mark (record, copy, what, x, y, note) VALUES (?, ?, ?, ?, ?, ?)",
                     (number, mark.copy, mark.what, mark.x, mark.y, mark.note))


def _add_photo(book: sqlite3.Connection, number: int, photo: Photo) -> None:
    book.execute("INSERT INTO photo (record, name, picture, found) VALUES (?, ?, ?, ?)",
                 (number, photo.name, photo.picture, photo.found))


def _read(row: Sequence[object]) -> Listed | None:
    """An entry of a row; None where it was spoiled: SQLite itself minds little."""
    values = dict(zip(COLUMNS, row[1:], strict=True))
    if not all(isinstance(values[name], str) for name in WORDS):
        return None
    if not all(_is_number(name, values[name]) for name in NUMBERS):
        return None
    try:
        return Listed(int(str(row[0])), Entry(**values))       # type: ignore[arg-type]  # looked at above
    except LogbookError:
        return None


def _is_number(name: str, value: object) -> bool:
    if value is None:
        return name != "how_many"
    return isinstance(value, int if name in WHOLE else (float, int))


def _gone(number: int) -> LogbookError:
    return LogbookError(tr("the logbook has no entry number {number}: it was taken out, or its row is spoiled",
                           number=number))


def _advice(error: Exception) -> str:
    """What helps against a fault of the book's file."""
    says = untold_reason(error)
    if "locked" in says or "busy" in says:
        return tr("another program holds it: close that, and try again")
    if "full" in says:
        return tr("make room on the disk, and try again")
    if "readonly" in says or "permission" in says or "unable to open" in says or "read-only" in says:
        return tr("it cannot be written there: give yourself the right to, and try again")
    return tr("move it to begin anew")
