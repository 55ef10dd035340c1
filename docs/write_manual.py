"""Write the manual pages and the shells' completions from the command line's own words: python docs/write_manual.py

They are kept with what a desktop reads, so that an install needs no tool for them; or go into a folder that is named.
"""

import argparse
import subprocess
import sys
from collections.abc import Iterator
from pathlib import Path
from typing import NamedTuple

import shtab

from vitrograph import __version__
from vitrograph.core.language import speak
from vitrograph.languages import LANGUAGES, language

FOLDER = Path(__file__).parents[1] / "src" / "vitrograph" / "data" / "desktop"


class Told(NamedTuple):
    """What a manual says beside the commands, in one language."""

    kind: str
    name: tuple[str, str]
    synopsis: tuple[str, str]
    about: tuple[str, str]
    commands: str
    codes: tuple[str, dict[str, str]]
    care: tuple[str, str]


_TOLD = {
    "en": Told(
        "User Commands", ("NAME", "vinyl resist stencils that fit the glass"),
        ("SYNOPSIS", r"[\fICOMMAND\fR [\fIOPTIONS\fR]]"),
        ("DESCRIPTION", """Vitrograph turns artwork or words into vinyl resist stencils, sized and warped to fit flat,
straight, tapered and curved glass, and prepares the cut paths, the weeding, the transfer and the etch. Without a word
it opens its window on the order that was in hand last; what follows is all that can be done without one. Lengths are
typed as you would write them: 85mm, 8.5cm, "3 3/8 in"."""),
        "COMMANDS", ("EXIT STATUS", {"0": "done", "1": "something that was found is a stop",
                                     "2": "the input cannot be used, and why"}),
        ("CAUTIONS", """Etching cream, blades and broken glass can hurt. Read the label and the safety data sheet of
what you use, and follow them and your local rules before anything that is said here.""")),
    "de": Told(
        "Dienstprogramme für Benutzer", ("BEZEICHNUNG", "Schablonen aus Vinylfolie, die auf das Glas passen"),
        ("ÜBERSICHT", r"[\fIBEFEHL\fR [\fIOPTIONEN\fR]]"),
        ("BESCHREIBUNG", """Vitrograph macht aus Motiven oder Wörtern Ätzschablonen aus Vinylfolie, bemessen und
verformt für flaches, gerades, konisches und gewölbtes Glas, und bereitet Schnittwege, Entgittern, Übertragen und Ätzen
vor. Ohne Befehl öffnet es sein Fenster mit dem Auftrag, an dem zuletzt gearbeitet wurde; was folgt, ist alles, was ohne
Fenster geht. Längen werden so eingegeben, wie man sie schreibt: 85mm, 8,5cm, "3 3/8 in"."""),
        "BEFEHLE", ("RÜCKGABEWERT", {"0": "getan", "1": "etwas, das gefunden wurde, ist ein Halt",
                                     "2": "die Eingabe ist nicht zu gebrauchen, und warum"}),
        ("WARNHINWEISE", """Ätzcreme, Klingen und zerbrochenes Glas können verletzen. Lesen Sie Etikett und
Sicherheitsdatenblatt dessen, was Sie verwenden, und befolgen Sie beides und die örtlichen Vorschriften vor allem, was
hier steht.""")),
}


def manual(parser: argparse.ArgumentParser, told: Told) -> str:
    """The manual page, in the man macros (groff_man(7))."""
    lines = [f'.TH VITROGRAPH 1 "" "vitrograph {__version__}" "{told.kind}"', f".SH {told.name[0]}",
             rf"vitrograph \- {told.name[1]}", f".SH {told.synopsis[0]}", ".B vitrograph", told.synopsis[1],
             f".SH {told.about[0]}", _escaped(told.about[1]), f".SH {told.commands}"]
    for name, says, command in _commands(parser):
        lines += [f".SS {name}", _sentence(says)]
        for action in command._actions:
            if action.help is not argparse.SUPPRESS and "-h" not in action.option_strings:
                lines += [".TP", _called(action), _escaped((action.help or "").replace("%%", "%"))]
    heading, codes = told.codes
    lines += [f".SH {heading}", *(line for code, says in codes.items() for line in (".TP", f".B {code}", says)),
              f".SH {told.care[0]}", _escaped(told.care[1])]
    return "\n".join(lines) + "\n"


def files(code: str) -> dict[str, str]:
    """All that is written in a language, by its name. In one run only one can be spoken, as in the program."""
    if code != "en":
        speak(language(code))
    from vitrograph.cli import command_line  # its tables are made as it is read

    parser = command_line()
    for _name, _says, command in _commands(parser):
        for action in command._actions:
            if action.type is Path:
                action.complete = shtab.FILE                  # type: ignore[attr-defined]
    page, zsh = manual(parser, _TOLD[code]), shtab.complete(parser, "zsh")
    if code != "en":
        return {f"vitrograph.{code}.1": page, f"_vitrograph.{code}": zsh}
    return {"vitrograph.1": page, "_vitrograph": zsh, "vitrograph.bash": shtab.complete(parser, "bash")}


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
    asked = argparse.ArgumentParser()
    asked.add_argument("folder", nargs="?", type=Path, default=FOLDER)
    asked.add_argument("code", nargs="?", choices=LANGUAGES)
    wanted = asked.parse_args()
    if wanted.code is None:                                    # a run of its own for each language
        for code in LANGUAGES:
            subprocess.run([sys.executable, __file__, str(wanted.folder), code], check=True)
    else:
        for called, content in files(wanted.code).items():
            (wanted.folder / called).write_text(content, "utf-8")
