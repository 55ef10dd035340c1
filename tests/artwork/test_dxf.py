"""DXF drawings against ezdxf's own path tools, and files that are none."""

import io

import ezdxf
import numpy as np
import pytest
from ezdxf import path
from ezdxf.math import area as polygon_area
from shapely.affinity import scale, translate
from shapely.geometry import Polygon

from vitrograph.core.artwork import bring
from vitrograph.core.artwork.opening import kind_of
from vitrograph.core.errors import ArtworkError
from vitrograph.core.job import Drawing


def dxf_of(draw, units=4):
    """A DXF file's bytes; `draw` fills its modelspace. Units 4 are mm, 1 inches (ezdxf, $INSUNITS)."""
    document = ezdxf.new("R2010", units=units)
    draw(document.modelspace(), document)
    out = io.StringIO()
    document.write(out)
    return out.getvalue().encode()


def read(content, max_deviation=1e-4):
    return bring(Drawing("x.dxf", content, "dxf"), max_deviation)


def flower(space, _document):
    """A spline petal, an ellipse beside it, and a hole."""
    space.add_spline([(0, 0), (20, 30), (50, 20), (30, -20), (0, 0)])
    space.add_ellipse((80, 10), major_axis=(25, 8), ratio=0.4)
    space.add_circle((80, 10), 4)


def own_area(content):
    space = ezdxf.read(io.StringIO(content.decode())).modelspace()
    areas = [abs(polygon_area(list(path.make_path(entity).flattening(1e-4)))) for entity in space]
    return areas[0] + areas[1] - areas[2], path.bbox([path.make_path(entity) for entity in space])


@pytest.mark.parametrize(("units", "mm"), [(4, 1.0), (1, 25.4), (5, 10.0)])
def test_areas_and_boxes_are_those_of_the_librarys_own_path_tools(units, mm):
    content = dxf_of(flower, units)
    area, box = own_area(content)
    found = read(content)
    assert found.size_mm == pytest.approx((box.size.x * mm, box.size.y * mm), rel=1e-3)
    assert found.shape.area * found.tall**2 == pytest.approx(area * mm**2, rel=2e-3)


def test_lines_and_arcs_that_meet_are_one_outline_and_blocks_are_taken_apart():
    def slot(space, document):
        block = document.blocks.new("slot")
        block.add_line((0, 0), (40, 0))
        block.add_arc((40, 10), 10, -90, 90)
        block.add_line((40, 20), (0, 20))
        block.add_arc((0, 10), 10, 90, 270)
        space.add_blockref("slot", (5, 5))
        space.add_blockref("slot", (0, 60), dxfattribs={"xscale": 0.5, "yscale": 0.5, "rotation": 30})
        space.add_line((200, 0), (200, 50))
        space.add_text("not cut")

    found = read(dxf_of(slot))
    whole = 40 * 20 + np.pi * 100
    assert found.shape.area * found.tall**2 == pytest.approx(whole * 1.25, rel=1e-3)
    assert set(found.left_out) == {"lettering", "1 open line, which encloses nothing"}


PANE, HOLE = [(0, 0), (40, 0), (40, 30), (0, 30)], [(10, 10), (20, 10), (20, 20), (10, 20)]


def lined(space, corners, close=True):
    space.add_lwpolyline(corners, close=close)


def hatched(space, *outlines):
    hatch = space.add_hatch()
    for outline in outlines:
        hatch.paths.add_polyline_path(outline)


