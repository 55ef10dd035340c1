"""The packet: all of an order on paper, to work from at the bench."""

from vitrograph.core.paper.packet.packet import draw_packet, packet_pdf
from vitrograph.core.paper.packet.pictures import collar_pattern

__all__ = ["collar_pattern", "draw_packet", "packet_pdf"]
