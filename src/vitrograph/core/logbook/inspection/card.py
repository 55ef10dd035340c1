"""The inspection card: a black page with markers, printed at true size, that goes behind a piece to be photographed.

The markers are OpenCV's ArUco (S. Garrido-Jurado et al., Automatic generation and detection of highly reliable
fiducial markers under occlusion, Pattern Recognition 47, 2014), of its dictionary of 4 by 4 squares. Which page it is,
is told by the markers' numbers. Card places are mm: x to the right and y up from the middle of the base line, on which
the piece stands; the page is folded there, and the foot lies under the piece.
"""

import io
from collections.abc import Iterator
from functools import cache
from typing import Any

import numpy as np
from msgspec import Struct
from numpy.typing import NDArray

from vitrograph.core.geometry import Points
from vitrograph.core.language import tr
from vitrograph.core.paper.letters import write
from vitrograph.core.paper.page import PT_PER_MM
from vitrograph.core.paper.tiles import SHEETS, PaperName

MARKER_MM, QUIET_MM = 16.0, 3.0    # a marker's side, and the white round it that it is told by
BASE_MM = 28.0                     # from the page's lower edge to the line of the fold
_EDGE_MM = 6.0                     # no printer prints nearer to the page's edge
_ROWS = 4
_FIRST: dict[PaperName, int] = {"A4": 0, "Letter": 16}
MARKERS = 2 * _ROWS + 2
_CELLS = 6                         # of a marker's side, its black border among them


class Marker(Struct, frozen=True):
    """A marker by its number, and the middle of it, mm."""

    number: int
    x: float
    y: float

    @property
    def corners(self) -> Points:
        """(4, 2) its corners as the detector gives them: upper left first, then on to the right and round."""
        half = MARKER_MM / 2
        return np.array([[-half, half], [half, half], [half, -half], [-half, -half]]) + [self.x, self.y]


class Card(Struct, frozen=True):
    """A page's card: its markers, and its black, (left, lower, right, upper), mm."""

    paper: PaperName
    markers: tuple[Marker, ...]
    black: tuple[float, float, float, float]


@cache
def card_of(paper: PaperName) -> Card:
    """The card on a page."""
    width, height = SHEETS[paper]
    black = (-width / 2 + _EDGE_MM, _EDGE_MM - BASE_MM, width / 2 - _EDGE_MM, height - BASE_MM - _EDGE_MM)
    in_by = QUIET_MM + MARKER_MM / 2
    right, rows = black[2] - in_by, np.linspace(in_by, black[3] - in_by, _ROWS)
    places = [(side * right, float(y)) for y in rows for side in (-1, 1)]
    places += [(side * right / 3, float(rows[-1])) for side in (-1, 1)]
    first = _FIRST[paper]
    return Card(paper, tuple(Marker(first + at, x, y) for at, (x, y) in enumerate(places)), black)


def card_with(number: int) -> Card | None:
    """The card a marker of that number belongs to; None where there is none."""
    return next((card_of(paper) for paper, first in _FIRST.items() if first <= number < first + MARKERS), None)


def cells_of(number: int) -> NDArray[np.bool_]:
    """(6, 6) which squares of a marker are white, from its upper left."""
    import cv2

    drawn = cv2.aruco.generateImageMarker(dictionary(), number, _CELLS)
    return np.asarray(drawn > 127)


def dictionary() -> Any:
    """The markers there are."""
    import cv2

    return cv2.aruco.getPredefinedDictionary(cv2.aruco.DICT_4X4_50)


def squares(card: Card) -> Iterator[tuple[float, float, float, float, bool]]:
    """Yield what is drawn over the black: left, lower, width, height, and whether it is white; later ones on top."""
    whole = MARKER_MM + 2 * QUIET_MM
    cell = MARKER_MM / _CELLS
    for marker in card.markers:
        yield marker.x - whole / 2, marker.y - whole / 2, whole, whole, True
        left, top = marker.x - MARKER_MM / 2, marker.y + MARKER_MM / 2
        for row, column in np.argwhere(~cells_of(marker.number)).tolist():
            yield left + column * cell, top - (row + 1) * cell, cell, cell, False


def card_pdf(paper: PaperName) -> bytes:
    """The card as a page at true size (PDF), with what to do on its foot."""
    from reportlab.pdfgen.canvas import Canvas

    card, (width, height) = card_of(paper), SHEETS[paper]
    out = io.BytesIO()
    canvas = Canvas(out, pagesize=(width * PT_PER_MM, height * PT_PER_MM), invariant=True)
    canvas.setTitle(tr("Inspection card"))
    canvas.setCreator("Vitrograph")
    canvas.scale(PT_PER_MM, PT_PER_MM)
    canvas.translate(width / 2, BASE_MM)
    left, low, right, high = card.black
    canvas.setFillGray(0)
    canvas.rect(left, low, right - left, high - low, stroke=0, fill=1)
    for x, y, wide, tall, white in squares(card):
        canvas.setFillGray(1 if white else 0)
        canvas.rect(x, y, wide, tall, stroke=0, fill=1)
    _foot(canvas)
    canvas.save()
    return out.getvalue()


_SAYS = (
    tr("Print at 100 %, not fitted: the line below must be 100 mm long. Fold the page at the arrow's tip, stand it "
       "up."),
    tr("The piece stands on this foot, against the upright part, the middle of its art at the arrow."),
    tr("Light from the side, the camera level with the art, all corners of the page in the picture."))


def _foot(canvas: Any) -> None:
    """The arrow, what to do, and a line to check the print by, in white on the black foot."""
    canvas.setFillGray(1)
    arrow = canvas.beginPath()
    arrow.moveTo(0, -0.5)
    arrow.lineTo(-2.0, -4.0)
    arrow.lineTo(2.0, -4.0)
    arrow.close()
    canvas.drawPath(arrow, stroke=0, fill=1)
    for line, words in enumerate(_SAYS):
        write(canvas, 0, -10.5 - 3.4 * line, words, 2.6, centred=True)
    canvas.setStrokeGray(1)
    canvas.setLineWidth(0.3)
    canvas.line(-50.0, -20.0, 50.0, -20.0)
    for x in (-50.0, 50.0):
        canvas.line(x, -21.0, x, -19.0)
