"""The evening in the real window: planned, begun, walked through by keys and clicks, troubled, and found again."""

import subprocess
import sys
from datetime import datetime

import pytest
from PySide6.QtCore import QMimeData, QPoint, Qt, QUrl
from PySide6.QtGui import QDragEnterEvent, QImage, QKeyEvent, QWheelEvent
from PySide6.QtWidgets import (
    QApplication,
    QCheckBox,
    QComboBox,
    QLabel,
    QLineEdit,
    QPlainTextEdit,
    QPushButton,
    QSlider,
    QSpinBox,
    QWidget,
)

from specimens import BRIEF, job
from vitrograph.core.demo import demo_order
from vitrograph.core.job import Order
from vitrograph.core.logbook import Entry, Logbook, Makings
from vitrograph.core.storing.unsaved import default_folder
from vitrograph.core.units import format_minutes
from vitrograph.core.work import Clock, Reading, StepRef, Wall
from vitrograph.core.workshop import load_workshop
from vitrograph.desk.etch.evening_view import when_told
from vitrograph.desk.etch.recipe_window import RecipeWindow

START = 1_000_000.0


class Hours:
    """The wall's clock in a maker's hand."""

    def __init__(self, desk) -> None:
        self.now, self.awake = START, 0.0
        self.set_by = self.slept = 0.0
        desk.bench.making.wall = Wall(1.0, self.read)

    def read(self) -> Reading:
        since = self.now - START
        return Reading(self.now + self.set_by, since, since - self.slept, "this start")


@pytest.fixture
def evening(open_desk):
    """A window on two small glasses, at the etch station, its evening planned."""
    def open_it(made=None):
        desk = open_desk(made or job("I", width=8.0, count=2))
        desk.hours = Hours(desk)
        desk.go(8)
        wait(desk)
        return desk

    return open_it


def wait(desk) -> None:
    """Until the evening is planned, and followed as it stands now."""
    keeper = desk.shell.evening
    desk.qtbot.waitUntil(lambda: keeper.evening is not None and not keeper._planning.busy and not keeper._following.busy
                         and (keeper.live is not None) == keeper.under_way, timeout=15000)


def do_next(desk) -> str:
    """Do what the evening says is next, as long as it takes; its name."""
    keeper, hours = desk.shell.evening, desk.hours
    glass, task = keeper.at_hand()
    hours.now += keeper.live.waits
    desk.shell.clock_bar.next.click()
    name = glass.chain.tasks[task].name
    for number in range(40):
        refs = [ref for ref in glass.refs[task] if ref not in desk.bench.making.progress.done]
        if not refs:
            break
        hours.now += glass.chain.tasks[task].seconds if number == 0 else 0.0
        desk.card().walker.setFocus()
        for ref in glass.waits[task]:                          # a wait's own step is passed by a press as well
            if ref not in desk.bench.making.progress.done and desk.bench.station == ref.station:
                desk.press(Qt.Key.Key_Space)
        desk.press(Qt.Key.Key_Space)
    wait(desk)
    return f"{glass.called}: {name}"


def test_films_round_a_glass_and_the_glass_they_are_for_are_counted_as_one(evening):
    """Two glasses with two films each: the third film is the second glass's first."""
    desk = evening(job("I", width=8.0, count=2, fit__times=2))
    desk.go(7)
    for says, glass in (("Stencil 1 of 4", 1), ("Stencil 2 of 4", 1), ("Stencil 3 of 4", 2), ("Stencil 4 of 4", 2)):
        assert desk.says("copySays") == says
        for station, called in ((8, f"Glass {glass} of 2"), (9, f"Glass {glass} of 2"), (7, says)):
            desk.go(station)
            assert desk.says("copySays") == called
        assert desk.shell.evening.shown().copy == glass
        if desk.find(QPushButton, "copyAfter").isEnabled():
            desk.click("copyAfter")
    desk.go(8)
    desk.click("copyBefore")
    assert desk.says("copySays") == "Glass 1 of 2"
    desk.go(6)
    assert desk.says("copySays") == "Stencil 1 of 4"
    steps = desk.results.transfer.steps_of(4)
    at = next(number for number, step in enumerate(steps) if step.key.split(" ")[0] == "settle")
    desk.bench.making.tick(*desk.bench.making.refs("transfer", 1, 4, steps)[:at])
    chip, = (chip for chip in desk.shell.clock_bar._chips if chip.isVisible())
    assert chip.text().startswith("Untitled, 2 of 2: settles")
    chip.click()
    assert desk.bench.station == "transfer" and desk.says("copySays") == "Stencil 4 of 4"


