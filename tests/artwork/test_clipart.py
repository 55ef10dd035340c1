"""Clip art drawn for this project, holding what real files hold, against an independent renderer's silhouette.

For each: the painted area (every paint, opaque enough to count) and the dark area (what frosts by the first guess).
"""

import io
import re

import numpy as np
import pytest
import resvg_py
from PIL import Image
from shapely import union_all

from vitrograph.core.artwork import bring
from vitrograph.core.artwork.vector import read_svg
from vitrograph.core.artwork.vector.units import MM_PER_PX
from vitrograph.core.job import Drawing

WIDE = 1800                        # px the renderer paints, so that edges are a small share

OWL = '''<svg xmlns="http://www.w3.org/2000/svg" width="90mm" height="100mm" viewBox="0 0 180 200">
<style>.feather{fill:#3b4a5a} .eye{fill:#fdfdfd;stroke:#3b4a5a;stroke-width:6} path.beak{fill:#c08a2b}</style>
<g transform="translate(90 105)"><ellipse class="feather" rx="62" ry="80"/>
 <g id="eye" transform="translate(-26 -32)"><circle class="eye" r="20"/><circle r="8" fill="#111"/></g>
 <use href="#eye" x="52"/><path class="beak" d="M0-18 9 0-9 0z"/>
 <g fill="none" stroke="#fff" stroke-width="4" stroke-linecap="round">
  <path d="M-34 22q8 12 16 0t16 0 16 0 16 0"/><path d="M-26 40q8 12 16 0t16 0 16 0"/></g></g>
<path d="M20 186H160" stroke="#3b4a5a" stroke-width="10" stroke-linecap="round" stroke-dasharray="26 18"/></svg>'''

LIGHTHOUSE = '''<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink"
 viewBox="0 0 120 160">
<defs><clipPath id="tower"><path d="M44 150 52 50H68L76 150Z"/></clipPath>
 <linearGradient id="beam" x1="0" x2="1"><stop offset="0" stop-color="#223"/><stop offset="1" stop-color="#223"
  stop-opacity="0"/></linearGradient><linearGradient id="back" xlink:href="#beam" x1="1" x2="0"/>
 <symbol id="wave" viewBox="0 0 40 10" overflow="visible">
  <path d="M0 5c5-6 10-6 15 0s10 6 15 0 10-6 10-6v11H0z"/></symbol>
</defs>
<g clip-path="url(#tower)"><rect x="40" y="45" width="40" height="110" fill="#223"/>
 <g fill="white"><rect x="40" y="70" width="40" height="14"/>
  <rect x="40" y="100" width="40" height="14"/></g></g>
<path d="M50 34h20v14H50z" fill="#223"/><path d="M48 34 60 22 72 34Z" fill="#223"/>
<path d="M72 36 118 20V62L72 46Z" fill="url(#beam)"/><path d="M48 36 2 20V62L48 46Z" fill="url(#back)"/>
<use xlink:href="#wave" x="4" y="148" width="40" height="10"/>
<use xlink:href="#wave" x="76" y="148" width="40" height="10"/>
</svg>'''

MOON = '''<svg xmlns="http://www.w3.org/2000/svg" width="4in" height="2in" viewBox="-100 -50 200 100">
<mask id="crescent"><circle r="42" fill="#fff"/><circle cx="16" cy="-6" r="36"/></mask>
<mask id="soft" maskContentUnits="objectBoundingBox"><rect width="1" height=".5" fill="#fff"/>
 <rect y=".5" width="1" height=".5" fill="#333"/></mask>
<circle r="45" fill="midnightblue" mask="url(#crescent)" transform="translate(-50 0) rotate(-20)"/>
<g transform="translate(50 0)"><circle r="40" fill="midnightblue" mask="url(#soft)"/></g>
<path d="M0-40 4-28 16-28 6-20 10-8 0-16-10-8-6-20-16-28-4-28Z" fill="midnightblue" fill-rule="evenodd"/></svg>'''

