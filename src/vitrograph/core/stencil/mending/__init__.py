"""Faults of film and openings, the mends that do away with them, and the fewest that do away with all."""
