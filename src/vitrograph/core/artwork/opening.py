"""Opening what the maker brings: one file they named, and nothing else; its kind is told by its content."""

import re
from pathlib import Path
from typing import Literal

from vitrograph.core.errors import ArtworkError
from vitrograph.core.job import Drawing
from vitrograph.core.language import tr
from vitrograph.core.storing.whole import plain_name, read_plain, reason

_PICTURES = (b"\x89PNG", b"\xff\xd8\xff", b"II*\0", b"MM\0*", b"GIF8", b"BM")
_DXF = re.compile(rb"\s*(?:999[ \t]*\r?\n[^\r\n]*\r?\n\s*)*0\s+SECTION")       # remarks may come first (code 999)
_MOST_BYTES = {"svg": 20_000_000, "dxf": 40_000_000, "picture": 64_000_000}


def read_drawing(path: Path) -> Drawing:
    """Read a drawing or a picture the maker named; its kind is told by its content. Raises ArtworkError."""
    try:
        content = read_plain(path, max(_MOST_BYTES.values()))
    except OSError as error:
        raise ArtworkError(tr("{path} could not be opened: {reason}", path=path, reason=reason(error))) from None
    if not content.strip():
        raise ArtworkError(tr("{name} is empty: save the art again", name=path.name))
    kind = kind_of(content)
    if kind is None:
        raise ArtworkError(tr("{name} is no drawing this program reads: SVG, DXF, PNG, JPEG, WebP, TIFF, GIF or BMP is "
                              "wanted", name=path.name))
    if len(content) > _MOST_BYTES[kind]:
        most = _MOST_BYTES[kind] // 1_000_000
        raise ArtworkError(tr("{name} is larger than {most} MB: simplify the drawing first", name=path.name, most=most))
    return Drawing(name=plain_name(path)[:200], data=content, kind=kind)


def kind_of(content: bytes) -> Literal["svg", "dxf", "picture"] | None:
    """What a file's content is, whatever the file is called."""
    if content.startswith(_PICTURES) or (content[:4] == b"RIFF" and content[8:12] == b"WEBP"):
        return "picture"
    head = content[:4096].lstrip(b"\xef\xbb\xbf \t\r\n\0")
    if head.startswith(b"<") or head[:2] in {b"\xff\xfe", b"\xfe\xff"}:
        return "svg"
    if content.startswith(b"AutoCAD Binary DXF") or _DXF.match(head):
        return "dxf"
    return None
