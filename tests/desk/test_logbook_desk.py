"""The logbook's station driven like a maker: a photograph measured and corrected, advice, lists, and made again."""

from collections import Counter

import numpy as np
import pytest
import shapely
from msgspec.structs import replace
from PIL import Image
from PySide6.QtCore import QPoint, QPointF, Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QComboBox, QLabel, QLineEdit, QMenu, QPushButton, QSpinBox, QTableWidget

from specimens import LANTERN, job, run
from vitrograph.core.job import FlatGlass, Order
from vitrograph.core.logbook import Entry, Logbook, Mark, Photo
from vitrograph.core.logbook.inspection.seat import corners_of
from vitrograph.core.logbook.told import Told, ToldFile
from vitrograph.desk.kit.findings_list import FindingRow
from vitrograph.desk.logbook.pointing import on_sheet
from vitrograph.desk.logbook.went_panel import WentPanel
from vitrograph.devices.piece_camera import Laid, PieceCamera


def logged(desk, entries):
    """Entries that another window wrote in the book."""
    desk.bench.logbook.add_all(entries)
    desk.bench.look_at_book()


def waited(desk, card):
    """Wait until the photograph is judged and the pieces have spoken."""
    desk.qtbot.waitUntil(lambda: not card.looking.busy and not card.advising.busy, timeout=30000)


def photographed(desk, path, **laid):
    """A photograph of the piece in hand with one leak and one void."""
    piece = desk.results.finished()
    frosted = piece.sheet.frosted
    left, _, right, high = frosted.bounds
    thickest = max(frosted.geoms, key=lambda part: shapely.maximum_inscribed_circle(part).length)
    void = shapely.Point(shapely.maximum_inscribed_circle(thickest).coords[0]).buffer(0.9)
    leak = shapely.Point((left + right) / 2, high + 4).buffer(1.2)
    camera = PieceCamera(size=(1200, 1600), distance=450.0, focal=1.05, height=110.0, blur=0.6, noise=0.01,
                         laid=Laid(**laid))
    Image.fromarray(camera.photograph(piece, [leak], [shapely.intersection(void, frosted)])).save(path)


def looked_at(desk, path):
    """The logbook's card with a photograph of the piece in hand measured."""
    card = desk.go(9)
    waited(desk, card)
    photographed(desk, path)
    card.look_at(path)
    waited(desk, card)
    return card


def test_a_photograph_is_measured_corrected_by_hand_and_kept_with_the_record(desk, tmp_path):
    card = looked_at(desk, tmp_path / "piece.png")
    kinds = Counter(fault.kind for fault in card.looking.at.seen.faults)
    assert set(kinds) == {"drip", "void"} and "Drip:" in desk.says("photoSays")
    assert desk.find(QSpinBox, "count_faint").value() == 1 and desk.says("goodCopies") == "0 of 1 came out good"
    view = card.view.photo
    assert view.isVisible() and view.accessibleName() == "Photograph: drip, faint"
    view.repaint()
    at = [fault.kind for fault in card.looking.at.seen.faults].index("void")
    ring = view._rings[at].boundingRect().center().toPoint()
    QTest.mouseClick(view, Qt.MouseButton.LeftButton, pos=ring)
    assert card.looking.at.none == {at} and "Void:" not in desk.says("photoSays")
    assert (desk.find(QSpinBox, "count_faint").value(), desk.find(QSpinBox, "count_drip").value()) == (0, 1)
    desk.click("writeDown")
    (one,) = desk.bench.logbook.found()
    assert one.entry.outcome == "drip" and one.entry.web_mm is not None
    (photo,) = desk.bench.logbook.photos(one.id)
    assert [mark.what for mark in desk.bench.logbook.marks(one.id)] == ["drip"]
    assert photo.name == "piece.png" and '"drip"' in photo.found and '"void"' not in photo.found
    assert card.looking.at is None and desk.find(QSpinBox, "count_drip").value() == 0
    desk.find(QTableWidget, "entries").selectRow(0)
    page = card.view.entry
    assert page.isVisible() and not page.picture.pixmap().isNull(), "the picture of the entry in hand is shown"


