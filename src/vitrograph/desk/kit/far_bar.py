"""How far something is that takes its time off the window's thread, in a bar by which it can be stopped."""

from collections.abc import Callable

from vitrograph.core.language import capital
from vitrograph.desk.kit.ask_bar import Answer, AskBar

PutUp = Callable[[str, tuple[Answer, ...]], AskBar]


class FarBar:
    """Put up by the first that is told, by `put_up`, and gone when it is `done`."""

    def __init__(self, put_up: PutUp, stop: Answer) -> None:
        self._put_up, self._stop = put_up, stop
        self._bar: AskBar | None = None

    def tell(self, says: str) -> None:
        """Say how far it is."""
        if self._bar is None:
            self._bar = self._put_up("", (self._stop,))
        self._bar.ask(capital(says))

    def done(self) -> None:
        """Take the bar away."""
        if self._bar is not None:
            self._bar.leave()
        self._bar = None
