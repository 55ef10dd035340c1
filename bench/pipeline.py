"""A whole pipeline run as a ratio to the Shapely calls it cannot avoid. Run: ./run bench pipeline

The baseline is, on the same shapes and in the same process: joining the parts of each item, splitting and moving every
vertex, one difference for the film, and for each of the two width checks one simplification, one erosion, one
dilation and one difference.
"""

import shapely

from common import in_turn, report
from vitrograph.core.demo import demo_job
from vitrograph.core.pipeline import Pipeline

REPEATS = 15


def unavoidable(results) -> None:
    """The geometry kernel's own share of the work."""
    job, sheet, fitted = results.job, results.sheet, results.fitted
    for placed in results.art.placed:
        shapely.union_all(shapely.get_parts(placed.shape))
    shapely.transform(shapely.segmentize(fitted.art, 2.0), lambda xy: xy * 1.01)
    shapely.difference(sheet.outline, fitted.sheet_art)
    for shape, limit in ((sheet.film, job.stencil.least_web), (sheet.openings, job.stencil.least_opening)):
        plain = shapely.simplify(shape, 0.004)
        core = plain.buffer(-limit / 2, quad_segs=6).buffer(limit / 2 + 0.002, quad_segs=6)
        shapely.difference(plain, core)


if __name__ == "__main__":
    made = demo_job()
    results = Pipeline().run(made)                            # glyphs, fonts and the drawing are read once
    base, ours = in_turn([lambda: unavoidable(results), lambda: Pipeline().run(made)], REPEATS)
    vertices = len(shapely.get_coordinates(results.sheet.film))
    report(f"the geometry kernel alone, {vertices} vertices, median", 1000 * base, "ms")
    report("the whole pipeline, median", 1000 * ours, "ms")
    report("ratio of the medians", ours / base, "x ", 2.0)
