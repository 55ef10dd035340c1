"""The artwork's part of the job: items carried by maps of the frame, kept, changed and told apart."""

from math import cos, pi, sin

import msgspec
import numpy as np
import pytest
import shapely
from hypothesis import assume, given, settings
from hypothesis import strategies as st

from specimens import STAR, job, star_job
from strategies import artworks, items
from vitrograph.core.artwork import label_of, place
from vitrograph.core.errors import JobError
from vitrograph.core.geometry import half_turn
from vitrograph.core.job import Artwork, Drawing, FontFile, Item, Job, Monogram, Order, Repeat, Shape, Words
from vitrograph.core.storing.orderfile import load_order, save_order

entries = st.floats(-2, 2)


@given(item=items(), a=entries, b=entries, c=entries, d=entries, x=st.floats(-20, 20), y=st.floats(-20, 20))
@settings(max_examples=60, deadline=None)
def test_a_piece_goes_through_any_map_as_its_outline_does(item, a, b, c, d, x, y):
    assume(isinstance(item.what, Words) and abs(a * d - b * c) > 0.2)
    matrix = np.array([[a, b], [c, d]])
    assume(np.linalg.cond(matrix) < 8)
    single = item.with_(repeat=None)
    expected = shapely.transform(place(single).shape, lambda xy: xy @ matrix.T + [x, y])
    made = single.through(((a, b), (c, d)), (x, y))
    assume(0.02 <= made.stretch <= 50 and abs(made.lean) <= 5)
    assert place(made).shape.symmetric_difference(expected).area < 0.02 * expected.length + 1e-6


@given(item=items(), factor=st.floats(0.2, 5.0))
@settings(max_examples=40, deadline=None)
def test_growing_and_shrinking_by_the_same_factor_changes_nothing(item, factor):
    back = item.stretched(factor, factor).stretched(1 / factor, 1 / factor)
    assert place(back).box == pytest.approx(place(item).box, abs=0.02)
    assert (back.turn, back.lean, back.flip) == (item.turn, item.lean, item.flip)


@given(item=items(), times=st.integers(2, 6))
@settings(max_examples=30, deadline=None)
def test_a_ring_taken_apart_covers_what_the_ring_did(item, times):
    ring = item.with_(repeat=Repeat(times, "ring", 30.0))
    apart = ring.round_the_ring()
    assert len(apart) == times and all(one.repeat is None for one in apart)
    together = shapely.union_all([place(one).shape for one in apart])
    assert together.symmetric_difference(place(ring).shape).area <= 0.02 * place(ring).shape.length
    assert item.with_(repeat=None).round_the_ring() == (item.with_(repeat=None),)


@given(artwork=artworks(), across=st.floats(0.5, 2.0), upright=st.floats(0.5, 2.0))
@settings(max_examples=20, deadline=None)
def test_stretching_keeps_every_key_its_own(artwork, across, upright):
    made = artwork.stretched(across, upright)
    keys = [item.key for item in made.items]
    assert len(set(keys)) == len(keys) and set(keys) >= {item.key for item in artwork.items}


@given(artworks())
@settings(max_examples=20, deadline=None)
def test_an_artwork_is_saved_and_read_back_the_same(tmp_path_factory, artwork):
    made = Job(artwork=artwork)
    path = tmp_path_factory.mktemp("jobs") / "job.vitro"
    save_order(Order.of(made), path)
    assert load_order(path).job() == made and hash(load_order(path).job()) == hash(made)


def test_a_file_used_twice_is_kept_once(tmp_path):
    star = Drawing("star.svg", STAR.encode())
    made = star_job().changed(artwork=Artwork((Item(star, key=1), Item(star, key=2, x=40.0))))
    save_order(Order.of(made), tmp_path / "job.vitro")
    import zipfile

    with zipfile.ZipFile(tmp_path / "job.vitro") as archive:
        assert len(archive.namelist()) == 2
    assert load_order(tmp_path / "job.vitro").job() == made


def test_pieces_are_added_found_changed_and_taken_out():
    artwork = Artwork().added(Item(Words("K"))).added(Item(Shape())).added(Item(Words("P")))
    assert [item.key for item in artwork.items] == [1, 2, 3]
    assert artwork.index_of(2) == 1 and artwork.index_of(9) is None and artwork.item(9) is None
    moved = artwork.changed({2: {"x": 5.0}, 9: {"x": 1.0}})
    assert moved.item(2).x == 5.0 and moved.item(1) == artwork.item(1)
    assert [item.key for item in artwork.without({1, 3}).items] == [2]
    assert artwork.without({3}).added(Item(Words())).items[-1].key == 3


@pytest.mark.parametrize(("change", "sentence"), [
    ({"artwork__items__0__turn": 7.0}, "artwork items 1 turn: at most 180°, not 401.07°"),
    ({"artwork__items__0__what__text": "K" * 20_001}, "artwork items 1 what text: at most 20000 letters, not 20001"),
    ({"artwork__items__0__size_is": "girth"}, "artwork items 1 size is: 'girth' is not one of the choices"),
    ({"artwork__items__0__repeat": {"times": 0}}, "artwork items 1 repeat times: at least 1, not 0"),
    ({"artwork__items__0__x": float("inf")}, "artwork items x: expected a finite number, got inf"),
    ({"artwork__items__0__what": {"is": "teapot"}}, "artwork items 1 what"),
    ({"artwork__items": [Item(Words("K")), Item(Words("P"))]}, "artwork: two items have the same key"),
])
def test_a_piece_that_cannot_be_is_told_in_one_sentence(change, sentence):
    with pytest.raises(JobError) as told:
        job().changed(**change)
    assert str(told.value).startswith(sentence) and "\n" not in str(told.value)


def test_a_length_past_its_bound_is_told_in_the_unit_that_it_was_typed_in():
    with pytest.raises(JobError) as told:
        job().changed(artwork__items__0__size=300 * 25.4)
    assert told.value.words("in").replace("\N{NARROW NO-BREAK SPACE}", " ") == (
        "artwork items 1 size: at most 196.85 in, not 300 in")


def test_numbers_of_arrays_are_taken_for_plain_ones():
    assert job().changed(artwork__items__0__x=np.float64(3.5)).artwork.items[0].x == 3.5


@pytest.mark.parametrize(("item", "name"), [
    (Item(Words("Kestrel\nPoint")), "Kestrel Point"), (Item(Words("K"), name="my K"), "my K"),
    (Item(Words()), "words"), (Item(Shape("oval")), "oval"), (Item(Shape("rectangle", "filled")), "bar"),
    (Item(Monogram(initials="KPO")), "monogram KPO"), (Item(Drawing("owl.svg", b"")), "owl.svg")])
def test_a_piece_is_called_by_its_name_or_by_what_it_holds(item, name):
    assert label_of(item) == name


@given(st.floats(-20, 20))
def test_angles_are_brought_within_half_a_turn(angle):
    found = half_turn(angle)
    assert -pi <= found <= pi
    assert (cos(found), sin(found)) == pytest.approx((cos(angle), sin(angle)), abs=1e-9)


def test_a_font_or_a_drawing_tells_its_size_and_not_its_content():
    assert repr(FontFile("Made Here", b"x" * 900)) == "FontFile('Made Here', 900 bytes)"
    with pytest.raises(AttributeError):
        FontFile("x", b"").name = "y"
    with pytest.raises(msgspec.ValidationError):
        msgspec.convert({"name": "", "data": b""}, FontFile, builtin_types=(bytes,))
