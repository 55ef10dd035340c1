"""All commands with their keys, and others for the one that is chosen: pressed as they are to be pressed later."""

from PySide6.QtCore import Qt
from PySide6.QtGui import QKeySequence
from PySide6.QtWidgets import (
    QAbstractItemView,
    QDialog,
    QHBoxLayout,
    QHeaderView,
    QKeySequenceEdit,
    QLineEdit,
    QTableWidget,
    QTableWidgetItem,
    QVBoxLayout,
    QWidget,
)

from vitrograph.core.language import tr
from vitrograph.desk.bench import Bench
from vitrograph.desk.commands import Command
from vitrograph.desk.keys import Keys
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.fields import button, label
from vitrograph.desk.kit.message import Heard
from vitrograph.desk.kit.named import named

_NATIVE = QKeySequence.SequenceFormat.NativeText
_PRESS = tr("Choose a command, then click into the line below and press its new keys.")


class KeysWindow(QDialog):
    """The window of it."""

    def __init__(self, bench: Bench, keys: Keys, parent: QWidget) -> None:
        super().__init__(parent)
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.bench, self.keys = bench, keys
        theme.dress(self, "keysWindow", tr("Keys of the commands"), (560, 620))
        self.table = named(QTableWidget(len(keys.commands), 2), "keysTable")
        self.pressed = named(QKeySequenceEdit(), "keysPressed")
        self.said = named(label(_PRESS, "quiet"), "keysSays")
        self.none, self.usual, self.all = button(tr("None")), button(tr("As usual")), button(tr("All as usual"))
        self._dress()
        self._lay_out()
        self.table.itemSelectionChanged.connect(self._begin)
        self.pressed.editingFinished.connect(self._take)
        self.none.clicked.connect(lambda: self._give(QKeySequence()))
        self.usual.clicked.connect(lambda: self._give(None))
        self.all.clicked.connect(self._all_as_usual)
        keys.changed.connect(self._show)
        self._show()
        self.table.selectRow(0)

    def _dress(self) -> None:
        table = self.table
        table.setAccessibleName(tr("Commands and their keys"))
        table.setFont(theme.font())
        table.setHorizontalHeaderLabels([tr("Command"), tr("Keys")])
        table.horizontalHeader().setSectionResizeMode(0, QHeaderView.ResizeMode.Stretch)
        table.horizontalHeader().setSectionResizeMode(1, QHeaderView.ResizeMode.ResizeToContents)
        table.horizontalHeader().setDefaultAlignment(Qt.AlignmentFlag.AlignLeft | Qt.AlignmentFlag.AlignVCenter)
        table.verticalHeader().hide()
        table.setStyleSheet(f"QTableWidget {{ selection-background-color: {theme.RAISED}; "
                            f"selection-color: {theme.TEXT}; }}")
        table.setShowGrid(False)
        table.setTabKeyNavigation(False)
        table.setEditTriggers(QAbstractItemView.EditTrigger.NoEditTriggers)
        table.setSelectionBehavior(QAbstractItemView.SelectionBehavior.SelectRows)
        table.setSelectionMode(QAbstractItemView.SelectionMode.SingleSelection)
        self.pressed.setAccessibleName(tr("New keys"))
        for line in self.pressed.findChildren(QLineEdit):
            line.setPlaceholderText(tr("New keys"))
            line.setAccessibleName(tr("New keys"))
        self.pressed.setMaximumSequenceLength(1)
        self.pressed.setFinishingKeyCombinations([])
        for name, made in (("keysNone", self.none), ("keysUsual", self.usual), ("keysAll", self.all)):
            made.setObjectName(name)

    def _lay_out(self) -> None:
        row, column = QHBoxLayout(), QVBoxLayout(self)
        row.addWidget(self.pressed, 1)
        for made in (self.none, self.usual, self.all):
            row.addWidget(made)
        column.setContentsMargins(20, 16, 20, 16)
        column.setSpacing(10)
        column.addWidget(self.table)
        column.addWidget(self.said)
        column.addLayout(row)
        column.addWidget(Heard(self.bench))

    @property
    def chosen(self) -> Command:
        """The command whose row is chosen."""
        return self.keys.commands[max(self.table.currentRow(), 0)]

    def _show(self) -> None:
        for at, command in enumerate(self.keys.commands):
            keys = ",  ".join(key.toString(_NATIVE) for key in self.keys.actions[command.name].shortcuts())
            for place, words in enumerate((command.words, keys)):
                self.table.setItem(at, place, QTableWidgetItem(words))

    def _begin(self) -> None:
        self.pressed.clear()
        for made in (self.pressed, self.none, self.usual):
            made.setEnabled(not self.chosen.fixed)
        self.said.setText(self.keys.refusal(self.chosen, QKeySequence()) or _PRESS)

    def _take(self) -> None:
        if not self.pressed.keySequence().isEmpty():
            self._give(self.pressed.keySequence())

    def _give(self, keys: QKeySequence | None) -> None:
        command = self.chosen
        wanted = [QKeySequence(one) for one in command.keys] if keys is None else [keys]
        refused = next((why for one in wanted if (why := self.keys.refusal(command, one))), "")
        if refused:
            self.said.setText(refused)
        elif self.bench.attempt(lambda: self.keys.give(command, keys)):
            shown = self.keys.shown(command.name)
            self.said.setText(tr("“{words}” is {shown} from now on.", words=command.words, shown=shown) if shown else
                              tr("“{words}” has no keys from now on.", words=command.words))
        self.pressed.clear()

    def _all_as_usual(self) -> None:
        if self.bench.attempt(lambda: self.keys.keep({})):
            self.said.setText(tr("All keys are the usual ones again."))
