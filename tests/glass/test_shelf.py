"""The shelf: kept, found again, replaced, copied between folders, and bad files told of."""

import json
import re

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from specimens import FLARE_IN, LANTERN, TUMBLER
from vitrograph.core.errors import GlassError, ShelfError
from vitrograph.core.glass import Shelf, ShelvedGlass, generic_glasses, read_glass, wall_of
from vitrograph.core.job import CurvedGlass, TaperedGlass, Tools
from vitrograph.core.storing.whole import backup_of


def test_a_kept_glass_is_found_again_as_it_was(tmp_path):
    shelf = Shelf(tmp_path / "shelf")
    assert shelf.glasses() == ()
    kept = ShelvedGlass("Dome tumbler", TUMBLER, "six of them", "crystal", Tools("calipers", "tape"), "2026-11-01")
    path = shelf.keep(kept)
    shelf.keep(ShelvedGlass("Alcove lantern", LANTERN))
    assert [glass.name for glass in shelf.glasses()] == ["Alcove lantern", "Dome tumbler"]
    assert kept in shelf.glasses() and read_glass(path) == kept
    assert json.loads(path.read_text("utf-8"))["glass"]["kind"] == "taper"


def test_keeping_under_the_same_name_replaces_and_removing_removes(tmp_path):
    shelf = Shelf(tmp_path)
    for glass in (TUMBLER, FLARE_IN):
        shelf.keep(ShelvedGlass("Same", glass))
    assert [kept.glass for kept in shelf.glasses()] == [FLARE_IN]
    shelf.keep(ShelvedGlass("same!", TUMBLER))
    assert len(shelf.glasses()) == 2
    shelf.remove("Same")
    shelf.remove("never there")
    assert [kept.name for kept in shelf.glasses()] == ["same!"]


def test_what_is_taken_off_or_replaced_stays_beside_and_what_cannot_be_read_again_is_not_kept(tmp_path, monkeypatch):
    shelf = Shelf(tmp_path)
    path = shelf.keep(ShelvedGlass("Same", TUMBLER))
    shelf.keep(ShelvedGlass("Same", FLARE_IN))
    assert read_glass(backup_of(path)).glass == TUMBLER
    shelf.remove("Same")
    assert read_glass(backup_of(path)).glass == FLARE_IN and shelf.of_name("SAME") is None
    shelf.keep(ShelvedGlass("Same", TUMBLER))
    with pytest.raises(ShelfError, match="may take 2"):
        shelf.keep(ShelvedGlass("Same", TUMBLER, "x" * 2_000_000))
    assert shelf.of_name("same").notes == "", "not made unreadable"
    shelf.keep(ShelvedGlass("Same (2)", LANTERN))
    assert shelf.free_name("Same") == "Same (3)"

    def refuse(*_given):
        raise PermissionError(13, "Permission denied")

    monkeypatch.setattr(type(path), "replace", refuse)
    with pytest.raises(ShelfError, match=r"Same stays on the shelf: .*permission denied"):
        shelf.remove("Same")


def test_what_is_no_glass_is_not_kept(tmp_path):
    with pytest.raises(GlassError, match="cannot join these girths"):
        Shelf(tmp_path).keep(ShelvedGlass("Wrong", TaperedGlass(rim=90, base=30, height=20, height_is="slant")))
    with pytest.raises(GlassError, match="two stations stand at"):
        Shelf(tmp_path).keep(ShelvedGlass("Wrong", CurvedGlass(stations=((0.0, 9.0), (0.0, 8.0)))))
    assert list(tmp_path.glob("*.json")) == []


@pytest.mark.parametrize("content", ["", "{", "[]", '{"name": "x"}', '{"name": "x", "glass": {"kind": "cube"}}',
                                     '{"name": "x", "glass": {"kind": "ball", "diameter": -1}}'])
def test_a_bad_file_is_told_in_one_sentence(tmp_path, content):
    shelf = Shelf(tmp_path)
    shelf.keep(ShelvedGlass("Good", TUMBLER))
    (tmp_path / "bad.json").write_text(content)
    assert [glass.name for glass in shelf.glasses()] == ["Good"]               # and it hides no other
    (sentence,) = shelf.unread
    assert re.fullmatch(r"bad\.json on the shelf is not a glass \(.*\): mend or remove it", sentence)


@given(st.lists(st.text(st.characters(codec="utf-8"), min_size=1, max_size=6).filter(str.strip), max_size=6,
                unique_by=lambda name: name.strip().casefold()))
@settings(max_examples=30)
def test_glasses_of_different_names_never_take_each_others_place(tmp_path_factory, names):
    shelf = Shelf(tmp_path_factory.mktemp("shelf"))
    for name in ["1/2 pint", "12 pint", "1-2 pint", *names]:
        shelf.keep(ShelvedGlass(name, TUMBLER))
    assert len(shelf.glasses()) >= len({"1/2 pint", "12 pint", "1-2 pint", *names})
    shelf.remove("1/2 pint")
    assert "1/2 pint" not in {glass.name for glass in shelf.glasses()} >= {"12 pint", "1-2 pint"}


def test_a_dozen_generic_shapes_ship_in_round_numbers():
    shapes = generic_glasses()
    assert len(shapes) >= 12 and len({shape.name for shape in shapes}) == len(shapes)
    for shape in shapes:
        wall = wall_of(shape.glass)
        assert wall.length > 0 and round(wall.upright, 6) % 5 == 0
    assert {shape.glass.kind for shape in shapes} == {"flat", "straight", "taper", "curved", "ball"}
