"""Someone who works in inches reads inches everywhere: in the core, on the command line, on paper, in the window."""

import json
import re
from typing import Any

import pytest
from PySide6.QtWidgets import QAbstractButton, QComboBox, QLabel, QLineEdit

from specimens import BRIEF, CARAFE, FLARE_IN, ORNAMENT, PLAQUE, finished, job, star_job
from vitrograph.cli import main
from vitrograph.core.demo import demo_job
from vitrograph.core.errors import VitrographError
from vitrograph.core.export import WRITERS
from vitrograph.core.job import Order, TaperedGlass
from vitrograph.core.pipeline import Pipeline
from vitrograph.core.says import Area, Joined, Length, Says, in_words
from vitrograph.core.stations import STATIONS
from vitrograph.core.storing.orderfile import save_order
from vitrograph.core.telling.answers import summary_lines
from vitrograph.core.telling.plan_json import plan_of

METRIC = re.compile(r"\b(mm|cm|millimet\w*|centimet\w*)\b|mm²|cm²")
KEEP_OUT = [{"what": "handle", "angle": 0.0, "wide": 30.0}]
# between them they have every finding, step and remedy of the program
JOBS = {
    "past the rim": star_job(fit__from_rim=-8.0), "past the base": star_job(fit__from_rim=120.0),
    "longer than the way round": job(width=300.0), "little border": job(stencil__border=5.0),
    "close to the rim": job(fit__from_rim=7.0), "thin": job("Kestrel", face="Cinzel Bold", width=40.0),
    "webs": job(face="Zilla Slab Bold", letter_spacing=-0.04), "wide": job(width=100.0),
    "inside": job(fit__face="back"),
    "mat": job(glass=PLAQUE, cut__mat_width=90.0, cut__mat_length=95.0), "handle": job(features__keep_out=KEEP_OUT),
    "straight": job(glass=TaperedGlass(rim=130, base=60, height=110), fit__mode="straight"),
    "eye": job(width=110.0, fit__mode="eye"), "ball": job(glass=ORNAMENT, width=60.0, fit__from_rim=None),
    "bands": demo_job("carafe"), "ring": demo_job("lantern").changed(fit__times=4), "tumblers": demo_job(),
    "little give": demo_job("ornament").changed(fit__gives__stencil=0.006), "parts": star_job(fit__rows=3),
    "ties": job("BOB", stencil__ties__placed="auto", stencil__ties__width=0.3, stencil__marks="drawn"),
    "lost tie": job(stencil__ties__placed="hand", stencil__ties__at=[(90.0, 90.0)]),
    "decal": job(stencil__kind="decal"), "clear": job(stencil__kind="clear"), "tape": job(width=90.0,
                                                                                          transfer__roll_width=8.0),
    "readings": job(tools__taken=[{"place": "rim", "readings": [90.0, 90.1, 89.9, 98.0]}]),
    "set": job(measured=[{"kind": "taper", "rim": 90.0, "base": base, "height": 132.0} for base in (64.0, 94.0)]),
    "carafe": job(glass=CARAFE, width=40.0), "flare": job(glass=FLARE_IN, etch__recipe=BRIEF, width=90.0),
    "no glass": job(glass=TaperedGlass(rim=120, base=40, height=20, height_is="slant")),
    "no room": job(glass=TaperedGlass(rim=200, base=10, height=40), width=400.0, fit__mode="letters"),
}


def said_in(thing: Any, seen: set[int]) -> list[str]:
    """All sentences held by results, in inches, wherever they are."""
    if isinstance(thing, Says | Length | Area | Joined):
        return [in_words(thing, "in")]
    if isinstance(thing, VitrographError):
        return [thing.words("in")]
    if isinstance(thing, str):
        return [thing]
    if id(thing) in seen:
        return []
    seen.add(id(thing))
    parts: list[Any] = []
    if isinstance(thing, tuple | list):
        parts = list(thing)
    elif hasattr(thing, "__dataclass_fields__") or hasattr(thing, "__struct_fields__"):
        names = getattr(thing, "__struct_fields__", None) or thing.__dataclass_fields__
        parts = [getattr(thing, name) for name in names if name not in ("job", "given")]
        parts += [thing.steps] if hasattr(thing, "steps") else []
    return [said for part in parts for said in said_in(part, seen)]


