"""The least-energy sheet: film as an elastic membrane whose flat shape costs the least when it is pressed on the wall.

Everything is told in the plane of the band's best cone, whose points p are both flat places and, by the cone's own
development, places on the wall. There the wall's metric is known exactly: along a meridian a step keeps its length,
round the glass it is `stretch(s) = r(s) / r_cone(s)` times as long. A flat shape is a map y(p); for y = p the film is
cut by the best cone. With A the wall's step for a step of p, the strain from wall to film is
E = (GᵀG - 1) / 2, G = (dy/dp) A⁻¹, and the energy that is made least is that of a St. Venant-Kirchhoff membrane in
plane stress, integral of (1 - nu) E:E + nu tr(E)² over the wall (unit stiffness E t / (2 (1 - nu²))). It does not
change when the sheet is turned, and is zero where the wall is a cone. docs/maths.md derives it.

Sources: O. C. Zienkiewicz and R. L. Taylor, The Finite Element Method (quadratic triangles, plane stress); J. Nocedal
and S. J. Wright, Numerical Optimization (L-BFGS with a line search).
"""

from collections.abc import Callable
from typing import TYPE_CHECKING

import numpy as np
from msgspec import Struct
from numpy.typing import NDArray

from vitrograph.core.errors import FitError
from vitrograph.core.film.mesh import Index, Mesh
from vitrograph.core.geometry import Points
from vitrograph.core.language import tr

if TYPE_CHECKING:
    from scipy.sparse import csr_matrix

Values = NDArray[np.float64]

POISSON = 0.35                     # of soft vinyl film (from memory, no published source)
TOLERANCE_MM = 1e-6                # the flat shape is found when no node would move farther in the next step
_NO_SHAPE = tr("the film's flat shape could not be found on this wall: make the art smaller")
_MOST_STEPS = 80
_KEPT = 10                         # steps that L-BFGS looks back on
_FACTOR_ANEW = 6                   # steps after which the stiffness is made anew, if they still go farther than that:
_FAR_MM = 0.01                     # film that gives much, or turns far beside deep cuts

# the three-point rule of degree 2 (Zienkiewicz and Taylor): exact for these elements where the metric is even
_PLACES = np.array([[2 / 3, 1 / 6, 1 / 6], [1 / 6, 2 / 3, 1 / 6], [1 / 6, 1 / 6, 2 / 3]])


class Metric(Struct, frozen=True):
    """How the wall measures a step of p at n places: (n, 2, 2) inverses of A, and its area for a unit of p's."""

    inverse: Values
    area: Values


MetricAt = Callable[[Points], Metric]


class Membrane(Struct, frozen=True):
    """A solved membrane: its mesh in the cone's plane, (n, 2) flat places of the nodes, its energy and the cone's."""

    mesh: Mesh
    flat: Points
    energy: float
    cone_energy: float
    steps: int


class Elements:
    """The quadrature of a mesh: for q points of each triangle, slopes of the shape functions, metric and weight."""

    def __init__(self, mesh: Mesh, metric_at: MetricAt) -> None:
        corners = mesh.nodes[mesh.triangles[:, :3]]
        sides = np.stack([corners[:, 1] - corners[:, 0], corners[:, 2] - corners[:, 0]], axis=2)
        area = np.linalg.det(sides) / 2
        points = np.einsum("qi,mid->mqd", _PLACES, corners)
        metric = metric_at(points.reshape(-1, 2))
        many = len(corners), len(_PLACES)
        # slopes by p, then by steps on the wall: B = (dN/dp) A⁻¹
        to_p = np.linalg.inv(sides)
        by_p = np.einsum("qid,mde->mqie", _slopes(_PLACES), to_p)
        self.triangles = mesh.triangles
        self.slopes = np.matmul(by_p, metric.inverse.reshape(*many, 2, 2))
        self.weights = area[:, None] / len(_PLACES) * metric.area.reshape(many)
        self.many = len(mesh.nodes)
        self._by = [self._operator(axis) for axis in range(2)]
        self._back = [by.T.tocsr() for by in self._by]

    def _operator(self, axis: int) -> "csr_matrix":
        """From the nodes' places to their slopes along one wall step at each point: it is linear, and mostly zeros."""
        from scipy.sparse import csr_matrix

        m, q = self.weights.shape
        nodes = np.repeat(self.triangles[:, None], q, axis=1).ravel()
        return csr_matrix((self.slopes[..., axis].ravel(), nodes, np.arange(0, 6 * m * q + 1, 6)), (m * q, self.many))

    def gradients(self, flat: Points) -> Values:
        """(m q, 2, 2): G at each point."""
        return np.stack([by @ flat for by in self._by], axis=2)

    def energy_and_forces(self, flat: Points) -> tuple[float, Values]:
        """The energy of a flat shape, and its gradient by the nodes' places (x and y of each in turn)."""
        gradient = self.gradients(flat)
        strain = _green(gradient)
        stress = _stress(strain) * self.weights.reshape(-1, 1, 1)
        # W is quadratic in E, so it is half of stress times strain
        energy = float((stress * strain).sum()) / 2
        first = np.matmul(gradient, stress)
        forces = sum(back @ first[:, :, axis] for axis, back in enumerate(self._back))
        return energy, np.asarray(forces).ravel()

    def stiffness(self, flat: Points) -> tuple[Values, Values, Values]:
        """The energy's Hessian as rows, columns and values; node i has the rows 2 i and 2 i + 1.

        Where the film is squeezed, the part that the stress itself adds is left out: it would make the way down no
        longer one.
        """
        m, q = self.weights.shape
        gradient = self.gradients(flat).reshape(m, q, 2, 2)
        stress = _pulling(_stress(_green(gradient)))
        # b: how E (xx, yy, xy doubled) follows the twelve nodal places
        g, s = gradient, self.slopes
        b = np.empty((m, q, 3, 6, 2))
        b[:, :, 0] = s[..., 0, None] * g[:, :, None, :, 0]
        b[:, :, 1] = s[..., 1, None] * g[:, :, None, :, 1]
        b[:, :, 2] = s[..., 0, None] * g[:, :, None, :, 1] + s[..., 1, None] * g[:, :, None, :, 0]
        b = b.reshape(m, q * 3, 12)
        weighted = (_ELASTIC @ b.reshape(m, q, 3, 12)) * self.weights[..., None, None]
        local = np.matmul(np.swapaxes(b, 1, 2), weighted.reshape(m, q * 3, 12)).reshape(m, 6, 2, 6, 2)
        pull = np.einsum("mqia,mqab,mqjb,mq->mij", s, stress, s, self.weights, optimize=True)
        local[:, :, 0, :, 0] += pull
        local[:, :, 1, :, 1] += pull
        dofs = (2 * self.triangles[:, :, None] + [0, 1]).reshape(m, 12)
        rows = np.repeat(dofs, 12, axis=1).ravel()
        return rows, np.tile(dofs, (1, 12)).ravel(), local.ravel()


