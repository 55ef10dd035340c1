"""The usual ways of etching, shipped as named starts: common practice, no published source.

The trade disagrees on time; each says what its people claim and what others answer.
"""

from functools import cache
from pathlib import Path

import msgspec
from msgspec.structs import replace

from vitrograph.core.errors import JobError, VitrographError
from vitrograph.core.job import Recipe
from vitrograph.core.job.recipe import LONGEST_S
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
    rest = replace(Recipe().phases[1], seconds=60.0 * minutes, tolerance=max(10.0, 6.0 * minutes))
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


def of_its_own(recipe: Recipe) -> Recipe:
    """A recipe that is called as a usual way and is not that, by a name of its own."""
    usual = (*usual_recipes(), label_recipe(10.0))
    if recipe in usual or all(recipe.name not in (one.name, tr(one.name)) for one in usual):
        return recipe
    return replace(recipe, name=tr("{name}, changed", name=tr(recipe.name))[:80])


def lasting(recipe: Recipe, seconds: float) -> Recipe | None:
    """A recipe that lasts so many seconds in all: its rests and worked stretches longer or shorter, in step.

    None where it lasts so long already, to the second, or cannot: stirs and looks take all that time, or it is a day.

    >>> lasting(Recipe(), 330).phases[1].seconds
    150.0
    """
    waited = sum(phase.seconds for phase in recipe.phases if phase.waited)
    rest = round(seconds) - round(recipe.seconds - waited)
    whole, phases = waited, []
    for phase in recipe.phases:                                # each takes its share of what is left, to the second
        if phase.waited:
            mine = round(rest * phase.seconds / whole)
            rest, whole = rest - mine, whole - phase.seconds
            phase = replace(phase, seconds=float(mine))
        phases.append(phase)
    too_short = any(phase.waited and phase.seconds <= 0 for phase in phases)
    if too_short or seconds > LONGEST_S or phases == list(recipe.phases):
        return None
    return of_its_own(replace(recipe, phases=tuple(phases)))


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
