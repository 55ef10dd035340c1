"""The logbook room of the desk: what was made."""
