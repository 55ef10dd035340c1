"""Flags that several commands have in common."""

import argparse
from pathlib import Path
from typing import get_args

from vitrograph.core.errors import VitrographError
from vitrograph.core.language import tr
from vitrograph.core.units import Unit, parse_whole


def add_units(parser: argparse.ArgumentParser, default: str | None = "mm") -> None:
    """Give a parser the unit that lengths are read and told in."""
    parser.add_argument("--units", choices=get_args(Unit), default=default,
                        help=tr("what lengths are told in, and typed in where no unit stands by them"))


def add_order(parser: argparse.ArgumentParser) -> None:
    """Give a parser the order's file that it is about."""
    parser.add_argument("order", type=Path, help=tr("the order's file"))


def add_settings(parser: argparse.ArgumentParser) -> None:
    """Give a parser the flag that sets any field by its path."""
    parser.add_argument("--set", action="append", default=[], metavar="PATH=VALUE",
                        help=tr("any field of the order or of a piece's design by its path, as fit.across=60mm "
                                "(docs/formats.md); may be repeated"))


def entry_number(flag: str, text: str) -> int:
    """An entry's number in the logbook, as a flag's word. Raises VitrographError."""
    number = parse_whole(text, 2**62, 1)
    if number is None:
        raise VitrographError(tr("{flag}: an entry's number was wanted, as 'log' shows them, got '{text}'", flag=flag,
                                 text=text[:20]))
    return number
