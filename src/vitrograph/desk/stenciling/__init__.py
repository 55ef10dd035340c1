"""The parts of the stencil card: the sheet, mends, ties, and the work."""
