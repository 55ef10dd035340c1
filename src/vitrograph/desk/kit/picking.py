"""Files to read, asked for in the system's dialog by what they end in."""

from pathlib import Path

from PySide6.QtWidgets import QFileDialog, QWidget

from vitrograph.core.language import tr
from vitrograph.core.pictures.reading import SUFFIXES
from vitrograph.desk.kit.saving import used, usual_folder

DRAWINGS = (".svg", ".svgz", ".dxf", ".pdf", ".ai", *SUFFIXES)
LISTS = (".csv", ".xlsx", ".ods", ".txt", ".tsv")


def pick_picture(parent: QWidget, title: str) -> Path | None:
    """Ask for a picture; None where it is left."""
    return pick(parent, title, tr("Pictures ({endings})", endings=globs(SUFFIXES)))


def pick(parent: QWidget, title: str, kinds: str) -> Path | None:
    """Ask for a file of some kinds, or any; None where it is left."""
    path, _ = QFileDialog.getOpenFileName(parent, title, usual_folder(), ";;".join((kinds, tr("All files (*)"))))
    return used(Path(path)) if path else None


def globs(suffixes: tuple[str, ...]) -> str:
    """Endings as the dialog takes them."""
    return " ".join(f"*{suffix}" for suffix in suffixes)
