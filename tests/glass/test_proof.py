"""The paper proof: what paper cut for wrong girths does on the true glass, and back from that."""

from math import pi

import msgspec
import pytest
from hypothesis import given
from hypothesis import strategies as st

from specimens import LANTERN, TUMBLER
from vitrograph.core.errors import GlassError
from vitrograph.core.glass import ProofSeen, correct_by_proof, wall_of, wrap_paper
from vitrograph.core.job import TaperedGlass

girths = st.floats(60, 120)
offs = st.tuples(st.floats(-2, 2), st.floats(-2, 2))


@given(rim=girths, base=girths, off=offs, girth=st.sampled_from(["diameter", "circumference"]))
def test_a_proof_of_wrong_girths_and_its_true_gaps_gives_the_true_girths(rim, base, off, girth):
    unit = pi if girth == "circumference" else 1.0
    wrong = TaperedGlass(rim=(rim + off[0]) * unit, base=(base + off[1]) * unit, girth=girth, height=150.0)
    # the paper is pi D long at each edge; held to the rim all round it overlaps by what it is too long
    mended = correct_by_proof(wrong, pi * off[0], pi * off[1])
    assert (mended.rim / unit, mended.base / unit) == pytest.approx((rim, base), abs=0.01)
    assert mended.height == wrong.height


@given(rim=girths, base=girths, off=offs)
def test_paper_left_to_lie_as_it_wants_gives_the_true_girths_from_its_gaps_and_its_climb(rim, base, off):
    true = TaperedGlass(rim=rim, base=base, height=150.0)
    wrong = msgspec.structs.replace(true, rim=rim + off[0], base=base + off[1])
    seen = wrap_paper(wall_of(wrong), wall_of(true))
    mended = correct_by_proof(wrong, seen.rim_overlap, seen.base_overlap, seen.climb)
    assert (mended.rim, mended.base) == pytest.approx((rim, base), abs=0.01)


def test_paper_for_the_true_glass_just_closes_and_a_straighter_fan_climbs():
    glass = wall_of(TUMBLER)
    closed = wrap_paper(glass, glass)
    assert (closed.rim_overlap, closed.base_overlap, closed.climb) == pytest.approx((0, 0, 0), abs=1e-9)
    straighter = wrap_paper(wall_of(msgspec.structs.replace(TUMBLER, base=TUMBLER.base + 4)), glass)
    # a fan bent too little keeps its ends too low or too high, never level: which, its own apex tells
    assert isinstance(straighter, ProofSeen) and abs(straighter.climb) > 2
    assert straighter.climb * wrap_paper(
        wall_of(msgspec.structs.replace(TUMBLER, base=TUMBLER.base - 4)), glass).climb < 0


def test_a_straight_wall_has_one_girth_and_no_girth_can_vanish():
    assert correct_by_proof(LANTERN, pi, 99.0).rim == pytest.approx(LANTERN.rim - 1)
    for climb in (None, 3.0):
        with pytest.raises(GlassError, match=r"overlap is longer than the way round|fits no glass"):
            correct_by_proof(TUMBLER, 400.0, 0.0, climb)
