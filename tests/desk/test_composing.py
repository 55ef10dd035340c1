"""Composing at the artwork station, driven as a maker would: items put in, picked, dragged, sized, lined up."""

import numpy as np
import pytest
from msgspec.structs import replace
from PySide6.QtCore import QPoint, QPointF, Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QComboBox, QInputDialog, QLabel, QLineEdit, QListWidget, QPlainTextEdit, QPushButton
from reportlab.pdfgen.canvas import Canvas

from specimens import PLAQUE, STAR, TUMBLER, fonts_folder, in_mm
from vitrograph.core import artwork
from vitrograph.core.artwork.words.sturdy import thinnest_stroke
from vitrograph.core.demo import demo_job
from vitrograph.core.job import Artwork, Item, Job, Monogram, Shape, Words

BAND, NAME, STARS = 1, 2, 3


def composed(**changes):
    """A frosted band with clear lettering in it, and a row of stars below."""
    made = Artwork((Item(Shape("rounded", "filled"), key=BAND, name="band", size=50.0, stretch=4.0),
                    Item(Words("Kestrel"), key=NAME, does="clears", size=30.0),
                    Item(Words("★", "Symbols"), key=STARS, size=8.0, y=-16.0, x=2.0)))
    return Job(glass=TUMBLER, artwork=made).changed(fit__from_rim=40.0, **changes)


@pytest.fixture
def desk(open_desk):
    made = open_desk(composed())
    made.go(2)
    return made


def item(desk, key):
    return desk.bench.job.artwork.item(key)


def press_and_pull(desk, start, end, *, letting_go=True, modifiers=Qt.KeyboardModifier.NoModifier):
    """Press on the sheet, pull in steps, let go; places are in the artwork's frame."""
    view = desk.shell.sheet_view
    screen = view.handling.to_screen(np.array([start, end], dtype=float))
    at = [QPoint(*np.rint(place).astype(int).tolist()) for place in np.linspace(screen[0], screen[1], 6)]
    QTest.mousePress(view, Qt.MouseButton.LeftButton, modifiers, at[0])
    for place in at[1:]:
        QTest.mouseMove(view, place)
    if letting_go:
        QTest.mouseRelease(view, Qt.MouseButton.LeftButton, modifiers, at[-1])
        desk.settle()


def test_a_click_on_the_sheet_picks_the_piece_under_it(desk):
    picked = []
    desk.bench.chosen_changed.connect(picked.append)
    for key, at in ((BAND, (22.0, 0.0)), (STARS, (2.0, -16.0)), (NAME, (0.0, 0.0))):
        press_and_pull(desk, at, at)
        assert desk.bench.chosen == (key,)
    assert desk.find(QLabel, "cardError").isHidden() and len(picked) == 3
    press_and_pull(desk, (22.0, 0.0), (22.0, 0.0), modifiers=Qt.KeyboardModifier.ShiftModifier)
    assert set(desk.bench.chosen) == {NAME, BAND}


def test_a_dragged_piece_follows_the_hand_and_the_others_stay_where_they_are(desk):
    before = desk.results.fitted
    low_band = before.wall_bounds[3]                          # the band's upper edge on the wall
    press_and_pull(desk, (22.0, 0.0), (22.0, 9.0))
    assert item(desk, BAND).y == pytest.approx(9.0, abs=1.0) and item(desk, BAND).x == pytest.approx(0.0, abs=0.3)
    assert item(desk, NAME) == composed().artwork.item(NAME)
    assert desk.results.fitted.wall_bounds[3] - low_band == pytest.approx(item(desk, BAND).y, abs=1e-6)
    assert desk.results.fitted.wall_bounds[1] == pytest.approx(before.wall_bounds[1], abs=1e-6)       # the stars' foot
    desk.bench.undo_stack.undo()
    assert desk.bench.job == composed()                       # all of the pull is one step


def test_while_it_is_held_both_views_show_it_where_the_hand_is(desk):
    sheet, glass = desk.shell.sheet_view, desk.shell.glass_view
    still = [view.grab().toImage() for view in (sheet, glass)]
    press_and_pull(desk, (2.0, -16.0), (2.0, -34.0), letting_go=False)
    held = [view.grab().toImage() for view in (sheet, glass)]
    assert desk.bench.held_art is not None and all(one != two for one, two in zip(still, held, strict=True))
    star = desk.bench.held_art.held[STARS]
    place = sheet.handling.to_screen(np.array([[star.x, star.y - 0.3]]))[0]
    assert held[0].pixelColor(*np.rint(place).astype(int).tolist()).name() == "#f3f0e8"       # open where the star is
    QTest.mouseRelease(sheet, Qt.MouseButton.LeftButton, pos=QPoint(*np.rint(place).astype(int).tolist()))
    desk.settle()
    assert desk.bench.held_art is None and item(desk, STARS).y == pytest.approx(-34.0, abs=1.0)


