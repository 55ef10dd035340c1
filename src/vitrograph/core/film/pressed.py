"""What film does when it is pressed on a wall curved both ways: its flat shape, its strain everywhere, its snips."""

from collections.abc import Sequence
from functools import cached_property
from typing import TYPE_CHECKING

import numpy as np
import shapely
from msgspec import Struct
from shapely.geometry import LineString, Polygon
from shapely.geometry.base import BaseGeometry

from vitrograph.core.film.membrane import least_energy, strain_at_nodes
from vitrograph.core.film.mesh import Index, Mesh, mesh_over
from vitrograph.core.film.metric import metric_on
from vitrograph.core.film.smooth import SmoothSheet, smooth_sheet
from vitrograph.core.geometry import Points, largest
from vitrograph.core.glass import Ball, Cone, TurnedWall

if TYPE_CHECKING:
    from scipy.spatial import cKDTree

NODES = 1600                       # of a sheet's membrane: within 0.02 mm and 0.1 % of strain of one much finer
_FAR_WEIGHT = 0.02                 # of nodes beyond the snips, where the smooth map need not follow
_NEAREST = 4                       # nodes whose strain is mixed at a place between them
_SNIP_MM = 1.0                     # a snip that opens less at the film's edge is one cut; a wider one is cut out


class Snip(Struct, frozen=True, eq=False):
    """A relief cut on the sheet: from the film's edge to its tip, mm; how far its sides part on the sheet.

    Sides that part lie on each other on the glass when the film between is left in; negative sides gape there.
    """

    edge: tuple[float, float]
    tip: tuple[float, float]
    parts: float

    @property
    def length(self) -> float:
        """From edge to tip, mm."""
        return float(np.hypot(self.tip[0] - self.edge[0], self.tip[1] - self.edge[1]))

    @property
    def cut_out(self) -> bool:
        """Whether the film between its sides is cut out, as a notch."""
        return self.parts >= _SNIP_MM


class Pressed(Struct, frozen=True, eq=False, dict=True):
    """Film pressed on a wall: at n nodes the wall (u, s), the sheet (mm) and the principal strains.

    `strains` are (n, 2), least first: negative is squeezed, positive stretched. `triangles` join nodes in threes.
    `cone_strain` is the least and the most of film cut by the best cone. `outline` is the film's edge where it is
    snipped, else None.
    """

    sheeting: SmoothSheet | Cone
    wall: Points
    sheet: Points
    triangles: Index
    strains: Points
    cone_strain: tuple[float, float]
    snips: tuple[Snip, ...] = ()
    outline: Polygon | None = None

    @property
    def squeeze(self) -> float:
        """The most the film is squeezed anywhere, as a share: 0.01 is 1 %."""
        return max(0.0, -float(self.strains[:, 0].min()))

    @property
    def stretch(self) -> float:
        """The most it is stretched."""
        return max(0.0, float(self.strains[:, 1].max()))

    def at(self, wall: Points) -> Points:
        """(k, 2) principal strains at (k, 2) wall points, from the nodes near by."""
        gaps, near = self._tree.query(wall * self._metric, k=_NEAREST)
        weight = 1 / np.maximum(gaps, 1e-6) ** 2
        return np.asarray((self.strains[near] * weight[..., None]).sum(axis=1) / weight.sum(axis=1)[:, None])

    @property
    def _metric(self) -> Points:
        return np.array([self.sheeting.cone.radius, 1.0])

    @cached_property
    def _tree(self) -> "cKDTree":
        from scipy.spatial import cKDTree

        return cKDTree(self.wall * self._metric)


