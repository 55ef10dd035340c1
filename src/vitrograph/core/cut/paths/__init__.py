"""What the blade does: lines by what they are, their curves, their order, and how the blade is led."""
