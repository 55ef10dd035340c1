"""Where films are cut to, kept while they are being cut: a window that ends meanwhile must not take that along."""

import json
from contextlib import suppress
from pathlib import Path
from time import monotonic

from vitrograph.core.errors import OrderFileError
from vitrograph.core.storing.whole import read_plain
from vitrograph.desk.kit.habits import keep

_KEEP_S = 2.0                      # a path may take less, and a file is not written for each
_MOST_BYTES = 10_000
_MOST_FILMS = 20                   # films stopped and never gone on with make room for newer ones


class StoppedFiles:
    """The place of each film's next path, as it is typed; a file a film, so that two cutters keep theirs at once."""

    def __init__(self, workshop: Path) -> None:
        self._folder = workshop.with_name("stopped")
        self._again = 0.0

    def read(self) -> dict[bytes, str]:
        """The place by what tells the film, the latest last; what cannot be read is left out."""
        places = {}
        for path in self._oldest_first()[-_MOST_FILMS:]:
            with suppress(OSError, ValueError, KeyError, TypeError, RecursionError):
                told = json.loads(read_plain(path, _MOST_BYTES))
                places[bytes.fromhex(told["film"])] = str(told["next"])[:20]
        return places

    def keep(self, place: str, film: bytes, *, at_once: bool = False) -> None:
        """Keep it, every two seconds or at once; where nothing can be written the film is cut all the same."""
        if at_once or monotonic() >= self._again:
            self._again = monotonic() + _KEEP_S
            with suppress(OrderFileError, OSError):
                keep({"next": place, "film": film.hex()}, self._path(film))
                for path in self._oldest_first()[:-_MOST_FILMS]:
                    path.unlink(missing_ok=True)

    def forget(self, film: bytes) -> None:
        """All of it is cut, or it is begun anew."""
        with suppress(OSError):
            self._path(film).unlink(missing_ok=True)

    def _path(self, film: bytes) -> Path:
        return self._folder / f"{film.hex()[:16]}.json"

    def _oldest_first(self) -> list[Path]:
        aged = []
        for path in self._folder.glob("*.json"):
            with suppress(OSError):                            # another window may have forgotten it
                aged.append((path.stat().st_mtime_ns, path))
        return [path for _, path in sorted(aged)]
