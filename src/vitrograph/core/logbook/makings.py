"""What has been done of orders, kept in the logbook's file as it happens: it outlives the program and the day."""

import sqlite3
from collections.abc import Iterable, Iterator, Mapping
from contextlib import contextmanager
from datetime import date, datetime
from itertools import pairwise
from types import MappingProxyType
from typing import cast

from msgspec import Struct
from msgspec.structs import astuple

from vitrograph.core.etch import OwnTimes, broken_glasses, own_times
from vitrograph.core.job import Job
from vitrograph.core.language import tr, within
from vitrograph.core.logbook.book import Logbook
from vitrograph.core.stations import Station
from vitrograph.core.weed import pace_of
from vitrograph.core.work import Clock, Happened, Progress, Reading, StepRef, kind_of

_MAKINGS = 100                     # the latest, by which own times are told
_PAUSE_S = 900.0                   # between two ticks: longer is no step, but time away from the bench
_SLIP_S = 1.0                      # shorter is none either: ticked to look at the next, or made up for later
_STOOD = 0.1                       # a clock that ran a smaller share of its time was passed over

_AT = "making = ? AND station = ? AND piece = ? AND copy = ? AND step = ?"


class Worked(Struct, frozen=True):
    """What a piece took: minutes of hands by station, for all its copies; minutes under cream and of settling, a copy's
    mean, None where no clock of it ran. What was only clicked through took nothing, and is not told. `happened` is what
    else happened to its copies, in order; `made_at` is when the last of them was rinsed, or whatever was done last
    where none was, seconds since 1970."""

    hands: Mapping[Station, float]
    under_cream: float | None
    settled: float | None
    happened: tuple[Happened, ...] = ()
    made_at: float | None = None

    def day(self, today: date) -> date:
        """The day it was made, by the clock of the place: today, where nothing was ticked off, and never later."""
        return today if self.made_at is None else min(today, datetime.fromtimestamp(self.made_at).date())

    def broken(self, copies: int) -> int:
        """How many of so many copies broke, and were not made again since."""
        return sum(copy <= copies for _, copy in broken_glasses(self.happened))

    def noted(self, job: Job) -> tuple[str, ...]:
        """What was noted while its copies were made, a line each: troubles, what broke, what was begun again."""
        return tuple(line for one in self.happened if (line := _noted(job, one)))


NOTHING_DONE = Worked({}, None, None)


