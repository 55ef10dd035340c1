"""The painter that every picture of the desk is painted with."""

from collections.abc import Iterator
from contextlib import contextmanager

from PySide6.QtGui import QPaintDevice, QPainter


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
