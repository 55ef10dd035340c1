"""Paper: pages at true size, also in tiles, patterns for a knife, paper bands, and proofs."""

from vitrograph.core.paper.page import page_for
from vitrograph.core.paper.patterns import knife_patterns, stencil_pattern
from vitrograph.core.paper.stencils import band_pdf, patch_pdf, proof_pdf, to_pdf
from vitrograph.core.paper.tiles import PaperName, tiled_pdf

__all__ = ["PaperName", "band_pdf", "knife_patterns", "page_for", "patch_pdf", "proof_pdf", "stencil_pattern",
           "tiled_pdf", "to_pdf"]
