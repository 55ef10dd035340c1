"""Writing a finished job out: the four files of a piece, each put in place whole or not at all."""

import json
from pathlib import Path

from vitrograph.core.artwork import provenance
from vitrograph.core.cut import band_pdf, to_hpgl, to_pdf, to_svg
from vitrograph.core.errors import JobFileError
from vitrograph.core.files import write_whole
from vitrograph.core.jobfile import save_job
from vitrograph.core.pipeline import Results
from vitrograph.core.plan import plan_of

_SMALL_PRINT = 130                 # letters that go on a line of the narrowest page


def svg_of(results: Results) -> bytes:
    """The stencil as SVG."""
    sheet = results.need_all().sheet
    assert sheet
    return to_svg(sheet, results.job.name).encode("utf-8")


def hpgl_of(results: Results) -> bytes:
    """The cut as HP-GL."""
    cut = results.need_all().cut
    assert cut
    return to_hpgl(cut).encode("ascii")


def pdf_of(results: Results) -> bytes:
    """The page at true size."""
    sheet, art = results.need_all().sheet, results.art
    assert sheet and art
    return to_pdf(sheet, results.job.name, "; ".join(provenance(art))[:_SMALL_PRINT])


def paper_of(results: Results) -> bytes:
    """The paper band at true size, to try the art on the glass before it is cut."""
    sheet = results.need_all().sheet
    assert sheet
    return band_pdf(sheet, results.job.name)


def plan_json_of(results: Results) -> bytes:
    """The plan as JSON text."""
    return (json.dumps(plan_of(results), indent=1, ensure_ascii=False) + "\n").encode("utf-8")


WRITERS = {"svg": svg_of, "hpgl": hpgl_of, "pdf": pdf_of, "paper": paper_of}
PACKET = {"stencil.svg": svg_of, "stencil.plt": hpgl_of, "stencil.pdf": pdf_of, "plan.json": plan_json_of}


def write_packet(results: Results, folder: Path) -> tuple[Path, ...]:
    """Write every file of a piece, and the job itself, into a folder that is made if need be. Raises JobFileError."""
    contents = {name: write(results) for name, write in PACKET.items()}
    try:
        folder.mkdir(parents=True, exist_ok=True)
    except OSError as error:
        raise JobFileError(f"the folder {folder} cannot be made ({error.strerror}): choose another") from None
    for name, content in contents.items():
        write_whole(folder / name, content)
    save_job(results.job, folder / "job.vitro")
    return tuple(folder / name for name in (*contents, "job.vitro"))
