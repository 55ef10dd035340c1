"""The room for a motif: what reads from the front, less the border and places kept clear; and the size that fits."""

from math import pi

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from specimens import LANTERN, PLAQUE, TUMBLER, job, remedied, run, star_job
from vitrograph.core.fit import make_it_fit
from vitrograph.core.fit.room import room_outline
from vitrograph.core.glass import eye_before, reading_turn, wall_of
from vitrograph.core.job import BallGlass, CurvedGlass, Features, FlatGlass, KeepOut
from vitrograph.core.pipeline import Pipeline

CARAFE = CurvedGlass(stations=((0.0, 74.0), (55.0, 122.0), (120.0, 98.0), (165.0, 52.0)))
GLASSES = [TUMBLER, LANTERN, PLAQUE, CARAFE, BallGlass(diameter=90.0),
           FlatGlass(width=220.0, height=130.0, outline="oval")]


def test_on_a_straight_wall_the_room_is_the_border_and_the_reading_angle():
    wall = wall_of(LANTERN)
    outline = room_outline(wall, 12.0, 2.0, eye_before(wall, 600.0), 0.3)
    assert outline[:, 1].min() == 12.0 and outline[:, 1].max() == wall.length - 12.0
    assert np.ptp(outline[:, 0]) == pytest.approx(2.0) and outline[:, 0].mean() == pytest.approx(0.3)
    near = room_outline(wall, 12.0, pi, 300.0, 0.0)           # near by, less than half is in sight: cos = r / eye
    assert near[:, 0].max() == pytest.approx(np.arccos(49.0 / 300.0), abs=1e-6)
    assert reading_turn(wall, 70.0, pi, 300.0) / 2 == pytest.approx(np.arccos(49.0 / 300.0), abs=1e-6)


@pytest.mark.parametrize("glass", GLASSES)
@given(width=st.floats(10, 260), rim=st.floats(0, 60), angle=st.floats(-3, 3))
@settings(max_examples=8, deadline=None)
def test_the_size_offered_fits_and_a_larger_one_does_not(glass, width, rim, angle):
    made = star_job(glass=glass, width=min(width, 120.0), fit__from_rim=rim, fit__angle=angle)
    results = Pipeline().run(made)
    if results.room is None or results.room.fits or results.room.factor < 0.02:
        return                                                # on a ball art may reach a pole
    remedy = make_it_fit(results.room, results.fitted)
    smaller = run(remedied(results.job, remedy))
    assert smaller.room.fits
    if results.room.factor < 0.98:
        rim = smaller.job.fit.from_rim - 0.015 * smaller.fitted.size[1]               # about the same middle
        larger = run(smaller.job.changed(artwork=smaller.job.artwork.scaled(1.03), fit__from_rim=rim))
        assert not larger.room.fits
    else:
        assert remedy.label == "Move it into the room" or results.room.factor < 1


def test_places_kept_clear_are_no_room():
    free = run(job(width=50.0, fit__from_rim=30.0))
    handled = run(job(width=50.0, fit__from_rim=30.0, features=Features(keep_out=(KeepOut(angle=0.1, wide=20.0),))))
    assert free.room.fits and not handled.room.fits
    assert not run(job(width=60.0, glass=FlatGlass(width=70.0, height=20.0), fit__from_rim=None)).room.fits
