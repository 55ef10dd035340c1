"""The stencil room of the desk: borders, ties, mends and what was found."""
