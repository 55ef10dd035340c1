"""What a finding is about is explained where it stands: a sentence and a drawing."""

import pytest
from PySide6.QtCore import QByteArray, QSize
from PySide6.QtSvg import QSvgRenderer
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QLabel, QLineEdit, QPushButton, QWidget

from specimens import job
from vitrograph.core.findings import Code
from vitrograph.desk.kit.findings_list import FindingRow
from vitrograph.desk.kit.terms import explained, picture_of, term_of, terms


def test_a_finding_explains_what_it_is_about_where_it_stands_and_puts_it_away(open_desk):
    desk = open_desk(job("Kestrel", face="Cinzel Bold"))
    card = desk.go(4)
    desk.settle()
    row = next(row for row in card.findChildren(FindingRow) if term_of(row.finding.code))
    code = row.finding.code
    sign = row.findChild(QPushButton, f"explain_{code}")
    assert sign.accessibleName() == f"What is it: {term_of(code)}"
    assert row.findChild(QWidget, f"explained_{code}") is None
    sign.click()
    QTest.qWait(20)
    shown = row.findChild(QWidget, f"explained_{code}")
    assert shown.isVisible() and terms()[term_of(code)] in shown.findChild(QLabel).text()
    seen = shown.grab().toImage()
    colours = {seen.pixelColor(x, y).name() for x in range(0, 200, 2) for y in range(0, 80, 2)}
    assert {"#2f8f83", "#f3efe6"} <= colours, "film and paper are drawn"
    sign.click()
    assert not shown.isVisible()


def test_a_field_tells_what_the_word_of_the_trade_in_its_title_means(desk):
    desk.go(4)
    border = desk.find(QLineEdit, "border")
    assert border.toolTip() == border.accessibleDescription() == f"Border: {terms()['Border']}"
    assert explained("Thinnest web it keeps").startswith("Web: ") and explained("Ties").startswith("Tie: ")
    assert explained("Its transfer tape").startswith("Transfer tape: ") and explained("Webbing") == ""


@pytest.mark.parametrize("code", [code for code in Code if term_of(code)])
def test_every_word_a_finding_is_about_has_its_sentence_and_its_drawing(code):
    drawing = QSvgRenderer(QByteArray(picture_of(code).read_bytes()))
    assert drawing.isValid() and drawing.defaultSize() == QSize(240, 100) and terms()[term_of(code)].endswith(".")
