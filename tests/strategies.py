"""Hypothesis strategies: glasses, art, points. Sizes are those of real glassware and stranger."""

from typing import get_args

import numpy as np
from hypothesis import strategies as st

from vitrograph.core.geometry import Points
from vitrograph.core.glass import Frustum
from vitrograph.core.job import Artwork, EdgeName, Fit, Item, OutlineName, Repeat, Shape, Words

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

texts = st.text(alphabet="KestrlPoinOBVAYqg&8", min_size=1, max_size=8)
turns = st.one_of(st.just(0.0), st.floats(-3.1, 3.1))


@st.composite
def items(draw: st.DrawFn) -> Item:
    """Words and shapes of any size, place, turn and lean; some repeated."""
    what = draw(st.one_of(
        st.builds(Words, text=texts, face=st.sampled_from(["Barlow Bold", "Lobster Two", "Zilla Slab Bold"]),
                  bend=st.sampled_from([0.0, 6.0, -8.0])),
        st.builds(Shape, outline=st.sampled_from(get_args(OutlineName)), edge=st.sampled_from(get_args(EdgeName)),
                  line=st.floats(0.3, 3.0))))
    repeat = draw(st.none() | st.builds(Repeat, times=st.integers(1, 4), way=st.sampled_from(["row", "column", "ring"]),
                                        pitch=st.floats(5, 40)))
    sides = ["width", "height"] if isinstance(what, Shape) else ["width", "height", "caps"]
    return Item(what, x=draw(st.floats(-40, 40)), y=draw(st.floats(-40, 40)), size=draw(st.floats(4, 60)),
                 size_is=draw(st.sampled_from(sides)), stretch=draw(st.floats(0.5, 2.0)), turn=draw(turns),
                 lean=draw(st.sampled_from([0.0, 0.3, -0.5])), flip=draw(st.booleans()), repeat=repeat)


@st.composite
def artworks(draw: st.DrawFn) -> Artwork:
    """One to three items; the lowest frosts."""
    made = draw(st.lists(items(), min_size=1, max_size=3))
    return Artwork(tuple(item.with_(key=at, does="frosts" if at == 1 else draw(st.sampled_from(["frosts", "clears"])))
                         for at, item in enumerate(made, start=1)))
