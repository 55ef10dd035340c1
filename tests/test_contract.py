"""Contracts that hold for every kind of glass, every writer and every station alike."""

import json
import re
from typing import get_args

import numpy as np
import pytest
import shapely
from hypothesis import given, settings
from hypothesis import strategies as st
from shapely.geometry import LineString

from specimens import finished, in_mm, job, run, star_job
from strategies import words
from vitrograph.core.artwork import compose
from vitrograph.core.cut import to_hpgl
from vitrograph.core.demo import DemoName, demo_job
from vitrograph.core.export import OF_A_PIECE, PACKET, write_files
from vitrograph.core.findings import Level, worst
from vitrograph.core.glass import generic_glasses, wall_of
from vitrograph.core.job import Artwork, Drawing, Item
from vitrograph.core.pipeline import Pipeline
from vitrograph.core.stations import STATIONS
from vitrograph.core.storing.orderfile import load_order
from vitrograph.core.telling.answers import answer, summary_lines
from vitrograph.core.telling.plan_json import plan_of
from vitrograph.devices.cutter import run_hpgl

SHELF = {shape.name: shape for shape in generic_glasses()}


def small_job(name, **changes):
    """A small star in the middle of a generic glass."""
    shape = SHELF[name]
    return star_job(glass=shape.glass, material=shape.material, width=18.0, fit__from_rim=None, **changes)


@pytest.mark.parametrize("name", list(SHELF))
def test_every_generic_glass_takes_a_stencil_from_plan_to_cutter(name):
    results = run(small_job(name))
    sheet = results.sheet
    assert sheet.film.area + sheet.openings.area == pytest.approx(sheet.outline.area, rel=1e-9)
    assert not results.stopped
    plan = plan_of(finished(results.job))
    assert json.loads(json.dumps(plan)) == plan
    trace = run_hpgl(to_hpgl(results.cut.paths))
    for cut, path in zip(trace.cuts, results.cut.paths, strict=True):
        assert shapely.hausdorff_distance(LineString(cut), LineString(path)) < 0.03
    assert all(answer(results, station) for station in STATIONS[:-1])


@pytest.mark.parametrize("name", list(SHELF))
def test_every_generic_glass_carries_points_to_the_sheet_and_back(name):
    chart = run(small_job(name)).fitted.chart
    art = np.random.default_rng(5).uniform(-8, 8, (50, 2))
    np.testing.assert_allclose(chart.sheet_to_wall(chart.to_sheet(art)), chart.to_wall(art), atol=1e-9)
    on_glass = chart.wall.in_space(chart.to_wall(art))
    assert np.isfinite(on_glass).all() and (on_glass[:, 2] >= -1e-9).all()


@pytest.mark.parametrize("name", list(SHELF))
def test_rows_keep_their_length_round_every_glass(name):
    chart = run(small_job(name)).fitted.chart
    row = np.column_stack([np.linspace(-8, 8, 400), np.zeros(400)])
    steps = np.diff(chart.wall.in_space(chart.to_wall(row)), axis=0)
    assert np.linalg.norm(steps, axis=1).sum() == pytest.approx(16.0, rel=1e-4)


@pytest.mark.parametrize("unit", ["mm", "in"])
def test_every_answer_is_short_and_in_the_makers_unit(unit):
    results = run(job("Kestrel\nPoint"))
    for station in STATIONS:
        text = answer(results, station, unit)
        assert len(text) <= 22
        assert not re.search(r"\d\s*mm" if unit == "in" else r"\d\s*in\b", text)
    assert len(summary_lines(finished(results.job))) >= 9


def test_the_packet_is_whole_and_reads_back(tmp_path):
    done = finished(job("Kestrel"))
    written = write_files(done, tmp_path / "a" / "b")
    assert {path.name for path in written} == {*OF_A_PIECE, PACKET, "cut.svg", "cut.dxf", "cut.plt", "cut.png",
                                             "plan.json", "job.vitro"}
    assert not [path for path in (tmp_path / "a" / "b").iterdir() if path.name.startswith(".")]
    assert load_order(tmp_path / "a" / "b" / "job.vitro").pieces == done.order.pieces
    again = {path.name: path.read_bytes() for path in written if path.name in (*OF_A_PIECE, "plan.json")}
    fresh = finished(job("Kestrel")).pieces[0]
    made = {name: writer.write(fresh, "mm") for name, writer in OF_A_PIECE.items()}
    assert made | {"plan.json": again["plan.json"]} == again


@given(text=words, size=st.floats(12, 60), rim=st.floats(15, 70))
@settings(max_examples=15)
def test_every_finding_says_where_what_and_why(text, size, rim):
    results = Pipeline().run(job(text, face="Cinzel Bold", width=size, fit__from_rim=rim))
    left, low, right, high = results.sheet.outline.buffer(1.0).bounds
    for found in results.findings():
        assert in_mm(found.says) and "\n" not in in_mm(found.says) and in_mm(found.why)
        if found.where is not None:
            assert left <= found.where[0] <= right and low <= found.where[1] <= high
        if found.level is not Level.NOTE and found.code.value in {"web", "opening", "border"}:
            assert found.value < found.limit
    assert results.stopped == (worst(results.findings()) is Level.STOP)


@pytest.mark.parametrize("name", get_args(DemoName))
def test_every_piece_of_the_demo_goes_from_plan_to_cutter(name, tmp_path):
    results = run(demo_job(name))
    sheet = results.sheet
    assert sheet.film.area + sheet.openings.area == pytest.approx(sheet.outline.area, rel=1e-9)
    assert not results.stopped and sheet.beyond.is_empty
    plan = plan_of(finished(results.job))
    assert json.loads(json.dumps(plan)) == plan
    assert {"strain", "relief_cuts", "bands", "closure_mm"} <= set(plan["pieces"][0]["fit"])
    for cut, path in zip(run_hpgl(to_hpgl(results.cut.paths)).cuts, results.cut.paths, strict=True):
        assert shapely.hausdorff_distance(LineString(cut), LineString(path)) < 0.03
    written = {path.name: path for path in write_files(finished(results.job), tmp_path / name)}
    assert load_order(written["job.vitro"]).job() == results.job
    # the SVG read back by our own reader of drawings has the film's area
    film = compose(Artwork((Item(Drawing("film.svg", written["stencil.svg"].read_bytes()), size_is="width",
                                  size=sheet.outline.bounds[2] - sheet.outline.bounds[0]),))).shape
    assert film.area == pytest.approx(sheet.film.area, rel=2e-3)
    assert {bit.kind for bit in results.weed.pull} == {"frame", "opening"}
    assert len(results.weed.pull) == len(sheet.outlines) + len(sheet.openings.geoms)


@pytest.mark.parametrize("name", list(SHELF))
def test_no_wall_is_shorter_than_it_is_high(name):
    wall = wall_of(SHELF[name].glass)
    assert wall.length >= wall.upright - 1e-9
    assert (wall.scale(np.linspace(0, wall.length, 30)) >= 0).all()
