"""Every way of laying on every wall the program takes ends within bounds, however wild the sizes."""

import pytest
import shapely

from specimens import job, svg
from vitrograph.core.errors import FitError, StageFault
from vitrograph.core.fit.chart import warp
from vitrograph.core.job import Artwork, BallGlass, CurvedGlass, Drawing, Features, Item, KeepOut, StraightGlass
from vitrograph.core.pipeline import Pipeline

DOTS = svg('<circle cx="8" cy="8" r="0.5"/><circle cx="92" cy="62" r="0.5"/><circle cx="50" cy="35" r="0.5"/>')
LAY = """
import random, sys, time
sys.path.insert(0, "tests")
from specimens import BallGlass, CurvedGlass, StraightGlass, TaperedGlass, Drawing, Item, Artwork, job, svg
from vitrograph.core.errors import StageFault, VitrographError
from vitrograph.core.job import Features, KeepOut
from vitrograph.core.pipeline import Pipeline
rng = random.Random(sys.argv[1])
dots = svg('<circle cx="8" cy="8" r="0.5"/><circle cx="92" cy="62" r="0.5"/><circle cx="50" cy="35" r="0.5"/>')
def wall():
    kind = rng.randrange(4)
    if kind == 0:                                        # from nearly a disc to nearly a tube, to either side
        high, low = rng.uniform(30, 150), rng.uniform(10, 100)
        return TaperedGlass(rim=max(5.0, low + 2 * high * rng.choice([0.99, -0.99, rng.uniform(-1, 1)])), base=low,
                            height=high, height_is=rng.choice(["upright", "slant"]))
    if kind == 1:
        return StraightGlass(rim=rng.uniform(10, 120), height=rng.uniform(20, 200))
    if kind == 2:
        return BallGlass(diameter=rng.uniform(30, 150))
    return CurvedGlass(stations=tuple((k * rng.uniform(20, 40), rng.uniform(20, 130)) for k in range(4)))
begun = time.monotonic()
for number in range(10):
    if time.monotonic() - begun > 30:                    # a slow machine tries fewer
        break
    made = job("Gull", width=rng.uniform(10, 100)) if rng.random() < 0.4 else job().changed(artwork=Artwork(
        (Item(Drawing(name="dots.svg", data=dots.encode()), key=1, size=rng.uniform(10, 120)),)))
    try:
        made = made.changed(glass=wall(), fit__mode=rng.choice(["eye", "eye", "rim", "letters", "straight"]),
                            fit__turn=rng.choice([0.0, rng.uniform(-1.5, 1.5)]),
                            fit__rows=rng.choice([1, 1, 2]), fit__relief=rng.random() < 0.3,
                            features=Features(keep_out=(KeepOut(angle=rng.uniform(-3, 3)),)),
                            stencil__kind=rng.choice(["resist", "clear", "decal"]),
                            stencil__outline=rng.choice(["fan", "art", "rectangle", "oval"]),
                            **({"fit__held": "top", "fit__from_rim": rng.uniform(0, 80)} if rng.random() < 0.5 else {}))
    except VitrographError:
        continue
    for _, error in Pipeline().run(made).failed:
        assert str(error) and "\\n" not in str(error)
        assert not isinstance(error, StageFault), (error.__cause__, made)
"""

STEEP = ("quick", "--glass", "taper", "--bottom", 25.4, "--top", 157.5, "--slant", 71, "--width", 35, "--mode", "eye")


def test_every_way_on_every_wall_ends_within_bounds(rng, bounded):
    ended = bounded("-c", LAY, rng.randrange(10**9))
    assert ended.code == 0, ended.stderr[-800:]


@pytest.mark.parametrize("made", [
    job("Kestrel\n\nPoint", width=70.0, face="Cinzel Bold", fit__mode="letters", fit__angle=1.48, fit__rows=2,
        stencil__kind="decal", features=Features(keep_out=(KeepOut(angle=2.5),)),
        glass=CurvedGlass(stations=((0.0, 52.9), (43.6, 91.2), (121.8, 48.7)))),
    job("Hi", width=100.0, fit__mode="eye", fit__angle=1.64, stencil__kind="clear",
        features=Features(keep_out=(KeepOut(angle=2.5),)),
        glass=CurvedGlass(stations=((0.0, 43.0), (40.7, 110.6), (154.6, 81.4)))),
    job("BOB8", width=110.0, face="Lobster Two", fit__mode="eye", fit__angle=-2.0, fit__rows=2,
        features=Features(keep_out=(KeepOut(angle=2.5),)), glass=StraightGlass(rim=85.3, height=143.4, stem=60.0)),
    job("i", width=90.0, fit__mode="eye", fit__columns=2, fit__relief=True, glass=BallGlass(diameter=119.8)),
    job().changed(                                             # an edge of film that comes to touch itself
        artwork=Artwork((Item(Drawing(name="dots.svg", data=DOTS.encode()), key=1, size=56.402805890391825),)),
        fit__mode="eye", fit__turn=-0.36694467167299205, fit__held="top", fit__from_rim=40.0, stencil__kind="clear",
        features=Features(keep_out=(KeepOut(angle=-0.2106275744969741),)),
        glass=CurvedGlass(stations=((0.0, 96.8308814401902), (23.675481811027492, 27.250268280358608),
                                    (56.83976387127933, 110.7153025327429), (95.47036648811607, 87.60197840370896)))),
    *(job("Hi", fit__from_rim=90.0, stencil__outline=outline, glass=StraightGlass(rim=50.0, height=32.0))
      for outline in ("art", "rectangle", "oval"))])           # below the foot: there is no film to cut

def test_outlines_that_cross_themselves_on_the_wall_are_no_fault_of_a_station(made):
    """Art for the eye folds where the wall goes out of sight; what is said of it is a sentence about the art."""
    assert not [error for _, error in Pipeline().run(made).failed if isinstance(error, StageFault)]


def test_a_map_that_has_no_place_for_a_point_is_a_sentence():
    with pytest.raises(FitError, match="bends too sharply"):
        warp(shapely.MultiPolygon([shapely.box(0, 0, 9, 9)]), lambda xy: xy * [1.0, float("nan")], 4.0)


def test_art_below_the_foot_of_a_steep_bowl_is_no_endless_slope(tmp_path, bounded):
    circles = "".join(f'<circle cx="{x}" cy="{y}" r="0.5"/>' for x, y in ((8, 8), (92, 62), (50, 35)))
    art = tmp_path / "three.svg"
    art.write_text('<svg xmlns="http://www.w3.org/2000/svg" width="100mm" height="70mm" viewBox="0 0 100 70">'
                   f"{circles}</svg>")
    for more in (("--from-rim", 40), ("--from-rim", 30), ("--from-rim", 40, "--seen-from", 376)):
        ended = bounded("-m", "vitrograph", *STEEP, *more, "--art", art, "--out", tmp_path / "out")
        assert ended.code in (1, 2) and bool(ended.sentence) == (ended.code == 2)
