"""Places to keep clear, the pane's outline, and the largest motif beside them."""

from math import pi, radians

import numpy as np
import pytest
import shapely
from hypothesis import given, settings
from hypothesis import strategies as st

from specimens import FLARE_IN, LANTERN, PLAQUE, TUMBLER, job, remedied, run, star_job
from vitrograph.core.errors import GlassError
from vitrograph.core.findings import Code, Level
from vitrograph.core.glass import Motif, Pane, along_at, blocks_of, largest_motif, wall_of
from vitrograph.core.job import CurvedGlass, Features, FlatGlass, KeepOut

OVAL = FlatGlass(width=240, height=160, outline="oval")
HANDLED = Features(foot=6.0, bead=4.0, keep_out=(KeepOut("handle", wide=30.0, low=20.0, high=100.0),
                                                 KeepOut("seam", angle=1.2, wide=4.0)))


@pytest.mark.parametrize("glass", [TUMBLER, LANTERN, CurvedGlass(), PLAQUE])
def test_heights_along_the_wall_are_those_a_ruler_beside_it_reads(glass):
    wall = wall_of(glass)
    upright = np.linspace(0, wall.upright, 30)
    along = along_at(wall, upright + wall.stands)
    z = wall.in_space(np.column_stack([np.zeros(30), along]))[:, 2]
    np.testing.assert_allclose(z, upright, atol=0.01)


def test_a_handle_keeps_its_width_clear_at_its_narrowest_parallel():
    wall = wall_of(TUMBLER)
    _, _, handle, seam = blocks_of(wall, HANDLED)
    radius = wall.scale(np.array([handle.s_low]))[0]
    assert (handle.u_high - handle.u_low) * radius == pytest.approx(30.0)
    assert handle.near(-3.0, wall).u_low == pytest.approx(handle.u_low - 2 * pi)
    assert seam.s_low == 0 and seam.s_high == pytest.approx(wall.length)


keep_outs = st.builds(KeepOut, what=st.just("other"), angle=st.floats(-3.1, 3.1), across=st.floats(-90, 90),
                      wide=st.floats(5, 80), low=st.floats(0, 60), high=st.floats(61, 130))


@given(places=st.lists(keep_outs, max_size=4), aspect=st.floats(0.3, 4),
       glass=st.sampled_from([TUMBLER, LANTERN, PLAQUE]))
@settings(max_examples=60)
def test_the_largest_motif_lies_on_the_glass_clear_of_everything(places, aspect, glass):
    wall = wall_of(glass)
    blocks = blocks_of(wall, Features(foot=5.0, keep_out=tuple(places)))
    motif = largest_motif(wall, blocks, 8.0, aspect)
    if motif is None:
        return
    assert motif.width == pytest.approx(motif.height * aspect)
    half = motif.width / 2 / wall.scale(np.array([motif.s]))[0]
    low, high = motif.s - motif.height / 2, motif.s + motif.height / 2
    assert low >= 8 - 1e-9 and high <= wall.length - 8 + 1e-9
    for block in (kept.near(motif.u, wall) for kept in blocks):
        apart = block.s_low >= high - 1e-9 or block.s_high <= low + 1e-9
        assert apart or motif.u + half <= block.u_low + 1e-9 or motif.u - half >= block.u_high - 1e-9


def clear_distance(wall, blocks, motif):
    """From a motif's edge, sampled all along, to the nearest block and the wall's own edge, mm; brute force."""
    half, tall = motif.width / 2 / wall.scale(np.array([motif.s]))[0], motif.height / 2
    t = np.linspace(-1, 1, 41)
    rim = np.concatenate([np.column_stack([t * half, np.full(41, way * tall)]) for way in (-1, 1)]
                         + [np.column_stack([np.full(41, way * half), t * tall]) for way in (-1, 1)])
    rim = rim + [motif.u, motif.s]
    far = [np.minimum(rim[:, 1], wall.length - rim[:, 1]).min()]
    if isinstance(wall, Pane):
        edge = shapely.Polygon(wall.edge(0.001)).exterior if wall.oval else shapely.box(
            -wall.span / 2, 0, wall.span / 2, wall.length).exterior
        far.append(shapely.distance(shapely.points(rim), edge).min())
    for block in blocks:
        s = np.linspace(block.s_low, block.s_high, 60)
        for u in np.linspace(block.u_low, block.u_high, 30):
            off = np.abs(rim[:, None, 0] - u)
            off = np.minimum(off % wall.span, -off % wall.span) if wall.closed else off
            scale = np.minimum(wall.scale(rim[:, 1])[:, None], wall.scale(s)[None])
            far.append(np.hypot(off * scale, rim[:, None, 1] - s[None]).min())
    return min(far)


@given(places=st.lists(keep_outs, min_size=1, max_size=2), aspect=st.floats(0.4, 3),
       glass=st.sampled_from([TUMBLER, FLARE_IN, PLAQUE, OVAL]))
@settings(max_examples=8, deadline=None)
def test_the_largest_motif_is_never_much_smaller_than_the_true_one_nor_nearer_than_its_border(places, aspect, glass):
    wall = wall_of(glass)
    blocks = blocks_of(wall, Features(keep_out=tuple(places)))
    motif = largest_motif(wall, blocks, 12.0, aspect)
    if motif is not None:
        assert clear_distance(wall, blocks, motif) >= 12.0 - 0.15, "but for the steps in which it is looked at"
    best, half = 0.0 if motif is None else motif.height, wall.span / 2
    chance = np.random.default_rng(1)
    for u, s in zip(chance.uniform(-half, half, 80), chance.uniform(0, wall.length, 80), strict=True):
        tried = Motif(1.03 * best * aspect + 0.1, 1.03 * best + 0.1, float(u), float(s))
        assert clear_distance(wall, blocks, tried) < 12.0 or reaches_over(wall, blocks, tried), tried


