"""What every room is made of: fields, cards, steps, lists, theme."""
