"""Searches by halving."""

from collections.abc import Callable


def largest_that(holds: Callable[[float], bool], low: float, high: float, halvings: int) -> float:
    """Nearly the largest number from `low` to `high` for which something holds, if it holds below and not above.

    What is given back holds, or is `low`; it is nearer to the largest than (high - low) / 2**halvings.

    >>> round(largest_that(lambda x: x * x <= 2.0, 0.0, 2.0, 40), 6)
    1.414214
    """
    for _ in range(halvings):
        middle = (low + high) / 2
        low, high = (middle, high) if holds(middle) else (low, middle)
    return low


def smallest_that(holds: Callable[[float], bool], low: float, high: float, halvings: int) -> float:
    """Nearly the smallest number from `low` to `high` for which something holds, if it holds above and not below."""
    return -largest_that(lambda x: holds(-x), -high, -low, halvings)
