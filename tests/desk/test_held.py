"""What follows the hand is what is worked out afterwards; painting in bulk paints the same as painting whole."""

import numpy as np
import pytest
import shapely
from hypothesis import HealthCheck, given, settings
from hypothesis import strategies as st
from PySide6.QtCore import QPointF, Qt
from PySide6.QtGui import QColor, QImage, QPainter
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QPlainTextEdit
from shapely.geometry import MultiPolygon

from specimens import CARAFE, TUMBLER, job, run
from strategies import artworks
from vitrograph.core.artwork import compose, place
from vitrograph.core.errors import VitrographError
from vitrograph.core.job import Artwork, Item, Job, Shape, Words
from vitrograph.desk.bench.held import HeldArt
from vitrograph.desk.bench.painter_paths import outlines_of, path_of, paths_of


@given(artwork=artworks(), dx=st.floats(-9, 9), dy=st.floats(-9, 9), factor=st.floats(0.6, 1.6), turn=st.floats(-3, 3))
@settings(max_examples=20, deadline=None)
def test_a_held_piece_is_where_it_will_be_when_it_is_let_go(artwork, dx, dy, factor, turn):
    try:
        results = run(Job(glass=TUMBLER, artwork=artwork.scaled(0.5)))
    except VitrographError:
        return
    key = results.art.placed[0].item.key
    held = results.art.placed[0].item
    moved = held.stretched(factor, factor).with_(x=held.x + dx, y=held.y + dy, turn=turn)
    held_art = HeldArt(results, [key], 0.01)
    held_art.move([moved])
    truth = place(moved).box
    assert held_art.box(key) == pytest.approx(truth, abs=0.03 + 0.01 * max(map(abs, truth)))
    path = held_art.on_sheet(moving=True)[0][1].boundingRect()
    true_shape = shapely.segmentize(place(moved).shape, 0.5)
    on_sheet = shapely.transform(true_shape, lambda xy: results.fitted.chart.to_sheet(xy - results.fitted.middle))
    left, low, right, high = on_sheet.bounds
    slack = 0.05 + 0.02 * max(map(abs, truth))
    assert (path.left(), path.top(), path.right(), path.bottom()) == pytest.approx((left, low, right, high), abs=slack)


@pytest.mark.parametrize("changes", [{}, {"fit__mode": "letters"}, {"fit__mode": "eye"}, {"fit__turn": 0.2},
                                     {"fit__times": 3}, {"fit__times": 4, "fit__wrap": True}, {"fit__face": "back"}])
