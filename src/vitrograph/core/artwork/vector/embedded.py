"""Pictures that a drawing carries inside it, as data URLs (RFC 2397)."""

import base64
import binascii


def embedded_picture(href: str) -> bytes | None:
    """The picture in a data URL; None where there is none that can be traced."""
    head, _, body = href.partition(",")
    if ";base64" not in head or "svg" in head:
        return None
    try:
        return base64.b64decode("".join(body.split()), validate=False)
    except (binascii.Error, ValueError):
        return None
