"""The walk from the weeded film to a glass that is ready for cream: one step after the other."""

from collections.abc import Iterator, Sequence

from msgspec import Struct

from vitrograph.core.job import Features, MaterialName, TransferChoices
from vitrograph.core.language import capital, tr, tr_later
from vitrograph.core.says import Joined, Length, Says
from vitrograph.core.stencil import Risk
from vitrograph.core.transfer.cleaning import cleaning_steps
from vitrograph.core.transfer.mask import Run
from vitrograph.core.transfer.placing import Placing
from vitrograph.core.transfer.taping import Strip
from vitrograph.core.transfer.telling import other_ways, what_a_slip_does, where_it_goes
from vitrograph.core.transfer.ways import Way, laying_steps
from vitrograph.core.work import Step

PRESS_EDGES = "press edges"       # the key of the step at which every edge is pressed down
SEAL = "seal"                      # the keys of the steps at its riskiest places begin so
SETTLE = "settle"
_UNTAPED: tuple[Way, ...] = ("hand", "on the glass")


class Setting(Struct, frozen=True):
    """One film to be set: its tape, the four centre marks on the sheet, its place, the way, and the tape round it.

    `number` of `many` films of one copy, from 1, in the order they are laid; `laps` says whether it goes over the edge
    of one laid before. Of a decal the art alone is set.
    """

    number: int
    many: int
    tape_size: tuple[float, float]
    strips: tuple[Strip, ...]
    marks: tuple[tuple[float, float], ...]
    placing: Placing
    way: Way
    mask: tuple[Run, ...]
    decal: bool = False
    laps: bool = False

    @property
    def which(self) -> str:
        """It in words."""
        if self.decal:
            return tr("the art") if self.many == 1 else tr("part {number} of {many} of the art", number=self.number,
                                                           many=self.many)
        return tr("the film") if self.many == 1 else tr("film {number} of {many}", number=self.number, many=self.many)

    @property
    def taped(self) -> bool:
        """Whether tape carries it."""
        return self.way not in _UNTAPED


class Circumstances(Struct, frozen=True):
    """What the steps depend on beside the films: choices, and what the piece is and bears.

    `see_through` says whether one can look at the film from behind, `relieved` whether its border is snipped; `edge` is
    how long the edges to press are, mm, `risks` where they leak first, in words. The mask's tape is `mask_width` wide.
    """

    choices: TransferChoices
    features: Features
    material: MaterialName
    bedding: Says | str
    closed: bool
    see_through: bool
    relieved: bool
    edge: float
    mask_width: float
    risks: tuple[tuple[str, Risk], ...] = ()


def walk(settings: Sequence[Setting], about: Circumstances) -> tuple[tuple[Step, ...], ...]:
    """All steps of one copy, those of each film by itself: what is done once comes with the first and with the last."""
    first, last = settings[0], settings[-1]
    films = []
    for setting in settings:
        steps: list[Step] = []
        if setting is first:
            steps += [*_carrying(settings), *cleaning_steps(about.features, about.material,
                                                            behind=setting.placing.behind),
                      Step("bed", about.bedding)]
        steps += _setting(setting, about)
        if setting is not last and not setting.decal and settings[setting.number].laps:
            steps.append(_settling(f"settle {setting.number}", about,
                                   tr_later("Let this film settle {minutes} minutes before the next one goes over its "
                                            "edge.")))
        if setting is last:
            steps += _finishing(settings, about)
        films.append(tuple(steps))
    return tuple(films)


def _carrying(settings: Sequence[Setting]) -> Iterator[Step]:
    """Yield how tape is laid on the films, and how their backing comes off."""
    if not settings[0].taped:
        if settings[0].way == "hand":
            yield Step("tape", tr("No tape: this film is in one piece. Leave its backing on until it is aimed."))
        return
    for setting in settings:
        yield Step(f"tape {setting.number}", _tape_words(setting),
                   tr("Mark the middle of each side of the art on it. Tape that grips too hard is dabbed on cloth "
                      "first.") if setting.decal else
                   tr("Mark the middle of each side on it. Tape that grips too hard is dabbed on cloth first."))
    many = len(settings) > 1
    if settings[0].way == "hinge":
        yield Step("backing", tr("Rub the tape down on each film, turn over, and rub the back. The backing stays on.")
                   if many else tr("Rub the tape down, turn over, and rub the back. The backing stays on."))
    else:
        yield Step("backing", tr("Rub the tape down on each film, turn over, and rub the back.") if many else
                   tr("Rub the tape down, turn over, and rub the back."),
                   tr("When the film is to be laid, peel the backing slowly, flat back at a diagonal. Press back "
                      "whatever stays behind, and rub again."))


