"""Etch: recipes, the steps of one glass, the evening of an order, the cream, and trouble while it is on."""

from vitrograph.core.etch.cautions import CAUTIONS, COLOUR, CONTACT
from vitrograph.core.etch.clocks import (
    Clocked,
    UnderClock,
    clocks_to_start,
    running_clocks,
    settling_clocks,
    words_of,
)
from vitrograph.core.etch.colour import COLOUR_WAYS
from vitrograph.core.etch.covering import (
    MM2_PER_SECOND,
    CreamNeed,
    covered,
    cream_for,
    speed_of,
    stands,
    used_per_mm2,
)
from vitrograph.core.etch.evening import MOST_GLASSES, EveningPlan, evening_of, grams, head_of, lines_of, planned_on
from vitrograph.core.etch.glasses import GlassWork, OwnTimes, WorkOfPiece, glasses_of, own_times
from vitrograph.core.etch.live import Live, broken_glasses, live_of, waits_passed
from vitrograph.core.etch.plan import EtchInput, EtchPlan, EtchTally, plan_etch, tally_etch
from vitrograph.core.etch.pot import check_pot
from vitrograph.core.etch.recipes import (
    json_of_recipe,
    label_recipe,
    lasting,
    longer_than,
    of_its_own,
    read_recipe,
    recipe_named,
    usual_recipes,
)
from vitrograph.core.etch.trouble import TROUBLES, Trouble, trouble_named

__all__ = [
    "CAUTIONS",
    "COLOUR",
    "COLOUR_WAYS",
    "CONTACT",
    "MM2_PER_SECOND",
    "MOST_GLASSES",
    "TROUBLES",
    "Clocked",
    "CreamNeed",
    "EtchInput",
    "EtchPlan",
    "EtchTally",
    "EveningPlan",
    "GlassWork",
    "Live",
    "OwnTimes",
    "Trouble",
    "UnderClock",
    "WorkOfPiece",
    "broken_glasses",
    "check_pot",
    "clocks_to_start",
    "covered",
    "cream_for",
    "evening_of",
    "glasses_of",
    "grams",
    "head_of",
    "json_of_recipe",
    "label_recipe",
    "lasting",
    "lines_of",
    "live_of",
    "longer_than",
    "of_its_own",
    "own_times",
    "plan_etch",
    "planned_on",
    "read_recipe",
    "recipe_named",
    "running_clocks",
    "settling_clocks",
    "speed_of",
    "stands",
    "tally_etch",
    "trouble_named",
    "used_per_mm2",
    "usual_recipes",
    "waits_passed",
    "words_of",
]
