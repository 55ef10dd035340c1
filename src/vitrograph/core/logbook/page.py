"""An entry as a page to read: its fields in plain words and the maker's unit, and where two entries differ."""

from collections.abc import Callable

from vitrograph.core.language import day_words, decimals, tr, within
from vitrograph.core.logbook.entry import Entry, outcome_words
from vitrograph.core.says import Area, Length, Value
from vitrograph.core.units import Unit
from vitrograph.core.value_words import film_word, word_of

SECTIONS: dict[str, dict[str, str]] = {
    tr("The piece"): {"made_on": tr("Made on"), "job": tr("Piece"), "glass": tr("Glass"),
                      "material": tr("Kind of glass"),
                  "shelf": tr("On the shelf as"), "art": tr("Art"), "faces": tr("Typefaces"), "files": tr("Files"),
                  "licences": tr("Licences"), "width_mm": tr("Width of the art"), "height_mm": tr("Height of the art"),
                  "area_mm2": tr("Area of the frost")},
    tr("Film and cut"): {"film": tr("Film"), "cutter": tr("Cutter"), "passes": tr("Passes"), "mends": tr("Mends"),
                     "ties": tr("Ties"),
                     "bits": tr("Bits to weed"), "web_mm": tr("Thinnest web"), "island_mm2": tr("Smallest island"),
                     "strain_pct": tr("Most strain")},
    tr("Etch"): {"recipe": tr("Recipe"), "cream": tr("Cream"), "cream_days": tr("Age of the cream"),
             "cream_g": tr("Cream used up"),
             "minutes": tr("Time under cream"), "settled_min": tr("Film settled for")},
    tr("Minutes of hands"): {"cut_min": tr("Cutting"), "weed_min": tr("Weeding"), "transfer_min": tr("Transfer"),
                         "etch_min": tr("Etching")},
    tr("Cost"): {"cost_film": tr("Film"), "cost_tape": tr("Tape"), "cost_cream": tr("Cream"), "cost_glass": tr("Glass"),
             "cost_hands": tr("Hands")},
    tr("How it went"): {"how_many": tr("Pieces"), "outcome": tr("Outcome"), "stars": tr("Stars"),
                    "for_whom": tr("For whom"),
                    "note": tr("Note")},
}
_ENDINGS = {"_pct": " %", "_g": " g", "_min": tr(" min"), "_days": tr(" days")}
_NAMED_WITH = (tr("Cost"), tr("Minutes of hands"))    # sections whose fields say little without them
_WORDED: dict[str, Callable[[str], str]] = {"film": film_word, "material": word_of, "recipe": tr, "made_on": day_words,
                                             "outcome": outcome_words}

Told = tuple[str, str]


def page_of(entry: Entry, unit: Unit) -> list[tuple[str, list[Told]]]:
    """What is known of an entry: each section's name, and its fields' words and values.

    >>> page_of(Entry(made_on="2026-11-28", job="Lamp", width_mm=50.8), "in")[0]
    ('The piece', [('Made on', '2026-11-28'), ('Piece', 'Lamp'), ('Width of the art', '2\\u202fin')])
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
                called = f"{section}: {within(words)}" if section in _NAMED_WITH else words
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
        return decimals(f"{value:.2f}")
    if name in _WORDED:
        return _WORDED[name](value)
    if name == "minutes":
        return entry.stood
    if name == "stars":
        return tr("{stars} of 5", stars=value)
    ending = next((words for end, words in _ENDINGS.items() if name.endswith(end)), "")
    return decimals(f"{value:.4g}") + ending if isinstance(value, float) else f"{value}{ending}"
