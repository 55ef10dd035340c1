"""The workshop: what the maker owns and is used to, in plain questions. Each answer is kept at once."""

from pathlib import Path
from typing import Any

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QComboBox, QDialog, QHBoxLayout, QLineEdit, QVBoxLayout, QWidget

from vitrograph.core.errors import VitrographError
from vitrograph.core.job.tree import changed_record
from vitrograph.core.language import tr
from vitrograph.core.workshop import Workshop, begun, default_file, differences
from vitrograph.desk.bench import Bench
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.fields import (
    ChoiceRow,
    Column,
    LengthField,
    MinutesField,
    NumberField,
    button,
    drop_down,
    label,
)
from vitrograph.desk.kit.look import TEXTS, read_look, write_look
from vitrograph.desk.kit.look import default_file as look_file
from vitrograph.desk.kit.message import Heard
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.scrolled import Scrolled
from vitrograph.desk.kit.steady import Line
from vitrograph.desk.order.owned_form import FILM_KINDS
from vitrograph.desk.order.owned_window import OwnedWindow
from vitrograph.desk.order.workshop_keeper import WorkshopKeeper, told_by
from vitrograph.languages import LANGUAGES

_BELLS = [(1.0, tr("loud")), (0.7, tr("usual")), (0.25, tr("quiet")), (0.0, tr("flash only"))]
_THEMES = [("dark", tr("dark")), ("light", tr("light")), ("desktop", tr("as the desktop"))]
_TEXTS = [(size, f"{size:.0%}".replace("%", " %")) for size in TEXTS]
_LENGTHS = {
    "cutters__0__width": tr("Width of its mat or roll"), "cutters__0__length": tr("Length of its mat"),
    "films__0__least_web": tr("Thinnest web it keeps"), "films__0__least_opening": tr("Narrowest opening it keeps"),
    "tapes__0__roll_width": tr("Width of your tape"), "house__border": tr("Border of film"),
    "house__viewing_mm": tr("Viewing distance"),
}


