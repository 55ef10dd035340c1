"""The order in the real window: the strip of pieces, what is done with them, and the list of names."""

from math import pi

import numpy as np
import pytest
from msgspec.structs import replace
from pypdf import PdfReader
from PySide6.QtCore import QPoint, Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QApplication, QInputDialog, QLabel, QLineEdit, QPlainTextEdit, QPushButton

from specimens import PLAQUE, TUMBLER, job, star_job, two_sided
from vitrograph.core.demo import demo_job, open_night
from vitrograph.core.errors import UnfinishedError, VitrographError
from vitrograph.core.findings import Code, Level
from vitrograph.core.glass import ShelvedGlass
from vitrograph.core.job import Artwork, FilmMend, Item, Names, Order, Row, SizeRule, StraightGlass, Words
from vitrograph.core.solving import fails
from vitrograph.core.storing.orderfile import save_order
from vitrograph.core.work import StepRef
from vitrograph.desk.kit.message import Heard
from vitrograph.desk.line import answer_of, state_of
from vitrograph.desk.order.columns_window import ColumnsWindow
from vitrograph.desk.topbar import TopBar

PAIR = Order.of(job("Kestrel", name="Flutes", count=2), star_job(name="Plaque", glass=PLAQUE, fit__from_rim=None),
                name="Open night", id="a pair")
NAMED = Order.of(job("Name", name="Flute").changed(
    artwork=Artwork((Item(Words("Name"), key=1, size=30.0),)), stencil__ties__placed="auto"), id="named")


def tile(desk, number):
    return desk.shell.strip.tiles[number]


def whole(desk):
    desk.qtbot.waitUntil(lambda: desk.bench.order_results.complete
                         and desk.bench.order_results.order == desk.bench.order, timeout=30000)


def chosen(menu, *texts):
    """Choose an entry of a menu, as it is filled when it opens, and of menus below."""
    menu.aboutToShow.emit()
    for number, text in enumerate(texts, start=1):
        action = next(action for action in menu.actions() if action.text() == text)
        if number == len(texts):
            action.trigger()
        else:
            menu = action.menu()


def test_a_piece_is_taken_in_hand_by_a_click_or_a_key_and_undo_goes_to_what_it_undoes(open_desk):
    desk = open_desk(PAIR)
    whole(desk)
    assert tile(desk, 0).isChecked() and tile(desk, 0).many == "2 glasses"
    QTest.mouseClick(tile(desk, 1), Qt.MouseButton.LeftButton)
    assert desk.bench.job.name == "Plaque" and desk.results.complete and desk.results.job == desk.bench.job
    desk.bench.edit("Border", stencil__border=9.0)
    desk.settle()
    desk.press(Qt.Key.Key_PageUp, Qt.KeyboardModifier.ControlModifier)
    assert desk.bench.job.name == "Flutes" and desk.bench.job.stencil.border != 9.0
    desk.bench.undo_stack.undo()
    assert desk.bench.job.name == "Plaque" and desk.bench.job.stencil.border != 9.0
    desk.settle()
    whole(desk)
    assert desk.shell.line.buttons["cut"].answer.startswith("3 stencils, ")    # the order's, whichever is in hand
    assert "3 glasses" in desk.shell.top.about.text()


def test_pieces_are_copied_renamed_counted_moved_and_taken_out_each_as_one_step(open_desk, monkeypatch):
    desk = open_desk(PAIR)
    menus, names = desk.shell.top.menus, lambda: [piece.name for piece in desk.bench.order.pieces]
    chosen(menus.add, "A copy of this piece")
    assert names() == ["Flutes", "Flutes 2", "Plaque"] and desk.bench.place == (1, 0)
    monkeypatch.setattr(QInputDialog, "getText", lambda *args, **kw: ("Bride's flute", True))
    QTest.mouseDClick(tile(desk, 1), Qt.MouseButton.LeftButton)
    def counted(*_args, **_kw):
        desk.bench.take_piece(0)                               # as an evening does while somebody types
        return 7, True

    monkeypatch.setattr(QInputDialog, "getInt", counted)
    chosen(menus.piece, "How many…")
    chosen(menus.piece, "Nearer to the last")
    assert names() == ["Flutes", "Plaque", "Bride's flute"] and desk.bench.job.count == 7
    chosen(menus.piece, "Take it out")
    assert names() == ["Flutes", "Plaque"]
    for _ in range(5):
        desk.bench.undo_stack.undo()
    assert desk.bench.order == PAIR and not desk.bench.undo_stack.canUndo()


