"""The job and its file: frozen, versioned, saved whole or not at all."""

import json
import zipfile

import pytest
from hypothesis import given
from hypothesis import strategies as st

from specimens import PLAQUE, STAR, job
from strategies import fits, words
from vitrograph.core.artwork.opening import read_drawing
from vitrograph.core.demo import demo_job, demo_order
from vitrograph.core.errors import JobError, OrderFileError
from vitrograph.core.job import ORDER_VERSION, Artwork, FilmMend, Item, Job, Order, Words
from vitrograph.core.job.change import Resize
from vitrograph.core.storing.orderfile import load_order, save_order


def words_of(made):
    return made.artwork.items[0].what.text


def test_a_job_changes_only_by_being_replaced():
    before = job()
    after = before.changed(artwork__items__0__size=80.0, name="Other")
    assert (before.artwork.items[0].size, after.artwork.items[0].size, after.name) == (60.0, 80.0, "Other")
    assert hash(after) != hash(before) and after == before.changed(name="Other", artwork__items__0__size=80.0)
    with pytest.raises(AttributeError, match="immutable"):
        before.fit.angle = 3.0


@pytest.mark.parametrize(("change", "sentence"), [
    ({"artwork__items__0__size": -5.0}, "artwork items 1 size: more than 0\u202fmm, not \u22125\u202fmm"),
    ({"artwork__items__0__size": 0.0}, "artwork items 1 size: "),
    ({"fit__mode": "sideways"}, "fit mode: 'sideways' is not one of the choices"),
    ({"count": 0}, "count: "), ({"name": ""}, "name: "), ({"stencil__border": 900.0}, "stencil border: "),
    ({"fit__angle": float("nan")}, "fit angle: "),
])
def test_a_change_that_cannot_be_is_told_in_one_sentence(change, sentence):
    with pytest.raises(JobError, match=sentence) as caught:
        job().changed(**change)
    assert "\n" not in str(caught.value)


@given(text=words, fit=fits, name=st.text(st.characters(codec="utf-8"), min_size=1, max_size=20))
def test_a_saved_job_is_read_back_the_same(tmp_path_factory, text, fit, name):
    path = tmp_path_factory.mktemp("jobs") / "job.vitro"
    made = job(text, fit=fit, name=name, glass=PLAQUE)
    order = Order.of(made, job("Point"), id="an id", units="in")
    save_order(order, path)
    assert load_order(path) == order and load_order(path).job() == made


def test_the_file_is_a_zip_with_the_drawing_beside_the_job(tmp_path):
    path = tmp_path / "job.vitro"
    save_order(demo_order(), path)
    with zipfile.ZipFile(path) as archive:
        asset, manifest = sorted(archive.namelist())
        tree = json.loads(archive.read(manifest))
        assert archive.read(asset) == demo_job().artwork.items[0].what.data
    assert tree["version"] == ORDER_VERSION and tree["pieces"][0]["artwork"]["items"][0]["what"]["asset"] == asset


def test_the_last_good_copy_is_kept_and_a_failed_save_harms_nothing(tmp_path, monkeypatch):
    path = tmp_path / "job.vitro"
    save_order(Order.of(job("one")), path)
    save_order(Order.of(job("two")), path)
    assert words_of(load_order(path).job()) == "two"
    assert words_of(load_order(tmp_path / "job.vitro.bak").job()) == "one"

    def no_room(handle):
        raise OSError(28, "No space left on device")

    monkeypatch.setattr("vitrograph.core.storing.whole.os.fsync", no_room)
    with pytest.raises(OrderFileError, match="cannot be written \\(no space left on device\\)"):
        save_order(Order.of(job("three")), path)
    assert words_of(load_order(path).job()) == "two"
    assert sorted(p.name for p in tmp_path.iterdir() if "vitro" in p.name) == ["job.vitro", "job.vitro.bak"]


def zip_with(path, **members):
    with zipfile.ZipFile(path, "w") as archive:
        for name, content in members.items():
            archive.writestr(name.replace("_", "."), content)


