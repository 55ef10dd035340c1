"""Starting: a window before the program behind it, what was left shown again, and nothing keeps it from opening."""

import json
import os
import stat
import subprocess
import sys
from importlib import resources
from pathlib import Path
from types import SimpleNamespace

import pytest
from PySide6.QtCore import QMimeData, QObject, QPointF, QProcess, QProcessEnvironment, Qt, QUrl
from PySide6.QtGui import QColor, QDropEvent, QGuiApplication
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QLabel, QLineEdit, QListWidget, QPushButton, QToolButton
from shiboken6 import isValid

from hands import type_over
from specimens import STAR, job
from vitrograph.core.demo import demo_job
from vitrograph.core.faults import told
from vitrograph.core.glass import Shelf, ShelvedGlass
from vitrograph.core.job import Order
from vitrograph.core.storing.orderfile import load_order, save_order
from vitrograph.desk import dropping, front
from vitrograph.desk.commands import commands_of
from vitrograph.desk.dropping import does_for
from vitrograph.desk.front import Front
from vitrograph.desk.glass.shelf_window import ShelfWindow
from vitrograph.desk.instance import hand_over, listen, socket_place
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.look import Look, read_look, write_look
from vitrograph.desk.kit.text_box import TextBox
from vitrograph.desk.seen import Seen, default_folder

ROOT = Path(__file__).parents[2]


@pytest.fixture
def open_front(qtbot, qapp, tmp_path, monkeypatch):
    """Open the program's own window in a home of its own; it is closed at the end."""
    theme.apply(qapp)
    for name in ("XDG_DATA_HOME", "XDG_STATE_HOME", "XDG_CONFIG_HOME"):
        monkeypatch.setenv(name, str(tmp_path / name))
    monkeypatch.setattr("vitrograph.desk.app.settle", lambda _shell: None)     # it is for a program, not for a test's
    opened = []

    def open_it(path=None, demo=None) -> Front:
        made = Front(path, demo)
        qtbot.addWidget(made)
        made.show()
        opened.append(made)
        qtbot.waitUntil(lambda: made.shell is not None, timeout=20000)
        qtbot.waitUntil(lambda: made.shell.bench.order_results.complete, timeout=20000)
        return made

    yield open_it
    for made in opened:
        if made.shell is not None:
            made.shell.files.give_up()
        made.close()


def test_the_first_picture_reads_little():
    """What a start may import before a window stands: it stays won."""
    script = ("import sys; from vitrograph import start; import vitrograph.desk.front; "
              "print('\\n'.join(sys.modules))")
    told = subprocess.run([sys.executable, "-c", script], env={**os.environ, "PYTHONPATH": str(ROOT / "src")},
                          capture_output=True, text=True, check=True).stdout.split()
    ours = {name for name in told if name.startswith("vitrograph.")}
    assert ours <= {"vitrograph.start", "vitrograph.desk", "vitrograph.desk.front", "vitrograph.desk.seen",
                    "vitrograph.desk.instance", "vitrograph.languages", "vitrograph.core", "vitrograph.core.language",
                    "vitrograph.desk.kit", "vitrograph.desk.kit.look", "vitrograph.desk.kit.theme",
                    "vitrograph.desk.kit.painting", "vitrograph.data"}
    assert not {"numpy", "shapely", "scipy", "msgspec", "PIL", "importlib.resources"} & set(told)


