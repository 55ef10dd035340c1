"""PDF pages brought as drawings: as outlines where those look as the page does, as a picture to be traced where not.

Shadings, soft masks, pictures and letters that are no letters have no outlines to be read. So the frosted area that
comes of the outlines is held beside the page as PDFium paints it, and the page is traced where they are not the same.
"""

import io
from collections.abc import Iterator
from contextlib import contextmanager
from threading import Lock
from typing import TYPE_CHECKING, Any, Literal

import numpy as np
import shapely
from msgspec import Struct
from numpy.typing import NDArray
from shapely.geometry import MultiPolygon

from vitrograph.core.artwork.vector.paint import LIGHT, guess_tones, two_tones
from vitrograph.core.artwork.vector.pdf_page import MITRE_LIMITS, MM_PER_POINT, page_as_svg
from vitrograph.core.artwork.vector.svg import read_svg
from vitrograph.core.errors import ArtworkError
from vitrograph.core.language import tr

if TYPE_CHECKING:
    from PIL.Image import Image

_ONE_AT_A_TIME = Lock()            # PDFium knows no threads
_LOOKED_AT_PX = 1600               # the longer side of what is compared
_MOST_PIXELS = 20_000_000          # of a page that is traced
_MOST_DPI = 2400.0
_MARGIN = 0.02                     # of its longer side, left white about what is traced
_DEVIATION = 2e-4                  # of the art's height: well under a pixel of what is compared
_OTHERWISE = 0.002                 # of the inked pixels: more is not the same picture
_FEW_PX = 12                       # nor are fewer than these worth a word
_SURELY_DARK, _SURELY_LIGHT = 0.5, 0.92       # what a page shows there; between them tones are a matter of choice

Box = tuple[float, float, float, float]        # points from the left, the top, the left and the top again, as shown


class Page(Struct, frozen=True):
    """A page as a drawing: its content, whether that is a drawing or a picture of the page, and of how many pages."""

    content: bytes
    kind: Literal["svg", "picture"]
    pages: int


def pages_of(content: bytes) -> int:
    """How many pages a PDF has. Raises ArtworkError where it cannot be read."""
    with _opened(content) as document:
        return len(document)


def read_page(content: bytes, number: int, most_bytes: int) -> Page:
    """The page of a number from 1 on; a drawing of more than `most_bytes` is given as a picture.

    Raises ArtworkError: no PDF, locked, no such page, nothing on it.
    """
    with _opened(content) as document:
        if not 1 <= number <= len(document):
            raise ArtworkError(tr("the file has {n} pages, and no page {number}", "the file has one page, and no page "
                                  "{number}", n=len(document), number=number))
        page = document[number - 1]
        seen = _Seen(page)
        for mitre_limit in MITRE_LIMITS:
            svg, area = _outlines(page, mitre_limit, most_bytes)
            if svg and (seen.box is None or seen.shows(area)):         # white on white has nothing to be held beside
                return Page(svg, "svg", len(document))
        if seen.box is None:
            raise ArtworkError(tr("page {number} is empty", number=number))
        return Page(seen.picture(), "picture", len(document))


@contextmanager
def _opened(content: bytes) -> Iterator[Any]:
    from pypdfium2 import PdfDocument, PdfiumError, raw

    with _ONE_AT_A_TIME:
        document = None
        try:
            document = PdfDocument(content)
            yield document
        except PdfiumError as error:
            if document is None and getattr(error, "err_code", None) == raw.FPDF_ERR_PASSWORD:
                raise ArtworkError(tr("the PDF is locked with a password: save it without one")) from None
            raise ArtworkError(tr("the PDF is damaged or was cut short: save it again")) from None
        finally:
            if document is not None:
                document.close()


def _outlines(page: Any, mitre_limit: int, most_bytes: int) -> tuple[bytes, MultiPolygon]:
    """A page as an SVG drawing and what of it frosts, mm from the page's upper left corner, y up.

    b"" and nothing where it has no outlines that this program reads.
    """
    try:
        svg = page_as_svg(page, mitre_limit).encode()
        if len(svg) > most_bytes:
            return b"", MultiPolygon()
        paints = read_svg(svg, _DEVIATION).paints
        return svg, two_tones(paints, guess_tones(paints))
    except ArtworkError:
        return b"", MultiPolygon()


