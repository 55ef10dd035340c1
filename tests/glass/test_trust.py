"""Materials and their cautions; readings' errors carried to the stencil, against a Monte Carlo run."""

from math import hypot, pi

import msgspec
import numpy as np
import pytest

from specimens import FLARE_IN, LANTERN, PLAQUE, TUMBLER, job, run
from vitrograph.core.findings import Code
from vitrograph.core.glass import MATERIALS, trust_in, wall_of
from vitrograph.core.job import BallGlass, CurvedGlass, Tools

CARAFE = CurvedGlass(stations=((0.0, 70.0), (60.0, 118.0), (120.0, 96.0)))


@pytest.mark.parametrize("tools", [Tools(), Tools("calipers", "ruler"), Tools("tape", "tape")])
@pytest.mark.parametrize("glass", [TUMBLER, FLARE_IN])
def test_the_propagated_errors_are_those_of_many_measured_glasses(glass, tools):
    draw = np.random.default_rng(11).normal
    girths, heights = draw(0, tools.error_of(tools.girth), (4000, 2)), draw(0, tools.error_of(tools.height), 4000)
    s0 = 70.0
    rounds, rises = [], []
    for (rim, base), height in zip(girths, heights, strict=True):
        wall = wall_of(msgspec.structs.replace(
            glass, rim=glass.rim + rim, base=glass.base + base, height=glass.height + height))
        radius = wall.scale(np.array([s0]))[0]
        rounds.append(2 * pi * radius)
        u, cone = 35.0 / radius, wall.sheeting()
        rises.append(cone.develop(np.array([[u, s0], [0.0, s0]]))[:, 1] @ [1, -1])
    trust = trust_in(glass, tools, 70.0, 0.0, s0)
    assert trust.closing == pytest.approx(np.std(rounds), rel=0.05)
    assert trust.corner == pytest.approx(np.std(rises), rel=0.15)    # a low art's corners move up and down, little else


def test_the_reading_worth_repeating_is_the_one_that_does_most():
    assert trust_in(TUMBLER, Tools("ruler", "ruler"), 70, 30, 100).repeat == "the rim"
    assert trust_in(TUMBLER, Tools("ruler", "ruler"), 70, 30, 20).repeat == "the base"
    assert "station 2" in trust_in(CARAFE, Tools(), 60, 30, 75).repeat
    better = trust_in(TUMBLER, Tools("calipers", "calipers"), 70, 30, 100)
    assert better.closing < 0.2 * trust_in(TUMBLER, Tools(), 70, 30, 100).closing


@pytest.mark.parametrize(("glass", "closing"), [
    (LANTERN, 0.5 * pi), (BallGlass(diameter=80.0), 0.5 * pi), (PLAQUE, 0.0)])
def test_closing_where_it_is_plain(glass, closing):
    s0 = wall_of(glass).length / 2
    assert trust_in(glass, Tools(), 40, 20, s0).closing == pytest.approx(closing, abs=0.02)


def test_a_taper_closes_by_both_its_girths():
    middle = wall_of(TUMBLER).length / 2
    # at mid height each diameter's error counts half, and the two add as squares; the height's share is small
    assert trust_in(TUMBLER, Tools(), 60, 20, middle).closing == pytest.approx(pi * hypot(0.25, 0.25), rel=0.01)


@pytest.mark.parametrize("name", list(MATERIALS))
def test_doubtful_glass_is_tried_first_and_nothing_is_promised(name):
    results = run(job(material=name))
    found = [f for f in results.findings("glass") if f.code is Code.MATERIAL]
    steps = " ".join(step.says for step in results.etch.steps)
    assert bool(found) == MATERIALS[name].doubtful == ("hidden spot" in steps)
    assert not any(word in MATERIALS[name].expect.lower() for word in ("always", "certain", "guarantee"))
    cautions = " ".join(step.caution for step in results.etch.steps)
    assert "cracked" in cautions and MATERIALS[name].caution in cautions


def test_leaded_glass_carries_its_own_caution():
    assert "Leaded" in MATERIALS["crystal"].caution and "Keep food and drink off it" in MATERIALS["crystal"].caution
