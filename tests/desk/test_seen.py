"""What is kept between two starts: as many orders as are shown, each with its picture; nothing stops a start."""

import os
import subprocess
import sys
from pathlib import Path

import pytest
from PySide6.QtGui import QColor, QImage

from vitrograph.core.demo import demo_order
from vitrograph.desk.seen import Seen, Window


@pytest.fixture
def seen(qapp, tmp_path):
    return Seen(tmp_path / "seen")


def picture(colour="#2f8f83", size=(320, 200)):
    made = QImage(*size, QImage.Format.Format_RGB32)
    made.fill(QColor(colour))
    return made


def keep(seen, path, colour="#2f8f83", **window):
    seen.keep(path, Path(path or "demo").stem, "1 glass", {"glass": (10, 20, 100, 80), "sheet": (120, 20, 150, 80)},
              picture(colour), Window(**window))


def test_on_a_screen_of_twice_the_pixels_the_picture_kept_is_as_large_as_the_window():
    script = ("from PySide6.QtWidgets import QApplication, QWidget; from vitrograph.desk.leaving import picture_of; "
              "app = QApplication([]); made = QWidget(); made.resize(320, 200); kept = picture_of(made); "
              "print(made.devicePixelRatio(), kept.width(), kept.height(), kept.devicePixelRatio())")
    told = subprocess.run([sys.executable, "-c", script], env={**os.environ, "QT_SCALE_FACTOR": "2",
                                                               "QT_QPA_PLATFORM": "offscreen"},
                          capture_output=True, text=True, check=True).stdout.split()
    assert told == ["2.0", "320", "200", "1.0"]


def test_orders_stand_newest_first_each_once_and_no_more_than_are_shown(seen, tmp_path):
    for number in range(15):
        keep(seen, tmp_path / f"{number}.vitro")
    keep(seen, tmp_path / "7.vitro", "#b3261e")
    again = Seen(seen.folder)
    assert [one.name for one in again.recents] == ["7", "14", "13", "12", "11", "10", "9", "8", "6", "5", "4", "3"]
    assert len(list(seen.folder.glob("*.png"))) == 12, "pictures of those forgotten are gone"
    assert again.picture(again.recents[0]).toImage().pixelColor(5, 5) == QColor("#b3261e")
    assert again.last is None, "none of those files is there"
    (tmp_path / "10.vitro").write_bytes(b"")
    assert again.last == tmp_path / "10.vitro"


def test_the_demo_is_kept_and_never_taken_for_an_order_of_the_makers(seen, tmp_path):
    keep(seen, None)
    again = Seen(seen.folder)
    assert again.of(None) is not None and again.last is None
    assert again.of(tmp_path / "x.vitro") is None


def test_a_view_is_cut_from_the_whole_and_what_is_not_known_is_empty(seen, tmp_path):
    keep(seen, tmp_path / "a.vitro")
    again = Seen(seen.folder)
    one = again.recents[0]
    assert (again.view(one, "glass").width(), again.view(one, "sheet").height()) == (100, 80)
    assert again.view(one, "bed").isNull()
    next(seen.folder.glob("*.png")).write_bytes(b"no picture")
    assert Seen(seen.folder).view(one, "glass").isNull()


def test_one_is_forgotten_and_the_window_is_kept(seen, tmp_path):
    keep(seen, tmp_path / "a.vitro", size=(1400, 900), maximized=True, split=(500, 600), station="fit")
    keep(seen, tmp_path / "b.vitro", size=(1400, 900), maximized=True, split=(500, 600), station="fit")
    seen.forget(seen.recents[0])
    again = Seen(seen.folder)
    assert [one.name for one in again.recents] == ["a"] and len(list(seen.folder.glob("*.png"))) == 1
    assert again.window == Window((1400, 900), True, (500, 600), "fit")


def test_what_another_window_kept_meanwhile_stays(seen, tmp_path):
    other = Seen(seen.folder)
    keep(other, tmp_path / "theirs.vitro")
    keep(seen, tmp_path / "ours.vitro")
    assert [one.name for one in Seen(seen.folder).recents] == ["ours", "theirs"]
    other.forget(other.recents[0])
    assert [one.name for one in Seen(seen.folder).recents] == ["ours"]


def test_an_order_is_kept_once_it_is_saved_or_opened_for_a_power_cut_asks_nobody(open_desk, tmp_path):
    desk = open_desk(demo_order())
    seen = Seen(tmp_path / "seen")
    desk.shell.remember(seen, listed=True)
    desk.settle()

    def kept(path):
        desk.qtbot.waitUntil(lambda: Seen(seen.folder).last == path, timeout=15000)

    for name in ("first", "second"):
        desk.shell.files.save_as(tmp_path / f"{name}.vitro")
        kept(tmp_path / f"{name}.vitro")
        again = Seen(seen.folder)
        assert again.recents[0].name == desk.bench.order.name and not again.picture(again.recents[0]).isNull()
    desk.shell.files.open(tmp_path / "first.vitro")
    kept(tmp_path / "first.vitro")


def test_a_folder_that_cannot_be_written_is_no_matter(qapp, tmp_path):
    (tmp_path / "file").write_text("")
    seen = Seen(tmp_path / "file" / "seen")
    keep(seen, tmp_path / "a.vitro")
    assert seen.recents[0].name == "a", "known for this run"
    seen.forget(seen.recents[0])
    assert Seen(tmp_path / "file" / "seen").recents == []


def test_a_link_and_its_file_are_one_order(seen, tmp_path):
    (tmp_path / "real.vitro").write_bytes(b"")
    (tmp_path / "link.vitro").symlink_to(tmp_path / "real.vitro")
    keep(seen, tmp_path / "link.vitro")
    keep(seen, tmp_path / "real.vitro")
    assert len(seen.recents) == 1
