"""Order files that were damaged, or made to do harm: an order or one sentence, within bounds."""

import json
import time
import zipfile

import pytest

from specimens import job
from vitrograph.core.demo import demo_order
from vitrograph.core.errors import OrderFileError
from vitrograph.core.job import Order
from vitrograph.core.storing.orderfile import load_order, save_order

READ = """
import sys
from pathlib import Path
from vitrograph.core.errors import OrderFileError
from vitrograph.core.storing.orderfile import load_order
for path in sys.argv[1:]:
    try:
        load_order(Path(path))
        print("read")
    except OrderFileError as error:
        assert "\\n" not in str(error)
        print("refused")
"""


def spoiled(rng, whole):
    """A file with some bits turned, a part missing, or a part of it twice."""
    content = bytearray(whole)
    how = rng.random()
    if how < 0.7:
        for _ in range(rng.choice([1, 1, 2, 8])):
            content[rng.randrange(len(content))] ^= 1 << rng.randrange(8)
    elif how < 0.85:
        del content[rng.randrange(len(content)):]
    else:
        at = rng.randrange(len(content))
        content[at:at] = content[at // 2:at]
    return bytes(content)


def test_whatever_bits_are_turned_it_is_an_order_or_one_sentence(tmp_path, rng):
    path = tmp_path / "order.vitro"
    save_order(demo_order(), path)
    whole, ended = path.read_bytes(), set()
    for _ in range(400):
        path.write_bytes(spoiled(rng, whole))
        try:
            ended.add(type(load_order(path)))
        except OrderFileError as error:
            ended.add(type(error))
            assert "\n" not in str(error)
    assert OrderFileError in ended


def tree_of(order):
    return json.loads(json.dumps(order.as_tree(), default=lambda _content: None))


def write(path, manifest, name="order.json", **assets):
    with zipfile.ZipFile(path, "w", zipfile.ZIP_DEFLATED) as archive:
        archive.writestr(name, manifest)
        for asset, content in assets.items():
            archive.writestr(asset, content)
    return path


def test_files_made_to_swell_are_read_within_bounds(tmp_path, bounded):
    drawing = {"kind": "svg", "name": "a", "asset": "big"}
    sixty = {"version": 1, "artwork": {"drawing": drawing}, "more": [drawing] * 60}
    lying = write(tmp_path / "lying.vitro", json.dumps({"version": 1}))
    content = lying.read_bytes()
    at = content.rindex(b"PK\x01\x02") + 24                             # APPNOTE 4.3.12: the size when unpacked
    lying.write_bytes(content[:at] + b"\xff\xff\xff\x7f" + content[at + 4:])
    files = [
        write(tmp_path / "sixty.vitro", json.dumps(sixty), big=b" " * 60_000_000),
        write(tmp_path / "bomb.vitro", b" " * 400_000_000), lying,
        write(tmp_path / "lists.vitro", "[" + "[]," * 2_500_000 + "[]]"),
        write(tmp_path / "deep.vitro", "[" * 200_000),
        write(tmp_path / "digits.vitro", '{"version": ' + "9" * 6000 + "}"),
    ]
    ended = bounded("-c", READ, *files)
    assert ended.code == 0, ended.stderr[-600:]
    assert ended.stdout.split() == ["refused", "refused", "read", *["refused"] * 3] or \
        ended.stdout.split() == ["refused"] * 6


def test_words_that_cannot_be_written_and_nothing_where_something_belongs(tmp_path):
    named = tree_of(Order.of(job(), id="an id"))
    named["name"] = "half \ud800 a pair"
    order = load_order(write(tmp_path / "half.vitro", json.dumps(named)))
    assert order.name == "half ? a pair"
    save_order(order, tmp_path / "again.vitro")
    for version in (1, 2, 3):
        for member in ("artwork", "fit", "glass", "items", "stencil", "words"):
            path = write(tmp_path / "null.vitro", json.dumps({"version": version, member: None}), "job.json")
            with pytest.raises(OrderFileError, match=r"null\.vitro"):
                load_order(path)


def test_equal_orders_are_equal_files_whatever_the_clock_says(tmp_path, monkeypatch):
    one, other = tmp_path / "one.vitro", tmp_path / "other.vitro"
    save_order(demo_order(), one)
    monkeypatch.setattr(time, "time", lambda: 0.0)                      # 1970, which a ZIP cannot tell
    save_order(demo_order(), other)
    assert one.read_bytes() == other.read_bytes()
