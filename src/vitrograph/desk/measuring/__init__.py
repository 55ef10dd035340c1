"""The measuring helpers: beside the glass station, one page for each way to be surer of a glass."""
