"""Which language the program speaks here: the one that was chosen, or the desktop's; its sentences from Qt's files.

English needs nothing read. Another language is spoken before the rest of the program is read, since its tables are
made as it is. `docs/write_words.py` gathers the sentences (lupdate) and packs their translations (lrelease).
"""

import os
from collections.abc import Mapping
from itertools import groupby
from typing import TYPE_CHECKING

from vitrograph.core.language import Language, speak
from vitrograph.data import SHIPPED
from vitrograph.desk.kit.look import default_file, read_look

if TYPE_CHECKING:
    from PySide6.QtWidgets import QApplication

LANGUAGES = {"en": "English", "de": "Deutsch"}
_NOUNS_ARE_CAPITAL = ("de",)
_DAYS = {"dd": "%d", "d": "%d", "MM": "%m", "M": "%m", "yyyy": "%Y", "yy": "%Y"}


def speak_chosen() -> None:
    """Speak the language that was chosen, or the desktop's."""
    chosen = read_look(default_file()).language
    code = chosen if chosen in LANGUAGES else wanted(os.environ)
    if code != "en":
        speak(language(code))


def wanted(environment: Mapping[str, str]) -> str:
    """The language a desktop asks for, where it is one of ours; else English.

    LANGUAGE is a list that goes before the locale, unless that is the C locale (GNU gettext manual, 2.3).

    >>> wanted({"LANG": "de_AT.UTF-8"}), wanted({"LANG": "C", "LANGUAGE": "de"}), wanted({"LANG": "fr_FR"})
    ('de', 'en', 'en')
    """
    told = next((environment[name] for name in ("LC_ALL", "LC_MESSAGES", "LANG") if environment.get(name)), "C")
    if told.partition(".")[0] in ("C", "POSIX"):
        return "en"
    asked = (*environment.get("LANGUAGE", "").split(":"), told)
    return next((code for one in asked if (code := one.partition("_")[0].partition(".")[0]) in LANGUAGES), "en")


def language(code: str) -> Language:
    """A language with its translations, and its numbers and days as the CLDR has them, by Qt's locale."""
    from PySide6.QtCore import QLocale, QTranslator

    translator, locale = QTranslator(), QLocale(code)
    translator.load(str(SHIPPED / "words" / f"vitrograph_{code}.qm"))
    told: dict[tuple[str, str, int], str] = {}

    def look_up(text: str, one: str, count: int) -> str:
        key = (text, one, count)
        if key not in told:
            told[key] = translator.translate("", text, one, count) or ""
        return told[key]

    return Language(code, look_up, locale.decimalPoint(), _day(locale.dateFormat(QLocale.FormatType.ShortFormat)),
                    code in _NOUNS_ARE_CAPITAL)


def dress(app: "QApplication", code: str) -> None:
    """Let the toolkit's own dialogs speak a language, and its number fields write numbers its way."""
    from PySide6.QtCore import QLibraryInfo, QLocale, QTranslator

    QLocale.setDefault(QLocale(code))
    translator = QTranslator(app)
    if translator.load(f"qtbase_{code}", QLibraryInfo.path(QLibraryInfo.LibraryPath.TranslationsPath)):
        app.installTranslator(translator)


def _day(format_: str) -> str:
    """A locale's way to write a day, as `strftime` takes it; the year always whole."""
    runs = ("".join(letters) for _, letters in groupby(format_))
    return "".join(_DAYS.get(run, run) for run in runs)
