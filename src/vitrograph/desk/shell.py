"""The window: top bar, line of stations, the two linked views, and the bench card. It alone knows them all."""

from importlib import import_module
from pathlib import Path
from typing import TYPE_CHECKING, cast

from PySide6.QtCore import Qt, QTimer
from PySide6.QtGui import QCloseEvent, QDragEnterEvent, QDropEvent, QKeyEvent, QResizeEvent
from PySide6.QtWidgets import (
    QHBoxLayout,
    QSplitter,
    QStackedWidget,
    QVBoxLayout,
    QWidget,
)

from vitrograph.core.cut import SheetRun
from vitrograph.core.language import tr
from vitrograph.core.results import Results
from vitrograph.core.stations import STATIONS, Station
from vitrograph.desk import dropping
from vitrograph.desk.artwork.handling import Handling
from vitrograph.desk.artwork.overlay import ComposingOverlay
from vitrograph.desk.awake import Awake
from vitrograph.desk.bench import Bench
from vitrograph.desk.bench.recovery import Recovery
from vitrograph.desk.clock_bar import ClockBar
from vitrograph.desk.etch.keeper import EveningKeeper
from vitrograph.desk.etch.overlay import EtchOverlay
from vitrograph.desk.files import Files
from vitrograph.desk.finding_walk import FindingWalk
from vitrograph.desk.fit.overlay import StrainOverlay
from vitrograph.desk.keys import Keys
from vitrograph.desk.keys import default_file as keys_file
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.ask_bar import AskBar
from vitrograph.desk.kit.card import StationCard
from vitrograph.desk.kit.message import Message
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.steady import take_typed
from vitrograph.desk.kit.steps_card import StepsCard
from vitrograph.desk.kit.work_bar import WorkBar
from vitrograph.desk.leaving import AsLeft
from vitrograph.desk.line import StationLine
from vitrograph.desk.order.strip import Strip
from vitrograph.desk.questions import Questions
from vitrograph.desk.seen import Seen
from vitrograph.desk.stencil.overlay import StencilOverlay
from vitrograph.desk.stencil.tying import Tying
from vitrograph.desk.topbar import TopBar
from vitrograph.desk.transfer.overlay import TransferOverlay
from vitrograph.desk.views.glass_view import GlassView
from vitrograph.desk.views.overlay import FrontOverlay
from vitrograph.desk.views.sheet_view import SheetView
from vitrograph.desk.views.view import View
from vitrograph.desk.weed.overlay import WeedOverlay
from vitrograph.desk.weed.ticking import Ticking
from vitrograph.desk.windows import Windows

if TYPE_CHECKING:
    from vitrograph.desk.cut.card import CutCard
    from vitrograph.desk.etch.card import EtchCard
    from vitrograph.desk.weed.card import WeedCard

CARD_WIDTH = 330
_WIDE = 5.4                        # times a card's width: a window in which cards have two columns
_FIRST_CARD_MS = 400
_CARD_MS = 80                      # between the cards that are made while nobody waits
OVERLAYS = {"glass": FrontOverlay(), "artwork": ComposingOverlay(), "fit": StrainOverlay(), "stencil": StencilOverlay(),
            "weed": WeedOverlay(), "transfer": TransferOverlay(), "etch": EtchOverlay()}


