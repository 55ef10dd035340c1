"""9 to 10: three schools of timing become recipes, with the phases they had."""

from typing import Any

_SCHOOLS: dict[str, tuple[str, list[dict[str, Any]]]] = {
    "brief-worked": ("Brief and worked", [{"does": "work", "how": "crossed", "seconds": 150.0, "tolerance": 30.0}]),
    "five-stir-five": ("Five, stir, five", [
        {"does": "rest", "seconds": 300.0, "tolerance": 30.0}, {"does": "stir", "seconds": 30.0, "tolerance": 15.0},
        {"does": "rest", "seconds": 300.0, "tolerance": 30.0}]),
    "long-still": ("Fifteen, thick", [{"does": "rest", "seconds": 900.0, "tolerance": 90.0}]),
}


def to_recipes(tree: dict[str, Any]) -> dict[str, Any]:
    """The order's school as a recipe."""
    etch = tree.get("etch")
    if isinstance(etch, dict) and "school" in etch:
        etch["recipe"] = recipe_of(etch.pop("school"))
    return tree


def recipe_of(school: Any) -> dict[str, Any]:
    """The recipe that a school was; what is no school is left for the reader to refuse."""
    if not isinstance(school, str) or school not in _SCHOOLS:
        return {"name": str(school)[:80] or "?", "phases": []}
    name, phases = _SCHOOLS[school]
    return {"name": name, "phases": [{"does": "coat", "how": "thick"}, *phases]}
