"""Mixed directions and scripts against the Unicode Bidirectional Algorithm's own examples and python-bidi."""

from pathlib import Path

import pytest
from bidi.algorithm import get_display
from hypothesis import given, settings
from hypothesis import strategies as st

from vitrograph.core.artwork import set_words, shape_line
from vitrograph.core.artwork.words.faces import brought_face
from vitrograph.core.artwork.words.fontfile import read_fonts
from vitrograph.core.artwork.words.runs import missing_in, plain_line, runs_of
from vitrograph.core.job import Words

DEJAVU = Path("/usr/share/fonts/truetype/dejavu/DejaVuSans.ttf")
MIRRORED = str.maketrans("()", ")(")
needs_dejavu = pytest.mark.skipif(not DEJAVU.exists(), reason="a font with Hebrew and Arabic is wanted")


def dejavu():
    return read_fonts(DEJAVU)[0]


def seen(text):
    """The letters of a line in the order they are seen, from left to right."""
    made = []
    for run in runs_of(brought_face(dejavu()), text):
        # a bracket read from the right is drawn as its mirror image
        made += list(run.text[::-1].translate(MIRRORED) if run.right_to_left else run.text)
    return "".join(made)


@needs_dejavu
@pytest.mark.parametrize("text", [
    "Kestrel", "שלום", "Kestrel שלום Point", "שלום 2031 Kestrel", "car means CAR", "אבג (דהו) abc", "12 שלום 34"])
def test_runs_are_seen_in_the_order_of_the_algorithm(text):
    assert seen(text) == get_display(text)


@needs_dejavu
@given(st.text(alphabet="ab\u0101 \u2605\u2192\u201c\u2019\u2014\u00b7(-", min_size=1, max_size=12))
@settings(max_examples=60, deadline=None)
def test_signs_among_letters_part_no_run(text):
    """What is set at once, since nothing in it reads from the right, is parted by the font alone."""
    face = brought_face(dejavu())
    assert [run.text for run in runs_of(face, text)] == [text] and get_display(text) == text


@needs_dejavu
@given(st.text(alphabet="ab שלו12 عا.,", min_size=1, max_size=14))
@settings(max_examples=60, deadline=None)
def test_no_letter_is_lost_or_doubled_on_the_way(text):
    assert sorted(seen(text)) == sorted(text)


@needs_dejavu
def test_arabic_letters_are_joined_and_read_from_the_right():
    face = brought_face(dejavu())
    joined, apart = shape_line(face, "سلام"), [shape_line(face, letter) for letter in "سلام"]
    assert joined.width < sum(line.width for line in apart)
    first_seen, last_seen = joined.glyphs[0].letters, joined.glyphs[-1].letters
    assert "م" in first_seen and "س" in last_seen and not joined.missing
    assert not set_words(Words("سلام Kestrel", font=dejavu()), 1e-3).missing


def test_a_plain_line_is_composed_and_tells_what_it_dropped():
    assert plain_line("e\u0301\x00\tK\u2028") == ("é K", 2)


@needs_dejavu
def test_joiners_and_marks_are_never_missed():
    assert missing_in(brought_face(dejavu()), "a\u200d\u200cb\u200e\ufe0f") == ""
