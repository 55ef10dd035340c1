"""What is known of a job and of an order so far, and the finished work that only a complete run can make."""

from collections.abc import Hashable, Iterable, Mapping, Sequence
from datetime import date
from functools import cached_property
from typing import Self

from msgspec import Struct, field
from msgspec.structs import fields, replace

from vitrograph.core.artwork import Art, gone_nowhere
from vitrograph.core.cut import Bed, CutPlan, CutWork, Packer, Wanted, bed_of, cut_on, cut_work, parts_of
from vitrograph.core.errors import JobError, UnfinishedError, VitrographError
from vitrograph.core.etch import EtchPlan, EtchTally, EveningPlan, OwnTimes, WorkOfPiece, evening_of, tally_etch
from vitrograph.core.findings import Finding, Level, worst, worst_of
from vitrograph.core.fit import FitCheckInput, Fitted, MappedArt, Room, check_fit
from vitrograph.core.glass import Assessment, Wall
from vitrograph.core.job import Job, Lying, Order
from vitrograph.core.language import tr
from vitrograph.core.says import Says
from vitrograph.core.stage_table import STAGES
from vitrograph.core.stations import STATIONS, Station
from vitrograph.core.stencil import Demands, Sheet
from vitrograph.core.transfer import TransferPlan
from vitrograph.core.units import Unit
from vitrograph.core.weed import WeedPlan

_NOT_YET = tr("this is still being worked out: wait until every station has its answer")


class Results(Struct, frozen=True, dict=True):
    """What is known of a job so far: a field is None until its stage has an answer, and `failed` says why not.

    `failed` tells stations and their errors; stages after them are not tried. `given` are the choices each stage was
    given.
    """

    job: Job
    wall: Wall | None = None
    assessed: Assessment | None = None
    art: Art | None = None
    mapped: MappedArt | None = None
    fitted: Fitted | None = None
    room: Room | None = None
    sheet: Sheet | None = None
    stencil_findings: tuple[Finding, ...] | None = None
    demands: Demands | None = None
    fit_findings: tuple[Finding, ...] | None = None
    cut: CutPlan | None = None
    weed: WeedPlan | None = None
    transfer: TransferPlan | None = None
    etch: EtchPlan | None = None
    failed: tuple[tuple[Station, VitrographError], ...] = ()
    complete: bool = False
    given: Mapping[str, Hashable] = field(default_factory=dict)

    @property
    def stencils(self) -> int:
        """How many stencils are cut for all that is made of it, each of its films one; 0 where that is not known."""
        if self.fitted is None or self.sheet is None:
            return 0
        return self.job.count * self.fitted.sheets * len(self.sheet.outlines)

    def findings(self, station: Station | None = None) -> tuple[Finding, ...]:
        """Findings of one station, or of all in the order of the work."""
        if station is None:
            return tuple(found for name in STATIONS for found in self.findings(name))
        if station == "fit":
            return self._fit_findings
        if station == "artwork":
            return self._art_findings
        if station == "stencil":
            return self.stencil_findings or ()
        answer = {"glass": self.assessed, "cut": self.cut, "weed": self.weed,
                  "transfer": self.transfer, "etch": self.etch}.get(station)
        return () if answer is None else answer.findings

    @cached_property
    def _art_findings(self) -> tuple[Finding, ...]:
        return () if self.art is None else (*gone_nowhere(self.job.row, self.job.artwork), *self.art.findings)

    @cached_property
    def _fit_findings(self) -> tuple[Finding, ...]:
        """What the fit costs; before remedies are solved for, without them."""
        if self.fit_findings is not None or self.fitted is None:
            return self.fit_findings or ()
        return check_fit(FitCheckInput.of(self.job), self.fitted)

    def error(self, station: Station) -> VitrographError | None:
        """Why a station has no answer; None where it has one, or only waits."""
        return dict(self.failed).get(station)

    @cached_property
    def worst_at(self) -> dict[Station, Level | None]:
        """The worst that was found at each station."""
        return {station: worst(self.findings(station)) for station in STATIONS}

    @property
    def worst(self) -> Level | None:
        """The worst that was found."""
        return worst_of(self.worst_at.values())

    @property
    def stopped(self) -> bool:
        """Whether anything found is a stop."""
        return self.worst is Level.STOP

    def finished(self) -> "FinishedPiece":
        """These results as finished work.

        Raises the error that kept a stage from its answer, or UnfinishedError where they are not a complete run of this
        very job.
        """
        return FinishedPiece.of(self)