def test_the_first_stencil_is_drawn_from_what_it_needs(tmp_path):
    """The demo's: nothing is read that it has no use for, no part of the window is shown by itself on the way."""
    script = """if True:
        import os, sys
        from PySide6.QtCore import QTimer
        from PySide6.QtWidgets import QWidget
        from vitrograph import start
        from vitrograph.desk import front
        from vitrograph.desk.bench import runner
        runner._DRAWING_SECONDS = 60      # else a busy machine works on, and reads more, before it has drawn
        fill, alone = front.Front.show_shell, []
        shown = QWidget.setVisible
        QWidget.setVisible = lambda self, on: (alone.append(type(self)) if on and not self.parent() else 0,
                                               shown(self, on))[1]
        def watch(self, shell):
            def painted(_seconds):
                if shell.sheet_view.results.sheet is not None:
                    print(len(alone), *sys.modules, flush=True)
                    shell.sheet_view.painted.disconnect(painted)
                    QTimer.singleShot(100, leave)
            def leave():
                if not shell.bench.results.complete:
                    return QTimer.singleShot(100, leave)
                self.close()
                os._exit(0)
            shell.sheet_view.painted.connect(painted)
            fill(self, shell)
        front.Front.show_shell = watch
        start.main(["demo"])
    """
    homes = {name: str(tmp_path) for name in ("XDG_DATA_HOME", "XDG_STATE_HOME", "XDG_CONFIG_HOME")}
    first, again = (subprocess.run([sys.executable, "-c", script], check=True, capture_output=True, text=True,
                                   env={**os.environ, **homes, "PYTHONPATH": str(ROOT / "src")}) for _ in range(2))
    assert list(tmp_path.glob("vitrograph/seen/*.png"))        # which the second reads beside the rest
    assert "main() thread" not in again.stderr and first.stdout.split()[0] == again.stdout.split()[0] == "0"
    told = set(again.stdout.split())
    assert "fontTools.svgLib" in told
    assert told.isdisjoint({
        "scipy", "PIL", "reportlab", "ezdxf", "numpy.ma", "numpy.random", "bidi", "tinycss2", "html", "difflib", "wave",
        "fontTools.unicodedata", "PySide6.QtSvg", "importlib.resources.readers"})


def test_an_order_looks_as_it_was_left_and_comes_back_without_being_named(open_front, tmp_path, qtbot):
    save_order(Order.of(job("K"), name="Dome"), tmp_path / "dome.vitro")
    first = open_front(tmp_path / "dome.vitro")
    assert first.windowTitle() == "Dome - Vitrograph"
    first.resize(796, 700)
    first.shell.bench.go("fit")
    QTest.qWait(400)
    whole = first.grab().toImage()
    assert first.close() and Seen(first.seen.folder).last == tmp_path / "dome.vitro"
    again = open_front()
    assert again.shell.bench.path == tmp_path / "dome.vitro" and again.shell.bench.station == "fit"
    assert (again.width(), again.height()) == (796, 700)
    kept = again.picture.picture.toImage()
    places = [(x, y) for x in range(50, 796, 100) for y in range(60, 700, 90)]
    assert sum(QColor(kept.pixel(*at)) == QColor(whole.pixel(*at)) for at in places) > 0.95 * len(places)
    qtbot.waitUntil(lambda: again.shell.sheet_view.last.isNull())        # its own results stand there now


def test_a_second_start_hands_its_file_to_the_program_that_runs(open_front, qtbot, tmp_path, monkeypatch):
    monkeypatch.setenv("XDG_RUNTIME_DIR", str(tmp_path))
    tmp_path.chmod(0o700)
    assert not hand_over("x"), "nobody runs"
    taken, parent = [], QObject()
    listen(parent, taken.append)
    place = socket_place()
    assert place is not None and place.exists() and stat.S_IMODE(place.stat().st_mode) & 0o077 == 0
    code = f"from vitrograph.desk.instance import hand_over; print(hand_over({str(tmp_path / 'ä b.vitro')!r}))"
    second = QProcess()
    second.setProcessEnvironment(QProcessEnvironment.systemEnvironment())
    second.start(sys.executable, ["-c", code])
    qtbot.waitUntil(lambda: second.state() == QProcess.ProcessState.NotRunning, timeout=15000)
    assert bytes(second.readAllStandardOutput().data()).strip() == b"True", bytes(second.readAllStandardError().data())
    assert taken == [str(tmp_path / "ä b.vitro")]
    parent.deleteLater()
    QTest.qWait(50)
    place.touch()                                              # as one that was killed leaves it
    assert not hand_over("x")
    other = QObject()
    listen(other, taken.append)
    assert stat.S_ISSOCK(place.stat().st_mode), "the next program listens there"
    tmp_path.chmod(0o755)
    assert socket_place() is None, "a folder that others can read is not trusted"
    tmp_path.chmod(0o700)
    other.deleteLater()


