"""Hypothesis strategies: glasses, art, points. Sizes are those of real glassware and stranger."""

import numpy as np
from hypothesis import strategies as st

from vitrograph.core.geometry import Points
from vitrograph.core.glass import Frustum
from vitrograph.core.job import Fit

diameters = st.floats(20, 300)
radii = st.floats(10, 150)


@st.composite
def frustums(draw: st.DrawFn) -> Frustum:
    """Straight, nearly straight, and tapered walls, to very wide cones."""
    base = draw(radii)
    gain = draw(st.one_of(st.just(0.0), st.floats(-1e-6, 1e-6), st.floats(-140, 140)))
    rim = max(5.0, base + gain)
    slant = draw(st.floats(1.02, 8)) * max(30.0, abs(rim - base))
    return Frustum(base, rim, slant)


@st.composite
def wall_points(draw: st.DrawFn, glass: Frustum) -> Points:
    """A few points on a wall, all round."""
    count = draw(st.integers(1, 6))
    u = draw(st.lists(st.floats(-3.1, 3.1), min_size=count, max_size=count))
    share = draw(st.lists(st.floats(0.0, 1.0), min_size=count, max_size=count))
    return np.column_stack([u, np.array(share) * glass.slant])


words = st.text(alphabet="KestrlPoinOBVAYqg&8 ", min_size=1, max_size=12).filter(lambda text: text.strip())

fits = st.builds(
    Fit,
    mode=st.sampled_from(["rim", "straight"]), angle=st.floats(-3, 3), face=st.sampled_from(["outside", "back"]),
)
