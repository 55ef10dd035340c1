"""Values of files that are shown as they are: in English each is its own word."""

from vitrograph.core.language import tr, tr_later

_VALUES = (
    tr_later("good"), tr_later("faint"), tr_later("uneven"), tr_later("leak at an edge"), tr_later("bled under"),
    tr_later("missed bit"), tr_later("crooked"), tr_later("drip"), tr_later("spoiled"),
    tr_later("leak"), tr_later("void"), tr_later("not pulled"), tr_later("came off"),
    tr_later("handle"), tr_later("seam"), tr_later("raised mark"), tr_later("other"), tr_later("foot"),
    tr_later("rim bead"), tr_later("stem and foot"),
    tr_later("ruler"), tr_later("tape"), tr_later("calipers"),
    tr_later("note"), tr_later("watch"), tr_later("stop"),
    tr_later("coat"), tr_later("rest"), tr_later("work"), tr_later("stir"), tr_later("check"),
    tr_later("thin"), tr_later("thick"), tr_later("dabbed"), tr_later("crossed"),
    tr_later("on the glass"), tr_later("as seen"), tr_later("on the film"),
    tr_later("rectangle"), tr_later("rounded"), tr_later("oval"), tr_later("diamond"), tr_later("shield"),
    tr_later("plaque"), tr_later("hexagon"), tr_later("arch"), tr_later("star"),
    tr_later("left"), tr_later("lower"), tr_later("right"), tr_later("upper"), tr_later("base"), tr_later("rim"),
    tr_later("ordinary"), tr_later("strengthened"), tr_later("bakeware"), tr_later("crystal"), tr_later("coated"),
    tr_later("coated inside"), tr_later("mirror"), tr_later("unknown"),
    tr_later("mat"), tr_later("roll"),
)
_FILMS = {"stencil": tr("stencil", "a kind of film"), "removable": tr("removable", "a kind of film"),
          "permanent": tr("permanent", "a kind of film"), "shelf": tr("shelf", "a kind of film")}
TURNINGS = {"free": tr("as it suits"), "quarter": tr("by quarters"), "none": tr("not: it has a grain")}    # of stencils


def word_of(value: str) -> str:
    """A value's word in the language that is spoken."""
    return tr(value)


def film_word(kind: str) -> str:
    """A kind of film in words, as it stands before *film*."""
    return _FILMS.get(kind, kind)
