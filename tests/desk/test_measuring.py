"""The measuring helpers and the shelf, driven as a maker would."""

from math import pi

import numpy as np
import pytest
from PIL import Image
from PySide6.QtCore import QMimeData, QPoint, Qt, QTimer
from PySide6.QtTest import QTest
from PySide6.QtWidgets import (
    QApplication,
    QLineEdit,
    QListWidget,
    QMessageBox,
    QPlainTextEdit,
    QPushButton,
    QTableWidget,
)

from hands import click, type_into, type_over
from specimens import LANTERN, PLAQUE, TUMBLER, job
from vitrograph.core.demo import demo_glasses, fill_demo_shelf
from vitrograph.core.glass import ShelvedGlass, wall_of
from vitrograph.core.job import CurvedGlass, KeepOut, StraightGlass
from vitrograph.desk.glass import shelf_row
from vitrograph.desk.glass.shelf_row import ShelfRow
from vitrograph.desk.glass.shelf_window import ShelfWindow
from vitrograph.desk.kit.message import Heard
from vitrograph.devices.camera import Camera


@pytest.fixture
def helpers(desk):
    """Open the helpers at a page; they are closed at the end."""
    opened = []

    def open_at(name):
        window = desk.go(1).open_helpers(name)
        opened.append(window)
        return window, window.go(name)

    yield open_at
    for window in opened:
        window.close()


def rows_of(readings):
    return {name.text(): value.text() for name, value in readings._rows if not name.isHidden()}


def test_several_readings_of_a_place_give_their_mean(desk, helpers):
    window, page = helpers("readings")
    lines = window.findChild(QPlainTextEdit, "readingLines")
    assert lines.toPlainText() == "90"
    lines.setPlainText("")
    for text in ("90.4", "90.2"):
        QTest.keyClicks(lines, text)
        QTest.keyClick(lines, Qt.Key.Key_Return)
    assert rows_of(page.found)["mean"] == "90.3\u202fmm" and "agree" in page.verdict.text()
    click(window, "useMean")
    desk.settle()
    assert desk.bench.job.glass.rim == pytest.approx(90.3) and "mean of its readings" in desk.says("message")
    assert "rim: mean of 2" in desk.card().taken.text()
    QTest.keyClicks(lines, "far")
    assert page.verdict.text().startswith("Reading 1: a length like")
    assert not window.findChild(QPushButton, "useMean").isEnabled()
    desk.type_into("rim", "91; 91.4")                         # the card's own field takes several, too
    assert desk.bench.job.glass.rim == pytest.approx(91.2)


def test_the_other_height_the_paper_and_the_water_check_the_glass(desk, helpers, tmp_path):
    window, heights = helpers("heights")
    type_into(window, "other_height", "150")
    assert "should be" in heights.verdict.text() and "move the ends of the rim" in heights.verdict.text()
    water = window.go("water")
    type_into(window, "wall_mm", "2.5")
    type_into(window, "grams", "500")
    assert water.verdict.text().startswith("How thick the wall and the bottom are is not typed")
    type_into(window, "bottom_mm", "6")
    assert water.verdict.text().startswith("It should hold ") and desk.bench.job.features.thickness == 2.5
    proof = window.go("proof")
    proof.write_proof(tmp_path / "proof.pdf")
    desk.qtbot.waitUntil((tmp_path / "proof.pdf").exists, timeout=5000)
    assert (tmp_path / "proof.pdf").read_bytes().startswith(b"%PDF")
    type_into(window, "rim_overlap", f"{pi:.7f}")
    click(window, "applyProof")
    assert desk.bench.job.glass.rim == pytest.approx(TUMBLER.rim - 1, abs=1e-6)
    assert "corrected" in desk.says("message")
    desk.click("kind_flat")
    desk.settle()
    listed = window.findChild(QListWidget, "helpers")
    shown = {listed.item(row).text() for row in range(listed.count()) if not listed.item(row).isHidden()}
    assert shown == {"Several readings", "From a picture", "Handle, seams, foot, rim", "Glasses meant to be alike"}


def test_a_better_tool_shortens_the_bars(desk, helpers):
    window, page = helpers("trust")
    before = page.sketch.trust
    type_into(window, "ruler_error", "0.1")
    desk.settle()
    assert page.sketch.trust.closing == pytest.approx(before.closing / 5, rel=0.05)
    assert page.sketch.trust.shares[0][1] == 0.1


def test_what_is_in_the_way_is_typed_and_told(desk, helpers):
    window, page = helpers("keepout")
    click(window, "addKeepOut")
    type_into(window, "foot", "9")
    desk.settle()
    assert desk.bench.job.features.keep_out == (KeepOut(),) and "handle" in rows_of(desk.card().room)["kept clear"]
    table = window.findChild(QTableWidget, "keepOut")
    table.item(0, 1).setText("20")
    table.item(0, 4).setText("100 mm")
    desk.settle()
    assert desk.bench.job.features.keep_out[0].high == 100 and "keep-out" in desk.codes
    kept = desk.bench.job
    table.item(0, 2).setText("broad")
    assert "a length like 85 mm" in page.wrong.text() and desk.bench.job == kept
    for view in (desk.shell.glass_view, desk.shell.sheet_view):
        assert view.grab().toImage().width() > 100
    click(window, "dropKeepOut")
    assert desk.bench.job.features.keep_out == ()


