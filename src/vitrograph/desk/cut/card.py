"""The cut station: film, the blade's habits, the files, and a trial on the simulated cutter."""

from collections.abc import Callable
from pathlib import Path

import numpy as np
from PySide6.QtCore import QTimer, Signal
from PySide6.QtWidgets import QComboBox, QFileDialog, QWidget

from vitrograph.core.cut import CutPlan, to_hpgl
from vitrograph.core.export import WRITERS
from vitrograph.core.geometry import Points
from vitrograph.core.job import FilmKind, Job
from vitrograph.core.results import Results
from vitrograph.core.storing.whole import write_whole
from vitrograph.core.units import format_minutes
from vitrograph.desk.kit.card import Readings, StationCard
from vitrograph.desk.kit.fields import LengthField, SpeedField, button, in_a_row, label
from vitrograph.desk.kit.findings_list import FindingList
from vitrograph.desk.kit.named import named
from vitrograph.devices.cutter import run_hpgl

FILMS: dict[FilmKind, str] = {
    "stencil": "Stencil film: low tack, releases easily", "removable": "Removable vinyl: may lift with the tape",
    "permanent": "Permanent vinyl: grips best", "shelf": "Shelf-lining film: cheap",
}
_SHOW_SECONDS = 6.0                # how long the trial takes on the screen
_FRAME_MS = 33


class CutCard(StationCard):
    """Cut the film."""

    station = "cut"
    heading = "Cut"
    says = "Coloured side up, straight along the edge, no bubbles. Cut through the film, not the backing."
    traced = Signal(object, float)

    def build(self) -> None:
        self.film = named(QComboBox(), "film")
        self.film.setAccessibleName("Film")
        for kind, words in FILMS.items():
            self.film.addItem(words, kind)
        self.over_run = LengthField("Over-run where a path closes", "over_run", least=0.0)
        self.cut_speed = SpeedField("Cutting speed", "cut_speed")
        self.trial = button("Try it on the simulated cutter", "accent")
        self.trial.setObjectName("trial")
        self.trial_says = label("", "quiet")
        self.trial_says.setObjectName("trialSays")
        self.readings = Readings()
        self.found = FindingList(self.bench)
        self.stack(self.film, self.over_run, self.cut_speed)
        self.section("Plan")
        self.stack(self.found, self.readings, self.trial, self.trial_says)
        self.section("Write a file")
        self.stack(self._file_row(), label(
            "Lift a corner before unloading. If the film is not cut through, cut again in place. "
            "Mind the blade: fingers off the head while it moves.", "caution"))
        self.film.activated.connect(lambda index: self.bench.edit("Film", cut__film=self.film.itemData(index)))
        self.over_run.edited.connect(lambda mm: self.bench.edit("Over-run", cut__over_run=mm))
        self.cut_speed.edited.connect(lambda speed: self.bench.edit("Speed", cut__cut_speed=speed))
        self.trial.clicked.connect(self.simulate)
        self._traced: CutPlan | None = None
        self._lines: tuple[Points, ...] = ()
        self._shown = self._whole = 0.0
        self._tick = QTimer(self)
        self._tick.setInterval(_FRAME_MS)
        self._tick.timeout.connect(self._advance)

    def _file_row(self) -> QWidget:
        self.files = {}
        for kind, writer in WRITERS.items():
            if writer.station != "cut":
                continue
            made = button(writer.title)
            made.setObjectName(f"write_{kind}")
            made.clicked.connect(self._writer(kind))
            self.files[kind] = made
        return in_a_row(*self.files.values())

    def _writer(self, kind: str) -> Callable[[], None]:
        def choose() -> None:
            path, _ = QFileDialog.getSaveFileName(self, f"Write {WRITERS[kind].title}",
                                                  f"stencil{WRITERS[kind].suffix}")
            if path:
                self.write(kind, Path(path))
        return choose

    def write(self, kind: str, path: Path) -> None:
        """Write one kind of file, or say why it cannot be."""
        def write() -> None:
            write_whole(path, WRITERS[kind].write(self.bench.results.finished(), self.bench.unit))

        self.bench.attempt(write, f"written: {path.name}")

    def first_field(self) -> QWidget:
        return self.film

    def show_job(self, job: Job) -> None:
        self.film.setCurrentIndex(self.film.findData(job.cut.film))
        self.over_run.show_mm(job.cut.over_run, self.bench.unit)
        self.cut_speed.show_speed(job.cut.cut_speed, self.bench.unit)

    def show_results(self, results: Results) -> None:
        self.found.show_findings(results.findings("cut"), "")
        ready = results.complete and results.cut is not None
        for made in (self.trial, *self.files.values()):
            made.setEnabled(ready)
        if self._traced is not None and results.cut is not self._traced:    # a trial belongs to what it cut
            self._stop_trial()
        if results.cut is None:
            self.readings.show_rows([])
            return
        cut, fitted = results.cut, results.fitted
        how_many = results.job.count * (fitted.sheets if fitted else 1)
        self.readings.show_rows([
            ("paths", str(len(cut.paths))),
            ("cut", self.bench.length(cut.cut_mm, 0)),
            ("blade up", self.bench.length(cut.travel_mm, 0)),
            ("time for one", format_minutes(cut.seconds)),
            (f"time for {how_many}", format_minutes(cut.seconds * how_many)),
        ])

    def simulate(self) -> None:
        """Send the job's HP-GL to the simulated cutter and draw what it would cut."""
        self.bench.attempt(self._simulate)

    def _simulate(self) -> None:
        cut = self.bench.results.finished().cut
        self._traced = cut
        trace = run_hpgl(to_hpgl(cut.paths))
        self._lines = tuple(line - np.array(cut.offset) for line in trace.cuts)
        self._whole, self._shown = trace.cut_mm, 0.0
        length = self.bench.length(trace.cut_mm, 0)
        self.trial_says.setText(f"{len(trace.cuts)} paths, {length} cut by the simulated blade")
        self._tick.start()

    def _stop_trial(self) -> None:
        self._tick.stop()
        self._traced = None
        self.trial_says.setText("")
        self.traced.emit(None, 0.0)

    def _advance(self) -> None:
        self._shown = min(self._whole, self._shown + self._whole * _FRAME_MS / 1000 / _SHOW_SECONDS)
        self.traced.emit(self._lines, self._shown)
        if self._shown >= self._whole:
            self._tick.stop()
