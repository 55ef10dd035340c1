"""The packet: all of an order on paper, to work from at the bench."""

from vitrograph.core.paper.packet.at_station import PRINTED, draw_station
from vitrograph.core.paper.packet.packet import draw_packet, packet_pdf
from vitrograph.core.paper.packet.pictures import collar_pattern

__all__ = ["PRINTED", "collar_pattern", "draw_packet", "draw_station", "packet_pdf"]