def test_pieces_meant_to_be_alike_are_added_and_judged(desk, helpers):
    window, page = helpers("pieces")
    click(window, "addPiece")
    desk.type_into("rim", "91")
    click(window, "addPiece")
    desk.settle()
    assert "one stencil fits all 2" in page.verdict.text().lower()
    click(window, "usePieces")
    assert desk.bench.job.glass.rim == pytest.approx(90.5)
    page.grab()
    click(window, "dropPiece")
    assert len(desk.bench.job.measured) == 1


def picture_of(glass, path, **rough):
    pixels = Camera(mm_per_px=0.2, **rough).photograph(wall_of(glass))
    Image.fromarray((pixels * 255).astype(np.uint8)).save(path)
    return path


def test_the_rim_that_tells_the_scale_is_that_of_the_glass_in_hand(desk, helpers):
    window, page = helpers("picture")
    desk.bench.edit("Lantern", glass=StraightGlass(rim=98.0))
    desk.settle()
    assert page.known_length.line.text() == "98"
    desk.bench.edit("Tumbler", glass=StraightGlass(rim=81.5))
    desk.settle()
    assert page.known_length.line.text() == "81.5", "until another is typed"
    type_into(window, "known_mm", "66")
    desk.bench.edit("Lantern", glass=StraightGlass(rim=98.0))
    desk.settle()
    assert page.known_length.line.text() == "66"


def test_a_glass_is_measured_from_its_picture_and_corrected_by_hand(desk, helpers, tmp_path):
    belly = CurvedGlass(stations=((0.0, 70.0), (50.0, 104.0), (130.0, 66.0)))
    window, page = helpers("picture")
    type_into(window, "known_mm", "66")
    page.open(picture_of(belly, tmp_path / "belly.png", noise=0.01, blur=1.0))
    desk.qtbot.waitUntil(page.use.isEnabled, timeout=15000)
    assert rows_of(page.found)["rim"] == "66\u202fmm"
    last = max(page.view.marks, key=lambda name: int(name.split()[1]))
    held = page.view.to_screen(*page.view.marks[last]).toPoint()
    before = page._stations[-1][1]
    QTest.mousePress(page.view, Qt.MouseButton.LeftButton, pos=held)
    QTest.mouseMove(page.view, held + QPoint(6, 0))
    QTest.mouseRelease(page.view, Qt.MouseButton.LeftButton, pos=held + QPoint(6, 0))
    assert page._stations[-1][1] > before + 0.5
    type_into(window, "known_mm", "132")
    assert not page.use.isEnabled(), "what was measured before is not used in the place of what is being measured"
    desk.qtbot.waitUntil(page.use.isEnabled, timeout=15000)
    assert rows_of(page.found)["rim"] == "132\u202fmm"
    type_into(window, "known_mm", "66")
    desk.qtbot.waitUntil(page.use.isEnabled, timeout=15000)
    click(window, "usePicture")
    desk.settle()
    assert desk.results.wall.widest == pytest.approx(52, abs=0.4) and desk.bench.glass_picture[:2] == b"\xff\xd8"
    page.grab()


def test_a_picture_with_no_glass_is_refused_in_one_sentence(desk, helpers, tmp_path):
    _, page = helpers("picture")
    kept = desk.bench.job
    Image.new("L", (400, 500), 180).save(tmp_path / "empty.png")
    (tmp_path / "words.png").write_text("no picture")
    for name, sentence in (("empty.png", "No glass was found"), ("words.png", "not a picture this program reads")):
        page.open(tmp_path / name)
        desk.qtbot.waitUntil(lambda wanted=sentence: wanted in page.verdict.text(), timeout=15000)
        assert not page.use.isEnabled() and desk.bench.job == kept
    page.open(picture_of(LANTERN, tmp_path / "lantern.png"))
    desk.qtbot.waitUntil(page.use.isEnabled, timeout=15000)
    assert page.found._rows


def test_the_shelf_keeps_finds_copies_and_gives_back(desk, tmp_path):
    row = desk.go(1).findChild(ShelfRow)
    desk.bench.edit("x", features__foot=7.0)
    row.keep_as("Dome tumbler")
    assert desk.says("message") == "Kept on the shelf: Dome tumbler"
    row.keep_as("  ")
    assert "needs a name" in desk.says("message")
    desk.click("kind_ball")
    window = row.open()
    QTest.keyClicks(window.find_field, "dome tum")
    assert window.list.count() == 1 and window.current().glass == TUMBLER
    window.copy()
    assert window.list.count() == 2
    QTest.keyClicks(window.notes, "for the night assistants")    # kept by themselves, whatever is done next
    window.add_picture(picture_of(TUMBLER, tmp_path / "side.png"))
    assert window.current().picture[:2] == b"\xff\xd8" and window.photo.isVisible()
    pictured = window.current().picture
    window.write(tmp_path / "kept.json")
    window.remove()
    assert window.list.count() == 1
    window.read_file(tmp_path / "kept.json")
    window.find_field.setText("night assistants")
    assert window.list.count() == 1
    click(window, "shelf_take")
    desk.settle()
    assert desk.bench.job.glass == TUMBLER and desk.bench.job.features.foot == 7.0
    assert desk.bench.glass_picture == pictured
    desk.shell.top.menus.add_glass(ShelvedGlass("Lantern", LANTERN))
    desk.settle()
    assert desk.bench.glass_picture == b"", "another piece's glass is not the one in the picture"
    desk.bench.take_piece(0, 0)
    assert desk.bench.glass_picture == pictured
    desk.click("kind_ball")
    assert desk.bench.glass_picture == b""