@pytest.mark.parametrize("glass", [TUMBLER, CARAFE])
def test_carried_art_is_where_it_will_be_on_the_glass(glass, changes):
    made = job("Kestrel", glass=glass, width=36.0, fit__from_rim=44.0, **changes)
    results = run(made)
    held_art = HeldArt(results, results.art.keys, 0.01)
    held_art.carry(0.3, 9.0)
    there = run(made.changed(fit__from_rim=results.fitted.from_rim - 9.0, fit__angle=0.3)).fitted
    shown = np.concatenate([points for _, points, _ in held_art.on_wall(moving=True)])
    whole = shapely.union_all([shapely.transform(there.wall_art, lambda us, by=turn: us + [by, 0.0])
                               for turn in (0.0, *there.elsewhere)])
    size = 2 * [there.chart.middle_scale, 1.0]
    assert np.abs((np.array([*shown.min(axis=0), *shown.max(axis=0)]) - whole.bounds) * size).max() < 0.3
    # on the sheet it lies as it does on the glass, by the film as that was when the art was taken hold of
    box = held_art.on_sheet(moving=True)[0][1].boundingRect()
    back = results.fitted.chart.wall_to_sheet(shown[:len(shown) // len((0.0, *there.elsewhere))])
    assert (box.left(), box.top()) == pytest.approx(back.min(axis=0), abs=0.01)


def filled(paths, size=160):
    image = QImage(size, size, QImage.Format.Format_RGB32)
    image.fill(QColor("white"))
    painter = QPainter(image)
    for path in paths:
        painter.fillPath(path, QColor("black"))
    painter.end()
    return np.array([[image.pixelColor(x, y).red() for x in range(size)] for y in range(size)])


def test_painting_a_few_polygons_at_a_time_paints_the_same(qapp):
    cells = [shapely.Point(8 + 16 * column, 8 + 16 * row).buffer(7.0, quad_segs=24).difference(
        shapely.Point(8 + 16 * column, 8 + 16 * row).buffer(3.0)) for row in range(10) for column in range(10)]
    shape = MultiPolygon(cells)
    parts = paths_of(shape)
    assert len(parts) > 8 and np.array_equal(filled(parts), filled([path_of(shape)]))
    outlines = outlines_of(shape)
    shifted = outlines.paths(outlines.points + [0.0, 2.0])
    assert sum(path.elementCount() for path in shifted) == len(outlines.points)
    assert paths_of(MultiPolygon()) == []


@given(step=st.floats(-8, 8), key=st.sampled_from([1, 2]))
@settings(max_examples=8, deadline=None, suppress_health_check=[HealthCheck.function_scoped_fixture])
def test_what_is_left_alone_stays_where_it_is_on_the_glass(open_desk, step, key):
    made = Artwork((Item(Shape("rectangle", "filled"), key=1, size=30.0, stretch=5.0, y=12.0),
                    Item(Words("Kestrel"), key=2, size=40.0)))
    desk = open_desk(Job(glass=TUMBLER, artwork=made).changed(fit__from_rim=40.0))
    other = 3 - key

    def height_of(which):
        fitted, placed = desk.results.fitted, desk.results.art.of(which)
        return fitted.chart.s0 + placed.box[3] - fitted.middle[1]

    before = height_of(other), height_of(key)
    desk.bench.arrange("Up", desk.bench.job.artwork.changed({key: {"y": made.item(key).y + step}}))
    desk.settle()
    assert height_of(other) == pytest.approx(before[0], abs=1e-6)
    assert height_of(key) - before[1] == pytest.approx(step, abs=1e-6)


def test_letters_typed_into_two_pieces_are_two_undo_steps(open_desk):
    made = Artwork((Item(Words("Kes"), key=1, size=30.0), Item(Words("Poi"), key=2, size=30.0, y=-14.0)))
    desk = open_desk(Job(glass=TUMBLER, artwork=made).changed(fit__from_rim=40.0))
    desk.go(2)
    for key, letters in ((1, "ab"), (2, "cd")):
        desk.bench.choose(key)
        words = desk.find(QPlainTextEdit, "words")
        words.moveCursor(words.textCursor().MoveOperation.End)
        QTest.keyClicks(words, letters)
    texts = [item.what.text for item in desk.bench.job.artwork.items]
    assert texts == ["Kesab", "Poicd"] and desk.bench.undo_stack.count() == 2
    desk.bench.undo_stack.undo()
    assert [item.what.text for item in desk.bench.job.artwork.items] == ["Kesab", "Poi"]
    desk.settle()


def test_two_pulls_in_a_row_are_two_undo_steps(open_desk):
    desk = open_desk(job())
    desk.go(2)
    handling = desk.shell.sheet_view.handling
    for _ in range(2):
        placed = desk.results.art.placed[0]
        spot = placed.shape.geoms[0].representative_point()
        start = handling.to_screen(np.array([[spot.x, spot.y]]))[0]
        handling.press(QPointF(*start), Qt.KeyboardModifier.NoModifier)
        handling.move(QPointF(*(start + [24.0, 30.0])))
        assert handling.press(QPointF(*start), Qt.KeyboardModifier.NoModifier)      # nothing else is taken now
        handling.release()
        desk.settle()
    assert desk.bench.undo_stack.count() == 2


def test_a_fault_while_pieces_are_let_go_leaves_nothing_hanging(open_desk):
    desk = open_desk(job())
    desk.go(2)
    desk.bench.hold(HeldArt(desk.results, [1], 0.1))
    desk.bench.let_go()
    desk.bench.runner.broke.emit("this could not be worked out")
    desk.qtbot.waitUntil(lambda: desk.bench.held_art is None)
    desk.settle()
    assert "could not be worked out" in desk.says("message").lower()


def test_art_is_drawn_before_its_film_is_cut(open_desk):
    desk = open_desk(job("Kestrel Point Observatory\n" * 8, width=60.0, fit__from_rim=5.0))
    desk.go(2)
    seen = []
    desk.bench.results_changed.connect(lambda results: seen.append((results.sheet is not None and results.fitted
                                                                    is not results.sheet.fitted, results.complete)))
    words = desk.find(QPlainTextEdit, "words")
    words.moveCursor(words.textCursor().MoveOperation.End)
    QTest.keyClicks(words, "K")
    desk.settle()
    desk.shell.sheet_view.grab()
    assert seen[-1] == (False, True) and compose(desk.bench.job.artwork).size == pytest.approx(desk.results.art.size)
