"""Storing: the `.vitro` file, its migrations, and writing files whole."""
