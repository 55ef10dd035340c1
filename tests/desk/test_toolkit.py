"""The toolkit itself, and what every card is made of."""

import sys

import pytest
from PySide6.QtGui import QFont, QTextLayout
from PySide6.QtWidgets import QPushButton

from vitrograph.core.findings import Code, Finding, Level, Remedy
from vitrograph.core.job.change import put
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.findings_list import FindingList, FindingRow


def test_void_methods_keep_the_reference_count_of_none(qapp):
    """A release that loses references to None kills a window after some minutes of painting."""
    font = QFont("x")
    font.setBold(True)
    before = sys.getrefcount(None)
    for _ in range(1000):
        font.setBold(True)
    assert abs(sys.getrefcount(None) - before) < 100


def test_the_programs_own_face_writes_the_letters_of_all_europe_however_often_it_is_read(qapp):
    for _ in range(2):
        theme.apply(qapp)
    layout = QTextLayout("Kestrel Größe Łódź œuvre", theme.font())
    layout.beginLayout()
    layout.createLine()
    layout.endLayout()
    assert {run.rawFont().familyName().partition(" ")[0] for run in layout.glyphRuns()} == {"Atkinson"}


def _thin(*, to: float, value: float = 0.5, label: str = "Lower it") -> Finding:
    return Finding(Code.WEB, Level.WATCH, "thin film", where=(value, 0.0), value=value, limit=0.8,
                   remedy=Remedy.of(label, put(lambda job: job.fit.from_rim, to)))


class Listed(FindingList):
    """A list of findings on no card."""

    def rows(self) -> list[FindingRow]:
        """Its rows, in the order they are laid out; the keyboard goes the same way."""
        laid = [self.layout().itemAt(at).widget() for at in range(self.layout().count())]
        rows = [row for row in laid if isinstance(row, FindingRow)]
        assert [row for row in self.children() if row in rows] == rows
        return rows


@pytest.fixture
def listed(desk):
    """A list's rows, once all are made."""
    shown = Listed(desk.bench)
    desk.qtbot.addWidget(shown)

    def show(*findings: Finding, sound: str = "") -> list[FindingRow]:
        shown.show_findings(findings[:7], "")                # and while those are being made, these
        shown.show_findings(findings, sound)
        desk.qtbot.waitUntil(lambda: len(shown.findChildren(FindingRow)) == len(findings))
        return shown.rows()

    return show


def test_a_finding_found_anew_keeps_its_row_and_does_what_mends_it_now(desk, listed):
    first, = listed(_thin(to=11.0))
    again, = listed(_thin(to=12.0))
    assert again is first
    again.findChild(QPushButton, "remedy_web").click()
    assert desk.bench.job.fit.from_rim == 12.0
    other, = listed(_thin(to=12.0, label="Raise it"))
    assert other is not first and other.findChild(QPushButton, "remedy_web").text() == "Raise it"


def test_a_long_list_is_made_bit_by_bit_and_stands_in_its_order(desk, listed):
    told = [Finding(code, Level.WATCH, f"number {code}") for code in list(Code)[:9]]
    rows = listed(*told)
    assert [row.finding for row in rows] == told
    kept = listed(*told[6:], *told[:2])
    assert kept == [*rows[6:], *rows[:2]]
    assert not listed(sound="All well.")
    assert [row.finding for row in listed(*told[::-1])] == told[::-1]