def test_a_drag_snaps_to_the_middle_line(desk):
    press_and_pull(desk, (2.0, -16.0), (0.3, -24.0))
    assert item(desk, STARS).x == pytest.approx(0.0, abs=1e-6)


def test_a_corner_sizes_a_side_stretches_and_the_handle_turns(desk):
    desk.bench.choose(BAND)
    corners = desk.results.art.of(BAND).corners
    press_and_pull(desk, corners[2], corners[0] + 1.2 * (corners[2] - corners[0]))
    assert item(desk, BAND).size == pytest.approx(60.0, rel=0.02) and item(desk, BAND).stretch == pytest.approx(4.0)
    desk.click("lock")
    desk.bench.undo_stack.undo()
    desk.settle()
    press_and_pull(desk, (25.0, 0.0), (35.0, 0.0))
    assert item(desk, BAND).size == pytest.approx(60.0, rel=0.02)
    assert item(desk, BAND).size / item(desk, BAND).stretch == pytest.approx(12.5, rel=1e-6)
    desk.bench.undo_stack.undo()
    desk.bench.choose(STARS)
    desk.settle()
    handling = desk.shell.sheet_view.handling
    (_, start), *_ = handling._handles(handling.chosen_alone())
    middle = handling.to_screen(desk.results.art.of(STARS).corners.mean(axis=0)[None])[0]
    end = middle + [np.hypot(*(start - middle)), 0.0]
    handling.press(QPointF(*start), Qt.KeyboardModifier.NoModifier)
    for share in (0.3, 0.7, 1.0):
        handling.move(QPointF(*(start + share * (end - start))))
    handling.release()
    desk.settle()
    assert item(desk, STARS).turn == pytest.approx(-np.pi / 2, abs=0.05)


def test_arrow_keys_nudge_and_delete_takes_out(desk):
    view = desk.shell.sheet_view
    desk.bench.choose(STARS)
    view.setFocus()
    for key, modifier in ((Qt.Key.Key_Right, Qt.KeyboardModifier.NoModifier),
                          (Qt.Key.Key_Down, Qt.KeyboardModifier.ShiftModifier)):
        QTest.keyClick(view, key, modifier)
    assert (item(desk, STARS).x, item(desk, STARS).y) == (2.5, -21.0)
    QTest.keyClick(view, Qt.Key.Key_Delete)
    desk.settle()
    assert item(desk, STARS) is None and len(desk.results.art.placed) == 2


def test_typed_sizes_are_sizes_on_the_glass_and_proportions_can_be_freed(desk):
    desk.type_into("allWidth", "60")
    desk.settle()
    assert desk.results.fitted.size[0] == pytest.approx(60.0, abs=1e-6)
    high = desk.results.fitted.size[1]
    desk.click("lock")
    desk.type_into("allHeight", "4 cm")
    desk.settle()
    assert desk.results.fitted.size == pytest.approx((60.0, 40.0), abs=0.01) and high != pytest.approx(40.0, abs=1)
    desk.bench.choose(NAME)
    desk.click("size_is_caps")
    desk.type_into("size", "6")
    desk.settle()
    assert desk.results.art.of(NAME).cap_height == pytest.approx(6.0)


@pytest.mark.parametrize("bad", ["0", "-4", "wide", "9e9"])
def test_a_size_that_cannot_be_is_told_and_nothing_changes(desk, bad):
    before = desk.bench.job
    desk.bench.choose(BAND)
    desk.type_into("size", bad)
    field = desk.find(QPushButton, "lock")
    assert field.isVisible() and desk.bench.job == before
    told = [label.text() for label in desk.card().findChildren(QLabel) if label.property("role") == "error"]
    assert any(told) or desk.says("message")


