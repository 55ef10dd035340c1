"""A question across the window, with a button for each answer: the work stays in sight while it is asked."""

from collections.abc import Callable, Sequence

from msgspec import Struct
from PySide6.QtWidgets import QHBoxLayout, QWidget

from vitrograph.desk.kit.fields import button, label
from vitrograph.desk.kit.named import named


class Answer(Struct, frozen=True):
    """One answer: the name of its button, what that says, and what is done then; the first is the usual one."""

    name: str
    says: str
    do: Callable[[], object]


class AskBar(QWidget):
    """Asks once: any answer takes the bar away. One that is `of_order`, about the order in hand, goes with it."""

    def __init__(self, question: str, answers: Sequence[Answer], *, of_order: bool = True) -> None:
        super().__init__()
        self.of_order = of_order
        named(self, "askBar")
        row = QHBoxLayout(self)
        row.setContentsMargins(16, 4, 16, 4)
        self._question = label(question)
        row.addWidget(self._question, 1)
        for number, answer in enumerate(answers):
            made = button(answer.says, "accent" if number == 0 else "")
            made.setObjectName(answer.name)
            made.clicked.connect(lambda _on=False, answer=answer: self._take(answer))
            row.addWidget(made)
        self.waits = True                                      # for its answer

    def ask(self, question: str) -> None:
        """Ask in other words, while it waits."""
        if self.waits:
            self._question.setText(question)

    def leave(self) -> None:
        """Go away: nobody need answer any more."""
        if self.waits:
            self.waits = False
            self.setParent(None)
            self.deleteLater()

    def _take(self, answer: Answer) -> None:
        if self.waits:
            self.leave()
            answer.do()
