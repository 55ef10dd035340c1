"""The packet's pictures, drawn on a canvas that only remembers: what is where, and how large."""

import re
from itertools import combinations, pairwise

import numpy as np
import pytest
import shapely
from reportlab.pdfbase.pdfmetrics import stringWidth

from specimens import CARAFE, LANTERN, PLAQUE, TUMBLER, finished, job, star_job
from vitrograph.core.glass import wall_of
from vitrograph.core.job import Features
from vitrograph.core.paper.packet.book import Book
from vitrograph.core.paper.packet.packet import draw_packet
from vitrograph.core.paper.packet.pictures import (
    bed,
    collar_pattern,
    finished_pattern,
    placed,
    pressed_first,
    weeding_pattern,
)
from vitrograph.core.paper.packet.pictures import finished as finished_picture
from vitrograph.core.paper.stencils import band_of
from vitrograph.core.paper.tiles import Pattern, draw_pattern, together
from vitrograph.core.transfer import Surroundings, collar_of


class Path:
    def __init__(self):
        self.points = []

    def moveTo(self, x, y):
        self.points.append((x, y))

    lineTo = moveTo  # noqa: N815

    def close(self):
        pass

    def rect(self, x, y, wide, high):
        self.points += [(x, y), (x + wide, y + high)]


class Memory:
    """A canvas as reportlab's: keeps lines, circles, rectangles, words and filled paths where they lie in the end."""

    def __init__(self):
        self.at, self.stack, self.grey = np.eye(3), [], 0.0
        self.reach = 0.0
        self.lines, self.circles, self.rects, self.words, self.filled, self.pages = [], [], [], [], [], 0
        self.middles, self.stroked, self.sizes = [], [], []    # sizes of the words, mm as they are written

    def seen(self, *places):
        return np.array([(self.at @ [x, y, 1.0])[:2] for x, y in places])

    def saveState(self):
        self.stack.append(self.at)

    def restoreState(self):
        self.at = self.stack.pop()

    def translate(self, x, y):
        self.at = self.at @ np.array([[1, 0, x], [0, 1, y], [0, 0, 1.0]])

    def scale(self, x, y):
        self.at = self.at @ np.diag([x, y, 1.0])

    def setPageSize(self, size):
        self.at, self.stack = np.eye(3), []

    def showPage(self):
        self.pages += 1

    def setFillGray(self, grey):
        self.grey = grey

    def line(self, x0, y0, x1, y1):
        self.lines.append(self.seen((x0, y0), (x1, y1)))

    def rect(self, x, y, wide, high, stroke=1, fill=0):
        self.rects.append(self.seen((x, y), (x + wide, y + high)))

    def circle(self, x, y, radius, stroke=1, fill=0):
        self.circles.append(self.seen((x, y))[0])

    def beginPath(self):
        return Path()

    def drawPath(self, path, stroke=1, fill=0, fillMode=1):  # noqa: N803
        if path.points:
            (self.filled if fill else self.stroked).append((self.grey, self.seen(*path.points)))

    def clipPath(self, path, stroke=0, fill=0):
        pass

    def setFont(self, name, size):
        self.font = (name, size)

    def drawString(self, x, y, words):
        wide = stringWidth(words, *self.font)
        self.words.append((words, self.seen((x, y))[0]))
        self.sizes.append(self.font[1])
        self.middles.append((words, self.seen((x + wide / 2, y))[0]))
        self.reach = max(self.reach, self.seen((x + wide, y))[0][0])

    def __getattr__(self, name):
        return lambda *_args, **_kwargs: None


def drawn(draw):
    canvas = Memory()
    draw(canvas)
    return canvas


