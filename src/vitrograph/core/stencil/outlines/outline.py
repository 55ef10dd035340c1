"""The film's outline on the sheet: the fan, along the art, a plain rectangle or an oval; corners and tab."""

import numpy as np
import shapely
from shapely.geometry import LineString, MultiPolygon, Point, Polygon, box

from vitrograph.core.fit import EDGE_DEVIATION_MM, Film, Fitted, joints_of, whole_wall
from vitrograph.core.geometry import as_polygons, largest, union, within, without
from vitrograph.core.glass import Pane
from vitrograph.core.job import StencilChoices
from vitrograph.core.search import smallest_that

TAB_MM = (14.0, 12.0)              # a tab's width, and how far it stands out: what two fingers hold
_ROOT_MM = 4.0                     # of the tab within the film
_ARC = 32                          # segments of a quarter circle
_ROUNDEST = 0.999                  # of the largest circle in a film
_HALVINGS = 24
_WAYS = {"left": (-1.0, 0.0), "lower": (0.0, -1.0), "right": (1.0, 0.0), "upper": (0.0, 1.0)}


def film_cover(number: int, fitted: Fitted, choices: StencilChoices) -> Polygon:
    """What one film covers of the glass, on the sheet; it ends where the glass does, or where the next film laps it."""
    film = fitted.films[number]
    fan = _on_the_pane(_on_sheet(film, fitted), fitted)
    shape = fan
    if choices.outline != "fan":
        own = fitted.sheet_art if len(fitted.films) == 1 else as_polygons(within(fitted.sheet_art, fan))
        if not own.is_empty:
            room = Polygon(whole_wall(fitted.chart)) if fitted.on_one_wall else fan
            if choices.outline == "art":
                shape = _along_art(own, fan if choices.sides else room, choices)
            elif choices.outline == "oval":
                shape = _oval(own, room, choices)
            else:
                shape = _rectangle(own, room, fitted, choices)
            closing = {"left", "right"} if film.band.closes(fitted.wall) else set()
            for side in sorted(joints_of([one.band for one in fitted.films], number) | closing):
                shape = _to_joint(shape, fan, side, mirrored=fitted.chart.mirrored)
    if choices.corner and not film.snips:                      # as round as there is film for it, at the most
        corner = min(choices.corner, _ROUNDEST * shapely.maximum_inscribed_circle(shape).length)
        rounded = shape.buffer(-corner, quad_segs=_ARC).buffer(corner, quad_segs=_ARC)
        shape = largest(rounded) if not rounded.is_empty else shape
    return shape


def _to_joint(shape: Polygon, fan: Polygon, side: str, *, mirrored: bool) -> Polygon:
    """A film carried on, as wide as it is, to the side where the next one laps it, or its own other end meets it.

    So no glass stays bare between them.
    """
    across, up = _WAYS[side]
    across = -across if mirrored else across
    (left, low, right, high), (least, lowest, most, highest) = shape.bounds, fan.bounds
    x, y = shape.centroid.coords[0]
    strip = box(x if across > 0 else least if across < 0 else left, y if up > 0 else lowest if up < 0 else low,
                x if across < 0 else most if across > 0 else right, y if up < 0 else highest if up > 0 else high)
    return largest(union([shape, as_polygons(within(strip, fan))]))


def tab_of(cover: Polygon, side: str, *, mirrored: bool) -> Polygon:
    """A tab to lift the film by, at the middle of a side as it lies on the glass; it is folded back on itself."""
    across, up = _WAYS[side]
    way = np.array([-across if mirrored else across, up])
    centre = np.array(cover.centroid.coords[0])
    reach = np.hypot(*np.ptp(np.array(cover.bounds).reshape(2, 2), axis=0))
    cut = cover.exterior.intersection(LineString([centre, centre + reach * way]))
    edge = max(shapely.get_coordinates(cut), key=lambda point: float((point - centre) @ way))
    wide, long = TAB_MM
    tongue = LineString([edge - _ROOT_MM * way, edge + (long - wide / 2) * way]).buffer(wide / 2, quad_segs=_ARC)
    return largest(without(tongue, cover))


def _on_sheet(film: Film, fitted: Fitted) -> Polygon:
    return shapely.transform(film.outline, fitted.chart.flipped)


def _on_the_pane(outline: Polygon, fitted: Fitted) -> Polygon:
    """End the sheet where an oval pane does; other walls end where the band does."""
    if not isinstance(fitted.wall, Pane) or not fitted.wall.oval:
        return outline
    pane = Polygon(fitted.chart.wall_to_sheet(fitted.wall.edge(EDGE_DEVIATION_MM)))
    clipped = as_polygons(within(outline, pane))
    return outline if clipped.is_empty else largest(clipped)


def _sides(fitted: Fitted, choices: StencilChoices) -> tuple[float, float, float, float]:
    """The borders asked for at the sheet's left, lower, right and upper side."""
    left, lower, right, upper = choices.borders
    return (right, lower, left, upper) if fitted.chart.mirrored else (left, lower, right, upper)


def _along_art(art: MultiPolygon, room: Polygon, choices: StencilChoices) -> Polygon:
    """The widest border all along the art, in one piece, as far as there is room; at sides with less it ends there."""
    border = max(choices.borders)
    plain = union([Polygon(part.exterior) for part in art.geoms])
    bridged = border / 2                                      # and what is hollow between its rounds is filled
    while True:                                                # parts too far apart for the border are bridged
        grown = shapely.buffer(plain, border + bridged, quad_segs=_ARC).buffer(-bridged, quad_segs=_ARC)
        if isinstance(grown, Polygon):
            break
        bridged = 2 * bridged + 2.0
    return largest(within(Polygon(grown.exterior), room))


def _rectangle(art: MultiPolygon, room: Polygon, fitted: Fitted, choices: StencilChoices) -> Polygon:
    """The box of the art on the sheet, and the border round that, as far as there is glass, or flat film, for it."""
    left, low, right, high = art.bounds
    sides = _sides(fitted, choices)
    plain = box(left - sides[0], low - sides[1], right + sides[2], high + sides[3])
    return largest(within(plain, room))


def _oval(art: MultiPolygon, room: Polygon, choices: StencilChoices) -> Polygon:
    """The least oval that leaves the widest border all round the art, as far as there is glass, or flat film, for it.

    Its axes differ as the sides of the art's box and the border do, so that round art lies in a circle.
    """
    kept = shapely.buffer(art, max(choices.borders), quad_segs=_ARC).convex_hull
    left, low, right, high = kept.bounds
    unit = shapely.transform(Point(0, 0).buffer(1.0, quad_segs=4 * _ARC), lambda xy: xy * [right - left, high - low])
    middle = np.array([left + right, low + high]) / 2

    def holds(share: float) -> bool:
        return bool(shapely.transform(unit, lambda xy: share * xy + middle).covers(kept))

    share = smallest_that(holds, 0.5, 1.0, _HALVINGS)          # 0.707 for a box: its corners lie on the oval
    return largest(within(shapely.transform(unit, lambda xy: share * xy + middle), room))