def test_several_windows_stand_side_by_side(open_front, qtbot, tmp_path):
    save_order(Order.of(job("K"), name="Second"), tmp_path / "second.vitro")
    first = open_front()
    front._windows[:] = [first]
    front.take_word(str(tmp_path / "second.vitro"))
    second = front._windows[-1]
    qtbot.addWidget(second)
    qtbot.waitUntil(lambda: second.shell is not None and second.shell.bench.order_results.complete, timeout=20000)
    assert second is not first and second.windowTitle() == "Second - Vitrograph" and first.isVisible()
    front.take_word(str(tmp_path / "second.vitro"))
    assert front._windows == [first, second], "one file stands in one window: two would save over each other"
    front._tell_fault(ValueError("made up"))
    assert "ValueError" in second.shell._message.text()
    first.activateWindow()
    qtbot.waitUntil(first.isActiveWindow)
    front._tell_fault(KeyError("made up"))
    assert "KeyError" in first.shell._message.text(), "it is told where the maker works"
    next(one for one in commands_of(second.shell) if one.name == "Another window").does()
    third = front._windows[-1]
    qtbot.addWidget(third)
    qtbot.waitUntil(lambda: third.shell is not None and third.shell.bench.order_results.complete, timeout=20000)
    assert third.shell.bench.path is None and third.shell.bench.job.name != "K" and second.isVisible()
    assert third.close() and second.close() and first.isVisible()
    front.take_word("")
    assert len(front._windows) == 3, "an empty word opens nothing"
    front._windows.clear()


def test_unsaved_work_keeps_the_window_open(open_front, tmp_path):
    save_order(Order.of(job("K")), tmp_path / "dome.vitro")
    opened = open_front(tmp_path / "dome.vitro")
    opened.shell.bench.edit("Wider", fit__across=41.0)
    assert not opened.close() and opened.isVisible() and opened.shell.asking
    opened.shell.findChild(object, "giveUp").click()
    assert not opened.isVisible()


def test_what_is_typed_and_not_yet_left_is_asked_about_and_saved_as_it_is_seen(open_front, tmp_path, qtbot):
    place = tmp_path / "dome.vitro"
    save_order(Order.of(job("K")), place)
    opened = open_front(place)
    opened.shell.bench.go("stencil")
    line = opened.shell.card("stencil").findChild(QLineEdit, "border")
    line.setFocus()
    line.selectAll()
    QTest.keyClicks(line, "24")                                # no Return, and the keyboard stays there
    assert not opened.close() and opened.isVisible() and opened.shell.asking
    opened.shell.findChild(object, "stay").click()
    line.setFocus()
    line.selectAll()
    QTest.keyClicks(line, "26")
    opened.shell.keys.actions["Save"].trigger()
    assert load_order(place).pieces[0].stencil.border == 26.0 and line.hasFocus()
    assert opened.close()


def test_what_stands_beside_a_window_closes_with_it(open_front, tmp_path):
    opened = open_front()
    windows = opened.shell.windows
    beside = [windows.names(), windows.workshop(), windows.keys(), windows.guide()]
    assert all(one.isVisible() for one in beside)
    opened.shell.files.give_up()
    assert opened.close() and not any(one.isVisible() for one in beside), "typed there, work would go nowhere"


@pytest.mark.parametrize("content", [b"", b"{", b'{"window": 5}', b"[" * 9000, b'{"window": {"size": [1, "x"]}}',
                                     json.dumps({"window": {"size": [9e9, 1], "maximized": 0, "split": [],
                                                            "station": "x"}, "orders": [7]}).encode()])
def test_whatever_is_wrong_with_what_was_kept_the_window_opens(tmp_path, content, qtbot):
    (tmp_path / "seen.json").write_bytes(content)
    opened = Front(None, None, seen=Seen(tmp_path))
    qtbot.addWidget(opened)
    assert 640 <= opened.width() <= 8000 and opened.path is None and opened.picture.picture.isNull()


def test_the_window_is_no_larger_than_the_screen_where_it_was_left_on_a_larger_one(open_front):
    kept = default_folder() / "seen.json"
    kept.parent.mkdir(parents=True)
    kept.write_text(json.dumps({"window": {"size": [4000, 3000]}}))
    opened = open_front()
    assert opened.screen().availableGeometry().contains(opened.frameGeometry()), "foot and right edge are in sight"


@pytest.mark.parametrize(("desktop", "chrome"), [(Qt.ColorScheme.Light, "#D6DBDD"), (Qt.ColorScheme.Dark, theme.CHROME),
                                                 (Qt.ColorScheme.Unknown, theme.CHROME)])
