"""What a piece of glass is made of, what to expect of the cream on it, and where to be careful.

All of it is common practice, no published source; makers disagree, and both views are given. Nothing here promises that
a piece will take: a hidden spot tells.
"""

from collections.abc import Iterator

from msgspec import Struct

from vitrograph.core.findings import Code, Finding, Level
from vitrograph.core.job import MaterialName
from vitrograph.core.language import tr, within

CARE = tr("Never etch cracked glass, and never a surface that food, drink or lips touch.")
TEST_SPOT = tr("Try a hidden spot first, such as under the foot, and look at it dry.")


class Material(Struct, frozen=True):
    """A kind of glass: what to expect, whether a hidden spot comes first, and a caution of its own."""

    title: str
    expect: str
    doubtful: bool
    caution: str = ""

    @property
    def cautions(self) -> str:
        """What is to be minded with any glass, and with this one."""
        return f"{CARE} {self.caution}".strip()


MATERIALS: dict[MaterialName, Material] = {
    "ordinary": Material(tr("Ordinary (soda-lime)"), tr("It usually frosts evenly."), False),
    "strengthened": Material(
        tr("Heat-strengthened"), tr("Some makers leave it alone since it may stay clear; others find that most pieces "
                                    "take."),
        True, tr("Strengthened glass under stress can burst: do not etch a scratched or chipped piece.")),
    "bakeware": Material(
        tr("Heat-resistant bakeware"), tr("Some makers leave it alone since it may stay clear; others find that most "
                                          "pieces take. Work the underside only."), True),
    "crystal": Material(
        tr("Lead crystal"), tr("It frosts quickly, some say too quickly: watch the time."), True,
        tr("Leaded glass: for display. Keep food and drink off it, and treat the rinse water as the cream's label "
           "says.")),
    "coated": Material(
        tr("Coated, sprayed or painted"), tr("The coat keeps the cream from the glass: it will not frost there. An "
                                             "uncoated side may."), True),
    "coated inside": Material(
        tr("Coated on the inside only"), tr("Its bare outside frosts as other glass does."), False,
        tr("Keep cream and alcohol off the coat within: stop the mouth, and rinse the outside only.")),
    "mirror": Material(
        tr("Mirror"), tr("Its front frosts as other glass does. Nothing is seen through it: place the film from the "
                         "front, by its edges."), False,
        tr("Cream and water that creep under the back coat turn it black: tape the edges, never lay it in water, and "
           "keep alcohol off the back.")),
    "unknown": Material(tr("Unknown"), tr("Nobody can say before it is tried."), True),
}


def check_material(name: MaterialName) -> Iterator[Finding]:
    """Yield a word of care where the glass may not take."""
    material = MATERIALS[name]
    if material.doubtful:
        says = tr("{title} glass may not take: try a hidden spot first", title=within(material.title))
        yield Finding(Code.MATERIAL, Level.WATCH, says, material.caution or material.expect)