def test_a_piece_is_put_in_doubled_hidden_restacked_and_taken_out(desk):
    menu = desk.find(QPushButton, "addPiece").menu()
    for action in menu.actions():
        if "picture" not in action.text():
            action.trigger()
            desk.settle()
        if action.text() in ("Words", "A monogram"):
            assert desk.shell.focusWidget().accessibleName() in ("Words", "Initials, left to right")
    under, *_, words, frame, bar, monogram = desk.bench.job.artwork.items
    assert (type(words.what), type(monogram.what), bar.stretch) == (Words, Monogram, 30.0)
    assert under.what.edge == "filled" and frame.what == Shape("oval", "line")
    inner, ring = desk.results.art.of(BAND).box, desk.results.art.of(frame.key).box
    assert all(low < high for low, high in zip(ring[:2], inner[:2], strict=True)) and ring[2] > inner[2]
    items = desk.find(QListWidget, "items")
    assert items.count() == 8 and items.item(0).text() == "monogram KPO"
    desk.click("piece_double")
    desk.settle()
    key = desk.bench.chosen[0]
    assert desk.bench.job.artwork.index_of(key) == 8
    desk.click("piece_down")
    assert desk.bench.job.artwork.index_of(key) == 7
    items.item(1).setCheckState(Qt.CheckState.Unchecked)
    desk.settle()
    assert not item(desk, key).shown and desk.results.art.of(key) is None
    desk.click("piece_takeOut")
    assert item(desk, key) is None and desk.bench.chosen


def test_pieces_are_lined_up_spaced_and_matched_by_buttons(desk):
    desk.bench.choose(STARS)
    desk.click("lineup_centre")
    assert item(desk, STARS).x == pytest.approx(0.0, abs=1e-6)
    desk.bench.choose(BAND, NAME, STARS)
    desk.click("space_upright")
    desk.settle()
    desk.click("match_width")
    desk.settle()
    boxes = [desk.results.art.of(key).box for key in (BAND, NAME, STARS)]
    assert [right - left for left, _, right, _ in boxes] == pytest.approx([50.0] * 3)
    desk.bench.choose(BAND, NAME)
    desk.click("space_across")
    assert "three items or more" in desk.says("message")


def test_an_item_goes_to_the_other_side_of_the_glass_and_back(desk):
    desk.bench.choose(STARS)
    other = desk.find(QPushButton, "otherSide")
    half = np.pi * desk.bench.results.fitted.chart.middle_scale
    assert other.isVisible()
    desk.click("otherSide")
    assert item(desk, STARS).x == pytest.approx(2.0 + half) and item(desk, NAME).x == 0.0
    desk.click("otherSide")
    assert item(desk, STARS).x == pytest.approx(2.0)
    for changes in ({"fit__mode": "eye"}, {"fit__times": 2}, {"glass": PLAQUE}):
        desk.bench.edit("", **changes)
        desk.settle()
        assert not other.isVisible()
        desk.bench.undo_stack.undo()
        desk.settle()


def test_words_go_on_an_arc_of_a_typed_radius(desk):
    desk.bench.choose(NAME)
    desk.click("bend_arch")
    desk.settle()
    desk.type_into("radius", "45")
    desk.settle()
    placed = desk.results.art.of(NAME)
    assert placed.item.what.bend * placed.units[1] == pytest.approx(45.0, abs=1e-6)
    assert placed.item.size_is == "caps"
    desk.click("bend_straight")
    assert item(desk, NAME).what.bend == 0.0


def test_lines_have_sizes_of_their_own(desk):
    desk.bench.choose(NAME)
    words = desk.find(QPlainTextEdit, "words")
    words.setPlainText("Kestrel\nPoint")
    desk.type_into("line_sizes", "1; 0.5")
    assert item(desk, NAME).what.line_sizes == (1.0, 0.5)
    desk.type_into("line_sizes", "1; small")
    assert item(desk, NAME).what.line_sizes == (1.0, 0.5)


def test_a_monogram_is_typed_framed_and_taken_apart(open_desk):
    desk = open_desk(Job(glass=TUMBLER, artwork=Artwork((Item(Monogram(initials="KPO"), key=1, size=40.0),))))
    desk.go(2)
    desk.type_into("initials", "ABC")
    frame = desk.find(QComboBox, "monogramFrame")
    frame.setCurrentIndex(frame.findData("shield"))
    frame.activated.emit(frame.currentIndex())
    desk.settle()
    assert item(desk, 1).what == Monogram(initials="ABC", frame="shield")
    before = desk.results.fitted.wall_bounds
    desk.click("takeApart")
    desk.settle()
    assert [type(one.what) for one in desk.bench.job.artwork.items] == [Words, Words, Words, Shape]
    assert desk.results.fitted.wall_bounds == pytest.approx(before, abs=0.01)
    assert len(desk.bench.chosen) == 4


