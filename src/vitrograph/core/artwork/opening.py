"""Opening what the maker brings: one file they named, and nothing else; its kind is told by its content.

A page of a PDF is brought as the drawing that it holds, or as a picture of itself.
"""

import re
import zlib
from gzip import GzipFile
from io import BytesIO
from pathlib import Path
from typing import Literal

from vitrograph.core.errors import ArtworkError
from vitrograph.core.job import Drawing
from vitrograph.core.language import tr
from vitrograph.core.pictures.reading import is_heif
from vitrograph.core.storing.whole import plain_name, plain_size, read_plain, reason

_PICTURES = (b"\x89PNG", b"\xff\xd8\xff", b"II*\0", b"MM\0*", b"GIF8", b"BM")
_DXF = re.compile(rb"\s*(?:999[ \t]*\r?\n[^\r\n]*\r?\n\s*)*0\s+SECTION")       # remarks may come first (code 999)
_PAGE = re.compile(r"(.+)#page=([0-9]{1,6})")
_PDF_HEAD = 1024
_GZIP = b"\x1f\x8b"
_MOST_BYTES = {"svg": 20_000_000, "dxf": 40_000_000, "picture": 64_000_000, "pdf": 64_000_000}


def read_drawing(path: Path) -> Drawing:
    """Read a drawing or a picture the maker named; its kind is told by its content. Raises ArtworkError.

    A page of a PDF is named behind it, as in `menu.pdf#page=2` (RFC 8118, section 3); without that it is the first.
    """
    try:
        path, page = _paged(path)
        content = read_plain(path, max(_MOST_BYTES.values()))
    except OSError as error:
        raise ArtworkError(tr("{path} could not be opened: {reason}", path=path, reason=reason(error))) from None
    content = _unpacked(content, path.name)
    if not content.strip():
        raise ArtworkError(tr("{name} is empty: save the art again", name=path.name))
    if is_pdf(content):
        return _of_page(content, plain_name(path), page)
    kind = kind_of(content)
    if kind is None:
        raise ArtworkError(tr("{name} is no drawing this program reads: save it as SVG, PDF or DXF where it was made, "
                              "or as a picture (PNG, JPEG, WebP, TIFF, GIF, BMP, HEIC, AVIF)", name=path.name))
    if len(content) > _MOST_BYTES[kind]:
        most = _MOST_BYTES[kind] // 1_000_000
        raise ArtworkError(tr("{name} is larger than {most} MB: simplify the drawing first", name=path.name, most=most))
    return Drawing(name=plain_name(path)[:200], data=content, kind=kind)


def _unpacked(content: bytes, called: str) -> bytes:
    """What a compressed file holds, as an SVG may be (SVG 2, 1.4.1); any other as it is. Raises ArtworkError."""
    if not content.startswith(_GZIP):
        return content
    try:
        with GzipFile(fileobj=BytesIO(content)) as packed:
            return packed.read(_MOST_BYTES["svg"] + 1)         # read_drawing refuses what is larger
    except (OSError, EOFError, zlib.error):
        raise ArtworkError(tr("{name} is damaged or was cut short: save it again, not compressed",
                              name=called)) from None


def pages_of(path: Path) -> int:
    """How many pages a PDF has; 1 for any other file, also for one that cannot be read: `read_drawing` says why."""
    try:
        plain_size(path)                                       # refuses what never ends
        with path.open("rb") as stream:
            if not is_pdf(stream.read(_PDF_HEAD)):
                return 1
        from vitrograph.core.artwork.vector import pdf  # seldom wanted, and not read for other files

        return pdf.pages_of(read_plain(path, _MOST_BYTES["pdf"]))
    except (OSError, ArtworkError):
        return 1


def is_pdf(content: bytes) -> bool:
    """Whether a file is a PDF; readers let something stand before its mark (ISO 32000-1, annex H, note 13)."""
    return b"%PDF-" in content[:_PDF_HEAD]


def path_of_page(path: Path, page: int) -> Path:
    """A page of a PDF, as `read_drawing` takes it."""
    return path.with_name(f"{path.name}#page={page}")


def _paged(path: Path) -> tuple[Path, int]:
    """A file and the page that is named behind it, else the first, unless the file itself is called so."""
    named = _PAGE.fullmatch(path.name)
    return (path, 1) if named is None or path.exists() else (path.with_name(named[1]), int(named[2]))


def _of_page(content: bytes, name: str, page: int) -> Drawing:
    from vitrograph.core.artwork.vector import pdf  # likewise

    try:
        brought = pdf.read_page(content, page, _MOST_BYTES["svg"])
    except ArtworkError as error:
        raise ArtworkError(tr("{name}: {error}", name=name, error=error)) from None
    called = name
    if brought.pages > 1:
        called = tr("{name}, page {page} of {pages}", name=name[:120], page=page, pages=brought.pages)
    if brought.kind == "picture":
        called = tr("{name}, as a picture", name=called[:160])
    return Drawing(name=called[:200], data=brought.content, kind=brought.kind)


def kind_of(content: bytes) -> Literal["svg", "dxf", "picture"] | None:
    """What a file's content is, whatever the file is called."""
    if content.startswith(_PICTURES) or (content[:4] == b"RIFF" and content[8:12] == b"WEBP") or is_heif(content):
        return "picture"
    head = content[:4096].lstrip(b"\xef\xbb\xbf \t\r\n\0")
    if head.startswith(b"<") or head[:2] in {b"\xff\xfe", b"\xfe\xff"}:
        return "svg"
    if content.startswith(b"AutoCAD Binary DXF") or _DXF.match(head):
        return "dxf"
    return None
