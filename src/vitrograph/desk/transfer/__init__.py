"""The transfer room of the desk: tape and setting."""
