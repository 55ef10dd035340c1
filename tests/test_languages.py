"""The program in another language: all sentences translated, none of them lost on the way, numbers and days its way."""

import ast
import importlib.util
import io
import json
import os
import re
import subprocess
import sys
from datetime import date
from pathlib import Path
from xml.etree import ElementTree

import pypdf
import pytest
from PySide6.QtCore import QDate, QLocale

from specimens import TUMBLER, finished, in_mm, job, run
from vitrograph.core.artwork import faces
from vitrograph.core.language import ENGLISH, capital, day_words, decimals, speak, told_day, tr, within
from vitrograph.core.logbook.advice.came_to import OwnPace
from vitrograph.core.logbook.entry import Entry, outcome_words
from vitrograph.core.paper.packet import packet_pdf
from vitrograph.core.says import Length, Says
from vitrograph.core.transfer import where_it_goes
from vitrograph.core.units import format_length, parse_length
from vitrograph.languages import LANGUAGES, language, wanted

ROOT = Path(__file__).parents[1]
WORDS = ROOT / "src" / "vitrograph" / "data" / "words"
OTHERS = sorted(set(LANGUAGES) - {"en"})


def tool(name):
    spec = importlib.util.spec_from_file_location(name, ROOT / "docs" / f"{name}.py")
    made = importlib.util.module_from_spec(spec)
    spec.loader.exec_module(made)
    return made


def messages(place):
    """Each message of a translation file: its sentence and note, and its translations (one, or one for each count)."""
    for message in ElementTree.parse(place).iter("message"):
        translation, note = message.find("translation"), message.find("comment")
        forms = [form.text for form in translation.iter("numerusform")] or [translation.text]
        yield (message.find("source").text, "" if note is None else note.text), translation.get("type", ""), forms


@pytest.fixture
def german():
    speak(language("de"))
    yield
    speak(ENGLISH)


@pytest.mark.parametrize("code", OTHERS)
def test_every_sentence_of_the_program_is_translated_and_packed(code, tmp_path):
    """lupdate finds what is in the program today; lrelease packs it. Both are the toolkit's."""
    writer, kept = tool("write_words"), WORDS / f"vitrograph_{code}.ts"
    gathered = tmp_path / kept.name
    gathered.write_bytes(kept.read_bytes())
    writer.gather(gathered)
    assert {key for key, *_ in messages(gathered)} == {key for key, *_ in messages(kept)}, "python docs/write_words.py"
    for key, state, forms in messages(gathered):
        assert not state and all(forms), f"not translated: {key}"
    writer.pack(kept, tmp_path / "packed.qm")
    assert (tmp_path / "packed.qm").read_bytes() == kept.with_suffix(".qm").read_bytes(), "python docs/write_words.py"


@pytest.mark.parametrize("code", OTHERS)
def test_a_translation_says_the_same_values_and_keeps_the_space_round_it(code):
    named = re.compile(r"\{(\w+)")
    for (text, _), _, forms in messages(WORDS / f"vitrograph_{code}.ts"):
        for form in forms:
            lacking = set(named.findall(text)) - set(named.findall(form))
            assert not set(named.findall(form)) - set(named.findall(text)), text
            assert not lacking or (len(forms) > 1 and form is forms[0] and lacking == {"n"}), text
            assert (form[:1] == " ", form[-1:] == " ") == (text[:1] == " ", text[-1:] == " "), text
            assert form.count("(*.") == text.count("(*."), f"a dialog's kinds of files: {text}"


@pytest.mark.parametrize("code", OTHERS)
def test_the_guide_is_whole_in_every_language(code):
    """Chapters, terms, pictures of the recipes' table and what is to be typed stand in both, in the same order."""
    theirs, ours = ((ROOT / "src/vitrograph/data" / name).read_text("utf-8")
                    for name in ("guide.md", f"guide_{code}.md"))
    for kind in (r"^#+ ", r"^## \d ", r"^- \*\*", r"^\| ", r"^\d\. ", r"`\./run [^`]*`"):
        found = [re.findall(kind, text, re.MULTILINE) for text in (theirs, ours)]
        assert found[0] == found[1], kind
    speak(language(code))
    try:
        chapter = ours.partition(f"\n## {tr('The words of the trade')}\n")[2].partition("\n## ")[0]
        terms = re.findall(r"^- \*\*(.+?)\*\*: ", chapter, re.MULTILINE)
        for term in ("Web", "Nearly touching", "Opening", "Speck", "Needle", "Island", "Tie", "Border", "Lip area",
                     "Strain", "Lap", "Fan", "Reading width", "Kept clear", "Off the glass", "Overlap", "Offset",
                     "Surplus"):
            assert tr(term) in terms, f"a finding explains itself by it: {term}"
    finally:
        speak(ENGLISH)


def talk(code):
    """What the window says in a language, on every station: see other_tongue.py."""
    done = subprocess.run([sys.executable, ROOT / "tests" / "desk" / "other_tongue.py", code], capture_output=True,
                          text=True, env={**os.environ, "PYTHONPATH": str(ROOT / "src")}, timeout=280)
    assert done.returncode == 0, done.stderr[-2000:]
    told = json.loads(done.stdout)
    assert told["faults"] == [], "every station of flat, tapered and curved glass"
    return told


def test_no_sentence_stands_where_it_is_not_gathered():
    """lupdate reads no call within an f-string: what is said there would stay English."""
    within = [(path.name, call.lineno) for path in (ROOT / "src").rglob("*.py")
              for line in ast.walk(ast.parse(path.read_text("utf-8"))) if isinstance(line, ast.JoinedStr)
              for call in ast.walk(line) if isinstance(call, ast.Call) and isinstance(call.func, ast.Name)
              and call.func.id in {"tr", "tr_later", "Says"}]
    assert not within


