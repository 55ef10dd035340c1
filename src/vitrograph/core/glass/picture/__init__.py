"""A glass measured from a picture of its side."""