def test_an_evening_is_walked_to_its_end_and_nobody_is_late(evening):
    desk = evening()
    keeper = desk.shell.evening
    assert "2 glasses, one pair of hands" in desk.says("eveningSays")
    planned = keeper.evening.plan.evening.makespan
    desk.click("beginEvening")
    wait(desk)
    assert desk.shell.clock_bar.isVisible() and not desk.find(QPushButton, "beginEvening").isVisible()
    told = []
    for _ in range(60):
        if keeper.at_hand() is None:
            break
        told.append(do_next(desk))
        assert not [clock for clock in keeper.clocks if clock.late]
    assert keeper.at_hand() is None and "All done" in desk.says("eveningSays")
    assert {name.split(": ")[1] for name in told} >= {"Weed", "Tape and set", "Cream on", "Stir", "Scrape and rinse"}
    assert desk.hours.now - START <= 1.2 * planned
    for number in (6, 7, 8):
        assert desk.shell.line.buttons[("weed", "transfer", "etch")[number - 6]].state == "done"


def cream_on(desk, copy: int = 1) -> None:
    """Bring a glass under cream by hand: its steps up to the coat."""
    desk.bench.making.take_stencil(desk.bench.job.key, copy)
    desk.card().walker.setFocus()
    for _ in range(4):                                          # gloves, look over, first dab, all covered
        desk.press(Qt.Key.Key_Space)
    wait(desk)


@pytest.mark.parametrize(("at", "says"), [
    (datetime(2026, 11, 30, 23, 10), "at 23:10"), (datetime(2026, 12, 1, 0, 5), "tomorrow at 00:05"),
    (datetime(2026, 12, 2, 9, 40), "on 2026-12-02 at 09:40")])
def test_an_evening_that_ends_on_another_day_says_so(at, says):
    assert when_told(at.timestamp(), datetime(2026, 11, 30, 22).timestamp()) == says


def test_clocks_stand_at_every_station_and_ring_until_answered(evening):
    desk = evening()
    bar = desk.shell.clock_bar
    bar.bell.volume = 0.0
    cream_on(desk, 1)
    desk.hours.now += 60
    cream_on(desk, 2)
    desk.bench.making.ticked.emit()
    texts = [chip.text() for chip in bar._chips if chip.isVisible()]
    assert texts == ["Untitled, 1 of 2: 4:00, then stir", "Untitled, 2 of 2: 5:00, then stir"]
    bar._chips[0].click()                                      # looked at while it runs, it calls all the same
    for number in range(1, 10):
        desk.go(number)
        assert bar.isVisible() and desk.shell.windowTitle().startswith("Untitled, 1 of 2: 4:00")
    desk.hours.now += 215
    desk.bench.making.ticked.emit()
    assert bar._chips[0].text() == "Untitled, 1 of 2: 0:25, stir, from now on" and not bar.calling
    desk.hours.now += 30
    desk.bench.making.ticked.emit()
    rung = bar.bell.rung
    assert bar._chips[0].text() == "Untitled, 1 of 2: late 0:05, stir now" and rung >= 1
    bar.ring()
    assert bar.bell.rung == rung + 1 and "background" in bar._chips[0].styleSheet()      # a silent flash, too
    desk.click("answerClock")
    bar.ring()
    assert bar.bell.rung == rung + 1 and not bar.answer.isVisible()
    desk.hours.now += 60
    desk.bench.making.ticked.emit()
    assert "stir at once" in bar._chips[0].text()
    bar._chips[1].click()
    assert desk.bench.station == "etch" and desk.says("copySays") == "Glass 2 of 2"
    assert not bar.calling
    desk.bench.making.start_clocks([(ref, Clock(300.0, desk.bench.making.now()))
                                    for ref in desk.bench.making.progress.running() if ref.copy == 2])
    desk.hours.now += 301
    desk.bench.making.ticked.emit()
    assert [clock.ref.copy for clock in bar.calling] == [2], "started again, it calls again"
    running = desk.bench.making.progress.running()
    desk.shell.files.give_up()
    desk.bench.replace_order(Order.of(job("I", width=8.0, count=2), id="another"), None)
    wait(desk)
    bar.hush()
    assert not desk.shell.files.held
    desk.bench.making.start_clocks([(ref, Clock(300.0, desk.bench.making.now())) for ref in running])
    assert desk.shell.files.held, "another order's clocks were not left on purpose"
    desk.shell.files.give_up()


def test_a_killed_program_finds_its_clocks_again_to_the_second(tmp_path):
    """Twenty programs killed while clocks are kept: each clock that was told to be kept is there, and runs on."""
    script = ("import sys, time\nfrom pathlib import Path\nfrom vitrograph.core.logbook import Logbook, Makings\n"
              "from vitrograph.core.work import Clock, StepRef\nmade = Makings(Logbook(Path(sys.argv[1])))\n"
              "number = int(sys.argv[2])\n"
              "for copy in range(1, 60):\n"
              "    ref = StepRef('etch', number, copy, 'rest 1 300')\n"
              "    made.set_clock('o', ref, Clock(300.0, 1000.0 + copy), 1000.0)\n"
              "    print(copy, flush=True)\n")
    book, kept = tmp_path / "logbook.sqlite", {}
    for number in range(20):
        program = subprocess.Popen([sys.executable, "-c", script, str(book), str(number)], stdout=subprocess.PIPE)
        for _ in range(1 + number % 5):
            kept[number] = int(program.stdout.readline())
        program.kill()
        program.wait()
        program.stdout.close()
    progress = Makings(Logbook(book)).progress("o")
    for number, most in kept.items():
        for copy in range(1, most + 1):
            assert progress.clocks[StepRef("etch", number, copy, "rest 1 300")].left(1100.0) == 200.0 + copy