class _Seen:
    """A page as it is painted; `box` is where it is inked, points as shown, None where it is blank."""

    def __init__(self, page: Any) -> None:
        self.page = page
        self.size = page.get_size()
        self.box = self._inked()                               # where nothing is inked, None

    def _inked(self) -> Box | None:
        light = self._painted((0.0, 0.0, *self.size), scale := _LOOKED_AT_PX / max(self.size))
        rows, columns = (np.flatnonzero((light <= LIGHT).any(axis=axis)) for axis in (1, 0))
        if not len(rows):
            return None
        left, top, right, low = (columns[0] / scale, rows[0] / scale, (columns[-1] + 1) / scale, (rows[-1] + 1) / scale)
        margin = _MARGIN * max(right - left, low - top) + 2 / scale
        return left - margin, top - margin, right + margin, low + margin

    def _image(self, box: Box, scale: float) -> "Image":
        wide, high = self.size
        left, top, right, low = box
        made: Image = self.page.render(scale=scale, crop=(left, high - low, wide - right, top), grayscale=True,
                                       draw_annots=False, fill_color=(255, 255, 255, 255)).to_pil()
        return made

    def _painted(self, box: Box, scale: float) -> NDArray[np.float32]:
        return np.asarray(self._image(box, scale), dtype=np.float32) / np.float32(255)

    def shows(self, area: MultiPolygon) -> bool:
        """Whether the page looks as an area does, in mm from its upper left corner, but for what no eye would see."""
        from scipy.ndimage import binary_erosion

        assert self.box is not None
        drawn = shapely.transform(area, lambda xy: xy * [1, -1] / MM_PER_POINT)
        left, top, right, low = box = _within(_round(self.box, drawn.bounds), self.size)
        scale = _LOOKED_AT_PX / max(right - left, low - top)
        light = self._painted(box, scale)
        frosts = _filled(shapely.transform(drawn, lambda xy: (xy - [left, top]) * scale),
                         (light.shape[1], light.shape[0]))
        otherwise = (frosts & (light > _SURELY_LIGHT)) | (~frosts & (light < _SURELY_DARK))
        differing = int(binary_erosion(otherwise, np.ones((3, 3))).sum())
        return differing <= max(_FEW_PX, _OTHERWISE * int((light <= LIGHT).sum()))

    def picture(self) -> bytes:
        """The inked part of the page as a PNG fine enough to be traced."""
        assert self.box is not None
        left, top, right, low = self.box
        finest = min(_MOST_DPI / 72, (_MOST_PIXELS / ((right - left) * (low - top))) ** 0.5)
        image, out = self._image(self.box, finest), io.BytesIO()
        image.save(out, "PNG", dpi=(72 * finest, 72 * finest), compress_level=1)
        return out.getvalue()


def _round(box: Box, other: tuple[float, ...]) -> Box:
    return min(box[0], other[0]), min(box[1], other[1]), max(box[2], other[2]), max(box[3], other[3])


def _within(box: Box, size: tuple[float, float]) -> Box:
    """The part of a box that lies on a page, and a box's own place where none does."""
    return max(box[0], 0.0), max(box[1], 0.0), min(box[2], size[0]), min(box[3], size[1])


def _filled(area: MultiPolygon, size: tuple[int, int]) -> NDArray[np.bool_]:
    """The pixels inside an area in px, y down; what lies in another's hole is filled after it."""
    from PIL import Image, ImageDraw

    made = Image.new("1", size)
    draw = ImageDraw.Draw(made)
    for part in sorted(area.geoms, key=lambda part: -shapely.box(*part.bounds).area):
        draw.polygon(part.exterior.coords, fill=1)
        for hole in part.interiors:
            draw.polygon(hole.coords, fill=0)
    return np.asarray(made)
