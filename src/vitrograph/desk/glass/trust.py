"""How far the readings can be trusted: what each tool may be off by, and what that does at the stencil."""

from collections.abc import Callable
from functools import partial
from typing import Any

from PySide6.QtCore import QRectF, Qt
from PySide6.QtGui import QColor, QPainter

from vitrograph.core.glass import Trust
from vitrograph.core.job import FlatGlass, Job, ToolName
from vitrograph.core.language import tr
from vitrograph.core.results import Results
from vitrograph.desk.glass.page import HelperPage
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.card import Readings
from vitrograph.desk.kit.fields import LengthField
from vitrograph.desk.kit.sketch import Sketch, draw_words

_ROW = 26


class SharesSketch(Sketch):
    """A bar for each reading: what its error alone does at the art's worst corner and at the closing of a wrap."""

    def __init__(self, length: Callable[[float], str]) -> None:
        super().__init__("sharesSketch")
        self.trust: Trust | None = None
        self._length = length

    def show_trust(self, trust: Trust | None) -> None:
        """Draw another glass's shares."""
        self.trust = trust
        self.setFixedHeight(40 + _ROW * len(trust.shares) if trust else self.high)
        self.update()

    def paint(self, painter: QPainter) -> None:
        if self.trust is None or not self.trust.shares:
            draw_words(painter, QRectF(self.rect()), tr("lay some art on the glass first"))
            return
        name_wide, number_wide = self.width() * 0.34, 76.0
        room = (self.width() - name_wide - 2 * number_wide - 24) / 2
        corners, closings = ([share[2] for share in self.trust.shares], [share[3] for share in self.trust.shares])
        columns = ((corners, tr("at the corner"), name_wide + 8), (closings, tr("at the closing"),
                                                               name_wide + 16 + room + number_wide))
        for errors, title, left in columns:
            draw_words(painter, QRectF(left, 6, room + number_wide, 22), title, align=Qt.AlignmentFlag.AlignLeft)
            most = max(errors) or 1.0
            for row, (share, error) in enumerate(zip(self.trust.shares, errors, strict=True)):
                top = 34 + row * _ROW
                wide = max(1.5, room * error / most)
                painter.fillRect(QRectF(left, top + 5, wide, _ROW - 12), QColor(
                    theme.LIT_ACCENT if share[0] == self.trust.repeat else theme.LIT_QUIET))
                draw_words(painter, QRectF(left + wide + 6, top, number_wide, _ROW - 2), self._length(error),
                           theme.LIT_TEXT, Qt.AlignmentFlag.AlignLeft)
        for row, share in enumerate(self.trust.shares):
            draw_words(painter, QRectF(12, 34 + row * _ROW, name_wide - 12, _ROW - 2),
                       f"{share[0]}  ±{self._length(share[1])}", theme.LIT_TEXT, Qt.AlignmentFlag.AlignLeft)


class TrustPage(HelperPage):
    """See which reading is worth taking again."""

    name = "trust"
    title = tr("How far to trust it")
    says = (tr("What one reading of each tool may be off by is common practice: type your own. The bars show what "
               "each reading does to the stencil; the longest, in amber, is the one worth repeating with a better "
               "tool."))

    def build(self) -> None:
        self.sketch = SharesSketch(lambda mm: self.bench.length(mm, 2))
        self.errors: dict[ToolName, LengthField] = {
            "ruler": LengthField(tr("A ruler may be off by"), "ruler_error", least=0.0),
            "tape": LengthField(tr("A tape may be off by"), "tape_error", least=0.0),
            "calipers": LengthField(tr("Calipers may be off by"), "calipers_error", least=0.0)}
        self.sums = Readings()
        self.stack(self.sketch, self.sums, *self.errors.values())
        for tool, field in self.errors.items():
            field.edited.connect(partial(self._take_error, tool))

    def _take_error(self, tool: ToolName, mm: float) -> None:
        error: dict[str, Any] = {f"tools__{tool}_error": mm}
        self.bench.edit(tr("Tool's error"), **error)

    @staticmethod
    def suits(job: Job) -> bool:
        return not isinstance(job.glass, FlatGlass)

    def show_job(self, job: Job) -> None:
        for tool, field in self.errors.items():
            field.show_mm(job.tools.error_of(tool), self.bench.unit)

    def show_results(self, results: Results) -> None:
        trust = results.assessed.trust if results.assessed else None
        self.sketch.show_trust(trust)
        length = self.bench.length
        self.sums.show_rows([(tr("art's worst corner"), f"±{length(trust.corner, 2)}"),
                             (tr("closing a full wrap"), f"±{length(trust.closing, 2)}"),
                             (tr("worth measuring again"), trust.repeat)] if trust else [])
