"""Small files of this computer's own habits, beside the workshop's: how the program looks, the maker's keys."""

import json
from pathlib import Path

from vitrograph.core.errors import OrderFileError
from vitrograph.core.language import tr
from vitrograph.core.storing.whole import reason, write_whole


def keep(told: object, place: Path) -> None:
    """Write one whole. Raises OrderFileError with one sentence; what was kept before then stands."""
    try:
        place.parent.mkdir(parents=True, exist_ok=True)
    except OSError as error:
        raise OrderFileError(tr("{place} cannot be written ({reason}): it stays as it was", place=place,
                                reason=reason(error))) from None
    write_whole(place, json.dumps(told, indent=1).encode("utf-8"))
