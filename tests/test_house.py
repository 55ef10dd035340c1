"""The house: imports point down, the rooms match, the lock names no host, the pictures are few."""

import ast
import re
from pathlib import Path

import networkx
import pytest
from msgspec import inspect

from vitrograph.core.job import Order
from vitrograph.core.stations import STATIONS

ROOT = Path(__file__).parents[1]
SOURCE = ROOT / "src" / "vitrograph"


def imports_of(path: Path) -> set[str]:
    """The modules a file imports, wherever in it."""
    tree = ast.parse(path.read_text("utf-8"))
    names = {alias.name for node in ast.walk(tree) if isinstance(node, ast.Import) for alias in node.names}
    return names | {node.module for node in ast.walk(tree) if isinstance(node, ast.ImportFrom) and node.module}


def top_imports(path: Path) -> set[str]:
    """The modules a file imports when it is imported itself, a package's inner modules by their own names."""
    found = set()
    for node in ast.parse(path.read_text("utf-8")).body:
        if isinstance(node, ast.ImportFrom) and node.module:
            found |= {node.module, *(f"{node.module}.{alias.name}" for alias in node.names)}
    return found


MODULES = sorted(SOURCE.rglob("*.py"))


@pytest.mark.parametrize("path", MODULES, ids=lambda path: str(path.relative_to(SOURCE)))
def test_imports_point_down(path):
    place = path.relative_to(SOURCE).parts
    ours = {name for name in imports_of(path) if name.startswith("vitrograph.")}
    if place[0] == "core":
        assert not any(name.startswith("PySide6") for name in imports_of(path))
        assert all(name.startswith("vitrograph.core.") or name == "vitrograph.data" for name in ours)
    if place[0] == "devices":
        assert not any(name.startswith("vitrograph.desk") for name in ours)
    if place[0] == "core" and place[1] in STATIONS:
        for name in ours - {"vitrograph.data"}:     # a stage knows earlier stages only, and only by their rooms' doors
            room = name.split(".")[2]
            if room in STATIONS and room != place[1]:
                assert STATIONS.index(room) < STATIONS.index(place[1]), f"{path} looks ahead to {room}"
                assert name == f"vitrograph.core.{room}", f"{path} reaches into {name}"


# what each layer of the desk may import of the desk itself; the shell and what stands beside it know them all
LAYERS = {"bench": {"bench"}, "kit": {"kit", "bench"}, "views": {"views", "kit", "bench"}}


DESK = sorted((SOURCE / "desk").rglob("*.py"))


@pytest.mark.parametrize("path", DESK, ids=lambda path: str(path.relative_to(SOURCE)))
def test_the_desk_is_laid_in_layers_and_no_room_knows_another(path):
    room = path.relative_to(SOURCE / "desk").parts[0]
    known = {name.split(".")[2] for name in imports_of(path) if name.startswith("vitrograph.desk.")}
    if room in LAYERS:
        assert known <= LAYERS[room], f"{path} reaches up to {known - LAYERS[room]}"
    elif room in STATIONS:
        assert known <= {room, "bench", "kit", "views"}, f"{path} knows another room: {known}"


def test_no_modules_import_each_other_in_a_circle():
    names = {".".join(("vitrograph", *path.relative_to(SOURCE).with_suffix("").parts)).removesuffix(".__init__"): path
             for path in MODULES}
    graph = networkx.DiGraph((name, other) for name, path in names.items() for other in top_imports(path)
                             if other in names and other != name)
    assert [sorted(loop) for loop in networkx.strongly_connected_components(graph) if len(loop) > 1] == []


def test_every_station_has_its_rooms():
    for station in STATIONS:
        assert (SOURCE / "core" / station / "__init__.py").exists()
        assert (SOURCE / "desk" / station / "card.py").exists()
        assert (ROOT / "tests" / station).is_dir()


def choices_of(kind):
    """Every choice below a type, as the record that holds it and its name."""
    if isinstance(kind, inspect.Metadata):
        yield from choices_of(kind.type)
    elif isinstance(kind, inspect.UnionType):
        for one in kind.types:
            yield from choices_of(one)
    elif isinstance(kind, inspect.VarTupleType):
        yield from choices_of(kind.item_type)
    elif isinstance(kind, inspect.StructType):
        for field in kind.fields:
            yield from list(choices_of(field.type)) or [(kind.cls.__name__, field.name)]


def test_every_choice_of_an_order_can_be_made_in_the_window():
    """Not by a file or a command alone: its name stands in the desk, as a change, a field or a remedy's path."""
    by_itself = {("Order", "version"), ("Piece", "like"), ("Drawing", "data"), ("FontFile", "data"), ("Row", "ties_at"),
                 *((kind, name) for kind in ("Mend", "FilmMend") for name in ("to", "amount", "reach")),
                 ("Weighing", "before"), ("Weighing", "after")}
    desk = "\n".join(path.read_text("utf-8") for path in DESK)
    lacking = {(kind, name) for kind, name in choices_of(inspect.type_info(Order))
               if not re.search(rf'__{name}\b|"{name}"|\b{name}=', desk)}
    assert lacking == by_itself & lacking


def test_files_and_functions_stay_short():
    for path in MODULES:
        text = path.read_text("utf-8")
        assert text.count("\n") <= 350, path
        for node in ast.walk(ast.parse(text)):
            if isinstance(node, ast.FunctionDef):
                assert node.end_lineno - node.lineno < 60, f"{path}: {node.name}"


def test_the_lock_pins_everything_and_names_no_host():
    lines = [line for line in (ROOT / "requirements.lock").read_text().splitlines() if not line.startswith("#")]
    assert all(re.fullmatch(r"[A-Za-z0-9_.-]+==[\w.]+", line) for line in lines)
    pinned = {line.partition("==")[0].lower().replace("_", "-") for line in lines}
    wanted = re.findall(r'^    "([A-Za-z0-9-]+)==', (ROOT / "pyproject.toml").read_text(), re.MULTILINE)
    assert {name.lower() for name in wanted} <= pinned


def test_every_screenshot_is_linked_from_the_readme():
    pictures = {path.name for path in (ROOT / "docs" / "screenshots").glob("*.png")}
    linked = set(re.findall(r"docs/screenshots/([\w-]+\.png)", (ROOT / "README.md").read_text("utf-8")))
    assert pictures == linked and 9 <= len(pictures) < 20


def test_opencv_is_read_where_pictures_are_inspected_and_only_when_they_are():
    """It takes a third of a second to import: no start may wait for it."""
    for path in MODULES:
        if "cv2" in imports_of(path):
            assert "inspection" in path.parts or path.name == "piece_camera.py", path
            assert "cv2" not in {name.split(".")[0] for name in top_imports(path)}
            top = {alias.name for node in ast.parse(path.read_text("utf-8")).body if isinstance(node, ast.Import)
                   for alias in node.names}
            assert "cv2" not in top, path
    for path in (SOURCE / "desk").rglob("*.py"):
        assert not any("logbook.inspection" in name for name in top_imports(path) if "TYPE_CHECKING" not in
                       path.read_text("utf-8")), path
