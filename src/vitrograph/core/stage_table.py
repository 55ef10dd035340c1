"""All stages of a piece, in the order they are worked out."""

from vitrograph.core.artwork.stage import STAGES as ARTWORK
from vitrograph.core.cut.stage import STAGES as CUT
from vitrograph.core.etch.stage import STAGES as ETCH
from vitrograph.core.fit.stage import STAGES as FIT
from vitrograph.core.glass.stage import STAGES as GLASS
from vitrograph.core.stages import Stage
from vitrograph.core.stencil.stage import STAGES as STENCIL
from vitrograph.core.transfer.stage import STAGES as TRANSFER
from vitrograph.core.weed.stage import STAGES as WEED

_BY_NAME = {stage.gives: stage for stage in (*GLASS, *ARTWORK, *FIT, *STENCIL, *CUT, *WEED, *TRANSFER, *ETCH)}
# what is drawn comes first; the checks come last: they take longest, and only weeding and transfer wait for them
STAGES: tuple[Stage, ...] = tuple(_BY_NAME[name] for name in (
    "wall", "art", "mapped", "fitted", "sheet", "room", "assessed", "cut", "etch", "stencil_findings", "demands",
    "weed", "transfer", "fit_findings"))