def test_clocks_go_on_while_the_book_cannot_be_written_and_are_written_once_it_can(evening, tmp_path):
    desk = evening()
    making, book = desk.bench.making, desk.bench.making._makings.book
    refs = making.refs("etch", 1, 1, desk.results.etch.steps)
    desk.click("etchStepsNext")
    Makings(book).tick("another", refs[0], 5.0)
    book.path, place = tmp_path, book.path                     # a folder: nothing can be read there, nor written
    told = []
    making.refused.connect(told.append)
    for _ in range(3):
        desk.click("etchStepsNext")
    assert len(told) == 1 and "steps and clocks go on in this window" in told[0]
    assert making.progress.running() and making.progress.first_open(refs) == 3 and "5:00" in desk.shell.windowTitle()
    making._look()
    assert making.progress.running(), "they are not forgotten when the book is looked at again"
    book.path = place
    making.take("another")
    assert dict(making.progress.done) == {refs[0]: 5.0}, "another order is looked at, however lately the book failed"
    making.take(desk.bench.order.id)
    assert making.progress.running(), "and what waits for this one still counts"
    assert not Makings(book).progress(desk.bench.order.id).clocks
    making._look()
    written = Makings(book).progress(desk.bench.order.id)
    assert written.clocks == making.progress.clocks and written.done == making.progress.done


def test_a_film_that_settles_has_its_clock_at_every_station_and_is_never_late(evening):
    desk = evening()
    bar, making = desk.shell.clock_bar, desk.bench.making
    bar.bell.volume = 0.0
    steps = desk.results.transfer.steps_of(1)
    at = next(number for number, step in enumerate(steps) if step.key.split(" ")[0] == "settle")
    making.tick(*making.refs("transfer", 1, 1, steps)[:at])
    desk.go(2)
    minutes = round(steps[at].seconds / 60)
    assert [chip.text() for chip in bar._chips if chip.isVisible()] == [f"Untitled, 1 of 2: settles for {minutes}:00"]
    assert desk.shell.evening.clocks == (), "it stands under no cream"
    desk.hours.now += steps[at].seconds + 5
    making.ticked.emit()
    assert bar._chips[0].text() == "Untitled, 1 of 2: has settled, go on with it" and bar.bell.rung >= 1
    bar._chips[0].click()
    assert desk.bench.station == "transfer" and not bar.calling
    cream_on(desk.go(8) and desk, 2)
    making.ticked.emit()
    assert "then stir" in bar._chips[0].text(), "what stands under cream comes first"
    desk.hours.now += 1800
    making.ticked.emit()
    assert not any("settled" in chip.text() for chip in bar._chips if chip.isVisible()), "forgotten, it calls no more"


def test_as_many_clocks_are_shown_as_have_room_and_none_makes_the_window_wider(evening):
    desk = evening()
    bar = desk.shell.clock_bar
    bar.bell.volume = 0.0
    desk.bench.edit("Name", name="A wedding present for the keeper of the lighthouse")
    desk.shell.window().resize(1024, 700)
    for copy in (1, 2):
        cream_on(desk, copy)
    least = desk.shell.window().minimumSizeHint().width()
    making = desk.bench.making
    running = next(iter(making.progress.running()))
    making.start_clocks([(StepRef("etch", running.piece, copy, running.step), Clock(300.0, making.now()))
                         for copy in range(3, 12)])
    making.ticked.emit()
    wait(desk)

    def shown() -> list[QPushButton]:
        return [chip for chip in bar._chips if chip.isVisible()]

    narrow = shown()
    assert 1 <= len(narrow) < 11 and bar._more.text() == f"and {11 - len(narrow)} more"
    assert all(chip.width() >= chip.sizeHint().width() for chip in narrow), "none is squeezed"
    assert narrow[0].text().startswith("A wedding pr…use, 1 of 2: ")
    assert "the keeper of the lighthouse, 1 of 2" in narrow[0].toolTip()
    assert desk.shell.window().width() == 1024 and desk.shell.window().minimumSizeHint().width() == least
    desk.shell.window().resize(2400, 700)
    wait(desk)
    assert len(shown()) > len(narrow), "a wider window shows more of them"
    assert bar._more.text() == f"and {11 - len(shown())} more"


