"""The fit card in the real window: ways, place, copies, bands, strain, and what was seen on paper."""

from math import degrees, radians

import numpy as np
import pytest
from pypdf import PdfReader
from PySide6.QtCore import QPoint, QPointF, Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QComboBox, QLineEdit

from hands import type_into
from specimens import CARAFE, LANTERN, ORNAMENT, job, run, star_job
from vitrograph.core.demo import demo_job
from vitrograph.core.fit import MODES
from vitrograph.core.job import Features, KeepOut
from vitrograph.desk.fit.overlay import patches_of
from vitrograph.desk.fit.ways_picture import WaysPicture


def choose(desk, name, value):
    box = desk.find(QComboBox, name)
    box.setCurrentIndex(box.findData(value))
    box.activated.emit(box.currentIndex())


def pixels(widget):
    image = widget.grab().toImage()
    wide, high = image.width(), image.height()
    return np.frombuffer(image.constBits(), np.uint8).reshape(high, image.bytesPerLine() // 4, 4)[:, :wide, :3].copy()


def all_ways(picture):
    """Its pixels once every way is painted: one is with each paint."""
    for _ in MODES:
        pixels(picture)
    return pixels(picture)


def test_each_way_is_shown_and_a_click_on_its_picture_takes_it(open_desk):
    desk = open_desk(job("Kestrel", width=80.0))
    desk.go(3)
    picture = desk.find(WaysPicture, "waysPicture")
    shown = all_ways(picture)
    cells = {mode: picture.cell(mode).toRect() for mode in MODES}
    arts = {mode: shown[cell.top():cell.bottom(), cell.left():cell.right()] for mode, cell in cells.items()}
    assert all((arts[mode].min(axis=2) > 200).any() for mode in MODES)         # frost in every one of them
    for mode in ("eye", "letters", "straight", "rim"):
        QTest.mouseClick(picture, Qt.MouseButton.LeftButton, pos=cells[mode].center())
        desk.settle()
        assert desk.bench.job.fit.mode == mode == desk.results.fitted.chart.mode
        desk.bench.undo_stack.undo()
    desk.click("mode_eye")
    desk.settle()
    assert desk.results.fitted.chart.eye is not None
    desk.type_into("seen_from", "45 cm")
    desk.type_into("up_to", "40")
    desk.settle()
    assert desk.results.fitted.chart.eye.distance == 450.0
    assert degrees(desk.results.fitted.chart.eye.most) == pytest.approx(40.0)


def test_the_place_is_typed_and_the_handle_is_followed(open_desk):
    handle = Features(keep_out=(KeepOut(angle=radians(160), wide=25.0),))
    desk = open_desk(job("Kestrel", width=40.0, features=handle))
    desk.go(3)
    choose(desk, "stand", "opposite handle")
    desk.settle()
    assert degrees(desk.results.fitted.angle) == pytest.approx(-20.0)
    choose(desk, "held", "baseline")
    desk.settle()
    moved_round = desk.results.fitted.chart.s0
    desk.type_into("above_table", "70 mm")
    desk.settle()
    assert desk.results.fitted.chart.s0 != pytest.approx(moved_round, abs=0.5)
    desk.type_into("turn", "10")
    desk.type_into("times", "3")
    desk.settle()
    assert len(desk.results.fitted.elsewhere) == 2 and desk.results.fitted.chart.turn == pytest.approx(radians(10))
    assert not desk.find(QLineEdit, "angle").isVisible() and desk.find(QLineEdit, "above_table").isVisible()


def test_dragging_the_art_keeps_the_line_that_is_held(open_desk):
    desk = open_desk(job("Kestrel", width=40.0, fit__held="middle", fit__above_table=66.0, fit__mode="letters"))
    view = desk.shell.glass_view
    desk.go(3)
    start = view.camera().wall_to_screen(np.array([[0.0, desk.results.fitted.chart.s0]]))[0]
    at = QPoint(*np.rint(start).astype(int).tolist())
    QTest.mousePress(view, Qt.MouseButton.LeftButton, pos=at)
    for step in range(1, 6):
        QTest.mouseMove(view, at + QPoint(5 * step, -6 * step))
        QTest.qWait(5)
    QTest.mouseRelease(view, Qt.MouseButton.LeftButton, pos=at + QPoint(25, -30))
    desk.settle()
    fit = desk.bench.job.fit
    assert fit.held == "middle" and fit.above_table > 70.0 and fit.angle > 0.05
    desk.bench.undo_stack.undo()
    assert desk.bench.job.fit.above_table == 66.0


def test_copies_stand_all_round_in_the_glass_view(open_desk):
    desk = open_desk(star_job(glass=LANTERN, width=30.0, fit__from_rim=40.0))
    view = desk.shell.glass_view
    desk.go(4)
    view.turn_to(radians(120))
    desk.qtbot.wait(50)
    middle = np.array([[radians(120), desk.results.fitted.chart.s0]])
    alone = pixels(view)
    desk.bench.edit("Copies", fit__times=3)
    desk.settle()
    desk.qtbot.wait(50)
    x, y = np.rint(view.camera().wall_to_screen(middle)[0]).astype(int)
    near = (slice(y - 4, y + 4), slice(x - 4, x + 4))
    assert alone[near].max() < 120 and pixels(view)[near].min() > 180             # frost where the second copy stands


def test_a_leaning_rim_is_typed_and_the_art_made_level_with_it(open_desk):
    desk = open_desk(job("Kestrel", width=40.0, fit__from_rim=40.0, fit__angle=0.4))
    desk.go(1)
    helpers = desk.card().open_helpers("keepout")
    type_into(helpers.go("keepout"), "rim_rise", "4")
    type_into(helpers.go("keepout"), "rim_high", "90")
    helpers.close()
    desk.settle()
    desk.bench.go("fit")
    desk.click("level_rim")
    desk.settle()
    assert desk.bench.job.features.rim_rise == 4.0 and desk.results.fitted.chart.turn > 0.03
    desk.click("level_water")
    desk.settle()
    assert desk.results.fitted.chart.turn == 0.0


def test_a_ring_is_closed_by_its_remedy(open_desk):
    desk = open_desk(star_job(glass=LANTERN, width=60.0, fit__from_rim=30.0))
    desk.go(3)
    desk.type_into("times", "7")
    desk.click("wrap_True")
    desk.settle()
    desk.qtbot.waitUntil(lambda: "overlap" in {found.code for found in desk.results.findings("fit")})
    found = next(found for found in desk.results.findings("fit") if found.code == "overlap")
    desk.bench.remedy(found.remedy)
    desk.settle()
    left, _, right, _ = desk.results.sheet.outline.bounds
    assert right - left == pytest.approx(np.pi * 98.0, abs=1e-6)
    assert "overlap" not in {found.code for found in desk.results.findings()}


def test_strain_is_painted_with_its_legend_and_eased_by_snips(open_desk):
    desk = open_desk(demo_job("ornament").changed(fit__relief=False))
    desk.go(3)
    desk.qtbot.wait(100)
    bare = pixels(desk.shell.sheet_view)
    desk.click("relief_True")
    desk.settle()
    desk.qtbot.wait(100)
    assert desk.results.fitted.strain_at_openings < 0.015 and desk.results.sheet.fitted.films[0].snips
    assert (pixels(desk.shell.sheet_view) != bare).any()
    for name in ("film_shape_best cone", "warm_True"):
        desk.click(name)
    desk.type_into("give", "2.5")
    desk.settle()
    fit = desk.bench.job.fit
    assert fit.film_shape == "best cone" and fit.warm and fit.gives.stencil == pytest.approx(0.025)
    assert "The best cone" in desk.card().film.strains.text()


def test_bands_are_typed_and_all_stations_show_them(open_desk):
    desk = open_desk(job("Kestrel\n\nPoint", glass=CARAFE, width=56.0, fit__from_rim=40.0))
    desk.go(3)
    desk.type_into("rows", "2")
    desk.settle()
    assert len(desk.results.sheet.outlines) == 2
    for number in range(3, 9):
        desk.go(number)
        desk.qtbot.wait(30)
        assert pixels(desk.shell.sheet_view).std() > 5
    assert "film 2" in " ".join(label.text() for label, _ in desk.go(7).readings._rows)


def test_what_was_seen_on_paper_is_taken_over_and_what_is_not_read_is_told(open_desk, tmp_path):
    desk = open_desk(job("Kestrel", width=40.0, glass=ORNAMENT, fit__from_rim=None))
    desk.go(3)
    trying, before = desk.card().seen, desk.results.fitted.from_rim
    trying.write_paper(tmp_path / "band.pdf")
    desk.qtbot.waitUntil((tmp_path / "band.pdf").exists, timeout=5000)
    page = PdfReader(tmp_path / "band.pdf").pages[0]
    assert "from the rim" in page.extract_text() and float(page.mediabox.width) > 500
    desk.type_into("seen", "wobbly")
    assert trying.wrong.isVisible() and "was not understood" in trying.wrong.text()
    desk.type_into("seen", "too low by 3 mm, tilts right by 1 mm")
    desk.settle()
    assert desk.results.fitted.from_rim == pytest.approx(before - 3.0, abs=0.1)
    assert not trying.wrong.isVisible() and trying.seen.text() == "" and desk.bench.job.fit.turn > 0


def test_the_strain_picture_is_squeezed_at_the_edge_and_stretched_in_the_middle():
    results = run(demo_job("ornament").changed(fit__relief=False))
    fitted = results.fitted
    patches = {(patch.does, patch.step): patch.path for patch in patches_of(fitted, 0.015)}
    outline = results.sheet.outline
    middle = QPointF(outline.centroid.x, outline.centroid.y)
    assert any(path.contains(middle) for (does, _), path in patches.items() if does == "stretched")
    assert not any(path.contains(middle) for (does, _), path in patches.items() if does == "squeezed")
    left, low, right, _ = outline.bounds
    edge = QPointF((left + right) / 2, low + 2.0)
    assert patches["squeezed", 2].contains(edge)               # twice the limit and more
    lenient = {(patch.does, patch.step) for patch in patches_of(fitted, 0.5)}
    assert not lenient                                         # bare film lies flat
    back = run(results.job.changed(fit__face="back"))
    mirrored = {(patch.does, patch.step): patch.path for patch in patches_of(back.fitted, 0.015)}
    assert mirrored["squeezed", 2].boundingRect().width() == pytest.approx(
        patches["squeezed", 2].boundingRect().width(), abs=0.5)


def test_the_small_pictures_are_painted_anew_only_when_something_changed(open_desk):
    desk = open_desk(job("Kestrel", width=60.0))
    desk.go(3)
    picture = desk.find(WaysPicture, "waysPicture")
    first = all_ways(picture)
    painted = picture._picture
    assert (pixels(picture) == first).all() and picture._picture is painted
    desk.type_into("size", "30 mm")
    desk.settle()
    assert (all_ways(picture) != first).any() and picture._picture is not painted
