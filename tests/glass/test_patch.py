"""The usable patch against what a ruler and the line of sight allow."""

from math import acos, pi, radians

import pytest
from hypothesis import given
from hypothesis import strategies as st

from specimens import LANTERN, PLAQUE, TUMBLER, job, run
from vitrograph.core.glass import Ball, Frustum, usable_patch, wall_of


@given(radius=st.floats(15, 120), eye=st.floats(260, 2000), angle=st.floats(0.3, pi))
def test_a_straight_wall_reads_over_the_angle_or_as_far_as_it_is_in_sight(radius, eye, angle):
    # the tangent from distance d touches a circle at cos u = r / d
    patch = usable_patch(Frustum(radius, radius, 100.0), 50.0, 10.0, angle, eye)
    assert patch.widest == pytest.approx(radius * min(angle, 2 * acos(radius / eye)))
    assert patch.tallest == pytest.approx(80.0)


def test_the_patch_shrinks_towards_an_edge_and_never_below_nothing():
    wall = wall_of(LANTERN)
    assert usable_patch(wall, 30.0, 12.0, 2.0, 600).tallest == pytest.approx(36.0)
    assert usable_patch(wall, 5.0, 12.0, 2.0, 600).tallest == 0.0
    assert usable_patch(wall_of(PLAQUE), 80.0, 12.0, 2.0, 600).widest == pytest.approx(240 - 24)


def test_a_ball_reads_widest_at_its_equator():
    ball = Ball(40.0)
    equator, upper = (usable_patch(ball, s, 0.0, radians(120), 600).widest for s in (20 * pi, 30 * pi))
    assert equator == pytest.approx(40 * radians(120)) and upper < equator


def test_art_no_wider_than_the_patch_raises_no_finding_and_wider_art_does():
    base = run(job())
    widest = usable_patch(base.wall, base.fitted.chart.s0, 0.0, base.job.stencil.reading_angle, 600.0).widest
    narrow, wide = (run(job(glass=TUMBLER, fit__from_rim=None, width=widest * share)) for share in (0.9, 1.2))
    assert "reading-width" not in {found.code.value for found in narrow.findings()}
    assert "reading-width" in {found.code.value for found in wide.findings()}
