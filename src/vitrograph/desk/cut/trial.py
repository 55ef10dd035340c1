"""A trial: the simulated cutter is sent the film that is shown, and what its blade cuts is drawn over it."""

from collections.abc import Callable
from time import monotonic
from typing import cast

from PySide6.QtCore import QTimer, Signal

from vitrograph.core.cut import SheetRun, to_hpgl
from vitrograph.core.geometry import Points
from vitrograph.core.language import tr
from vitrograph.desk.bench import Bench
from vitrograph.desk.bench.background import BackgroundTask
from vitrograph.desk.cut.keeper import CutKeeper
from vitrograph.desk.kit.fields import Column, button, label
from vitrograph.desk.kit.named import named
from vitrograph.devices.cutter import CutTrace, run_hpgl

_SHOW_SECONDS = 6.0                # how long it takes on the screen
_FRAME_MS = 33


class Trial(Column):
    """Cuts the film that `run` gives, or raises why there is none; `shown` is the one on the screen by then.

    `traced` carries the lines cut, and how far along them the blade is, mm; None where nothing is shown.
    """

    traced = Signal(object, float)

    def __init__(
        self, bench: Bench, keeper: CutKeeper, run: Callable[[], SheetRun], shown: Callable[[], SheetRun | None]
    ) -> None:
        super().__init__(gap=8)
        self.bench, self.keeper, self._wanted, self._shown = bench, keeper, run, shown
        self.says = named(label("", "quiet"), "trialSays")
        self.says.hide()
        begin = named(button(tr("Try the simulated cutter"), "accent"), "trial")
        begin.clicked.connect(self.begin)
        self.stack(begin, self.says)
        self._of: SheetRun | None = None
        self._waits = False                                    # until the film is laid out
        self._lines: tuple[Points, ...] = ()
        self._whole, self._begun = 0.0, 0.0                    # mm of it all, and when it was begun
        self._cutting = BackgroundTask(self)
        self._cutting.answered.connect(self._show)
        self._cutting.refused.connect(bench.refused)
        self._tick = QTimer(self)
        self._tick.setInterval(_FRAME_MS)
        self._tick.timeout.connect(self._advance)

    @property
    def seen(self) -> bool:
        """Whether the blade's way over the shown film was drawn."""
        return not self.says.isHidden()

    def begin(self) -> None:
        """Cut the shown film and draw it; once it is laid out."""
        self._waits = self.keeper.work is None
        if self._waits:
            self.keeper.look()
        else:
            self.bench.attempt(self._begin)

    def take_laid(self) -> None:
        """The stencils lie anew: what was drawn is of others, and what was asked for meanwhile begins."""
        self.stop()
        if self._waits:
            self._waits = False
            self.bench.attempt(self._begin)

    def _begin(self) -> None:
        self._of = run = self._wanted()
        self._cutting.ask(lambda: run_hpgl(to_hpgl(run.tips)))

    def _show(self, answer: object) -> None:
        trace = cast(CutTrace, answer)
        self._lines, self._whole, self._begun = trace.cuts, trace.cut_mm, monotonic()
        self.says.show()
        self.says.setText(tr("{n} paths, {length} cut by the simulated blade",
                             "{n} path, {length} cut by the simulated blade", n=len(trace.cuts),
                             length=self.bench.length(trace.cut_mm, 0)))
        self._tick.start()

    def stop(self) -> None:
        """Show nothing of it any more."""
        self._cutting.forget()
        self._tick.stop()
        self.says.setText("")
        self.says.hide()
        self.traced.emit(None, 0.0)

    def _advance(self) -> None:
        if self._shown() is not self._of:                      # another film was turned to
            self.stop()
            return
        share = min(1.0, (monotonic() - self._begun) / _SHOW_SECONDS)
        self.traced.emit(self._lines, self._whole * share)
        if share == 1.0:
            self._tick.stop()
