"""A line of text parted into runs that are shaped at once: one font, one direction, one script, in the order seen.

Directions are those of the Unicode Bidirectional Algorithm (Unicode Standard Annex 9) by python-bidi; scripts are
those of Annex 24 by fontTools.
"""

import unicodedata
from collections.abc import Iterator
from functools import lru_cache
from typing import TypeVar

from msgspec import Struct

from vitrograph.core.artwork.words.faces import Face

_Key = TypeVar("_Key")

_ANY_SCRIPT = frozenset({"Zyyy", "Zinh", "Zzzz"})
_UNSEEN = frozenset({"Cf", "Cc", "Zl", "Zp"})
_FIRST_RIGHT_TO_LEFT = 0x0590      # no letter below reads from the right, nor needs its script told
_SIGNS = 0x2010, 0x2C00            # blocks of dashes, quotes, arrows, stars: signs in them belong to no script


class Run(Struct, frozen=True):
    """A stretch of a line: which of the face's fonts, its text in reading order, its direction."""

    font: int
    text: str
    right_to_left: bool


def plain_line(text: str) -> tuple[str, int]:
    """A line composed (NFC), tabs as spaces, without control characters; and how many of those there were."""
    kept = unicodedata.normalize("NFC", text.replace("\t", " "))
    sound = "".join(char for char in kept if unicodedata.category(char) not in ("Cc", "Zl", "Zp", "Cs"))
    return sound, len(kept) - len(sound)


def missing_in(face: Face, text: str) -> str:
    """The letters of a text that a face has not, each once; what is never seen, such as a joiner, is not missed."""
    return "".join(char for char in dict.fromkeys(text) if not is_unseen(char) and _font_with(face, char) is None)


def runs_of(face: Face, text: str) -> list[Run]:
    """The runs of a line in the order they are seen, left to right; letters no font has are left out."""
    if all(map(_is_plain, text)):
        return [Run(font, part, False) for font, part in _by_font(face, text)]
    made = []
    for level, part in _by_level(text):
        runs = [Run(font, run, bool(level % 2)) for piece in _by_script(part) for font, run in _by_font(face, piece)]
        made += [(level, run) for run in runs]
    return [run for _, run in _as_seen(made)]


def _is_plain(char: str) -> bool:
    """Whether a letter or sign is seen where it is read, beside letters of any script that is."""
    at = ord(char)
    return at < _FIRST_RIGHT_TO_LEFT or (_SIGNS[0] <= at < _SIGNS[1] and unicodedata.category(char)[0] in "SP")


def _by_level(text: str) -> Iterator[tuple[int, str]]:
    """Stretches of one embedding level, in reading order."""
    from bidi import algorithm  # seldom wanted: the window opens sooner without it

    storage = algorithm.get_empty_storage()
    base = storage["base_level"] = algorithm.get_base_level(text)
    storage["base_dir"] = ("L", "R")[base]
    algorithm.get_embedding_levels(text, storage)
    algorithm.explicit_embed_and_overrides(storage)
    algorithm.resolve_weak_types(storage)
    algorithm.resolve_neutral_types(storage, False)
    algorithm.resolve_implicit_levels(storage, False)
    yield from _grouped((char["level"], char["ch"]) for char in storage["chars"])


def _by_script(text: str) -> Iterator[str]:
    """Stretches of one script; what belongs to any goes with what came before it."""
    from fontTools.unicodedata import script  # as above

    now, keys = "", []
    for char in text:
        own = script(char)
        now = now if own in _ANY_SCRIPT else own
        keys.append(now)
    first = next((key for key in keys if key), "")
    yield from (part for _, part in _grouped((key or first, char) for key, char in zip(keys, text, strict=True)))


def _by_font(face: Face, text: str) -> Iterator[tuple[int, str]]:
    """Stretches that one font has; a mark stays with its letter where the letter's font has both."""
    pairs: list[tuple[int, str]] = []
    for char in text:
        font = _font_with(face, char)
        joins = unicodedata.combining(char) != 0 or is_unseen(char)
        if joins and pairs and (font is None or face.fonts[pairs[-1][0]].get_nominal_glyph(ord(char))):
            font = pairs[-1][0]
        if font is not None:
            pairs.append((font, char))
    yield from _grouped(iter(pairs))


def _as_seen(runs: list[tuple[int, Run]]) -> list[tuple[int, Run]]:
    """Runs from reading order into the order seen: rule L2, from the highest level down to the lowest odd one."""
    levels = [level for level, _ in runs]
    for level in range(max(levels, default=0), 0, -1):
        at = 0
        while at < len(runs):
            end = at
            while end < len(runs) and runs[end][0] >= level:
                end += 1
            runs[at:end] = runs[at:end][::-1]
            at = end + 1
    return runs


def _grouped(pairs: Iterator[tuple[_Key, str]]) -> Iterator[tuple[_Key, str]]:
    """Neighbours of one key joined."""
    now: tuple[_Key, list[str]] | None = None
    for key, char in pairs:
        if now is not None and now[0] == key:
            now[1].append(char)
            continue
        if now is not None:
            yield now[0], "".join(now[1])
        now = key, [char]
    if now is not None:
        yield now[0], "".join(now[1])


def is_unseen(char: str) -> bool:
    """Whether a character only tells how others are set, such as a joiner or a choice of variant."""
    return unicodedata.category(char) in _UNSEEN or 0xFE00 <= ord(char) <= 0xFE0F


@lru_cache(maxsize=8192)
def _font_with(face: Face, char: str) -> int | None:
    return face.has(char)
