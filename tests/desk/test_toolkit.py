"""The toolkit itself: a release that loses references to None kills a window after some minutes of painting."""

import sys

from PySide6.QtGui import QFont


def test_void_methods_keep_the_reference_count_of_none(qapp):
    font = QFont("x")
    font.setBold(True)
    before = sys.getrefcount(None)
    for _ in range(1000):
        font.setBold(True)
    assert abs(sys.getrefcount(None) - before) < 100
