"""Tracing of rendered shapes whose truth is known; levels against scikit-image; pictures of every kind."""

import io
from math import ceil

import numpy as np
import pytest
import resvg_py
import shapely
from hypothesis import given, settings
from hypothesis import strategies as st
from PIL import Image, ImageDraw
from scipy.ndimage import gaussian_filter
from shapely.affinity import rotate, scale, translate
from shapely.geometry import MultiPolygon, Point
from skimage.filters import threshold_otsu

from vitrograph.core.artwork import bring, set_words
from vitrograph.core.artwork.tracing import otsu, trace
from vitrograph.core.errors import ArtworkError
from vitrograph.core.job import Drawing, TraceChoices, Words

PX = 25.4 / 300                    # mm, at 300 dots to the inch
MARGIN = 2.0


def letters(text, face, size):
    shapes = set_words(Words(text, face), 1e-5).shapes
    return scale(shapely.union_all(list(shapes)), size, size, origin=(0, 0))


TRUTHS = {
    "circle": Point(0, 0).buffer(9.03, quad_segs=2000), "turned square": rotate(shapely.box(0, 0, 14.2, 14.2), 23),
    "letters": letters("Kestrel\nR&g2", "Zilla Slab Bold", 14.0), "script": letters("Point", "Lobster Two", 14.0),
}


def rendered(shape, *, noise=0.0, blur=0.0):
    """A PNG of a shape in mm at 300 dpi by an independent renderer, grey and noisy like a scan if asked."""
    left, low, right, high = shape.bounds
    wide, tall = (ceil((side + 2 * MARGIN) / PX) for side in (right - left, high - low))
    rings = shapely.get_rings(shapely.get_parts(shape))
    data = "".join("M" + "L".join(f"{x - left + MARGIN:.6f},{high + MARGIN - y:.6f}" for x, y in ring.coords[:-1]) + "Z"
                   for ring in rings)
    page = (f'<svg xmlns="http://www.w3.org/2000/svg" width="{wide}" height="{tall}" '
            f'viewBox="0 0 {wide * PX} {tall * PX}"><rect width="100%" height="100%" fill="#fff"/>'
            f'<path fill-rule="evenodd" d="{data}"/></svg>')
    pixels = np.asarray(Image.open(io.BytesIO(bytes(resvg_py.svg_to_bytes(svg_string=page)))).convert("L"), dtype=float)
    if noise:
        pixels = gaussian_filter(60 + pixels / 255 * 150, blur)
        pixels = pixels + np.random.default_rng(1).normal(0, noise, pixels.shape)
    out = io.BytesIO()
    Image.fromarray(np.clip(pixels, 0, 255).astype(np.uint8)).save(out, "PNG", dpi=(300, 300))
    return out.getvalue()


def traced_over(shape, **rough):
    """The tracing, and its shape laid over the truth."""
    found = trace(rendered(shape, **rough), TraceChoices())
    left, _, _, high = shape.bounds
    return found, translate(found.shape(0.002), left - MARGIN, high + MARGIN)


def apart(made, truth):
    """Distances (mm) of points along one outline from the other."""
    outline, other = shapely.boundary(made), shapely.boundary(truth)
    points = shapely.line_interpolate_point(outline, np.arange(0, outline.length, 0.05)) if outline.geom_type == (
        "LineString") else np.concatenate([shapely.line_interpolate_point(line, np.arange(0, line.length, 0.05))
                                           for line in outline.geoms])
    shapely.prepare(other)
    return shapely.distance(points, other)


@pytest.mark.parametrize("name", list(TRUTHS))
def test_a_clean_rendering_is_traced_to_a_tenth_of_a_pixel(name):
    found, made = traced_over(TRUTHS[name])
    off = apart(made, TRUTHS[name])
    assert off.mean() <= 0.008 and np.mean(off <= 0.03) >= 0.99
    assert found.nodes <= found.pixel_nodes / 10


@pytest.mark.parametrize("name", list(TRUTHS))
def test_a_grey_and_noisy_scan_is_traced_within_a_third_of_a_pixel(name):
    found, made = traced_over(TRUTHS[name], noise=8.0, blur=1.0)
    assert apart(made, TRUTHS[name]).mean() <= 0.03
    assert found.nodes <= found.pixel_nodes / 10


def sharp_corners(shape):
    """Places where a shape's outline turns by more than 40 degrees between sides of a millimetre or more."""
    found = []
    for ring in shapely.get_rings(shapely.get_parts(shape)):
        points = shapely.get_coordinates(ring)[:-1]
        before, after = points - np.roll(points, 1, axis=0), np.roll(points, -1, axis=0) - points
        turn = np.arctan2(before[:, 0] * after[:, 1] - before[:, 1] * after[:, 0], (before * after).sum(axis=1))
        long = np.minimum(np.hypot(*before.T), np.hypot(*after.T)) > 1.0
        found.append(points[(np.abs(turn) > np.radians(40)) & long])
    return np.concatenate(found)


