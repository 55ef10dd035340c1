"""Small true pictures on black: a piece's glass from the front with its frost, or its art alone."""

from PySide6.QtCore import QRectF, QSize
from PySide6.QtGui import QColor, QPixmap

from vitrograph.core.results import Results
from vitrograph.desk.bench.painter_paths import outlines_of
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.painting import fill, painting
from vitrograph.desk.views.camera import in_sight
from vitrograph.desk.views.glass_body import Seen, camera_before, paint_body

_MARGIN = 3                        # px


def small_picture(results: Results, size: QSize, ratio: float = 1.0) -> QPixmap:
    """The piece as it is known so far; only black card where there is no glass yet."""
    made = QPixmap(size * ratio)
    made.setDevicePixelRatio(ratio)
    made.fill(QColor(theme.BLACK_CARD))
    wall, fitted = results.wall, results.fitted
    if wall is None:
        return made
    room = QRectF(_MARGIN, _MARGIN, size.width() - 2 * _MARGIN, size.height() - 2 * _MARGIN)
    turn = fitted.widest.middle if fitted is not None and wall.closed else 0.0
    camera = camera_before(wall, room, turn, results.job.stencil.viewing_mm)
    with painting(made) as painter:
        paint_body(painter, camera)
        if fitted is not None and results.sheet is not None:
            tone = theme.FILM if results.job.stencil.kind == "decal" else theme.FROST
            for part in in_sight(Seen.of(results).frost(), camera, near=True):
                outlines = outlines_of(part)
                fill(painter, outlines.paths(camera.wall_to_screen(outlines.points)), QColor(tone))
    return made


def art_picture(results: Results, size: QSize, ratio: float = 1.0) -> QPixmap:
    """What is frosted, as large as the picture takes it; only black card where that is not known yet."""
    made = QPixmap(size * ratio)
    made.setDevicePixelRatio(ratio)
    made.fill(QColor(theme.BLACK_CARD))
    art = results.fitted.art if results.fitted is not None else None
    if art is None or art.is_empty:
        return made
    left, low, right, high = art.bounds
    scale = min((size.width() - 2 * _MARGIN) / (right - left), (size.height() - 2 * _MARGIN) / (high - low))
    outlines = outlines_of(art)
    points = (outlines.points - [(left + right) / 2, (low + high) / 2]) * [scale, -scale]
    with painting(made) as painter:
        fill(painter, outlines.paths(points + [size.width() / 2, size.height() / 2]), QColor(theme.FROST))
    return made
