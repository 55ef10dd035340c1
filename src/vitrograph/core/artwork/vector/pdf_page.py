"""A page of a PDF written as an SVG drawing: what it fills, strokes and letters, each as a path, in painting order.

PDFium reads the page (ISO 32000-1). Its forms are taken apart and its letters drawn by the outlines of their own
fonts. Shadings, pictures and soft masks have no outline and are not written; whether the page looks so without them is
for `pdf` to judge.
"""

import ctypes
from collections.abc import Callable, Iterator
from functools import partial
from typing import Any
from xml.sax.saxutils import quoteattr

from vitrograph.core.errors import ArtworkError
from vitrograph.core.language import tr

Matrix = tuple[float, float, float, float, float, float]       # a b c d e f, as SVG and PDF both have them

_MOST_SEGMENTS = 400_000
_MOST_DEEP = 24                    # forms within forms
MM_PER_POINT = 25.4 / 72
# PDFium does not tell it: what holds where a page does not say (ISO 32000-1, table 52), and where a drawing was SVG
MITRE_LIMITS = (10, 4)
_CAPS = ("butt", "round", "square")
_JOINS = ("miter", "round", "bevel")
_UNSEEN_LETTERS = frozenset({3, 7})                            # text rendering modes: neither filled nor stroked
_STROKED_LETTERS = frozenset({1, 2, 5, 6})
_FILLED_LETTERS = frozenset({0, 2, 4, 6})


def page_as_svg(page: Any, mitre_limit: int = MITRE_LIMITS[0]) -> str:
    """A page of pypdfium2 as an SVG drawing of its true size. Raises ArtworkError where it holds far too much."""
    writer = _Writer(page, mitre_limit)
    body = "".join(writer.parts())
    left, low, right, high = page.get_cropbox()
    wide, tall = (right - left, high - low) if page.get_rotation() % 180 == 0 else (high - low, right - left)
    return (f'<svg xmlns="http://www.w3.org/2000/svg" width="{wide * MM_PER_POINT:.6f}mm" '
            f'height="{tall * MM_PER_POINT:.6f}mm" viewBox="0 0 {wide:.6f} {tall:.6f}"><defs>{writer.clips()}'
            f'<clipPath id="page"><path d="M0 0H{wide:.6f}V{tall:.6f}H0Z"/></clipPath></defs><g clip-path="url(#page)">'
            f'<g transform="{_matrix(_upright((left, low, right, high), page.get_rotation()))}">{body}</g></g></svg>')


def _upright(box: tuple[float, float, float, float], rotation: int) -> Matrix:
    """From a page's own space, y up, to one whose y goes down from the corner that is upper left as it is shown."""
    left, low, right, high = box
    return {0: (1.0, 0.0, 0.0, -1.0, -left, high), 90: (0.0, 1.0, 1.0, 0.0, -low, -left),
            180: (-1.0, 0.0, 0.0, 1.0, right, -low), 270: (0.0, -1.0, -1.0, 0.0, high, right)}[rotation % 360]


