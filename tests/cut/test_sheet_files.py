"""Sheets of film as files: HP-GL, SVG and DXF, each read back by something that is not ours."""

import io
import re
import shutil
import subprocess
from itertools import combinations, pairwise
from pathlib import Path
from xml.etree import ElementTree

import ezdxf
import numpy as np
import pytest
import resvg_py
import shapely
from PIL import Image

from specimens import PLAQUE, TUMBLER, job, remedied, run, star_job
from vitrograph.core.cut import MOST_UNITS, Wanted, cut_work, sheet_dxf, sheet_svg, to_hpgl, to_svg
from vitrograph.core.cut.files.sheet_png import sheet_png
from vitrograph.core.demo import demo_job
from vitrograph.core.faces import stretches
from vitrograph.devices.cutter import run_hpgl


def sheet_of(*jobs, **choices):
    """The first sheet of several jobs laid together, and their stencils."""
    sheets = [run(one).sheet for one in jobs]
    shared = jobs[0].changed(**{f"cut__{name}": value for name, value in choices.items()}).cut
    wanted = [Wanted(key, one.name, one.count, sheets[key]) for key, one in enumerate(jobs)]
    return cut_work(wanted, shared).runs[0], sheets


@pytest.fixture(scope="module")
def two():
    return sheet_of(job("Kestrel & <Co>", count=2, name="Open & <night>"), star_job(name="Star"), leads_itself=True)


def opened(two):
    _, sheets = two
    return 2 * sheets[0].openings.area + sheets[1].openings.area


def test_in_the_picture_each_stencils_name_stands_in_its_middle_and_near_its_foot():
    """Its letters are what differs between two pictures, with a name and without."""
    named, _ = sheet_of(star_job(name="MMMMMM"))
    plain, _ = sheet_of(star_job(name="."))
    with_name, without = (np.asarray(Image.open(io.BytesIO(sheet_png(run, "t"))).convert("L"), dtype=float)
                          for run in (named, plain))
    rows, columns = np.nonzero(np.abs(with_name - without) > 60)
    left, low, right, high = named.sheet.laid[0].shape.bounds
    scale = with_name.shape[0] / named.sheet.film.width
    assert (columns.min() + columns.max()) / 2 / scale == pytest.approx((left + right) / 2, abs=2.5)
    assert rows.size and rows.mean() > with_name.shape[0] - (low + (high - low) / 2) * scale, "in the lower half"


def test_names_of_any_script_are_shown_as_they_are():
    """Letters that a face lacks all look alike: an empty box."""
    pictures = [np.asarray(Image.open(io.BytesIO(sheet_png(sheet_of(star_job(name=name))[0], "t"))))
                for name in ("ÖÖ", "ÜÜ", "ŁŁ", "★★")]
    assert all((one != other).any() for one, other in combinations(pictures, 2))
    assert [letters for _, letters in stretches("Öl ŁŁ ★\ufffe")] == ["Öl ", "ŁŁ", " ", "★", "?"]
    assert all(Path(path).is_file() for path, _ in stretches("Öl ŁŁ ★\ufffe"))


@pytest.mark.parametrize("name", ["Ada\nLovelace", "Bell\x07", "\x00", "Tab\there", "\ufffe & <Öl>"])
def test_a_name_of_several_lines_or_with_what_no_file_can_hold_spoils_no_file(name):
    run_, sheets = sheet_of(star_job(name=name))
    told = " ".join(re.sub(r"[\x00\x07\ufffe]", " ", name).split())
    for text in (sheet_svg(run_, name), to_svg(sheets[0], name)):
        titles = [one.text or "" for one in ElementTree.fromstring(text).iter() if one.tag.endswith("title")]
        assert titles and set(titles) == {told}
    read = ezdxf.read(io.StringIO(sheet_dxf(run_, name)))
    assert read.header.custom_vars.get("Title") == told and not read.audit().errors


def test_hpgl_is_read_as_it_was_planned_in_lines_that_any_cutter_takes(two):
    run_, _ = two
    text = to_hpgl(run_.paths)
    assert max(map(len, text.encode().split(b"\n"))) < 255 and text.isascii()
    assert re.fullmatch(r"IN;\nPA;\nSP1;\n(PU\d+,\d+;\n(PD[\d,]+;\n)+)+PU0,0;\nSP0;\n", text)
    assert max(int(number) for number in re.findall(r"\d+", text)) <= MOST_UNITS
    read = run_hpgl(text).cuts
    assert len(read) == len(run_.cuts)
    for cut, tip in zip(read, run_.tips, strict=True):
        assert shapely.hausdorff_distance(shapely.LineString(cut), shapely.LineString(tip)) < 0.0177 + 1e-9


