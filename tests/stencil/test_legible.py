"""Tied letters stay letters: by the side each is tied on, and read by a general text recogniser where there is one."""

import io
import shutil
import subprocess
from difflib import SequenceMatcher

import numpy as np
import pytest
import shapely
from PIL import Image, ImageDraw

from specimens import job, remedied, run
from vitrograph.core.artwork.words.faces import faces
from vitrograph.core.stencil import mend_all
from vitrograph.core.stencil.tying.legible import legible_sides

READER = shutil.which("tesseract")     # Debian's tesseract-ocr
FACES = [face for face in faces() if face not in ("Symbols", "Saira Stencil One")]
WORDS = ("Marblehead", "Observatory", "paddle board", "Kestrel Point")
_PX_PER_MM, _ROUND_MM = 12, 6


@pytest.mark.parametrize(("letter", "side"), [("b", "above"), ("d", "above"), ("a", "below"), ("e", "above"),
                                              ("o", "below"), ("p", "below"), ("q", "below")])
def test_a_letter_is_opened_where_it_stays_itself(letter, side):
    plain = run(job(letter, width=20.0))
    tied = run(job(letter, width=20.0, stencil__ties__placed="auto")).sheet
    (island,) = plain.sheet.islands
    ups = [tie.at[1] - island.centroid.y for tie in tied.ties]
    assert ups[0] * (1 if side == "above" else -1) > 0


def test_of_several_crossings_the_one_under_the_island_tells_what_lies_beyond():
    """A bar hangs below the island's middle, far from where the sheet begins; beside it there is none."""
    letter = shapely.box(200, 100, 240, 140).difference(shapely.box(212, 112, 228, 128))
    bar = letter.union(shapely.box(217, 80, 223, 100))
    middles = np.array([[202.0, 106.0], [220.0, 106.0], [238.0, 106.0], [220.0, 134.0]])
    sides = np.array(["below", "below", "below", "above"])
    best, sure = legible_sides(shapely.box(212, 112, 228, 128), bar, sides, middles, np.full(4, 12.0))
    assert best == {"above"} and sure


def test_a_letter_that_reads_as_another_with_any_tie_is_named():
    def told(face):
        made = run(job("bed 8o", face=face, width=60.0, stencil__ties__placed="auto"))
        return made, [found for found in made.findings() if "may read as another" in str(found.says)]

    assert told("Barlow Bold")[1] == []
    made, (found,) = told("Fredoka SemiBold")
    assert found.says == "with its tie e may read as another letter"
    again = run(remedied(made.job, found.remedy))
    assert not again.sheet.islands and not [one for one in again.findings() if "may read" in str(one.says)]
    film = run(job("Dov", face="Zilla Slab Bold", width=26.0, stencil__kind="clear", stencil__ties__placed="auto"))
    doubts = [one for one in film.findings() if "may read" in str(one.says)]
    assert doubts and all(one.remedy is None and "by hand" in str(one.why) for one in doubts)   # no face mends that


def picture(results):
    """What is seen on the glass, in black on white, laid flat."""
    shape = shapely.transform(results.sheet.openings, results.fitted.chart.sheet_to_art)
    left, low, right, high = np.array(shape.bounds) + [-_ROUND_MM, -_ROUND_MM, _ROUND_MM, _ROUND_MM]
    made = Image.new("L", (int((right - left) * _PX_PER_MM), int((high - low) * _PX_PER_MM)), 255)
    draw = ImageDraw.Draw(made)
    for ring, ink in [(part.exterior, 0) for part in shape.geoms] + [
            (hole, 255) for part in shape.geoms for hole in part.interiors]:
        draw.polygon([((x - left) * _PX_PER_MM, (high - y) * _PX_PER_MM) for x, y in ring.coords], fill=ink)
    return made


def read(results):
    out = io.BytesIO()
    picture(results).save(out, "PNG")
    told = subprocess.run([READER, "-", "-", "--psm", "7"], input=out.getvalue(), capture_output=True, check=True)
    return told.stdout.decode().replace(" ", "").strip().casefold()


def mended(made):
    """A job after *Mend all*."""
    return made.changed(stencil__mends=mend_all(run(made).sheet, made.stencil).mends)


def named(made):
    """How many letters are told to be changed so much that they may read as others."""
    return sum(int(found.value) for found in run(made).findings() if found.code.value == "letters")


@pytest.mark.skipif(READER is None, reason="no tesseract-ocr here: nobody reads along")
@pytest.mark.parametrize(("wide", "after"), [(62.0, lambda made: made), (62.0, mended), (110.0, mended)])
def test_tied_words_are_read_as_before_in_nearly_all_letters_that_no_finding_names(wide, after):
    kept = before = 0
    for face in FACES:
        for words in WORDS:
            plain = job(words, face=face, width=wide)
            tied = after(plain.changed(stencil__ties__placed="auto"))
            wanted = words.replace(" ", "").casefold()
            alike = [sum(block.size for block in SequenceMatcher(None, wanted, read(run(made)), False)
                         .get_matching_blocks()) for made in (plain, tied)]
            before += alike[0]
            kept += min(alike[0], alike[1] + named(tied))
    assert kept >= 0.98 * before


def test_letters_that_mends_change_by_over_a_third_are_named_with_a_sturdier_face():
    plain = job("Observatory", face="Cinzel Bold", width=62.0, stencil__ties__placed="auto")
    made = run(mended(plain))
    (found,) = [one for one in made.findings() if one.code.value == "letters"]
    assert found.says == "2 letters are changed by over a third: e, t" and found.value == 2
    assert found.remedy.label == "Set the words in Barlow Bold" and found.where is not None
    assert named(remedied(made.job, found.remedy)) == named(plain) == 0, "no mends, or none that change so much"
    assert named(mended(plain.changed(stencil__kind="clear"))) == 0, "the ground's own shape is no letter"


def test_in_joined_script_a_letter_stands_as_tall_as_its_own_stem():
    tied = run(job("paddle board", face="Lobster Two", width=62.0, stencil__ties__placed="auto")).sheet
    sides = {}
    for tie in tied.ties:
        name = min(tied.fitted.marks, key=lambda mark: np.hypot(mark[1] - tie.at[0], mark[2] - tie.at[1]))
        sides.setdefault(name[0], set()).add(bool(tie.at[1] > name[2]))
    assert sides["a"] == {False} and sides["d"] == {True}, "an a beside a d is not as tall as it"


def test_a_tie_through_a_thin_letter_takes_no_more_of_it_than_a_scrap():
    # all of these small capitals is thinner than the limit, and what a tie leaves of one was once filled whole
    plain = job("paddle board", face="Cinzel Bold", width=62.0)
    areas = [sorted(part.area for part in run(made).sheet.openings.geoms)
             for made in (plain, plain.changed(stencil__ties__placed="auto"))]
    assert len(areas[0]) == 10 and len(areas[1]) >= 10 and areas[1][-10] > 0.5 * areas[0][0]
