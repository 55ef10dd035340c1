"""Paper: pages at true size, paper bands, and proofs."""

from vitrograph.core.paper.page import page_for
from vitrograph.core.paper.stencils import band_pdf, proof_pdf, to_pdf

__all__ = ["band_pdf", "page_for", "proof_pdf", "to_pdf"]
