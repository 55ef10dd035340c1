"""Tracing a picture of 3000 x 3000 px as a ratio to one pass of the contour finder; memory of a 24-megapixel trace.

Run: ./run bench tracing
"""

import io
import resource
import subprocess
import sys

import numpy as np
from PIL import Image, ImageDraw

from common import in_turn, report
from vitrograph.core.artwork.tracing import trace
from vitrograph.core.job import TraceChoices

REPEATS, FINER = 5, 4


def page(width: int, height: int) -> bytes:
    """A made-up page of rings, stars and bars, antialiased, as PNG."""
    image = Image.new("L", (FINER * width, FINER * height), 255)
    draw = ImageDraw.Draw(image)
    draws = np.random.default_rng(7)
    for row in range(0, height - 400, 420):
        for column in range(0, width - 400, 420):
            size = FINER * int(draws.integers(120, 190))
            x, y = FINER * (column + 210), FINER * (row + 210)
            draw.ellipse((x - size, y - size, x + size, y + size), fill=0)
            draw.ellipse((x - size // 2, y - size // 2, x + size // 2, y + size // 2), fill=255)
            draw.regular_polygon((x, y, size // 3), int(draws.integers(3, 9)), fill=0)
    out = io.BytesIO()
    image.reduce(FINER).save(out, "PNG")
    return out.getvalue()


def contour_pass(pixels: np.ndarray) -> None:
    """One pass of the library over the same pixels."""
    from contourpy import contour_generator

    contour_generator(z=pixels, name="serial").lines(0.5)


def whole_trace(content: bytes) -> None:
    trace.cache_clear()
    trace(content, TraceChoices())


def memory_of_a_large_trace() -> float:
    """Most memory, in MB, that a process of its own takes to trace 24 megapixels."""
    code = ("import sys; sys.path.insert(0, 'bench'); import resource, tracing;"
            "tracing.whole_trace(sys.stdin.buffer.read());"
            "print(resource.getrusage(resource.RUSAGE_SELF).ru_maxrss)")
    done = subprocess.run([sys.executable, "-c", code], input=page(6000, 4000), capture_output=True, check=True)
    return int(done.stdout) / 1024


if __name__ == "__main__":
    content = page(3000, 3000)
    pixels = np.asarray(Image.open(io.BytesIO(content)), dtype=float) / 255
    base, ours = in_turn([lambda: contour_pass(pixels), lambda: whole_trace(content)], REPEATS)
    report("one pass of the contour finder, 3000 x 3000 px", 1000 * base, "ms")
    report("a whole trace, from the PNG file to curves", 1000 * ours, "ms")
    report("ratio of the medians", ours / base, "x ", 4.0)
    report("memory of a 24-megapixel trace", memory_of_a_large_trace(), "MB", 1024.0)
    report("memory of this process", resource.getrusage(resource.RUSAGE_SELF).ru_maxrss / 1024, "MB")