def test_what_could_not_be_written_down_is_there_after_the_window_was_closed(evening, open_desk, tmp_path):
    desk = evening()
    making, place = desk.bench.making, desk.bench.logbook.path
    desk.bench.logbook.path = tmp_path                         # a folder: nothing can be written there
    for _ in range(4):
        desk.click("etchStepsNext")
    assert making.progress.running() and not making.unkept
    before = making.progress
    desk.shell.files.give_up()
    assert desk.shell.close()
    book = Logbook(place)
    assert not Makings(book).progress(desk.bench.order.id).done
    again = open_desk(desk.bench.order).bench.making
    assert again.progress == before, "the next window knows of it"
    again._look()
    assert Makings(book).progress(desk.bench.order.id) == before, "and writes it down, once"
    assert open_desk(desk.bench.order).bench.making.progress == before


def test_steps_that_can_be_written_down_nowhere_are_asked_about_before_the_window_closes(evening, tmp_path):
    desk = evening()
    desk.bench.logbook.path = tmp_path
    folder = default_folder()
    folder.parent.mkdir(parents=True, exist_ok=True)
    if folder.exists():
        folder.rmdir()
    folder.write_text("in the way")
    desk.click("etchStepsNext")
    assert desk.bench.making.unkept
    desk.shell.files.give_up()
    assert not desk.shell.close()
    assert any("written down nowhere" in label.text() for label in desk.shell.findChildren(QLabel))
    desk.click("stay")
    assert not desk.shell.close()
    folder.unlink()
    desk.bench.making._look()                                  # there is room again
    assert not desk.bench.making.unkept and desk.shell.close()


def test_a_clock_that_was_set_is_put_right_and_sleep_is_told(evening):
    desk = evening()
    told = []
    desk.bench.making.jumped.connect(told.append)
    cream_on(desk)
    desk.hours.now += 60
    desk.bench.making._look()
    assert desk.shell.evening.clocks[0].left == pytest.approx(240)
    desk.hours.set_by = 3600.0                                  # somebody sets the clock an hour on
    desk.bench.making._look()
    assert desk.shell.evening.clocks[0].left == pytest.approx(240) and "set forward by 1 h" in told[0]
    desk.hours.now, desk.hours.slept = desk.hours.now + 120, 120.0
    desk.bench.making._look()
    assert desk.shell.evening.clocks[0].left == pytest.approx(120) and "slept for 2 min" in told[1]
    desk.hours.set_by = 0.0                                     # set back while the program does not run
    desk.bench.making.take("")
    desk.bench.making.take(desk.bench.order.id)
    assert desk.shell.evening.clocks[0].left == pytest.approx(120) and "set back by 1 h" in told[2]


def test_real_life_plans_the_evening_anew(evening):
    desk = evening()
    keeper = desk.shell.evening
    desk.click("beginEvening")
    wait(desk)
    desk.click("pauseEvening")
    wait(desk)
    assert keeper.live.paused and "Paused" in desk.says("eveningSays")
    before = keeper.live.done_at
    desk.hours.now += 900
    desk.click("planAgain")
    wait(desk)
    assert keeper.live.done_at == pytest.approx(before + 900, abs=60)
    desk.click("pauseEvening")
    wait(desk)
    assert not keeper.live.paused
    first = keeper.at_hand()
    desk.click("skipTask")
    desk.click("staysAsItIs")                                   # asked first, and nothing happened
    assert keeper.at_hand() == first
    desk.click("skipTask")
    desk.click("yesDoIt")
    wait(desk)
    assert keeper.at_hand() != first
    glass, _ = keeper.at_hand()
    desk.click("brokenGlass")
    desk.click("yesDoIt")
    wait(desk)
    assert all(slot.glass != keeper.evening.glasses.index(glass) for slot in keeper.live.plan.evening.slots)
    assert {one.kind for one in desk.bench.making.happened} == {"begun", "pause", "go on", "skip", "broken"}


def test_a_glass_that_has_begun_stays_in_the_plan_while_its_design_cannot_be_made(evening):
    """Else its rinse would be planned over, for a letter deleted while the cream is on."""
    desk = evening(Order.of(job("I", width=8.0, name="One"), job("L", width=8.0, name="Two"), id="two"))
    keeper, item = desk.shell.evening, "artwork__items__0__what__text"
    desk.click("beginEvening")
    wait(desk)
    before = keeper.evening
    desk.bench.edit("Words", **{item: "\u5f35"})
    desk.qtbot.waitUntil(lambda: "the plan stays as it was begun: " in desk.says("eveningSays").lower(), timeout=15000)
    assert keeper.evening is before and len(before.glasses) == 2 and keeper.at_hand() is not None
    desk.bench.edit("Words", **{item: "T"})
    desk.qtbot.waitUntil(lambda: keeper.evening is not before and not keeper._planning.busy, timeout=15000)
    assert len(keeper.evening.glasses) == 2 and "stays as" not in desk.says("eveningSays")


def pick(desk, name: str, words: str) -> None:
    """Pick a glass in a list, as a hand does."""
    field = desk.find(QComboBox, name)
    field.setCurrentIndex(field.findText(words))
    field.activated.emit(field.currentIndex())