def test_what_the_eye_sees_is_marked_by_hand_and_lit_on_the_glass(desk, tmp_path):
    card = looked_at(desk, tmp_path / "piece.png")
    view, seen = card.view.photo, card.looking.at.seen
    view.repaint()
    left, low, right, _ = seen.bounds
    (pixel,) = seen.registered.seat.seen(np.array([[(left + right) / 2, low - 5.0]]), seen.registered.camera)[0]
    place = (view._corner + QPointF(*pixel) * view._scale).toPoint()
    view.marked.connect(lambda *told: marked.append(told))
    marked = []
    QTest.mousePress(view, Qt.MouseButton.LeftButton, pos=place)
    QTest.mouseMove(view, place + QPoint(12, 0))
    QTest.mouseRelease(view, Qt.MouseButton.LeftButton, pos=place + QPoint(12, 0))
    menu = view.findChild(QMenu, "markFault")
    menu.actions()[0].trigger()
    menu.close()
    (fault,) = card.looking.at.marked
    mm = 12 / view._scale * (right - left) / seen_width(seen)
    assert fault.kind == "leak" and fault.by_hand and fault.where == pytest.approx(((left + right) / 2, low - 5), abs=1)
    assert fault.area == pytest.approx(np.pi * mm**2, rel=0.3) and "marked by hand" in desk.says("photoSays")
    lit = desk.shell.glass_view._spot
    assert lit is not None and len(getattr(lit, "geoms", [lit])) == len(card.looking.at.kept.faults)
    desk.find(QPushButton, "logbookPage_advice").click()
    assert desk.shell.glass_view._spot is None
    card.looking.mark("leak", (1.0, 1.0), (5.0, 5.0))
    assert "not on the side of the glass" in desk.says("message")


def mark_on_the_glass(desk, sheet, what):
    """Click the glass where a place of the sheet is seen, and say what went wrong there."""
    view = desk.shell.glass_view
    wall = desk.results.fitted.chart.sheet_to_wall(np.array([sheet]))
    x, y = view.camera().wall_to_screen(wall)[0]
    QTest.mouseClick(view, Qt.MouseButton.LeftButton, pos=QPoint(round(x), round(y)))
    menu = desk.card().pointing.findChild(QMenu, "pointedMenu")
    next(action for action in menu.actions() if action.text() == f"Here: {what}").trigger()
    menu.close()
    QTest.qWait(20)


def test_places_are_clicked_on_the_glass_itself_copy_by_copy_and_kept_with_the_record(open_desk):
    desk = open_desk(Order.of(job("K", count=3, name="Mug"), job("B", glass=LANTERN, name="Lamp")))
    card = desk.go(9)
    waited(desk, card)
    before = desk.bench.job
    mark_on_the_glass(desk, (4.0, 3.0), "missed bit")
    mark_on_the_glass(desk, (-6.0, 8.0), "leak at an edge")    # the graver one is what the copy is counted by
    assert desk.bench.job == before, "a click does not move the art"
    assert (card.went.counts["leak at an edge"].value(), card.went.counts["missed bit"].value()) == (1, 0)
    assert desk.says("pointedSays") == "Marked on this glass: 1 missed bit, 1 leak at an edge."
    assert len(desk.shell.glass_view._spot.geoms) == 2
    card.pointing.copies.after.click()
    assert "Click on the glass" in desk.says("pointedSays")
    mark_on_the_glass(desk, (0.0, 0.0), "faint")
    mark_on_the_glass(desk, (1.0, 0.0), "drip")
    desk.find(QPushButton, "pointedBack").click()
    card.went.note.setPlainText("warmer")
    desk.bench.pieces.step(1)                                  # another piece has its own; nothing told is lost
    desk.settle()
    desk.qtbot.waitUntil(lambda: card.went.note.toPlainText() == "")       # the card follows once the views stand
    assert card.pointing.marks == () and card.went.outcome == "good"
    desk.bench.pieces.step(-1)
    desk.settle()
    desk.qtbot.waitUntil(lambda: card.went.note.toPlainText() != "")
    assert card.went.outcome == "1 good, 1 faint, 1 leak at an edge" and card.went.note.toPlainText() == "warmer"
    desk.find(QPushButton, "writeDown").click()
    (listed,) = [one for one in desk.bench.logbook.entries() if one.job == "Mug"]
    marks = desk.bench.logbook.marks(1)
    assert listed.outcome == "1 good, 1 faint, 1 leak at an edge"
    assert [(mark.copy, mark.what) for mark in marks] == [(1, "missed bit"), (1, "leak at an edge"), (2, "faint")]
    assert np.array([(mark.x, mark.y) for mark in marks]) == pytest.approx(
        np.array([(4.0, 3.0), (-6.0, 8.0), (0.0, 0.0)]), abs=0.6)             # as near as a pixel is
    assert card.pointing.marks == () and card.went.outcome == "good"


