"""All that can be done from anywhere in the window: its words, its usual keys, and what it does."""

from collections.abc import Callable
from functools import partial
from typing import TYPE_CHECKING

from msgspec import Struct

from vitrograph.core.stations import STATIONS

if TYPE_CHECKING:
    from vitrograph.desk.shell import Shell


class Command(Struct, frozen=True):
    """One of them. `also` are words it is found by as well; `part` is that of the order's menu it stands in, from 1.

    `fixed` keys cannot be changed: they are numbers that stand on the screen.
    """

    words: str
    does: Callable[[], object]
    keys: tuple[str, ...] = ()
    also: str = ""
    part: int = 0
    fixed: bool = False


def commands_of(shell: "Shell") -> tuple[Command, ...]:
    """All commands of a window, in the order they are listed and stand in the menu."""
    bench, glass, sheet, top, files, windows = (shell.bench, shell.glass_view, shell.sheet_view, shell.top, shell.files,
                                                shell.windows)
    stations = [Command(f"Go to {station}", partial(bench.go, station), (f"Ctrl+{number}",), fixed=True)
                for number, station in enumerate(STATIONS, start=1)]
    return (
        Command("Find a command or a field", windows.finder, ("Ctrl+K",), "search"),
        *stations,
        Command("Next finding", shell.walk.next, ("F8",), "check warning stop mend"),
        Command("Undo", bench.undo_stack.undo, ("Ctrl+Z",), "take back"),
        Command("Redo", bench.undo_stack.redo, ("Ctrl+Shift+Z",)),
        Command("New order", files.new, ("Ctrl+N",), "job begin", part=1),
        Command("Open an order", files.choose_open, ("Ctrl+O",), "job file", part=1),
        Command("Save", files.save, ("Ctrl+S",), part=1),
        Command("Save under another name", files.choose_save, ("Ctrl+Shift+S",), part=1),
        Command("Work packet", top.packet.click, ("Ctrl+P",), "pdf paper"),
        Command("Print what this station needs", files.print_station, ("Ctrl+Shift+P",), "paper printer band tiles",
                part=2),
        Command("Print the packet", files.print_packet, (), "paper printer", part=2),
        Command("Write all files into a folder", files.choose_folder, (), "export svg dxf pdf", part=2),
        Command("Copy a picture of the glass", partial(files.copy_picture, glass), ("Ctrl+Shift+C",), "clipboard"),
        Command("To the cutter", top.send.click, ("Ctrl+Return",), "cut plotter blade trial"),
        Command("Begin a piece, or go on with an order", windows.begin, ("Ctrl+B",), "recent start", part=3),
        Command("The workshop", windows.workshop, (), "settings cutter film tape cream paper units", part=3),
        Command("Keys of the commands", windows.keys, (), "shortcut hotkey keyboard settings", part=3),
        Command("Practise at the nine stations", windows.practise, (), "learn tutorial lesson first", part=3),
        Command("The guide, at this station", windows.guide, ("F1",), "help manual how", part=3),
        Command("Report a problem", files.choose_report, (), "bug fault log help", part=3),
        Command("List of names", windows.names, (), "guests csv personalise"),
        Command("Lengths in mm", partial(bench.set_unit, "mm"), (), "units metric"),
        Command("Lengths in inches", partial(bench.set_unit, "in"), (), "units imperial"),
        Command("Last piece", partial(bench.pieces.step, -1), ("Ctrl+PgUp",)),
        Command("Next piece", partial(bench.pieces.step, 1), ("Ctrl+PgDown",)),
        Command("See the glass from behind", glass.see_behind, ("B",)),
        Command("See the glass at eye level", glass.see_level, ("E",)),
        Command("Turn the glass left", partial(glass.turn_by, -1), (",",)),
        Command("Turn the glass right", partial(glass.turn_by, 1), (".",)),
        Command("Sheet larger", partial(sheet.zoom_by, 1.25), ("Ctrl++", "Ctrl+="), "zoom in"),
        Command("Sheet smaller", partial(sheet.zoom_by, 0.8), ("Ctrl+-",), "zoom out"),
        Command("Whole sheet", sheet.fit_again, ("Ctrl+0",), "zoom fit"),
    )
