"""Fonts the maker brings: told apart from what is none, made plain, and read for what their makers allow.

TTF, OTF, TTC, WOFF and WOFF2 are read by fontTools. Names and permissions are those of the OpenType specification:
table `name` (13: licence, 14: its address), table `OS/2` field `fsType`, table `fvar` for weights.
"""

import io
from collections.abc import Iterator
from functools import lru_cache
from pathlib import Path
from typing import Any, Literal

from fontTools.ttLib import TTCollection, TTFont
from msgspec import Struct

from vitrograph.core.errors import ArtworkError
from vitrograph.core.job import FontFile
from vitrograph.core.language import tr
from vitrograph.core.storing.whole import plain_name, read_plain, reason

SUFFIXES = (".ttf", ".otf", ".ttc", ".otc", ".woff", ".woff2")
MOST_BYTES = 40_000_000
_OUTLINES = ("glyf", "CFF ", "CFF2")
_RESTRICTED = 0x0002               # fsType: restricted licence embedding
_OPEN = ("open font license", "openfontlicense", "sil.org/ofl", "scripts.sil.org", "apache license", "apache.org",
         "public domain", "cc0", "ubuntu font licen", "bitstream vera", "font exception", "mit license", "gust font")
_CLOSED = ("personal use", "non-commercial", "noncommercial", "non commercial", "demo ", "trial", "evaluation",
           "not for commercial", "private use")


class FontFacts(Struct, frozen=True):
    """What a font says of itself: its name, its licence in a word, whether what is made with it may be sold, and the
    least, usual and greatest weight of a variable one.

    `sale` is "no" where it says so, "unknown" where it says nothing that is understood.
    """

    name: str
    licence: str
    sale: Literal["yes", "no", "unknown"]
    may_travel: bool
    weights: tuple[float, float, float] | None


def read_fonts(path: Path) -> tuple[FontFile, ...]:
    """The faces of a font file the maker named. Raises ArtworkError with one sentence."""
    try:
        content = read_plain(path, MOST_BYTES)
    except OSError as error:
        raise ArtworkError(tr("{name} could not be read: {reason}", name=path.name, reason=reason(error))) from None
    return fonts_in(content, plain_name(path))


def fonts_in(content: bytes, name: str) -> tuple[FontFile, ...]:
    """The faces in the content of a font file. Raises ArtworkError where it is none, or has no outlines."""
    if content[:4] == b"ttcf":
        collection = _opened(lambda: TTCollection(io.BytesIO(content), lazy=True), name)
        return tuple(_checked(FontFile(_full_name(font) or name, content, number), font)
                     for number, font in enumerate(collection.fonts))
    font = _opened(lambda: TTFont(io.BytesIO(content), lazy=True), name)
    data = content if font.flavor is None else _plain(font, name)
    return (_checked(FontFile(_full_name(font) or name, data), font),)


@lru_cache(maxsize=64)
def facts_of(font: FontFile) -> FontFacts:
    """What a brought font says of itself. Raises ArtworkError where it cannot be read."""
    opened = _opened(lambda: TTFont(io.BytesIO(font.data), fontNumber=font.number, lazy=True), font.name)
    _checked(font, opened)
    told = " ".join(filter(None, (_name(opened, number) for number in (13, 14, 0)))).casefold()
    sale: Literal["yes", "no", "unknown"] = "unknown"
    if any(word in told for word in _CLOSED):
        sale = "no"
    elif any(word in told for word in _OPEN):
        sale = "yes"
    says = _name(opened, 13) or _name(opened, 14) or _name(opened, 0) or tr("not said")
    return FontFacts(font.name, " ".join(says.split())[:160], sale, _may_travel(opened), _weights(opened, font.name))


def _opened(read: Any, name: str) -> Any:
    """A font opened by `read`; whatever goes wrong in a damaged file becomes one sentence."""
    try:
        return read()
    except Exception:              # the reader fails in as many ways as files are damaged
        raise ArtworkError(tr("{name} is damaged, or is no font of a kind that is read: TTF, OTF, TTC, WOFF or WOFF2 "
                              "is wanted", name=name)) from None


def _plain(font: Any, name: str) -> bytes:
    """A web font unpacked, as HarfBuzz reads it."""
    def unpack() -> bytes:
        font.flavor = None
        out = io.BytesIO()
        font.save(out)
        return out.getvalue()

    made: bytes = _opened(unpack, name)
    return made


def _checked(font: FontFile, opened: Any) -> FontFile:
    """The font, if all of it is there and it has outlines to cut by."""
    ends = [table.offset + table.length for table in opened.reader.tables.values()]
    if opened.flavor is None and max(ends, default=0) > len(font.data):
        raise ArtworkError(tr("{name} was cut short: get the font file again", name=font.name))
    if not any(table in opened for table in _OUTLINES):
        raise ArtworkError(tr("{name} holds coloured pictures of its letters and no outlines to cut by: choose an "
                              "outline font", name=font.name))
    return font


def _name(opened: Any, number: int) -> str | None:
    try:
        found = opened["name"].getDebugName(number)
    except Exception:              # a damaged name table only costs the name
        return None
    return str(found) if found else None


def _full_name(opened: Any) -> str | None:
    family, style = (_name(opened, 16) or _name(opened, 1)), (_name(opened, 17) or _name(opened, 2))
    if family is None:
        return None
    return family[:120] if style in (None, "Regular") else f"{family[:120]} {style[:60]}"


def _may_travel(opened: Any) -> bool:
    try:
        return not opened["OS/2"].fsType & _RESTRICTED
    except Exception:              # no such table, or a damaged one: nothing is forbidden
        return True


def _weights(opened: Any, name: str) -> tuple[float, float, float] | None:
    def axis() -> Iterator[tuple[float, float, float]]:
        for found in opened["fvar"].axes if "fvar" in opened else ():
            if found.axisTag == "wght":
                yield float(found.minValue), float(found.defaultValue), float(found.maxValue)

    return next(iter(_opened(lambda: list(axis()), name)), None)