BADGE = '''<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 200 200">
<radialGradient id="g" gradientUnits="userSpaceOnUse" cx="100" cy="100" r="90"><stop offset=".6" stop-color="#fff"/>
 <stop offset=".6" stop-color="#204"/></radialGradient>
<circle cx="100" cy="100" r="88" fill="url(#g)"/>
<svg x="60" y="60" width="80" height="80" viewBox="0 0 20 20"><g fill="none" stroke="#204" stroke-width="2"
 stroke-linejoin="round"><path d="M3 17 10 3 17 17Z" stroke-linejoin="miter"/><circle cx="10" cy="12" r="2.5"/></g>
</svg>
<g transform="matrix(.7 .2 -.2 .7 90 4)" opacity=".95">
 <rect x="20" y="120" width="60" height="18" rx="9" fill="#204"/></g>
<switch><foreignObject requiredExtensions="x"/><g>
 <path d="M92 20h16v16h-16z" fill="#fff"/></g></switch></svg>'''

PICTURES = {"an owl": OWL, "a lighthouse": LIGHTHOUSE, "phases of the moon": MOON, "a badge": BADGE}
PAGES_MM = {"an owl": (90.0, 100.0), "a lighthouse": (120 * MM_PER_PX, 160 * MM_PER_PX),
            "phases of the moon": (101.6, 50.8), "a badge": (200 * MM_PER_PX, 200 * MM_PER_PX)}


def rendered(name):
    """(rows, columns, 4) of the page as a renderer paints it, and mm per pixel."""
    wide, high = PAGES_MM[name]
    plain = re.sub(r'\A(<svg [^>]*?)width="[^"]*" height="[^"]*" ', r"\1", PICTURES[name], count=1)
    png = resvg_py.svg_to_bytes(svg_string=plain, width=WIDE, height=round(WIDE * high / wide))
    return np.asarray(Image.open(io.BytesIO(bytes(png))).convert("RGBA"), dtype=float), wide / WIDE


def lightness(pixels):
    srgb = pixels[..., :3] / 255
    return np.where(srgb <= 0.04045, srgb / 12.92, ((srgb + 0.055) / 1.055) ** 2.4) @ [0.2126, 0.7152, 0.0722]


@pytest.mark.parametrize("name", list(PICTURES))
def test_what_is_painted_covers_what_a_renderer_covers(name):
    pixels, mm = rendered(name)
    seen = (pixels[..., 3] >= 127.5).sum() * mm**2
    painted = union_all([paint.area for paint in read_svg(PICTURES[name].encode(), 2e-4).paints]).area
    assert painted == pytest.approx(seen, rel=0.005)


@pytest.mark.parametrize("name", list(PICTURES))
def test_what_frosts_covers_what_a_renderer_paints_dark(name):
    pixels, mm = rendered(name)
    dark = ((pixels[..., 3] >= 127.5) & (lightness(pixels) <= 0.85)).sum() * mm**2
    found = bring(Drawing("x.svg", PICTURES[name].encode()), 2e-4)
    assert found.shape.is_valid
    # edges between dark and light are a pixel wide and count as dark in the picture
    assert found.shape.area * found.size_mm[1] ** 2 == pytest.approx(dark, rel=0.012)


@pytest.mark.parametrize("name", list(PICTURES))
def test_the_box_is_the_renderers_within_a_pixel(name):
    pixels, mm = rendered(name)
    dark = (pixels[..., 3] >= 127.5) & (lightness(pixels) <= 0.85)
    rows, columns = np.flatnonzero(dark.any(axis=1)), np.flatnonzero(dark.any(axis=0))
    found = bring(Drawing("x.svg", PICTURES[name].encode()), 2e-4)
    assert found.size_mm == pytest.approx((np.ptp(columns) * mm, np.ptp(rows) * mm), abs=2.5 * mm)
