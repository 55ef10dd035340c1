"""The workshop in the real window: asked once at the first start, answered or skipped; new orders begin from it."""

import pytest
from PySide6.QtWidgets import QLineEdit, QPushButton

from hands import type_over
from vitrograph.core.workshop import Workshop, change_workshop, load_workshop, with_cut
from vitrograph.desk.kit.message import Heard


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
    assert "as the workshop is" in window.said.text()         # the order in hand is new, and follows
    window.close()
    desk.shell.files.new()
    assert (desk.bench.job.stencil.border, desk.bench.job.stencil.least_web) == (14.0, 1.2)


def test_an_order_that_is_new_follows_the_answers_until_it_is_saved_or_made_otherwise(asked):
    desk, place = asked
    desk.shell.files.new()
    window = desk.shell.windows.workshop()
    window.findChild(QPushButton, "house__units_in").click()
    type_over(window.findChild(QLineEdit, "house__border"), "3/4")
    assert desk.bench.unit == "in" and desk.shell.top.units["in"].isChecked()
    assert desk.bench.job.stencil.border == pytest.approx(19.05)
    assert "as the workshop is" in window.said.text()
    desk.bench.edit("Border", stencil__border=22.0)
    type_over(window.findChild(QLineEdit, "house__border"), "1")
    assert desk.bench.job.stencil.border == 22.0
    desk.bench.edit("Border", stencil__border=25.4)            # as the workshop is, by hand
    desk.shell.files.save_as(place.with_name("kept.vitro"))
    type_over(window.findChild(QLineEdit, "house__border"), "1 1/4")
    assert desk.bench.job.stencil.border == 25.4
    type_over(window.findChild(QLineEdit, "house__border"), "400 in")
    said = window.findChild(Heard).text()
    assert said == "Border of film: at most 19.685\u202fin, not 400\u202fin", "told in this very window"
    window.close()


def test_what_is_kept_in_it_meanwhile_from_elsewhere_stays(asked):
    desk, place = asked
    window = desk.shell.windows.workshop()
    change_workshop(place, lambda known: with_cut(known, 5000.0))        # the cutter's work, or another window's
    type_over(window.findChild(QLineEdit, "house__border"), "14")
    type_over(window.findChild(QLineEdit, "creams__0__label_minutes"), "2:30")
    kept = load_workshop(place)
    assert (kept.cutters[0].blade_m, kept.house.border, kept.creams[0].label_minutes) == (5.0, 14.0, 2.5)
    window.close()


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
