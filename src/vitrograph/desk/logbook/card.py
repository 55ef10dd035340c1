"""The logbook station: how it went, a photograph measured, what was made before, and what all of it says."""

from collections.abc import Callable
from pathlib import Path

from PySide6.QtWidgets import QWidget
from shapely import union_all

from vitrograph.core.errors import LogbookError
from vitrograph.core.job import Job
from vitrograph.core.language import capital, tr
from vitrograph.core.logbook import NOTHING_DONE, Entry, Outcome, Photo
from vitrograph.core.results import Results
from vitrograph.core.storing.orderfile import order_of
from vitrograph.core.storing.whole import write_whole
from vitrograph.core.workshop import load_workshop
from vitrograph.desk.bench.file_task import FileTask, PageTask
from vitrograph.desk.kit.ask_bar import Answer, AskBar
from vitrograph.desk.kit.card import StationCard
from vitrograph.desk.kit.fields import button, in_a_row, label
from vitrograph.desk.kit.findings_list import FindingList
from vitrograph.desk.kit.picking import LISTS, globs, pick, pick_picture
from vitrograph.desk.kit.saving import ask_place
from vitrograph.desk.logbook.advising import Advising
from vitrograph.desk.logbook.ahead import Ahead
from vitrograph.desk.logbook.looking import Looked, Looking, Piece
from vitrograph.desk.logbook.made_before import MadeBefore
from vitrograph.desk.logbook.pointing import Pointing
from vitrograph.desk.logbook.view import LogbookView
from vitrograph.desk.logbook.went_panel import WentPanel


