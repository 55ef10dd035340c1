"""The pipeline: pure stages from a Job to its results, each cached by the content it depends on.

A stage's key is the job parts it reads and the keys of the stages before it, so changing the etch school recomputes
no geometry. Work is cancelled between stages.
"""

from collections import OrderedDict
from collections.abc import Callable, Hashable, Iterator, Mapping
from dataclasses import dataclass
from functools import cached_property
from threading import Event
from typing import Any, Literal, get_args

from msgspec.structs import replace

from vitrograph.core.artwork import Art, compose
from vitrograph.core.cut import CutPlan, plan_cut
from vitrograph.core.errors import Cancelled, VitrographError
from vitrograph.core.etch import EtchPlan, plan_etch
from vitrograph.core.findings import Finding, Level, worst
from vitrograph.core.fit import FitChoices, Fitted, Laid, Room, check_fit, fit_art, lay_art, room_for
from vitrograph.core.glass import Assessment, Wall, assess, wall_of
from vitrograph.core.job import Job, StencilChoices
from vitrograph.core.stencil import Care, Sheet, build_sheet, care_for, check_stencil
from vitrograph.core.transfer import TransferPlan, plan_transfer
from vitrograph.core.weed import WeedPlan, plan_weeding

Station = Literal["glass", "artwork", "fit", "stencil", "cut", "weed", "transfer", "etch", "logbook"]
STATIONS: tuple[Station, ...] = get_args(Station)

_KEPT = 24                         # results kept for each stage, so that undo and redo cost nothing


@dataclass(frozen=True)
class Results:
    """What is known of a job so far: a field is None until its stage has an answer, and `failed` says why not.

    `failed` maps a stage to its error; stages after it are not tried.
    """

    job: Job
    wall: Wall | None = None
    assessed: Assessment | None = None
    art: Art | None = None
    laid: Laid | None = None
    fitted: Fitted | None = None
    room: Room | None = None
    sheet: Sheet | None = None
    checked: tuple[Finding, ...] | None = None
    care: Care | None = None
    considered: tuple[Finding, ...] | None = None
    cut: CutPlan | None = None
    weed: WeedPlan | None = None
    transfer: TransferPlan | None = None
    etch: EtchPlan | None = None
    failed: tuple[tuple[Station, VitrographError], ...] = ()
    complete: bool = False

    def findings(self, station: Station | None = None) -> tuple[Finding, ...]:
        """Findings of one station, or of all."""
        found: dict[Station, tuple[Finding, ...]] = {
            "glass": self.assessed.findings if self.assessed else (),
            "artwork": self.art.findings if self.art else (),
            "fit": self._fit_findings,
            "stencil": self.checked or (),
        }
        return found.get(station, ()) if station else tuple(f for group in found.values() for f in group)

    @cached_property
    def _fit_findings(self) -> tuple[Finding, ...]:
        """What the fit costs; before remedies are solved for, without them."""
        if self.considered is not None or self.fitted is None:
            return self.considered or ()
        return check_fit(self.fitted, self.job)

    def error(self, station: Station) -> VitrographError | None:
        """Why a station has no answer; None where it has one, or only waits."""
        return dict(self.failed).get(station)

    @property
    def stopped(self) -> bool:
        """Whether anything found is a stop."""
        return worst(self.findings()) is Level.STOP

    def need_all(self) -> "Results":
        """Return itself if every stage answered, else raise the error that kept one from it."""
        for _, error in self.failed:
            raise error
        return self


class Pipeline:
    """Runs the stages of a job, keeping recent results. One thread at a time."""

    def __init__(self) -> None:
        self._kept: dict[str, OrderedDict[Hashable, Any]] = {}

    def run(self, job: Job, cancel: Event | None = None) -> Results:
        """All results of a job. Raises Cancelled when `cancel` is set meanwhile."""
        *_, last = self.steps(job, cancel)
        return last

    def steps(self, job: Job, cancel: Event | None = None) -> Iterator[Results]:
        """Yield growing results, one stage at a time; the last is complete. Raises Cancelled."""
        def going() -> None:
            if cancel is not None and cancel.is_set():
                raise Cancelled("a newer change outdates this work")

        known: dict[str, Any] = {}
        failed: list[tuple[Station, VitrographError]] = []
        keys: dict[str, Hashable] = {}
        for stage in _STAGES:
            going()
            if any(need not in known for need in stage.needs):
                continue
            used = (*stage.needs, *(wish for wish in stage.wishes if wish in known))
            keys[stage.gives] = (stage.reads(job), *(keys[name] for name in used))
            try:
                known[stage.gives] = self._cached(stage, keys[stage.gives], job, known, going)
            except Cancelled:
                raise
            except VitrographError as error:
                failed.append((stage.station, error))
            yield Results(job, **known, failed=tuple(failed))
        yield Results(job, **known, failed=tuple(failed), complete=True)

    def _cached(
        self, stage: "_Stage", key: Hashable, job: Job, known: Mapping[str, Any], going: Callable[[], None]
    ) -> Any:
        kept = self._kept.setdefault(stage.gives, OrderedDict())
        if key not in kept:
            kept[key] = stage.work(job, known, going)
            while len(kept) > _KEPT:
                kept.popitem(last=False)
        kept.move_to_end(key)
        return kept[key]


