"""Trouble while the cream is on: what to do at once, and a note of it in the record."""

from functools import partial

from PySide6.QtWidgets import QGridLayout, QWidget

from vitrograph.core.etch import TROUBLES, Trouble
from vitrograph.core.language import tr, within
from vitrograph.desk.etch.glass_choice import GlassChoice
from vitrograph.desk.etch.keeper import EveningKeeper
from vitrograph.desk.kit.fields import Column, NumberField, button, label
from vitrograph.desk.kit.named import named


class TroublePanel(Column):
    """A button for each trouble; its steps stand below until it is dealt with."""

    def __init__(self, keeper: EveningKeeper) -> None:
        super().__init__(gap=8)
        self.keeper = keeper
        self.at: Trouble | None = None
        grid = QGridLayout()
        grid.setContentsMargins(0, 0, 0, 0)
        grid.setSpacing(6)
        for number, trouble in enumerate(TROUBLES):
            made = named(button(trouble.title), f"trouble_{trouble.key.replace(' ', '_')}")
            made.clicked.connect(partial(self.show_trouble, trouble))
            grid.addWidget(made, number, 0)
        self._buttons = QWidget()
        self._buttons.setLayout(grid)
        self.says = named(label("", scale=1.2), "troubleSays")
        self.caution = label("", "caution")
        self.seconds = NumberField(tr("It was there for"), "troubleSeconds", suffix="s")
        self.seconds.show_number(0)
        self.done = named(button(tr("Dealt with: note it"), "accent"), "troubleDone")
        self.leave = named(button(tr("Leave it")), "troubleLeave")
        self.whose = GlassChoice("troubleOf")
        self.stack(self._buttons, self.says, self.caution, self.whose.field, self.seconds, self.done, self.leave)
        self._seconds = 0.0
        keeper.changed.connect(self._show_whose)
        self.seconds.edited.connect(self._take_seconds)
        self.done.clicked.connect(self._note)
        self.leave.clicked.connect(lambda: self._show(None))
        self._show(None)

    def show_trouble(self, trouble: Trouble, _on: bool = False) -> None:
        """Show what to do about one: it is the glass's whose steps are shown now, wherever the hands go on."""
        self.whose.pick(self.keeper.shown())
        self._seconds = 0.0
        self.seconds.show_number(0)
        self._show(trouble)

    def _show_whose(self) -> None:
        self.whose.show(self.keeper.glasses if self.at is not None else (), self.keeper.broken_ones, None)

    def _show(self, trouble: Trouble | None) -> None:
        self.at = trouble
        self._show_whose()
        self._buttons.setVisible(trouble is None)
        for widget in (self.says, self.done, self.leave):
            widget.setVisible(trouble is not None)
        self.caution.setVisible(trouble is not None and bool(trouble.caution))
        self.seconds.setVisible(trouble is not None and trouble.timed)
        if trouble is not None:
            steps = "\n".join(f"{number}  {step}" for number, step in enumerate(trouble.steps, start=1))
            self.says.setText(f"{trouble.title}\n{steps}")
            self.caution.setText(trouble.caution)

    def _take_seconds(self, seconds: object) -> None:
        self._seconds = float(str(seconds))

    def _note(self) -> None:
        if self.at is not None:
            self.keeper.trouble_noted(self.whose.glass(), f"{self.at.key}: {self.at.title}",
                                      self._seconds if self.at.timed else 0.0)
            self.keeper.bench.told.emit(tr("noted: {trouble}", trouble=within(self.at.title)))
            self._show(None)
