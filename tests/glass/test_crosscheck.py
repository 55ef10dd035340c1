"""The other height and water, against handbook formulas."""

from math import hypot, pi

import msgspec
import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from specimens import LANTERN, PLAQUE, TUMBLER, in_mm
from vitrograph.core.errors import GlassError
from vitrograph.core.glass import check_heights, check_water, wall_of
from vitrograph.core.job import BallGlass, CurvedGlass, TaperedGlass, Tools

TOOLS = Tools()
CONE = TaperedGlass(rim=140.0, base=60.0, height=90.0)


@given(rim=st.floats(40, 200), base=st.floats(40, 200), height=st.floats(110, 300))
def test_true_heights_agree_whichever_was_typed_first(rim, base, height):
    slant = hypot(height, (rim - base) / 2)
    for first, kind, other in ((height, "upright", slant), (slant, "slant", height)):
        check = check_heights(TaperedGlass(rim=rim, base=base, height=first, height_is=kind), other, TOOLS)
        assert check.agrees and check.expected == pytest.approx(other) and check.rim_shift < 1e-6


def test_heights_mixed_up_are_told_with_what_it_would_cost():
    same = check_heights(CONE, 90.0, TOOLS)
    assert not same.agrees and "both were taken upright, or both slant" in in_mm(same.says)
    # believed, the wall would be a cone of slant 90: its rim's ends move by the difference of the two developments
    believed = wall_of(msgspec.structs.replace(CONE, height=90.0, height_is="slant"))
    ends = [w.sheeting().develop(np.array([[pi, w.slant], [0, w.slant]])) for w in (wall_of(CONE), believed)]
    assert same.rim_shift == pytest.approx(np.hypot(*((ends[0][0] - ends[0][1]) - (ends[1][0] - ends[1][1]))))
    assert same.rim_shift > 5
    assert "a tape slips on a wall" in in_mm(check_heights(CONE, 120.0, TOOLS).says)
    with pytest.raises(GlassError, match="cannot join these girths"):
        check_heights(CONE, 20.0, TOOLS)


def test_water_of_a_frustum_is_the_handbooks():
    # frustum pi h (r1² + r1 r2 + r2²)/3 (CRC Standard Mathematical Tables);
    # water 0.9982 g/ml at 20 °C (CRC Handbook of Chemistry and Physics)
    volume = pi * 90 * (30**2 + 30 * 70 + 70**2) / 3
    assert check_water(CONE, 1e-9, 1e-9, 1.0, TOOLS).expected_g == pytest.approx(volume / 1000 * 0.9982, rel=1e-6)
    thick = check_water(LANTERN, 2.0, 5.0, 1.0, TOOLS).expected_g
    assert thick == pytest.approx(pi * 47.0**2 * 135.0 / 1000 * 0.9982, rel=1e-3)


@given(wider=st.floats(-2, 2))
def test_water_names_the_diameter_error_that_explains_it(wider):
    true = TaperedGlass(rim=TUMBLER.rim + wider, base=TUMBLER.base + wider, height=TUMBLER.height)
    held = check_water(true, 2.0, 6.0, 1.0, TOOLS).expected_g
    check = check_water(TUMBLER, 2.0, 6.0, held, TOOLS)
    assert check.diameter_error == pytest.approx(wider, abs=0.05)
    assert ("agrees" in in_mm(check.says)) == (abs(check.diameter_error) <= 0.5)


@pytest.mark.parametrize(("glass", "wall", "grams", "sentence"), [
    (PLAQUE, 2.0, 100.0, "a pane holds no water"),
    (TUMBLER, 60.0, 100.0, "the wall is thicker than the glass is wide"),
    (TUMBLER, 0.0, 100.0, "thick the wall and the bottom are is not typed"),
    (TUMBLER, 2.0, 0.0, "must be more than 0"),
    (TUMBLER, 2.0, -5.0, "must be more than 0, got -5 g"),
])
def test_water_that_cannot_be_weighed(glass, wall, grams, sentence):
    with pytest.raises(GlassError, match=sentence):
        check_water(glass, wall, 5.0, grams, TOOLS)


def test_a_bottom_as_thick_as_the_glass_is_high_is_refused():
    with pytest.raises(GlassError, match="the bottom is as thick as the glass is high"):
        check_water(TUMBLER, 2.0, TUMBLER.height, 100.0, TOOLS)


def test_a_ball_and_a_leaning_wall_are_as_thick_as_is_measured_square_to_them():
    # sphere 4/3 pi r³, and the cone again with radii less t / cos of its lean (CRC Standard Mathematical Tables)
    held = check_water(BallGlass(diameter=80.0), 2.0, 2.0, 1.0, TOOLS).expected_g
    assert held == pytest.approx(4 / 3 * pi * 38**3 / 1000 * 0.9982, rel=1e-4)
    thinner = 2.0 * hypot(40.0, 90.0) / 90.0
    low, high = 30 - thinner, 70 - thinner
    held = check_water(CONE, 2.0, 1e-9, 1.0, TOOLS).expected_g
    assert held == pytest.approx(pi * 90 * (low**2 + low * high + high**2) / 3 / 1000 * 0.9982, rel=5e-3)


def test_a_curved_wall_holds_what_its_discs_hold():
    curved = CurvedGlass(stations=((0.0, 60.0), (100.0, 60.0)))
    held = check_water(curved, 1e-9, 1e-9, 1.0, TOOLS).expected_g
    assert held == pytest.approx(pi * 900 * 100 / 1000 * 0.9982, rel=1e-6)
