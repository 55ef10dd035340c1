"""A widget and its object's name in one go: the toolkit takes it as a keyword that its type stubs do not know."""

from typing import TypeVar

from PySide6.QtCore import QObject

Named = TypeVar("Named", bound=QObject)


def named(made: Named, name: str) -> Named:
    """Give an object its name, for style sheets and for tests."""
    made.setObjectName(name)
    return made
