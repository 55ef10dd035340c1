"""Words on paper: in the interface face, and letters that it lacks in the first other face that has them."""

from collections.abc import Iterator
from functools import cache, lru_cache
from typing import Any
from zlib import crc32

from vitrograph.core.faces import INTERFACE, stretches

FACE = "Interface"
_NAMES = dict(zip(INTERFACE, (FACE, "Interface, more letters", "Symbols"), strict=True))


def write(canvas: Any, x: float, y: float, words: str, size: float, *, centred: bool = False) -> None:
    """Write words from a place on, or about it; `size` is in the canvas's units. Its font is another afterwards."""
    x -= wide(words, size) / 2 if centred else 0.0
    for name, letters in _runs(words):
        canvas.setFont(name, size)
        canvas.drawString(x, y, letters if name in _NAMES.values() else _shaped(letters, name, size))
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

    if name in _NAMES.values():
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
    """Yield the words in stretches of one registered face each; a ? for letters of a face that cannot be embedded."""
    for path, letters in stretches(words):
        name = _registered(path)
        yield (name, letters) if name else (FACE, "?" * len(letters))


@cache
def _registered(path: str) -> str:
    """The name that a face's file is embedded by in what is written from now on; "" where it cannot be."""
    from reportlab.pdfbase.pdfmetrics import registerFont
    from reportlab.pdfbase.ttfonts import TTFError, TTFont

    name = _NAMES.get(path, path)
    try:
        made = TTFont(name, path, shapable=path not in _NAMES)
    except (OSError, TTFError, ValueError):
        return ""
    made.face.name += f"-{crc32(name.encode())}".encode()      # two files of one face name would be taken for one
    registerFont(made)
    return name
