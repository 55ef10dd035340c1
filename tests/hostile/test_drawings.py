"""Drawings beyond any reason: cut, or refused in one sentence, within the memory that is promised."""

import os
from math import cos, pi, sin

import pytest

from specimens import svg


def path_of(points):
    return '<path d="M' + " ".join(f"{x:.3f} {y:.3f}" for x, y in points) + 'Z"/>'


def spikes(rng):
    return path_of((50 + far * cos(pi * k / 30_000), 50 + far * sin(pi * k / 30_000))
                   for k in range(60_000) for far in [45 if k % 2 else rng.uniform(15, 25)])


def walk(rng):
    x = y = 50.0
    points = []
    for _ in range(20_000):
        x, y = (min(99.0, max(1.0, at + rng.uniform(-3, 3))) for at in (x, y))
        points.append((x, y))
    return path_of(points)


def circles(rng):
    places = [(rng.uniform(0, 100), rng.uniform(0, 100)) for _ in range(20_000)]
    return "".join(f'<circle cx="{x:.2f}" cy="{y:.2f}" r=".4"/>' for x, y in places)


def specks(_rng):
    return f'<path d="{"".join(f"M{k % 224 * .44:.2f} {k // 224 * .44:.2f}h.3v.3h-.3z" for k in range(50_000))}"/>'


def styles(_rng):
    return "<style>" + "".join(f".c{k} rect, g > .d{k} {{fill: #000}}" for k in range(20_000)) + "</style>" + \
        '<rect class="c1" width="9" height="9"/>'


BODIES = {
    "letters of no size": lambda _rng: '<text x="5" y="50" font-size="0">Gull</text><rect width="20" height="20"/>',
    "endless scale": lambda _rng: '<g transform="scale(1e300) scale(1e300)"><rect width="9" height="9"/></g>',
    "brackets": lambda rng: "<style>" + rng.choice("([{") * 50_000 + '</style><rect width="20" height="20"/>',
    "spikes": spikes, "a random walk": walk, "circles": circles, "specks": specks, "styles": styles,
    "text": lambda _rng: f'<text x="0" y="50">{"a" * 100_000}</text>',
    "metadata": lambda _rng: "<metadata>" + "<x:a xmlns:x='u'/>" * 100_000 + '</metadata><rect width="9" height="9"/>',
}
FLAGS = ("quick", "--glass", "taper", "--bottom", 64, "--top", 90, "--slant", 132, "--width", 60)


@pytest.mark.parametrize("name", list(BODIES))
def test_a_drawing_is_answered_within_bounds(name, tmp_path, rng, bounded):
    (tmp_path / "art.svg").write_text(svg(BODIES[name](rng)))
    ended = bounded("-m", "vitrograph", *FLAGS, "--art", tmp_path / "art.svg", "--out", tmp_path / "out")
    assert ended.code in (0, 1, 2)
    assert bool(ended.sentence) == (ended.code == 2)


def test_blocks_that_repeat_without_end_are_counted_before_they_are_drawn(tmp_path, bounded):
    block = "0 SECTION 2 BLOCKS 0 BLOCK 2 A 10 0 20 0 30 0 0 CIRCLE 8 0 10 0 20 0 40 1 0 ENDBLK 0 ENDSEC"
    insert = "0 SECTION 2 ENTITIES 0 INSERT 2 A 10 0 20 0 70 30000 71 30000 44 3 45 3 0 ENDSEC 0 EOF"
    (tmp_path / "art.dxf").write_text("\n".join(f"{block} {insert}".split()) + "\n")
    ended = bounded("-m", "vitrograph", *FLAGS, "--art", tmp_path / "art.dxf", "--out", tmp_path / "out")
    assert ended.code == 2 and "repeats its blocks" in ended.sentence


@pytest.mark.parametrize("place", ["/dev/zero", "pipe", "link"])
def test_what_never_ends_is_not_read(place, tmp_path, bounded):
    art = tmp_path / "art.svg"
    if place == "pipe":
        os.mkfifo(art)
    elif place == "link":
        art.symlink_to("/dev/zero")
    else:
        art = place
    for words in ((*FLAGS, "--art", art, "--out", tmp_path / "out"), ("plan", art)):
        ended = bounded("-m", "vitrograph", *words)
        assert ended.code == 2 and "may never end" in ended.sentence
