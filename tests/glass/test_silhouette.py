"""Measuring from a picture: simulated pictures of known glasses, and pictures that show none."""

from math import radians, sqrt
from pathlib import Path

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st
from PIL import Image

from specimens import FLARE_IN, LANTERN, TUMBLER
from vitrograph.core.errors import GlassError, PictureError
from vitrograph.core.glass import Sighting, apparent_radius, measure_silhouette, wall_of
from vitrograph.core.glass.picture.silhouette import _Frame
from vitrograph.core.job import BallGlass, CurvedGlass, TaperedGlass
from vitrograph.core.pictures.reading import gray_of, read_picture
from vitrograph.devices.camera import Camera

TELEPHONE = Path(__file__).parent / "files/telephone.heic"
ROUGH = {"noise": 0.02, "blur": 1.5, "uneven": 0.3}
GLASSES = {
    "tumbler": TUMBLER, "flare": FLARE_IN, "lantern": LANTERN, "wide": TaperedGlass(rim=150.0, base=50.0, height=60.0),
    "belly": CurvedGlass(stations=((0.0, 84.0), (30.0, 118.0), (68.0, 136.0), (116.0, 104.0), (158.0, 52.0),
                                   (205.0, 66.0))),
}


def profile(wall):
    s = np.linspace(0.0, wall.length, 4001)
    points = wall.in_space(np.column_stack([np.zeros_like(s), s]))
    return points[:, 2], points[:, 1]


@pytest.mark.parametrize("tilt", [0.0, 2.0, -1.3])
@pytest.mark.parametrize("name", list(GLASSES))
def test_the_profile_is_found_within_a_third_of_a_millimetre(name, tilt):
    wall = wall_of(GLASSES[name])
    z, r = profile(wall)
    picture = Camera(distance=600.0, tilt=radians(tilt), **ROUGH).photograph(wall)
    found = measure_silhouette(picture, Sighting(600.0, rim=2 * r[-1]))
    off = np.abs(found.radius - np.interp(found.z, z, r))
    assert np.percentile(off, 95) < 0.3 and found.height == pytest.approx(wall.upright, abs=0.5)
    assert np.degrees(found.tilt) == pytest.approx(tilt, abs=0.1)
    assert found.beside == (), "a plain wall has nothing beside it"
    # what the stations say goes through the same wall, and it shows where the picture shows it
    again = wall_of(CurvedGlass(stations=found.stations(0.15)))
    on_curve = np.interp(found.z, *profile(again))
    assert np.percentile(np.abs(on_curve - found.radius), 95) < 0.3


def station_wall(*stations):
    return wall_of(CurvedGlass(stations=stations, joined="parts"))


BEADED = station_wall((0.0, 62.0), (100.0, 70.0), (100.8, 75.0), (103.5, 76.0), (106.0, 73.0))
LIPPED = station_wall((0.0, 80.0), (80.0, 80.0), (140.0, 36.0), (180.0, 30.0), (183.0, 38.0), (187.0, 38.0))
STEMMED = station_wall((0.0, 66.0), (3.0, 60.0), (6.0, 10.0), (84.0, 9.0), (92.0, 40.0), (104.0, 66.0), (130.0, 78.0),
                       (190.0, 64.0))


@pytest.mark.parametrize(("wall", "rim", "beside", "low", "high"), [
    (BEADED, 76.0, "rim bead", 5.0, 97.0), (LIPPED, 38.0, "rim bead", 5.0, 176.0),
    (STEMMED, 64.0, "stem and foot", 100.0, 186.0)])
def test_the_wall_is_told_from_a_bead_a_lip_and_a_stem(wall, rim, beside, low, high):
    found = measure_silhouette(Camera(distance=600.0, **ROUGH).photograph(wall), Sighting(600.0, rim=rim))
    assert found.rim == pytest.approx(rim, abs=0.01), "what is used reproduces what was typed"
    assert [one.what for one in found.beside] == [beside]
    z, r = profile(wall)
    on_wall = (found.z > low) & (found.z < high)
    assert on_wall.sum() > 100
    assert np.abs(found.radius - np.interp(found.z, z, r))[on_wall].max() < 0.5
    assert found.height == pytest.approx(wall.upright, abs=1.0)