def test_colours_follow_the_desktop_where_that_was_chosen(qapp, monkeypatch, desktop, chrome):
    hints = SimpleNamespace(colorScheme=lambda: desktop)
    monkeypatch.setattr("vitrograph.desk.kit.theme.QGuiApplication.styleHints", lambda: hints)
    try:
        theme.use(Look("desktop"))
        assert chrome == theme.CHROME
    finally:
        theme.use(Look())


@pytest.mark.parametrize(("content", "look"), [
    (b'{"theme": "light", "text": 1.3}', Look("light", 1.3)), (b'{"theme": "mauve", "text": 9}', Look("dark", 1.5)),
    (b'{"theme": [1], "text": 1}', Look()), (b"{", Look()), (b"[1]", Look()),
    (b'{"theme": "light", "text": "x"}', Look())])
def test_a_look_is_read_whatever_a_hand_has_made_of_it(tmp_path, content, look):
    (tmp_path / "look.json").write_bytes(content)
    assert read_look(tmp_path / "look.json") == look
    write_look(look, tmp_path / "new" / "look.json")
    assert read_look(tmp_path / "new" / "look.json") == look


def test_the_look_is_chosen_in_the_workshop(desk, tmp_path):
    desk.shell.files.workshop = tmp_path / "workshop.json"
    window = desk.shell.windows.workshop()
    for name in ("look_theme_light", "look_text_1.15"):
        window.findChild(QPushButton, name).click()
    assert read_look(tmp_path / "look.json") == Look("light", 1.15)
    window.close()


def test_a_damaged_order_opens_the_window_and_says_why(open_front, tmp_path):
    (tmp_path / "odd.vitro").write_bytes(b"no order")
    opened = open_front(tmp_path / "odd.vitro")
    assert "odd.vitro" in opened.shell._message.text() and opened.shell.bench.path is None
    assert not Seen(opened.seen.folder).recents


def test_the_first_start_begins_a_piece_and_leads_on(open_front, qtbot):
    opened = open_front()
    shell = opened.shell
    qtbot.waitUntil(lambda: "glass" in shell.cards)            # made behind the page, a moment later
    assert shell.asking and shell.places.currentWidget().objectName() == "beginPage"
    page = shell.places.currentWidget()
    page.findChild(QToolButton, "begin_ball").click()
    assert shell.bench.job.glass.kind == "ball" and page.findChild(QToolButton, "begin_ball").isChecked()
    page.findChild(QToolButton, "begin_words").click()
    assert shell.bench.station == "artwork" and shell.places.currentWidget() is not page
    assert [type(item.what).__name__ for item in shell.bench.job.artwork.items] == ["Words"]
    shell.bench.go("glass")
    card = shell.card("glass")
    assert card.findChild(QPushButton, "nextStation").text() == "Next: Artwork"
    card.findChild(QPushButton, "nextStation").click()
    assert shell.bench.station == "artwork"


def test_an_empty_order_says_at_each_station_what_is_wanted_first(open_desk):
    desk = open_desk(job(""))
    card = desk.go(2)
    why = card.findChild(QLabel, "nextWhy")
    assert why.isVisible() and why.text().startswith("First: ")
    desk.bench.edit_item("Words", desk.bench.job.artwork.items[0].key, what__text="K")
    desk.settle()
    assert not why.isVisible()
    assert not desk.go(9)._next.isVisible(), "after the logbook nothing comes"


def test_what_was_saved_stands_on_the_page_with_its_picture(open_front, tmp_path):
    for name in ("one", "two"):
        save_order(Order.of(job("K"), name=name), tmp_path / f"{name}.vitro")
        assert open_front(tmp_path / f"{name}.vitro").close()
    (tmp_path / "two.vitro").unlink()
    opened = open_front()
    assert opened.shell.bench.order.name == "one", "the last that is still there"
    page = opened.shell.windows.begin()
    listed = page.findChildren(QToolButton, "beginRecent")
    assert [one.text().splitlines()[0] for one in listed] == ["two", "one"]
    assert [one.isEnabled() for one in listed] == [False, True] and "is gone" in listed[0].text()
    assert not listed[1].icon().isNull()
    page.findChild(QPushButton, "beginBack").click()
    assert opened.shell.places.currentIndex() == 0