def test_faces_are_shown_on_the_makers_own_words_and_sorted(desk, tmp_path):
    desk.bench.choose(NAME)
    desk.settle()
    window = desk.card().words.open_faces()
    desk.qtbot.waitUntil(lambda: not window.busy, timeout=20000)
    assert window.table.rowCount() == 10
    window.table.sortByColumn(2, Qt.SortOrder.AscendingOrder)
    strokes = [window.table.item(row, 2).value for row in range(10)]
    assert strokes == sorted(strokes) and "too thin" in window.table.item(0, 2).text()
    window._choose("Oswald Bold")
    assert "SIL OPEN FONT LICENSE" in window.licence.toPlainText()
    QTest.mouseClick(window.use, Qt.MouseButton.LeftButton)
    assert item(desk, NAME).what.face == "Oswald Bold"
    window = desk.card().words.open_faces()
    desk.qtbot.waitUntil(lambda: not window.busy, timeout=20000)
    (tmp_path / "broken.ttf").write_bytes(b"no font at all")
    window.add_file(tmp_path / "broken.ttf")
    assert window.says.text().startswith("broken.ttf is damaged, or is no font of a kind")
    window.add_file(fonts_folder("Fredoka SemiBold")[0])
    desk.qtbot.waitUntil(lambda: not window.busy, timeout=20000)
    assert window.table.rowCount() == 11 and "open" in window.licence.toPlainText()
    QTest.mouseClick(window.installed, Qt.MouseButton.LeftButton)
    desk.qtbot.waitUntil(lambda: not window.busy, timeout=30000)
    assert window.table.rowCount() >= 11 and not window.installed.isEnabled()
    window._choose("Fredoka Light SemiBold")
    QTest.mouseClick(window.use, Qt.MouseButton.LeftButton)
    desk.settle()
    assert item(desk, NAME).what.font is not None and "letters" not in desk.codes


def test_the_thinnest_stroke_told_is_of_the_words_as_they_are_by_now(desk):
    def told():
        return desk.card().words.sturdy.text()

    def wide():
        return float(told().split("here ")[1].split()[0])

    desk.bench.choose(NAME)
    desk.qtbot.waitUntil(lambda: told() != "", timeout=5000)
    first = wide()
    assert told().endswith("sturdy") and first > 0.3
    desk.bench.edit("Limit", stencil__least_opening=first + 0.1)
    assert "thinner than your limit of" in told()
    desk.bench.set_unit("in")
    desk.settle()
    assert wide() == pytest.approx(first / 25.4, rel=0.02) and "mm" not in told()
    desk.bench.set_unit("mm")
    desk.bench.edit_item("Size", NAME, size=item(desk, NAME).size * 2)
    desk.settle()
    assert wide() == pytest.approx(2 * first, rel=0.02), "it need not be measured anew"
    desk.bench.edit_item("Stretch", NAME, stretch=0.25, size=item(desk, NAME).size / 4)      # as high as it is
    desk.qtbot.waitUntil(lambda: wide() < first, timeout=5000)


def test_faces_are_as_large_as_the_words_are_and_told_anew_when_these_are_resized(desk):
    desk.bench.edit_item("By width", NAME, size=40.0, size_is="width")
    desk.bench.choose(NAME)
    desk.settle()
    window = desk.card().words.open_faces()
    desk.qtbot.waitUntil(lambda: not window.busy and window.table.rowCount() == 10, timeout=20000)
    assert window.says.text().startswith("In each face so large as to be as wide as now. Strokes thinner")
    strokes = {sample.name: sample.stroke for sample in window.samples}
    for face in ("Oswald Bold", "Barlow Bold"):
        words = replace(window.words, face=face, font=None)
        cap = artwork.place(item(desk, NAME).with_(what=words)).cap_height
        assert strokes[face] == pytest.approx(cap * thinnest_stroke(words))
    desk.bench.edit_item("Size", NAME, size=20.0)
    desk.settle()
    desk.qtbot.waitUntil(lambda: not window.busy and window.table.rowCount() == 10 and
                         window.samples[0].stroke == pytest.approx(strokes[window.samples[0].name] / 2), timeout=20000)


