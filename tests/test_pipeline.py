"""The pipeline: nothing is worked out twice, errors stay at their station, work can be cancelled."""

from threading import Event

import pytest
import shapely

from specimens import FIFTEEN, finished, job, star_job
from vitrograph.core.artwork.composing.compose import CURVE_DEVIATION_MM, compose
from vitrograph.core.errors import Cancelled, GlassError, NothingYet
from vitrograph.core.job import TaperedGlass
from vitrograph.core.pipeline import Pipeline
from vitrograph.core.stations import STATIONS
from vitrograph.core.telling.answers import answer
from vitrograph.core.telling.plan_json import plan_of

RESULTS = ("wall", "art", "mapped", "fitted", "room", "assessed", "sheet", "cut", "weed", "transfer", "etch",
           "stencil_findings", "demands")


def recomputed(before, after):
    return {name for name in RESULTS if getattr(before, name) is not getattr(after, name)}


@pytest.mark.parametrize(("change", "expected"), [
    ({"etch__recipe": FIFTEEN}, {"etch"}),
    ({"transfer__roll_width": 90.0}, {"transfer"}),
    ({"cut__over_run": 1.0}, {"cut"}),
    ({"stencil__least_web": 0.5}, {"stencil_findings", "demands", "weed", "transfer"}),
    ({"name": "Other"}, set()),
    ({"count": 3}, set()),
    ({"material": "unknown"}, {"etch", "assessed", "transfer", "stencil_findings"}),
    ({"tools__girth": "calipers"}, {"assessed"}),
    ({"stencil__border": 16.0}, set(RESULTS) - {"wall", "art"}),
    ({"fit__angle": 0.5}, set(RESULTS) - {"wall", "art", "mapped"}),
    ({"glass__rim": 92.0}, set(RESULTS) - {"art"}),
    ({"artwork__items__0__what__text": "Other"}, set(RESULTS) - {"wall"}),
])
def test_a_change_recomputes_only_what_depends_on_it(change, expected):
    pipeline = Pipeline()
    made = job(face="Zilla Slab Bold")                     # slab serifs: there is something to find
    before = pipeline.run(made)
    after = pipeline.run(made.changed(**change))
    assert recomputed(before, after) == expected
    assert recomputed(before, pipeline.run(made)) == set()          # undo costs nothing


def test_an_impossible_glass_stops_its_station_and_leaves_the_art():
    results = Pipeline().run(job(glass=TaperedGlass(rim=120, base=40, height=20, height_is="slant")))
    assert isinstance(results.error("glass"), GlassError)
    assert results.art is not None and results.fitted is None and results.complete
    with pytest.raises(GlassError):
        results.finished()


def test_no_art_yet_is_an_empty_state():
    results = Pipeline().run(job(""))
    assert isinstance(results.error("artwork"), NothingYet)
    assert [answer(results, station) for station in STATIONS[1:]] == [""] * 8


def test_results_grow_stage_by_stage():
    known = [sum(getattr(results, name) is not None for name in RESULTS) for results in Pipeline().steps(job())]
    assert known == [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 13, 13]


def test_cancelled_work_stops_at_the_next_stage():
    cancel, pipeline = Event(), Pipeline()
    steps = pipeline.steps(job(), cancel)
    next(steps)
    cancel.set()
    with pytest.raises(Cancelled):
        next(steps)
    assert pipeline.run(job()).complete


@pytest.mark.parametrize("size", [20.0, 90.0, 400.0])
def test_curves_are_as_fine_as_their_size_on_the_glass_wants(size):
    made = job(glass__rim=900.0, glass__base=900.0, glass__height=900.0, width=size)
    fine = Pipeline().run(made).art
    truth = compose(made.artwork, CURVE_DEVIATION_MM / 64)
    assert shapely.hausdorff_distance(fine.shape, truth.shape) <= CURVE_DEVIATION_MM


def test_a_plan_has_every_part_that_scripts_rely_on():
    plan = plan_of(finished(star_job(count=2)))
    assert set(plan) == {"order", "pieces", "left_out", "cut", "etch"}
    piece, = plan["pieces"]
    assert set(piece) == {"name", "count", "row", "glass", "artwork", "fit", "stencil", "weed", "transfer"}
    assert set(piece["fit"]["fan"]) == {"outer_radius_mm", "inner_radius_mm", "sweep_deg"}
    assert {"film_area_mm2", "opening_area_mm2", "openings", "islands", "findings"} <= set(piece["stencil"])
    assert {"sheets", "paths", "nodes", "cut_mm", "travel_mm", "seconds", "cost", "pieces"} <= set(plan["cut"])
    sheet, = plan["cut"]["sheets"]
    assert {"film", "film_mm", "used_mm", "left_over_mm", "stencils"} <= set(sheet)
    assert [(one["piece"], one["copy"]) for one in sheet["stencils"]] == [(piece["name"], 1), (piece["name"], 2)]
    assert {"row", "at_mm", "turn_deg", "outline_mm"} <= set(sheet["stencils"][0])
    assert sheet["used_mm"][0] + sheet["left_over_mm"] == pytest.approx(sheet["film_mm"][0], abs=1e-3)
    assert plan["cut"]["pieces"][0]["stencils"] == 2 and plan["cut"]["seconds"] == pytest.approx(sheet["seconds"])
    assert plan["etch"]["area_mm2"] == pytest.approx(2 * piece["stencil"]["frosted_area_mm2"])
    assert piece["weed"]["pieces"][0]["kind"] == "frame"
    assert answer(Pipeline().run(star_job()), "glass") == "90>64 × 132 mm"
