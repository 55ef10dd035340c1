"""What the artwork station's card is made of: the list of pieces, a panel for each kind, the chooser of faces."""
