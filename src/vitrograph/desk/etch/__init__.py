"""The etch room of the desk: the cream and its clock."""