@pytest.mark.skipif(shutil.which("hp2xx") is None, reason="hp2xx is not on this computer")
def test_another_reader_of_hpgl_draws_it_at_the_same_place(two, tmp_path):
    run_, _ = two
    (tmp_path / "cut.plt").write_text(to_hpgl(run_.paths))
    subprocess.run(["hp2xx", "-q", "-t", "-m", "eps", "-f", "cut.eps", "cut.plt"], cwd=tmp_path, check=True,
                   capture_output=True, timeout=60)
    drawn = np.array([(float(x), float(y)) for x, y in re.findall(
        r"(-?[\d.]+)\s+(-?[\d.]+) D\b", (tmp_path / "cut.eps").read_text("latin-1"))])       # mm, from the lowest on
    sent = np.concatenate([path[1:] for path in run_.paths])
    assert len(drawn) > 0.9 * len(sent)
    assert np.ptp(drawn, axis=0) == pytest.approx(np.ptp(sent, axis=0), abs=0.03)
    whole = shapely.MultiPoint(sent - sent.min(axis=0))
    assert max(whole.distance(shapely.Point(point)) for point in drawn[::7] - drawn.min(axis=0)) < 0.04


def test_the_svg_has_a_group_for_each_stencil_and_a_path_for_each_kind_of_line(two):
    run_, _ = two
    text = sheet_svg(run_, "Film & <1>")
    assert text.count("<g id=") == 3 and text.count("<title>Open &amp; &lt;night&gt;</title>") == 2
    assert {"opening", "island", "edge"} <= set(re.findall(r'class="(\w+)"', text))
    wide, high = run_.sheet.used
    assert f'width="{wide:.4f}mm" height="{high:.4f}mm"' in text
    filled = text.replace('fill="none" stroke="#000000"', 'fill="#000000" fill-rule="evenodd" stroke="none"')
    without_edges = re.sub(r'<path class="edge"[^>]*/>', "", filled)
    # openings less what stays within them: kinds are told apart, so their paths are joined to be filled
    joined = re.sub(r'"/>\n<path class="opening" d="', "", without_edges)
    scale = 12
    png = resvg_py.svg_to_bytes(svg_string=joined, width=round(wide * scale), background="#ffffff", dpi=96)
    image = np.asarray(Image.open(io.BytesIO(bytes(png))).convert("L"), dtype=float)
    assert (255 - image).sum() / 255 / image.size * wide * high == pytest.approx(opened(two), rel=1.5e-3)


def test_the_dxf_has_millimetres_layers_and_arcs_as_bulges(two):
    run_, _ = two
    text = sheet_dxf(run_, "Film 1")
    drawing = ezdxf.read(io.StringIO(text))
    assert (drawing.dxfversion, drawing.header["$INSUNITS"]) == ("AC1024", 4)      # R2010; 4: millimetres
    areas = {"OPENING": 0.0, "ISLAND": 0.0, "EDGE": 0.0}
    for line in drawing.modelspace():
        assert line.dxftype() == "LWPOLYLINE" and line.closed
        flat = [(point.x, point.y) for point in ezdxf.path.make_path(line).flattening(0.001)]
        areas[line.dxf.layer] += shapely.Polygon(flat).area
    assert areas["OPENING"] - areas["ISLAND"] == pytest.approx(opened(two), rel=1e-3)
    # read a second time by its group codes alone: 10 and 20 are a vertex, 42 its bulge (DXF Reference, LWPOLYLINE)
    told = re.findall(r"AcDbPolyline\r?\n(.*?)\n *0\r?\n", text, re.DOTALL)
    codes = [[word.strip() for word in one.split("\n")] for one in told]
    bulges = [float(value) for words in codes for code, value in zip(words[::2], words[1::2], strict=False)
              if code == "42"]
    assert len(told) == len(run_.cuts)
    assert sorted(bulges) == pytest.approx(sorted(b for cut in run_.cuts for b in cut.curve.bulges if b), abs=1e-9)