@pytest.mark.parametrize("name", ["turned square", "letters"])
def test_true_corners_are_kept(name):
    found, _ = traced_over(TRUTHS[name])
    left, _, _, high = TRUTHS[name].bounds
    nodes = np.concatenate([curve.pieces[:, 0] for curve in found.curves])
    nodes = (nodes + 0.5) * [PX, -PX] + [left - MARGIN, high + MARGIN]
    corners = sharp_corners(TRUTHS[name])
    assert len(corners) >= 4
    assert np.hypot(*(nodes[None] - corners[:, None]).transpose(2, 0, 1)).min(axis=1).max() < 0.08


@given(st.lists(st.tuples(st.integers(0, 255), st.integers(1, 400)), min_size=2, max_size=12))
@settings(max_examples=60)
def test_otsus_threshold_parts_the_greys_as_scikit_images_does(runs):
    values = np.concatenate([np.full(count, level, dtype=np.uint8) for level, count in runs])
    if len(np.unique(values)) < 2:
        return
    ours, theirs = otsu(values[None].astype(np.float32) / 255) * 255, threshold_otsu(values)

    def between(threshold):
        low, high = values[values <= threshold].astype(float), values[values > threshold].astype(float)
        return len(low) * len(high) * (low.mean() - high.mean()) ** 2

    assert between(ours) == pytest.approx(between(theirs), rel=1e-9)


def picture_file(pixels, kind="PNG", **saved):
    out = io.BytesIO()
    Image.fromarray(pixels).save(out, kind, **saved)
    return out.getvalue()


def bar(dark=20, light=235):
    pixels = np.full((120, 160), light, np.uint8)
    pixels[30:90, 20:140] = dark
    return pixels


def traced(content, **choices):
    return bring(Drawing("x.png", content, "picture", trace=TraceChoices(**choices)), 1e-3)


def variants():
    gray = bar()
    rgba = np.zeros((120, 160, 4), np.uint8)
    rgba[30:90, 20:140, 3] = 255
    several = [Image.fromarray(gray), Image.fromarray(255 - gray)]
    animated = io.BytesIO()
    several[0].save(animated, "WEBP", save_all=True, append_images=several[1:], lossless=True)
    exif = Image.Exif()
    exif[0x0112] = 6
    return {
        "png": picture_file(gray), "jpeg": picture_file(gray, "JPEG", quality=95), "tiff": picture_file(gray, "TIFF"),
        "see-through": picture_file(rgba), "16 bit": picture_file(gray.astype(np.uint16) * 257),
        "palette": picture_file(np.asarray(Image.fromarray(gray).convert("P"))), "animated": animated.getvalue(),
        "cmyk": _cmyk(gray),
        "turned": picture_file(np.rot90(gray).copy(), exif=exif),
    }


def _cmyk(gray):
    out = io.BytesIO()
    Image.fromarray(gray).convert("CMYK").save(out, "TIFF")
    return out.getvalue()


@pytest.mark.parametrize("kind", list(variants()))
def test_pictures_of_every_kind_give_the_same_shape(kind):
    found = traced(variants()[kind])
    assert found.width == pytest.approx(2.0, rel=0.02) and found.shape.area == pytest.approx(2.0, rel=0.02)
    assert found.size_mm == pytest.approx((120 * PX, 60 * PX), rel=0.02)


def test_uneven_light_specks_and_a_chosen_background():
    y, x = np.mgrid[0:300, 0:400]
    shade = 0.35 + 0.65 * x / 400
    page = np.where((np.abs(x - 200) < 120) & (np.abs(y - 150) < 60), 0.3, 1.0) * shade
    page[20:22, 30:32] = 0.0
    content = picture_file((255 * page).astype(np.uint8))
    assert len(traced(content, even_light=True).shape.geoms) == 1         # the speck of 2 px is left out
    assert traced(content, even_light=True).shape.area == pytest.approx(2.0, rel=0.03)
    assert len(traced(content, even_light=True, speck=0.1).shape.geoms) == 2
    assert traced(content).shape.area != pytest.approx(2.0, rel=0.1)      # the shadow is taken for ink
    colours = np.full((120, 160, 3), (250, 240, 200), np.uint8)
    colours[30:90, 20:140] = (240, 160, 90)
    assert traced(picture_file(colours), background=("#faf0c8",)).width == pytest.approx(2.0, rel=0.02)
    assert traced(picture_file(bar()), light_frosts=True).width == pytest.approx(160 / 120, rel=0.02)


