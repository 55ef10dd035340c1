"""Write the manual page and the shells' completions from the command line's own words: python docs/write_manual.py

They are kept with what a desktop reads, so that an install needs no tool for them.
"""

import argparse
from collections.abc import Iterator
from pathlib import Path

import shtab

from vitrograph import __version__
from vitrograph.cli import command_line

FOLDER = Path(__file__).parents[1] / "src" / "vitrograph" / "data" / "desktop"
_ABOUT = """Vitrograph turns artwork or words into vinyl resist stencils, sized and warped to fit flat, straight,
tapered and curved glass, and prepares the cut paths, the weeding, the transfer and the etch. Without a word it opens
its window on the order that was in hand last; what follows is all that can be done without one. Lengths are typed as
you would write them: 85mm, 8.5cm, "3 3/8 in"."""
_CARE = """Etching cream, blades and broken glass can hurt. Read the label and the safety data sheet of what you use,
and follow them and your local rules before anything that is said here."""
_CODES = {"0": "done", "1": "something that was found is a stop", "2": "the input cannot be used, and why"}


def manual(parser: argparse.ArgumentParser) -> str:
    """The manual page, in the man macros (groff_man(7))."""
    lines = [f'.TH VITROGRAPH 1 "" "vitrograph {__version__}" "User Commands"', ".SH NAME",
             r"vitrograph \- vinyl resist stencils that fit the glass", ".SH SYNOPSIS", ".B vitrograph",
             r"[\fICOMMAND\fR [\fIOPTIONS\fR]]", ".SH DESCRIPTION", _escaped(_ABOUT), ".SH COMMANDS"]
    for name, says, command in _commands(parser):
        lines += [f".SS {name}", _sentence(says)]
        for action in command._actions:
            if action.help is not argparse.SUPPRESS and "-h" not in action.option_strings:
                lines += [".TP", _called(action), _escaped((action.help or "").replace("%%", "%"))]
    lines += [".SH EXIT STATUS", *(line for code, says in _CODES.items() for line in (".TP", f".B {code}", says)),
              ".SH CAUTIONS", _escaped(_CARE)]
    return "\n".join(lines) + "\n"


def files() -> dict[str, str]:
    """All that is written, by its name."""
    parser = command_line()
    for _name, _says, command in _commands(parser):
        for action in command._actions:
            if action.type is Path:
                action.complete = shtab.FILE                  # type: ignore[attr-defined]
    return {"vitrograph.1": manual(parser), "vitrograph.bash": shtab.complete(parser, "bash"),
            "_vitrograph": shtab.complete(parser, "zsh")}


def _commands(parser: argparse.ArgumentParser) -> Iterator[tuple[str, str, argparse.ArgumentParser]]:
    """Each command: its name, what is said of it, its own parser."""
    below = next(one for one in parser._actions if isinstance(one, argparse._SubParsersAction))
    for one in below._choices_actions:
        yield one.dest, one.help or "", below.choices[one.dest]


def _called(action: argparse.Action) -> str:
    """An option or an argument with what it takes."""
    called = action.metavar if isinstance(action.metavar, str) else _choices(action)
    takes = "" if action.nargs == 0 else argparse.HelpFormatter("vitrograph")._format_args(action, called).strip()
    if not action.option_strings:
        return rf"\fI{_escaped(takes)}\fR"
    names = ", ".join(rf"\fB{_escaped(name)}\fR" for name in action.option_strings)
    return f"{names} {_escaped(takes)}".rstrip()


def _choices(action: argparse.Action) -> str:
    if action.choices:
        return "|".join(str(one) or "''" for one in action.choices)
    return action.dest.upper() if action.option_strings else action.dest


def _sentence(text: str) -> str:
    return f"{_escaped(text[:1].upper() + text[1:])}."


def _escaped(text: str) -> str:
    """Text as the man macros take it: no line may begin with a sign of theirs, a hyphen that is typed is one."""
    plain = text.replace("\\", r"\e").replace("-", r"\-")
    return "\n".join(rf"\&{line}" if line[:1] in ".'" else line for line in plain.split("\n"))


if __name__ == "__main__":
    for called, content in files().items():
        (FOLDER / called).write_text(content, "utf-8")