@pytest.mark.parametrize(("members", "sentence"), [
    ({"job_json": '{"version": 99}'}, "saved by a newer Vitrograph \\(order version 99\\): update to open it"),
    ({"job_json": "{"}, "not an order file, or it is damaged"),
    ({"job_json": "[]"}, "not an order file, or it is damaged"),
    ({"other_json": "{}"}, "not an order file, or it is damaged"),
    ({"job_json": '{"version": 1, "fit": {"size": -1}}'}, "holds a value that cannot be: fit size"),
    ({"job_json": '{"version": 1, "artwork": {"drawing": {"name": "a", "asset": "gone.svg"}}}'}, "not an order file"),
    ({"job_json": '{"version": 1, "colour": "red"}'}, "cannot be: the job holds the unknown field 'colour'"),
])
def test_a_damaged_or_newer_file_is_refused_in_one_sentence(tmp_path, members, sentence):
    path = tmp_path / "bad.vitro"
    zip_with(path, **members)
    with pytest.raises(OrderFileError, match=sentence) as caught:
        load_order(path)
    assert "\n" not in str(caught.value)


def test_files_that_are_none_of_ours(tmp_path):
    torn = tmp_path / "torn.vitro"
    for _ in range(2):
        save_order(Order.of(job()), torn)
    torn.write_bytes(torn.read_bytes()[:200])
    with pytest.raises(OrderFileError, match=r"try torn\.vitro\.bak beside it"):
        load_order(torn)
    with pytest.raises(OrderFileError, match="could not be opened: no such file or directory"):
        load_order(tmp_path / "gone.vitro")
    with pytest.raises(OrderFileError, match="could not be opened: is a directory"):
        load_order(tmp_path)


def test_drawings_are_read_from_the_file_named_and_no_other(tmp_path):
    path = tmp_path / "star.svg"
    path.write_text("\ufeff" + STAR, "utf-8")
    assert read_drawing(path).data.decode("utf-8-sig") == STAR
    (tmp_path / "photo.svg").write_bytes(b"\x89PNG\r\n\x1a\n\xff\xfe")
    assert read_drawing(tmp_path / "photo.svg").kind == "picture"      # named wrongly, and read as what it is
    (tmp_path / "empty.svg").write_text(" \n")
    (tmp_path / "words.svg").write_text("Kestrel Point")
    for name, sentence in (("empty.svg", "is empty"), ("words.svg", "no drawing this program reads"),
                           ("gone.svg", "no such file")):
        with pytest.raises(ValueError, match=sentence):
            read_drawing(tmp_path / name)


def test_the_demo_job_is_sound_and_has_something_to_watch():
    assert Job.read(demo_job().as_tree()) == demo_job()
    assert demo_job().count == 6


@given(factor=st.floats(0.2, 4.0), places=st.lists(st.tuples(st.floats(-50, 50), st.floats(-50, 50)), max_size=4))
def test_what_is_placed_on_the_art_grows_with_it(factor, places):
    mends = tuple(FilmMend("fatten webs", 0.8, place, 2.0) for place in places) + (FilmMend("fill specks", 0.8),)
    before = Job(artwork=Artwork((Item(Words("K"), key=1, size=20.0, x=3.0),))).changed(
        stencil__mends=mends, stencil__ties__at=tuple(places), stencil__ties__placed="hand")
    after = before.changed(**Resize(factor).paths(before))
    assert after.artwork.items[0].size == pytest.approx(20.0 * factor)
    for (x, y), place in zip(places, after.stencil.ties.at, strict=True):
        assert place == pytest.approx((x * factor, y * factor))
    for old, new in zip(before.stencil.mends, after.stencil.mends, strict=True):
        assert new.to == old.to and new.reach == pytest.approx(old.reach * factor)
        assert new.at == (None if old.at is None else pytest.approx((old.at[0] * factor, old.at[1] * factor)))
    assert after.stencil.border == before.stencil.border
