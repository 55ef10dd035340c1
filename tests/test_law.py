"""The law of stages: after any edits, remedies included, a pipeline that has run before knows what a fresh one does.

Every leaf of the tree that a job can hold is among the edits, so that a stage which reads what its key does not hold
would be caught with an old result.
"""

import types
from typing import Annotated, Any, Literal, Union, get_args, get_origin

import msgspec
import numpy as np
import pytest
import shapely
from hypothesis import HealthCheck, given, settings
from hypothesis import strategies as st
from shapely.geometry.base import BaseGeometry

from specimens import CARAFE, LANTERN, ORNAMENT, PLAQUE, STAR, TUMBLER, job
from vitrograph.core.demo import demo_job
from vitrograph.core.errors import JobError, VitrographError
from vitrograph.core.etch import usual_recipes
from vitrograph.core.findings import Finding
from vitrograph.core.job import (
    Artwork,
    Drawing,
    FilmMend,
    Item,
    Job,
    KeepOut,
    Lying,
    Order,
    Shape,
    Stock,
    Taken,
    Weighing,
    Words,
    piece_of,
)
from vitrograph.core.pipeline import Pipeline
from vitrograph.core.results import Results
from vitrograph.core.stage_table import STAGES

NAMES = [stage.gives for stage in STAGES]


def leaves(kind: Any, path: str = "") -> dict[str, Any]:
    """Every leaf of a record's type by its path; the parts of a union are told apart by the job that is edited."""
    found = {}
    for one in msgspec.structs.fields(kind):
        inner = bare(one.type)
        if isinstance(inner, type) and issubclass(inner, msgspec.Struct):
            found |= leaves(inner, f"{path}{one.name}__")
        else:
            found[path + one.name] = one.type
    return found


def bare(kind: Any) -> Any:
    while get_origin(kind) is Annotated:
        kind = get_args(kind)[0]
    return kind


GLASSES = st.sampled_from([TUMBLER, LANTERN, PLAQUE, CARAFE, ORNAMENT])
ARTWORKS = st.sampled_from([
    Artwork((Item(Words("Kestrel"), key=1, size=46.0),)),
    Artwork((Item(Words("BO\nPo"), key=1, size=30.0), Item(Shape("oval"), key=2, size=44.0, stretch=1.4))),
    Artwork((Item(Drawing("star.svg", STAR.encode()), key=3, size=30.0),)),
])
MENDS = st.lists(st.builds(FilmMend, st.sampled_from(["fatten webs", "widen openings"]), st.sampled_from([0.8, 1.2]),
                           st.none() | st.tuples(st.floats(-20, 20), st.floats(-8, 8)), st.just(2.0)), max_size=3)
ROWS = {
    "artwork__items": None, "glass": GLASSES, "stencil__mends": MENDS,
    "stencil__ties__at": st.lists(st.tuples(st.floats(-20, 20), st.floats(-8, 8)), max_size=3),
    "stencil__sides": st.none() | st.tuples(*[st.sampled_from([8.0, 14.0, 20.0])] * 4),
    "measured": st.lists(st.sampled_from([TUMBLER, msgspec.structs.replace(TUMBLER, rim=91.0)]), max_size=2),
    "features__keep_out": st.lists(st.builds(KeepOut, angle=st.floats(-3, 3), wide=st.floats(5, 30)), max_size=1),
    "cut__stock": st.lists(st.just(Stock("Roll", 292.0, 900.0)), max_size=1),
    "cut__laid": st.lists(st.builds(Lying, st.just(1), x=st.floats(0, 60)), max_size=1),
    "etch__recipe__phases": st.sampled_from([one.phases for one in usual_recipes()]),
    "etch__cream__weighed": st.lists(st.just(Weighing(80.0, 78.0, 4000.0)), max_size=1),
    "tools__taken": st.lists(st.just(Taken("rim", (90.0, 90.4))), max_size=1),
}
LENGTHS = st.sampled_from([0.0, 0.4, 0.8, 1.5, 6.0, 12.0, 20.0, 40.0, 120.0, 300.0])


def values_of(path: str, kind: Any) -> st.SearchStrategy[Any]:
    """Values worth trying at a leaf; a value out of bounds is refused by the job, and then nothing is edited."""
    if path in ROWS:
        return ROWS[path]
    options = [bare(one) for one in (get_args(kind) if get_origin(kind) in (Union, types.UnionType) else (kind,))]
    plain = options[0]
    if get_origin(plain) is Literal:
        return st.sampled_from(get_args(plain))
    some = {bool: st.booleans(), int: st.integers(1, 3), float: LENGTHS | st.floats(-1, 1),
            str: st.sampled_from(["Kestrel Point", "Other"])}[plain]
    return some | st.none() if types.NoneType in options else some


