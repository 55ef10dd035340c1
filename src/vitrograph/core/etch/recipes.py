"""The usual ways of etching, shipped as named starts: common practice, no published source.

The trade disagrees on time; each says what its people claim and what others answer.
"""

from functools import cache
from pathlib import Path

import msgspec

from vitrograph.core.errors import JobError, VitrographError
from vitrograph.core.job import Recipe
from vitrograph.core.job.tree import plain, read_record
from vitrograph.core.language import tr, tr_later
from vitrograph.core.storing.whole import read_plain, reason
from vitrograph.data import SHIPPED

_MOST_BYTES = 100_000


@cache
def usual_recipes() -> tuple[Recipe, ...]:
    """The usual ways, the shorter first."""
    data = (SHIPPED / "recipes.json").read_bytes()
    found = msgspec.json.decode(data, type=tuple[Recipe, ...])
    return tuple(sorted(found, key=lambda recipe: recipe.seconds))


def label_recipe(minutes: float) -> Recipe:
    """The time on a cream's own label, left still; a tenth more or less will do."""
    rest = msgspec.structs.replace(Recipe().phases[1], seconds=60.0 * minutes, tolerance=max(10.0, 6.0 * minutes))
    return Recipe(tr_later("The label's own time"), (Recipe().phases[0], rest),
                  says=tr_later("what the maker of the cream has tried"),
                  others=tr_later("labels are careful, others say, and leave it longer"))


def recipe_named(name: str, own: tuple[Recipe, ...] = ()) -> Recipe:
    """A recipe of the maker's own, or a usual one, by its name. Raises VitrographError where there is none."""
    known = (*own, *usual_recipes())
    for recipe in known:
        if name.strip().casefold() in (recipe.name.casefold(), tr(recipe.name).casefold()):
            return recipe
    raise VitrographError(tr("no recipe is called '{name}': name one of {all}, or give a file", name=name[:40],
                             all="; ".join(tr(one.name) for one in known)))


def longer_than(recipe: Recipe, seconds: float) -> Recipe | None:
    """The shortest usual recipe of the same or another way that stands at least so long; None where there is none."""
    return next((one for one in usual_recipes() if one.seconds >= seconds and one.seconds > recipe.seconds), None)


def read_recipe(path: Path) -> Recipe:
    """A recipe from its file, as `json_of_recipe` writes it. Raises VitrographError with one sentence."""
    try:
        tree = msgspec.json.decode(read_plain(path, _MOST_BYTES))
        return read_record(tree, Recipe, tr("the recipe"))
    except OSError as error:
        raise VitrographError(tr("{path} could not be opened: {reason}", path=path, reason=reason(error))) from None
    except (JobError, msgspec.MsgspecError, ValueError, RecursionError) as error:
        raise VitrographError(tr("{path} is no recipe: {told} (docs/formats.md)", path=path,
                                 told=str(error)[:300])) from None


def json_of_recipe(recipe: Recipe) -> str:
    """A recipe as its file holds it."""
    return msgspec.json.format(msgspec.json.encode(plain(recipe)), indent=1).decode() + "\n"
