"""Wide windows and narrow ones: cards in two columns and in one, and the least a window may be."""

import pytest
from PySide6.QtCore import QPoint
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QLabel, QPushButton, QWidget

from specimens import job
from vitrograph.core.demo import demo_job
from vitrograph.core.stations import STATIONS
from vitrograph.desk.kit import fields, theme
from vitrograph.desk.kit.columns import Columns, section_heading
from vitrograph.desk.kit.look import Look
from vitrograph.desk.kit.wrapping import Tick


class Row(QWidget):
    """A row so high."""

    def __init__(self, high):
        super().__init__()
        self.setFixedHeight(high)


def tops(card):
    """Where the rows shown of a card stand, from its own corner: (left, top)."""
    QTest.qWait(20)                                            # laid out when the window is next idle
    return [(at.x(), at.y()) for row in card.columns.rows if row.isVisible()
            for at in [row.mapTo(card.widget(), QPoint(0, 0))]]


def test_at_every_station_a_wide_windows_card_stands_in_two_columns_read_one_after_the_other(open_desk):
    desk = open_desk(demo_job())
    desk.shell.resize(1900, 1000)
    for number, station in enumerate(STATIONS, start=1):
        card = desk.go(number)
        desk.settle()
        places = tops(card)
        lefts = sorted({x for x, _ in places})
        assert len(lefts) == 2, station
        assert places == sorted(places), f"{station}: down the left column first, then down the right one"
        heights = [max(row.y() + row.height() for row in card.columns.rows if row.isVisible() and row.x() == x)
                   for x in lefts]
        assert max(heights) < 0.9 * sum(heights)
        assert not card.columns.rows[card.columns.parted - 1].property("heading")
    desk.shell.resize(1280, 800)
    desk.settle()
    assert len({x for x, _ in tops(desk.card())}) == 1


def test_what_is_typed_into_stays_where_it_is_while_a_sentence_comes_and_goes(open_desk):
    desk = open_desk(job("K"))
    desk.shell.resize(1900, 1000)
    desk.go(1)
    desk.settle()
    columns, before = desk.card().columns, tops(desk.card())
    assert columns.parted
    for typed in ("nothing", "86"):
        parted = columns.parted
        desk.type_into("rim", typed)
        desk.settle()
        assert columns.parted == parted
    assert [x < 200 for x, _ in tops(desk.card())] == [x < 200 for x, _ in before]


def test_rows_are_divided_for_the_least_height_and_a_division_is_kept_until_it_is_much_worse(qtbot):
    body = QWidget()
    qtbot.addWidget(body)
    columns = Columns(body)
    rows = [Row(100), Row(100), section_heading("Film"), Row(100), Row(140)]
    columns.add(*rows)
    body.resize(700, 600)
    body.show()
    columns.arrange(300)
    QTest.qWait(20)
    assert columns.parted == 2 and rows[2].x() == rows[3].x() > rows[1].x()
    rows[4].setFixedHeight(250)
    columns.arrange(300)
    assert columns.parted == 2, "a little worse: nothing jumps"
    rows[3].setFixedHeight(500)
    rows[4].setFixedHeight(500)
    columns.arrange(300)
    assert columns.parted == 4
    columns.put(0, rows[4])
    columns.arrange(0)
    QTest.qWait(20)
    assert columns.rows[0] is rows[4] and [row.y() for row in columns.rows] == sorted(row.y() for row in columns.rows)


ACCENTED = str.maketrans("aeiouAEIOUcnsy", "àéîõüÀÉÎÕÜçñšý")


def longer(words):
    """Words as another language might have them: accents, and a third longer (a pseudo-language; no real one)."""
    return " ".join(word.translate(ACCENTED) + "m" * round(len(word) * 0.3) for word in words.split(" "))


def talking(kind):
    """A kind of widget whose words are all longer."""
    class Talking(kind):
        def __init__(self, text=""):
            super().__init__(longer(text))

        def setText(self, text):
            super().setText(longer(text))

    return Talking


@pytest.mark.parametrize("station", STATIONS)
def test_words_a_third_longer_are_not_cut_on_any_station(open_desk, station, monkeypatch):
    for kind in (QLabel, QPushButton):
        monkeypatch.setattr(fields, kind.__name__, talking(kind))
    monkeypatch.setattr(Tick, "__init__", lambda self, words, make=Tick.__init__: make(self, longer(words)))
    desk = open_desk(demo_job())
    desk.bench.go(station)
    desk.settle()
    QTest.qWait(60)
    card = desk.card()
    for one in card.findChildren(QWidget):
        if not isinstance(one, QLabel | QPushButton | Tick) or not one.isVisible():
            continue
        where = f"{station}: {one.objectName()} {one.text()}"
        if isinstance(one, QPushButton | Tick):
            lines = one.text().split("\n")
            assert max(map(one.fontMetrics().horizontalAdvance, lines)) <= one.width(), where
        elif one.wordWrap() and one.text():
            assert max(map(one.fontMetrics().horizontalAdvance, one.text().split())) <= one.width() + 1, where
    assert card.widget().width() == card.viewport().width(), "nothing stands out of the card"


@pytest.mark.parametrize("station", STATIONS)
def test_the_window_may_be_1024_wide_and_700_high(open_desk, station):
    desk = open_desk(demo_job())
    desk.bench.go(station)
    desk.settle()
    least = desk.shell.minimumSizeHint()
    assert least.width() <= 1024 and least.height() <= 700


def test_where_large_writing_leaves_no_room_for_it_the_packet_is_in_the_menu(open_desk):
    theme.use(Look(text=1.5))
    try:
        desk = open_desk(demo_job())
        top = desk.shell.top
        for wide, stands in ((1280, True), (desk.shell.minimumSizeHint().width(), False), (1280, True)):
            desk.shell.resize(wide, 800)
            QTest.qWait(20)
            assert top.packet.isVisible() == stands and top.send.isVisible()
        assert "Work packet" in [action.text() for action in top.menu_button.menu().actions()]
    finally:
        theme.use(Look())
