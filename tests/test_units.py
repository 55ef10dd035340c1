"""Lengths as makers type them."""

import pytest
from hypothesis import given
from hypothesis import strategies as st

from vitrograph.core.errors import LengthError
from vitrograph.core.units import format_length, format_minutes, format_number, parse_length, parse_minutes, parse_size


@pytest.mark.parametrize(("typed", "mm"), [
    ("4 5/8 in", 117.475), ('4-5/8"', 117.475), ("117.5mm", 117.5), ("11.75 cm", 117.5), ("3/8in", 9.525),
    ("85", 85), ("8,5 cm", 85), ("½ in", 12.7), ("4½\"", 114.3), (".5in", 12.7), ("1 m", 1000), ("-3 mm", -3),
    ("3 inches", 76.2), ("3''", 76.2), ("\u22122 mm", -2), ("  7  MM ", 7),
    ("8 in.", 203.2), ("85 mm.", 85), ("3+3/8 in", 85.725), ("4\u20135/8 in", 117.475), ("4 5\u20448 in", 117.475),
    ("4 5\u22158 in", 117.475), ("8 ½″", 215.9), ("8\u201d", 203.2), ("5′", 1524), ("2 feet", 609.6),
    ("1' 2 3/8\"", 365.125), ("1 ft 2 in.", 355.6), ("85 millimetres", 85), ("8.5 centimeters", 85),
    ("1.234 in", 31.3436), ("0,125 in", 3.175), ("9/8 in", 28.575),
])
def test_what_makers_type(typed, mm):
    assert parse_length(typed) == pytest.approx(mm)


@pytest.mark.parametrize("typed", [
    "", "abc", "12 apples", "1/0 in", "1e5", "3 4", "--3", "nan", "9999999", "5/", "1.2.3", "8²", "8₂ mm", "⑧",
    "1,234 mm", "1,234.5 mm", "8 9/8 in", "8 8/8", "1' 14/8 3\""])
def test_what_cannot_be_read_is_told_in_one_sentence(typed):
    with pytest.raises(LengthError) as caught:
        parse_length(typed)
    assert "\n" not in str(caught.value) and len(str(caught.value)) > 15


def test_a_bare_number_is_in_the_unit_in_use():
    assert parse_length("2", "in") == 50.8
    assert parse_length("2mm", "in") == 2


@given(sixteenths=st.integers(1, 1600))
def test_fractions_round_trip(sixteenths):
    whole, part = divmod(sixteenths, 16)
    typed = f"{whole} {part}/16 in" if part else f"{whole} in"
    assert parse_length(typed) == pytest.approx(sixteenths * 25.4 / 16, rel=1e-12)


@given(mm=st.floats(0.1, 5000), unit=st.sampled_from(["mm", "in"]))
def test_what_is_shown_can_be_typed_again(mm, unit):
    shown = format_length(mm, unit, digits=4)
    assert parse_length(shown) == pytest.approx(mm, abs=2e-3)


@pytest.mark.parametrize(("typed", "size"), [
    ("200x150mm", (200, 150)), ("8 in x 6 in", (203.2, 152.4)), ("20cm × 15cm", (200, 150)), ("20x15", (20, 15)),
    ("8 1/2 x 11in", (215.9, 279.4)), ("8½x6½ in", (215.9, 165.1)), ("8 by 6 in.", (203.2, 152.4)),
    ("8½″×6½″", (215.9, 165.1)), ("1 ft x 8 in", (304.8, 203.2)),
])
def test_sizes(typed, size):
    assert parse_size(typed) == pytest.approx(size)


@pytest.mark.parametrize("typed", ["200", "200x", "axb", "1x2x3", "x"])
def test_sizes_that_are_none(typed):
    with pytest.raises(LengthError):
        parse_size(typed)


def test_numbers_are_written_plainly():
    assert format_number(-12.0) == "\u221212"
    assert format_number(84.96, digits=0) == "85"
    assert [format_minutes(s) for s in (0, 59.2, 600, 3600)] == ["0:00", "1:00", "10:00", "1:00:00"]


@given(st.integers(0, 359_999))
def test_a_time_is_read_as_a_clock_shows_it(seconds):
    assert parse_minutes(format_minutes(seconds)) * 60 == pytest.approx(seconds, abs=1e-6)
    assert parse_minutes(f"{seconds} s") * 60 == pytest.approx(seconds, abs=1e-6)
    assert parse_minutes(f"{seconds // 60} min {seconds % 60} s") * 60 == pytest.approx(seconds, abs=1e-6)


@pytest.mark.parametrize("typed", ["", " ", "min", "-5", "2:75", "1:61:00", "1:5", "1e5", "8²", "5 mm",
                                   "9" * 70, "5 5 5"])
def test_what_is_no_time_is_told_in_one_sentence_about_times(typed):
    with pytest.raises(LengthError, match=r"^a time like 2:30,"):
        parse_minutes(typed)
