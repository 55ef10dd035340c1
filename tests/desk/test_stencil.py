"""The stencil station: kinds, borders, mends shown before they are done, ties by hand, versions side by side."""

import numpy as np
from PySide6.QtCore import QEvent, QPoint, QPointF, Qt
from PySide6.QtGui import QEnterEvent
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QApplication, QLabel, QPushButton

from specimens import PLAQUE, job

THIN = job("Kestrel", face="Cinzel Bold")
RINGS = job("OO", width=30.0)


def at(view, spot):
    """A sheet point as a place in the view."""
    x, y = view.to_screen(np.array([spot]))[0]
    return QPoint(round(x), round(y))


def press_and_drag(view, start, end):
    QTest.mousePress(view, Qt.MouseButton.LeftButton, Qt.KeyboardModifier.NoModifier, start)
    for share in (0.3, 0.7, 1.0):
        QTest.mouseMove(view, start + (end - start) * share)
    QTest.mouseRelease(view, Qt.MouseButton.LeftButton, Qt.KeyboardModifier.NoModifier, end)


def test_a_kind_is_chosen_and_the_glass_shows_it(desk):
    card = desk.go(4)
    before = desk.results.sheet
    desk.click("kind_clear")
    desk.settle()
    assert desk.results.sheet.kind == "clear" and desk.results.sheet.openings.area > 2 * before.openings.area
    assert card.parts[0].ground.isVisible()
    desk.type_into("ground", "9 mm")
    desk.click("ground_shape_oval")
    desk.settle()
    assert desk.bench.job.stencil.ground == 9.0 and desk.bench.job.stencil.ground_shape == "oval"
    desk.click("kind_decal")
    desk.settle()
    assert desk.results.sheet.film.equals(before.openings) and not card.parts[0].ground.isVisible()
    picture = desk.shell.glass_view.grab().toImage()
    tones = {picture.pixelColor(x, y).name() for x in range(0, picture.width(), 3)
             for y in range(0, picture.height(), 3)}
    assert any(tone[3:5] > "70" and tone[1:3] < "50" for tone in tones)     # film's green, and no frost
    for _ in range(4):
        desk.bench.undo_stack.undo()
    desk.settle()
    assert desk.results.sheet.kind == "resist"


def test_borders_are_typed_for_each_side(desk):
    desk.go(4)
    desk.click("sides_False")
    desk.type_into("border_upper", "9 mm")
    desk.type_into("border_left", "1.2 cm")
    desk.settle()
    assert desk.bench.job.stencil.sides == (12.0, 20.0, 20.0, 9.0)
    assert desk.results.sheet.border[3] < 9.01 and desk.results.sheet.border[0] < 12.01
    desk.click("sides_True")
    desk.settle()
    assert desk.bench.job.stencil.sides is None
    desk.click("film_outline_rectangle")
    desk.type_into("corner", "5 mm")
    desk.click("marks_cut")
    desk.settle()
    assert desk.results.sheet.marks.cut and desk.bench.job.stencil.corner == 5.0


def test_a_remedy_is_shown_while_it_is_pointed_at_and_done_when_clicked(open_desk):
    desk = open_desk(THIN)
    desk.go(4)
    preview = []
    desk.bench.previewed.connect(preview.append)
    remedy = desk.find(QPushButton, "remedy_opening")
    where = QPointF(5, 5)
    QApplication.sendEvent(remedy, QEnterEvent(where, where, where))
    desk.qtbot.waitUntil(lambda: bool(preview) and preview[-1] is not None, timeout=15000)
    assert preview[-1].to_opening.area > 0 and desk.bench.job == THIN
    desk.shell.sheet_view.grab()
    QApplication.sendEvent(remedy, QEvent(QEvent.Type.Leave))
    assert preview[-1] is None
    area = desk.results.sheet.openings.area
    desk.click("remedy_opening")
    desk.settle()
    assert desk.results.sheet.openings.area > area and len(desk.bench.job.stencil.mends) == 1