@pytest.mark.parametrize(("draw", "area"), [
    (lambda space: [lined(space, PANE), lined(space, PANE[2:] + PANE[:2])], 1200),
    (lambda space: [lined(space, PANE), lined(space, HOLE), hatched(space, PANE, HOLE)], 1100),
    (lambda space: [space.add_line(*ends[::way]) for way in (1, -1)
                    for ends in zip(PANE, PANE[1:] + PANE[:1], strict=True)], 1200),
    (lambda space: [lined(space, PANE), *(
        space.add_line(*ends) for ends in zip(PANE, PANE[1:] + PANE[:1], strict=True))], 1200),
    (lambda space: [space.add_circle((0, 0), 10), space.add_ellipse((0, 0), (0, 10), 1.0)], np.pi * 100),
    # what is drawn with a width covers its band: a ring, and an angle whose corner is sharp
    (lambda space: space.add_lwpolyline([(0, 0, 1), (40, 0, 1)], "xyb", close=True, dxfattribs={"const_width": 5}),
     np.pi * 40 * 5),
    (lambda space: space.add_polyline2d([(0, 0), (50, 0), (50, 20)], dxfattribs={
        "default_start_width": 4, "default_end_width": 4}), 280),
])
def test_what_is_drawn_twice_counts_once_and_a_line_may_have_a_width(draw, area):
    found = read(dxf_of(lambda space, _document: draw(space)))
    assert found.shape.area * found.tall**2 == pytest.approx(area, rel=1e-3)
    assert found.left_out == ()


def test_widths_that_change_and_hatching_are_named():
    def drawn(space, _document):
        space.add_lwpolyline([(0, 0, 1, 4), (40, 0, 1, 4), (40, 30, 1, 4)], "xyse", close=True)
        hatch = space.add_hatch()
        hatch.set_pattern_fill("ANSI31")
        hatch.paths.add_polyline_path([(60, 0), (90, 0), (90, 20)])

    found = read(dxf_of(drawn))
    assert set(found.left_out) == {"lines whose width changes, taken as thin",
                                   "a hatching of lines, taken as solid"}


def test_a_hatch_and_a_hidden_layer():
    def drawn(space, document):
        hatch = space.add_hatch()
        hatch.paths.add_polyline_path([(0, 0), (30, 0), (30, 20), (0, 20)])
        document.layers.add("notes").off()
        space.add_circle((100, 100), 50, dxfattribs={"layer": "notes"})

    assert read(dxf_of(drawn)).size_mm == pytest.approx((30, 20))


def test_a_file_without_units_is_taken_as_mm_and_says_so():
    found = read(dxf_of(lambda space, _d: space.add_circle((0, 0), 10), units=0))
    assert found.size_mm == pytest.approx((20, 20), rel=1e-3) and "sizes without a unit, read as mm" in found.left_out


def test_a_unit_that_nobody_knows_is_taken_as_mm_and_says_so():
    def drawn(space, document):
        document.header["$INSUNITS"] = 77
        space.add_circle((0, 0), 10)

    found = read(dxf_of(drawn))
    assert found.size_mm == pytest.approx((20, 20), rel=1e-3)
    assert found.left_out == ("sizes in a unit that is not known (number 77), read as mm",)


WHOLE = dxf_of(flower)


@pytest.mark.parametrize(("content", "sentence"), [
    (b"0\nSECTION\n2\nnonsense", "holds no outline|not a DXF drawing"),
    (dxf_of(lambda space, _d: None), "holds no outline"),
    (dxf_of(lambda space, _d: space.add_line((0, 0), (9, 9))), "no outline in the DXF drawing is closed"),
    (dxf_of(lambda space, _d: space.add_circle((0, 0), 1e12)), "beyond any page"),
    (b"0\nSECTION\n" + bytes(range(256)) * 8, "holds no outline|not a DXF drawing"),
])
def test_a_bad_file_is_refused_in_one_sentence(content, sentence):
    with pytest.raises(ArtworkError, match=sentence):
        read(content)


def test_a_file_cut_short_is_read_as_far_as_it_goes_or_refused():
    for share in (0.3, 0.6, 0.9, 0.97):
        try:
            assert read(WHOLE[:int(len(WHOLE) * share)]).shape.area > 0
        except ArtworkError as error:
            assert "\n" not in str(error)