@pytest.mark.parametrize("name", list(JOBS))
def test_no_sentence_of_the_core_speaks_in_mm_to_one_who_works_in_inches(name):
    results = Pipeline().run(JOBS[name])
    said = said_in(results, set()) + [in_words(remedy.label, "in") for found in results.findings()
                                      for remedy in found.remedies]
    assert len(said) > 3 and not [words for words in said if METRIC.search(words)]


@pytest.mark.parametrize("name", ["tumblers", "bands", "thin"])
def test_the_plan_and_the_papers_speak_in_the_orders_unit(name, tmp_path, capsys):
    order = Order.of(JOBS[name], units="in")
    done = Pipeline().run_order(order).finished()
    assert not [line for line in summary_lines(done) if METRIC.search(line)]
    sentences = strings(plan_of(done))
    assert sentences and not [value for value in sentences if METRIC.search(value)]
    save_order(order, tmp_path / "order.vitro")
    for command in (["plan"], ["check"]):
        assert main([*command, str(tmp_path / "order.vitro")]) in (0, 1)
        assert not METRIC.search(capsys.readouterr().out)
    pypdf = pytest.importorskip("pypdf")
    for kind in ("pdf", "paper"):
        (tmp_path / "page.pdf").write_bytes(WRITERS[kind].write(done.pieces[0], "in"))
        assert not METRIC.search(pypdf.PdfReader(tmp_path / "page.pdf").pages[0].extract_text())


def strings(tree: Any) -> list[str]:
    """The values of plain data that are words; its keys tell units of their own."""
    if isinstance(tree, dict):
        return [said for value in tree.values() for said in strings(value)]
    if isinstance(tree, list):
        return [said for value in tree for said in strings(value)]
    return [tree] if isinstance(tree, str) else []


def test_errors_of_the_command_line_speak_in_the_unit_asked_for(tmp_path, capsys):
    words = ["quick", "--glass", "taper", "--top", "8", "--bottom", "2", "--slant", "1", "--text", "K", "--width", "1",
             "--out", str(tmp_path), "--units", "in"]
    assert main(words) == 2
    told = capsys.readouterr().err
    assert "a slant of 1 in cannot join" in told and not METRIC.search(told)


def test_tape_and_ruler_are_read_to_sixteenths_and_all_else_in_decimals():
    piece = finished(job("BOB")).pieces[0]
    tape = in_words(piece.transfer.steps[0].says, "in")
    assert re.search(r"\d\u202f\d+/16\u202fin|\d\u202f[137]/[248]\u202fin|\d\u202fin", tape)
    assert Length(1.5875, tool=True).words("in") == "1/16\u202fin" and Length(1.5875, 2).words("in") == "0.062\u202fin"
    assert Length(-30.1625, tool=True).words("in") == "\u22121\u202f3/16\u202fin"
    assert json.loads(json.dumps(Length(30.0).words("mm"))) == "30\u202fmm"


@pytest.mark.parametrize("made", [demo_job(), demo_job("carafe"), job(width=300.0), job(glass=PLAQUE, width=90.0),
                                  job(glass=ORNAMENT, width=40.0, fit__from_rim=None)],
                         ids=["tumblers", "carafe", "too wide", "pane", "ball"])
def test_the_window_speaks_in_inches(open_desk, made):
    desk = open_desk(Order.of(made, id="inches", units="in"))
    shown = []
    for number in range(1, len(STATIONS) + 1):
        card = desk.go(number)
        for kind in (QLabel, QAbstractButton, QLineEdit, QComboBox):
            for widget in card.findChildren(kind):
                text = widget.currentText() if isinstance(widget, QComboBox) else widget.text()
                shown += [text] if widget.isVisible() else []
    shown += [made.answer for made in desk.shell.line.buttons.values()] + [desk.shell.top.about.text()]
    shown.remove("Measure the outside. Each reading may be typed in mm, cm or inches, with fractions.")
    assert len(shown) > 100 and not [text for text in shown if METRIC.search(text)]
