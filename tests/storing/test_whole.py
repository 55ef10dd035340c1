"""Writing whole: the old file or the new one, the mode its maker wants, and nothing left behind."""

import os
import stat

import pytest

from vitrograph.core.errors import OrderFileError
from vitrograph.core.storing.whole import write_whole


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
