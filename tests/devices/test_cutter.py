"""The simulated cutter: it cuts what the job says, and refuses what it cannot follow."""

import numpy as np
import pytest
import shapely
from hypothesis import given
from hypothesis import strategies as st
from shapely.geometry import LineString

from specimens import job, run
from vitrograph.core.cut import to_hpgl
from vitrograph.core.errors import CutterError
from vitrograph.devices.cutter import run_hpgl


def test_it_cuts_every_outline_within_half_a_plotter_unit():
    results = run(job("Kestrel\nPoint"))
    trace = run_hpgl(to_hpgl(results.cut.paths))
    assert len(trace.cuts) == len(results.cut.paths)
    for cut, path in zip(trace.cuts, results.cut.paths, strict=True):
        assert shapely.hausdorff_distance(LineString(cut), LineString(path)) < 0.03
    assert trace.cut_mm == pytest.approx(results.cut.cut_mm, rel=2e-3)


@given(st.lists(st.tuples(st.integers(0, 4000), st.integers(0, 4000)), min_size=2, max_size=8, unique=True))
def test_relative_and_absolute_moves_are_the_same(points):
    steps = np.diff(np.array([(0, 0), *points]), axis=0).tolist()
    absolute = "PA;" + f"PU{points[0][0]},{points[0][1]};PD" + ",".join(f"{x},{y}" for x, y in points[1:]) + ";"
    relative = "PR;" + f"PU{steps[0][0]},{steps[0][1]};PD" + ",".join(f"{x},{y}" for x, y in steps[1:]) + ";"
    for a, b in zip(run_hpgl(absolute).cuts, run_hpgl(relative).cuts, strict=True):
        np.testing.assert_allclose(a, b)


def test_settings_and_spaces_are_passed_over():
    trace = run_hpgl(" IN ; SP1;VS 10; PU 0,0;\nPD 40 40 ,80 0; PU;SP0;")
    np.testing.assert_allclose(trace.cuts[0], [[0, 0], [1, 1], [2, 0]])


@pytest.mark.parametrize(("text", "sentence"), [
    ("PD1,2,3;", "PD wants pairs of numbers, got 3"),
    ("PD1,é;", "PD wants numbers, got '1,é'"),
    ("XX1,2;", "does not know the command XX"),
    ("<svg/>", "cannot follow '<svg/>'"),
    ("PU1..2,3;", "PU wants numbers, got '1..2,3'"),
])
def test_what_it_cannot_follow_is_told_in_a_sentence(text, sentence):
    with pytest.raises(CutterError, match=sentence.replace(".", r"\.")):
        run_hpgl(text)
