"""`vitrograph quick`: a whole order from one line of flags."""

from vitrograph.quick.flags import add_flags
from vitrograph.quick.order import quick_order

__all__ = ["add_flags", "quick_order"]