def test_mend_all_is_worked_out_shown_done_and_taken_back(open_desk):
    desk = open_desk(THIN)
    card = desk.go(4)
    failing = desk.results.demands.work.failing
    assert desk.find(QPushButton, "mendAll").text() == f"Mend all {failing}…"
    desk.click("mendAll")
    desk.qtbot.waitUntil(lambda: desk.find(QPushButton, "mendDo").isVisible(), timeout=20000)
    assert f"{failing} failing before, 0 after" in desk.says("mendSays")
    desk.click("mendLeave")
    assert desk.bench.job == THIN and desk.find(QPushButton, "mendAll").isVisible()
    desk.click("mendAll")
    desk.qtbot.waitUntil(lambda: desk.find(QPushButton, "mendDo").isVisible(), timeout=20000)
    desk.click("mendDo")
    desk.settle()
    assert desk.results.demands.work.failing == 0 and "mm²" in desk.says("mendSays")
    assert not desk.find(QPushButton, "mendAll").isVisible()
    desk.click("mendBack")
    desk.settle()
    assert desk.results.demands.work.failing == failing
    desk.bench.undo_stack.undo()
    desk.settle()
    assert desk.results.demands.work.failing == 0
    assert card.mending.isVisible()


def test_art_made_larger_instead_fails_nowhere(open_desk):
    desk = open_desk(job("Kestrel", width=46.0))
    desk.go(4)
    desk.click("mendAll")
    desk.qtbot.waitUntil(lambda: desk.find(QPushButton, "mendLarger").isVisible(), timeout=20000)
    desk.click("mendLarger")
    desk.settle()
    assert desk.results.demands.work.failing == 0 and desk.results.fitted.size[0] > 50


def test_ties_are_placed_by_the_program_then_moved_added_and_taken_away_by_hand(open_desk):
    desk = open_desk(RINGS)
    desk.go(4)
    desk.type_into("least_island", "2")
    desk.click("ties_auto")
    desk.type_into("tie_each", "1")
    desk.type_into("tie_width", "2.4 mm")
    desk.settle()
    assert desk.says("onePiece") == "One piece: no tape needed."
    view, ties = desk.shell.sheet_view, desk.results.sheet.ties
    many, first = len(ties), min(ties, key=lambda tie: tie.at[0])
    _, low, _, high = desk.results.fitted.sheet_art.bounds
    spot = first.at[0], low + high - first.at[1]               # across the letter from where it is
    press_and_drag(view, at(view, first.at), at(view, spot))
    desk.settle()
    assert desk.bench.job.stencil.ties.placed == "hand" and len(desk.results.sheet.ties) == many
    moved = min(desk.results.sheet.ties, key=lambda tie: abs(tie.at[0] - spot[0]) + abs(tie.at[1] - spot[1]))
    assert abs(moved.at[1] - spot[1]) < 3
    QTest.mouseClick(view, Qt.MouseButton.LeftButton, Qt.KeyboardModifier.NoModifier, at(view, moved.at))
    QTest.keyClick(view, Qt.Key.Key_Delete)
    desk.settle()
    assert len(desk.results.sheet.ties) == many - 1
    desk.click("placeTie")
    assert desk.bench.tying
    QTest.mouseClick(view, Qt.MouseButton.LeftButton, Qt.KeyboardModifier.NoModifier, at(view, first.at))
    desk.settle()
    assert len(desk.results.sheet.ties) == many
    QTest.keyClick(view, Qt.Key.Key_Escape)
    assert not desk.bench.tying and not desk.find(QPushButton, "placeTie").isChecked()
    desk.click("ties_none")
    desk.settle()
    assert desk.says("onePiece") == "Tape is needed." and desk.results.sheet.islands


def test_two_versions_stand_side_by_side_and_the_seal_leads_to_its_places(open_desk):
    desk = open_desk(THIN)
    card = desk.go(4)
    assert "work" in desk.says("grade")
    desk.click("holdVersion")
    desk.bench.resize(width=90.0)
    desk.settle()
    table = card.parts[4].table
    shown = [cell.text() for cell in table.findChildren(QLabel) if not cell.isHidden()]
    assert shown.count("held") == 1 and "now" in shown
    rows = {table._cells[row, 0].text(): (table._cells[row, 1].text(), table._cells[row, 2].text())
            for row, column in table._cells if column == 2}
    assert rows["edge to press"][0] != rows["edge to press"][1]
    desk.click("holdVersion")
    found = []
    desk.bench.found.connect(found.append)
    desk.click("seal_0")
    assert found[0].where == desk.results.demands.seal.risks[0].where
    assert desk.shell.sheet_view.zoom > 1


def test_the_guard_is_told_and_a_length_that_cannot_be_is_refused(open_desk):
    desk = open_desk(job(glass=PLAQUE))
    card = desk.go(4)
    desk.type_into("guard", "45 mm")
    desk.settle()
    assert "Tape makes up the rest" in card.parts[6].tape.text()
    desk.type_into("guard", "wide")
    assert "guard" in desk.find(QLabel, "message").text() or card.parts[6].guard._wrong.isVisible()
    assert desk.bench.job.stencil.guard == 45.0
