"""Colour on frost: metallic wax, or a tinted coating inside a bottle. Decoration for display only."""

from collections.abc import Iterator

from vitrograph.core.etch.cautions import COLOUR, SOLVENT
from vitrograph.core.findings import Code, Finding, Level
from vitrograph.core.job import ColourWay
from vitrograph.core.language import tr
from vitrograph.core.says import Length, Says
from vitrograph.core.stencil import LIP_MM
from vitrograph.core.work import Step

WAX_DRIES_S = 4 * 3600.0
TINT_DRIES_S = 12 * 3600.0         # over night

COLOUR_WAYS: dict[ColourWay, tuple[str, str]] = {
    "none": (tr("No colour"), ""),
    "wax on": (tr("Metallic wax, stencil on"),
               tr("The film keeps it off the clear glass, with crisp edges; it costs hours of drying with the film on, "
                  "and film that sat long pulls harder.")),
    "wax off": (tr("Metallic wax, stencil off"),
                tr("Quick, and the film is out of the way; it costs careful wiping: what gets on clear glass must come "
                   "off before it sets.")),
    "tint": (tr("Tinted coating inside"),
             tr("Inside bottles and vases, poured, turned round and drained upside down; it dries over night, and is "
                "done first.")),
}


def colour_first(way: ColourWay) -> tuple[Step, ...]:
    """The steps before anything else: a tint dries over night."""
    if way != "tint":
        return ()
    return (Step("tint", tr("Pour the tinted coating in, turn the glass until its inside is covered, pour the rest "
                            "back, and stand it upside down on sticks to drain."),
                 tr("Wipe the rim clean."), f"{COLOUR} {SOLVENT}"),
            Step("tint dries", tr("Let it dry over night."), tr("Nothing else is done to this glass meanwhile."),
                 seconds=TINT_DRIES_S, hands=False, least=True))


def wax_steps(way: ColourWay) -> tuple[Step, ...]:
    """The steps of waxing: into the openings with the film on, or over the frost with the film off."""
    if way not in ("wax on", "wax off"):
        return ()
    on = way == "wax on"
    where = tr("into the openings") if on else tr("over the frost")
    rest = "" if on else tr(" Wipe the clear glass at once with a soft cloth.")
    return (Step("wax", tr("Rub metallic wax {where} in thin layers, the last one all in one direction.{rest}",
                           where=where, rest=rest),
                 COLOUR_WAYS[way][1], f"{COLOUR} {SOLVENT}"),
            Step("wax dries", tr("Let the wax dry."), tr("Other work can go on meanwhile."), seconds=WAX_DRIES_S,
                 hands=False, least=True),
            Step("buff", tr("Rub it softly with a dry cloth until it shines.")))


def check_colour(way: ColourWay, below_rim: float | None) -> Iterator[Finding]:
    """Yield that colour is decoration, and where it comes too near to lips; `below_rim` is the frost's distance, mm."""
    if way == "none":
        return
    if way != "tint" and below_rim is not None and below_rim < LIP_MM:
        says = Says("colour would reach to {below} below the rim", below=Length(below_rim))
        why = Says("nothing coloured belongs where lips touch: the upper {lip} stay bare", lip=Length(LIP_MM, 0))
        yield Finding(Code.COLOUR, Level.STOP, says, why, None, below_rim, LIP_MM)
    yield Finding(Code.COLOUR, Level.NOTE, tr("a coloured piece is for display only"), COLOUR)
