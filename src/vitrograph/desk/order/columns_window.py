"""Which column of a list goes where: asked of a list whose headings are not all known."""

from msgspec.structs import replace
from PySide6.QtCore import Qt, Signal
from PySide6.QtWidgets import QDialog, QGridLayout, QVBoxLayout, QWidget

from vitrograph.core.errors import VitrographError
from vitrograph.core.job import Artwork
from vitrograph.core.job.names import COUNT
from vitrograph.core.language import capital, tr
from vitrograph.core.storing.headings import Columns, Table, choices, headings_of
from vitrograph.core.storing.names_file import names_in
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.fields import button, chooser, in_a_row, label
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.scrolled import Scrolled
from vitrograph.desk.kit.wrapping import Tick

_KINDS = {"words": tr("the words"), "initials": tr("the initials"), "name": tr("the name"),
          "drawing": tr("the drawing: a file"), COUNT: tr("how many are made")}


class ColumnsWindow(QDialog):
    """The columns of a table, some of their cells, and what each fills. `chosen` carries the answer, Columns."""

    chosen = Signal(object)

    def __init__(self, table: Table, artwork: Artwork, parent: QWidget) -> None:
        super().__init__(parent)
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.table, self.artwork = table, artwork
        theme.dress(self, "columnsWindow", tr("What of the list goes on the glass"), (620, 440))
        self.headings, self._below = headings_of(table, artwork)
        fills = {"": tr("left out"), **{one: _KINDS.get(one, one) for one in choices(artwork).values()}}
        self.fill = [chooser(f"column_{number}", heading.says or tr("Column {number}", number=number + 1), fills)
                     for number, heading in enumerate(self.headings)]
        self.first = named(Tick(tr("The first line is a name, too: there are no headings")), "columnsFirst")
        self.says = named(label("", "quiet"), "columnsSay")
        self.take, self.leave = button(tr("Read the list"), "accent"), button(tr("Cancel"))
        self._lay_out()
        for field, heading in zip(self.fill, self.headings, strict=True):
            field.setCurrentIndex(field.findData(heading.fills))
            field.currentIndexChanged.connect(self._tell)
        # what is pasted is mostly cells without their headings
        self.first.setChecked(table.folder is None and not any(heading.fills for heading in self.headings))
        self.first.toggled.connect(self._tell)
        self.take.clicked.connect(self._take)
        self.leave.clicked.connect(self.close)
        self._tell()

    def _lay_out(self) -> None:
        room = named(QWidget(), "cardBody")
        grid = QGridLayout(room)
        grid.setContentsMargins(0, 0, 12, 0)
        grid.setHorizontalSpacing(16)
        grid.setVerticalSpacing(10)
        grid.setColumnStretch(1, 1)
        for number, (heading, field) in enumerate(zip(self.headings, self.fill, strict=True)):
            if heading.says or heading.examples:
                grid.addWidget(label(heading.says or tr("Column {number}", number=number + 1), bold=True), number, 0)
                grid.addWidget(label(", ".join(heading.examples), "quiet"), number, 1)
                field.setMinimumContentsLength(18)
                grid.addWidget(field, number, 2)
        grid.setRowStretch(len(self.headings), 1)
        whole = QVBoxLayout(self)
        whole.setContentsMargins(20, 16, 20, 16)
        whole.setSpacing(12)
        whole.addWidget(label(tr("Choose what each column of “{name}” fills. Columns that fill the same are joined, as "
                                 "first and last names are.", name=self.table.called)))
        whole.addWidget(Scrolled(room), 1)
        for widget in (self.first, self.says):
            whole.addWidget(widget)
        whole.addWidget(in_a_row(self.take, self.leave), 0, Qt.AlignmentFlag.AlignRight)

    @property
    def columns(self) -> Columns:
        """What was chosen."""
        return Columns(tuple(field.currentData() for field in self.fill),
                       self._below - 1 if self.first.isChecked() else self._below)

    def _tell(self) -> None:
        """Say what the first name comes to."""
        columns = self.columns
        chosen = bool({*columns.fill} - {"", COUNT})
        self.take.setEnabled(chosen)
        if not chosen:
            self.says.setText(tr("No column is chosen yet for what goes on the glass."))
            return
        start = replace(self.table, records=self.table.records[:columns.below + 3], notes=())
        try:
            first = names_in(start, self.artwork, columns).names.rows[0]
        except VitrographError as error:
            self.says.setText(capital(str(error)))
        else:
            self.says.setText(tr("The first is: {says}", says=first.says))

    def _take(self) -> None:
        columns = self.columns
        self.close()
        self.chosen.emit(columns)
