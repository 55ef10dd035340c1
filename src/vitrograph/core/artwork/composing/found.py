"""What is found while items are placed: letters a face lacks, what of a drawing is not cut, what licences allow."""

from collections.abc import Iterator
from math import ceil, floor, pi

import msgspec

from vitrograph.core.artwork.composing.place import Placed
from vitrograph.core.artwork.source import Source, largest_picture
from vitrograph.core.artwork.words import face_of
from vitrograph.core.artwork.words.runs import missing_in
from vitrograph.core.findings import Code, Finding, Level, Remedy
from vitrograph.core.job import Artwork, Drawing, Item, Monogram, Words
from vitrograph.core.job.change import SetContent, put
from vitrograph.core.job.names import folded, part_of
from vitrograph.core.language import tr, tr_later
from vitrograph.core.says import Length, Says
from vitrograph.core.value_words import word_of

_AS_TYPED = 0.005                  # mm
_MOST_NAMED = 12                   # letters named one by one
_TAKES = {"words": tr("put in words for it, or take the list out"),
          "initials": tr("put in a monogram for it, or take the list out"),
          "name": tr("put in words or a monogram for it, or take the list out"),
          "drawing": tr("put in a drawing for it, or take the list out")}
_LINE_MM = 1.0                     # of film between two colours: a little more than the least web of most vinyl


def label_of(item: Item) -> str:
    """What an item is called: the name it was given, or what it holds."""
    if item.name:
        return item.name
    what = item.what
    if isinstance(what, Words):
        return " ".join(what.text.split())[:30] or tr("words")
    if isinstance(what, Drawing):
        return what.name[:40]
    if isinstance(what, Monogram):
        return tr("monogram {initials}", initials=what.initials).strip()[:30]
    return tr("bar") if what.outline == "rectangle" and what.edge == "filled" else word_of(what.outline)


def found_in(placed: Placed) -> Iterator[Finding]:
    """Yield what a placed item lacks or should be known for."""
    yield from _letters_left_out(placed)
    what = placed.item.what
    if isinstance(what, Drawing) and placed.local.source is not None:
        yield from _left_out(placed.local.source, what, placed.item.key)
        yield from _inverted(placed.local.source, what, placed.item.key)
        yield from _merged(placed, placed.local.source, what)
    if isinstance(what, Words | Monogram) and what.font is not None:
        yield from _may_be_sold(what)


def gone_nowhere(row: tuple[tuple[str, str], ...], artwork: Artwork) -> Iterator[Finding]:
    """Yield which columns of a list of names fill no part of the art: where none does, all its rows come out alike."""
    lost = [column for column, _ in row if part_of(column, artwork) is None]
    for column in lost:
        yield Finding(
            Code.ROW, Level.STOP if len(lost) == len(row) else Level.WATCH,
            tr("what the list says under '{column}' is nowhere in the art", column=column[:40]),
            _TAKES.get(folded(column), tr("put in words for it, or call an item of the art '{column}'",
                                          column=column[:40])))


def too_wide(artwork: Artwork, width: float) -> Iterator[Finding]:
    """Yield that a row stays wider than its rule allows, with all the narrowing that is allowed."""
    rule = artwork.rule
    if rule.by != "narrow" or width <= rule.most + _AS_TYPED:
        return
    wide, needed = ceil(width * 10) / 10, floor(100 * rule.narrowest * rule.most / width)
    narrower = Remedy.of(Says("Narrow long ones by {share} %", share=str(100 - needed)),
                         put(lambda job: job.artwork.rule.narrowest, needed / 100))
    yield Finding(
        Code.ROW, Level.WATCH,
        Says("{wide} wide, even narrowed by {share} %; {most} is the most it may be", wide=Length(width, 1),
             share=str(round(100 * (1 - rule.narrowest))), most=Length(rule.most, 1)),
        tr("allow more, narrow it more, or set it in a narrower face"),
        value=width, limit=rule.most,
        remedy=Remedy.of(Says("Allow {wide}", wide=Length(wide, 1)),
                         put(lambda job: job.artwork.rule.most, wide)),
        others=(narrower,) if needed >= 30 else ())


def _letters_left_out(placed: Placed) -> Iterator[Finding]:
    local, what = placed.local, placed.item.what
    if local.missing:
        blank = _blank(what, local.missing)
        lacks = "".join(letter for letter in local.missing if letter not in blank)
        for letters, says, why in (
                (lacks, tr_later("{face} has no letter for {letters}"),
                 tr("what a face lacks would be cut as an empty box, so it is left out: choose another face")),
                (blank, tr_later("{face} has no outline for {letters}"),
                 tr("it knows these letters, but draws them in colour or not at all, which no blade can follow: "
                    "choose another face"))):
            if letters:
                yield Finding(Code.LETTERS, Level.STOP, tr(says, face=_face_named(what), letters=_some(letters)), why,
                              value=float(len(letters)), limit=0.0)
    if local.dropped:
        count = tr("{n} control characters", "a control character", n=local.dropped)
        yield Finding(Code.LETTERS, Level.NOTE, tr("{item} holds {count}, left out",
                                                   item=label_of(placed.item), count=count),
                      tr("they came along with pasted text and print nothing"),
                      value=float(local.dropped), limit=0.0)
    if local.turn > 2 * pi:
        yield Finding(Code.LETTERS, Level.STOP, tr("{item} goes {turns:.1f} times round its arc and runs over itself",
                                                   item=label_of(placed.item), turns=local.turn / (2 * pi)),
                      tr("give the arc a larger radius, or smaller letters"))


