"""Cut: ordered blade paths, and the files a cutter or another program reads."""

from vitrograph.core.cut.hpgl import UNITS_PER_MM, to_hpgl
from vitrograph.core.cut.order import order_rings
from vitrograph.core.cut.plan import CutPlan, CutTally, plan_cut, tally_cut
from vitrograph.core.cut.svg import path_data, to_svg

__all__ = ["UNITS_PER_MM", "CutPlan", "CutTally", "order_rings", "path_data", "plan_cut", "tally_cut", "to_hpgl",
           "to_svg"]