def test_what_is_asked_of_a_glass_is_done_to_that_glass_wherever_the_hands_are_by_then(evening):
    desk = evening()
    keeper, making = desk.shell.evening, desk.bench.making
    desk.shell.clock_bar.bell.volume = 0.0
    desk.click("beginEvening")
    wait(desk)
    cream_on(desk, 1)
    assert [clock.name for clock in keeper.clocks] == ["Untitled, 1 of 2"]
    field = desk.find(QComboBox, "glassOf")
    assert [field.itemText(row) for row in range(field.count())] == ["Untitled, 1 of 2", "Untitled, 2 of 2"]
    pick(desk, "glassOf", "Untitled, 2 of 2")
    desk.click("brokenGlass")
    desk.bench.making.take_stencil(desk.bench.job.key, 1)          # meanwhile
    keeper.follow()
    wait(desk)
    desk.click("yesDoIt")
    wait(desk)
    assert [(one.kind, one.copy) for one in making.happened][-1] == ("broken", 2) and keeper.clocks
    pick(desk, "glassOf", "Untitled, 1 of 2")
    desk.click("brokenGlass")
    desk.click("yesDoIt")
    wait(desk)
    assert not keeper.clocks and not making.minded and keeper.at_hand() is None, "it calls nobody any more"
    desk.hours.now += 1000
    making.ticked.emit()
    assert not desk.shell.clock_bar.calling
    pick(desk, "glassOf", "Untitled, 1 of 2, broken")
    desk.click("againGlass")
    desk.click("yesDoIt")
    wait(desk)
    assert keeper.at_hand()[0].copy == 1 and not making.progress.clocks and not making.progress.done
    desk.bench.replace_order(Order.of(job("I", width=8.0), id="another"), None)
    assert keeper.evening is None and keeper.live is None, "another order's evening is not gone on with"
    desk.shell.files.give_up()


def test_what_went_wrong_goes_into_the_logbook_with_the_piece(evening):
    desk = evening()
    desk.go(9)                                                 # looked at before anything happened
    desk.go(8)
    desk.click("beginEvening")
    wait(desk)
    desk.bench.making.take_stencil(desk.bench.job.key, 2)
    desk.click("trouble_drip")
    desk.bench.making.take_stencil(desk.bench.job.key, 1)          # the hands go on with another
    desk.type_into("troubleSeconds", "4")
    desk.click("troubleDone")
    desk.click("trouble_drip")
    assert desk.find(QLineEdit, "troubleSeconds").text() == "0", "of another drip nothing is known yet"
    pick(desk, "troubleOf", "Untitled, 2 of 2")
    desk.click("troubleDone")
    pick(desk, "glassOf", "Untitled, 1 of 2")
    desk.click("brokenGlass")
    desk.click("yesDoIt")
    wait(desk)
    at = datetime.fromtimestamp(START).strftime("%H:%M")
    lines = [f"{at} Untitled, 2 of 2: a drip on bare glass, 4 s", f"{at} Untitled, 2 of 2: a drip on bare glass",
             f"{at} Untitled, 1 of 2: broke"]
    desk.go(9)
    assert desk.says("notedSays") == "\n".join(["Goes with the note:", *lines])
    assert desk.says("goodCopies") == "1 of 2 came out good" and desk.find(QSpinBox, "count_spoiled").value() == 1
    desk.find(QSpinBox, "count_spoiled").setValue(0)
    desk.find(QPlainTextEdit, "note").setPlainText("Hold it by the foot")
    desk.go(8)
    desk.go(9)
    assert desk.says("goodCopies") == "2 of 2 came out good", "the maker's word counts"
    desk.find(QSpinBox, "count_spoiled").setValue(1)
    desk.click("writeDown")
    (entry,) = desk.bench.logbook.entries()
    assert entry.outcome == "1 good, 1 spoiled" and entry.note.split("\n") == [
        "Hold it by the foot", *lines]


def test_this_one_again_opens_its_steps_from_the_first_coat(evening):
    desk = evening(job("I", width=8.0))
    desk.click("beginEvening")
    wait(desk)
    while desk.shell.evening.at_hand()[0].chain.tasks[desk.shell.evening.at_hand()[1]].name != "Look":
        do_next(desk)
    desk.go(8)
    desk.click("againGlass")
    desk.click("yesDoIt")
    wait(desk)
    assert desk.says("etchStepsSays").startswith("Put on gloves") and not desk.shell.evening.clocks


def test_trouble_has_its_steps_at_once_and_is_noted(evening):
    desk = evening()
    desk.click("beginEvening")
    wait(desk)
    desk.click("trouble_drip")
    assert "Wipe it off at once" in desk.says("troubleSays") and desk.find(QLineEdit, "troubleSeconds").isVisible()
    desk.type_into("troubleSeconds", "4")
    desk.click("troubleDone")
    (noted,) = [one for one in desk.bench.making.happened if one.kind == "trouble"]
    assert noted.note.startswith("drip") and noted.number == 4.0 and noted.piece == desk.bench.job.key
    desk.click("trouble_corner")
    assert "Do not press" in desk.says("troubleSays") and not desk.find(QLineEdit, "troubleSeconds").isVisible()
    desk.click("troubleLeave")
    assert desk.find(QPushButton, "trouble_corner").isVisible()


