"""What was found, drawn over the photograph, and told as data to be kept with the record."""

import io
from math import degrees
from typing import Any

import numpy as np
import shapely

from vitrograph.core.geometry import Points
from vitrograph.core.logbook.inspection.inspecting import Inspection
from vitrograph.core.logbook.inspection.judging import Fault
from vitrograph.core.logbook.inspection.unroll import Picture
from vitrograph.core.says import in_words
from vitrograph.core.telling.plan_json import rounded_tree
from vitrograph.core.units import Unit
from vitrograph.core.value_words import word_of

_BRIGHT, _DARK, _AROUND = (255, 176, 32), (72, 200, 255), (64, 160, 96)        # too much, too little, the design
_KEPT_PX, _JPEG = 1600, 85
_ROUND_PX = 14                     # a ring round a fault too small to see
_TOO_MUCH = ("leak", "drip", "not pulled")


def overlay_jpeg(gray: Picture, seen: Inspection, longest: int = _KEPT_PX) -> bytes:
    """The photograph with the faults drawn round and numbered, the largest first, as a JPEG."""
    from PIL import Image, ImageDraw

    share = min(1.0, longest / max(gray.shape))
    image = Image.fromarray((np.clip(gray, 0, 1) * 255).astype(np.uint8)).convert("RGB")
    image = image.resize((round(image.width * share), round(image.height * share)))
    draw = ImageDraw.Draw(image)
    for number, fault in enumerate(seen.faults, start=1):
        colour = _BRIGHT if fault.kind in _TOO_MUCH else _DARK
        ring = share * outline_on(seen, fault)
        draw.line([tuple(point) for point in np.vstack([ring, ring[:1]]).tolist()], fill=colour, width=2)
        x, y = ring.mean(axis=0).tolist()
        reach = max(_ROUND_PX, float(np.ptp(ring, axis=0).max()) / 2 + 8)
        draw.ellipse((x - reach, y - reach, x + reach, y + reach), outline=colour, width=2)
        draw.text((x + reach + 3, y - reach), f"{number} {word_of(fault.kind)}", fill=colour, font_size=16)
    out = io.BytesIO()
    image.save(out, "JPEG", quality=_JPEG)
    return out.getvalue()


def outline_on(seen: Inspection, fault: Fault) -> Points:
    """(n, 2) pixels of a fault's outline in the photograph."""
    ring = np.asarray(shapely.segmentize(fault.outline, 1.0).exterior.coords)[:-1]
    return np.nan_to_num(seen.registered.seat.seen(ring, seen.registered.camera)[0])


def design_on(seen: Inspection) -> Points:
    """(n, 2) pixels of the corners and sides of the design's box in the photograph, as far as they can be seen."""
    box = np.asarray(shapely.segmentize(shapely.box(*seen.bounds), 10.0).exterior.coords)
    pixels, facing = seen.registered.seat.seen(box, seen.registered.camera)
    return pixels[(facing > 0) & np.isfinite(pixels).all(axis=1)]


def inspection_json(seen: Inspection, unit: Unit = "mm") -> dict[str, Any]:
    """An inspection as data: lengths mm, areas mm², angles degrees; sentences in a unit."""
    return rounded_tree({
        "of": "film" if seen.film else "frost",
        "outcomes": list(seen.outcomes),
        "faults": [{"kind": fault.kind, "at_mm": list(fault.where), "area_mm2": fault.area,
                    **({"by_hand": True} if fault.by_hand else {})} for fault in seen.faults],
        "crooked_deg": degrees(seen.crooked), "across_mm": seen.across, "up_mm": seen.up,
        "from_rim_mm": seen.from_rim, "edge_mm": seen.judged.edge, "hidden": seen.judged.hidden,
        "glare": seen.judged.glare, "likeness": seen.registered.likeness,
        "says": [in_words(said, unit) for said in seen.says],
    })
