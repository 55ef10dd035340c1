"""All that the maker owns: every film, cutter, tape and cream, the first of each kind in use."""

from collections.abc import Callable

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QDialog, QHBoxLayout, QListWidget, QListWidgetItem, QVBoxLayout, QWidget

from vitrograph.core.job.tree import changed_record
from vitrograph.core.language import tr
from vitrograph.core.workshop import OwnCream, Workshop
from vitrograph.core.workshop.owned import Cutter, Film
from vitrograph.core.workshop.owning import (
    KINDS,
    Kind,
    as_seen,
    line_of,
    owned,
    with_another,
    with_first,
    with_value,
    without,
)
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.fields import ChoiceRow, Column, button, in_a_row, label
from vitrograph.desk.kit.message import Heard
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.scrolled import Scrolled
from vitrograph.desk.order.owned_form import OwnedForm, form_of, hands_form, swatch
from vitrograph.desk.order.workshop_keeper import WorkshopKeeper, told_by

_SAYS = {
    "films": tr("New orders are cut from the first film, then from the others of its kind: put leftovers and what you "
                "like least first."),
    "cutters": tr("New orders are cut on the first cutter."),
    "tapes": tr("New orders are laid with the first tape."),
    "creams": tr("New orders are etched with the first cream. Its label and its safety data sheet come first."),
    "hands": tr("How well glasses are measured, and what your time is worth."),
}


