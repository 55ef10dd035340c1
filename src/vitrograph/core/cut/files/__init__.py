"""The files a cutter or another program reads."""