def test_a_piece_is_put_in_while_an_item_of_another_is_chosen(open_desk):
    desk = open_desk(demo_job("tumbler"))
    desk.go(2)
    first = desk.bench.chosen
    desk.bench.choose(next(item.key for item in desk.bench.job.artwork.items if item.key not in first))
    chosen(desk.shell.top.menus.add, "A copy of this piece")   # the artwork's card hears of both at once
    assert desk.bench.place == (1, 0) and desk.bench.chosen == first
    desk.settle()
    assert len(desk.bench.order_results.pieces) == 2


def test_a_piece_goes_from_one_order_to_another_by_the_clipboard(open_desk, tmp_path):
    desk = open_desk(PAIR)
    desk.shell.top.menus.copy()
    content = desk.bench.pieces.as_bytes()
    desk.bench.replace_order(Order.of(star_job(name="Jar"), id="another"), None)
    assert desk.bench.pieces.paste(content)
    assert [piece.name for piece in desk.bench.order.pieces] == ["Jar", "Flutes"] and desk.bench.job.count == 2
    told = []
    desk.bench.refused.connect(told.append)
    assert not desk.bench.pieces.paste(b"no piece") and "holds no piece" in told[0]
    save_order(PAIR, tmp_path / "pair.vitro")
    desk.bench.pieces.add_file(tmp_path / "pair.vitro")
    assert [piece.name for piece in desk.bench.order.pieces] == ["Jar", "Flutes", "Flutes 2", "Plaque"]


@pytest.mark.parametrize(("entry", "width"), [("This art as large on another glass", 46.0),
                                              ("This art as large for its front on another glass", None)])
def test_the_same_art_goes_on_another_glass_by_the_rule_picked(open_desk, entry, width):
    desk = open_desk(job("Kestrel", width=46.0, name="Flutes"))
    desk.bench.shelf = type("Shelf", (), {"glasses": lambda self: (ShelvedGlass("Half", TUMBLER.__class__(
        rim=TUMBLER.rim / 2, base=TUMBLER.base / 2, height=TUMBLER.height / 2)),)})()
    chosen(desk.shell.top.menus.add, entry, "Half")
    desk.click("leaveArt")                                     # what fails there is seen to by hand
    desk.settle()
    assert desk.bench.job.name == "Half" and desk.bench.job.glass.rim == TUMBLER.rim / 2
    assert desk.results.art.size[0] == pytest.approx(width or 23.0, abs=0.4 if width is None else 1e-6)


def test_designs_on_both_sides_stay_there_on_another_glass(open_desk):
    desk = open_desk(two_sided())
    desk.bench.shelf = type("Shelf", (), {"glasses": lambda self: (ShelvedGlass("Less", TUMBLER.__class__(
        rim=TUMBLER.rim * 0.8, base=TUMBLER.base * 0.8, height=TUMBLER.height * 0.8)),)})()
    chosen(desk.shell.top.menus.add, "This art as large for its front on another glass", "Less")
    desk.click("leaveArt")
    desk.settle()
    front, back = desk.results.fitted.designs
    assert back.middle - front.middle == pytest.approx(pi, abs=0.1) and len(desk.results.fitted.films) == 2


