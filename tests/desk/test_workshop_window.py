"""The workshop in the real window: asked once at the first start, answered or skipped; new orders begin from it."""

import pytest
from msgspec.structs import replace
from PySide6.QtWidgets import QLabel, QLineEdit, QPushButton

from hands import click, type_into, type_over
from vitrograph.core.glass import ShelvedGlass
from vitrograph.core.job import Stock, StraightGlass
from vitrograph.core.workshop import (
    Film,
    House,
    Workshop,
    change_workshop,
    load_workshop,
    save_workshop,
    with_cut,
    with_left_over,
)
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


def test_an_order_that_was_made_otherwise_is_made_as_the_workshop_is_on_request(asked):
    desk, place = asked
    desk.shell.files.save_as(place.with_name("kept.vitro"))
    window = desk.shell.windows.workshop()
    type_over(window.findChild(QLineEdit, "house__border"), "14")
    assert "differs" in window.said.text() and desk.bench.job.stencil.border != 14.0
    click(window, "takeOver")
    assert desk.bench.job.stencil.border == 14.0 and "as the workshop is" in window.said.text()
    assert not window.over.isEnabled()
    desk.bench.undo_stack.undo()
    assert window.over.isEnabled() and "differs" in window.said.text(), "what is told follows the order"
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
    assert "house border" in told[0] and window.isEnabled(), "the rest can be used"
    window.close()
    desk.shell.files.new()
    assert "house border" in told[1] and desk.bench.order.pieces[0].artwork.items == ()
    assert place.read_text() == '{"house": {"border": "wide"}}'
    place.write_text("{")
    window = desk.shell.windows.workshop()
    assert "is not JSON" in told[2] and not window.isEnabled() and place.read_text() == "{"


def test_a_glass_added_from_the_shelf_begins_by_the_rules_of_the_house(asked):
    desk, place = asked
    save_workshop(replace(Workshop(), house=House(border=13.0), films=(Film("Green", least_web=1.1),)), place)
    desk.shell.top.menus.add_glass(ShelvedGlass("Lantern", StraightGlass(rim=90.0, height=140.0)))
    new, old = desk.bench.order.pieces[1].stencil, desk.bench.order.pieces[0].stencil
    assert (new.border, new.least_web) == (13.0, 1.1) and old.border == 20.0


@pytest.fixture
def owned(asked):
    desk, place = asked
    desk.shell.files.new()
    return desk, place, desk.shell.windows.workshop().open_owned()


def lines(window):
    return [window.list.item(row).text() for row in range(window.list.count())]


def test_films_are_put_in_told_of_and_taken_up_and_a_new_order_is_cut_from_them(owned):
    desk, place, window = owned
    type_into(window, "films_name", "Blue")
    type_into(window, "films_left", "420 cm")
    type_into(window, "films_price", "6,5")
    click(window, "ownedAnother")
    assert window.at == 1 and load_workshop(place).films[1].name == "Blue 2"
    type_into(window, "films_name", "Scrap of blue")
    type_into(window, "films_width", "180")
    type_into(window, "films_left", "31 cm")
    type_into(window, "films_give", "2,5")
    assert lines(window) == ["Blue: 305\u202fmm wide, 4200\u202fmm left (in use)",
                             "Scrap of blue: 180\u202fmm wide, 310\u202fmm left"]
    click(window, "ownedFirst")
    scrap, blue = load_workshop(place).films
    assert window.at == 0 and (scrap.name, scrap.give, scrap.price) == ("Scrap of blue", 0.025, 6.5)
    stock = desk.bench.order.cut.stock
    assert [(one.name, one.length) for one in stock] == [("Scrap of blue", 310.0), ("Blue", 4200.0)]
    assert desk.bench.job.fit.gives.stencil == 0.025, "the order in hand is new, and follows"
    type_into(window, "films_give", "")
    click(window, "ownedOut")
    assert load_workshop(place).films == (blue,) and not window.out.isEnabled()
    assert lines(window) == ["Blue: 305\u202fmm wide, 4200\u202fmm left (in use)"]


def test_a_cream_has_its_day_and_what_cannot_be_is_told_by_its_field(owned):
    desk, place, window = owned
    click(window, "ownedKind_creams")
    type_into(window, "creams_opened_on", "1.3.2026")
    assert load_workshop(place).creams[0].opened_on == desk.bench.order.etch.cream.opened_on == "2026-03-01"
    field = window.forms["creams"].fields["opened_on"]
    assert field.line.text() == "2026-03-01"
    type_into(window, "creams_opened_on", "30.2.2026")
    assert [told.text() for told in field.findChildren(QLabel)][-1].endswith("was wanted, got '30.2.2026'")
    type_into(window, "creams_grams", "-4")
    assert window.findChild(Heard).text() == "Left in the pot: at least 0, not -4"
    assert load_workshop(place).creams[0].grams == 0.0
    click(window, "ownedKind_hands")
    type_into(window, "hands_house__hour", "24")
    type_into(window, "hands_tools__ruler_error", "0.7")
    kept = load_workshop(place)
    assert (kept.house.hour, kept.tools.ruler_error) == (24.0, 0.7) and desk.bench.job.tools.ruler_error == 0.7


def test_what_was_put_first_meanwhile_is_not_changed_in_the_others_place(owned):
    _desk, place, window = owned
    change_workshop(place, lambda known: with_left_over(known, Stock("Film", 305.0, 1000.0), "stencil", 200.0,
                                                        (300.0, 292.0)))
    type_into(window, "films_price", "9")
    assert window.findChild(Heard).text().startswith("What you own was changed meanwhile")
    kept = load_workshop(place).films
    assert [(film.name, film.price) for film in kept] == [("Film, left over", 0.0), ("Film", 0.0)]
    assert lines(window)[0].startswith("Film, left over: 292\u202fmm wide, 300\u202fmm left")
    type_into(window, "films_price", "9")
    assert load_workshop(place).films[0].price == 9.0


def test_every_thing_that_is_owned_has_its_field(owned):
    """All that the workshop's file holds can be typed: but what the program counts or keeps by itself."""
    _desk, _place, window = owned
    by_itself = {"films": set(), "cutters": {"port"}, "tapes": set(), "creams": {"weighed"}}
    for kind, but in by_itself.items():
        fields = set(getattr(Workshop(), kind)[0].__struct_fields__)
        assert set(window.forms[kind].fields) == fields - but, kind
