"""The etch station: the evening and its clocks, the steps of the glass in hand, trouble, recipe and cream."""

from collections.abc import Sequence

from PySide6.QtCore import Signal

from vitrograph.core.errors import VitrographError
from vitrograph.core.etch import CAUTIONS
from vitrograph.core.job import Job, Weighing
from vitrograph.core.language import tr
from vitrograph.core.results import Results
from vitrograph.core.work import Happened, Step, StepRef
from vitrograph.core.workshop import change_workshop, load_workshop, with_weighed
from vitrograph.desk.etch.evening_panel import EveningPanel
from vitrograph.desk.etch.keeper import EveningKeeper
from vitrograph.desk.etch.own_minutes import OwnMinutes
from vitrograph.desk.etch.recipe_panel import RecipePanel
from vitrograph.desk.etch.trouble_panel import TroublePanel
from vitrograph.desk.kit.columns import section_heading
from vitrograph.desk.kit.fields import label
from vitrograph.desk.kit.findings_list import FindingList
from vitrograph.desk.kit.steps_card import StepsCard


class EtchCard(StepsCard):
    """Frost the glass."""

    station = "etch"
    heading = tr("Etch")
    done_words = tr("Frosted. Write it down while you remember it.")
    recipe_wanted = Signal()

    def build(self) -> None:
        self.keeper: EveningKeeper | None = None
        self.recipe = RecipePanel(self.bench)
        self.pot = FindingList(self.bench)
        self.label_first = label(CAUTIONS[0], "caution")
        self.minutes = OwnMinutes(self.bench, self.workshop)
        super().build()
        self.stack(self.pot, self.minutes, self.recipe, self.label_first)
        self.recipe.edit.clicked.connect(self.recipe_wanted)
        self.walker.ticking.connect(self._time_coat)
        self.recipe.weighed.connect(self._keep_weighing)

    def follow(self, keeper: EveningKeeper) -> None:
        """Take the evening's keeper: its panel stands above the steps, trouble and recipe below them."""
        self.keeper = keeper
        self.evening, self.trouble = EveningPanel(keeper), TroublePanel(keeper)
        self.evening.asks.connect(self.asks)
        self.columns.put(2, self.evening)
        self.columns.put(3, self.pot)
        self.trouble_title, self.recipe_title = section_heading(tr("Trouble?")), section_heading(tr("Recipe and cream"))
        self._arrange(under_way=keeper.under_way)
        keeper.changed.connect(self._show_evening)
        self._show_evening()
        self.offer_recipes()
        self.recipe.offer_pace(self.bench.making.coats())

    def _arrange(self, *, under_way: bool) -> None:
        """The recipe is chosen before the evening begins; from then on steps and trouble come first."""
        steps, trouble = (self.copies, self.walker, self.found), (self.trouble_title, self.trouble)
        recipe = (self.recipe_title, self.minutes, self.recipe, self.label_first)
        rows = (*steps, *trouble, *recipe) if under_way else (*recipe, *steps, *trouble)
        for at, widget in enumerate(rows, start=self.columns.rows.index(self.pot) + 1):
            self.columns.put(at, widget)
        self._arranged = under_way
        self.order_keys()
        self.verticalScrollBar().setValue(0)

    def offer_recipes(self) -> None:
        """Read the maker's own recipes from the workshop."""
        try:
            own = load_workshop(self.workshop).recipes
        except VitrographError:                                # what is wrong with it is told where it is opened
            own = ()
        self.recipe.offer(own)

    def _keep_weighing(self, weighing: Weighing) -> None:
        """The pot in the workshop is as full as it was weighed."""
        cream = self.bench.order.etch.cream.name
        self.bench.attempt(lambda: change_workshop(self.workshop, lambda known: with_weighed(known, cream, weighing)),
                           tr("weighed: kept in the workshop"))

    def _time_coat(self, ref: StepRef) -> None:
        """Keep how long a coat took, from its first dab on: the next ones are planned by it."""
        making, plan = self.bench.making, self.bench.results.etch
        clock = making.progress.clocks.get(ref)
        if plan is not None and "coat" in ref.step.split(" ") and clock is not None and clock.since is not None:
            now = making.now()
            making.note(Happened(now, "coat", ref.piece, ref.copy, self.bench.order.etch.tool, now - clock.since,
                                 plan.at_once))
            self.recipe.offer_pace(making.coats())

    def _show_evening(self) -> None:
        evening = self.keeper.evening if self.keeper is not None else None
        if self.keeper is not None and self._arranged != self.keeper.under_way:
            self._arrange(under_way=self.keeper.under_way)
        self.pot.show_findings(evening.findings if evening is not None else (), "")

    def steps_of(self, results: Results) -> Sequence[Step]:
        return results.etch.steps if results.etch else ()

    def show_job(self, job: Job) -> None:
        self.recipe.setVisible(job.stencil.kind != "decal")
        self.recipe.show_job(job)
        self.minutes.show_job()
