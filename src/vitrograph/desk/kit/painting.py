"""The painter that every picture of the desk is painted with."""

from collections.abc import Iterable, Iterator
from contextlib import contextmanager

from PySide6.QtGui import QBrush, QColor, QPaintDevice, QPainter, QPainterPath


@contextmanager
def painting(on: QPaintDevice) -> Iterator[QPainter]:
    """A painter with smooth edges, ended however its painting ends.

    Left to the interpreter, a painter lives for as long as a fault's traceback holds it, and Qt gives up the whole
    program when one outlives its paint event.
    """
    painter = QPainter(on)
    painter.setRenderHints(QPainter.RenderHint.Antialiasing | QPainter.RenderHint.SmoothPixmapTransform)
    try:
        yield painter
    finally:
        painter.end()


def fill(painter: QPainter, paths: Iterable[QPainterPath], tone: QBrush | QColor) -> None:
    """Fill several paths, one after the other."""
    for path in paths:
        painter.fillPath(path, tone)
