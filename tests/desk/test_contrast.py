"""What is written at the artwork station stands out from its ground by 4.5:1 (WCAG 2.2, success criterion 1.4.3)."""

from collections import Counter

import pytest
from PySide6.QtCore import QPoint, QRect, QSize
from PySide6.QtGui import QColor
from PySide6.QtWidgets import QCheckBox, QComboBox, QLabel, QLineEdit, QPushButton

from specimens import STAR, TUMBLER
from vitrograph.core.artwork.vector.units import luminance
from vitrograph.core.job import Artwork, Drawing, Item, Job, Monogram, Shape, Words
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.look import Look

PIECES = (Item(Words("Kestrel\nPoint 日"), key=1, size=40.0), Item(Shape(), key=2, size=60.0),
          Item(Drawing("star.svg", STAR.encode()), key=3, size=12.0, y=22.0), Item(Monogram(initials="KPO"), key=4,
                                                                                  size=20.0, y=-24.0))


def contrast(one, other):
    """Contrast of two colours, each red, green, blue from 0 to 255: WCAG 2.2, relative luminance and contrast ratio."""
    light, dark = sorted((luminance(one), luminance(other)), reverse=True)
    return (light + 0.05) / (dark + 0.05)


def written_contrast(widget, body):
    """Contrast of a widget's writing, in its picture on its card, against its commonest colour."""
    image = body.grab(QRect(widget.mapTo(body, QPoint()), widget.size())).toImage()
    seen = Counter(image.pixelColor(x, y).getRgb()[:3] for x in range(image.width())
                   for y in range(image.height()))
    ground = seen.most_common(1)[0][0]
    return max(contrast(colour, ground) for colour in seen)


@pytest.fixture(params=["dark", "light"])
def look(request):
    """The colours of the room round the work; put back at the end."""
    theme.use(Look(request.param))
    yield request.param
    theme.use(Look())


def test_the_colours_of_either_look_stand_out_from_their_grounds(look):
    """Writing by 4.5:1 (WCAG 2.2, 1.4.3), marks, edges of fields and focus by 3:1 (1.4.11)."""
    def apart(one, other):
        return contrast(*(QColor(colour).getRgb()[:3] for colour in (one, other)))

    for ground in (theme.CHROME, theme.CARD, theme.RAISED, theme.HOVER, theme.CAUTION):
        assert apart(theme.TEXT, ground) >= 4.5
    for ground in (theme.CHROME, theme.CARD):
        assert apart(theme.QUIET, ground) >= 4.5 and apart(theme.FIELD_EDGE, theme.CARD) >= 3
        for level in ("good", "watch", "stop", "open"):
            assert apart(theme.level_colour(level), ground) >= 3, level
        assert apart(theme.STOP, theme.CARD) >= 4.5, "an error's words"
    for ground in (theme.ACCENT, theme.ACCENT_HOVER):
        assert apart(theme.ON_ACCENT, ground) >= 4.5
    for written in (theme.LIT_TEXT, theme.LIT_QUIET, theme.LIT_ACCENT, theme.FROST):
        assert apart(written, theme.BLACK_CARD) >= 4.5
    for ink in (theme.PAPER_INK, theme.PAPER_QUIET, *theme.PAPER_LEVELS.values()):
        assert apart(ink, theme.PAPER) >= 4.5


def test_a_box_to_tick_is_seen_before_it_is_ticked_and_then_by_more_than_its_colour(look, open_desk):
    card = open_desk(Job(glass=TUMBLER, artwork=Artwork(PIECES))).go(5)
    box = next(one for one in card.findChildren(QCheckBox) if one.isVisible() and one.isEnabled())
    for ticked in (False, True):
        box.setChecked(ticked)
        place = QRect(box.mapTo(card.widget(), QPoint(0, (box.height() - 16) // 2)), QSize(16, 16))
        image = card.widget().grab(place).toImage()
        across = [image.pixelColor(x, 8).getRgb()[:3] for x in range(16)]
        assert contrast(across[0], QColor(theme.CARD).getRgb()[:3]) >= 3, "its edge"
        assert (max(contrast(one, across[2]) for one in across[2:14]) >= 4.5) == ticked, "the mark within"


@pytest.mark.parametrize("key", [1, 2, 3, 4])
def test_all_that_is_written_on_the_card_stands_out(look, open_desk, key):
    desk = open_desk(Job(glass=TUMBLER, artwork=Artwork(PIECES)))
    card = desk.go(2)
    desk.bench.choose(key)
    desk.settle()
    checked = 0
    for kind in (QLabel, QPushButton, QLineEdit, QComboBox):
        for widget in card.findChildren(kind):
            text = widget.currentText() if isinstance(widget, QComboBox) else widget.text()
            if widget.isVisible() and widget.isEnabled() and len(text.strip()) > 1:     # a ° is too small for its ink
                assert written_contrast(widget, card.widget()) >= 4.5, f"{kind.__name__}: {text}"
                checked += 1
    assert checked > 20
