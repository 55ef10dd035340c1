"""`./run install` and `./run uninstall`: launcher, the desktop's entry, kind of file, icons, manual, completions.

All goes where the XDG Base Directory specification puts a user's own things; nothing needs an administrator. What the
maker made (orders, logbook, shelf, workshop) is never touched.
"""

import os
import re
import shutil
import subprocess
import sys
from collections.abc import Callable, Sequence
from pathlib import Path

from vitrograph.core.language import spoken, tr
from vitrograph.core.storing.whole import reason
from vitrograph.data import SHIPPED
from vitrograph.languages import LANGUAGES, speak_chosen

SIZES = (16, 22, 24, 32, 48, 64, 128, 256, 512)
_REFRESH = (("update-desktop-database", "applications"), ("update-mime-database", "mime"),
            ("gtk-update-icon-cache", "icons/hicolor"))


def main(words: Sequence[str]) -> int:
    """Install or uninstall, and say in lines what was done; 2 where it could not be."""
    speak_chosen()
    does: dict[str, Callable[[Path, Path], list[str]]] = {"install": install, "uninstall": uninstall}
    if len(words) != 1 or words[0] not in does:
        print("vitrograph: " + tr("install or uninstall was wanted"), file=sys.stderr)
        return 2
    try:
        for line in does[words[0]](data_home(), Path.home() / ".local" / "bin"):
            print(line)
    except OSError as error:
        told = tr("{path} cannot be written ({reason}): make room or give yourself the right to write there",
                  path=error.filename or tr("it"), reason=reason(error))
        print(f"vitrograph: {told}", file=sys.stderr)
        return 2
    return 0


def data_home() -> Path:
    """Where a user's own programs put what desktops read."""
    told = os.environ.get("XDG_DATA_HOME", "")
    return Path(told) if Path(told).is_absolute() and told else Path.home() / ".local" / "share"


def _command() -> Path:
    """The program in the environment that this is."""
    return Path(sys.prefix) / "bin" / "vitrograph"


def install(data: Path, programs: Path) -> list[str]:
    """Put the launcher and all that a desktop reads in their places. Raises OSError."""
    command = _command()
    programs.mkdir(parents=True, exist_ok=True)
    launcher = programs / "vitrograph"
    launcher.unlink(missing_ok=True)
    launcher.symlink_to(command)
    files = SHIPPED / "desktop"
    for name, place in _places(data).items():
        place.parent.mkdir(parents=True, exist_ok=True)
        place.write_text(_started_by(command, (files / name).read_text("utf-8")), "utf-8")
    for size in SIZES:
        _draw_icon((files / "vitrograph.svg").read_bytes(), size, _icon_place(data, size))
    _refresh(data)
    said = [tr("installed: {launcher}, and an entry in the desktop's menu; .vitro files open with it",
               launcher=launcher)]
    if str(programs) not in os.environ.get("PATH", "").split(os.pathsep):
        said.append(tr("{programs} is not on your PATH: add it, or start the program from the menu",
                       programs=programs))
    return said


def _started_by(command: Path, text: str) -> str:
    """A file with the program's whole path: a desktop need not look where shells look.

    Quoted as the Desktop Entry specification asks ("The Exec key"), once for the word and once for the string.

    >>> _started_by(Path("/home/a b/vitrograph"), "TryExec=vitrograph\\nExec=vitrograph open %f")
    'TryExec=/home/a b/vitrograph\\nExec="/home/a b/vitrograph" open %f'
    """
    quoted = re.sub(r'(["`$\\\\])', r"\\\\\1", str(command)).replace("%", "%%")
    text = text.replace("TryExec=vitrograph", f"TryExec={command}")
    return re.sub(r"(?m)^Exec=vitrograph", lambda _found: f'Exec="{quoted}"', text)


def uninstall(data: Path, programs: Path) -> list[str]:
    """Take all of that away again. Raises OSError."""
    launcher = programs / "vitrograph"
    if launcher.is_symlink() and (launcher.readlink() == _command() or "vitrograph" in str(launcher.readlink().parent)):
        launcher.unlink()                                      # ours, of this environment or of the program's own
    for place in (*_places(data).values(), *(_icon_place(data, size) for size in SIZES)):
        place.unlink(missing_ok=True)
    _refresh(data)
    return [tr("uninstalled: the launcher, the menu's entry, the kind of file, the icons, the manual and the "
               "completions"), tr("what you made stays: {place}", place=data / "vitrograph")]


def _places(data: Path) -> dict[str, Path]:
    """Where each of our files goes."""
    icons, code = data / "icons" / "hicolor", spoken().code
    completion = "_vitrograph" if code == "en" else f"_vitrograph.{code}"      # the one shell that shows what flags do
    return {"vitrograph.desktop": data / "applications" / "vitrograph.desktop",
            "vitrograph-mime.xml": data / "mime" / "packages" / "vitrograph.xml",
            "org.vitrograph.Vitrograph.metainfo.xml": data / "metainfo" / "org.vitrograph.Vitrograph.metainfo.xml",
            "vitrograph.1": data / "man" / "man1" / "vitrograph.1",
            **{f"vitrograph.{other}.1": data / "man" / other / "man1" / "vitrograph.1"
               for other in LANGUAGES if other != "en"},
            "vitrograph.bash": data / "bash-completion" / "completions" / "vitrograph",
            completion: data / "zsh" / "site-functions" / "_vitrograph",
            "vitrograph.svg": icons / "scalable" / "apps" / "vitrograph.svg",
            "vitrograph-symbolic.svg": icons / "symbolic" / "apps" / "vitrograph-symbolic.svg"}


def _icon_place(data: Path, size: int) -> Path:
    return data / "icons" / "hicolor" / f"{size}x{size}" / "apps" / "vitrograph.png"


def _draw_icon(svg: bytes, size: int, place: Path) -> None:
    """Draw the icon at a size. Raises OSError."""
    from PySide6.QtCore import QByteArray, QRectF, Qt
    from PySide6.QtGui import QImage, QPainter
    from PySide6.QtSvg import QSvgRenderer

    image = QImage(size, size, QImage.Format.Format_ARGB32)
    image.fill(Qt.GlobalColor.transparent)
    painter = QPainter(image)
    QSvgRenderer(QByteArray(svg)).render(painter, QRectF(0, 0, size, size))
    painter.end()
    place.parent.mkdir(parents=True, exist_ok=True)
    if not image.save(str(place)):
        raise OSError(None, tr("no room"), str(place))


def _refresh(data: Path) -> None:
    """Let the desktop know, where it has the tools; without them it looks by itself, later."""
    for tool, folder in _REFRESH:
        if (found := shutil.which(tool)) and (data / folder).is_dir():
            subprocess.run([found, str(data / folder)], check=False, capture_output=True)


if __name__ == "__main__":
    raise SystemExit(main(sys.argv[1:]))
