"""All that can be done from anywhere in the window: its words, its keys, and what it does."""

from collections.abc import Callable
from dataclasses import dataclass
from functools import partial
from typing import TYPE_CHECKING

from vitrograph.core.stations import STATIONS

if TYPE_CHECKING:
    from vitrograph.desk.shell import Shell


@dataclass(frozen=True)
class Command:
    """One of them. `also` are words it is found by as well; `kept` says that its keys are a menu's own."""

    words: str
    does: Callable[[], object]
    keys: tuple[str, ...] = ()
    also: str = ""
    kept: bool = False


def commands_of(shell: "Shell") -> tuple[Command, ...]:
    """All commands of a window, in the order they are listed."""
    bench, glass, sheet, top, files = shell.bench, shell.glass_view, shell.sheet_view, shell.top, shell.files
    stations = [Command(f"Go to {station}", partial(bench.go, station), (f"Ctrl+{number}",))
                for number, station in enumerate(STATIONS, start=1)]
    return (
        Command("Find a command or a field", shell.windows.finder, ("Ctrl+K",), "search"),
        Command("The guide, at this station", shell.windows.guide, ("F1",), "help manual how"),
        *stations,
        Command("Next finding", shell.walk.next, ("F8",), "check warning stop mend"),
        Command("Undo", bench.undo_stack.undo, ("Ctrl+Z",), "take back"),
        Command("Redo", bench.undo_stack.redo, ("Ctrl+Shift+Z",)),
        Command("New order", files.new, ("Ctrl+N",), "job begin", kept=True),
        Command("Begin a piece, or go on with an order", shell.windows.begin, ("Ctrl+B",), "recent start"),
        Command("Open an order", files.choose_open, ("Ctrl+O",), "job file", kept=True),
        Command("Save", files.save, ("Ctrl+S",), kept=True),
        Command("Save under another name", files.choose_save, ("Ctrl+Shift+S",), kept=True),
        Command("Work packet", top.packet.click, ("Ctrl+P",), "pdf paper"),
        Command("Print the packet", files.print_packet, (), "paper printer"),
        Command("Write all files into a folder", files.choose_folder, (), "export svg dxf pdf"),
        Command("Copy a picture of the glass", partial(files.copy_picture, glass), ("Ctrl+Shift+C",), "clipboard"),
        Command("Report a problem", files.choose_report, (), "bug fault log help"),
        Command("To the cutter", top.send.click, ("Ctrl+Return",), "cut plotter blade trial"),
        Command("Practise at the nine stations", shell.windows.practise, (), "learn tutorial lesson first"),
        Command("The workshop", shell.windows.workshop, (), "settings cutter film tape cream paper units"),
        Command("List of names", shell.windows.names, (), "guests csv personalise"),
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