def test_files_dropped_go_to_the_room_they_are_for(desk, tmp_path):
    star = tmp_path / "star.svg"
    star.write_text(STAR)
    (tmp_path / "guests.csv").write_text("Ada\nGrace\n")
    save_order(Order.of(job("D"), name="Dropped"), tmp_path / "dropped.vitro")

    words = desk.go(2).findChild(TextBox, "words")

    def drop(*paths):
        data = QMimeData()
        data.setUrls([QUrl.fromLocalFile(str(path)) for path in paths])
        assert not words.canInsertFromMimeData(data), "not even over the words is a file taken for its path"
        event = QDropEvent(QPointF(400, 400), Qt.DropAction.CopyAction, data, Qt.MouseButton.LeftButton,
                           Qt.KeyboardModifier.NoModifier)
        desk.shell.dropEvent(event)

    drop(tmp_path / "odd.xyz")
    assert "odd.xyz belongs nowhere here" in desk.says("message")
    drop(*[star] * 200)
    assert "of 200 files one at a time" in desk.says("message") and desk.bench.station == "artwork"
    desk.qtbot.waitUntil(lambda: not desk.card().reading.busy, timeout=15000)
    assert desk.drawing.name == "star.svg"
    drop(tmp_path / "guests.csv")
    assert [row.cells for row in desk.bench.pieces.piece.names.rows] == [("Ada",), ("Grace",)]
    desk.shell.windows.names().close()
    (tmp_path / "book.csv").write_text("Made on;job;minutes\n2026-06-21;Mug;10\n")
    drop(tmp_path / "book.csv")
    assert desk.bench.station == "logbook" and not desk.bench.logbook.entries(), "it is asked first"
    desk.click("addEntries")
    desk.qtbot.waitUntil(lambda: bool(desk.bench.logbook.entries()), timeout=5000)
    assert desk.bench.logbook.entries()[0].job == "Mug"
    drop(tmp_path / "dropped.vitro")
    desk.click("giveUp")
    assert desk.bench.order.name == "Dropped"
    assert [does_for(Path(name)) for name in ("a.TTF", "b.woff2", "c.JPG", "d")] == ["font", "font", "drawing", ""]


def test_a_font_dropped_is_offered_for_the_words_in_hand(desk):
    folder = resources.files("vitrograph.data") / "fonts"
    font = next(Path(str(folder)).rglob("*.ttf"))
    dropping.take(desk.shell, [font])
    window = desk.card().words._window
    desk.qtbot.waitUntil(lambda: not window.busy, timeout=15000)
    assert desk.bench.station == "artwork" and window.isVisible()
    assert any(sample.words.font is not None for sample in window.samples), "its faces stand among the others"
    window.close()
    empty = desk.bench.job.artwork.without({item.key for item in desk.bench.job.artwork.items})
    desk.bench.edit("Nothing", artwork=empty)
    dropping.take(desk.shell, [font])
    assert [type(item.what).__name__ for item in desk.bench.job.artwork.items] == ["Words"], "words are put in for it"
    window.close()
    dropping.take(desk.shell, [])
    assert "hat belongs nowhere here" in desk.says("message")


def test_the_price_of_a_glass_is_kept_on_the_shelf(desk, tmp_path):
    desk.bench.shelf = Shelf(tmp_path / "shelf")
    desk.bench.shelf.keep(ShelvedGlass.of(desk.bench.job, "Bar tumbler"))
    window = ShelfWindow(desk.bench, desk.go(1))
    window.show()
    line = window.findChild(QLineEdit, "glassPrice")
    for typed, kept in (("2,75", 2.75), ("-1", 2.75), ("", 2.75)):
        type_over(line, typed)
        assert desk.bench.shelf.glasses()[0].price == kept
    window.list.setCurrentRow(1)
    assert not line.isEnabled(), "a generic shape has no price"
    window.close()


