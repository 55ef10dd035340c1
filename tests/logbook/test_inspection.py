"""Inspection: simulated pictures with known faults, the camera beside OpenCV's, and odd pictures refused."""

import io
from functools import cache
from math import degrees, hypot, pi, radians

import cv2
import numpy as np
import pytest
import shapely
import skimage.data
from msgspec.structs import replace
from PIL import Image

from specimens import two_sided
from vitrograph.at_work import worked_out
from vitrograph.core.demo import demo_order
from vitrograph.core.errors import PictureError
from vitrograph.core.glass import Frustum
from vitrograph.core.job import Order
from vitrograph.core.logbook.inspection import card_pdf, inspect, inspection_json, marked, overlay_jpeg, read_photo
from vitrograph.core.logbook.inspection.by_hand import place_on_sheet
from vitrograph.core.logbook.inspection.camera import Camera, camera_from, focal_from_exif
from vitrograph.core.logbook.inspection.card import MARKERS, card_of, card_with
from vitrograph.core.logbook.inspection.found import camera_by_corners, find_card
from vitrograph.core.logbook.inspection.seat import corners_of, seat_of
from vitrograph.core.logbook.inspection.unroll import Grid, Photo, unroll
from vitrograph.core.paper.tiles import SHEETS
from vitrograph.core.pipeline import Pipeline
from vitrograph.devices.piece_camera import Laid, PieceCamera


@cache
def piece(name="tumbler"):
    """A piece of the demo, all worked out."""
    return worked_out(Pipeline(), demo_order(name)).pieces[0]


def camera(**changes):
    """A camera as a hand holds it, askew, a little out of focus, in uneven light."""
    return PieceCamera(**{"size": (1500, 2000), "distance": 480.0, "focal": 1.05, "height": 110.0, "yaw": radians(9),
                          "pitch": radians(4), "roll": radians(-3), "blur": 0.8, "noise": 0.01, "uneven": 0.2,
                          "lens": 0.02, **changes})


def light(picture):
    return picture.astype(np.float32) / 255


def blob(at, area):
    return shapely.Point(at).buffer((area / pi) ** 0.5)


def near(faults, shape):
    """The fault nearest to a true one."""
    return min(faults, key=lambda one: hypot(one.where[0] - shape.centroid.x, one.where[1] - shape.centroid.y))


@pytest.mark.parametrize(("name", "leak_at", "void_at"), [
    ("tumbler", (0.0, 60.0), (-6.0, 49.0)), ("plaque", (-30.0, 105.0), None), ("flutes", (0.0, 148.0), None)])
def test_leaks_and_voids_are_found_with_their_place_and_area(name, leak_at, void_at):
    made = piece(name)
    frosted = made.sheet.frosted
    left, _, right, high = frosted.bounds
    leak_at = leak_at if name == "tumbler" else ((left + right) / 2, high + 4)
    thickest = max(frosted.geoms, key=lambda part: shapely.maximum_inscribed_circle(part).length)
    void_at = shapely.maximum_inscribed_circle(thickest).coords[0]
    leak, void = (shape for shape in (shapely.difference(blob(leak_at, 4.0), frosted),
                                      shapely.intersection(blob(void_at, 3.0), frosted)))
    laid = Laid(1.5, -2.0, radians(1.2), 2.0)
    seen = inspect(light(camera(laid=laid).photograph(made, [leak], [void])), made)
    assert len(seen.faults) == 2 and seen.registered.likeness > 0.9
    for true, kinds in ((leak, ("leak", "drip")), (void, ("void", "missed bit"))):
        fault = near(seen.faults, true)
        assert fault.kind in kinds and fault.area == pytest.approx(true.area, rel=0.15)
        assert hypot(fault.where[0] - true.centroid.x, fault.where[1] - true.centroid.y) < 0.4
    assert degrees(seen.crooked) == pytest.approx(1.2, abs=0.2) and seen.up == pytest.approx(-2.0, abs=0.4)
    assert seen.from_rim == pytest.approx(made.fitted.from_rim + 2.0, abs=0.4)
    assert "crooked" in seen.outcomes and {"drip", "leak at an edge"} & set(seen.outcomes)


