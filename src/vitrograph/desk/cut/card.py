"""The cut station: film and blade, how all stencils lie, the files, and a trial on the simulated cutter."""

from collections.abc import Callable
from functools import partial
from pathlib import Path

from PySide6.QtWidgets import QWidget

from vitrograph.core.cut import SheetRun
from vitrograph.core.errors import UnfinishedError
from vitrograph.core.export import SHEET_WRITERS, WRITERS, numbered, write_numbered
from vitrograph.core.findings import Level
from vitrograph.core.job import FilmKind, Job, Lying
from vitrograph.core.language import capital, decimals, tr
from vitrograph.core.results import Results
from vitrograph.core.storing.whole import names_of
from vitrograph.core.units import format_minutes
from vitrograph.desk.bench.file_task import FileTask
from vitrograph.desk.cut.driving import Driving
from vitrograph.desk.cut.keeper import CutKeeper
from vitrograph.desk.cut.stock_panel import StockPanel
from vitrograph.desk.cut.trial import Trial
from vitrograph.desk.kit.ask_bar import Answer, AskBar
from vitrograph.desk.kit.card import Readings, StationCard
from vitrograph.desk.kit.fields import LengthField, NumberField, SpeedField, button, chooser, drop_down, in_a_row, label
from vitrograph.desk.kit.findings_list import FindingList
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.saving import ask_place
from vitrograph.desk.kit.wrapping import Tick

FILMS: dict[FilmKind, str] = {
    "stencil": tr("Stencil film: low tack, releases easily"),
    "removable": tr("Removable vinyl: may lift with the tape"),
    "permanent": tr("Permanent vinyl: grips best"), "shelf": tr("Shelf-lining film: cheap"),
}
_ORDERS = {"piece": tr("Stencil after stencil"), "free": tr("All of the film by the shortest way")}
_NEST_SECONDS = 10.0


