"""The stencil on paper: to trace with a knife, to try on the glass, and the whole wall as a proof of its readings."""

from math import pi

import numpy as np
from shapely.geometry import MultiPolygon, Polygon

from vitrograph.core.fit import Band, Fitted, band_edge, whole_wall
from vitrograph.core.glass import Frustum
from vitrograph.core.language import tr
from vitrograph.core.paper.page import page_pdf, plain_words
from vitrograph.core.says import Joined, Length, Says
from vitrograph.core.stencil import Sheet
from vitrograph.core.units import Unit
from vitrograph.core.value_words import word_of


def to_pdf(sheet: Sheet, title: str, says: str = "", unit: Unit = "mm") -> bytes:
    """Draw what is seen on the glass dark and the film outlined, with a line of exactly 100 mm to check the print by.

    `says` is a line of small print above that, such as where the art came from.
    """
    lines = [np.array([snip.tip, snip.edge]) for snip in sheet.snips]
    says = "; ".join(filter(None, (sizes(sheet.fitted, unit), says)))
    return page_pdf(sheet.outline, sheet.seen, title, says, unit, [*lines, *(sheet.marks.paths if sheet.marks else ())])


def sizes(fitted: Fitted, unit: Unit) -> str:
    """The art's size in plain words, and that on the glass beside it where they are not the same."""
    words = Says("art {wide} x {high} {told}", wide=Length(fitted.size[0]), high=Length(fitted.size[1]),
                 told=word_of(fitted.size_is))
    if fitted.size_is != "on the glass":
        words = Says("{words}, {wide} x {high} on the glass", words=words, wide=Length(fitted.on_glass[0]),
                     high=Length(fitted.on_glass[1]))
    if fitted.chart.mirrored:
        words = Says("{words}; mirrored, for the back of the glass", words=words)
    return plain_words(words, unit)


def proof_pdf(wall: Frustum, title: str, unit: Unit = "mm") -> bytes:
    """The whole wall as paper at true size: wrapped round the glass, its ends must just meet at rim and base."""
    flat = wall.sheeting()
    outline = Polygon(flat.develop(band_edge(flat, Band(-pi, 0.0, pi, wall.length))))
    says = tr("Cut it out, wrap it round, rim to rim. Type by how much the ends overlap (or gape) at rim and base.")
    return page_pdf(outline, MultiPolygon(), title, says, unit)


def band_pdf(sheet: Sheet, title: str, unit: Unit = "mm") -> bytes:
    """`band_of` as one page, on the smallest sheet that holds it."""
    outline, says = band_of(sheet, unit)
    return page_pdf(outline, sheet.seen, title, says, unit)


def band_of(sheet: Sheet, unit: Unit) -> tuple[Polygon | MultiPolygon, str]:
    """The paper that is taped round the glass before anything is cut, at true size, and what is done with it.

    Where the wall has an exact flat shape the paper is the whole wall, rim to base: once round, or a pane to its
    edges. Elsewhere, and where the art is parted, it is the film's own outline.
    """
    fitted = sheet.fitted
    wall = fitted.wall
    says = tr("Cut it out and tape it on, ")
    if not fitted.on_one_wall:
        gaps = Joined(" and ", tuple(Length(wall.length - film.band.s_high, tool=True) for film in sheet.films))
        words = Says("{says}its upper edge {gaps} from the rim. Then type what you see at the fit station.", says=says,
                     gaps=gaps)
        return sheet.outline, plain_words(words, unit)
    says += tr("rim to rim") if wall.closed else tr("edge to edge")
    return Polygon(whole_wall(fitted.chart)), tr("{says}. Then type what you see at the fit station.", says=says)


def patch_pdf(shape: Polygon, title: str, unit: Unit = "mm") -> bytes:
    """The outline of one bit of film at true size, to cut a scrap by that takes its place."""
    says = tr("Cut a scrap of film by this outline, lay it on its place, and press it down.")
    return page_pdf(shape, MultiPolygon(), title, says, unit)
