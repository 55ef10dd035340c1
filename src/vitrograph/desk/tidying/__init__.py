"""Tidying a drawing or a picture that the maker brought: its tones, its tracing, its mends."""
