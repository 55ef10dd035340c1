"""Readings to walls: girths, upright and slant, and what no glass can have."""

from math import hypot, pi

import pytest
from hypothesis import given

from strategies import diameters
from vitrograph.core.errors import GlassError, JobError
from vitrograph.core.glass import Frustum, Pane, wall_of
from vitrograph.core.job import FlatGlass, Job, StraightGlass, TaperedGlass


@given(rim=diameters, base=diameters)
def test_a_circumference_is_pi_times_the_diameter(rim, base):
    across = wall_of(TaperedGlass(rim=rim, base=base, height=400))
    around = wall_of(TaperedGlass(rim=rim * pi, base=base * pi, height=400, girth="circumference"))
    assert isinstance(across, Frustum) and isinstance(around, Frustum)
    assert around.rim_radius == pytest.approx(across.rim_radius, rel=1e-12)
    assert around.slant == pytest.approx(across.slant, rel=1e-12)


def test_upright_and_slant_are_told_apart():
    upright = wall_of(TaperedGlass(rim=120, base=60, height=100, height_is="upright"))
    slant = wall_of(TaperedGlass(rim=120, base=60, height=100, height_is="slant"))
    assert upright.length == pytest.approx(hypot(100, 30))
    assert slant.length == 100
    assert slant.upright == pytest.approx((100**2 - 30**2) ** 0.5)


def test_flat_and_straight_glass():
    assert wall_of(FlatGlass(width=210, height=140)) == Pane(210, 140)
    assert wall_of(StraightGlass(rim=80, height=100)) == Frustum(40, 40, 100)


@pytest.mark.parametrize("height", [29.9, 30.0])
def test_a_slant_not_longer_than_half_the_difference_is_no_glass(height):
    with pytest.raises(GlassError, match="half the difference of the diameters, 30\u202fmm; measure the slant"):
        wall_of(TaperedGlass(rim=120, base=60, height=height, height_is="slant"))


@pytest.mark.parametrize("part", ["rim", "base", "height"])
@pytest.mark.parametrize("value", [0, -3, float("nan"), float("inf")])
def test_zero_negative_and_endless_readings_are_refused(part, value):
    with pytest.raises(JobError, match=f"glass {part}"):
        Job().changed(**{f"glass__{part}": value})