def test_relief_cuts_and_marks_have_layers_of_their_own_and_are_open():
    run_, sheets = sheet_of(demo_job("ornament").changed(stencil__marks="cut", name="Gull"))
    kinds = {cut.kind for cut in run_.cuts}
    assert {"snip", "mark", "edge"} <= kinds
    lines = list(ezdxf.read(io.StringIO(sheet_dxf(run_, "x"))).modelspace())
    assert sum(line.dxf.layer == "SNIP" for line in lines) == len(sheets[0].snips) * len(run_.sheet.laid)
    assert not any(line.closed for line in lines if line.dxf.layer == "SNIP")
    for one in run_.sheet.laid:
        loose = [cut.kind in ("mark", "snip") for cut in run_.cuts if cut.whose == one.part.whose]
        assert loose == sorted(loose, reverse=True) and any(loose)


def test_what_the_blade_or_its_language_is_not_fit_for_is_told():
    long = job("Kestrel", count=24, width=90.0)
    sheet = run(long).sheet
    work = cut_work([Wanted(1, "K", 24, sheet)], long.changed(cut__mat_length=5000.0).cut)
    (found,) = work.findings
    assert found.code == "bed" and found.value > found.limit == pytest.approx(32767 / 40)
    shorter = cut_work([Wanted(1, "K", 24, sheet)], remedied(long, found.remedy).cut)
    assert not shorter.findings and max(one.sheet.used[0] for one in shorter.runs) <= found.limit
    blunt = cut_work([Wanted(1, "K", 1, sheet)], long.changed(cut__offset=4.0).cut)
    assert [one.code for one in blunt.findings] == ["blade"] and blunt.findings[0].value < 8.0
    assert "smaller than the blade can turn in" in blunt.findings[0].says.words("mm")
    turned_in = blunt.findings[0].value / 2                    # a circle of that radius is all the tip can turn in
    for offset, told in ((0.99 * turned_in, 0), (1.01 * turned_in, 1)):
        assert len(cut_work([Wanted(1, "K", 1, sheet)], long.changed(cut__offset=offset).cut).findings) == told


@pytest.mark.parametrize("marks", ["none", "cut"])
def test_passes_and_over_runs_go_over_the_same_line_again(marks):
    once, _ = sheet_of(job("K", width=30.0, stencil__marks=marks), leads_itself=True, over_run=0.0)
    twice, _ = sheet_of(job("K", width=30.0, stencil__marks=marks), leads_itself=True, over_run=1.5, passes=2)
    closed = [cut.curve.closed for cut in once.cuts]
    assert all(closed) == (marks == "none"), "ticks and the level line are open: there and back"
    assert twice.cut_mm == pytest.approx(2 * once.cut_mm + 1.5 * sum(closed), rel=1e-9)
    for plain, again in zip(once.tips, twice.tips, strict=True):
        assert shapely.hausdorff_distance(shapely.LineString(plain), shapely.LineString(again)) < 1e-6


def test_a_box_is_cut_half_the_gap_outside_each_stencil():
    run_, _ = sheet_of(job("K", width=30.0, count=2), boxes=True)
    boxes, edges = ([shapely.Polygon(cut.tip) for cut in run_.cuts if cut.kind == kind] for kind in ("box", "edge"))
    assert len(boxes) == len(edges) == 2
    for one in boxes:
        (inner,) = [edge for edge in edges if one.contains(edge)]
        assert one.exterior.distance(inner) == pytest.approx(6.0, abs=0.05)
    assert boxes[0].intersection(boxes[1]).area < 1.0


def test_one_stencil_by_itself_is_no_longer_way_than_all_by_the_shortest():
    """However it lies on its film: the way to it, and home from it, are part of the way."""
    alone, freely = (sheet_of(job("Ada & Ben", width=60.0, glass=PLAQUE, stencil__tab="upper"), by_piece=by_piece)[0]
                     for by_piece in (True, False))
    assert alone.travel_mm < 1.05 * freely.travel_mm


@pytest.mark.parametrize("by_piece", [True, False])
def test_stencil_after_stencil_or_all_by_the_shortest_way_insides_first(by_piece):
    two_and_one = job("BO", width=40.0, glass=TUMBLER, count=2), job("O", width=30.0, glass=PLAQUE)
    run_, _ = sheet_of(*two_and_one, by_piece=by_piece)
    owners = [cut.whose for cut in run_.cuts]
    changes = sum(a != b for a, b in pairwise(owners))
    assert changes == 2 if by_piece else changes >= 2
    done = [shapely.Polygon(cut.tip) for cut in run_.cuts]
    for place, inner in enumerate(done):
        spot = inner.representative_point()
        assert not any(outer.contains(spot) for outer in done[:place] if outer.area > inner.area)
