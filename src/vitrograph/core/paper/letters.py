"""Words on paper: in the interface face, and letters that it lacks in the first other face that has them."""

from collections.abc import Iterator
from contextlib import suppress
from functools import cache, lru_cache
from itertools import groupby
from typing import Any
from zlib import crc32

from vitrograph.core.faces import INTERFACE, of_the_system, plain

FACE = "Interface"
_SHIPPED = dict(zip((FACE, "Interface, more letters", "Symbols"), INTERFACE, strict=True))


def write(canvas: Any, x: float, y: float, words: str, size: float, *, centred: bool = False) -> None:
    """Write words from a place on, or about it; `size` is in the canvas's units. Its font is another afterwards."""
    x -= wide(words, size) / 2 if centred else 0.0
    for name, letters in _runs(words):
        canvas.setFont(name, size)
        canvas.drawString(x, y, letters if name in _SHIPPED else _shaped(letters, name, size))
        x += _advance(letters, name, size)


@lru_cache(maxsize=4096)           # lines are broken word by word, and the same words come again and again
def wide(words: str, size: float) -> float:
    """How wide words are, in the units of `size`."""
    return sum(_advance(letters, name, size) for name, letters in _runs(words))


def broken(words: str, size: float, room: float) -> list[str]:
    """Words broken into lines that are no wider than so many mm; a word that is wider is broken itself."""
    lines, line, long, space = [], "", 0.0, wide(" ", size)
    for word in words.split():
        while wide(word, size) > room:
            fits = next(k for k in range(len(word), 0, -1) if k == 1 or wide(word[:k], size) <= room)
            if line:
                lines.append(line)
                line = ""
            lines.append(word[:fits])
            word = word[fits:]
            if not word:
                break
        if line and long + space + wide(word, size) > room:
            lines.append(line)
            line = ""
        line, long = (f"{line} {word}", long + space) if line else (word, 0.0)
        long += wide(word, size)
    return [*lines, line] if line or not lines else lines


def shortened(words: str, size: float, room: float) -> str:
    """Words that are no wider than so many mm: what is too much at their end is left out, and dots say so."""
    if wide(words, size) <= room:
        return words
    fits = next((k for k in range(len(words) - 1, 0, -1) if wide(f"{words[:k].rstrip()}…", size) <= room), 0)
    return f"{words[:fits].rstrip()}…"


def _advance(letters: str, name: str, size: float) -> float:
    from reportlab.pdfbase.pdfmetrics import stringWidth

    if name in _SHIPPED:
        return float(stringWidth(letters, name, size))
    return float(sum(one.x_advance for one in _shaped(letters, name, size).__shapeData__) * size / 1000)


@lru_cache(maxsize=4096)           # for its width, and again when it is written
def _shaped(letters: str, name: str, size: float) -> Any:
    """Letters of another script as they are written: joined, and from the right where it runs so (HarfBuzz)."""
    from reportlab.pdfbase.ttfonts import shapeStr

    made = shapeStr(letters, name, size, force=True)
    made.logical = letters                                     # for what shapes letters itself
    return made


def _runs(words: str) -> Iterator[tuple[str, str]]:
    """Yield the words in stretches of one face each; a space between two words of one script is of theirs."""
    shown = [_shown(letter) for letter in words]
    for at in range(1, len(shown) - 1):
        name, after = shown[at - 1][0], shown[at + 1][0]
        if words[at] == " " and name == after and name not in _SHIPPED and ord(" ") in _faces()[name]:
            shown[at] = name, " "
    for name, letters in groupby(shown, key=lambda one: one[0]):
        yield name, "".join(letter for _, letter in letters)


@cache
def _shown(letter: str) -> tuple[str, str]:
    """The face that shows a letter, and the letter; where there is none its plain one, or a question mark."""
    for name, has in _faces().items():
        if ord(letter) in has:
            return name, letter
    if name := _of_the_system(letter):
        return name, letter
    return (FACE, plain(letter)) if ord(plain(letter)) in _faces()[FACE] else (FACE, "?")


@cache
def _faces() -> dict[str, set[int]]:
    """The faces that are registered, in the order they are asked in, and the letters each has."""
    return {name: _register(name, path) for name, path in _SHIPPED.items()}


def _register(name: str, path: str) -> set[int]:
    """Embed a face in what is written from now on. Raises TTFError or OSError for one that cannot be."""
    from reportlab.pdfbase.pdfmetrics import registerFont
    from reportlab.pdfbase.ttfonts import TTFont

    made = TTFont(name, path, shapable=name not in _SHIPPED)
    made.face.name += f"-{crc32(name.encode())}".encode()      # two files of one face name would be taken for one
    registerFont(made)
    return set(made.face.charToGlyph)


def _of_the_system(letter: str) -> str:
    """The name of a face of this computer that has a letter and can be embedded; "" where there is none."""
    from reportlab.pdfbase.ttfonts import TTFError

    told = of_the_system(letter)
    with suppress(OSError, TTFError, ValueError):
        if told and ord(letter) in (has := _register(told, told)):
            _faces()[told] = has
            return told
    return ""
