"""Write the JSON Schemas of what an order and a workshop hold, for other programs: python docs/write_schemas.py

They are a promise: a bound, a usual value or a name that changes in them is a new version of the files.
"""

import json
from pathlib import Path

import msgspec

from vitrograph.core.glass import ShelvedGlass
from vitrograph.core.job import Order
from vitrograph.core.workshop import Workshop

HERE = Path(__file__).parent
KINDS: dict[str, type] = {"order": Order, "workshop": Workshop, "glass": ShelvedGlass}


def schema_of(kind: type) -> str:
    """A schema (draft 2020-12) as text."""
    told = {"$schema": "https://json-schema.org/draft/2020-12/schema", **msgspec.json.schema(kind)}
    return json.dumps(told, indent=1, ensure_ascii=False, sort_keys=True) + "\n"


if __name__ == "__main__":
    for name, made in KINDS.items():
        (HERE / f"{name}.schema.json").write_text(schema_of(made), "utf-8")