def press(wall: TurnedWall | Ball, cone: Cone, edge: Points, openings: BaseGeometry, cuts: Sequence[LineString] = (), *,
          by_cone: bool = False, nodes: int = NODES) -> Pressed:
    """Solve for film whose edge is (n, 2) wall points, its openings and its cuts in the cone's plane.

    `by_cone` keeps the best cone's flat shape. The film is alike on both sides of its middle, but for its cuts.
    Raises FitError.
    """
    mesh = mesh_over(Polygon(cone.develop(edge)), nodes, cuts)
    sheeting: SmoothSheet | Cone
    metric_at = metric_on(wall, cone)
    on_wall = cone.undevelop(mesh.nodes)
    flat, sheeting = mesh.nodes, cone
    if not by_cone:
        flat = _level(mesh.nodes, least_energy(mesh, metric_at).flat)
        sheeting = smooth_sheet(cone, on_wall, flat, _weights(mesh, openings), even=not cuts)
    hoop = wall.hoop_strain(cone, *np.sort(edge[:, 1])[[0, -1]].tolist())
    snips = tuple(_snip(flat, left, right) for left, right in mesh.cuts)
    return Pressed(
        sheeting, on_wall, flat, _in_threes(mesh),
        np.asarray(np.linalg.eigvalsh(strain_at_nodes(mesh, flat, metric_at)), dtype=float),
        (min(0.0, float(hoop.min())), max(0.0, float(hoop.max()))), snips,
        _edge_of(mesh, flat, snips) if cuts else None)


def _level(nodes: Points, flat: Points) -> Points:
    """A flat shape shifted and turned to lie as the cone's does, by least squares (Kabsch's problem in the plane)."""
    middle, own = nodes.mean(axis=0), flat - flat.mean(axis=0)
    off = nodes - middle
    turn = np.arctan2((own[:, 0] * off[:, 1] - own[:, 1] * off[:, 0]).sum(), (own * off).sum())
    cos, sin = np.cos(turn), np.sin(turn)
    return np.asarray(own @ np.array([[cos, sin], [-sin, cos]]) + middle)


def _weights(mesh: Mesh, openings: BaseGeometry) -> Points:
    """How much each node counts for the smooth map: fully about the openings; elsewhere little, if there are cuts."""
    weight = np.ones(len(mesh.nodes))
    if mesh.cuts and not openings.is_empty:
        reach = min(openings.distance(shapely.Point(mesh.nodes[left[-1]])) for left, _ in mesh.cuts)
        weight[shapely.distance(shapely.points(mesh.nodes), openings) > 0.9 * reach] = _FAR_WEIGHT
    return weight


def _in_threes(mesh: Mesh) -> Index:
    """Each element of six nodes as four plain triangles."""
    return np.asarray(mesh.triangles[:, [[0, 3, 5], [3, 1, 4], [5, 4, 2], [3, 4, 5]]].reshape(-1, 3))


def _snip(flat: Points, left: Index, right: Index) -> Snip:
    """A cut as it lies on the sheet; its sides part to the right of the way from edge to tip, or lap."""
    edges, tip = flat[[left[0], right[0]]], flat[left[-1]]
    middle = edges.mean(axis=0)
    way = (tip - middle) / np.hypot(*(tip - middle))
    across = edges[1] - edges[0]
    return Snip((float(middle[0]), float(middle[1])), (float(tip[0]), float(tip[1])),
                float(way[1] * across[0] - way[0] * across[1]))


def _edge_of(mesh: Mesh, flat: Points, snips: Sequence[Snip]) -> Polygon:
    """The film's edge on the sheet, notched where a snip is cut out; where it is not, film spans its mouth."""
    ring = mesh.rim[0]
    shut = np.zeros(len(mesh.nodes), dtype=bool)
    for snip, (left, right) in zip(snips, mesh.cuts, strict=True):
        if not snip.cut_out:
            shut[[*left[1:], *right[1:]]] = True
            middles = _middles_along(mesh, left) + _middles_along(mesh, right)
            shut[middles] = True
    edge = Polygon(flat[ring[~shut[ring]]])
    return edge if edge.is_valid else largest(edge.buffer(0))


def _middles_along(mesh: Mesh, way: Index) -> list[int]:
    """The nodes in the middle of the sides along a way of corners."""
    sides = mesh.sides
    ends = {frozenset(pair) for pair in zip(way[:-1].tolist(), way[1:].tolist(), strict=True)}
    near = sides[np.isin(sides[:, 0], way) & np.isin(sides[:, 2], way)]
    return [int(middle) for start, middle, end in near.tolist() if frozenset((start, end)) in ends]
