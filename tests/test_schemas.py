"""What files may hold is a promise: bounds, usual values and names stand in the schemas that are given away."""

import importlib.util
import json
from pathlib import Path

import msgspec
import pytest
from hypothesis import given
from hypothesis import strategies as st

from vitrograph.core.demo import demo_glasses, open_night
from vitrograph.core.errors import JobError
from vitrograph.core.glass import generic_glasses
from vitrograph.core.job import Order
from vitrograph.core.job.tree import plain, read_record
from vitrograph.core.workshop import Workshop

DOCS = Path(__file__).parents[1] / "docs"
_spec = importlib.util.spec_from_file_location("write_schemas", DOCS / "write_schemas.py")
write_schemas = importlib.util.module_from_spec(_spec)
_spec.loader.exec_module(write_schemas)


@pytest.mark.parametrize("name", write_schemas.KINDS)
def test_the_schema_given_away_is_what_is_read(name):
    told = (DOCS / f"{name}.schema.json").read_text("utf-8")
    assert told == write_schemas.schema_of(write_schemas.KINDS[name]), (
        "a field, a bound or a usual value changed: where that is meant, run docs/write_schemas.py, and ask whether "
        "files written before still mean the same")


def just_beyond(about):
    """Values beyond each bound of a number's schema, as little as its kind allows."""
    for key, way in (("minimum", -1), ("maximum", 1), ("exclusiveMinimum", 0)):
        if key in about:
            bound = about[key]
            yield bound + way * (1 if about["type"] == "integer" else 1e-9 * max(1.0, abs(bound)))


def numbers_in(name):
    """(record, field, value) for every number with a bound: a value that may not be."""
    defs = json.loads((DOCS / f"{name}.schema.json").read_text("utf-8"))["$defs"]
    for called, record in defs.items():
        for field, about in record.get("properties", {}).items():
            for one in about.get("anyOf", [about]):
                if one.get("type") in ("number", "integer"):
                    yield from ((called, field, value) for value in just_beyond(one))


def records_of(kind, found=None):
    """All records a record may hold, by their names."""
    found = {} if found is None else found
    info = msgspec.inspect.type_info(kind)

    def walk(one):
        if isinstance(one, msgspec.inspect.StructType) and one.cls.__name__ not in found:
            found[one.cls.__name__] = one.cls
            for field in one.fields:
                walk(field.type)
        for part in (*getattr(one, "types", ()), *getattr(one, "item_types", ()), getattr(one, "item_type", None)):
            if part is not None:
                walk(part)

    walk(info)
    return found


@pytest.mark.parametrize(("name", "kind"), [("order", Order), ("workshop", Workshop)])
def test_a_number_just_beyond_its_bound_is_refused_by_its_name(name, kind):
    records, tried = records_of(kind), 0
    for called, field, value in numbers_in(name):
        record = records[called.split("[")[0]]
        try:
            usual = msgspec.to_builtins(record())
        except TypeError:                                      # a record that has no usual values is tried in its owner
            continue
        tag = record.__struct_config__.tag
        with pytest.raises((JobError, msgspec.ValidationError)) as told:
            read_record({**usual, field: value, **({record.__struct_config__.tag_field: tag} if tag else {})}, record)
        assert field.replace("_", " ") in str(told.value).replace("_", " "), (called, field)
        tried += 1
    assert tried > 30


def test_what_ships_with_the_program_fits_its_schema():
    order = plain(open_night())
    assert read_record(order, Order) == open_night()
    for glass in (*generic_glasses(), *demo_glasses()):
        assert msgspec.json.decode(msgspec.json.encode(glass), type=type(glass)) == glass


@given(st.sampled_from(("mat_width", "gap", "offset", "travel_speed")), st.floats(-1e7, 1e7))
def test_a_number_is_taken_or_refused_and_never_bent(field, value):
    tree = {field: value}
    order = plain(Order(id="x"))
    order["cut"].update(tree)
    try:
        made = read_record(order, Order)
    except JobError as error:
        assert field.replace("_", " ") in str(error).replace("_", " ") and "\n" not in str(error)
    else:
        assert getattr(made.cut, field) == value
