"""The page of an entry: its picture, what is known of it, what the maker may still change; or two compared."""

from collections.abc import Sequence

from msgspec.structs import replace
from PySide6.QtCore import Qt, QTimer, Signal
from PySide6.QtGui import QHideEvent, QPixmap
from PySide6.QtWidgets import QGridLayout, QLabel, QScrollArea, QVBoxLayout, QWidget

from vitrograph.core.errors import VitrographError
from vitrograph.core.language import day_words, tr
from vitrograph.core.logbook import Entry, Listed, Logbook
from vitrograph.core.logbook.entry import outcome_words
from vitrograph.core.logbook.page import differences, page_of
from vitrograph.desk.bench import Bench
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.fields import Column, button, chooser, label, show_quietly
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.steady import Line
from vitrograph.desk.kit.text_box import TextBox
from vitrograph.desk.logbook.went_panel import STARS

_PICTURE_PX = 300
_OWN = (tr("How it went"),)            # the section whose fields can be changed here


class EntryPage(QScrollArea):
    """Shows what is chosen in the list: nothing, an entry, or how two differ. `kept` says that one was changed."""

    kept = Signal()

    def __init__(self, bench: Bench) -> None:
        super().__init__()
        self.bench = bench
        self.one: Listed | None = None
        self._shown: tuple[str, int, str, str] = ("", 0, "", "")               # of what can be changed
        named(self, "entryPage")
        self.setWidgetResizable(True)
        body = named(QWidget(), "cardBody")
        column = QVBoxLayout(body)
        column.setContentsMargins(20, 16, 20, 16)
        self.heading = label("", scale=1.2, bold=True)
        self.heading.setObjectName("entryHeading")
        self.picture = QLabel()
        self.picture.setAccessibleName(tr("The photograph kept with it"))
        self.rows = QWidget()
        self.changing = self._build_changing()
        for made in (self.heading, self.picture, self.changing, self.rows):
            column.addWidget(made)
        column.addStretch(1)
        self._body_column = column
        self.setWidget(body)
        self.show_entries(())

    def _build_changing(self) -> Column:
        made = Column(2 * theme.STEP)
        self.outcome = named(Line(), "entryOutcome")
        self.stars = chooser("entryStars", tr("Stars"), STARS)
        self.whom = named(Line(), "entryWhom")
        self.note = TextBox(self.bench, "entryNote", tr("Note"), 3)
        self.keep = button(tr("Keep the changes"), "accent")
        self.keep.setObjectName("keepEntry")
        self.keep.clicked.connect(self._keep)
        made.stack(label(tr("How it went"), bold=True))
        for words, field in ((tr("Outcome, as 4 good, 2 faint"), self.outcome), (tr("Stars"), self.stars),
                             (tr("For whom"), self.whom), (tr("Note"), self.note)):
            field.setAccessibleName(words)
            titled = label(words, "quiet")
            titled.setBuddy(field)
            made.stack(titled, field)
        made.stack(self.keep)
        return made

    def show_entries(self, chosen: Sequence[Listed]) -> None:
        """Show an entry, two compared, or say what can be chosen; what was typed about the one before is kept."""
        self._keep_typed()
        self.one = chosen[0] if len(chosen) == 1 else None
        self.changing.setVisible(self.one is not None)
        self.picture.hide()
        if len(chosen) == 2:
            self._show_two(chosen[0].entry, chosen[1].entry)
        elif self.one is not None:
            self._show_one(self.one)
        else:
            self.heading.setText(tr("Choose an entry in the list to read it here, or two of them (with Ctrl) to see "
                                    "where they differ."))
            self._show_rows(())
        self.setAccessibleName(self.heading.text())

    def _show_one(self, one: Listed) -> None:
        entry = one.entry
        self.heading.setText(f"{entry.how_many} × {entry.job}, {day_words(entry.made_on)}")
        self._show_picture(_picture_of(self.bench.logbook, one.id))
        rows: list[tuple[str, ...]] = []
        for section, told in page_of(entry, self.bench.unit):
            if section not in _OWN:
                rows += [(section,), *told]
        self._show_rows(rows)
        self.outcome.setText(outcome_words(entry.outcome))
        self.stars.setCurrentIndex(self.stars.findData("" if not entry.stars else str(entry.stars)))
        self.whom.setText(entry.for_whom)
        show_quietly(self.note, entry.note)
        self._shown = self._typed()

    def _show_two(self, one: Entry, other: Entry) -> None:
        found = differences(one, other, self.bench.unit)
        self.heading.setText(tr("Where the two differ") if found else tr("The two entries say the same"))
        self._show_rows([("", f"{one.job}\n{day_words(one.made_on)}", f"{other.job}\n{day_words(other.made_on)}"),
                         *found])

    def _show_picture(self, content: bytes) -> None:
        picture = QPixmap()
        if content and picture.loadFromData(content):
            self.picture.setPixmap(picture.scaledToHeight(_PICTURE_PX, Qt.TransformationMode.SmoothTransformation))
            self.picture.show()

    def _show_rows(self, rows: Sequence[tuple[str, ...]]) -> None:
        """Lay rows out: a single word is a heading, of several the first tells what the others are."""
        grid = QWidget()
        cells = QGridLayout(grid)
        cells.setContentsMargins(0, 0, 0, 0)
        cells.setVerticalSpacing(theme.STEP)
        for at, row in enumerate(rows):
            if len(row) == 1:
                heading = label(row[0], bold=True)
                heading.setContentsMargins(0, 2 * theme.STEP, 0, 0)
                cells.addWidget(heading, at, 0, 1, 2)
            else:
                for column, words in enumerate(row):
                    said = label(words, "quiet" if column == 0 else "reading", bold=not row[0])
                    said.setTextInteractionFlags(Qt.TextInteractionFlag.TextSelectableByMouse)
                    cells.addWidget(said, at, column, Qt.AlignmentFlag.AlignTop)
        for column in (1, 2):
            cells.setColumnStretch(column, 1)
        self._body_column.replaceWidget(self.rows, grid)
        self.rows.deleteLater()
        self.rows = grid

    def changed(self, entry: Entry) -> Entry:
        """An entry with what was typed here, all else as it is. Raises LogbookError for an outcome that is none."""
        stars = str(self.stars.currentData())
        values: dict[str, object] = {"outcome": self.outcome.text(), "stars": int(stars) if stars else None,
                                     "for_whom": self.whom.text().strip(), "note": self.note.words().strip()}
        typed = zip(values.items(), self._typed(), self._shown, strict=True)
        return replace(entry, **{name: value for (name, value), now, before in typed if now != before})

    def _typed(self) -> tuple[str, int, str, str]:
        return self.outcome.text(), self.stars.currentIndex(), self.whom.text(), self.note.words()

    def _keep_typed(self) -> None:
        """Keep what was typed and not kept by the button; an outcome that is none stays as it was, and is told."""
        one = self.one
        if one is None or self._typed() == self._shown:
            return
        if not self.bench.attempt(lambda: self.bench.relog(one.id, self.changed)):
            self.outcome.setText(self._shown[0])
            self.bench.attempt(lambda: self.bench.relog(one.id, self.changed))
        self._shown = self._typed()
        QTimer.singleShot(0, self, self.kept.emit)

    def hideEvent(self, event: QHideEvent) -> None:
        if not event.spontaneous():
            self._keep_typed()
        super().hideEvent(event)

    def _keep(self) -> None:
        one = self.one
        if one is not None and self.bench.attempt(lambda: self.bench.relog(one.id, self.changed),
                                                  tr("changed in the logbook")):
            self._shown = self._typed()
            self.kept.emit()


def _picture_of(book: Logbook, number: int) -> bytes:
    """The last photograph kept with an entry, b"" where there is none that can be read."""
    try:
        photos = book.photos(number)
    except VitrographError:
        return b""
    return photos[-1].picture if photos else b""
