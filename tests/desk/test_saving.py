"""Where files are written: nothing that is there goes without a word, and a name stays as it was typed."""

import shutil

import pytest
from PySide6.QtCore import QTimer
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QApplication, QFileDialog, QLabel, QLineEdit, QMessageBox, QWidget

from hands import click
from specimens import star_job
from vitrograph.core.demo import open_night
from vitrograph.core.job import Order
from vitrograph.core.storing.orderfile import load_order, save_order
from vitrograph.desk.kit.ask_bar import AskBar
from vitrograph.desk.kit.saving import ask_place, usual_folder
from vitrograph.desk.seen import Seen


@pytest.fixture
def ask(qtbot, tmp_path):
    """Ask for a place, type a name, and answer what is asked then by the button that begins so; with what was asked."""
    def asked(typed, answer="Leave", proposed="film.vitro", **others):
        said, done = [], []

        def act():
            """Type the name into the dialog once, answer whatever is asked after it."""
            if done:
                return
            QTimer.singleShot(5, act)                          # a timer that goes on would wait for its own answer
            front = QApplication.activeModalWidget()
            if isinstance(front, QMessageBox):
                said.append(front.text())
                sure = front.button(QMessageBox.StandardButton.Yes)        # the dialog's own question
                (sure or next(one for one in front.buttons() if one.text().startswith(answer))).click()
            elif isinstance(front, QFileDialog) and not said:
                line = front.findChild(QLineEdit, "fileNameEdit")
                said.append(line.text())
                line.setText(typed)
                front.accept()

        QTimer.singleShot(5, act)
        window = QWidget()
        qtbot.addWidget(window)
        place = ask_place(window, "Save", "Orders (*.vitro)", proposed, folder=tmp_path, **others)
        done.append(True)
        return place, said

    return asked


def test_a_name_gets_its_ending_and_keeps_what_stands_behind_a_dot(ask, tmp_path):
    assert ask("flutes")[0] == tmp_path / "flutes.vitro"
    assert ask("Dr. Smith, No. 3")[0] == tmp_path / "Dr. Smith, No. 3.vitro"
    assert ask("loud.VITRO")[0] == tmp_path / "loud.VITRO"


def test_an_orders_name_is_proposed_as_a_file_may_be_called(ask):
    assert ask("x", proposed="Mugs 12/24: blue.vitro")[1] == ["Mugs 12-24- blue.vitro"]


def test_a_file_that_is_there_is_not_written_over_without_a_word(ask, tmp_path):
    for name in ("Dr. Smith.vitro", "mugs.vitro", "cut-2.vitro", "cut-3.vitro"):
        (tmp_path / name).write_text("")
    place, said = ask("Dr. Smith", "Leave")
    assert place is None and said[1] == "A file is there already: Dr. Smith.vitro. Write over it?"
    assert ask("Dr. Smith", "Write")[0] == tmp_path / "Dr. Smith.vitro"
    assert usual_folder() == str(tmp_path), "the next dialog begins there"
    place, said = ask("mugs")                                  # that one the dialog asks about, and we do not again
    assert place == tmp_path / "mugs.vitro" and len(said) == 2 and "mugs.vitro" in said[1]
    films = [tmp_path / f"cut-{number}.vitro" for number in (1, 2, 3)]
    place, said = ask("cut", "Leave", written=lambda path: films)
    assert place is None and said[1] == "2 files are there already: cut-2.vitro, cut-3.vitro. Write over them?"


def test_the_files_of_another_order_are_not_written_over_without_a_word(open_desk, tmp_path):
    save_order(Order.of(star_job(name="Star"), id="another's"), tmp_path / "job.vitro")
    desk = open_desk()
    desk.shell.files.write_files(tmp_path)
    bar = desk.find(QWidget, "askBar")
    assert bar.findChild(QLabel).text().startswith("The files of another order, “Star”, are in ")
    click(desk.shell, "stay")
    assert load_order(tmp_path / "job.vitro").name == "Star" and not (tmp_path / "packet.pdf").exists()
    for _ in range(2):                                         # those of this very order are, a second time
        desk.shell.files.write_files(tmp_path)
        if not desk.shell.files.writing.busy:
            click(desk.shell, "writeOver")
        desk.qtbot.waitUntil(lambda: not desk.shell.files.writing.busy, timeout=15000)
        assert desk.says("message").startswith("Written into ")
    assert load_order(tmp_path / "job.vitro").id == "a test's"