def test_nothing_on_the_shelf_is_lost_unasked(desk, tmp_path, monkeypatch):
    row, shelf = desk.go(1).findChild(ShelfRow), desk.bench.shelf
    row.keep_as("Dome tumbler")
    window = row.open()
    window.list.setCurrentRow(0)
    QTest.keyClicks(window.notes, "thin lip")
    window.close()
    assert shelf.of_name("dome tumbler").notes == "thin lip", "typed, and the window closed at once"
    type_over(window.findChild(QLineEdit, "glassPrice"), "2.5")
    asked = []
    monkeypatch.setattr(shelf_row, "ask_which", lambda *given: asked.append(given) or "both")
    row.keep_as("Dome tumbler")
    assert not asked, "the same glass under the same name"
    desk.click("kind_ball")
    row.keep_as("Dome Tumbler")
    assert len(asked) == 1 and shelf.of_name("Dome tumbler").glass == TUMBLER
    assert shelf.of_name("Dome Tumbler (2)").glass == desk.bench.job.glass
    monkeypatch.setattr(shelf_row, "ask_which", lambda *_asked: "neither")
    row.keep_as("Dome tumbler")
    assert shelf.of_name("Dome tumbler").glass == TUMBLER
    monkeypatch.setattr(shelf_row, "ask_which", lambda *_asked: "new")
    row.keep_as("Dome tumbler")
    there = shelf.of_name("Dome tumbler")
    assert there.glass == desk.bench.job.glass and (there.notes, there.price) == ("thin lip", 2.5)
    row.open().find_field.setText("dome tumbler")
    window.list.setCurrentRow(0)
    assert not window.acts["put_back"].isVisible()
    window.remove()
    assert shelf.of_name("Dome tumbler") is None and list(shelf.folder.glob("*.bak"))
    click(window, "shelf_put_back")
    assert shelf.of_name("Dome tumbler") == there and not window.acts["put_back"].isVisible()
    text = QMimeData()
    text.setText("x" * 300_000)                                # laid out in a minute, were it taken in
    window.notes.insertFromMimeData(text)
    assert window.notes.words() == "thin lip" and "at most 20000 go in here" in window.findChild(Heard).text()
    text.setText("a " * 10_000)
    window.notes.selectAll()
    window.notes.insertFromMimeData(text)
    assert len(window.notes.words()) == 20_000, "in the place of what was there"


def test_the_question_about_a_name_that_is_taken_has_three_answers(desk):
    glass = ShelvedGlass.of(desk.bench.job, "Dome tumbler")
    for name, wanted in (("Keep both", "both"), ("Keep it in the other's place", "new"), (None, "neither")):
        def answer(name=name):
            box = next(one for one in QApplication.topLevelWidgets() if isinstance(one, QMessageBox))
            assert "“Dome tumbler” is on the shelf already" in box.text()
            if name is None:
                QTest.keyClick(box, Qt.Key.Key_Escape)
            else:
                next(one for one in box.buttons() if one.text().replace("&", "") == name).click()

        QTimer.singleShot(0, answer)
        assert shelf_row.ask_which(desk.shell, desk.bench, glass, glass) == wanted


def test_the_shelf_shows_generic_shapes_and_tells_of_a_bad_file(desk, tmp_path):
    window = ShelfWindow(desk.bench, desk.go(1))
    window.show()
    window.find_field.setText("wine bowl")
    assert not window.acts["remove"].isEnabled()
    window.take()
    desk.settle()
    assert desk.results.wall.stands == 90.0
    (tmp_path / "no.json").write_text("no")
    window.show()
    kept = desk.bench.job
    window.read_file(tmp_path / "no.json")
    assert "is not a glass" in desk.says("message") and desk.bench.job == kept
    window.find_field.setText("no such thing")
    assert "Nothing on the shelf" in window.title.text()
    window.close()


def test_the_demo_has_its_six_glasses_on_its_shelf(open_desk):
    desk = open_desk(job(glass=PLAQUE))
    fill_demo_shelf(desk.bench.shelf)
    fill_demo_shelf(desk.bench.shelf)
    assert len(desk.bench.shelf.glasses()) == 6
    for glass in demo_glasses():
        assert desk.bench.edit("x", *glass.changes(), artwork__items__0__size=24.0, fit__from_rim=None,
                               fit__angle=0.0)
        desk.settle()
        assert desk.results.sheet is not None and not desk.results.stopped, glass.name
        desk.shell.grab()
