"""Gather the program's sentences for its translations, and pack those for the program: python docs/write_words.py

lupdate finds what stands in `tr`, `tr_later` and `Says`; what is kept as data is handed to it as a list. lrelease packs
each language's file. Both are the toolkit's own.
"""

import json
import subprocess
import sys
import tempfile
from pathlib import Path

import PySide6

PROGRAM = Path(__file__).parents[1] / "src" / "vitrograph"
WORDS = PROGRAM / "data" / "words"
_TOOLS = Path(PySide6.__file__).parent
_ALSO = "tr+=tr_later,tr+=Says"                        # what takes a sentence first, beside `tr`


def gather(place: Path) -> None:
    """Bring a language's file up to date with the sentences in the program; translations that fit are kept."""
    with tempfile.TemporaryDirectory() as folder:
        data = Path(folder) / "data.py"
        data.write_text("".join(f"tr_later({words!r})\n" for words in _in_data()), "utf-8")
        files = [*sorted(PROGRAM.rglob("*.py")), data]
        _run("lupdate", "-silent", "-locations", "none", "-no-obsolete", "-source-language", "en",
             "-tr-function-alias", _ALSO, *map(str, files), "-ts", str(place))


def pack(place: Path, packed: Path) -> None:
    """Pack a language's file for the program."""
    _run("lrelease", "-silent", "-nounfinished", str(place), "-qm", str(packed))


def _in_data() -> list[str]:
    """The words of what is shipped as data: glasses and recipes."""
    told = [one.get(name, "") for file,
            names in (("glasses", ("name", "notes")), ("recipes", ("name", "says", "others")))
            for one in json.loads((PROGRAM / "data" / f"{file}.json").read_text("utf-8")) for name in names]
    return list(dict.fromkeys(filter(None, told)))


def _run(tool: str, *words: str) -> None:
    done = subprocess.run([_TOOLS / tool, *words], capture_output=True, text=True)
    if done.returncode or "warning" in done.stderr.lower():
        sys.exit(f"{tool}: {done.stderr.strip()[:2000]}")


if __name__ == "__main__":
    for place in sorted(WORDS.glob("*.ts")):
        gather(place)
        pack(place, place.with_suffix(".qm"))