class WorkshopWindow(QDialog):
    """Five questions: units and paper, the cutter, the film, tape and border, the cream.

    The maker's `own` order in hand follows the answers while it is not saved and made as the workshop was.
    """

    def __init__(self, bench: Bench, place: Path, parent: QWidget, *, own: bool = True) -> None:
        super().__init__(parent)
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.bench, self.place = bench, place
        self.keeper = WorkshopKeeper(bench, place, own=own)
        self.look = look_file() if place == default_file() else place.with_name("look.json")
        theme.dress(self, "workshopWindow", tr("The workshop"), (780, 760))
        self.said = label("", "quiet", scale=0.9)
        self.said.setObjectName("workshopSays")
        self.fields: dict[str, LengthField | ChoiceRow | NumberField | QLineEdit | QComboBox] = {}
        self._lay_out()
        self._load()
        self.keeper.changed.connect(self._show)

    @property
    def held(self) -> Workshop:
        """The workshop as it was read or kept last."""
        return self.keeper.held

    def _lay_out(self) -> None:
        left, right = Column(gap=10), Column(gap=10)
        left.stack(
            label(tr("1  How do you measure?"), bold=True),
            self._choice("house__units", tr("Lengths"), [("mm", tr("mm")), ("in", tr("inches"))]),
            self._choice("house__paper", tr("Paper"), [("A4", "A4"), ("Letter", "Letter")]),
            label(tr("2  What cuts for you?"), bold=True), self._name("cutters__0__name", tr("Your name for it")),
            self._choice("cutters__0__takes", tr("It takes"), [("mat", tr("a mat")), ("roll", tr("a roll"))]),
            self._length("cutters__0__width"), self._length("cutters__0__length"),
            label(tr("3  Which film?"), bold=True), self._name("films__0__name", tr("Your name for it")),
            self._choice("films__0__kind", tr("Kind"), FILM_KINDS, 2), self._length("films__0__least_web"),
            self._length("films__0__least_opening"))
        right.stack(
            label(tr("4  Tape, border, distance"), bold=True), self._length("tapes__0__roll_width"),
            self._length("house__border"), self._length("house__viewing_mm"),
            label(tr("5  Which cream?"), bold=True), self._name("creams__0__name", tr("Your name for it")),
            self._recipe(), self._minutes(),
            self._number("creams__0__full", tr("A full pot holds"), "g"),
            self._number("creams__0__price", tr("It costs"), ""),
            label(tr("Its label and its safety data sheet come first."), "quiet", scale=0.9),
            self._choice("house__bell", tr("The bell of clocks"), _BELLS, 4),
            label(tr("How it looks, from the next start"), bold=True),
            self._look_of("theme", tr("Colours"), _THEMES, 3),
            self._look_of("language", tr("Language"),
                          [("desktop", tr("as the desktop")), *LANGUAGES.items()], 3),
            self._look_of("text", tr("Size of writing"), _TEXTS, 5), self.said)
        done = button(tr("Done"), "accent")
        done.setObjectName("workshopDone")
        done.clicked.connect(self.close)
        questions, whole = named(QWidget(), "cardBody"), QVBoxLayout(self)
        columns = QHBoxLayout(questions)
        for side in (left, right):
            columns.addWidget(side, 1, Qt.AlignmentFlag.AlignTop)
        columns.setSpacing(24)
        columns.setContentsMargins(0, 0, 8, 0)
        whole.setContentsMargins(20, 16, 20, 16)
        whole.addWidget(label(tr("New orders begin from this. Leave alone what you do not know."), "quiet"))
        whole.addWidget(Scrolled(questions), 1)
        whole.addWidget(Heard(self.bench))
        self.all = named(button(tr("All that you own…")), "allOwned")
        self.all.setToolTip(tr("several films, cutters, tapes and creams; what is left of them, and what they cost"))
        self.all.clicked.connect(self.open_owned)
        foot = QHBoxLayout()
        self.over = named(button(tr("Make the order in hand so")), "takeOver")
        self.over.setToolTip(tr("its cutter and film, tape, cream, borders and limits become those of the workshop; it "
                                "can be undone"))
        self.over.clicked.connect(lambda: self.bench.put(tr("As the workshop is"), begun(self.held, self.bench.order)))
        self.bench.order_changed.connect(self._tell_differences)
        for made in (self.all, self.over):
            foot.addWidget(made)
        foot.addStretch(1)
        foot.addWidget(done)
        whole.addLayout(foot)

    def _choice(self, path: str, title: str, choices: list[tuple[Any, str]], columns: int = 2) -> ChoiceRow:
        made = ChoiceRow(title, path, choices, columns=columns)
        made.edited.connect(lambda value: self.take(path, value))
        self.fields[path] = made
        return made

    def _look_of(self, name: str, title: str, choices: list[tuple[Any, str]], columns: int) -> ChoiceRow:
        """A choice of how the program looks; it belongs to this computer and not to the workshop's file."""
        made = ChoiceRow(title, f"look_{name}", choices, columns=columns)
        made.show_choice(getattr(read_look(self.look), name))
        made.edited.connect(lambda value: self._take_look(name, value))
        return made

    def _take_look(self, name: str, value: Any) -> None:
        if self.bench.attempt(lambda: write_look(read_look(self.look)._replace(**{name: value}), self.look)):
            self.said.setText(tr("It is so from the next start."))

    def _length(self, path: str) -> LengthField:
        made = LengthField(_LENGTHS[path], path, least=0.0)
        made.edited.connect(lambda mm: self.take(path, mm))
        self.fields[path] = made
        return made

    def _recipe(self) -> QComboBox:
        made = drop_down("creams__0__recipe", tr("The recipe it is used by"))
        made.activated.connect(lambda _at: self.take("creams__0__recipe", self.keeper.recipe(
            self.held.creams[0], made.currentData())))
        self.fields["creams__0__recipe"] = made
        return made

    def _minutes(self) -> NumberField:
        return self._numbered(MinutesField(tr("Minutes its label says"), "creams__0__label_minutes"))

    def _number(self, path: str, title: str, suffix: str) -> NumberField:
        return self._numbered(NumberField(title, path, suffix=suffix))

    def _numbered(self, made: NumberField) -> NumberField:
        path = made.line.objectName()
        made.edited.connect(lambda value: self.take(path, value))
        self.fields[path] = made
        return made

    def _name(self, path: str, title: str) -> QLineEdit:
        made = named(Line(), path)
        made.setPlaceholderText(title)
        made.setAccessibleName(title)
        made.editingFinished.connect(lambda: self.take(path, made.text().strip() or self.keeper.value(path)))
        self.fields[path] = made
        return made

    def take(self, path: str, value: object) -> None:
        """Keep an answer, or say why it cannot be."""
        if value != self.keeper.value(path):
            self.keeper.change(told_by(self.fields[path], lambda known: changed_record(known, {path: value})))

    def open_owned(self) -> OwnedWindow:
        """Open all that is owned beside this window."""
        made = OwnedWindow(self.keeper, self)
        made.show()
        return made

    def _load(self) -> None:
        try:
            self.keeper.load()
        except VitrographError as error:
            self.bench.refused.emit(str(error))
            self.setEnabled(False)                             # what a hand has written is not written over
            self.setWindowTitle(tr("The workshop: {error}", error=error)[:200])
        self._show()

    def _show(self) -> None:
        for path, field in self.fields.items():
            value = self.keeper.value(path)
            if isinstance(field, LengthField):
                field.show_mm(value, self.held.house.units)
            elif isinstance(field, NumberField):
                field.show_number(value)
            elif isinstance(field, ChoiceRow):
                field.show_choice(value)
            elif isinstance(field, QComboBox):
                field.clear()
                for name in self.keeper.recipes(self.held.creams[0]):
                    field.addItem(tr(name), name)
            else:
                field.setText(value)
        self.fields["cutters__0__length"].setVisible(self.held.cutters[0].takes == "mat")
        self._tell_differences()

    def _tell_differences(self) -> None:
        """Tell where the order in hand differs from the workshop of today, and offer to make it so."""
        self.over.setEnabled(begun(self.held, self.bench.order) != self.bench.order)
        said = [self.bench.words(one) for one in differences(self.held, self.bench.order)]
        more = tr("; and {said} more", said=len(said) - 3) if len(said) > 3 else ""
        self.said.setText(tr("The order in hand differs: {all}{more}.", all='; '.join(said[:3]), more=more) if said else
                          tr("The order in hand is made as the workshop is now."))
