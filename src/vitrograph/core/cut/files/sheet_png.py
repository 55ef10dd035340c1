"""A sheet of film as a picture: what lies where, with names, to look at while it is cut."""

import io
from typing import Any

import numpy as np

from vitrograph.core.cut.paths.sheet_run import SheetRun
from vitrograph.core.faces import stretches
from vitrograph.core.geometry import Points

_PX_MM, _MOST_PX = 6.0, 4000
_FILM, _PAPER, _INK, _BACK = "#2F8F83", "#F3F0E8", "#22282C", "#D8E4DE"


def sheet_png(run: SheetRun, title: str) -> bytes:
    """Paint the film that is used: stencils in its colour, openings as paper, each with its name."""
    from PIL import Image, ImageDraw

    wide, high = run.sheet.used[0], run.sheet.film.width
    scale = min(_PX_MM, _MOST_PX / max(wide, high))
    image = Image.new("RGB", (max(1, round(wide * scale)), max(1, round(high * scale))), _BACK)
    pen = ImageDraw.Draw(image)

    def seen(points: Points) -> list[tuple[float, float]]:
        return [(x * scale, (high - y) * scale) for x, y in points.tolist()]

    for one in run.sheet.laid:
        pen.polygon(seen(np.asarray(one.shape.exterior.coords)), fill=_FILM, outline=_INK)
    for kind, tone in (("opening", _PAPER), ("island", _FILM)):
        for cut in run.cuts:
            if cut.kind == kind:
                pen.polygon(seen(cut.tip), fill=tone)
    for one in run.sheet.laid:
        left, low, right, top = one.shape.bounds
        spot = ((left + right) / 2 * scale, (high - low - 0.06 * (top - low)) * scale)
        _write(pen, spot, one.part.called, max(10, round(4 * scale)))
    out = io.BytesIO()
    image.save(out, "PNG", dpi=(scale * 25.4, scale * 25.4), title=title)
    return out.getvalue()


def _write(pen: Any, spot: tuple[float, float], words: str, size: int) -> None:
    """Write words about the middle of their foot, each letter in a face that has it."""
    from PIL import ImageFont

    runs = [(ImageFont.truetype(path, size), letters) for path, letters in stretches(words)]
    x, y = spot[0] - sum(face.getlength(letters) for face, letters in runs) / 2, spot[1]
    for face, letters in runs:
        pen.text((x, y), letters, fill=_INK, font=face, anchor="ls", stroke_width=2, stroke_fill=_PAPER)
        x += face.getlength(letters)