def test_the_makers_own_pieces_say_how_long_where_the_recipe_is_chosen(evening):
    desk = evening(job("I", width=8.0, etch__recipe=BRIEF))
    says, take = desk.find(QLabel, "ownMinutesSays"), desk.find(QPushButton, "takeOwnMinutes")
    desk.qtbot.waitUntil(lambda: desk.card().minutes.advice is not None, timeout=15000)
    assert not says.isVisible() and not take.isVisible(), "with no pieces there is nothing to say"
    cream, now = desk.bench.job.etch.cream.name, desk.bench.order.etch.recipe
    for minutes, outcome in ((2.0, "faint"), (3.0, "faint"), (5.0, "1 good, 3 faint"), (20.0, "good"),
                             (25.0, "good")):
        desk.bench.logbook.add(Entry(made_on="2026-03-01", job="Test", material="ordinary", cream=cream,
                                     minutes=minutes, how_many=4, outcome=outcome))
    desk.go(7)
    desk.go(8)
    desk.qtbot.waitUntil(says.isVisible, timeout=15000)
    assert says.text().startswith("Your own pieces: ") and "from 20 pieces" in says.text()
    advised = desk.card().minutes.advice.minutes
    assert 8 < advised < 20 and take.text() == f"Let this recipe last {format_minutes(5 * round(12 * advised))}"
    desk.click("takeOwnMinutes")
    desk.settle()
    made = desk.bench.order.etch.recipe
    assert made.seconds == 5 * round(12 * advised) and not take.isVisible() and says.isVisible()
    desk.bench.undo_stack.undo()
    desk.settle()
    assert desk.bench.order.etch.recipe == now and take.isVisible()


@pytest.fixture
def recipe_window(evening):
    desk = evening()
    desk.click("editRecipe")
    window = desk.shell.findChild(RecipeWindow)

    def typed(line: QLineEdit | str, text: str) -> None:
        line = window.findChild(QLineEdit, line) if isinstance(line, str) else line
        desk.qtbot.keyClick(line, Qt.Key.Key_A, Qt.KeyboardModifier.ControlModifier)
        desk.qtbot.keyClicks(line, text)
        desk.qtbot.keyClick(line, Qt.Key.Key_Return)

    def pressed(name: str, row: int | None = None) -> None:
        desk.qtbot.mouseClick((window if row is None else window.phases.rows[row]).findChild(QPushButton, name),
                              Qt.MouseButton.LeftButton)

    window.typed, window.pressed = typed, pressed
    return desk, window


def test_a_recipe_is_changed_row_by_row_and_the_order_goes_by_it_at_once(recipe_window):
    desk, window = recipe_window
    before, rows = desk.bench.order, window.phases.rows
    assert [row.time.text() for row in rows] == ["", "5:00", "0:30", "5:00"]
    window.typed(rows[1].time, "0")
    assert "phase 2: a rest of no length" in window.wrong.text() and desk.bench.order == before
    window.typed(rows[1].time, "6 whiles")
    assert window.wrong.text().startswith("Phase 2: a time like 2:30") and desk.bench.order == before
    window.typed(rows[1].time, "2:20")
    made = desk.bench.order.etch.recipe
    assert made.phases[1].seconds == 140.0 and not window.wrong.isVisible(), "to the second, as typed"
    assert made.name == "Five, stir, five, changed" and window.name.text() == made.name, "the usual one stays"
    window.pressed("removePhase", 2)
    window.pressed("addPhase", 1)
    assert [phase.does for phase in desk.bench.order.etch.recipe.phases] == ["coat", "rest", "rest", "rest"]
    rows[2].does.setCurrentIndex(rows[2].does.findData("work|dabbed"))
    rows[2].does.activated.emit(rows[2].does.currentIndex())
    assert desk.bench.order.etch.recipe.phases[2].how == "dabbed"
    assert "12:20 under cream; of this order only" in window.says.text()
    for _ in range(4):
        desk.bench.undo_stack.undo()
    assert desk.bench.order == before and [row.time.text() for row in rows] == ["", "5:00", "0:30", "5:00"]
    desk.bench.edit("Stir", etch__recipe__phases__2__seconds=30.4)
    window.typed(rows[3].time, "4")
    assert [phase.seconds for phase in desk.bench.order.etch.recipe.phases] == [0.0, 300.0, 30.4, 240.0]