def test_ties_and_mends_go_with_the_art_they_are_on(open_desk):
    tied = {"stencil__ties__placed": "hand", "stencil__ties__at": ((2.0, -1.0), (4.0, 3.0)),
            "stencil__mends": (FilmMend("fatten webs", 0.9, (2.0, 2.0), 3.0),)}
    desk = open_desk(Order.of(job("O", name="Jug", width=60.0, **tied), job("B", name="Mug", width=30.0), id="jug"))
    desk.bench.shelf = type("Shelf", (), {"glasses": lambda self: (ShelvedGlass("Half", TUMBLER.__class__(
        rim=TUMBLER.rim / 2, base=TUMBLER.base / 2, height=TUMBLER.height / 2)),)})()
    jug = desk.bench.order.pieces[0]
    desk.bench.take_piece(1)
    assert desk.bench.pieces.share_with(0)
    mug = desk.bench.order.pieces[1]
    desk.bench.take_piece(0)
    chosen(desk.shell.top.menus.add, "This art as large for its front on another glass", "Half")
    desk.click("leaveArt")
    for piece in (mug, desk.bench.order.pieces[1]):
        factor = piece.artwork.items[0].size / 60.0
        assert factor == pytest.approx(0.5, abs=0.01) and piece.stencil.ties.placed == "hand"
        assert np.allclose(piece.stencil.ties.at, np.array(jug.stencil.ties.at) * factor)
        (mend,) = piece.stencil.mends
        assert np.allclose((*mend.at, mend.reach), np.array([2.0, 2.0, 3.0]) * factor)


def test_what_fails_of_art_on_another_glass_is_solved_there(open_desk):
    desk = open_desk(job("Kestrel", width=46.0, name="Flutes", fit__from_rim=90.0, fit__rows=2))
    short = ShelvedGlass("Short", StraightGlass(rim=80.0, height=70.0))
    desk.bench.shelf = type("Shelf", (), {"glasses": lambda self: (short,)})()
    told, refused = [], []
    desk.bench.told.connect(told.append)
    desk.bench.refused.connect(refused.append)
    taking_over = desk.shell.top.menus.taking_over
    chosen(desk.shell.top.menus.add, "This art as large on another glass", "Short")
    assert desk.shell.asking and taking_over.busy
    desk.qtbot.waitUntil(lambda: not taking_over.busy, timeout=60000)
    desk.settle()
    assert not desk.shell.asking and not refused and told[-1].startswith("Short: the art is ")
    assert desk.bench.job.fit.rows == 1, "how film was parted was for the other glass"
    assert not [found for found in desk.results.findings() if found.level is Level.STOP or found.code in (
        Code.OFF_GLASS, Code.LIP, Code.BORDER, Code.WEB, Code.OPENING)]
    desk.bench.undo_stack.undo()
    assert desk.bench.job.name == "Short" and desk.bench.job.fit.from_rim == 90.0, "as it was put there"
    chosen(desk.shell.top.menus.add, "This art as large on another glass", "Short")
    desk.bench.edit("Wider", fit__from_rim=12.0)               # by hand, meanwhile
    order = desk.bench.order
    desk.qtbot.waitUntil(lambda: not taking_over.busy, timeout=60000)
    assert desk.bench.order == order and "changed meanwhile" in told[-1]


def test_shared_art_is_typed_once_for_both(open_desk):
    desk = open_desk(Order.of(job("A", name="Jug", width=60.0), job("B", name="Mug", width=30.0), id="jug"))
    chosen(desk.shell.top.menus.piece, "Share the art of", "Mug")
    desk.settle()
    card = desk.go(2)
    box = card.findChild(QPlainTextEdit, "words")
    box.setFocus()
    QTest.keyClicks(box, "C")
    desk.settle()
    texts = [piece.artwork.items[0].what.text for piece in desk.bench.order.pieces]
    assert texts[0] == texts[1] and "C" in texts[0]
    assert [round(piece.artwork.items[0].size) for piece in desk.bench.order.pieces] == [60, 30]


