"""Writing whole: the old file or the new one, the mode its maker wants, and nothing left behind."""

import os
import stat
import time
from pathlib import Path

import pytest

from vitrograph.core.errors import OrderFileError
from vitrograph.core.storing.whole import plain_size, read_plain, write_whole


def mode_of(path):
    return stat.S_IMODE(path.stat().st_mode)


@pytest.mark.parametrize(("umask", "mode"), [(0o022, 0o644), (0o077, 0o600), (0o002, 0o664)])
def test_a_new_file_has_the_mode_of_the_umask_and_a_replaced_one_its_own(tmp_path, umask, mode):
    before = os.umask(umask)
    try:
        write_whole(tmp_path / "new", b"one")
        assert mode_of(tmp_path / "new") == mode
        (tmp_path / "new").chmod(0o640)
        write_whole(tmp_path / "new", b"two", keep_last=True)
    finally:
        os.umask(before)
    assert mode_of(tmp_path / "new") == 0o640 and (tmp_path / "new").read_bytes() == b"two"
    assert (tmp_path / "new.bak").read_bytes() == b"one"
    assert sorted(path.name for path in tmp_path.iterdir()) == ["new", "new.bak"]


def test_a_link_goes_on_pointing_where_it_points(tmp_path):
    (tmp_path / "there").write_bytes(b"one")
    (tmp_path / "link").symlink_to(tmp_path / "there")
    write_whole(tmp_path / "link", b"two")
    assert (tmp_path / "link").is_symlink() and (tmp_path / "there").read_bytes() == b"two"


def test_a_device_or_a_pipe_is_never_replaced_by_a_file(tmp_path):
    os.mkfifo(tmp_path / "pipe")
    (tmp_path / "link").symlink_to(tmp_path / "pipe")
    for name in ("pipe", "link"):
        with pytest.raises(OrderFileError, match="no file, but a device or a pipe"):
            write_whole(tmp_path / name, b"cuts")
    assert (tmp_path / "pipe").is_fifo() and sorted(path.name for path in tmp_path.iterdir()) == ["link", "pipe"]


def test_the_last_copy_is_kept_where_there_are_no_hard_links(tmp_path, monkeypatch):
    def no_links(*_places):
        raise PermissionError(1, "Operation not permitted")

    monkeypatch.setattr("vitrograph.core.storing.whole.os.link", no_links)
    for content in (b"one", b"two", b"three"):
        write_whole(tmp_path / "order", content, keep_last=True)
    assert (tmp_path / "order").read_bytes() == b"three" and (tmp_path / "order.bak").read_bytes() == b"two"


@pytest.mark.parametrize("failing", ["fsync", "fchmod"])
def test_a_write_that_fails_leaves_the_old_file_alone(tmp_path, monkeypatch, failing):
    write_whole(tmp_path / "order", b"one", keep_last=True)

    def no_room(*_given):
        raise OSError(28, "No space left on device")

    monkeypatch.setattr(f"vitrograph.core.storing.whole.os.{failing}", no_room)
    with pytest.raises(OrderFileError, match=r"cannot be written \(no space left on device\): choose another place"):
        write_whole(tmp_path / "order", b"two", keep_last=True)
    assert (tmp_path / "order").read_bytes() == b"one" and [p.name for p in tmp_path.iterdir()] == ["order"]


@pytest.mark.parametrize("name", ["", ".", "a folder", "n" * 300, "no/such/place", "nul\0inside"])
def test_places_that_cannot_be_written_are_told_in_a_sentence(tmp_path, name):
    (tmp_path / "a folder").mkdir()
    with pytest.raises(OrderFileError, match="cannot be written") as told:
        write_whole(tmp_path / name if name else tmp_path, b"one")
    assert "\n" not in str(told.value)


def test_what_killed_saves_left_is_cleared_if_it_is_ours_and_old(tmp_path):
    place = tmp_path / ("long name " * 8)
    other = f".{place.name[:60]}"
    left = {f"{other}.0123456789abcdef.part": 7200, f"{other}.fedcba9876543210.part": 60,
            f"{other}.notes.part": 7200, ".another.0123456789abcdef.part": 7200}
    for name, age in left.items():
        (tmp_path / name).write_bytes(b"half")
        then = time.time() - age
        os.utime(tmp_path / name, (then, then))
    write_whole(place, b"whole")
    assert {path.name for path in tmp_path.iterdir()} == {place.name, *list(left)[1:]}


def test_what_is_no_plain_file_or_too_large_is_not_read(tmp_path):
    (tmp_path / "six").write_bytes(b"123456")
    assert read_plain(tmp_path / "six", 6) == b"123456" and plain_size(tmp_path / "six") == 6
    for place, most, says in ((tmp_path / "six", 5, "larger than 5e-06 MB"), (tmp_path, 5, "Is a directory"),
                              (Path("/dev/zero"), 5, "may never end"), (tmp_path / "gone", 5, "No such file")):
        with pytest.raises(OSError, match=says):
            read_plain(place, most)
