"""The `.vitro` file: a ZIP with `job.json` and the drawings and fonts it names (docs/formats.md).

Written beside its place, synced and renamed over it, so a crash leaves the old file or the new one; the copy
before the last save is kept as `NAME.vitro.bak`.
"""

import contextlib
import json
import os
import tempfile
import zipfile
from collections.abc import Iterable
from hashlib import sha256
from pathlib import Path
from typing import Any

import msgspec

from vitrograph.core.errors import JobError, JobFileError, VitrographError
from vitrograph.core.job import JOB_VERSION, Job
from vitrograph.core.migrate import migrate

MANIFEST = "job.json"
_MOST_BYTES = 64_000_000


def save_job(job: Job, path: Path) -> None:
    """Write a job file, keeping the previous one as `.bak`. Raises JobFileError; the old file then stands."""
    tree = job.as_tree()
    assets: dict[str, bytes] = {}
    _take_out_files(tree, assets)
    try:
        handle, temporary = tempfile.mkstemp(dir=path.parent, prefix=f".{path.name}.")
        try:
            with os.fdopen(handle, "wb") as stream:
                with zipfile.ZipFile(stream, "w", zipfile.ZIP_DEFLATED) as archive:
                    archive.writestr(MANIFEST, json.dumps(tree, indent=1, ensure_ascii=False))
                    for name, content in assets.items():
                        archive.writestr(name, content)
                stream.flush()
                os.fsync(stream.fileno())
            _keep_last_good(path)
            Path(temporary).replace(path)
        except BaseException:
            Path(temporary).unlink(missing_ok=True)
            raise
    except OSError as error:
        raise JobFileError(f"{path} could not be saved ({_reason(error)}): choose another place") from None


def load_job(path: Path) -> Job:
    """Read a job file. Raises JobFileError for what is not one, is damaged, or comes from a newer version."""
    try:
        with zipfile.ZipFile(path) as archive:
            tree = json.loads(_read(archive, MANIFEST))
            _refuse_newer(tree, path)
            _put_back_files(tree, archive)
            migrate(tree)
    except JobFileError:
        raise
    except (VitrographError, msgspec.ValidationError) as error:
        raise JobFileError(f"{path} holds a value that cannot be: {error}") from None
    except OSError as error:
        raise JobFileError(f"{path} could not be opened: {_reason(error)}") from None
    except (zipfile.BadZipFile, KeyError, ValueError, RuntimeError, EOFError, NotImplementedError, TypeError):
        raise JobFileError(f"{path} is not a job file, or it is damaged: try {path.name}.bak beside it") from None
    try:
        return Job.read(tree)
    except JobError as error:
        raise JobFileError(f"{path} holds a value that cannot be: {error}") from None


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
    """Read a member, refusing one that would unpack beyond any real job (a decompression bomb)."""
    if archive.getinfo(name).file_size > _MOST_BYTES:
        raise ValueError(name)
    return archive.read(name)


def _refuse_newer(tree: dict[str, Any], path: Path) -> None:
    version = tree["version"]
    if isinstance(version, int) and version > JOB_VERSION:
        raise JobFileError(f"{path} was saved by a newer Vitrograph (job version {version}): update to open it")


def _keep_last_good(path: Path) -> None:
    backup = path.with_name(path.name + ".bak")
    backup.unlink(missing_ok=True)
    with contextlib.suppress(FileNotFoundError):
        os.link(path, backup)


def _reason(error: OSError) -> str:
    return (error.strerror or str(error)).lower()
