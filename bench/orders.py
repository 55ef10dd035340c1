"""Orders: sixty names on a taper, cold; one of them changed; another piece taken in hand. Run: ./run bench orders

The sixty are held against the geometry kernel's own calls for the same sixty (see bench/pipeline.py); the one changed
against a piece of its own.
"""

import os
import random
import time

os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")

import msgspec

from common import close, in_turn, open_shell, percentile, report
from pipeline import unavoidable
from vitrograph.core.demo import open_night
from vitrograph.core.job import Artwork, Item, Job, Names, Order, Row, TaperedGlass, Words
from vitrograph.core.pipeline import Pipeline

ROWS, LETTERS, ROUNDS = 60, 12, 5
GLASS = TaperedGlass(rim=58.0, base=41.0, height=148.0)


def name(chance: random.Random) -> str:
    """Twelve letters that nobody is called by."""
    return "".join(chance.choice("abcdefghijklmnoprstuvw") for _ in range(LETTERS)).capitalize()


def one(words: str) -> Job:
    return Job(name="Flute", glass=GLASS).changed(
        artwork=Artwork((Item(Words(words), key=1, size=6.0, size_is="caps"),)), fit__from_rim=42.0,
        stencil__ties__placed="none")


def listed(chance: random.Random) -> Order:
    order = Order.of(one("Name"))
    rows = tuple(Row(key, (name(chance),)) for key in range(ROWS))
    return order.changed(names=Names(("words",), rows))


def cold(chance: random.Random) -> None:
    """All rows from nothing, beside the kernel's own share of the work on them."""
    orders = iter([listed(chance) for _ in range(ROUNDS + 1)])
    known = Pipeline().run_order(next(orders)).pieces

    def kernel() -> None:
        for results in known:
            unavoidable(results)

    whole, base = in_turn([lambda: Pipeline().run_order(next(orders)), kernel], ROUNDS)
    report(f"{ROWS} rows of {LETTERS} letters, cold, median", whole, "s ")
    report(f"{ROWS} rows against the kernel's own calls for them", whole / base, "x ", 1.6)


def changed(chance: random.Random) -> None:
    """One row of sixty changed, to new results of the whole order, beside that row as a piece."""
    pipeline, order = Pipeline(), listed(chance)
    pipeline.run_order(order)

    def row() -> None:
        nonlocal order
        names = order.pieces[0].names
        at = chance.randrange(ROWS)
        order = order.changed(names=names.with_row(at, msgspec.structs.replace(names.rows[at], cells=(name(chance),))))
        pipeline.run_order(order)

    warm, alone = in_turn([row, lambda: Pipeline().run(one(name(chance)))], 15)
    report("one row of sixty changed, median", 1000 * warm, "ms")
    report("one row of sixty changed, against one piece alone", warm / alone, "x ", 1.2)


def switched() -> None:
    """A piece taken in hand, to the frames that show it."""
    from PySide6.QtWidgets import QApplication

    shell = open_shell(open_night(), "stencil")
    bench = shell.bench
    while not bench.order_results.complete:
        QApplication.processEvents()
        time.sleep(0.01)
    taken = []
    for round_ in range(60):
        begun = time.perf_counter()
        bench.take_piece(round_ % len(bench.order.pieces))
        QApplication.processEvents()
        taken.append(time.perf_counter() - begun)
        for _ in range(20):
            QApplication.processEvents()
            time.sleep(0.01)
    report("another piece in hand, to its frame, p95", 1000 * percentile(sorted(taken), 0.95), "ms", 50)
    close(shell)


if __name__ == "__main__":
    seed = random.randrange(10**9)
    print(f"seed {seed}")
    cold(random.Random(seed))
    changed(random.Random(seed))
    switched()