def _blank(what: object, left_out: str) -> str:
    """Of the letters left out those that the face knows, and has no outline for."""
    if not isinstance(what, Words):
        return ""
    lacks = missing_in(face_of(what), left_out)
    return "".join(letter for letter in left_out if letter not in lacks)


def _some(letters: str) -> str:
    more = len(letters) - _MOST_NAMED
    return " ".join(letters[:_MOST_NAMED]) + (tr(" and {more} more", more=more) if more > 0 else "")


def _face_named(what: object) -> str:
    assert isinstance(what, Words | Monogram)
    return what.font.name if what.font is not None else what.face


def _may_be_sold(what: Words | Monogram) -> Iterator[Finding]:
    from vitrograph.core.artwork.words.fontfile import facts_of  # for brought fonts only

    assert what.font is not None
    facts = facts_of(what.font)
    if facts.sale == "no":
        yield Finding(Code.LICENCE, Level.WATCH, tr("the licence of {name} may not cover glass that is sold",
                                                    name=facts.name),
                      tr("it says: {licence}", licence=facts.licence))
    elif facts.sale == "unknown":
        yield Finding(Code.LICENCE, Level.NOTE, tr("{name} does not say whether glass with it may be sold",
                                                   name=facts.name),
                      tr("look for its licence where you got it, before you sell what you made"))
    if not facts.may_travel:
        yield Finding(Code.LICENCE, Level.NOTE, tr("{name} may not be passed on inside other files", name=facts.name),
                      tr("its file says so, and the job file holds it: keep the job to yourself"))


def _left_out(drawn: Source, drawing: Drawing, key: int) -> Iterator[Finding]:
    """What of a drawing is not cut as drawn; a picture within it can be traced instead."""
    if drawn.left_out:
        yield Finding(
            Code.DRAWING, Level.WATCH, tr("not taken as drawn: {all}", all='; '.join(drawn.left_out)),
            tr("compare the sheet with your drawing; turn these into plain filled shapes if they matter"),
            value=float(len(drawn.left_out)), limit=0.0, remedy=_trace_inside(drawn, drawing, key))
    cleared = [colour.hex for colour in drawn.colours if colour.does == "clear"]
    if cleared:
        yield Finding(
            Code.DRAWING, Level.NOTE, tr("what is painted {all} clears what lies below it", all=', '.join(cleared[:4])),
            tr("a light colour is taken for bare glass: say otherwise in the list of colours"))


def _inverted(drawn: Source, drawing: Drawing, key: int) -> Iterator[Finding]:
    """A drawing that looks like a stencil, whose film would be frosted and whose art would stay clear."""
    if drawn.film:
        told: dict[str, Remedy] = {
            kind: Remedy.of(says, SetContent(key, msgspec.structs.replace(drawing, drawn=kind)))
            for kind, says in (("film", tr("Frost its holes")), ("art", tr("Frost it as it is")))}
        yield Finding(
            Code.INVERTED, Level.WATCH, tr("the drawing looks like a stencil already: a frame with holes"),
            tr("its frame would be frosted, and what is cut out of it would stay clear: say which is meant"),
            remedy=told["film"], others=(told["art"],))


def _merged(placed: Placed, drawn: Source, drawing: Drawing) -> Iterator[Finding]:
    """Colours that frost as those about them do, so that nothing of them is seen on glass."""
    if drawn.merged:
        shown = tr(" and ").join(drawn.merged[:4])
        line = min(0.5, _LINE_MM / placed.mending_unit)
        yield Finding(
            Code.DRAWING, Level.WATCH, tr("{shown} will not be seen: what lies about it frosts as well", shown=shown),
            tr("frost has one tone: keep a line of film where the colours meet, or let one of them clear"),
            value=float(len(drawn.merged)), limit=0.0, remedy=Remedy.of(
                tr("Keep a line between the colours"),
                SetContent(placed.item.key, msgspec.structs.replace(drawing, between=line))))


def _trace_inside(drawn: Source, drawing: Drawing, key: int) -> Remedy | None:
    largest = largest_picture(drawn.pictures)
    if largest is None:
        return None
    inside = Drawing(name=f"{drawing.name} (picture)"[:200], data=largest, kind="picture",
                     licence=drawing.licence)
    return Remedy.of(tr("Trace the picture inside it"), SetContent(key, inside))
