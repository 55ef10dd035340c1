"""Lengths, transforms and colours as SVG writes them. One CSS pixel is 1/96 inch (W3C, CSS Values and Units 4)."""

import re
from functools import lru_cache
from math import sqrt

import numpy as np

from vitrograph.core.errors import ArtworkError
from vitrograph.core.geometry import Points
from vitrograph.core.language import tr

PX_PER = {"": 1.0, "px": 1.0, "in": 96.0, "mm": 96 / 25.4, "cm": 960 / 25.4, "q": 24 / 25.4, "pt": 96 / 72, "pc": 16.0}
MM_PER_PX = 25.4 / 96
_NUMBER = r"[+-]?(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d+)?"
_LENGTH = re.compile(rf"\s*({_NUMBER})\s*([a-zA-Z%]*)\s*")
_NUMBERS = re.compile(_NUMBER)
_HEX = re.compile(r"#(?:[0-9a-fA-F]{3}){1,2}")
_CALL = re.compile(r"(\w+)\s*\(([^)]*)\)")
IDENTITY = np.array([[1.0, 0.0, 0.0], [0.0, 1.0, 0.0]])


def length_px(text: str | None, default: float, whole: float = 0.0, em: float = 16.0) -> float:
    """A length in CSS pixels; a percentage is of `whole`; what cannot be read is the default.

    >>> length_px("25.4mm", 0.0), length_px("50%", 0.0, 30.0)
    (96.0, 15.0)
    """
    match = _LENGTH.fullmatch(text or "")
    if match is None:
        return default
    value, unit = float(match[1]), match[2].lower()
    if unit == "%":
        return value / 100 * whole
    if unit in {"em", "rem"}:
        return value * em
    return value * (em / 2 if unit in {"ex", "ch"} else PX_PER.get(unit, 1.0))


def diagonal(size: tuple[float, float]) -> float:
    """What a percentage that is neither across nor down is of: SVG 2, section 8.9, the normalised diagonal."""
    return float(np.hypot(*size)) / 2**0.5


def numbers_of(text: str | None) -> list[float]:
    """All numbers in a list as SVG writes them."""
    return [float(number) for number in _NUMBERS.findall(text or "")]


def matrix_of(text: str | None) -> Points:
    """A (2, 3) matrix from a transform list; what cannot be read leaves things where they are."""
    made = IDENTITY
    for name, inside in _CALL.findall(text or ""):
        made = product(made, _one_matrix(name, numbers_of(inside)))
    return made


def _one_matrix(name: str, values: list[float]) -> Points:
    a = [*values, *([0.0] * 6)]
    if name == "matrix" and len(values) == 6:
        return np.array([[a[0], a[2], a[4]], [a[1], a[3], a[5]]])
    if name == "translate":
        return moved(a[0], a[1])
    if name == "scale":
        return np.array([[a[0], 0, 0], [0, a[1] if len(values) > 1 else a[0], 0]])
    if name == "rotate":
        c, s = np.cos(np.radians(a[0])), np.sin(np.radians(a[0]))
        turn = np.array([[c, -s, 0.0], [s, c, 0.0]])
        return product(product(moved(a[1], a[2]), turn), moved(-a[1], -a[2]))
    if name == "skewX":
        return np.array([[1, np.tan(np.radians(a[0])), 0], [0, 1.0, 0]])
    if name == "skewY":
        return np.array([[1.0, 0, 0], [np.tan(np.radians(a[0])), 1, 0]])
    return IDENTITY


def moved(x: float, y: float) -> Points:
    """A shift."""
    return np.array([[1.0, 0.0, x], [0.0, 1.0, y]])


def product(outer: Points, inner: Points) -> Points:
    """The matrix that does `inner`, then `outer`; numbers beyond any page come out as infinite or none."""
    with np.errstate(over="ignore", invalid="ignore"):
        return np.column_stack([outer[:, :2] @ inner[:, :2], outer[:, :2] @ inner[:, 2] + outer[:, 2]])


def carried(points: Points, matrix: Points) -> Points:
    """(n, 2) points through a matrix; numbers beyond any page come out as infinite or none."""
    with np.errstate(over="ignore", invalid="ignore"):
        return np.asarray(points @ matrix[:, :2].T + matrix[:, 2])


def stretch(matrix: Points) -> float:
    """By how much a matrix makes lengths longer at the most: the larger singular value of its 2 x 2, in closed form.

    >>> stretch(matrix_of("rotate(30) scale(2 3)"))
    3.0
    """
    a, b, c, d = matrix[:, :2].ravel().tolist()
    whole, area = a * a + b * b + c * c + d * d, a * d - b * c
    return sqrt((whole + sqrt(max(whole * whole - 4 * area * area, 0.0))) / 2)


def viewport_matrix(view_box: list[float], size: tuple[float, float], aspect: str) -> Points:
    """How a viewBox fills a viewport of a size: SVG 2, section 8.2, preserveAspectRatio."""
    x, y, width, height = view_box
    if width <= 0 or height <= 0:
        raise ArtworkError(tr("the drawing's page has no size: give it a width and a height"))
    sx, sy = size[0] / width, size[1] / height
    words = aspect.split()
    place = words[0] if words else "xMidYMid"
    if place == "none":
        return np.array([[sx, 0, -x * sx], [0, sy, -y * sy]])
    scale = max(sx, sy) if words[1:] == ["slice"] else min(sx, sy)
    share = {"Min": 0.0, "Mid": 0.5, "Max": 1.0}
    shift_x = (size[0] - width * scale) * share.get(place[1:4], 0.5)
    shift_y = (size[1] - height * scale) * share.get(place[5:8], 0.5)
    return np.array([[scale, 0, shift_x - x * scale], [0, scale, shift_y - y * scale]])


@lru_cache(maxsize=1024)
def colour_of(text: str) -> tuple[int, int, int, float] | None:
    """Red, green, blue (0 to 255) and opacity of a colour as CSS writes it; None for none or what cannot be read."""
    if _HEX.fullmatch(text):                                  # as most files write it: the reader is not wanted
        red, green, blue = bytes.fromhex(text[1:] if len(text) == 7 else "".join(2 * digit for digit in text[1:]))
        return red, green, blue, 1.0
    from tinycss2.color4 import parse_color  # the window opens sooner without it

    made = parse_color(text)
    if made is None or isinstance(made, str):
        return None
    red, green, blue = (round(255 * min(1.0, max(0.0, part or 0.0))) for part in made.to("srgb").coordinates)
    return red, green, blue, float(made.alpha)


def luminance(rgb: tuple[int, int, int]) -> float:
    """Relative luminance, 0 black to 1 white (WCAG 2.2, from linearised sRGB)."""
    srgb = np.array(rgb) / 255
    linear = np.where(srgb <= 0.04045, srgb / 12.92, ((srgb + 0.055) / 1.055) ** 2.4)
    return float(linear @ [0.2126, 0.7152, 0.0722])
