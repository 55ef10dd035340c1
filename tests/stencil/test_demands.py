"""The seal, its riskiest places, and the scale of the work."""

import numpy as np
import pytest
import shapely
from shapely.geometry import Point

from specimens import ORNAMENT, in_mm, job, plan_piece, run, star_job, svg
from vitrograph.core.job import Drawing

GRADES = ["easy", "fair", "fiddly", "hard"]


def drawn(body, width=40.0, **changes):
    return run(star_job(width=width, artwork__items__0__what=Drawing("d.svg", svg(body).encode()), **changes))


def test_the_seal_is_as_long_as_the_openings_edges_and_as_wide_as_is_said():
    demands = drawn('<circle cx="50" cy="50" r="50"/>').demands
    radius = 20.0
    assert demands.seal.length == pytest.approx(2 * np.pi * radius, rel=1e-3)
    assert demands.seal.area == pytest.approx(np.pi * ((radius + 3) ** 2 - radius**2), rel=0.01)
    assert not demands.seal.risks
    wide = drawn('<circle cx="50" cy="50" r="50"/>', stencil__seal=6.0).demands.seal
    assert wide.area == pytest.approx(np.pi * ((radius + 6) ** 2 - radius**2), rel=0.01)


@pytest.mark.parametrize(("notch", "found"), [(26, 1), (40, 1), (58, 1), (62, 0), (90, 0)])
def test_sharp_corners_of_film_are_risky_and_sharp_corners_of_openings_are_not(notch, found):
    deep = 30.0
    half = deep * np.tan(np.radians(notch / 2))
    with_notch = f'<path d="M0 0H100V{50 - half}L{100 - deep} 50 100 {50 + half}V100H0Z"/>'
    risks = drawn(with_notch).demands.seal.risks
    assert len(risks) == found
    if found:
        assert risks[0].kind == "corner" and risks[0].says.endswith(f"{notch}°")
        assert Point(risks[0].where).distance(Point(8, 77)) < 30
    assert not drawn(f'<path d="M0 50 100 {50 - half} 100 {50 + half}Z"/>').demands.seal.risks


def test_risks_are_ranked_and_apart_and_the_thinner_the_riskier():
    webs = "".join(f'<rect x="{x}" y="0" width="10" height="40"/>' for x in (0, 10.6, 21.8))
    risks = drawn(webs + '<path d="M40 60H100V100H40Z"/>').demands.seal.risks
    assert [risk.kind for risk in risks] == ["web", "web"]
    assert risks[0].score > risks[1].score and "0.24" in in_mm(risks[0].says)
    places = [Point(risk.where) for risk in run(job("Kestrel\nPoint", face="Cinzel Bold")).demands.seal.risks]
    tree = shapely.STRtree(places)
    assert len(places) > 5 and all(len(tree.query(place, "dwithin", distance=2.99)) == 1 for place in places)


def test_film_that_gives_is_told_where_it_gives_most():
    results = run(star_job(glass=ORNAMENT, width=52.0, fit__from_rim=None))
    strains = [risk for risk in results.demands.seal.risks if risk.kind == "strain"]
    assert strains and strains[0].score == max(risk.score for risk in strains)
    middle = np.array(results.sheet.openings.centroid.coords[0])
    assert np.hypot(*(np.array(strains[0].where) - middle)) > 15           # out at the tips, not in the middle


def test_film_far_beyond_what_it_takes_is_still_told_worst_first():
    results = run(star_job(glass=ORNAMENT, width=62.0, fit__from_rim=None))
    strains = [risk for risk in results.demands.seal.risks if risk.kind == "strain"]
    gives = [float(in_mm(risk.says).split()[-2]) for risk in strains]
    worst = 100 * max(film.strain_at_openings for film in results.fitted.films)
    assert gives == sorted(gives, reverse=True) and gives[0] == pytest.approx(worst, abs=0.11) and gives[1] > 3


def test_the_grade_rises_with_the_work_and_says_why():
    easy = drawn('<circle cx="50" cy="50" r="50"/>').demands.work
    assert (easy.grade, easy.reasons, easy.openings, easy.islands) == ("easy", (), 1, 0)
    many = run(job("Kestrel Point\nObservatory\nopen night", width=70.0)).demands.work
    hard = run(job("Kestrel Point\nObservatory\nopen night", face="Cinzel Bold", width=30.0)).demands.work
    assert GRADES.index(easy.grade) < GRADES.index(many.grade) <= GRADES.index(hard.grade)
    assert f"{many.openings} openings to pull" in many.reasons
    assert "too thin or too small" in " ".join(map(in_mm, hard.reasons))
    assert hard.failing > many.failing and hard.smallest < many.smallest
    tied = run(job("BOPQ8", stencil__ties__placed="auto")).demands.work
    assert tied.islands == 0 and tied.ties >= 7


def test_the_plan_tells_all_of_it():
    stencil = plan_piece(job("Kestrel", face="Cinzel Bold", stencil__ties__placed="auto"))["stencil"]
    thin = [found for found in stencil["findings"] if found["code"] == "opening"]
    assert thin and all(0 < found["value"] < found["limit"] == 0.8 for found in thin)
    assert stencil["ties"] == [] and stencil["one_piece"] is False and stencil["one_piece_says"]
    assert stencil["work"]["grade"] in GRADES and stencil["seal"]["length_mm"] > 100 and stencil["kind"] == "resist"
    assert stencil["seal"]["places"][0]["risk"] >= stencil["seal"]["places"][-1]["risk"]
