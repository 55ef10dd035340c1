"""The strain picture: where pressing the film on would squeeze it or stretch it, over the sheet."""

import numpy as np
import shapely
from msgspec import Struct
from PySide6.QtCore import QRectF, Qt
from PySide6.QtGui import QBrush, QColor, QPainter, QPainterPath, QPen
from shapely.geometry.base import BaseGeometry

from vitrograph.core.fit import Fitted
from vitrograph.core.language import decimals, tr
from vitrograph.core.results import Results
from vitrograph.desk.bench.painter_paths import path_of_points
from vitrograph.desk.kit import theme
from vitrograph.desk.views.overlay import FrontOverlay
from vitrograph.desk.views.sheet_view import SheetView

_STEPS = (0.5, 1.0, 2.0)           # of what the film takes: where a deeper tone begins
_ALPHAS = (0.16, 0.34, 0.60)
_LEGEND_SHARE = 0.18               # of the films' height
_TONES = {"squeezed": "#6C4A94", "stretched": "#A3561B"}
_HATCHES = {"squeezed": Qt.BrushStyle.FDiagPattern, "stretched": Qt.BrushStyle.BDiagPattern}


class _Patch(Struct, frozen=True):
    """Triangles on the sheet where the film does the same to the same degree."""

    does: str
    step: int
    path: QPainterPath


class StrainOverlay(FrontOverlay):
    """The fit station's: the strain with its legend, what is kept clear, and where the front is."""

    def __init__(self) -> None:
        self._of: tuple[object, float] = (None, 0.0)
        self._patches: list[_Patch] = []

    def region(self, results: Results) -> BaseGeometry | None:
        """The films, with room below them for the legend."""
        if results.sheet is None or not results.sheet.fitted.curved:
            return None
        left, low, right, high = results.sheet.outline.bounds
        return shapely.box(left, low - _LEGEND_SHARE * (high - low), right, high)

    def paint(self, painter: QPainter, view: SheetView) -> None:
        fitted = view.results.fitted
        if fitted is not None and fitted.curved:
            limit = view.results.job.fit.limit(view.results.job.cut.film)
            if self._of[0] is not fitted or self._of[1] != limit:
                self._of, self._patches = (fitted, limit), patches_of(fitted, limit)
            self._paint_patches(painter, view)
            _paint_legend(painter, view, view.results, limit)
        super().paint(painter, view)

    def _paint_patches(self, painter: QPainter, view: SheetView) -> None:
        scale, x, y = view.frame()
        painter.save()
        painter.setRenderHint(QPainter.RenderHint.Antialiasing, on=False)      # or each triangle's edge would show
        painter.translate(x, y)
        painter.scale(scale, -scale)
        for patch in self._patches:
            painter.fillPath(patch.path, theme.colour(_TONES[patch.does], _ALPHAS[patch.step]))
            if patch.step:
                hatch = QBrush(theme.colour(_TONES[patch.does], 0.8), _HATCHES[patch.does])
                hatch.setTransform(painter.worldTransform().inverted()[0])
                painter.fillPath(patch.path, hatch)
        painter.restore()


def patches_of(fitted: Fitted, limit: float) -> list[_Patch]:
    """The films' triangles by what they do and how much of the limit it is."""
    made: dict[tuple[str, int], list[np.ndarray]] = {}
    for film in fitted.films:
        if film.pressed is None:
            continue
        corners = fitted.chart.flipped(film.pressed.sheet + film.shift)[film.pressed.triangles]
        strains = film.pressed.strains[film.pressed.triangles].mean(axis=1)
        squeezed = -strains[:, 0] >= strains[:, 1]
        size = np.where(squeezed, -strains[:, 0], strains[:, 1]) / limit
        step = np.searchsorted(_STEPS, size, side="right") - 1
        for does, here in (("squeezed", squeezed), ("stretched", ~squeezed)):
            for at in range(len(_STEPS)):
                made.setdefault((does, at), []).append(corners[here & (step == at)])
    patches = []
    for (does, at), parts in made.items():
        triangles = np.concatenate(parts)
        if len(triangles):
            path = path_of_points(triangles.reshape(-1, 2), np.arange(0, 3 * len(triangles), 3))
            path.setFillRule(Qt.FillRule.WindingFill)
            patches.append(_Patch(does, at, path))
    return patches


def _paint_legend(painter: QPainter, view: SheetView, results: Results, limit: float) -> None:
    """What the tones mean, in percent and in words."""
    half = decimals(f"{100 * limit * _STEPS[0]:.1f}\u202f%")
    rows = [("squeezed", tr("squeezed beyond {limit:.1f}\u202f%: it will wrinkle", limit=100 * limit)),
            ("stretched", tr("stretched beyond {limit:.1f}\u202f%: it will creep back", limit=100 * limit))]
    painter.setFont(theme.font(0.85))
    metrics = painter.fontMetrics()
    foot = tr("paler from {half}, deepest from {limit:.0f}\u202f%; bare film lies flat", half=half,
              limit=100 * limit * _STEPS[2])
    wide = max(metrics.horizontalAdvance(words) for words in (foot, *(words for _, words in rows))) + 44
    high = 20 * (len(rows) + 1) + 10
    box = QRectF(view.width() - wide - 8, view.height() - high - 26, wide, high)
    painter.fillRect(box, theme.colour(theme.PAPER, 0.94))
    for row, (does, words) in enumerate(rows):
        swatch = QRectF(box.left() + 8, box.top() + 9 + 20 * row, 20, 12)
        painter.fillRect(swatch, theme.colour(_TONES[does], _ALPHAS[1]))
        painter.fillRect(swatch, QBrush(theme.colour(_TONES[does], 0.8), _HATCHES[does]))
        painter.setPen(QPen(QColor(theme.PAPER_QUIET), 1))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawRect(swatch)
        view.write(painter, QRectF(box.left() + 36, box.top() + 5 + 20 * row, wide - 40, 20), words, theme.PAPER_INK,
                   scale=0.85)
    view.write(painter, QRectF(box.left() + 8, box.top() + 5 + 20 * len(rows), wide - 12, 20), foot,
               theme.PAPER_QUIET, scale=0.85)
