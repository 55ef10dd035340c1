"""What is written at the artwork station stands out from its ground by 4.5:1 (WCAG 2.2, success criterion 1.4.3)."""

from collections import Counter

import pytest
from PySide6.QtWidgets import QComboBox, QLabel, QLineEdit, QPushButton

from specimens import STAR, TUMBLER
from vitrograph.core.artwork.vector.units import luminance
from vitrograph.core.job import Artwork, Drawing, Item, Job, Monogram, Shape, Words

PIECES = (Item(Words("Kestrel\nPoint 日"), key=1, size=40.0), Item(Shape(), key=2, size=60.0),
          Item(Drawing("star.svg", STAR.encode()), key=3, size=12.0, y=22.0), Item(Monogram(initials="KPO"), key=4,
                                                                                  size=20.0, y=-24.0))


def contrast(one, other):
    """Contrast of two colours, each red, green, blue from 0 to 255: WCAG 2.2, relative luminance and contrast ratio."""
    light, dark = sorted((luminance(one), luminance(other)), reverse=True)
    return (light + 0.05) / (dark + 0.05)


def written_contrast(widget):
    """Contrast of a widget's writing, in its picture, against its commonest colour."""
    image = widget.grab().toImage()
    seen = Counter(image.pixelColor(x, y).getRgb()[:3] for x in range(image.width())
                   for y in range(image.height()))
    ground = seen.most_common(1)[0][0]
    return max(contrast(colour, ground) for colour in seen)


@pytest.mark.parametrize("key", [1, 2, 3, 4])
def test_all_that_is_written_on_the_card_stands_out(open_desk, key):
    desk = open_desk(Job(glass=TUMBLER, artwork=Artwork(PIECES)))
    card = desk.go(2)
    desk.bench.choose(key)
    desk.settle()
    checked = 0
    for kind in (QLabel, QPushButton, QLineEdit, QComboBox):
        for widget in card.findChildren(kind):
            text = widget.currentText() if isinstance(widget, QComboBox) else widget.text()
            if widget.isVisible() and widget.isEnabled() and text.strip():
                assert written_contrast(widget) >= 4.5, f"{kind.__name__}: {text}"
                checked += 1
    assert checked > 20
