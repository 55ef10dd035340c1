"""Files whole: read within bounds; written beside their place, synced, and renamed over it.

A crash in between leaves the old file or the new one, never a part.
"""

import contextlib
import errno
import os
import re
import secrets
import shutil
import stat
import time
from collections.abc import Sequence
from pathlib import Path

from vitrograph.core.errors import OrderFileError
from vitrograph.core.language import tr, tr_later

_NAMED = 4                              # files that a sentence names
_OLD_S = 3600.0                         # a save under way takes seconds, even onto a slow stick


def write_whole(path: Path, content: bytes, *, keep_last: bool = False) -> None:
    """Put content in a file's place, whole or not at all; with `keep_last` the one before stays as `NAME.bak`.

    A new file has the mode that the maker's umask gives, one replaced keeps its own, and a link goes on pointing where
    it points. Raises OrderFileError with one sentence; the old file then stands.
    """
    try:
        place = path.resolve() if path.is_symlink() else path
        if place.exists() and not place.is_file() and not place.is_dir():
            raise OSError(0, _REFUSED)                         # it would be gone, and a file in its place
        _sweep(place)
        temporary = _written_beside(place, content)
        try:
            if keep_last:
                _keep(place)
            temporary.replace(place)
        except BaseException:
            temporary.unlink(missing_ok=True)
            raise
        _sync_folder(place.parent)
    except (OSError, ValueError) as error:
        raise OrderFileError(tr("{path} cannot be written ({reason}): choose another place", path=path,
                                reason=reason(error))) from None


def keep_apart(*paths: Path) -> None:
    """Refuse files that would be read or written in one another's place. Raises OrderFileError."""
    places = [path.resolve() for path in paths]
    for number, place in enumerate(places):
        if place in places[:number]:
            raise OrderFileError(tr("{paths} is named twice: one file would take the other's place",
                                    paths=paths[number]))


def names_of(paths: Sequence[Path]) -> str:
    """Files by their names, as a sentence has them: the first, and how many more.

    >>> names_of([Path(f"cut-{number}.plt") for number in range(1, 7)])
    'cut-1.plt, cut-2.plt, cut-3.plt, cut-4.plt and 2 more'
    """
    more = tr(" and {n} more", n=len(paths) - _NAMED) if len(paths) > _NAMED else ""
    return ", ".join(path.name for path in paths[:_NAMED]) + more


def backup_of(path: Path) -> Path:
    """Where the copy before the last save stands."""
    return path.with_name(path.name + ".bak")


def reason(error: Exception) -> str:
    """Why the system refused, in its own words, and in the language that is spoken where it says that often."""
    told = untold_reason(error)
    return tr(told) if told in _REASONS else told


def untold_reason(error: Exception) -> str:
    """Why the system refused, in English; without the path it is about, which may hold any word."""
    return ((error.strerror if isinstance(error, OSError) else "") or str(error)).lower()


_REFUSED = tr_later("no file, but a device or a pipe")
_REASONS = {                        # what the system says the oftenest, in English
    tr_later("no such file or directory"), tr_later("permission denied"), tr_later("is a directory"),
    tr_later("not a directory"), tr_later("no space left on device"), tr_later("read-only file system"),
    tr_later("file name too long"), tr_later("file exists"), tr_later("connection refused"),
    tr_later("input/output error"), tr_later("device or resource busy"), _REFUSED,
}


def _written_beside(place: Path, content: bytes) -> Path:
    """A file of its own, with a name nobody can foresee, synced."""
    temporary = place.with_name(f".{place.name[:60]}.{secrets.token_hex(8)}.part")
    handle = os.open(temporary, os.O_WRONLY | os.O_CREAT | os.O_EXCL | getattr(os, "O_NOFOLLOW", 0), 0o666)
    try:
        with os.fdopen(handle, "wb") as stream:
            with contextlib.suppress(FileNotFoundError):
                os.fchmod(stream.fileno(), stat.S_IMODE(place.stat().st_mode))
            stream.write(content)
            stream.flush()
            os.fsync(stream.fileno())
    except BaseException:
        temporary.unlink(missing_ok=True)
        raise
    return temporary


def _keep(place: Path) -> None:
    """Keep the file that stands there as `NAME.bak`; where there are no hard links, as a copy."""
    if not place.exists():
        return
    backup = backup_of(place)
    fresh = place.with_name(f".{place.name[:60]}.{secrets.token_hex(8)}.part")
    try:
        try:
            os.link(place, fresh)
        except OSError:
            shutil.copy2(place, fresh)
        fresh.replace(backup)
    except BaseException:
        fresh.unlink(missing_ok=True)
        raise


def _sweep(place: Path) -> None:
    """Clear what saves of this very file left behind when they were killed: half-written files, ours and old."""
    ours = re.compile(re.escape(f".{place.name[:60]}.") + r"[0-9a-f]{16}\.part")
    with contextlib.suppress(OSError), os.scandir(place.parent) as listed:
        for left in listed:
            with contextlib.suppress(OSError):                # one that is renamed just now is no leftover
                if ours.fullmatch(left.name) and time.time() - left.stat(follow_symlinks=False).st_mtime > _OLD_S:
                    Path(left.path).unlink(missing_ok=True)


def _sync_folder(folder: Path) -> None:
    """Have the new name on the disk as well; a file system that cannot is no reason to refuse."""
    with contextlib.suppress(OSError):
        handle = os.open(folder, os.O_RDONLY)
        try:
            os.fsync(handle)
        finally:
            os.close(handle)


def read_plain(path: Path, most: int) -> bytes:
    """A plain file's content, refused unread where it holds more than `most` bytes. Raises OSError, saying why."""
    size, content = plain_size(path), b""
    if size <= most:
        with path.open("rb") as stream:
            content = stream.read(most + 1)                   # one that grows meanwhile is no reason to go on
    if max(size, len(content)) > most:
        raise OSError(errno.EFBIG, tr("it is larger than {most:.3g} MB; choose a smaller one", most=most / 1e6))
    return content


def plain_name(path: Path) -> str:
    """A file's name as words that can be written: names need not be UTF-8, and then hold what no text can."""
    return writable(path.name)


def writable(text: str) -> str:
    """Text that can be written: half a pair of surrogates, which no file and no screen can hold, is a question mark."""
    return text.encode("utf-8", "replace").decode("utf-8")


def plain_size(path: Path) -> int:
    """How many bytes a plain file holds. Raises OSError, also for a folder, and for a device or a pipe, which may never
    end.
    """
    about = path.stat()
    if stat.S_ISDIR(about.st_mode):
        raise IsADirectoryError(errno.EISDIR, "Is a directory")
    if not stat.S_ISREG(about.st_mode):
        raise OSError(errno.EINVAL, tr("it is a device or a pipe, which may never end; choose a plain file"))
    return about.st_size