class Makings:
    """The makings of orders in a logbook. An order has one under way at most; the next begins where it was ended."""

    def __init__(self, book: Logbook) -> None:
        self.book = book
        self._open: sqlite3.Connection | None = None           # while several things are written together

    @contextmanager
    def together(self) -> Iterator[None]:
        """Write all or nothing of what is done inside, at once. Raises LogbookError."""
        with self.book.open() as book:
            self._open = book
            try:
                yield
            finally:
                self._open = None

    @contextmanager
    def _writing(self) -> Iterator[sqlite3.Connection]:
        if self._open is not None:
            yield self._open
            return
        with self.book.open() as book:
            yield book

    def progress(self, order_id: str) -> Progress:
        """What has been done in the making of an order that is under way. Raises LogbookError."""
        with self.book.open() as book:
            making = _under_way(book, order_id)
            if making is None:
                return Progress()
            done = book.execute("SELECT station, piece, copy, step, at FROM done WHERE making = ?", (making,))
            ticked = {_ref(row): row[4] for row in done}
            clocks = book.execute("SELECT station, piece, copy, step, seconds, since, spent FROM clock "
                                  "WHERE making = ?", (making,))
            kept = {_ref(row): Clock(*row[4:]) for row in clocks}
        return Progress(MappingProxyType(ticked), MappingProxyType(kept))

    def tick(self, order_id: str, ref: StepRef, now: float) -> None:
        """Note that a step is done. Raises LogbookError."""
        with self._writing() as book:
            book.execute("INSERT OR IGNORE INTO done VALUES (?, ?, ?, ?, ?, ?)", (*_key(book, order_id, ref, now), now))

    def untick(self, order_id: str, ref: StepRef, now: float) -> None:
        """Note that a step is not done after all; its clock begins anew. Raises LogbookError."""
        with self._writing() as book:
            key = _key(book, order_id, ref, now)
            for table in ("done", "clock"):
                book.execute(f"DELETE FROM {table} WHERE {_AT}", key)

    def set_clock(self, order_id: str, ref: StepRef, clock: Clock, now: float) -> None:
        """Keep how a step's clock stands. Raises LogbookError."""
        with self._writing() as book:
            book.execute("INSERT OR REPLACE INTO clock VALUES (?, ?, ?, ?, ?, ?, ?, ?)",
                         (*_key(book, order_id, ref, now), clock.seconds, clock.since, clock.spent))

    def note(self, order_id: str, happened: Happened) -> None:
        """Note something that happened. Raises LogbookError."""
        with self._writing() as book:
            making = _making(book, order_id, happened.at)
            book.execute("INSERT INTO happened (making, at, kind, piece, copy, note, number, area) "
                         "VALUES (?, ?, ?, ?, ?, ?, ?, ?)", (making, *astuple(happened)))

    def happened(self, order_id: str) -> tuple[Happened, ...]:
        """What happened in the making of an order that is under way, in order. Raises LogbookError."""
        with self.book.open() as book:
            making = _under_way(book, order_id)
            rows = book.execute("SELECT at, kind, piece, copy, note, number, area FROM happened WHERE making = ? "
                                "ORDER BY id", (making,)).fetchall()
        return tuple(Happened(*row) for row in rows)

    def coats(self) -> list[tuple[str, float, float]]:
        """Every coat that was timed, in all makings: the tool, mm² and seconds. Raises LogbookError."""
        with self.book.open() as book:
            return [(str(tool), float(area), float(seconds)) for tool, area, seconds in book.execute(
                "SELECT note, area, number FROM happened WHERE kind = 'coat' AND number > 0 AND area > 0 ORDER BY id")]

    def keep_reading(self, order_id: str, reading: Reading) -> None:
        """Keep what the computer's clocks show beside the clocks that run. Raises LogbookError."""
        with self._writing() as book:
            making = _making(book, order_id, reading.wall)
            book.execute("INSERT OR REPLACE INTO reading VALUES (?, ?, ?, ?, ?)", (making, *astuple(reading)))

    def reading(self, order_id: str) -> Reading | None:
        """What the computer's clocks showed when they were last kept; None where never. Raises LogbookError."""
        with self.book.open() as book:
            row = book.execute("SELECT wall, since_start, awake, boot FROM reading WHERE making = ?",
                               (_under_way(book, order_id),)).fetchone()
        return None if row is None else Reading(*row)

    def shift(self, order_id: str, seconds: float) -> None:
        """Put clocks and times of the making right by so much, where the computer's clock was set. Raises
        LogbookError."""
        with self._writing() as book:
            making = _under_way(book, order_id)
            for table, column in (("clock", "since"), ("done", "at"), ("happened", "at")):
                book.execute(f"UPDATE {table} SET {column} = {column} + ? WHERE making = ?", (seconds, making))

    def gaps(self, station: Station) -> list[float]:
        """The seconds between one tick and the next at a station, of one copy each, in all makings. Raises
        LogbookError."""
        with self.book.open() as book:
            rows = book.execute("SELECT making, piece, copy, at FROM done WHERE station = ? "
                                "ORDER BY making, piece, copy, at", (station,)).fetchall()
        return [after[3] - before[3] for before, after in pairwise(rows) if before[:3] == after[:3]]

    def times(self) -> dict[tuple[Station, str], list[float]]:
        """The seconds that steps took, by station and kind, in the latest makings. Raises LogbookError.

        One pair of hands: the time between two ticks is that of the step ticked last, whatever glass was before. Steps
        with a clock and pauses are left out.
        """
        with self.book.open() as book:
            late = "making > (SELECT ifnull(max(id), 0) - ? FROM making)"
            done = book.execute(f"SELECT making, station, piece, copy, step, at FROM done WHERE {late} "
                                "ORDER BY making, at, rowid", (_MAKINGS,)).fetchall()
            clocked = set(book.execute(f"SELECT making, station, piece, copy, step FROM clock WHERE {late} "
                                       "AND seconds > 0", (_MAKINGS,)))
        told: dict[tuple[Station, str], list[float]] = {}
        for before, after in pairwise(done):
            took = after[5] - before[5]
            if before[0] == after[0] and after[:5] not in clocked and took <= _PAUSE_S:
                told.setdefault((after[1], kind_of(after[4])), []).append(took)
        return told

    def own_times(self) -> OwnTimes:
        """How long this maker's hands take, by all that was ticked off. Raises LogbookError."""
        return own_times(pace_of(self.gaps("weed")), self.times())

    def worked(self, order_id: str) -> dict[int, "Worked"]:
        """What the pieces of the making under way took, by their keys. Raises LogbookError."""
        happened = self.happened(order_id)
        with self.book.open() as book:
            making = (_under_way(book, order_id),)
            done = book.execute("SELECT station, piece, copy, step, at FROM done WHERE making = ? ORDER BY at, rowid",
                                making).fetchall()
            kept = book.execute("SELECT station, piece, copy, step, seconds, since, spent FROM clock "
                                "WHERE making = ? AND seconds > 0", making).fetchall()
        ended = {_ref(row): float(row[4]) for row in done}
        clocks = {_ref(row): Clock(*row[4:]) for row in kept}
        ran = {ref: seconds for ref, clock in clocks.items()
               if ref in ended and (seconds := clock.ran(ended[ref])) >= _STOOD * clock.seconds}
        pieces = {ref.piece for ref in ended} | {one.piece for one in happened if one.piece}
        return {piece: _worked(piece, ended, ran, happened) for piece in sorted(pieces)}

    def end(self, order_id: str, now: float) -> None:
        """End the making under way: the order may be made again from the first step. Raises LogbookError."""
        with self._writing() as book:
            book.execute("UPDATE making SET ended = ? WHERE order_id = ? AND ended IS NULL", (now, order_id))

    def reopen(self, order_id: str) -> None:
        """Go on with the making that was ended last, where none was begun since. Raises LogbookError."""
        with self.book.open() as book:
            if _under_way(book, order_id) is None:
                book.execute("UPDATE making SET ended = NULL WHERE id = (SELECT id FROM making WHERE order_id = ? "
                             "ORDER BY ended DESC, id DESC LIMIT 1)", (order_id,))


