"""Lining up, spacing, matching, stacking; and what a pull at a handle makes of an item."""

from itertools import pairwise
from math import hypot, pi

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from strategies import items
from vitrograph.core.artwork import compose, place, stacked
from vitrograph.core.artwork.composing.arrange import aligned, boxes_of, matched, restacked, spaced
from vitrograph.core.artwork.composing.grip import pulled_by_corner, pulled_by_side, snapped, turned_towards
from vitrograph.core.errors import ArtworkError
from vitrograph.core.job import Artwork, Item, Shape, Words

BAR = Item(Shape("rectangle", "filled"), size=10.0)


def row(*places, **changes):
    return Artwork(tuple(BAR.with_(key=key, x=x, y=y, size=size, **changes)
                         for key, (x, y, size) in enumerate(places, start=1)))


THREE = row((0.0, 0.0, 10.0), (14.0, 3.0, 6.0), (40.0, -5.0, 20.0))


def boxes(artwork):
    return boxes_of(place(item) for item in artwork.items)


@pytest.mark.parametrize(("side", "at"), [("left", 0), ("right", 2), ("top", 3), ("foot", 1)])
def test_sides_are_lined_up_with_the_outermost(side, at):
    before, after = boxes(THREE), boxes(aligned(THREE, boxes(THREE), (1, 2, 3), side))
    outermost = (min if at < 2 else max)(box[at] for box in before.values())
    assert [box[at] for box in after.values()] == pytest.approx([outermost] * 3)


def test_one_piece_is_centred_on_the_middle_line_and_lined_up_with_all():
    after = boxes(aligned(THREE, boxes(THREE), (3,), "centre"))
    assert after[3][0] == pytest.approx(-after[3][2]) and after[1] == boxes(THREE)[1]
    assert boxes(aligned(THREE, boxes(THREE), (1,), "top"))[1][3] == pytest.approx(6.0)


def test_gaps_are_made_equal_and_the_outermost_stay():
    after = boxes(spaced(THREE, boxes(THREE), (3, 1, 2), upright=False))
    assert after[2][0] - after[1][2] == pytest.approx(after[3][0] - after[2][2])
    assert after[1] == boxes(THREE)[1] and after[3] == boxes(THREE)[3]
    with pytest.raises(ArtworkError, match="needs three items or more"):
        spaced(THREE, boxes(THREE), (1, 2), upright=True)


def test_sizes_are_matched_to_the_first_chosen():
    after = boxes(matched(THREE, boxes(THREE), (3, 1, 2), height=False))
    assert [after[key][2] - after[key][0] for key in (1, 2, 3)] == pytest.approx([20.0] * 3)
    with pytest.raises(ArtworkError, match="two items or more"):
        matched(THREE, boxes(THREE), (1,), height=True)


def test_order_goes_up_and_down_and_stops_at_the_ends():
    keys = [item.key for item in restacked(THREE, 1, 1).items]
    assert keys == [2, 1, 3] and [item.key for item in restacked(THREE, 3, 1).items] == [1, 2, 3]
    assert restacked(THREE, 9, 1) == THREE


def test_stacked_pieces_stand_below_each_other_with_a_clear_gap():
    made = stacked([BAR, Item(Words("gjH"), size=30.0), BAR.with_(size=4.0)], 2.5)
    moved_round = [placed.box for placed in compose(made).placed]
    assert [above[1] - below[3] for above, below in pairwise(moved_round)] == pytest.approx([2.5, 2.5])
    assert [box[0] + box[2] for box in moved_round] == pytest.approx([0, 0, 0], abs=1e-9)


@given(item=items(), corner=st.integers(0, 3), by=st.floats(0.3, 2.5), free=st.booleans())
@settings(max_examples=40, deadline=None)
def test_a_pulled_corner_follows_and_the_opposite_one_stays(item, corner, by, free):
    placed = place(item.with_(repeat=None, lean=0.0 if isinstance(item.what, Shape) else item.lean))
    start = placed.corners
    target = start[(corner + 2) % 4] + by * (start[corner] - start[(corner + 2) % 4])
    after = place(pulled_by_corner(placed, corner, tuple(target), free=free)).corners
    assert after[corner] == pytest.approx(target, abs=0.02 + 2e-3 * hypot(*target))
    assert after[(corner + 2) % 4] == pytest.approx(start[(corner + 2) % 4], abs=0.02 + 2e-3 * hypot(*target))


@given(side=st.integers(0, 3), by=st.floats(0.4, 2.0), turn=st.floats(-3, 3))
@settings(max_examples=30, deadline=None)
def test_a_pulled_side_changes_one_measure_only(side, by, turn):
    placed = place(Item(Words("Kestrel"), size=40.0, turn=turn, x=5.0))
    start = placed.corners
    far, held = ((start[(side + a) % 4] + start[(side + b) % 4]) / 2 for a, b in ((3, 0), (1, 2)))
    made = place(pulled_by_side(placed, side, tuple(far + by * (held - far))))
    ratio = np.array(made.size) / placed.size
    assert ratio[side % 2] == pytest.approx(by, rel=1e-3) and ratio[1 - side % 2] == pytest.approx(1.0, rel=1e-3)
    after = (made.corners[(side + 3) % 4] + made.corners[side % 4]) / 2
    assert after == pytest.approx(far, abs=0.02)


def test_a_turned_piece_points_where_it_is_told_and_stops_at_even_turns():
    placed = place(Item(Words("Kestrel"), size=40.0, x=10.0, y=4.0))
    middle = placed.corners.mean(axis=0)
    turned = place(turned_towards(placed, tuple(middle + [-20.0, 0.3])))
    assert turned.item.turn == pytest.approx(pi / 2) and turned.corners.mean(axis=0) == pytest.approx(middle, abs=1e-6)
    assert turned_towards(placed, tuple(middle + [-20.0, 15.0])).turn == pytest.approx(np.arctan2(20, 15))


def test_a_dragged_box_snaps_to_the_middle_line_and_to_others():
    box, other = (-5.0, -2.0, 5.0, 2.0), (20.0, 10.0, 40.0, 30.0)
    assert snapped(box, (0.4, 0.0), [other], 1.0).step == pytest.approx((0.0, 0.0))
    found = snapped(box, (24.7, 7.8), [other], 1.0)
    assert found.step == pytest.approx((25.0, 8.0)) and (found.x, found.y) in ((20.0, 10.0), (30.0, 10.0))
    free = snapped(box, (12.0, 4.0), [other], 1.0)
    assert free.step == (12.0, 4.0) and free.x is None and free.y is None