def test_writing_says_how_far_it_is_and_when_stopped_writes_nothing(open_desk, tmp_path, monkeypatch):
    monkeypatch.setattr("vitrograph.desk.files._MOMENT_S", 0.0)
    desk = open_desk(open_night())
    files, said = desk.shell.files, []
    desk.qtbot.waitUntil(lambda: all(one.complete for one in desk.bench.order_results.pieces), timeout=60_000)
    files._wrote.connect(said.append)
    files.write_files(tmp_path / "night")
    desk.qtbot.waitUntil(lambda: any("drawing the packet, " in says for says in said), timeout=60_000)
    assert desk.find(QWidget, "askBar").findChild(QLabel).text().startswith("Writing into night: ")
    click(desk.shell, "stopWriting")
    desk.qtbot.waitUntil(lambda: not files.writing.busy, timeout=60_000)
    assert desk.says("message") == "Writing is stopped: nothing was written" and not (tmp_path / "night").exists()
    files.write_packet(tmp_path / "packet.pdf")
    desk.qtbot.waitUntil(lambda: not files.writing.busy, timeout=60_000)
    assert desk.says("message") == f"Written into {tmp_path.name}: packet.pdf" and (tmp_path / "packet.pdf").exists()
    assert said[-1] == "writing packet.pdf: writing the files"
    desk.qtbot.waitUntil(lambda: not desk.shell.findChildren(AskBar), timeout=5000)


def test_a_copy_is_an_order_of_its_own_and_steps_that_are_done_are_asked_about(open_desk, tmp_path):
    desk = open_desk(Order.of(star_job(), id="one"))
    files, bench = desk.shell.files, desk.bench
    files.save_as(tmp_path / "anna.vitro")
    assert bench.order.id == "one", "its first place is no copy"
    bench.edit("Border", stencil__border=17.0)
    files.save_as(tmp_path / "ben.vitro")
    ben = bench.order.id
    assert ben not in ("one", "") and load_order(tmp_path / "ben.vitro").id == ben
    bench.undo_stack.undo()
    bench.undo_stack.redo()
    assert (bench.order.id, bench.job.stencil.border) == (ben, 17.0), "undo does not make it the other again"
    desk.settle()
    bench.making.tick(bench.making.refs("weed", bench.job.key, 1, desk.results.weed.steps)[0])
    files.save()
    assert bench.order.id == ben and bench.making.begun
    files.save_as(tmp_path / "cleo.vitro")
    desk.click("stay")
    assert not (tmp_path / "cleo.vitro").exists() and bench.path == tmp_path / "ben.vitro"
    files.save_as(tmp_path / "cleo.vitro")
    desk.click("copyDone")
    assert load_order(tmp_path / "cleo.vitro").id == ben and bench.making.begun
    files.save_as(tmp_path / "dora.vitro")
    desk.click("copyAnew")
    assert load_order(tmp_path / "dora.vitro").id not in (ben, "one") and not bench.making.begun
    dora = bench.order.id
    files.save_as(tmp_path / "no such folder" / "eve.vitro")
    assert (bench.order.id, bench.path) == (dora, tmp_path / "dora.vitro"), "a copy that could not be saved is none"
    desk.shell.files.open(tmp_path / "ben.vitro")
    desk.settle()
    assert bench.making.begun, "what is done of the other stays with it"


def test_a_file_copied_by_other_hands_is_asked_about_once_steps_are_done(open_desk, tmp_path):
    desk = open_desk(Order.of(star_job(), id="one"))
    files, bench, ask = desk.shell.files, desk.bench, desk.shell.findChildren
    desk.shell.remember(Seen(tmp_path / "seen"), listed=True)
    first, second, third, moved = (tmp_path / f"{name}.vitro" for name in ("last year", "this year", "beside", "moved"))
    files.save_as(first)
    for copy in (second, third):
        shutil.copy(first, copy)

    def opened(path):
        files.open(path)
        desk.settle()
        QTest.qWait(20)
        return bool(ask(AskBar))

    assert not opened(second), "nothing is done yet: it does not matter"
    bench.making.tick(bench.making.refs("weed", bench.job.key, 1, desk.results.weed.steps)[0])
    assert not opened(first)
    assert opened(second) and bench.making.begun
    desk.click("copyAnew")
    assert not bench.making.begun and load_order(second).id not in ("one", "") and load_order(first).id == "one"
    assert not opened(second)
    assert opened(third)
    desk.click("copyDone")
    assert bench.making.begun and load_order(third).id == "one" and not opened(third) and not opened(first)
    third.unlink()
    first.rename(moved)
    assert not opened(moved), "a file that was moved is no copy"
    (tmp_path / "seen" / "files.json").write_text("[1, {")
    assert not opened(second) and not opened(moved)


def test_an_order_written_into_its_own_folder_is_saved_without_a_question(open_desk, tmp_path):
    desk = open_desk()
    desk.shell.files.save_as(tmp_path / "job.vitro")
    desk.shell.files.write_files(tmp_path)
    desk.qtbot.waitUntil(lambda: not desk.shell.files.writing.busy, timeout=15000)
    desk.bench.edit("Size", artwork__items__0__size=41.0)
    desk.shell.files.save()
    assert load_order(tmp_path / "job.vitro") == desk.bench.order