def sticker(paper: int, ink: int, surround: tuple[int, int, int, int] = (0, 0, 0, 0)) -> bytes:
    """A disc of paper with a square of ink on it, on a see-through ground."""
    image = Image.new("RGBA", (240, 200), surround)
    pen = ImageDraw.Draw(image)
    pen.ellipse((20, 10, 200, 190), fill=(paper, paper, paper, 255))
    pen.rectangle((90, 80, 130, 120), fill=(ink, ink, ink, 255))
    return picture_file(np.asarray(image))


def test_transparency_is_read_only_where_it_alone_carries_the_shape():
    plain = trace(sticker(230, 235), TraceChoices(dpi=254))
    assert plain.by_opacity and plain.shape(0.01).area == pytest.approx(np.pi * 9**2, rel=0.02)
    drawn = trace(sticker(245, 20), TraceChoices(dpi=254))
    assert not drawn.by_opacity and drawn.shape(0.01).area == pytest.approx(4.1**2, rel=0.02)


def test_a_typed_threshold_changes_what_is_traced_by_opacity():
    image = Image.new("RGBA", (200, 100), (0, 0, 0, 0))
    for number in range(200):
        image.paste((0, 0, 0, round(number * 255 / 199)), (number, 10, number + 1, 90))
    content = picture_file(np.asarray(image))
    wide = [trace(content, TraceChoices(dpi=254, threshold=at)).shape(0.01).area for at in (0.25, 0.5, 0.75)]
    assert wide == pytest.approx([0.25 * 160, 0.5 * 160, 0.75 * 160], rel=0.03), "as if black on white"


def test_a_slanting_scan_is_straightened_and_a_simple_outline_has_fewer_nodes():
    turned = Image.fromarray(bar()).rotate(7, fillcolor=235, resample=Image.Resampling.BICUBIC)
    level = traced(picture_file(np.asarray(turned)), turn=-np.radians(7))
    assert level.shape.area == pytest.approx(level.width, rel=0.02)        # it fills its box again
    content = rendered(TRUTHS["letters"], noise=8.0, blur=1.0)
    faithful, simple = (trace(content, TraceChoices(simplify=mm)) for mm in (0.0, 0.3))
    assert simple.nodes < 0.8 * faithful.nodes


def test_halftone_lines_are_never_too_thin_to_cut_and_keep_the_tone():
    ramp = np.tile(np.linspace(0, 255, 400).astype(np.uint8), (300, 1))
    found = trace(picture_file(ramp), TraceChoices(tones="lines", line_pitch=1.6, line_least=0.4))
    bars = found.shape(0.001)
    assert bars.buffer(-0.18, join_style="mitre").area > 0.4 * bars.area
    widths = [part.bounds[3] - part.bounds[1] for part in bars.geoms]
    assert min(widths) >= 0.4 - 1e-6 and max(widths) <= 1.2 + 1e-6
    middle = bars.intersection(shapely.box(190 * PX, -300 * PX, 210 * PX, 0)).area / (20 * 300 * PX**2)
    assert middle == pytest.approx(0.5, abs=0.06)


@pytest.mark.parametrize(("content", "choices", "sentence"), [
    (picture_file(np.full((50, 50), 90, np.uint8)), {}, "all one tone"),
    (picture_file(bar()), {"speck": 20.0}, "nothing is left to trace"),
    (picture_file(bar()), {"background": ("bluish",)}, "is not a colour"),
    (picture_file(np.full((90, 90), 250, np.uint8)), {"tones": "lines"}, "no line of the halftone"),
    (picture_file(bar())[:60], {}, "cut short"), (b"\x89PNG\r\n\x1a\n", {}, "damaged|not a picture"),
])
def test_a_picture_that_gives_no_shape_is_told_in_one_sentence(content, choices, sentence):
    with pytest.raises(ArtworkError, match=sentence) as told:
        traced(content, **choices)
    assert "\n" not in str(told.value)


def test_a_traced_shape_has_holes_and_islands_where_the_picture_has():
    pixels = np.full((200, 200), 255, np.uint8)
    for low, high, tone in ((20, 180, 0), (50, 150, 255), (80, 120, 0)):
        pixels[low:high, low:high] = tone
    shape = traced(picture_file(pixels)).shape
    assert isinstance(shape, MultiPolygon) and len(shape.geoms) == 2
    assert sum(len(part.interiors) for part in shape.geoms) == 1
    assert shape.area == pytest.approx((160**2 - 100**2 + 40**2) / 160**2, rel=0.01)
