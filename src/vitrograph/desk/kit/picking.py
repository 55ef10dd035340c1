"""Files of pictures and drawings, asked for in the system's dialog."""

from pathlib import Path

from PySide6.QtWidgets import QFileDialog, QWidget

from vitrograph.core.language import tr
from vitrograph.core.pictures.reading import SUFFIXES

DRAWINGS = (".svg", ".dxf", *SUFFIXES)


def pick_picture(parent: QWidget, title: str) -> Path | None:
    """Ask for a picture; None where it is left."""
    return _pick(parent, title, tr("Pictures ({endings})", endings=_globs(SUFFIXES)))


def pick_drawing(parent: QWidget, title: str) -> Path | None:
    """Ask for a drawing or a picture; None where it is left."""
    return _pick(parent, title, tr("Drawings and pictures ({endings})", endings=_globs(DRAWINGS)))


def _pick(parent: QWidget, title: str, kinds: str) -> Path | None:
    path, _ = QFileDialog.getOpenFileName(parent, title, "", ";;".join((kinds, tr("All files (*)"))))
    return Path(path) if path else None


def _globs(suffixes: tuple[str, ...]) -> str:
    return " ".join(f"*{suffix}" for suffix in suffixes)
