"""The cut room of the desk: the blade and its simulated cutter."""