def reaches_over(wall, blocks, motif):
    half, tall = motif.width / 2 / wall.scale(np.array([motif.s]))[0], motif.height / 2
    shape = shapely.box(motif.u - half, motif.s - tall, motif.u + half, motif.s + tall)
    outside = motif.s - tall < 0 or motif.s + tall > wall.length or half > wall.span / 2
    if isinstance(wall, Pane):
        outside |= not (shapely.Polygon(wall.edge(0.01)) if wall.oval else shapely.box(
            -wall.span / 2, 0, wall.span / 2, wall.length)).contains(shape)
    return outside or any(shape.intersects(block.near(motif.u, wall).shape) for block in blocks)


def test_on_a_taper_the_largest_motif_stands_where_the_glass_is_wider():
    wall = wall_of(FLARE_IN)
    motif = largest_motif(wall, (), 12.0, 6.0, (radians(120), 600.0))
    wide = wall.scale(np.array([0.0, wall.length]))
    assert (motif.s > wall.length / 2) == (wide[1] > wide[0]), "up, or down, from its middle"


def test_the_largest_motif_beside_a_handle_is_plain_arithmetic():
    wall = wall_of(LANTERN)
    handled = blocks_of(wall, Features(keep_out=(KeepOut("handle", wide=40.0),)))
    # once round less the handle and two borders; the middle is opposite the handle
    motif = largest_motif(wall, handled, 10.0, 8.0)
    assert motif.width == pytest.approx(pi * LANTERN.rim - 40 - 20) and motif.u == pytest.approx(0, abs=1e-9)
    reads = largest_motif(wall, handled, 10.0, 8.0, (pi / 2, 600.0))
    assert reads.width == pytest.approx(LANTERN.rim / 2 * pi / 2)
    # a square in a circle of diameter d has the side d / sqrt 2
    assert largest_motif(Pane(100, 100, oval=True), (), 0.0, 1.0).width == pytest.approx(100 / 2**0.5, rel=1e-3)


def test_art_over_a_seam_is_a_stop_with_a_remedy_that_clears_it():
    stopped = run(star_job(features=HANDLED, fit__angle=1.2, fit__from_rim=30.0))
    found = next(f for f in stopped.findings() if f.code.value == "keep-out" and f.level.value == "stop")
    assert "runs over the seam" in found.says and stopped.stopped
    mended = run(remedied(stopped.job, found.remedy))
    assert not [f for f in mended.findings() if f.code.value == "keep-out" and f.level.value == "stop"]
    near = run(job(features=HANDLED, fit__angle=0.5, width=30.0, fit__from_rim=30.0, stencil__border=20.0))
    assert [f.says for f in near.findings() if f.code.value == "keep-out"] == ["the border lies over the seam"]


@pytest.mark.parametrize("wrap", [False, True])
@pytest.mark.parametrize("times", [2, 3, 4])
@pytest.mark.parametrize("which", [1, 2])
def test_copies_round_a_handled_mug_are_all_moved_clear_of_the_handle(times, which, wrap):
    made = job("Ada", width=45.0, fit__times=times, fit__wrap=wrap, fit__from_rim=40.0, stencil__border=8.0,
               features=Features(keep_out=(KeepOut(angle=(which - 1) * 2 * pi / times, wide=20.0),)))
    (found, *_) = (found for found in run(made).findings() if found.code is Code.KEEP_OUT)
    assert found.says == "the art runs over the handle" + ("" if wrap else f", in stencil {which} of {times}")
    for remedy in found.remedies:
        mended = run(remedied(made, remedy))
        assert Code.KEEP_OUT not in [one.code for one in mended.findings() if one.level is Level.STOP]
        whole, fewer = mended.fitted.size[0] == pytest.approx(45.0, abs=0.1), mended.job.fit.times < times
        assert whole or not fewer, "fewer of them are as large as they were"
    assert whole


def test_a_frame_and_an_oval_limit_a_pane():
    assert wall_of(FlatGlass(width=254, height=174, frame=7)).span == 240
    with pytest.raises(GlassError, match="leaves nothing of this pane"):
        wall_of(FlatGlass(width=40, height=30, frame=15))
    oval = FlatGlass(width=200, height=120, outline="oval")
    inside = run(star_job(glass=oval, width=30.0, fit__from_rim=None))
    assert not inside.stopped
    outside = run(star_job(glass=oval, width=40.0, fit__from_rim=None, fit__across=85.0))
    assert "off-glass" in {f.code.value for f in outside.findings() if f.level.value == "stop"}
    # the sheet ends where the oval does
    whole = run(star_job(glass=oval, width=60.0, fit__from_rim=None, stencil__border=150.0))
    assert whole.sheet.outline.area == pytest.approx(pi * 100 * 60, rel=1e-3)


def test_what_is_kept_clear_on_a_pane_is_as_wide_as_typed_about_its_middle():
    seam = KeepOut("seam", across=12.0, wide=30.0, low=5.0, high=20.0)
    (block,) = blocks_of(wall_of(PLAQUE), Features(keep_out=(seam,)))
    assert block.shape.bounds == pytest.approx((-3.0, 5.0, 27.0, 20.0))
