"""Where the art came from: fonts, files, sizes, licences and changes, for the job's papers.

Fonts and pictures have licences, which matters when the item is sold.
"""

from collections import Counter

from vitrograph.core.artwork.composing.compose import Art
from vitrograph.core.artwork.mend import mend_words
from vitrograph.core.artwork.source import Source
from vitrograph.core.artwork.words import face_named
from vitrograph.core.job import Drawing, FontFile, Monogram, Words
from vitrograph.core.language import tr
from vitrograph.core.says import Length, Says


def provenance(art: Art) -> tuple[Says | str, ...]:
    """A sentence for each face and each drawing of the items shown."""
    said: list[Says | str] = []
    for placed in art.placed:
        what = placed.item.what
        if isinstance(what, Words | Monogram):
            said.append(_of_face(what.face, what.font))
        if isinstance(what, Monogram) and what.text.strip():
            said.append(_of_face(what.text_face, None))
        if isinstance(what, Drawing) and placed.local.source is not None:
            said.append(_of_drawing(what, placed.local.source))
    return tuple(dict.fromkeys(said))


def _of_face(face: str, font: FontFile | None) -> str:
    if font is None:
        shipped = face_named(face)
        return tr("lettering in {name} (licence {licence})", name=shipped.name, licence=shipped.licence)
    from vitrograph.core.artwork.words.fontfile import facts_of  # for brought fonts only

    weight = "" if font.weight is None else tr(" at weight {weight:.0f}", weight=font.weight)
    return tr("lettering in {name}{weight}, a font of the maker's (it says: {licence})", name=font.name, weight=weight,
              licence=facts_of(font).licence)


def _of_drawing(drawing: Drawing, source: Source) -> Says:
    width, height = source.size_mm
    kind = {"svg": tr("vector drawing"), "dxf": tr("DXF drawing"), "picture": tr("traced picture")}[drawing.kind]
    licence = f"; {drawing.licence}" if drawing.licence else tr("; no licence noted")
    return Says("{name}, {kind}, own size {width} x {height}{licence}; {changes}", name=drawing.name, kind=kind,
                width=Length(width), height=Length(height), licence=licence, changes=changes(drawing))


def changes(drawing: Drawing) -> str:
    """What was decided and mended, in words."""
    counted = Counter(mend.does for mend in drawing.mends)
    done = [f"{mend_words(name)} ({count})" if count > 1 else mend_words(name) for name, count in counted.items()]
    if drawing.tones:
        done.insert(0, tr("colours chosen"))
    if drawing.trace.tones == "lines":
        done.insert(0, tr("halftone lines"))
    return tr("changed: {all}", all=', '.join(done)) if done else tr("not changed")
