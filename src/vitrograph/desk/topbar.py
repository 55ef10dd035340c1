"""The top bar: the order's name, how many glasses, what is done with pieces; undo, units, the packet, the cutter."""

from collections.abc import Callable
from itertools import groupby
from typing import TYPE_CHECKING

from PySide6.QtCore import Signal
from PySide6.QtGui import QResizeEvent
from PySide6.QtWidgets import QButtonGroup, QHBoxLayout, QMenu, QSizePolicy, QWidget

from vitrograph.core.language import tr, within
from vitrograph.core.workshop import Workshop
from vitrograph.desk.bench import Bench
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.fields import button, label
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.steady import Line
from vitrograph.desk.order.piece_menu import PieceMenus

if TYPE_CHECKING:
    from vitrograph.desk.keys import Keys

_NAME_PX = 460                     # for the name of the order, the units, and air
_LEAST_NAME_PX = 280               # for as little of it as can be


class TopBar(QWidget):
    """What is in hand, and what is done with it as a whole."""

    packet_wanted = Signal()
    send_wanted = Signal()

    def __init__(self, bench: Bench, open_names: Callable[[], object], owned: Callable[[], Workshop]) -> None:
        super().__init__()
        self.bench = bench
        self.setObjectName("topBar")
        self.setFixedHeight(52)
        self.menu_button = button(tr("Order"), tip=tr("New, open, save"))
        self.menu_button.setObjectName("jobMenu")
        self.name = named(Line(), "jobName")
        self.name.setAccessibleName(tr("Name of the order"))
        self.name.setFont(theme.font(1.25, bold=True))
        self.name.setFrame(False)
        self.name.setStyleSheet(f"QLineEdit#jobName {{ border: 1px solid transparent; background: transparent; }}"
                                f"QLineEdit#jobName:focus {{ border: 1px solid {theme.ACCENT}; }}")
        self.name.setMaximumWidth(320)
        self.about = label("", "quiet")
        self.about.setWordWrap(False)
        self.about.setSizePolicy(QSizePolicy.Policy.Ignored, QSizePolicy.Policy.Preferred)   # it gives way
        self.menus = PieceMenus(bench, self, open_names, owned)
        self.add_piece, self.piece = button(tr("Add"), tip=tr("another piece for this order")), button(
            tr("Piece"), tip=tr("rename, count, copy, share, move or take out the piece in hand; a list of names"))
        for made, name, menu in ((self.add_piece, "addPiece", self.menus.add), (self.piece, "pieceMenu",
                                                                               self.menus.piece)):
            made.setObjectName(name)
            made.setMenu(menu)
        self.undo = button(tr("Undo"), "flat")
        self.redo = button(tr("Redo"), "flat")
        self.units = {unit: button(unit, "choice", tr("lengths in mm") if unit == "mm" else tr("lengths in inches"))
                      for unit in ("mm", "in")}
        self.packet = button(tr("Work packet"))
        self.packet.setObjectName("workPacket")
        self.packet.setMinimumWidth(1)                         # it gives way, and stands in the menu as well
        self.send = button(tr("To the cutter"), "accent")
        self.send.setObjectName("send")
        self._lay_out()
        self._connect()

    def take(self, keys: "Keys") -> None:
        """Fill the order's menu with the commands that stand in it; the buttons tell the keys of theirs."""
        menu = QMenu(self)
        menu.setFont(theme.font())
        for part, commands in groupby((one for one in keys.commands if one.part), key=lambda one: one.part):
            if part > 1:
                menu.addSeparator()
            menu.addActions([keys.actions[one.name] for one in commands])
        self.menu_button.setMenu(menu)
        self._keys = keys
        keys.changed.connect(self._tell_keys)
        self.bench.undo_stack.undoTextChanged.connect(self._tell_undo)
        self.bench.undo_stack.redoTextChanged.connect(self._tell_redo)
        self._tell_keys()

    def _tell_keys(self) -> None:
        stack = self.bench.undo_stack
        self._tell_undo(stack.undoText())
        self._tell_redo(stack.redoText())
        for made, says, name in (
                (self.packet, tr("all of this order on paper, to work from at the bench"), "Work packet"),
                (self.send, tr("the film laid out, and a trial"), "To the cutter")):
            made.setToolTip(self._keys.tip(says, name))

    def _tell_undo(self, what: str) -> None:
        self.undo.setToolTip(self._keys.tip(tr("Undo {what}", what=within(what)).strip(), "Undo"))

    def _tell_redo(self, what: str) -> None:
        self.redo.setToolTip(self._keys.tip(tr("Redo {what}", what=within(what)).strip(), "Redo"))

    def _lay_out(self) -> None:
        row = QHBoxLayout(self)
        row.setContentsMargins(16, 8, 16, 8)
        row.setSpacing(8)
        row.addWidget(self.menu_button)
        row.addWidget(self.name, 2)
        row.addWidget(self.about, 3)
        row.addWidget(self.add_piece)
        row.addWidget(self.piece)
        row.addWidget(self.undo)
        row.addWidget(self.redo)
        group = QButtonGroup(self)
        units = QHBoxLayout()
        units.setSpacing(0)
        for unit, made in self.units.items():
            made.setObjectName(f"unit_{unit}")
            made.setCheckable(True)
            made.setFixedWidth(44)
            made.clicked.connect(lambda _checked, name=unit: self.bench.set_unit(name))
            group.addButton(made)
            units.addWidget(made)
        row.addSpacing(8)
        row.addLayout(units)
        row.addSpacing(8)
        row.addWidget(self.packet)
        row.addWidget(self.send)

    def _connect(self) -> None:
        stack = self.bench.undo_stack
        self.undo.clicked.connect(stack.undo)
        self.redo.clicked.connect(stack.redo)
        stack.canUndoChanged.connect(self.undo.setEnabled)
        stack.canRedoChanged.connect(self.redo.setEnabled)
        self.undo.setEnabled(False)
        self.redo.setEnabled(False)
        self.name.editingFinished.connect(self._rename)
        self.packet.clicked.connect(self.packet_wanted)
        self.send.clicked.connect(self.send_wanted)
        self.bench.order_changed.connect(self._show)
        self._show()

    def resizeEvent(self, event: QResizeEvent) -> None:
        """Where there is little room the name keeps it; what is told elsewhere as well gives way."""
        buttons = self.menu_button, self.add_piece, self.piece, self.undo, self.redo, self.packet, self.send
        wanted = sum(made.sizeHint().width() for made in buttons)
        self.packet.setVisible(self.width() > wanted + _LEAST_NAME_PX)
        self.about.setVisible(self.width() > wanted + self.about.sizeHint().width() + _NAME_PX)
        super().resizeEvent(event)

    def _show(self) -> None:
        order, results = self.bench.order, self.bench.order_results
        if self.name.text() != order.name:
            self.name.setText(order.name)
            self.name.setToolTip(order.name)                   # where there is no room for the whole of it
            self.name.setCursorPosition(0)
        self.units[order.units].setChecked(True)               # of another order, or after an undo
        glasses = tr("{count} glasses", count=order.count) if order.count > 1 else tr("1 glass")
        many = len(order.pieces)
        self.about.setText(tr("{many} pieces   ·   {glasses}", many=many, glasses=glasses) if many > 1 else glasses)
        self.packet.setEnabled(results.usable)
        self.send.setEnabled(results.usable)

    def _rename(self) -> None:
        text, order = self.name.text().strip(), self.bench.order
        if text == order.name:
            return
        if not text or not self.bench.pieces.name_order(text):
            self.name.setText(order.name)
