"""Which of an evening's glasses something is about: the usual one, until the maker picks another."""

from collections.abc import Sequence

from vitrograph.core.etch import GlassWork
from vitrograph.core.language import tr
from vitrograph.desk.kit.fields import drop_down


class GlassChoice:
    """A list of the glasses. What was picked stays picked, wherever the hands go on, until `forget`."""

    def __init__(self, name: str) -> None:
        self.field = drop_down(name, tr("Which glass"))
        self.field.setToolTip(tr("Which glass"))
        self.field.activated.connect(lambda _row: self.pick(self.glass()))
        self._glasses: Sequence[GlassWork] = ()
        self._picked: GlassWork | None = None

    def pick(self, glass: GlassWork | None) -> None:
        """Pick a glass; None picks none."""
        self._picked = glass

    def forget(self) -> None:
        """What was picked is done with."""
        self._picked = None

    def glass(self) -> GlassWork | None:
        """The glass that is shown."""
        row = self.field.currentIndex()
        return self._glasses[row] if 0 <= row < len(self._glasses) else None

    def show(self, glasses: Sequence[GlassWork], broken: set[tuple[int, int]], usual: GlassWork | None) -> None:
        """Show every glass, and of them the one that was picked, else the usual one."""
        if self.field.view().isVisible():                     # somebody is choosing: the list stays under the hand
            return
        words = [tr("{glass}, broken", glass=one.called) if one.whose in broken else one.called
                 for one in glasses]
        if words != [self.field.itemText(row) for row in range(self.field.count())]:
            self.field.clear()
            self.field.addItems(words)
        self._glasses = glasses
        whose = [one.whose for one in glasses]
        wanted = [whose.index(one.whose) for one in (self._picked, usual)
                  if one is not None and one.whose in whose]
        self.field.setCurrentIndex(wanted[0] if wanted else -1)
        self.field.setVisible(len(glasses) > 1)