class OwnedWindow(QDialog):
    """A list of a kind beside the fields of the one that is chosen. Each change is kept at once."""

    def __init__(self, keeper: WorkshopKeeper, parent: QWidget) -> None:
        super().__init__(parent)
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.keeper, self.kind = keeper, "films"
        theme.dress(self, "ownedWindow", tr("All that you own"), (880, 680))
        self.kinds = ChoiceRow("", "ownedKind", [
            ("films", tr("Films")), ("cutters", tr("Cutters")), ("tapes", tr("Tapes")), ("creams", tr("Creams")),
            ("hands", tr("Tools and time"))], columns=5)
        self.says = label("", "quiet")
        self.list = named(QListWidget(), "owned")
        self.list.setAccessibleName(tr("What you own of this kind"))
        self.list.setWordWrap(True)
        self.list.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.another, self.first = button(tr("Add another like it")), button(tr("Use it first"))
        self.out = button(tr("Take it out"))
        for made, name in ((self.another, "ownedAnother"), (self.first, "ownedFirst"), (self.out, "ownedOut")):
            made.setObjectName(name)
        self.forms: dict[str, OwnedForm] = {**{kind: form_of(kind) for kind in KINDS}, "hands": hands_form()}
        self.forms["creams"].named_one("recipe", tr("The recipe it is used by"),
                                        lambda: self.keeper.recipes(self._cream),
                                        lambda name: self.keeper.recipe(self._cream, name))
        self._lay_out()
        self._connect()
        self.show_kind("films")

    def _lay_out(self) -> None:
        self.left, right = Column(gap=10), Column(gap=0)
        self.left.stack(self.list, in_a_row(self.another, self.first, self.out))
        right.stack(*self.forms.values())
        room = named(QWidget(), "cardBody")
        above = QVBoxLayout(room)
        above.setContentsMargins(0, 0, 12, 0)
        above.addWidget(right)
        above.addStretch(1)
        done = named(button(tr("Done"), "accent"), "ownedDone")
        done.clicked.connect(self.close)
        columns, whole = QHBoxLayout(), QVBoxLayout(self)
        columns.setSpacing(24)
        columns.addWidget(self.left, 5)
        columns.addWidget(Scrolled(room), 6)
        whole.setContentsMargins(20, 16, 20, 16)
        whole.setSpacing(12)
        for widget in (self.kinds, self.says):
            whole.addWidget(widget)
        whole.addLayout(columns, 1)
        whole.addWidget(Heard(self.keeper.bench))
        whole.addWidget(done, 0, Qt.AlignmentFlag.AlignRight)

    def _connect(self) -> None:
        self.kinds.edited.connect(lambda kind: self.show_kind(str(kind)))
        self.list.currentRowChanged.connect(lambda _row: self._show_chosen())
        self.another.clicked.connect(lambda: self._change(with_another, then=1))
        self.first.clicked.connect(lambda: self._change(with_first, then=-self.at))
        self.out.clicked.connect(self._take_out)
        for kind, form in self.forms.items():
            form.edited.connect(lambda name, value, kind=kind: self._take(kind, name, value))
        self.keeper.changed.connect(self._show)

    @property
    def at(self) -> int:
        """Which of the kind is chosen."""
        return max(0, self.list.currentRow())

    def show_kind(self, kind: str) -> None:
        """Show what is owned of a kind, the one in use chosen; or the tools and what time is worth."""
        self.kind = kind
        self.kinds.show_choice(kind)
        self.says.setText(_SAYS[kind])
        for name, form in self.forms.items():
            form.setVisible(name == kind)
        self.left.setVisible(kind in KINDS)
        self._fill(0)

    # -- changing ------------------------------------------------------------------------------------------------

    def _change(self, change: Callable[[Workshop, Kind, int], Workshop], then: int = 0) -> bool:
        """Keep a change of the one chosen; what is chosen then stands so many rows farther down."""
        kind, at = self._own_kind, self.at
        changed = self.keeper.change(as_seen(kind, self.keeper.held, lambda known: change(known, kind, at)))
        if changed:
            self.list.setCurrentRow(at + then)
        return changed

    def _take_out(self) -> None:
        name = owned(self.keeper.held, self._own_kind)[self.at].name
        if self._change(without):
            self.keeper.bench.told.emit(tr("taken out: {line}", line=name))

    def _take(self, kind: str, name: str, value: object) -> None:
        """Keep what was typed into a field."""
        field, at = self.forms[kind].fields[name], self.at
        if kind == "hands":
            self.keeper.change(told_by(field, lambda known: changed_record(known, {name: value})))
        elif value != getattr(owned(self.keeper.held, self._own_kind)[at], name):
            mine = self._own_kind
            self.keeper.change(as_seen(mine, self.keeper.held, told_by(
                field, lambda known: with_value(known, mine, at, name, value))))

    @property
    def _own_kind(self) -> Kind:
        return next(kind for kind in KINDS if kind == self.kind)

    @property
    def _cream(self) -> OwnCream:
        return self.keeper.held.creams[min(self.at, len(self.keeper.held.creams) - 1)]

    # -- showing -------------------------------------------------------------------------------------------------

    def _show(self) -> None:
        self._fill(self.at)

    def _fill(self, at: int) -> None:
        """List what is owned of the kind, one of it chosen."""
        if self.kind in KINDS:
            all_of_it = owned(self.keeper.held, self._own_kind)
            self.list.blockSignals(True)
            self.list.clear()
            for number, one in enumerate(all_of_it):
                line = self.keeper.bench.words(line_of(one))
                item = QListWidgetItem(tr("{line} (in use)", line=line) if number == 0 else line)
                if isinstance(one, Film):
                    item.setIcon(swatch(one.colour))
                self.list.addItem(item)
            self.list.setCurrentRow(min(at, len(all_of_it) - 1))
            self.list.blockSignals(False)
        self._show_chosen()

    def _show_chosen(self) -> None:
        held, unit, form = self.keeper.held, self.keeper.held.house.units, self.forms[self.kind]
        if self.kind not in KINDS:
            form.show_values(self.keeper.value, unit)
            return
        all_of_it = owned(held, self._own_kind)
        one = all_of_it[min(self.at, len(all_of_it) - 1)]
        form.show_values(lambda name: getattr(one, name), unit)
        self.first.setEnabled(self.at > 0)
        self.out.setEnabled(len(all_of_it) > 1)
        if isinstance(one, Cutter):
            form.fields["length"].setVisible(one.takes == "mat")
