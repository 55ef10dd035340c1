"""The `.vitro` file: a ZIP with `order.json` and the drawings and fonts it names (docs/formats.md).

Written whole; the copy before the last save is kept as `NAME.vitro.bak`. Files of a single job, up to version 5, hold
`job.json` instead, and open as an order of one piece.
"""

import io
import json
import zipfile
from collections.abc import Iterable
from hashlib import sha256
from pathlib import Path
from typing import Any

import msgspec

from vitrograph.core.errors import JobError, OrderFileError, VitrographError
from vitrograph.core.job import ORDER_VERSION, Order
from vitrograph.core.storing.migrations import migrate
from vitrograph.core.storing.whole import reason, write_whole

MANIFEST, OLD_MANIFEST = "order.json", "job.json"
_MOST_BYTES = 64_000_000


def save_order(order: Order, path: Path) -> None:
    """Write an order's file, keeping the previous one as `.bak`. Raises OrderFileError; the old file then stands."""
    tree = order.as_tree()
    assets: dict[str, bytes] = {}
    _take_out_files(tree, assets)
    content = io.BytesIO()
    with zipfile.ZipFile(content, "w", zipfile.ZIP_DEFLATED) as archive:
        archive.writestr(MANIFEST, json.dumps(tree, indent=1, ensure_ascii=False))
        for name, asset in assets.items():
            archive.writestr(name, asset)
    write_whole(path, content.getvalue(), keep_last=True)


def load_order(path: Path) -> Order:
    """Read an order's file, whatever version wrote it.

    Raises OrderFileError for what is not one, is damaged, or comes from a newer version.
    """
    try:
        with zipfile.ZipFile(path) as archive:
            manifest = MANIFEST if MANIFEST in archive.namelist() else OLD_MANIFEST
            text = _read(archive, manifest)
            tree = json.loads(text)
            _refuse_newer(tree, path)
            _put_back_files(tree, archive)
            tree = migrate(tree, sha256(text).hexdigest()[:16])
    except OrderFileError:
        raise
    except (VitrographError, msgspec.ValidationError) as error:
        raise OrderFileError(f"{path} holds a value that cannot be: {error}") from None
    except OSError as error:
        raise OrderFileError(f"{path} could not be opened: {reason(error)}") from None
    except (zipfile.BadZipFile, KeyError, ValueError, RuntimeError, EOFError, NotImplementedError, TypeError,
            AttributeError):
        raise OrderFileError(f"{path} is not an order file, or it is damaged: try {path.name}.bak beside it") from None
    try:
        return Order.read(tree)
    except JobError as error:
        raise OrderFileError(f"{path} holds a value that cannot be: {error}") from None


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


def _put_back_files(node: Any, archive: zipfile.ZipFile) -> None:
    if isinstance(node, dict) and "asset" in node:
        node["data"] = _read(archive, node.pop("asset"))
    for child in _children(node):
        _put_back_files(child, archive)


def _children(node: Any) -> Iterable[Any]:
    return node.values() if isinstance(node, dict) else node if isinstance(node, list | tuple) else ()


def _read(archive: zipfile.ZipFile, name: str) -> bytes:
    """Read a member, refusing one that would unpack beyond any real order (a decompression bomb)."""
    if archive.getinfo(name).file_size > _MOST_BYTES:
        raise ValueError(name)
    return archive.read(name)


def _refuse_newer(tree: dict[str, Any], path: Path) -> None:
    version = tree["version"]
    if isinstance(version, int) and version > ORDER_VERSION:
        raise OrderFileError(f"{path} was saved by a newer Vitrograph (order version {version}): update to open it")
