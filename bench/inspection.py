"""Inspection: 300 simulated photographs with known faults, what of them is found, and how long 12 megapixels take.

Run: ./run bench inspection [PICTURES]. The simulated camera stands up to 15 degrees askew, with blur, noise, uneven
light, a bent lens, and a film laid a little off and crooked; half the faults of each picture are leaks, half voids.
"""

import random
import resource
import sys
import time
from math import degrees, hypot, pi, radians

import numpy as np
import shapely
from shapely import affinity

from common import report
from vitrograph.at_work import worked_out
from vitrograph.core.demo import DemoName, demo_order
from vitrograph.core.errors import PictureError
from vitrograph.core.logbook.inspection import inspect
from vitrograph.core.logbook.inspection.card import card_of
from vitrograph.core.logbook.inspection.found import CardSeen, black_behind
from vitrograph.core.logbook.inspection.seat import seat_of
from vitrograph.core.pipeline import Pipeline
from vitrograph.devices.piece_camera import Laid, PieceCamera

PIECES: tuple[DemoName, ...] = ("tumbler", "plaque", "carafe", "flutes", "ornament")
LEAST_MM2 = 1.5


def piece_of(name: DemoName):
    """One piece of a demo order, all worked out."""
    return worked_out(Pipeline(), demo_order(name)).pieces[0]


def in_sight(piece) -> shapely.Geometry:
    """Where faults are put: within the films, and not round the side of the glass."""
    left, low, right, high = piece.sheet.frosted.bounds
    middle = (left + right) / 2
    reach = 0.75 * piece.wall.scale(np.array([piece.fitted.chart.s0]))[0] if piece.wall.closed else 1e3
    zone = shapely.box(middle - reach, low - 6, middle + reach, high + 6)
    return shapely.intersection(shapely.buffer(piece.sheet.outline, -2.0), zone)


def blob(chance: random.Random, at, area: float):
    """An oval of so many mm² at a place, turned anyhow."""
    stretch = chance.uniform(1.0, 2.2)
    radius = np.sqrt(area / pi)
    return affinity.rotate(affinity.scale(shapely.Point(at).buffer(radius), stretch**0.5, stretch**-0.5),
                           chance.uniform(0, 180))


def before_black(piece, camera: PieceCamera):
    """Whether a place on the sheet has the card's black behind it: frost cannot be told from paper."""
    left, low, right, high = piece.sheet.frosted.bounds
    seat = seat_of(piece.fitted.chart, np.array([(left + right) / 2, (low + high) / 2]), card=True)
    black = black_behind(CardSeen(card_of("A4"), camera.pinhole, 10), camera.size)

    def told(shape) -> bool:
        edge = np.asarray(shapely.buffer(shape, 3.0).exterior.coords)
        pixels = np.round(seat.seen(edge, camera.pinhole)[0]).astype(int)
        inside = (pixels >= 0).all() and (pixels < camera.size).all()
        return bool(inside and black[pixels[:, 1], pixels[:, 0]].all())

    return told


def faults_for(chance: random.Random, piece, camera: PieceCamera, most: int = 3):
    """Leaks and voids of 1.5 to 10 mm² each, apart from each other."""
    zone, frosted, seen = in_sight(piece), piece.sheet.frosted, before_black(piece, camera)
    left, low, right, high = zone.bounds
    leaks, voids, taken = [], [], []
    for _ in range(400):
        if len(leaks) + len(voids) >= most:
            break
        at = (chance.uniform(left, right), chance.uniform(low, high))
        shape = shapely.intersection(blob(chance, at, chance.uniform(1.6, 10.0)), zone)
        leaks_here = len(leaks) <= len(voids)
        true = shapely.difference(shape, frosted) if leaks_here else shapely.intersection(shape, frosted)
        if true.geom_type != "Polygon" or true.area < LEAST_MM2 or shapely.buffer(true, -0.3).is_empty:
            continue
        if any(shapely.distance(true, one) < 3.0 for one in taken) or not seen(true):
            continue
        (leaks if leaks_here else voids).append(true)
        taken.append(true)
    return leaks, voids


