"""The demo: Kestrel Point Observatory gets ready for its open night. Its data are invented for the program."""

import json
from typing import Literal

import msgspec

from vitrograph.core.glass import Shelf, ShelvedGlass
from vitrograph.core.job import Job, Order
from vitrograph.core.logbook import Logbook
from vitrograph.core.logbook.lists import read_list
from vitrograph.core.storing.names_file import names_of
from vitrograph.data import SHIPPED

_FOLDER = SHIPPED / "demo"


DemoName = Literal["tumbler", "lantern", "carafe", "ornament", "plaque", "flutes"]
OPEN_NIGHT: tuple[DemoName, ...] = ("tumbler", "lantern", "carafe", "plaque", "flutes")


def demo_job(name: DemoName = "tumbler") -> Job:
    """One of the open night's pieces.

    Six tapered tumblers with a comet and the observatory's name; a storm lantern with moon phases all round; a
    round-bellied carafe with a constellation and two lines of lettering in two bands; a round ornament; a plaque;
    flutes, which get a guide's name each.
    """
    tree = json.loads((_FOLDER / f"{name}.json").read_text("utf-8"))
    for item in tree["artwork"]["items"]:
        if "file" in item["what"]:
            item["what"]["data"] = (_FOLDER / item["what"].pop("file")).read_bytes()
    return Job.read(tree)


def demo_order(name: DemoName = "tumbler") -> Order:
    """One of the open night's pieces as an order of its own."""
    return Order.of(demo_job(name), id=f"kestrel-point-{name}")


def open_night() -> Order:
    """All that is made for the open night: five pieces, the last with the names of ten guides. Raises JobError."""
    order = Order.of(*map(demo_job, OPEN_NIGHT), name="Open night", id="kestrel-point-open-night")
    at = OPEN_NIGHT.index("flutes")
    listed = names_of((_FOLDER / "guides.csv").read_text("utf-8"), order.pieces[at].artwork)
    return order.changed(at, names=listed.names)


def demo_glasses() -> tuple[ShelvedGlass, ...]:
    """The glasses measured for the open night."""
    return msgspec.json.decode((_FOLDER / "shelf.json").read_bytes(), type=tuple[ShelvedGlass, ...])


def fill_demo_shelf(shelf: Shelf) -> None:
    """Put the observatory's glasses on an empty demo shelf. Raises ShelfError."""
    if not shelf.glasses():
        for glass in demo_glasses():
            shelf.keep(glass)


def fill_demo_logbook(book: Logbook) -> None:
    """Write the observatory's earlier pieces into an empty demo logbook. Raises LogbookError."""
    if book.path.exists() and book.count()[0]:
        return
    book.add_all(read_list(_FOLDER / "logbook.csv"))
