"""Monograms: recipes that stay editable, frames that fit, and taking apart without moving anything."""

from itertools import pairwise
from typing import get_args

import numpy as np
import pytest
import shapely
from hypothesis import given, settings
from hypothesis import strategies as st

from vitrograph.core.artwork import compose, monogram_items, place
from vitrograph.core.artwork.composing.arrange import apart
from vitrograph.core.errors import ArtworkError
from vitrograph.core.job import Artwork, Item, Monogram, MonogramStyle, OutlineName, Repeat, Shape, Words

FRAMES = get_args(OutlineName)


def parts_of(monogram):
    return {item.name: (item, place(item)) for item in monogram_items(monogram)}


def test_of_three_initials_the_middle_one_is_larger_and_none_touch():
    parts = [place(item) for item in monogram_items(Monogram(initials="K,P,O"))]
    heights = [part.cap_height for part in parts]
    assert heights[1] == pytest.approx(1.5 * heights[0]) and heights[0] == heights[2]
    gaps = [after.box[0] - before.box[2] for before, after in pairwise(parts)]
    assert gaps[0] == pytest.approx(gaps[1]) and gaps[0] > 0
    assert [part.box[1] + part.box[3] for part in (parts[0], parts[1])] == pytest.approx([0, 0], abs=1e-6)


@given(overlap=st.floats(0.01, 0.12), face=st.sampled_from(["Lobster Two", "Zilla Slab Bold", "Barlow Bold"]))
@settings(max_examples=15, deadline=None)
def test_initials_that_overlap_are_one(overlap, face):
    made = place(Item(Monogram(initials="K,P,O", face=face, overlap=overlap), size=60.0))
    assert len(made.shape.geoms) == 1, "script that is joined, and any other letter"
    apart = place(Item(Monogram(initials="K,P,O", face=face), size=60.0))
    assert len(apart.shape.geoms) == 3
    letters = [place(item) for item in monogram_items(Monogram(initials="K,P,O", face=face, overlap=overlap))]
    before, after = letters[:2]
    back = shapely.transform(after.shape, lambda xy: xy + [60.0 * overlap + 0.1, 0.0])
    assert before.shape.intersects(after.shape) and not before.shape.intersects(back), "by as much, no more"


def test_a_split_initial_carries_the_name_in_its_gap():
    parts = parts_of(Monogram("split", "K", "Kestrel Point"))
    letter, gap, name = (parts[key] for key in ("K", "gap", "Kestrel Point"))
    assert gap[0].does == "clears" and name[0].does == "frosts"
    assert gap[1].box[1] < name[1].box[1] and name[1].box[3] < gap[1].box[3]
    assert letter[1].box[1] < gap[1].box[1] and gap[1].box[3] < letter[1].box[3]
    whole = place(Item(Monogram("split", "K", "Kestrel Point"), size=60.0)).shape
    clear = shapely.intersection(whole, shapely.box(-100, -40, 100, 40)).area
    assert clear > 0 and len(whole.geoms) >= 2 + 12                       # two halves of the K, and the letters


def test_a_name_stands_upright_beside_its_initial_and_a_bar_as_high():
    parts = parts_of(Monogram("beside", "O", "Observatory"))
    initial, bar, name = (parts[key][1] for key in ("O", "bar", "Observatory"))
    assert np.ptp(bar.box[1::2]) == pytest.approx(60.0) and np.ptp(name.box[1::2]) == pytest.approx(60.0, rel=0.02)
    assert initial.box[2] < bar.box[0] and bar.box[2] < name.box[0]
    assert parts["Observatory"][0].turn == pytest.approx(np.pi / 2)


def test_a_block_has_lines_as_wide_as_each_other():
    shape = place(Item(Monogram("block", "KPO", "Kestrel Point\n12 June 2031"), size=50.0)).shape
    rows = {}
    for part in shape.geoms:
        rows.setdefault(round((part.bounds[1] + part.bounds[3]) / 14), []).append(part.bounds)
    left, right = min(b[0] for row in rows.values() for b in row), max(b[2] for row in rows.values() for b in row)
    assert right - left == pytest.approx(50.0)


@pytest.mark.parametrize("frame", FRAMES)
@pytest.mark.parametrize("style", get_args(MonogramStyle))
def test_a_frame_clears_the_letters_and_is_no_larger_than_it_must_be(style, frame):
    *letters, framing = monogram_items(Monogram(style, "KPO", "Point", frame=frame))
    ink = shapely.union_all([place(item).shape for item in letters])
    ring = place(framing).shape
    assert ring.distance(ink) > 1.0
    filled = place(framing.with_(what=Shape(frame, "filled"))).shape
    assert filled.contains(ink)
    smaller = place(framing.with_(what=Shape(frame, "filled"), size=framing.size * 0.8)).shape
    assert not smaller.contains(ink.buffer(4.0))


@given(style=st.sampled_from(get_args(MonogramStyle)), size=st.floats(10, 80),
       frame=st.none() | st.sampled_from(FRAMES),
       turn=st.floats(-3, 3), flip=st.booleans(), lean=st.sampled_from([0.0, 0.3]), ring=st.booleans())
@settings(max_examples=25, deadline=None)
def test_taken_apart_it_looks_as_it_did(style, size, frame, turn, flip, lean, ring):
    whole = Item(Monogram(style, "KPO", "Point", frame=frame), size=size, x=4.0, y=-3.0, turn=turn, flip=flip,
                  lean=lean, repeat=Repeat(3, "ring", 60.0) if ring else None)
    before = compose(Artwork((whole,)))
    parts = apart(whole)
    after = compose(Artwork(tuple(part.with_(key=key) for key, part in enumerate(parts, start=1))))
    assert all(isinstance(part.what, Words | Shape) for part in parts)
    assert after.middle == pytest.approx(before.middle, abs=0.02)
    # a leant or turned frame's line is drawn anew at its own width, so a little of its edge may differ
    assert after.shape.symmetric_difference(before.shape).area < 0.02 * before.shape.area + 0.01 * before.shape.length


def test_a_monogram_of_nothing_says_what_it_needs():
    with pytest.raises(ArtworkError, match="a monogram needs its initials"):
        monogram_items(Monogram("split", " , "))
    with pytest.raises(ArtworkError, match="a block of lines needs its lines"):
        monogram_items(Monogram("block"))
    lone = monogram_items(Monogram("beside", "K"))
    assert [item.name for item in lone] == ["K", "bar"]
