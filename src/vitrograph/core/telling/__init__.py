"""Telling: results as answers, sentences and plain data, in the maker's unit."""
