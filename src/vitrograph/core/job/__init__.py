"""The order: the frozen tree of everything the maker decided, room by room."""

from vitrograph.core.job.artwork import Artwork, Item, Repeat, SizeRule, SizeSide, kind_of_item
from vitrograph.core.job.fit import Face, FilmGives, Fit, Mode, Stand
from vitrograph.core.job.glass import (
    BallGlass,
    CurvedGlass,
    Features,
    FlatGlass,
    Girth,
    Glass,
    KeepOut,
    MaterialName,
    Obstacle,
    StraightGlass,
    Taken,
    TaperedGlass,
    ToolName,
    Tools,
)
from vitrograph.core.job.items import (
    MOST_WORDS,
    Content,
    Drawing,
    EdgeName,
    FontFile,
    Mend,
    MendName,
    Monogram,
    MonogramStyle,
    OutlineName,
    Shape,
    Tone,
    ToneName,
    TraceChoices,
    Words,
)
from vitrograph.core.job.names import MOST_ROWS, Names, Row
from vitrograph.core.job.order import ORDER_VERSION, Design, Job, Order, Piece, Shared, new_id, piece_of
from vitrograph.core.job.settings import with_settings
from vitrograph.core.job.shared import (
    CutChoices,
    EtchChoices,
    FilmKind,
    Lying,
    SchoolName,
    SettingWay,
    Stock,
    TransferChoices,
    Turning,
)
from vitrograph.core.job.stencil import FilmMend, FilmMendName, StencilChoices, StencilKind, TieChoices

__all__ = [
    "MOST_ROWS", "MOST_WORDS", "ORDER_VERSION", "Artwork", "BallGlass", "Content", "CurvedGlass", "CutChoices",
    "Design", "Drawing", "EdgeName", "EtchChoices", "Face", "Features", "FilmGives", "FilmKind", "FilmMend",
    "FilmMendName", "Fit", "FlatGlass", "FontFile", "Girth", "Glass", "Item", "Job", "KeepOut", "Lying", "MaterialName",
    "Mend", "MendName", "Mode", "Monogram", "MonogramStyle", "Names", "Obstacle", "Order", "OutlineName", "Piece",
    "Repeat", "Row", "SchoolName", "SettingWay",
    "Shape", "Shared", "SizeRule", "SizeSide", "Stand", "StencilChoices", "StencilKind",
    "Stock", "StraightGlass", "Taken", "TaperedGlass", "TieChoices", "Tone", "ToneName", "ToolName", "Tools",
    "TraceChoices", "TransferChoices", "Turning", "Words", "kind_of_item", "new_id", "piece_of", "with_settings",
]
