"""Pictures the maker brings: one file they named, read upright and whole, whatever its kind of pixels.

Reading and the turning by EXIF are Pillow's. A picture is refused by what its header says before its pixels are
unpacked, so that a small file that unpacks to gigabytes costs nothing.
"""

import io
import warnings
from pathlib import Path
from typing import TYPE_CHECKING, Any

import numpy as np
from numpy.typing import NDArray

from vitrograph.core.errors import PictureError
from vitrograph.core.language import tr, tr_later
from vitrograph.core.storing.whole import read_plain, reason

if TYPE_CHECKING:
    from PIL.Image import Image

Gray = NDArray[np.float32]

FORMATS = ("PNG", "JPEG", "WEBP", "TIFF", "GIF", "BMP", "AVIF")
SUFFIXES = (".png", ".jpg", ".jpeg", ".webp", ".tif", ".tiff", ".gif", ".bmp", ".heic", ".heif", ".avif")
MOST_PIXELS = 120_000_000
MOST_TRACED_PIXELS = 26_000_000    # a larger picture is reduced to about that before it is traced
_MOST_BYTES = 200_000_000
# what a file of the high efficiency image format says it is (ISO/IEC 23008-12, annex B; AVIF 1.1, section 6)
_HEIF = (b"heic", b"heix", b"heim", b"heis", b"mif1", b"mif2", b"avif", b"avis")
_DAMAGED = tr_later("{name} is damaged or was cut short: save the picture again")
_TOO_LARGE = tr_later("{name} has {size} pixels: save it with at most {most} million")
_LUMA = np.array([0.299, 0.587, 0.114], dtype=np.float32)      # ITU-R BT.601, as Pillow's own grey


def read_picture(path: Path, most_pixels: int = MOST_PIXELS) -> "Image":
    """Open a picture, turned upright by its EXIF; one of more than `most_pixels` is reduced to about that.

    Raises PictureError with one sentence: no such file, no picture, cut short, too large.
    """
    try:
        content = read_plain(path, _MOST_BYTES)
    except OSError as error:
        raise PictureError(tr("{path} could not be opened: {reason}", path=path, reason=reason(error))) from None
    return unpack_picture(content, path.name, most_pixels)


def unpack_picture(content: bytes, name: str, most_pixels: int = MOST_PIXELS) -> "Image":
    """The same from a file's bytes, `name` for the sentence where they are no picture. Raises PictureError."""
    from PIL import Image, ImageOps, UnidentifiedImageError

    formats: tuple[str, ...] = FORMATS
    if is_heif(content):
        from pi_heif import register_heif_opener  # not read for the others

        register_heif_opener()
        formats = (*FORMATS, "HEIF")
    try:
        with warnings.catch_warnings():
            warnings.simplefilter("ignore", Image.DecompressionBombWarning)      # the limit below is our own
            image: Image.Image = Image.open(io.BytesIO(content), formats=formats)
        _refuse_too_large(name, image.width, image.height)
        share = max(1.0, (image.width * image.height / most_pixels) ** 0.5)
        if share > 1:
            image.draft(None, (round(image.width / share), round(image.height / share)))    # JPEG unpacks smaller
        image.load()
        image = ImageOps.exif_transpose(image)
    except PictureError:
        raise
    except UnidentifiedImageError:
        if is_heif(content):
            raise PictureError(tr(_DAMAGED, name=name)) from None
        raise PictureError(tr("{name} is not a picture this program reads: PNG, JPEG, WebP, TIFF, GIF, BMP, "
                              "HEIC or AVIF is wanted", name=name)) from None
    except Image.DecompressionBombError:
        raise PictureError(tr(_TOO_LARGE, name=name, size=tr("far too many"), most=MOST_PIXELS // 10**6)) from None
    except (OSError, ValueError, SyntaxError, EOFError, KeyError, TypeError):
        raise PictureError(tr(_DAMAGED, name=name)) from None
    share = (image.width * image.height / most_pixels) ** 0.5
    if share > 1.02:
        smaller = (max(1, round(image.width / share)), max(1, round(image.height / share)))
        image = image.resize(smaller, Image.Resampling.BOX)
    return image


def is_heif(content: bytes) -> bool:
    """Whether a file is a HEIC or an AVIF picture."""
    return content[4:8] == b"ftyp" and content[8:12] in _HEIF


def _refuse_too_large(name: str, width: int, height: int) -> None:
    if width * height > MOST_PIXELS:
        raise PictureError(tr(_TOO_LARGE, name=name, size=f"{width} x {height}", most=MOST_PIXELS // 10**6))


def gray_of(image: "Image") -> Gray:
    """Light per pixel, 0 black to 1 white, as (rows, columns); what is see-through lies on white."""
    rgba = rgba_of(image)
    light = light_of(rgba)
    if rgba.shape[2] == 4:
        alpha = rgba[..., 3].astype(np.float32) / 255
        light = np.asarray(light * alpha + (1 - alpha), dtype=np.float32)
    return light


def light_of(rgba: NDArray[np.uint8]) -> Gray:
    """Light per pixel, 0 to 1, of (rows, columns, 1, 3 or 4) colours, whatever their opacity; a channel at a time."""
    if rgba.shape[2] == 1:
        return np.asarray(rgba[..., 0] * np.float32(1 / 255), dtype=np.float32)
    light = np.zeros(rgba.shape[:2], dtype=np.float32)
    for channel, weight in enumerate((_LUMA / 255).tolist()):
        np.add(light, rgba[..., channel] * np.float32(weight), out=light)
    return light


def rgba_of(image: "Image") -> NDArray[np.uint8]:
    """(rows, columns, 3 or 4) 8-bit colours of a picture of any kind of pixels."""
    if image.mode.startswith(("I;16", "I", "F")):
        return _from_deep(np.asarray(image))
    see_through = image.mode in {"RGBA", "LA", "PA", "La", "RGBa"} or "transparency" in image.info
    return np.asarray(image.convert("RGBA" if see_through else "RGB"))


def pixels_of(image: "Image") -> NDArray[np.uint8]:
    """The same, but of plain grey only (rows, columns, 1), which spares most of the memory of a scan."""
    return np.asarray(image)[..., None] if image.mode == "L" and "transparency" not in image.info else rgba_of(image)


def _from_deep(values: NDArray[Any]) -> NDArray[np.uint8]:
    """16-bit and floating grey to 8 bits; Pillow's own conversion would cut off all above 255."""
    deep = values.astype(np.float32)
    whole = 65535.0 if deep.max(initial=0.0) > 255 else 255.0 if deep.max(initial=0.0) > 1 else 1.0
    gray = np.clip(np.nan_to_num(deep) / whole * 255, 0, 255).astype(np.uint8)
    return np.repeat(gray[..., None], 3, axis=2)


def thumbnail(image: "Image", side: int = 480) -> bytes:
    """A small JPEG of a picture, to keep beside what it shows."""
    from PIL import Image

    small = Image.fromarray(rgba_of(image)[..., :3])
    small.thumbnail((side, side))
    out = io.BytesIO()
    small.save(out, "JPEG", quality=82)
    return out.getvalue()
