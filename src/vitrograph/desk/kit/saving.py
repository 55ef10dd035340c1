"""Where a file is, or is to be written: asked in the system's dialog, and nothing there goes without a word."""

import re
from collections.abc import Callable, Iterable
from pathlib import Path

from PySide6.QtCore import QStandardPaths
from PySide6.QtWidgets import QFileDialog, QMessageBox, QWidget

from vitrograph.core.language import tr
from vitrograph.core.storing.whole import names_of

_REFUSED_BY_STICKS = re.compile(r'[/\\:*?"<>|\x00-\x1f]')


class _Last:
    """Where the last file was that somebody asked for."""

    folder = ""


_LAST = _Last()


def usual_folder() -> str:
    """Where a dialog begins: where the last file was, else among the maker's documents."""
    return _LAST.folder or QStandardPaths.writableLocation(QStandardPaths.StandardLocation.DocumentsLocation)


def used(path: Path) -> Path:
    """Begin the next dialog where this file is; the path."""
    _LAST.folder = str(path.parent)
    return path


def ask_place(
    parent: QWidget, title: str, kinds: str, proposed: str, *, folder: Path | None = None,
    written: Callable[[Path], Iterable[Path]] | None = None
) -> Path | None:
    """Ask where to write, beginning with a proposed name, in a folder or that of last time; None where it is left.

    What is typed gets the proposed name's ending where it has another or none (*Dr. Smith* becomes *Dr. Smith.pdf*).
    The dialog asks before the file that was typed is written over; that of the full name, and those that are `written`
    besides or in its stead, are asked for here.
    """
    dialog = QFileDialog(parent, title)
    dialog.setAcceptMode(QFileDialog.AcceptMode.AcceptSave)
    dialog.setNameFilter(kinds)
    ending = Path(proposed).suffix
    dialog.setDefaultSuffix(ending.removeprefix("."))
    dialog.setDirectory(usual_folder() if folder is None else str(folder))
    dialog.selectFile(_REFUSED_BY_STICKS.sub("-", proposed))
    chosen = dialog.selectedFiles() if dialog.exec() else []
    dialog.deleteLater()
    if not chosen:
        return None
    typed = Path(chosen[0])
    path = typed if typed.suffix.casefold() == ending else typed.with_name(typed.name + ending)
    used(path)
    there = [one for one in (written(path) if written else [path]) if one != typed and one.exists()]
    return path if not there or _may_write_over(parent, title, there) else None


def _may_write_over(parent: QWidget, title: str, there: list[Path]) -> bool:
    box = QMessageBox(parent)
    box.setWindowTitle(title)
    box.setText(tr("{n} files are there already: {names}. Write over them?",
                   "A file is there already: {names}. Write over it?", n=len(there), names=names_of(there)))
    over = box.addButton(tr("Write over", "a file"), QMessageBox.ButtonRole.DestructiveRole)
    leave = box.addButton(tr("Leave it"), QMessageBox.ButtonRole.RejectRole)
    box.setEscapeButton(leave)
    box.setDefaultButton(leave)
    box.exec()
    box.deleteLater()
    return box.clickedButton() is over