@pytest.fixture
def named(open_desk, tmp_path):
    desk = open_desk(NAMED)
    (tmp_path / "guides.csv").write_text("words,count\nAda,1\nBram,2\nWilhelmina,1\n\n")
    window = desk.shell.windows.names()
    window.read(tmp_path / "guides.csv")
    whole(desk)
    window.refresh()
    return desk, window


def test_columns_of_an_organisers_list_are_asked_for_and_joined(open_desk, tmp_path):
    desk = open_desk(NAMED)
    path = tmp_path / "organiser.csv"
    path.write_text("Given;Family;Seat;Qty\nAda;Lovelace;4;2\nBea;;5;\n")
    window = desk.shell.windows.names()
    window.read(path)
    assert not desk.bench.order.pieces[0].names.rows
    asked = window.findChild(ColumnsWindow)
    says, take = asked.findChild(QLabel, "columnsSay"), asked.take
    assert [one.currentData() for one in asked.fill] == ["", "", "", "count"] and not take.isEnabled()
    assert says.text() == "No column is chosen yet for what goes on the glass." and not asked.first.isChecked()
    for field in asked.fill[:2]:
        QTest.keyClick(field, Qt.Key.Key_Down)                 # from "left out" to "the words"
    assert says.text() == "The first is: Ada Lovelace" and take.isEnabled()
    QTest.mouseClick(asked.first, Qt.MouseButton.LeftButton, pos=QPoint(8, asked.first.height() // 2))
    assert says.text() == "The first is: Given Family"
    QTest.mouseClick(asked.first, Qt.MouseButton.LeftButton, pos=QPoint(8, asked.first.height() // 2))
    QTest.mouseClick(take, Qt.MouseButton.LeftButton)
    names = desk.bench.order.pieces[0].names
    assert [(row.cells, row.count) for row in names.rows] == [(("Ada Lovelace",), 2), (("Bea",), 1)]
    window.paste_text("Cleo\t7\nDora\t8")
    asked = next(one for one in window.findChildren(ColumnsWindow) if one.isVisible())
    assert asked.first.isChecked(), "cells are mostly pasted without their headings"
    QTest.mouseClick(asked.leave, Qt.MouseButton.LeftButton)
    assert desk.bench.order.pieces[0].names == names, "left is left"


def test_a_list_that_is_there_before_any_art_brings_words_for_itself(open_desk):
    desk = open_desk(Order.of(replace(job("x", name="Mug"), artwork=Artwork()), id="bare"))
    window = desk.shell.windows.names()
    window.paste_text("Name\tSeat\nAda\t1\nBram\t2")
    asked = window.findChild(ColumnsWindow)
    assert [one.currentData() for one in asked.fill] == ["words", ""]
    QTest.mouseClick(asked.take, Qt.MouseButton.LeftButton)
    whole(desk)
    piece = desk.bench.order.pieces[0]
    assert [row.cells for row in piece.names.rows] == [("Ada",), ("Bram",)] and len(piece.artwork.items) == 1
    assert all(results.sheet is not None for results in desk.bench.order_results.pieces)
    desk.bench.undo_stack.undo()
    assert not desk.bench.order.pieces[0].artwork.items, "one step takes all of it back"


def cell(window, line, column):
    return window.table.item(line, column).text()


def test_a_list_is_read_shown_typed_over_and_sorted_by_trouble(named):
    desk, window = named
    assert [cell(window, line, 1) for line in range(3)] == ["Ada", "Bram", "Wilhelmina"]
    assert [cell(window, line, 2) for line in range(3)] == ["1", "2", "1"]
    heights = {round(results.art.size[1], 3) for results in desk.bench.order_results.pieces}
    assert len(heights) < 3                                    # capitals alike, as the first words were
    before = desk.bench.order_results.pieces
    window.table.item(0, 1).setText("Ida")
    whole(desk)
    window.refresh()
    after = desk.bench.order_results.pieces
    assert desk.bench.order.pieces[0].names.rows[0].cells == ("Ida",)
    assert after[1].sheet is before[1].sheet and after[0].sheet is not before[0].sheet     # one row was computed
    window.table.item(1, 2).setText("many")
    assert desk.bench.order.pieces[0].names.rows[1].count == 2
    QTest.mouseClick(window.findChild(QPushButton, "troubleFirst"), Qt.MouseButton.LeftButton)
    states = [cell(window, line, 5) for line in range(3)]
    assert states == sorted(states, key=["to mend", "to watch", "waiting", "sound"].index)


def test_a_name_that_is_being_typed_goes_to_its_own_row_however_the_list_is_sorted_meanwhile(named):
    desk, window = named
    QTest.mouseClick(window.findChild(QPushButton, "troubleFirst"), Qt.MouseButton.LeftButton)
    window.refresh()
    table = window.table

    def typing(row: int, text: str) -> QLineEdit:
        table.type_into(row)
        (editor,) = table.viewport().findChildren(QLineEdit)
        editor.selectAll()
        QTest.keyClicks(editor, text)
        return editor

    names = desk.bench.order.pieces[0].names
    bad, row = table._order[-1], table._order[0]                # the last gets into trouble while the first is typed
    editor = typing(row, "Elin")
    desk.bench.pieces.set_names("Another", names.with_row(bad, replace(names.rows[bad], cells=("\u5f35",))), row)
    whole(desk)
    window.refresh()
    QTest.keyClick(editor, Qt.Key.Key_Return)
    desk.qtbot.wait(20)                                         # it is taken once the key is done with
    made = [one.cells[0] for one in desk.bench.order.pieces[0].names.rows]
    wanted = ["Ada", "Bram", "Wilhelmina"]
    wanted[bad], wanted[row] = "\u5f35", "Elin"
    assert made == wanted
    whole(desk)
    window.refresh()
    assert table._order[0] == bad, "and then the trouble comes first"
    refused = []
    desk.bench.refused.connect(refused.append)
    editor = typing(row, "Farid")
    desk.bench.pieces.copy()
    window.refresh()
    assert refused and "another list is shown now" in refused[0]
    assert [[one.cells[0] for one in piece.names.rows] for piece in desk.bench.order.pieces] == [wanted, wanted]


def test_in_the_moment_before_another_list_is_shown_nothing_typed_or_chosen_goes_to_it(open_desk):
    names = Names(("words",), (Row(1, ("Ada",)), Row(2, ("Ben",))))
    desk = open_desk(Order.of(job("K", name="Mug"), job("B", name="Lamp")).changed(names=names).changed(
        1, names=Names(("words",), (Row(1, ("Cleo",)),))))
    window = desk.shell.windows.names()
    refused = []
    desk.bench.refused.connect(refused.append)
    window.table.selectRow(1)
    desk.bench.take_piece(1)                                   # the table follows a moment later
    window.table.item(0, 1).setText("Zed")
    window.table.item(1, 1).setText("Yan")
    assert len(refused) == 2 and window.table.chosen_rows() == set()
    window.remove()
    assert [row.cells for piece in desk.bench.order.pieces for row in piece.names.rows] == [
        ("Ada",), ("Ben",), ("Cleo",)]
    desk.qtbot.waitUntil(lambda: window.table.rowCount() == 1 and window.table.item(0, 1).text() == "Cleo")


def test_what_was_found_about_a_row_is_read_whole_in_the_smallest_window(named):
    desk, window = named
    window.resize(window.minimumSizeHint())
    desk.bench.edit("Rule", artwork__rule=SizeRule("narrow", 20.0, 0.9))
    desk.bench.take_piece(0, 2)
    whole(desk)
    window.refresh()
    desk.qtbot.waitUntil(lambda: window.row.findChild(QPushButton, "allRemedy_0_0") is not None, timeout=5000)
    QApplication.processEvents()
    assert window.row.horizontalScrollBar().maximum() == 0
    made = [one for one in window.row.findChildren(QPushButton) if "all rows" in one.accessibleName()]
    for one in made:
        lines = one.text().split("\n")
        assert " ".join(lines) == one.accessibleName()
        assert max(map(one.fontMetrics().horizontalAdvance, lines)) < one.width() and one.height() > 16 * len(lines)
    assert any("\n" in one.text() for one in made)


def test_a_row_that_fails_shows_nothing_of_another_and_the_others_are_made_without_it(named, tmp_path):
    desk, window = named
    desk.qtbot.waitUntil(lambda: not window.table.item(0, 0).icon().isNull(), timeout=5000)
    window.table.item(0, 1).setText("\u5f35")
    whole(desk)
    window.refresh()
    desk.qtbot.waitUntil(lambda: window.table.item(0, 0).icon().isNull(), timeout=5000)
    assert cell(window, 0, 4) == "" and "no letter" in cell(window, 0, 6) and cell(window, 1, 4)
    desk.bench.go("cut")
    card = desk.card()
    desk.qtbot.waitUntil(lambda: bool(card.keeper.says), timeout=5000)
    assert "\u5f35" in card.lacking.text() and card.lacking.isVisible() and card.trial.isEnabled()
    assert card.keeper.work.stencils == 3                      # of the others, twice Bram
    bar = desk.shell.findChild(TopBar)
    assert bar.packet.isEnabled() and bar.send.isEnabled()
    desk.bench.take_piece(0, 0)                                # the line tells of the others with this one in hand, too
    assert (state_of(desk.bench, "artwork"), state_of(desk.bench, "cut")) == ("stop", "good")
    assert answer_of(desk.bench, "cut").startswith("3 stencils, ")
    other = desk.bench.order_results.pieces[1]
    desk.bench.making.tick(StepRef("weed", other.job.key, 1, other.weed.steps[0].key))
    assert answer_of(desk.bench, "weed") == "under way, 1 done"
    desk.bench.go("etch")
    evening = desk.card().evening
    desk.qtbot.waitUntil(lambda: "\u5f35" in evening.says.text(), timeout=15000)
    assert "left out" in evening.says.text().lower() and len(evening.keeper.evening.glasses) == 3
    desk.shell.files.write_packet(tmp_path / "packet.pdf")
    desk.qtbot.waitUntil(lambda: (tmp_path / "packet.pdf").exists(), timeout=30000)
    assert "Left out" in PdfReader(tmp_path / "packet.pdf").pages[0].extract_text()
    desk.bench.go("logbook")
    with pytest.raises(VitrographError, match="no letter"):
        desk.card().entry()
    desk.bench.take_piece(0, 1)
    assert desk.card().entry().job == other.job.name           # of the one in hand, and not of the next one
    desk.bench.go("cut")
    window.table.item(0, 1).setText("Ida")
    with pytest.raises(UnfinishedError, match="still being laid out"):
        card._run()                                            # not for want of the row that was mended just now
    whole(desk)
    desk.qtbot.waitUntil(lambda: card.keeper.work.stencils == 4, timeout=15000)
    assert card.keeper.says == "" and not card.lacking.isVisible()


def test_a_click_on_a_column_sorts_names_as_people_do(named):
    desk, window = named
    window.paste_text("Éva\nadam 10\nadam 9\nZoë")
    whole(desk)
    window.table.horizontalHeader().sectionClicked.emit(1)
    shown = [cell(window, line, 1) for line in range(7)]
    assert shown == ["Ada", "adam 9", "adam 10", "Bram", "Éva", "Wilhelmina", "Zoë"]
    window.table.horizontalHeader().sectionClicked.emit(3)
    wide = [float(cell(window, line, 3).split("\u202f")[0].split()[0]) for line in range(7)]
    assert wide == sorted(wide, reverse=True)
    window.table.item(0, 1).setText("Wilhelm")                 # typed into the row that is seen there
    assert {row.cells[0] for row in desk.bench.order.pieces[0].names.rows} >= {"Wilhelm", "Ada"}
    assert "Wilhelmina" not in {row.cells[0] for row in desk.bench.order.pieces[0].names.rows}
    window.table.horizontalHeader().sectionClicked.emit(3)
    assert [cell(window, line, 1) for line in range(2)] == ["Ada", "Bram"]
    whole(desk)


def test_a_row_in_hand_is_changed_at_its_station_and_the_others_stay(named):
    desk, window = named
    window.table.setCurrentCell(2, 1)
    assert desk.bench.job.row == (("words", "Wilhelmina"),)
    desk.bench.go("artwork")
    box = desk.find(QPlainTextEdit, "words")
    box.setFocus()
    QTest.keyClicks(box, "X")
    desk.settle()
    cells = [row.cells[0] for row in desk.bench.order.pieces[0].names.rows]
    assert cells[:2] == ["Ada", "Bram"] and "X" in cells[2]
    window.add()
    assert len(desk.bench.order.pieces[0].names.rows) == 4 and desk.bench.place == (0, 3)
    window.table.setCurrentCell(3, 1)
    window.remove()
    assert len(desk.bench.order.pieces[0].names.rows) == 3
    whole(desk)


def test_rows_are_mended_and_a_size_is_solved_for_in_the_background(named):
    desk, window = named
    desk.bench.edit("Web", stencil__least_web=0.5, stencil__least_opening=0.5)
    whole(desk)
    QTest.mouseClick(window.findChild(QPushButton, "largestSize"), Qt.MouseButton.LeftButton)
    assert window.stop_button.isVisible()
    desk.qtbot.waitUntil(lambda: not window.task.busy, timeout=60000)
    whole(desk)
    art = max(results.art.size[0] for results in desk.bench.order_results.pieces)
    assert art > 50 and not any(found.code == "reading-width" for found in desk.bench.order_results.findings("stencil"))
    QTest.mouseClick(window.findChild(QPushButton, "mendRows"), Qt.MouseButton.LeftButton)
    desk.qtbot.waitUntil(lambda: not window.task.busy, timeout=60000)
    whole(desk)
    window.refresh()
    said = window.findChild(Heard)
    mended = desk.bench.undo_stack.undoText() == "Mend all rows"
    assert said.isVisible() and said.text() == ("All rows are mended" if mended else
                                                "No row has anything too thin, too small or too sharp: nothing is "
                                                "changed"), "told where the maker looks, in this very window"
    type_mm = window.rule.most.findChild(QLineEdit)
    desk.bench.edit("Rule", artwork__rule__by="width", artwork__rule__most=40.0)
    whole(desk)
    window.refresh()
    assert type_mm.text() == "40"
    assert [round(results.art.size[0], 2) for results in desk.bench.order_results.pieces] == [40.0] * 3
    desk.bench.resize(width=36.0)                              # a width typed at the artwork station is the rule's
    whole(desk)
    assert [round(results.art.size[0], 2) for results in desk.bench.order_results.pieces] == [36.0] * 3
    window.solve("largest")                                    # capitals alike again, and so large that all do
    desk.qtbot.waitUntil(lambda: not window.task.busy, timeout=60000)
    whole(desk)
    assert desk.bench.job.artwork.rule.by == "caps" and not any(
        fails(results, "largest") for results in desk.bench.order_results.pieces)
    assert max(results.art.size[0] for results in desk.bench.order_results.pieces) == pytest.approx(art, abs=1.0)


def test_a_list_is_written_and_read_back(named, tmp_path):
    desk, window = named
    window.write(tmp_path / "back.csv")
    names = desk.bench.order.pieces[0].names
    window.read(tmp_path / "back.csv")
    assert desk.bench.order.pieces[0].names == names
    told = []
    desk.bench.refused.connect(told.append)
    (tmp_path / "bad.csv").write_bytes(b"\x89PNG\r\n\x1a\n")
    window.read(tmp_path / "bad.csv")
    assert "holds no list of names" in told[-1] and desk.bench.order.pieces[0].names == names


def test_what_is_done_of_a_name_stays_with_it_when_the_list_is_read_again(named, tmp_path):
    desk, window = named
    bench = desk.bench
    bench.take_piece(0, 1)
    desk.settle()
    bram = bench.job.key
    bench.making.tick(bench.making.refs("transfer", bram, 1, desk.results.transfer.steps)[0])
    (tmp_path / "guides.csv").write_text("words,count\nWilhelmina,1\nBram,2\nDora,1\nEgon,1\n")
    window.read(tmp_path / "guides.csv")
    whole(desk)
    keys = [results.job.key for results in bench.order_results.pieces]
    assert keys[1] == bram and len(set(keys)) == 4 and bench.making.progress.pieces == {bram}
    names = bench.order.pieces[0].names
    bench.pieces.set_names("Take out names", replace(names, rows=names.rows[:1]))
    window.paste_text("Fritz")
    assert bench.order.pieces[0].names.rows[1].key > 2, "not that of one who is done already"


def test_a_piece_put_in_for_another_begins_with_nothing_done(open_desk):
    desk = open_desk(Order.of(job("I", width=8.0, name="Mug"), job("K", width=8.0, name="Jug"), id="two"))
    bench = desk.bench
    bench.take_piece(1, 0)
    desk.settle()
    jug = bench.job.key
    bench.making.tick(bench.making.refs("transfer", jug, 1, desk.results.transfer.steps)[0])
    bench.pieces.take_out()
    bench.pieces.copy()
    assert jug not in {piece.key for piece in bench.order.pieces} and len(bench.order.pieces) == 2


def test_the_demo_is_the_whole_open_night(open_desk):
    desk = open_desk(open_night())
    whole(desk)
    assert [made.text() for made in desk.shell.strip.tiles] == [
        "Open night tumblers", "Storm lantern", "Finder chart carafe", "Dome plaque", "Guides' flutes"]
    assert tile(desk, 4).many == "10 names, 11 glasses"
    desk.qtbot.waitUntil(lambda: all(not made.picture.isNull() for made in desk.shell.strip.tiles), timeout=20000)


def test_of_a_long_list_what_is_in_sight_is_written_first_and_what_is_typed_into_at_once(open_desk):
    rows = tuple(Row(key, (f"Guest {key}",)) for key in range(1, 61))
    desk = open_desk(NAMED.changed(names=Names(("words",), rows)))
    window = desk.shell.windows.names()
    table = window.table
    assert cell(window, 0, 1) == "Guest 1" and table.item(59, 1) is None
    table.type_into(58)
    assert cell(window, 58, 1) == "Guest 59" and table.item(40, 1) is None
    table.closePersistentEditor(table.item(58, 1))
    desk.qtbot.waitUntil(lambda: table.item(40, 1) is not None and table.item(59, 1) is not None, timeout=5000)
    assert [cell(window, line, 1) for line in range(60)] == [f"Guest {key}" for key in range(1, 61)]


def test_what_was_found_about_a_row_is_told_in_the_unit_that_is_turned_to(named):
    desk, window = named
    desk.bench.edit("Fine", fit__from_rim=2.0)
    whole(desk)
    window.refresh()

    def told():
        return " ".join(one.text() for one in window.row.widget().findChildren(QLabel))
    assert "mm" in told()
    desk.bench.set_unit("in")
    desk.qtbot.waitUntil(lambda: "in" in told() and "mm" not in told(), timeout=5000)