def test_what_is_told_is_its_pieces_own_and_outlives_the_window_until_it_is_written_down(open_desk):
    desk = open_desk(Order.of(job("I", width=8.0, count=3), id="mine"))
    went = desk.go(9).went
    went.counts["faint"].setValue(2)
    desk.type_into("forWhom", "Ada")
    QTest.keyClicks(went.note, "thicker coat")
    desk.card().pointing.mark("faint", (1.0, 2.0))
    went.counts["faint"].setValue(2)
    desk.shell.files.give_up()
    desk.shell.close()
    other = open_desk(Order.of(job("I", width=8.0, count=3), id="another"))
    assert other.go(9).went.note.words() == "" and other.go(9).went.outcome == "good", "of a piece with the same key"
    again = open_desk(Order.of(job("I", width=8.0, count=3), id="mine"))
    went = again.go(9).went
    assert (went.note.words(), went.whom.text(), went.outcome) == ("thicker coat", "Ada", "1 good, 2 faint")
    assert other.go(9).pointing.marks == () and [mark.what for mark in again.go(9).pointing.marks] == ["faint"]
    went._rest.stop()
    QTest.keyClicks(went.note, "!")
    again.qtbot.waitUntil(lambda: ToldFile().of("mine", 1).note.count("!") == 1, timeout=4000)
    again.settle()
    again.click("writeDown")
    assert ToldFile().of("mine", 1) == Told() and went.note.words() == went.whom.text() == ""
    written = again.bench.logbook.entries()[-1]
    assert (written.outcome, written.for_whom) == ("1 good, 2 faint", "Ada") and "thicker coat" in written.note


def test_a_piece_that_was_written_down_is_known_the_next_day_and_not_once_that_is_taken_out(open_desk):
    made = Order.of(job("I", width=8.0, name="Mug"), job("K", width=8.0, name="Jug"), id="mine")
    desk = open_desk(made)
    desk.go(9)
    desk.qtbot.waitUntil(lambda: desk.bench.order_results.complete)
    desk.click("writeDown")
    desk.shell.files.give_up()
    desk.shell.close()
    again = open_desk(made)
    again.go(9)
    again.qtbot.waitUntil(lambda: again.bench.order_results.complete)
    again.click("writeDown")
    assert len(again.bench.logbook.entries()) == 1, "it is asked"
    again.click("stay")
    station = again.shell.line.buttons["logbook"]
    assert (station.state, station.answer) == ("under way", "1 of 2 written down")
    again.bench.unlog(1)
    assert station.state == "open"
    again.click("writeDown")
    again.bench.take_piece(1, 0)
    again.settle()
    again.click("writeDown")
    assert [entry.job for entry in again.bench.logbook.entries()] == ["Jug", "Mug"] and station.state == "done"


def test_a_photograph_and_its_marks_are_of_the_piece_that_was_in_hand(open_desk, tmp_path):
    desk = open_desk(Order.of(job("K", glass=FlatGlass(width=120, height=90), width=30.0, name="Pane"),
                              job("I", width=8.0, name="Mug"), id="two"))
    card = looked_at(desk, tmp_path / "pane.png")
    counted = card.went.outcome
    assert card.looking.at is not None and counted != "good"
    desk.bench.take_piece(1, 0)
    desk.settle()
    desk.qtbot.waitUntil(lambda: card.looking.at is None, timeout=3000)
    assert card.went.outcome == "good" and not card.shown.isVisible()
    desk.click("writeDown")
    (mug,) = desk.bench.logbook.entries()
    assert (mug.job, mug.outcome) == ("Mug", "good") and not desk.bench.logbook.photos(1)
    desk.bench.take_piece(0, 0)
    desk.settle()
    desk.qtbot.waitUntil(lambda: card.looking.at is not None, timeout=3000)
    assert card.went.outcome == counted, "counted once"
    desk.click("writeDown")
    assert desk.bench.logbook.photos(2) and card.looking.at is None
    desk.bench.take_piece(1, 0)
    desk.bench.take_piece(0, 0)
    desk.settle()
    assert card.looking.at is None and card.went.outcome == "good"
    card.open_for_corners(tmp_path / "pane.png")
    desk.bench.take_piece(1, 0)
    desk.settle()
    desk.qtbot.waitUntil(lambda: not card.looking.busy and card.looking.of[1] == desk.bench.job.key, timeout=20000)
    assert card.looking._waits is None, "no corners are asked for of the piece that it is not of"