LEAVES = {path: kind for path, kind in leaves(Job).items() if path not in ("key", "row", "artwork__items")}
EDITS = st.one_of(
    st.tuples(st.just("artwork"), ARTWORKS), st.tuples(st.just("glass"), GLASSES),
    st.tuples(st.just("remedy"), st.integers(0, 30)), st.tuples(st.just("undo"), st.integers(1, 3)),
    st.sampled_from(sorted(LEAVES)).flatmap(lambda path: st.tuples(st.just(path), values_of(path, LEAVES[path]))))


def same(one: Any, other: Any) -> bool:
    """Whether two results are the same, through shapes, arrays and remedies."""
    if one is other:
        return True
    if type(one) is not type(other):
        return False
    if isinstance(one, BaseGeometry):
        return bool(shapely.equals_exact(one, other, 0.0) or (one.is_empty and other.is_empty))
    if isinstance(one, np.ndarray):
        return one.shape == other.shape and bool(np.array_equal(one, other, equal_nan=True))
    if isinstance(one, Finding):
        return one == other and one.remedies == other.remedies
    if isinstance(one, tuple | list):
        return len(one) == len(other) and all(map(same, one, other))
    if isinstance(one, VitrographError):
        return str(one) == str(other)
    names = getattr(one, "__struct_fields__", None) or getattr(one, "__dataclass_fields__", None)
    if names:
        return all(same(getattr(one, name), getattr(other, name)) for name in names)
    return bool(one == other) or not hasattr(type(one), "__eq__") or type(one).__eq__ is object.__eq__


def edited(made: Job, results: Results, path: str, value: Any, before: list[Job]) -> Job:
    if path == "undo":
        return before[max(0, len(before) - value)]
    if path == "remedy":
        remedies = [remedy for found in results.findings() for remedy in found.remedies]
        return made.changed(**remedies[value % len(remedies)].paths(made)) if remedies else made
    try:
        return made.changed(**{path: msgspec.to_builtins(value, builtin_types=(bytes,))})
    except JobError:
        return made


@given(edits=st.lists(EDITS, min_size=1, max_size=6))
@settings(max_examples=25, deadline=None, suppress_health_check=[HealthCheck.too_slow])
def test_after_any_edits_a_warm_pipeline_knows_what_a_fresh_one_does(edits):
    warm, made = Pipeline(), job()
    before = [made]
    results = warm.run(made)
    for path, value in edits:
        made = edited(made, results, path, value, before)
        before.append(made)
        results = warm.run(made)
    fresh = Pipeline().run(made)
    for name in [*NAMES, "failed"]:
        assert same(getattr(results, name), getattr(fresh, name)), f"{name} after {edits}"


@pytest.mark.parametrize("path", sorted(LEAVES))
def test_every_leaf_of_the_tree_is_edited_by_the_law(path):
    values_of(path, LEAVES[path]).validate()


def test_a_remedy_found_before_a_mend_undoes_nothing_of_it():
    # film that gives little on a ball: it is to be made smaller, which once dropped mends made since it was found
    made = demo_job("ornament").changed(fit__gives__stencil=0.006, stencil__mends=[
        {"does": "fatten webs", "to": 0.8, "at": (1.0, 2.0), "reach": 1.0}])
    pipeline = Pipeline()
    found = next(found for found in pipeline.run(made).findings("fit") if found.code == "strain")
    second = {"does": "widen openings", "to": 0.8, "at": (-4.0, 2.0), "reach": 1.0}
    mended = made.changed(stencil__mends=[*msgspec.to_builtins(made.stencil.mends), second])
    smaller = found.remedies[-1]
    assert len(mended.changed(**smaller.paths(mended)).stencil.mends) == 2
    again = next(found for found in pipeline.run(mended).findings("fit") if found.code == "strain")
    assert len(mended.changed(**again.remedies[-1].paths(mended)).stencil.mends) == 2


def test_a_stage_sees_its_choices_and_the_results_it_names_and_nothing_else():
    for stage in STAGES:
        choices = stage.reads(job())
        assert not isinstance(choices, Job) and hash(choices) == hash(stage.reads(job()))


def test_an_order_of_equal_pieces_has_the_results_of_one():
    made = job("Kestrel")
    order = Order.of(made, made.changed(name="Second", count=2))
    both = Pipeline().run_order(order)
    alone = Pipeline().run(made)
    for results in both.pieces:
        assert all(same(getattr(results, name), getattr(alone, name)) for name in NAMES)
    assert both.finished().cut.stencils == 3
    assert both.pieces[0].sheet is both.pieces[1].sheet              # what they share is worked out once
    assert [piece_of(one) for one in order.jobs] == list(order.pieces)