class Shell(QWidget):
    """All that is in the program's window."""

    def __init__(self, bench: Bench, recovery_folder: Path | None = None, *, stands: bool = True) -> None:
        """Where it `stands` not yet, the first results are drawn before its card is made."""
        super().__init__()
        self.bench: Bench = bench
        self.recovery = Recovery(bench, recovery_folder) if recovery_folder is not None else None
        self.files = Files(self, bench, self.recovery)
        self._as_left: AsLeft | None = None
        self.listed = True            # whether the order is one of the maker's own
        self.resize(1280, 800)
        self.windows = Windows(self)
        self.top = TopBar(bench, self.windows.names, self.files.owned)
        self.strip = Strip(bench, self)
        self.line = StationLine(bench)
        self.glass_view = GlassView(bench)
        self.sheet_view = SheetView(bench)
        self.sheet_view.hand_in(OVERLAYS, Handling(self.sheet_view), Tying(self.sheet_view), Ticking(self.sheet_view))
        self.evening = EveningKeeper(bench, self)
        self.clock_bar = ClockBar(self.evening, self.files.workshop)
        self.awake = Awake(self)
        self._called = ""              # what the title begins with while clocks run
        self.work_bar = WorkBar(bench, self.glass_view)
        self.cards: dict[Station, StationCard] = {}
        self._stack = QStackedWidget()
        self._card_width = max(CARD_WIDTH, self.fontMetrics().averageCharWidth() * 46)
        self._stack.setFixedWidth(self._card_width)
        self._message = Message()
        self.walk = FindingWalk(self)
        self._card_time = QTimer(self, singleShot=True, interval=_FIRST_CARD_MS)    # where nothing is drawn first
        self._card_time.timeout.connect(lambda: self._bring_card(self.bench.station))
        self._shown: dict[View, Results | None] = {self.glass_view: None, self.sheet_view: None}
        self.setAcceptDrops(True)
        self.questions = Questions(bench, self.put_below_the_line)
        self._lay_out()
        self._connect()
        self.keys = Keys(self, keys_file())
        self.top.take(self.keys)
        self.glass_view.keys_of = self.keys.shown
        self.keys.changed.connect(self.glass_view.update)
        if stands:
            self._enter(bench.station)
        else:
            self._card_time.start()
        self._title()

    # -- making --------------------------------------------------------------------------------------------------

    def _lay_out(self) -> None:
        self.views = QSplitter(Qt.Orientation.Horizontal)
        self.views.addWidget(self.glass_view)
        self.flat = QStackedWidget()                          # the stencil in hand, or from the blade on all of them
        self.flat.addWidget(self.sheet_view)
        self.views.addWidget(self.flat)
        self.views.setSizes([440, 510])
        self.views.setChildrenCollapsible(False)
        work = QWidget()
        body = QHBoxLayout(work)
        body.setContentsMargins(0, 0, 0, 0)
        body.setSpacing(0)
        body.addWidget(self.views, 1)
        body.addWidget(self._stack)
        named(self, "shell")
        self.setAttribute(Qt.WidgetAttribute.WA_StyledBackground)
        self._column = QVBoxLayout(self)
        self._column.setContentsMargins(0, 0, 0, 0)
        self._column.setSpacing(0)
        for bar in (self.top, self.strip, self.line, self.clock_bar):
            self._column.addWidget(bar)
        self.places = QStackedWidget()                         # the work, or the page an order begins on
        self.places.addWidget(work)
        self._column.addWidget(self.places, 1)
        self._column.addWidget(self._message)

    def _connect(self) -> None:
        bench = self.bench
        bench.station_changed.connect(self._enter)
        bench.refused.connect(lambda text: self.say(text, wrong=True))
        bench.told.connect(self.say)
        bench.found.connect(self.walk.show)
        for view in (self.glass_view, self.sheet_view):
            view.painted.connect(lambda _took, view=view: self._take_painted(view))
        bench.stepped.connect(lambda _station: self.sheet_view.update())
        bench.job_changed.connect(lambda _job: self._title())
        bench.undo_stack.cleanChanged.connect(lambda _clean: self._title())
        bench.making.jumped.connect(self.say)
        if bench.making.noticed:
            self.say(bench.making.noticed)
        self.clock_bar.titled.connect(self._call)
        for told in (bench.making.changed, bench.making.ticked):
            told.connect(self._stay_awake)
        self.files.asks.connect(self.ask)
        self.top.menus.taking_over.asks.connect(self.ask)
        self.top.packet_wanted.connect(self.files.choose_packet)
        self.top.send_wanted.connect(self._send)
        self.strip.rename_wanted.connect(self.top.menus.ask_name)

    def _take_painted(self, view: View) -> None:
        """Once both views show the newest results, the next are worked on: they do not contend for the processor."""
        self._shown[view] = view.results
        if self._card_time.isActive() and view is self.sheet_view and view.results.sheet is not None:
            self._card_time.start(0)
        if all(shown is self.bench.results for shown in self._shown.values()):
            self.bench.runner.go_on()

    # -- stations ------------------------------------------------------------------------------------------------

    def card(self, station: Station) -> StationCard:
        """A station's card, its module read and made when it is first wanted: the window opens sooner."""
        if station not in self.cards:
            module = import_module(f"vitrograph.desk.{station}.card")
            made: StationCard = getattr(module, f"{station.capitalize()}Card")(self.bench)
            self.cards[station] = made
            made.workshop, made.guarded = self.files.workshop, self.files.guarded
            made.asks.connect(self.ask)
            self._stack.addWidget(made)
            self._take_in(station, made)
            if made.ground is not None:
                self.flat.addWidget(made.ground)
        return self.cards[station]

    def _take_in(self, station: Station, made: StationCard) -> None:
        """Connect a card with what lies outside its room; the modules of the others are not read for it."""
        if station == "cut":
            self._take_bed(cast("CutCard", made))
        elif station == "weed":
            cast("WeedCard", made).trouble.again_wanted.connect(self._cut_again)
        elif station == "etch":
            self._take_evening(cast("EtchCard", made))

    def _take_bed(self, card: "CutCard") -> None:
        from vitrograph.desk.cut.bed_view import BedView

        self.bed_view = card.ground = BedView(self.bench, card.keeper)
        card.trial.traced.connect(self.bed_view.show_trace)
        card.driving.remember(self.files.workshop)
        self.files.cutter = card.driving
        card.driving.turned.connect(self._stay_awake)
        card.number = lambda: self.bed_view.number
        card.before.clicked.connect(lambda: self.bed_view.go(self.bed_view.number - 1))
        card.next.clicked.connect(lambda: self.bed_view.go(self.bed_view.number + 1))

    def _take_evening(self, card: "EtchCard") -> None:
        from vitrograph.desk.etch.evening_view import EveningView

        self.evening_view = card.ground = EveningView(self.evening)
        card.follow(self.evening)
        card.recipe_wanted.connect(lambda: self.windows.recipe(card))

    def _cut_again(self, run: SheetRun) -> None:
        """Cut one stencil again, alone, on the cutter that is named at the cut station."""
        from vitrograph.desk.cut.card import CutCard

        self.bench.go("cut")
        card = self.card("cut")
        assert isinstance(card, CutCard)
        card.driving.drive(run)

    def make_ready(self) -> None:
        """Make the cards that are not made yet, one at a time, each after a pause in which the window answers."""
        station = next((station for station in STATIONS if station not in self.cards), None)
        if station is not None:
            if self.bench.results.complete:
                self.card(station)
            QTimer.singleShot(_CARD_MS, self, self.make_ready)

    def _enter(self, station: Station) -> None:
        self.windows.work()
        self._bring_card(station)

    def _bring_card(self, station: Station) -> None:
        card = self.card(station)
        card.catch_up()
        card.arrange(self._column_px)
        self._stack.setCurrentWidget(card)
        self.flat.setCurrentWidget(card.ground or self.sheet_view)
        self.walk.begin()
        field = card.first_field()
        if field is not None:
            field.setFocus(Qt.FocusReason.ShortcutFocusReason)      # all of it is chosen: what is typed replaces it
        if isinstance(card, StepsCard):
            card.show_step(card.walker.at)

    @property
    def _column_px(self) -> int:
        """How wide each column of a card is where it has two; 0 where the window is too narrow for that."""
        return self._card_width - 12 * theme.STEP if self.width() >= _WIDE * self._card_width else 0

    def resizeEvent(self, event: QResizeEvent) -> None:
        """In a wide window cards stand in two columns."""
        super().resizeEvent(event)
        self._stack.setFixedWidth(self._card_width * (2 if self._column_px else 1))
        card = self.cards.get(self.bench.station)
        if card is not None:
            card.arrange(self._column_px)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        """Keys no field wanted go to the steps in hand: space for done, Backspace back, T for the timer."""
        card = self.cards.get(self.bench.station)
        if isinstance(card, StepsCard) and card.walker.take_key(event.key(), held=event.isAutoRepeat()):
            return
        super().keyPressEvent(event)

    # -- messages ------------------------------------------------------------------------------------------------

    def say(self, text: str, wrong: bool = False) -> None:
        """One sentence along the foot of the window, for a while."""
        self._message.say(text, wrong=wrong)

    @property
    def asking(self) -> bool:
        """Whether a question waits for its answer."""
        return self.questions.waiting

    def ask(self, bar: AskBar) -> None:
        """Put a question under the line of stations, in the place of one that was asked before."""
        self.questions.ask(bar)

    def put_below_the_line(self, bar: QWidget) -> None:
        """Put a bar between the line of stations and the work."""
        self._column.insertWidget(self._column.indexOf(self.places), bar)

    def _send(self) -> None:
        from vitrograph.desk.cut.card import CutCard

        self.bench.go("cut")
        card = self.card("cut")
        assert isinstance(card, CutCard)
        card.trial.begin()

    def remember(self, seen: Seen, *, listed: bool) -> None:
        """Look as when the order was left, until its first results are in; keep how it looks when it is left again.

        An order that is not `listed`, the demo, is not among those the maker had in hand last.
        """
        self.listed, self.windows.seen = listed, seen
        self._as_left = AsLeft(self, seen)

    def dragEnterEvent(self, event: QDragEnterEvent) -> None:
        if dropping.dropped(event.mimeData()):
            event.acceptProposedAction()

    def dropEvent(self, event: QDropEvent) -> None:
        event.acceptProposedAction()
        dropping.take(self, dropping.dropped(event.mimeData()))

    def _stay_awake(self) -> None:
        """A computer that sleeps calls nobody to the rinse, and a film is half cut."""
        cutter = self.files.cutter
        self.awake.keep(bool(self.bench.making.minded) or (cutter is not None and cutter.busy))

    def _call(self, words: str) -> None:
        if words != self._called:
            self._called = words
            self._title()

    def _title(self) -> None:
        unsaved = tr(" (unsaved)") if self.files.unsaved else ""
        called = f"{self._called} - " if self._called else ""
        self.setWindowTitle(tr("{called}{name}{unsaved} - Vitrograph", called=called, name=self.bench.order.name,
                               unsaved=unsaved))

    def closeEvent(self, event: QCloseEvent) -> None:
        take_typed()
        if not self.files.close_guarded(self.window().close):
            event.ignore()
            return
        self.windows.close()
        if self._as_left is not None:
            self._as_left.keep()
        if self.recovery is not None:
            self.recovery.close()
        self.clock_bar.bell.close()
        self.awake.close()
        self.bench.close()
        super().closeEvent(event)
