"""Cleaning the glass before film goes on: by what is on it, and by what it bears.

All of it is common practice, no published source; a cleaner's own label comes first.
"""

from collections.abc import Iterator

from vitrograph.core.job import Features, MaterialName
from vitrograph.core.language import tr
from vitrograph.core.work import Step

_FIRST: dict[str, tuple[str, str]] = {
    "label": (tr("Soak the label off in warm soapy water, then rub what glue is left with oil or a glue remover, and "
                 "wash that off."), tr("Mind the remover's own label, and keep it off skin.")),
    "paint": (tr("Wet the paint and scrape it off with a fresh blade held flat. Do this before anything is measured "
                 "for placing."),
              tr("A blade held steep scratches and slips: push it away from you, wear goggles, and treat "
                 "old paint as if it held lead.")),
    "wax": (tr("Wash wax or hand cream off with hot soapy water, twice, and rinse."),
            tr("Glass taken from cold to hot cracks: warm it slowly.")),
}


def cleaning_steps(features: Features, material: MaterialName, *, behind: bool) -> Iterator[Step]:
    """Yield the steps, the last of them to touch it no more."""
    if features.on_it in _FIRST:
        says, caution = _FIRST[features.on_it]
        yield Step(f"off {features.on_it}", says, caution=caution)
    mirror = material == "mirror"
    if features.no_alcohol or (mirror and behind):
        yield Step("clean", tr("Clean the place with a drop of soap on a damp cloth, then a damp cloth alone, and let "
                               "it dry. Touch it no more."),
                   caution=tr("Alcohol spoils paint, gilding and the back of a mirror: keep "
                              "it off them."))
        return
    note = tr("Keep it off the mirror's back and edges.") if mirror else ""
    yield Step("clean", tr("Wipe the place with alcohol of 70 to 90 % and let it dry for about 10 seconds. Touch it "
                           "no more."), note, caution=tr("Alcohol burns: no flame near it, and fresh air."))