def test_of_fewer_glasses_no_more_can_have_failed(desk, qtbot):
    went = WentPanel(desk.bench)
    qtbot.addWidget(went)
    went.take("an order", 1, 6)
    went.counts["faint"].setValue(3)
    went.counts["drip"].setValue(2)
    for copies in (2, 0, 4):
        went.show_planned(copies, 5.0)
        counts = [box.value() for box in went.counts.values()]
        assert min(counts) >= 0 and sum(counts) <= copies
        assert all(box.minimum() == 0 for box in went.counts.values())


def test_a_click_on_any_of_the_stencils_round_a_glass_is_a_place_of_its_sheet():
    results = run(job("K", width=12.0, fit__times=4))
    sheet = np.array([[2.0, 1.0]])
    (u, s), = results.fitted.chart.sheet_to_wall(sheet)
    for turn in range(-3, 5):
        assert on_sheet(results, (u + turn * np.pi / 2, s)) == pytest.approx((2.0, 1.0), abs=1e-6)


def seen_width(seen):
    """How wide the design's box is in the photograph, pixels."""
    left, low, right, _ = seen.bounds
    ends = np.array([[left, low], [right, low]])
    return np.hypot(*np.diff(seen.registered.seat.seen(ends, seen.registered.camera)[0], axis=0)[0])


def test_without_a_card_the_corners_are_pointed_at(open_desk, tmp_path):
    desk = open_desk(job("K", glass=FlatGlass(width=200.0, height=150.0)))
    card = desk.go(9)
    waited(desk, card)
    piece = desk.results.finished()
    camera = PieceCamera(size=(1600, 1200), distance=600.0, focal=1.05, height=75.0, blur=0.6, noise=0.01)
    Image.fromarray(camera.photograph(piece, card=False)).save(tmp_path / "pane.png")
    card.open_for_corners(tmp_path / "pane.png")
    waited(desk, card)
    view = card.view.photo
    assert view.accessibleName() == "Click the upper left corner of the piece"
    QTest.mouseClick(view, Qt.MouseButton.LeftButton, pos=QPoint(3, 3))
    QTest.keyClick(view, Qt.Key.Key_Backspace)
    view.repaint()
    corners = camera.pinhole.seen(np.column_stack([corners_of(piece.wall), np.zeros(4)]))
    art = QPointF(*camera.pinhole.seen(np.array([[*piece.sheet.frosted.representative_point().coords[0], 0.0]]))[0])
    bright = []
    for over in (art, QPointF(20, 20)):                        # what is under the pointer is shown larger
        QTest.mouseMove(view, (view._corner + over * view._scale).toPoint())
        loupe = view.grab(view.rect().adjusted(view.width() - 160, view.height() - 160, 0, 0)).toImage()
        bright.append(sum(loupe.pixelColor(x, y).lightness() > 120 and loupe.pixelColor(x, y).saturation() < 60
                          for x in range(0, loupe.width(), 4) for y in range(0, loupe.height(), 4)))
    assert bright[0] > 20 + bright[1]
    for x, y in corners.tolist():
        QTest.mouseClick(view, Qt.MouseButton.LeftButton, pos=(view._corner + QPointF(x, y) * view._scale).toPoint())
    waited(desk, card)
    assert card.looking.at.kept.outcomes == ("good",)