class LogbookCard(StationCard):
    """Remember the piece."""

    station = "logbook"
    heading = tr("Logbook")
    says = tr("Look at the piece dry, on black card. What went well, what would you change?")

    def build(self) -> None:
        self.ground = self.view = LogbookView(self.bench)
        self.looking = Looking(self.bench, self)
        self._counted: dict[Piece, Outcome] = {}               # by what the photograph of each is counted
        self.advising, self.ahead = Advising(self.bench, self), Ahead(self.bench, self)
        self.listing, self._pages = FileTask(self.bench, self), PageTask(self.bench, self)
        self.listing.answered.connect(self._tell_listed)
        self.found = FindingList(self.bench)
        self.went = WentPanel(self.bench)
        self.pointing = Pointing(self.bench, self.went)
        self.pointing.changed.connect(self._light)
        self.write = button(tr("Write it down"), "accent")
        self.write.setObjectName("writeDown")
        self.write.clicked.connect(self.write_down)
        self.anew = button(tr("Make this order again, from the first step"), wordy=True)
        self.anew.setObjectName("beginAnew")
        self.anew.clicked.connect(self._begin_anew)
        self.back = button(tr("Go on with the steps as they were"))
        self.back.setObjectName("goBack")
        self.back.clicked.connect(self.bench.making.go_back)
        self.stack(self.found, self.went, self.pointing, *self._build_photo(), self.write, self.anew, self.back)
        self.bench.station_changed.connect(lambda station: self._look_again() if station == self.station else None)
        self.bench.making.changed.connect(lambda: self._take(self._show_made))
        self.section(tr("What your own pieces say"))
        self.stack(self.advising.says, self.advising.causes)
        self.section(tr("Made before"))
        self.before = MadeBefore(self.bench)
        self.before.pointed.connect(self.view.show_entries)
        self.view.entry.kept.connect(self.before.refresh)
        self.before.again.connect(self.make_again)
        self.save_csv = button(tr("Save as CSV"))
        self.save_csv.setObjectName("saveCsv")
        self.save_csv.clicked.connect(self._choose_csv)
        self.read_list = button(tr("Read a list"), tip=tr("Take over the entries of a CSV or JSON file"))
        self.read_list.setObjectName("readList")
        self.read_list.clicked.connect(self._choose_list)
        self.stack(self.before, in_a_row(self.save_csv, self.read_list), label(
            tr("Kept in one file in your own data folder; nothing is sent anywhere."), "quiet", scale=0.9))
        self.refresh()

    def _build_photo(self) -> tuple[QWidget, ...]:
        """A photograph of the frost, or of the film before the cream; what it shows, and the card it needs."""
        self.photo = button(tr("Measure a photograph"), tip=tr("Of the finished piece before the inspection card"))
        self.photo.setObjectName("lookAtPhoto")
        self.photo.clicked.connect(lambda: self._choose_photo(film=False))
        self.film = button(tr("… of the film"),
                           tip=tr("Of the weeded film on the glass, before the cream: bits that were "
                                  "not pulled, islands that came off"))
        self.film.setObjectName("lookAtFilm")
        self.film.clicked.connect(lambda: self._choose_photo(film=True))
        self.corners = button(tr("… without a card"), tip=tr("Point at the piece's own four corners instead"))
        self.corners.setObjectName("lookAtCorners")
        self.corners.clicked.connect(self._choose_corners)
        self.print_card = button(tr("Save the inspection card"),
                                 tip=tr("A page to print at true size, and put behind the "
                                        "piece"))
        self.print_card.setObjectName("saveCard")
        self.print_card.clicked.connect(self._choose_card)
        self.shown = label("", scale=0.95)
        self.shown.setObjectName("photoSays")
        self.shown.hide()
        self.forget = button(tr("Put the photograph away"))
        self.forget.setObjectName("forgetPhoto")
        self.forget.clicked.connect(self.looking.forget)
        self.forget.hide()
        self.looking.looked.connect(self._show_looked)
        self.looking.looked.connect(self.view.show_looked)
        self.looking.opened.connect(self.view.show_opened)
        self.looking.under_way.connect(self.view.show_under_way)
        self.advising.answered.connect(self.view.advice.show_advice)
        photo = self.view.photo
        photo.picked.connect(self.looking.toggle)
        photo.marked.connect(self.looking.mark)
        photo.cornered.connect(self.looking.look_at_corners)
        self.view.turned.connect(lambda _page: self._light())
        return self.photo, in_a_row(self.film, self.corners), self.shown, self.forget, self.print_card

    def first_field(self) -> QWidget:
        return self.went.minutes

    def show_job(self, job: Job) -> None:
        self.write.setEnabled(self.bench.results.wall is not None)

    def show_results(self, results: Results) -> None:
        ready = results.complete and results.etch is not None
        self._turn_to(results.job)
        self._show_made()
        for one in (self.write, self.photo, self.film, self.corners):
            one.setEnabled(ready)
        self.pointing.show_results(results)
        self.found.show_findings(self.bench.findings("logbook"), "")
        self.advising.ask(results.job, self.workshop)
        self.ahead.look()
        self._light()

    def _show_made(self) -> None:
        """Show what was done and noted of the piece in hand: it tells the minutes, and what broke."""
        results, worked = self.bench.results, self.bench.making.worked().get(self.bench.job.key, NOTHING_DONE)
        planned = results.etch.seconds / 60 if results.etch else 0.0
        minutes = planned if worked.under_cream is None else round(worked.under_cream, 2)
        self.went.show_planned(results.job.count, minutes, worked.broken(results.job.count), worked.noted(results.job))
        self.anew.setVisible(self.bench.making.begun)
        self.back.setVisible(self.bench.making.can_go_back)

    @property
    def _whose(self) -> Piece:
        return self.bench.order.id, self.bench.job.key

    def _turn_to(self, job: Job) -> None:
        """What is told, marked and photographed is of one piece of one order."""
        self.went.take(self.bench.order.id, job.key, job.count)
        self.looking.turn_to((self.bench.order.id, job.key))

    def _light(self) -> None:
        """Light on the glass what the photograph in hand shows to be wrong, else what was marked there by hand."""
        looked = self.looking.at if self.view.choice.chosen() == "photo" else None
        wrong = [fault.outline for fault in looked.kept.faults] if looked is not None else self.pointing.lit
        self.bench.spotlight.emit(union_all(wrong) if wrong else None)

    def _begin_anew(self) -> None:
        if self.bench.making.minded:
            self.bench.refused.emit(tr("a clock of this order is running: see to that glass first"))
            return
        self.bench.making.begin_anew()
        self.bench.told.emit(tr("every step is open again; what was written in the logbook stays"))

    def _look_again(self) -> None:
        """The station is entered: another window may have written in the book since."""
        self.ahead.look()
        if self._read != self.bench.logbook.written():
            self.bench.look_at_book()
            self.refresh()

    def refresh(self) -> None:
        """Read the logbook again."""
        self._read = self.bench.logbook.written()
        self.before.refresh()

    def entry(self) -> Entry:
        """What would be written down now. Raises VitrographError where the order is not worked out."""
        from datetime import date

        from vitrograph.core.logbook.record import owned_of, record_of

        done, piece = self.ahead.done, self.bench.results.finished()
        worked = self.bench.making.worked().get(piece.job.key, NOTHING_DONE)
        owned = owned_of(load_workshop(self.workshop), self.bench.shelf, piece.job)
        return self.went.told(record_of(done, piece, date.today(), owned, worked))

    def write_down(self) -> None:
        """Write down how the piece in hand came out; what is written down already is asked about."""
        piece = self._whose
        if self.bench.job.key not in self.bench.pieces_logged:
            self._write(piece)
            return
        self.asks.emit(AskBar(tr("“{name}” is written down already.", name=self.bench.job.name), (
            Answer("stay", tr("Leave it so"), lambda: None),
            Answer("writeMore", tr("Write it down once more"), lambda: self._write(piece)))))

    def _write(self, piece: Piece) -> None:
        """Write it in the logbook, with its order as it was made and the photograph looked at."""
        if piece != self._whose:                               # another was taken in hand while it was asked
            return
        self._turn_to(self.bench.job)                          # which may have been taken in hand just now
        looked = self.looking.at
        photos, marks = ([kept_photo(looked)], looked.marks) if looked is not None else ([], ())
        marks = (*marks, *self.pointing.marks)
        if self.bench.attempt(lambda: self.bench.log(self.entry(), photos, marks), tr("written in the logbook")):
            self.went.clear()
            self.pointing.clear()
            self.looking.forget()
            self.refresh()

    # -- photographs ---------------------------------------------------------------------------------------------

    def _choose_photo(self, *, film: bool) -> None:
        path = pick_picture(self, tr("A photograph before the inspection card"))
        if path is not None:
            self.look_at(path, film=film)

    def _choose_corners(self) -> None:
        path = pick_picture(self, tr("A photograph of the piece on black"))
        if path is not None:
            self.open_for_corners(path)

    def open_for_corners(self, path: Path) -> None:
        """Open a photograph without a card, in which the piece's corners are pointed at."""
        self.looking.open_for_corners(path, film=False)

    def look_at(self, path: Path, *, film: bool = False) -> None:
        """Judge a photograph in the background."""
        self.bench.attempt(lambda: self.looking.look(path, film=film))

    def _show_looked(self, looked: Looked | None) -> None:
        for one in (self.shown, self.forget):
            one.setVisible(looked is not None)
        before = self._counted.pop(self.looking.of, None)      # put away, it stays counted
        if looked is not None:
            says = [self.bench.words(one) for one in looked.kept.says]
            self.shown.setText("\n".join(f"{capital(one)}." for one in says))
            now = None if looked.seen.film else looked.outcome
            self.went.count_copy(now, before)
            if now is not None:
                self._counted[looked.of] = now
        self._light()

    def _choose_card(self) -> None:
        path = ask_place(self, tr("Save the inspection card"), tr("PDF (*.pdf)"), "inspection-card.pdf")
        if path is not None:
            self.save_card(path)

    def save_card(self, path: Path) -> None:
        """Write the inspection card for the workshop's paper, or say why it cannot be."""
        def prepare() -> Callable[[], bytes]:
            paper = load_workshop(self.workshop).house.paper

            def make() -> bytes:
                from vitrograph.core.logbook.inspection import card_pdf

                return card_pdf(paper)

            return make

        self._pages.write(path, prepare)

    def make_again(self, number: int) -> None:
        """Open the order of an entry as it was made, once what is not saved is seen to."""
        def open_it() -> None:
            made = self.bench.logbook.made(number)
            if made is None:
                raise LogbookError(tr("no order is kept with this entry: it was typed, or read from a list"))
            self.bench.bring_back(order_of(made, tr("the order kept with this entry")), None)

        def opened() -> None:
            self.bench.attempt(open_it, tr("the order as it was made: save it under a name of its own"))

        self.guarded(opened)

    # -- lists ---------------------------------------------------------------------------------------------------

    def _choose_csv(self) -> None:
        path = ask_place(self, tr("Save the logbook"), tr("CSV (*.csv)"), "logbook.csv")
        if path is not None:
            self.save_as_csv(path)

    def save_as_csv(self, path: Path) -> None:
        """Write the whole logbook as CSV in the background, or say why it cannot be."""
        from vitrograph.core.logbook.lists import csv_of

        book = self.bench.logbook

        def write() -> str:
            write_whole(path, csv_of(book.entries()).encode("utf-8"))
            return tr("written: {name}", name=path.name)

        self.listing.begin(lambda: write, tr("writing {name}", name=path.name))

    def _choose_list(self) -> None:
        path = pick(self, tr("Take over entries"), tr("Lists ({endings})", endings=globs((*LISTS, ".json"))))
        if path is not None:
            self.take_list(path)

    def take_list(self, path: Path) -> None:
        """Take over the entries of a file in the background, all or none, or say what is wrong with it."""
        from vitrograph.core.logbook.lists import take_over

        book = self.bench.logbook
        self.listing.begin(lambda: lambda: take_over(book, path), tr("reading {name}", name=path.name))

    def _tell_listed(self, sentence: object) -> None:
        self._look_again()
        self.bench.told.emit(str(sentence))


def kept_photo(looked: Looked) -> Photo:
    """A photograph as it is kept: small, with what was found drawn on it and told beside it."""
    import json

    from vitrograph.core.logbook.inspection import inspection_json, overlay_jpeg

    told = json.dumps(inspection_json(looked.kept), ensure_ascii=False)
    return Photo(looked.name, overlay_jpeg(looked.photo.light, looked.kept), told)
