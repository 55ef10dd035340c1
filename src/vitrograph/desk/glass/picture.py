"""A glass measured from a picture of its side, with its wall shown over the picture for correction by hand."""

from pathlib import Path

import numpy as np
from msgspec import Struct

from vitrograph.core.errors import GlassError
from vitrograph.core.geometry import Points
from vitrograph.core.glass import (
    BENT_LENS,
    STRAIGHT_LENS,
    Sighting,
    Silhouette,
    measure_silhouette,
    profile_at,
    wall_of,
)
from vitrograph.core.job import CurvedGlass, Glass, Job, StraightGlass, TaperedGlass
from vitrograph.core.language import decimals, tr
from vitrograph.core.pictures.reading import Gray, gray_of, read_picture, rgba_of, thumbnail
from vitrograph.core.value_words import word_of
from vitrograph.desk.bench.background import BackgroundTask
from vitrograph.desk.glass.page import HelperPage
from vitrograph.desk.kit.card import Readings
from vitrograph.desk.kit.fields import ChoiceRow, LengthField, button, in_a_row
from vitrograph.desk.kit.picking import pick_picture
from vitrograph.desk.kit.picture_view import PictureView

_MOST_PIXELS = 12_000_000          # more than a wall's outline needs; larger pictures are reduced
_DEVIATION_MM = 0.15               # how far a curve through the stations may stray from the outline
_STRAIGHT_MM = 0.1                 # a smaller difference of the radii is a straight wall


class _Opened(Struct, frozen=True):
    name: str
    rgb: np.ndarray
    gray: Gray
    small: bytes


