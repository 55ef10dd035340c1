"""The artwork room of the desk: items, words, faces, tidying, and handling on the views."""
