"""The window that tidies a drawing, driven as a maker would: tones, tracing, mends, all undoable."""

import io

import numpy as np
import pytest
from PIL import Image, ImageFilter
from PySide6.QtCore import QPointF, Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QComboBox, QSlider

from hands import click, type_into
from specimens import svg
from vitrograph.core.job import Mend
from vitrograph.desk.artwork.tidying_window import TidyWindow

TWO_TONES = svg('<rect width="90" height="60" fill="#204060"/><circle cx="40" cy="30" r="20" fill="#fff"/>'
                '<circle cx="80" cy="90" r="2"/>')


@pytest.fixture
def sketch(tmp_path):
    """A made-up photograph of a sketch: a ring and a bar on shaded, grainy paper."""
    y, x = np.mgrid[0:360, 0:480]
    radius = np.hypot(x - 180, y - 180)
    ink = ((radius > 80) & (radius < 110)) | ((np.abs(x - 380) < 40) & (np.abs(y - 180) < 90))
    page = np.where(ink, 0.25, 0.95) * (0.55 + 0.45 * x / 480) + np.random.default_rng(2).normal(0, 0.02, x.shape)
    path = tmp_path / "sketch.jpg"
    Image.fromarray((255 * np.clip(page, 0, 1)).astype(np.uint8)).filter(ImageFilter.GaussianBlur(1)).save(path)
    return path


@pytest.fixture
def tidy(open_desk):
    """Open a file at the artwork station, and the window over it; it is closed at the end."""
    opened = []

    def open_it(path):
        desk = open_desk()
        desk.open_drawing(path)
        desk.click("tidyDrawing")
        window = desk.card().findChild(TidyWindow, "tidyWindow")
        opened.append(window)
        return desk, window

    yield open_it
    for window in opened:
        window.close()


def rows_of(readings):
    return {name.text(): value.text() for name, value in readings._rows if not name.isHidden()}


def point_at(window, x, y):
    QTest.mouseClick(window.view, Qt.MouseButton.LeftButton, pos=window.view._frame().map(QPointF(x, y)).toPoint())


def test_a_colour_is_given_another_tone_and_given_back(tidy, tmp_path):
    (tmp_path / "two.svg").write_text(TWO_TONES)
    desk, window = tidy(tmp_path / "two.svg")
    before = desk.source.shape.area
    click(window, "tone_ffffff_frost")
    desk.settle()
    assert desk.source.shape.area > before
    desk.bench.undo_stack.undo()
    desk.settle()
    assert desk.source.shape.area == pytest.approx(before)
    window.grab()


def test_a_sketch_becomes_a_clean_shape_in_a_few_clicks(tidy, sketch):
    desk, window = tidy(sketch)
    assert desk.drawing.kind == "picture"
    click(window, "even_light_True")
    desk.settle()
    source = desk.source
    assert len(source.shape.geoms) == 2 and source.nodes < source.pixel_nodes / 10
    assert "smallest part, on the glass" in rows_of(window.readings)
    nodes = source.nodes
    slider = window.findChild(QSlider, "simplify")
    slider.setValue(60)
    slider.setValue(80)
    desk.settle()
    assert desk.source.nodes < nodes and desk.drawing.trace.simplify == 0.8
    desk.bench.undo_stack.undo()                              # the whole drag is one step
    assert desk.drawing.trace.simplify == 0.0
    click(window, "trace_tones_lines")
    desk.settle()
    assert len(desk.source.shape.geoms) > 10
    window.grab()


def test_the_picture_is_shown_while_o_is_held_and_gives_its_background(tidy, sketch):
    desk, window = tidy(sketch)
    desk.qtbot.waitUntil(lambda: window.view.image is not None, timeout=10000)
    QTest.keyPress(window.view, Qt.Key.Key_O)
    assert window.view.as_it_came
    window.grab()
    QTest.keyRelease(window.view, Qt.Key.Key_O)
    assert not window.view.as_it_came
    click(window, "pickBackground")
    point_at(window, 1.11, 0.5)                               # the paper between ring and bar
    colour, = desk.drawing.trace.background
    assert all(int(colour[at:at + 2], 16) > 150 for at in (1, 3, 5))
    click(window, "levelPicture")
    view = window.view
    start, end = view.rect().center(), view.rect().center()
    end.setX(end.x() + 150)
    end.setY(end.y() + 15)
    QTest.mousePress(view, Qt.MouseButton.LeftButton, pos=start)
    QTest.mouseMove(view, end)
    QTest.mouseRelease(view, Qt.MouseButton.LeftButton, pos=end)
    assert desk.drawing.trace.turn == pytest.approx(np.arctan2(15, 150), abs=0.01)


def test_mends_are_done_where_they_are_wanted_and_taken_back(tidy, tmp_path):
    (tmp_path / "two.svg").write_text(TWO_TONES)
    desk, window = tidy(tmp_path / "two.svg")
    window.findChild(QComboBox, "mendKind").setCurrentText("drop specks")
    type_into(window, "mend_amount", "8 mm")
    click(window, "doMend")
    desk.settle()
    assert len(desk.source.shape.geoms) == 1
    window.findChild(QComboBox, "mendKind").setCurrentText("remove")
    click(window, "doMend")
    assert "Click on the drawing first" in desk.says("message")
    point_at(window, 0.43, 0.66)                              # the hole the white circle left
    click(window, "doMend")
    desk.settle()
    made = desk.drawing.mends
    assert [mend.does for mend in made] == ["drop specks", "remove"] and isinstance(made[1], Mend)
    assert not desk.source.shape.geoms[0].interiors
    click(window, "takeBack")
    click(window, "takeBack")
    desk.settle()
    assert len(desk.source.shape.geoms) == 2 and desk.drawing.mends == ()


def test_the_licence_note_goes_with_the_job_and_a_bad_choice_is_told(tidy, sketch):
    desk, window = tidy(sketch)
    type_into(window, "licence", "drawn here, CC0")
    assert desk.drawing.licence == "drawn here, CC0"
    type_into(window, "pictureDpi", "300")
    assert desk.drawing.trace.dpi == 300.0 and desk.bench.undo_stack.undoText() == "Dots to an inch of the picture"
    type_into(window, "pictureDpi", "")
    assert desk.drawing.trace.dpi is None
    type_into(window, "speck", "90 mm")
    desk.settle()
    assert "Nothing is left to trace" in window.wrong.text() and window.wrong.isVisible()
    desk.bench.undo_stack.undo()
    desk.settle()
    assert not window.wrong.isVisible()


def test_a_picture_that_is_none_is_refused_and_the_old_one_stays(open_desk, tmp_path):
    desk = open_desk()
    (tmp_path / "no.png").write_bytes(b"\x89PNG\r\n\x1a\nnothing")
    out = io.BytesIO()
    Image.new("L", (80, 80), 255).save(out, "PNG")
    (tmp_path / "plain.png").write_bytes(out.getvalue())
    for name, sentence in (("no.png", "not a picture this program reads"), ("plain.png", "all one tone")):
        desk.open_drawing(tmp_path / name)
        assert sentence in desk.says("message") and desk.drawing is None
