"""Cut: ordered blade paths, and the files a cutter, a printer or another program reads."""

from vitrograph.core.cut.hpgl import UNITS_PER_MM, to_hpgl
from vitrograph.core.cut.pdf import band_pdf, page_for, proof_pdf, to_pdf
from vitrograph.core.cut.plan import CutPlan, order_rings, plan_cut
from vitrograph.core.cut.svg import path_data, to_svg

__all__ = ["UNITS_PER_MM", "CutPlan", "band_pdf", "order_rings", "page_for", "path_data", "plan_cut",
           "proof_pdf", "to_hpgl", "to_pdf", "to_svg"]
