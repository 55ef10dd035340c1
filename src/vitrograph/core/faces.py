"""Faces that words are written in beside the window: the interface's own, then the first of this computer's."""

import shutil
import subprocess
import unicodedata
from contextlib import suppress
from functools import cache
from itertools import groupby

from vitrograph.data import SHIPPED

INTERFACE = tuple(str(SHIPPED / "fonts" / path) for path in (
    "atkinson-hyperlegible/atkinson-hyperlegible-latin-400-normal.ttf",
    "atkinson-hyperlegible/atkinson-hyperlegible-latin-ext-400-normal.ttf",
    "noto-sans-symbols-2/noto-sans-symbols-2-subset.ttf"))
_ASKED_S = 5.0                     # of the system, for one face


def stretches(words: str) -> list[tuple[str, str]]:
    """Words in stretches of one face each: the file of the face, and what is written; where none has it, a ?.

    A space between two words of one script is of theirs.
    """
    shown = [_shown(letter) for letter in words]
    for at in range(1, len(shown) - 1):
        path, after = shown[at - 1][0], shown[at + 1][0]
        if words[at] == " " and path == after and path not in INTERFACE and ord(" ") in _letters_of(path):
            shown[at] = path, " "
    return [(path, "".join(letter for _, letter in some)) for path, some in groupby(shown, key=lambda one: one[0])]


@cache
def _shown(letter: str) -> tuple[str, str]:
    for path in INTERFACE:
        if ord(letter) in _letters_of(path):
            return path, letter
    system = _of_the_system(letter)
    if system and ord(letter) in _letters_of(system):
        return system, letter
    bare = unicodedata.normalize("NFKD", letter)[0]            # the letter that its marks stand on
    return INTERFACE[0], bare if ord(bare) in _letters_of(INTERFACE[0]) else "?"


@cache
def _letters_of(path: str) -> frozenset[int]:
    """The letters that a face's file has; none where it cannot be read."""
    from fontTools.ttLib import TTFont, TTLibError

    with suppress(OSError, TTLibError), TTFont(path, fontNumber=0, lazy=True) as face:
        return frozenset(face.getBestCmap() or {})
    return frozenset()


@cache
def _of_the_system(letter: str) -> str:
    """The file of a TrueType face of this computer that has a letter, as fontconfig tells; "" where there is none."""
    asks = shutil.which("fc-match")
    if asks is None or unicodedata.category(letter) in ("Cc", "Cs", "Cn", "Co"):
        return ""
    with suppress(OSError, subprocess.SubprocessError, ValueError):
        return subprocess.run([asks, "-f", "%{file}", f"sans:fontformat=TrueType:charset={ord(letter):x}"],
                              capture_output=True, timeout=_ASKED_S, check=True).stdout.decode()
    return ""