def test_no_sentence_of_the_window_goes_past_the_translations():
    """A pseudo-language: what stands outside its brackets is the maker's own, a key, a name of a face, or a unit."""
    own = re.compile("|".join(faces()) + r"|Kestrel|Point|comet|OBSERVATORY|band|stars|tumbler|Open night|Untitled|svg"
                     r"|Ctrl\+|Shift\+|PgUp|PgDown|Return|Backspace|English|Deutsch|Vitrograph|HP-GL|SVG|DXF|PDF|PNG"
                     r"|Letter|mm|cm|min|Cutter|Film|Cream|Press shortcut|Atkinson|Dome plaque|ornament|star")
    for said in talk("xx")["said"]:
        left, deep = "", 0
        for letter in re.sub(r"<[^>]+>", "", said):
            deep += (letter == "⟦") - (letter == "⟧")
            left += letter if not deep and letter not in "⟦⟧" else ""
        if ": " in left and "." in left:
            continue                                           # a word of the trade, from the guide
        assert not re.search(r"[A-Za-z]{3,}", own.sub("", left)), f"{said!r}: {left!r}"


def test_german_is_not_cut_on_any_station_of_the_smallest_window_and_has_its_numbers():
    told = talk("de")
    assert not [said for said in told["said"] if re.search(r"\d\.\d", said)], "numbers have its comma"
    assert told["cut"] == [] and told["least"][0] <= 1024 and told["least"][1] <= 700
    assert {"Gesamtbreite", "Zum Plotter", "Dieses Rezept ändern", "Folienrand, mindestens"} <= set(told["said"])


def test_the_command_line_speaks_it_too(tmp_path):
    def run(*words, lang="de_DE.UTF-8"):
        return subprocess.run([sys.executable, "-m", "vitrograph", *words], capture_output=True, text=True, timeout=120,
                              env={**os.environ, "PYTHONPATH": str(ROOT / "src"), "LC_ALL": lang, "LANGUAGE": ""})

    made = ["quick", "--glass", "straight", "--top", "80,5", "--height", "95", "--text", "K", "--width", "30", "--out",
            str(tmp_path)]
    done = run(*made)
    assert done.returncode == 0 and "Schablone" in done.stdout and "80,5 × 95 mm" in done.stdout
    wrong = run(*made[:-4], "--width", "breit", "--out", str(tmp_path))
    assert wrong.returncode == 2 and "erwartet wurde eine Länge wie 85 mm" in wrong.stderr
    assert "stencil" in run(*made, lang="fr_FR.UTF-8").stdout


def test_counts_numbers_and_days_are_told_its_way(german):
    """The decimal comma and the day's order are the CLDR's, by Qt's locale."""
    locale = QLocale("de")
    assert decimals("1.5") == f"1{locale.decimalPoint()}5" == "1,5"
    day = locale.toString(QDate(2026, 11, 28), "dd.MM.yyyy")
    assert told_day(date(2026, 11, 28)) == day_words("2026-11-28") == day
    assert [tr("{n} glasses", "{n} glass", n=n) for n in (0, 1, 2)] == ["0 Gläser", "1 Glas", "2 Gläser"]
    assert OwnPace("Band", 2.0, "min", 139).says == "Band: 2 min, aus 139 Einträgen", "a count without another form"
    assert tr("fan {degrees:.1f}°", degrees=35.04) == "Fächer 35,0°"
    assert format_length(117.5) == "117,5\u202fmm" and parse_length("117,5") == 117.5
    assert parse_length("1,234 in") == parse_length("1.234 in") == pytest.approx(31.3436)
    assert Says("Border {least}", least=Length(12.5)).words("mm") == "Folienrand 12,5\u202fmm"
    assert within("Ofen") == "Ofen" and capital("oben") == "Oben"


def test_a_films_place_is_measured_alike_in_every_language(german):
    """What is measured at corners, and along a rim, is known by the film and the glass, not by a language's words."""
    made = job("Kestrel", glass=TUMBLER, fit__angle=2.4)
    setting = run(made).transfer.settings[0]
    assert setting.placing.has_corners and setting.placing.has_rim
    assert "an beiden Ecken und in der Mitte" in in_mm(where_it_goes(setting.placing, setting.which))
    words = "".join(page.extract_text() for page in pypdf.PdfReader(io.BytesIO(packet_pdf(finished(made), "A4"))).pages)
    assert " ".join(words.split()).count("am Glasrand entlang") >= 3


def test_what_is_typed_in_german_is_kept_as_in_every_language(german):
    typed = "5 gut, 1 undicht an einer Kante"
    kept = Entry(made_on="2026-11-28", job="Lamp", how_many=6, outcome=typed)
    assert kept.outcome == "5 good, 1 leak at an edge" and outcome_words(kept.outcome) == typed


@pytest.mark.parametrize(("environment", "code"), [
    ({"LANG": "de_DE.UTF-8"}, "de"), ({"LANG": "de_AT"}, "de"), ({"LANG": "en_GB.UTF-8", "LC_ALL": "de_CH"}, "de"),
    ({"LANG": "C.UTF-8", "LANGUAGE": "de"}, "en"), ({"LANG": "fr_FR.UTF-8", "LANGUAGE": "fr:de:en"}, "de"),
    ({"LANG": "pt_BR.UTF-8"}, "en"), ({}, "en")])
def test_the_desktops_language_is_asked_as_its_programs_do(environment, code):
    """GNU gettext manual, 2.3: LC_ALL, LC_MESSAGES, LANG in this order; LANGUAGE before them unless that is C."""
    assert wanted(environment) == code
