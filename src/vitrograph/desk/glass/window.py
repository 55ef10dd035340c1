"""The window of the measuring helpers: their names at the left, the page in hand at the right."""

from PySide6.QtCore import Qt
from PySide6.QtWidgets import (
    QDialog,
    QFrame,
    QHBoxLayout,
    QListWidget,
    QListWidgetItem,
    QScrollArea,
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
from vitrograph.desk.kit.sketch import Sketch

_PAGES: tuple[type[HelperPage], ...] = (
    ReadingsPage, HeightsPage, TrustPage, ProofPage, WaterPage, PicturePage, KeepOutPage, SetPage)


class MeasuringWindow(QDialog):
    """Stands beside the main window, which stays usable; only helpers that suit the glass in hand are listed."""

    def __init__(self, bench: Bench, parent: QWidget) -> None:
        super().__init__(parent)
        self.bench = bench
        theme.dress(self, "measuringWindow", tr("Measuring helpers"), (860, 660))
        self.pages = {made.name: made for made in (page(bench) for page in _PAGES)}
        self.names = named(QListWidget(), "helpers")
        self.names.setAccessibleName(tr("Measuring helpers"))
        self.names.setFont(theme.font())
        self.names.setFrameShape(QFrame.Shape.NoFrame)
        self.names.setFixedWidth(self.fontMetrics().averageCharWidth() * 30)
        self._stack = QStackedWidget()
        for page in self.pages.values():
            item = QListWidgetItem(page.title)
            item.setData(Qt.ItemDataRole.UserRole, page.name)
            self.names.addItem(item)
            self._stack.addWidget(_scrolled(page))
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 0, 0, 0)
        row.setSpacing(0)
        row.addWidget(self.names)
        row.addWidget(self._stack, 1)
        self.names.currentRowChanged.connect(self._stack.setCurrentIndex)
        bench.job_changed.connect(self._show_job)
        bench.results_changed.connect(self._show_results)
        self._show_job(bench.job)
        self._show_results(bench.results)
        self.names.setCurrentRow(0)

    def go(self, name: str) -> HelperPage:
        """Open a helper's page."""
        self.names.setCurrentRow(list(self.pages).index(name))
        return self.pages[name]

    def _show_job(self, job: Job) -> None:
        for row, page in enumerate(self.pages.values()):
            suits = page.suits(job)
            self.names.item(row).setHidden(not suits)
            if suits:
                for sketch in page.findChildren(Sketch):
                    sketch.unit = self.bench.unit
                page.show_job(job)
        current = self.names.currentItem()
        if current is not None and current.isHidden():
            self.names.setCurrentRow(next(r for r in range(self.names.count()) if not self.names.item(r).isHidden()))

    def _show_results(self, results: Results) -> None:
        for page in self.pages.values():
            if page.suits(results.job):
                page.show_results(results)


def _scrolled(page: HelperPage) -> QScrollArea:
    area = QScrollArea()
    area.setFrameShape(QFrame.Shape.NoFrame)
    area.setWidgetResizable(True)
    area.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
    area.setWidget(page)
    return area
