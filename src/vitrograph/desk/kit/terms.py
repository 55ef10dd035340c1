"""The guide's text, and what the words of the trade mean: a sentence each, most with a picture."""

import re
from functools import cache
from pathlib import Path

from vitrograph.core.language import spoken, tr
from vitrograph.data import SHIPPED

_CHAPTER = tr("The words of the trade")
_TERM = re.compile(r"^- \*\*(.+?)\*\*: (.+)$", re.MULTILINE)
# what a finding is about, by its code: a term of the guide's; the picture is called as the code is
_OF_CODES = {"web": tr("Web"), "near": tr("Nearly touching"), "opening": tr("Opening"), "speck": tr("Speck"),
             "needle": tr("Needle"),
             "island": tr("Island"), "tie": tr("Tie"), "border": tr("Border"), "lip": tr("Lip area"),
             "strain": tr("Strain"),
             "closure": tr("Lap"), "lap": tr("Lap"), "droop": tr("Fan"), "reading-width": tr("Reading width"),
             "keep-out": tr("Kept clear"),
             "off-glass": tr("Off the glass"), "overlap": tr("Overlap"), "blade": tr("Offset"),
             "surplus": tr("Surplus")}
_PICTURES = {"closure": "lap", "droop": "fan"}


@cache
def guide_text() -> str:
    """The guide in the language that is spoken, in Markdown."""
    own = SHIPPED / f"guide_{spoken().code}.md"
    return (own if own.is_file() else SHIPPED / "guide.md").read_text("utf-8")


@cache
def terms() -> dict[str, str]:
    """The words of the trade that the guide explains, each with its sentence."""
    chapter = guide_text().partition(f"\n## {_CHAPTER}\n")[2].partition("\n## ")[0]
    return {found[1]: found[2] for found in _TERM.finditer(chapter)}


@cache
def _named() -> re.Pattern[str]:
    """Finds a word of the trade in a title, the longest first: *transfer tape* before what stands in it."""
    return re.compile(rf"\b({'|'.join(sorted(map(re.escape, terms()), key=len, reverse=True))})(?:s|e|en|n)?\b",
                      re.IGNORECASE)


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


def picture_of(code: str) -> Path:
    """The drawing (SVG) that explains a finding which is about a word of the trade."""
    return SHIPPED / "terms" / f"{_PICTURES.get(code, code)}.svg"