def test_the_guide_opens_at_the_station_and_is_searched(desk):
    desk.go(6)
    QTest.keyClick(desk.shell, Qt.Key.Key_F1)
    guide = desk.shell.windows.guide()
    chapters = guide.findChild(QListWidget, "guideChapters")
    assert chapters.currentItem().text() == "6 Weed" and guide.text.textCursor().block().text() == "6 Weed"
    sought = guide.findChild(QLineEdit, "guideSearch")
    QTest.keyClicks(sought, "collar")
    first = guide.text.textCursor().position()
    assert guide.text.textCursor().selectedText().lower() == "collar"
    assert "place" in guide.findChild(QLabel, "guideSays").text()
    QTest.keyClick(sought, Qt.Key.Key_Return)
    assert guide.text.textCursor().position() != first
    QTest.keyClicks(sought, "xyzzy")
    assert "Not in the guide" in guide.findChild(QLabel, "guideSays").text()
    guide.close()


def test_a_report_of_a_problem_tells_much_and_no_art(desk, tmp_path, monkeypatch):
    monkeypatch.setenv("XDG_STATE_HOME", str(tmp_path))
    desk.bench.edit("Words", artwork__items__0__what__text="Secret Words", name="Secret Piece")
    told(ValueError(f"made up in {Path.home()}/secret.vitro"))
    desk.shell.files.write_report(tmp_path / "report.txt")
    text = (tmp_path / "report.txt").read_text("utf-8")
    assert "PySide6-Essentials 6." in text and "Kinds of art: words" in text and "ValueError: made up in ~/" in text
    assert "Secret" not in text and str(Path.home()) not in text.replace("~", "")
    assert "read it before you send it on" in desk.says("message")
    desk.shell.files.write_report(tmp_path / "no" / "report.txt")
    assert "cannot be written" in desk.says("message")


def test_a_picture_of_the_glass_goes_to_the_clipboard(desk):
    size = desk.shell.glass_view.size()
    QTest.keyClick(desk.shell, Qt.Key.Key_C, Qt.KeyboardModifier.ControlModifier | Qt.KeyboardModifier.ShiftModifier)
    copied = QGuiApplication.clipboard().image()
    assert copied.size() == size and "on the clipboard" in desk.says("message")


def test_a_field_is_gone_to_though_results_came_in_since_it_was_listed(open_desk):
    desk = open_desk(demo_job())
    desk.bench.go("stencil")
    desk.settle()
    old = next(one for one in desk.card().findChildren(QPushButton) if one.text().startswith("Thicken it to"))
    finder = desk.shell.windows.finder()
    line = finder.findChild(QLineEdit, "finderLine")
    QTest.keyClicks(line, "thicken")
    assert finder.found[0].shown == f"Stencil: {old.text()}"
    desk.bench.resize(width=60.0)                              # as much is found there, listed anew
    desk.settle()
    desk.qtbot.waitUntil(lambda: not isValid(old))
    QTest.keyClick(line, Qt.Key.Key_Return)
    assert desk.card().focusWidget().text().startswith("Thicken it to")


def test_a_command_or_a_field_is_found_by_its_words(desk):
    finder = desk.shell.windows.finder()
    line = finder.findChild(QLineEdit, "finderLine")
    QTest.keyClicks(line, "imperial")
    assert [one.shown for one in finder.found] == ["Lengths in inches"]
    QTest.keyClick(line, Qt.Key.Key_Return)
    assert desk.bench.unit == "in"
    finder = desk.shell.windows.finder()
    line = finder.findChild(QLineEdit, "finderLine")
    QTest.keyClicks(line, "stars log")
    assert finder.found[0].shown == "Logbook: Stars"
    QTest.keyClick(line, Qt.Key.Key_Return)
    assert desk.bench.station == "logbook" and desk.card().focusWidget().accessibleName() == "Stars"
    finder = desk.shell.windows.finder()
    line = finder.findChild(QLineEdit, "finderLine")
    QTest.keyClicks(line, "what is web")
    assert finder.found[0].shown.startswith("What is it?  Web: a bridge of film")
    QTest.keyClick(line, Qt.Key.Key_Return)
    guide = desk.shell.windows.guide()
    desk.shell.windows.explain("Web")
    assert guide.text.textCursor().block().text().startswith("Web: a bridge")
    guide.close()
    finder = desk.shell.windows.finder()
    line = finder.findChild(QLineEdit, "finderLine")
    QTest.keyClick(line, Qt.Key.Key_Down)
    assert finder.listed.currentRow() == 1
    QTest.keyClicks(line, "zzz")
    QTest.keyClick(line, Qt.Key.Key_Return)
    assert finder.isVisible() and not finder.found
    finder.reject()
