"""Cut: stencils laid on film, blade paths in order, and the files a cutter or another program reads."""

from vitrograph.core.cut.files.dxf import sheet_dxf
from vitrograph.core.cut.files.hpgl import MOST_UNITS, UNITS_PER_MM, to_hpgl
from vitrograph.core.cut.files.sheet_svg import sheet_svg
from vitrograph.core.cut.files.svg import path_data, to_svg
from vitrograph.core.cut.laying.bed import Bed, BedSheet
from vitrograph.core.cut.paths.blade import trail
from vitrograph.core.cut.paths.sheet_run import SheetRun
from vitrograph.core.cut.plan import CutPlan, CutTally, plan_cut, tally_cut
from vitrograph.core.cut.work import CutWork, Wanted, cut_work

__all__ = ["MOST_UNITS", "UNITS_PER_MM", "Bed", "BedSheet", "CutPlan", "CutTally", "CutWork", "SheetRun", "Wanted",
           "cut_work", "path_data", "plan_cut", "sheet_dxf", "sheet_svg", "tally_cut", "to_hpgl", "to_svg", "trail"]