# W = (1 - nu) E:E + nu tr(E)², by (xx, yy, xy doubled)
_ELASTIC = 2 * np.array([[1.0, POISSON, 0.0], [POISSON, 1.0, 0.0], [0.0, 0.0, (1 - POISSON) / 2]])


def _green(gradient: Values) -> Values:
    """(GᵀG - 1) / 2, written out: products of thousands of matrices of two are slow otherwise."""
    (a, b), (c, d) = np.moveaxis(gradient, (-2, -1), (0, 1))
    return _symmetric((a * a + c * c - 1) / 2, (b * b + d * d - 1) / 2, (a * b + c * d) / 2)


def _symmetric(xx: Values, yy: Values, xy: Values) -> Values:
    """(..., 2, 2) from the three numbers of each."""
    made = np.empty((*xx.shape, 2, 2))
    made[..., 0, 0], made[..., 1, 1], made[..., 0, 1], made[..., 1, 0] = xx, yy, xy, xy
    return made


def _stress(strain: Values) -> Values:
    trace = strain[..., 0, 0] + strain[..., 1, 1]
    return np.asarray(2 * ((1 - POISSON) * strain + POISSON * trace[..., None, None] * np.eye(2)))


def _pulling(stress: Values) -> Values:
    """The part of a stress that pulls: its positive principal stresses, by Mohr's circle."""
    xx, yy, shear = stress[..., 0, 0], stress[..., 1, 1], stress[..., 0, 1]
    mean, half = (xx + yy) / 2, (xx - yy) / 2
    radius = np.hypot(half, shear)
    high, low = np.maximum(mean + radius, 0.0), np.maximum(mean - radius, 0.0)
    each, along = (high + low) / 2, (high - low) / np.maximum(2 * radius, 1e-300)
    return _symmetric(each + along * half, each - along * half, along * shear)


def _slopes(places: Values) -> Values:
    """(k, 6, 2) slopes of the quadratic shape functions along a triangle's first and last side, at barycentric places.

    The functions are a (2 a - 1), b (2 b - 1), c (2 c - 1), 4 a b, 4 b c and 4 c a.
    """
    a, b, c = places.T
    zero = np.zeros_like(a)
    by_a = np.column_stack([4 * a - 1, zero, zero, 4 * b, zero, 4 * c])
    by_b = np.column_stack([zero, 4 * b - 1, zero, 4 * a, 4 * c, zero])
    by_c = np.column_stack([zero, zero, 4 * c - 1, zero, 4 * b, 4 * a])
    return np.stack([by_b - by_a, by_c - by_a], axis=2)


def least_energy(mesh: Mesh, metric_at: MetricAt) -> Membrane:
    """Solve for the flat shape, starting from the best cone's.

    The L-BFGS method, which begins from the inverse of the true stiffness there instead of a multiple of 1: so it
    takes few steps, and seldom factors more than once. Raises FitError where no shape is found to `TOLERANCE_MM`.
    """
    elements, free = Elements(mesh, metric_at), _free(mesh)
    flat = mesh.nodes.copy()
    energy, force = elements.energy_and_forces(flat)
    cone_energy, force, solve = energy, force[free], _factored(elements, flat, free)
    steps: list[tuple[Values, Values]] = []
    for count in range(_MOST_STEPS):
        move = -_descent(force, steps, solve)
        if np.abs(move).max() <= TOLERANCE_MM:
            return Membrane(mesh, flat, energy, cone_energy, count)
        flat, energy, pushed, moved = _stepped(elements, flat, energy, free, move)
        if moved @ (pushed - force) > 0:                       # else the step crossed a ridge and teaches nothing
            steps = [*steps[1 - _KEPT:], (moved, pushed - force)]
        force = pushed
        if count % _FACTOR_ANEW == _FACTOR_ANEW - 1 and np.abs(move).max() > _FAR_MM:
            steps, solve = [], _factored(elements, flat, free)
    raise FitError(_NO_SHAPE)