class PicturePage(HelperPage):
    """Measure a glass from a picture."""

    name = "picture"
    title = tr("From a picture")
    says = (tr("Stand the glass before a plain bright ground, the camera level with its middle and as far off as it "
               "goes. The camera sees a round wall wider than it is; its distance from the axis corrects that."))

    def build(self) -> None:
        self.open_button = button(tr("Open a picture"))
        self.open_button.setObjectName("openPicture")
        self.view = PictureView()
        self.distance = LengthField(tr("Camera to the glass's axis"), "camera_distance", least=1.0)
        self.known = ChoiceRow(tr("One size must be known"), "known_size", [("rim", tr("the rim, across")),
                                                                         ("length", tr("a marked length"))])
        self.known_length = LengthField(tr("Its size"), "known_mm", least=1e-6)
        self.axis = ChoiceRow(tr("The axis"), "axis", [("found", tr("is found")), ("marked", tr("I mark it"))])
        self.lens = ChoiceRow(tr("The picture is"), "lens",
                              [("as taken", tr("as it was taken")), ("straight", tr("straightened"))])
        self.found = Readings()
        self.verdict = self.answer_label("pictureSays")
        self.use = button(tr("Use this glass"), "accent")
        self.use.setObjectName("usePicture")
        self.stack(self.view, self.verdict, in_a_row(self.open_button, self.use), self.found, self.distance, self.known,
                   self.known_length, self.axis, self.lens)
        self._opened: _Opened | None = None
        self._silhouette: Silhouette | None = None
        self._stations: list[tuple[float, float]] = []
        self._marks: dict[str, tuple[float, float]] = {}
        self._distance, self._size_mm, self._by, self._marks_axis, self._lens = 600.0, 0.0, "rim", False, "as taken"
        self._size_typed = False
        self._reading, self._measuring = BackgroundTask(self), BackgroundTask(self)
        self._connect()

    def _connect(self) -> None:
        self.open_button.clicked.connect(self._choose)
        self.use.clicked.connect(self._use)
        self.distance.edited.connect(lambda mm: self._know(_distance=mm))
        self.known_length.edited.connect(lambda mm: self._know(_size_mm=mm, _size_typed=True))
        self.known.edited.connect(lambda by: self._know(_by=by))
        self.axis.edited.connect(lambda how: self._know(_marks_axis=how == "marked"))
        self.lens.edited.connect(lambda lens: self._know(_lens=lens))
        self.view.marked.connect(self._mark)
        self._reading.answered.connect(self._show_opened)
        self._measuring.answered.connect(self._show_silhouette)
        for later in (self._reading, self._measuring):
            later.refused.connect(self._refuse)

    def show_job(self, job: Job) -> None:
        if not self._size_typed:                               # another glass has another rim
            self._size_mm = _rim_of(job.glass)
        unit = self.bench.unit
        self.distance.show_mm(self._distance, unit)
        self.known_length.show_mm(self._size_mm or None, unit)
        self.known.show_choice(self._by)
        self.axis.show_choice("marked" if self._marks_axis else "found")
        self.lens.show_choice(self._lens)
        self.use.setEnabled(self._silhouette is not None and not self._measuring.busy)

    # -- opening and measuring -----------------------------------------------------------------------------------

    def _choose(self) -> None:
        path = pick_picture(self, tr("Open a picture of the glass from the side"))
        if path is not None:
            self.open(path)

    def open(self, path: Path) -> None:
        """Read a picture the maker named, off the GUI thread, and measure it."""
        self.verdict.setText(tr("Reading the picture …"))
        self.use.setEnabled(False)
        self._reading.ask(lambda: _read(path))

    def _show_opened(self, opened: _Opened) -> None:
        self._opened = opened
        rows, columns, _ = opened.rgb.shape
        middle, third = columns / 2, rows / 3
        foot = rows - third / 4
        self._marks = {"length 1": (columns * 0.25, foot), "length 2": (columns * 0.75, foot),
                       "axis 1": (middle, third / 2), "axis 2": (middle, rows - third / 2)}
        self._show_marks()
        self.view.show_pixels(opened.rgb)
        self._measure()

    def _know(self, **changes: object) -> None:
        for name, value in changes.items():
            setattr(self, name, value)
        self._measure()

    def _measure(self) -> None:
        opened, marks = self._opened, self._marks
        if opened is None:
            return
        length = (marks["length 1"], marks["length 2"], self._size_mm) if self._by == "length" else None
        axis = (marks["axis 1"], marks["axis 2"]) if self._marks_axis else None
        sighting = Sighting(self._distance, (self._size_mm or None) if self._by == "rim" else None, length, axis,
                            STRAIGHT_LENS if self._lens == "straight" else BENT_LENS)
        self.verdict.setText(tr("Measuring …"))
        self.use.setEnabled(False)                             # what was measured before is of other marks
        self._measuring.ask(lambda: measure_silhouette(opened.gray, sighting))

    def _show_silhouette(self, found: Silhouette) -> None:
        self._silhouette = found
        self._stations = [(z, girth / 2) for z, girth in found.stations(_DEVIATION_MM)]
        length = self.bench.length
        error = float(np.percentile(found.error, 95))
        self.found.show_rows([
            (tr("upright height"), length(found.height, 1)), (tr("widest"), length(2 * float(found.radius.max()), 1)),
            (tr("rim"), length(found.rim, 1)), (tr("base"), length(2 * float(found.radius[0]), 1)),
            *((tr("beside the wall: {what}", what=word_of(one.what)),
               tr("{length} to {length2} up", length=length(one.low, 0),
                  length2=length(one.high, 0)))
              for one in found.beside),
            (tr("radii may be off by"), f"±{length(error, 2)}"), (tr("a pixel is"), length(found.mm_per_px, 3)),
            (tr("the glass leans by"), decimals(f"{np.degrees(found.tilt):.1f}°"))])
        self.verdict.setText(tr("Drag a white dot where the wall was not followed, then use the glass."))
        self.use.setEnabled(True)
        self._show_marks()

    def _refuse(self, sentence: str) -> None:
        self._silhouette = None
        self._show_marks()
        self.found.show_rows([])
        self.use.setEnabled(False)
        self.answer(self.verdict, lambda: sentence)

    # -- correcting by hand --------------------------------------------------------------------------------------

    def _show_marks(self) -> None:
        """The wall through the stations, over the picture, and the marks that can be dragged now."""
        asked = {"length": self._by == "length", "axis": self._marks_axis}
        shown = {name: place for name, place in self._marks.items() if asked[name.split()[0]]}
        self.view.sides = ()
        if (found := self._silhouette) is not None:
            self.view.sides = found.to_picture(*_curve(self._stations))
            stations = found.to_picture(*np.array(self._stations).T)[1].tolist()
            shown |= {f"station {at}": (column, row) for at, (column, row) in enumerate(stations)}
        self.view.marks = shown
        self.view.update()

    def _mark(self, name: str, column: float, row: float) -> None:
        if not name.startswith("station"):
            self._marks[name] = (column, row)
            self._measure()
            return
        found, at = self._silhouette, int(name.split()[1])
        if found is None:
            return
        z, radius = self._stations[at]
        here = found.to_picture(*np.array(self._stations).T)[1][at]
        across = [found.frame.from_pixels(np.array([place]))[0, 0] for place in ((column, row), here)]
        self._stations[at] = (z, float(max(0.5, radius * across[0] / across[1])))
        self._show_marks()

    def _use(self) -> None:
        opened, beside = self._opened, self._silhouette.beside if self._silhouette is not None else ()

        def use() -> None:
            glass = _glass_of(self._stations)
            wall_of(glass)
            beads = [round(one.high - one.low, 1) for one in beside if one.what == "rim bead"]
            self.bench.edit(tr("Glass from a picture"), glass=glass, tools__taken=[],
                            features__bead=max(beads, default=0.0))
            self.bench.picture_glass(opened.small if opened else b"")

        self.bench.attempt(use, tr("the glass is the one in the picture"))


def _read(path: Path) -> _Opened:
    image = read_picture(path, _MOST_PIXELS)
    return _Opened(path.name, rgba_of(image)[..., :3], gray_of(image), thumbnail(image))


def _curve(stations: list[tuple[float, float]]) -> tuple[Points, Points]:
    wall = wall_of(CurvedGlass(stations=tuple((z, 2 * radius) for z, radius in stations)))
    radius, z = profile_at(wall, np.linspace(0.0, wall.length, 200))
    return z, radius


def _glass_of(stations: list[tuple[float, float]]) -> Glass:
    """The plainest glass through stations: straight, tapered, or curved."""
    (low, base), (high, rim) = stations[0], stations[-1]
    if len(stations) > 2:
        return CurvedGlass(stations=tuple((round(z, 2), round(2 * radius, 2)) for z, radius in stations))
    if high <= low:
        raise GlassError(tr("the picture shows no height: mark it again"))
    if abs(rim - base) < _STRAIGHT_MM:
        return StraightGlass(rim=round(rim + base, 2), height=round(high - low, 2), stem=round(low, 2))
    return TaperedGlass(rim=round(2 * rim, 2), base=round(2 * base, 2), height=round(high - low, 2), stem=round(low, 2))


def _rim_of(glass: Glass) -> float:
    """The rim's diameter as the readings have it, 0 where they have none."""
    try:
        wall = wall_of(glass)
    except GlassError:
        return 0.0
    return 2 * float(wall.scale(np.array([wall.length]))[0]) if wall.closed else 0.0
