"""An entry as a page to read: its fields in plain words and the maker's unit, and where two entries differ."""

from vitrograph.core.logbook.entry import Entry
from vitrograph.core.says import Area, Length, Value
from vitrograph.core.units import Unit

SECTIONS: dict[str, dict[str, str]] = {
    "The piece": {"made_on": "Made on", "job": "Piece", "glass": "Glass", "material": "Kind of glass",
                  "shelf": "On the shelf as", "art": "Art", "faces": "Typefaces", "files": "Files",
                  "licences": "Licences", "width_mm": "Width of the art", "height_mm": "Height of the art",
                  "area_mm2": "Area of the frost"},
    "Film and cut": {"film": "Film", "cutter": "Cutter", "passes": "Passes", "mends": "Mends", "ties": "Ties",
                     "bits": "Bits to weed", "web_mm": "Thinnest web", "island_mm2": "Smallest island",
                     "strain_pct": "Most strain"},
    "Etch": {"recipe": "Recipe", "cream": "Cream", "cream_days": "Age of the cream", "cream_g": "Cream used up",
             "minutes": "Time under cream", "settled_min": "Film settled for"},
    "Minutes of hands": {"cut_min": "Cutting", "weed_min": "Weeding", "transfer_min": "Transfer",
                         "etch_min": "Etching"},
    "Cost": {"cost_film": "Film", "cost_tape": "Tape", "cost_cream": "Cream", "cost_glass": "Glass",
             "cost_hands": "Hands"},
    "How it went": {"how_many": "Pieces", "outcome": "Outcome", "stars": "Stars", "for_whom": "For whom",
                    "note": "Note"},
}
_ENDINGS = {"_pct": " %", "_g": " g", "_min": " min", "_days": " days"}

Told = tuple[str, str]


def page_of(entry: Entry, unit: Unit) -> list[tuple[str, list[Told]]]:
    """What is known of an entry: each section's name, and its fields' words and values.

    >>> page_of(Entry(made_on="2026-11-28", job="Lamp", width_mm=50.8), "in")[0]
    ('The piece', [('Made on', '2026-11-28'), ('Piece', 'Lamp'), ('Width of the art', '2\\u2009in')])
    """
    told = [(section, [(words, said) for name, words in names.items() if (said := said_of(entry, name, unit))])
            for section, names in SECTIONS.items()]
    return [(section, rows) for section, rows in told if rows]


def differences(one: Entry, other: Entry, unit: Unit) -> list[tuple[str, str, str]]:
    """Where two entries differ: the field's words, and what each says; "–" where nobody knows."""
    told: list[tuple[str, str, str]] = []
    for section, names in SECTIONS.items():
        for name, words in names.items():
            if getattr(one, name) != getattr(other, name):
                called = f"{section}: {words.lower()}" if section in ("Cost", "Minutes of hands") else words
                told.append((called, said_of(one, name, unit) or "–", said_of(other, name, unit) or "–"))
    return told


def said_of(entry: Entry, name: str, unit: Unit) -> str:
    """A field's value in words; "" where nobody knows it."""
    value = getattr(entry, name)
    if value in ("", None):
        return ""
    if name.endswith(("_mm", "_mm2")):
        made: Value = Length(value, 2) if name.endswith("_mm") else Area(value)
        return made.words(unit)
    if name.startswith("cost_"):
        return f"{value:.2f}"
    if name == "minutes":
        return entry.stood
    if name == "stars":
        return f"{value} of 5"
    ending = next((words for end, words in _ENDINGS.items() if name.endswith(end)), "")
    return f"{value:.4g}{ending}" if isinstance(value, float) else f"{value}{ending}"
