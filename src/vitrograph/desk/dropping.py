"""Files dropped on the window: each goes to the room it is for."""

from collections.abc import Sequence
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import QMimeData

from vitrograph.core.language import tr
from vitrograph.desk.kit.ask_bar import Answer, AskBar
from vitrograph.desk.kit.picking import DRAWINGS, LISTS

if TYPE_CHECKING:
    from vitrograph.desk.shell import Shell


def dropped(data: QMimeData) -> list[Path]:
    """The files of this computer among what is dropped."""
    return [Path(url.toLocalFile()) for url in data.urls() if url.isLocalFile()]


def take(shell: "Shell", paths: Sequence[Path]) -> None:
    """Take what was dropped: the first file that belongs anywhere; what it was, and what was left, is told."""
    known = next((path for path in paths if does_for(path)), None)
    if known is None:
        named = paths[0].name if paths else tr("that")
        shell.say(tr("{named} belongs nowhere here: drop an order (.vitro), a drawing or picture, a font, or a list "
                     "of names (.csv)", named=named), wrong=True)
        return
    _take(shell, known, does_for(known))
    if len(paths) > 1:
        shell.say(tr("{name} was taken; of {paths} files one at a time can be", name=known.name, paths=len(paths)))


def does_for(path: Path) -> str:
    """What a file is taken for by its ending: order, drawing, font, names; "" for none."""
    from vitrograph.core.artwork.words.fontfile import SUFFIXES  # what reads fonts comes with it: not at the start

    ending = path.suffix.lower()
    for what, endings in (("order", (".vitro",)), ("drawing", DRAWINGS), ("font", SUFFIXES), ("names", LISTS)):
        if ending in endings:
            return what
    return ""


def _take_list(shell: "Shell", path: Path) -> None:
    """A list of names; entries of a logbook that was kept elsewhere are asked about: they are added to those here."""
    from vitrograph.core.logbook.lists import is_entries  # likewise
    from vitrograph.desk.logbook.card import LogbookCard

    if not is_entries(path):
        shell.windows.names().read(path)
        return
    shell.windows.work()
    shell.bench.go("logbook")
    card = shell.card("logbook")
    assert isinstance(card, LogbookCard)
    shell.ask(AskBar(tr("“{name}” holds entries of a logbook. They are added to yours.", name=path.name), (
        Answer("addEntries", tr("Add them"), lambda: card.take_list(path)),
        Answer("stay", tr("Leave it"), lambda: None)), of_order=False))


def _take(shell: "Shell", path: Path, what: str) -> None:
    from vitrograph.desk.artwork.card import ArtworkCard

    if what == "order":
        shell.files.open(path)
        return
    if what == "names":
        _take_list(shell, path)
        return
    shell.windows.work()
    shell.bench.go("artwork")
    card = shell.card("artwork")
    assert isinstance(card, ArtworkCard)
    if what == "drawing":
        card.take_drawing(path)
    else:
        card.take_font(path)
