"""No work is lost: crashes, damaged copies, other orders opened in between, and the window closed."""

import pytest
from PySide6.QtWidgets import QLabel, QPushButton

from specimens import job, star_job
from vitrograph.core.job import Order
from vitrograph.core.storing.orderfile import load_order, save_order
from vitrograph.core.storing.unsaved import SafetyCopy, left_behind
from vitrograph.core.storing.whole import write_whole
from vitrograph.core.work import Clock, StepRef


@pytest.fixture
def folder(tmp_path):
    return tmp_path / "unsaved"


def saved(tmp_path, name):
    path = tmp_path / f"{name}.vitro"
    save_order(Order.of(job(name=name), id=name), path)
    return path


def crash(folder, order, path):
    """What a program leaves behind that was killed: its copy, and a lock that nobody holds any more."""
    copy = SafetyCopy.begin(folder)
    copy.keep(order, path)
    copy.let_go()
    return copy.place


def asked(desk, *names):
    return [name for name in names if desk.shell.findChild(QPushButton, name) is not None]


def test_work_brought_back_has_its_own_path_and_stays_safe_until_it_is_saved(open_desk, tmp_path, folder):
    one, two = saved(tmp_path, "one"), saved(tmp_path, "two")
    lost = load_order(one).changed(0, fit__angle=0.3)
    place = crash(folder, lost, one)
    desk = open_desk(recovery=folder)
    desk.shell.files.open(two)
    desk.shell.files.offer(left_behind(folder))
    desk.click("bringBack")
    assert desk.bench.order == lost and "(unsaved)" in desk.shell.windowTitle()
    desk.shell.recovery.wait()
    assert place.exists() and list(left_behind(folder)) == []         # still there, and held
    desk.shell.files.save()
    desk.shell.recovery.wait()
    assert load_order(one) == lost and load_order(two).name == "two" and list(folder.iterdir()) == []


def test_all_that_was_left_behind_is_offered_and_what_is_not_answered_comes_again(open_desk, tmp_path, folder):
    for name in ("first", "second"):
        crash(folder, Order.of(job(name=name), id=name), None)
    (folder / "4242.vitro").write_bytes((folder / next(folder.glob("*.vitro")).name).read_bytes())    # no lock at all
    desk = open_desk(recovery=folder)
    desk.shell.files.offer(left_behind(folder))
    desk.click("letGo")
    desk.qtbot.wait(10)
    assert asked(desk, "bringBack", "letGo") == ["bringBack", "letGo"] and len(list(folder.glob("*.vitro"))) == 2


def test_a_copy_in_use_is_nobody_elses_and_a_damaged_one_gives_way_to_the_one_before(folder):
    busy = SafetyCopy.begin(folder)
    busy.keep(Order.of(job("busy")), None)
    torn = crash(folder, Order.of(job("before"), id="t"), None)
    write_whole(torn.with_name(torn.name + ".bak"), torn.read_bytes())
    torn.write_bytes(torn.read_bytes()[:-40])
    lost = crash(folder, Order.of(job("lost"), id="t"), None)
    lost.write_bytes(b"PK\3\4 nothing")
    unreadable, found = left_behind(folder)
    assert found.order.job().artwork.items[0].what.text == "before" and found.path is None
    assert load_order(torn) == found.order and torn.with_suffix(".damaged").exists()     # in its place, at once
    assert unreadable.kept == lost.with_suffix(".damaged") and unreadable.kept.read_bytes() == b"PK\3\4 nothing"
    found.copy.let_go()
    busy.drop()


def test_a_copy_that_cannot_be_read_is_told_of_and_then_the_next_is_offered(open_desk, folder):
    crash(folder, Order.of(job(name="good"), id="t"), None)
    crash(folder, Order.of(job(name="bad"), id="t"), None).write_bytes(b"PK")
    desk = open_desk(recovery=folder)
    desk.shell.files.offer(left_behind(folder))
    (says,) = [told.text() for told in desk.shell.findChildren(QLabel) if "damaged and cannot be read" in told.text()]
    assert ".damaged" in says
    desk.click("goOn")
    assert asked(desk, "bringBack", "letGo") == ["bringBack", "letGo"]


def test_a_copy_is_kept_while_the_maker_never_rests(desk_with_copies, folder):
    desk = desk_with_copies
    desk.shell.recovery._latest.setInterval(300)
    for number in range(12):
        desk.bench.edit("Angle", fit__angle=number / 10)
        desk.qtbot.wait(60)                                            # far less than a rest
    desk.shell.recovery.wait()
    (copy,) = folder.glob("*.vitro")
    assert load_order(copy).job().fit.angle > 0


@pytest.fixture
def desk_with_copies(open_desk, folder):
    return open_desk(recovery=folder)


def test_new_and_open_ask_before_unsaved_work_is_given_up(desk_with_copies, tmp_path, folder):
    desk, other = desk_with_copies, saved(tmp_path, "other")
    desk.bench.path = tmp_path / "mine.vitro"
    desk.bench.edit("Angle", fit__angle=0.12)
    mine = desk.bench.order
    desk.shell.files.open(other)
    assert desk.bench.order == mine
    desk.click("stay")
    assert desk.bench.order == mine and desk.bench.undo_stack.canUndo()
    desk.shell.files.open(other)
    desk.click("saveFirst")
    assert load_order(tmp_path / "mine.vitro") == mine and desk.bench.order.name == "other"
    desk.bench.edit("Angle", fit__angle=0.05)
    desk.shell.recovery.keep()
    desk.shell.files.new()
    desk.click("giveUp")
    desk.shell.recovery.wait()
    assert desk.bench.order.name != "other" and list(folder.iterdir()) == []


