"""The window of the measuring helpers: their names at the left, the page in hand at the right."""

from typing import cast

from PySide6.QtCore import Qt
from PySide6.QtWidgets import (
    QDialog,
    QFrame,
    QHBoxLayout,
    QListWidget,
    QListWidgetItem,
    QStackedWidget,
    QWidget,
)

from vitrograph.core.job import Job
from vitrograph.core.language import tr
from vitrograph.core.results import Results
from vitrograph.desk.bench import Bench
from vitrograph.desk.glass.heights import HeightsPage
from vitrograph.desk.glass.keepout import KeepOutPage
from vitrograph.desk.glass.page import HelperPage
from vitrograph.desk.glass.picture import PicturePage
from vitrograph.desk.glass.proof import ProofPage
from vitrograph.desk.glass.readings import ReadingsPage
from vitrograph.desk.glass.set_page import SetPage
from vitrograph.desk.glass.trust import TrustPage
from vitrograph.desk.glass.water import WaterPage
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.scrolled import Scrolled
from vitrograph.desk.kit.sketch import Sketch

_PAGES: tuple[type[HelperPage], ...] = (
    ReadingsPage, HeightsPage, TrustPage, ProofPage, WaterPage, PicturePage, KeepOutPage, SetPage)


class MeasuringWindow(QDialog):
    """Stands beside the main window, which stays usable; only helpers that suit the glass in hand are listed.

    A page is made when it is first turned to: the window opens sooner.
    """

    def __init__(self, bench: Bench, parent: QWidget, name: str = "") -> None:
        super().__init__(parent)
        self.bench = bench
        theme.dress(self, "measuringWindow", tr("Measuring helpers"), (860, 660))
        self._made: dict[str, HelperPage] = {}
        self.names = named(QListWidget(), "helpers")
        self.names.setAccessibleName(tr("Measuring helpers"))
        self.names.setFont(theme.font())
        self.names.setFrameShape(QFrame.Shape.NoFrame)
        self.names.setFixedWidth(self.fontMetrics().averageCharWidth() * 30)
        self._stack = QStackedWidget()
        for kind in _PAGES:
            item = QListWidgetItem(kind.title)
            item.setData(Qt.ItemDataRole.UserRole, kind.name)
            self.names.addItem(item)
            self._stack.addWidget(Scrolled())
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 0, 0, 0)
        row.setSpacing(0)
        row.addWidget(self.names)
        row.addWidget(self._stack, 1)
        self.names.currentRowChanged.connect(self._turn_to)
        bench.job_changed.connect(self._show_job)
        bench.results_changed.connect(self._show_results)
        self._show_job(bench.job)
        self.go(name or ReadingsPage.name)

    def go(self, name: str) -> HelperPage:
        """Open a helper's page."""
        self.names.setCurrentRow([kind.name for kind in _PAGES].index(name))
        return self._made[name]

    def _turn_to(self, row: int) -> None:
        name = _PAGES[row].name
        if name not in self._made:
            page = self._made[name] = _PAGES[row](self.bench)
            cast(Scrolled, self._stack.widget(row)).setWidget(page)
            self._show_on(page, self.bench.job)
            page.show_results(self.bench.results)
        self._stack.setCurrentIndex(row)

    def _show_job(self, job: Job) -> None:
        for row, kind in enumerate(_PAGES):
            suits = kind.suits(job)
            self.names.item(row).setHidden(not suits)
            if suits and kind.name in self._made:
                self._show_on(self._made[kind.name], job)
        current = self.names.currentItem()
        if current is not None and current.isHidden():
            self.names.setCurrentRow(next(r for r in range(self.names.count()) if not self.names.item(r).isHidden()))

    def _show_on(self, page: HelperPage, job: Job) -> None:
        for sketch in page.findChildren(Sketch):
            sketch.unit = self.bench.unit
        page.show_job(job)

    def _show_results(self, results: Results) -> None:
        for page in self._made.values():
            if page.suits(results.job):
                page.show_results(results)
