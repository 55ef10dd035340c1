"""The guide's text, and what the words of the trade mean: a sentence each, most with a picture."""

import re
from functools import cache
from importlib import resources
from importlib.resources.abc import Traversable

_CHAPTER = "\n## The words of the trade\n"
_TERM = re.compile(r"^- \*\*(.+?)\*\*: (.+)$", re.MULTILINE)
# what a finding is about, by its code: a term of the guide's; the picture is called as the code is
_OF_CODES = {"web": "Web", "near": "Nearly touching", "opening": "Opening", "speck": "Speck", "needle": "Needle",
             "island": "Island", "tie": "Tie", "border": "Border", "lip": "Lip area", "strain": "Strain",
             "closure": "Lap", "lap": "Lap", "droop": "Fan", "reading-width": "Reading width", "keep-out": "Kept clear",
             "off-glass": "Off the glass", "overlap": "Overlap", "blade": "Offset", "surplus": "Surplus"}
_PICTURES = {"closure": "lap", "droop": "fan"}


@cache
def guide_text() -> str:
    """The guide, in Markdown."""
    return (resources.files("vitrograph.data") / "guide.md").read_text("utf-8")


@cache
def terms() -> dict[str, str]:
    """The words of the trade that the guide explains, each with its sentence."""
    chapter = guide_text().partition(_CHAPTER)[2].partition("\n## ")[0]
    return {found[1]: found[2] for found in _TERM.finditer(chapter)}


@cache
def _named() -> re.Pattern[str]:
    """Finds a word of the trade in a title, the longest first: *transfer tape* before what stands in it."""
    return re.compile(rf"\b({'|'.join(sorted(map(re.escape, terms()), key=len, reverse=True))})s?\b", re.IGNORECASE)


def explained(title: str) -> str:
    """What the word of the trade means that a field's title holds; "" where it holds none."""
    found = _named().search(title)
    if found is None:
        return ""
    term = next(term for term in terms() if term.casefold() == found[1].casefold())
    return f"{term}: {terms()[term]}"


def term_of(code: str) -> str:
    """The word of the trade that a finding is about; "" where it needs none."""
    return _OF_CODES.get(code, "")


def picture_of(code: str) -> Traversable:
    """The drawing (SVG) that explains a finding which is about a word of the trade."""
    return resources.files("vitrograph.data") / "terms" / f"{_PICTURES.get(code, code)}.svg"
