"""Fonts installed on this machine, found where Linux keeps them; nothing is read but names until one is chosen."""

import os
from collections.abc import Iterator
from functools import cache
from pathlib import Path

from msgspec import Struct
from platformdirs import site_data_path, user_data_path

from vitrograph.core.artwork.words.fontfile import SUFFIXES, read_fonts
from vitrograph.core.errors import ArtworkError
from vitrograph.core.job import FontFile

_MOST_FILES = 5000


class InstalledFont(Struct, frozen=True):
    """A face of a font file on this machine."""

    name: str
    path: Path
    number: int

    def bring(self) -> FontFile:
        """The font, to be kept with the job. Raises ArtworkError."""
        return read_fonts(self.path)[self.number]


def font_folders() -> tuple[Path, ...]:
    """Where fonts are installed: for this user, and for all (XDG Base Directory Specification)."""
    places = (Path.home() / ".fonts", user_data_path() / "fonts", site_data_path() / "fonts",
              Path("/usr/share/fonts"), Path("/usr/local/share/fonts"))
    return tuple(dict.fromkeys(place for place in places if place.is_dir()))


@cache
def installed_fonts(folders: tuple[Path, ...] | None = None) -> tuple[InstalledFont, ...]:
    """All faces installed, by name, once each; files that are no outline fonts are passed over."""
    found: dict[str, InstalledFont] = {}
    for path in _files(font_folders() if folders is None else folders):
        try:
            for number, font in enumerate(read_fonts(path)):
                found.setdefault(font.name, InstalledFont(font.name, path, number))
        except ArtworkError:
            continue
    return tuple(sorted(found.values(), key=lambda font: font.name.casefold()))


def _files(folders: tuple[Path, ...]) -> Iterator[Path]:
    left = _MOST_FILES
    for folder in folders:
        for root, _, names in os.walk(folder):
            for name in sorted(names):
                if name.lower().endswith(SUFFIXES) and left > 0:
                    left -= 1
                    yield Path(root) / name
