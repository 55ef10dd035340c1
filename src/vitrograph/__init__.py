"""Vitrograph: vinyl resist stencils that fit the glass, from measuring to the etch."""

__version__ = "0.1.0"
