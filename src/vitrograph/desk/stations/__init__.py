"""The nine bench cards, one module a station."""
