"""Flags that mean nothing for what is made: told, since something else may have been meant by them."""

import argparse
from collections.abc import Iterator

from vitrograph.core.language import tr
from vitrograph.quick.glass import FRAMES, hidden_edge

_ROUND = ("straight", "taper")
_GLASSES = {"top": _ROUND, "bottom": _ROUND, "height": _ROUND, "slant": _ROUND, "measured": (*_ROUND, "curved"),
            "stations": ("curved",), "diameter": ("ball",), "size": ("flat",), "outline": ("flat",)}
_ITEMS = {"font": ("text", "monogram"), "monogram_style": ("monogram",), "name_in_monogram": ("monogram",),
          "threshold": ("art",), "background": ("art",), "simplify": ("art",), "licence": ("art",)}
_SAYS_ITEM = {"text": tr("words (--text)"), "monogram": tr("a monogram (--monogram)"), "art": tr("a drawing (--art)")}


def idle_flags(options: argparse.Namespace) -> Iterator[str]:
    """A sentence for each flag that differs from what it usually is (`options.usual`) and is of no use here."""
    made = {kind for kind, _ in options.items or [("text", "")]}
    for name, glasses in _GLASSES.items():
        if _given(options, name) and options.glass not in glasses:
            yield _for_glasses(_flag(name), glasses, options.glass)
    if hidden_edge(options) and options.glass != "flat":
        yield _for_glasses("--frame L", ("flat",), options.glass)
    for name, kinds in _ITEMS.items():
        if _given(options, name) and made.isdisjoint(kinds):
            yield _for_item(_flag(name), kinds[0])
    if "monogram" not in made and any(word in FRAMES for word in options.frame):
        yield _for_item("--frame SHAPE", "monogram")
    if options.names is not None and _given(options, "count"):
        yield tr("--count is not used with a list of names: its column count says how many are made of a row")


def _given(options: argparse.Namespace, name: str) -> bool:
    return bool(getattr(options, name) != options.usual(name))


def _for_glasses(flag: str, glasses: tuple[str, ...], kind: str) -> str:
    return tr("{flag} is for --glass {kinds}, and is not used for {kind}", flag=flag, kinds=" | ".join(glasses),
              kind=kind)


def _for_item(flag: str, kind: str) -> str:
    return tr("{flag} is not used without {what}", flag=flag, what=_SAYS_ITEM[kind])


def _flag(name: str) -> str:
    return f"--{name.replace('_', '-')}"
