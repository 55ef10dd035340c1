"""The sheet: film and openings make it up, islands are found, and the glass's edges limit the border."""

import networkx
import numpy as np
import pytest
import shapely
from hypothesis import given, settings
from hypothesis import strategies as st
from PIL import Image, ImageDraw

from specimens import FLARE_IN, LANTERN, PLAQUE, TUMBLER, job, run, star_job
from strategies import fits, words


@given(text=words, fit=fits, kind=st.sampled_from([TUMBLER, FLARE_IN, LANTERN, PLAQUE]), border=st.floats(0, 40),
       width=st.floats(10, 70))
@settings(max_examples=25, deadline=None)
def test_film_and_openings_make_up_the_sheet(text, fit, kind, border, width):
    sheet = run(job(text, width=width, glass=kind, fit=fit, stencil__border=border)).sheet
    assert sheet.film.area + sheet.openings.area == pytest.approx(sheet.outline.area, rel=1e-9)
    assert shapely.intersection(sheet.film, sheet.openings).area < 1e-6
    assert len(sheet.frame.geoms) + len(sheet.islands) == len(sheet.film.geoms)


def test_islands_are_the_pieces_a_picture_shows_cut_off_from_the_edge():
    sheet = run(job("BO8 Kestrel")).sheet
    left, low, right, high = sheet.outline.bounds
    scale = 12
    page = Image.new("1", (int((right - left) * scale) + 2, int((high - low) * scale) + 2))
    pen = ImageDraw.Draw(page)
    for ink, rings in ((1, [sheet.outlines[0].exterior]), (0, [o.exterior for o in sheet.openings.geoms]),
                       (1, [ring for o in sheet.openings.geoms for ring in o.interiors])):
        for ring in rings:
            pen.polygon([((x - left) * scale, (y - low) * scale) for x, y in ring.coords], fill=ink)
    film = np.array(page)
    graph = networkx.grid_2d_graph(*film.shape)
    graph.remove_nodes_from([tuple(at) for at in np.argwhere(~film)])
    parts = [part for part in networkx.connected_components(graph) if len(part) > 4]
    assert len(parts) - 1 == len(sheet.islands) == 7          # B two, O one, 8 two, e one each


def test_the_sheet_follows_the_taper_with_the_typed_border():
    results = run(job(stencil__border=15.0))
    sheet, wall = results.sheet, results.wall
    assert sheet.border == pytest.approx((15.0,) * 4)
    edge = sheet.fitted.lay.sheet_to_wall(np.asarray(sheet.outlines[0].exterior.coords))
    at_top = edge[np.isclose(edge[:, 1], edge[:, 1].max(), atol=1e-6)]
    assert len(at_top) > 4                                     # the whole upper edge runs level with the rim
    assert wall.length - edge[:, 1].max() == pytest.approx(results.job.fit.from_rim - 15.0, abs=1e-6)


@pytest.mark.parametrize("kind", [TUMBLER, PLAQUE])
def test_the_border_ends_where_the_glass_does(kind):
    sheet = run(job(glass=kind, fit__from_rim=6.0, stencil__border=20.0)).sheet
    left, lower, right, upper = sheet.border
    assert upper == pytest.approx(6.0, abs=0.01)
    assert (left, right, lower) == pytest.approx((20.0, 20.0, 20.0))


def test_a_border_wider_than_what_is_left_of_the_turn_meets_itself_behind():
    results = run(job(width=210.0, stencil__border=40.0))
    band = results.sheet.band
    assert band.u_high - band.u_low == pytest.approx(2 * np.pi)
    assert results.sheet.outline.is_valid


def test_art_off_the_glass_is_kept_out_of_the_film():
    results = run(star_job(fit__from_rim=-15.0))
    assert results.sheet.beyond.area > 50
    assert shapely.within(results.sheet.openings, results.sheet.outline.buffer(1e-9))
    assert results.stopped