def test_a_recipe_of_ones_own_is_kept_for_other_orders_and_let_go_of(recipe_window):
    desk, window = recipe_window
    place, recipes = desk.shell.files.workshop, desk.find(QComboBox, "recipe")
    assert not window.keep.isVisible() and not window.forget.isVisible(), "a usual way need not be kept"
    window.typed(window.phases.rows[1].time, "6")
    window.typed("recipeName", "Six and five")
    window.pressed("keepRecipe")
    desk.settle()
    made = desk.bench.order.etch.recipe
    assert (made.name, made.phases[1].seconds) == ("Six and five", 360.0)
    assert load_workshop(place).recipes == (made,) and not window.keep.isVisible()
    window.typed(window.phases.rows[1].time, "7")
    assert load_workshop(place).recipes == (made,) and "in place of" in window.keep.text()
    recipes.activated.emit(recipes.currentIndex())             # what is kept is taken, though it is called the same
    assert desk.bench.order.etch.recipe == made and window.phases.rows[1].time.text() == "6:00"
    window.pressed("forgetRecipe")
    assert load_workshop(place).recipes == () and desk.bench.order.etch.recipe == made
    recipes.setCurrentIndex(recipes.findData("Five, stir, five"))
    recipes.activated.emit(recipes.currentIndex())
    desk.settle()
    assert recipes.findData("Six and five") < 0, "nothing is offered that is not there any more"


def test_the_computer_stays_awake_while_a_clock_runs(evening, tmp_path, monkeypatch):
    told, lock = tmp_path / "told", tmp_path / "systemd-inhibit"
    lock.write_text(f'#!/bin/sh\necho "$@" >> {told}\ncat > /dev/null\necho ended >> {told}\n')
    lock.chmod(0o755)
    desk = evening()
    monkeypatch.setenv("PATH", str(tmp_path), prepend=":")
    assert not told.exists()
    cream_on(desk)
    desk.qtbot.waitUntil(lambda: told.exists() and "--what=idle:sleep" in told.read_text(), timeout=20000)
    for _ in range(3):
        desk.bench.making.ticked.emit()
    assert told.read_text().count("Vitrograph") == 1 and "ended" not in told.read_text()
    desk.hours.now += 3 * 3600                                 # nobody came: it is not kept awake for ever
    desk.bench.making.ticked.emit()
    desk.qtbot.waitUntil(lambda: "ended" in told.read_text(), timeout=20000)


def test_a_key_that_is_held_down_counts_once(evening):
    desk = evening()
    desk.card().walker.setFocus()

    def pressed(key, modifiers=Qt.KeyboardModifier.NoModifier, *, held):
        QApplication.sendEvent(QApplication.focusWidget(),
                               QKeyEvent(QKeyEvent.Type.KeyPress, key, modifiers, " ", held))

    pressed(Qt.Key.Key_Space, held=False)
    for _ in range(20):
        pressed(Qt.Key.Key_Space, held=True)
    assert len(desk.bench.making.progress.done) == 1
    for _ in range(20):
        pressed(Qt.Key.Key_Backspace, held=True)
    assert len(desk.bench.making.progress.done) == 1
    actions = desk.shell.keys.actions
    assert actions["Undo"].autoRepeat() and not actions["To the cutter"].autoRepeat()


def test_neither_the_wheel_nor_a_dropped_file_changes_a_field(evening):
    desk = evening()
    window = desk.shell.window()
    before = desk.bench.order
    dropped = QMimeData()
    dropped.setUrls([QUrl.fromLocalFile("/tmp/comet.svg")])
    dropped.setText("file:///tmp/comet.svg")                   # as file managers have it, too
    for number in range(1, 10):
        desk.go(number)
        found = [one for kind in (QComboBox, QSlider, QSpinBox) for one in window.findChildren(kind)]
        for one in filter(QWidget.isVisible, found):
            at = one.rect().center().toPointF()
            QApplication.sendEvent(one, QWheelEvent(
                at, one.mapToGlobal(at), QPoint(), QPoint(0, -120), Qt.MouseButton.NoButton,
                Qt.KeyboardModifier.NoModifier, Qt.ScrollPhase.NoScrollPhase, False))
            assert one.focusPolicy() == Qt.FocusPolicy.StrongFocus, one.objectName()
        lines = [one for one in window.findChildren(QLineEdit) if one.isVisible() and "qt_" not in one.objectName()]
        for line in lines:
            enters = QDragEnterEvent(QPoint(3, 3), Qt.DropAction.CopyAction, dropped, Qt.MouseButton.LeftButton,
                                     Qt.KeyboardModifier.NoModifier)
            line.dragEnterEvent(enters)
            assert not enters.isAccepted(), line.objectName()  # it goes on to the window
    desk.settle()
    assert desk.bench.order == before
    counts = desk.card().findChildren(QSpinBox)
    assert counts and not any(box.value() for box in counts), "how it went, neither"


