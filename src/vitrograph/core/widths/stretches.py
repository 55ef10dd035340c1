"""Connected stretches of an axis, all at once: how long each is, where it is thinnest, where it ends, how it runs."""

from functools import cached_property

import numpy as np
from msgspec import Struct
from numpy.typing import NDArray

from vitrograph.core.widths.axis import Axis
from vitrograph.core.widths.edges import Indices, Numbers, norms


class Stretches(Struct, frozen=True, eq=False, dict=True):
    """Voronoi edges `which`, stretch after stretch: each stretch's `first` and the edge `after` its last.

    `nodes` are their ends among the axis's vertices, each once, stretch after stretch from `first_node` on; `degree`
    tells how many of the edges meet there, and `opens` whether it is near to a wide place.
    """

    axis: Axis
    which: Indices
    first: Indices
    nodes: Indices
    first_node: Indices
    degree: Indices
    opens: NDArray[np.bool_]

    @cached_property
    def after(self) -> Indices:
        """The edge after each stretch's last."""
        return np.append(self.first[1:], len(self.which))

    @cached_property
    def of(self) -> Indices:
        """The stretch of each edge."""
        return np.repeat(np.arange(len(self.first)), self.after - self.first)

    @cached_property
    def lengths(self) -> Numbers:
        """Of the stretches along the strip, mm."""
        return np.asarray(np.add.reduceat(self.axis.along[self.which], self.first))

    @cached_property
    def spans(self) -> Indices:
        """Of each edge its place among the axis's spans."""
        return np.asarray((np.cumsum(self.axis.facing) - 1)[self.which])

    @property
    def wide_ends(self) -> Indices:
        """How many of each stretch's nodes are near to wide places."""
        return np.asarray(np.add.reduceat(self.opens.astype(np.intp), self.first_node))

    @property
    def thinnest(self) -> Indices:
        """Each stretch's thinnest edge, among `which`."""
        widths = self.axis.widths[self.which]
        return _firsts(widths == self.least(widths)[self.of], self.first)

    def least(self, values: Numbers) -> Numbers:
        """The least of the values of each stretch's edges."""
        return np.asarray(np.minimum.reduceat(values, self.first))

    def free_ends(self, one_place: Numbers) -> Indices:
        """The vertex at the free end of each stretch that comes to wide places at one end only; -1 where none does.

        Wide places within `one_place` mm of each other, for each stretch, are one.
        """
        at, of, many = self.axis.vertices.take(self.nodes, 0), self._of_nodes, len(self.nodes)
        loose = (self.degree == 1) & ~self.opens
        wide = np.where(self.opens[:, None], at, np.nan)
        reach = norms(np.fmax.reduceat(wide, self.first_node) - np.fmin.reduceat(wide, self.first_node))
        from_wide = at - at.take(np.minimum(_firsts(self.opens, self.first_node), many - 1)[of], 0)
        away = np.where(loose, norms(from_wide), -1.0)
        farthest = np.maximum.reduceat(away, self.first_node)
        ends = self.nodes[_firsts(away == farthest[of], self.first_node)]
        return np.where((farthest >= 0) & (reach <= one_place), ends, -1)

    @property
    def lines(self) -> NDArray[np.float64]:
        """(n, 2, 2) line pieces half-way between the two sides, from where the Voronoi vertices lie aside.

        Where pieces meet the longer ones tell the place: short ones may be taken between points a little way off.
        """
        _, near, far = self.axis.spans
        middles = (near.take(self.spans, 0) + far.take(self.spans, 0)) / 2
        reaches = self.axis.reaches.take(self.spans, 0)
        number = np.zeros(len(self.axis.vertices), dtype=np.intp)
        number[self.nodes] = np.arange(len(self.nodes))
        ends = number.take(self.axis.ends.take(self.which, 0))
        weights = np.repeat(norms(reaches) + 1e-9, 2)
        places = np.stack([middles - reaches / 2, middles + reaches / 2], axis=1).reshape(-1, 2)
        total = np.bincount(ends.ravel(), weights)
        made = np.column_stack([np.bincount(ends.ravel(), weights * places[:, k]) / total for k in (0, 1)])
        return np.asarray(made.take(ends.reshape(-1, 2), 0))

    @property
    def _of_nodes(self) -> Indices:
        return np.repeat(np.arange(len(self.first)), np.diff(np.append(self.first_node, len(self.nodes))))


def stretches_of(axis: Axis, which: Indices, group_of: Indices, opens: NDArray[np.bool_]) -> Stretches:
    """The stretches of Voronoi edges, by the group that each vertex of the axis is of; `opens` is told by vertex."""
    degree = np.bincount(axis.ends[which].ravel(), minlength=len(axis.vertices))
    nodes = np.flatnonzero(degree)
    which = which[np.argsort(group_of[axis.ends[which, 0]], kind="stable")]
    nodes = nodes[np.argsort(group_of[nodes], kind="stable")]
    return Stretches(axis, which, _begins(group_of[axis.ends[which, 0]]), nodes, _begins(group_of[nodes]),
                     degree[nodes], opens[nodes])


def _begins(sorted_groups: Indices) -> Indices:
    """Where each run of the same number begins."""
    return np.concatenate([[0], np.flatnonzero(np.diff(sorted_groups)) + 1])


def _firsts(told: NDArray[np.bool_], first: Indices) -> Indices:
    """The first of each run that is told; beyond the last of all where none is."""
    return np.asarray(np.minimum.reduceat(np.where(told, np.arange(len(told)), len(told)), first))
