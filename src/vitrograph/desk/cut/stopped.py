"""Where a film is cut to, kept while it is being cut: a window that ends meanwhile must not take that along."""

import json
from contextlib import suppress
from pathlib import Path
from time import monotonic

from vitrograph.core.errors import OrderFileError
from vitrograph.core.storing.whole import read_plain
from vitrograph.desk.kit.habits import keep

_KEEP_S = 2.0                      # a path may take less, and a file is not written for each
_MOST_BYTES = 10_000


class StoppedFile:
    """The place of the next path, as it is typed, and what tells the film; beside the workshop's file."""

    def __init__(self, workshop: Path) -> None:
        self._place = workshop.with_name("stopped.json")
        self._again = 0.0

    def read(self) -> tuple[str, bytes]:
        """What was kept; "" where all was cut, or what is there cannot be read."""
        with suppress(OSError, ValueError, KeyError, TypeError, RecursionError):
            told = json.loads(read_plain(self._place, _MOST_BYTES))
            return str(told["next"])[:20], bytes.fromhex(told["film"])
        return "", b""

    def keep(self, place: str, film: bytes, *, at_once: bool = False) -> None:
        """Keep it, every two seconds or at once; where nothing can be written the film is cut all the same."""
        if at_once or monotonic() >= self._again:
            self._again = monotonic() + _KEEP_S
            with suppress(OrderFileError, OSError):
                keep({"next": place, "film": film.hex()}, self._place)

    def forget(self) -> None:
        """All is cut, or it is begun anew."""
        with suppress(OSError):
            self._place.unlink(missing_ok=True)
