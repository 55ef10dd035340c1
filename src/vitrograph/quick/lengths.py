"""Numbers and lengths typed as flags: each error names its flag."""

import argparse
from math import radians
from typing import Any

from vitrograph.core.errors import JobError, LengthError, VitrographError
from vitrograph.core.job import Stand
from vitrograph.core.language import tr
from vitrograph.core.says import Length, Says
from vitrograph.core.units import parse_length, parse_whole

_LARGEST = 5000.0                  # mm
STANDS: dict[str, Stand] = {"opposite": "opposite handle", "between": "between handles", "others": "facing others",
                            "drinker": "facing drinker"}


def length(options: argparse.Namespace, flag: str, text: str, least: float | None = None) -> float:
    """Read a flag's length, naming the flag in the error; with `least`, it must be more than that."""
    value = named(options, flag, parse_length, text)
    return value if least is None else positive(flag, value)


def positive(flag: str, value: float) -> float:
    if value <= 0:
        raise JobError(Says("{flag} must be more than 0, got {value}", flag=flag, value=Length(value)))
    return value


def named(options: argparse.Namespace, flag: str, read: Any, text: str) -> Any:
    try:
        return read(text, options.units)
    except LengthError as error:
        raise LengthError(f"{flag}: {error}") from None


def side(options: argparse.Namespace, flag: str, text: str | None) -> float | None:
    """A side of all the art, where one is asked for."""
    side = None if text is None else length(options, flag, text, least=0.0)
    if side is not None and side > _LARGEST:
        raise JobError(Says("{flag}: at most {most}, got {side}", flag=flag, most=Length(_LARGEST, 0),
                            side=Length(side)))
    return side


def needed(options: argparse.Namespace, name: str) -> str:
    value = getattr(options, name)
    if value is None:
        flag = tr("--height or --slant") if name == "slant" else f"--{name}"
        raise VitrographError(tr("a {glass} glass needs {flag}", glass=options.glass, flag=flag))
    return str(value)


def many(flag: str, text: str, most: int) -> int:
    """A whole number of copies or stencils."""
    many = parse_whole(text, most, 1)
    if many is None:
        raise VitrographError(tr("{flag}: a whole number from 1 to {most} was wanted, got '{text}'", flag=flag,
                                 most=most, text=text[:40]))
    return many


def turn(flag: str, text: str) -> float:
    """Degrees as radians, within half a turn of the front."""
    try:
        degrees = float(text.removesuffix("°"))
    except ValueError:
        degrees = float("nan")
    if not abs(degrees) <= 360:
        raise VitrographError(tr("{flag}: degrees or one of {all} were wanted, got '{text}'", flag=flag,
                                 all=', '.join(STANDS), text=text))
    return radians((degrees + 180) % 360 - 180)


def up_to(flag: str, text: str, most: float) -> float:
    """Read a flag's number from 0 to a most."""
    try:
        value = float(text)
    except ValueError:
        value = -1.0
    if not 0 <= value <= most:
        raise JobError(tr("{flag}: a number from 0 to {most:g} was wanted, got '{text}'", flag=flag, most=most,
                          text=text[:20]))
    return value
