"""Vitrograph: vinyl resist stencils that fit the glass, from measuring to the etch."""

import os

# the matrices here are small: threads of the linear algebra library would only wait for each other, and for the window
os.environ.setdefault("OPENBLAS_NUM_THREADS", "1")

__version__ = "0.1.0"