class FinishedPiece(Struct, frozen=True):
    """A complete run of one job, without failure. Made by `Results.finished` alone."""

    job: Job
    wall: Wall
    assessed: Assessment
    art: Art
    fitted: Fitted
    room: Room
    sheet: Sheet
    demands: Demands
    cut: CutPlan
    weed: WeedPlan
    transfer: TransferPlan
    etch: EtchPlan
    results: Results

    @classmethod
    def of(cls, results: Results) -> Self:
        """See `Results.finished`."""
        for _, error in results.failed:
            raise error
        if not results.complete or not _of_this_job(results):
            raise UnfinishedError(_NOT_YET)
        return cls(**{one.name: getattr(results, one.name) for one in fields(cls) if one.name != "results"},
                   results=results)

    def findings(self, station: Station | None = None) -> tuple[Finding, ...]:
        """Findings of one station, or of all."""
        return self.results.findings(station)

    @property
    def sheets(self) -> int:
        """How often its film is cut for all that is made of it; one in bands is cut as a whole."""
        return self.job.count * self.fitted.sheets


def _of_this_job(results: Results) -> bool:
    """Whether every stage was given the choices of this very job."""
    return dict(results.given) == {stage.gives: stage.reads(results.job) for stage in STAGES}


class OrderResults(Struct, frozen=True):
    """What is known of an order so far: results for each of its jobs, in their order (a row of names is a job).

    `old` are the numbers of those that are of a job as it was before.
    """

    order: Order
    pieces: tuple[Results, ...]
    old: frozenset[int] = frozenset()

    @classmethod
    def begun(cls, order: Order) -> Self:
        """Nothing known yet."""
        return cls(order, tuple(Results(job) for job in order.jobs))

    def with_piece(self, at: int, results: Results) -> Self:
        """With newer results of one piece."""
        return replace(self, pieces=(*self.pieces[:at], results, *self.pieces[at + 1:]))

    def carried_to(self, order: Order, newer: "OrderResults | None" = None) -> Self:
        """What is known of an order: what is newer, and where that says nothing yet, what was known of that job before.

        Until that is worked out anew the order is not complete.
        """
        known = {results.job.key: results for results in self.pieces}
        pieces, old = [], set()
        for at, results in enumerate((newer or OrderResults.begun(order)).pieces):
            before = known.get(results.job.key, results)
            fresh = bool(results.given or results.failed)
            pieces.append(results if fresh else before)
            old |= {at} if not fresh and before.job != results.job else set()
        return replace(self, order=order, pieces=tuple(pieces), old=frozenset(old))

    @property
    def done(self) -> int:
        """How many stages of all pieces are worked out, or have failed."""
        return sum(len(piece.given) + len(piece.failed) for piece in self.pieces)

    @property
    def complete(self) -> bool:
        """Whether every piece has all the results it can have."""
        return not self.old and all(piece.complete for piece in self.pieces)

    @property
    def stopped(self) -> bool:
        """Whether anything found is a stop."""
        return any(piece.stopped for piece in self.pieces)

    def worst_at(self, station: Station) -> Level | None:
        """The worst that was found at a station, about any piece."""
        return worst_of(piece.worst_at[station] for piece in self.pieces)

    def findings(self, station: Station) -> tuple[Finding, ...]:
        """What was found at a station, piece after piece."""
        return tuple(found for piece in self.pieces for found in piece.findings(station))

    @property
    def usable(self) -> bool:
        """Whether all is worked out, and there is a piece that can be made."""
        return self.complete and not all(piece.failed for piece in self.pieces)

    def finished(self) -> "FinishedOrder":
        """Those of its pieces that can be finished; one name without a letter must not hold up all the others.

        Raises why the first cannot where none can, naming the piece where there are several, and UnfinishedError while
        any is still being worked out.
        """
        if not self.complete:
            raise UnfinishedError(_NOT_YET)
        pieces, lacking = [], []
        for results in self.pieces:
            if results.failed:
                _, error = results.failed[0]
                lacking.append(error if len(self.pieces) == 1 else type(error)(
                    Says("{name}: {says}", name=results.job.name, says=error.says)))
            else:
                pieces.append(results.finished())
        if not pieces:
            raise lacking[0]
        return FinishedOrder(self.order, tuple(pieces), tuple(lacking))


def _only_one(found: Sequence[FinishedPiece], what: str) -> FinishedPiece:
    """The one piece there is of something. Raises JobError, naming them, where there are several."""
    if len(found) == 1:
        return found[0]
    names = ", ".join(piece.job.name for piece in found[:6])
    raise JobError(tr("{what} has {many} designs: name the one that is meant, as {names}", what=what,
                      many=len(found), names=names))