def test_a_weeding_sheet_has_a_hook_a_pull_and_a_number_for_every_bit():
    piece = finished(job("Kestrel 8", width=70.0)).pieces[0]
    pattern = weeding_pattern(piece.sheet, piece.weed, 0, "K")
    canvas = drawn(pattern.draw)
    pulls = piece.weed.pull[1:]
    assert np.array(canvas.circles) == pytest.approx(np.array([bit.pull.hook for bit in pulls]))
    for bit in pulls:
        way = np.array([np.cos(bit.pull.direction), np.sin(bit.pull.direction)])
        ends = [line for line in canvas.lines if np.hypot(*(line[0] - bit.pull.hook)) < 1e-9]
        assert any(1.4 < (line[1] - line[0]) @ way == pytest.approx(np.hypot(*(line[1] - line[0]))) for line in ends)
    told = dict(canvas.middles)
    assert set(told) == {str(bit.number) for bit in piece.weed.bits[1:]}
    for words, at in canvas.middles:                           # a white patch round each number, which covers no letter
        patch = min(canvas.rects, key=lambda rect: float(np.hypot(*(rect.mean(axis=0) - at))))
        low, high = patch
        assert high[1] - low[1] == pytest.approx(3.0) and (low[0] + high[0]) / 2 == pytest.approx(at[0])
        assert at[1] - low[1] == pytest.approx(0.42, abs=0.01)     # the digits stand in its middle
        assert high[0] - low[0] == pytest.approx(1.8 * len(words))
        assert not shapely.box(*low, *high).intersects(piece.sheet.openings)
    greys = [grey for grey, _ in canvas.filled[:3]]
    assert greys == [0.82, 1.0, 0.55]                          # film, what is pulled, what stays
    two = finished(job("Hi\n\nYo", glass=CARAFE, width=40.0, fit__from_rim=40.0, fit__rows=2)).pieces[0]
    for film, outline in enumerate(two.sheet.outlines):        # nothing of the other film is on its page
        page = drawn(weeding_pattern(two.sheet, two.weed, film, "Two").draw)
        assert len(page.stroked) > 1 and all(outline.buffer(0.01).contains(shapely.MultiPoint(points))
                                             for _, points in [*page.stroked, *page.filled])
    left, low, right, high = pattern.box
    assert all(left <= x <= right and low <= y <= high for _, points in canvas.filled for x, y in points)


def test_where_edges_are_pressed_first_is_numbered_beside_the_letters_at_its_place():
    piece = finished(job("Kestrel\nPoint", face="Cinzel Bold", glass=CARAFE, width=60.0)).pieces[0]
    risks = piece.demands.seal.risks[:5]
    tall, draw = pressed_first(piece.sheet, risks, 80.0, 50.0)
    canvas = drawn(draw)
    art = np.concatenate([points for grey, points in canvas.filled if grey == 1.0])
    left, low, right, _ = piece.sheet.openings.bounds
    scale = np.ptp(art[:, 0]) / (right - left)
    openings = shapely.transform(piece.sheet.openings, lambda xy: (xy - [left, low]) * scale + art.min(axis=0))
    places = [(np.array(risk.where) - [left, low]) * scale + art.min(axis=0) for risk in risks]
    assert np.array(canvas.circles) == pytest.approx(np.array(places), abs=1e-6) and len(places) == 5
    assert [words for words, _ in canvas.middles] == list("12345")
    assert not any(shapely.box(*rect[0], *rect[1]).intersects(openings) for rect in canvas.rects)
    seen = np.concatenate([points for _, points in [*canvas.filled, *canvas.stroked]])
    assert (seen >= 0).all() and (seen <= [80.0, tall]).all() and tall <= 50.0 and np.ptp(seen[:, 0]) > 70
    decal = finished(star_job(stencil__kind="decal")).pieces[0]
    canvas = drawn(pressed_first(decal.sheet, decal.demands.seal.risks, 80.0, 50.0)[1])
    spots = np.array(canvas.circles)                           # the star's tips: its numbers lie outside of it
    star = shapely.Polygon(spots[np.argsort(np.arctan2(*(spots - spots.mean(axis=0)).T))])
    assert len(spots) == 5 and not any(star.contains(shapely.Point(*at)) for _, at in canvas.middles)


@pytest.mark.parametrize(("width", "beside"), [(30.0, True), (80.0, False)])
def test_the_finished_picture_is_there_twice_at_true_size_and_small_in_its_box(width, beside):
    sheet = finished(star_job(width=width)).pieces[0].sheet
    pattern = finished_pattern(sheet, "Star")
    (_, dark), (_, light) = drawn(pattern.draw).filled[1::2]   # each after the film it is on
    assert np.ptp(dark, axis=0) == pytest.approx(np.ptp(np.reshape(sheet.openings.bounds, (2, 2)), axis=0))
    left, low, right, high = sheet.outline.bounds
    apart = [right - left + 8, 0.0] if beside else [0.0, low - high - 8]     # what is too wide for a page lies below
    assert light - dark == pytest.approx(np.tile(apart, (len(dark), 1)))
    assert pattern.box == pytest.approx((left, low + apart[1], right + apart[0], high))
    small = drawn(finished_picture(sheet, 50.0, 40.0))
    points = np.concatenate([shape for _, shape in small.filled])
    assert points.min() >= -1e-9 and points[:, 0].max() <= 50 + 1e-9
    assert points[:, 1].max() == pytest.approx(40.0)           # it hangs from the top