class _Writer:
    """Writes one page's objects."""

    def __init__(self, page: Any, mitre_limit: int) -> None:
        from pypdfium2 import raw

        self.raw, self.page, self._mitre_limit = raw, page, str(mitre_limit)
        self._clips: dict[str, str] = {}
        self._segments = 0
        self._letters: dict[int, list[tuple[int, int]]] = {}     # of each text object: letters by number, and what

    def clips(self) -> str:
        """The clip paths that the parts name."""
        return "".join(f'<clipPath id="{name}"><path d="{data}"/></clipPath>' for data, name in self._clips.items())

    def parts(self) -> Iterator[str]:
        """The page's objects, one after the other."""
        text = self.page.get_textpage()
        for number in range(text.count_chars()):
            found = self.raw.FPDFText_GetTextObject(text.raw, number)
            if found and self.raw.FPDFText_IsGenerated(text.raw, number) == 0:
                self._letters.setdefault(_address(found), []).append(
                    (number, self.raw.FPDFText_GetUnicode(text.raw, number)))
        count = self.raw.FPDFPage_CountObjects(self.page.raw)
        for number in range(count):
            yield from self._part(self.raw.FPDFPage_GetObject(self.page.raw, number), text, 0)

    def _part(self, what: Any, text: Any, deep: int) -> Iterator[str]:
        kind = self.raw.FPDFPageObj_GetType(what)
        if kind == self.raw.FPDF_PAGEOBJ_FORM and deep < _MOST_DEEP:
            inner = [part for number in range(self.raw.FPDFFormObj_CountObjects(what))
                     for part in self._part(self.raw.FPDFFormObj_GetObject(what, number), text, deep + 1)]
            if inner:
                body = f'<g transform="{_matrix(self._matrix_of(what))}">{"".join(inner)}</g>'
                yield self._clipped(what, body)
        elif kind == self.raw.FPDF_PAGEOBJ_PATH:
            yield self._clipped(what, self._path(what))
        elif kind == self.raw.FPDF_PAGEOBJ_TEXT:
            yield self._clipped(what, self._lettering(what, text))

    def _path(self, what: Any) -> str:
        mode, stroked = ctypes.c_int(), ctypes.c_int()
        self.raw.FPDFPath_GetDrawMode(what, mode, stroked)
        data = self._data(self.raw.FPDFPath_CountSegments(what), partial(self.raw.FPDFPath_GetPathSegment, what))
        rule = "evenodd" if mode.value == self.raw.FPDF_FILLMODE_ALTERNATE else "nonzero"
        look = self._look(what, filled=mode.value != self.raw.FPDF_FILLMODE_NONE, stroked=bool(stroked.value))
        return f'<path d="{data}" fill-rule="{rule}" transform="{_matrix(self._matrix_of(what))}" {look}/>'

    def _lettering(self, what: Any, text: Any) -> str:
        """A text object's letters; their outlines are told in ems, and its matrix leads to where they stand."""
        mode = self.raw.FPDFTextObj_GetTextRenderMode(what)
        if mode in _UNSEEN_LETTERS:
            return ""
        font, size = self.raw.FPDFTextObj_GetFont(what), ctypes.c_float()
        self.raw.FPDFTextObj_GetFontSize(what, size)
        look = self._look(what, filled=mode in _FILLED_LETTERS, stroked=mode in _STROKED_LETTERS, per=size.value or 1.0)
        return "".join(f'<path d="{data}" transform="{_matrix(self._of_letter(text, number, size.value))}" {look}/>'
                       for number, letter in self._letters.get(_address(what), [])
                       if (data := self._glyph(font, letter)))

    def _glyph(self, font: Any, letter: int) -> str:
        glyph = self.raw.FPDFFont_GetGlyphPath(font, letter, 1000.0)
        if not glyph:
            return ""
        return self._data(self.raw.FPDFGlyphPath_CountGlyphSegments(glyph),
                          partial(self.raw.FPDFGlyphPath_GetGlyphPathSegment, glyph))

    def _of_letter(self, text: Any, number: int, size: float) -> Matrix:
        found, x, y = self.raw.FS_MATRIX(), ctypes.c_double(), ctypes.c_double()
        self.raw.FPDFText_GetMatrix(text.raw, number, found)
        self.raw.FPDFText_GetCharOrigin(text.raw, number, x, y)
        return (found.a * size, found.b * size, found.c * size, found.d * size, x.value, y.value)

    def _look(self, what: Any, *, filled: bool, stroked: bool, per: float = 1.0) -> str:
        """How an object is painted; `per` is how long the unit is that it is drawn in."""
        says = {"fill": "none"}
        if filled:
            says["fill"], says["fill-opacity"] = self._colour(self.raw.FPDFPageObj_GetFillColor, what)
        if stroked:
            says["stroke"], says["stroke-opacity"] = self._colour(self.raw.FPDFPageObj_GetStrokeColor, what)
            width, phase = ctypes.c_float(), ctypes.c_float()
            self.raw.FPDFPageObj_GetStrokeWidth(what, width)
            says |= {"stroke-width": f"{width.value / per:.7g}", "stroke-miterlimit": self._mitre_limit,
                     "stroke-linecap": _named(_CAPS, self.raw.FPDFPageObj_GetLineCap(what)),
                     "stroke-linejoin": _named(_JOINS, self.raw.FPDFPageObj_GetLineJoin(what))}
            dashes = (ctypes.c_float * max(0, self.raw.FPDFPageObj_GetDashCount(what)))()
            if len(dashes):
                self.raw.FPDFPageObj_GetDashArray(what, dashes, len(dashes))
                self.raw.FPDFPageObj_GetDashPhase(what, phase)
                says["stroke-dasharray"] = " ".join(f"{dash / per:.7g}" for dash in dashes)
                says["stroke-dashoffset"] = f"{phase.value / per:.7g}"
        return " ".join(f"{name}={quoteattr(value)}" for name, value in says.items())

    def _colour(self, ask: Callable[..., int], what: Any) -> tuple[str, str]:
        red, green, blue, alpha = (ctypes.c_uint() for _ in range(4))
        ask(what, red, green, blue, alpha)
        return f"#{red.value:02x}{green.value:02x}{blue.value:02x}", f"{alpha.value / 255:.4g}"

    def _clipped(self, what: Any, body: str) -> str:
        """A part within each of its clip paths."""
        clip = self.raw.FPDFPageObj_GetClipPath(what)
        if not body or not clip:
            return body
        for path in range(self.raw.FPDFClipPath_CountPaths(clip)):
            data = self._data(self.raw.FPDFClipPath_CountPathSegments(clip, path),
                              partial(self.raw.FPDFClipPath_GetPathSegment, clip, path))
            name = self._clips.setdefault(data, f"clip{len(self._clips)}")
            body = f'<g clip-path="url(#{name})">{body}</g>'
        return body

    def _matrix_of(self, what: Any) -> Matrix:
        found = self.raw.FS_MATRIX()
        self.raw.FPDFPageObj_GetMatrix(what, found)
        return found.a, found.b, found.c, found.d, found.e, found.f

    def _data(self, count: int, segment: Callable[[int], Any]) -> str:
        """Path data of so many segments."""
        self._segments += count
        if self._segments > _MOST_SEGMENTS:
            raise ArtworkError(tr("the page holds far too many lines: simplify it first"))
        x, y, said = ctypes.c_float(), ctypes.c_float(), []
        bent = 0                                               # a curve is told by three points
        for number in range(count):
            one = segment(number)
            kind = self.raw.FPDFPathSegment_GetType(one)
            self.raw.FPDFPathSegment_GetPoint(one, x, y)
            letter = {self.raw.FPDF_SEGMENT_MOVETO: "M", self.raw.FPDF_SEGMENT_LINETO: "L"}.get(kind, "C")
            bent = (bent + 1) % 3 if letter == "C" else 0
            said.append(f"{' ' if letter == 'C' and bent != 1 else letter}{x.value:.8g} {y.value:.8g}")
            if self.raw.FPDFPathSegment_GetClose(one):
                said.append("Z")
        return "".join(said)


def _matrix(matrix: Matrix) -> str:
    return f"matrix({' '.join(f'{value:.8g}' for value in matrix)})"


def _named(names: tuple[str, ...], number: int) -> str:
    return names[number] if 0 <= number < len(names) else names[0]


def _address(handle: Any) -> int:
    return ctypes.addressof(handle.contents)