@dataclass(frozen=True, slots=True)
class _Stage:
    """One stage: the result it gives, its station, the results it needs, the job parts it reads, and its work.

    Work that takes long asks now and then whether it is still wanted: the function it is given raises Cancelled.
    `wishes` are results it uses where there are any, and does without where there are none.
    """

    gives: str
    station: Station
    needs: tuple[str, ...]
    reads: Callable[[Job], Hashable]
    work: Callable[[Job, Mapping[str, Any], Callable[[], None]], Any]
    wishes: tuple[str, ...] = ()


def _patch_choices(job: Job) -> tuple[float, ...]:
    return (job.stencil.least_border, job.stencil.reading_angle, job.stencil.viewing_mm)


def _art_on(fitted: Fitted | None) -> tuple[float, float, float] | None:
    """Width, height and middle of the art on the glass."""
    return None if fitted is None else (*fitted.size, fitted.lay.s0)


def _frosted(sheet: Sheet) -> float:
    """What is etched on one piece of glass, mm²."""
    return float(sheet.frosted.area) * sheet.fitted.sheets


def _cutting_choices(job: Job) -> Hashable:
    """What of the stencil's choices its shape depends on: not the limits, which it is only held to."""
    plain = StencilChoices()
    limits = {name: getattr(plain, name) for name in ("least_web", "least_opening", "least_island")}
    free = limits if job.stencil.ties.placed == "none" else {}             # what ties leave beside them keeps to these
    choices = replace(job.stencil, seal=plain.seal, guard=plain.guard, tape_width=plain.tape_width, **free)
    return choices, job.name if job.stencil.marks != "none" else ""


def _way_of_laying(job: Job) -> Hashable:
    """A fit without what only says where round the glass it stands, or which face: the films do not depend on that.

    Where the rim is not level they do.
    """
    if job.features.rim_rise:
        return job.fit, job.features
    return replace(job.fit, stand="angle", hand="right", angle=0.0, across=0.0, face="outside")


_STAGES: tuple[_Stage, ...] = (
    _Stage("wall", "glass", (), lambda job: job.glass, lambda job, known, going: wall_of(job.glass)),
    _Stage("art", "artwork", (), lambda job: job.artwork, lambda job, known, going: compose(job.artwork)),
    _Stage("laid", "fit", ("wall", "art"), lambda job: (_way_of_laying(job), FitChoices.of(job)),
           lambda job, known, going: lay_art(known["art"], known["wall"], job.fit, FitChoices.of(job), job.features)),
    _Stage("fitted", "fit", ("wall", "art", "laid"), lambda job: (job.fit, job.features),
           lambda job, known, going: fit_art(known["art"], known["wall"], job.fit, job.features, known["laid"])),
    _Stage("room", "fit", ("fitted",), lambda job: (job.fit, job.features, _patch_choices(job)),
           lambda job, known, going: room_for(known["fitted"], job)),
    _Stage("assessed", "glass", ("wall",),
           lambda job: (job.glass, job.features, job.pieces, job.material, job.tools, *_patch_choices(job)),
           lambda job, known, going: assess(known["wall"], job, _art_on(known.get("fitted"))), wishes=("fitted",)),
    _Stage("sheet", "stencil", ("fitted",), _cutting_choices,
           lambda job, known, going: build_sheet(known["fitted"], job.stencil, job.name)),
    _Stage("cut", "cut", ("sheet",), lambda job: job.cut, lambda job, known, going: plan_cut(known["sheet"], job.cut)),
    _Stage("weed", "weed", ("sheet",), lambda job: None, lambda job, known, going: plan_weeding(known["sheet"])),
    _Stage("etch", "etch", ("sheet",), lambda job: (job.etch, job.how_many, job.material, job.stencil.kind),
           lambda job, known, going: plan_etch(_frosted(known["sheet"]), job)),
    # the checks come last: they take longest, and only the tape waits for them
    _Stage("checked", "stencil", ("sheet",), lambda job: (job.stencil, job.fit, job.cut, job.features),
           lambda job, known, going: check_stencil(known["sheet"], job)),
    _Stage("care", "stencil", ("sheet",), lambda job: (job.stencil, job.fit, job.cut.film),
           lambda job, known, going: care_for(known["sheet"], job)),
    _Stage("transfer", "transfer", ("sheet", "care"), lambda job: job.transfer,
           lambda job, known, going: plan_transfer(known["sheet"], job, one_piece=known["care"].proof.one_piece)),
    _Stage("considered", "fit", ("art", "fitted", "assessed"), lambda job: (job.fit, FitChoices.of(job), job.cut.film,
                                                                            job.artwork, job.features),
           lambda job, known, going: check_fit(known["fitted"], job, known["art"], known["assessed"].trust.closing,
                                                    going)),
)
