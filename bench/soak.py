"""A soak: random edits over every station and piece of the real window; its longest block, its memory, its warnings.

    .venv/bin/python bench/soak.py [HOW MANY EDITS] [SEED]

A block is the time in which the window could answer nobody: one round of its events, and the edit itself. Where other
guests of the same computer were given its processors meanwhile, as the kernel tells, the program can do nothing about
it: such blocks are counted by themselves. (The kernel counts what was taken as worked by the thread, too.)
"""

import os
import random
import resource
import sys
import time
import warnings
from functools import partial
from pathlib import Path

os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")

from common import close, open_shell, percentile, report
from vitrograph.core.demo import open_night
from vitrograph.core.stations import STATIONS

_WORDS = ("Gull", "Kestrel Point", "Open night", "Dome\nObservatory", "K")
_ROUNDS = 12                        # of events after an edit: some results are still on their way when the next comes


def edit_at_random(shell, rng: random.Random) -> None:
    """One thing a maker may do."""
    bench = shell.bench
    numbers = {"fit__angle": (-3.0, 3.0), "fit__from_rim": (5.0, 60.0), "stencil__border": (5.0, 25.0),
               "cut__over_run": (0.0, 2.0), "transfer__margin": (2.0, 12.0), "artwork__items__0__size": (20.0, 70.0)}
    choices = {"fit__mode": ("rim", "letters", "straight", "eye"), "etch__halves": (True, False),
               "etch__tool": ("brush", "squeegee"),
               "stencil__kind": ("resist", "clear", "decal"), "units": ("mm", "in"),
               "stencil__marks": ("none", "drawn")}
    kind = rng.randrange(9)
    if kind < 3:
        path = rng.choice(list(numbers))
        bench.edit("Soak", **{path: round(rng.uniform(*numbers[path]), 2)})
    elif kind == 3:
        path = rng.choice(list(choices))
        bench.edit("Soak", **{path: rng.choice(choices[path])})
    elif kind == 4:
        words = [item for item in bench.job.artwork.items if hasattr(item.what, "text")]
        if words:
            bench.edit_item("Words", words[0].key, what__text=rng.choice(_WORDS))
    elif kind == 5:
        offered = [found.remedy for found in bench.results.findings() if found.remedy is not None]
        if offered:
            bench.remedy(rng.choice(offered))
    elif kind == 6:
        rng.choice((bench.undo_stack.undo, bench.undo_stack.undo, bench.undo_stack.redo))()
    elif kind == 7:
        bench.take_piece(*rng.choice(bench.order.places))
    else:
        bench.go(rng.choice(STATIONS))


class Blocks:
    """How long each block took, what of it the window's thread worked, and what other guests of the computer took."""

    def __init__(self) -> None:
        self.took: list[tuple[float, float, float]] = []

    def during(self, work) -> None:
        """Do something, and take its time."""
        begun, own, stolen = time.perf_counter(), time.thread_time(), _stolen()
        work()
        self.took.append((time.perf_counter() - begun, time.thread_time() - own, _stolen() - stolen))

    def tell(self, edits: int) -> None:
        """Print them."""
        undisturbed = sorted(took for took, _own, stolen in self.took if not stolen)
        disturbed = sorted(took for took, _own, stolen in self.took if stolen)
        own = max(own for _took, own, stolen in self.took if not stolen)
        report(f"longest block of {edits} edits", 1000 * undisturbed[-1], "ms", 100)
        report("blocks over 100 ms", sum(block > 0.1 for block in undisturbed), "", 0)
        report("block, 99.9 of 100", 1000 * percentile(undisturbed, 0.999), "ms")
        report("most that the window's thread worked in one of them", 1000 * own, "ms", 100)
        report("blocks over 100 ms while others had the processors", sum(block > 0.1 for block in disturbed), "")
        report("of so many", len(disturbed), "")
        report("time that others had", sum(stolen for *_, stolen in self.took), "s ")


def _stolen() -> float:
    """Seconds that the processors were given to other guests, since the start; in steps of 10 ms."""
    return int(Path("/proc/stat").read_text().split("\n")[0].split()[8]) / os.sysconf("SC_CLK_TCK")


def main() -> None:
    """Edit, and print what was seen."""
    many = int(sys.argv[1]) if len(sys.argv) > 1 else 3000
    seed = int(sys.argv[2]) if len(sys.argv) > 2 else random.randrange(10**9)
    rng = random.Random(seed)
    print(f"seed {seed}")
    shell = open_shell(open_night(), "glass")
    from PySide6.QtCore import QEvent
    from PySide6.QtWidgets import QApplication

    # what is to be deleted goes, as in the program's own loop
    clear = partial(QApplication.sendPostedEvents, None, QEvent.Type.DeferredDelete.value)
    blocks, early, halfway = Blocks(), 0.0, 0.0
    refused: list[str] = []
    shell.bench.refused.connect(refused.append)
    with warnings.catch_warnings(record=True) as warned:
        warnings.simplefilter("always")
        for number in range(many):
            blocks.during(lambda: edit_at_random(shell, rng))
            for _ in range(_ROUNDS):
                blocks.during(QApplication.processEvents)
                blocks.during(clear)
                time.sleep(0.003)
            if number == 100:
                early = _memory_mb()
            if number == many // 2:
                halfway = _memory_mb()
    blocks.tell(many)
    report("memory at its most", resource.getrusage(resource.RUSAGE_SELF).ru_maxrss / 1024, "MB", 1000)
    report("memory grown since the hundredth edit", _memory_mb() - early, "MB")
    report("of it in the second half", _memory_mb() - halfway, "MB")
    report("warnings", len(warned), "", 0)
    report("faults told", sum("could not be worked out" in sentence for sentence in refused), "", 0)
    close(shell)


def _memory_mb() -> float:
    pages = int(Path("/proc/self/statm").read_text().split()[1])
    return pages * resource.getpagesize() / 1e6


if __name__ == "__main__":
    main()
