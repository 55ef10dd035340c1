"""Stencils laid on film: true shapes nested, piece of film after piece."""
