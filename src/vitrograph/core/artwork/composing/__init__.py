"""Composing: items placed, turned and joined to one two-tone shape."""
