"""The steps of a recipe's phases, in words; their keys tell them apart."""

from collections.abc import Iterator

from msgspec import Struct

from vitrograph.core.etch.cautions import CONTACT, DRIPS
from vitrograph.core.job import Phase, Recipe
from vitrograph.core.language import tr
from vitrograph.core.units import format_minutes
from vitrograph.core.work import Step

TEST_SPOT_S = 45.0
_COATS = {
    "thin": tr("Dab the cream on thin, until every opening is wet."),
    "thick": tr("Dab it on thick, until no glass shows through. Hold it to the light."),
}
_WORKS = {"dabbed": tr("Dab it all the while, without a stop"),
          "crossed": tr("Work the cream all the while, in several directions")}


class TimedStep(Struct, frozen=True):
    """A phase's step, with the seconds of hands it takes: a rest takes none."""

    phase: Phase
    step: Step
    hands: float


def phase_steps(recipe: Recipe, covering: float, part: str = "") -> Iterator[TimedStep]:
    """Yield the steps under cream; `part` begins their keys where a glass is done in parts.

    A clock's key holds its seconds: another recipe's clock is another clock.
    """
    coats = sum(phase.does == "coat" for phase in recipe.phases)
    many: dict[str, int] = {}
    for phase in recipe.phases:
        number = many[phase.does] = many.get(phase.does, 0) + 1
        key = f"{part}{phase.does} {number}" + (f" {phase.seconds:g}" if phase.waited else "")
        if phase.does == "coat":
            seconds = phase.seconds or covering
            yield TimedStep(phase, Step(key, _coat_words(phase, number, coats), _coat_note(recipe, seconds, number),
                                        f"{DRIPS} {CONTACT}" if number == 1 else "", beginning=tr("First dab")),
                            seconds)
        elif phase.does == "rest":
            yield TimedStep(phase, Step(key, tr("Leave the cream alone."), _rest_note(phase), seconds=phase.seconds,
                                        hands=False), 0.0)
        elif phase.does == "work":
            yield TimedStep(phase, Step(key, f"{_WORKS[phase.how]}.", _rest_note(phase), seconds=phase.seconds),
                            phase.seconds)
        elif phase.does == "stir":
            yield TimedStep(phase, Step(key, tr("Stir it gently where it lies, dabbing; thicken thin places, the "
                                                "upper part of an upright wall first.")), phase.seconds or 30.0)
        else:
            yield TimedStep(phase, Step(key, tr("Clean one small spot near the edge, dry it and look. Put cream back "
                                                "on it if it is too faint.")), phase.seconds or TEST_SPOT_S)


def _coat_words(phase: Phase, number: int, coats: int) -> str:
    which = "" if coats == 1 else tr("Coat {number} of {coats}. ", number=number, coats=coats)
    stir = tr("Stir the cream in its pot. ") if number == 1 else ""
    return f"{which}{stir}{_COATS[phase.how]}"


def _coat_note(recipe: Recipe, seconds: float, number: int) -> str:
    took = tr("It takes about {seconds}. ", seconds=format_minutes(seconds))
    if number > 1:
        return took.strip()
    clock = tr("when the last of it is covered") if recipe.clock == "covered" else tr("at the first dab")
    return tr("{took}Its clock starts {clock}.", took=took, clock=clock)


def _rest_note(phase: Phase) -> str:
    low, high = phase.seconds - phase.tolerance, phase.seconds + phase.tolerance
    return tr("{low} to {high} will do.", low=format_minutes(max(0.0, low)), high=format_minutes(high))
