"""The glass room of the desk: what is measured, helpers beside the card, the shelf."""