def test_an_entry_is_read_changed_and_compared_and_months_are_told(desk):
    logged(desk, [Entry(made_on=f"2026-0{month}-05", job="Dome", cream="Cream", minutes=8.0 + month, how_many=2,
                              cream_g=3.0, outcome="1 good, 1 faint" if month < 3 else "good")
                        for month in range(1, 6)])
    card = desk.go(9)
    waited(desk, card)
    table, page = desk.find(QTableWidget, "entries"), card.view.entry
    table.selectRow(4)
    assert desk.says("entryHeading") == "2 × Dome, 2026-01-05" and page.isVisible()
    assert "9 min" in [one.text() for one in page.rows.findChildren(QLabel)]
    desk.find(QLineEdit, "entryOutcome").setText("2 drips")
    desk.click("keepEntry")
    assert desk.bench.logbook.found()[4].entry.outcome == "drip" and table.item(4, 2).text() == "drip"
    assert desk.says("entryHeading") == "2 × Dome, 2026-01-05", "it stays chosen"
    desk.find(QLineEdit, "entryOutcome").setText("meh")
    desk.click("keepEntry")
    assert "one of good, faint" in desk.says("message")
    assert desk.bench.logbook.found()[4].entry.outcome == "drip"
    QTest.mouseClick(table.viewport(), Qt.MouseButton.LeftButton, Qt.KeyboardModifier.ControlModifier,
                     table.visualItemRect(table.item(3, 1)).center())
    assert desk.says("entryHeading") == "Where the two differ" and page.one is None
    told = [one.text() for one in page.rows.findChildren(QLabel)]
    assert told[told.index("Outcome"):][:3] == ["Outcome", "1 good, 1 faint", "drip"]
    desk.click("logbookPage_months")
    came = card.view.months
    desk.qtbot.waitUntil(lambda: not came.busy)
    shown = desk.find(QTableWidget, "cameToTable")
    assert [shown.item(0, column).text() for column in range(5)] == ["2026-05", "2", "0", "0.0", "3"]
    assert came.failed.accessibleName() == "drip: 2 of 10; faint: 1 of 10"
    by = desk.find(QComboBox, "cameToBy")
    by.setCurrentIndex(by.findData("cream"))
    by.activated.emit(by.currentIndex())
    desk.qtbot.waitUntil(lambda: shown.columnCount() == 3)
    assert [shown.item(0, column).text() for column in range(3)] == ["Cream", "10", "5"]


def test_of_an_entry_only_what_was_typed_is_changed_whatever_another_window_wrote(desk):
    logged(desk, [Entry(made_on="2026-01-05", job="Dome", outcome="good", note="First note")])
    card = desk.go(9)
    waited(desk, card)
    desk.find(QTableWidget, "entries").selectRow(0)
    other = Logbook(desk.bench.logbook.path)
    other.change(1, lambda now: replace(now, note="Written in the other window", for_whom="Elin"))
    other.add(Entry(made_on="2026-02-05", job="Comet"))
    stars = desk.find(QComboBox, "entryStars")
    stars.setCurrentIndex(stars.findData("4"))
    desk.click("keepEntry")
    made = other.entry(1)
    assert (made.stars, made.note, made.for_whom) == (4, "Written in the other window", "Elin")
    desk.go(8)
    other.add(Entry(made_on="2026-03-05", job="Gull"))
    desk.go(9)
    assert desk.says("entriesSays") == "3 entries, 3 pieces", "what others wrote is seen"
    assert desk.shell.line.buttons["logbook"].answer == "3 kept"


def test_nothing_of_the_logbook_is_lost_by_a_click(desk, tmp_path):
    Image.new("L", (40, 30), 90).save(tmp_path / "dome.jpg")
    photo, mark = Photo("dome.jpg", (tmp_path / "dome.jpg").read_bytes(), ""), Mark(1, "faint", 1.0, 2.0)
    desk.bench.log(Entry(made_on="2026-01-05", job="Dome", how_many=1, outcome="faint"), [photo], [mark])
    desk.bench.log(Entry(made_on="2026-01-06", job="Flute", how_many=1, outcome="good"))
    book, card = desk.bench.logbook, desk.go(9)
    waited(desk, card)
    table, page = desk.find(QTableWidget, "entries"), card.view.entry
    table.selectRow(1)
    QTest.keyClicks(page.note, "thicker")
    page.whom.setText("Ada")
    page.outcome.setText("meh")
    table.selectRow(0)                                         # another is chosen, and nothing was said to be kept
    assert desk.says("entryHeading") == "1 × Flute, 2026-01-06" and "one of good, faint" in desk.says("message")
    kept = book.found()[1].entry
    assert (kept.note, kept.for_whom, kept.outcome) == ("thicker", "Ada", "faint")
    desk.settle()
    assert desk.says("entryHeading") == "1 × Flute, 2026-01-06" and table.rowCount() == 2
    page.whom.setText("Ben")
    desk.go(8)                                                 # nor here
    assert book.found()[0].entry.for_whom == "Ben"
    desk.go(9)
    desk.settle()
    QTest.mouseClick(table.viewport(), Qt.MouseButton.LeftButton, pos=table.visualItemRect(table.item(1, 1)).center())
    desk.click("takeOut")
    assert len(book.found()) == 1
    desk.click("putBack")
    back = book.found()[1]
    assert back.entry == kept and not desk.find(QPushButton, "putBack").isVisible()
    assert book.photos(back.id) == (photo,) and book.marks(back.id) == (mark,) and book.made(back.id)


