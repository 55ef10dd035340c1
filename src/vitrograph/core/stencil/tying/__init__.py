"""Ties that hold islands, and whether the film carries its own weight by them."""