def test_art_too_large_for_the_glass_says_what_would_fit_and_does_it(desk):
    desk.type_into("allWidth", "150")
    desk.settle()
    offer = desk.find(QPushButton, "makeItFit")
    assert not desk.results.room.fits and offer.isVisible() and "wide" in offer.text()
    desk.click("makeItFit")
    desk.settle()
    assert desk.results.room.fits and not offer.isVisible()
    assert {"off-glass", "reading-width", "border"} & desk.codes == set()


def test_where_nothing_is_shown_no_width_is_told_nor_a_unit_of_before(desk):
    for one in desk.bench.job.artwork.items:
        desk.bench.edit_item("Hide", one.key, shown=False)
    desk.bench.set_unit("in")
    desk.settle()
    for number, names in ((2, ("allWidth", "allHeight")), (3, ("size",))):
        desk.go(number)
        for name in names:
            field = desk.find(QLineEdit, name)
            units = {told.text() for told in field.parentWidget().findChildren(QLabel)}
            assert field.text() == "" and "in" in units and "mm" not in units
    desk.type_into("size", "3")
    assert desk.says("message") == "Every item is hidden: show one of them"
    while desk.bench.undo_stack.canUndo():
        desk.bench.undo_stack.undo()
    desk.settle()
    assert desk.find(QLineEdit, "size").text() == "50"


def test_a_piece_far_off_the_glass_is_told_of_and_brought_back(desk):
    desk.bench.choose(STARS)
    desk.type_into("y", "-4000")
    desk.settle()
    assert desk.results.failed or "off-glass" in desk.codes
    desk.bench.undo_stack.undo()
    desk.settle()
    assert desk.results.room is not None and not desk.results.failed


@pytest.mark.parametrize(("typed", "says"), [
    ("日本", "has no letter for 日 本"), ("K🦉", "has no letter for 🦉"), ("K" * 10_000, "have 10000 letters"),
    ("K\x07\x1b", "holds 2 control characters"), ("שלום K", "has no letter for")])
def test_words_that_cannot_be_set_are_answered_and_kept(desk, typed, says):
    desk.bench.choose(NAME)
    words = desk.find(QPlainTextEdit, "words")
    words.setPlainText(typed)
    desk.settle()
    told = " ".join([in_mm(found.says) for found in desk.results.findings("artwork")]
                    + [str(error) for _, error in desk.results.failed])
    assert says in told and desk.results.art is not None      # the other items are shown all the same
    assert len(item(desk, NAME).what.text) >= len(typed) - 2


def test_the_demo_is_made_of_pieces_and_all_of_it_can_be_edited(open_desk):
    desk = open_desk(demo_job())
    desk.go(2)
    assert {type(one.what).__name__ for one in desk.bench.job.artwork.items} == {"Drawing", "Words", "Shape"}
    for one in desk.bench.job.artwork.items:
        desk.bench.choose(one.key)
        assert any(panel.isVisible() and panel.item == one for panel in desk.card().kinds)


def test_the_window_of_faces_is_about_the_words_in_hand(desk):
    desk.bench.pieces.copy()
    desk.bench.edit_item("Words", NAME, what__text="Copied")
    desk.bench.take_piece(0)
    desk.bench.choose(NAME)
    desk.settle()
    window = desk.card().words.open_faces()
    assert window.words.text == "Kestrel"
    desk.bench.take_piece(1)
    desk.bench.choose(NAME)
    desk.settle()
    assert window.isVisible() and window.words.text == "Copied"
    desk.bench.choose(next(one.key for one in desk.bench.job.artwork.items if not isinstance(one.what, Words)))
    desk.settle()
    assert not window.isVisible(), "it is about no words now"


def test_a_drawing_goes_to_the_piece_it_was_opened_for(desk, tmp_path):
    (tmp_path / "star.svg").write_text(STAR)
    desk.bench.pieces.copy()
    card = desk.go(2)
    card.items.open_drawing(tmp_path / "star.svg")
    desk.bench.take_piece(0)                                   # while it is being read
    desk.qtbot.waitUntil(lambda: not card.items.reading.busy, timeout=15000)
    assert [len(piece.artwork.items) for piece in desk.bench.order.pieces] == [3, 4] and desk.bench.place == (1, 0)
    told = []
    desk.bench.refused.connect(told.append)
    card.items.open_drawing(tmp_path / "star.svg")
    desk.bench.pieces.take_out()
    desk.qtbot.waitUntil(lambda: not card.items.reading.busy, timeout=15000)
    assert [len(piece.artwork.items) for piece in desk.bench.order.pieces] == [3]
    assert told == ["star.svg was opened for a piece that is not there any more: open it again"]


