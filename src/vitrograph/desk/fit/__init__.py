"""The fit room of the desk: the way of laying, the place, the film."""