def _descent(force: Values, steps: list[tuple[Values, Values]], solve: Callable[[Values], Values]) -> Values:
    """The two loops of L-BFGS (Nocedal and Wright, algorithm 7.4): the inverse stiffness, mended by the last steps."""
    way, shares = force.copy(), []
    for moved, pushed in reversed(steps):
        share = float(moved @ way) / float(moved @ pushed)
        shares.append(share)
        way -= share * pushed
    way = solve(way)
    for (moved, pushed), share in zip(steps, reversed(shares), strict=True):
        way += moved * (share - float(pushed @ way) / float(moved @ pushed))
    return way


def _stepped(elements: Elements, flat: Points, energy: float, free: Index, move: Values
             ) -> tuple[Points, float, Values, Values]:
    """Take a step, or as much of it as lowers the energy (within what rounding allows)."""
    for halving in range(30):
        moved = 0.5**halving * move
        there = flat.copy()
        there.ravel()[free] += moved
        lower, force = elements.energy_and_forces(there)
        if lower <= energy * (1 + 1e-12) + 1e-18:
            break
    return there, lower, force[free], moved


def _free(mesh: Mesh) -> Index:
    """All nodal places but three, held so that the sheet neither shifts nor turns: one node, and another's height."""
    middle = (mesh.nodes.min(axis=0) + mesh.nodes.max(axis=0)) / 2
    held = int(np.argmin(np.hypot(*(mesh.nodes - middle).T)))
    off = mesh.nodes - mesh.nodes[held]
    far = int(np.argmax(np.abs(off[:, 0])))
    free = np.ones(2 * len(mesh.nodes), dtype=bool)
    free[[2 * held, 2 * held + 1, 2 * far + 1]] = False
    return np.flatnonzero(free)


def _factored(elements: Elements, flat: Points, free: Index) -> Callable[[Values], Values]:
    from scipy.sparse import csc_matrix
    from scipy.sparse.linalg import splu

    rows, columns, values = elements.stiffness(flat)
    number = np.full(2 * elements.many, -1, dtype=np.int32)
    number[free] = np.arange(len(free))
    rows, columns = number[rows], number[columns]
    used = (rows >= 0) & (columns >= 0)
    matrix = csc_matrix((values[used], (rows[used], columns[used])), (len(free), len(free)))
    try:
        factors = splu(matrix, permc_spec="MMD_AT_PLUS_A", diag_pivot_thresh=0.0, relax=1, panel_size=4,
                       options={"SymmetricMode": True})    # elements this small make small dense blocks
    except RuntimeError:                                       # singular: part of the film hangs on nothing
        raise FitError(_NO_SHAPE) from None
    solve: Callable[[Values], Values] = factors.solve
    return solve


def strain_at_nodes(mesh: Mesh, flat: Points, metric_at: MetricAt) -> Values:
    """(n, 2, 2): the film's strain when pressed on the wall, in the sheet's own frame, averaged at each node.

    It is U - 1 with U the film's stretch: its eigenvalues are the principal strains, negative where it is squeezed.
    """
    corners = np.array([[1.0, 0, 0], [0, 1, 0], [0, 0, 1], [0.5, 0.5, 0], [0, 0.5, 0.5], [0.5, 0, 0.5]])
    slopes = _slopes(corners)
    vertices = mesh.nodes[mesh.triangles[:, :3]]
    sides = np.stack([vertices[:, 1] - vertices[:, 0], vertices[:, 2] - vertices[:, 0]], axis=2)
    by_p = np.einsum("qid,mde->mqie", slopes, np.linalg.inv(sides))
    inverse = metric_at(mesh.nodes).inverse[mesh.triangles]
    gradient = np.matmul(np.swapaxes(flat[mesh.triangles], 1, 2)[:, None], np.matmul(by_p, inverse))
    stretched, ways = np.linalg.eigh(np.matmul(gradient, np.swapaxes(gradient, -1, -2)))
    strain = np.einsum("mqab,mqb,mqcb->mqac", ways, 1 / np.sqrt(stretched) - 1, ways)
    weight = np.repeat(np.linalg.det(sides)[:, None], 6, axis=1).ravel()
    at = mesh.triangles.ravel()
    total = np.bincount(at, weight, len(mesh.nodes))
    return np.stack([np.bincount(at, weight * strain[..., i, j].ravel(), len(mesh.nodes)) / total
                     for i in range(2) for j in range(2)], axis=1).reshape(-1, 2, 2)