def test_the_page_of_a_pdf_is_asked_for_where_there_are_several(desk, tmp_path, monkeypatch):
    canvas = Canvas(str(tmp_path / "menu.pdf"), pagesize=(200, 100))
    for side in (30, 60):
        canvas.rect(10, 10, side, 20, stroke=0, fill=1)
        canvas.showPage()
    canvas.save()
    asked = []
    for answer in ((2, False), (2, True)):
        monkeypatch.setattr(QInputDialog, "getInt", lambda *says, answer=answer: asked.append(says[2:]) or answer)
        desk.open_drawing(tmp_path / "menu.pdf")
        assert (desk.drawing is not None) is answer[1]
    assert asked[0] == ("menu.pdf has 2 pages. Which one holds the art?", 1, 1, 2)
    assert desk.drawing.name == "menu.pdf, page 2 of 2"
    assert desk.source.size_mm[0] == pytest.approx(60 * 25.4 / 72, abs=0.01)


def test_a_drawing_is_put_beside_what_there_is(desk, tmp_path):
    (tmp_path / "star.svg").write_text(STAR)
    desk.open_drawing(tmp_path / "star.svg")
    assert desk.drawing.name == "star.svg" and len(desk.bench.job.artwork.items) == 4
    assert desk.bench.chosen == (4,)


def test_a_piece_is_flipped_turned_over_leant_and_named(desk):
    desk.bench.choose(NAME)
    before = desk.results.art.of(NAME)
    desk.click("flip")
    desk.settle()
    flipped = desk.results.art.of(NAME)
    assert item(desk, NAME).flip and flipped.box == pytest.approx(before.box, abs=1e-6)
    assert flipped.shape.centroid.x == pytest.approx(-before.shape.centroid.x, abs=1e-6)
    desk.click("flip")
    desk.click("upsideDown")
    desk.settle()
    over = desk.results.art.of(NAME)
    assert over.shape.centroid.x == pytest.approx(before.shape.centroid.x, abs=1e-6)
    assert over.shape.centroid.y == pytest.approx(-before.shape.centroid.y, abs=1e-6)
    desk.click("upsideDown")
    desk.type_into("lean", "20")
    desk.type_into("turn", "-30")
    desk.settle()
    assert item(desk, NAME).lean == pytest.approx(0.2) and item(desk, NAME).turn == pytest.approx(-np.pi / 6)
    desk.type_into("pieceName", "our name")
    assert desk.find(QListWidget, "items").item(1).text() == "our name   clears"


def test_a_piece_comes_in_a_row_and_round_a_ring(desk):
    desk.bench.choose(STARS)
    desk.click("way_row")
    desk.type_into("times", "5")
    desk.type_into("pitch", "11")
    desk.settle()
    left, _, right, _ = desk.results.art.of(STARS).box
    assert right - left == pytest.approx(4 * 11.0 + 8.0) and len(desk.results.art.of(STARS).shape.geoms) == 5
    desk.click("way_ring")
    desk.type_into("pitch", "30")
    desk.settle()
    assert item(desk, STARS).repeat.way == "ring" and desk.results.art.of(STARS).box[3] > 12.0
    desk.click("way_once")
    desk.settle()
    assert item(desk, STARS).repeat is None and len(desk.results.art.of(STARS).shape.geoms) == 1


def test_a_shapes_outline_edge_and_sides_are_chosen_and_typed(desk):
    desk.bench.choose(BAND)
    for name, value in (("outline", "shield"), ("edge", "two lines")):
        box = desk.find(QComboBox, name)
        box.setCurrentIndex(box.findData(value))
        box.activated.emit(box.currentIndex())
    desk.type_into("size", "44")
    desk.type_into("aspect", "60")
    desk.type_into("line", "1.5")
    desk.settle()
    assert item(desk, BAND).what == Shape("shield", "two lines", 1.5)
    left, low, right, high = desk.results.art.of(BAND).box
    assert (right - left, high - low) == pytest.approx((44.0, 60.0))


def test_words_switch_from_frost_to_clear_and_back(desk):
    desk.bench.choose(NAME)
    clear = desk.results.art.shape.area
    desk.click("does_frosts")
    desk.settle()
    assert desk.results.art.shape.area > clear
    desk.click("does_clears")
    desk.settle()
    assert desk.results.art.shape.area == pytest.approx(clear)