class CutCard(StationCard):
    """Cut the film."""

    station = "cut"
    heading = tr("Cut")
    says = tr("Coloured side up, straight along the edge, no bubbles. Cut through the film, not the backing.")

    def build(self) -> None:
        self.keeper, self.writing = CutKeeper(self.bench, self), FileTask(self.bench, self)
        self.writing.answered.connect(lambda sentence: self.bench.told.emit(str(sentence)))
        self.number: Callable[[], int] = lambda: 0             # of the film that is shown
        self._build_fields()
        self.nest = button(tr("Nest closer"), tip=tr("looks {seconds:.0f} s for a way to lay them on less film",
                                                     seconds=_NEST_SECONDS))
        self.nest.setObjectName("nestCloser")
        self.anew = button(tr("Lay out anew"), tip=tr("forget the places chosen by hand and by nesting"))
        self.anew.setObjectName("layAnew")
        self.nest_says = named(label("", "quiet"), "nestSays")
        self.trial = Trial(self.bench, self.keeper, self._run, lambda: self._shown)
        self.readings = Readings()
        self.lacking = named(label("", "error"), "cutLacking")
        self.found = FindingList(self.bench)
        self.before, self.next = (named(button(words), name) for words, name in (
            (tr("Film before"), "filmBefore"), (tr("Next film"), "nextFilm")))
        self.turning = in_a_row(self.before, self.next)
        self.stack(self.lacking, self.found, self.readings, self.turning, in_a_row(self.nest, self.anew),
                   self.nest_says, self.trial)
        for quiet in (self.lacking, self.nest_says, self.turning):
            quiet.hide()
        self.section(tr("Film and blade"))
        self.stack(self.film, self.gap, self.order, self.over_run, self.offset, self.leads, self.passes, self.boxes,
                   self.parted,
                   self.cut_speed)
        self.section(tr("Film and mat"))
        self.stock = StockPanel(self.bench, lambda: self.workshop)
        self.stack(self.stock)
        self.section(tr("Write files"))
        self.stack(self._file_rows(), label(
            tr("Lift a corner before unloading. If the film is not cut through, cut again in place. Mind the blade: "
               "fingers off the head while it moves."), "caution"))
        self.section(tr("Drive the cutter"))
        self.driving = Driving(self.bench)
        self.stack(self.driving)
        self._connect()

    def _build_fields(self) -> None:
        self.film = drop_down("film", tr("Film"))
        for kind, words in FILMS.items():
            self.film.addItem(words, kind)
        self.gap = LengthField(tr("Film between two stencils"), "gap", least=0.0)
        self.order = chooser("cutOrder", tr("Order of cutting"), _ORDERS)
        self.over_run = LengthField(tr("Over-run where a path closes"), "over_run", least=0.0)
        self.offset = LengthField(tr("The blade's tip trails by"), "offset", least=0.0)
        self.leads = named(Tick(tr("The cutter leads its blade itself")), "leadsItself")
        self.passes = NumberField(tr("Times over each line"), "passes", suffix="", whole=True)
        self.boxes = named(Tick(tr("Cut a line round each, to part them by")), "boxes")
        self.parted = named(Tick(tr("Cut the surplus round each into parts")), "partedSurplus")
        self.cut_speed = SpeedField(tr("Cutting speed"), "cut_speed")

    def _connect(self) -> None:
        bench = self.bench
        self.film.activated.connect(lambda index: bench.edit(tr("Film"), cut__film=self.film.itemData(index)))
        self.gap.edited.connect(lambda mm: bench.edit(tr("Film between stencils"), cut__gap=mm))
        self.order.activated.connect(
            lambda _index: bench.edit(tr("Order of cutting"), cut__by_piece=self.order.currentData() == "piece"))
        self.over_run.edited.connect(lambda mm: bench.edit(tr("Over-run"), cut__over_run=mm))
        self.offset.edited.connect(lambda mm: bench.edit(tr("The blade's offset"), cut__offset=mm))
        self.leads.clicked.connect(lambda on: bench.edit(tr("Who leads the blade"), cut__leads_itself=on))
        self.passes.edited.connect(lambda many: bench.edit(tr("Passes"), cut__passes=round(many)))
        self.boxes.clicked.connect(lambda on: bench.edit(tr("Lines to part by"), cut__boxes=on))
        self.parted.clicked.connect(lambda on: bench.edit(tr("Parts of the surplus"), cut__parted=on))
        self.cut_speed.edited.connect(lambda speed: bench.edit(tr("Speed"), cut__cut_speed=speed))
        self.nest.clicked.connect(self._nest)
        self.anew.clicked.connect(lambda: bench.edit(tr("Lay out anew"), cut__laid=()))
        self.driving.wanted.connect(lambda: self.bench.attempt(self._cut))
        self.driving.rest.clicked.connect(
            lambda: self.bench.attempt(lambda: self.driving.keep_left_over(self._run(), self.number())))
        self.driving.asks.connect(self.asks)
        self.keeper.laid.connect(self._take_work)
        self.keeper.shorter.connect(
            lambda mm: self._say_nesting(tr("looking for less: {length} of this film by now",
                                            length=self.bench.length(mm, 0))))
        self.keeper.nested.connect(self._take_nested)

    def _file_rows(self) -> QWidget:
        self.files = {}
        for kind, title in {**{kind: one.title for kind, one in SHEET_WRITERS.items()}, "pdf": "PDF"}.items():
            made = button(title, tip=tr("this piece on paper") if kind == "pdf" else tr("each film a file"))
            made.setObjectName(f"write_{kind}")
            made.clicked.connect(self._writer(kind, title))
            self.files[kind] = made
        return in_a_row(*self.files.values())

    def _writer(self, kind: str, title: str) -> Callable[[], None]:
        suffix = (SHEET_WRITERS.get(kind) or WRITERS[kind]).suffix

        def choose() -> None:
            path = ask_place(self, tr("Write {title}", title=title), f"{title} (*{suffix})", f"cut{suffix}",
                             written=partial(self._written, kind))
            if path is not None:
                self.write(kind, path)
        return choose

    def _written(self, kind: str, path: Path) -> list[Path]:
        """The files that are written where one is asked for: of films each its own."""
        films = len(self.keeper.work.runs) if kind in SHEET_WRITERS and self.keeper.work is not None else 1
        return numbered(path, films)

    def write(self, kind: str, path: Path) -> None:
        """Write one kind of file in the background, or say why it cannot be: of the piece in hand, or for each film."""
        def prepare() -> Callable[[], str]:
            contents = self._contents(kind)

            def write() -> str:
                return tr("written: {name}", name=names_of(write_numbered(path, contents())))

            return write

        self.writing.begin(prepare, tr("writing {name}", name=path.name))

    def _contents(self, kind: str) -> Callable[[], list[bytes]]:
        """What makes the files' contents of the order as it is now. Raises VitrographError where that is not known."""
        unit, name = self.bench.unit, self.bench.order.name
        if kind in WRITERS:
            piece = self.bench.results.finished()
            return lambda: [WRITERS[kind].write(piece, unit)]
        if self.keeper.work is not None:
            runs = self.keeper.work.runs
            return lambda: [SHEET_WRITERS[kind].write(run, name) for run in runs]
        done = self.bench.order_results.finished()
        return lambda: [SHEET_WRITERS[kind].write(run, name) for run in done.cut.runs]

    def first_field(self) -> QWidget:
        return self.nest

    def show_job(self, job: Job) -> None:
        cut, unit = job.cut, self.bench.unit
        self.film.setCurrentIndex(self.film.findData(cut.film))
        self.order.setCurrentIndex(self.order.findData("piece" if cut.by_piece else "free"))
        for field, mm in ((self.gap, cut.gap), (self.over_run, cut.over_run), (self.offset, cut.offset)):
            field.show_mm(mm, unit)
        self.offset.setEnabled(not cut.leads_itself)
        self.leads.setChecked(cut.leads_itself)
        self.boxes.setChecked(cut.boxes)
        self.parted.setChecked(cut.parted)
        self.passes.show_number(cut.passes)
        self.cut_speed.show_speed(cut.cut_speed, unit)
        self.anew.setEnabled(bool(cut.laid))
        self.stock.show_job(job)

    def show_results(self, results: Results) -> None:
        self._show_found(results)
        if not self.bench.order_results.complete:
            self.trial.stop()
        self._set_ready()

    def _show_found(self, results: Results) -> None:
        together = self.keeper.work.findings if self.keeper.work is not None else ()
        self.found.show_findings((*together, *results.findings("cut")), "")

    def _set_ready(self) -> None:
        ready = self.keeper.work is not None and self.bench.order_results.complete
        for made in (self.trial, self.nest, *self.files.values()):
            made.setEnabled(ready)

    def _take_work(self) -> None:
        """Tell how all of it lies, and what it takes."""
        work, length = self.keeper.work, self.bench.length
        self.trial.take_laid()
        self._set_ready()
        self._show_found(self.bench.results)
        self.lacking.setText(capital(self.keeper.says))
        self.lacking.setVisible(bool(self.keeper.says) and work is not None)
        if work is None:
            self.readings.show_rows([])
            return
        sheets = work.bed.sheets
        self.turning.setVisible(len(sheets) > 1)
        rows = [(tr("stencils"), str(work.stencils)), (tr("films"), str(len(sheets))),
                (tr("film used"), length(work.bed.used_mm, 0)),
                (tr("left over"), length(sum(s.left_over for s in sheets), 0))]
        if work.bed.cost > 0:
            rows.append((tr("film costs"), decimals(f"{work.bed.cost:.2f}")))
        self.readings.show_rows([
            *rows, (tr("paths"), str(work.paths)), (tr("cut", "a length"), length(work.cut_mm, 0)),
            (tr("blade up"), length(work.travel_mm, 0)),
            (tr("time"), format_minutes(work.seconds))])

    # -- nesting -------------------------------------------------------------------------------------------------

    def _nest(self) -> None:
        if self.keeper.nesting:
            self.keeper.stop()
            return
        self.bench.attempt(lambda: self.keeper.nest(_NEST_SECONDS))
        if self.keeper.nesting:
            self.nest.setText(tr("Stop"))
            self._say_nesting(tr("looking for less film, {seconds:.0f} s for each", seconds=_NEST_SECONDS))

    def _say_nesting(self, words: str) -> None:
        self.nest_says.setText(words)
        self.nest_says.show()

    def _take_nested(self, laid: tuple[Lying, ...]) -> None:
        self.nest.setText(tr("Nest closer"))
        work = self.keeper.work
        if not laid or work is None:
            self._say_nesting(tr("stopped: the stencils lie as before"))
            return
        before = work.bed.used_mm
        self.bench.edit(tr("Nest closer"), cut__laid=laid)
        self._say_nesting(tr("before: {length} of film", length=self.bench.length(before, 0)))

    # -- the film that is shown ----------------------------------------------------------------------------------

    def _run(self) -> SheetRun:
        """The film that is shown. Raises UnfinishedError where it is not laid out yet."""
        known, run = self.bench.order_results.complete, self._shown
        if run is None or not known:
            raise UnfinishedError((known and self.keeper.says) or tr(
                "the stencils are still being laid out: wait until they lie on the film"))
        return run

    @property
    def _shown(self) -> SheetRun | None:
        """The film that is shown, as it was laid out last."""
        runs = self.keeper.work.runs if self.keeper.work is not None else ()
        return runs[min(self.number(), len(runs) - 1)] if runs else None

    def _cut(self) -> None:
        """Cut the film that is shown; what speaks against that is told first, and film cut only if that is wanted."""
        run = self._run()
        question = self._against(run)
        if question is None or self.driving.busy:
            self.driving.drive(run)
            return
        self.asks.emit(AskBar(question, (
            Answer("stay", tr("Leave it uncut"), lambda: None),
            Answer("cutAnyway", tr("Cut it all the same"),
                   lambda: self.bench.attempt(lambda: self.driving.drive(self._run()))))))

    def _against(self, run: SheetRun) -> str | None:
        """Why a film is not to be cut as it lies: the first stop found of what is on it, or that nothing holds it."""
        stop = self._stop_on(run)
        if stop is not None:
            return tr("{found}: that is to be mended before film is cut.", found=capital(stop))
        lacking = run.sheet.says_lacking
        return None if lacking is None else tr("{lacking}. Cut it only if your cutter takes film so large.",
                                               lacking=capital(self.bench.words(lacking)))

    def _stop_on(self, run: SheetRun) -> str | None:
        """The first stop that was found of what lies on a film; None where there is none."""
        on_it = {one.part.key for one in run.sheet.laid}
        pieces = self.bench.order_results.pieces
        for piece in (one for one in pieces if one.job.key in on_it):
            for found in piece.findings():
                if found.level is Level.STOP:
                    says = self.bench.words(found.says)
                    return f"{piece.job.name}: {says}" if len(pieces) > 1 else says
        return None
