"""Letters that may not read as themselves once they are cut: where a tie opens them, and where mends changed much."""

from collections.abc import Iterator

import numpy as np
import shapely

from vitrograph.core.artwork import Placed, face_named, missing_in
from vitrograph.core.findings import Code, Finding, Level, Remedy
from vitrograph.core.job import Words
from vitrograph.core.job.change import SetFace
from vitrograph.core.language import tr
from vitrograph.core.stencil.checks.given import CheckInput
from vitrograph.core.stencil.sheet import Sheet

STENCIL_FACE = "Saira Stencil One"
STURDY_FACE = "Barlow Bold"        # of the shipped faces, the one whose strokes and gaps differ least in width
_MUCH = 0.35                       # of a letter's area: what is changed more was read as another letter by a recogniser
_REACH_MM = 0.5                    # round a letter: what is opened there is a mend of it


def words_at(sheet: Sheet, where: tuple[float, float]) -> Placed | None:
    """The uppermost words whose box a sheet point lies in."""
    point = np.array(sheet.fitted.in_artwork(where))
    for placed in reversed(sheet.fitted.placed):
        for affine in placed.affines if isinstance(placed.item.what, Words) else ():
            if placed.holds(point, affine):
                return placed
    return None


def sturdier(words: Placed) -> Remedy | None:
    """A sturdier face for words, where theirs is another and that one has their letters."""
    return _set_in(STURDY_FACE, words)


def _set_in(face: str, words: Placed) -> Remedy | None:
    what = words.item.what
    assert isinstance(what, Words)
    if what.face == face or missing_in(face_named(face), what.text):
        return None
    return Remedy.of(tr("Set the words in {face}", face=face), SetFace(words.item.key, face))


def doubtful(sheet: Sheet) -> Iterator[Finding]:
    """Yield letters that a tie makes read as another, wherever it may be: a bar or a side of theirs is cut."""
    for spot in sheet.doubtful:
        words = words_at(sheet, spot)
        if words is None:
            continue
        names, places = zip(*((name, (x, y)) for name, x, y in sheet.fitted.marks), strict=True)
        letter = names[int(np.hypot(*(np.array(places) - spot).T).argmin())]
        # letters that are film themselves are tied in any face
        face = _set_in(STENCIL_FACE, words) if sheet.kind == "resist" else None
        why = (tr("its bar or its side is cut: place that tie by hand, or choose a face made for stencils") if face else
               tr("a bar or a side of it is changed: place that tie by hand, or make the art larger"))
        yield Finding(Code.TIE, Level.WATCH, tr("with its tie {letter} may read as another letter", letter=letter), why,
                      spot, None, None, face)


def changed(sheet: Sheet, given: CheckInput) -> Iterator[Finding]:
    """Yield, for each of the words, the letters that mends and ties change so much that they may read as others."""
    if not given.stencil.mends or sheet.kind != "resist":
        return
    found: dict[int, tuple[Placed, tuple[float, float], list[str]]] = {}
    for names, spot in _much_changed(sheet):
        words = words_at(sheet, spot)
        if words is not None:
            found.setdefault(words.item.key, (words, spot, []))[2].extend(names)
    for words, spot, names in found.values():
        yield Finding(
            Code.LETTERS, Level.WATCH,
            tr("{n} letters are changed by over a third: {letters}", "a letter is changed by over a third: {letters}",
               n=len(names), letters=", ".join(names)),
            tr("as they are cut they may read as others: make the art larger, or choose a sturdier face"), spot,
            float(len(names)), 0.0, sturdier(words))


def _much_changed(sheet: Sheet) -> Iterator[tuple[list[str], tuple[float, float]]]:
    """Yield the letters of a drawn part that is cut otherwise in more than so much of its area, and their place."""
    openings = shapely.get_parts(sheet.openings)
    tree, marks = shapely.STRtree(openings), sheet.fitted.marks
    spots = shapely.points(np.array([[x, y] for _, x, y in marks]).reshape(-1, 2))
    for part in shapely.get_parts(sheet.fitted.sheet_art):
        own = np.flatnonzero(shapely.intersects(part, spots)).tolist()
        if not own:
            continue
        near = openings[tree.query(part, predicate="dwithin", distance=_REACH_MM)]
        cut = shapely.intersection(shapely.union_all(near), part.buffer(_REACH_MM))
        if shapely.symmetric_difference(part, cut).area > _MUCH * part.area:
            yield [marks[at][0] for at in own], (float(marks[own[0]][1]), float(marks[own[0]][2]))