@pytest.mark.parametrize(("units", "mm"), [
    # Guide for the Use of the SI, NIST SP 811 (2008), B.8: a mil is 25.4 um, a US survey foot 1200/3937 m
    (8, 25.4e-6), (9, 0.0254), (21, 1200e3 / 3937), (22, 100e3 / 3937), (23, 3600e3 / 3937),
    (24, 5280 * 1200e3 / 3937)])
def test_units_that_the_library_does_not_convert(units, mm):
    found = read(dxf_of(lambda space, _d: space.add_circle((0, 0), 10 / mm), units))
    assert found.size_mm == pytest.approx((20, 20), rel=1e-3) and not found.left_out


def test_files_with_remarks_other_line_ends_or_in_binary_are_the_same_drawing(tmp_path):
    plain = WHOLE.decode()
    ezdxf.read(io.StringIO(plain)).saveas(tmp_path / "binary.dxf", fmt="bin")
    other_ends = plain.replace("\n", "\r\n").encode()
    for content in (other_ends, b"999\r\nmade by hand\r\n" + other_ends,
                    plain.replace("HEADER", "HEADER\n999\na remark", 1).encode(), b"\xef\xbb\xbf" + WHOLE,
                    (tmp_path / "binary.dxf").read_bytes()):
        assert kind_of(content) == "dxf"
        assert read(content).shape.area == pytest.approx(read(WHOLE).shape.area, rel=1e-6)
    with pytest.raises(ArtworkError, match="not a DXF drawing"):
        read((tmp_path / "binary.dxf").read_bytes()[:900])


def test_a_spline_that_begins_at_none_of_its_control_points_is_closed_where_it_closes():
    corners = [(0, 0), (30, 0), (40, 25), (10, 30)]
    # the uniform cubic basis: L. Piegl and W. Tiller, The NURBS Book (1997), equation 2.5 for equal knots
    t = np.linspace(0, 1, 200, endpoint=False)[:, None]
    basis = ((1 - t)**3, 3 * t**3 - 6 * t**2 + 4, -3 * t**3 + 3 * t**2 + 3 * t + 1, t**3)
    round_twice = np.array(corners * 2)
    whole = np.concatenate([sum(b * round_twice[at + k] for k, b in enumerate(basis)) / 6 for at in range(4)])

    def draw(space, _document, weights=None):
        spline = space.add_spline(degree=3)
        spline.control_points, spline.knots = [*corners, *corners[:3]], list(range(11))
        spline.weights = [1.0] * 7 if weights is None else weights

    found = read(dxf_of(draw))
    assert found.shape.area * found.tall**2 == pytest.approx(Polygon(whole).area, rel=2e-3) and not found.left_out
    low = whole.min(axis=0)
    laid = scale(found.shape, found.tall, found.tall, origin=(0, 0))
    laid = translate(laid, low[0] - laid.bounds[0], low[1] - laid.bounds[1])
    assert laid.boundary.hausdorff_distance(Polygon(whole).boundary) < 4e-4 * found.tall
    heavy = read(dxf_of(lambda space, document: draw(space, document, [1, 1, 6, 1, 1, 1, 6])))
    assert heavy.size_mm[0] > found.size_mm[0] + 1             # a heavy corner draws the curve towards it


def test_slivers_are_left_out_and_named_and_a_block_in_itself_is_refused():
    def slivers(space, _document):
        space.add_circle((0, 0), 10)
        for x in range(3):
            space.add_lwpolyline([(x, 30), (x + 0.5, 30), (x + 0.5, 30.0001), (x, 30.0001)], close=True)

    found = read(dxf_of(slivers))
    assert len(found.shape.geoms) == 1 and found.left_out == ("3 slivers too thin to cut, left out",)

    def in_itself(space, document):
        block = document.blocks.new("A")
        block.add_circle((0, 0), 3)
        block.add_blockref("A", (1, 1))
        space.add_blockref("A", (0, 0))

    with pytest.raises(ArtworkError, match="holds itself"):
        read(dxf_of(in_itself))