@pytest.mark.parametrize("angle", [0.0, 1.2])
@pytest.mark.parametrize("glass", [TUMBLER, LANTERN, PLAQUE, CARAFE])
def test_a_film_is_pictured_on_its_glass_within_the_box_and_to_scale(glass, angle):
    """One looks at it from straight before it, wherever it stands round the glass."""
    piece = finished(job("Hi", width=24.0, glass=glass, fit__from_rim=50.0, fit__angle=angle,
                         stencil__border=9.0)).pieces[0]
    setting, wall = piece.transfer.settings[0], wall_of(glass)
    canvas = drawn(placed(piece.sheet, setting, wall, 80.0, 62.0))
    points = np.concatenate(canvas.lines)
    assert points.min() >= -1e-6 and points[:, 0].max() <= 80 and points[:, 1].max() <= 62 + 1e-6
    high = np.ptp(points[:, 1])
    (_, film), = canvas.filled
    scale = high / wall.upright
    assert film[:, 1].min() - points[:, 1].min() == pytest.approx(
        (setting.placing.lower.up - wall.stands) * scale, abs=0.6)
    assert np.ptp(film[:, 0]) < 80 - 44 and film[:, 0].mean() == pytest.approx(40.0, abs=1.5)


def test_the_bed_is_pictured_as_it_lies_with_its_stencils_numbers():
    done = finished(job("BO", count=3))
    run = done.cut.runs[0]
    high, draw = bed(run, 150.0)
    canvas = drawn(draw)
    scale = 150.0 / min(run.sheet.film.length, 1.15 * run.sheet.used[0])
    assert high == pytest.approx(run.sheet.film.width * scale)
    for number, one in enumerate(run.sheet.laid, start=1):
        spot = next(at for words, at in canvas.middles if words == str(number))
        assert spot == pytest.approx(np.array(one.shape.centroid.coords[0]) * scale)
    # the cut-off line stands where the used film ends
    ends = [line for line in canvas.lines if line[0][1] == 0 and line[1][1] == pytest.approx(high)]
    assert any(line[:, 0] == pytest.approx([run.sheet.used[0] * scale] * 2) for line in ends)


def test_a_collar_is_drawn_with_its_windows_crossed_and_named():
    piece = finished(job("Hi", width=30.0, fit__from_rim=40.0)).pieces[0]
    collar = collar_of(piece.transfer.settings, Surroundings(piece.wall, piece.job.glass, piece.job.features))
    canvas = drawn(collar_pattern(collar, "Mug").draw)
    for mark in collar.marks:
        crossing = [line for line in canvas.lines if line.mean(axis=0) == pytest.approx(np.array(mark.at), abs=1e-9)]
        assert len(crossing) == (2 if mark.window else 1)
        assert any(words == mark.name and abs(at[0] - mark.at[0]) < 1e-9 for words, at in canvas.middles)


def test_words_keep_to_the_page_and_every_size_on_it_is_the_films_own():
    done = finished(job("Hi\n\nYo", name="Two", glass=CARAFE, width=40.0, fit__from_rim=40.0, fit__rows=2))
    canvas = Memory()
    draw_packet(canvas, done, "A4")
    spots = np.array([at for _, at in canvas.words]) / (72 / 25.4)
    assert spots.min() > 5 and (spots < [297, 297]).all()
    upright = Memory()
    long = job("O", name="A piece with a name as long as a line of this page would be", width=20.0,
               face="Cinzel Bold", features=Features(on_it="paint"))
    draw_packet(upright, finished(long), "A4")
    of_words = np.concatenate(canvas.lines) / (72 / 25.4)
    assert of_words.min() > 0 and {"Film 1 of 2", "Film 2 of 2"} <= {words for words, _ in canvas.words}
    assert upright.reach / (72 / 25.4) <= 297 - 14.9           # no line of words runs into the margin
    said = " ".join(words for words, _ in canvas.words)
    lower, upper = [f"{right - left:.0f} mm by {high - low:.0f} mm" for left, low, right, high in (
        outline.bounds for outline in done.pieces[0].sheet.outlines)]
    assert f"Film: {lower}; {upper}" in said
    assert "Two, film 1" in said and "Two, film 2" in said and "Two, film 3" not in said
    by_line = [at for words, at in canvas.words if words.startswith("Watch") or words.startswith("Glass:")]
    assert all(lower[1] < upper[1] for upper, lower in pairwise(by_line)) or len(by_line) < 2


