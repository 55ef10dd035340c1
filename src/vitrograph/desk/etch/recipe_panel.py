"""Recipe, cream and colour on the card: the usual ways and one's own, what is said for and against, and the pot."""

from collections.abc import Sequence

from PySide6.QtCore import Signal

from vitrograph.core.etch import COLOUR_WAYS, covered, speed_of, usual_recipes
from vitrograph.core.job import MOST_WEIGHED, Job, Recipe, ToolOfCream, Weighing
from vitrograph.core.language import tr
from vitrograph.core.units import format_minutes
from vitrograph.core.work import Happened
from vitrograph.desk.bench import Bench
from vitrograph.desk.kit.card_part import CardPart
from vitrograph.desk.kit.fields import LengthField, NumberField, button, chooser, drop_down, label
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.wrapping import Tick

_TOOLS = {"brush": tr("Laid on with a bristle brush"), "stick": tr("Laid on with a craft stick"),
          "squeegee": tr("Laid on with a squeegee")}
_STARTS = {"covered": tr("Clock from: all is covered"), "first": tr("Clock from: the first dab")}


class RecipePanel(CardPart):
    """What the cream is left by, and how it is laid on. `weighed` carries a weighing of the pot."""

    weighed = Signal(object)

    def __init__(self, bench: Bench) -> None:
        super().__init__(bench)
        self.own: tuple[Recipe, ...] = ()
        self.recipe = drop_down("recipe", tr("Recipe"))
        self.says = named(label("", "quiet"), "recipeSays")
        self.edit = named(button(tr("Change this recipe")), "editRecipe")
        self.clock = chooser("clockFrom", tr("The clock starts"), _STARTS)
        self.tool = chooser("creamTool", tr("Laid on with"), _TOOLS)
        self.coat = LengthField(tr("Cream lies so thick"), "coat", least=0.0)
        self.places = NumberField(tr("Glasses under cream at once, at most"), "places", suffix="", whole=True)
        self.pace = named(button("", tip=tr("the evening is planned by it")), "ownPace")
        self.pace.hide()
        self.grams = NumberField(tr("In the pot"), "potGrams", suffix="g")
        self.after = NumberField(tr("Weighed after the etch"), "potAfter", suffix="g")
        self.uses = NumberField(tr("Scraped back and used again, times"), "potUses", suffix="", whole=True)
        self.gritty = named(Tick(tr("It has gone gritty")), "potGritty")
        self.pots = NumberField(tr("Pots open"), "pots", suffix="", whole=True)
        self.halves = named(Tick(tr("In halves, one after the other")), "halves")
        self.colour = chooser("colourWay", tr("Colour"), {way: title for way, (title, _) in COLOUR_WAYS.items()})
        self.colour_says = named(label("", "quiet"), "colourSays")
        self._speed = 0.0
        self._coats: Sequence[tuple[str, float, float]] = ()
        self._offered: tuple[str, ...] = ()
        self.stack(self.recipe, self.says, self.edit, self.clock, self.tool, self.coat, self.pace, self.places,
                   self.halves, self.colour, self.colour_says)
        self.stack(self.grams, self.after, self.pots, self.uses, self.gritty)
        self._connect()

    def _connect(self) -> None:
        edit = self.bench.edit
        self.recipe.activated.connect(lambda _at: self._take(self.recipe.currentData()))
        self.clock.activated.connect(
            lambda _at: edit(tr("Start of the clock"), etch__recipe__clock=self.clock.currentData()))
        self.tool.activated.connect(lambda _at: self._take_tool(self.tool.currentData()))
        self.coat.edited.connect(lambda mm: edit(tr("Thickness of the cream"), etch__coat=mm))
        self.places.edited.connect(lambda many: edit(tr("Glasses at once"), etch__places=round(many)))
        self.grams.edited.connect(lambda grams: edit(tr("Cream in the pot"), etch__cream__grams=grams))
        self.uses.edited.connect(lambda many: edit(tr("Uses of the cream"), etch__cream__uses=round(many)))
        self.gritty.clicked.connect(lambda on: edit(tr("Grit in the cream"), etch__cream__gritty=on))
        self.after.edited.connect(self._weigh)
        self.pace.clicked.connect(lambda: edit(tr("Pace of covering"), etch__speed=self._speed))
        self.pots.edited.connect(lambda many: edit(tr("Pots open"), etch__pots=round(many)))
        self.halves.clicked.connect(lambda on: edit(tr("In halves"), etch__halves=on))
        self.colour.activated.connect(lambda _at: edit(tr("Colour"), etch__colour=self.colour.currentData()))

    def offer(self, own: tuple[Recipe, ...]) -> None:
        """Offer the maker's own recipes beside the usual ones."""
        self.own = own
        self._show_recipe(self.bench.job.etch.recipe)

    def offer_pace(self, coats: Sequence[tuple[str, float, float]]) -> None:
        """Offer the maker's own pace of covering, once enough coats were timed: each its tool, mm² and seconds."""
        self._coats = coats
        self._show_pace()

    def _show_pace(self) -> None:
        etch = self.bench.order.etch
        own = [(area, seconds) for tool, area, seconds in self._coats if tool in (etch.tool, "")]   # "": not noted
        self._speed = round(speed_of(etch.tool, own), 1)
        self.pace.setVisible(self._speed not in (speed_of(etch.tool), etch.speed))
        self.pace.setText(tr("Plan by your own {coats} coats", coats=len(own)))

    def _weigh(self, after: object) -> None:
        """Note what an etch took from the pot: of the coats ticked off since it was weighed last, or else of it all."""
        cream, grams, making = self.bench.order.etch.cream, float(str(after)), self.bench.making
        etched = [(results.job, results.etch) for results in self.bench.order_results.pieces if results.etch]
        area = covered({job.key: etch.at_once for job, etch in etched}, making.progress, making.happened)
        if area is None:
            area = sum(etch.area * job.count for job, etch in etched)
        if not cream.grams > grams > 0:
            self.after.complain(tr("say first what was in the pot before, and then the lesser weight after it"))
            return
        if area <= 0:
            self.after.complain(tr("no coat was ticked off since the pot was weighed last"))
            return
        weighing = Weighing(cream.grams, grams, area)
        making.note(Happened(making.now(), "weighed", number=cream.grams - grams, area=area))
        self.bench.edit(tr("The pot weighed"), etch__cream__weighed=(*cream.weighed, weighing)[-MOST_WEIGHED:],
                        etch__cream__grams=grams)
        self.weighed.emit(weighing)

    def _take_tool(self, tool: ToolOfCream) -> None:
        """Lay it on with another tool, at that one's pace: the maker's own was with the one before."""
        if tool != self.bench.order.etch.tool:
            self.bench.edit(tr("Tool of the cream"), etch__tool=tool, etch__speed=0.0)

    def _take(self, name: str) -> None:
        known = {one.name: one for one in (self.bench.job.etch.recipe, *usual_recipes(), *self.own)}
        if known[name] != self.bench.job.etch.recipe:
            self.bench.edit(tr("Recipe"), etch__recipe=known[name])

    def show_job(self, job: Job) -> None:
        etch = job.etch
        self._show_recipe(etch.recipe)
        for box, value in ((self.clock, etch.recipe.clock), (self.tool, etch.tool), (self.colour, etch.colour)):
            box.setCurrentIndex(box.findData(value))
        self.coat.show_mm(etch.coat, self.bench.unit)
        self.places.show_number(etch.places)
        self.grams.show_number(etch.cream.grams)
        self.pots.show_number(etch.pots)
        self.uses.show_number(etch.cream.uses)
        self.gritty.setChecked(etch.cream.gritty)
        self.halves.setChecked(etch.halves)
        self.colour_says.setText(COLOUR_WAYS[etch.colour][1])
        self.colour_says.setVisible(etch.colour != "none")
        self._show_pace()

    def _show_recipe(self, recipe: Recipe) -> None:
        offered = tuple(dict.fromkeys(one.name for one in (*self.own, *usual_recipes(), recipe)))
        if offered != self._offered:
            self._offered = offered
            self.recipe.clear()
            for name in offered:
                self.recipe.addItem(tr(name), name)
        self.recipe.setCurrentIndex(self.recipe.findData(recipe.name))
        says = tr("{seconds} under cream: {says}.", seconds=format_minutes(recipe.seconds),
                  says=tr(recipe.says)) if recipe.says else ""
        others = tr(" Against it: {others}.", others=tr(recipe.others)) if recipe.others else ""
        self.says.setText(tr("{says}{others} Your cream's label outranks it.", says=says, others=others).strip())