@pytest.mark.parametrize("side", [0, 1])
def test_of_designs_on_both_sides_the_one_turned_to_the_camera_is_judged(side):
    made = worked_out(Pipeline(), Order.of(two_sided())).pieces[0]
    left, _, right, high = made.sheet.outlines[side].intersection(made.sheet.frosted).bounds
    leak = blob(((left + right) / 2, high + 4.0), 4.0)
    seen = inspect(light(camera(side=side).photograph(made, [leak])), made)
    (fault,) = seen.faults
    assert hypot(fault.where[0] - leak.centroid.x, fault.where[1] - leak.centroid.y) < 0.4
    assert seen.judged.hidden < 0.01 and abs(degrees(seen.crooked)) < 0.2
    assert made.sheet.outlines[side].contains(shapely.box(*seen.bounds))


def test_a_piece_as_it_was_drawn_is_good_and_a_film_before_the_cream_is_looked_at_likewise():
    made = piece()
    seen = inspect(light(camera().photograph(made)), made)
    assert seen.faults == () and seen.outcomes == ("good",) and seen.judged.edge < 0.1
    assert inspection_json(seen)["of"] == "frost" and "no leak" in inspection_json(seen)["says"][0]
    straight = "it is straight, within half a degree"
    for turned, says in ((0.49, straight), (-0.49, straight), (0.6, "it is turned 0.6° to the left"),
                         (-0.6, "it is turned 0.6° to the right")):
        assert inspection_json(replace(seen, crooked=radians(turned)))["says"][1] == says
    island = max(made.sheet.islands, key=lambda one: one.area)
    bit = min((part for part in made.sheet.openings.geoms if part.area > 6), key=lambda one: one.area)
    film = inspect(light(camera().photograph(made, [bit], [island], film=True)), made, film=True)
    assert {(one.kind, round(one.area / true.area, 1)) for one, true in
            ((near(film.faults, bit), bit), (near(film.faults, island), island))} == {
        ("not pulled", 1.0), ("came off", 1.0)} and len(film.faults) == 2


def test_a_picture_without_a_card_is_judged_by_four_corners():
    made = piece("plaque")
    lens = camera(lens=0.0)
    corners = lens.pinhole.seen(np.column_stack([corners_of(made.wall), np.zeros(4)]))
    picture = light(lens.photograph(made, card=False))
    seen = inspect(picture, made, corners=corners.tolist())
    assert seen.faults == () and abs(degrees(seen.crooked)) < 0.2
    with pytest.raises(PictureError, match="out of order"):
        camera_by_corners(corners_of(made.wall), corners[[0, 2, 1, 3]].tolist(), (1500, 2000))


def test_a_glass_without_a_card_is_judged_by_the_ends_of_its_rim_and_base():
    made = piece("tumbler")
    across = corners_of(made.wall)
    assert np.ptp(across[:2, 0]) == pytest.approx(86.0, abs=1.5)
    assert np.ptp(across[2:, 0]) == pytest.approx(61.0, abs=1.5)
    assert across[:2, 1] - across[2:, 1] == pytest.approx([128.0, 128.0], abs=1.5)
    lens = camera(lens=0.0, yaw=0.0, pitch=0.0)
    depth = float(np.ptp(across[:2, 0])) / 2                   # of the axis, which stands so far before the card
    corners = lens.pinhole.seen(np.column_stack([across, np.full(4, depth)]))
    frosted = made.sheet.frosted
    leak = blob((0.0, frosted.bounds[3] + 4.0), 4.0)
    seen = inspect(light(lens.photograph(made, [leak], card=False)), made, corners=corners.tolist())
    assert [fault.kind for fault in seen.faults] == ["drip"] and hypot(
        seen.faults[0].where[0], seen.faults[0].where[1] - frosted.bounds[3] - 4.0) < 1.0


def test_what_a_hand_draws_round_lies_where_it_was_pointed_at():
    made, lens = piece("tumbler"), camera()
    seen = inspect(light(lens.photograph(made)), made)
    left, low, right, high = seen.bounds
    for at in ((left + 3.0, low + 2.0), ((left + right) / 2, high + 6.0), (right - 8.0, (low + high) / 2)):
        (pixel,), _ = seen.registered.seat.seen(np.array([at]), seen.registered.camera)
        assert place_on_sheet(seen, *pixel) == pytest.approx(at, abs=0.02)
    (edge,), _ = seen.registered.seat.seen(np.array([[2.0, high + 6.0]]), seen.registered.camera)
    (middle,), _ = seen.registered.seat.seen(np.array([[0.0, high + 6.0]]), seen.registered.camera)
    fault = marked(seen, "leak", tuple(middle), tuple(edge))
    assert fault.area == pytest.approx(4 * pi, rel=0.01) and fault.by_hand and fault.outcome == "leak at an edge"
    assert place_on_sheet(seen, 3.0, 3.0) is None and marked(seen, "leak", (3.0, 3.0), tuple(edge)) is None
    told = inspection_json(replace(seen, faults=(fault,)))
    assert told["faults"][0]["by_hand"] and "marked by hand" in told["says"][0]