def test_a_picture_of_something_else_is_refused_in_one_sentence(desk, tmp_path):
    card = desk.go(9)
    Image.new("L", (900, 900), 90).save(tmp_path / "plain.png")
    (tmp_path / "words.jpg").write_bytes(b"these are only words")
    for name, says in (("plain.png", "no inspection card was found"), ("words.jpg", "is not a picture")):
        card.look_at(tmp_path / name)
        waited(desk, card)
        desk.qtbot.waitUntil(lambda says=says: says in desk.says("message").lower(), timeout=5000)
    card.save_card(tmp_path / "card.pdf")
    desk.qtbot.waitUntil((tmp_path / "card.pdf").exists, timeout=5000)
    assert (tmp_path / "card.pdf").read_bytes().startswith(b"%PDF")


def test_own_pieces_speak_and_a_cause_is_mended_on_request(open_desk):
    desk = open_desk(job("K", transfer__settle=5.0))
    entries = [Entry(made_on="2026-05-05", job="Dome", cream="Cream", material="ordinary", minutes=minutes,
                     how_many=4, settled_min=settled, outcome=outcome)
               for minutes in (5.0, 8.0, 12.0) for settled, outcome in ((5.0, "2 good, 2 leak at an edge"),
                                                                       (20.0, "good")) for _ in range(5)]
    logged(desk, entries)
    card = desk.go(9)
    waited(desk, card)
    assert "9 of 10 pieces frost well" in desk.says("adviceSays") and "from 120 pieces" in desk.says("adviceSays")
    assert card.view.advice.accessibleName().startswith("Advice:")
    assert desk.shell.line.buttons["logbook"].answer == "30 kept"
    assert "28" not in desk.find(FindingRow, "finding_cause").accessibleName()
    desk.click("remedy_cause")
    assert desk.bench.job.transfer.settle == 15.0


def test_the_list_is_searched_read_in_and_an_order_opened_as_it_was_made(desk, tmp_path):
    card = desk.go(9)
    desk.click("writeDown")
    desk.bench.edit("Wider", fit__across=41.0)
    desk.settle()
    (tmp_path / "list.csv").write_text("made_on,job,outcome\n2025-01-02,Old lantern,faint\n", "utf-8")
    card.take_list(tmp_path / "list.csv")
    card.take_list(tmp_path / "list.csv")                      # at once again: nothing is taken over twice
    desk.qtbot.waitUntil(lambda: not card.listing.busy)
    table = desk.find(QTableWidget, "entries")
    assert table.rowCount() == 2 and desk.says("entriesSays") == "2 entries, 2 pieces"
    (tmp_path / "bad.csv").write_text("made_on,job,outcome\n2025-01-02,Old lantern,meh\n", "utf-8")
    card.take_list(tmp_path / "bad.csv")
    desk.qtbot.waitUntil(lambda: not card.listing.busy)
    assert "row 2, outcome" in desk.says("message") and table.rowCount() == 2
    went = desk.find(QComboBox, "filterEntries")
    for words, rows in (("Came out: faint", 1), ("Came out: crooked", 0), ("However it went", 2)):
        went.setCurrentIndex(went.findText(words))
        went.activated.emit(went.currentIndex())
        assert table.rowCount() == rows and (desk.says("entriesSays") == "Nothing was found.") == (rows == 0)
    sought = desk.find(QLineEdit, "findEntries")
    QTest.keyClicks(sought, "lantern")
    desk.qtbot.waitUntil(lambda: table.rowCount() == 1)
    table.selectRow(0)
    desk.click("makeAgain")
    desk.click("giveUp")                                       # what was changed since is not saved
    assert "No order is kept with this entry" in desk.says("message")
    desk.click("takeOut")
    assert desk.says("entriesSays") == "Nothing was found."
    sought.clear()
    sought.textEdited.emit("")
    desk.qtbot.waitUntil(lambda: table.rowCount() == 1)
    table.selectRow(0)
    desk.click("makeAgain")
    asked = desk.shell.findChild(QPushButton, "giveUp")
    if asked is not None and asked.isVisible():
        desk.click("giveUp")
    desk.settle()
    assert desk.bench.job.fit.across == pytest.approx(0.0), "as it was when it was written down"