def test_a_page_of_words_has_its_boxes_beside_them_and_its_foot_below():
    canvas = Memory()
    book = Book(canvas, "A4", "mm", "Open night")
    book.page("Dome: weed")
    for number in range(30):
        book.step(f"Step {number}", "and a note", "mind it")
    book.beside(40.0, lambda canvas: canvas.rect(0, 0, 50.0, 40.0), 50.0, ["First", "Second"])
    book.table([("pull", "how"), *((str(number), "slowly") for number in range(60))], (1, 2), boxed=True)
    book.close()
    mm = 72 / 25.4
    boxes = [rect / mm for rect in canvas.rects if np.ptp(rect[:, 0]) / mm < 5]
    for words, at in canvas.words:
        if words.startswith("Step") or words == "slowly":      # its box is at its own height, beside it
            assert any(low[1] - 1 < at[1] / mm < high[1] + 0.5 for low, high in boxes), words
    pages = canvas.pages
    feet = [at / mm for words, at in canvas.words if words.startswith("Open night, page")]
    assert len(feet) == pages > 2 and {round(y, 3) for _, y in feet} == {11.0}
    others = [at / mm for words, at in canvas.words if not words.startswith("Open night, page")]
    assert min(y for _, y in others) > 20 and all(x >= 15 for x, _ in others)
    assert min(x for words, (x, _) in canvas.words if words in ("First", "Second")) / mm > 15 + 50
    heads = [words for words, _ in canvas.words if words == "how"]
    assert len(heads) >= 2, "each page of a table has its heading"
    told = [words for words, _ in canvas.words]
    assert told.count("Dome: weed, continued") == pages - 1


def test_every_line_of_words_stands_in_its_own_leading():
    """Of a line so tall three tenths are below its letters' feet: letters of two lines never touch."""
    canvas, lead = Memory(), 1.32
    book = Book(canvas, "A4", "mm", "Open night")
    book.page("Dome: weed")
    book.step("Step one", "a note", "mind it")
    book.step("Step two")
    book.beside(40.0, lambda canvas: canvas.rect(0, 0, 50.0, 40.0), 50.0, ["First", "Second"], title="Beside")
    book.table([("pull", "how"), *((str(number), "slowly") for number in range(60))], (1, 2))
    book.close()
    mm = 72 / 25.4
    feet = {words: at[1] / mm - 0.3 * size for (words, at), size in zip(canvas.words, canvas.sizes, strict=True)}
    (picture,) = [rect / mm for rect in canvas.rects if np.ptp(rect[:, 0]) / mm > 40]
    steps = [297 - 15, feet["Dome: weed"] - 2, feet["Step one"], feet["a note"], feet["Caution: mind it"] - 1.8,
             feet["Step two"] - 1.8, picture[1, 1], feet["First"]]
    lines = ["Dome: weed", "Step one", "a note", "Caution: mind it", "Step two", "Beside", "First", "Second"]
    sizes = [7.0, 4.6, 3.6, 3.6, 4.6, 5.4, 3.6, 3.6]
    assert [feet[words] for words in lines] == pytest.approx(
        [above - size * lead for above, size in zip(steps, sizes, strict=True)])
    assert feet["Dome: weed, continued"] == pytest.approx(297 - 15 - 3.6 * lead)
    ruled = sorted({round(line[0, 1] / mm, 6) for line in canvas.lines})
    row = next(y for y in ruled if y == pytest.approx(feet["pull"] - 1.2, abs=1e-5))
    assert feet["how"] == feet["pull"] and row > 27            # the head of the last page, a line below it


