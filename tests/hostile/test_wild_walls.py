"""Every way of laying on every wall the program takes ends within bounds, however wild the sizes."""

LAY = """
import random, sys, time
sys.path.insert(0, "tests")
from specimens import BallGlass, CurvedGlass, StraightGlass, TaperedGlass, Drawing, Item, Artwork, job, svg
from vitrograph.core.errors import VitrographError
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
                            **({"fit__held": "top", "fit__from_rim": rng.uniform(0, 80)} if rng.random() < 0.5 else {}))
    except VitrographError:
        continue
    for _, error in Pipeline().run(made).failed:
        assert str(error) and "\\n" not in str(error)
"""

STEEP = ("quick", "--glass", "taper", "--bottom", 25.4, "--top", 157.5, "--slant", 71, "--width", 35, "--mode", "eye")


def test_every_way_on_every_wall_ends_within_bounds(rng, bounded):
    ended = bounded("-c", LAY, rng.randrange(10**9))
    assert ended.code == 0, ended.stderr[-800:]


def test_art_below_the_foot_of_a_steep_bowl_is_no_endless_slope(tmp_path, bounded):
    circles = "".join(f'<circle cx="{x}" cy="{y}" r="0.5"/>' for x, y in ((8, 8), (92, 62), (50, 35)))
    art = tmp_path / "three.svg"
    art.write_text('<svg xmlns="http://www.w3.org/2000/svg" width="100mm" height="70mm" viewBox="0 0 100 70">'
                   f"{circles}</svg>")
    for more in (("--from-rim", 40), ("--from-rim", 30), ("--from-rim", 40, "--seen-from", 376)):
        ended = bounded("-m", "vitrograph", *STEEP, *more, "--art", art, "--out", tmp_path / "out")
        assert ended.code in (1, 2) and bool(ended.sentence) == (ended.code == 2)
