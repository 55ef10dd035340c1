"""What takes longer than a moment says what it is, how far it is, and can be stopped."""

from time import sleep

import pytest
from PySide6.QtWidgets import QLabel

from vitrograph.core.errors import Cancelled
from vitrograph.core.language import ENGLISH, Language, speak
from vitrograph.core.pipeline import Pipeline
from vitrograph.desk.kit.work_bar import HowFar


@pytest.fixture
def slow(monkeypatch):
    """Let every pipeline wait after its third stage for as long as the list says so."""
    waits, steps = [True], Pipeline.steps_of_order

    def waiting(self, order, first=0, cancel=None):
        for number, made in enumerate(steps(self, order, first, cancel)):
            yield made
            while number == 2 and waits[0]:
                if cancel.is_set():
                    raise Cancelled("stopped")
                sleep(0.005)

    monkeypatch.setattr(Pipeline, "steps_of_order", waiting)
    return waits


def test_slow_work_is_told_of_stopped_and_taken_up_again(desk, slow):
    bar = desk.shell.work_bar
    desk.bench.edit("Border", stencil__border=19.0)
    assert bar.isHidden()                                      # nothing is said of what takes a moment
    desk.qtbot.waitUntil(bar.isVisible, timeout=5000)
    says, far = bar.findChild(QLabel), bar.findChild(HowFar)
    assert says.text() == "Working out: fit, 3 of 14 steps done" and (far.done, far.whole) == (3, 14)
    desk.click("stopWork")
    assert says.text().startswith("Stopped") and desk.results.job != desk.bench.job
    desk.qtbot.wait(100)
    assert bar.isVisible() and desk.results.job != desk.bench.job
    slow[0] = False
    desk.click("stopWork")                                     # it says "Go on" now
    desk.settle()
    desk.qtbot.waitUntil(bar.isHidden)
    assert desk.results.job.stencil.border == 19.0


def test_how_far_it_is_shows_in_every_language_until_it_is_stopped(desk, slow):
    bar, far = desk.shell.work_bar, desk.shell.work_bar.findChild(HowFar)
    speak(Language("xx", lambda text, _one, _count: f"({text})"))
    try:
        desk.bench.edit("Border", stencil__border=19.0)
        desk.qtbot.waitUntil(bar.isVisible, timeout=5000)
        assert far.isVisible()
        desk.click("stopWork")
        assert not far.isVisible()
    finally:
        speak(ENGLISH)


def test_a_newer_change_takes_the_place_of_slow_work(desk, slow):
    desk.bench.edit("Border", stencil__border=19.0)
    desk.qtbot.waitUntil(desk.shell.work_bar.isVisible, timeout=5000)
    slow[0] = False
    desk.bench.edit("Border", stencil__border=16.0)
    desk.settle()
    desk.qtbot.waitUntil(desk.shell.work_bar.isHidden)
    assert desk.results.job.stencil.border == 16.0
