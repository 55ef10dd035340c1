"""The `.vitro` file: a ZIP with `order.json` and the drawings and fonts it names (docs/formats.md).

Written whole; the copy before the last save is kept as `NAME.vitro.bak`. Files of a single job, up to version 5, hold
`job.json` instead, and open as an order of one piece.
"""

import io
import json
import struct
import zipfile
import zlib
from collections.abc import Callable, Iterable
from hashlib import sha256
from pathlib import Path
from typing import Any

import msgspec

from vitrograph.core.errors import OrderFileError, VitrographError
from vitrograph.core.job import ORDER_VERSION, Order
from vitrograph.core.language import tr
from vitrograph.core.storing.migrations import migrate
from vitrograph.core.storing.whole import backup_of, plain_size, reason, writable, write_whole

MANIFEST, OLD_MANIFEST = "order.json", "job.json"
_MOST_BYTES = 64_000_000                # of an asset unpacked, and of all of them together
_MOST_MANIFEST = 8_000_000              # an order of two hundred pieces is a tenth of that
_MOST_COMMENT = 65_535                  # what a ZIP can hold (APPNOTE 4.3.16)
_SAME_TIME = (1980, 1, 1, 0, 0, 0)      # ZIP knows no earlier year, whatever the clock says; equal orders, equal files

# what a file that is no ZIP, or one with flipped bits, makes the standard library raise
_DAMAGE = (zipfile.BadZipFile, zlib.error, struct.error, ValueError, RuntimeError, EOFError, TypeError,
           AttributeError, OverflowError, MemoryError, LookupError)


def save_order(order: Order, path: Path, comment: bytes = b"") -> None:
    """Write an order's file, keeping the previous one as `.bak`. Raises OrderFileError; the old file then stands.

    `comment` goes along as the archive's own, for a safety copy to say what it is a copy of.
    """
    write_whole(path, content_of(order, comment), keep_last=True)


def content_of(order: Order, comment: bytes = b"") -> bytes:
    """What an order's file holds: equal orders, equal bytes."""
    tree = order.as_tree()
    assets: dict[str, bytes] = {}
    _take_out_files(tree, assets)
    content = io.BytesIO()
    with zipfile.ZipFile(content, "w", zipfile.ZIP_DEFLATED) as archive:
        archive.comment = comment[:_MOST_COMMENT]
        for name, member in {MANIFEST: _as_text(tree), **assets}.items():
            archive.writestr(zipfile.ZipInfo(name, _SAME_TIME), member, zipfile.ZIP_DEFLATED)
    return content.getvalue()


def _as_text(tree: Any) -> bytes:
    """The manifest; half a pair of surrogates is no letter that a file could hold, and becomes a question mark."""
    return json.dumps(tree, indent=1, ensure_ascii=False).encode("utf-8", "replace")


def load_order(path: Path) -> Order:
    """Read an order's file, whatever version wrote it.

    Raises OrderFileError for what is not one, is damaged, or comes from a newer version.
    """
    def checked() -> Path:
        if plain_size(path) > 2 * _MOST_BYTES:
            raise OrderFileError(tr("{path} is far too large for an order: choose another file", path=path))
        return path

    return _told(checked, str(path), _way_out(path))


def order_of(content: bytes, called: str) -> Order:
    """An order from what its file holds, `called` so where that cannot be read. Raises as `load_order`."""
    return _told(lambda: io.BytesIO(content), called, "")


def _told(file: Callable[[], Path | io.BytesIO], called: str, way_out: str) -> Order:
    """An order read, each fault of its file as one sentence."""
    try:
        return _read_order(file(), called)
    except OrderFileError:
        raise
    except (VitrographError, msgspec.ValidationError) as error:
        raise OrderFileError(tr("{called} holds a value that cannot be: {error}", called=called, error=error)) from None
    except OSError as error:
        raise OrderFileError(tr("{called} could not be opened: {reason}", called=called,
                                reason=reason(error))) from None
    except _DAMAGE:                                # RuntimeError holds RecursionError: lists in lists without end
        raise OrderFileError(tr("{called} is not an order file, or it is damaged{way_out}", called=called,
                                way_out=way_out)) from None


def comment_of(path: Path) -> bytes:
    """What went along with an order's file; nothing where that cannot be read."""
    try:
        with zipfile.ZipFile(path) as archive:
            return archive.comment
    except (OSError, *_DAMAGE):
        return b""


def last_good(path: Path) -> Order | None:
    """What the copy kept before the last save holds, where there is one that can be read."""
    try:
        return load_order(backup_of(path))
    except OrderFileError:
        return None


def _way_out(path: Path) -> str:
    backup = backup_of(path)
    return tr(": try {name} beside it", name=backup.name) if backup.exists() else ""


def _read_order(file: Path | io.BytesIO, called: str) -> Order:
    with zipfile.ZipFile(file) as archive:
        manifest = MANIFEST if MANIFEST in archive.namelist() else OLD_MANIFEST
        text = _read(archive, manifest, _MOST_MANIFEST)
        tree = json.loads(text.decode("utf-8"))
        if not isinstance(tree, dict):
            raise ValueError(manifest)
        _refuse_newer(tree, called)
        _put_back_files(tree, _Assets(archive))
    return Order.read(migrate(_without_halves(tree), sha256(text).hexdigest()[:16]))


class _Assets:
    """The files an order brings, each unpacked once, all of them within bounds."""

    def __init__(self, archive: zipfile.ZipFile) -> None:
        self._archive = archive
        self._read: dict[str, bytes] = {}
        self._left = _MOST_BYTES

    def __getitem__(self, name: str) -> bytes:
        if name not in self._read:
            self._read[name] = _read(self._archive, name, self._left)
            self._left -= len(self._read[name])
        return self._read[name]


def _without_halves(node: Any) -> Any:
    """A tree whose words can all be written: half a pair of surrogates becomes a question mark."""
    if isinstance(node, str):
        return node if node.isprintable() else writable(node)
    if isinstance(node, dict):
        return {_without_halves(key): _without_halves(child) for key, child in node.items()}
    return [_without_halves(child) for child in node] if isinstance(node, list) else node


def _take_out_files(node: Any, assets: dict[str, bytes]) -> None:
    """Put each brought file's content among the assets, once, and its name there in its place."""
    if isinstance(node, dict):
        content = node.get("data")
        if isinstance(content, bytes):
            del node["data"]
            ending = {"svg": "svg", "dxf": "dxf"}.get(str(node.get("kind")), "bin")
            node["asset"] = f"assets/{sha256(content).hexdigest()[:24]}.{ending}"
            assets[node["asset"]] = content
    for child in _children(node):
        _take_out_files(child, assets)


def _put_back_files(node: Any, assets: _Assets) -> None:
    if isinstance(node, dict) and "asset" in node:
        node["data"] = assets[node.pop("asset")]
    for child in _children(node):
        _put_back_files(child, assets)


def _children(node: Any) -> Iterable[Any]:
    return node.values() if isinstance(node, dict) else node if isinstance(node, list | tuple) else ()


def _read(archive: zipfile.ZipFile, name: str, most: int) -> bytes:
    """Read a member, refusing one that unpacks to more than `most` bytes whatever size it is said to have."""
    with archive.open(name) as member:
        content = member.read(most + 1)
    if len(content) > most:
        raise ValueError(name)
    return content


def _refuse_newer(tree: dict[str, Any], called: str) -> None:
    version = tree["version"]
    if isinstance(version, int) and version > ORDER_VERSION:
        raise OrderFileError(tr("{called} was saved by a newer Vitrograph (order version {version}): update to open it",
                                called=called, version=version))
