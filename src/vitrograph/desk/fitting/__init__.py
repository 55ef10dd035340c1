"""The parts of the fit card: the ways of laying side by side, the place, the films, and trying it on paper."""
