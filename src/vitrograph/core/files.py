"""Files: reading what the maker brings, one file they named and nothing else; writing whole files or none."""

from pathlib import Path

from vitrograph.core.errors import ArtworkError, JobFileError
from vitrograph.core.job import Drawing

_MOST_BYTES = 20_000_000


def read_drawing(path: Path) -> Drawing:
    """Read an SVG file the maker named. Raises ArtworkError."""
    try:
        if path.stat().st_size > _MOST_BYTES:
            raise ArtworkError(f"{path} is larger than 20 MB: simplify the drawing first")
        return Drawing(name=path.name[:200], svg=path.read_text("utf-8-sig"))
    except OSError as error:
        raise ArtworkError(f"{path} could not be opened: {(error.strerror or 'no such file').lower()}") from None
    except UnicodeDecodeError:
        raise ArtworkError(f"{path} is not an SVG drawing (it is not text): save the art as SVG") from None


def write_whole(path: Path, content: bytes) -> None:
    """Write a file beside its place and rename it over, so that no half file is left. Raises JobFileError."""
    temporary = path.with_name(f".{path.name}.part")
    try:
        temporary.write_bytes(content)
        temporary.replace(path)
    except OSError as error:
        temporary.unlink(missing_ok=True)
        raise JobFileError(f"{path} cannot be written ({error.strerror}): choose another place") from None
