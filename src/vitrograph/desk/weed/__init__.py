"""The weed room of the desk: bit by bit."""