def test_calm_pots_places_and_what_the_pot_weighed(evening):
    desk = evening(job("I", width=8.0, count=3, etch__recipe=BRIEF))
    slider = desk.find(QSlider, "calm")
    slider.setValue(10)
    slider.sliderReleased.emit()
    desk.settle()
    wait(desk)
    assert desk.bench.order.etch.calm == 1.0 and "as calm as you chose" in desk.says("calmSays")
    desk.type_into("pots", "3")
    desk.type_into("places", "2")
    desk.type_into("potGrams", "80")
    desk.settle()
    wait(desk)
    assert "one pair of hands" in " ".join(str(one.says) for one in desk.shell.evening.evening.findings)
    desk.type_into("potAfter", "90")
    assert not desk.bench.order.etch.cream.weighed
    desk.type_into("potAfter", "78.5")
    (weighed,) = desk.bench.order.etch.cream.weighed
    assert (weighed.before, weighed.after) == (80.0, 78.5) and desk.bench.order.etch.cream.grams == 78.5
    whole, key = desk.results.etch.area, desk.bench.job.key
    assert weighed.area == pytest.approx(3 * whole)            # nothing was ticked off: it is taken for all of it
    desk.hours.now += 60.0
    desk.bench.making.tick(StepRef("etch", key, 2, "coat 1"))
    desk.type_into("potAfter", "78.0")
    assert desk.bench.order.etch.cream.weighed[-1].area == pytest.approx(whole)
    desk.type_into("potAfter", "77.0")                         # and nothing since
    assert len(desk.bench.order.etch.cream.weighed) == 2
    desk.find(QCheckBox, "potGritty").click()
    desk.settle()
    wait(desk)
    assert any("gritty" in str(one.says) for one in desk.shell.evening.evening.findings)


def test_coats_that_were_timed_are_offered_as_ones_own_pace(evening):
    desk = evening(job("I", width=8.0, count=3))
    for copy in (1, 2, 3):
        desk.bench.making.take_stencil(desk.bench.job.key, copy)
        desk.card().walker.setFocus()
        for press in range(4):
            desk.hours.now += 12.0 if press == 3 else 0.0
            desk.press(Qt.Key.Key_Space)
    coats = desk.bench.making.coats()
    assert [(tool, seconds) for tool, _, seconds in coats] == [("brush", 12.0)] * 3
    assert coats[0][1] == pytest.approx(desk.results.etch.area)
    offered = desk.find(QPushButton, "ownPace")
    desk.click("ownPace")
    assert desk.bench.order.etch.speed == pytest.approx(desk.results.etch.area / 12.0, abs=0.1)
    assert not offered.isVisible(), "it is taken"
    tool = desk.find(QComboBox, "creamTool")
    tool.setCurrentIndex(tool.findData("squeegee"))
    tool.activated.emit(tool.currentIndex())
    assert (desk.bench.order.etch.tool, desk.bench.order.etch.speed) == ("squeegee", 0.0)
    assert not offered.isVisible(), "with the other tool nothing was timed"
    desk.bench.undo_stack.undo()
    desk.bench.undo_stack.undo()
    assert offered.isVisible()


def test_five_hundred_glasses_are_one_sentence_and_the_picture_paints_whatever_there_is(evening, tmp_path):
    desk = evening()
    desk.click("beginEvening")
    wait(desk)
    cream_on(desk)
    desk.hours.now += 400
    desk.shell.evening.follow()
    wait(desk)
    view = desk.shell.evening_view
    view.resize(500, 640)
    image = QImage(view.size(), QImage.Format.Format_RGB32)
    view.render(image)
    tones = {image.pixelColor(x, y).name() for x in range(0, 500, 7) for y in range(0, 640, 7)}
    assert {"#f3f0e8", "#f0766e"} <= tones                     # paper, and a clock that is late
    desk.bench.edit("Count", count=500)
    desk.settle()
    desk.qtbot.waitUntil(lambda: "500 glasses are more than one evening" in desk.shell.evening.trouble, timeout=15000)
    view.render(image)
    assert "500 glasses" in desk.says("eveningSays")


@pytest.mark.parametrize("piece", ["tumbler"])
def test_the_demos_six_tumblers_are_walked_through_in_a_quicker_evening(evening, piece):
    """`demo tumbler --clock 60x`: the clocks go sixty times faster, and the walk ends with six frosted glasses."""
    desk = evening(demo_order(piece))
    quick = Wall(60.0, desk.hours.read)
    desk.hours.now += 10
    assert quick.now() - START == pytest.approx(600.0)
    desk.click("beginEvening")
    wait(desk)
    keeper, late = desk.shell.evening, 0
    for _ in range(120):
        if keeper.at_hand() is None:
            break
        glass, task = keeper.at_hand()
        slot = keeper.live.plan.evening.slots[0]
        parts = sum(one.end - one.start for one in keeper.live.plan.evening.slots if (
            one.glass, one.task) == (slot.glass, slot.task))
        left = [ref for ref in glass.refs[task] if ref not in desk.bench.making.progress.done]
        desk.hours.now += keeper.live.waits + slot.end - slot.start
        for ref in left[:max(1, round(len(left) * (slot.end - slot.start) / parts))]:    # weeding is put down
            desk.bench.making._makings.tick(desk.bench.order.id, ref, desk.hours.now)
        desk.bench.making._read()
        wait(desk)
        late += any(clock.late for clock in keeper.clocks)
    assert keeper.at_hand() is None and late == 0
    assert [desk.shell.line.buttons[name].state for name in ("weed", "transfer", "etch")] == ["done"] * 3