def test_a_camera_is_found_where_opencv_finds_it():
    """Pose beside OpenCV's solvePnP with the same lens; the focal length, which that is told, beside the truth."""
    true = camera(lens=0.0).pinhole
    card = card_of("A4")
    places = np.vstack([marker.corners for marker in card.markers])
    seen = true.seen(np.column_stack([places, np.zeros(len(places))]))
    found = camera_from(places, seen, (1500, 2000))
    assert found.off < 0.05 and found.focal == pytest.approx(true.focal, rel=0.01)
    lens = np.array([[true.focal, 0, true.middle[0]], [0, true.focal, true.middle[1]], [0, 0, 1]])
    _, turn, at = cv2.solvePnP(np.column_stack([places, np.zeros(len(places))]), seen, lens, None)
    exact = camera_from(places, seen, (1500, 2000), true.focal)
    assert exact.turn == pytest.approx(cv2.Rodrigues(turn)[0], abs=1e-3)
    assert exact.at == pytest.approx(at.ravel(), rel=5e-3)
    assert exact.eye == pytest.approx(true.eye, rel=5e-3, abs=1.0)
    assert focal_from_exif(28.0, (3000, 4000)) == pytest.approx(28 / hypot(36, 24) * 5000)


def test_a_cylinder_is_unrolled_as_its_closed_form_says():
    """A camera straight before a cylinder sees the arc x at r sin(x/r): a stripe at that place comes out at x."""
    made = piece("lantern")
    wall = made.wall
    assert isinstance(wall, Frustum) and wall.taper == 0
    radius, distance, focal = wall.base_radius, 5000.0, 12000.0
    lens = Camera(focal, (999.5, 999.5), 0.0, np.diag([1.0, -1, -1]), np.array([0.0, wall.length / 2, distance]))
    picture, arcs = np.zeros((2000, 2000), dtype=np.float32), [-20.0, 0.0, 13.0, 31.0]
    for arc in arcs:
        depth = distance - radius - radius * np.cos(arc / radius)
        column = 999.5 + focal * radius * np.sin(arc / radius) / depth
        picture += np.exp(-(((np.arange(2000) - column) / 1.5) ** 2)).astype(np.float32)[None, :]
    middle = made.fitted.chart.wall_to_sheet(np.array([[made.fitted.chart.u0, wall.length / 2]]))[0]
    grid = Grid.over((middle[0] - 40, middle[1] - 5, middle[0] + 40, middle[1] + 5), 0.1)
    seat = seat_of(made.fitted.chart, middle, card=True)
    flat, there = unroll(Photo(picture, np.ones_like(picture)), lens, seat, grid)
    row = np.where(there, flat, 0.0)[grid.rows // 2]
    peaks = [at for at in range(1, len(row) - 1) if row[at] > 0.5 and row[at - 1] < row[at] >= row[at + 1]]
    told = grid.places(np.array(peaks, dtype=float), np.zeros(len(peaks)))[:, 0] - middle[0]
    assert told == pytest.approx(arcs, abs=0.2), "half a pixel, which is 0.4 mm there"


def test_shapes_are_drawn_as_areas_of_pixels():
    chance = np.random.default_rng(4)
    for _ in range(60):
        round_one, hole = (blob(chance.uniform(0, 20, 2), chance.uniform(2, 150)) for _ in range(2))
        shape = shapely.difference(round_one, hole)
        shape = shape if shape.geom_type == "MultiPolygon" else shapely.MultiPolygon([shape] if shape.area else [])
        grid = Grid.over((-3.0, -2.0, 17.0, 19.0), float(chance.choice([0.13, 0.4, 1.0])))
        drawn = grid.drawn(shape)
        row, column = chance.integers(0, grid.rows), chance.integers(0, grid.columns)
        left, low = grid.left + column * grid.step, grid.low + row * grid.step
        pixel = shapely.box(left, low, left + grid.step, low + grid.step)
        assert drawn[row, column] == pytest.approx(shapely.intersection(shape, pixel).area / grid.step**2, abs=1e-4)
        whole = shapely.box(grid.left, grid.low, grid.left + grid.columns * grid.step, grid.low + grid.rows * grid.step)
        assert drawn.sum() * grid.step**2 == pytest.approx(shapely.intersection(shape, whole).area, rel=1e-3, abs=1e-3)


def test_the_card_is_a_page_at_true_size_whose_markers_are_its_own(tmp_path):
    from pypdf import PdfReader

    for paper in ("A4", "Letter"):
        (tmp_path / "card.pdf").write_bytes(card_pdf(paper))
        (page,) = PdfReader(tmp_path / "card.pdf").pages
        assert [float(side) * 25.4 / 72 for side in page.mediabox[2:]] == pytest.approx(SHEETS[paper], abs=0.1)
        assert "100 mm long" in page.extract_text()
        drawn = page.get_contents().get_data()                 # the line to check the print by, with its ends
        assert all(line in drawn for line in (b"-50 -20 m 50 -20 l", b"-50 -21 m -50 -19 l", b"50 -21 m 50 -19 l"))
        card = card_of(paper)
        assert len(card.markers) == MARKERS and {card_with(one.number) for one in card.markers} == {card}
    assert card_with(49) is None and not {one.number for one in card_of("A4").markers} & {
        one.number for one in card_of("Letter").markers}


@pytest.mark.parametrize("name", ["coins", "camera", "page", "moon", "chelsea", "checkerboard"])
def test_photographs_of_other_things_hold_no_card(name):
    """Pictures that scikit-image carries."""
    picture = np.asarray(getattr(skimage.data, name)())
    gray = picture if picture.ndim == 2 else picture[..., :3].mean(axis=2)
    gray = cv2.resize(gray.astype(np.float32) / 255, (900, 900))
    with pytest.raises(PictureError, match="no inspection card was found"):
        inspect(gray, piece())
    with pytest.raises(PictureError, match=r"not this piece|no frost is seen"):
        inspect(gray, piece("plaque"), corners=[(100, 100), (800, 120), (790, 700), (110, 690)])


def test_what_a_picture_lacks_is_told_in_one_sentence():
    made = piece()
    good = camera().photograph(made)
    for picture, says in (
            (light(camera().photograph(piece("plaque"))), "not this piece, or its art is turned away"),
            (light(camera(glare=(0.5, 0.62, 0.09)).photograph(piece("plaque"))), "or a lamp's glare lies over it"),
            (light(good[:, :700]), r"of the card's 10 markers can be seen"),
            (light(good[:300]), "take one of at least 400"),
            (light(camera(glare=(0.5, 0.62, 0.09)).photograph(made)), "glare"),
            (light(np.minimum(good, 14)), "no inspection card"),
            (light(camera(laid=Laid(aside=0.0, across=160.0)).photograph(made)), r"turned away|out of sight")):
        with pytest.raises(PictureError, match=says):
            inspect(picture, made)
    with pytest.raises(PictureError, match="nothing is etched"):
        inspect(light(good), _bare(made))


def _bare(made):
    return replace(made, sheet=replace(made.sheet, openings=shapely.MultiPolygon()))


def test_a_photographs_file_tells_its_lens_and_is_kept_small_with_its_faults(tmp_path):
    made = piece()
    leak = shapely.difference(blob((0.0, 60.0), 6.0), made.sheet.frosted)
    image = Image.fromarray(camera().photograph(made, [leak]))
    exif = Image.Exif()
    exif.get_ifd(0x8769)[41989] = 28
    image.save(tmp_path / "photo.jpg", quality=95, exif=exif)
    photo = read_photo(tmp_path / "photo.jpg")
    assert photo.focal == pytest.approx(focal_from_exif(28.0, image.size))
    seen = inspect(photo.light, made)
    kept = Image.open(io.BytesIO(overlay_jpeg(photo.light, seen, 800)))
    assert max(kept.size) == 800 and len(seen.faults) == 1
    assert np.ptp(np.asarray(kept).astype(int), axis=2).max() > 60, "the fault is drawn in colour"
    assert find_card((photo.light * 255).astype(np.uint8)).markers >= 8
