"""Lettering faces: those that ship with the program, and fonts the maker brought, as HarfBuzz fonts.

Outlines come from these files only.
"""

import json
from functools import cache, lru_cache

import uharfbuzz as hb
from msgspec import Struct

from vitrograph.core.errors import ArtworkError
from vitrograph.core.job import FontFile, Words
from vitrograph.core.language import tr
from vitrograph.data import SHIPPED

_FOLDER = SHIPPED / "fonts"
_CAP_SHARE = 0.7                   # of an em, for a font that has no capital H (common practice, no published source)


class Face(Struct, frozen=True, eq=False):
    """A face to set words in: its fonts in order of preference, its licence, and what it is good for.

    Two faces are equal only if they are the same: `face_of` gives the same one for the same font.
    """

    name: str
    fonts: tuple[hb.Font, ...]
    licence: str
    kind: str

    def has(self, char: str) -> int | None:
        """The first font that has a letter; None where none has."""
        return next((at for at, font in enumerate(self.fonts) if font.get_nominal_glyph(ord(char))), None)

    @property
    def cap_height(self) -> float:
        """Height of a capital H's outline, in ems."""
        for font in self.fonts:
            glyph = font.get_nominal_glyph(ord("H"))
            extents = font.get_glyph_extents(glyph) if glyph else None
            if extents is not None and extents.y_bearing > 0:
                return float(extents.y_bearing / font.face.upem)
        return _CAP_SHARE


@cache
def _catalogue() -> dict[str, dict[str, str | list[str]]]:
    entries: dict[str, dict[str, str | list[str]]] = json.loads((_FOLDER / "faces.json").read_text("utf-8"))
    return entries


def faces() -> tuple[str, ...]:
    """The names of the shipped faces."""
    return tuple(_catalogue())


@cache
def shipped_face(name: str) -> Face:
    """A shipped face by its whole name. Raises ArtworkError, listing what there is."""
    entry = _catalogue().get(name)
    if entry is None:
        raise ArtworkError(tr("there is no face '{name}': choose from {all}", name=name.strip()[:40],
                              all=', '.join(faces())))
    folder = _FOLDER / str(entry["folder"])
    fonts = tuple(hb.Font(hb.Face((folder / file).read_bytes())) for file in entry["files"])
    return Face(name, fonts, str(entry["licence"]), str(entry["kind"]))


def licence_text(name: str) -> str:
    """The licence that a shipped face comes with, whole. Raises ArtworkError."""
    shipped_face(name)
    return (_FOLDER / str(_catalogue()[name]["folder"]) / "LICENSE").read_text("utf-8")


def face_named(name: str) -> Face:
    """Find a shipped face by its name, or by the start of it. Raises ArtworkError, listing what there is."""
    wanted = name.strip().casefold()
    found = next((known for known in faces() if wanted and known.casefold().startswith(wanted)), name)
    return shipped_face(found)


@lru_cache(maxsize=24)
def brought_face(font: FontFile) -> Face:
    """A face from a font the maker brought, at the weight chosen. Raises ArtworkError where it is no font."""
    from vitrograph.core.artwork.words.fontfile import facts_of  # seldom wanted: the window opens sooner without it

    facts = facts_of(font)
    made = hb.Font(hb.Face(font.data, font.number))
    if facts.weights is not None and font.weight is not None:
        made.set_variations({"wght": font.weight})
    return Face(font.name, (made,), facts.licence, "brought")


def face_of(words: Words) -> Face:
    """The face that words are set in: the brought font if there is one, else the shipped face. Raises ArtworkError."""
    return brought_face(words.font) if words.font is not None else shipped_face(words.face)