@pytest.mark.parametrize(("box", "pages"), [((-20.0, 5.0, 120.0, 95.0), 1), ((-20.0, 5.0, 380.0, 95.0), 2)])
def test_a_pattern_lies_within_its_pages_above_the_line_that_checks_them(box, pages):
    left, low, right, high = box
    corners = [(x, y) for x in (left, right) for y in (low, high)]
    canvas = Memory()
    pattern = Pattern("Bed", box, "says", lambda on: [on.circle(x, y, 1) for x, y in corners])
    assert draw_pattern(canvas, pattern, "A4", "mm") == pages + (pages > 1)
    spots = np.array(canvas.circles[-4 * pages:]).reshape(pages, 4, 2) / (72 / 25.4)
    for k in range(4):                                         # each corner is in sight on one page
        seen = [(x, y) for x, y in spots[:, k] if 10 <= x <= 287 and 34 <= y <= 287]
        assert seen, corners[k]
    assert spots[-1][3] - spots[-1][0] == pytest.approx([right - left, high - low])


def test_patterns_that_share_a_page_lie_apart_at_true_size_above_their_line():
    canvas = Memory()
    book = Book(canvas, "A4", "mm", "Open night")
    patterns = [Pattern(f"Film {number}", (0.0, 0.0, 80.0, 50.0), "says", lambda on: on.rect(0, 0, 80.0, 50.0))
                for number in range(3)]
    assert book.set_out("Dome: weed", patterns)
    book.line("what follows")
    boxes = [shapely.box(*(rect / (72 / 25.4)).ravel()) for rect in canvas.rects]
    assert [box.area for box in boxes] == pytest.approx([4000.0] * 3)
    assert all(box.within(shapely.box(15, 15, 195, 282)) for box in boxes)
    assert min(shapely.distance(one, other) for one, other in combinations(boxes, 2)) == pytest.approx(5.0, abs=5.0)
    spots = {words: at / (72 / 25.4) for words, at in canvas.words}
    for number, box in enumerate(boxes):                       # its title is right below each
        x, y = spots[f"Film {number}"]
        assert (x, y) == pytest.approx((box.bounds[0], box.bounds[1] - 3.6 * 1.32 + 0.3 * 3.6))
    (line,) = [one / (72 / 25.4) for one in canvas.lines if np.ptp(one[:, 0]) / (72 / 25.4) == pytest.approx(100.0)]
    lowest = min(box.bounds[1] for box in boxes)
    assert spots["what follows"][1] < line[0, 1] - 6 < lowest - 6
    assert not book.set_out("Too wide", [Pattern("Film", (0, 0, 190.0, 20.0), "", lambda on: None)])
    assert not book.set_out("Too tall", [Pattern("Film", (0, 0, 90.0, 220.0), "", lambda on: None)])


def test_patterns_that_say_the_same_share_pages_at_true_size_each_above_its_title():
    canvas = Memory()
    sizes = [60.0, 80.0, 70.0, 90.0, 250.0]
    made = together([Pattern(f"Collar {number}", (10.0, 5.0, 190.0, 5.0 + high), "hang it" if number < 4 else "lay it",
                             lambda on, high=high: on.rect(10.0, 5.0, 180.0, high))
                     for number, high in enumerate(sizes)], "A4")
    assert [one.title for one in made] == ["Collar 0 and 2 more", "Collar 3", "Collar 4"]
    for pattern in made:
        draw_pattern(canvas, pattern, "A4", "mm")
    assert canvas.pages == 3
    boxes = [shapely.box(*(rect / (72 / 25.4)).ravel()) for rect in canvas.rects]
    assert [box.area for box in boxes] == pytest.approx([180.0 * high for high in sizes])
    assert all(shapely.distance(*two) > 5 for two in pairwise(boxes[:3]))
    spots = {words: at / (72 / 25.4) for words, at in canvas.words}
    for number, box in enumerate(boxes[:3]):
        x, y = spots[f"Collar {number}"]
        assert x - box.bounds[0] == pytest.approx(2.0) and box.bounds[1] - 5 < y < box.bounds[1]


def test_paper_for_films_in_bands_says_how_far_each_lies_below_the_rim():
    piece = finished(job("Hi\n\nYo", name="Two", glass=CARAFE, width=40.0, fit__from_rim=40.0, fit__rows=2)).pieces[0]
    _, says = band_of(piece.sheet, "mm")
    below = [setting.placing.spots[1].down for setting in piece.transfer.settings]
    told = [float(number) for number in re.findall(r"([\d.]+) mm", says)]
    assert told == pytest.approx(below, abs=1.0) and len(told) == 2
