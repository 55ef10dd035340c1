"""What the benches share: a median and a percentile of repeated timings, and a plain table."""

import time
from collections.abc import Callable


def timed(work: Callable[[], object], repeats: int) -> list[float]:
    """Seconds of each of several runs, sorted."""
    taken = []
    for _ in range(repeats):
        begun = time.perf_counter()
        work()
        taken.append(time.perf_counter() - begun)
    return sorted(taken)


def percentile(taken: list[float], share: float) -> float:
    """The value below which `share` of the sorted timings lie."""
    return taken[min(len(taken) - 1, int(share * len(taken)))]


def report(name: str, value: float, unit: str, aim: float | None = None) -> None:
    """One line: what, how much, and whether it meets its aim."""
    verdict = "" if aim is None else f"   aim <= {aim:g}: {'met' if value <= aim else 'MISSED'}"
    print(f"{name:62} {value:9.2f} {unit}{verdict}")