def camera_for(chance: random.Random, seed: int, laid: Laid, size) -> PieceCamera:
    """A camera as hands hold it."""
    return PieceCamera(size=size, distance=chance.uniform(400, 560), yaw=radians(chance.uniform(-15, 15)),
                       pitch=radians(chance.uniform(-10, 10)), roll=radians(chance.uniform(-6, 6)), height=120.0,
                       focal=chance.uniform(1.0, 1.15), lens=chance.uniform(-0.04, 0.04),
                       noise=chance.uniform(0.0, 0.02), blur=chance.uniform(0.3, 1.3),
                       uneven=chance.uniform(-0.3, 0.3), seed=seed, laid=laid)


def accuracy(pictures: int, seed: int) -> None:
    chance = random.Random(seed)
    pieces = [piece_of(name) for name in PIECES]
    known = found = false = refused = 0
    areas, places, tilts, ups = [], [], [], []
    for number in range(pictures):
        piece = pieces[number % len(pieces)]
        laid = Laid(chance.uniform(-4, 4), chance.uniform(-4, 4), radians(chance.uniform(-2, 2)), chance.uniform(-3, 3))
        camera = camera_for(chance, number, laid, (1500, 2000))
        leaks, voids = faults_for(chance, piece, camera)
        picture = camera.photograph(piece, leaks, voids)
        try:
            seen = inspect(picture.astype(np.float32) / 255, piece)
        except PictureError as error:
            refused += 1
            print(f"   picture {number}, {piece.job.name}: {error}")
            continue
        told = list(seen.faults)
        for true in (*leaks, *voids):
            known += 1
            mine = min(told, key=lambda one: shapely.distance(one.outline, true), default=None)
            if mine is None or shapely.distance(mine.outline, true) > 0.5:
                continue
            told.remove(mine)
            found += 1
            areas.append(abs(mine.area / true.area - 1))
            places.append(hypot(mine.where[0] - true.centroid.x, mine.where[1] - true.centroid.y))
        false += len(told)
        tilts.append(abs(degrees(seen.crooked - laid.tilt)))
        ups.append(abs(seen.up - laid.up))
    report(f"faults found of 100, of {known}", 100 * found / known, "  ", 95.0, more=True)
    report("false faults a picture", false / pictures, "  ", 1.0)
    report("areas off, median", 100 * float(np.median(areas)), "% ", 15.0)
    report("areas off, 9 of 10 within", 100 * float(np.quantile(areas, 0.9)), "% ")
    report("places off, 95 of 100 within", float(np.quantile(places, 0.95)), "mm", 0.4)
    report("height off, 95 of 100 within", float(np.quantile(ups, 0.95)), "mm", 0.4)
    report("crookedness off, 95 of 100 within", float(np.quantile(tilts, 0.95)), "degrees", 0.2)
    report("pictures refused of 100", 100 * refused / pictures, "  ")


def speed(seed: int) -> None:
    chance, piece = random.Random(seed), piece_of("tumbler")
    camera = camera_for(chance, 1, Laid(), (3000, 4000))
    picture = camera.photograph(piece, *faults_for(chance, piece, camera)).astype(np.float32) / 255
    took = []
    for _ in range(3):
        begun = time.perf_counter()
        inspect(picture, piece)
        took.append(time.perf_counter() - begun)
    report("12 megapixels judged, median", sorted(took)[1], "s ", 4.0)
    report("most memory of this whole run", resource.getrusage(resource.RUSAGE_SELF).ru_maxrss / 1024, "MB", 1024.0)


if __name__ == "__main__":
    seed = random.randrange(10**9)
    print(f"seed {seed}")
    speed(seed)
    accuracy(int(sys.argv[1]) if len(sys.argv) > 1 else 300, seed)