def _under_way(book: sqlite3.Connection, order_id: str) -> int | None:
    row = book.execute("SELECT id FROM making WHERE order_id = ? AND ended IS NULL ORDER BY id DESC LIMIT 1",
                       (order_id,)).fetchone()
    return None if row is None else int(row[0])


def _key(book: sqlite3.Connection, order_id: str, ref: StepRef, now: float) -> tuple[int, str, int, int, str]:
    """A step's place in the tables."""
    return _making(book, order_id, now), ref.station, ref.piece, ref.copy, ref.step


def _making(book: sqlite3.Connection, order_id: str, now: float) -> int:
    """The making under way; one is begun where there is none."""
    making = _under_way(book, order_id)
    if making is None:
        making = book.execute("INSERT INTO making (order_id, begun) VALUES (?, ?)", (order_id, now)).lastrowid
    return int(making or 0)


def _worked(
    piece: int, ended: Mapping[StepRef, float], ran: Mapping[StepRef, float], happened: Iterable[Happened]
) -> Worked:
    """The time between two ticks is that of the step ticked last, by one pair of hands, whatever piece was before."""
    hands: dict[Station, float] = {}
    before: float | None = None
    for ref, at in ended.items():
        took = 0.0 if before is None or ref in ran else at - before
        before = at
        if ref.piece == piece and _SLIP_S <= took <= _PAUSE_S:
            hands[ref.station] = hands.get(ref.station, 0.0) + took / 60
    mine = {ref: at for ref, at in ended.items() if ref.piece == piece}
    rinsed = [at for ref, at in mine.items() if ref.station == "etch" and kind_of(ref.step) == "rinse"]
    return Worked(hands, _mean_minutes(piece, ran, "etch", ("rest ", "work ")),
                  _mean_minutes(piece, ran, "transfer", ("settle",)),
                  tuple(one for one in happened if one.piece == piece), max(rinsed or mine.values(), default=None))


def _noted(job: Job, one: Happened) -> str:
    """A line of the note; nothing of what only tells how the evening went."""
    lasted = f", {one.number:g} s" if one.number else ""
    says = {"broken": tr("broke"), "again": tr("begun again"),
            "trouble": within(one.note.partition(": ")[2]) + lasted}.get(one.kind, "")
    return f"{datetime.fromtimestamp(one.at):%H:%M} {job.called(one.copy)}: {says}" if says else ""


def _mean_minutes(piece: int, ran: Mapping[StepRef, float], station: Station, steps: tuple[str, ...]) -> float | None:
    """The minutes that a copy's clocks of these steps ran, on the mean; a second half's are its own half's."""
    copies: dict[tuple[int, bool], float] = {}
    for ref, seconds in ran.items():
        step = ref.step.removeprefix("second ")
        if ref.piece == piece and ref.station == station and step.startswith(steps):
            half = (ref.copy, step != ref.step)
            copies[half] = copies.get(half, 0.0) + seconds / 60
    return sum(copies.values()) / len(copies) if copies else None


def _ref(row: tuple[object, ...]) -> StepRef:
    station, piece, copy, step = row[:4]
    return StepRef(cast(Station, station), int(str(piece)), int(str(copy)), str(step))
