"""The logbook of 50,000 entries: list, search and filter, and the advice and the causes.

Run: ./run bench logbook. Its entries are drawn by chance; they are nobody's.
"""

import random
import tempfile
from pathlib import Path

from common import percentile, report, timed
from vitrograph.core.logbook import Asked, Entry, Logbook
from vitrograph.core.logbook.advice import advise, causes_in, months_in

ENTRIES = 50_000
ROUNDS = 9


def entry(chance: random.Random, number: int) -> Entry:
    minutes = round(2 * chance.lognormvariate(2, 0.5)) / 2 or 0.5
    outcome = chance.choices(("good", "faint", "leak at an edge", "drip"), (80, 200 / (2 + minutes**2), 4, 1))[0]
    return Entry(
        made_on=f"20{chance.randint(10, 26)}-{chance.randint(1, 12):02}-{chance.randint(1, 28):02}",
        job=f"Piece {number % 997}", glass="taper 86>61 × 128 mm", material=chance.choice(("ordinary", "bakeware")),
        art="Comet, Kestrel Point", film=chance.choice(("stencil", "permanent", "removable")),
        cream=chance.choice(("North", "South", "Harbour")), minutes=minutes, how_many=chance.randint(1, 6),
        outcome=outcome, web_mm=chance.uniform(0.3, 2), island_mm2=chance.uniform(1, 20),
        settled_min=chance.choice((5.0, 15.0, 30.0)), cream_days=chance.randint(0, 800),
        strain_pct=chance.uniform(0, 2), note="went as planned", for_whom="the guides")


if __name__ == "__main__":
    chance = random.Random(20)
    book = Logbook(Path(tempfile.mkdtemp()) / "logbook.sqlite")
    book.add_all([entry(chance, number) for number in range(ENTRIES)])
    for name, work, aim in (
            ("the newest 200 listed", lambda: book.found(most=200), 100.0),
            ("searched for two words", lambda: book.found(Asked(words="piece 12"), most=200), 100.0),
            ("searched for what is nowhere", lambda: book.found(Asked(words="nowhere at all"), most=200), 100.0),
            ("filtered by cream, outcome and days", lambda: book.found(
                Asked(cream="north", outcome="drip", since="2020-01-01"), most=200), 100.0),
            ("sorted by stars", lambda: book.found(sorted_by="stars", most=200), 100.0),
            ("counted", lambda: book.count(Asked(words="piece 12")), 100.0),
            ("grouped by cream", lambda: book.groups("cream"), 100.0),
            ("advice for a cream on a glass", lambda: advise(book, "North", "ordinary"), 200.0),
            ("causes", lambda: causes_in(book), 200.0),
            ("months", lambda: months_in(book), None)):
        report(f"{ENTRIES} entries, {name}, median", 1000 * percentile(timed(work, ROUNDS), 0.5), "ms", aim)
