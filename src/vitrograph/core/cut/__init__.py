"""Cut: stencils laid on film, blade paths in order, and the files a cutter or another program reads."""

from vitrograph.core.cut.files.dxf import sheet_dxf
from vitrograph.core.cut.files.hpgl import MOST_UNITS, UNITS_PER_MM, to_hpgl
from vitrograph.core.cut.files.sheet_png import sheet_png
from vitrograph.core.cut.files.sheet_svg import sheet_svg
from vitrograph.core.cut.files.svg import path_data, to_svg
from vitrograph.core.cut.laying.bed import Bed, BedSheet, Packer, bed_of
from vitrograph.core.cut.laying.closer import closer
from vitrograph.core.cut.laying.nest import Part
from vitrograph.core.cut.paths.blade import trail
from vitrograph.core.cut.paths.curves import corners_in
from vitrograph.core.cut.paths.lines import Line, lines_of, parting_lines
from vitrograph.core.cut.paths.sheet_run import SheetRun
from vitrograph.core.cut.plan import CutPlan, plan_cut
from vitrograph.core.cut.work import CutWork, Wanted, cut_on, cut_work, parts_of

__all__ = ["MOST_UNITS", "UNITS_PER_MM", "Bed", "BedSheet", "CutPlan", "CutWork", "Line", "Packer", "Part", "SheetRun",
           "Wanted", "bed_of", "closer", "corners_in", "cut_on", "cut_work", "lines_of", "parting_lines", "parts_of",
           "path_data", "plan_cut", "sheet_dxf", "sheet_png", "sheet_svg", "to_hpgl", "to_svg", "trail"]
