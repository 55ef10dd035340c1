"""Areas of any geometry, and outlines that cross themselves."""

import shapely
from shapely.geometry import GeometryCollection, LineString, MultiPolygon, Point, Polygon, box

from vitrograph.core.geometry import as_polygons, sound, within, without

BOW = Polygon([(0, 0), (4, 4), (4, 0), (0, 4)])                # crosses itself in its middle


def test_the_areas_within_collections_of_collections_are_all_kept():
    two = MultiPolygon([box(0, 0, 1, 1), box(2, 0, 3, 1)])
    mixed = GeometryCollection([LineString([(0, 0), (1, 1)]), GeometryCollection([two, Point(9, 9)]), box(5, 5, 6, 7)])
    assert as_polygons(mixed).area == 4 and len(as_polygons(mixed).geoms) == 3
    assert as_polygons(LineString([(0, 0), (1, 1)])).is_empty and as_polygons(Polygon()).is_empty
    assert as_polygons(two) is two


def test_outlines_that_cross_themselves_are_made_sound_and_others_left_alone():
    bow = MultiPolygon([BOW])
    assert sound(bow).is_valid and sound(bow).area == 8
    whole = MultiPolygon([box(0, 0, 1, 1)])
    assert sound(whole) is whole


def test_overlays_of_areas_that_are_not_sound_lose_nothing():
    page = box(-1, -1, 9, 9)
    bow = shapely.union_all([BOW.buffer(0), box(6, 6, 7, 7)])
    assert without(page, bow).area + within(bow, page).area == page.area
