"""Unsaved work survives a crash: a copy in the user's state folder, offered again at the next start."""

import os
from pathlib import Path

import platformdirs
from PySide6.QtCore import QObject, QTimer

from vitrograph.core.errors import VitrographError
from vitrograph.core.job import Order
from vitrograph.core.storing.orderfile import load_order, save_order
from vitrograph.desk.bench import Bench

_DELAY_MS = 1500


def default_folder() -> Path:
    """Where unsaved work is kept."""
    return Path(platformdirs.user_state_dir("vitrograph")) / "unsaved"


class Recovery(QObject):
    """Keeps a copy of the order in hand while it differs from what was saved."""

    def __init__(self, bench: Bench, folder: Path) -> None:
        super().__init__(bench)
        self.bench, self.folder = bench, folder
        self.copy = folder / f"{os.getpid()}.vitro"
        self._wait = QTimer(self)
        self._wait.setSingleShot(True)
        self._wait.setInterval(_DELAY_MS)
        self._wait.timeout.connect(self.keep)
        bench.job_changed.connect(lambda _job: self._wait.start())
        bench.undo_stack.cleanChanged.connect(lambda clean: self.forget() if clean else None)

    def keep(self) -> None:
        """Write the copy now, if there is anything unsaved; a full disk must not stop the work."""
        self._wait.stop()
        if self.bench.undo_stack.isClean():
            return
        try:
            self.folder.mkdir(parents=True, exist_ok=True)
            save_order(self.bench.order, self.copy)
        except (VitrographError, OSError) as error:
            self.bench.refused.emit(f"no safety copy could be kept ({error}): save the order yourself")

    def forget(self) -> None:
        """The work is saved: drop the copy."""
        self._wait.stop()
        drop(self.copy)


def left_behind(folder: Path) -> tuple[Path, Order] | None:
    """The newest copy left by a program that is no longer running; copies that cannot be read are passed over."""
    copies = [path for path in folder.glob("*.vitro") if path.stem.isdigit() and not _alive(int(path.stem))]
    for path in sorted(copies, key=lambda copy: copy.stat().st_mtime, reverse=True):
        try:
            return path, load_order(path)
        except VitrographError:
            continue
    return None


def drop(copy: Path) -> None:
    """Delete a safety copy and the one before it."""
    copy.unlink(missing_ok=True)
    copy.with_name(copy.name + ".bak").unlink(missing_ok=True)


def _alive(process: int) -> bool:
    try:
        os.kill(process, 0)
    except ProcessLookupError:
        return False
    except PermissionError:
        return True
    return True
