"""All that can be done from anywhere in the window: its words, its usual keys, and what it does."""

from collections.abc import Callable
from functools import partial
from typing import TYPE_CHECKING

from msgspec import Struct

from vitrograph.core.language import tr, tr_later
from vitrograph.core.stations import STATIONS, station_title

if TYPE_CHECKING:
    from vitrograph.desk.shell import Shell

_REPEATED = ("Undo", "Redo", "Next finding", "Previous piece", "Next piece", "Turn the glass left",
             "Turn the glass right", "Sheet larger", "Sheet smaller")


class Command(Struct, frozen=True):
    """One of them. `name` is what it is asked for and kept by in every language, `words` are those on the screen.

    `also` are words it is found by as well; `part` is that of the order's menu it stands in, from 1. `fixed` keys
    cannot be changed: they are numbers that stand on the screen. What `repeats` is done again and again while its keys
    are held down.
    """

    name: str
    words: str
    does: Callable[[], object]
    keys: tuple[str, ...] = ()
    also: str = ""
    part: int = 0
    fixed: bool = False
    repeats: bool = False


def commands_of(shell: "Shell") -> tuple[Command, ...]:
    """All commands of a window, in the order they are listed and stand in the menu."""
    bench, glass, sheet, top, files, windows = (shell.bench, shell.glass_view, shell.sheet_view, shell.top, shell.files,
                                                shell.windows)
    stations = [Command(f"Go to {station}", tr("Go to {station}", station=station_title(station)),
                        partial(bench.go, station), (f"Ctrl+{number}",), fixed=True)
                for number, station in enumerate(STATIONS, start=1)]
    return (
        _one(tr_later("Find a command or a field"), windows.finder, ("Ctrl+K",), tr("search")),
        *stations,
        _one(tr_later("Next finding"), shell.walk.next, ("F8",), tr("check warning stop mend")),
        _one(tr_later("Undo"), bench.undo_stack.undo, ("Ctrl+Z",), tr("take back")),
        _one(tr_later("Redo"), bench.undo_stack.redo, ("Ctrl+Shift+Z",)),
        _one(tr_later("New order"), files.new, ("Ctrl+N",), tr("job begin"), part=1),
        _one(tr_later("Open an order"), files.choose_open, ("Ctrl+O",), tr("job file"), part=1),
        _one(tr_later("Another window"), windows.another, ("Ctrl+Shift+N",), tr("second order side by side"), part=1),
        _one(tr_later("Save"), files.save, ("Ctrl+S",), part=1),
        _one(tr_later("Save under another name"), files.choose_save, ("Ctrl+Shift+S",), part=1),
        _one(tr_later("Work packet"), top.packet.click, ("Ctrl+P",), tr("pdf paper"), part=2),
        _one(tr_later("Print what this station needs"), files.print_station, ("Ctrl+Shift+P",),
             tr("paper printer band tiles"),
                part=2),
        _one(tr_later("Print the packet"), files.print_packet, (), tr("paper printer"), part=2),
        _one(tr_later("Write all files into a folder"), files.choose_folder, (), tr("export svg dxf pdf"), part=2),
        _one(tr_later("Copy a picture of the glass"), partial(files.copy_picture, glass), ("Ctrl+Shift+C",),
             tr("clipboard")),
        _one(tr_later("To the cutter"), top.send.click, ("Ctrl+Return",), tr("cut plotter blade trial")),
        _one(tr_later("Begin a piece, or go on with an order"), windows.begin, ("Ctrl+B",), tr("recent start"), part=3),
        _one(tr_later("The workshop"), windows.workshop, (), tr("settings cutter film tape cream paper units"), part=3),
        _one(tr_later("All that you own"), windows.owned, (),
             tr("films cutters tapes creams stock leftovers price opened"), part=3),
        _one(tr_later("Keys of the commands"), windows.keys, (), tr("shortcut hotkey keyboard settings"), part=3),
        _one(tr_later("Practise at the nine stations"), windows.practise, (), tr("learn tutorial lesson first"),
             part=3),
        _one(tr_later("The guide, at this station"), windows.guide, ("F1",), tr("help manual how"), part=3),
        _one(tr_later("Report a problem"), files.choose_report, (), tr("bug fault log help"), part=3),
        _one(tr_later("List of names"), windows.names, (), tr("guests csv personalise")),
        _one(tr_later("Lengths in mm"), partial(bench.set_unit, "mm"), (), tr("units metric")),
        _one(tr_later("Lengths in inches"), partial(bench.set_unit, "in"), (), tr("units imperial")),
        _one(tr_later("Previous piece"), partial(bench.pieces.step, -1), ("Ctrl+PgUp",)),
        _one(tr_later("Next piece"), partial(bench.pieces.step, 1), ("Ctrl+PgDown",)),
        _one(tr_later("See the glass from behind"), glass.see_behind, ("B",)),
        _one(tr_later("See the glass at eye level"), glass.see_level, ("E",)),
        _one(tr_later("Turn the glass left"), partial(glass.turn_by, -1), (",",)),
        _one(tr_later("Turn the glass right"), partial(glass.turn_by, 1), (".",)),
        _one(tr_later("Sheet larger"), partial(sheet.zoom_by, 1.25), ("Ctrl++", "Ctrl+="), tr("zoom in")),
        _one(tr_later("Sheet smaller"), partial(sheet.zoom_by, 0.8), ("Ctrl+-",), tr("zoom out")),
        _one(tr_later("Whole sheet"), sheet.fit_again, ("Ctrl+0",), tr("zoom fit")),
    )


def _one(
    name: str, does: Callable[[], object], keys: tuple[str, ...] = (), also: str = "", part: int = 0
) -> Command:
    return Command(name, tr(name), does, keys, also, part, repeats=name in _REPEATED)