def _wanted(pieces: Iterable[FinishedPiece]) -> list[Wanted]:
    return [Wanted(piece.job.key, piece.job.name, piece.sheets, piece.sheet) for piece in pieces]


class FinishedOrder(Struct, frozen=True, dict=True):
    """A complete run of an order: its pieces without failure, and why each of the others is `lacking`.

    Made by `OrderResults.finished` alone.
    """

    order: Order
    pieces: tuple[FinishedPiece, ...]
    lacking: tuple[VitrographError, ...] = ()
    own: OwnTimes = OwnTimes()

    def by(self, own: OwnTimes) -> "FinishedOrder":
        """It made by hands that take so long."""
        return replace(self, own=own)

    @property
    def stopped(self) -> bool:
        """Whether anything found is a stop."""
        together = any(found.level is Level.STOP for found in self.cut.findings)
        return together or any(piece.results.stopped for piece in self.pieces)

    def called(self, name: str) -> tuple[FinishedPiece, ...]:
        """What is made of a piece, by its name or number: all its rows, or one by the name of that. Raises JobError."""
        row = tuple(one for one in self.pieces if one.job.name == name)
        if row:
            return row
        wanted = self.order.piece_named(name)
        found = tuple(one for one, (at, _) in zip(self.pieces, self.places, strict=True) if at == wanted)
        if not found:
            raise JobError(tr("{name} is left out, for want of a stencil: 'check' says why", name=name))
        return found

    def one_called(self, name: str) -> FinishedPiece:
        """The one thing that is made of a piece, or of one of its rows, by its name. Raises JobError."""
        return _only_one(self.called(name), tr("'{name}'", name=name[:40]))

    @property
    def only_piece(self) -> FinishedPiece:
        """What it is made of where that is but one thing. Raises JobError."""
        return _only_one(self.pieces, tr("this order"))

    @cached_property
    def places(self) -> tuple[tuple[int, int], ...]:
        """Of each of its pieces the number of the order's piece, and of its row."""
        at = {job.key: place for job, place in zip(self.order.jobs, self.order.places, strict=True)}
        return tuple(at[piece.job.key] for piece in self.pieces)

    def says_lacking(self, unit: Unit) -> str:
        """What is left out, and why; nothing where all is made."""
        all_of_it = "; ".join(error.words(unit) for error in self.lacking)
        return tr("left out, for want of a stencil: {all}", all=all_of_it) if self.lacking else ""

    def only(self, pieces: Sequence[FinishedPiece]) -> "FinishedOrder":
        """It with some of its pieces alone."""
        return self if len(pieces) == len(self.pieces) else replace(self, pieces=tuple(pieces))

    @cached_property
    def bed(self) -> Bed:
        """All of it laid on film."""
        return bed_of(parts_of(_wanted(self.pieces)), self.order.cut)

    @cached_property
    def cut(self) -> CutWork:
        """The cutting of all of it, laid on film."""
        return cut_on(self.bed, _wanted(self.pieces), self.order.cut)

    def cut_of(self, pieces: Iterable[FinishedPiece]) -> CutWork:
        """The cutting of some of its pieces, as if there were no others."""
        return cut_work(_wanted(pieces), self.order.cut)

    def again(self, key: int, film: int | None = None) -> CutWork:
        """The cutting of one stencil of a job once more, by itself: of one of its films, or of all."""
        piece = next(one for one in self.pieces if one.job.key == key)
        films = None if film is None else (film,)
        choices = replace(self.order.cut, laid=())
        return cut_work([Wanted(key, piece.job.name, 1, piece.sheet, films)], choices)

    def nested(self, pack: Packer) -> tuple[Lying, ...]:
        """Places for all its stencils as a packer lays them, about those that are pinned."""
        pinned = tuple(one for one in self.order.cut.laid if one.pinned)
        choices = replace(self.order.cut, laid=pinned)
        return bed_of(parts_of(_wanted(self.pieces)), choices, pack=pack).lying()

    @cached_property
    def evening(self) -> EveningPlan:
        """The evening of all of it, from its beginning. Raises VitrographError where it is too much for one."""
        pieces = [WorkOfPiece(one.job, one.fitted, one.weed, one.transfer, one.etch, self.own) for one in self.pieces]
        return evening_of(pieces, self.order.etch, date.today())

    @cached_property
    def etch(self) -> EtchTally:
        """The etching of all of it."""
        return tally_etch((piece.etch, piece.job.count) for piece in self.pieces)