@pytest.mark.parametrize(("handle", "tilt"), [(12.0, 1.5), (38.0, 0.0)])
def test_a_mug_is_measured_by_its_free_side(handle, tilt):
    wall = wall_of(GLASSES["tumbler"])
    z, r = profile(wall)
    picture = Camera(distance=600.0, tilt=radians(tilt), handle=handle, **ROUGH).photograph(wall)
    found = measure_silhouette(picture, Sighting(600.0, rim=2 * r[-1]))
    assert [one.what for one in found.beside] == ["handle"]
    assert np.percentile(np.abs(found.radius - np.interp(found.z, z, r)), 95) < 0.5


@given(distance=st.floats(300.0, 900.0), share=st.floats(0.985, 1.015))
@settings(max_examples=6, deadline=None)
def test_what_is_used_reproduces_the_rim_that_was_typed(distance, share):
    # whatever the maker's distance is off by, and however little two distances differ
    picture = Camera(distance=distance, mm_per_px=0.2).photograph(BEADED)
    try:
        found = measure_silhouette(picture, Sighting(distance * share, rim=76.0))
    except GlassError as refused:
        assert "no scale was found" in str(refused)
    else:
        assert found.rim == pytest.approx(76.0, abs=0.01)
        assert found.radius[len(found.radius) // 2] == pytest.approx(33.0, abs=1.0)


@pytest.mark.parametrize(("name", "lens"), [("tumbler", -0.01), ("belly", 0.008)])
def test_what_radii_may_be_off_by_holds_where_the_lens_bends_lines(name, lens):
    wall = wall_of(GLASSES[name])
    z, r = profile(wall)
    picture = Camera(distance=600.0, lens=lens, **ROUGH).photograph(wall)
    found = measure_silhouette(picture, Sighting(600.0, rim=2 * r[-1]))
    off = np.abs(found.radius - np.interp(found.z * wall.upright / found.height, z, r))
    assert (off <= found.error + 0.1).mean() > 0.9
    assert found.error.max() < 0.02 * r.max(), "and is no excuse for everything"


def test_the_camera_sees_a_round_wall_wider_than_it_is():
    # the line of sight from distance d touches a circle of radius r where it is r d / sqrt(d² - r²) wide
    assert apparent_radius(40.0, 500.0) == pytest.approx(500 * 40 / sqrt(500**2 - 40**2))
    found = Camera(distance=400.0)._outline(wall_of(LANTERN), 70.0)
    assert found[1][len(found[1]) // 2] == pytest.approx(apparent_radius(49.0, 400.0), abs=0.01)


def test_a_marked_length_gives_the_scale_and_marks_give_the_axis():
    picture = Camera(distance=500.0, tilt=radians(1.0)).photograph(wall_of(LANTERN))
    rows, columns = picture.shape
    lean = np.tan(radians(1.0)) * 400
    axis = ((columns / 2 - 0.5 + lean, 100.0 + rows / 2 - 500), (columns / 2 - 0.5 - lean, 900.0 + rows / 2 - 500))
    found = measure_silhouette(picture, Sighting(500.0, length=((0.0, 0.0), (800.0, 0.0), 80.0), axis=axis))
    assert found.radius[200] == pytest.approx(49.0, abs=0.05)
    assert abs(np.degrees(found.tilt)) == pytest.approx(1, abs=0.2)


@pytest.mark.parametrize(("sighting", "error", "sentence"), [
    (Sighting(600.0), GlassError, "one size must be known"),
    (Sighting(40.0, rim=90.0), GlassError, "the camera would stand inside the glass"),
    (Sighting(600.0, length=((5.0, 5.0), (6.0, 5.0), 80.0)), GlassError, "lie on each other"),
    (Sighting(600.0, rim=90.0, axis=((5.0, 5.0), (60.0, 6.0))), GlassError, "must stand above each other"),
])
def test_what_cannot_be_known_of_a_picture_is_told(sighting, error, sentence):
    picture = Camera(mm_per_px=0.4).photograph(wall_of(TUMBLER))
    with pytest.raises(error, match=sentence):
        measure_silhouette(picture, sighting)


def no_glass(kind):
    noise = np.random.default_rng(3).random((400, 300)).astype(np.float32)
    ball = Camera(mm_per_px=0.2).photograph(wall_of(BallGlass()))
    return {"plain": np.full((400, 300), 0.7, np.float32), "noise": noise, "small": ball[:20, :20], "ball": ball}[kind]


@pytest.mark.parametrize("kind", ["plain", "noise", "small", "ball"])
def test_a_picture_with_no_glass_in_it_is_told_in_one_sentence(kind):
    with pytest.raises(PictureError, match=r"no glass was found|too small|like a ball"):
        measure_silhouette(no_glass(kind), Sighting(600.0, rim=80.0))


def test_pictures_are_read_upright_whatever_their_pixels(tmp_path):
    gray = (np.linspace(0, 1, 60)[:, None] * np.ones((1, 40)) * 255).astype(np.uint8)
    Image.fromarray(gray).convert("RGB").save(tmp_path / "plain.png")
    turned = Image.fromarray(gray).transpose(Image.Transpose.ROTATE_90).convert("RGB")
    exif = Image.Exif()
    exif[0x0112] = 6                                          # "turn me a quarter clockwise" (EXIF 2.3, Orientation)
    turned.save(tmp_path / "turned.png", exif=exif)
    Image.fromarray(gray.astype(np.uint16) * 257).save(tmp_path / "deep.png")
    Image.fromarray(gray).convert("P").save(tmp_path / "palette.png")
    Image.fromarray(gray).convert("CMYK").save(tmp_path / "cmyk.tif")
    Image.fromarray(gray).convert("RGB").save(tmp_path / "new.avif")
    (tmp_path / "telephone.jpg").write_bytes(TELEPHONE.read_bytes())     # drawn here, and turned likewise
    for name in ("plain.png", "turned.png", "deep.png", "palette.png", "cmyk.tif", "new.avif", "telephone.jpg"):
        np.testing.assert_allclose(gray_of(read_picture(tmp_path / name)), gray / 255, atol=0.02, err_msg=name)


def test_pictures_that_cannot_be_read_are_told_in_one_sentence(tmp_path):
    whole = tmp_path / "whole.png"
    Image.new("L", (300, 200)).save(whole)
    (tmp_path / "short.png").write_bytes(whole.read_bytes()[:-40])
    (tmp_path / "short.heic").write_bytes(TELEPHONE.read_bytes()[:-40])
    (tmp_path / "words.jpg").write_text("not a picture")
    (tmp_path / "empty.webp").write_bytes(b"")
    for name, side in (("huge.png", 20_000), ("large.png", 12_000)):     # small files that unpack to far more
        Image.new("1", (side, side)).save(tmp_path / name)
    for name, sentence in (("short.png", "cut short"), ("short.heic", "cut short"), ("words.jpg", "not a picture"),
                           ("empty.webp", "not a picture"),
                           ("huge.png", "far too many pixels"), ("large.png", "12000 x 12000 pixels: .* 120 million"),
                           ("none.png", "could not be opened")):
        with pytest.raises(PictureError, match=sentence):
            read_picture(tmp_path / name)
    Image.new("L", (2000, 1000)).save(tmp_path / "large.jpg")
    assert read_picture(tmp_path / "large.jpg", 500_000).size == (1000, 500)


@given(lean=st.floats(-0.5, 0.5), x=st.floats(-50, 50), y=st.floats(-50, 50))
def test_a_leaning_frame_keeps_lengths_and_comes_back(lean, x, y):
    frame = _Frame((200.0, 300.0), lean)
    there = frame.from_pixels(np.array([[200.0 + x, 300.0 + y]]))
    assert np.hypot(*there[0]) == pytest.approx(np.hypot(x, y), abs=1e-9)        # a turn, and no other map
    assert frame.to_pixels(there, 1.0)[0] == pytest.approx((200.0 + x, 300.0 + y), abs=1e-9)
