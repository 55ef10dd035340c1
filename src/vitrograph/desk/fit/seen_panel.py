"""Trying the art on paper before it is cut, and taking over what was seen."""

from collections.abc import Callable
from functools import partial
from pathlib import Path

from vitrograph.core.errors import VitrographError
from vitrograph.core.export import paper_of
from vitrograph.core.fit.seen import parse_seen, take_over
from vitrograph.core.language import tr
from vitrograph.desk.bench import Bench
from vitrograph.desk.bench.file_task import PageTask
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.card_part import CardPart
from vitrograph.desk.kit.fields import button, label
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.saving import ask_place
from vitrograph.desk.kit.steady import Line


class SeenPanel(CardPart):
    """Write the paper band, and take over how it sits."""

    def __init__(self, bench: Bench) -> None:
        super().__init__(bench)
        self._pages = PageTask(bench, self)
        self.write = button(tr("Write the paper band…"),
                            tip=tr("The art on bare paper at true size, to tape on the glass"))
        self.write.setObjectName("writePaper")
        self.seen = named(Line(), "seen")
        self.seen.setAccessibleName(tr("What you saw on the glass"))
        self.seen.setPlaceholderText(tr("too low by 3 mm, tilts right by 1 mm"))
        self.seen.setFont(theme.font())
        self.wrong = label("", "error", scale=0.9)
        self.wrong.hide()
        self.stack(label(tr("Tape the paper band on, look, and write what you saw; the job takes it over."), "quiet"),
                   self.write, self.seen, self.wrong)
        self.write.clicked.connect(self._choose)
        self.seen.returnPressed.connect(self._take)

    def _choose(self) -> None:
        path = ask_place(self, tr("Write the paper band"), tr("PDF (*.pdf)"), "paper-band.pdf")
        if path is not None:
            self.write_paper(path)

    def write_paper(self, path: Path) -> None:
        """Write the paper band, or say why it cannot be."""
        def prepare() -> Callable[[], bytes]:
            return partial(paper_of, self.bench.results.finished(), self.bench.unit)

        self._pages.write(path, prepare)

    def _take(self) -> None:
        """Take over what was seen, or say below the line what could not be read."""
        fitted = self.bench.results.fitted
        if fitted is None:
            return
        try:
            changes = take_over(parse_seen(self.seen.text(), self.bench.unit), fitted, self.bench.job.fit)
        except VitrographError as error:
            self._complain(error.words(self.bench.unit))
            return
        self._complain("")
        if self.bench.edit(tr("What was seen on paper"), *changes):
            self.seen.clear()
            self.bench.told.emit(tr("taken over: tape the band where it stands now, and look again"))

    def _complain(self, sentence: str) -> None:
        self.wrong.setText(sentence)
        self.wrong.setVisible(bool(sentence))