def _tape_words(setting: Setting) -> Says:
    count, strip = len(setting.strips), setting.strips[0]
    return Says("Cut tape: {cut} {width} by {height}. Lay it over {which}{overlapped}, the extra at the top.",
                cut=tr("one piece,") if count == 1 else tr("{count} strips, each", count=count),
                width=Length(strip.width, 0, tool=True), height=Length(strip.height, 0, tool=True), which=setting.which,
                overlapped=tr(", overlapped") if count > 1 else "")


def _setting(setting: Setting, about: Circumstances) -> Iterator[Step]:
    """Yield the steps of one film: mark its place, lay it, take its tape off."""
    placing, number = setting.placing, setting.number
    if about.closed and number > 1 and not setting.laps:       # it stands apart from those that lie already
        yield Step(f"bed {number}", tr("Turn the glass in its bed until the place for {which} is on top.",
                                       which=setting.which))
    notes = Joined(" ", (what_a_slip_does(placing), *other_ways(placing)))
    yield Step(f"set {number}", where_it_goes(placing, setting.which), Says("{notes}", notes=notes))
    joint = tr(" Its edge goes over the last one's, so that their notches line up.") if setting.laps else ""
    border = "" if setting.decal else joint + _snip_words(about)           # a decal's is weeded before it is laid
    yield from laying_steps(setting.way, setting.which, f"lay {number}", border)
    if setting.taped:
        yield Step(f"tape off {number}",
                   tr("Peel the tape off {which}, flat back on itself. What lifts is pressed back and rubbed again.",
                      which=setting.which), _again(about.choices))


def _again(choices: TransferChoices) -> str:
    return tr("Keep the tape: it serves {uses} times.", uses=choices.uses) if choices.uses > 1 else ""


def _snip_words(about: Circumstances) -> str:
    if about.relieved:
        return tr(" Let the border close, or lap, at each snip.")
    return tr(" If the border lifts, snip it at the sides.") if about.closed else ""


def _finishing(settings: Sequence[Setting], about: Circumstances) -> Iterator[Step]:
    """Yield what is done once every film lies: pressing, looking, masking, settling."""
    decal = settings[0].decal
    look = (tr(" Look along the surface, against the light.") if not about.see_through else
            tr(" Look at it from the front, through the glass.") if settings[0].placing.behind else
            tr(" Look at it from behind, through the glass."))
    soonest = (tr_later("Place {number} of {risks} that lift the soonest.") if decal else
               tr_later("Place {number} of {risks} that leak the soonest."))
    for number, (where, risk) in enumerate(about.risks, start=1):
        says = Says("Press down the edge here first, {where}: {why}.", where=where, why=risk.says)
        yield Step(f"{SEAL} {number}", says, tr(soonest, number=number, risks=len(about.risks))
                   if len(about.risks) > 1 else "")
    rest = (tr_later("Press down every edge of the film: {edge} in all.{look}") if decal and not about.risks else
            tr_later("Press down every other edge of the film: {edge} in all.{look}") if decal else
            tr_later("Press down every other edge of every opening: {edge} in all.{look}") if about.risks else
            tr_later("Press down every edge of every opening: {edge} in all.{look}"))
    yield Step(PRESS_EDGES, Says(rest, edge=Length(about.edge, 0, tool=True), look=look),
               tr("Bubbles away from an edge are harmless; one that reaches an opening leaks.") if not decal
               else "")
    if not decal:
        for setting in settings:
            for run in setting.mask:
                yield Step(f"mask {setting.number} {run.side}", run.says(about.mask_width),
                           capital(setting.which) if setting.many > 1 else "")
        yield Step("patch", tr("Patch slits and holes in the film with tape.{covered}", covered=_covered(about)))
        yield _settling(SETTLE, about, tr_later("Let the film settle {minutes} minutes."))


def _covered(about: Circumstances) -> str:
    handle = any(kept.what == "handle" for kept in about.features.keep_out)
    what = [name for name, there in ((tr("the handle"), handle), (tr("the mouth"), about.closed)) if there]
    return tr(" Cover {all} with tape or paper.", all=tr(" and ").join(what)) if what else ""


def _settling(key: str, about: Circumstances, says: str) -> Step:
    choices = about.choices
    warm = tr(" Warm it: on a warm radiator, or in low warm air for about 10 seconds.") if choices.warmed else ""
    return Step(key, tr(says, minutes=f"{choices.settle:g}") + warm, tr("Other work can go on meanwhile."),
                caution=tr("Warm, not hot: heat cracks glass and curls film.") if choices.warmed else "",
                seconds=60.0 * choices.settle if choices.settle > 0 else None, hands=False, least=True)
