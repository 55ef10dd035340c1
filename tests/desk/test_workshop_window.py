"""The workshop in the real window: asked once at the first start, answered or skipped; new orders begin from it."""

import pytest
from PySide6.QtWidgets import QLineEdit, QPushButton

from hands import type_over
from vitrograph.core.workshop import Workshop, load_workshop


@pytest.fixture
def asked(open_desk, tmp_path):
    desk = open_desk()
    desk.shell.files.workshop = tmp_path / "workshop.json"
    desk.shell.files.offer_workshop(desk.shell.windows.workshop)
    return desk, tmp_path / "workshop.json"


def test_it_is_asked_once_and_can_be_skipped(asked):
    desk, place = asked
    desk.click("skipWorkshop")
    assert load_workshop(place) == Workshop() and place.exists()
    desk.shell.files.offer_workshop(desk.shell.windows.workshop)
    assert desk.shell.findChild(QPushButton, "skipWorkshop") is None


def test_answers_are_kept_at_once_and_a_new_order_begins_from_them(asked):
    desk, place = asked
    window = desk.shell.windows.workshop()
    type_over(window.findChild(QLineEdit, "house__border"), "14")
    type_over(window.findChild(QLineEdit, "films__0__least_web"), "1.2")
    window.findChild(QPushButton, "cutters__0__takes_roll").click()
    assert not window.fields["cutters__0__length"].isVisible()
    name = window.findChild(QLineEdit, "cutters__0__name")
    type_over(name, "The old one")
    kept = load_workshop(place)
    assert (kept.house.border, kept.films[0].least_web, kept.cutters[0].takes, kept.cutters[0].name) == (
        14.0, 1.2, "roll", "The old one")
    assert "border" in window.said.text()
    window.close()
    desk.shell.files.new()
    assert (desk.bench.job.stencil.border, desk.bench.job.stencil.least_web) == (14.0, 1.2)


def test_a_file_made_wrong_by_hand_is_told_and_not_written_over(asked):
    desk, place = asked
    place.write_text('{"house": {"border": "wide"}}')
    told = []
    desk.bench.refused.connect(told.append)
    window = desk.shell.windows.workshop()
    assert "house border" in told[0] and not window.isEnabled()
    window.close()
    desk.shell.files.new()
    assert "house border" in told[1] and desk.bench.order.pieces[0].artwork.items == ()
    assert place.read_text() == '{"house": {"border": "wide"}}'
