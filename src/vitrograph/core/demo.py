"""The demo: Kestrel Point Observatory gets ready for its open night. Its data are invented for the program."""

import json
from importlib import resources

from vitrograph.core.errors import LogbookError
from vitrograph.core.job import Drawing, Job
from vitrograph.core.logbook import Entry, Logbook

_FOLDER = resources.files("vitrograph.data") / "demo"


def demo_job() -> Job:
    """Six tapered tumblers with a comet and the observatory's name."""
    job = Job.read(json.loads((_FOLDER / "tumbler.json").read_text("utf-8")))
    comet = Drawing(name="comet.svg", svg=(_FOLDER / "comet.svg").read_text("utf-8"))
    return job.changed(artwork__drawing=comet)


def fill_demo_logbook(book: Logbook) -> None:
    """Write the observatory's earlier pieces into an empty demo logbook. Raises LogbookError."""
    if book.path.exists() and book.entries():
        return
    try:
        rows = json.loads((_FOLDER / "logbook.json").read_text("utf-8"))
    except ValueError as error:
        raise LogbookError(f"the demo logbook data is damaged ({error}): install Vitrograph again") from None
    for row in rows:
        book.add(Entry(**row))
