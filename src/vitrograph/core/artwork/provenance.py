"""Where the art came from: fonts, files, sizes, licences and changes, for the job's papers.

Fonts and pictures have licences, which matters when the piece is sold.
"""

from collections import Counter

from vitrograph.core.artwork.source import Source
from vitrograph.core.artwork.words import face_named
from vitrograph.core.job import Artwork, Drawing
from vitrograph.core.units import format_length


def provenance(artwork: Artwork, source: Source | None) -> tuple[str, ...]:
    """A sentence for the words and one for the drawing, as far as there are any."""
    said = []
    if artwork.text.strip():
        face = face_named(artwork.face)
        said.append(f"lettering in {face.name} (licence {face.licence})")
    if artwork.drawing is not None and source is not None:
        said.append(_of_drawing(artwork.drawing, source))
    return tuple(said)


def _of_drawing(drawing: Drawing, source: Source) -> str:
    width, height = (format_length(side) for side in source.size_mm)
    kind = {"svg": "SVG drawing", "dxf": "DXF drawing", "picture": "traced picture"}[drawing.kind]
    licence = f"; {drawing.licence}" if drawing.licence else "; no licence noted"
    return f"{drawing.name}, {kind}, own size {width} x {height}{licence}; {changes(drawing)}"


def changes(drawing: Drawing) -> str:
    """What was decided and mended, in words."""
    counted = Counter(mend.does for mend in drawing.mends)
    done = [f"{name} ({count})" if count > 1 else name for name, count in counted.items()]
    if drawing.tones:
        done.insert(0, "colours chosen")
    if drawing.trace.tones == "lines":
        done.insert(0, "halftone lines")
    return f"changed: {', '.join(done)}" if done else "not changed"