def test_what_is_asked_of_an_order_is_not_answered_once_another_is_in_hand(desk_with_copies, tmp_path):
    desk, other = desk_with_copies, saved(tmp_path, "other")
    mine = tmp_path / "mine.vitro"
    desk.shell.files.save_as(mine)
    save_order(Order.of(star_job(name="By other hands"), id="x"), mine)
    kept = mine.read_bytes()
    desk.shell.files.save()
    assert desk.shell.asking and asked(desk, "saveOver", "saveElsewhere")
    desk.shell.files.open(other)                                # nothing is unsaved: nothing is asked
    assert desk.bench.path == other and not desk.shell.asking
    assert desk.shell.findChild(QPushButton, "saveOver") is None and mine.read_bytes() == kept
    desk.shell.files.offer_practice(lambda: None, lambda: None)
    desk.shell.files.open(mine)
    assert desk.shell.asking, "what is about no order stays"


def test_work_that_was_given_up_for_a_file_that_cannot_be_read_is_guarded_still(desk_with_copies, tmp_path, folder):
    desk = desk_with_copies
    (tmp_path / "bad.vitro").write_bytes(b"no order at all")
    desk.bench.edit("Angle", fit__angle=0.12)
    mine = desk.bench.order
    desk.shell.files.open(tmp_path / "bad.vitro")
    desk.click("giveUp")
    assert desk.bench.order == mine and desk.shell.files.unsaved
    desk.shell.recovery.keep()
    desk.shell.recovery.wait()
    assert len(list(folder.glob("*.vitro"))) == 1, "its safety copy is there"
    desk.shell.files.give_up()


def test_closing_asks_too_and_an_untouched_window_closes_at_once(desk_with_copies):
    shell, bench = desk_with_copies.shell, desk_with_copies.bench
    bench.edit("Angle", fit__angle=0.12)
    assert not shell.close() and shell.isVisible()
    desk_with_copies.click("giveUp")
    assert not shell.isVisible()


def test_a_damaged_file_offers_the_copy_before_its_last_save(desk, tmp_path):
    path = tmp_path / "mine.vitro"
    first = Order.of(star_job(name="First"), id="f")
    save_order(first, path)
    save_order(first.changed(0, fit__angle=0.09), path)
    path.write_bytes(path.read_bytes()[:300])
    desk.shell.files.open(path)
    assert "try mine.vitro.bak" in desk.says("message")
    desk.click("openBackup")
    assert desk.bench.order == first and desk.bench.path == path and desk.shell.files.unsaved


def test_an_order_with_cream_on_is_not_left_without_a_question(open_desk, tmp_path):
    desk = open_desk(recovery=tmp_path / "unsaved")
    path, other = tmp_path / "standing.vitro", saved(tmp_path, "other")
    desk.shell.files.save_as(path)
    ref = StepRef("etch", 1, 1, "coat 1")
    # the first dab: no time counts down
    desk.bench.making.start_clocks([(ref, Clock(0.0, desk.bench.making.now()))])
    for leave in (lambda: desk.shell.files.open(other), desk.shell.files.new, desk.shell.close):
        leave()
        assert desk.bench.path == path and desk.shell.isVisible() and asked(desk, "stay", "leaveClocks")
        desk.click("stay")
    desk.shell.files.open(other)
    desk.click("leaveClocks")
    assert desk.bench.path == other
    desk.shell.files.open(path)
    desk.bench.making.start_clocks([(StepRef("etch", 1, 1, "rest"), Clock(300.0, desk.bench.making.now()))])
    desk.shell.close()
    assert desk.shell.isVisible(), "another clock, another question"
    assert not desk.shell.close()
    forgotten = StepRef("etch", 1, 1, "coat 1"), Clock(0.0, desk.bench.making.now() - 8000.0)
    assert desk.shell.files.held
    desk.bench.making.untick(*desk.bench.making.progress.clocks)
    desk.bench.making.start_clocks([forgotten])
    assert not desk.shell.files.held, "one of yesterday asks nothing"
    while desk.bench.making.progress.begun():                  # a step that is done begins the next one's clock
        desk.bench.making.tick(*desk.bench.making.progress.begun())
    assert desk.shell.close()


def test_a_file_that_other_hands_changed_meanwhile_is_not_saved_over_without_a_question(open_desk, tmp_path):
    desk = open_desk(recovery=tmp_path / "unsaved")
    path, theirs = saved(tmp_path, "shared"), Order.of(job(name="theirs"), id="shared")
    desk.shell.files.open(path)
    desk.bench.edit("Count", count=3)
    save_order(theirs, path)
    desk.shell.files.save()
    assert load_order(path) == theirs and desk.shell.files.unsaved
    desk.click("stay")
    desk.shell.files.save()
    desk.click("saveOver")
    assert load_order(path) == desk.bench.order and not desk.shell.files.unsaved
    for open_again in (True, False):                           # what is read or written here is known from then on
        if open_again:
            save_order(theirs, path)
            desk.shell.files.open(path)
        desk.bench.edit("Count", count=4 + open_again)
        desk.shell.files.save()
        assert load_order(path) == desk.bench.order
    path.unlink()
    desk.bench.edit("Count", count=2)
    desk.shell.files.save()
    assert load_order(path) == desk.bench.order, "one that is gone is written anew"
