"""The shipped lettering faces: their files, licences, and HarfBuzz fonts. Outlines come from these files only."""

import json
from dataclasses import dataclass
from functools import cache
from importlib import resources

import uharfbuzz as hb

from vitrograph.core.errors import ArtworkError

_FOLDER = resources.files("vitrograph.data") / "fonts"


@dataclass(frozen=True, slots=True)
class FaceInfo:
    """A lettering face: files in order of preference, its licence, and what it is good for."""

    name: str
    folder: str
    files: tuple[str, ...]
    licence: str
    kind: str


@cache
def faces() -> dict[str, FaceInfo]:
    """The catalogue of shipped faces, by name."""
    entries = json.loads((_FOLDER / "faces.json").read_text("utf-8"))
    return {
        name: FaceInfo(name, entry["folder"], tuple(entry["files"]), entry["licence"], entry["kind"])
        for name, entry in entries.items()
    }


def face_named(name: str) -> FaceInfo:
    """Find a face by its name, or by the start of it. Raises ArtworkError, listing what there is."""
    wanted = name.strip().casefold()
    for face in faces().values():
        if wanted and face.name.casefold().startswith(wanted):
            return face
    raise ArtworkError(f"there is no face '{name.strip()[:40]}': choose from {', '.join(faces())}")


@cache
def fonts_of(face: FaceInfo) -> tuple[hb.Font, ...]:
    """The face's HarfBuzz fonts, main file first; later ones fill in letters the first has not."""
    return tuple(hb.Font(hb.Face((_FOLDER / face.folder / name).read_bytes())) for name in face.files)
