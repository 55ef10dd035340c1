"""The shelf: glasses measured once and kept, a JSON file each in the user's data folder; generic shapes beside them.

A file holds all that is known of a glass, its picture too, so that it can be copied from shelf to shelf. The generic
shapes are round numbers to begin from, not measurements of any piece.
"""

import re
from collections.abc import Iterable
from contextlib import suppress
from functools import cache
from hashlib import sha256
from itertools import count
from pathlib import Path
from typing import Annotated

import msgspec
import platformdirs

from vitrograph.core.errors import OrderFileError, ShelfError
from vitrograph.core.glass.measure import wall_of
from vitrograph.core.job import Features, Glass, Job, MaterialName, Tools
from vitrograph.core.job.change import Put, put
from vitrograph.core.language import tr
from vitrograph.core.storing.whole import backup_of, read_plain, reason, write_whole
from vitrograph.data import SHIPPED

_MOST_BYTES = 2_000_000


class ShelvedGlass(msgspec.Struct, frozen=True, forbid_unknown_fields=True):
    """A glass on the shelf: its name and notes, its shape and features, how it was measured, and a picture (JPEG).

    `price` is what one costs, in the maker's money; 0 where nobody said.

    `pieces` are the glasses measured of a set that is meant to be equal (a word that its files keep).
    """

    name: Annotated[str, msgspec.Meta(min_length=1, max_length=80)]
    glass: Glass
    notes: str = ""
    material: MaterialName = "ordinary"
    tools: Tools = Tools()
    measured_on: str = ""
    features: Features = Features()
    pieces: tuple[Glass, ...] = ()
    picture: bytes = b""
    price: Annotated[float, msgspec.Meta(ge=0, le=1e6)] = 0.0

    @classmethod
    def of(cls, job: Job, name: str, notes: str = "", measured_on: str = "", picture: bytes = b"") -> "ShelvedGlass":
        """What a job knows of its glass, under a name."""
        return cls(name=name, glass=job.glass, notes=notes, material=job.material, tools=job.tools,
                   measured_on=measured_on, features=job.features, pieces=job.measured, picture=picture)

    def changes(self) -> tuple[Put, ...]:
        """The changes of a job that put this glass on its bench."""
        return (put(lambda job: job.glass, self.glass), put(lambda job: job.material, self.material),
                put(lambda job: job.tools, self.tools), put(lambda job: job.features, self.features),
                put(lambda job: job.measured, self.pieces))


def default_folder() -> Path:
    """The shelf in the user's data folder."""
    return Path(platformdirs.user_data_dir("vitrograph")) / "shelf"


@cache
def generic_glasses() -> tuple[ShelvedGlass, ...]:
    """The shapes that ship with the program."""
    text = (SHIPPED / "glasses.json").read_bytes()
    return tuple(msgspec.structs.replace(one, name=tr(one.name), notes=tr(one.notes) if one.notes else "")
                 for one in msgspec.json.decode(text, type=tuple[ShelvedGlass, ...]))


class Shelf:
    """A folder of glasses; read anew at each call, so that files may be copied in and out."""

    def __init__(self, folder: Path) -> None:
        self.folder = folder
        self.unread: tuple[str, ...] = ()            # a sentence for each file that was no glass, when last read

    def glasses(self) -> tuple[ShelvedGlass, ...]:
        """The maker's own glasses by name; files that are none are in `unread`, and hide no other."""
        found, unread = [], []
        for path in sorted(self.folder.glob("*.json")):
            try:
                found.append(read_glass(path))
            except ShelfError as error:
                unread.append(str(error))
        self.unread = tuple(unread)
        return tuple(sorted(found, key=lambda glass: glass.name.casefold()))

    def of_name(self, name: str) -> ShelvedGlass | None:
        """The maker's own glass of a name; None where there is none."""
        return next((glass for glass in self.glasses() if glass.name.casefold() == name.casefold()), None)

    def free_name(self, name: str) -> str:
        """A name that no glass has, nor generic shape: `name (2)`, or the next number that is free."""
        taken = {glass.name.casefold() for glass in (*self.glasses(), *generic_glasses())}
        return next(free for number in count(2) if (free := f"{name[:70]} ({number})").casefold() not in taken)

    def keep(self, glass: ShelvedGlass) -> Path:
        """Put a glass on the shelf, in the place of one of the same name, whose file stays beside it as `NAME.bak`.

        Raises ShelfError, GlassError.
        """
        wall_of(glass.glass)                                  # what is no glass is not kept
        content = glass_json(glass)
        if len(content) > _MOST_BYTES:
            raise ShelfError(tr("{name} takes {size:.1f} MB with its notes and picture: a glass on the shelf may take "
                                "{most:.0f}", name=glass.name, size=len(content) / 1e6, most=_MOST_BYTES / 1e6))
        path = self.folder / f"{_slug(glass.name)}.json"
        others = [old for old in self._files_of(glass.name) if old != path]
        try:
            self.folder.mkdir(parents=True, exist_ok=True)
            write_whole(path, content, keep_last=True)
            for old in others:
                old.unlink(missing_ok=True)
        except (OSError, OrderFileError) as error:
            raise ShelfError(tr("{name} cannot be written ({error}): the glass was not kept", name=path.name,
                                error=error)) from None
        return path

    def remove(self, name: str) -> None:
        """Take a glass off the shelf, its file aside as `NAME.bak`; one that is not there is no matter.

        Raises ShelfError.
        """
        try:
            for path in self._files_of(name):
                path.replace(backup_of(path))
        except OSError as error:
            raise ShelfError(tr("{name} stays on the shelf: its file cannot be moved ({error})", name=name,
                                error=reason(error))) from None

    def _files_of(self, name: str) -> list[Path]:
        """The files that hold a glass of a name, whatever they are called: some were copied in, some are old."""
        found = []
        for path in self.folder.glob("*.json"):
            with suppress(ShelfError):
                if read_glass(path).name.casefold() == name.casefold():
                    found.append(path)
        return found


def glass_json(glass: ShelvedGlass) -> bytes:
    """A glass as the text of its file."""
    return msgspec.json.format(msgspec.json.encode(glass), indent=1) + b"\n"


def search(glasses: Iterable[ShelvedGlass], words: str) -> tuple[ShelvedGlass, ...]:
    """The glasses whose name, kind or notes hold every one of the words."""
    wanted = words.casefold().split()
    texts = ((glass, f"{glass.name} {glass.glass.kind} {glass.notes}".casefold()) for glass in glasses)
    return tuple(glass for glass, text in texts if all(word in text for word in wanted))


def read_glass(path: Path) -> ShelvedGlass:
    """Read one glass file. Raises ShelfError with one sentence."""
    try:
        return msgspec.json.decode(read_plain(path, _MOST_BYTES), type=ShelvedGlass)
    except OSError as error:
        raise ShelfError(tr("{path} could not be opened: {reason}", path=path, reason=reason(error))) from None
    except msgspec.DecodeError as error:
        wrong = str(error)[:100].replace("`", "'")
        raise ShelfError(tr("{name} on the shelf is not a glass ({wrong}): mend or remove it", name=path.name,
                            wrong=wrong)) from None


def _slug(name: str) -> str:
    """A file name for a glass: letters and digits as they are, all else a dash, told apart by a digest of the name."""
    plain = re.sub(r"[^\w]+", "-", name.strip().casefold()).strip("-")[:40] or "glass"
    return f"{plain}-{sha256(name.strip().casefold().encode('utf-8', 'replace')).hexdigest()[:12]}"
