"""The art of the piece in hand as a whole: how large it is, how far from the rim, and put elsewhere."""

from collections.abc import Callable
from contextlib import suppress
from typing import Any

from vitrograph.core.artwork import Art, compose, place, sized
from vitrograph.core.errors import VitrographError
from vitrograph.core.fit import held_from_rim
from vitrograph.core.job import Artwork, Job
from vitrograph.core.job.change import Change, Resize
from vitrograph.core.language import tr
from vitrograph.core.results import Results


class ArtInHand:
    """What has a piece in hand, and edits its art."""

    job: Job
    free: bool                         # proportions may change when items are pulled

    @property
    def results(self) -> Results:
        """What is known of the piece in hand."""
        raise NotImplementedError

    def edit(self, label: str, *changes: Change, merge: int = 0, **values: Any) -> bool:
        """Change the order as one undo step."""
        raise NotImplementedError

    def attempt(self, work: Callable[[], object], told: str = "") -> bool:
        """Do what may be refused."""
        raise NotImplementedError

    def arrange(self, label: str, artwork: Artwork, *, merge: int = 0, top: float | None = None) -> bool:
        """Put items elsewhere as one undo step; those left alone keep their place on the glass.

        `top` is how high the new artwork reaches in its own frame, where that is known.
        """
        rim = self.rim_distance()
        if rim is None:
            return self.edit(label, merge=merge, artwork=artwork)
        before, after = self._top_of(self.job.artwork), self._top_of(artwork) if top is None else top
        step = 0.0 if before is None or after is None else after - before
        return self.edit(label, *held_from_rim(rim - step), merge=merge, artwork=artwork)

    def art(self) -> Art | None:
        """The art of the job in hand, worked out here if its results are not there yet; None where there is none."""
        if self.results.art is not None and self.results.job.artwork == self.job.artwork:
            return self.results.art
        try:
            return compose(self.job.artwork)
        except VitrographError:
            return None

    def resize(self, width: float | None = None, height: float | None = None) -> bool:
        """Bring all of the art to a width or a height, proportions kept unless they are free to change."""
        def change() -> None:
            art = self.art() or compose(self.job.artwork)
            if art.grown[0] != 1.0 and (width or art.grown[1] != 1.0):     # a row as large as the list's rule says
                self.edit(tr("The most a row may take"),
                          artwork__rule__most=width or art.size[0] * (height or art.size[1]) / art.size[1])
            elif self.free:
                free = sized(self.job.artwork, width or art.size[0], height or art.size[1])
                self.edit(tr("Overall size"), artwork=free)
            else:
                factor = width / art.size[0] if width else (height or 1.0) / art.size[1]
                self.edit(tr("Overall size"), Resize(factor, typed=True))

        return self.attempt(change)

    def rim_distance(self) -> float | None:
        """From the rim to the art's top, as asked for or as it has come to be; None where there is no art yet."""
        fitted = self.results.fitted
        fit = self.job.fit
        if fit.held == "top" and (fit.from_rim is not None or fitted is None):
            return fit.from_rim
        return None if fitted is None else fitted.from_rim

    def _top_of(self, artwork: Artwork) -> float | None:
        """How high the frosted items reach in the artwork's own frame."""
        tops = []
        for item in artwork.items:
            if item.shown and item.does == "frosts":
                with suppress(VitrographError):               # one that cannot be made is told of at its station
                    placed = place(item)
                    tops += [] if placed.shape.is_empty else [placed.box[3]]
        return max(tops, default=None)
